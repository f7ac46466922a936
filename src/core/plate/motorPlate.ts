import { severalSpeeds } from '../knowledge/motorKinds'
import { type Put, readCodes, readWords } from './motorWords'
import {
  directionOf,
  type Found,
  findQuantity,
  fractionPattern,
  parseFraction,
  plausible,
} from './quantities'
import { LIST, NUM, numberOf, numbersOf, type Reader, trust } from './reader'
import { readManufacturer, readNumbers } from './texts'
import type { Field, PlateFields } from './types'

/** Fields of a motor plate. What it does not say is left out, never guessed. */
export function readMotorPlate(reader: Reader): PlateFields {
  const fields: PlateFields = {}
  const put = <K extends keyof PlateFields>(key: K, field: PlateFields[K] | undefined) => {
    if (field && fields[key] === undefined) fields[key] = field
  }
  const direction = directionOf(reader)
  const quantity = <T>(found: Found | undefined, value: (values: number[]) => T): Field<T> | undefined =>
    found ? reader.field(value(found.values), found.start, found.end, found.confidence) : undefined

  Object.assign(fields, readNumbers(reader))
  readCodes(reader, put)
  skip(
    reader,
    /(?:LAMP|LIGHT|BULB|HEATER)\s{0,2}[:.]?\s{0,2}(?:MAX\.?\s)?\d+\s?W(?:ATTS)?|\d+\s?W(?:ATTS)?\s(?:LAMP|LIGHT|BULB|HEATER)/,
  )
  const locked = 'L\\.?R\\.?A\\.?|LOCKED\\s?ROTOR(?:\\s?AMPS)?'
  skip(reader, new RegExp(`(?:${locked})\\s{0,2}[:.=]?\\s{0,2}${NUM}\\s?A?(?![A-Z])`))
  skip(reader, new RegExp(`${NUM}\\s?A?\\s?(?:${locked})`))
  readCapacitor(reader, put)
  readTemperatures(reader, put)
  put(
    'serviceFactor',
    quantity(
      findQuantity(
        reader,
        { unit: 'S\\.?\\s?F\\.?A?|SERVICE\\s?FACTOR', number: NUM, plausible: ([v]) => v! >= 0.9 && v! <= 2 },
        'unit-first',
      )[0],
      ([v]) => v!,
    ),
  )
  put(
    'hp',
    quantity(
      findQuantity(
        reader,
        {
          unit: 'H\\.?\\s?P\\.?|HORSEPOWER',
          number: fractionPattern,
          plausible: plausible.hp,
          parse: parseFraction,
        },
        direction,
      )[0],
      ([v]) => v!,
    ),
  )
  readSpeeds(reader, put, direction)
  put(
    'hz',
    quantity(
      findQuantity(
        reader,
        { unit: 'HZ|H2|CYCLES?|CYC\\.?|FREQ(?:UENCY)?', plausible: plausible.hz },
        direction,
      )[0],
      (v) => v,
    ),
  )
  readPhase(reader, put)
  put('watts', readWatts(reader, direction))
  readVoltages(reader, put, direction)
  put(
    'amps',
    quantity(
      bestAmps(
        findQuantity(
          reader,
          {
            unit: 'F\\.?\\s?L\\.?\\s?A\\.?|AMP(?:ERE)?S?\\.?|A(?:MPS)?(?![A-Z/])',
            plausible: plausible.amps,
          },
          direction,
        ),
        reader,
      ),
      (v) => v,
    ),
  )
  if (!fields.hz) put('hz', tildeHz(reader))
  readWords(reader, put)
  if (fields.motorKind && (fields.speeds?.value ?? fields.rpm?.value.length ?? 1) > 1)
    fields.motorKind = { ...fields.motorKind, value: severalSpeeds(fields.motorKind.value) }
  if (/(?<![A-Z])DC(?![A-Z])|V\s?DC/.test(reader.norm) && !/(?<![A-Z])AC(?![A-Z])/.test(reader.norm)) {
    delete fields.phase
    delete fields.hz
  }
  put('manufacturer', readManufacturer(reader))
  return fields
}

function skip(reader: Reader, pattern: RegExp): void {
  for (const match of reader.all(pattern)) reader.use(match.index, match.index + match[0].length)
}

/** Volts that a supply has and no run capacitor is made for. */
const SUPPLIES = [24, 100, 110, 115, 120, 127, 200, 208, 220, 230, 240]

/** The capacitor a motor asks for, with its volts, before any volts of the supply are read. */
function readCapacitor(reader: Reader, put: Put): void {
  const unit = '(?:U\\s?F|MFD|M\\s?F\\s?D?)(?![A-Z])'
  // Capacitors are rated in three figures.
  const volts3 = '(?<![0-9])[0-9OQIL|SBZ]{3}(?![0-9])'
  const match =
    reader.first(
      new RegExp(
        `(?:CAP(?:ACITOR|\\.)?\\s{0,2}[:.]?\\s{0,2}|RUN\\s?CAP\\.?\\s{0,2}[:.]?\\s{0,2})?(${NUM})\\s{0,2}${unit}(?:\\s{0,2}[/,@X-]?\\s{0,2}(${volts3}(?:/${volts3})?)[ \\t]{0,2}V(?:\\s?AC|AC|OLTS?)?(?![A-Z]))?`,
      ),
    ) ??
    reader.first(
      new RegExp(
        `${unit}\\s{0,2}[:.=]?\\s{0,2}(${NUM})(?:\\s{0,2}[/,@]?\\s{0,2}(${volts3})[ \\t]{0,2}V(?:\\s?AC|AC|OLTS?)?(?![A-Z]))?`,
      ),
    ) ??
    reader.first(
      new RegExp(
        `(?:RUN\\s)?CAP(?:ACITOR|\\.)?\\s{0,2}[:.]?\\s{0,2}(${NUM})\\s{0,2}/\\s{0,2}(${NUM})(?:\\s{0,2}V(?:AC)?)?(?![A-Z0-9])`,
      ),
    )
  if (!match) return
  const uF = numberOf(match[1]!)
  if (!plausible.uF([uF])) return
  const volts = match[2] ? Math.max(...numbersOf(match[2])) : null
  const rated = volts !== null && !SUPPLIES.includes(volts)
  const start = match.index
  // The supply's own volts may follow: they are left for it.
  const own =
    volts !== null && !rated
      ? match[0].slice(0, match[0].lastIndexOf(match[2]!)).replace(/[\s/,@X-]+$/, '')
      : match[0]
  const end = start + own.length
  put('capacitorUf', { value: uF, raw: reader.raw(start, end), confidence: trust(match[1]!) })
  if (rated)
    put('capacitorVolts', { value: volts, raw: reader.raw(start, end), confidence: trust(match[2]!) })
  reader.use(start, end)
}

/** Ambient: the upper of a range, °F converted. A temperature rise is no ambient. */
function readTemperatures(reader: Reader, put: Put): void {
  skip(
    reader,
    new RegExp(
      `(?:TEMP(?:ERATURE|\\.)?\\s)?RISE\\s{0,2}[:.]?\\s{0,2}${NUM}\\s?°?\\s?[CF]?|${NUM}\\s?°?\\s?[CF]?\\s(?:TEMP(?:ERATURE|\\.)?\\s)?RISE`,
    ),
  )
  const range = `(?:-?${NUM}\\s?°?\\s?[CF]?\\s?(?:-|TO|/|\\.\\.\\.?)\\s?\\+?)?`
  const match =
    reader.first(
      new RegExp(
        `(?:MAX\\.?\\s)?AMB(?:IENT|\\.)?(?:\\s?TEMP(?:ERATURE|\\.)?)?\\s{0,2}[:.]?\\s{0,2}${range}(${NUM})\\s?°?\\s?([CF])?(?![A-Z])`,
      ),
    ) ??
    reader.first(
      new RegExp(`${range}(${NUM})\\s?°?\\s?([CF])?\\s{0,2}(?:MAX\\.?\\s)?AMB(?:IENT|\\.)?(?:\\s?TEMP\\.?)?`),
    )
  if (!match) return
  const value = numberOf(match[1]!)
  const fahrenheit = match[2] === 'F' || (match[2] === undefined && value > 95)
  put(
    'ambientCelsius',
    reader.field(
      fahrenheit ? ((value - 32) * 5) / 9 : value,
      match.index,
      match.index + match[0].length,
      trust(match[1]!),
    ),
  )
}

function readSpeeds(reader: Reader, put: Put, direction: 'value-first' | 'unit-first'): void {
  const count = reader.first(
    /(?<![0-9A-Z.])([2-9])\s?-?\s?(?:SPD|SPEEDS?|SPS)(?![A-Z])|(?:SPEEDS?|SPD)\s{0,2}[:.=]\s{0,2}([1-9])(?![0-9])/,
  )
  if (count)
    put(
      'speeds',
      reader.field(Number(count[1] ?? count[2]), count.index, count.index + count[0].length, 0.95),
    )
  const unit = 'R\\.?\\s?P\\.?\\s?M\\.?|MIN\\s?-\\s?1|/\\s?MIN|R\\s?/\\s?MIN'
  const parse = (text: string) => numbersOf(text.replace(/(\d),(\d{3})(?!\d)/g, '$1$2'), true)
  // Speeds have three figures or more: the count in "1100/3SPD" is none.
  const speed = '(?=[OQIL|SBZ.,]{0,3}[0-9])[0-9OQIL|SBZ][0-9OQIL|SBZ.,]{2,4}'
  const list = `${speed}(?:\\s{0,2}[-/]\\s{0,2}${speed})*`
  const found = findQuantity(reader, { unit, number: list, plausible: plausible.rpm, parse }, direction)
  const values = [...new Set(found.flatMap((each) => each.values))].sort((one, two) => two - one)
  if (values.length > 0) {
    const [start, end] = [found[0]!.start, found[0]!.end]
    put('rpm', {
      value: values,
      raw: reader.raw(start, end),
      confidence: Math.min(...found.map((each) => each.confidence)),
    })
    for (const each of found) reader.use(each.start, each.end)
  }
  // A range of one adjustable speed is no list of speeds.
  const isRange =
    found.length === 1 && found[0]!.values.length === 2 && found[0]!.values[0]! < found[0]!.values[1]!
  if (values.length > 0 && !isRange)
    put('speeds', { value: values.length, raw: reader.raw(found[0]!.start, found[0]!.end), confidence: 0.8 })
}

function readPhase(reader: Reader, put: Put): void {
  const match = reader.first(
    /(?<![0-9A-Z.-])([13I])[ \t]?(?:PH(?:ASE)?\.?|Ø|Φ)(?![A-Z])|(?:PH(?:ASE)?\.?|Ø|Φ)\s{0,2}[:.=]?\s{0,2}([13I])(?![0-9.])|(SINGLE|THREE)\s?-?\s?PHASE|(?<=[A-Z])([13])[ \t]?PH(?![A-Z])/,
  )
  if (!match) return
  const value = match[3] ? (match[3] === 'SINGLE' ? 1 : 3) : numberOf((match[1] ?? match[2] ?? match[4])!)
  put('phase', reader.field(value, match.index, match.index + match[0].length, 0.95))
}

function readWatts(reader: Reader, direction: 'value-first' | 'unit-first'): Field<number> | undefined {
  const kilo = findQuantity(
    reader,
    { unit: 'KW', number: NUM, plausible: ([v]) => v! > 0.001 && v! < 20 },
    direction,
  )[0]
  if (kilo) return reader.field(kilo.values[0]! * 1000, kilo.start, kilo.end, kilo.confidence)
  const plainWatts = findQuantity(
    reader,
    { unit: '(?:W(?:ATTS?)?|P1|P2)', number: NUM, plausible: plausible.watts },
    direction,
  )[0]
  return plainWatts
    ? reader.field(plainWatts.values[0]!, plainWatts.start, plainWatts.end, plainWatts.confidence)
    : undefined
}

/** Voltages as printed: 208-230, 115/230. Several places are joined. */
function readVoltages(reader: Reader, put: Put, direction: 'value-first' | 'unit-first'): void {
  const found = findQuantity(
    reader,
    { unit: 'V(?:OLTS?|\\.?\\s?A\\.?\\s?C\\.?|AC|DC|\\s?~)?(?![A-Z])|VOLTAGE', plausible: plausible.volts },
    direction,
  )
  if (found.length === 0) return
  const values = [...new Set(found.flatMap((each) => each.values))]
  put('voltages', {
    value: values,
    raw: reader.raw(found[0]!.start, found[0]!.end),
    confidence: Math.min(...found.map((each) => each.confidence)),
  })
  for (const each of found) reader.use(each.start, each.end)
}

/** Full load comes before any other current; otherwise the first. */
function bestAmps(found: Found[], reader: Reader): Found | undefined {
  return found.find((each) => /F\.?\s?L\.?\s?A/.test(reader.norm.slice(each.start, each.end))) ?? found[0]
}

/** "115V~60" prints the frequency after the wave sign. */
function tildeHz(reader: Reader): Field<number[]> | undefined {
  const match = reader.first(new RegExp(`~\\s?(${LIST})(?![0-9])`))
  if (!match) return undefined
  const values = numbersOf(match[1]!)
  return plausible.hz(values)
    ? reader.field(values, match.index, match.index + match[0].length, 0.8)
    : undefined
}
