'use client'

import { useRouter } from 'next/navigation'
import type { Trial } from '@/core/diagnose'
import { stepsOf } from '@/core/knowledge/actionSteps'
import { actionInfo } from '@/core/knowledge/actions'
import { causeInfo } from '@/core/knowledge/vocabulary'
import { formatPercent } from '@/core/units'
import { useJob } from '../../../job/JobProvider'
import { Facts } from './Facts'
import { Head } from './Head'
import { MakeDeadFirst } from './MakeDeadFirst'

/** A repair that is its own test: cheaper than finding out. Helped, or struck. */
export function TrialCard({ trial, onOther }: { trial: Trial; onOther: () => void }) {
  const { snapshot, diagnosis, energy, act, id } = useJob()
  const router = useRouter()
  const info = actionInfo(trial.action)
  const { risk, steps } = stepsOf(trial.action, snapshot.machine.motorKind)
  const gated = !energy.handsIn && trial.action !== 'clear-vent'
  const helped = () => {
    const reason = `${info.label}: done as a test, it helped`
    if (act({ kind: 'belief.set', id: id(), cause: trial.cause, stance: 'set', reason }))
      router.push(`/jobs/${snapshot.job.id}/decide`)
  }
  const didNot = () => {
    const reason = `${info.label}: done, it did not help`
    for (const { cause } of diagnosis.suspects)
      if (causeInfo(cause).action === trial.action)
        act({ kind: 'belief.set', id: id(), cause, stance: 'struck', reason })
  }
  return (
    <>
      <Head
        title={`Next: ${info.label}, as its own test`}
        text={`It costs less than finding out. ${steps} ${info.trial ?? ''}`}
      >
        {gated ? (
          <MakeDeadFirst />
        ) : (
          <>
            <button type="button" className="btn" onClick={didNot}>
              It did not help
            </button>
            <button type="button" data-key="n" data-asserts className="btn btn-main" onClick={helped}>
              It helped <kbd className="num text-sm">N</kbd>
            </button>
          </>
        )}
      </Head>
      <Facts
        facts={[
          ['power', 'off'],
          ['takes', `${trial.minutes} min`],
          ['is all that is wrong in', formatPercent(trial.probability)],
        ]}
      />
      <p className="mt-2 max-w-[72ch] border-ink border-l-2 pl-3 text-sm">
        <b>If done wrong:</b> {risk}
      </p>
      <button type="button" className="btn btn-plain -ml-2 mt-1 text-sm" onClick={onOther}>
        A test instead
      </button>
    </>
  )
}
