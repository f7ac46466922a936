'use client'

import Link from 'next/link'
import { useState } from 'react'
import type { Suspect } from '@/core/diagnose'
import { actionInfo } from '@/core/knowledge/actions'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import { type CauseId, causeInfo } from '@/core/knowledge/vocabulary'
import { formatPercent } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { SelectField, TextField } from '../../kit/TextField'

const skills = [
  '',
  'anybody',
  'a careful first-timer',
  'somebody used to a meter',
  'a trade or a practised repairer',
]

/** Stage 4: the verdict in a sentence, why, what to do, what else; agreed or not. */
export function DecideStage() {
  const { snapshot, diagnosis, act, id } = useJob()
  const lead = diagnosis.decided
    ? diagnosis.suspects.find((suspect) => suspect.cause === diagnosis.decided!.cause)!
    : diagnosis.suspects[0]!
  const decision = snapshot.decisions[0]
  const action = causeInfo(lead.cause).action
  const shared = diagnosis.suspects
    .filter((suspect) => causeInfo(suspect.cause).action === action)
    .reduce((sum, suspect) => sum + suspect.probability, 0)
  const next = diagnosis.nextTests[0]
  const decide = (agreed: boolean, cause: CauseId, reason: string) => {
    const chosen = diagnosis.suspects.find((suspect) => suspect.cause === cause)
    act({
      kind: 'decision.set',
      id: id(),
      agreed,
      cause,
      action: causeInfo(cause).action,
      reason,
      probability: chosen?.probability ?? 0,
    })
  }
  return (
    <>
      <section aria-label="Verdict" className="py-5">
        <p className="caption">
          {diagnosis.decided ? 'The findings point to' : 'Not decided yet. Leading so far'}
        </p>
        <h2 className="max-w-[34ch] text-2xl leading-tight mid:text-[1.9rem]" data-testid="verdict">
          {causeInfo(lead.cause).label}
        </h2>
        <p className="mt-2 max-w-[65ch]">
          <b className="num">{formatPercent(shared)}</b> for the action <b>{actionInfo(action).label}</b>
          {shared - lead.probability > 0.01
            ? `, ${formatPercent(lead.probability)} for this cause alone`
            : ''}
          . {diagnosis.decided ? '' : `Decided is above ${formatPercent(0.9)}.`}
        </p>
        {diagnosis.notes.map((note) => (
          <p key={note} className="mt-2 max-w-[65ch] border-copper border-l-4 pl-3 font-semibold">
            {note}
          </p>
        ))}
        {diagnosis.conflicts.map((conflict) => (
          <p key={conflict.observation} className="mt-2 max-w-[65ch] border-copper border-l-4 pl-3">
            {conflict.text}
          </p>
        ))}
      </section>
      <Section title="Why">
        <Reasons suspect={lead} />
        {next ? (
          <p className="mt-2 max-w-[70ch] text-sm">
            What would change it most:{' '}
            <Link className="text-teal underline" href={`/jobs/${snapshot.job.id}/measure`}>
              {shortLabels[next.observation].toLowerCase()}
            </Link>
            , {next.minutes} min, {next.expectedBits.toFixed(2)} bits.
          </p>
        ) : null}
      </Section>
      <ActionBlock action={action} />
      <Section
        title="Do you agree?"
        aside={decision ? (decision.agreed ? 'you agreed' : 'you chose otherwise') : 'your judgement counts'}
      >
        {decision ? (
          <p className="mb-3" data-testid="decision">
            <b>{actionInfo(decision.action).label.replace(/^./, (letter) => letter.toUpperCase())}</b>:{' '}
            {causeInfo(decision.cause as CauseId).label.toLowerCase()}
            {decision.reason ? `. “${decision.reason}”` : '.'}
          </p>
        ) : null}
        <div className="flex flex-wrap gap-2">
          <button type="button" className="btn btn-main" onClick={() => decide(true, lead.cause, '')}>
            {diagnosis.decided ? 'Agree' : 'Take it as the cause'}
          </button>
          <Link
            href={`/jobs/${snapshot.job.id}/take-apart`}
            className={`btn ${decision ? '' : 'pointer-events-none border-line text-soft'}`}
            aria-disabled={!decision}
          >
            Take it apart
          </Link>
        </div>
        <Disagree suspects={diagnosis.suspects} onDecide={(cause, reason) => decide(false, cause, reason)} />
      </Section>
      <Section title="Otherwise" aside="the next likely, and what each would ask">
        <table className="w-full text-left">
          <thead className="caption">
            <tr>
              <th className="pb-1 font-normal">Cause</th>
              <th className="pb-1 font-normal">Then</th>
              <th className="hidden w-24 pb-1 text-right font-normal mid:table-cell">Minutes</th>
              <th className="w-20 pb-1 text-right font-normal">Likely</th>
            </tr>
          </thead>
          <tbody>
            {diagnosis.suspects
              .filter((suspect) => suspect.cause !== lead.cause)
              .slice(0, 5)
              .map((suspect) => {
                const info = actionInfo(causeInfo(suspect.cause).action)
                return (
                  <tr key={suspect.cause} className="rule-top align-top">
                    <td className="py-2 pr-3">{causeInfo(suspect.cause).label}</td>
                    <td className="py-2 pr-3">{info.label}</td>
                    <td className="num hidden py-2 text-right mid:table-cell">{info.minutes || '–'}</td>
                    <td className="num py-2 text-right">{formatPercent(suspect.probability)}</td>
                  </tr>
                )
              })}
          </tbody>
        </table>
      </Section>
    </>
  )
}

function Reasons({ suspect }: { suspect: Suspect }) {
  if (suspect.because.length === 0)
    return (
      <p className="caption">Nothing is found yet; this is only how often it happens in this kind of fan.</p>
    )
  const most = Math.max(2, ...suspect.because.map((reason) => Math.abs(reason.bits)))
  return (
    <table className="w-full">
      <caption className="sr-only">Findings, and how much each speaks for or against</caption>
      <tbody>
        {suspect.because.map((reason) => {
          const share = (Math.abs(reason.bits) / most) * 50
          return (
            <tr key={reason.observation} className="border-line border-b">
              <td className="py-1.5 pr-3">{`${shortLabels[reason.observation]}: ${valueLabel(reason.observation, reason.value)}`}</td>
              <td className="w-[34%] py-1.5" aria-hidden="true">
                <span className="relative block h-3">
                  <span className="absolute inset-y-[-4px] left-1/2 w-px bg-ink" />
                  <span
                    className={`absolute inset-y-0 ${reason.bits >= 0 ? 'bg-[var(--copper-fill)]' : 'border border-ink bg-surface'}`}
                    style={
                      reason.bits >= 0
                        ? { left: '50%', width: `${share}%` }
                        : { right: '50%', width: `${share}%` }
                    }
                  />
                </span>
              </td>
              <td className="num w-28 py-1.5 pl-3 text-right text-sm">{`${reason.bits >= 0 ? 'for' : 'against'} ${Math.abs(reason.bits).toFixed(1)}`}</td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}

function ActionBlock({ action }: { action: string }) {
  const info = actionInfo(action)
  return (
    <Section title={`Then: ${info.label}`} aside={info.minutes ? `about ${info.minutes} min` : ''}>
      <p className="max-w-[70ch]">{info.steps}</p>
      <dl className="mt-2 grid gap-x-6 mid:grid-cols-2">
        <div className="flex justify-between gap-3 border-line border-b py-1.5">
          <dt>Who can do it</dt>
          <dd>{skills[info.skill]}</dd>
        </div>
        <div className="flex justify-between gap-3 border-line border-b py-1.5">
          <dt>Part</dt>
          <dd>{info.parts.join(', ') || 'none'}</dd>
        </div>
      </dl>
      <p className="mt-2 max-w-[70ch] border-ink border-l-2 pl-3 text-[0.95rem]">
        <b>If done wrong:</b> {info.risk}
      </p>
    </Section>
  )
}

function Disagree({
  suspects,
  onDecide,
}: {
  suspects: Suspect[]
  onDecide: (cause: CauseId, reason: string) => void
}) {
  const [cause, setCause] = useState('')
  const [reason, setReason] = useState('')
  return (
    <details className="mt-3">
      <summary className="flex min-h-11 items-center text-teal underline underline-offset-4">
        I know better
      </summary>
      <div className="grid gap-3 mid:grid-cols-2">
        <SelectField
          label="The cause is"
          value={cause}
          empty="choose"
          options={suspects.map((suspect) => ({
            value: suspect.cause,
            label: causeInfo(suspect.cause).label,
          }))}
          onChoose={setCause}
        />
        <TextField
          label="Because"
          value={reason}
          placeholder="the shaft is visibly bent"
          onType={setReason}
        />
      </div>
      <button
        type="button"
        className="btn mt-2"
        disabled={!cause}
        onClick={() => onDecide(cause as CauseId, reason)}
      >
        Decide for it
      </button>
    </details>
  )
}
