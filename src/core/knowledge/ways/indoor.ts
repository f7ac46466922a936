import { covers, onBench, photo } from '../runs'
import type { TemplateLine } from '../templateTypes'
import type { Way } from './types'

const front: TemplateLine[] = [
  ...covers([
    { action: 'unclip', part: 'front panel' },
    { action: 'slide-out', part: 'filters' },
    { action: 'unscrew', part: 'terminal cover', count: 1, fastener: 'screw', cup: 'A' },
  ]),
  { action: 'unscrew', part: 'casing', count: 3, fastener: 'screw', cup: 'B', access: 'before-discharge' },
  { action: 'unclip', part: 'casing clips', count: 4, access: 'before-discharge' },
]
const plugs: TemplateLine[] = [
  photo('board with every plug'),
  { action: 'unplug', part: 'display and sensor plugs', count: 3, asks: 'which colour sits on which label' },
  {
    action: 'unplug',
    part: 'fan plug',
    caution: 'High DC: only with the power off and proved, the wait over, the DC read, and the wheel still.',
  },
]

export const coilLifted: Way = {
  id: 'coil-lifted',
  name: 'The coil is lifted at the motor’s side, and the wheel stays in',
  when: 'The motor sits behind a cover at one end of the wheel, under the end of the coil.',
  replaced: 'motor',
  takesOut: 'motor',
  kit: ['long screwdriver', 'torch', 'cardboard against the fins', 'block of wood', 'camera'],
  lines: [
    ...front,
    ...plugs,
    { action: 'unclip', part: 'sensor on the coil', asks: 'which bend of the pipe' },
    { action: 'unscrew', part: 'electronics box', count: 2, fastener: 'screw', cup: 'C' },
    { action: 'lift-off', part: 'electronics box', caution: 'Hang it aside, not by its wires.' },
    {
      action: 'pull-hose',
      part: 'drain hose of the tray',
      mark: 'pushed on to its stop; a cup of water runs off',
    },
    { action: 'unclip', part: 'drain tray with the louvre', count: 3 },
    { action: 'unscrew', part: 'coil end bracket', count: 2, fastener: 'screw', cup: 'D' },
    {
      action: 'loosen',
      part: 'wheel screw in the gap',
      asks: 'which way the gap with the screw looks',
      caution: 'Turn the wheel by hand until the gap with the screw comes round.',
    },
    { action: 'unscrew', part: 'motor cover', count: 3, fastener: 'screw', cup: 'E' },
    {
      action: 'lift-off',
      part: 'motor cover',
      caution: 'Lift the end of the coil a hand’s breadth at most, on a block: pipes must not kink.',
    },
    { action: 'slide-out', part: 'motor', frees: 'motor', mark: 'leads through their notch' },
    ...onBench([{ action: 'slide-out', part: 'rubber rings of the motor', count: 2, movesToNewPart: true }]),
  ],
}

export const chassisOpened: Way = {
  id: 'wheel-out',
  name: 'Wheel and motor come out together, from below',
  when: 'The tray and the louvre come off downwards and leave the wheel open.',
  replaced: 'motor',
  takesOut: 'motor',
  kit: ['long screwdriver', 'torch', 'cardboard against the fins', 'second person', 'camera'],
  lines: [
    ...front,
    ...plugs,
    { action: 'unclip', part: 'louvre blades', count: 2 },
    { action: 'unplug', part: 'louvre motor plug' },
    {
      action: 'pull-hose',
      part: 'drain hose of the tray',
      mark: 'pushed on to its stop; a cup of water runs off',
    },
    { action: 'unscrew', part: 'drain tray', count: 2, fastener: 'screw', cup: 'C' },
    { action: 'lift-off', part: 'drain tray' },
    { action: 'unscrew', part: 'motor clamp', count: 2, fastener: 'screw', cup: 'D' },
    { action: 'lift-off', part: 'motor clamp' },
    { action: 'unclip', part: 'bearing at the far end of the wheel' },
    {
      action: 'slide-out',
      part: 'wheel with its motor',
      frees: 'motor',
      caution: 'Two people: a bent wheel hums for ever.',
    },
    ...onBench([
      { action: 'measure', part: 'wheel end to motor' },
      { action: 'loosen', part: 'wheel screw', mark: 'on the flat' },
      { action: 'slide-out', part: 'motor', asks: 'at which end of the wheel it sits' },
      { action: 'slide-out', part: 'rubber rings of the motor', count: 2, movesToNewPart: true },
    ]),
  ],
}
