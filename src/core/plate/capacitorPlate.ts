import { numberOf, type Reader } from './reader'
import { readManufacturer, readNumbers } from './texts'
import type { PlateFields } from './types'

const N = '[0-9OQIL|SBZ]*[0-9][0-9OQIL|SBZ]*(?:[.,][0-9OQIL|SBZ]+)?'
const UNIT = '(?:U\\s?F|M\\s?F\\s?D|M\\s?F)(?![A-Z])'

/** After a unit stand other figures as well: 50/60 Hz, 370 V, 25/85/21. */
const NO_OTHER = '(?![0-9.,]|\\s{0,2}(?:[/-]|HZ|CYC|V|%|°))'

/** Fields of a capacitor's label. */
export function readCapacitorPlate(reader: Reader): PlateFields {
  const fields: PlateFields = {}
  readTemperature(reader, fields)
  const { partNumber, modelNumber } = readNumbers(reader)
  if (partNumber) fields.partNumber = partNumber
  if (modelNumber) fields.modelNumber = modelNumber
  readTolerance(reader, fields)
  readSections(reader, fields)
  const hz = reader.first(/([56][0OQ])\s?(?:[/-]\s?([56][0OQ]))?\s?(?:HZ|CYC(?:LES)?)/)
  if (hz)
    fields.hz = reader.field(
      [hz[1]!, hz[2]].flatMap((each) => (each ? [numberOf(each)] : [])),
      hz.index,
      hz.index + hz[0].length,
      0.95,
    )
  readVolts(reader, fields)
  const shape = reader.first(/(?<![A-Z])(ROUND|OVAL)(?![A-Z])/)
  if (shape)
    fields.shape = reader.field(
      shape[1] === 'ROUND' ? 'round' : 'oval',
      shape.index,
      shape.index + shape[0].length,
      0.94,
    )
  const duty = reader.first(/(?<![A-Z])(?:MOTOR\s)?(RUN|START(?:ING)?)(?:\s?CAP(?:ACITOR|\.)?)?(?![A-Z])/)
  const ranged = fields.sections?.value.some((section) => section.minUf !== undefined)
  if (duty)
    fields.duty = reader.field(
      duty[1] === 'RUN' ? ('run' as const) : ('start' as const),
      duty.index,
      duty.index + duty[0].length,
      0.95,
    )
  else if (ranged) fields.duty = { value: 'start', raw: fields.sections!.raw, confidence: 0.85 }
  const maker = readManufacturer(reader)
  if (maker) fields.manufacturer = maker
  return fields
}

/** Climate code 25/85/21 → −25 … +85; a range; a lone temperature is the upper one. */
function readTemperature(reader: Reader, fields: PlateFields): void {
  const climate = reader.first(/(?<![0-9])(\d{2})\/(\d{2,3})\/(\d{2})(?![0-9])/)
  if (climate) {
    fields.temperatureCelsius = reader.field(
      { min: -Number(climate[1]), max: Number(climate[2]) },
      climate.index,
      climate.index + climate[0].length,
      0.9,
    )
    return
  }
  const range = reader.first(
    new RegExp(
      `(-|MINUS\\s?)\\s?(${N})\\s?°?\\s?C?\\s{0,2}(?:TO|/|\\.\\.\\.?|-|~)\\s{0,2}\\+?\\s?(${N})\\s?°?\\s?C(?![A-Z])`,
    ),
  )
  if (range) {
    fields.temperatureCelsius = reader.field(
      { min: -numberOf(range[2]!), max: numberOf(range[3]!) },
      range.index,
      range.index + range[0].length,
      0.93,
    )
    return
  }
  const lone = reader.first(
    new RegExp(`\\+?(${N})\\s?°\\s?C(?![A-Z])|(?<![0-9A-Z])(\\d{2})\\s?C(?![A-Z0-9])`),
  )
  if (lone)
    fields.temperatureCelsius = reader.field(
      { max: numberOf((lone[1] ?? lone[2])!) },
      lone.index,
      lone.index + lone[0].length,
      0.88,
    )
}

function readTolerance(reader: Reader, fields: PlateFields): void {
  const asymmetric =
    reader.first(new RegExp(`-\\s?(${N})\\s?%?\\s?[/,]?\\s?\\+\\s?(${N})\\s?%`)) ??
    reader.first(new RegExp(`(?<![0-9])(0|O)\\s?%?\\s?[/,]\\s?\\+\\s?(${N})\\s?%`))
  if (asymmetric) {
    fields.tolerancePercent = reader.field(
      { minus: numberOf(asymmetric[1]!), plus: numberOf(asymmetric[2]!) },
      asymmetric.index,
      asymmetric.index + asymmetric[0].length,
      0.93,
    )
    return
  }
  const swapped = reader.first(new RegExp(`\\+\\s?(${N})\\s?%?\\s?[/,]?\\s?-\\s?(${N})\\s?%`))
  if (swapped) {
    fields.tolerancePercent = reader.field(
      { plus: numberOf(swapped[1]!), minus: numberOf(swapped[2]!) },
      swapped.index,
      swapped.index + swapped[0].length,
      0.93,
    )
    return
  }
  const symmetric = reader.first(
    new RegExp(`(?:±|\\+\\s?/?\\s?-|TOL(?:ERANCE|\\.)?\\s?[:.]?\\s?(?:±|\\+/?-)?)?\\s?(${N})\\s?%`),
  )
  if (!symmetric) return
  const value = numberOf(symmetric[1]!)
  fields.tolerancePercent = reader.field(
    { minus: value, plus: value },
    symmetric.index,
    symmetric.index + symmetric[0].length,
    0.93,
  )
}

type Sections = NonNullable<PlateFields['sections']>['value']

function readSections(reader: Reader, fields: PlateFields): void {
  const found = findSections(reader)
  if (!found) return
  const { value, match } = found
  const confidence = /[OQIL|SBZ]/.test(match[1]!) ? 0.75 : 0.95
  fields.sections = reader.field(value, match.index, match.index + match[0].length, confidence)
}

/** Marked sections, a range, two values, one value: the first that is printed. */
function findSections(reader: Reader): { value: Sections; match: RegExpExecArray } | null {
  const dual = (one: number, two: number): Sections => [
    { section: 'HERM', uF: Math.max(one, two) },
    { section: 'FAN', uF: Math.min(one, two) },
  ]
  const named = reader.first(
    new RegExp(
      `(?:HERM|H\\b)\\s{0,2}[:=]?\\s{0,2}(${N})(?:\\s?${UNIT})?[^0-9A-Z]{0,6}(?:FAN|F\\b)\\s{0,2}[:=]?\\s{0,2}(${N})\\s?(?:${UNIT})?`,
    ),
  )
  if (named) {
    const value: Sections = [
      { section: 'HERM', uF: numberOf(named[1]!) },
      { section: 'FAN', uF: numberOf(named[2]!) },
    ]
    return { value, match: named }
  }
  const range = reader.first(new RegExp(`(${N})\\s?(?:-|TO)\\s?(${N})\\s{0,2}${UNIT}`))
  if (range) {
    const [one, two] = [numberOf(range[1]!), numberOf(range[2]!)]
    const value: Sections = [
      { section: 'single', uF: (one + two) / 2, minUf: Math.min(one, two), maxUf: Math.max(one, two) },
    ]
    return { value, match: range }
  }
  const pair =
    reader.first(new RegExp(`(${N})\\s{0,2}(?:${UNIT})?\\s{0,2}[+/&]\\s{0,2}(${N})\\s{0,2}${UNIT}`)) ??
    reader.first(new RegExp(`${UNIT}\\s{0,2}[:.]?\\s{0,2}(${N})\\s{0,2}[+/]\\s{0,2}(${N})${NO_OTHER}`))
  if (pair) return { value: dual(numberOf(pair[1]!), numberOf(pair[2]!)), match: pair }
  const single =
    reader.first(new RegExp(`(${N})\\s{0,2}${UNIT}`)) ??
    reader.first(new RegExp(`${UNIT}\\s{0,2}[:.]?\\s{0,2}(${N})${NO_OTHER}`))
  return single ? { value: [{ section: 'single', uF: numberOf(single[1]!) }], match: single } : null
}

/** The highest printed: 370/440 V. */
function readVolts(reader: Reader, fields: PlateFields): void {
  const found = reader.all(
    new RegExp(
      `(${N})(?:\\s?[/-]\\s?(${N}))?\\s{0,2}(?:V(?:\\.?\\s?A\\.?\\s?C\\.?|AC|OLTS?|~)?|WVAC|VAC)(?![A-Z])|(?:VAC|VOLTS?|WVAC)\\s{0,2}[:.]?\\s{0,2}(${N})(?:\\s?/\\s?(${N}))?`,
    ),
  )
  const values = found
    .flatMap((match) =>
      [match[1], match[2], match[3], match[4]].flatMap((each) => (each ? [numberOf(each)] : [])),
    )
    .filter((value) => value >= 100 && value <= 1000)
  if (values.length === 0) return
  fields.volts = {
    value: Math.max(...values),
    raw: reader.raw(found[0]!.index, found[0]!.index + found[0]![0].length),
    confidence: 0.94,
  }
  for (const match of found) reader.use(match.index, match.index + match[0].length)
}
