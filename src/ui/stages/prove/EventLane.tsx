import type { ReactNode } from 'react'
import { differenceText, eventSentence, type JudgedEvent } from '@/core/sequence'

interface EventLaneProps {
  judged: JudgedEvent
  /** Seconds at the right end of the strip. */
  end: number
  isNext: boolean
  running: boolean
  /** Seconds later than in the run before. */
  later: number | undefined
  onSeen: (on: boolean) => void
  children: ReactNode
}

const WIDTH = 400
const HEIGHT = 18

/** One event: what it is, its window on the common time scale, the mark where it was seen, and the button for it. */
export function EventLane({ judged, end, isNext, running, later, onSeen, children }: EventLaneProps) {
  const { event, seen, window, timing } = judged
  const x = (seconds: number) => (Math.min(end, Math.max(0, seconds)) / end) * WIDTH
  const wrong = timing === 'late' || timing === 'overdue' || timing === 'missing'
  return (
    <li
      className={`grid gap-x-4 gap-y-1 border-line border-b py-2 mid:grid-cols-[minmax(0,15rem)_minmax(0,1fr)_7.5rem] ${isNext ? 'bg-[var(--teal-wash)]' : ''}`}
      data-testid={`event-${event.id}`}
      data-timing={timing}
    >
      <b className="self-center font-semibold">{event.what}</b>
      <span className="self-center">
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          preserveAspectRatio="none"
          className="block h-[18px] w-full"
          aria-hidden="true"
        >
          <path d={`M0 ${HEIGHT - 1}H${WIDTH}`} stroke="var(--line)" />
          {window ? (
            <rect
              x={x(window[0])}
              y="2"
              width={Math.max(4, x(window[1]) - x(window[0]))}
              height={HEIGHT - 3}
              fill="var(--teal-wash)"
              stroke="var(--teal)"
            />
          ) : null}
          {seen !== null ? (
            <rect
              x={x(seen) - 2}
              y="0"
              width="4"
              height={HEIGHT}
              fill={wrong ? 'var(--stop)' : 'var(--copper)'}
            />
          ) : null}
        </svg>
        <span className={`block text-sm tabular-nums ${wrong ? 'text-stop' : 'text-soft'}`}>
          {eventSentence(judged)}
          {later === undefined ? '' : ` ${differenceText(later)}`}
        </span>
      </span>
      {running ? (
        <button
          type="button"
          className={seen === null ? `btn ${isNext ? 'btn-main' : ''}` : 'btn'}
          {...(isNext ? { 'data-key': 't' } : {})}
          aria-label={`${seen === null ? 'Now' : 'Not so'}: ${event.what}`}
          onClick={() => onSeen(seen === null)}
        >
          {seen === null ? 'Now' : 'Not so'}
          {isNext ? <span className="caption hidden text-inherit mid:inline">T</span> : null}
        </button>
      ) : (
        <span />
      )}
      <div className="mid:col-span-3 empty:hidden">{children}</div>
    </li>
  )
}
