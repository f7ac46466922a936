import { fieldText, type JobSnapshot } from '../job'
import { actionInfo } from '../knowledge/actions'
import { type OtherPart, type OtherPartId, otherPartIds, otherParts } from '../knowledge/otherParts'
import type { AskedOfJob } from './asked'

/** Under which part of the job's fields the figures of such a part stand. */
export const otherFields = (id: OtherPartId): string => `part-${id.replace(/ /g, '-')}`

/** Where it is kept which kind it is, and what goes in. */
export const OTHER_KIND = { part: 'other', field: 'kind' } as const

/**
 * The part of a job that is neither motor, capacitor nor bearing: as the person chose it, else as the decided action asks for it;
 * null where none is.
 *
 * @param action what was decided, or what leads
 */
export function otherPartOf(snapshot: JobSnapshot, action: string | undefined): OtherPartId | null {
  const said = fieldText(snapshot, OTHER_KIND.part, OTHER_KIND.field)
  const wanted = action ? actionInfo(action).parts : []
  return otherPartIds.find((id) => id === said) ?? otherPartIds.find((id) => wanted.includes(id)) ?? null
}

/** What a seller is asked for in its place, and what of it nobody has read yet. */
export function otherAskedOf(snapshot: JobSnapshot, id: OtherPartId): AskedOfJob {
  const part: OtherPart = otherParts[id]
  const typed = (field: string) => fieldText(snapshot, otherFields(id), field).trim()
  const told = part.fields.filter(({ field }) => typed(field) !== '')
  const must = told.map(({ field, ask }) => ask(typed(field)))
  return {
    say: must.length === 0 ? '' : `${part.label}. ${must.join(' ')}`,
    must,
    better: [],
    unknown: part.fields
      .filter(({ field }) => typed(field) === '')
      .map(({ label, where }) => `${label}: ${where}.`),
    buyToo: [],
  }
}
