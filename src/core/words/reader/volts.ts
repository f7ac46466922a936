import type { ObservationId } from '../../knowledge/vocabulary'
import type { Figure, Numbered } from './numbered'
import type { Reading } from './pattern'

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

/** Volts by the place that is named nearest. */
export function volts(reading: Reading, numbers: Numbered[]): Figure[] {
  const found: Figure[] = []
  for (const number of numbers) {
    if (number.unit !== null && number.unit !== 'volt') continue
    if (isWanted(reading, number) || isOfPlate(reading, number)) continue
    const place = nearestPlace(reading, number)
    if (!place || (number.unit === null && place.away > 5)) continue
    if (number.unit === null && !mayBeVolts(number.value)) continue
    const { observation } = place
    const value = voltsWord(observation, number.value, nominalIn(reading, number))
    if (value && !found.some((each) => each.observation === observation))
      found.push({ observation, value, match: { from: number.at, to: number.to } })
  }
  return found
}

/** Without its unit only what mains, control and battery volts look like, or a plain nought. */
const mayBeVolts = (value: number): boolean => value === 0 || (value > 5 && value < 320)

interface Place {
  observation: ObservationId
  away: number
}

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
      if (!best || weight < best.away) best = { observation, away: weight }
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
export function legs({ tokens }: Reading, numbers: Numbered[]): Figure[] {
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
