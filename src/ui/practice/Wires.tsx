'use client'

import { useState } from 'react'
import { LeadSwatch } from '../pieces/insulation'
import { Pick } from './Around'
import type { PanelProps } from './types'

/** Every wire by its name and where it sits: taken off, landed elsewhere, clamped; the same as in the drawing, for key and ear. */
export function Wires({
  round,
  busy,
  act,
  chosen,
  onChosen,
}: PanelProps & { chosen: string | null; onChosen: (id: string | null) => void }) {
  const [open, setOpen] = useState(false)
  const name = (id: string | null) => (id ? (round.names.probes[id] ?? id) : 'hangs free')
  const reach = new Set(round.view.reach)
  const places = round.view.layout.dots.filter(({ id }) => reach.has(id) && !id.startsWith('known'))
  const free = round.wires.filter(({ to, from }) => to === null || from === null).length
  return (
    <details
      className="mt-4 border-ink border-t pt-1"
      data-testid="wires"
      // What was opened stays open once a wire has landed; one that is taken up in the drawing opens it.
      open={open || chosen !== null}
      onToggle={({ currentTarget }) => setOpen(currentTarget.open)}
    >
      <summary className="flex min-h-11 cursor-pointer items-center font-bold">
        Wires{free > 0 ? `: ${free} hang free` : ''}
      </summary>
      <ul>
        {round.wires.map((wire) => (
          <li
            key={wire.id}
            className={`border-line border-b py-1.5 ${chosen === wire.id ? 'bg-teal-wash' : ''}`}
          >
            <div className="flex flex-wrap items-center gap-2">
              <LeadSwatch name={wire.colour} />
              <span className="min-w-0 flex-1">
                {wire.name}
                <span className="caption block">
                  {name(wire.from)} – {name(wire.to)}
                </span>
              </span>
              <button
                type="button"
                className="chip"
                disabled={busy}
                aria-label={`Clamp: ${wire.name}`}
                onClick={() => act({ act: 'clamp', wire: wire.id })}
              >
                Clamp
              </button>
              {endsOf(wire).map(({ end, at }) => (
                <button
                  key={end}
                  type="button"
                  className="chip"
                  disabled={busy}
                  aria-label={`Take off ${name(at)}: ${wire.name}`}
                  onClick={() => act({ act: 'wire', id: wire.id, end, to: 'off' })}
                >
                  {end === 'to' ? 'Take off' : 'Take off its other end'}
                </button>
              ))}
              <button
                type="button"
                className="chip"
                aria-expanded={chosen === wire.id}
                aria-label={`Land ${wire.name}`}
                onClick={() => onChosen(chosen === wire.id ? null : wire.id)}
              >
                Land
              </button>
            </div>
            {chosen === wire.id ? (
              <Pick
                label={`Land the ${wire.name.replace(/^the /, '')} on`}
                options={places.map(({ id }) => [id, name(id)])}
                busy={busy}
                onPick={(to) => {
                  act({ act: 'wire', id: wire.id, end: looseEnd(wire), to })
                  onChosen(null)
                }}
                button="Land it"
              />
            ) : null}
          </li>
        ))}
      </ul>
    </details>
  )
}

type Wire = PanelProps['round']['wires'][number]

/** The end that a hand lands next: the one that hangs free, its first where both do. */
export const looseEnd = ({ from }: Wire): 'from' | 'to' => (from === null ? 'from' : 'to')

/** Ends that sit somewhere and come off; the second of a wire that comes off at both only once the first is free. */
function endsOf({ from, to, fixed }: Wire): { end: 'from' | 'to'; at: string }[] {
  if (to !== null) return [{ end: 'to', at: to }]
  return from !== null && !fixed ? [{ end: 'from', at: from }] : []
}

/** What can be put in new or put right. */
export function Repair({ round, busy, act }: PanelProps) {
  const [uF, setUf] = useState('')
  const { view, names } = round
  return (
    <details className="mt-2 border-ink border-t pt-1" data-testid="repair">
      <summary className="flex min-h-11 cursor-pointer items-center font-bold">Put in or put right</summary>
      <Pick
        label="Part"
        options={view.parts.map(({ id }) => [id, names.parts[id] ?? id])}
        busy={busy}
        onPick={(part) =>
          act({
            act: 'replace',
            part,
            ...(part === 'capacitor' && Number(uF) > 0 ? { with: { uF: Number(uF) } } : {}),
          })
        }
        button="Put in"
      />
      <label className="mt-2 block">
        <span className="caption">µF of a new capacitor (left empty: as the motor asks)</span>
        <input
          className="field num max-w-[140px]"
          inputMode="decimal"
          value={uF}
          onChange={(event) => setUf(event.target.value)}
        />
      </label>
    </details>
  )
}
