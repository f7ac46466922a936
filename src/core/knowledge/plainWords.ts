import type { ObservationId } from './vocabulary'

export interface WordRule {
  pattern: RegExp
  /** Heard even where the words say no: better one stop too many. */
  always?: true
  findings: Partial<Record<ObservationId, string>>
}

// Any mention of gas and smell together: better one stop too many.
const gasSmell = /\bgas\b.*\bsmell|\bsmell\w*\b.*\bgas\b|gas leak/i

/** Words before a match that turn it round: "no rattle", "does not hum", "doesn't make a noise". */
export const NEGATION =
  /(\b(no|not|never|without|neither|nor|no longer)|n't)( (a|any|the|really|much|more|make|makes|making))* $/i

/** Plain words → findings. Later rules do not overwrite earlier ones. */
export const wordRules: WordRule[] = [
  { pattern: gasSmell, always: true, findings: { smell: 'gas' } },
  {
    pattern: /\b(co|carbon monoxide) (alarm|detector)/i,
    always: true,
    findings: { 'danger-signs': 'co-alarm' },
  },
  { pattern: /soot|flames? roll/i, always: true, findings: { 'danger-signs': 'soot-or-rollout' } },
  {
    pattern: /starts? (and|then|but) (then )?(stops?|dies|quits)|cuts? out|shuts? off after|stops? after/i,
    findings: { 'fan-state': 'starts-then-stops' },
  },
  {
    pattern:
      /(won'?t|will not|does ?n'?t|does not|never) (stop|shut off|turn off|switch off)|runs? all the time|runs? constantly/i,
    findings: { 'fan-state': 'wont-stop' },
  },
  { pattern: /backwards?|wrong way|reverse/i, findings: { 'fan-state': 'runs-backwards' } },
  { pattern: /\bhum(s|ming)?\b|\bbuzz(es|ing)?\b/i, findings: { 'fan-state': 'hums', sound: 'hum' } },
  {
    pattern: /\bsometimes\b|on and off|intermittent|now and then/i,
    findings: { 'fan-state': 'intermittent' },
  },
  { pattern: /\bslow(ly|er)?\b|sluggish/i, findings: { 'fan-state': 'slow' } },
  {
    pattern: /squeal|screech|squeak|shriek|chirp|whin(e|es|ing)\b/i,
    findings: { 'fan-state': 'runs-noisy', sound: 'squeal' },
  },
  {
    pattern: /\bgrind|\bground (away|down)|scrap(e|es|ing)\b|growl/i,
    findings: { 'fan-state': 'runs-noisy', sound: 'grinding' },
  },
  {
    pattern: /rattl|clatter|\bknock(s|ing)?\b|vibrat|wobbl/i,
    findings: { 'fan-state': 'runs-noisy', sound: 'rattle' },
  },
  { pattern: /\broar/i, findings: { sound: 'roar' } },
  { pattern: /\bclick(s|ing)?\b/i, findings: { sound: 'clicking' } },
  { pattern: /\bnois[ey]|\bloud/i, findings: { 'fan-state': 'runs-noisy' } },
  {
    pattern:
      /(little|less|no|weak|poor) (air|suction|flow)|weak flow|fogged|steam stays|barely (blows|moves|pulls)|hardly (any|blows|pulls)|does ?n't (pull|suck|blow|move)( (any|much|enough|out))? ?(air|steam|smoke|smell)?|mirrors? (fog|steam)/i,
    findings: { 'fan-state': 'runs-little-air', 'air-flow': 'weak' },
  },
  {
    pattern:
      /\bdead\b|\bdied\b|nothing happens|(won'?t|will not|does ?n'?t|does not|not) (start|turn on|run|work|come on|spin)|stopped|quit|gone quiet|not (running|working|turning|spinning)|no longer (runs|works|turns|starts|spins)|gave up|given up|conked out|packed up|has died|is dead|not a sound|no sound at all|went silent|silent/i,
    findings: { 'fan-state': 'dead' },
  },
  {
    pattern: /(does ?n'?t|does not|won'?t|will not|not) (spin|turn)(ing)?\b|stands still|fan stands/i,
    findings: { direction: 'does-not-turn' },
  },
  // A compressor that runs has its call: the fan should be running now.
  {
    pattern: /compressor (still |is |is still )?(runs|running|works|working|on)\b/i,
    findings: { companion: 'yes', 'should-run-now': 'yes' },
  },
  { pattern: /compressor (is )?(off|dead|not)/i, findings: { companion: 'no' } },
  {
    pattern: /\blights? (still |is still |is )?(works?|working|on|comes? on)\b/i,
    findings: { companion: 'yes' },
  },
  {
    pattern:
      /burn(t|ing|ed)?( \w+)? (smell|plastic|odou?r)|smell(s|ed|ing)? (of |like )?(something )?(burn|hot plastic)|smok(e|ed|ing)\b/i,
    findings: { smell: 'burnt' },
  },
  {
    pattern:
      /(after|since|in) (a |the |that |last night's )?(thunder ?)?(storm|lightning|power cut|power failure|outage|surge|blackout)/i,
    findings: { onset: 'after-a-storm-or-outage' },
  },
  {
    pattern:
      /(after|since) (i |we |a |the |my |somebody |someone |they )*(repair|replac|change[ds]?\b|new motor|new capacitor|new fan|fit(ted)?\b|put in|swapp|install|rewir|work(ed)? on)/i,
    findings: { onset: 'after-a-repair', 'wiring-changed': 'yes' },
  },
  {
    pattern: /(after|since) (we |i |the |they )*(paint|plaster|renovat|decorat|building work|drywall)/i,
    findings: { onset: 'after-painting-or-building-work' },
  },
  {
    pattern:
      /(after|since) (the |a |that |heavy )*(rain|flood|leak|water|downpour)|got wet|water (got|ran|dripped) in/i,
    findings: { onset: 'after-water' },
  },
  {
    pattern: /(louder|worse|noisier) (over|for|every|each) (the )?(last )?(few )?(weeks?|days?)|grew/i,
    findings: { onset: 'grew-louder-over-weeks' },
  },
  {
    pattern: /(over|for) (the )?(last )?(few )?months|slower (and slower|every)/i,
    findings: { onset: 'slower-over-months' },
  },
  { pattern: /suddenly|all at once|from one (day|minute)|overnight/i, findings: { onset: 'suddenly' } },
  { pattern: /only (on )?high|high (only|works)/i, findings: { speeds: 'only-high' } },
  {
    pattern: /(some|one of the|two of the) speeds?|speed (is )?missing/i,
    findings: { speeds: 'some-missing' },
  },
  {
    pattern: /breaker (keeps )?(trips?|tripping)( again)?|trips the breaker/i,
    findings: { breaker: 'tripped-once' },
  },
  { pattern: /\b(gfci|rcd)\b/i, findings: { breaker: 'rcd-trips' } },
  {
    pattern: /warm air|not cooling|no cooling/i,
    findings: { 'temperature-effect': 'warm-air-from-cooling' },
  },
  { pattern: /no heat|not heating|house is cold/i, findings: { 'temperature-effect': 'no-heat' } },
  { pattern: /food (is )?warm|not cold/i, findings: { 'temperature-effect': 'food-warming' } },
  {
    pattern:
      /(starts?|goes|runs|spins) (up )?(with|if|when|after) (a |i |you |we )*(give it a )?(push|nudge|poke|spin|flick|help)/i,
    findings: { 'nudge-start': 'starts-and-runs', 'fan-state': 'hums' },
  },
  { pattern: /\b(frost|iced?|ice)\b/i, findings: { fouling: 'iced' } },
  { pattern: /\b(leaf|leaves|twigs?|nest|wasps?|debris)\b/i, findings: { fouling: 'debris' } },
]
