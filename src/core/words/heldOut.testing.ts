import type { ObservationId } from '../knowledge/vocabulary'

/**
 * Sentences written before the reader had seen them, in other voices than those of its tables. At the first reading 35 of the
 * first forty and 50 of the sixty that came later were wholly right; what was general in the faults was mended since.
 */
export const heldOut: {
  text: string
  family: string | null
  must: Partial<Record<ObservationId, string | string[]>>
  not?: string[]
}[] = [
  {
    text: 'the loo fan has started making a dreadful screeching racket since easter',
    family: 'bath-exhaust-fan',
    must: { sound: 'squeal' },
  },
  {
    text: 'Shower room extractor is completely dead but the light that goes with it is okay',
    family: 'bath-exhaust-fan',
    must: { 'fan-state': 'dead' },
  },
  {
    text: 'my kitchen hood growls like a bear and the filters are dripping with fat',
    family: 'range-hood-fan',
    must: { sound: 'grinding' },
  },
  {
    text: 'cooker hood: speeds one and three fine, two is gone',
    family: 'range-hood-fan',
    must: { speeds: 'some-missing' },
  },
  {
    text: 'ceiling fan in the nursery only turns if you give it a flick to get going',
    family: 'ceiling-fan',
    must: { 'nudge-start': 'starts-and-runs' },
  },
  {
    text: 'ceiling fan, all speeds feel the same, slow',
    family: 'ceiling-fan',
    must: { speeds: 'all-slow' },
  },
  {
    text: 'Attic fan quit working during the lightning storm on Sunday',
    family: 'attic-vent-fan',
    must: { 'fan-state': 'dead', onset: 'after-a-storm-or-outage' },
  },
  {
    text: 'the big fan up in the loft smells burnt and you can not leave your hand on the motor',
    family: 'attic-vent-fan',
    must: { smell: 'burnt', 'case-heat': 'too-hot-to-touch' },
  },
  {
    text: 'Furnace comes on, burners light, but blower does not start',
    family: 'furnace-blower',
    must: { 'fan-state': 'dead', companion: 'yes' },
  },
  {
    text: 'blower on the furnace keeps running day and night',
    family: 'furnace-blower',
    must: { 'fan-state': 'wont-stop' },
  },
  {
    text: 'hardly any air out of the registers, furnace blower sounds ok',
    family: 'furnace-blower',
    must: { 'air-flow': 'weak' },
  },
  {
    text: 'draft inducer motor rattles at start up then settles',
    family: 'draft-inducer',
    must: { sound: 'rattle' },
  },
  {
    text: 'inducer shaft is seized, will not budge by hand',
    family: 'draft-inducer',
    must: { 'free-spin': 'seized' },
  },
  {
    text: 'A/C condenser outside just hums, blade stands still, if I spin it with a stick it runs',
    family: 'outdoor-unit-fan',
    must: { 'nudge-start': 'starts-and-runs' },
  },
  {
    text: 'outdoor unit fan turns the wrong way after the electrician swapped the motor',
    family: 'outdoor-unit-fan',
    must: { onset: 'after-a-repair' },
  },
  {
    text: 'top of the run capacitor has domed up on the outdoor unit',
    family: 'outdoor-unit-fan',
    must: { 'capacitor-look': 'bulged-or-leaking' },
  },
  {
    text: 'indoor unit of our ductless is icing and no air',
    family: 'mini-split-indoor-fan',
    must: { 'air-flow': 'none' },
  },
  {
    text: 'mini split head makes a ticking noise when swinging',
    family: 'mini-split-indoor-fan',
    must: { sound: 'clicking' },
  },
  {
    text: 'freezer is all frosted up on the back wall and food is getting soft',
    family: 'refrigerator-evaporator-fan',
    must: { 'temperature-effect': 'food-warming' },
  },
  {
    text: 'the fan in my freezer compartment squeaks like a mouse',
    family: 'refrigerator-evaporator-fan',
    must: { sound: 'squeal' },
  },
  {
    text: 'fan under the refrigerator next to the compressor is caked in dust',
    family: 'refrigerator-condenser-fan',
    must: { fouling: ['dirty', 'debris'] },
  },
  {
    text: 'caravan heater blower runs for a few seconds and then cuts out',
    family: 'rv-furnace-blower',
    must: { 'fan-state': 'starts-then-stops' },
  },
  {
    text: 'rv furnace: brushes worn to nothing',
    family: 'rv-furnace-blower',
    must: { 'brush-length': 'worn-short' },
  },
  {
    text: 'pellet stove exhaust motor is howling',
    family: 'pellet-stove-exhaust-blower',
    must: { sound: ['squeal', 'roar'] },
  },
  {
    text: 'pellet stove combustion fan full of ash',
    family: 'pellet-stove-exhaust-blower',
    must: { fouling: 'dirty' },
  },
  {
    text: 'our ERV has gone silent, mould on the window sills',
    family: 'hrv-fan',
    must: { 'temperature-effect': 'damp-or-mould' },
  },
  { text: 'heat recovery unit slower every month', family: 'hrv-fan', must: { onset: 'slower-over-months' } },
  {
    text: 'dehumidifier trips the gfci as soon as it is plugged in',
    family: 'dehumidifier-fan',
    must: { breaker: ['rcd-trips', 'trips-again-at-once'] },
  },
  {
    text: 'dehumidifier fan wheel is loose on the shaft',
    family: 'dehumidifier-fan',
    must: { hub: 'loose' },
  },
  {
    text: 'table fan hums but will not spin, spins easily by hand',
    family: 'other-fan',
    must: { 'free-spin': 'free' },
  },
  {
    text: 'it does not rattle, it does not squeal, it just will not go',
    family: null,
    must: { 'fan-state': 'dead' },
    not: ['sound'],
  },
  {
    text: 'no burning smell at all, motor only lukewarm',
    family: null,
    must: { 'case-heat': 'warm' },
    not: ['smell'],
  },
  { text: 'used to rattle, these days it is dead', family: null, must: { 'fan-state': 'dead' } },
  {
    text: '122 volts at the motor plug and it still does nothing',
    family: null,
    must: { 'motor-voltage': 'normal', 'fan-state': 'dead' },
  },
  { text: 'capacitor reads 3.1 on a 5', family: null, must: { 'capacitor-fan-reading': 'low' } },
  { text: 'set screw on the wheel had come loose', family: null, must: { hub: 'loose' } },
  {
    text: 'we painted the bathroom and now the fan is stuck',
    family: 'bath-exhaust-fan',
    must: { onset: 'after-painting-or-building-work' },
  },
  {
    text: 'the backdraft flap outside does not open any more on the bath fan',
    family: 'bath-exhaust-fan',
    must: { damper: 'stuck' },
  },
  {
    text: 'carbon monoxide alarm beeped while the furnace was on',
    family: 'furnace-blower',
    must: { 'danger-signs': 'co-alarm' },
  },
  { text: 'where can I buy a ceiling fan', family: 'ceiling-fan', must: {}, not: ['fan-state', 'sound'] },
  {
    text: 'extractor in the ensuite: pull the cord and nothing, not even a hum',
    family: 'bath-exhaust-fan',
    must: { 'fan-state': 'dead' },
  },
  {
    text: 'Bathroom vent fan wobbles and rattles since the painter took the grille off',
    family: 'bath-exhaust-fan',
    must: { sound: 'rattle' },
  },
  {
    text: 'our bath fan has become really noisy but still pulls the toilet paper',
    family: 'bath-exhaust-fan',
    must: { 'fan-state': 'runs-noisy' },
  },
  {
    text: 'WC fan runs on and on, never switches off',
    family: 'bath-exhaust-fan',
    must: { 'fan-state': 'wont-stop' },
  },
  {
    text: 'the range hood is greasy inside and hums without moving',
    family: 'range-hood-fan',
    must: { 'fan-state': 'hums' },
  },
  {
    text: 'hood over the stove: highest speed is the only one left',
    family: 'range-hood-fan',
    must: { speeds: 'only-high' },
  },
  {
    text: 'cooker hood motor is too hot to hold and smells burnt',
    family: 'range-hood-fan',
    must: { 'case-heat': 'too-hot-to-touch', smell: 'burnt' },
  },
  {
    text: 'kitchen extractor moves hardly any air, filters are new',
    family: 'range-hood-fan',
    must: { 'air-flow': 'weak' },
  },
  {
    text: 'Ceiling fan in the den just sits there humming quietly',
    family: 'ceiling-fan',
    must: { 'fan-state': 'hums' },
  },
  { text: 'the ceiling fan blows upwards now whatever I do', family: 'ceiling-fan', must: {} },
  { text: 'ceiling fan clicks on every turn', family: 'ceiling-fan', must: {} },
  { text: 'bedroom ceiling fan is wobbling badly', family: 'ceiling-fan', must: {} },
  {
    text: "Whole house fan in the hallway ceiling won't come on",
    family: 'attic-vent-fan',
    must: { 'fan-state': 'dead' },
  },
  { text: 'gable vent fan squeals in the mornings', family: 'attic-vent-fan', must: { sound: 'squeal' } },
  {
    text: 'attic ventilator stopped after a power cut',
    family: 'attic-vent-fan',
    must: { onset: 'after-a-storm-or-outage' },
  },
  {
    text: 'Furnace blower starts, runs five minutes, quits, starts again when cold',
    family: 'furnace-blower',
    must: { 'fan-state': 'starts-then-stops' },
  },
  {
    text: 'blower motor in the furnace buzzes, wheel turns freely by hand',
    family: 'furnace-blower',
    must: { 'free-spin': 'free' },
  },
  { text: 'furnace fan: breaker trips the moment the blower kicks in', family: 'furnace-blower', must: {} },
  {
    text: 'no heat in the rooms, blower is dead, the burner is on',
    family: 'furnace-blower',
    must: { 'fan-state': 'dead' },
  },
  { text: 'air handler fan only works on low', family: 'furnace-blower', must: {} },
  { text: 'Inducer fan screams at start', family: 'draft-inducer', must: {} },
  {
    text: 'the little fan on the furnace flue is stiff to turn',
    family: 'draft-inducer',
    must: { 'free-spin': 'stiff' },
  },
  { text: 'draft inducer is silent, 120 volts at its plug', family: 'draft-inducer', must: {} },
  {
    text: 'outside AC fan does not spin, compressor is humming',
    family: 'outdoor-unit-fan',
    must: { companion: 'yes' },
  },
  {
    text: 'condenser fan turns slowly and the pipe on top is hot',
    family: 'outdoor-unit-fan',
    must: { 'fan-state': 'slow' },
  },
  { text: 'heat pump outdoor fan runs backwards since the new motor', family: 'outdoor-unit-fan', must: {} },
  {
    text: 'the capacitor in my outdoor unit is swollen at the top',
    family: 'outdoor-unit-fan',
    must: { 'capacitor-look': 'bulged-or-leaking' },
  },
  {
    text: 'AC fan outdoors only goes if I help it with a stick',
    family: 'outdoor-unit-fan',
    must: { 'nudge-start': 'starts-and-runs' },
  },
  {
    text: 'mini split indoor blower makes a grinding noise',
    family: 'mini-split-indoor-fan',
    must: { sound: 'grinding' },
  },
  {
    text: 'wall mounted split unit, indoor fan dead but the louvre moves',
    family: 'mini-split-indoor-fan',
    must: { 'fan-state': 'dead' },
  },
  {
    text: 'freezer evaporator fan squeaks',
    family: 'refrigerator-evaporator-fan',
    must: { sound: 'squeal' },
  },
  {
    text: 'Fridge is warm, the fan inside the freezer does not run',
    family: 'refrigerator-evaporator-fan',
    must: { 'fan-state': 'dead' },
  },
  { text: 'inside fan of the freezer hits ice', family: 'refrigerator-evaporator-fan', must: {} },
  {
    text: 'the fan at the back of the fridge next to the compressor is still',
    family: 'refrigerator-condenser-fan',
    must: { 'fan-state': 'dead' },
  },
  {
    text: 'refrigerator condenser fan is full of dust and hums',
    family: 'refrigerator-condenser-fan',
    must: { 'fan-state': 'hums' },
  },
  {
    text: 'motorhome heater blower runs slow on the battery',
    family: 'rv-furnace-blower',
    must: { 'fan-state': 'slow' },
  },
  { text: 'RV furnace fan motor grinding', family: 'rv-furnace-blower', must: { sound: 'grinding' } },
  {
    text: 'pellet stove combustion blower squeals when warm',
    family: 'pellet-stove-exhaust-blower',
    must: { sound: 'squeal' },
  },
  {
    text: 'pellet stove exhaust fan dead, stove shows an error',
    family: 'pellet-stove-exhaust-blower',
    must: { 'fan-state': 'dead' },
  },
  { text: 'heat recovery ventilator hums louder than before', family: 'hrv-fan', must: { sound: 'hum' } },
  { text: 'HRV supply fan stopped, exhaust side still runs', family: 'hrv-fan', must: {} },
  {
    text: 'dehumidifier fan quit, compressor still runs',
    family: 'dehumidifier-fan',
    must: { companion: 'yes' },
  },
  { text: 'dehumidifer blows no air at all', family: 'dehumidifier-fan', must: { 'air-flow': 'none' } },
  { text: 'pedestal fan turns slow even on three', family: 'other-fan', must: { 'fan-state': 'slow' } },
  { text: 'greenhouse fan has a seized shaft', family: 'other-fan', must: { 'free-spin': 'seized' } },
  { text: 'box fan smells of burning plastic', family: 'other-fan', must: { smell: 'burnt' } },
  { text: 'it just stopped in the night', family: null, must: {} },
  { text: 'the breaker went twice today', family: null, must: {} },
  { text: 'motor is too hot to keep my hand on', family: null, must: { 'case-heat': 'too-hot-to-touch' } },
  { text: "there's a humming but nothing turns", family: null, must: { 'fan-state': 'hums' } },
  { text: 'not hot, not noisy, simply dead', family: null, must: { 'fan-state': 'dead' } },
  {
    text: 'bathroom fan used to squeal, now it is dead',
    family: 'bath-exhaust-fan',
    must: { 'fan-state': 'dead' },
  },
  {
    text: 'ceiling fan hums no more, it is just silent',
    family: 'ceiling-fan',
    must: { 'fan-state': 'dead' },
  },
  { text: 'furnace blower fine, inducer rattles', family: 'draft-inducer', must: { sound: 'rattle' } },
  {
    text: 'new capacitor fitted yesterday, outdoor fan still only hums',
    family: 'outdoor-unit-fan',
    must: { 'fan-state': 'hums' },
  },
  { text: 'range hood light works, fan nothing', family: 'range-hood-fan', must: { 'fan-state': 'dead' } },
  { text: 'attic fan belt snapped', family: 'attic-vent-fan', must: {} },
  {
    text: 'blower wheel in the furnace is loose on the shaft',
    family: 'furnace-blower',
    must: { hub: 'loose' },
  },
  {
    text: 'exhaust fan in the bath coasts for ages after switching off',
    family: 'bath-exhaust-fan',
    must: {},
  },
  { text: 'hood fan smells fishy and the case is warm', family: 'range-hood-fan', must: {} },
]
