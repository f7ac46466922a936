'use client'

import Link from 'next/link'
import { useState } from 'react'
import type { SpareRow } from '@/core/house/rows'
import type { readSpares, servedBy } from '@/server/house/shelf'
import type { PartFound } from '@/server/parts'
import { asked } from '../data/asked'
import { useHouse } from '../house/HouseWork'
import { useFields } from '../house/useFields'
import { SelectField, TextField } from '../kit/TextField'
import { servingText } from '../machine/ShelfFor'

interface SpareProps {
  part: PartFound
  spare: SpareRow | null
  used: Awaited<ReturnType<typeof readSpares>>['used']
  machines: { id: string; title: string }[]
}

/** What is known of a spare beside its figures: where it lies, what it cost, where it went, what it serves. */
export function Spare({ part, spare, used, machines }: SpareProps) {
  const [open, setOpen] = useState<'place' | 'use' | null>(null)
  const short = spare !== null && part.count < spare.least
  const toggle = (which: 'place' | 'use', label: string) => (
    <button
      type="button"
      className="min-h-11 text-teal underline mid:min-h-8"
      aria-expanded={open === which}
      onClick={() => setOpen(open === which ? null : which)}
    >
      {label}
    </button>
  )
  return (
    <div className="w-full text-sm">
      <p className="caption">
        {[
          spare?.place ?? '',
          spare?.boughtAt ? `bought ${spare.boughtAt}` : '',
          spare?.price != null ? `for ${spare.price}` : '',
          used.length > 0 ? `went into ${used.map(({ title }) => title).join(', ')}` : '',
        ]
          .filter(Boolean)
          .join(', ')}
      </p>
      {short ? (
        <p className="border-stop border-l-4 pl-2">{`You want ${spare.least} of it there: ${spare.least - part.count} to get.`}</p>
      ) : null}
      <p className="flex flex-wrap gap-x-4">
        {toggle('place', 'Place and price')}
        {toggle('use', 'It went into a machine')}
        <Serves partId={part.id} />
      </p>
      {open === 'place' ? <PlaceForm part={part} spare={spare} onDone={() => setOpen(null)} /> : null}
      {open === 'use' ? <UseForm partId={part.id} machines={machines} onDone={() => setOpen(null)} /> : null}
    </div>
  )
}

function PlaceForm({ part, spare, onDone }: { part: PartFound; spare: SpareRow | null; onDone: () => void }) {
  const { act, busy } = useHouse()
  const { fields, set } = useFields({
    place: spare?.place ?? '',
    price: spare?.price == null ? '' : String(spare.price),
    boughtAt: spare?.boughtAt ?? '',
    least: String(spare?.least ?? 0),
  })
  const least = /^\d{1,3}$/.test(fields.least.trim()) ? Number(fields.least) : null
  return (
    <form
      className="my-2 grid gap-x-4 gap-y-2 mid:grid-cols-4"
      onSubmit={(event) => {
        event.preventDefault()
        if (least !== null)
          void act({ kind: 'spare.put', id: part.id, ...fields, least }).then((answer) => answer && onDone())
      }}
    >
      <TextField label="Where it lies" value={fields.place} onType={set('place')} placeholder="drawer 2" />
      <TextField label="Paid for one" value={fields.price} onType={set('price')} mono />
      <TextField
        label="Bought on"
        value={fields.boughtAt}
        onType={set('boughtAt')}
        placeholder="2026-05-31"
        mono
      />
      <TextField
        label="Never fewer than"
        value={fields.least}
        onType={set('least')}
        error={least === null ? 'Type a whole number, or 0.' : null}
        mono
      />
      <p>
        <button type="submit" className="btn btn-main" disabled={busy || least === null}>
          Keep this
        </button>
      </p>
    </form>
  )
}

function UseForm({
  partId,
  machines,
  onDone,
}: {
  partId: string
  machines: SpareProps['machines']
  onDone: () => void
}) {
  const { act, busy } = useHouse()
  const [machineId, setMachineId] = useState('')
  return (
    <div className="my-2 flex flex-wrap items-end gap-3">
      <SelectField
        label="Which machine"
        value={machineId}
        empty="Choose"
        options={machines.map(({ id, title }) => ({ value: id, label: title }))}
        onChoose={setMachineId}
      />
      <button
        type="button"
        className="btn btn-main"
        disabled={busy || machineId === ''}
        onClick={() =>
          void act({ kind: 'spare.use', partId, machineId }).then((answer) => answer && onDone())
        }
      >
        Take one off
      </button>
    </div>
  )
}

type Answer = Awaited<ReturnType<typeof servedBy>>

/** Asked of every machine by the rules of a job, so only when somebody wants to know. */
function Serves({ partId }: { partId: string }) {
  const [answer, setAnswer] = useState<Answer | 'asking' | { error: string } | null>(null)
  const ask = async () => {
    setAnswer('asking')
    try {
      setAnswer(await asked<Answer>(`/api/parts/${partId}/serves`))
    } catch (problem) {
      setAnswer({ error: problem instanceof Error ? problem.message : 'Nobody answered. Try again.' })
    }
  }
  if (answer === null)
    return (
      <button type="button" className="min-h-11 text-teal underline mid:min-h-8" onClick={() => void ask()}>
        What does it serve?
      </button>
    )
  if (answer === 'asking') return <span role="status">Asking each machine …</span>
  if ('error' in answer) return <span role="alert">{answer.error}</span>
  return (
    <span role="status" className="self-center">
      {answer.machines.length === 0
        ? `It serves none of your ${answer.asked} machines, as far as their labels and plates are known.`
        : `It serves ${answer.machines.length === 1 ? 'one' : answer.machines.length} of your ${answer.asked} machines: `}
      {answer.machines.map(({ machineId, title, ...how }, index) => (
        <span key={machineId}>
          {index > 0 ? ', ' : ''}
          <Link href={`/machines/${machineId}`} className="text-teal underline">
            {title}
          </Link>
          {` (${servingText(how)})`}
        </span>
      ))}
    </span>
  )
}
