import { digitsOf } from './confusions'
import type { Figure } from './figure'
import { figureOf, groupsOf, isClimate, numberOf } from './groups'
import { marked, ofField, put, type Reading, readHz } from './readings'
import { valuesIn } from './said'
import type { Scan } from './scan'
import type { Token } from './tokens'
import type { PlateFields } from './types'

/** Fields of a capacitor's label. */
export function readCapacitor(reading: Reading): void {
  const { scan, fields } = reading
  // Before a figure takes it for its caption: "RUN CAPACITOR" above the microfarads says the duty as well.
  const found = valuesIn(scan)
  readClimate(scan, fields)
  readTolerance(scan, fields)
  readSections(
    reading,
    found.some(({ value }) => value === 'start'),
  )
  readHz(reading)
  readVolts(reading)
  if (!fields.temperatureCelsius) readTemperatures(reading)
  const shape = found.find(({ value }) => value === 'round' || value === 'oval')
  if (shape)
    fields.shape = scan.field(shape.value === 'round' ? 'round' : 'oval', [shape.line[shape.at]!], 0.94)
  const ranged = fields.sections?.value.some((section) => section.minUf !== undefined)
  const duty = found.find(({ value }) => value === 'start') ?? found.find(({ value }) => value === 'run')
  if (duty)
    fields.duty = scan.field(
      duty.value === 'run' ? ('run' as const) : ('start' as const),
      [duty.line[duty.at]!],
      0.95,
    )
  else if (ranged && fields.sections)
    fields.duty = { value: 'start', raw: fields.sections.raw, confidence: 0.88 }
}

type Sections = NonNullable<PlateFields['sections']>['value']

const single = (uF: number): Sections[number] => ({ section: 'single', uF })

function readSections(reading: Reading, start: boolean): void {
  const found = ofField(reading, 'capacitorUf').filter(({ group }) => group.damage <= 4)
  const [first] = found
  if (!first) return
  const named = byName(reading.scan, found)
  if (named) {
    put(reading, 'sections', named.sections, first, named.tokens)
    return
  }
  const numbered = numberedOf(reading.scan)
  if (numbered.length > 1 || (numbered.length > 0 && found.length === 1)) {
    const tokens = numbered.flatMap((each) => each.tokens)
    put(
      reading,
      'sections',
      numbered.map(({ uF }) => single(uF)),
      first,
      tokens,
    )
    return
  }
  // "55 MFD + 7.5 MFD": the unit is printed behind each.
  const joined = found.filter(
    (figure, i) =>
      i === 0 ||
      (figure.line === first.line &&
        reading.scan.lines[first.line]!.slice(found[i - 1]!.to + 1, figure.from).every(({ text }) =>
          '+/&'.includes(text),
        )),
  )
  const values = joined.flatMap((figure) => figure.values)
  put(reading, 'sections', sectionsOf(values, joined.length === 1 ? first : null, start), first)
  for (const figure of joined) reading.scan.use(reading.scan.tokensOf(figure))
}

/** A range, two of one case, several, one. */
function sectionsOf(values: number[], one: Figure | null, start: boolean): Sections {
  const [a, b] = values
  // The limits of a start capacitor may stand with a stroke between: "88/108".
  const ranged = one?.group.signs[0] === '-' || (start && one?.group.signs[0] === '/')
  if (values.length === 2 && ranged && b! > a! && b! < 1.6 * a!)
    return [{ section: 'single', uF: (a! + b!) / 2, minUf: a!, maxUf: b! }]
  if (values.length === 2)
    return [
      { section: 'HERM', uF: Math.max(a!, b!) },
      { section: 'FAN', uF: Math.min(a!, b!) },
    ]
  return values.map(single)
}

/** "HERM 45  FAN 5 MFD": the sections by their names, and what has no name of these two as it stands. */
function byName(scan: Scan, figures: Figure[]): { sections: Sections; tokens: Token[] } | null {
  const of = (name: 'herm' | 'fan') => {
    for (const [number, line] of scan.lines.entries())
      for (const group of groupsOf(line)) {
        let at = group.from - 1
        while (at >= 0 && line[at]!.kind === 'sign' && ':=-'.includes(line[at]!.text)) at--
        const token = line[at]
        const isNamed = token && (token.meanings.value === name || (token.text === 'H' && name === 'herm'))
        if (group.numbers.length === 1 && isNamed)
          return { uF: numberOf(group.numbers[0]!), line: number, tokens: line.slice(at, group.to + 1) }
      }
    return null
  }
  const [herm, fan] = [of('herm'), of('fan')]
  if (!herm || !fan) return null
  const more = figures.filter(
    ({ line, values }) => line !== herm.line && line !== fan.line && values.length === 1,
  )
  return {
    sections: [
      { section: 'HERM', uF: herm.uF },
      { section: 'FAN', uF: fan.uF },
      ...more.map(({ values }) => single(values[0]!)),
    ],
    tokens: [...herm.tokens, ...fan.tokens, ...more.flatMap((figure) => scan.tokensOf(figure))],
  }
}

/** "C1: 4 µF C2: 5 µF": sections that the maker numbers, none of them the compressor's. */
function numberedOf(scan: Scan): { uF: number; tokens: Token[] }[] {
  return scan.lines.flatMap((line) =>
    line.flatMap((token, at) => {
      const behind = nameEnds(line, at)
      if (behind === null) return []
      const figureAt = line[behind]?.kind === 'sign' ? behind + 1 : behind
      const [figure, unit] = [line[figureAt], line[figureAt + 1]]
      const isUnit = unit?.meanings.figures.some(({ field }) => field === 'capacitorUf')
      return figure?.kind === 'number' && isUnit
        ? [{ uF: numberOf(digitsOf(figure.text)), tokens: line.slice(line.indexOf(token), figureAt + 2) }]
        : []
    }),
  )
}

/** Behind a name such as "C1" that begins here; null where none does. Next to a letter a one may be read as L or I. */
function nameEnds(line: Token[], at: number): number | null {
  const [token, next] = [line[at], line[at + 1]]
  if (token && /^C[1-9LI]$/.test(token.text)) return at + 1
  return token?.text === 'C' && next && /^[1-9]$/.test(next.text) && next.gap === 0 ? at + 2 : null
}

/** The highest printed for alternating voltage: 370/440 V. What stands for direct voltage alone is told apart. */
function readVolts(reading: Reading): void {
  const found = ofField(reading, 'voltages').filter(({ values }) => values.some((value) => value >= 100))
  for (const field of ['volts', 'dcVolts'] as const) {
    const own = found.filter((figure) => marked(figure, 'dc') === (field === 'dcVolts'))
    const [first] = own
    if (first) put(reading, field, Math.max(...own.flatMap(({ values }) => values)), first)
  }
  for (const figure of found) reading.scan.use(reading.scan.tokensOf(figure))
}

/** Climate code 25/85/21: −25 … +85. */
function readClimate(scan: Scan, fields: PlateFields): void {
  for (const line of scan.lines)
    for (const group of groupsOf(line)) {
      if (!isClimate(group)) continue
      const [frost, heat] = group.numbers
      fields.temperatureCelsius = scan.field(
        { min: -Number(frost), max: Number(heat) },
        line.slice(group.from, group.to + 1),
        0.92,
      )
      return
    }
}

/** A range with its signs; a lone temperature is the upper one. */
function readTemperatures(reading: Reading): void {
  const figures = ofField(reading, 'celsius')
  const [first] = figures
  if (!first) return
  const { scan } = reading
  const line = scan.lines[first.line]!
  const last = figures.filter((figure) => figure.line === first.line).at(-1)!
  // "-25 ... +70 °C": the unit is printed once, behind the second.
  const groups = groupsOf(line).filter(
    ({ from, to }) =>
      to <= last.group.to && (from >= first.group.from || leadsTo(line, to, first.group.from)),
  )
  const signed = groups.flatMap(({ numbers, signs, before, from }) =>
    numbers.map((text, i) => {
      const sign = i === 0 ? before || signBefore(line, from) : signs[i - 1]!
      return sign === '-' && i === 0 ? -numberOf(text) : numberOf(text)
    }),
  )
  const fahrenheit = figures.some((figure) => figure.line === first.line && marked(figure, 'fahrenheit'))
  const celsius = (value: number) => (fahrenheit ? Math.round(((value - 32) * 5) / 9) : value)
  const max = celsius(Math.max(...signed))
  // "40/85" without a sign: the lower of two is below zero.
  const low = signed.length > 1 ? celsius(-Math.abs(Math.min(...signed))) : undefined
  const from = Math.max(
    0,
    (groups[0]?.from ?? first.from) - (signBefore(line, groups[0]?.from ?? first.from) ? 1 : 0),
  )
  const value = low === undefined ? { max } : { min: low, max }
  put(reading, 'temperatureCelsius', value, first, line.slice(Math.min(from, first.from), last.to + 1))
}

/** Only signs stand between two groups, and a word that leads from one to the other. */
const leadsTo = (line: Token[], to: number, from: number) =>
  from > to &&
  from - to <= 6 &&
  line
    .slice(to + 1, from)
    .every(({ kind, gap, meanings }) => (kind === 'sign' || meanings.value === 'to') && gap <= 2)

const signBefore = (line: Token[], at: number): string =>
  line[at - 1]?.kind === 'sign' ? line[at - 1]!.text : ''

const N = '(\\d+(?:[.,]\\d+)?)'

/** −0/+20 %, +6 % −3 %, ±6 %: magnitudes. */
function readTolerance(scan: Scan, fields: PlateFields): void {
  for (const line of scan.lines) {
    if (
      !line.some(
        ({ text, meanings }) =>
          text === '%' || text === '±' || meanings.figures.some(({ field }) => field === 'percent'),
      )
    )
      continue
    const { text, at } = plainText(line)
    const match = (pattern: string) => new RegExp(pattern).exec(text)
    const take = (found: RegExpExecArray, minus: string, plus: string) => {
      const tokens = line.filter((_, i) => at[i]! >= found.index && at[i]! < found.index + found[0].length)
      fields.tolerancePercent = scan.field({ minus: numberOf(minus), plus: numberOf(plus) }, tokens, 0.94)
    }
    const down = match(`- ${N}(?: %)?(?: [/,])? \\+ ${N} %`)
    const up = match(`\\+ ${N}(?: %)?(?: [/,])? - ${N} %`)
    const bare = match(`(?:^| )0(?: %)? [/,] \\+ ${N} %`)
    const even = match(`(?:±|\\+ / -|\\+ -|£|#|TOL[A-Z]*(?: [:.])?(?: ±)?) ${N}(?: %)?`) ?? match(`${N} %`)
    if (down) take(down, down[1]!, down[2]!)
    else if (up) take(up, up[2]!, up[1]!)
    else if (bare) take(bare, '0', bare[1]!)
    else if (even && !/RATING|DUTY|SERVICE/.test(text) && numberOf(even[1]!) <= 30)
      take(even, even[1]!, even[1]!)
    if (fields.tolerancePercent) return
  }
  readToleranceLetter(scan, fields)
}

/** Letters of tolerance as printed behind the unit (IEC 60062). */
const LETTERS: Record<string, number> = { J: 5, K: 10, M: 20 }

function readToleranceLetter(scan: Scan, fields: PlateFields): void {
  for (const line of scan.lines)
    for (const [at, token] of line.entries()) {
      const percent = LETTERS[token.text.slice(-1)]
      const unit = token.text.length > 1 ? token : line[at - 1]
      const isUnit = unit?.meanings.figures.some(({ field }) => field === 'capacitorUf')
      if (percent === undefined || !isUnit) continue
      fields.tolerancePercent = scan.field({ minus: percent, plus: percent }, [token], 0.85)
      return
    }
}

/** As compared: figures as digits, each spelling of percent as its sign. */
function shown(token: Token): string {
  if (token.kind === 'number') return digitsOf(token.text)
  const percent =
    token.kind === 'word' &&
    token.meanings.figures.some(({ field, side }) => field === 'percent' && side === 'before')
  return percent ? '%' : (figureOf(token) ?? token.text)
}

/** A line with its figures as digits and one blank between tokens, and where each token begins in it. */
function plainText(line: Token[]): { text: string; at: number[] } {
  const at: number[] = []
  let text = ''
  for (const token of line) {
    if (text) text += ' '
    at.push(text.length)
    text += shown(token)
  }
  return { text, at }
}
