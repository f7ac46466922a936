'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { Suspect } from '@/core/diagnose'
import { type DerivedFinding, derivedFindings, lastMoved } from '@/core/job'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import type { ObservationId } from '@/core/knowledge/vocabulary'
import { formatPercent } from '@/core/units'
import { atHand } from '../kit/whenReached'
import { Known } from './evidence/Known'
import { useJob } from './JobProvider'

const SuspectDetail = dynamic(
  atHand(() => import('./evidence/SuspectDetail').then((module) => module.SuspectDetail)),
  { ssr: false },
)

const FEW = 5
const MANY = 20

/** Suspects as bars that move when a finding lands, and what is known. */
export function Evidence() {
  const { diagnosis, snapshot } = useJob()
  const derived = new Map(derivedFindings(snapshot).map((finding) => [finding.observation, finding]))
  const [all, setAll] = useState(false)
  const shown = diagnosis.suspects.slice(0, all ? MANY : FEW)
  return (
    <div className="space-y-6" data-testid="evidence">
      <section aria-label="Suspects">
        <h2 className="mb-2 text-[1.05rem]">What it may be</h2>
        <ol className="space-y-3">
          {shown.map((suspect) => (
            <SuspectBar key={suspect.cause} suspect={suspect} derived={derived} />
          ))}
        </ol>
        {diagnosis.suspects.length > FEW ? (
          <button type="button" className="btn btn-plain -ml-2 mt-1 text-sm" onClick={() => setAll(!all)}>
            {all ? 'Only the leading five' : `All ${Math.min(MANY, diagnosis.suspects.length)}`}
          </button>
        ) : null}
        {diagnosis.conflicts.slice(0, 1).map((conflict) => (
          <p
            key={conflict.observation}
            className="mt-3 border-copper border-l-4 pl-2 text-sm"
            data-testid="conflict"
          >
            {conflict.text}
          </p>
        ))}
        <StruckByHand />
      </section>
      <Known />
    </div>
  )
}

function SuspectBar({ suspect, derived }: { suspect: Suspect; derived: Map<ObservationId, DerivedFinding> }) {
  const { snapshot } = useJob()
  const [open, setOpen] = useState(false)
  const moved = lastMoved(snapshot, suspect)
  const own = snapshot.beliefs.some((belief) => belief.cause === suspect.cause)
  return (
    <li>
      <button
        type="button"
        className="block w-full text-left"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <span className="flex items-baseline justify-between gap-3">
          <span className="leading-snug">
            {shortCauses[suspect.cause]}
            {own ? <span className="ml-1.5 border border-ink px-1 text-xs">yours</span> : null}
          </span>
          <span className="num shrink-0 font-bold">{formatPercent(suspect.probability)}</span>
        </span>
        <span className="mt-1 block h-2.5 border border-ink bg-surface">
          <span
            className="block h-full bg-[var(--copper-fill)] transition-[width] duration-300"
            style={{ width: `${suspect.probability * 100}%` }}
          />
        </span>
        {moved && !open ? (
          <span className="caption mt-0.5 block leading-snug">
            {derived.get(moved.observation)?.from ??
              `${shortLabels[moved.observation]}: ${valueLabel(moved.observation, moved.value)}`}
          </span>
        ) : null}
      </button>
      {open ? <SuspectDetail suspect={suspect} derived={derived} /> : null}
    </li>
  )
}

/** Suspects the person struck, each with its reason and the way back. */
function StruckByHand() {
  const { snapshot, act, id } = useJob()
  const struck = snapshot.beliefs.filter((belief) => belief.stance === 'struck')
  if (struck.length === 0) return null
  return (
    <ul className="mt-3 text-sm" aria-label="Struck by you" data-testid="struck">
      {struck.map((belief) => (
        <li key={belief.id} className="flex items-center justify-between gap-2 border-line border-b py-1">
          <span className="leading-snug">
            <s>{shortCauses[belief.cause]}</s> <span className="caption">by you: {belief.reason}</span>
          </span>
          <button
            type="button"
            className="min-h-9 shrink-0 text-teal underline"
            aria-label={`Put back ${shortCauses[belief.cause]}`}
            onClick={() =>
              act({ kind: 'belief.set', id: id(), cause: belief.cause, stance: null, reason: '' })
            }
          >
            put back
          </button>
        </li>
      ))}
    </ul>
  )
}
