'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useState } from 'react'
import { handsMay } from '@/core/job/energy/gate'
import { standingAnswer } from '@/core/job/proving/answered'
import { CHECK_PART, judgedFigure } from '@/core/job/proving/checkFigures'
import { isEarly } from '@/core/job/proving/power'
import type { ProveCheck } from '@/core/knowledge/proofChecks'
import { failedByTurn } from '@/core/knowledge/wrongTurn'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { atHand } from '../../kit/whenReached'
import { Reversing } from '../Reversing'

interface CheckListProps {
  checks: ProveCheck[]
  disabled: boolean
  /** A word on each check, such as when it is due. */
  note?: (id: string) => string
}

/** Checks with what to expect; one that fails asks what it was where it may be several things, and enters it. */
export function CheckList({ checks, disabled, note }: CheckListProps) {
  return (
    <ol>
      {checks.map((check) => (
        <Check key={check.id} check={check} disabled={disabled} note={note?.(check.id) ?? ''} />
      ))}
    </ol>
  )
}

/** What the machine read on a good day comes once the page answers. */
const NormalBeside = dynamic(
  atHand(() => import('../../pieces/NormalBeside').then((piece) => piece.NormalBeside)),
  { ssr: false },
)

/** What may be measured for a check, judged as it is typed. */
function Figure({ check, disabled }: { check: ProveCheck; disabled: boolean }) {
  const { snapshot, act, id } = useJob()
  const figure = judgedFigure(snapshot, check)
  if (!figure) return null
  const out = figure.verdict === 'above' || figure.verdict === 'below'
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-1 mid:col-span-2">
      {figure.inputs.map(({ field, label, quantity, options, typed }) => (
        <div key={field} className="w-36">
          <NumberField
            label={label}
            typed={typed}
            quantity={quantity}
            options={options}
            disabled={disabled}
            onType={(text) => act({ kind: 'field.set', id: id(), part: CHECK_PART, field, typed: text })}
          />
        </div>
      ))}
      <p
        className={`min-h-11 max-w-[52ch] content-center text-sm ${out ? 'text-stop' : ''}`}
        data-testid={`figure-${check.id}`}
        aria-live="polite"
      >
        {figure.sentence}
      </p>
      <NormalBeside quantity={figure.inputs[0]?.quantity ?? ''} />
    </div>
  )
}

function Check({ check, disabled, note }: { check: ProveCheck; disabled: boolean; note: string }) {
  const { snapshot, findings, act, id, when, now } = useJob()
  const [asks, setAsks] = useState(false)
  const stored = snapshot.checks.find((each) => each.checkId === check.id)
  const row = standingAnswer(snapshot, check) ?? undefined
  const early = isEarly(snapshot, check, now) && !row
  const shut = check.hands === true && !handsMay(snapshot, now) && !row
  const fails = check.fails ?? []
  const set = (result: 'pass' | 'fail' | 'skipped', finding?: number) => {
    const same = row?.result === result && finding === undefined
    const done = act({
      kind: 'check.set',
      id: id(),
      checkId: check.id,
      result: same ? null : result,
      note: row?.note ?? '',
      ...(finding === undefined ? {} : { finding }),
    })
    if (done) setAsks(!same && result === 'fail' && fails.length > 1 && finding === undefined)
  }
  return (
    <li
      className="grid items-center gap-x-4 gap-y-1 border-line border-b py-2 mid:grid-cols-[minmax(0,1fr)_auto]"
      data-testid={`check-${check.id}`}
    >
      <span className="leading-snug">
        <b className="font-semibold">{check.act}</b>
        <span className="caption block">{`Expect: ${check.expect}.`}</span>
        {note ? <span className="num caption block">{note}</span> : null}
        {shut && !disabled ? (
          <span className="caption block">
            Hands go to a wheel or a wire only while it is proved dead: make it dead first.
          </span>
        ) : null}
        {row?.result === 'fail' ? (
          <span className="block text-stop">
            {check.otherwise}{' '}
            <Link href={`/jobs/${snapshot.job.id}/measure`} className="underline">
              Back to the suspects
            </Link>
          </span>
        ) : null}
        {row ? <span className="num caption block">{`answered ${when(row.at, now)}`}</span> : null}
        {stored && !row ? (
          <span className="caption block">
            {`Look again: it was answered ${when(stored.at, now)}, and something was put back or had power since.`}
          </span>
        ) : null}
      </span>
      <span className="flex flex-wrap gap-1.5">
        {(['pass', 'fail', 'skipped'] as const).map((result) => (
          <button
            key={result}
            type="button"
            className="chip"
            aria-pressed={row?.result === result}
            disabled={disabled || (shut && result !== 'skipped') || (early && result === 'pass')}
            onClick={() => set(result)}
          >
            {{ pass: 'as it should', fail: 'not so', skipped: 'left out' }[result]}
          </button>
        ))}
      </span>
      <Figure check={check} disabled={disabled} />
      {row?.result === 'fail' && failedByTurn(fails, findings) ? (
        <div className="mid:col-span-2">
          <Reversing />
        </div>
      ) : null}
      {asks || (row?.result === 'fail' && fails.length > 1) ? (
        <fieldset className="flex flex-wrap items-center gap-1.5 mid:col-span-2">
          <legend className="float-left mr-2 text-sm">What is it? It becomes a finding:</legend>
          {fails.map((each, index) => (
            <button
              key={each.label}
              type="button"
              className="chip"
              aria-pressed={findings[each.observation] === each.value}
              disabled={disabled}
              onClick={() => set('fail', index)}
            >
              {each.label}
            </button>
          ))}
        </fieldset>
      ) : null}
    </li>
  )
}
