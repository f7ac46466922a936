import { oncePerSnapshot } from '../oncePerSnapshot'
import type { JobSnapshot } from '../rows'
import { refitOf } from './refitOf'

export interface CupLine {
  /** Letter of the cup; empty where none was named. */
  cup: string
  /** Drive, size and length as said. */
  fastener: string
  removed: number
  /** How many have gone back to their places. */
  out: number
}

/** What went into each cup, and how much of it has come out again. */
export const cupsOf = oncePerSnapshot((snapshot: JobSnapshot): CupLine[] =>
  refitOf(snapshot).tally.map(({ cup, fastener, removed }) => ({
    cup: cup ?? '',
    fastener: fastener ?? '',
    removed,
    out: snapshot.ledger
      .filter(
        (row) =>
          row.backDoneAt &&
          !row.struckAt &&
          !row.extra &&
          row.cup === (cup ?? '') &&
          row.fastener === (fastener ?? ''),
      )
      .reduce((sum, row) => sum + (row.count ?? 1), 0),
  })),
)
