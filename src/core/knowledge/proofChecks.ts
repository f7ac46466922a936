import type { FamilyId, ObservationId } from './vocabulary'

/** What is measured for a check: one figure, or the first less the second, against what is usual. */
export interface CheckFigure {
  quantity: 'amps' | 'volts' | 'celsius'
  inputs: readonly { field: string; label: string }[]
  /** In A, V, °C or, for a difference, K; the plate's own current where it is that. */
  window: 'plate-amps' | readonly [low: number | null, high: number | null]
  /** What to look at where it lies over or under it. */
  above: string
  below: string
}

export interface ProveCheck {
  id: string
  /** What to do. */
  act: string
  expect: string
  otherwise: string
  /** Answered before power returns. */
  dead?: boolean
  /** Done with hands at a wheel or a wire: asked for only while the machine is dead. */
  hands?: true
  /** Says that what was sealed has cured: true only once it has. */
  cured?: true
  /** Answered once gas is on and before anything else is: only where a union was opened. */
  gas?: boolean
  /** Looked at so many minutes after the start; the job may close before. */
  laterMinutes?: number
  /** What may be measured for it. */
  figure?: CheckFigure
  /** What a failed check says about the fault: entered as a finding, or chosen where it may be several. */
  fails?: { label: string; observation: ObservationId; value: string }[]
}

const DAY = 24 * 60

const spin: ProveCheck = {
  id: 'hand-spin',
  act: 'Turn the wheel a full turn by hand',
  expect: 'it turns free, the gaps are equal, no wire comes near it',
  otherwise: 'Centre the wheel, and tie the wires away from it.',
  dead: true,
  hands: true,
  fails: [
    { label: 'it rubs', observation: 'free-spin', value: 'rubs' },
    { label: 'it is stiff', observation: 'free-spin', value: 'stiff' },
    { label: 'it is rough', observation: 'free-spin', value: 'rough' },
    { label: 'it slips on the shaft', observation: 'free-spin', value: 'slips-on-shaft' },
  ],
}
const closed: ProveCheck = {
  id: 'covers-on',
  act: 'Put the covers on, take the tools out, send people away from it',
  expect: 'nothing is left over',
  otherwise: 'Look at the cups again.',
  dead: true,
}
/** Asked before power comes back for one reading, with a cover off. */
export const readingCheck: ProveCheck = {
  id: 'reading-clear',
  act: 'For the reading: clip the probes on, cap loose ends one by one, keep hands and wires away from the wheel',
  expect: 'nothing has to be held while power is on',
  otherwise: 'Clip it on first; what has to be held under power is left out.',
  dead: true,
  hands: true,
}
/** Asked where wires were parted or landed. */
export const wiringCheck: ProveCheck = {
  id: 'wiring',
  act: 'See that each wire sits where the drawing or your photo has it, and tug at each wire',
  expect: 'every lead sits where it belongs and holds',
  otherwise: 'Land it again before power returns.',
  dead: true,
  hands: true,
  fails: [{ label: 'a wire is loose or burnt', observation: 'connections', value: 'loose-or-burnt' }],
}
const start: ProveCheck = {
  id: 'first-start',
  act: 'Start it with the hand near the switch',
  expect: 'it starts at once, without hum and without smell',
  otherwise: 'Switch it off at once. Wiring or capacitor comes first.',
  fails: [
    { label: 'it hums and stands', observation: 'fan-state', value: 'hums' },
    { label: 'nothing happens', observation: 'fan-state', value: 'dead' },
    { label: 'it is slow', observation: 'fan-state', value: 'slow' },
    { label: 'it smells burnt', observation: 'smell', value: 'burnt' },
    { label: 'the breaker trips', observation: 'breaker', value: 'tripped-once' },
  ],
}
const direction: ProveCheck = {
  id: 'direction',
  act: 'See which way it turns and where the air goes; an arrow on the housing or your photo tells what is right',
  expect: 'it turns as the arrow or photo says, and the air goes the right way',
  otherwise: 'Switch it off. Set the rotation as the motor’s diagram says.',
  fails: [{ label: 'it turns the wrong way', observation: 'direction', value: 'wrong' }],
}
const sound: ProveCheck = {
  id: 'sound',
  act: 'Listen, and compare with before',
  expect: 'nothing rubs and nothing rattles',
  otherwise: 'Switch it off. Look at hub, mount and wheel.',
  fails: [
    { label: 'it rattles', observation: 'sound', value: 'rattle' },
    { label: 'it grinds', observation: 'sound', value: 'grinding' },
    { label: 'it squeals', observation: 'sound', value: 'squeal' },
    { label: 'it hums', observation: 'sound', value: 'hum' },
  ],
}
const warm: ProveCheck = {
  id: 'warm',
  act: 'Judge the heat of the case after 15 minutes without opening anything: thermometer through the grille, infrared, or by smell and current',
  expect: 'it is warm, not hot, and nothing smells',
  otherwise: 'Switch it off. Compare the current with the plate; look at capacitor and speed.',
  laterMinutes: 15,
  fails: [{ label: 'it is too hot', observation: 'case-heat', value: 'too-hot-to-touch' }],
}
const nextDay: ProveCheck = {
  id: 'next-day',
  act: 'Look and listen again the next day',
  expect: 'it sounds and blows as it did',
  otherwise: 'Open a new job with what has changed.',
  laterMinutes: DAY,
}
/** Asked wherever a line was opened that carries fuel. */
export const leakCheck: ProveCheck = {
  id: 'leak-test',
  act: 'Put bubble solution on every gas union that was opened',
  expect: 'no bubble grows',
  otherwise: 'Shut the cock. This is for a licensed trade.',
  gas: true,
}
const current: ProveCheck = {
  id: 'current',
  act: 'Measure the running current and compare it with the plate',
  expect: 'at most the plate, and not under half of it',
  otherwise: 'Over: look at speed, capacitor, voltage. Under half: the wheel slips, or no air comes.',
  figure: {
    quantity: 'amps',
    inputs: [{ field: 'amps', label: 'Running current' }],
    window: 'plate-amps',
    above: 'Switch it off. Look at speed, capacitor and voltage.',
    below: 'The wheel slips, or no air comes.',
  },
}

const base = (...middle: ProveCheck[]): ProveCheck[] => [
  spin,
  closed,
  start,
  direction,
  ...middle,
  sound,
  warm,
  nextDay,
]

/** What proves the repair, in order, for each family. */
export const proveChecks: Record<FamilyId, ProveCheck[]> = {
  'bath-exhaust-fan': base(
    {
      id: 'tissue',
      act: 'Hold a tissue to the grille',
      expect: 'it stays there',
      otherwise: 'Flap, duct, wheel side.',
      fails: [{ label: 'little or no air', observation: 'air-flow', value: 'weak' }],
    },
    {
      id: 'flap',
      act: 'Look at the outside flap while it runs',
      expect: 'it opens',
      otherwise: 'Free the flap.',
      fails: [{ label: 'the flap stays shut', observation: 'damper', value: 'stuck' }],
    },
  ),
  'range-hood-fan': base(
    {
      id: 'speeds',
      act: 'Try each speed',
      expect: 'each one faster than the last',
      otherwise: 'Taps and switch.',
      fails: [
        { label: 'a speed is missing', observation: 'speeds', value: 'some-missing' },
        { label: 'all are slow', observation: 'speeds', value: 'all-slow' },
      ],
    },
    {
      id: 'flap',
      act: 'Look at the outside flap',
      expect: 'it opens',
      otherwise: 'Free the flap.',
      fails: [{ label: 'the flap stays shut', observation: 'damper', value: 'stuck' }],
    },
  ),
  'ceiling-fan': base(
    {
      id: 'speeds',
      act: 'Try each speed and the direction switch',
      expect: 'high is 1.5 to 3 times low',
      otherwise: 'Speed section or pull chain.',
      fails: [
        { label: 'a speed is missing', observation: 'speeds', value: 'some-missing' },
        { label: 'all are slow', observation: 'speeds', value: 'all-slow' },
      ],
    },
    {
      id: 'wobble',
      act: 'Watch the blade tips',
      expect: 'one path, no wobble',
      otherwise: 'Blade order and screws.',
      fails: [{ label: 'it wobbles', observation: 'hub', value: 'out-of-balance' }],
    },
  ),
  'attic-vent-fan': base({
    id: 'louvre',
    act: 'Look at the louvres',
    expect: 'open while it runs',
    otherwise: 'Free the louvres.',
    fails: [{ label: 'the louvres stay shut', observation: 'damper', value: 'stuck' }],
  }),
  'furnace-blower': base(
    current,
    {
      id: 'sequence',
      act: 'Let one whole heating cycle run',
      expect: 'blower 30 to 90 s after flame; runs on at the end',
      otherwise: 'Board wires and speed leads.',
    },
    {
      id: 'drain',
      act: 'Look under the trap',
      expect: 'trap refilled, no water',
      otherwise: 'Hose and clamp.',
    },
  ),
  'draft-inducer': [
    spin,
    closed,
    leakCheck,
    {
      id: 'joints',
      act: 'Vent clamp, seal and drain made good, sealant cured',
      cured: true,
      expect: 'complete, CO alarm on the floor',
      otherwise: 'Do not start it.',
      dead: true,
    },
    start,
    direction,
    {
      id: 'sequence',
      act: 'Watch one whole start',
      expect: 'inducer at once, pressure switch within 15 s, glow, flame, blower',
      otherwise: 'Tube, drain, port.',
    },
    sound,
    warm,
    nextDay,
  ],
  'outdoor-unit-fan': base(
    current,
    {
      id: 'air-up',
      act: 'Feel above the grille',
      expect: 'warm air up and out',
      otherwise: 'Direction, blade side, depth.',
      fails: [
        { label: 'the air goes the wrong way', observation: 'air-flow', value: 'wrong-way' },
        { label: 'little air', observation: 'air-flow', value: 'weak' },
      ],
    },
    {
      id: 'split',
      act: 'Measure return minus supply air after 15 minutes',
      laterMinutes: 15,
      expect: '9 to 12 K (16 to 22 °F)',
      otherwise: 'Filter, blower; refrigerant is a licensed trade’s.',
      figure: {
        quantity: 'celsius',
        inputs: [
          { field: 'return', label: 'Return air' },
          { field: 'supply', label: 'Supply air' },
        ],
        window: [9, 12.3],
        above: 'Too little air passes: filter, blower, closed grilles.',
        below: 'Look at filter, blower and outdoor fan; refrigerant is a licensed trade’s.',
      },
    },
  ),
  'mini-split-indoor-fan': base({
    id: 'speeds',
    act: 'Try each speed',
    expect: 'each one as named',
    otherwise: 'Plug and feedback wire.',
    fails: [
      { label: 'a speed is missing', observation: 'speeds', value: 'some-missing' },
      { label: 'all are slow', observation: 'speeds', value: 'all-slow' },
    ],
  }),
  'refrigerator-evaporator-fan': base({
    id: 'cold',
    act: 'Read the freezer after 12 hours, and put the food back then',
    laterMinutes: 12 * 60,
    expect: '−18 °C or colder, no new frost: the food goes in after that',
    otherwise: 'Defrost fault behind it.',
    figure: {
      quantity: 'celsius',
      inputs: [{ field: 'freezer', label: 'Freezer' }],
      window: [null, -18],
      above: 'Look at frost, fan and defrost.',
      below: '',
    },
  }),
  'refrigerator-condenser-fan': base({
    id: 'cold',
    act: 'Read the fridge after 12 hours, and put the food back then',
    laterMinutes: 12 * 60,
    expect: '4 °C or colder: the food goes in after that',
    otherwise: 'Coil dirt, compressor.',
    figure: {
      quantity: 'celsius',
      inputs: [{ field: 'fridge', label: 'Fridge' }],
      window: [null, 4.4],
      above: 'Look at the coil, and whether the compressor runs.',
      below: '',
    },
  }),
  'rv-furnace-blower': [
    spin,
    closed,
    leakCheck,
    start,
    direction,
    {
      id: 'sail',
      act: 'Watch one whole start',
      expect: 'sail switch closes, then flame',
      otherwise: 'Wheel position, battery under load.',
    },
    {
      id: 'volts',
      act: 'Volts at the motor while it runs',
      expect: '10.5 V or more',
      otherwise: 'Battery or wiring.',
      figure: {
        quantity: 'volts',
        inputs: [{ field: 'volts', label: 'At the motor' }],
        window: [10.5, null],
        above: '',
        below: 'Look at the battery under load, and at the wires.',
      },
      fails: [{ label: 'less than 10.5 V', observation: 'motor-voltage', value: 'low' }],
    },
    sound,
    nextDay,
  ],
  'pellet-stove-exhaust-blower': base({
    id: 'seal',
    act: 'Look round the gasket with a lamp, stove lit',
    expect: 'no smoke',
    otherwise: 'Everybody out of the room, stove off. Reseal.',
    fails: [{ label: 'smoke comes out', observation: 'danger-signs', value: 'soot-or-rollout' }],
  }),
  'hrv-fan': base({
    id: 'balance',
    act: 'Compare both air streams at the grilles',
    expect: 'alike',
    otherwise: 'Filter, damper, wheel.',
  }),
  'dehumidifier-fan': base(
    {
      id: 'speeds',
      act: 'Try each speed',
      expect: 'each one as named',
      otherwise: 'Taps.',
      fails: [
        { label: 'a speed is missing', observation: 'speeds', value: 'some-missing' },
        { label: 'all are slow', observation: 'speeds', value: 'all-slow' },
      ],
    },
    {
      id: 'water',
      act: 'Look into the bucket after an hour',
      laterMinutes: 60,
      expect: 'water collects',
      otherwise: 'Compressor and its capacitor section.',
    },
  ),
  'other-fan': base(),
}
