import type { Figure } from './figure'
import { countBehind } from './figures'
import { figureOf, fractionOf } from './groups'
import {
  marked,
  ofField,
  put,
  type Reading,
  readAmbient,
  readAmps,
  readHz,
  readOwnCapacitor,
  readVoltages,
} from './readings'
import { readSaid, valuesIn } from './said'
import type { Token } from './tokens'

/** Fields of a motor plate. What it does not say is left out, never guessed. */
export function readMotor(reading: Reading): void {
  const { fields } = reading
  const direct = isDirect(reading)
  readOwnCapacitor(reading)
  readPower(reading)
  readHz(reading)
  readSpeeds(reading)
  readPhase(reading)
  readAmbient(reading)
  readVoltages(reading)
  readAmps(reading)
  const [factor] = ofField(reading, 'serviceFactor')
  if (factor) put(reading, 'serviceFactor', factor.values[0]!, factor)
  readSaid(reading.scan, fields)
  if (direct) {
    delete fields.phase
    delete fields.hz
  }
}

/** Direct current: V DC, or DC before the volts, and no word of alternating current. */
function isDirect({ scan, figures }: Reading): boolean {
  const volts = figures.filter(({ field }) => field === 'voltages')
  const alternating = scan.lines.some((line) =>
    line.some(({ text, kind }) => (kind === 'word' && /^(?:AC|VAC|VOLTSAC)$/.test(text)) || text === '~'),
  )
  const direct =
    volts.some((figure) => marked(figure, 'dc')) ||
    scan.lines.some((line) => line.some(({ text, kind }) => kind === 'word' && text === 'DC'))
  return direct && !alternating && !figures.some(({ field }) => field === 'hz')
}

function readPower(reading: Reading): void {
  const [horses] = ofField(reading, 'hp')
  if (horses) put(reading, 'hp', fractionOf(horses.group) ?? topOf(horses), horses)
  const watts = ofField(reading, 'watts')
  const [first] = watts
  if (first) put(reading, 'watts', first.values[0]!, first)
}

/** 1/2-1/3: the power of the top speed. */
function topOf({ group, values }: Figure): number {
  const fractions = group.signs.flatMap((sign, i) =>
    sign === '/' && Number(group.numbers[i]) < Number(group.numbers[i + 1])
      ? [Number(group.numbers[i]) / Number(group.numbers[i + 1])]
      : [],
  )
  return fractions.length > 0 ? Math.max(...fractions) : Math.max(...values)
}

function readSpeeds(reading: Reading): void {
  const found = ofField(reading, 'rpm')
  const [first] = found
  const [count] = ofField(reading, 'speeds')
  if (count) put(reading, 'speeds', count.values[0]!, count)
  if (!first) return
  const behind = countBehind(first.group)
  if (!count && behind) put(reading, 'speeds', behind, first)
  const table = found.every(({ group, values }) => values.length === 1 && group.numbers.length <= 2)
    ? found
    : [first]
  const named = namedSpeeds(reading.scan.lines[first.line]!, first)
  reading.scan.use(named.tokens)
  const values = [...new Set([...table.flatMap((figure) => figure.values), ...named.values])].sort(
    (a, b) => b - a,
  )
  put(reading, 'rpm', values, first)
  for (const figure of table) reading.scan.use(reading.scan.tokensOf(figure))
  // A range of one adjustable speed is no list of speeds.
  const isRange =
    table.length === 1 &&
    first.group.signs.length === 1 &&
    first.group.signs[0] === '-' &&
    first.values[0]! < first.values[1]!
  // At two frequencies one speed has two figures.
  const two = reading.fields.hz?.value.length === 2 && values.length === 2
  if (!reading.fields.speeds && !isRange && !two) put(reading, 'speeds', values.length, first)
}

/** "RPM: H 980  M 860  L 720": speeds behind their names, as long as they go on. */
function namedSpeeds(line: Token[], { from, to }: Figure): { values: number[]; tokens: Token[] } {
  const values: number[] = []
  const tokens: Token[] = []
  const isName = (token: Token | undefined) =>
    token !== undefined && (token.meanings.value === 'speed-name' || /^(?:[HML]|MH|ML)$/.test(token.text))
  if (!line.slice(from, to).some(isName)) return { values, tokens }
  const add = (text: string | number, ...own: Token[]): boolean => {
    const value = Number(text)
    if (!(value >= 200 && value <= 4000)) return false
    values.push(value)
    tokens.push(...own)
    return true
  }
  for (let at = to + 1; at < line.length; at += 2) {
    while (line[at]?.kind === 'sign') at++
    const [name, figure] = [line[at], line[at + 1]]
    // "L720": the name and its figure in one.
    const glued = /^[HML](\d{3,4})$/.exec(name?.text ?? '')?.[1]
    if (glued && add(glued, name!)) {
      at--
      continue
    }
    if (!figure || !isName(name) || !add(figureOf(figure) ?? Number.NaN, name!, figure)) break
  }
  return { values, tokens }
}

function readPhase(reading: Reading): void {
  const [figure] = ofField(reading, 'phase')
  if (figure) {
    put(reading, 'phase', figure.values[0]!, figure)
    return
  }
  const word = valuesIn(reading.scan).find(({ value }) => value === 'single-phase' || value === 'three-phase')
  if (word)
    reading.fields.phase = reading.scan.field(
      word.value === 'single-phase' ? 1 : 3,
      [word.line[word.at]!],
      0.94,
    )
}
