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
