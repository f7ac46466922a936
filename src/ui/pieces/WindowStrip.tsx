import { significant } from '@/core/units'

interface WindowStripProps {
  /** What is drawn, for a screen reader: "FAN, 3 µF ±6 %". */
  label: string
  nominal: number
  low: number
  high: number
  reading: number | null
  uncertainty: number | null
  unit: string
}

const WIDTH = 460
const BASE = 44
const PAD = 12

/** Nominal, tolerance band, the meter's own uncertainty and the needle, on one scale. */
export function WindowStrip({ label, nominal, low, high, reading, uncertainty, unit }: WindowStripProps) {
  const { from, to, step } = scale(nominal, low, high, reading)
  const x = (value: number) =>
    PAD + ((Math.min(to, Math.max(from, value)) - from) / (to - from)) * (WIDTH - 2 * PAD)
  const ticks: number[] = []
  for (let value = Math.ceil(from / step - 1e-9) * step; value <= to + step * 1e-6; value += step)
    ticks.push(value)
  const outside = reading !== null && (reading < from || reading > to)
  const text =
    reading === null
      ? 'not read'
      : `reads ${significant(reading, 4)} ${unit} ± ${significant(uncertainty ?? 0, 2)}`
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 66`}
      className="block w-full max-w-[520px]"
      role="img"
      aria-label={`${label}: window ${significant(low)} to ${significant(high)} ${unit}, ${text}`}
    >
      <rect
        x={x(low)}
        y="16"
        width={Math.max(1, x(high) - x(low))}
        height={BASE - 16}
        fill="var(--teal-wash)"
      />
      <path d={`M${x(low)} 6V${BASE}M${x(high)} 6V${BASE}`} stroke="var(--teal)" strokeWidth="2" />
      <text x={x(low) - 4} y="12" textAnchor="end" className="num" fontSize="11.5" fill="var(--ink)">
        {significant(low)}
      </text>
      <text x={x(high) + 4} y="12" className="num" fontSize="11.5" fill="var(--ink)">
        {significant(high)}
      </text>
      <path d={`M${PAD} ${BASE}H${WIDTH - PAD}`} stroke="var(--ink)" strokeWidth="1.4" />
      {ticks.map((tick, index) => (
        <g key={tick}>
          <path d={`M${x(tick)} ${BASE}v${index % 2 === 0 ? 7 : 4}`} stroke="var(--ink)" />
          {index % 2 === 0 ? (
            <text x={x(tick)} y="62" textAnchor="middle" className="num" fontSize="11.5" fill="var(--soft)">
              {significant(tick)}
            </text>
          ) : null}
        </g>
      ))}
      {reading !== null ? (
        <g className="transition-transform duration-200" style={{ transform: `translateX(${x(reading)}px)` }}>
          {uncertainty ? (
            <rect
              x={x(reading - uncertainty) - x(reading)}
              y="26"
              width={Math.max(2, x(reading + uncertainty) - x(reading - uncertainty))}
              height="5"
              fill="var(--copper-fill)"
              opacity="0.4"
            />
          ) : null}
          <path
            d={
              outside
                ? reading < from
                  ? 'M10 28.5H-4M-4 28.5l7-5M-4 28.5l7 5'
                  : 'M-10 28.5H4M4 28.5l-7-5M4 28.5l-7 5'
                : `M0 18V${BASE - 8}`
            }
            stroke="var(--copper-fill)"
            strokeWidth="3.4"
            fill="none"
          />
          {outside ? null : <path d={`M-6 ${BASE - 11}H6L0 ${BASE}z`} fill="var(--copper-fill)" />}
        </g>
      ) : null}
    </svg>
  )
}

/** A scale that holds the window and the reading, with round ticks; a reading far out stands at the edge as an arrow. */
function scale(
  nominal: number,
  low: number,
  high: number,
  reading: number | null,
): { from: number; to: number; step: number } {
  const half = Math.max(high - nominal, nominal - low, nominal * 0.02) * 2.2
  let [from, to] = [nominal - half, nominal + half]
  if (reading !== null) {
    const reach = nominal * 0.45
    if (reading > nominal - reach) from = Math.min(from, reading - half * 0.25)
    if (reading < nominal + reach) to = Math.max(to, reading + half * 0.25)
  }
  from = Math.max(0, from)
  const rough = (to - from) / 8
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 2.5, 5, 10].map((factor) => factor * power).find((candidate) => candidate >= rough)!
  return { from, to, step }
}
