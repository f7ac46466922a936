import { isFirm } from './maker'
import type { Scan } from './scan'
import type { Token } from './tokens'
import type { PlateResult } from './types'

/** More broken lines than this are no broken lines. */
const MOST = 12
/** What an understood word is worth beside a field. */
const WORD = 0.04

/** How much of a plate was understood. */
export function understood({ fields, unread }: PlateResult): number {
  const trust = Object.values(fields).reduce((sum, field) => sum + (field?.confidence ?? 0), 0)
  return trust - WORD * unread.length
}

/**
 * Places of line ends that may stand in the middle of something: a caption with nothing behind it, a figure or a stroke at the
 * end, a unit or the mark of a firm at the beginning, none of them read.
 */
export function brokenEnds(scan: Scan): number[] {
  const ends: number[] = []
  const rows = scan.rows
  for (let at = 0; at + 1 < rows.length; at++) {
    const [last, first] = [rows[at]!.at(-1), rows[at + 1]![0]]
    if (!last || !first) continue
    const end = scan.source.indexOf('\n', last.end)
    if (end < 0 || end >= first.start) continue
    if ((opens(last) && !scan.isUsed(last)) || (closes(rows[at + 1]!) && !scan.isUsed(first))) ends.push(end)
  }
  return ends.slice(0, MOST)
}

/** Something is to follow. */
const opens = ({ kind, text, meanings }: Token): boolean =>
  kind === 'number' ||
  (kind === 'sign' && '/-–+:=&'.includes(text)) ||
  meanings.caption !== undefined ||
  meanings.figures.length > 0

/** It belongs to what stood before. */
const closes = ([first, ...more]: Token[]): boolean =>
  first !== undefined &&
  ((first.kind === 'word' && first.meanings.figures.some(({ side }) => side !== 'behind')) ||
    (more.length <= 3 && isFirm(first.text)))
