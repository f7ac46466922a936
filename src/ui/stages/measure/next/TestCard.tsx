'use client'

import dynamic from 'next/dynamic'
import { type NextTest, usableTest } from '@/core/diagnose'
import { diagnoseInputOf, reachOfTest } from '@/core/job'
import { probeOf } from '@/core/knowledge/probes'
import { observationInfo, vocabulary } from '@/core/knowledge/vocabulary'
import { useJob } from '../../../job/JobProvider'
import { atHand } from '../../../kit/whenReached'
import { Facts } from './Facts'
import { Head } from './Head'
import { MakeDeadFirst } from './MakeDeadFirst'
import { Results } from './Results'
import { focusOn, placeOf } from './readings'

const ProbeDrawing = dynamic(
  atHand(() => import('../../../pieces/ProbeDrawing').then((module) => module.ProbeDrawing)),
  { loading: () => null },
)
const LiveLead = dynamic(
  atHand(() => import('./LiveLead').then((module) => module.LiveLead)),
  {
    loading: () => null,
  },
)

/** How much an answer would say, in words; a bit halves what is open. */
const tellsWords = (bits: number): string => (bits >= 0.6 ? 'a lot' : bits >= 0.2 ? 'some' : 'a little')

interface TestCardProps {
  test: NextTest
  /** The machine is proved dead. */
  dead: boolean
  onLanded: () => void
}

/** One test: where, with what, in which state, how long, what each result would mean; done, declined, not possible. */
export function TestCard({ test, dead, onLanded }: TestCardProps) {
  const { snapshot, energy, findings, gate } = useJob()
  const info = usableTest(test.observation, diagnoseInputOf(snapshot), findings)!.info
  const probe = probeOf(test.observation, snapshot.machine.motorKind)
  const live = test.risk === 'live'
  const gated = info.handsIn === true && gate(reachOfTest(snapshot, test.observation)) !== null
  // A live test while something is open leads through power and back.
  const leads = live && energy.openPoints > 0
  const rated = !info.tools.includes('meter') || !live || snapshot.household.catRated === 1
  const place = placeOf(test.observation)
  const title = `Next: ${observationInfo(test.observation).label.replace(/, .*/, '').toLowerCase()}`
  return (
    <>
      <Head title={title} text={info.how}>
        {gated ? (
          <MakeDeadFirst />
        ) : leads || !rated ? null : (
          <button
            type="button"
            data-key="n"
            className="btn btn-main"
            onClick={() => focusOn(place ?? ['[data-testid="results"] button'])}
          >
            {place ? 'Type the reading' : 'Answer'} <kbd className="num text-sm">N</kbd>
          </button>
        )}
      </Head>
      <Facts
        facts={[
          ['power', powerOf(test)],
          ['tool', info.tools.map((tool) => vocabulary.tools[tool].toLowerCase()).join(' or ')],
          ['takes', `${test.minutes} min`],
          ['tells', tellsWords(test.expectedBits)],
        ]}
      />
      {test.needsPower && dead ? (
        <p className="mt-1">
          The power is off: answer it from what you saw before, or leave it. It is not worth power by itself.
        </p>
      ) : null}
      {test.needed ? <p className="mt-1 font-semibold">The verdict waits for this.</p> : null}
      {live && info.caution ? (
        <p className="mt-2 max-w-[75ch] border-l-4 border-l-[var(--amber)] pl-2 text-sm">{info.caution}</p>
      ) : null}
      <div className={`mt-2 grid gap-x-5 gap-y-2 ${probe ? 'mid:grid-cols-[minmax(0,1fr)_260px]' : ''}`}>
        <Results test={test} locked={gated || leads || !rated} onLanded={onLanded} />
        {probe ? (
          <figure className="max-w-[260px]">
            <ProbeDrawing probe={probe} className="w-full" />
            <figcaption className="caption">{probe.first}</figcaption>
          </figure>
        ) : null}
      </div>
      {live && !rated ? (
        <p className="mt-2 text-sm">
          No live mains test without a meter and leads marked CAT III 600 V. Say under Household that yours
          are, or decline it.
        </p>
      ) : null}
      {leads && rated ? <LiveLead probe={probe} dead={dead} metered={info.tools.includes('meter')} /> : null}
      <Leave test={test} live={live} />
    </>
  )
}

const powerOf = (test: NextTest): string =>
  test.risk === 'live'
    ? 'ON, with care'
    : test.risk === 'dead'
      ? 'off'
      : test.needsPower
        ? 'ON, from outside'
        : 'as it is'

/** Declined, not possible here, cannot tell: all are good answers, and the reasoning goes on without it. */
function Leave({ test, live }: { test: NextTest; live: boolean }) {
  const { act, id } = useJob()
  const leave = (why: 'declined' | 'not-possible' | 'unknown') =>
    act({ kind: 'declined.set', id: id(), observation: test.observation, on: true, why })
  return (
    <div className="-ml-2 mt-1 flex flex-wrap">
      <button type="button" className="btn btn-plain text-sm" onClick={() => leave('declined')}>
        {live ? 'I decline this test' : 'Leave it out'}
      </button>
      <button type="button" className="btn btn-plain text-sm" onClick={() => leave('not-possible')}>
        Not possible here
      </button>
      <button type="button" className="btn btn-plain text-sm" onClick={() => leave('unknown')}>
        I cannot tell
      </button>
    </div>
  )
}
