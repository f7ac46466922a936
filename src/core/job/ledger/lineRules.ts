import { machineCovers } from '../../knowledge/bypassWords'
import { type CoverId, coverIds } from '../../knowledge/covers'
import { conductor } from '../../knowledge/machineWords'
import { bypassOf } from '../../refit/bypass'
import { accessKinds, benchParts, lineActions, switchKinds } from '../../refit/types'
import { refusal } from '../acts/refusals'
import { mayBeAccess, mayFree } from '../energy/bench'
import { isPlannedCover } from '../energy/coversOfJob'
import { carriesKinds, type JobSnapshot, type LedgerRow } from '../rows'

/** What a line is about: changed on a bypass that stands, it would let the switch out of sight. */
export const BINDING: (keyof LedgerRow)[] = [
  'action',
  'switchKind',
  'temporary',
  'extra',
  'access',
  'cover',
  'frees',
  'benchOf',
]

const EDITABLE: (keyof LedgerRow)[] = [
  'part',
  'count',
  'fastener',
  'cup',
  'terminal',
  'mark',
  'figure',
  'ofPart',
  'backFigure',
  'without',
  'movesToNewPart',
  'renewMaterial',
  'cureHours',
  'carries',
  ...BINDING,
]

/** Of a change that came over the wire what a person may say of a line. */
export function allowed(change: Partial<LedgerRow>): Partial<LedgerRow> {
  return Object.fromEntries(
    Object.entries(change).filter(([key]) => EDITABLE.includes(key as keyof LedgerRow)),
  )
}

/** A line as it may stand: forbidden bypasses refused in any wording, allowed ones named, lines of access and of the bench what they say. */
export function checked(snapshot: JobSnapshot, row: LedgerRow): LedgerRow {
  refuseOddValues(row)
  if (row.frees !== '' && !mayFree(row)) throw refusal('frees-nothing')
  if (row.extra && !mayStayOff(row.action)) throw refusal('not-extra')
  const bypass = bypassOf(row)
  if (bypass.kind === 'forbidden') throw refusal('forbidden-bypass', bypass.text)
  if (bypass.kind === 'asks') throw refusal('asks-bypass', row.part)
  if (row.access !== '' && (!mayBeAccess(row) || row.benchOf !== '' || row.frees !== ''))
    throw refusal('not-access')
  const cover = row.access === '' ? null : coverOf(snapshot, row)
  if (row.access !== '' && cover === null) throw refusal('not-a-cover')
  if (row.benchOf !== '' && machineCovers.test(row.part.toLowerCase())) throw refusal('not-bench', row.part)
  if (bypass.kind === 'none') return { ...row, cover }
  return {
    ...row,
    cover,
    action: 'bypass',
    temporary: 1,
    switchKind: bypass.kind === 'allowed' ? bypass.switchKind : 'other',
  }
}

/** Fasteners may stay off for good; what conducts or covers goes back. */
const mayStayOff = (action: LedgerRow['action']): boolean => ['unscrew', 'cut-tie', 'loosen'].includes(action)

/**
 * Which cover of the list a line of access is: as the person chose it, or one of the plan and templates of this family. What
 * the words name as a conductor, a terminal or a board is no cover, whatever was chosen.
 */
function coverOf(snapshot: JobSnapshot, row: LedgerRow): CoverId | null {
  if (isPlannedCover(snapshot, row)) return 'planned'
  if (row.cover === null || row.cover === 'planned') return null
  return conductor.test(`${row.part} ${row.terminal}`.toLowerCase()) ? null : row.cover
}

/** What came over the wire holds texts and numbers; here each has to be one that a line can have. */
function refuseOddValues(row: LedgerRow): void {
  const fits =
    lineActions.includes(row.action) &&
    accessKinds.includes(row.access) &&
    (row.cover === null || coverIds.includes(row.cover)) &&
    (row.carries === null || carriesKinds.includes(row.carries)) &&
    (row.frees === '' || benchParts.includes(row.frees)) &&
    (row.benchOf === '' || benchParts.includes(row.benchOf)) &&
    (row.switchKind === null || switchKinds.includes(row.switchKind)) &&
    [row.part, row.fastener, row.cup, row.terminal, row.mark, row.renewMaterial].every(
      (text) => typeof text === 'string',
    ) &&
    [row.count, row.cureHours].every(
      (number) => number === null || (typeof number === 'number' && number >= 0 && number <= 10_000),
    ) &&
    [row.movesToNewPart, row.temporary, row.extra, row.handsOff].every((flag) => flag === 0 || flag === 1)
  if (!fits) throw refusal('unknown-value/line')
}

/** Where the ledger ends. */
export const lastPosition = (snapshot: JobSnapshot) =>
  Math.max(-1, ...snapshot.ledger.map((row) => row.position))
