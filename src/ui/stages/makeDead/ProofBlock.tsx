'use client'

import Link from 'next/link'
import { type FeedProof, onlyPlug, proofPlaceText } from '@/core/job'
import { hasTester } from '@/core/job/energy/proofShown'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { Tick } from '../../kit/Tick'
import { FeedSteps } from './FeedSteps'

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
      aside={
        <span className="hidden mid:inline">{`${proofPlaceText(snapshot)}. A non-contact tester alone does not count.`}</span>
      }
    >
      {hasTester(snapshot) ? null : (
        <p className="mb-2 max-w-[68ch] border-stop border-l-4 pl-3">
          You said that you have nothing to measure with. Without a meter or a two-pole tester nobody can
          prove it dead: borrow or buy one, or{' '}
          <Link className="text-teal underline" prefetch={false} href={`/jobs/${snapshot.job.id}/where`}>
            call somebody
          </Link>
          .
        </p>
      )}
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
