'use client'

import { daysLaterOf } from '@/core/job/energy/daysLater'
import { breakWords, pointName } from '@/core/knowledge/breakWords'
import { ago } from '../kit/time'
import { useJob } from './JobProvider'

/** After days: what was said of the power then is asked again, each with its date; what else is of then is said. */
export function DaysLater() {
  const { snapshot, now, act, day, clock } = useJob()
  const days = daysLaterOf(snapshot, now)
  if (!days) return null
  return (
    <section
      aria-labelledby="days-later"
      className="border-amber border-b-4 bg-surface px-4 py-3 mid:px-5"
      data-testid="days-later"
    >
      <h2 id="days-later" className="text-lg">{`Asked again: this was said ${ago(days.since, now)}`}</h2>
      <ul className="mt-1">
        {days.points.map((point) => {
          const word = breakWords[point.point].open
          return (
            <li
              key={point.id}
              className="flex flex-wrap items-center gap-x-4 gap-y-2 border-line border-b py-2"
            >
              <span className="min-w-[min(15rem,100%)] flex-1 leading-snug">
                <b>{`${pointName(point.label)}: is it still ${word}? Go and look.`}</b>
                <span className="caption block">
                  {`${word} ${day(point.openedAt ?? '')} ${clock(point.openedAt ?? '')}${point.held ? `, held: ${point.held}` : ''}`}
                </span>
              </span>
              <span className="flex flex-wrap gap-2">
                <button
                  type="button"
                  className="btn btn-main"
                  onClick={() => act({ kind: 'point.still', id: point.id })}
                >
                  {`Still ${word}, held as before`}
                </button>
                <button
                  type="button"
                  className="btn"
                  onClick={() => act({ kind: 'point.close', id: point.id })}
                >
                  No, or not sure
                </button>
              </span>
            </li>
          )
        })}
      </ul>
      <p className="mt-2 max-w-[90ch] leading-snug">
        {[
          'After that it is proved dead again, and what may hold a charge is read again.',
          days.out.length > 0
            ? `On the bench then: ${days.out.join(', ')}. Where somebody set it back since, untick its line, or tap that it is back.`
            : '',
          days.checks > 0
            ? `${days.checks} ${days.checks === 1 ? 'check' : 'checks'} before power will be asked again.`
            : '',
          days.readings > 0
            ? `${days.readings} ${days.readings === 1 ? 'reading' : 'readings'} of then stay, with their day: take again what may have changed.`
            : '',
        ]
          .filter(Boolean)
          .join(' ')}
      </p>
    </section>
  )
}
