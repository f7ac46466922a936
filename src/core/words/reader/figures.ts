import type { ObservationId } from '../../knowledge/vocabulary'
import { judgedBy } from '../within'
import { type Piece, piecesOf } from './clauses'
import type { Match, Reading } from './pattern'

/** A reading that is told with its figure. */
export interface Figure {
  observation: ObservationId
  value: string
  match: Match
}

interface Numbered {
  /** Token of the number. */
  at: number
  value: number
  unit: 'volt' | 'ohm' | 'farad' | 'mm' | null
  /** Past the unit. */
  to: number
  dc: boolean
  piece: Piece
}

const UNITS: [NonNullable<Numbered['unit']>, RegExp, number][] = [
  ['volt', /^(?:v|volts?|vac|vdc|vlt|volt|acv)$/, 1],
  ['ohm', /^(?:k|kohms?|kilohms?)$/, 1e3],
  ['ohm', /^(?:m|meg|megs|megohms?|mohms?|megaohms?)$/, 1e6],
  ['ohm', /^(?:ohms?|r|Ω|ω)$/, 1],
  ['farad', /^(?:uf|µf|μf|mfd|mf|microfarads?|mikrofarad)$/, 1],
  ['mm', /^(?:mm|millimet(?:er|re)s?|mil)$/, 1],
  ['mm', /^(?:cm)$/, 10],
]

/**
 * Readings that people tell with their figures: volts by the place that is named nearest, a capacitor beside its label, ohms
 * of coil, frame and phases, the length of a brush.
 */
export function figuresIn(reading: Reading): Figure[] {
  const pieces = piecesOf(reading).filter(({ another, asks }) => !another && !asks)
  const numbers = numbersIn(reading, pieces)
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

function numbersIn({ tokens }: Reading, pieces: Piece[]): Numbered[] {
  const numbers: Numbered[] = []
  for (const piece of pieces)
    for (let at = piece.from; at < piece.to; at++) {
      const token = tokens[at]
      if (token?.kind !== 'number' && !(token?.value !== null && isUnitAfter(tokens, at + 1))) continue
      let value = token?.value ?? 0
      let end = at + 1
      // "10 point 1", as it is dictated.
      if (tokens[end]?.text === 'point' && tokens[end + 1]?.value != null) {
        value = Number(`${value}.${tokens[end + 1]?.value}`)
        end += 2
      }
      const known = UNITS.find(([, pattern]) => pattern.test(tokens[end]?.text ?? ''))
      numbers.push({
        at,
        value: value * (known?.[2] ?? 1),
        unit: known?.[0] ?? null,
        to: known ? end + 1 : end,
        dc: /dc/.test(tokens[end]?.text ?? '') || tokens[end + 1]?.text === 'dc',
        piece,
      })
    }
  return numbers
}

const isUnitAfter = (tokens: Reading['tokens'], at: number): boolean =>
  UNITS.some(([, pattern]) => pattern.test(tokens[at]?.text ?? '')) || tokens[at]?.text === 'point'

/** Where volts are taken, narrower places first. */
const PLACES: [ObservationId, string][] = [
  ['contactor-output', 'loadside'],
  ['module-supply', 'moduleplace'],
  ['control-voltage', 'controlplace'],
  ['control-voltage', 'onit'],
  ['board-drive', 'driveplace'],
  ['motor-voltage', 'motorplace'],
  ['supply-voltage', 'supply'],
]
/** Tokens between a figure and its place. */
const NEAR = 9

function volts(reading: Reading, numbers: Numbered[]): Figure[] {
  const found: Figure[] = []
  for (const number of numbers) {
    if (number.unit !== null && number.unit !== 'volt') continue
    if (isWanted(reading, number) || isOfPlate(reading, number)) continue
    const place = nearestPlace(reading, number)
    if (!place || (number.unit === null && place.away > 5)) continue
    if (number.unit === null && !mayBeVolts(number.value)) continue
    const [observation] = place
    const value = voltsWord(observation, number.value, nominalIn(reading, number))
    if (value && !found.some((each) => each.observation === observation))
      found.push({ observation, value, match: { from: number.at, to: number.to } })
  }
  return found
}

/** Without its unit only what mains, control and battery volts look like, or a plain nought. */
const mayBeVolts = (value: number): boolean => value === 0 || (value > 5 && value < 320)

type Place = [ObservationId, string] & { away: number }

function nearestPlace(reading: Reading, { at, to, piece }: Numbered): Place | null {
  let best: Place | null = null
  PLACES.forEach(([observation, name], rank) => {
    for (const span of reading.spans) {
      if (span.name !== name) continue
      // "On it" is on the coil where a coil was named.
      if (name === 'onit' && !reading.names.has('coil') && !reading.names.has('contactor')) continue
      const inside = span.from >= piece.from && span.to <= piece.to
      const after = span.from - to
      const before = at - span.to
      const away = after >= 0 ? after : before >= 0 ? before + 0.5 : -1
      // A place that a comma parts from its figure belongs to it only where it comes right before.
      const reach = inside ? NEAR : before >= 0 && before <= 3 ? 4 : -1
      if (away < 0 || away > reach) continue
      const weight = away + rank * 0.2 + (inside ? 0 : 4)
      if (!best || weight < best.away)
        best = Object.assign([observation, name] as [ObservationId, string], { away: weight })
    }
  })
  return best
}

/** "Should be 12", "instead of 120", "a 240 feed": what is wanted and no reading. */
function isWanted({ tokens, at: spans }: Reading, { at, to, piece }: Numbered): boolean {
  for (let place = Math.max(piece.from, at - 4); place < at; place++) {
    if ((spans[place] ?? []).some(({ name }) => name === 'wanted')) return true
    if (['instead', 'of', 'than', 'for', 'a', 'set', 'fused', 'plate'].includes(tokens[place]?.text ?? ''))
      if (place >= at - 1 && !['reading', 'shows'].includes(tokens[place - 1]?.text ?? '')) return true
  }
  return [
    'type',
    'job',
    'motor',
    'model',
    'version',
    'battery',
    'fuse',
    'system',
    'feed',
    'amp',
    'amps',
    'degrees',
    'percent',
    'w',
    'watt',
    'watts',
    'hp',
    'rpm',
    'inch',
    'min',
    'minutes',
    'minute',
    'hours',
    'days',
    'weeks',
    'years',
    'year',
    'times',
    'am',
    'pm',
    'cm',
    'hz',
    'dollars',
    'euros',
    'screws',
    'wires',
    'speeds',
    'of',
  ].includes(tokens[to]?.text ?? '')
}

/** Volts that the plate names are no reading. */
function isOfPlate({ spans }: Reading, { at, piece }: Numbered): boolean {
  return spans.some(
    ({ name, from, to }) => name === 'platewants' && from >= piece.from && to <= at && at - to <= 3,
  )
}

/** "96 of 240", "on a 240 feed": what it should have been. */
function nominalIn({ tokens }: Reading, { at, to, piece }: Numbered): number | null {
  for (let place = Math.max(piece.from, at - 6); place < Math.min(piece.to, to + 8); place++) {
    const value = tokens[place]?.kind === 'number' ? (tokens[place]?.value ?? 0) : 0
    if (place !== at && [12, 24, 48, 100, 110, 115, 120, 208, 220, 230, 240].includes(value)) return value
  }
  return null
}

/** The word for volts where the nominal is told by their size, or said beside. */
function voltsWord(observation: ObservationId, volts: number, nominal: number | null): string {
  if (observation === 'control-voltage') return volts >= 18 ? 'present' : volts >= 5 ? 'low' : 'none'
  if (observation === 'module-supply') return volts >= 5 ? 'present' : 'none'
  if (observation === 'board-drive') return volts >= 1 ? 'present' : 'none'
  const meant =
    nominal && nominal > volts * 0.3 ? nominal : volts < 20 ? 12 : volts < 55 ? 24 : volts < 160 ? 120 : 240
  const share = volts / meant
  // A battery of 12 V is spent below some 11.8 V.
  if (meant === 12 && share > 0.1 && share < 0.98) return 'low'
  if (volts < 1 || share < 0.1) return 'none'
  if (share < 0.9) return 'low'
  return share > 1.1 && observation === 'supply-voltage' ? 'high' : 'normal'
}

/** "One leg 94, the other 146": of two that should be alike the high one counts. */
function legs({ tokens }: Reading, numbers: Numbered[]): Figure[] {
  const leg = tokens.findIndex(
    ({ text }, index) => text === 'leg' && ['one', '1', 'each'].includes(tokens[index - 1]?.text ?? ''),
  )
  if (leg < 0) return []
  const two = numbers.filter(
    ({ at, unit, value }) => at > leg && at - leg < 16 && unit !== 'ohm' && value > 50 && value < 300,
  )
  const [one, other] = two
  if (!one || !other || Math.abs(one.value - other.value) < 15) return []
  return [{ observation: 'supply-voltage', value: 'high', match: { from: one.at, to: other.to } }]
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
    if (onLabel)
      found.push({
        observation: section,
        value: judgedBy(next.value, number.value),
        match: { from: number.at, to: next.to },
      })
    else if (read && stamped)
      found.push({
        observation: section,
        value: judgedBy(next.value, number.value),
        match: { from: number.at, to: next.to },
      })
    else if (shown && (labelled || number.unit === 'farad'))
      found.push({
        observation: section,
        value: judgedBy(number.value, next.value),
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
