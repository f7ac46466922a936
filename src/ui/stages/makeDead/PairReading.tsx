'use client'

import { useState } from 'react'
import type { FeedProof } from '@/core/job'
import { asVolts } from '@/core/job/energy/handsVolts'
import type { ProofReadingRow } from '@/core/job/rows'
import { isolationPlans } from '@/core/knowledge/isolation'
import { type ProofVerdict, pairVerdict, proofText } from '@/core/safety/proof'
import { useJob } from '../../job/JobProvider'
import { useRowClass } from '../../kit/focus'
import { ReadingField } from '../../kit/ReadingField'
import { TextField } from '../../kit/TextField'

interface PairReadingProps {
  proof: FeedProof
  pair: string
  position: number
  disabled: boolean
  /** It is the one that is read now. */
  now: boolean
}

/** The field of one pair, what its figure means, and the ways on where it is not dead. */
export function PairReading({ proof, pair, position, disabled, now }: PairReadingProps) {
  const { snapshot, act, id } = useJob()
  const { supply } = isolationPlans[snapshot.machine.family]
  const reading = proof.readings.get(pair)
  const verdict = reading ? pairVerdict(pair, reading.volts, supply) : null
  const open = proof.open.includes(pair)
  const [low, setLow] = useState(false)
  // What said live counts until it is answered, also where another figure was typed over it.
  const said = proof.live?.pair === pair ? proof.live : null
  const live = said !== null
  const repeats = verdict === 'not-proven' || (verdict === 'dead' && open) || (live && supply === 'mains')
  const shown = useRowClass()(pair, now || live)
  return (
    // What is live, or not proven, has the width: its sentence is read at arm's length.
    <div className={`${shown} ${live || verdict === 'not-proven' ? 'col-span-full' : ''}`}>
      <ReadingField
        label={pair}
        stored={reading?.typed ?? ''}
        quantity="volts"
        options={OVER}
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
          {sentenceOf(verdict, open, said && said.id !== reading?.id ? said : null)}
        </p>
      ) : null}
      {said ? <Mistyped key={said.id} reading={said} /> : null}
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

/** Over-range is what a meter shows: it is taken, and is live. */
const OVER = { over: true }

function sentenceOf(verdict: ProofVerdict, open: boolean, before: ProofReadingRow | null): string {
  if (before)
    return `It showed ${asVolts(before.typed)} before. Say below that this was wrong, or read again on a range that loads the circuit.`
  return verdict === 'dead' && open
    ? 'Read again: only a low-impedance range can say that this pair is dead.'
    : proofText[verdict]
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
      <TextField
        className="w-52"
        label={reading.volts === null ? 'The dial stood wrong; on volts it shows' : 'I mistyped, it showed'}
        value={showed}
        mono
        onType={setShowed}
      />
      <button type="submit" className="btn text-sm" disabled={showed.trim() === ''}>
        Read it again
      </button>
    </form>
  )
}
