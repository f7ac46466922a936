'use client'

import type { Act } from '@/core/plant'
import type { PanelProps } from './types'

/** What needs no instrument: eye, ear, nose, hand, time; and the covers. */
export function Around({ round, busy, act }: PanelProps) {
  const { view, names } = round
  const sense = (label: string, wanted: Act) => (
    <button type="button" className="chip" disabled={busy} onClick={() => act(wanted)}>
      {label}
    </button>
  )
  return (
    <section aria-label="Look, listen, open" className="mt-4 border-ink border-t pt-3">
      <div className="flex flex-wrap gap-1.5">
        {sense('Look at it', { act: 'look' })}
        {sense('Listen', { act: 'listen' })}
        {sense('Smell', { act: 'smell' })}
        {sense('Feel the air', { act: 'air' })}
        {sense('Turn it by hand', { act: 'turn' })}
        {sense('Push it with a stick', { act: 'push' })}
      </div>
      <Pick
        label="Look closer at"
        options={view.looks.map(({ id }) => [id, names.looks[id] ?? id])}
        busy={busy}
        onPick={(at) => act({ act: 'look', at })}
        button="Look"
      />
      <Pick
        label="Put a hand on"
        options={['motor', 'hub', 'mount', ...(names.looks.companion ? ['compressor'] : [])].map((id) => [
          id,
          names.looks[id] ?? id,
        ])}
        busy={busy}
        onPick={(at) => act({ act: 'touch', at })}
        button="Touch"
      />
      <h3 className="mt-3">Covers</h3>
      <ul>
        {view.covers.map(({ id, on }) => (
          <li key={id} className="flex items-center gap-2 border-line border-b py-1">
            <span className="flex-1">
              {names.covers[id]} <span className="caption">{on ? 'on' : 'off'}</span>
            </span>
            <button
              type="button"
              className="chip"
              disabled={busy}
              onClick={() => act({ act: 'cover', id, to: on ? 'off' : 'on' })}
              aria-label={`${on ? 'Take off' : 'Put on'}: ${names.covers[id]}`}
            >
              {on ? 'Take off' : 'Put on'}
            </button>
          </li>
        ))}
      </ul>
      <h3 className="mt-3">Time</h3>
      <div className="flex flex-wrap gap-1.5">
        {sense('Watch 20 seconds', { act: 'run', seconds: 20 })}
        {sense('Watch a minute', { act: 'run', seconds: 60 })}
        {sense('Wait 5 minutes', { act: 'wait', minutes: 5 })}
        {sense('Wait half an hour', { act: 'wait', minutes: 30 })}
      </div>
    </section>
  )
}

function Pick({
  label,
  options,
  busy,
  onPick,
  button,
}: {
  label: string
  options: (readonly [string, string])[]
  busy: boolean
  onPick: (id: string) => void
  button: string
}) {
  return (
    <form
      className="mt-2 flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        const value = new FormData(event.currentTarget).get('what')
        if (typeof value === 'string') onPick(value)
      }}
    >
      <label className="min-w-0 flex-1">
        <span className="caption">{label}</span>
        <select name="what" className="field">
          {options.map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <button type="submit" className="btn" disabled={busy}>
        {button}
      </button>
    </form>
  )
}

export { Pick }
