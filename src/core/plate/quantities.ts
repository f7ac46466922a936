import { LIST, NUM, numberOf, numbersOf, type Reader, trust } from './reader'

export interface Found {
  values: number[]
  start: number
  end: number
  confidence: number
}

interface QuantityPattern {
  /** The unit or caption, upper case. */
  unit: string
  number?: string
  plausible: (values: number[]) => boolean
  parse?: (text: string) => number[]
}

/** Which way round the plate writes: "115 V" or "V 115"; told by the units that leave no doubt. */
export type Direction = 'value-first' | 'unit-first'

/** "1 1/2": a whole number on the same line, and not the end of another figure. */
const WHOLE = '(?:(?<![.,0-9])[0-9]{1,2}(?:[ \\t]?-[ \\t]?|[ \\t]))?'
const FRACTION = `${WHOLE}${NUM}\\s?/\\s?${NUM}|${NUM}`

/** Between a caption and its number; the dot of ".55" belongs to the number. */
const SEPARATOR = '(?:[:=]|\\.(?!\\d{1,3}(?!\\d)))'

/** Every place where the unit stands beside a plausible number. */
export function findQuantity(reader: Reader, pattern: QuantityPattern, direction: Direction): Found[] {
  const number = pattern.number ?? LIST
  const parse = pattern.parse ?? ((text: string) => numbersOf(text))
  const found: Found[] = []
  // A number belongs to the unit it stands next to, then to one on its line, then to one above or below.
  const order = ['[ \\t]?', '[ \\t]{0,3}', '\\s{0,3}'].flatMap((gap) => {
    const before = new RegExp(`(?<![A-Z0-9.,/])(${number})${gap}(?:${pattern.unit})(?![A-Z])`)
    const after = new RegExp(
      `(?<![A-Z])(?:${pattern.unit})${gap}(?:${SEPARATOR}${gap})?(${number})(?![0-9]|/[0-9](?!\\s?SP))`,
    )
    const glued = new RegExp(`(?<=[A-Z])(${number})${gap}(?:${pattern.unit})(?![A-Z])`)
    return direction === 'value-first' ? [before, glued, after] : [after, before, glued]
  })
  for (const regex of order) {
    for (const match of reader.all(regex)) {
      const values = parse(match[1]!)
      if (values.length === 0 || !values.every(Number.isFinite) || !pattern.plausible(values)) continue
      const [start, end] = [match.index, match.index + match[0].length]
      if (found.some((other) => start < other.end && end > other.start)) continue
      found.push({ values, start, end, confidence: trust(match[1]!) })
    }
  }
  return found.sort((one, two) => one.start - two.start)
}

export const fractionPattern = FRACTION

/** "1 1/2", "1/4", ".2", "0,25". */
export function parseFraction(text: string): number[] {
  const match = new RegExp(`^(?:(${NUM})[-\\s]+)?(${NUM})\\s?/\\s?(${NUM})$`).exec(text.trim())
  if (match) return [(match[1] ? numberOf(match[1]) : 0) + numberOf(match[2]!) / numberOf(match[3]!)]
  return [numberOf(text.trim())]
}

const isHz = (values: number[]) => values.every((value) => [25, 50, 60, 400].includes(value))
const isFraction = (values: number[]) => values.length === 2 && values[0]! < values[1]! && values[1]! <= 20
const isPhase = (values: number[]) => values.length === 1 && (values[0] === 1 || values[0] === 3)
const isRpm = (values: number[]) => values.every((value) => value >= 150 && value <= 6000)

/** Tell the direction from units whose numbers cannot be mistaken. */
export function directionOf(reader: Reader): Direction {
  let first = 0
  let after = 0
  const probe = (unit: string, plausible: (values: number[]) => boolean) => {
    for (const match of reader.all(new RegExp(`(${LIST})[ \\t]{0,2}(?:${unit})(?![A-Z])`)))
      if (plausible(numbersOf(match[1]!, true))) first++
    for (const match of reader.all(new RegExp(`(?:${unit})[ \\t]{0,2}(?:${SEPARATOR}[ \\t]{0,2})?(${LIST})`)))
      if (plausible(numbersOf(match[1]!, true))) after++
  }
  probe('HZ|CYCLES|CYC', isHz)
  probe('R\\.?P\\.?M\\.?', isRpm)
  probe('H\\.?P\\.?', isFraction)
  probe('PH(?:ASE)?', isPhase)
  return after > first ? 'unit-first' : 'value-first'
}

export const plausible = {
  hz: isHz,
  rpm: isRpm,
  volts: (values: number[]) => values.every((value) => value >= 5 && value <= 700),
  amps: (values: number[]) => values.every((value) => value > 0.01 && value < 100),
  hp: (values: number[]) => values.every((value) => value > 0.002 && value <= 10),
  watts: (values: number[]) => values.every((value) => value >= 1 && value <= 20_000),
  uF: (values: number[]) => values.every((value) => value >= 0.4 && value <= 1000),
}
