import Link from 'next/link'
import { drawnUnit, measuredText } from '@/core/house/quantities'
import type { PastReading } from '@/core/machine/pastReadings'
import { type TrendShape, trendShape } from '@/core/machine/trendShape'
import type { Trend } from '@/core/machine/trends'
import { significant } from '@/core/units'

const WIDTH = 720
const HEIGHT = 300

interface TrendDrawingProps {
  trend: Trend
  name: string
  now: number
  fahrenheit: boolean
  /** An instant as a day, by the clock of whoever reads. */
  day: (at: string) => string
}

/** A quantity over the years against its window, each reading with its meter's own uncertainty; a reading leads to its job. */
export function TrendDrawing({ trend, name, now, fahrenheit, day }: TrendDrawingProps) {
  const { unit, factor } = unitOf(trend, fahrenheit)
  const shape = trendShape(trend, now, WIDTH, HEIGHT, factor)
  const label = `${name} over the years, in ${unit}`
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full" aria-label={label}>
      <title>{label}</title>
      <Window shape={shape} />
      <Axes shape={shape} />
      <Line shape={shape} />
      {shape.points.map(({ x, y, low, high, point }) => (
        <Mark
          key={`${point.at}${point.value}${point.jobId}`}
          point={point}
          text={`${day(point.at)}: ${figure(point, fahrenheit)}`}
        >
          {point.uncertainty > 0 ? (
            <line x1={x} x2={x} y1={low} y2={high} stroke="var(--copper)" strokeWidth="1.6" />
          ) : null}
          <circle
            cx={x}
            cy={y}
            r="5.5"
            fill={point.isPresent ? 'var(--copper)' : 'var(--surface)'}
            stroke="var(--copper)"
            strokeWidth="1.6"
          />
        </Mark>
      ))}
    </svg>
  )
}

/** What the label allows, as a band. */
function Window({ shape: { window, plot } }: { shape: TrendShape }) {
  if (!window) return null
  const height = Math.max(0, window.bottom - window.top)
  return (
    <>
      <rect
        x={plot.left}
        y={window.top}
        width={plot.right - plot.left}
        height={height}
        fill="var(--teal-wash)"
      />
      {[window.top, window.bottom].map((at) => (
        <line key={at} x1={plot.left} x2={plot.right} y1={at} y2={at} stroke="var(--teal)" strokeWidth="2" />
      ))}
    </>
  )
}

/** Years below, values at the left, and where today lies. */
function Axes({ shape: { plot, values, years, today } }: { shape: TrendShape }) {
  return (
    <g fontSize="13" fill="var(--ink)">
      {values.map(({ y, value }) => (
        <text key={value} x={plot.left - 8} y={y + 4} textAnchor="end" className="num">
          {significant(value, 4)}
        </text>
      ))}
      {years.map(({ x, year }) => (
        <text key={year} x={x} y={plot.bottom + 22} textAnchor="middle" className="num">
          {year}
        </text>
      ))}
      <line x1={plot.left} x2={plot.right} y1={plot.bottom} y2={plot.bottom} stroke="var(--line)" />
      <line x1={today} x2={today} y1={plot.top} y2={plot.bottom} stroke="var(--ink)" strokeDasharray="2 4" />
      <text x={Math.min(today + 5, plot.right - 40)} y={plot.top + 4}>
        today
      </text>
    </g>
  )
}

/** The fitted line until today and on from there, its band, and where it leaves the window. */
function Line({ shape: { line, out, plot } }: { shape: TrendShape }) {
  if (!line) return null
  const drawn = { fill: 'none', stroke: 'var(--copper)', strokeWidth: 2 }
  return (
    <>
      {line.band ? <path d={line.band} fill="var(--copper-fill)" opacity="0.18" /> : null}
      <path d={line.known} {...drawn} />
      <path d={line.ahead} {...drawn} strokeDasharray="7 5" />
      {out ? (
        <>
          <line x1={out.x} x2={out.x} y1={out.y} y2={plot.bottom} stroke="var(--stop)" strokeWidth="2" />
          <text
            x={Math.min(out.x, plot.right - 50)}
            y={plot.bottom + 43}
            textAnchor="middle"
            fontSize="14"
            fontWeight="700"
            fill="var(--stop)"
          >
            {`out about ${out.year}`}
          </text>
        </>
      ) : null}
    </>
  )
}

/** A reading of a job leads to its record. */
function Mark({ point, text, children }: { point: PastReading; text: string; children: React.ReactNode }) {
  const inside = (
    <>
      <title>{text}</title>
      {children}
    </>
  )
  return point.jobId ? (
    <Link href={`/jobs/${point.jobId}/record`} aria-label={text}>
      {inside}
    </Link>
  ) : (
    <g>{inside}</g>
  )
}

/** The level of a recording is told below full scale: no meter stands behind it. */
const unitOf = ({ what }: Trend, fahrenheit: boolean) =>
  what === 'levelDb' ? { unit: 'dB below full scale', factor: 1 } : drawnUnit(what, fahrenheit)

/** A figure with its unit, as the household writes it. */
export const figure = ({ what, value }: Pick<PastReading, 'what' | 'value'>, fahrenheit: boolean): string =>
  what === 'levelDb' ? `${significant(value, 3)} dB` : measuredText(what, value, fahrenheit)
