'use client'

import dynamic from 'next/dynamic'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import { decidedWords, rankedWhileDead, worthMaking } from '@/core/diagnose'
import { actionInfo } from '@/core/knowledge/actions'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { causeInfo, type ObservationId } from '@/core/knowledge/vocabulary'
import { useJob } from '../../../job/JobProvider'
import { atHand } from '../../../kit/whenReached'
import { Head } from './Head'
import { focusOn } from './readings'
import { TestCard } from './TestCard'

// What may be made instead comes behind the test itself; its line is kept for it.
const OtherTests = dynamic(
  atHand(() => import('./OtherTests').then((module) => module.OtherTests)),
  { ssr: false, loading: () => <div className="min-h-11" /> },
)
const LeftOut = dynamic(
  atHand(() => import('./LeftOut').then((module) => module.LeftOut)),
  { ssr: false, loading: () => null },
)
const LiveNow = dynamic(
  atHand(() => import('./LiveNow').then((module) => module.LiveNow)),
  {
    loading: () => null,
  },
)
const TrialCard = dynamic(
  atHand(() => import('./TrialCard').then((module) => module.TrialCard)),
  {
    loading: () => null,
  },
)

/** The next best test as one card; others can be taken instead. */
export function NextTest() {
  const { diagnosis, winding, energy } = useJob()
  const [own, setOwn] = useState<ObservationId | null>(null)
  const [skipped, setSkipped] = useState(false)
  const dead = energy.state === 'proven-dead'
  const ranked = dead ? rankedWhileDead(diagnosis.nextTests) : diagnosis.nextTests
  const test = ranked.find((each) => each.observation === own) ?? ranked[0]
  const [trial] = diagnosis.trials
  const pair = winding?.missing[0]
  const card = () => {
    if (energy.state === 'live-test') return <LiveNow chosen={own} />
    if (pair && own === null) return <PairCard pair={pair} />
    if (diagnosis.decided && own === null) return <DecidedCard />
    if (trial && own === null && !skipped && trial.score > (test?.score ?? 0))
      return <TrialCard trial={trial} onOther={() => setSkipped(true)} />
    if (!test || (own === null && !worthMaking(test))) return <NothingLeft enough={test !== undefined} />
    return <TestCard key={test.observation} test={test} dead={dead} onLanded={() => setOwn(null)} />
  }
  const place = useFocusKept(`${test?.observation} ${diagnosis.decided !== null} ${pair?.join()}`)
  return (
    <section
      ref={place}
      tabIndex={-1}
      aria-label="Next test"
      className="py-4 outline-none"
      data-testid="next-test"
    >
      {card()}
      <div className="mt-2 flex flex-wrap items-start gap-x-6">
        <OtherTests tests={ranked.filter((each) => each !== test)} onTake={setOwn} />
        <LeftOut />
      </div>
    </section>
  )
}

/** What was pressed is gone once its result has landed: the keyboard goes on at what comes next, not at the head of the page. */
function useFocusKept(shown: string) {
  const place = useRef<HTMLElement>(null)
  const before = useRef(shown)
  useEffect(() => {
    if (before.current === shown) return
    before.current = shown
    if (document.activeElement === document.body) place.current?.focus({ preventScroll: true })
  }, [shown])
  return place
}

function PairCard({ pair }: { pair: [string, string] }) {
  return (
    <Head
      title={`Next: read ${pair[0]} to ${pair[1]}`}
      text="Closes the winding map. Dead, half a minute, ohm range."
    >
      <button
        type="button"
        data-key="n"
        className="btn btn-main"
        onClick={() =>
          focusOn([
            `[aria-label^="${pair[0]} to ${pair[1]}"],[aria-label^="${pair[1]} to ${pair[0]}"]`,
            '#winding-old input[data-number]:not(:disabled)',
          ])
        }
      >
        Read it <kbd className="num text-sm">N</kbd>
      </button>
    </Head>
  )
}

function DecidedCard() {
  const { snapshot, diagnosis } = useJob()
  return (
    <Head
      title={`Decided: ${decidedWords(diagnosis) ?? ''}`}
      text="More readings can still change it. Agree or disagree under Decide."
    >
      <ToDecide jobId={snapshot.job.id} />
    </Head>
  )
}

/** The tests are at their end without a verdict: what is likeliest is done, or somebody is asked. */
function NothingLeft({ enough }: { enough: boolean }) {
  const { snapshot, diagnosis } = useJob()
  const lead = diagnosis.suspects[0]
  const declined = snapshot.declined.length
  return (
    <Head
      title={
        enough ? 'Enough measured: what is left tells next to nothing' : 'No test is left that would tell'
      }
      text={[
        declined > 0 ? 'What you left out below can be taken back in.' : '',
        ...diagnosis.notes,
        lead
          ? `Likeliest: ${shortCauses[lead.cause].toLowerCase()}; then ${actionInfo(causeInfo(lead.cause).action).label}, or ask a trade.`
          : '',
      ]
        .filter(Boolean)
        .join(' ')}
    >
      <ToDecide jobId={snapshot.job.id} />
    </Head>
  )
}

function ToDecide({ jobId }: { jobId: string }) {
  const router = useRouter()
  return (
    <button
      type="button"
      data-key="n"
      className="btn btn-main"
      onClick={() => router.push(`/jobs/${jobId}/decide`)}
    >
      Decide <kbd className="num text-sm">N</kbd>
    </button>
  )
}
