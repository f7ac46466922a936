'use client'

import { type ProofRow, pairsOf } from '@/core/job'
import { isolationPlans } from '@/core/knowledge/isolation'
import { proofText, proofVerdict } from '@/core/safety/proof'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'
import { Tick } from '../../kit/Tick'
import { clock } from '../../kit/time'

/** The proof: tester tested, every pair read, tester tested again. Moves the power line to proven dead. */
export function ProofBlock({ plug, proof, place }: { plug: boolean; proof: ProofRow | null; place: string }) {
  const { snapshot, energy, act, id } = useJob()
  const allOpen = energy.allPoints > 0 && energy.openPoints === energy.allPoints
  const begin = () => {
    const proofId = id()
    act({ kind: 'proof.start', id: proofId })
    return proofId
  }
  const ready = allOpen && snapshot.job.phase === 'work'
  if (plug) {
    const on = proof?.testerAfterAt != null
    return (
      <Section title="Prove it dead" aside="plug-connected: the plug in sight is the proof of the mains side">
        <div className="flex items-center gap-2">
          <Tick
            label="The plug is out, in sight and tied back"
            on={on}
            disabled={!ready}
            onChange={(next) =>
              act({ kind: 'proof.tester', id: proof?.id ?? begin(), when: 'after', on: next })
            }
          />
          <span>
            The plug is out, in sight and tied back
            {on ? <span className="num caption ml-2">{clock(proof!.testerAfterAt)}</span> : null}
          </span>
        </div>
        {!ready ? <p className="caption">Pull the plug first.</p> : null}
      </Section>
    )
  }
  const pairs = pairsOf(snapshot)
  const supply = isolationPlans[snapshot.machine.family].supply
  const reading = (pair: string) =>
    snapshot.proofReadings.find((row) => row.proofId === proof?.id && row.pair === pair)
  const before = proof?.testerBeforeAt ?? null
  const after = proof?.testerAfterAt ?? null
  const allRead = pairs.every((pair) => reading(pair)?.volts != null)
  return (
    <Section title="Prove it dead" aside={`${place}. A non-contact tester alone does not count.`}>
      <ol className="space-y-1">
        <li className="flex items-center gap-2">
          <Tick
            label="Tester tested on a known live source"
            on={before !== null}
            disabled={!ready}
            onChange={(on) => act({ kind: 'proof.tester', id: proof?.id ?? begin(), when: 'before', on })}
          />
          <span>
            Tester tested on a known live source<span className="num caption ml-2">{clock(before)}</span>
          </span>
        </li>
        <li className="grid gap-3 py-2 pl-[52px] mid:grid-cols-3">
          {pairs.map((pair, position) => {
            const row = reading(pair)
            const verdict = row?.volts != null ? proofVerdict(row.volts, supply) : null
            return (
              <div key={pair}>
                <NumberField
                  label={pair}
                  typed={row?.typed ?? ''}
                  quantity="volts"
                  disabled={!ready || !before}
                  onType={(typed) =>
                    act({ kind: 'proof.read', id: id(), proofId: proof!.id, pair, position, typed })
                  }
                />
                {verdict ? (
                  <p
                    className={`mt-1 text-sm ${verdict === 'dead' ? 'font-bold' : 'font-bold text-stop'}`}
                    role={verdict === 'live' ? 'alert' : undefined}
                  >
                    {proofText[verdict]}
                  </p>
                ) : null}
              </div>
            )
          })}
        </li>
        <li className="flex items-center gap-2">
          <Tick
            label="Tester tested again"
            on={after !== null}
            disabled={!ready || !allRead}
            onChange={(on) => act({ kind: 'proof.tester', id: proof!.id, when: 'after', on })}
          />
          <span>
            Tester tested again<span className="num caption ml-2">{clock(after)}</span>
          </span>
        </li>
      </ol>
      {!ready ? (
        <p className="caption">Open every point first. Readings behind an open switch do not count.</p>
      ) : null}
      {energy.expired ? (
        <button type="button" className="btn mt-2" onClick={begin}>
          The proof has run out: prove again
        </button>
      ) : null}
    </Section>
  )
}
