import { bushings, onBench, photo, wheel } from '../runs'
import type { Way } from './types'

/** No line of its own: it goes back long after the last screw, when the check of the cold asks for it. */
const foodFirst =
  'The food goes into the cool box now. It goes back only once the machine is cold again: the check after the repair asks for that.'

/** The motor out of its bracket: the bushings go on the new one before it is slid in, the wheel after. */
const fanOnTheBench = [
  ...onBench([
    { action: 'measure', part: 'wheel depth on the shaft', of: 'wheel' },
    { action: 'mark', part: 'which way the wheel turns', of: 'wheel' },
  ]),
  ...wheel,
  ...onBench([{ action: 'slide-out', part: 'motor', asks: 'to which side its plug looks' }]),
  ...bushings,
]

/** The evaporator fan from the freezer side: water, food, drawers, caps, panel, foam, heater, sensor. */
export const freezerSide: Way = {
  id: 'freezer-side',
  name: 'From the freezer side, with drawers and ice maker',
  when: 'The fan sits behind the rear wall of the freezer.',
  replaced: 'motor',
  takesOut: 'motor',
  kit: [
    '1/4 in nut driver',
    'Phillips driver',
    'thin plastic blade',
    'towels',
    'cool box for food',
    'bowl of warm water for the frost',
    'gloves',
  ],
  lines: [
    photo('freezer as it was found, every level', { caution: foodFirst }),
    {
      action: 'drain',
      part: 'ice maker’s water line',
      mark: 'its cock opened again last, and no drop seen at its fitting',
      caution: 'Close its cock first; a cup of water still comes.',
    },
    { action: 'slide-out', part: 'upper drawer' },
    { action: 'slide-out', part: 'lower drawer' },
    { action: 'slide-out', part: 'shelves', count: 3, asks: 'which slot each had' },
    { action: 'unclip', part: 'screw caps of the drawer frame', count: 4, cup: 'A' },
    { action: 'unscrew', part: 'drawer frame', count: 4, fastener: 'Phillips, long', cup: 'B' },
    { action: 'lift-off', part: 'drawer frame' },
    { action: 'unplug', part: 'ice maker plug' },
    { action: 'unscrew', part: 'ice maker', count: 2, fastener: '1/4 hex', cup: 'C' },
    { action: 'lift-off', part: 'ice maker' },
    {
      action: 'unclip',
      part: 'lamp cover',
      caution: 'Cold plastic is brittle: a thin blade behind the latch, nothing forced.',
    },
    { action: 'unclip', part: 'screw caps of the rear panel', count: 2, cup: 'D' },
    { action: 'unscrew', part: 'rear panel', count: 4, fastener: '1/4 hex', cup: 'E' },
    {
      action: 'unclip',
      part: 'clips of the rear panel',
      count: 4,
      caution: 'Frost holds it: thaw it with warm water, never with a knife or a flame.',
    },
    {
      action: 'lift-off',
      part: 'rear panel',
      caution: 'A ground wire may still hang on it: look behind before you pull.',
    },
    photo('coil with its frost, fan, heater and plugs'),
    { action: 'disconnect', part: 'ground wire of the panel', terminal: 'panel' },
    { action: 'slide-out', part: 'foam duct', asks: 'which side is up' },
    { action: 'cut-tie', part: 'harness tie', renew: { material: 'tie' } },
    { action: 'unplug', part: 'fan plug' },
    {
      action: 'unplug',
      part: 'heater plug',
      caution: 'The heater may be a glass tube: no tool near it.',
    },
    { action: 'unclip', part: 'temperature sensor', asks: 'how high it sits on the coil' },
    { action: 'unscrew', part: 'fan bracket', count: 2, fastener: '1/4 hex', cup: 'F' },
    { action: 'lift-off', part: 'fan with its bracket', frees: 'motor' },
    ...fanOnTheBench,
  ],
}

export const freshFoodSide: Way = {
  id: 'fresh-food-side',
  name: 'From the fresh-food side, behind the air duct',
  when: 'The fan blows through a duct at the back of the fresh-food space.',
  replaced: 'motor',
  takesOut: 'motor',
  kit: ['1/4 in nut driver', 'thin plastic blade', 'towels', 'cool box for food', 'gloves'],
  lines: [
    photo('fresh-food space as it was found', { caution: foodFirst }),
    { action: 'slide-out', part: 'shelves', count: 4, asks: 'which slot each had' },
    { action: 'slide-out', part: 'crisper drawers', count: 2 },
    {
      action: 'unclip',
      part: 'lamp cover',
      caution: 'Cold plastic is brittle: a thin blade behind the latch, nothing forced.',
    },
    { action: 'unplug', part: 'lamp plug' },
    { action: 'unclip', part: 'screw caps of the duct', count: 2, cup: 'A' },
    { action: 'unscrew', part: 'air duct', count: 4, fastener: '1/4 hex', cup: 'B' },
    { action: 'lift-off', part: 'air duct', caution: 'The damper’s plug is still on it: do not pull.' },
    { action: 'unplug', part: 'damper plug' },
    photo('fan, sensor and plugs behind the duct'),
    { action: 'slide-out', part: 'foam insert', asks: 'which side is up' },
    { action: 'unclip', part: 'temperature sensor', asks: 'where it sits' },
    { action: 'unplug', part: 'fan plug' },
    { action: 'disconnect', part: 'ground wire', terminal: 'bracket' },
    { action: 'unscrew', part: 'fan bracket', count: 3, fastener: '1/4 hex', cup: 'C' },
    { action: 'lift-off', part: 'fan with its bracket', frees: 'motor' },
    ...fanOnTheBench,
  ],
}
