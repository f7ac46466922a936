import type { ObservationId } from '../knowledge/vocabulary'

/** Sentences written before the reader had seen them, in other voices than those of its tables; none of them made a rule. */
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
]
