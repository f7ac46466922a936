import { armsOff, blowerDoors, blowerKit, blowerWires, photo, wires } from '../runs'
import type { TemplateLine } from '../templateTypes'
import type { Way } from './types'

const railScrews: TemplateLine = {
  action: 'unscrew',
  part: 'blower rails',
  count: 2,
  fastener: '5/16 hex',
  cup: 'D',
}
const rails: TemplateLine[] = [
  railScrews,
  {
    action: 'slide-out',
    part: 'blower assembly',
    frees: 'motor',
    caution: 'Heavy, sharp edges: gloves.',
  },
]
export const condensingBlower: Way = {
  id: 'condensing',
  name: 'Condensing furnace: trap, hoses and board in the way',
  when: 'A trap, hoses or the control board hang before the blower.',
  replaced: 'motor',
  takesOut: 'motor',
  kit: [...blowerKit, 'bucket and rag', 'rule'],
  lines: [
    ...blowerDoors,
    photo('board with every wire, and the blower compartment'),
    { action: 'drain', part: 'condensate trap', caution: 'The water is acid and stains: a bucket.' },
    {
      action: 'pull-hose',
      part: 'drain hoses of the trap',
      count: 3,
      asks: 'which port each has, and where its clamp sits',
    },
    { action: 'pull-hose', part: 'pressure tubes', count: 2, asks: 'which port each has' },
    { action: 'unclip', part: 'condensate trap' },
    { action: 'lift-off', part: 'condensate trap' },
    { action: 'cut-tie', part: 'harness ties', count: 3, renew: { material: 'tie' } },
    wires('R, C, W, Y, G', 'thermostat wires'),
    { action: 'unplug', part: 'door switch plug' },
    { action: 'unplug', part: 'main harness of the board' },
    ...blowerWires,
    { action: 'disconnect', part: 'ground wire', terminal: 'cabinet' },
    wires('capacitor', 'both capacitor leads'),
    { action: 'unscrew', part: 'board panel', count: 2, fastener: '1/4 hex', cup: 'B' },
    { action: 'lift-off', part: 'board panel', caution: 'Hang it aside, not by its wires.' },
    ...rails,
    ...armsOff('C'),
  ],
}

export const moduleAlone: Way = {
  id: 'module',
  name: 'Electronic motor of two parts: the module alone',
  when: 'A can with two plugs sits on the end of the motor, held by two long bolts.',
  replaced: 'module',
  takesOut: 'module',
  kit: [...blowerKit, 'phone to photograph the drip side'],
  lines: [
    ...blowerDoors,
    photo('both plugs of the module, and which side of it hangs down'),
    { action: 'cut-tie', part: 'harness ties', count: 2, renew: { material: 'tie' } },
    {
      action: 'unplug',
      part: 'mains plug of the module',
      caution: 'Never under power, and only after its wait: 10 minutes, or what its label says.',
    },
    { action: 'unplug', part: 'signal plug of the module' },
    { action: 'disconnect', part: 'ground wire', terminal: 'cabinet' },
    railScrews,
    { action: 'slide-out', part: 'blower assembly', caution: 'Heavy, sharp edges: gloves.' },
    { action: 'mark', part: 'module against motor, and its drip side down' },
    { action: 'unscrew', part: 'bolts of the module', count: 2, fastener: '1/4 hex, long', cup: 'B' },
    { action: 'unplug', part: 'three-pin plug between module and motor' },
    { action: 'lift-off', part: 'module', frees: 'module' },
  ],
}

export const electronicWhole: Way = {
  id: 'electronic',
  name: 'Electronic motor in one piece',
  when: 'One body with plugs, no capacitor, and nothing on its end that comes off.',
  replaced: 'motor',
  takesOut: 'motor',
  kit: blowerKit,
  lines: [
    ...blowerDoors,
    photo('board with every plug, and which side of the motor hangs down'),
    { action: 'cut-tie', part: 'harness ties', count: 2, renew: { material: 'tie' } },
    {
      action: 'unplug',
      part: 'mains plug of the motor',
      caution: 'Never under power, and only after its wait: 10 minutes, or what its label says.',
    },
    { action: 'unplug', part: 'signal plug of the motor' },
    { action: 'disconnect', part: 'ground wire', terminal: 'cabinet' },
    ...rails,
    ...armsOff('B', { mark: 'drip side down' }),
  ],
}
