import { agrees, type FastenerLook, lookOf } from './fastenerLook'
import type { BackStep } from './types'

/** A line that a screw in the hand may belong to, or that one may be missing from. */
export interface TraceLine {
  lineId: string
  part: string
  fastener: string
  cup: string
  count: number
  /** Its screws are back, as far as anybody ticked. */
  back: boolean
  /** Parts that are on again over it and would come off, the outermost first: none where it is still open. */
  reopen: string[]
}

export interface TracedRow {
  id: string
  part: string
  action: string
  fastener: string
  cup: string
  count: number | null
  backDone: boolean
}

/** Acts by which a part covers what lies behind it. */
const COVERS: BackStep['action'][] = ['set-on', 'slide-in', 'clip']

/**
 * Lines of the way back whose fasteners look like the one in the hand: those whose words agree
 * before those that say nothing, those that are still open first, then those for which the
 * fewest covers come off again; among equals the one whose words agree in more.
 *
 * @param order the way back  @param rows the lines of the ledger by which it was worked out
 * @param seen what is in the hand; what nobody can tell is empty
 * @example traceFastener([{ from: 'a', action: 'screw', part: 'cover' }], [{ id: 'a', part: 'cover', action: 'unscrew', fastener: '1/4 hex', cup: 'A', count: 4, backDone: false }], { head: 'hex', size: '', length: '' })[0].part // 'cover'
 */
export function traceFastener(
  order: Pick<BackStep, 'from' | 'action' | 'part'>[],
  rows: TracedRow[],
  seen: FastenerLook,
): TraceLine[] {
  const byId = new Map(rows.map((row) => [row.id, row]))
  return order
    .flatMap((step, place) => {
      const row = byId.get(step.from)
      if (!row || !(row.fastener || row.cup)) return []
      const agreeing = agrees(seen, lookOf(row.fastener))
      if (agreeing === null) return []
      const over = row.backDone
        ? order
            .slice(place + 1)
            .filter((later) => COVERS.includes(later.action) && byId.get(later.from)?.backDone)
            .map((later) => later.part)
        : []
      // What went on last comes off first, each part once.
      const reopen = [...new Set(over.reverse())]
      return [{ row, reopen, agreeing }]
    })
    .sort(
      (one, two) =>
        // A line whose words say nothing of its look comes behind those that agree.
        Number(one.agreeing === 0) - Number(two.agreeing === 0) ||
        Number(one.row.backDone) - Number(two.row.backDone) ||
        one.reopen.length - two.reopen.length ||
        two.agreeing - one.agreeing,
    )
    .map(({ row, reopen }) => ({
      lineId: row.id,
      part: row.part,
      fastener: row.fastener,
      cup: row.cup,
      count: row.count ?? 1,
      back: row.backDone,
      reopen,
    }))
}
