import { typedValue } from '../units'

/** A size as it would be typed into its field, with its unit. */
export interface SpecSize {
  field: 'shaftDiameterMm' | 'shaftLengthMm' | 'diameterMm' | 'bodyLengthMm' | 'leadLengthMm' | 'heightMm'
  typed: string
}

/** What such a size is at all, mm: a figure beyond it is of something else. */
const range: Record<SpecSize['field'], [least: number, most: number]> = {
  shaftDiameterMm: [2, 30],
  shaftLengthMm: [8, 500],
  diameterMm: [25, 350],
  bodyLengthMm: [20, 500],
  leadLengthMm: [40, 5000],
  heightMm: [25, 300],
}

const FIGURE = String.raw`(?:\d{1,3}(?:[ -]\d{1,2}\/\d{1,2})|\d{1,2}\/\d{1,2}|\d{0,4}[.,]\d+|\d{1,4})(?![\d/])`
const UNIT = String.raw`(?:"|mm\b|cm\b|-?in(?:ch(?:es)?)?\b\.?)`
/** A figure with its unit; the second of two tells the first its own. */
const M = (nth: number) => String.raw`(?<f${nth}>${FIGURE})\s*(?<u${nth}>${UNIT})?`
const DIA = String.raw`(?:dia(?:meter|m)?\b\.?|ø|o\.?d\b\.?|durchmesser\b)`
const SHAFT = String.raw`\b(?:shaft|welle)\b(?:\s*(?:size|dimensions?|dims?\b\.?|\([^)\d]{1,30}\)))?`
const BODY = String.raw`\b(?:motor(?: body)?|body|frame|case|housing|can|gehäuse)\b`
const LENGTH = String.raw`(?:length|long\b|lg\b\.?)`
const SEP = String.raw`\s*[:=]?\s*`
const NOT_ALONE = String.raw`(?!\s*(?:${UNIT})?\s*(?:x|×|or|\/|to|&|and)\s*[\d.])`

/** No shaft of a fan is as thick. */
const LEAST_BODY_MM = 45

/** The fullest first: what one has read the next does not see. With the least that the figure must be, mm. */
const patterns: [RegExp, SpecSize['field'][], number][] = (
  [
    [
      `${SHAFT}${SEP}(?:${DIA}\\s*)?${M(1)}\\s*(?:${DIA})?\\s*[x×]\\s*${M(2)}\\s*(?:${LENGTH}|l\\b)?`,
      'shaft',
    ],
    [`${M(1)}\\s*(?:${DIA})?\\s*[x×]\\s*${M(2)}\\s*(?:${LENGTH})?\\s*${SHAFT}`, 'shaft'],
    [`(?:${SHAFT}\\s*${LENGTH}|\\bwellenlänge)${SEP}${M(1)}`, 'shaftLengthMm'],
    [`${M(1)}\\s*${LENGTH}\\s*${SHAFT}`, 'shaftLengthMm'],
    [`(?:${SHAFT}\\s*${DIA}|${DIA}\\s*${SHAFT})${SEP}${M(1)}${NOT_ALONE}`, 'shaftDiameterMm'],
    [`(?:${DIA}\\s*)?${M(1)}\\s*(?:${DIA}\\s*)?${SHAFT}(?:\\s*${DIA})?`, 'shaftDiameterMm'],
    [`${SHAFT}${SEP}${M(1)}${NOT_ALONE}`, 'shaftDiameterMm'],
    [`${BODY}\\s*${DIA}${SEP}${M(1)}`, 'diameterMm'],
    [`${M(1)}\\s*${DIA}\\s*${BODY}`, 'diameterMm'],
    // Of no named thing: what is as thick as that is no shaft.
    [`${M(1)}\\s*${DIA}(?!\\s*\\w*\\s*(?:shaft|wheel|blade|bore|duct|hole|propeller))`, 'thickMm'],
    [`${BODY}\\s*length${SEP}${M(1)}`, 'bodyLengthMm'],
    [`\\bleads?(?:\\s*(?:wires?\\s*)?length)?${SEP}${M(1)}`, 'leadLengthMm'],
  ] as const
).map(([source, field]) => [
  new RegExp(source, 'giu'),
  field === 'shaft' ? ['shaftDiameterMm', 'shaftLengthMm'] : [field === 'thickMm' ? 'diameterMm' : field],
  field === 'thickMm' ? LEAST_BODY_MM : 0,
])

const HIGH = String.raw`(?:high\b|height\b|tall\b|h\b\.?|${LENGTH})`
/** How a seller writes the size of a can; one that is as wide as it is high, or wider, may be told either way round. */
const canPatterns: typeof patterns = (
  [
    [
      `(?<![x×*]\\s*|[\\d.,/])(?:${DIA}\\s*)?${M(1)}\\s*(?:${DIA})?\\s*[x×*]\\s*${M(2)}\\s*(?:${HIGH})?(?!\\s*[x×*])`,
      ['diameterMm', 'heightMm'],
    ],
    [`${DIA}${SEP}${M(1)}`, ['diameterMm']],
    [`${M(1)}\\s*${DIA}`, ['diameterMm']],
    [`\\b(?:height|high|tall)\\b${SEP}${M(1)}`, ['heightMm']],
    [`${M(1)}\\s*(?:high|tall|in height)\\b`, ['heightMm']],
  ] satisfies [string, SpecSize['field'][]][]
).map(([source, fields]) => [new RegExp(source, 'giu'), fields, 0])

/**
 * Sizes of a motor in the text of a seller's page, which no plate prints. A figure without a unit is one only where it is a
 * fraction, which inches alone have, or stands beside one that has its unit.
 *
 * @returns the sizes as they would be typed, each field once, and the text without them
 * @example sizesIn('SHAFT 5/16" x 3').sizes.map(({ typed }) => typed) // ['5/16 in', '3 in']
 */
export const sizesIn = (text: string) => sizesBy(patterns, text)

/**
 * Across and height of a capacitor's can, likewise.
 *
 * @example canSizesIn('round, 50 x 95 mm').sizes.map(({ typed }) => typed) // ['50 mm', '95 mm']
 */
export const canSizesIn = (text: string) => sizesBy(canPatterns, text)

function sizesBy(known: typeof patterns, text: string): { sizes: SpecSize[]; rest: string } {
  const sizes: SpecSize[] = []
  const lines = text.replace(/[”“″]|''/g, '"').split('\n')
  const rest = lines.map((line) =>
    known.reduce(
      (left, [pattern, fields, least]) =>
        left.replace(pattern, (whole, ...found) => {
          const groups: Record<string, string | undefined> = found.at(-1)
          const read = sizesOf(fields, groups, least)
          if (read === null) return whole
          sizes.push(...read.filter(({ field }) => sizes.every((each) => each.field !== field)))
          return ' '
        }),
      line,
    ),
  )
  return { sizes, rest: rest.join('\n') }
}

/** Null where one of them has no unit, or is no such size. */
function sizesOf(
  fields: SpecSize['field'][],
  found: Record<string, string | undefined>,
  least: number,
): SpecSize[] | null {
  const figures = fields.map((_, i) => found[`f${i + 1}`] ?? '')
  const units = fields.map((_, i) => unitOf(found[`u${i + 1}`]))
  const fraction = figures.some((figure) => figure.includes('/'))
  const shared = units.find((unit) => unit !== null) ?? (fraction ? 'in' : null)
  if (shared === null) return null
  const read = fields.map(
    (field, i): SpecSize => ({
      field,
      typed: `${(figures[i] ?? '').replace(',', '.').replace(/^(\d+)-/, '$1 ')} ${units[i] ?? shared}`,
    }),
  )
  const fits = ({ field, typed }: SpecSize) => {
    const mm = typedValue(typed, 'mm')
    return mm !== null && mm >= Math.max(least, range[field][0]) && mm <= range[field][1]
  }
  return read.every(fits) ? read : null
}

function unitOf(unit: string | undefined): 'in' | 'mm' | 'cm' | null {
  if (!unit) return null
  const own = unit.toLowerCase().replace('-', '')
  if (own.startsWith('mm')) return 'mm'
  return own.startsWith('cm') ? 'cm' : 'in'
}
