import { fieldText } from '../fields'
import type { JobSnapshot } from '../rows'
import type { Act } from './actTypes'

/** What a text field holds before an act that types into it; null for any other act. */
export function textBefore(snapshot: JobSnapshot, act: Act): string | null {
  switch (act.kind) {
    case 'field.set':
      return fieldText(snapshot, act.part, act.field)
    case 'job.edit':
      return String(columnOf(snapshot.job, act.field) ?? '')
    case 'machine.edit':
      return String(columnOf(snapshot.machine, act.field) ?? '')
    case 'reading.set':
      return (
        snapshot.readings.find(
          (row) =>
            !row.struckAt &&
            row.kind === act.reading &&
            row.part === act.part &&
            row.pointA === act.a &&
            row.pointB === act.b,
        )?.typed ?? ''
      )
    default:
      return null
  }
}

const columnOf = (row: object, name: string): unknown =>
  Object.entries(row).find(([key]) => key === name)?.[1]

/**
 * What another window has written into the same field since this one read it: told to the later writer, whose text stands.
 *
 * @param was what the writer's window showed before it typed; undefined where it did not say
 * @returns the other text, or null where there is none, or it is the same
 */
export function otherText(snapshot: JobSnapshot, act: Act, was: string | undefined): string | null {
  const now = textBefore(snapshot, act)
  if (was === undefined || now === null || now === was) return null
  return now === typedBy(act) ? null : now
}

const typedBy = (act: Act): string =>
  'typed' in act && typeof act.typed === 'string'
    ? act.typed
    : 'value' in act && typeof act.value === 'string'
      ? act.value
      : ''
