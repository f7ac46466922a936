import { chanceAt } from '../machine'
import type { Here, Range, Reading } from './types'

/** What a household meter states: percent of the reading and counts of its last place, and how it counts. */
const STATES: Record<Range, { percent: number; counts: number; unit: Reading['unit'] }> = {
  'volts-ac': { percent: 1, counts: 3, unit: 'V' },
  'volts-dc': { percent: 0.5, counts: 2, unit: 'V' },
  'low-z': { percent: 2, counts: 3, unit: 'V' },
  ohm: { percent: 1, counts: 3, unit: 'Ω' },
  microfarad: { percent: 2, counts: 5, unit: 'µF' },
  amps: { percent: 2, counts: 5, unit: 'A' },
}

/** A meter of 6,000 counts: its last place at this reading. Ohms begin at 0.1. */
function lastPlace(range: Range, value: number): number {
  const size = Math.abs(value)
  if (range === 'ohm') {
    let place = 0.1
    for (let limit = 600; size >= limit && limit < 6e8; limit *= 10) place *= 10
    return place
  }
  if (range === 'microfarad' || range === 'amps') {
    let place = 0.01
    for (let limit = 60; size >= limit && limit < 6e5; limit *= 10) place *= 10
    return place
  }
  if (size < 6) return 0.001
  if (size < 60) return 0.01
  return size < 600 ? 0.1 : 1
}

/** Beyond this a meter shows over-range: 40 MΩ, 10 mF. */
export const TOP: Partial<Record<Range, number>> = { ohm: 4e7, microfarad: 1e4 }

/** A worn meter has twice its stated percent and a flat battery's counts. */
const wornBy = ({ machine }: Here): number => (machine.level === 'worn' ? 2 : 1)

/** A value as the display shows it, with the meter's own noise, drawn from the round and the place of the act. */
export function shown(here: Here, range: Range, value: number | null): Reading {
  const { percent, counts, unit } = STATES[range]
  const top = TOP[range]
  if (value === null || (top !== undefined && Math.abs(value) > top))
    return { display: 'OL', value: null, unit, uncertainty: 0 }
  const random = chanceAt(here.machine, `meter|${here.nth}`)
  // Sum of three even ones: nearly normal, never beyond the statement of a sound meter.
  const noise = (random() + random() + random()) / 1.5 - 1
  const worn = wornBy(here)
  const place = lastPlace(range, value)
  const off = noise * ((Math.abs(value) * percent * worn) / 100 + 0.5 * counts * place) * 0.7
  const seen = Math.round((value + off) / place) * place
  const digits = Math.max(0, Math.round(-Math.log10(place)))
  const clean = Number(seen.toFixed(digits)) + 0
  return {
    display: scaled(clean, unit, digits),
    value: clean,
    unit,
    uncertainty: (Math.abs(clean) * percent) / 100 + counts * place,
  }
}

/** As a display prints it: k and M from a thousand Ω. */
function scaled(value: number, unit: Reading['unit'], digits: number): string {
  if (unit === 'Ω' && Math.abs(value) >= 1e6) return `${(value / 1e6).toFixed(3)} M${unit}`
  if (unit === 'Ω' && Math.abs(value) >= 1e3) return `${(value / 1e3).toFixed(3)} k${unit}`
  return `${value.toFixed(digits)} ${unit}`
}
