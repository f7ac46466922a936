'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { decidedWords, usableTest } from '@/core/diagnose'
import { diagnoseInputOf, reachOfTest } from '@/core/job'
import { goOnFrom, type GoOn as Way } from '@/core/job/phone/goOn'
import { shortLabels } from '@/core/knowledge/valueLabels'
import { useJob } from '../job/JobProvider'

type From = 'notice' | 'make-dead' | 'take-apart' | 'match' | 'refit'

/** Where to go from here, in a line: what would tell most next, or what is still missing. The key N takes it. */
export function GoOn({ from }: { from: From }) {
  const { snapshot } = useJob()
  const router = useRouter()
  const next = useNext(from)
  if (snapshot.job.status === 'closed' || !next) return null
  return (
    <section
      aria-label="Go on"
      className="rule-top flex flex-wrap items-center justify-between gap-x-4 gap-y-2 py-4"
      data-testid="go-on"
    >
      <p className="min-w-0 flex-1 basis-64 leading-snug">
        {next.text}
        {from === 'notice' ? (
          <Link
            prefetch={false}
            className="btn btn-plain -ml-2 block"
            href={`/jobs/${snapshot.job.id}/where`}
          >
            Is this for me? How long, what it needs, what can hurt
          </Link>
        ) : null}
      </p>
      <button
        type="button"
        data-key="n"
        className="btn btn-main"
        onClick={() => router.push(`/jobs/${snapshot.job.id}/${next.stage}`)}
      >
        {next.label} <kbd className="num text-sm">N</kbd>
      </button>
    </section>
  )
}

function useNext(from: From): Way | null {
  const { snapshot, diagnosis, energy, findings, gate } = useJob()
  if (from === 'take-apart' || from === 'match' || from === 'refit') return goOnFrom(snapshot, from)
  if (from === 'make-dead')
    return energy.handsIn
      ? {
          text: 'Proved dead, discharged, waited: hands may go in while it holds.',
          label: 'Measure',
          stage: 'measure',
        }
      : null
  const decided = decidedWords(diagnosis)
  if (decided)
    return {
      text: `The findings already point to: ${decided.toLowerCase()}.`,
      label: 'Decide',
      stage: 'decide',
    }
  const [test] = diagnosis.nextTests
  if (!test) return { text: 'No test is left that would tell.', label: 'Decide', stage: 'decide' }
  const info = usableTest(test.observation, diagnoseInputOf(snapshot), findings)?.info
  const name = shortLabels[test.observation]
  const dead = info?.handsIn && gate(reachOfTest(snapshot, test.observation)) !== null
  return {
    text: `What tells most next: “${name}”, ${test.minutes} min${dead ? ', with the power off and proved dead' : ''}.`,
    label: dead ? 'Make dead' : 'Measure',
    stage: dead ? 'make-dead' : 'measure',
  }
}
