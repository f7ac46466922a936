import type { Sums } from './figures'

interface Bar {
  y: number
  height: number
}

export interface YearBars {
  bars: { year: string; x: number; width: number; spent: Bar; saved: Bar }[]
  /** Where nothing lies. */
  zero: number
}

const TOP = 24
const BOTTOM = 26
/** A pair of bars is no wider than this: two years are no billboard. */
const WIDEST = 28

/** Money of each year as two bars, in the units of a picture; years without a repair have their place. */
export function yearBars(
  years: (Pick<Sums, 'spent' | 'saved'> & { year: string })[],
  width: number,
  height: number,
): YearBars {
  const numbers = years.map(({ year }) => Number(year))
  const [first, last] = [Math.min(...numbers), Math.max(...numbers)]
  const all = Array.from({ length: last - first + 1 }, (_, index) => String(first + index))
  const values = years.flatMap(({ spent, saved }) => [spent, saved])
  const most = Math.max(1, ...values)
  // A part that cost more than the trade saved less than nothing.
  const least = Math.min(0, ...values)
  const scale = (height - TOP - BOTTOM) / (most - least)
  const zero = TOP + most * scale
  const bar = (value: number): Bar => ({
    y: value >= 0 ? zero - value * scale : zero,
    height: Math.abs(value) * scale,
  })
  const step = width / all.length
  const each = Math.min(WIDEST, step / 3)
  return {
    zero,
    bars: all.map((year, index) => {
      const sums = years.find((own) => own.year === year)
      return {
        year,
        x: step * index + step / 2 - each,
        width: each,
        spent: bar(sums?.spent ?? 0),
        saved: bar(sums?.saved ?? 0),
      }
    }),
  }
}
