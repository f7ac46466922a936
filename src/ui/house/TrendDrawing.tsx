import Link from 'next/link'
import { drawnUnit, measuredText } from '@/core/house/quantities'
import type { PastReading } from '@/core/machine/pastReadings'
import { trendShape } from '@/core/machine/trendShape'
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
  const { plot, window, line } = shape
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full"
      aria-label={`${name} over the years, in ${unit}`}
    >
      <title>{`${name} over the years, in ${unit}`}</title>
      {window ? (
        <rect
          x={plot.left}
          y={window.top}
          width={plot.right - plot.left}
          height={Math.max(0, window.bottom - window.top)}
          fill="var(--teal-wash)"
        />
      ) : null}
      {window
        ? [window.top, window.bottom].map((at) => (
            <line
              key={at}
              x1={plot.left}
              x2={plot.right}
              y1={at}
              y2={at}
              stroke="var(--teal)"
              strokeWidth="2"
            />
          ))
        : null}
      {shape.values.map(({ y, value }) => (
        <text
          key={value}
          x={plot.left - 8}
          y={y + 4}
          textAnchor="end"
          className="num"
          fontSize="13"
          fill="var(--ink)"
        >
          {significant(value, 4)}
        </text>
      ))}
      {shape.years.map(({ x, year }) => (
        <text
          key={year}
          x={x}
          y={plot.bottom + 22}
          textAnchor="middle"
          className="num"
          fontSize="13"
          fill="var(--ink)"
        >
          {year}
        </text>
      ))}
      <line x1={plot.left} x2={plot.right} y1={plot.bottom} y2={plot.bottom} stroke="var(--line)" />
      {line?.band ? <path d={line.band} fill="var(--copper-fill)" opacity="0.18" /> : null}
      {line ? <path d={line.known} fill="none" stroke="var(--copper)" strokeWidth="2" /> : null}
      {line ? (
        <path d={line.ahead} fill="none" stroke="var(--copper)" strokeWidth="2" strokeDasharray="7 5" />
      ) : null}
      <line
        x1={shape.today}
        x2={shape.today}
        y1={plot.top}
        y2={plot.bottom}
        stroke="var(--ink)"
        strokeDasharray="2 4"
      />
      <text x={Math.min(shape.today + 5, plot.right - 40)} y={plot.top + 4} fontSize="13" fill="var(--ink)">
        today
      </text>
      {shape.out ? (
        <>
          <line
            x1={shape.out.x}
            x2={shape.out.x}
            y1={shape.out.y}
            y2={plot.bottom}
            stroke="var(--stop)"
            strokeWidth="2"
          />
          <text
            x={Math.min(shape.out.x, plot.right - 50)}
            y={plot.bottom + 43}
            textAnchor="middle"
            fontSize="14"
            fontWeight="700"
            fill="var(--stop)"
          >
            {`out about ${shape.out.year}`}
          </text>
        </>
      ) : null}
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
