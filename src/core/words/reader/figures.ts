import type { ObservationId } from '../../knowledge/vocabulary'
import { judgedBy } from '../within'
import type { Piece } from './clauses'
import { type Figure, type Numbered, numbersIn } from './numbered'
import type { Reading } from './pattern'
import { legs, volts } from './volts'

/**
 * Readings that people tell with their figures: volts by the place that is named nearest, a capacitor beside its label, ohms
 * of coil, frame and phases, the length of a brush.
 */
export function figuresIn(reading: Reading, pieces: Piece[]): Figure[] {
  const numbers = numbersIn(
    reading,
    pieces.filter(({ another, asks }) => !another && !asks),
  )
  return [
    ...volts(reading, numbers),
    ...legs(reading, numbers),
    ...capacitors(reading, numbers),
    ...labels(reading, numbers),
    ...ohms(reading, numbers),
    ...phases(reading, numbers),
    ...windings(reading, numbers),
    ...brushes(reading, numbers),
  ]
}

/** "5.1 on a 5", "marked 6 and shows 0.00", by section. */
function capacitors(reading: Reading, numbers: Numbered[]): Figure[] {
  const found: Figure[] = []
  const { tokens, spans } = reading
  numbers.forEach((number, index) => {
    const next = numbers[index + 1]
    if (
      !next ||
      (number.unit !== null && number.unit !== 'farad') ||
      (next.unit !== null && next.unit !== 'farad')
    )
      return
    const between = tokens.slice(number.to, next.at).map(({ text }) => text)
    const onLabel =
      between.length <= 4 && between.some((word) => ['on', 'of', 'against', 'instead'].includes(word))
    const shown = spans.some(({ name, from }) => name === 'shows' && from >= number.to && from < next.at)
    const section = sectionBefore(reading, number) ?? sectionAfter(reading, number)
    if (!section || next.at - number.at > 14) return
    const labelled = spans.some(
      ({ name, to }) => name === 'labelled' && to <= number.at && number.at - to <= 4,
    )
    const read = spans.some(({ name, to }) => name === 'shows' && to <= number.at && number.at - to <= 3)
    const stamped = spans.some(
      ({ name, from }) => name === 'printedas' && from >= number.to && from < next.at,
    )
    const readingFirst = onLabel || (read && stamped)
    if (!readingFirst && !(shown && (labelled || number.unit === 'farad'))) return
    found.push({
      observation: section,
      value: readingFirst ? judgedBy(next.value, number.value) : judgedBy(number.value, next.value),
      match: { from: number.at, to: next.to },
    })
  })
  for (const number of numbers) {
    // "Fan section 5.0 as printed."
    const printed = spans.some(
      ({ name, from }) => name === 'asprinted' && from >= number.to && from - number.to <= 1,
    )
    const section = printed ? sectionBefore(reading, number) : null
    if (section)
      found.push({ observation: section, value: 'within', match: { from: number.at, to: number.to } })
  }
  return found
}

/** "0.00 on the capacitor": it is named right behind its reading. */
function sectionAfter({ spans }: Reading, { to }: Numbered): ObservationId | null {
  return spans.some(({ name, from }) => name === 'cap' && from >= to && from - to <= 2)
    ? 'capacitor-fan-reading'
    : null
}

function sectionBefore({ spans }: Reading, { at }: Numbered): ObservationId | null {
  const near = spans.filter(
    ({ name, to }) => ['hermsection', 'fansection', 'cap'].includes(name) && to <= at && at - to <= 12,
  )
  const last = near.sort((one, two) => two.from - one.from || two.to - one.to)[0]
  if (!last) return null
  const named = near.filter(({ from }) => from === last.from)
  if (named.some(({ name }) => name === 'hermsection')) return 'capacitor-other-reading'
  if (last.name === 'cap') {
    const herm = near.find(({ name, from }) => name === 'hermsection' && last.from - from <= 5)
    if (herm) return 'capacitor-other-reading'
    return 'capacitor-fan-reading'
  }
  // "Fan" alone is the machine; a capacitor must be meant.
  return spans.some(({ name }) => name === 'cap' || name === 'hermsection' || name === 'capsection')
    ? 'capacitor-fan-reading'
    : null
}

/** The capacitor's label beside what the plate asks for. */
function labels({ spans }: Reading, numbers: Numbered[]): Figure[] {
  const small = numbers.filter(
    ({ value, unit }) => (unit === null || unit === 'farad') && value >= 1 && value <= 100,
  )
  const wanted = small.find((number) =>
    spans.some(({ name, to }) => name === 'platewants' && to <= number.at && number.at - to <= 3),
  )
  if (!wanted) return []
  const printed = small.find(
    (number) =>
      number !== wanted &&
      spans.some(({ name, from }) => (name === 'cap' || name === 'fit') && Math.abs(number.at - from) <= 6),
  )
  if (!printed) return []
  const [first, last] = [printed, wanted].sort((one, two) => one.at - two.at)
  return [
    {
      observation: 'capacitor-label-match',
      value: wanted.value === printed.value ? 'matches' : 'differs',
      match: { from: first?.at ?? wanted.at, to: last?.to ?? wanted.to },
    },
  ]
}

/** Ohms of a coil under this are a short, over the other an open one (coils of contactors for 24 V have some 5 to 40 Ω). */
const COIL = { short: 2, open: 2000 }
/** To frame: `measurements.md` calls 20 MΩ and more clear, under 1 MΩ a leak. */
const FRAME = { clear: 20e6, leak: 1e6 }

function ohms({ spans }: Reading, numbers: Numbered[]): Figure[] {
  const found: Figure[] = []
  const near = (name: string, number: Numbered, most: number) =>
    spans.some((span) => span.name === name && Math.abs(span.from - number.at) <= most)
  for (const number of numbers) {
    if (number.unit !== 'ohm') continue
    const match = { from: number.at, to: number.to }
    if (near('coil', number, 7) && number.value < 1e4)
      found.push({
        observation: 'contactor-coil',
        value: number.value < COIL.short ? 'shorted' : number.value > COIL.open ? 'open' : 'good',
        match,
      })
    else if ((near('frameplace', number, 10) || near('frame', number, 10)) && number.value >= 1000)
      found.push({
        observation: 'to-frame',
        value: number.value >= FRAME.clear ? 'clear' : number.value >= FRAME.leak ? 'doubtful' : 'leaks',
        match,
      })
  }
  return found
}

/** Three figures beside "phases". */
function phases({ spans, tokens }: Reading, numbers: Numbered[]): Figure[] {
  const named = spans.find(({ name }) => name === 'phases')
  if (!named) return []
  const readings = numbers
    .filter(({ at, unit }) => at >= named.to - 1 && at - named.to <= 14 && unit !== 'volt')
    .slice(0, 3)
  const open = spans.some(
    ({ name, from }) => name === 'openread' && from > named.from && from - named.to <= 14,
  )
  const [first, last] = [readings[0], readings.at(-1)]
  if (!first || !last) return []
  const match = { from: named.from, to: last.to }
  if (open) return [{ observation: 'phase-resistances', value: 'open', match }]
  if (readings.length < 2) return []
  const values = readings.filter(({ at }) => !(tokens[at]?.kind === 'word')).map(({ value }) => value)
  const [low, high] = [Math.min(...values), Math.max(...values)]
  // Three phases of a motor agree within a tenth.
  return [{ observation: 'phase-resistances', value: high > low * 1.1 ? 'unequal' : 'equal', match }]
}

/** Three readings of a winding: the longest is the sum of the two others where all is well (to a tenth). */
function windings({ spans }: Reading, numbers: Numbered[]): Figure[] {
  if (spans.some(({ name }) => name === 'phases')) return []
  const named = spans.find(({ name }) => name === 'winding' || name === 'onbench')
  if (!named) return []
  const three = numbers
    .filter(({ at, unit }) => at > named.from && at - named.to <= 14 && (unit === null || unit === 'ohm'))
    .slice(0, 3)
  const [one, two, sum] = three.map(({ value }) => value).sort((a, b) => a - b)
  const [first, last] = [three[0], three[2]]
  if (!first || !last || one === undefined || two === undefined || sum === undefined) return []
  if (
    !three.some(({ unit }) => unit === 'ohm') &&
    !spans.some(({ name }) => name === 'adds' || name === 'ohms')
  )
    return []
  return [
    {
      observation: 'winding',
      value: Math.abs(one + two - sum) <= sum / 10 ? 'good' : 'inconsistent',
      match: { from: first.at, to: last.to },
    },
  ]
}

/** Brushes of small blower motors begin at some 12 to 15 mm and are spent at a third of it. */
const SPENT_MM = 5

function brushes({ spans }: Reading, numbers: Numbered[]): Figure[] {
  const of = numbers.find(
    (number) =>
      number.unit === 'mm' &&
      spans.some(({ name, from }) => name === 'brush' && Math.abs(from - number.at) <= 24),
  )
  if (!of) return []
  return [
    {
      observation: 'brush-length',
      value: of.value <= SPENT_MM ? 'worn-short' : 'long',
      match: { from: of.at, to: of.to },
    },
  ]
}
