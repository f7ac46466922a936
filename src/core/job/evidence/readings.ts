import type { ObservationId } from '../../knowledge/vocabulary'
import { typedValue } from '../../units/parseTyped'
import { fieldText } from '../fields'
import { nominalVolts } from '../plant'
import type { JobSnapshot, ReadingRow } from '../rows'

export type Part = 'old' | 'new'

/** A finding that a reading made, and what it was made from. */
export interface DerivedFinding {
  observation: ObservationId
  value: string
  from: string
}

/** Readings of one kind and part that stand. */
export const activeReadings = (snapshot: JobSnapshot, kind: ReadingRow['kind'], part: Part): ReadingRow[] =>
  snapshot.readings.filter((row) => row.kind === kind && row.part === part && !row.struckAt)

/** Nominal volts: of the plate where it is typed, else of the region. */
export function nominalOf(snapshot: JobSnapshot): number {
  const plate = typedValue(
    fieldText(snapshot, 'motor-old', 'voltages').split(/[-/ ]/).filter(Boolean).at(-1),
    'volts',
  )
  return plate && plate > 0 ? plate : nominalVolts(snapshot.household, snapshot.machine).volts
}
