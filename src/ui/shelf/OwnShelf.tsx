'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { columnsOf, type PartKind, partOfLine } from '@/core/match/columns'
import { capacitorWords, motorWords } from '@/core/match/partWords'
import type { readSpares } from '@/server/house/shelf'
import type { PartFound } from '@/server/parts'
import { asked } from '../data/asked'
import { useHouse } from '../house/HouseWork'
import { notify } from '../kit/notify'
import { Section } from '../kit/Section'
import { DataInput } from '../pieces/DataInput'
import { Spare } from './Spare'
import { TakeOff } from './TakeOff'

/** What lies on the person's own shelf: matched before anything that has to be bought. */
interface OwnShelfProps extends Awaited<ReturnType<typeof readSpares>> {
  parts: PartFound[]
  inches: boolean
}

export function OwnShelf({ parts, inches, spares, used, toTakeOff, machines }: OwnShelfProps) {
  const router = useRouter()
  const [adding, setAdding] = useState<PartKind | null>(null)
  const change = (work: Promise<unknown>) =>
    work.then(
      () => {
        router.refresh()
        return true
      },
      (error: unknown) => {
        notify(error instanceof Error ? error.message : 'This could not be changed.')
        return false
      },
    )
  return (
    <Section title="On my shelf" aside="matched before anything that has to be bought">
      <TakeOff toTakeOff={toTakeOff} parts={parts} />
      {parts.length === 0 ? (
        <p>Nothing lies there yet. A spare that you own is worth more than one in a list.</p>
      ) : null}
      <ul data-testid="own-shelf">
        {parts.map((part) => (
          <li
            key={part.id}
            className="flex flex-wrap items-center gap-x-3 gap-y-1 border-line border-b py-1.5"
          >
            <span className="min-w-[min(12rem,100%)] flex-1">
              <b className="font-semibold">{wordsOf(part)[0] || 'no number'}</b>{' '}
              <span className="num text-sm">{wordsOf(part).slice(1).filter(Boolean).join(', ')}</span>
              {part.note ? <span className="caption block">{part.note}</span> : null}
            </span>
            <Count part={part} />
            <button
              type="button"
              className="btn btn-plain btn-stop"
              onClick={() => void change(asked(`/api/parts/${part.id}`, 'DELETE'))}
            >
              Remove
            </button>
            <Spare
              part={part}
              spare={spares.find(({ id }) => id === part.id) ?? null}
              used={used.filter(({ partId }) => partId === part.id)}
              machines={machines}
            />
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => setAdding(adding === 'motor' ? null : 'motor')}>
          A motor lies there
        </button>
        <button
          type="button"
          className="btn"
          onClick={() => setAdding(adding === 'capacitor' ? null : 'capacitor')}
        >
          A capacitor lies there
        </button>
      </div>
      {adding ? (
        <AddForm
          key={adding}
          kind={adding}
          inches={inches}
          onAdd={async (body) => {
            if (await change(asked('/api/parts', 'POST', body))) setAdding(null)
          }}
        />
      ) : null}
    </Section>
  )
}

const wordsOf = (part: PartFound): string[] =>
  part.motor ? motorWords(part.motor) : part.capacitor ? capacitorWords(part.capacitor) : []

function Count({ part }: { part: PartFound }) {
  const { act } = useHouse()
  const set = (count: number) => void act({ kind: 'spare.count', id: part.id, count })
  return (
    <span className="flex items-center gap-1">
      <button
        type="button"
        className="btn min-w-11"
        aria-label={`One ${wordsOf(part)[0]} fewer`}
        disabled={part.count === 0}
        onClick={() => set(part.count - 1)}
      >
        −
      </button>
      <span className="num w-8 text-center">{part.count}</span>
      <button
        type="button"
        className="btn min-w-11"
        aria-label={`One ${wordsOf(part)[0]} more`}
        onClick={() => set(part.count + 1)}
      >
        +
      </button>
    </span>
  )
}

function AddForm({
  kind,
  inches,
  onAdd,
}: {
  kind: PartKind
  inches: boolean
  onAdd: (body: object) => Promise<void>
}) {
  const fields = columnsOf(kind).filter(({ field }) => !['replaces', 'unique'].includes(field))
  const [typed, setTyped] = useState<Record<string, string>>({})
  const [note, setNote] = useState('')
  const [error, setError] = useState('')
  const add = () => {
    // A part of a shelf needs no number: its note says which it is.
    const cells = fields.map(({ field }) => typed[field] || (field === 'partNumber' ? 'no number' : ''))
    const read = partOfLine(
      cells,
      fields.map(({ field }) => field),
      kind,
      { lengths: inches ? 'in' : 'mm' },
    )
    if ('error' in read) setError(`${fields.find(({ field }) => field === read.field)?.label}: ${read.error}`)
    else void onAdd({ [kind]: { ...read.part, id: '' }, count: 1, note })
  }
  return (
    <div className="mt-3 border-line border-t pt-3">
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 mid:grid-cols-4">
        {fields.map((field) => (
          <DataInput
            key={field.field}
            field={field}
            typed={typed[field.field] ?? ''}
            inches={inches}
            onType={(value) => setTyped({ ...typed, [field.field]: value })}
          />
        ))}
      </div>
      <label className="caption mt-2 block" htmlFor="shelf-note">
        Where it lies, and what it was bought for
      </label>
      <input
        id="shelf-note"
        className="field max-w-xl"
        value={note}
        onChange={(event) => setNote(event.target.value)}
      />
      {error ? (
        <p role="alert" className="mt-2 border-stop border-l-4 pl-2">
          {error}
        </p>
      ) : null}
      <button type="button" className="btn btn-main mt-3" onClick={add}>
        Put it on the shelf
      </button>
    </div>
  )
}
