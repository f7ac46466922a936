'use client'

import Link from 'next/link'
import { noHandsOf } from '@/core/job/fields'
import { forMe, type HandOver } from '@/core/job/forMe'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { significant } from '@/core/units'
import { useJob } from '../job/JobProvider'
import { Section } from '../kit/Section'
import { NoHands, OtherWays } from '../stages/decide/OtherWays'

const SKILL = {
  1: 'anybody',
  2: 'a careful first-timer',
  3: 'somebody used to a meter',
  4: 'a trade, or a practised repairer',
} as const

const REASONS: Record<HandOver, string> = {
  stop: 'A sign of danger stands. It is answered first.',
  licensed: 'What is likeliest is the work of a licensed trade, by law in many places.',
  'no-meter': 'You said that you have nothing to measure with. Without a meter nobody can prove it dead.',
  practised: 'What is likeliest asks for a practised hand.',
  fuel: 'Gas: its lines, valve and burner are a licensed trade’s. The fan beside them can be yours.',
}

/** A share in words, as people say it. */
const inWords = (share: number): string => {
  if (share >= 0.95) return 'almost surely'
  const steps: [number, string][] = [
    [0.75, 'about four in five'],
    [0.6, 'about two in three'],
    [0.42, 'about one in two'],
    [0.29, 'about one in three'],
    [0.22, 'about one in four'],
    [0.15, 'about one in six'],
  ]
  return steps.find(([from]) => share >= from)?.[1] ?? 'about one in ten'
}

const hoursText = (hours: number): string => {
  const quarters = Math.round(hours * 4) / 4
  return quarters < 1
    ? `${quarters * 60} min`
    : `${String(quarters).replace('.25', '¼').replace('.5', '½').replace('.75', '¾')} h`
}

const span = (least: number, most: number, say: (value: number) => string): string =>
  say(least) === say(most) ? say(least) : `${say(least)} to ${say(most)}`

/** Before anything is opened: what it may be, how long, what it needs, what can hurt, what it costs, and whom to call. */
export function ForMePart() {
  const { snapshot } = useJob()
  const noHands = noHandsOf(snapshot)
  const { likely, hours, needs, hurts, costs, ifWrong, skill, handOver } = forMe(snapshot)
  const rows: [string, string][] = [
    ['It may be', likely.map(({ cause, share }) => `${shortCauses[cause]}, ${inWords(share)}`).join('; ')],
    [
      'Takes',
      hours ? `${span(hours.least, hours.most, hoursText)} of yours, with making it dead` : 'not said',
    ],
    ['It is for', SKILL[skill]],
    ['Needs', needs.join(', ')],
    ['Can hurt', hurts.join('; ')],
    ['Costs', costsText(costs)],
    ...(ifWrong ? [['If it goes wrong', ifWrong] as [string, string]] : []),
  ]
  return (
    <Section title="Is this for me?" aside="rough figures, in your own money">
      <dl className="max-w-[80ch]" data-testid="for-me">
        {rows.map(([name, text]) => (
          <div
            key={name}
            className="grid gap-x-4 border-line border-b py-1.5 mid:grid-cols-[130px_minmax(0,1fr)]"
          >
            <dt className="text-soft">{name}</dt>
            <dd className="leading-snug">{text}</dd>
          </div>
        ))}
      </dl>
      {handOver.length > 0 ? (
        <ul className="mt-3 max-w-[72ch] space-y-1 border-ink border-l-4 pl-3" data-testid="hand-over">
          {handOver.map((reason) => (
            <li key={reason} className="leading-snug">
              {REASONS[reason]}
            </li>
          ))}
        </ul>
      ) : null}
      {noHands ? (
        <NoHands option={noHands} />
      ) : (
        <div className="mt-3 flex flex-wrap gap-2">
          <Link prefetch={false} className="btn" href={`/jobs/${snapshot.job.id}/call-card`}>
            Call somebody: the card to show them
          </Link>
          {snapshot.job.status === 'open' ? <OtherWays /> : null}
        </div>
      )}
    </Section>
  )
}

/** Rough figures: no more digits than are known. */
const round = (value: number): string => significant(value, 2)

const costsText = (costs: { least: number; most: number; hired: number | null } | null): string => {
  if (!costs) return 'not said'
  const part = costs.most < 1 ? 'nothing but time' : `${span(costs.least, costs.most, round)} for the part`
  return costs.hired === null ? part : `${part}, about ${round(costs.hired)} hired`
}
