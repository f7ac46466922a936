import { boardFedKinds, isOf } from '../../knowledge/motorKinds'
import type { ObservationId } from '../../knowledge/vocabulary'
import { fieldText, typedList } from '../fields'
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

/**
 * Volts of the machine's supply as the motor's plate says, else of the region. What a board feeds has its own volts on its
 * plate, some 310 or 12 direct: those are none of the supply, which would read low beside them.
 */
export function supplyVolts(snapshot: JobSnapshot): number[] {
  const ofBoard = isOf(boardFedKinds, snapshot.machine.motorKind)
  const plate = ofBoard ? [] : typedList(fieldText(snapshot, 'motor-old', 'voltages'), 'volts')
  const volts = plate.filter((each) => each > 0)
  return volts.length > 0 ? volts : [nominalVolts(snapshot.household, snapshot.machine).volts]
}
