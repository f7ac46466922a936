'use client'

import Link from 'next/link'
import { useState } from 'react'
import { type FoundHow, foundHow } from '@/core/house/found'
import type { PanelBreaker } from '@/core/house/panel'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { SelectField, TextField } from '../kit/TextField'
import { Fold } from './Fold'
import { useHouse } from './HouseWork'
import { useFields } from './useFields'

interface PanelProps {
  breakers: PanelBreaker[]
  /** Machines of which nobody knows the breaker. */
  unknown: { id: string; title: string }[]
}

const foundText = (found: FoundHow | null): string =>
  found ? say({ key: `found.${found}` }, house) : 'nobody noted how it was found'

const foundOptions = foundHow.map((value) => ({ value, label: foundText(value) }))

/** The panel as a list: each breaker a row with its machines and whatever else goes dark with it. */
export function Panel({ breakers, unknown }: PanelProps) {
  return (
    <>
      {breakers.length === 0 ? (
        <p className="mt-4">
          No breaker is noted yet. Begin at the top of the panel, and add them one by one.
        </p>
      ) : null}
      <ul className="mt-4 border-ink border-t" data-testid="panel">
        {breakers.map((breaker) => (
          <li
            key={breaker.name}
            className="grid gap-x-6 border-line border-b py-3 mid:grid-cols-[11rem_minmax(0,1fr)_auto]"
            aria-label={`Breaker ${breaker.name}`}
          >
            <p>
              <b className="num text-lg">{breaker.name}</b>
              <span className="caption block">
                {breaker.row?.amps ? `${breaker.row.amps} A` : 'amps not noted'}
              </span>
              {breaker.row?.note ? <span className="caption block">{breaker.row.note}</span> : null}
            </p>
            <Hanging breaker={breaker} />
            <BreakerActs breaker={breaker} />
          </li>
        ))}
      </ul>
      <Fold label="Add a breaker">{(close) => <BreakerForm breaker={null} onDone={close} />}</Fold>
      <Unknown machines={unknown} names={breakers.map(({ name }) => name)} />
    </>
  )
}

function Hanging({ breaker: { machines, loads, untried } }: { breaker: PanelBreaker }) {
  const { act, busy } = useHouse()
  return (
    <div>
      {machines.length + loads.length === 0 ? <p>Nothing is known to hang on it.</p> : null}
      <ul>
        {machines.map(({ id, title, found }) => (
          <li key={id}>
            <Link
              href={`/machines/${id}`}
              className="inline-flex min-h-11 items-center text-teal underline mid:min-h-8"
            >
              {title}
            </Link>
            <span className="caption">{` ${foundText(found)}`}</span>
            {found === 'switched' ? null : (
              <button
                type="button"
                className="no-print ml-3 min-h-11 text-sm text-teal underline mid:min-h-8"
                disabled={busy}
                aria-label={`${title} was found by switching this breaker off`}
                onClick={() => void act({ kind: 'machine.change', id, circuitFound: 'switched' })}
              >
                tried: it is this one
              </button>
            )}
          </li>
        ))}
        {loads.map(({ id, name, found }) => (
          <li key={id}>
            {name}
            <span className="caption">{` ${foundText(found)}`}</span>
            <button
              type="button"
              className="no-print ml-3 min-h-11 text-soft text-sm underline mid:min-h-8"
              disabled={busy}
              aria-label={`Take ${name} off this breaker`}
              onClick={() => void act({ kind: 'load.remove', id })}
            >
              take off
            </button>
          </li>
        ))}
      </ul>
      {untried ? (
        <p className="caption">Not all of it was found by switching: try it once, and note it.</p>
      ) : null}
    </div>
  )
}

function BreakerActs({ breaker }: { breaker: PanelBreaker }) {
  const { act, busy } = useHouse()
  const { row, name } = breaker
  const [open, setOpen] = useState<'load' | 'change' | null>(null)
  if (!row)
    return (
      <button
        type="button"
        className="btn btn-plain no-print self-start"
        disabled={busy}
        onClick={() => void act({ kind: 'breaker.put', name })}
      >
        Put it on the panel
      </button>
    )
  return (
    <div className="no-print">
      <div className="flex flex-wrap gap-2 mid:justify-end">
        <button
          type="button"
          className="btn"
          aria-expanded={open === 'load'}
          onClick={() => setOpen(open === 'load' ? null : 'load')}
        >
          Something hangs on it
        </button>
        <button
          type="button"
          className="btn btn-plain"
          aria-expanded={open === 'change'}
          onClick={() => setOpen(open === 'change' ? null : 'change')}
        >
          Change
        </button>
      </div>
      {open === 'load' ? <LoadForm breakerId={row.id} onDone={() => setOpen(null)} /> : null}
      {open === 'change' ? (
        <>
          <BreakerForm breaker={breaker} onDone={() => setOpen(null)} />
          <button
            type="button"
            className="btn btn-plain btn-stop mt-2"
            disabled={busy}
            onClick={() => void act({ kind: 'breaker.remove', id: row.id })}
          >
            Take it off the panel
          </button>
        </>
      ) : null}
    </div>
  )
}

function LoadForm({ breakerId, onDone }: { breakerId: string; onDone: () => void }) {
  const { act, busy } = useHouse()
  const { fields, set } = useFields({ name: '', found: 'switched' })
  return (
    <form
      className="mt-2 grid gap-y-2"
      onSubmit={(event) => {
        event.preventDefault()
        void act({ kind: 'load.put', breakerId, ...fields }).then((answer) => answer && onDone())
      }}
    >
      <TextField
        label="What went dark with it"
        value={fields.name}
        onType={set('name')}
        placeholder="hall light"
      />
      <SelectField label="How you know" value={fields.found} options={foundOptions} onChoose={set('found')} />
      <button type="submit" className="btn btn-main" disabled={busy || fields.name.trim() === ''}>
        Note it
      </button>
    </form>
  )
}

function BreakerForm({ breaker, onDone }: { breaker: PanelBreaker | null; onDone: () => void }) {
  const { act, busy } = useHouse()
  const row = breaker?.row ?? null
  const { fields, set } = useFields({
    name: row?.name ?? '',
    amps: row?.amps ? String(row.amps) : '',
    note: row?.note ?? '',
  })
  return (
    <form
      className="mt-2 grid gap-x-4 gap-y-3 mid:grid-cols-3"
      onSubmit={(event) => {
        event.preventDefault()
        void act({ kind: 'breaker.put', ...fields, ...(row ? { id: row.id } : {}) }).then(
          (answer) => answer && onDone(),
        )
      }}
    >
      <TextField label="Its number or name" value={fields.name} onType={set('name')} placeholder="14" mono />
      <TextField label="Amps on its handle" value={fields.amps} onType={set('amps')} mono />
      <TextField label="Note" value={fields.note} onType={set('note')} placeholder="two poles, tied" />
      <p>
        <button type="submit" className="btn btn-main" disabled={busy || fields.name.trim() === ''}>
          {row ? 'Keep this' : 'Add it'}
        </button>
      </p>
    </form>
  )
}

function Unknown({ machines, names }: { machines: PanelProps['unknown']; names: string[] }) {
  if (machines.length === 0) return null
  return (
    <section aria-label="Breaker not known" className="pt-6">
      <h2 className="mb-2 border-ink border-b text-lg">Breaker not known</h2>
      <p className="mb-2 max-w-[72ch]">
        Let the machine run, and switch one breaker after another off until it stops. Then choose that breaker
        here.
      </p>
      <ul>
        {machines.map((machine) => (
          <UnknownRow key={machine.id} machine={machine} names={names} />
        ))}
      </ul>
    </section>
  )
}

function UnknownRow({ machine, names }: { machine: PanelProps['unknown'][number]; names: string[] }) {
  const { act, busy } = useHouse()
  const [chosen, setChosen] = useState('')
  return (
    <li className="flex flex-wrap items-end gap-x-4 gap-y-2 border-line border-b py-2">
      <Link href={`/machines/${machine.id}`} className="min-w-[min(14rem,100%)] flex-1 text-teal underline">
        {machine.title}
      </Link>
      <SelectField
        label="Its breaker"
        value={chosen}
        empty="Choose"
        options={names.map((name) => ({ value: name, label: name }))}
        onChoose={setChosen}
      />
      <button
        type="button"
        className="btn"
        disabled={busy || chosen === ''}
        onClick={() =>
          void act({ kind: 'machine.change', id: machine.id, circuit: chosen, circuitFound: 'switched' })
        }
      >
        Found by switching
      </button>
    </li>
  )
}
