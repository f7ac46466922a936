'use client'

import dynamic from 'next/dynamic'
import { standingPoints } from '@/core/job'
import { closingOrder } from '@/core/job/energy/closingOrder'
import { checksOf, hasRun, isWatched, powerProblems } from '@/core/job/proving/power'
import { isolationPlans, isValve } from '@/core/knowledge/isolation'
import { wiringHolds } from '@/core/wiring/ofJob'
import { Block } from '../../job/Block'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { Tick } from '../../kit/Tick'
import { atHand } from '../../kit/whenReached'
import { shortName } from '../../pieces/powerLineModel'
import { Cures } from '../refit/Cures'
import { CheckList } from './CheckList'
import { Close } from './Close'
import { Later } from './Later'
import { SequenceWatch } from './SequenceWatch'
import { ShortIsolation } from './ShortIsolation'

/** It comes behind the first page; its place is kept. */
const SoundBlock = dynamic(
  atHand(() => import('../../sound/SoundBlock').then((piece) => piece.SoundBlock)),
  { ssr: false, loading: () => <div className="min-h-64" /> },
)

/** Stage 8: what holds power back, gas and water and their leak test, power in order, the checks, the end of the job. */
export function ProveStage() {
  const { snapshot, energy, act, now, when } = useJob()
  const { job, machine } = snapshot
  const wrong = wiringHolds(snapshot)
  const problems = [
    ...powerProblems(snapshot, now, 'start'),
    ...(wrong ? [{ code: 'landing' as const, text: wrong }] : []),
  ]
  const checks = checksOf(snapshot)
  const points = standingPoints(snapshot)
  const valves = points.filter(({ point }) => isValve(point))
  const order = closingOrder(points)
  const closed = job.status === 'closed'
  const gasChecks = checks.filter((check) => check.gas)
  return (
    <>
      <Section
        part="before-power"
        title="Before power returns"
        aside="covers on, people clear, temporary things undone"
      >
        <CheckList checks={checks.filter((check) => check.dead)} disabled={closed} />
      </Section>
      <Block name="The waits">
        <Cures />
      </Block>
      {valves.length > 0 && job.phase !== 'live-test' && job.phase !== 'in-service' && !closed ? (
        <Section part="valves" title="Gas and water first" aside="leak-tested before anything else comes on">
          <ul>
            {valves.map((point) => (
              <li key={point.id} className="flex items-center gap-2 border-line border-b">
                <Tick
                  label={`${point.label} open again`}
                  on={point.openedAt === null}
                  disabled={problems.some(({ code }) => code === 'way-back')}
                  onChange={(on) =>
                    act(on ? { kind: 'point.close', id: point.id } : { kind: 'point.open', id: point.id })
                  }
                />
                <span>
                  {`${point.label} open again`}
                  {point.openedAt ? (
                    <span className="num caption ml-2">{`shut since ${when(point.openedAt, now)}`}</span>
                  ) : null}
                </span>
              </li>
            ))}
          </ul>
          {gasChecks.length > 0 ? (
            <p className="mt-2 max-w-[72ch] text-sm">
              A joint behind the appliance’s own valve holds gas only while the burner is called: that one is
              for a licensed trade.
            </p>
          ) : null}
          <CheckList checks={gasChecks} disabled={closed} />
        </Section>
      ) : null}
      <Section part="power" title="Power back" aside="the plan in reverse">
        <p className="max-w-[75ch]">
          {order.map((point) => shortName(point)).join(', then ') || 'No points are named.'}
          {isolationPlans[machine.family].plugIn ? '.' : ', then the call.'}
        </p>
        {closed || job.phase === 'live-test' ? null : (
          <ul className="mt-2" data-testid="held-back">
            {problems.map((problem) => (
              <li key={problem.text} className="mb-1 border-stop border-l-4 pl-2">
                {problem.text}
              </li>
            ))}
          </ul>
        )}
        <div className="mt-3 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn"
            disabled={closed || job.phase === 'live-test' || problems.length > 0}
            onClick={() => act({ kind: 'job.phase', phase: 'live-test', purpose: 'start' })}
          >
            Power on for the test
          </button>
          <button
            type="button"
            className="btn"
            disabled={closed || job.phase === 'work'}
            onClick={() => act({ kind: 'job.phase', phase: 'work' })}
          >
            Off again: back to work
          </button>
        </div>
        <p className="caption mt-2">
          {energy.state === 'live-test'
            ? 'It is on for a test. Proof, discharge and waits are void: they are made again before hands go in.'
            : 'Powering up voids the proof, the discharge and the waits. The record keeps them.'}
        </p>
      </Section>
      <Section
        part="checks"
        title="Watch it run"
        aside="in this order; a failed check enters what it says about the fault"
      >
        <CheckList
          checks={checks.filter((check) => isWatched(check) && !check.laterMinutes)}
          disabled={closed || !hasRun(snapshot)}
        />
        {hasRun(snapshot) ? null : (
          <p className="caption mt-2">These are answered once it has power for the test.</p>
        )}
      </Section>
      <Block name="The sound">
        <SoundBlock way="after" />
      </Block>
      <Block name="The watch of the start">
        <SequenceWatch />
      </Block>
      <Block name="The short isolation">
        <ShortIsolation />
      </Block>
      <Block name="The later looks">
        <Later />
      </Block>
      <Block name="The end of the job">
        <Close />
      </Block>
    </>
  )
}
