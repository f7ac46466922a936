'use client'

import { useState } from 'react'
import type { Suspect } from '@/core/diagnose'
import { derivedFindings, fieldText } from '@/core/job'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import { causeInfo, type ObservationId } from '@/core/knowledge/vocabulary'
import { formatPercent } from '@/core/units'
import { useJob } from './JobProvider'

/** Suspects as bars that move when a finding lands, and what is known. */
export function Evidence() {
  const { diagnosis, snapshot } = useJob()
  const from = new Map(derivedFindings(snapshot).map((finding) => [finding.observation, finding.from]))
  const [all, setAll] = useState(false)
  const shown = all ? diagnosis.suspects.slice(0, 20) : diagnosis.suspects.slice(0, 5)
  return (
    <div className="space-y-6" data-testid="evidence">
      <section aria-label="Suspects">
        <h2 className="mb-2 text-[1.05rem]">What it may be</h2>
        <ol className="space-y-3">
          {shown.map((suspect) => (
            <SuspectBar key={suspect.cause} suspect={suspect} from={from} />
          ))}
        </ol>
        {diagnosis.suspects.length > 5 ? (
          <button type="button" className="btn btn-plain -ml-2 mt-1 text-sm" onClick={() => setAll(!all)}>
            {all ? 'Only the leading five' : `All ${Math.min(20, diagnosis.suspects.length)}`}
          </button>
        ) : null}
        {diagnosis.conflicts.slice(0, 1).map((conflict) => (
          <p key={conflict.observation} className="mt-3 border-copper border-l-4 pl-2 text-sm">
            {conflict.text}
          </p>
        ))}
      </section>
      <Known />
    </div>
  )
}

function SuspectBar({ suspect, from }: { suspect: Suspect; from: Map<ObservationId, string> }) {
  const [open, setOpen] = useState(false)
  const { label } = causeInfo(suspect.cause)
  const moved = suspect.because[0]
  return (
    <li>
      <button
        type="button"
        className="block w-full text-left"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <span className="flex items-baseline justify-between gap-3">
          <span className="leading-snug">{shortCauses[suspect.cause]}</span>
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
            {from.get(moved.observation) ??
              `${shortLabels[moved.observation]}: ${valueLabel(moved.observation, moved.value)}`}
          </span>
        ) : null}
      </button>
      {open ? (
        <div className="mt-1 text-sm">
          <p className="mb-1">{label}.</p>
          {suspect.because.length === 0 ? (
            <p className="caption">
              Nothing found yet speaks for or against it; this is how often it happens.
            </p>
          ) : null}
          <table className="w-full">
            <caption className="sr-only">{`What moved ${label}`}</caption>
            <tbody>
              {suspect.because.map((reason) => (
                <tr key={reason.observation} className="rule-top">
                  <td className="py-1 pr-2">{`${shortLabels[reason.observation]}: ${valueLabel(reason.observation, reason.value)}`}</td>
                  <td className="num py-1 text-right align-top">{`${reason.bits >= 0 ? '+' : '−'}${Math.abs(reason.bits).toFixed(1)}`}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {suspect.because.length > 0 ? (
            <p className="caption mt-1">In bits: +1 makes it twice as likely against the others, −1 half.</p>
          ) : null}
        </div>
      ) : null}
    </li>
  )
}

function Known() {
  const { snapshot, findings } = useJob()
  const derived = new Map(derivedFindings(snapshot).map((finding) => [finding.observation, finding.from]))
  const plate = [
    fieldText(snapshot, 'motor-old', 'voltages'),
    fieldText(snapshot, 'motor-old', 'amps'),
  ].filter(Boolean)
  const rows = (Object.entries(findings) as [ObservationId, string][]).map(([observation, value]) => ({
    label: shortLabels[observation],
    value: derived.get(observation) ?? valueLabel(observation, value),
    measured: derived.has(observation),
  }))
  if (plate.length > 0)
    rows.push({
      label: 'Plate',
      value: plate.join(' V ') + (plate.length > 1 ? ' A' : ' V'),
      measured: false,
    })
  return (
    <section aria-label="What is known">
      <h2 className="mb-1 text-[1.05rem]">What is known</h2>
      {rows.length === 0 ? (
        <p className="caption">Nothing yet. Say what you see and hear under Notice.</p>
      ) : null}
      <dl>
        {rows.map((row) => (
          <div key={row.label} className="flex justify-between gap-3 border-line border-b py-1.5">
            <dt className="shrink-0">{row.label}</dt>
            <dd className={`num text-right text-[0.9rem] ${row.measured ? 'text-copper' : ''}`}>
              {row.value}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
