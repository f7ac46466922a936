import type { FigureField, FigureWord } from '../knowledge/plateLexicon'
import type { Figure } from './figure'
import { fractionOf, type Group, groupsOf, isClimate, numberOf } from './groups'
import { suppliesOf } from './supply'
import { type Token, unknown } from './tokens'

/** Captions or units next to each other that say the same: "RPM / TR/MIN", "SPEED RPM". */
interface Label {
  from: number
  to: number
  words: FigureWord[]
}

type Item = { label: Label; group?: never } | { group: Group; label?: never }

/** Supplies that motors are made for. */
const supplies = [
  12, 24, 48, 100, 110, 115, 120, 127, 200, 208, 220, 230, 240, 265, 277, 347, 380, 400, 415, 440, 460, 480,
  575, 600,
]

/** "1075/3": the speed of the fastest and how many there are; the count, else nothing. */
export const countBehind = ({ numbers: [first = '', count = '', ...more], signs }: Group): number | null =>
  more.length === 0 && signs[0] === '/' && /^\d{3,4}$/.test(first) && /^[2-6]$/.test(count)
    ? Number(count)
    : null

/** What a figure of this field may be, in the field's unit; null where it cannot be one. */
export function valuesFor(field: FigureField, group: Group, factor = 1): number[] | null {
  const numbers = field === 'rpm' && countBehind(group) ? group.numbers.slice(0, 1) : group.numbers
  const whole = numbers.map((each) => factor * numberOf(each, field === 'rpm'))
  const each = (test: (value: number) => boolean) => (whole.every(test) ? whole : null)
  switch (field) {
    case 'voltages':
      return each((value) => value >= 5 && value <= 700)
    case 'hz':
      return each((value) => [25, 50, 60, 400].includes(value))
    case 'phase':
      return whole.length === 1 ? each((value) => value === 1 || value === 3) : null
    case 'amps':
      return each((value) => value > 0.01 && value < 150)
    case 'watts':
      return whole.length <= 3 ? each((value) => value >= 1 && value <= 30_000) : null
    case 'hp': {
      const value = fractionOf(group)
      if (value !== null && value > 0.002 && value <= 10) return [value]
      return each((one) => one > 0.002 && one <= 10)
    }
    case 'rpm':
      return each((value) => value >= 100 && value <= 30_000)
    case 'speeds':
      return whole.length === 1 ? each((value) => value >= 1 && value <= 9 && Number.isInteger(value)) : null
    case 'capacitorUf':
      if (isClimate(group)) return null
      return each((value) => value >= 0.4 && value <= 2000)
    case 'celsius':
      return each((value) => value <= 300)
    case 'percent':
      return each((value) => value <= 60)
    case 'serviceFactor':
      return whole.length === 1 ? each((value) => value >= 0.9 && value <= 2) : null
    default:
      return whole
  }
}

/** How usual the values are: a supply of 230 V, no 31 A. */
function usual(field: FigureField, values: number[], words: FigureWord[]): number {
  if (field === 'voltages')
    return values.some((value) => supplies.includes(value))
      ? 0.4
      : words.some(({ mark }) => mark === 'letter')
        ? -0.5
        : 0
  if (field === 'hz' || field === 'phase') return 0.4
  if (field === 'amps') return values.every((value) => value < 30) ? 0.2 : -0.6
  if (field === 'hp') return values.every((value) => value <= 5) ? 0.2 : -0.8
  if (field === 'rpm') return values.every((value) => value >= 200 && value <= 4000) ? 0.3 : -0.3
  return 0
}

/**
 * The figures of all lines. A caption at the end of a line may have its figure at the beginning of the next, and a figure its
 * unit: plates in a narrow column break anywhere.
 *
 * @param lines tokens of each line; what is taken already stands in them as unknown words
 */
export function figuresOfLines(lines: Token[][]): Figure[] {
  const found = lines.map((line, at) => {
    const supplies = suppliesOf(line, at)
    const rest = withoutTolerances(line).map((token, i) =>
      supplies.some(({ from, to }) => i >= from && i <= to) ? unknown(token) : token,
    )
    return [
      ...supplies,
      ...joinedByStroke(
        rest,
        figuresOf(rest, at).map((figure) => withOrphan(rest, figure)),
      ),
    ]
  })
  const loose = (at: number) => {
    const line = lines[at]!
    const taken = (i: number) => found[at]!.some(({ from, to }) => i >= from && i <= to)
    return { line, free: itemsOf(line).filter(({ label, group }) => !taken((label ?? group).from)) }
  }
  for (let at = 0; at + 1 < lines.length; at++) {
    const [above, below] = [loose(at), loose(at + 1)]
    const [end, start] = [above.free.at(-1), below.free[0]]
    if (
      !end ||
      !start ||
      (end.label ?? end.group).to < above.line.length - 1 - signsAtEnd(above.line) ||
      (start.label ?? start.group).from > 0
    )
      continue
    const figure =
      end.label && start.group
        ? acrossLines(captionOf, end.label, start.group, below.line, at + 1)
        : end.group && start.label
          ? acrossLines(unitFor, start.label, end.group, above.line, at)
          : null
    if (figure) found[figure.line]!.push(figure)
  }
  return found.flat()
}

/** "50Hz/60Hz", "0.36A/0.48A": the unit is printed behind each; on capacitors their own reader joins them. */
function joinedByStroke(line: Token[], figures: Figure[]): Figure[] {
  const out: Figure[] = []
  for (const figure of figures) {
    const last = out.at(-1)
    const between = last ? line.slice(last.to + 1, figure.from) : []
    const joins =
      last?.field === figure.field &&
      figure.field !== 'capacitorUf' &&
      between.length === 1 &&
      between[0]!.text === '/' &&
      between[0]!.gap + line[figure.from]!.gap <= 2
    if (joins) out.splice(-1, 1, { ...last, values: [...last.values, ...figure.values], to: figure.to })
    else out.push(figure)
  }
  return out
}

/** "2150±10% rpm": how far it may be off is read over, between a figure and its unit. */
function withoutTolerances(line: Token[]): Token[] {
  const out = [...line]
  line.forEach((token, at) => {
    const [number, percent] = [line[at + 1], line[at + 2]]
    if (token.text !== '±' || line[at - 1]?.kind !== 'number' || token.gap > 1) return
    if (number?.kind !== 'number' || !percent || (percent.text !== '%' && percent.text !== 'PCT')) return
    for (const [i, each] of [number, percent].entries())
      out[at + 1 + i] = { ...each, kind: 'sign', text: '±', meanings: { figures: [] } }
  })
  return out
}

const signsAtEnd = (line: Token[]): number => {
  let count = 0
  while (line.at(-1 - count)?.kind === 'sign') count++
  return count
}

type Pairing = (line: Token[], lineNumber: number, label: Label, group: Group) => Figure[]
const unitFor: Pairing = (line, lineNumber, label, group) => unitOf(line, lineNumber, group, label)

/** A caption and a figure on two lines, read as if they stood on one. */
function acrossLines(
  pairing: Pairing,
  label: Label,
  group: Group,
  line: Token[],
  lineNumber: number,
): Figure | null {
  const at = { ...label, from: group.from, to: group.from }
  const figure = pairing(
    line.map((token) => ({ ...token, gap: 0 })),
    lineNumber,
    at,
    group,
  ).sort((a, b) => b.score - a.score)[0]
  // Only usual values: across lines a mistake is likelier.
  return figure && figure.score >= 1.8
    ? { ...figure, score: figure.score - 0.8, from: group.from, to: group.to }
    : null
}

/** "1 10 W": a figure that was torn apart, where nothing else wants its first part. */
function withOrphan(line: Token[], figure: Figure): Figure {
  const { group, field } = figure
  const before = line[group.from - 1]
  if (
    before?.kind !== 'number' ||
    line[group.from]!.gap !== 1 ||
    figure.from < group.from ||
    group.numbers.length !== 1
  )
    return figure
  if (
    !/^\d{1,2}$/.test(before.text) ||
    !/^\d{2}$/.test(group.numbers[0]!) ||
    line[group.from - 2]?.kind === 'sign'
  )
    return figure
  const joined = {
    ...group,
    from: group.from - 1,
    numbers: [`${before.text}${group.numbers[0]}`],
    damage: group.damage + 1,
  }
  const values = valuesFor(field, joined, figure.words[0]?.factor)
  return values ? { ...figure, values, group: joined, from: joined.from, damage: figure.damage + 1 } : figure
}

/** The group without a leading I that stands before a nought. */
function withoutSymbol(line: Token[], group: Group): Group {
  const printed = line[group.from]!.text
  return /^[I|]0[.,]/.test(printed)
    ? { ...group, numbers: [group.numbers[0]!.slice(1), ...group.numbers.slice(1)] }
    : group
}

/** "24501/min" is 2450 1/min: no motor of a fan turns so fast, and the unit begins with a one. */
function withoutOne(line: Token[], group: Group, label: Label): Group {
  const last = group.numbers.at(-1) ?? ''
  const bare = line[label.from]!.text === '/MIN' && /^\d{3,4}1$/.test(last)
  return bare ? { ...group, numbers: [...group.numbers.slice(0, -1), last.slice(0, -1)] } : group
}

/** The figures of a line, each with what it is: the best way to give every figure to the caption before or the unit behind it. */
function figuresOf(line: Token[], lineNumber: number): Figure[] {
  const items = itemsOf(line)
  const best = new Map<string, { score: number; figures: Figure[] }>()
  const from = (at: number, open: Figure | null): { score: number; figures: Figure[] } => {
    if (at >= items.length) return { score: 0, figures: [] }
    const key = `${at} ${open ? `${open.field} ${open.from}` : ''}`
    const known = best.get(key)
    if (known) return known
    const [here, next] = [items[at]!, items[at + 1]]
    let answer = from(at + 1, null)
    const take = (score: number, figure: Figure, rest: { score: number; figures: Figure[] }) => {
      if (score + rest.score > answer.score)
        answer = { score: score + rest.score, figures: [figure, ...rest.figures] }
    }
    if (open && here.group && next?.label) {
      // A caption before and a unit behind that agree: "U 230 V".
      const both = unitOf(line, lineNumber, here.group, next.label)
        .filter((figure) => agree(figure, open))
        .map(
          (figure): Figure => ({
            ...figure,
            field: open.field === 'other' ? 'other' : figure.field,
            from: open.from,
            words: [...open.words, ...figure.words],
          }),
        )
      for (const figure of both) take(figure.score + 1, figure, from(at + 2, null))
    }
    if (!open && next) {
      if (here.label && next.group)
        for (const figure of captionOf(line, lineNumber, here.label, next.group)) {
          take(figure.score, figure, from(at + 2, null))
          const rest = from(at + 1, figure)
          // Where a unit agrees the figure is in the rest already.
          if (rest.figures[0]?.from === figure.from && figure.score + rest.score > answer.score)
            answer = { score: figure.score + rest.score, figures: rest.figures }
        }
      if (here.group && next.label)
        for (const figure of unitOf(line, lineNumber, here.group, next.label))
          take(figure.score, figure, from(at + 2, null))
    }
    best.set(key, answer)
    return answer
  }
  return from(0, null).figures
}

const agree = (unit: Figure, caption: Figure) =>
  caption.field === 'other'
    ? // Of two captions with a figure between, the second has its own.
      unit.field !== 'other' || unit.words.some(({ side }) => side === 'before')
    : unit.field === caption.field

function itemsOf(line: Token[]): Item[] {
  const groups = groupsOf(line)
  const items: { at: number; item: Item }[] = groups.map((group) => ({ at: group.from, item: { group } }))
  const inGroup = (at: number) => groups.some(({ from, to }) => at >= from && at <= to)
  let last: Label | null = null
  line.forEach((token, at) => {
    if (token.kind !== 'word' || token.meanings.figures.length === 0 || inGroup(at)) return
    const words = token.meanings.figures
    const between = last ? line.slice(last.to + 1, at) : []
    if (
      last &&
      token.gap <= 1 &&
      between.every(({ kind, gap }) => kind === 'sign' && gap <= 1) &&
      last.words.some((one) => words.some((other) => one.field === other.field && one.field !== 'other'))
    ) {
      last.to = at
      const shared = last.words
      last.words = [...shared, ...words].filter(
        (one) =>
          shared.some(({ field }) => field === one.field) && words.some(({ field }) => field === one.field),
      )
      return
    }
    last = { from: at, to: at, words }
    items.push({ at, item: { label: last } })
  })
  return items.sort((a, b) => a.at - b.at).map(({ item }) => item)
}

/** What stands between a caption and its figure costs: other words, a wide gap; a colon joins them. */
function distance(line: Token[], from: number, to: number): number {
  const between = line.slice(from + 1, to)
  const words = between.filter(
    ({ kind, meanings }) => kind !== 'sign' && !meanings.plain && meanings.value !== 'to',
  ).length
  const gap = Math.max(line[to]!.gap, ...between.map((token) => token.gap))
  const joined = between.some(({ text }) => text === ':' || text === '=' || text === '|')
  const stopped = between.some(({ text }) => text === ';')
  return (
    words * 1.2 +
    (between.length - words) * 0.1 +
    (gap <= 1 ? 0 : joined ? 0.2 : gap <= 3 ? 0.4 : 0.8) +
    (stopped ? 2 : 0)
  )
}

function captionOf(line: Token[], lineNumber: number, label: Label, group: Group): Figure[] {
  // "4.5uF/6uF": the unit belongs to the figure that it is glued to, not to the one behind the stroke.
  const strokes = line.slice(label.to + 1, group.from).some(({ text }) => text === '/' || text === '+')
  if (strokes && line[label.from - 1]?.kind === 'number' && line[label.from]!.gap === 0) return []
  const far = distance(line, label.to, group.from)
  return label.words
    .filter(({ side }) => side !== 'before')
    .flatMap((word) =>
      made(
        line,
        lineNumber,
        label,
        group,
        word,
        (word.mark === 'letter' ? 1.5 : word.side === 'behind' ? 2.8 : 2.6) - far,
      ),
    )
}

function unitOf(line: Token[], lineNumber: number, group: Group, label: Label): Figure[] {
  const far = distance(line, group.to, label.from)
  const between = Math.max(...line.slice(group.to + 1, label.from + 1).map(({ gap }) => gap))
  // "5.A." is the S.A. of a firm.
  const stopped = line[group.to + 1]?.text === '.'
  return label.words
    .filter(({ side, mark }) => side !== 'behind' && !(mark === 'letter' && (between > 1 || stopped)))
    .flatMap((word) => made(line, lineNumber, label, group, word, 3.1 - far - (between > 2 ? 1.4 : 0)))
}

function made(
  line: Token[],
  lineNumber: number,
  label: Label,
  all: Group,
  word: FigureWord,
  score: number,
): Figure[] {
  // "I0,29 A" without its blank: the I is the letter of the current.
  const group =
    label.from > all.to && word.field === 'amps'
      ? withoutSymbol(line, all)
      : label.from > all.to && word.field === 'rpm'
        ? withoutOne(line, all, label)
        : all
  const values = valuesFor(word.field, group, word.factor)
  // A letter that might be a figure says nothing beside a caption that says little.
  const printed = line.slice(group.from, group.to + 1).some(({ text }) => /\d/.test(text))
  if (!values || (word.mark === 'letter' && !printed)) return []
  const labelDamage = line.slice(label.from, label.to + 1).reduce((sum, token) => sum + token.damage, 0)
  return [
    {
      field: word.field,
      values,
      group,
      // "70 C AMB": what the same label says besides.
      words: label.words.filter(({ field }) => field === word.field),
      line: lineNumber,
      from: Math.min(label.from, group.from),
      to: Math.max(label.to, group.to),
      score: score + usual(word.field, values, [word]) - 0.15 * group.damage - 0.3 * labelDamage,
      damage: group.damage + labelDamage,
    },
  ]
}
