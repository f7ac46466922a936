import type { TestInfo } from './types'
import type { FamilyId, MotorKindId, ObservationId } from './vocabulary'

const PLAIN: FamilyId[] = ['bath-exhaust-fan', 'range-hood-fan', 'ceiling-fan', 'attic-vent-fan']
const CONTACTOR: FamilyId[] = ['outdoor-unit-fan', 'other-fan']
const LOW_VOLTAGE_CALL: FamilyId[] = [
  'furnace-blower',
  'draft-inducer',
  'outdoor-unit-fan',
  'attic-vent-fan',
  'rv-furnace-blower',
  'pellet-stove-exhaust-blower',
  'hrv-fan',
  'other-fan',
]
const WITH_CAPACITOR: MotorKindId[] = ['psc', 'psc-multispeed', 'capacitor-start']
const WITH_WINDINGS: MotorKindId[] = [
  'shaded-pole',
  'psc',
  'psc-multispeed',
  'split-phase',
  'capacitor-start',
  'brushed-dc',
]
/** What a fan does that turns at least for a while: only then is there air, a direction, a coast to look at. */
const TURNS = [
  'slow',
  'runs-noisy',
  'runs-little-air',
  'starts-then-stops',
  'intermittent',
  'runs-backwards',
  'runs-normally',
  'wont-stop',
]
const LIVE =
  'Meter and leads rated CAT III 600 V, leads in the V jack, range on volts. Power off, clip the probes on, hands away, power on, read, power off. You may decline it.'

/**
 * How each observation is made. Minutes are those of a person with a screwdriver who has not done it before;
 * tests of the same observation stand in order of preference.
 */
export const tests: Record<ObservationId, TestInfo[]> = {
  'fan-state': [
    {
      minutes: 1,
      risk: 'none',
      tools: ['hand'],
      needsPower: true,
      how: 'Ask for the fan at its control and watch it for a minute from where you stand.',
    },
  ],
  sound: [
    {
      minutes: 0.5,
      risk: 'none',
      tools: ['hand'],
      needsPower: true,
      how: 'Ask for the fan and listen beside it with the covers on.',
    },
  ],
  smell: [
    { minutes: 0.5, risk: 'none', tools: ['hand'], how: 'Smell at the grille or the vents of the case.' },
  ],
  onset: [
    {
      minutes: 0.5,
      risk: 'none',
      tools: ['hand'],
      how: 'Think back: when was it last right, and what changed?',
    },
  ],
  companion: [
    {
      minutes: 1,
      risk: 'none',
      tools: ['hand'],
      needsPower: true,
      how: 'Ask for the machine at its control and look whether its other load runs: compressor, burner, light or heater.',
      notFamilies: ['attic-vent-fan'],
    },
  ],
  'should-run-now': [
    {
      minutes: 0.5,
      risk: 'none',
      tools: ['hand'],
      how: 'Heat pumps stop the fan while they defrost, refrigerators with the door open, blowers start late, many units wait 3 to 5 minutes after power returns.',
    },
  ],
  'danger-signs': [
    {
      minutes: 0.5,
      risk: 'none',
      tools: ['hand'],
      how: 'Look for soot, oil at a pipe joint, water on wires, scorched supply wires; think of the CO alarm.',
    },
  ],
  'temperature-effect': [
    { minutes: 0.5, risk: 'none', tools: ['hand'], how: 'What does the household notice?' },
  ],
  'wiring-changed': [
    {
      minutes: 0.5,
      risk: 'none',
      tools: ['hand'],
      how: 'Has anybody moved wires or changed the motor or capacitor?',
    },
  ],
  breaker: [
    {
      minutes: 2,
      risk: 'none',
      tools: ['hand'],
      how: 'Look at the breaker, fuse or RCD. A tripped one is reset once, after the load has been checked; never twice.',
    },
  ],
  'air-flow': [
    {
      minutes: 1,
      risk: 'none',
      tools: ['hand'],
      needsPower: true,
      how: 'Hold a tissue to the grille, or feel at the outside hood.',
      after: { 'fan-state': TURNS },
    },
  ],
  direction: [
    {
      minutes: 1,
      risk: 'none',
      tools: ['hand'],
      needsPower: true,
      how: 'Compare the turn with the arrow on the housing, or see which way a tissue is blown.',
      after: { 'fan-state': TURNS },
    },
  ],
  speeds: [
    {
      minutes: 1.5,
      risk: 'none',
      tools: ['hand'],
      needsPower: true,
      how: 'Try each speed in turn, half a minute each.',
      families: [
        'ceiling-fan',
        'range-hood-fan',
        'furnace-blower',
        'dehumidifier-fan',
        'attic-vent-fan',
        'other-fan',
      ],
    },
  ],
  'coast-down': [
    {
      minutes: 1,
      risk: 'none',
      tools: ['hand'],
      needsPower: true,
      how: 'Switch it off from speed and count how long it keeps turning.',
      after: { 'fan-state': TURNS },
    },
  ],
  'nudge-start': [
    {
      minutes: 2,
      risk: 'live',
      tools: ['wooden-stick'],
      how: 'While it hums, push a blade in its running direction with a long dry wooden stick through the closed guard.',
      caution:
        'It may start at once. Never a hand, never metal, never with the guard off. The free-spin test with the power off tells nearly as much.',
      after: { 'fan-state': ['hums'] },
      notFamilies: [
        'mini-split-indoor-fan',
        'refrigerator-evaporator-fan',
        'draft-inducer',
        'furnace-blower',
        'pellet-stove-exhaust-blower',
      ],
    },
  ],
  'case-heat': [
    {
      minutes: 1,
      risk: 'dead',
      tools: ['hand', 'thermometer'],
      how: 'With the power off, bring the back of a hand near the motor case, then touch it briefly.',
      handsIn: true,
    },
  ],
  'free-spin': [
    {
      minutes: 3,
      risk: 'dead',
      tools: ['hand'],
      how: 'Turn the wheel one full turn by hand, power off. Feel for drag, grinding, rubbing, and a hub that slips.',
      handsIn: true,
    },
  ],
  hub: [
    {
      minutes: 3,
      risk: 'dead',
      tools: ['hand'],
      how: 'Hold the shaft, try to turn the wheel on it; look for cracks and a missing weight.',
      handsIn: true,
    },
  ],
  fouling: [
    {
      minutes: 3,
      risk: 'dead',
      tools: ['hand'],
      how: 'Look at the wheel and the motor slots with a lamp: lint, grease, paint, ice, a leaf, a nest.',
      handsIn: true,
    },
  ],
  mounting: [
    {
      minutes: 2,
      risk: 'dead',
      tools: ['hand'],
      how: 'Push the motor, its bracket and the covers: nothing should give.',
      handsIn: true,
    },
  ],
  belt: [
    {
      minutes: 2,
      risk: 'dead',
      tools: ['hand'],
      how: 'Look at the belt and press it midway between the pulleys: about a finger of slack.',
      handsIn: true,
      families: ['attic-vent-fan', 'furnace-blower', 'other-fan'],
    },
  ],
  damper: [
    {
      minutes: 2,
      risk: 'none',
      tools: ['hand'],
      how: 'Lift the flap by hand, and look whether it opens when the fan runs.',
      families: ['bath-exhaust-fan', 'range-hood-fan', 'attic-vent-fan', 'hrv-fan', 'other-fan'],
    },
  ],
  'vent-path': [
    {
      minutes: 5,
      risk: 'none',
      tools: ['hand'],
      how: 'Look at filter, duct and outside hood.',
      notFamilies: ['ceiling-fan', 'outdoor-unit-fan'],
    },
  ],
  'drain-and-tube': [
    {
      minutes: 6,
      risk: 'dead',
      tools: ['hand'],
      how: 'Take the pressure tube and drain hose off their ports and look through; water or rust in them blocks the switch.',
      handsIn: true,
      families: ['draft-inducer', 'furnace-blower', 'pellet-stove-exhaust-blower', 'rv-furnace-blower'],
    },
  ],
  connections: [
    {
      minutes: 4,
      risk: 'dead',
      tools: ['hand'],
      how: 'Look at every plug, splice and terminal: brown, melted, loose, green.',
      handsIn: true,
    },
  ],
  'safety-switches': [
    {
      minutes: 6,
      risk: 'dead',
      tools: ['meter'],
      how: 'One wire off each, ohm range. Limit, rollout, float and pressed door switches are closed at rest; pressure and sail switches are open at rest.',
      handsIn: true,
      families: [
        'furnace-blower',
        'draft-inducer',
        'outdoor-unit-fan',
        'refrigerator-evaporator-fan',
        'rv-furnace-blower',
        'pellet-stove-exhaust-blower',
        'hrv-fan',
        'dehumidifier-fan',
        'other-fan',
      ],
    },
  ],
  'wall-switch': [
    {
      minutes: 8,
      risk: 'dead',
      tools: ['meter'],
      how: 'Breaker off and proved, one wire off the switch: near zero on, over-range off.',
      handsIn: true,
      families: [...PLAIN, 'rv-furnace-blower', 'hrv-fan', 'dehumidifier-fan', 'other-fan'],
    },
  ],
  'supply-voltage': [
    {
      minutes: 4,
      risk: 'live',
      tools: ['meter'],
      how: 'Read the volts where the supply enters the unit.',
      caution: LIVE,
    },
  ],
  'control-voltage': [
    {
      minutes: 4,
      risk: 'live',
      tools: ['meter'],
      how: 'With the call on, read the volts across the coil or the call terminals.',
      caution: `${LIVE} Mains stands beside the 24 V terminals.`,
      families: LOW_VOLTAGE_CALL,
    },
    {
      minutes: 3,
      risk: 'none',
      tools: ['hand'],
      how: 'A fresh battery in the remote, then press each button: the lamp of the remote lights and the receiver beeps or clicks (present), or nothing does (none).',
      families: ['ceiling-fan', 'mini-split-indoor-fan'],
    },
    {
      minutes: 6,
      risk: 'dead',
      tools: ['meter'],
      how: 'Plug out, humidistat at its driest, one wire off it, ohm range: near zero is a call that is present, over-range is none.',
      handsIn: true,
      families: ['dehumidifier-fan'],
    },
  ],
  'contactor-position': [
    {
      minutes: 1,
      risk: 'none',
      tools: ['hand'],
      needsPower: true,
      how: 'With the call on, listen for the clack and look through the opening: is the moving bar pulled in? Do not push it.',
      families: CONTACTOR,
    },
  ],
  'contactor-output': [
    {
      minutes: 4,
      risk: 'live',
      tools: ['meter'],
      how: 'With the contactor in, read the volts between its two load terminals.',
      caution: LIVE,
      families: CONTACTOR,
      after: { 'contactor-position': ['pulled-in'] },
    },
  ],
  'motor-voltage': [
    {
      minutes: 5,
      risk: 'live',
      tools: ['meter'],
      how: 'With the call on, read the volts at the motor leads or the output of the board.',
      caution: LIVE,
    },
  ],
  'contactor-coil': [
    {
      minutes: 4,
      risk: 'dead',
      tools: ['meter'],
      how: 'Call off, power off, one wire off the coil: 24 V coils read about 5 to 50 Ω.',
      handsIn: true,
      families: CONTACTOR,
    },
  ],
  'capacitor-look': [
    {
      minutes: 3,
      risk: 'dead',
      tools: ['hand'],
      how: 'Look at the top of the capacitor: flat or domed? Oil, burns, cracks, rust? A motor without one has none.',
      handsIn: true,
      kinds: WITH_CAPACITOR,
    },
  ],
  'capacitor-fan-reading': [
    {
      minutes: 6,
      risk: 'dead',
      tools: ['meter-capacitance'],
      how: 'Discharge it, take every wire off the section, wait for the reading to settle.',
      handsIn: true,
      kinds: WITH_CAPACITOR,
    },
  ],
  'capacitor-other-reading': [
    {
      minutes: 2,
      risk: 'dead',
      tools: ['meter-capacitance'],
      how: 'The same between C and HERM, wires off.',
      handsIn: true,
      families: ['outdoor-unit-fan', 'dehumidifier-fan', 'other-fan'],
    },
  ],
  'capacitor-label-match': [
    {
      minutes: 2,
      risk: 'dead',
      tools: ['hand'],
      how: 'Compare the µF on the capacitor with the µF that the motor plate asks for.',
      handsIn: true,
      kinds: WITH_CAPACITOR,
    },
  ],
  winding: [
    {
      minutes: 6,
      risk: 'dead',
      tools: ['meter'],
      how: 'Capacitor off, leads off their terminals, zero the probes, read every pair.',
      handsIn: true,
      kinds: WITH_WINDINGS,
    },
  ],
  'to-frame': [
    {
      minutes: 2,
      risk: 'dead',
      tools: ['meter'],
      how: 'Highest ohm range, each lead to bare metal of the motor frame.',
      handsIn: true,
    },
    {
      minutes: 4,
      risk: 'dead',
      tools: ['megger'],
      how: 'Insulation tester at 500 V, leads off everything; never through a module or board.',
      handsIn: true,
      kinds: ['shaded-pole', 'psc', 'psc-multispeed', 'split-phase', 'capacitor-start'],
    },
  ],
  'cold-retest': [
    {
      minutes: 60,
      risk: 'dead',
      tools: ['meter'],
      how: 'Leave the motor off for an hour until the case is cold, then read the open pair again.',
      handsIn: true,
      after: { winding: ['open'] },
    },
  ],
  'module-look': [
    {
      minutes: 15,
      risk: 'dead',
      tools: ['hand'],
      how: 'Power off, wait for the time on the label (10 minutes at least), take the module off its two long bolts, look for burnt parts and water marks.',
      handsIn: true,
      kinds: ['ecm'],
    },
  ],
  'module-supply': [
    {
      minutes: 6,
      risk: 'live',
      tools: ['meter'],
      how: 'Power off, prove, open the mains plug of the module, clip on, power on, read, power off.',
      caution: `${LIVE} Never plug or unplug the motor under power. Where its plug carries a jumper it selects 120 V: note it.`,
      kinds: ['ecm'],
    },
  ],
  'phase-resistances': [
    {
      minutes: 8,
      risk: 'dead',
      tools: ['meter'],
      how: 'Module off, ohm range between the three motor pins in turn: equal within 10 %, none to the frame.',
      handsIn: true,
      kinds: ['ecm', 'bldc'],
    },
  ],
  'board-drive': [
    {
      minutes: 8,
      risk: 'live',
      tools: ['meter'],
      how: 'Read the motor supply and the command at the board as the sheet of the machine says.',
      caution: `${LIVE} The supply of a five-wire motor is several hundred volts DC and kills. Never plug or unplug it under power.`,
      kinds: ['bldc'],
    },
  ],
  'brush-length': [
    {
      minutes: 8,
      risk: 'dead',
      tools: ['hand'],
      how: 'Take the brushes out and compare them with their wear mark; renew below a third of new.',
      handsIn: true,
      kinds: ['brushed-dc'],
    },
  ],
}
