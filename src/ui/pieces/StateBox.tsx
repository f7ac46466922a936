'use client'

import { contradictionsOf } from '@/core/job'
import { liveReading } from '@/core/job/energy/liveReading'
import { vocabulary } from '@/core/knowledge/vocabulary'
import { significant } from '@/core/units'
import { useJob } from '../job/JobProvider'
import { minutesSince } from '../kit/time'

/** The state of the job in words, beside its line. Never by colour alone. */
export function StateBox() {
  const { energy, now, stops, reach, snapshot, clock, when } = useJob()
  const stopped = stops.length > 0 || energy.stop !== null
  const contradicted = contradictionsOf(snapshot).length > 0
  const { title, lines, look } = wordsOf()
  return (
    <section
      aria-label="State"
      className={`flex min-w-0 flex-1 items-center gap-3 border-ink px-3 py-1.5 mid:min-w-72 mid:flex-none mid:border-l mid:px-4 mid:py-2 ${look.box}`}
      data-testid="state"
      data-state={reach.kept ? 'not-known' : energy.state}
    >
      {/* Spoken when the state changes, and not with every minute that passes. */}
      <span className="sr-only" role="status">
        {title}
      </span>
      <span
        className={`hidden size-10 shrink-0 place-items-center border-[1.5px] mid:grid ${look.mark}`}
        aria-hidden="true"
      >
        {look.symbol}
      </span>
      <span className="flex flex-wrap items-baseline gap-x-2 mid:block">
        <strong className="text-[0.95rem] leading-tight tracking-wide mid:block mid:text-xl">{title}</strong>
        {lines.map((line) => (
          <span key={line} className={`text-sm leading-tight mid:block ${look.note}`}>
            {line}
          </span>
        ))}
        <span
          className={`num text-xs leading-tight mid:block ${reach.kept ? 'hidden' : reach.away ? 'font-bold' : `hidden ${look.note}`}`}
          data-testid="confirmed"
        >
          {reach.away
            ? `The server is away: not confirmed since ${clock(new Date(reach.confirmedAt).toISOString())}. Nothing new opens.`
            : `confirmed ${clock(new Date(reach.confirmedAt).toISOString())}`}
        </span>
      </span>
    </section>
  )

  function wordsOf() {
    const tick = (
      <svg viewBox="0 0 20 20" className="size-7" fill="none" stroke="currentColor" strokeWidth="2.4">
        <path d="M4 10.5l4 4.5 8-10" />
      </svg>
    )
    const plain = { box: '', mark: 'border-ink', note: 'text-soft', symbol: null }
    const live = { box: '', mark: 'hatch border-ink', note: 'text-soft', symbol: null }
    if (stopped) {
      const what = energy.stop
        ? liveReading(energy.stop)
        : stops[0]
          ? vocabulary.stopRules[stops[0].rule].label
          : ''
      return {
        title: 'STOP',
        lines: [what],
        look: {
          box: 'bg-stop text-surface',
          mark: 'border-surface text-2xl font-bold',
          note: 'text-surface',
          symbol: '×',
        },
      }
    }
    if (reach.kept)
      return {
        title: 'NOT KNOWN',
        lines: [
          `since ${when(new Date(reach.confirmedAt).toISOString(), now)}: this page was opened without the server`,
          'take the machine for live',
        ],
        look: { ...live, symbol: '?', mark: 'border-ink text-xl font-bold' },
      }
    switch (energy.state) {
      case 'proven-dead': {
        const since = minutesSince(energy.provenAt ?? '', now)
        const volts = energy.provenVolts === null ? '' : `, ${significant(energy.provenVolts, 2)} V at most`
        const hold = energy.handsIn
          ? `holds till ${clock(energy.holdsUntil)}, longer while you work`
          : (energy.missing[0] ?? '')
        return { title: 'PROVEN DEAD', lines: [`${since}${volts}`, hold], look: { ...plain, symbol: tick } }
      }
      case 'isolated':
        return {
          title: 'ISOLATED',
          lines: [
            `${energy.openPoints} of ${energy.allPoints} off`,
            energy.missing[0] ?? 'not proven dead yet',
          ],
          look: { ...plain, symbol: '?', mark: 'border-ink text-xl font-bold' },
        }
      case 'isolating':
        return {
          title: 'ISOLATING',
          lines: [`${energy.openPoints} of ${energy.allPoints} off`, energy.missing[0] ?? ''],
          look: live,
        }
      case 'live-test':
        return { title: 'LIVE TEST', lines: ['on for a test: hands away'], look: live }
      case 'closing-up':
        return { title: 'CLOSING UP', lines: ['covers going on'], look: live }
      case 'in-service':
        return { title: 'IN SERVICE', lines: ['the power is on'], look: live }
      default:
        return {
          title: 'POWER MAY BE ON',
          lines: [
            contradicted
              ? 'two readings cannot both be true'
              : (energy.missing[0] ?? 'nothing is isolated yet'),
          ],
          look: live,
        }
    }
  }
}
