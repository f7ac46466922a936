import type { JobSnapshot } from './rows'

/** A field's text as typed, or empty. */
export function fieldText(snapshot: JobSnapshot, part: string, field: string): string {
  return snapshot.fields.find((row) => row.part === part && row.field === field)?.typed ?? ''
}

export { typedList } from '../units/lists'

/** Whether a motor, a capacitor or another part was chosen to go in. */
export const isPartChosen = (snapshot: JobSnapshot): boolean =>
  (['motor', 'capacitor', 'other'] as const).some((part) => fieldText(snapshot, 'choice', part) !== '')

/** The way that was chosen where it needs no hands of one's own; null where it does, or nothing is chosen. */
export function noHandsOf({ decisions }: Pick<JobSnapshot, 'decisions'>): 'hired' | 'new-machine' | null {
  const option = decisions[0]?.option
  return option === 'hired' || option === 'new-machine' ? option : null
}

/** The part under whose name the count of blades and the running speed are kept. */
export const SOUND_PART = 'sound'
