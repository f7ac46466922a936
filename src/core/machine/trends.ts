import { capacitanceUncertainty, parseCapacitorLabel, toleranceOf, windowOf } from '../capacitor'
import type { CapacitanceMeter } from '../capacitor/types'
import { capacitorDrift, type DriftReading, driftBand } from '../drift'
import type { FittedRow } from '../house/rows'
import { byTime, type PastReading, type TrendKind } from './pastReadings'

/** One quantity of a machine over the years, or one section of its capacitor. */
export interface Trend {
  what: TrendKind
  section: string
  /** In the order in which they were taken. */
  points: TrendPoint[]
  /** What the label allows, in the unit of the points; null where nothing is printed. */
  window: { low: number; high: number } | null
  drift: TrendDrift | null
}

export interface TrendPoint extends PastReading {
  /** The meter’s own uncertainty, in the unit of the value; 0 where it is not known. */
  uncertainty: number
  /** Of the part that is in the machine now; older ones are its predecessor’s. */
  isPresent: boolean
}

export interface TrendDrift {
  perYear: number
  /** Where the line lies at an instant, with half the width of its 90 % band; 0 with two readings. */
  line: { at: number; value: number; band: number }[]
  /** When it leaves the window: about, and nine times in ten between; null where it does not, or nobody can tell. */
  outAt: number | null
  earliestAt: number | null
  latestAt: number | null
}

export interface TrendInput {
  readings: PastReading[]
  fitted: FittedRow[]
  /** The label of the capacitor by the jobs; one that is written down as fitted goes before it. */
  label: string
  meter: CapacitanceMeter
  now: number
}

const YEAR_MS = 365.25 * 86_400_000
/** A line is not drawn farther than this: nobody knows what a house is then. */
const MOST_YEARS = 15
/** More points than a drawing shows are thinned: the first, the last, and every so manieth between. */
const MOST_POINTS = 300

/**
 * The readings of a machine by quantity and section, each against its window, with its drift where it is a capacitor.
 *
 * @returns capacitors in front, in the order of their sections; kinds without a reading are left out
 */
export function trendsOf(input: TrendInput): Trend[] {
  const own = new Map<string, PastReading[]>()
  for (const reading of [...input.readings].sort(byTime)) {
    const key = `${reading.what}|${reading.section}`
    const list = own.get(key)
    if (list) list.push(reading)
    else own.set(key, [reading])
  }
  const order: TrendKind[] = ['capacitanceUf', 'currentA', 'speedRpm', 'airDifferenceC', 'supplyV', 'levelDb']
  return [...own.values()]
    .map((readings) => trendOf(readings, input))
    .flatMap((trend) => trend ?? [])
    .sort(
      (one, two) =>
        order.indexOf(one.what) - order.indexOf(two.what) || one.section.localeCompare(two.section),
    )
}

function trendOf(readings: PastReading[], input: TrendInput): Trend | null {
  const [first] = readings
  if (!first) return null
  const { what, section } = first
  const since = presentSince(readings, input.fitted)
  const points = readings.map(
    (reading): TrendPoint => ({
      ...reading,
      uncertainty: what === 'capacitanceUf' ? capacitanceUncertainty(reading.value, input.meter) : 0,
      isPresent: reading.at >= since,
    }),
  )
  const window = what === 'capacitanceUf' ? windowAt(section, labelOf(input)) : null
  return {
    what,
    section,
    points: thinned(points),
    window,
    drift: window
      ? driftOf(
          points.filter(({ isPresent }) => isPresent),
          window,
          input.now,
        )
      : null,
  }
}

/** The instant from which on readings are those of the part that is in now: the last new one, or the day that somebody wrote down. */
function presentSince(readings: PastReading[], fitted: FittedRow[]): string {
  const [what] = readings.map((reading) => reading.what)
  const lastNew = readings.filter(({ isNew }) => isNew).at(-1)?.at ?? ''
  if (what !== 'capacitanceUf') return ''
  const days = fitted
    .filter((row) => row.what === 'capacitor' && row.goneAt === null)
    .map(({ since }) => since)
  return [lastNew, ...days].sort().at(-1) ?? ''
}

const labelOf = ({ fitted, label }: TrendInput): string => {
  const [part] = fitted.filter((row) => row.what === 'capacitor' && row.goneAt === null && row.figures !== '')
  return part?.figures ?? label
}

function windowAt(section: string, label: string): Trend['window'] {
  try {
    const read = parseCapacitorLabel(label)
    const own =
      read.sections.find((each) => each.section === section) ??
      (read.sections.length === 1 ? read.sections[0] : undefined)
    return own ? windowOf(own, toleranceOf(read)) : null
  } catch {
    // A label that cannot be read has no window, and the readings are shown all the same.
    return null
  }
}

function driftOf(
  points: TrendPoint[],
  window: { low: number; high: number },
  now: number,
): TrendDrift | null {
  const [first] = points
  const last = points.at(-1)
  if (!first || !last) return null
  const start = Date.parse(first.at)
  const readings = points.map(
    ({ at, value }): DriftReading => ({ years: (Date.parse(at) - start) / YEAR_MS, uF: value }),
  )
  const drift = capacitorDrift(readings, { lowUf: window.low, highUf: window.high })
  if (!drift) return null
  const instant = (years: number | null) => {
    const at = years === null ? null : start + years * YEAR_MS
    return at !== null && at > Date.parse(last.at) && at < now + MOST_YEARS * YEAR_MS ? at : null
  }
  const band = driftBand(readings)
  const outAt = instant(drift.leavesAtYears)
  const until = Math.min(MOST_YEARS, Math.max(1, ((outAt ?? now) - now) / YEAR_MS + 1))
  const end = (now + until * YEAR_MS - start) / YEAR_MS
  const line = Array.from({ length: LINE_STEPS + 1 }, (_, step) => {
    const years = (end * step) / LINE_STEPS
    return {
      at: start + years * YEAR_MS,
      value: drift.startUf + drift.perYearUf * years,
      band: band(years),
    }
  })
  return {
    perYear: drift.perYearUf,
    line,
    outAt,
    earliestAt: instant(drift.earliestYears),
    latestAt: instant(drift.latestYears),
  }
}

const LINE_STEPS = 24

function thinned(points: TrendPoint[]): TrendPoint[] {
  if (points.length <= MOST_POINTS) return points
  const step = (points.length - 1) / (MOST_POINTS - 1)
  return Array.from({ length: MOST_POINTS }, (_, index) => points[Math.round(index * step)]).flatMap(
    (point) => point ?? [],
  )
}
