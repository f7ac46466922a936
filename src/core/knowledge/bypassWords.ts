import type { SwitchKind } from '../refit/types'

/**
 * Words by which people name what they hold, bridge or tape. A bypass is what it does, whatever it is called: these are
 * looked for in the part, the terminal and the mark of a line. Longer names come before shorter ones.
 */
export const switchWords: [SwitchKind, RegExp][] = [
  [
    'refrigerant-pressure',
    /\b(?:refrigerant|high|low|head|suction|hi|lo)[ -]*(?:side )?pressure\b|\b[hl]ps\b|\b[hl]p (?:switch|cut)/,
  ],
  ['pressure', /\bpressure\b|\bair[ -]?(?:proving|flow)\b|\bvacuum switch\b|\bproving switch\b|\bps\b/],
  ['rollout', /\broll[ -]?out\b|\bspill(?:age)?\b|\bblocked (?:vent|flue)\b|\bflue (?:switch|sensor)\b/],
  [
    'limit',
    /\blimits?\b|\bhi(?:gh)?[ -]?limit\b|\bhigh[ -]?temp(?:erature)?\b|\bover[ -]?temp(?:erature)?\b|\bover[ -]?heat\b|\bcut[ -]?outs?\b|\baux(?:iliary)? limit\b/,
  ],
  [
    'flame',
    /\bflame\b|\bthermocouple\b|\bthermopile\b|\bionisation\b|\bionization\b|\bfire eye\b|\bcad cell\b/,
  ],
  ['sail', /\bsail\b|\bvane switch\b/],
  ['float', /\bfloat\b|\bpan switch\b|\bcondensate (?:switch|overflow)\b|\boverflow\b|\bwater level\b/],
  ['fuse', /\bone[ -]?shot\b|\bfuses?\b|\bbreaker\b/],
  [
    'thermal',
    /\bthermal(?:ly)?\b|\bthermo[ -]?fuse\b|\btco\b|\bthermal protector\b|\bprotector\b|\bbi[ -]?metal\b|\bklixon\b/,
  ],
  ['overload', /\bover[ -]?load\b/],
  [
    'residual-current',
    /\brcds?\b|\bgfcis?\b|\bgfi\b|\brcbo\b|\brccb\b|\bresidual\b|\bground[ -]?fault\b|\bearth[ -]?leakage\b/,
  ],
  ['contactor', /\bcontactors?\b|\brelay\b|\bplunger\b/],
  ['door', /\bdoors?\b|\bpanel switch\b|\binterlock\b|\bcover switch\b|\baccess switch\b/],
  ['call', /\bcall\b|\bthermostat\b|\bstat\b|\br\b.{0,12}\b[wyg]\b|\b[wyg]\b.{0,12}\br\b/],
]

/** What people do to a switch so that it no longer switches. */
export const bypassVerbs =
  /\bby[ -]?pass(?:ed|ing|es)?\b|\bjump(?:er|ers|ered|ering|ed)?\b|\bbridg(?:e|ed|ing)\b|\bshort(?:ed|ing)?(?: out| across)?\b|\bdefeat(?:ed)?\b|\bcheat(?:er|ed)?\b|\bhold (?:in|down|closed|shut)\b|\bheld (?:in|down|closed|shut)\b|\btap(?:e|ed|ing)\b|\btie (?:back|down|in)\b|\btied (?:back|down|in)\b|\bwedg(?:e|ed)\b|\bpush(?:ed)? in\b|\bprop(?:ped)?\b|\blink(?:ed)? out\b|\bclip(?:ped)? across\b|\bwire(?:d)? across\b|\bpaper ?clip\b|\bfoil\b|\bstrap(?:ped)? (?:out|across)\b|\bdisabl(?:e|ed)\b|\boverrid(?:e|den)\b|\bforce(?:d)? (?:in|closed|on)\b/

/** A switch, sensor or jumper is meant: “tape on the pressure tube” only sticks a label on. */
export const switchMeant =
  /\bswitch(?:es)?\b|\bsensor\b|\bjump(?:er|ers|ered|ed)?\b|\bby[ -]?pass|\bbridg|\bshort|\bfuses?\b|\blimits?\b|\brcds?\b|\bgfcis?\b|\bcontactors?\b|\bprotector\b|\binterlock\b|\broll[ -]?out\b|\bover[ -]?load\b|\bcut[ -]?outs?\b|\bterminals?\b|\bcall\b/

/** Behind a number: a reading, and nothing that was done. */
export const figureUnits = new Set('ohm ohms v volt volts k mm cm inch inches in mv a amp amps'.split(' '))

/** Words that every line of a guard has beside its name; whatever else stands there is an act. */
export const beside = new Set(
  "the a an of on at in to for with and by from its it this that my our one two three four both all old new left right upper lower top bottom wire wires lead leads leg legs spade spades terminal terminals screw screws bracket cover plug connector pin pins side sides cup switch switches red white black blue brown yellow orange purple green grey gray pink 's number no".split(
    ' ',
  ),
)

/** What a forbidden one is there for, after "it". */
export const whatItGuards: Partial<Record<SwitchKind, string>> = {
  pressure: 'it keeps flue gas from coming into the room',
  limit: 'it keeps the heater from setting fire to the house',
  rollout: 'it stops a flame that has left its place',
  flame: 'it stops gas that does not burn',
  sail: 'it stops the burner where no air moves',
  float: 'it stops water before it runs over',
  fuse: 'it parts the wires before they burn',
  breaker: 'it parts the wires before they burn',
  ground: 'it takes a fault to the breaker instead of through a person',
  thermal: 'it parts a motor that has grown too hot, before it burns',
  overload: 'it parts a motor that has grown too hot, before it burns',
  'refrigerant-pressure': 'it keeps the refrigerant circuit from bursting',
  'residual-current': 'it parts the mains when current goes through a person',
  contactor: 'held in by hand it puts mains beside the fingers; the thermostat’s call does the same',
}

/** What may stand with power on, for a watched start or one live reading, and is undone before the job closes. */
export const allowedSwitches: SwitchKind[] = ['door', 'call']

/** Covers and housings of the machine: they are never "on the bench". */
export const machineCovers =
  /\b(?:panel|cover|door|grille|cabinet|casing|canopy|housing of the machine|service)\b/
