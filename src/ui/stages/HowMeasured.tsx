'use client'

import type { LedgerRow } from '@/core/job'
import { withUnit } from '@/core/job/ledger/figureWords'
import { measureOf, type Turn, turnOf, turns } from '@/core/knowledge/measureKinds'
import { useJob } from '../job/JobProvider'
import { MeasureDrawing, TurnDrawing } from '../pieces/MeasureDrawing'

/** How a line is measured or marked: where the rule lies, drawn, with its figure once there is one. */
export function HowMeasured({ line }: { line: LedgerRow }) {
  const { snapshot } = useJob()
  const measured = measureOf(line.part)
  if (!measured) return null
  const { kind, how } = measured
  const said = line.figure ? withUnit(line.figure, snapshot.household.inches === 1) : ''
  return (
    <div className="py-1">
      {kind === 'turn' ? null : <MeasureDrawing kind={kind} said={said} how={how} />}
      <p className="caption max-w-[60ch]">{how}</p>
    </div>
  )
}

const both: Turn[] = ['clockwise', 'counterclockwise']

/** Which way a wheel turns, chosen between two drawings. */
export function TurnChoice({ line }: { line: LedgerRow }) {
  const { act } = useJob()
  if (measureOf(line.part)?.kind !== 'turn') return null
  return (
    <fieldset className="flex flex-wrap items-stretch gap-3 py-1">
      <legend className="sr-only">{`${line.part}, seen with the motor behind the wheel`}</legend>
      {both.map((turn) => (
        <button
          key={turn}
          type="button"
          className="flex min-h-24 flex-col items-center gap-1 rounded-[2px] border-[1.5px] border-line px-4 py-2 aria-pressed:border-teal aria-pressed:bg-[var(--teal-wash)]"
          aria-pressed={turnOf(line.mark) === turn}
          onClick={() =>
            act({
              kind: 'ledger.edit',
              id: line.id,
              change: { mark: turnOf(line.mark) === turn ? '' : turns[turn], without: '' },
            })
          }
        >
          <TurnDrawing turn={turn} />
          <span className="text-sm">{turn}</span>
        </button>
      ))}
      <button
        type="button"
        className="chip self-center"
        aria-pressed={line.without === UNSEEN}
        onClick={() =>
          act({
            kind: 'ledger.edit',
            id: line.id,
            change: line.without === UNSEEN ? { without: '' } : { mark: '', without: UNSEEN },
          })
        }
      >
        {UNSEEN}
      </button>
    </fieldset>
  )
}

/** Why a turn is not told: on the way back, and in Match, it is asked of the new part. */
const UNSEEN = 'it cannot be seen'

/** On the way back: how the wheel turned on the way in, drawn large enough to hold the new one beside it. */
export function TurnThen({ line }: { line: LedgerRow }) {
  const turn = turnOf(line.mark)
  if (!turn) return null
  return (
    <div
      className="my-1 flex items-center gap-3 border-ink border-l-2 pl-3"
      data-testid={`turned-${line.id}`}
    >
      <TurnDrawing turn={turn} />
      <p className="leading-snug">
        <b>{`It turned ${turn}.`}</b>{' '}
        <span className="caption">Seen with the motor behind the wheel: hold the drawing beside it.</span>
      </p>
    </div>
  )
}
