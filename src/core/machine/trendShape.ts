import type { Trend, TrendPoint } from './trends'

/** Where everything of a trend is drawn, in the units of a picture that is `width` by `height`. */
export interface TrendShape {
  points: { x: number; y: number; low: number; high: number; point: TrendPoint }[]
  /** Limits of the window; null where there is none. */
  window: { top: number; bottom: number; low: number; high: number } | null
  /** The fitted line until today and on from there, and its band, as paths. */
  line: { known: string; ahead: string; band: string } | null
  today: number
  /** Where the line leaves the window. */
  out: { x: number; y: number; year: number } | null
  years: { x: number; year: number }[]
  values: { y: number; value: number }[]
  plot: Box
}

interface Box {
  left: number
  right: number
  top: number
  bottom: number
}

const YEAR_MS = 365.25 * 86_400_000
/** A single day would have no width: half a year is shown at least. */
const LEAST_MS = YEAR_MS / 2

/**
 * A trend as a drawing: time to the right, the quantity upwards, today as a line.
 *
 * @param factor from the stored unit to the drawn one
 */
export function trendShape(trend: Trend, now: number, width: number, height: number, factor = 1): TrendShape {
  const plot = { left: 64, right: width - 20, top: 16, bottom: height - 52 }
  const times = trend.points.map(({ at }) => Date.parse(at))
  const ends = [now, ...(trend.drift?.line.map(({ at }) => at) ?? [])]
  const from = Math.min(...times, now)
  const until = Math.max(...ends, ...times, from + LEAST_MS)
  const margin = (until - from) * 0.03
  const x = (at: number) =>
    plot.left + ((at - from + margin) / (until - from + 2 * margin)) * (plot.right - plot.left)
  const [low, high] = rangeOf(trend)
  const y = (value: number) => plot.bottom - ((value - low) / (high - low)) * (plot.bottom - plot.top)
  const { window, drift } = trend
  return {
    points: trend.points.map((point) => ({
      x: x(Date.parse(point.at)),
      y: y(point.value),
      low: y(point.value - point.uncertainty),
      high: y(point.value + point.uncertainty),
      point,
    })),
    window: window && { top: y(window.high), bottom: y(window.low), low: window.low, high: window.high },
    line: drift && linesOf(drift.line, now, x, y),
    today: x(now),
    out:
      drift?.outAt && window
        ? {
            x: x(drift.outAt),
            y: y(drift.perYear < 0 ? window.low : window.high),
            year: new Date(drift.outAt).getUTCFullYear(),
          }
        : null,
    years: yearsBetween(from, until).map((year) => ({ x: x(Date.UTC(year, 0, 1)), year })),
    values: ticks(low * factor, high * factor).map((value) => ({ y: y(value / factor), value })),
    plot,
  }
}

/** From the lowest to the highest that is drawn, with room on both sides; never without height. */
function rangeOf({ points, window, drift }: Trend): [low: number, high: number] {
  const values = points.flatMap(({ value, uncertainty }) => [value - uncertainty, value + uncertainty])
  if (window) values.push(window.low, window.high)
  // A line that falls through the floor years ahead would press everything else flat.
  const lowest = Math.min(...values)
  const highest = Math.max(...values)
  const span = Math.max(highest - lowest, Math.abs(highest) * 0.05, 1e-6)
  for (const { value } of drift?.line ?? [])
    if (value > lowest - span / 2 && value < highest + span / 2) values.push(value)
  const [least, most] = [Math.min(...values), Math.max(...values)]
  const room = Math.max((most - least) * 0.12, Math.abs(most) * 0.01, 1e-6)
  return [least - room, most + room]
}

type Scale = (value: number) => number

function linesOf(
  line: { at: number; value: number; band: number }[],
  now: number,
  x: Scale,
  y: Scale,
): NonNullable<TrendShape['line']> {
  const path = (part: { at: number; value: number }[]) =>
    part
      .map(({ at, value }, index) => `${index === 0 ? 'M' : 'L'}${round(x(at))} ${round(y(value))}`)
      .join('')
  const past = line.filter(({ at }) => at <= now)
  const ahead = line.slice(Math.max(0, past.length - 1))
  const upper = ahead.map(({ at, value, band }) => ({ at, value: value + band }))
  const lower = ahead.map(({ at, value, band }) => ({ at, value: value - band })).reverse()
  const hasBand = ahead.some(({ band }) => band > 0)
  return {
    known: path(past.length > 1 ? past : line.slice(0, 2)),
    ahead: path(ahead),
    band: hasBand ? `${path([...upper, ...lower])}Z` : '',
  }
}

const round = (value: number): number => Math.round(value * 10) / 10

/** Years whose first day lies in what is drawn, eight at most. */
function yearsBetween(from: number, until: number): number[] {
  const [first, last] = [new Date(from).getUTCFullYear() + 1, new Date(until).getUTCFullYear()]
  const step = Math.max(1, Math.ceil((last - first + 1) / 8))
  const years: number[] = []
  for (let year = first; year <= last; year += step) years.push(year)
  return years
}

/** Round values between two, about four. */
function ticks(low: number, high: number): number[] {
  const rough = (high - low) / 4
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 5, 10].map((each) => each * power).find((each) => each >= rough) ?? rough
  const found: number[] = []
  for (let value = Math.ceil(low / step) * step; value <= high; value += step)
    found.push(Math.round(value / step) * step)
  return found
}
