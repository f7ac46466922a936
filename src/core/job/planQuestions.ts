import type { PlanField } from './place'

/** What the isolation plan depends on, as the record and the next act name it. */
export const planQuestions: Record<PlanField, string> = {
  feeds: 'circuits that feed the housing',
  earth: 'earth at the proof place',
  legs: 'how many live wires the supply has',
  'switched-live': 'switched live at the proof place',
  switch: 'switch before the proof place',
  'other-supply': 'another supply beside the plug',
  water: 'water at the machine',
  cold: 'warmth of the motor',
}
