import type { FigureField, FigureWord } from '../knowledge/plateLexicon'
import type { Figure } from './figure'
import { figureOf, groupsOf, numberOf } from './groups'
import type { Scan } from './scan'
import type { Token } from './tokens'
import type { PlateFields } from './types'

/** What the readers of a plate share: its figures, without those that another part of the machine owns. */
export interface Reading {
  scan: Scan
  figures: Figure[]
  fields: PlateFields
}

export const marked = ({ words }: Figure, mark: NonNullable<FigureWord['mark']>) =>
  words.some((word) => word.mark === mark)

export const ofField = ({ figures }: Reading, field: FigureField) =>
  figures.filter((figure) => figure.field === field)

/** Trust in a figure: how well its caption or unit sits. */
const trustOf = ({ score }: Figure) => (score >= 2.4 ? 0.96 : score >= 1.2 ? 0.9 : 0.8)

export function put<K extends keyof PlateFields>(
  { scan, fields }: Reading,
  key: K,
  value: NonNullable<PlateFields[K]>['value'],
  figure: Figure,
  tokens: Token[] = scan.tokensOf(figure),
): void {
  const field = scan.field(value, tokens, trustOf(figure))
  const damaged = Math.max(0.5, field.confidence - 0.1 * figure.group.damage)
  // The compiler cannot follow that value and key belong together through the mapped type.
  fields[key] = { ...field, confidence: Math.min(field.confidence, damaged) } as PlateFields[K]
}

/** A capacitor is made for these or more; what is a supply and no rating of a capacitor. */
const noRating = (value: number) => value < 250 || value === 277
const CAPACITOR_LEAST = 160

/** The capacitor a motor asks for, with its volts behind it. */
export function readOwnCapacitor(reading: Reading): void {
  const { scan, figures } = reading
  const figure = figures.find(({ field, values }) => field === 'capacitorUf' && values[0]! < 200)
  if (!figure) return
  const [uF, volts] = figure.values
  put(reading, 'capacitorUf', uF!, figure)
  // "CAP 5/370": both in one.
  if (volts !== undefined && volts >= CAPACITOR_LEAST && figure.values.length === 2) {
    put(reading, 'capacitorVolts', volts, figure)
    return
  }
  const at = figures.indexOf(figure)
  const next = figures.slice(at + 1).find(({ line }) => line === figure.line)
  const follows =
    next?.field === 'voltages' &&
    scan.lines[figure.line]!.slice(figure.to + 1, next.from).every(({ kind }) => kind === 'sign')
  const rating = next && follows ? Math.max(...next.values) : 0
  if (next && rating >= CAPACITOR_LEAST && !noRating(rating)) {
    put(reading, 'capacitorVolts', rating, next)
    figures.splice(figures.indexOf(next), 1)
    return
  }
  const bare = bareVolts(scan, figure)
  if (bare) put(reading, 'capacitorVolts', bare.value, figure, [...scan.tokensOf(figure), bare.token])
}

/** "5 MFD/370", "CAP 4 MFD 370": the volts without their V right behind. */
function bareVolts(scan: Scan, figure: Figure): { value: number; token: Token } | null {
  const line = scan.lines[figure.line]!
  const rest = line.slice(figure.to + 1, figure.to + 3).filter(({ kind }) => kind !== 'sign')
  const token = rest[0]
  const value = token && token.gap <= 1 ? Number(figureOf(token) ?? Number.NaN) : Number.NaN
  return token && [370, 400, 425, 440, 450, 475, 500].includes(value) ? { value, token } : null
}

/** Ratings of capacitors that no supply has. */
const ofCapacitors = new Set([370, 425, 450, 475, 500])
const isSupply = ({ values }: Figure) => !values.every((value) => ofCapacitors.has(value))

/** The supply's volts: those of the best place, and of the places beside it. */
export function readVoltages(reading: Reading): void {
  const found = ofField(reading, 'voltages').filter(isSupply)
  const best =
    found.find((figure) => figure.score >= 2.4 && !isInstruction(reading.scan, figure)) ??
    [...found].sort((a, b) => b.score - a.score)[0]
  if (!best) return
  const beside = found.filter(
    (figure) =>
      figure === best ||
      (Math.abs(figure.line - best.line) <= 1 &&
        figure.values.every((value) => value >= 100) &&
        best.values.every((value) => value >= 100)),
  )
  const values = [...new Set(beside.flatMap((figure) => figure.values))]
  put(reading, 'voltages', values, best)
  for (const figure of beside) reading.scan.use(reading.scan.tokensOf(figure))
}

/** "FOR 230 V CONNECT BROWN TO 2" tells how to wire it. */
const isInstruction = (scan: Scan, { line }: Figure) =>
  scan.lines[line]!.some(
    ({ kind, text, meanings }) => (kind === 'raw' && /^CONN/.test(text)) || meanings.value === 'to-reverse',
  )

export function readHz(reading: Reading): void {
  const [figure] = ofField(reading, 'hz')
  if (figure) {
    put(reading, 'hz', [...new Set(figure.values)], figure)
    return
  }
  // "115V~60" prints the frequency behind the wave.
  for (const line of reading.scan.lines)
    for (const group of groupsOf(line)) {
      const values = group.numbers.map((each) => numberOf(each))
      if (
        line[group.from - 1]?.text === '~' &&
        values.every((value) => value === 50 || value === 60) &&
        line[group.from]!.gap <= 1
      )
        reading.fields.hz ??= reading.scan.field(values, line.slice(group.from - 1, group.to + 1), 0.8)
    }
}

/** Full load comes before any other current; rows of a table of speeds give all. */
export function readAmps(reading: Reading): void {
  const found = ofField(reading, 'amps')
  const best = found.find((figure) => marked(figure, 'full-load')) ?? found[0]
  if (!best) return
  const speeds = ofField(reading, 'rpm').length
  const rows = speeds > 1 && found.length === speeds ? found : [best]
  put(
    reading,
    'amps',
    rows.flatMap((figure) => figure.values),
    best,
  )
  for (const figure of rows) reading.scan.use(reading.scan.tokensOf(figure))
}

/** Upper of a range, °F as °C. A rise is no ambient. */
export function readAmbient(reading: Reading): void {
  const found = ofField(reading, 'celsius')
  const labelled = found.find((figure) => marked(figure, 'ambient'))
  if (!labelled) return
  const same = found.filter(({ line, from }) => line === labelled.line && from >= labelled.from)
  const figures = same.length > 0 ? same : [labelled]
  const top = figures.reduce((one, other) =>
    Math.max(...other.values) > Math.max(...one.values) ? other : one,
  )
  const value = Math.max(...top.values)
  const units = figures.some((figure) =>
    figure.words.some(({ mark, side }) => side === 'before' && mark !== 'fahrenheit'),
  )
  const fahrenheit = figures.some((figure) => marked(figure, 'fahrenheit')) || (!units && value > 95)
  put(
    reading,
    'ambientCelsius',
    fahrenheit ? ((value - 32) * 5) / 9 : value,
    top,
    rangeOf(reading.scan, figures),
  )
}

/** All tokens from the first to the last of figures on one line. */
function rangeOf(scan: Scan, figures: Figure[]): Token[] {
  const line = scan.lines[figures[0]!.line]!
  return line.slice(
    Math.min(...figures.map(({ from }) => from)),
    Math.max(...figures.map(({ to }) => to)) + 1,
  )
}
