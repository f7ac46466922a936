import { significant } from '@/core/units'

/** Round marks for an axis that ends at `scale`. */
function marksOf(scale: number): number[] {
  const raw = scale / 4
  const power = 10 ** Math.floor(Math.log10(raw))
  const step = [1, 2, 5, 10].map((each) => each * power).find((each) => each >= raw)!
  return Array.from({ length: Math.floor(scale / step) + 1 }, (_, index) => index * step)
}

/** The axis above the bars. */
export function SpreadAxis({ scale }: { scale: number }) {
  return (
    <div className="hidden grid-cols-[minmax(0,1fr)_250px_84px] gap-x-4 mid:grid" aria-hidden="true">
      <span />
      <span className="relative block h-9 border-ink border-b">
        <span className="caption absolute top-0 left-0">cost of a year</span>
        {marksOf(scale).map((mark) => (
          <span
            key={mark}
            className="num absolute bottom-0 -translate-x-1/2 border-ink border-l pb-1 pl-1 text-xs leading-none"
            style={{ left: `${(mark / scale) * 100}%`, transform: 'none' }}
          >
            {significant(mark, 2)}
          </span>
        ))}
      </span>
    </div>
  )
}

/** One option on the scale: the bar from low to high, the mark at what is to be expected. */
export function Spread({
  low,
  expected,
  high,
  scale,
}: {
  low: number
  expected: number
  high: number
  scale: number
}) {
  const at = (value: number) => `${Math.min(100, (value / scale) * 100)}%`
  const cut = high > scale
  return (
    <span className="relative block h-5" aria-hidden="true">
      <span className="absolute inset-x-0 top-1/2 h-px bg-line" />
      <span
        className={`absolute top-1 bottom-1 border border-ink bg-surface ${cut ? 'border-r-0' : ''}`}
        style={{ left: at(low), right: `calc(100% - ${at(high)})` }}
      />
      {cut ? <span className="num absolute -right-1 top-0 bg-surface text-sm leading-5">›</span> : null}
      <span
        className="absolute top-0 bottom-0 w-1 -translate-x-1/2 bg-[var(--copper-fill)]"
        style={{ left: at(expected) }}
      />
    </span>
  )
}
