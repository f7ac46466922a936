'use client'

import type { HouseFigures } from '@/core/house/figures'
import { Chart } from '../pieces/Chart'

/** Spent and saved year by year; the same stands in the table above. */
export function YearsChart({ years }: Pick<HouseFigures, 'years'>) {
  const ordered = [...years].reverse()
  const points = (of: 'spent' | 'saved') =>
    ordered.map((each): [number, number] => [Number(each.year), each[of]])
  return (
    <Chart
      label="Spent and saved year by year"
      xName="year"
      yName=""
      height={240}
      series={[
        { name: 'spent', points: points('spent'), dots: true },
        { name: 'saved', points: points('saved'), dots: true, strong: true },
      ]}
    />
  )
}
