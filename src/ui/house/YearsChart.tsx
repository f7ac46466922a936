import type { HouseFigures } from '@/core/house/figures'
import { yearBars } from '@/core/house/yearBars'

const WIDTH = 720
const HEIGHT = 220

/** Spent and saved year by year as bars; the same stands in the table above. */
export function YearsChart({ years }: Pick<HouseFigures, 'years'>) {
  const { bars, zero } = yearBars(years, WIDTH, HEIGHT)
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="mt-4 w-full max-w-[46rem]"
      aria-label="Spent and saved year by year"
    >
      <title>Spent and saved year by year</title>
      <g fontSize="13" fill="var(--ink)">
        <rect x="2" y="2" width="14" height="10" fill="var(--ink)" />
        <text x="22" y="12">
          spent
        </text>
        <rect x="82" y="2" width="14" height="10" fill="var(--copper-fill)" />
        <text x="102" y="12">
          saved
        </text>
      </g>
      {bars.map(({ year, x, width, spent, saved }) => (
        <g key={year}>
          <rect x={x} y={spent.y} width={width} height={spent.height} fill="var(--ink)" />
          <rect x={x + width + 3} y={saved.y} width={width} height={saved.height} fill="var(--copper-fill)" />
          <text
            x={x + width}
            y={HEIGHT - 6}
            textAnchor="middle"
            className="num"
            fontSize="13"
            fill="var(--ink)"
          >
            {year}
          </text>
        </g>
      ))}
      <line x1="0" x2={WIDTH} y1={zero} y2={zero} stroke="var(--ink)" />
    </svg>
  )
}
