import type { ReactNode } from 'react'
import { energyOf, type JobSnapshot } from '@/core/job'
import { callCard } from '@/core/job/callCard'
import { Paper } from './Paper'

/** The card to show or to read out to somebody who is called: what is known, what was done, what was not. */
export function CallCardPaper({ snapshot, now }: { snapshot: JobSnapshot; now: number }) {
  const card = callCard(snapshot, energyOf(snapshot, now).state === 'proven-dead')
  return (
    <Paper back={`/jobs/${snapshot.job.id}/where`} narrow>
      <article className="border-2 border-ink p-5" data-testid="call-card">
        <h1 className="text-2xl">{card.title}</h1>
        {card.said ? <p className="mt-1 text-lg">{`“${card.said}”`}</p> : null}
        {card.stops.map((stop) => (
          <p key={stop} className="mt-2 font-bold text-stop">
            {stop}
          </p>
        ))}
        <Rows title="The machine" rows={card.machine} />
        <Rows title="Noticed" rows={card.found} />
        <Lines title="Read" lines={card.read} />
        <Lines title="It may be" lines={card.maybe} />
        <Lines title="The power" lines={card.power} />
        <p className="mt-4 border-ink border-t pt-2 font-bold">{card.ask}</p>
      </article>
    </Paper>
  )
}

const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <section className="avoid-break mt-4">
    <h2 className="border-ink border-b text-base">{title}</h2>
    {children}
  </section>
)

function Rows({ title, rows }: { title: string; rows: [string, string][] }) {
  if (rows.length === 0) return null
  return (
    <Part title={title}>
      <dl>
        {rows.map(([name, text]) => (
          <div
            key={name}
            className="grid grid-cols-[max(130px,36%)_minmax(0,1fr)] gap-x-3 border-line border-b py-1 [overflow-wrap:anywhere]"
          >
            <dt className="text-soft">{name}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
    </Part>
  )
}

function Lines({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null
  return (
    <Part title={title}>
      <ul>
        {lines.map((line) => (
          <li key={line} className="border-line border-b py-1">
            {line}
          </li>
        ))}
      </ul>
    </Part>
  )
}
