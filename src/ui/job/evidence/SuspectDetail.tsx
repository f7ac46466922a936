'use client'

import Link from 'next/link'
import type { Suspect } from '@/core/diagnose'
import { movedBy, type Settler, shareMoved, weightInWords, whatSettles } from '@/core/diagnose/settle'
import { type DerivedFinding, diagnoseInputOf } from '@/core/job'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import { causeInfo, type ObservationId } from '@/core/knowledge/vocabulary'
import { formatPercent } from '@/core/units'
import { useJob } from '../JobProvider'
import { OwnJudgement } from './OwnJudgement'

/** What spoke for and against a suspect, what would prove or strike it, and what the person knows better. */
export function SuspectDetail({
  suspect,
  derived,
}: {
  suspect: Suspect
  derived: Map<ObservationId, DerivedFinding>
}) {
  const { snapshot } = useJob()
  const { label } = causeInfo(suspect.cause)
  const input = diagnoseInputOf(snapshot)
  const { proves, strikes } = whatSettles(input, suspect.cause)
  const moved = movedBy(input, suspect.cause)
  return (
    <div className="mt-1 border-ink border-l-2 pl-2.5 text-sm">
      <p className="mb-1">{label}.</p>
      {suspect.because.length === 0 ? (
        <p className="caption">
          Nothing found yet speaks for or against it; this is how often it happens in such a fan.
        </p>
      ) : (
        <>
          <table className="w-full">
            <caption className="sr-only">{`What moved ${label}`}</caption>
            <tbody>
              {moved.map(({ observation, value, bits, without }) => (
                <tr key={observation} className="rule-top">
                  <td className="py-1 pr-1">
                    {`${shortLabels[observation]}: ${valueLabel(observation, value)}`}
                    <span className="caption block">
                      {weightInWords(bits, saidBy(suspect, observation))},{' '}
                      <span className="num">
                        {shareMoved(formatPercent(without), formatPercent(suspect.probability))}
                      </span>
                    </span>
                  </td>
                  <td className="w-9 py-1 text-right align-top">
                    <TakeBack observation={observation} value={value} derived={derived.get(observation)} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="caption mt-1">Its share without this finding, and with it.</p>
        </>
      )}
      <Settlers title="Would prove it" list={proves} />
      <Settlers title="Would strike it" list={strikes} />
      <OwnJudgement cause={suspect.cause} />
    </div>
  )
}

/** The finding that told the same before, as it is called. */
function saidBy(suspect: Suspect, observation: ObservationId): string | undefined {
  const after = suspect.because.find((each) => each.observation === observation)?.after
  return after && shortLabels[after]
}

/** A finding of the person’s own goes with a tap; one that a reading made leads to the reading. */
function TakeBack({
  observation,
  value,
  derived,
}: {
  observation: ObservationId
  value: string
  derived: DerivedFinding | undefined
}) {
  const { snapshot, act, id } = useJob()
  const name = `${shortLabels[observation]}: ${valueLabel(observation, value)}`
  if (derived)
    return (
      <Link
        href={`/jobs/${snapshot.job.id}/measure`}
        className="grid size-9 place-items-center text-teal"
        aria-label={`${name} comes from a reading: go to it`}
        title={derived.from}
      >
        →
      </Link>
    )
  return (
    <button
      type="button"
      className="grid size-9 place-items-center text-lg text-soft hover:text-ink"
      aria-label={`Take back ${name}`}
      title="Take it back"
      onClick={() => act({ kind: 'finding.set', id: id(), observation, value: null })}
    >
      ×
    </button>
  )
}

function Settlers({ title, list }: { title: string; list: Settler[] }) {
  if (list.length === 0) return null
  return (
    <div className="mt-2">
      <p className="font-bold">{title}</p>
      <ul>
        {list.map(({ observation, value, after }) => (
          <li key={observation} className="flex justify-between gap-2">
            <span>{`${shortLabels[observation]}: ${valueLabel(observation, value)}`}</span>
            <span className="num shrink-0" title="its share after that">{`→ ${formatPercent(after)}`}</span>
          </li>
        ))}
      </ul>
    </div>
  )
}
