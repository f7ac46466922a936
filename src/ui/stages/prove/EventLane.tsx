import type { ReactNode } from 'react'
import { differenceText, eventSentence, eventShort, type JudgedEvent } from '@/core/sequence'

interface LaneProps {
  judged: JudgedEvent
  /** Seconds at the right end of the strip. */
  end: number
  /** Seconds later than in the run before. */
  later: number | undefined
  children: ReactNode
}

const WIDTH = 400
const HEIGHT = 18

const isWrong = ({ timing }: JudgedEvent) => ['late', 'overdue', 'missing'].includes(timing)
const said = (judged: JudgedEvent, later: number | undefined) =>
  `${eventSentence(judged)}${later === undefined ? '' : ` ${differenceText(later)}`}`

interface EventTapProps {
  judged: JudgedEvent
  isNext: boolean
  later: number | undefined
  onSeen: (on: boolean) => void
  children: ReactNode
}

/** One event while the machine starts: the whole line is its button, the one that comes next a large one. All of them fit a phone. */
export function EventTap({ judged, isNext, later, onSeen, children }: EventTapProps) {
  const { event, seen, timing } = judged
  return (
    <li className="mt-1" data-testid={`event-${event.id}`} data-timing={timing}>
      <button
        type="button"
        className={`btn w-full flex-wrap !justify-between gap-x-3 text-left ${isNext ? 'btn-main min-h-20 text-xl' : seen === null ? '' : 'btn-plain'}`}
        {...(isNext ? { 'data-key': 't' } : {})}
        aria-label={`${seen === null ? 'Now' : 'Not so'}: ${event.what}`}
        onClick={() => onSeen(seen === null)}
      >
        <b className="font-semibold">
          {event.what}
          {isNext ? <span className="caption ml-2 hidden text-inherit mid:inline">T</span> : null}
        </b>
        <span
          className={`font-normal text-sm tabular-nums ${isNext ? 'text-inherit' : isWrong(judged) ? 'text-stop' : 'text-soft'}`}
        >
          {isNext ? said(judged, later) : eventShort(judged)}
        </span>
      </button>
      <div className="empty:hidden">{children}</div>
    </li>
  )
}

/** One event of a watch that is over: what it is, its window on the common time scale, and the mark where it was seen. */
export function EventLane({ judged, end, later, children }: LaneProps) {
  const { event, seen, window, timing } = judged
  const x = (seconds: number) => (Math.min(end, Math.max(0, seconds)) / end) * WIDTH
  const wrong = isWrong(judged)
  return (
    <li
      className="grid gap-x-4 gap-y-1 border-line border-b py-2 mid:grid-cols-[minmax(0,15rem)_minmax(0,1fr)]"
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
          {said(judged, later)}
        </span>
      </span>
      <div className="mid:col-span-2 empty:hidden">{children}</div>
    </li>
  )
}
