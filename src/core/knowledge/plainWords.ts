import type { FamilyId, ObservationId } from './vocabulary'

/** Words people use for each family; the longest phrase found wins. */
export const familyWords: Record<FamilyId, string[]> = {
  'bath-exhaust-fan': [
    'bathroom fan',
    'bath fan',
    'bathroom exhaust',
    'exhaust fan',
    'shower fan',
    'extractor',
    'toilet fan',
    'bathroom',
    'washroom fan',
  ],
  'range-hood-fan': ['range hood', 'cooker hood', 'kitchen hood', 'hood', 'kitchen fan', 'extractor hood'],
  'ceiling-fan': ['ceiling fan', 'paddle fan'],
  'attic-vent-fan': [
    'attic fan',
    'whole house fan',
    'whole-house fan',
    'gable fan',
    'roof fan',
    'greenhouse fan',
    'barn fan',
  ],
  'furnace-blower': [
    'furnace blower',
    'furnace fan',
    'air handler',
    'blower motor',
    'furnace',
    'indoor blower',
    'house blower',
  ],
  'draft-inducer': [
    'draft inducer',
    'furnace inducer',
    'inducer fan',
    'inducer',
    'combustion blower',
    'flue fan',
    'power vent',
    'small fan on the furnace',
  ],
  'outdoor-unit-fan': [
    'outdoor unit',
    'condenser fan',
    'ac fan',
    'air conditioner fan',
    'outside unit',
    'heat pump fan',
    'outside part of the ac',
    'air conditioner',
    'heat pump',
    'ac unit',
    'outdoor fan',
    'cooling',
    ' ac ',
  ],
  'mini-split-indoor-fan': ['mini split', 'mini-split', 'ductless', 'wall unit', 'wall-hung', 'split indoor'],
  'refrigerator-evaporator-fan': [
    'freezer fan',
    'evaporator fan',
    'fan in the freezer',
    'fridge fan',
    'refrigerator fan',
    'freezer',
    'fridge',
    'refrigerator',
  ],
  'refrigerator-condenser-fan': [
    'fridge condenser',
    'fan behind the fridge',
    'fan under the fridge',
    'refrigerator condenser',
  ],
  'rv-furnace-blower': ['caravan', 'rv furnace', 'camper', 'motorhome', 'rv heater', ' rv '],
  'pellet-stove-exhaust-blower': ['pellet stove', 'pellet'],
  'hrv-fan': ['heat recovery', 'hrv', 'mvhr', 'ventilator', 'erv'],
  'dehumidifier-fan': ['dehumidifier', 'dehumidifer'],
  'other-fan': [],
}

export interface WordRule {
  pattern: RegExp
  findings: Partial<Record<ObservationId, string>>
}

// Any mention of gas and smell together: better one stop too many.
const gasSmell = /\bgas\b.*\bsmell|\bsmell\w*\b.*\bgas\b|gas leak/i

/** Plain words → findings. Later rules do not overwrite earlier ones. */
export const wordRules: WordRule[] = [
  { pattern: gasSmell, findings: { smell: 'gas' } },
  { pattern: /\b(co|carbon monoxide) (alarm|detector)/i, findings: { 'danger-signs': 'co-alarm' } },
  { pattern: /soot|flames? roll/i, findings: { 'danger-signs': 'soot-or-rollout' } },
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
  { pattern: /squeal|screech|squeak|whin(e|ing)/i, findings: { 'fan-state': 'runs-noisy', sound: 'squeal' } },
  { pattern: /grind|grinding|scrap(e|ing)/i, findings: { 'fan-state': 'runs-noisy', sound: 'grinding' } },
  { pattern: /rattl/i, findings: { 'fan-state': 'runs-noisy', sound: 'rattle' } },
  { pattern: /\broar/i, findings: { sound: 'roar' } },
  { pattern: /\bnois[ey]|\bloud/i, findings: { 'fan-state': 'runs-noisy' } },
  {
    pattern: /(little|less|no|weak|poor) (air|suction|flow)|weak flow|fogged|steam stays/i,
    findings: { 'fan-state': 'runs-little-air', 'air-flow': 'weak' },
  },
  {
    pattern:
      /dead|nothing happens|(won'?t|will not|does ?n'?t|does not|not) (start|turn on|run|work|come on|spin)|stopped|quit|gone quiet|not (running|working|turning|spinning)|no longer/i,
    findings: { 'fan-state': 'dead' },
  },
  {
    pattern: /(does ?n'?t|does not|won'?t|will not|not) (spin|turn)(ing)?\b|stands still|fan stands/i,
    findings: { direction: 'does-not-turn' },
  },
  // A compressor that runs has its call: the fan should be running now.
  {
    pattern: /compressor (still |is )?(runs|running|works|on)\b/i,
    findings: { companion: 'yes', 'should-run-now': 'yes' },
  },
  { pattern: /compressor (is )?(off|dead|not)/i, findings: { companion: 'no' } },
  { pattern: /light (still )?(works|on)/i, findings: { companion: 'yes' } },
  { pattern: /burn(t|ing|ed)? (smell|plastic)|smell(s|ed)? (of )?burn|smoke/i, findings: { smell: 'burnt' } },
  {
    pattern: /after (a |the )?(storm|lightning|power cut|outage)/i,
    findings: { onset: 'after-a-storm-or-outage' },
  },
  {
    pattern: /after (i |we |a |the |somebody )?(repair|replac|changed|new motor|new capacitor|fitted)/i,
    findings: { onset: 'after-a-repair', 'wiring-changed': 'yes' },
  },
  {
    pattern: /after (painting|the painters?|renovat|building work)/i,
    findings: { onset: 'after-painting-or-building-work' },
  },
  { pattern: /after (the |a )?(rain|flood|leak|water)/i, findings: { onset: 'after-water' } },
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
    pattern: /(starts?|goes|runs) (with|if|when) (a |i |you )?(push|nudge|poke|spin)/i,
    findings: { 'nudge-start': 'starts-and-runs', 'fan-state': 'hums' },
  },
  { pattern: /\b(frost|iced?|ice)\b/i, findings: { fouling: 'iced' } },
  { pattern: /\b(leaf|leaves|nest|wasp|debris)\b/i, findings: { fouling: 'debris' } },
]
