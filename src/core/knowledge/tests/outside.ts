import { CONTACTOR, TURNS } from './shared'
import type { TestTable } from './types'

/** Looked at, listened to or remembered, with the covers on. */
export const outsideTests = {
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
      how: 'Look at the breaker, fuse or RCD and reset nothing yet. If it has tripped, part the load first and read it dead: frame, capacitor, windings. Then reset it once with the load still parted. If it holds, the fault is in the load; if it trips, leave it off and call an electrician.',
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
  'board-code': [
    {
      minutes: 2,
      risk: 'none',
      tools: ['hand'],
      needsPower: true,
      how: 'Count the blinks of the board’s light through its window, twice, and look them up on the chart inside the door. Leave the power on until it is noted: many boards forget.',
      families: [
        'furnace-blower',
        'draft-inducer',
        'pellet-stove-exhaust-blower',
        'rv-furnace-blower',
        'mini-split-indoor-fan',
        'hrv-fan',
        'dehumidifier-fan',
      ],
    },
  ],
  'reversing-switch': [
    {
      minutes: 1,
      risk: 'dead',
      tools: ['hand'],
      how: 'With the fan off and still, look at the small slide switch on its housing, or the reverse button of the remote: which way does it stand?',
      families: ['ceiling-fan'],
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
} satisfies TestTable
