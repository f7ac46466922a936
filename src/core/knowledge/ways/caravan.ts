import { covers, gasUnionCaution, gasUnionMark, onBench, photo } from '../runs'
import type { TemplateLine } from '../templateTypes'
import type { Way } from './types'

const outside = covers([{ action: 'unscrew', part: 'outside cover', count: 4, fastener: 'screw', cup: 'A' }])

const out: TemplateLine[] = [
  ...outside,
  photo('heater with wires and sail switch'),
  { action: 'disconnect', part: 'thermostat wires', count: 2, terminal: 'thermostat' },
  { action: 'unplug', part: 'supply plug' },
  { action: 'disconnect', part: 'ground wire', terminal: 'case' },
  {
    action: 'disconnect',
    part: 'gas union',
    mark: gasUnionMark,
    caution: gasUnionCaution,
  },
  { action: 'unscrew', part: 'exhaust tube', count: 2, fastener: 'screw', cup: 'B' },
  { action: 'break-seal', part: 'seal of the exhaust tube', renew: { material: 'exhaust gasket' } },
  { action: 'slide-out', part: 'exhaust tube' },
  { action: 'unscrew', part: 'heater feet', count: 3, fastener: 'screw, short', cup: 'C' },
  { action: 'slide-out', part: 'heater', frees: 'motor', caution: 'Its wires rub: do not pull by them.' },
]

const opened: TemplateLine[] = [
  { action: 'measure', part: 'combustion wheel depth on the shaft', of: 'combustion wheel' },
  { action: 'mark', part: 'which way the combustion wheel turns', of: 'combustion wheel' },
  { action: 'unplug', part: 'sail switch plug' },
  { action: 'unscrew', part: 'sail switch', count: 2, fastener: 'screw, small', cup: 'D' },
  { action: 'lift-off', part: 'sail switch', mark: 'paddle into the air stream' },
  { action: 'unscrew', part: 'blower housing', count: 5, fastener: 'screw, long', cup: 'E' },
  { action: 'break-seal', part: 'housing gasket', renew: { material: 'gasket' } },
  { action: 'lift-off', part: 'blower housing' },
  { action: 'loosen', part: 'combustion wheel set screw', fastener: 'small hex, long key' },
  { action: 'slide-out', part: 'combustion wheel', movesToNewPart: true, asks: 'which side faces out' },
  { action: 'measure', part: 'room-air wheel depth on the shaft', of: 'room-air wheel' },
  { action: 'mark', part: 'which way the room-air wheel turns', of: 'room-air wheel' },
  { action: 'loosen', part: 'room-air wheel set screw', fastener: 'small hex, long key' },
  { action: 'slide-out', part: 'room-air wheel', movesToNewPart: true, asks: 'which side faces out' },
  { action: 'break-seal', part: 'motor gasket', renew: { material: 'gasket' } },
  { action: 'unscrew', part: 'motor clamp', count: 2, fastener: 'screw', cup: 'F' },
  { action: 'slide-out', part: 'motor', asks: 'to which side its leads come out' },
]

const kit = [
  'long small hex key',
  'screwdriver',
  'gasket',
  'exhaust gasket',
  'bubble solution',
  'paint pen or marker',
]

export const caravanWhole: Way = {
  id: 'whole',
  name: 'Motor with both wheels, sail switch and seals, line by line',
  when: 'The heater comes out as a box and is opened on the bench.',
  replaced: 'motor',
  takesOut: 'motor',
  kit,
  lines: [...out, ...onBench(opened)],
}

export const caravanRebuild: Way = {
  id: 'rebuild',
  name: 'The motor rebuilt at the bench: brushes and bushes',
  when: 'The motor is the brushed one, its windings are good, and brushes or bushes are worn.',
  replaced: 'brushes',
  takesOut: 'motor',
  kit: [...kit, 'brushes', 'fine emery cloth', 'light oil', 'feeler or paper strip'],
  lines: [
    ...out,
    ...onBench([
      // The old motor goes back: its wheels are put on it again, not moved over.
      ...opened.map(({ movesToNewPart: _, ...line }) => line),
      { action: 'mark', part: 'end bell against body, a line across their joint' },
      { action: 'unscrew', part: 'through bolts', count: 2, fastener: 'long bolt', cup: 'G' },
      { action: 'lift-off', part: 'end bell', asks: 'how many washers lie on the shaft, and in which order' },
      { action: 'slide-out', part: 'shaft washers', count: 3, asks: 'in which order they lie' },
      {
        action: 'slide-out',
        part: 'armature',
        mark: 'a drop of light oil on each bush; it turns without a catch',
        caution: 'The magnets pull: fingers clear of the joint.',
      },
      { action: 'unsolder', part: 'brush leads', count: 2, asks: 'which holder each had' },
      {
        action: 'slide-out',
        part: 'brushes',
        count: 2,
        mark: 'curve to the commutator; they slide free in their guides',
      },
    ]),
  ],
}
