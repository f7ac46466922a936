import type { PlanField } from './place'

/** What the isolation plan depends on, as the record and the next act name it. */
export const planQuestions: Record<PlanField, string> = {
  feeds: 'circuits that feed the housing',
  earth: 'what the second probe can touch',
  legs: 'how many live wires the supply has',
  'switched-live': 'a switched live wire at the proof place',
  switch: 'whether one can see that the switch before it is on',
  'other-supply': 'another supply beside the points that are off',
  water: 'water at the machine',
  cold: 'warmth of the motor',
}
