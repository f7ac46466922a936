import type { IsolationPointId } from './vocabulary'

/**
 * Why a wait of the plan is not needed on a machine, as one who has looked would say it: tapped instead of typed. Nothing
 * stands here that a person could not see.
 */
export const notNeeded: Record<'cool-down' | 'electronics', string[]> = {
  'cool-down': ['it has not run today, and feels cold'],
  electronics: [
    'I looked: plain wires to the motor, no board and no module',
    'it is an old fan with a wall switch or a pull chain only',
  ],
}

/**
 * Why a point of the plan is not on a machine, likewise. The breaker, the fuse and what feeds a caravan have none: who leaves
 * those out says why in words.
 */
export const notHere: Partial<Record<IsolationPointId, string>> = {
  plug: 'I looked: it is wired in, no cord with a plug',
  disconnect: 'I looked: none is beside the unit',
  'service-switch': 'I looked: no switch is on the appliance',
  'wall-switch': 'I looked: no switch is before it, only a cord or a chain',
  thermostat: 'I looked: it has no control on a wall',
  'gas-cock': 'I looked: no gas pipe goes to it',
  'water-valve': 'I looked: no water pipe goes to it',
}
