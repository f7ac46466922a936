'use client'

import Link from 'next/link'
import { useRef } from 'react'
import { type Suspect, sharedMends, worthMaking } from '@/core/diagnose'
import { noHandsOf } from '@/core/job'
import { actionInfo } from '@/core/knowledge/actions'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { shortLabels } from '@/core/knowledge/valueLabels'
import { type CauseId, causeInfo } from '@/core/knowledge/vocabulary'
import { type OptionKind, optionInfo } from '@/core/options'
import { formatPercent } from '@/core/units'
import { capital } from '@/core/units/capital'
import { useJob } from '../../job/JobProvider'
import { NoHands, OtherWays } from './OtherWays'

const TRADE = 'call-licensed-trade'

/** What it is, how sure, what holds the verdict back; and what was decided. */
export function Verdict({ lead, onAgree }: { lead: Suspect; onAgree: () => void }) {
  const { snapshot, diagnosis } = useJob()
  const { action } = causeInfo(lead.cause)
  const { leading } = diagnosis
  const ofAction = diagnosis.suspects
    .filter((suspect) => causeInfo(suspect.cause).action === action)
    .reduce((sum, suspect) => sum + suspect.probability, 0)
  const isLeading = leading.action === action
  const shared = isLeading ? leading.probability : ofAction
  // One repair for several causes: the repair is what was decided, not the one cause that it is named after.
  const mends = isLeading ? sharedMends(diagnosis) : []
  const several = mends.length > 0
  const decision = snapshot.decisions[0]
  const noHands = noHandsOf(snapshot)
  const own = snapshot.beliefs.length
  const [trial] = diagnosis.trials
  // What was decided here takes the focus from the button that is gone; on opening the page nothing does.
  const before = useRef(decision !== undefined)
  const landed = (line: HTMLParagraphElement | null) => {
    if (line && !before.current) line.focus({ preventScroll: true })
    if (line) before.current = true
  }
  return (
    <section aria-label="Verdict" className="py-5">
      <p className="caption">
        {diagnosis.decided ? 'The findings point to' : 'Not decided yet. Leading so far'}
      </p>
      <h2 className="max-w-[34ch] text-2xl leading-tight mid:text-[1.9rem]" data-testid="verdict">
        {several ? capital(actionInfo(action).label) : causeInfo(lead.cause).label}
      </h2>
      <p className="mt-2 max-w-[65ch]">
        <b className="num">{formatPercent(shared)}</b>{' '}
        {several ? (
          <>
            that this mends it:{' '}
            {mends
              .map(
                ({ cause, probability }) =>
                  `${shortCauses[cause].toLowerCase()} ${formatPercent(probability)}`,
              )
              .join(', ')}
            .{' '}
          </>
        ) : (
          <>
            sure that this is what to do: <b>{actionInfo(action).label}</b>
            {shared - lead.probability > 0.01
              ? `, ${formatPercent(lead.probability)} for this cause alone`
              : ''}
            .{' '}
          </>
        )}
        {diagnosis.decided ? '' : `Above ${formatPercent(0.9)} it counts as decided.`}
        {own > 0 ? ` ${own === 1 ? 'One suspect is' : `${own} suspects are`} set or struck by you.` : ''}
      </p>
      {[...new Set([...diagnosis.notes, ...diagnosis.conflicts.map((conflict) => conflict.text)])].map(
        (note) => (
          <p key={note} className="mt-2 max-w-[65ch] border-copper border-l-4 pl-3">
            {note}
          </p>
        ),
      )}
      {trial && !decision ? (
        <p className="mt-2 max-w-[65ch] border-ink border-l-2 pl-3">
          Or {actionInfo(trial.action).label} as its own test: {trial.minutes} min, and all that is wrong in{' '}
          <span className="num">{formatPercent(trial.probability)}</span>.{' '}
          <Link className="text-teal underline" href={`/jobs/${snapshot.job.id}/measure`}>
            Under Measure
          </Link>
          .
        </p>
      ) : null}
      {decision ? (
        <p className="mt-4 max-w-[65ch] outline-none" data-testid="decision" tabIndex={-1} ref={landed}>
          {noHands ? (
            <>
              {noHands === 'hired' ? 'You chose to have it done. ' : 'You chose a new machine. '}
              It may be: {causeInfo(decision.cause as CauseId).label.toLowerCase()}
            </>
          ) : (
            <>
              {decision.agreed ? 'You agreed. ' : 'You chose otherwise. '}
              <b>{capital(actionInfo(decision.action).label)}</b>:{' '}
              {causeInfo(decision.cause as CauseId).label.toLowerCase()}
              {decision.option
                ? `; by: ${optionInfo[decision.option as OptionKind].label.toLowerCase()}`
                : ''}
            </>
          )}
          {decision.reason ? `. “${decision.reason}”` : '.'}
        </p>
      ) : null}
      <Acts noHands={noHands !== null} onAgree={onAgree} />
      {noHands ? <NoHands option={noHands} /> : null}
    </section>
  )
}

interface ActsProps {
  onAgree: () => void
  /** Somebody else does it, or a new machine comes. */
  noHands: boolean
}

/** What is pressed at the verdict: the next test, agreeing, the ways without hands; then the way in. */
function Acts({ noHands, onAgree }: ActsProps) {
  const { snapshot, diagnosis } = useJob()
  const decision = snapshot.decisions[0]
  const next = diagnosis.nextTests.find(worthMaking)
  return (
    <div className="mt-4 flex flex-wrap gap-2">
      {!decision && !diagnosis.decided && next ? (
        <Link href={`/jobs/${snapshot.job.id}/measure`} data-key="n" className="btn btn-main">
          {`Next: ${shortLabels[next.observation].toLowerCase()}`}
        </Link>
      ) : null}
      {decision ? null : diagnosis.decided ? (
        <button type="button" data-key="n" data-asserts className="btn btn-main" onClick={onAgree}>
          Agree
        </button>
      ) : (
        <button type="button" className="btn" onClick={onAgree}>
          Take it as the cause
        </button>
      )}
      {decision ? null : <OtherWays />}
      {decision && !noHands ? (
        <Link
          href={`/jobs/${snapshot.job.id}/${decision.action === TRADE ? 'record' : 'take-apart'}`}
          data-key="n"
          className="btn btn-main"
        >
          {decision.action === TRADE ? 'The record, for the trade' : 'Take it apart'}
        </Link>
      ) : null}
    </div>
  )
}
