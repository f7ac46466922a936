import type { Act } from '@/core/plant'

/** An act that the server has not answered for. */
export interface Waiting {
  /** Its place in the round, from 0. */
  nth: number
  act: Act
}

export interface Resumed {
  /** Acts that follow those that are stored, in their order: to be played and sent again. */
  left: Waiting[]
  /** Acts of this tab that have no place any more, because another window has gone on with the round. */
  lost: number
}

const sortedEntries = (act: Act) => JSON.stringify(Object.entries(act).sort(([a], [b]) => (a < b ? -1 : 1)))

/**
 * What a tab still has to send once it is loaded again. Some of it may have arrived meanwhile: that is taken off, and what comes
 * after it stays. Where another act stands in the place of one of these, that one and all behind it were done on top of a round
 * that is no more.
 */
export function resumed(stored: Act[], waiting: Waiting[]): Resumed {
  const left: Waiting[] = []
  let lost = 0
  for (const each of [...waiting].sort((a, b) => a.nth - b.nth)) {
    const there = stored[each.nth]
    if (there !== undefined && lost === 0 && sortedEntries(there) === sortedEntries(each.act)) continue
    if (there === undefined && lost === 0 && each.nth === stored.length + left.length) left.push(each)
    else lost++
  }
  return { left, lost }
}
