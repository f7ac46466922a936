import { digitsOf, isDigit } from './confusions'
import type { Token } from './tokens'

/** Figures that belong together: 208-230, 1/25, 1290/1080/860, ±6. */
export interface Group {
  /** First and last token of the line. */
  from: number
  to: number
  /** The figures, look-alikes as digits, the point as printed. */
  numbers: string[]
  /** What stands between them. */
  signs: string[]
  /** A sign before the first: "-", "+", "±". */
  before: string
  damage: number
}

/** A token that is a figure, or that may be one where a figure is wanted: "lO", "SO", "S.1". */
export function figureOf(token: Token): string | null {
  if (token.kind === 'number') return digitsOf(token.text)
  if (token.meanings.value === 's1') return null
  const text = digitsOf(token.text)
  return token.kind !== 'sign' && text.length <= 4 && /^\d+$/.test(text) ? text : null
}

const joins = new Set(['/', '-', '+', '&', ','])

/** The groups of figures on a line, in order. */
export function groupsOf(line: Token[]): Group[] {
  const groups: Group[] = []
  for (let at = 0; at < line.length; at++) {
    const first = figureOf(line[at]!)
    if (first === null) continue
    const sign = line[at - 1]
    const group: Group = {
      from: at,
      to: at,
      numbers: [first],
      signs: [],
      before:
        sign &&
        '-+±'.includes(sign.text) &&
        sign.kind === 'sign' &&
        line[at]!.gap <= 1 &&
        groups.at(-1)?.to !== at - 2
          ? sign.text
          : '',
      damage: damageOf(line[at]!),
    }
    const thousand = thousandAt(line, at)
    if (thousand) {
      group.numbers[0] = thousand
      group.to = at + 1
    }
    let next = joined(line, group.to)
    // A comma goes on with a list of single figures: "25/85/21, 1.5" are two things.
    while (next && !(next.sign === ',' && group.signs.some((each) => each !== ','))) {
      group.signs.push(next.sign)
      const more = thousandAt(line, next.at)
      group.numbers.push(more ?? figureOf(line[next.at]!) ?? '')
      group.damage += damageOf(line[next.at]!)
      group.to = more ? next.at + 1 : next.at
      next = joined(line, group.to)
    }
    groups.push(wholeAndFraction(line, groups, group))
    at = group.to
  }
  return groups
}

/** "1 380 tr/min": a thousand with a blank, where a speed stands there. */
function thousandAt(line: Token[], at: number): string | null {
  const [first, rest] = [figureOf(line[at]!), line[at + 1] ? figureOf(line[at + 1]!) : null]
  if (!first || !rest || !/^[1-9]$/.test(first) || !/^\d{3}$/.test(rest) || line[at + 1]!.gap !== 1)
    return null
  const isSpeed = (token: Token | undefined) =>
    token?.kind === 'word' && token.meanings.figures.some(({ field }) => field === 'rpm')
  const behind = line.slice(at + 2).find(({ kind }) => kind === 'word')
  const before = line.slice(0, at).findLast(({ kind }) => kind === 'word')
  return isSpeed(behind) || isSpeed(before) ? `${first}${rest}` : null
}

/** "1 1/2": a whole number one blank before a fraction. */
function wholeAndFraction(line: Token[], groups: Group[], group: Group): Group {
  const last = groups.at(-1)
  const [a, b] = group.numbers.map(Number)
  if (!last || last.to !== group.from - 1 || last.numbers.length !== 1 || line[group.from]!.gap !== 1)
    return group
  if (group.signs[0] !== '/' || group.numbers.length !== 2 || !(a! < b!) || !/^[1-9]$/.test(last.numbers[0]!))
    return group
  groups.pop()
  return { ...group, from: last.from, numbers: [...last.numbers, ...group.numbers], signs: ['whole', '/'] }
}

/** Misread characters of a figure; a word that is taken for one is all of them. */
const damageOf = (token: Token): number =>
  token.kind === 'number' ? token.damage : Array.from(token.text).filter((char) => !isDigit(char)).length

/** The next figure of the same group, and the sign before it. */
function joined(line: Token[], at: number): { at: number; sign: string } | null {
  const [sign, number] = [line[at + 1], line[at + 2]]
  if (!sign || !number || sign.gap > 1 || number.gap > 1) return null
  const isTo = sign.meanings.value === 'to' && sign.text === 'TO'
  if (!isTo && !(sign.kind === 'sign' && joins.has(sign.text))) return null
  const figure = figureOf(number)
  if (figure === null) return null
  // "1100/3SPD": the count of speeds is a figure of its own.
  const unit = line[at + 3]
  const counts =
    unit?.kind === 'word' && unit.gap <= 1 && unit.meanings.figures.some(({ field }) => field === 'speeds')
  if (counts && figure.length === 1) return null
  // A comma joins only with a blank behind it: 400, 700.
  if (sign.text === ',' && number.gap === 0) return null
  return { at: at + 2, sign: isTo ? '-' : sign.text }
}

/** A figure as a number; a point or comma before three digits is a thousand where `thousands` says so. */
export function numberOf(text: string, thousands = false): number {
  if (thousands && /^\d{1,2}[.,]\d{3}$/.test(text)) return Number(text.replace(/[.,]/, ''))
  return Number(text.replace(',', '.'))
}

/** 1/4, 1 1/2, .25 as a number; null where the group is none. */
export function fractionOf({ numbers, signs }: Group): number | null {
  const values = numbers.map((each) => numberOf(each))
  if (values.length === 1) return values[0]!
  if (values.length === 2 && signs[0] === '/' && values[0]! < values[1]!) return values[0]! / values[1]!
  if (values.length === 3 && signs[0] === 'whole') return values[0]! + values[1]! / values[2]!
  // "1-1/2"
  if (values.length === 3 && signs[0] === '-' && signs[1] === '/') return values[0]! + values[1]! / values[2]!
  return null
}

/** 25/85/21: the climate that a capacitor is made for, as frost, heat and days of damp. */
export const isClimate = ({ numbers: [frost = '', heat = '', damp = '', ...more], signs }: Group): boolean =>
  more.length === 0 &&
  signs.every((sign) => sign === '/') &&
  /^\d{2}$/.test(frost) &&
  /^\d{2,3}$/.test(heat) &&
  /^(?:04|10|21|56)$/.test(damp)
