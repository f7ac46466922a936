import type { FamilyId } from './vocabulary'

export interface ProveCheck {
  id: string
  /** What to do. */
  act: string
  expect: string
  otherwise: string
  /** Before power returns. */
  dead?: boolean
}

const spin: ProveCheck = {
  id: 'hand-spin',
  act: 'Turn the wheel a full turn by hand',
  expect: 'free, equal gaps, no wire near it',
  otherwise: 'Centre the wheel, tie the wires away.',
  dead: true,
}
const closed: ProveCheck = {
  id: 'covers-on',
  act: 'Covers on, tools out, people clear',
  expect: 'nothing left over',
  otherwise: 'Look at the cups again.',
  dead: true,
}
const start: ProveCheck = {
  id: 'first-start',
  act: 'Start it with the hand near the switch',
  expect: 'starts at once, no hum, no smell',
  otherwise: 'Off at once. Wiring or capacitor.',
}
const direction: ProveCheck = {
  id: 'direction',
  act: 'Compare the turn and the air',
  expect: 'with the arrow; air the right way',
  otherwise: 'Off. Set the rotation as the motor’s diagram says.',
}
const sound: ProveCheck = {
  id: 'sound',
  act: 'Listen against before',
  expect: 'no rub, no rattle',
  otherwise: 'Off. Hub, mount, wheel.',
}
const warm: ProveCheck = {
  id: 'warm',
  act: 'Feel the case after 15 minutes, power off first',
  expect: 'warm, the hand can stay',
  otherwise: 'Current against the plate; capacitor and speed.',
}
const nextDay: ProveCheck = {
  id: 'next-day',
  act: 'Look again the next day',
  expect: 'same sound, same air',
  otherwise: 'Open a new job with what changed.',
}
const leak: ProveCheck = {
  id: 'leak-test',
  act: 'Bubble solution on every gas union that was opened',
  expect: 'no bubbles',
  otherwise: 'Shut the gas. Licensed trade.',
}
const current: ProveCheck = {
  id: 'current',
  act: 'Running current against the plate',
  expect: 'at most the plate, not under half',
  otherwise: 'Over: speed, capacitor, voltage. Under half: wheel slips, no air.',
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
    },
    {
      id: 'flap',
      act: 'Look at the outside flap while it runs',
      expect: 'it opens',
      otherwise: 'Free the flap.',
    },
  ),
  'range-hood-fan': base(
    {
      id: 'speeds',
      act: 'Try each speed',
      expect: 'each one faster than the last',
      otherwise: 'Taps and switch.',
    },
    { id: 'flap', act: 'Look at the outside flap', expect: 'it opens', otherwise: 'Free the flap.' },
  ),
  'ceiling-fan': base(
    {
      id: 'speeds',
      act: 'Try each speed and the direction switch',
      expect: 'high is 1.5 to 3 times low',
      otherwise: 'Speed section or pull chain.',
    },
    {
      id: 'wobble',
      act: 'Watch the blade tips',
      expect: 'one path, no wobble',
      otherwise: 'Blade order and screws.',
    },
  ),
  'attic-vent-fan': base({
    id: 'louvre',
    act: 'Look at the louvres',
    expect: 'open while it runs',
    otherwise: 'Free the louvres.',
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
    leak,
    {
      id: 'joints',
      act: 'Vent clamp, seal and drain made good, sealant cured',
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
    },
    {
      id: 'split',
      act: 'Return minus supply air after 15 minutes',
      expect: '9 to 12 K (16 to 22 °F)',
      otherwise: 'Filter, blower; refrigerant is a licensed trade’s.',
    },
  ),
  'mini-split-indoor-fan': base({
    id: 'speeds',
    act: 'Try each speed',
    expect: 'each one as named',
    otherwise: 'Plug and feedback wire.',
  }),
  'refrigerator-evaporator-fan': base({
    id: 'cold',
    act: 'Read the freezer after 12 hours',
    expect: '−18 °C or colder, no new frost',
    otherwise: 'Defrost fault behind it.',
  }),
  'refrigerator-condenser-fan': base({
    id: 'cold',
    act: 'Read the fridge after 12 hours',
    expect: '4 °C or colder',
    otherwise: 'Coil dirt, compressor.',
  }),
  'rv-furnace-blower': [
    spin,
    closed,
    leak,
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
    },
    sound,
    nextDay,
  ],
  'pellet-stove-exhaust-blower': base({
    id: 'seal',
    act: 'Look round the gasket with a lamp, stove lit',
    expect: 'no smoke',
    otherwise: 'Off. Reseal.',
  }),
  'hrv-fan': base({
    id: 'balance',
    act: 'Compare both air streams at the grilles',
    expect: 'alike',
    otherwise: 'Filter, damper, wheel.',
  }),
  'dehumidifier-fan': base(
    { id: 'speeds', act: 'Try each speed', expect: 'each one as named', otherwise: 'Taps.' },
    {
      id: 'water',
      act: 'Look into the bucket after an hour',
      expect: 'water collects',
      otherwise: 'Compressor and its capacitor section.',
    },
  ),
  'other-fan': base(),
}
