import { valuesFor } from './figures'
import { figureOf, groupsOf } from './groups'
import { asFigures } from './misread'
import type { Token } from './tokens'

/** One caption of a row of captions, with the tokens that make it. */
interface Head {
  tokens: Token[]
}

/**
 * Rows of captions with rows of values below or above are read as lines of "caption value": the rows go, the pairs come in
 * their place. A caption alone on its line has its value on the next.
 */
export function unrolled(lines: Token[][]): Token[][] {
  const heads = lines.map(headsOf)
  const used = new Set<number>()
  const made = new Map<number, Token[][]>()
  heads.forEach((head, at) => {
    if (!head) return
    const below = rowsOf(lines, heads, used, head, at, 1)
    const above = head.length > 1 ? rowsOf(lines, heads, used, head, at, -1) : null
    const chosen = below && above ? (above.score > below.score ? above : below) : (below ?? above)
    if (!chosen) return
    used.add(at)
    for (const row of chosen.rows) used.add(row)
    made.set(at, chosen.pairs)
  })
  return lines.flatMap((line, at) => made.get(at) ?? (used.has(at) ? [] : [line]))
}

const isHead = ({ kind, meanings }: Token): boolean =>
  kind === 'word' &&
  (meanings.caption !== undefined || meanings.figures.some(({ side }) => side !== 'before'))

/** The captions of a line that holds nothing else. */
function headsOf(line: Token[]): Head[] | null {
  if (line.every(({ text }) => text.length < 2) || groupsOf(line).length > 0) return null
  const heads: Head[] = []
  let [between, wide] = ['', false]
  for (const token of line) {
    if (token.kind === 'sign') {
      if (!':./|()#~_*\'"'.includes(token.text)) return null
      between += token.text
      if (token.text === '|') wide = true
      continue
    }
    if (!isHead(token)) {
      // "OUTPUT WATTS", "MAX AMB": a plain word belongs to the caption before or behind it.
      if (token.kind !== 'word' || !token.meanings.plain) return null
      continue
    }
    const last = heads.at(-1)
    // "INS CL F": the letter is the class.
    if (token.text.length === 1 && last?.tokens.at(-1)?.meanings.caption === 'insulationClass') return null
    const same =
      last && token.gap <= 1 && !wide && (between.includes('/') || sameMeaning(last.tokens.at(-1)!, token))
    if (same) last.tokens.push(token)
    else heads.push({ tokens: [token] })
    between = ''
    wide = false
  }
  return heads.length > 0 ? heads : null
}

const sameMeaning = (one: Token, other: Token): boolean =>
  one.meanings.figures.some(({ field }) => other.meanings.figures.some((word) => word.field === field)) ||
  (one.meanings.caption !== undefined && one.meanings.caption === other.meanings.caption)

interface Rows {
  rows: number[]
  pairs: Token[][]
  score: number
}

function rowsOf(
  lines: Token[][],
  heads: (Head[] | null)[],
  used: Set<number>,
  head: Head[],
  at: number,
  step: 1 | -1,
): Rows | null {
  const found: Rows = { rows: [], pairs: [], score: 0 }
  for (let row = at + step; lines[row] && !heads[row] && !used.has(row); row += step) {
    const cells = cellsFor(head, lines[row]!)?.map((cell, i) =>
      // A column of figures wants figures.
      isFigureHead(head[i]!) ? cell.flatMap((token) => asFigures(token) ?? [token]) : cell,
    )
    if (!cells) break
    const fit = head.map((each, i) => fits(each, cells[i]!))
    if (fit.some((each) => each < 0)) break
    found.rows.push(row)
    found.score = Math.max(
      found.score,
      fit.reduce((sum, each) => sum + each, 0),
    )
    head.forEach((each, i) => {
      // The names of speeds are no figures.
      if (cells[i]!.length > 0 && cells[i]![0]!.meanings.value !== 'speed-name')
        found.pairs.push(pairOf(each, cells[i]!))
    })
    // Only figures have several rows, and a row of captions above which the values stand has one.
    if (head.length === 1 || step === -1 || !head.some(isFigureHead)) break
  }
  return found.rows.length > 0 ? found : null
}

const isFigureHead = ({ tokens }: Head) => tokens.some(({ meanings }) => meanings.figures.length > 0)

function pairOf(head: Head, cell: Token[]): Token[] {
  const value = cell.map((token, i) => (i === 0 ? { ...token, gap: 1 } : token))
  return [...head.tokens.map((token, i) => ({ ...token, gap: i === 0 ? 0 : 1 })), ...value]
}

/** The value of each caption: cells apart by a wide gap, else by any gap, else by their columns. */
function cellsFor(head: Head[], line: Token[]): Token[][] | null {
  if (line.length === 0) return null
  // A line with captions of its own is no row of values.
  const begins = (token: Token, i: number) => i === 0 || token.gap > 0
  if (
    line.some(
      (token, i) =>
        isHead(token) && begins(token, i) && token.text.length > 1 && !isValue(token) && !isUnit(line, i),
    )
  )
    return null
  if (head.length === 1) return [line]
  // "MED LO  850  5.1": a row of a table of speeds begins with its name.
  const named =
    line.length > head.length && line[0]!.meanings.value === 'speed-name'
      ? cellsFor(head, line.slice(1))
      : null
  if (named) return named
  const wide = cut(line, 2)
  if (wide.length === head.length) return wide
  const narrow = cut(line, 1)
  if (narrow.length === head.length) return narrow
  const groups = groupsOf(line)
  if (groups.length === head.length && head.every(isFigureHead))
    return groups.map(({ from, to }) => line.slice(from, to + 1))
  return byColumn(head, wide.length > head.length ? narrow : wide)
}

const isValue = ({ meanings }: Token) => meanings.value !== undefined
/** A unit right behind its figure. */
const isUnit = (line: Token[], at: number) => at > 0 && figureOf(line[at - 1]!) !== null && line[at]!.gap <= 1

function cut(line: Token[], gap: number): Token[][] {
  const cells: Token[][] = []
  let fresh = true
  for (const token of line) {
    if (token.kind === 'sign' && token.text === '|') {
      fresh = true
      continue
    }
    if (fresh || token.gap >= gap) cells.push([token])
    else cells.at(-1)!.push(token)
    fresh = false
  }
  return cells
}

/** Cells below their captions, where some columns are empty. */
function byColumn(head: Head[], cells: Token[][]): Token[][] | null {
  if (cells.length < 2 || cells.length > head.length) return null
  const columns = head.map(({ tokens }) => tokens[0]!.column)
  const out: Token[][] = head.map(() => [])
  for (const cell of cells) {
    const near = columns
      .map((column, i) => ({ i, away: Math.abs(column - cell[0]!.column) }))
      .sort((a, b) => a.away - b.away)[0]!
    if (near.away > 4 || out[near.i]!.length > 0) return null
    out[near.i] = cell
  }
  return out
}

/** Whether a cell can be the value of a caption: 1 it can, 0 who knows, -1 it cannot. */
function fits({ tokens }: Head, cell: Token[]): number {
  const words = tokens.flatMap(({ meanings }) => meanings.figures)
  if (cell.length === 0 || cell[0]!.meanings.value === 'speed-name') return 0
  if (words.length === 0)
    return tokens.some(
      ({ meanings }) => meanings.caption === 'modelNumber' || meanings.caption === 'partNumber',
    ) && !cell.some(({ text }) => /\d/.test(text))
      ? -1
      : 0.2
  const groups = groupsOf(cell)
  if (groups.length === 0) return words.some(({ field }) => field === 'speeds' || field === 'other') ? 0 : -1
  return words.some((word) => valuesFor(word.field, groups[0]!, word.factor)) ? 1 : -1
}
