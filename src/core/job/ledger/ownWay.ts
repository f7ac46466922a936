import { fieldText } from '../fields'
import type { JobSnapshot, LedgerRow } from '../rows'
import { titleAndPlace } from '../title'
import { withUnit } from './figureWords'
import { replacedPart } from './refitOf'
import { isTemporary } from './temporary'

/** Where the name is kept under which a person wants the way in of a job again. */
export const KEPT_AS = { part: 'way', field: 'keptAs' } as const

/** A way in as somebody went it: without its ticks, its figures and its photos, which belong to that evening. */
export interface OwnWay {
  jobId: string
  name: string
  /** The machine it was kept at, and when that job began. */
  machine: string
  openedAt: string
  replaced: string
  lines: OwnLine[]
}

/** What of a line belongs to the way, and not to the evening. */
export type OwnLine = Pick<
  LedgerRow,
  | 'action'
  | 'part'
  | 'count'
  | 'fastener'
  | 'cup'
  | 'terminal'
  | 'mark'
  | 'ofPart'
  | 'asks'
  | 'movesToNewPart'
  | 'renewMaterial'
  | 'cureHours'
  | 'extra'
  | 'access'
  | 'cover'
  | 'frees'
  | 'benchOf'
  | 'carries'
  | 'caution'
>

/**
 * The way in of a job as its lines were ticked, in their order; null where it was not kept. What was held or bridged is no part
 * of a way, nor is a line that nobody understood.
 */
export function ownWayOf(snapshot: JobSnapshot): OwnWay | null {
  const name = fieldText(snapshot, KEPT_AS.part, KEPT_AS.field).trim()
  const lines = keepableLines(snapshot)
  if (name === '' || lines.length === 0) return null
  const { job, machine, household } = snapshot
  return {
    jobId: job.id,
    name,
    machine: titleAndPlace(machine),
    openedAt: job.openedAt,
    replaced: replacedPart(snapshot),
    lines: lines.map((line) => keptOf(line, household.inches === 1)),
  }
}

/** The lines that would be kept. */
export const keepableLines = ({ ledger }: Pick<JobSnapshot, 'ledger'>): LedgerRow[] =>
  ledger.filter(
    (line) => line.doneAt !== null && !line.struckAt && line.action !== 'note' && !isTemporary(line),
  )

const keptOf = (line: LedgerRow, inches: boolean): OwnLine => ({
  action: line.action,
  part: line.part,
  count: line.count,
  fastener: line.fastener,
  cup: line.cup,
  terminal: line.terminal,
  mark: line.mark,
  ofPart: line.ofPart,
  asks: line.asks,
  movesToNewPart: line.movesToNewPart,
  renewMaterial: line.renewMaterial,
  cureHours: line.cureHours,
  extra: line.extra,
  access: line.access,
  cover: line.cover,
  frees: line.frees,
  benchOf: line.benchOf,
  carries: line.carries,
  // What was measured then is worth knowing, and is measured anew.
  caution: line.figure ? `Last time: ${withUnit(line.figure, inches)}.` : line.caution,
})
