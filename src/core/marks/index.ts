import { coloursOf } from '../knowledge/insulation'
import { inMarkup } from '../markup'

/** Kinds of marks on a photo. */
export const markKinds = ['arrow', 'circle', 'words', 'wire'] as const
export type MarkKind = (typeof markKinds)[number]

/** A mark on a photo. Places are shares of its width and height, so that it fits any size. */
export interface Mark {
  kind: MarkKind
  /** Where an arrow begins, a circle has its centre, words and wires stand. */
  x: number
  y: number
  /** Where the arrow points, and how far the circle reaches. */
  toX: number
  toY: number
  /** What words say; the colour of the insulation for a wire. */
  text: string
}

/** So many fit into what one act may carry. */
export const MOST_MARKS = 25
const LONGEST_WORDS = 40

/** The marks of a photo as they are kept; damaged text has none. */
export function marksOf(text: string): Mark[] {
  if (text === '') return []
  try {
    const rows: unknown = JSON.parse(text)
    return Array.isArray(rows) ? rows.slice(0, MOST_MARKS).flatMap(markOf) : []
  } catch {
    return []
  }
}

/** Shares to a thousandth: a photo is seldom shown larger than a thousand points. */
export const marksText = (marks: readonly Mark[]): string =>
  marks.length === 0
    ? ''
    : JSON.stringify(
        marks
          .slice(0, MOST_MARKS)
          .map(({ kind, x, y, toX, toY, text }) => [
            kind,
            ...[x, y, toX, toY].map(share),
            text.slice(0, LONGEST_WORDS),
          ]),
      )

const share = (value: number): number => Math.round(Math.min(1, Math.max(0, value)) * 1000) / 1000

function markOf(row: unknown): Mark[] {
  if (!Array.isArray(row) || row.length !== 6) return []
  const [kind, x, y, toX, toY, text]: unknown[] = row
  const known = markKinds.find((each) => each === kind)
  const isShare = (value: unknown): value is number => typeof value === 'number' && value >= 0 && value <= 1
  if (!known || !isShare(x) || !isShare(y) || !isShare(toX) || !isShare(toY) || typeof text !== 'string')
    return []
  return [{ kind: known, x, y, toX, toY, text: text.slice(0, LONGEST_WORDS) }]
}

/**
 * A mark moved by some share of the photo; it stays on it as a whole.
 *
 * @example moved({ kind: 'words', x: 0.9, y: 0.5, toX: 0.9, toY: 0.5, text: 'C' }, 0.2, 0).x // 1
 */
export function moved(mark: Mark, byX: number, byY: number): Mark {
  const room = (one: number, two: number, by: number) =>
    Math.max(-Math.min(one, two), Math.min(1 - Math.max(one, two), by))
  const [stepX, stepY] = [room(mark.x, mark.toX, byX), room(mark.y, mark.toY, byY)]
  return { ...mark, x: mark.x + stepX, y: mark.y + stepY, toX: mark.toX + stepX, toY: mark.toY + stepY }
}

/** What a mark is, in words: for a list beside the photo, and for those who do not see it. */
export function markWords({ kind, text }: Mark): string {
  if (kind === 'wire') return `wire: ${text}`
  if (kind === 'words') return `“${text}”`
  const name = kind === 'arrow' ? 'an arrow' : 'a circle'
  return text ? `${name}, “${text}”` : name
}

/** A line or a text to draw, in points of the picture. */
export type Shape =
  /** `fill` and `colour` only where the thing drawn has its own: a wire is shown in its insulation. */
  | { kind: 'line'; path: string; width: number; fill?: string; colour?: string }
  | { kind: 'text'; x: number; y: number; size: number; text: string }

/** What is drawn of a mark on a picture of this size: paths and texts, whatever draws them. */
export function shapesOf(mark: Mark, width: number, height: number): Shape[] {
  const unit = Math.max(width, height) / 100
  const [x, y, toX, toY] = [mark.x * width, mark.y * height, mark.toX * width, mark.toY * height]
  const words = (atX: number, atY: number): Shape[] =>
    mark.text ? [{ kind: 'text', x: atX, y: atY, size: 3 * unit, text: mark.text }] : []
  const line = (path: string): Shape => ({ kind: 'line', path, width: 0.6 * unit })
  switch (mark.kind) {
    case 'words':
      return words(x, y)
    case 'wire':
      return [...wireEnd(x, y, unit, mark.text), ...words(x + 2.4 * unit, y + unit)]
    case 'circle':
      return [line(ring(x, y, Math.max(unit, Math.hypot(toX - x, toY - y)))), ...words(x, y)]
    case 'arrow': {
      const angle = Math.atan2(toY - y, toX - x)
      const barb = (turn: number) =>
        `M${point(toX, toY)}L${point(toX - 3 * unit * Math.cos(angle + turn), toY - 3 * unit * Math.sin(angle + turn))}`
      return [line(`M${point(x, y)}L${point(toX, toY)}${barb(0.45)}${barb(-0.45)}`), ...words(x, y - unit)]
    }
  }
}

/** The end of a wire in its insulation's colour, striped where it is; a ring alone where the name tells no colour. */
function wireEnd(x: number, y: number, unit: number, name: string): Shape[] {
  const { base, stripe } = coloursOf(name)
  const end: Shape = {
    kind: 'line',
    path: ring(x, y, 1.4 * unit),
    width: 0.5 * unit,
    ...(base ? { fill: base } : {}),
  }
  return stripe
    ? [
        end,
        {
          kind: 'line',
          path: `M${point(x - 0.8 * unit, y + 0.8 * unit)}L${point(x + 0.8 * unit, y - 0.8 * unit)}`,
          width: 0.6 * unit,
          colour: stripe,
        },
      ]
    : [end]
}

const point = (x: number, y: number): string => `${x.toFixed(1)} ${y.toFixed(1)}`

const ring = (x: number, y: number, radius: number): string =>
  `M${point(x - radius, y)}a${point(radius, radius)} 0 1 0 ${point(2 * radius, 0)}a${point(radius, radius)} 0 1 0 ${point(-2 * radius, 0)}`

/**
 * The marks as an SVG picture that is laid over the photo: copper on a light rim, to be seen on any ground.
 *
 * @example marksSvg([], 40, 30) // '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 30" width="40" height="30"></svg>'
 */
export function marksSvg(marks: readonly Mark[], width: number, height: number): string {
  const shapes = marks.flatMap((mark) => shapesOf(mark, width, height))
  const rim = (shape: Shape) => drawn(shape, '#ffffff', 2.2)
  const ink = (shape: Shape) => drawn(shape, '#b3541e', 1)
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">${shapes.map(rim).join('')}${shapes.map(ink).join('')}</svg>`
}

function drawn(shape: Shape, colour: string, wider: number): string {
  if (shape.kind === 'line')
    return `<path d="${shape.path}" fill="${wider > 1 ? 'none' : (shape.fill ?? 'none')}" stroke="${shape.colour ?? colour}" stroke-width="${(shape.width * wider).toFixed(1)}" stroke-linecap="round"/>`
  const rim =
    wider > 1
      ? ` stroke="${colour}" stroke-width="${(shape.size / 4).toFixed(1)}" stroke-linejoin="round"`
      : ''
  return `<text x="${shape.x.toFixed(1)}" y="${shape.y.toFixed(1)}" font-family="sans-serif" font-weight="700" font-size="${shape.size.toFixed(1)}" fill="${colour}"${rim}>${inMarkup(shape.text)}</text>`
}
