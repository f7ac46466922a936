'use client'

import { useState } from 'react'
import { type FeedProof, onlyPlug, proofPlaceText, switchesBefore, switchRole } from '@/core/job'
import type { ProofReadingRow } from '@/core/job/rows'
import { isolationPlans } from '@/core/knowledge/isolation'
import { pairVerdict, proofText } from '@/core/safety/proof'
import { useJob } from '../../job/JobProvider'
import { ReadingField } from '../../kit/ReadingField'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { Tick } from '../../kit/Tick'
import { PlaceQuestions } from './Questions'

/** The proof as a procedure in its order: tester, switch on, every pair, switch off, tester; each feed has its own. */
export function ProofBlock() {
  const { snapshot, energy, act, id } = useJob()
  const plug = onlyPlug(snapshot)
  const ready = energy.coversBeforeProof || energy.proofs.some((proof) => proof.live !== null)
  const begin = (feed: number) => {
    const proofId = id()
    return act({ kind: 'proof.start', id: proofId, feed }) ? proofId : null
  }
  if (plug) return <PlugProof ready={energy.coversBeforeProof} proof={energy.proofs[0]} begin={begin} />
  return (
    <Section
      part="proof"
      title="Prove it dead"
      aside={`${proofPlaceText(snapshot)}. A non-contact tester alone does not count.`}
    >
      <PlaceQuestions />
      {energy.proofs.map((proof) => (
        <FeedSteps
          key={proof.feed}
          proof={proof}
          ready={ready}
          many={energy.proofs.length > 1}
          begin={() => begin(proof.feed)}
        />
      ))}
      {!ready ? (
        <p className="caption">
          {`First: ${energy.missing[0] ?? 'open every point'}. Past a switch that is off a reading proves nothing.`}
        </p>
      ) : null}
      {energy.expired ? (
        <button
          type="button"
          className="btn mt-2"
          onClick={() => {
            for (const proof of energy.proofs) begin(proof.feed)
          }}
        >
          The proof has run out: prove again
        </button>
      ) : null}
    </Section>
  )
}

interface PlugProps {
  ready: boolean
  proof: FeedProof | undefined
  begin: (feed: number) => string | null
}

function PlugProof({ ready, proof, begin }: PlugProps) {
  const { act, when, now } = useJob()
  const on = proof?.step === 'done'
  const tick = (next: boolean) => {
    const proofId = proof?.row?.id ?? begin(1)
    if (proofId) act({ kind: 'proof.tester', id: proofId, when: 'after', on: next })
  }
  return (
    <Section
      part="proof"
      title="Prove it dead"
      aside="plug-connected: the plug in sight is the proof of the mains side"
    >
      <div className="flex items-center gap-2">
        <Tick
          label="The plug is out, in sight and tied back"
          on={on}
          disabled={!ready && !on}
          onChange={tick}
        />
        <span>
          The plug is out, in sight and tied back
          {on ? (
            <span className="num caption ml-2">{when(proof?.row?.testerAfterAt ?? null, now)}</span>
          ) : null}
        </span>
      </div>
      {!ready ? <p className="caption">Pull the plug first, and say how it is held.</p> : null}
    </Section>
  )
}

interface FeedProps {
  proof: FeedProof
  ready: boolean
  many: boolean
  begin: () => string | null
}

const order = ['begin', 'tester-before', 'switch-on', 'read', 'switch-off', 'tester-after', 'done']

function FeedSteps({ proof, ready, many, begin }: FeedProps) {
  const { snapshot, act } = useJob()
  const { row, step, live } = proof
  const at = order.indexOf(step)
  const setOn = switchRole(snapshot, proof.feed) === 'set-on'
  const switching = switchesBefore(snapshot, proof.feed)
    .map(({ label }) => label)
    .join(' and ')
  const suffix = many ? `, circuit ${proof.feed}` : ''
  const tester = (when: 'before' | 'after') => (on: boolean) => {
    const proofId = row?.id ?? begin()
    if (proofId) act({ kind: 'proof.tester', id: proofId, when, on })
  }
  const turn = (on: boolean) => row && act({ kind: 'proof.switch', id: row.id, on })
  return (
    <div className="mb-3" data-testid={`proof-${proof.feed}`} data-step={step}>
      {many ? <h3 className="font-bold">{`Circuit ${proof.feed}`}</h3> : null}
      <ol className="space-y-1">
        <Step
          label={`Tester tested on a known live source${suffix}`}
          at={at > 1 ? (row?.testerBeforeAt ?? null) : null}
          on={at > 1}
          disabled={!ready}
          onChange={tester('before')}
        />
        {setOn && switching ? (
          <Step
            label={`${switching} set ON for the readings, breaker off`}
            note="First hands and tools out, and the wheel clear. If anything starts or lights up, the power is still on: stop."
            at={at > 2 && step !== 'switch-on' ? (row?.switchOnAt ?? null) : null}
            on={at > 2}
            disabled={!ready || at < 2}
            onChange={turn}
          />
        ) : null}
        <li className="grid gap-3 py-2 pl-[52px] mid:grid-cols-3">
          {proof.pairs.map((pair, position) => (
            <Pair key={pair} proof={proof} pair={pair} position={position} disabled={!ready || at < 3} />
          ))}
        </li>
        {setOn && switching ? (
          <Step
            label={`${switching} off again, and held`}
            at={at > 4 ? (row?.switchOffAt ?? null) : null}
            on={at > 4}
            disabled={!ready || at < 4}
            onChange={(on) => turn(!on)}
          />
        ) : null}
        <Step
          label={`Tester tested again${suffix}`}
          at={at > 5 ? (row?.testerAfterAt ?? null) : null}
          on={at > 5}
          disabled={!ready || at < 5}
          onChange={tester('after')}
        />
      </ol>
      {row && at >= 2 && at < 6 ? (
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
    </div>
  )
}

interface StepProps {
  label: string
  note?: string
  at: string | null
  on: boolean
  disabled: boolean
  onChange: (on: boolean) => void
}

function Step({ label, note, at, on, disabled, onChange }: StepProps) {
  const { when, now } = useJob()
  return (
    <li className="flex items-center gap-2">
      <Tick label={label} on={on} disabled={disabled} onChange={onChange} />
      <span className="leading-snug">
        {label}
        <span className="num caption ml-2">{when(at, now)}</span>
        {note ? <span className="caption block">{note}</span> : null}
      </span>
    </li>
  )
}

interface PairProps {
  proof: FeedProof
  pair: string
  position: number
  disabled: boolean
}

function Pair({ proof, pair, position, disabled }: PairProps) {
  const { snapshot, act, id } = useJob()
  const { supply } = isolationPlans[snapshot.machine.family]
  const reading = proof.readings.get(pair)
  const verdict = reading ? pairVerdict(pair, reading.volts, supply) : null
  const open = proof.open.includes(pair)
  const [low, setLow] = useState(false)
  const live = verdict === 'live' && proof.live !== null
  const repeats = verdict === 'not-proven' || (verdict === 'dead' && open) || (live && supply === 'mains')
  return (
    <div>
      <ReadingField
        label={pair}
        stored={reading?.typed ?? ''}
        quantity="volts"
        disabled={disabled || (proof.live !== null && !live)}
        onRead={(typed) =>
          proof.row !== null &&
          act({
            kind: 'proof.read',
            id: id(),
            proofId: proof.row.id,
            pair,
            position,
            typed,
            range: low ? 'low-impedance' : 'ordinary',
          })
        }
      />
      {verdict ? (
        <p
          className={`mt-1 text-sm ${verdict === 'dead' && !open ? 'font-bold' : 'font-bold text-stop'}`}
          role={verdict === 'live' ? 'alert' : undefined}
        >
          {verdict === 'dead' && open
            ? 'Read again: only a low-impedance range can say that this pair is dead.'
            : proofText[verdict]}
        </p>
      ) : null}
      {live && reading ? <Mistyped key={reading.id} reading={reading} /> : null}
      {repeats ? (
        <label className="flex min-h-11 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-5 accent-[var(--teal)]"
            checked={low}
            onChange={(event) => setLow(event.target.checked)}
          />
          {live
            ? 'I took my hands away; the next reading loads the circuit (low-impedance range or two-pole tester)'
            : 'the next reading is on the low-impedance range'}
        </label>
      ) : null}
    </div>
  )
}

/** A figure that was typed wrong is said to be so, with what the meter showed; the pair is read again. */
function Mistyped({ reading }: { reading: ProofReadingRow }) {
  const { act } = useJob()
  const [showed, setShowed] = useState('')
  return (
    <form
      className="mt-1 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        act({ kind: 'proof.mistyped', id: reading.id, showed })
      }}
    >
      <TextField className="w-32" label="I mistyped, it showed" value={showed} mono onType={setShowed} />
      <button type="submit" className="btn text-sm" disabled={showed.trim() === ''}>
        Read it again
      </button>
    </form>
  )
}
