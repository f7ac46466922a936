'use client'

import { type FeedProof, type JobSnapshot, switchesBefore, switchRole } from '@/core/job'
import { asVolts } from '@/core/job/energy/handsVolts'
import { proofWalk, shownPair, type WalkStep } from '@/core/job/energy/proofShown'
import { isolationPlans } from '@/core/knowledge/isolation'
import { type KnownSource, stepHow } from '@/core/knowledge/proofHow'
import { useJob } from '../../job/JobProvider'
import { useRowClass } from '../../kit/focus'
import { Tick } from '../../kit/Tick'
import { SourceDrawing } from '../../pieces/proof/SourceDrawing'
import { PairReading } from './PairReading'
import { dialsOf, PairShown } from './PairShown'
import { StopHere } from './StopHere'

interface FeedProps {
  proof: FeedProof
  ready: boolean
  many: boolean
  begin: () => string | null
}

const order = ['begin', 'tester-before', 'switch-on', 'read', 'switch-off', 'tester-after', 'done']
const VOLTS = { 'north-america': 120, europe: 230 }

/** What the meter is tried on: where a battery feeds the machine, a battery. */
const sourceOf = ({ machine, household }: JobSnapshot): KnownSource =>
  isolationPlans[machine.family].supply === 'battery'
    ? { kind: 'battery', volts: 12 }
    : { kind: 'socket', volts: VOLTS[household.region] }

/** The proof of one circuit: every step in its row, the one that comes now with how it is done. */
export function FeedSteps({ proof, ready, many, begin }: FeedProps) {
  const { snapshot, act } = useJob()
  const { row, step } = proof
  const at = order.indexOf(step)
  const setOn = switchRole(snapshot, proof.feed) === 'set-on'
  const switching = switchesBefore(snapshot, proof.feed)
    .map(({ label }) => label)
    .join(' and ')
  const suffix = many ? `, circuit ${proof.feed}` : ''
  const source = sourceOf(snapshot)
  const walk = proofWalk(snapshot, proof)
  const now = ready && walk.at !== null ? walk.steps[walk.at] : undefined
  const count = `Step ${(walk.at ?? 0) + 1} of ${walk.steps.length}${suffix}`
  const tester = (when: 'before' | 'after') => (on: boolean) => {
    const proofId = row?.id ?? begin()
    if (proofId) act({ kind: 'proof.tester', id: proofId, when, on })
  }
  const turn = (on: boolean) => row && act({ kind: 'proof.switch', id: row.id, on })
  const rowOf = (kind: Exclude<WalkStep['kind'], 'pair'>) => ({ kind, count, now: now?.kind === kind })
  return (
    <div className="mb-3" data-testid={`proof-${proof.feed}`} data-step={step}>
      {many ? <h3 className="font-bold">{`Circuit ${proof.feed}`}</h3> : null}
      <ol className="space-y-1">
        <Step
          {...rowOf('tester-before')}
          label={`Meter tried on a known live source, a ${source.kind} that works${suffix}`}
          at={at > 1 ? (row?.testerBeforeAt ?? null) : null}
          on={at > 1}
          disabled={!ready}
          onChange={tester('before')}
        />
        {setOn && switching ? (
          <Step
            {...rowOf('switch-on')}
            label={`${switching} set ON for the readings, breaker off`}
            at={at > 2 && step !== 'switch-on' ? (row?.switchOnAt ?? null) : null}
            on={at > 2}
            disabled={!ready || at < 2}
            onChange={turn}
          />
        ) : null}
        <Pairs proof={proof} now={now} disabled={!ready || at < 3} count={count} />
        {setOn && switching ? (
          <Step
            {...rowOf('switch-off')}
            label={`${switching} off again, and held`}
            at={at > 4 ? (row?.switchOffAt ?? null) : null}
            on={at > 4}
            disabled={!ready || at < 4}
            onChange={(on) => turn(!on)}
          />
        ) : null}
        <Step
          {...rowOf('tester-after')}
          label={`Meter tested again on the same ${source.kind}${suffix}`}
          at={at > 5 ? (row?.testerAfterAt ?? null) : null}
          on={at > 5}
          disabled={!ready || at < 5}
          onChange={tester('after')}
        />
      </ol>
      <Trouble proof={proof} running={at >= 2 && at < 6} begin={begin} />
    </div>
  )
}

interface TroubleProps {
  proof: FeedProof
  /** The proof has begun and is not at its end. */
  running: boolean
  begin: () => string | null
}

/** What is pressed where it is not dead: something started, or what feeds it was found. */
function Trouble({ proof: { row, live }, running, begin }: TroubleProps) {
  const { act } = useJob()
  return (
    <>
      {row && running ? (
        <button
          type="button"
          className="btn btn-stop mt-1"
          onClick={() => act({ kind: 'proof.failed', id: row.id, what: 'something started or lit' })}
        >
          Something started or lit
        </button>
      ) : null}
      {live ? (
        <button type="button" className="btn mt-2" onClick={begin}>
          I found what feeds it and opened it: begin the proof anew
        </button>
      ) : null}
    </>
  )
}

interface PairsProps {
  proof: FeedProof
  now: WalkStep | undefined
  disabled: boolean
  count: string
}

/** All pairs with their fields; above them how the one that comes now is read. A phone shows that one alone, the others as a line. */
function Pairs({ proof, now, disabled, count }: PairsProps) {
  const { snapshot } = useJob()
  const reading = now?.kind === 'pair' ? now.pair : null
  const classes = useRowClass()(`pairs-${proof.feed}`, reading !== null || proof.live !== null)
  const shown = reading ? shownPair(snapshot, proof.feed, reading) : null
  const fields = (
    <>
      <div className="grid items-start gap-3 mid:grid-cols-3">
        {proof.pairs.map((pair, position) => (
          <PairReading
            key={pair}
            proof={proof}
            pair={pair}
            position={position}
            disabled={disabled}
            now={pair === reading}
          />
        ))}
      </div>
      <p className="mt-2 flex flex-wrap gap-1.5 text-sm mid:hidden" aria-hidden="true">
        {proof.pairs.map((pair) => (
          <PairChip
            key={pair}
            pair={pair}
            typed={proof.readings.get(pair)?.typed ?? ''}
            now={pair === reading}
          />
        ))}
      </p>
    </>
  )
  return (
    <li className={`py-2 ${classes}`}>
      <PairShown shown={shown} count={`${count}, ${reading ?? ''}`}>
        {fields}
      </PairShown>
    </li>
  )
}

const PairChip = ({ pair, typed, now }: { pair: string; typed: string; now: boolean }) => (
  <span className={`num border px-2 py-1 ${now ? 'border-copper font-bold text-copper' : 'border-line'}`}>
    {typed ? `${pair} ${asVolts(typed)}` : pair}
  </span>
)

interface StepProps {
  kind: Exclude<WalkStep['kind'], 'pair'>
  count: string
  /** It comes now. */
  now: boolean
  label: string
  at: string | null
  on: boolean
  disabled: boolean
  onChange: (on: boolean) => void
}

function Step({ kind, count, now, label, at, on, disabled, onChange }: StepProps) {
  const { snapshot, when, now: drawnAt } = useJob()
  const { region, tools } = snapshot.household
  const source = sourceOf(snapshot)
  const how = stepHow[kind](source)
  const shown = useRowClass()(kind, now)
  const tries = kind === 'tester-before' || kind === 'tester-after'
  return (
    <li className={shown}>
      {now ? (
        <div className="pt-2" data-testid={`how-${kind}`}>
          <p className="caption">{count}</p>
          <h3 className="mt-0.5 font-bold text-[1.15rem] leading-snug">{how.act}</h3>
          <p className="mt-1 max-w-[68ch] leading-snug">{how.why}</p>
          {tries ? (
            <SourceDrawing
              kind={source.kind}
              region={region}
              volts={source.volts}
              has={dialsOf(tools)}
              className="mt-2 w-full max-w-[384px]"
            />
          ) : null}
        </div>
      ) : null}
      <div className="flex items-center gap-2">
        <Tick label={label} on={on} disabled={disabled} onChange={onChange} />
        <span className="leading-snug">
          {label}
          <span className="num caption ml-2">{when(at, drawnAt)}</span>
        </span>
      </div>
      {now ? <StopHere lines={how.unsure} /> : null}
    </li>
  )
}
