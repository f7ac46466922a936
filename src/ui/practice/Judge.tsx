'use client'

import { useState } from 'react'
import { capital } from '@/core/units/capital'
import type { PanelProps } from './types'

const SHOWN = 6

/** The odds as one sees them, the decision, and with help what the advisor makes of it. */
export function Judge({ round, busy, act, help }: PanelProps & { help: boolean }) {
  const { view, names } = round
  const wiring = round.level === 'wire'
  return (
    <section aria-label="What it may be" className="mt-4 border-ink border-t pt-3" data-testid="judge">
      {wiring ? null : (
        <Odds names={names} causes={view.causes} busy={busy} onOdds={(of) => act({ act: 'odds', of })} />
      )}
      {help && !wiring ? <Advice round={round} /> : null}
      <form
        className="mt-3 flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          const value = new FormData(event.currentTarget).get('cause')
          if (typeof value === 'string') act({ act: 'decide', cause: value })
        }}
      >
        <label className="min-w-0 flex-1">
          <span className="caption">{wiring ? 'It is wired' : 'I know it'}</span>
          <select name="cause" className="field" defaultValue={wiring ? 'none' : ''} required>
            {wiring ? null : (
              <option value="" disabled>
                choose the cause
              </option>
            )}
            {wiring
              ? null
              : view.causes.map((cause) => (
                  <option key={cause} value={cause}>
                    {capital(names.causes[cause] ?? cause)}
                  </option>
                ))}
            <option value="none">{wiring ? 'It runs as it should' : capital(names.causes.none ?? '')}</option>
          </select>
        </label>
        <button type="submit" className="btn btn-main" disabled={busy}>
          Decide
        </button>
      </form>
    </section>
  )
}

/** What a person holds likely, set as shares of each cause. */
function Odds({
  names,
  causes: all,
  busy,
  onOdds,
}: {
  names: PanelProps['round']['names']
  causes: string[]
  busy: boolean
  onOdds: (odds: Record<string, number>) => void
}) {
  const [odds, setOdds] = useState<Record<string, number>>({})
  const [more, setMore] = useState(false)
  const sum = Object.values(odds).reduce((total, share) => total + share, 0)
  const causes = more ? all : all.slice(0, SHOWN)
  const set = (cause: string, value: number) => setOdds((before) => ({ ...before, [cause]: value }))
  return (
    <>
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-[1.05rem]">Your odds</h2>
        <span className="caption">set what you hold likely; it is kept to compare</span>
      </div>
      <ul>
        {causes.map((cause) => {
          const share = sum > 0 ? (odds[cause] ?? 0) / sum : 0
          return (
            <li key={cause} className="py-1">
              <label className="block">
                <span className="flex justify-between gap-3">
                  <span>{capital(names.causes[cause] ?? cause)}</span>
                  <span className="num">{Math.round(share * 100)} %</span>
                </span>
                <input
                  type="range"
                  min="0"
                  max="100"
                  step="5"
                  value={odds[cause] ?? 0}
                  onChange={(event) => set(cause, Number(event.target.value))}
                  className="h-7 w-full accent-[var(--copper-fill)]"
                />
              </label>
            </li>
          )
        })}
      </ul>
      <div className="flex flex-wrap gap-2">
        {all.length > SHOWN ? (
          <button type="button" className="btn btn-plain" onClick={() => setMore(!more)}>
            {more ? 'Fewer causes' : `All ${all.length} causes`}
          </button>
        ) : null}
        <button type="button" className="btn" disabled={busy || sum === 0} onClick={() => onOdds(odds)}>
          Note my odds
        </button>
      </div>
    </>
  )
}

/** What the advisor holds likely after what was seen, as in a job. */
function Advice({ round }: Pick<PanelProps, 'round'>) {
  return (
    <div className="mt-3">
      <h3 className="text-[0.98rem]">What the advisor makes of it</h3>
      <ul data-testid="advice">
        {round.view.suspects.map(({ cause, probability }) => (
          <li key={cause} className="py-0.5">
            <span className="flex justify-between gap-3">
              <span>{capital(round.names.causes[cause] ?? cause)}</span>
              <span className="num">{Math.round(probability * 100)} %</span>
            </span>
            <span className="block h-2 border border-ink" aria-hidden="true">
              <span
                className="block h-full bg-[var(--copper-fill)]"
                style={{ width: `${probability * 100}%` }}
              />
            </span>
          </li>
        ))}
      </ul>
    </div>
  )
}
