'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { RoundItem, RoundUnderWay } from '@/core/house/roundView'
import { valueLabel } from '@/core/knowledge/valueLabels'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { asked } from '../data/asked'
import { TextField } from '../kit/TextField'
import { whoIsHere, windowId } from '../kit/who'
import { LocalTime } from '../record/LocalTime'
import { useHouse } from './HouseWork'
import { minutesText } from './RoundPlan'

/** A round under way: place by place, each thing done, found or left by one press. */
export function RoundWalk({ walk, zone }: { walk: RoundUnderWay; zone: string }) {
  const { act, busy } = useHouse()
  const { round, places, open, count, minutes, kit } = walk
  return (
    <div data-testid="round">
      <p className="mt-3">
        <b className="num font-semibold">{`${count - open} of ${count}`}</b>
        {open === 0
          ? ': all of it is answered.'
          : `. About ${minutesText(minutes)} are left. Take along: ${kit.map((each) => say({ key: `kit.${each}` }, house)).join(', ')}.`}
      </p>
      {places.map(({ place, machines }) => (
        <section key={place} aria-label={place || 'Place not noted'} className="pt-5">
          <h2 className="border-ink border-b text-lg">{place || 'Place not noted'}</h2>
          {machines.map(({ id, title, items }) => (
            <div key={id} className="border-line border-b py-2">
              <Link
                href={`/machines/${id}`}
                className="inline-flex min-h-11 items-center font-semibold text-teal underline"
              >
                {title}
              </Link>
              <ul>
                {items.map((item) => (
                  <Item key={item.row.id} item={item} zone={zone} />
                ))}
              </ul>
            </div>
          ))}
        </section>
      ))}
      <div className="no-print mt-4 flex flex-wrap gap-3">
        <button
          type="button"
          className={open === 0 ? 'btn btn-main' : 'btn'}
          disabled={busy}
          onClick={() => void act({ kind: 'round.end', id: round.id })}
        >
          {open === 0 ? 'End the round' : `End the round, ${open} left`}
        </button>
        <button type="button" className="btn" onClick={() => window.print()}>
          Print
        </button>
      </div>
    </div>
  )
}

function Item({ item, zone }: { item: RoundItem; zone: string }) {
  const { row, task } = item
  const text = say({ key: `task.${row.task}` }, house)
  const done = row.state !== 'open'
  return (
    <li className="grid gap-x-6 gap-y-1 py-2 mid:grid-cols-[minmax(0,1fr)_auto]" aria-label={text}>
      <div>
        <p className={done ? 'text-soft' : ''}>
          <span aria-hidden="true" className="mr-2 inline-block w-4">
            {row.state === 'done' ? '✓' : row.state === 'found' ? '!' : row.state === 'left' ? '–' : '□'}
          </span>
          <b className="font-semibold">{text}</b>
          <span className="caption">{` ${task.minutes} min`}</span>
        </p>
        {done ? (
          <p className="caption ml-6">
            {say({ key: `state.${row.state}` }, house)}
            {row.who ? `, ${row.who}` : ''}
            {row.doneAt ? (
              <>
                {', '}
                <LocalTime at={row.doneAt} zone={zone} />
              </>
            ) : null}
          </p>
        ) : (
          <p className="ml-6 max-w-[64ch] text-[0.95rem]">{say({ key: `how.${row.task}` }, house)}</p>
        )}
        {row.note ? <p className="ml-6 border-ink border-l-2 pl-2">{row.note}</p> : null}
        {item.job ? (
          <p className="ml-6">
            <Link
              href={`/jobs/${item.job.id}/${item.job.status === 'closed' ? 'record' : 'notice'}`}
              className="inline-flex min-h-11 items-center text-teal underline"
            >
              {item.job.status === 'closed' ? 'Its job is closed: read it' : 'Its job is open: go on with it'}
            </Link>
          </p>
        ) : null}
      </div>
      <ItemActs item={item} />
    </li>
  )
}

/** What can be done with a thing, by its state: answered ones are opened again, what a guest has found gets its job. */
function ItemActs({ item }: { item: RoundItem }) {
  const { act, busy } = useHouse()
  const { row, task, job } = item
  if (row.state === 'open') return <OpenItem item={item} />
  return (
    <div className="no-print mid:w-72">
      {row.state === 'found' && !job ? <Found item={row.id} finds={task.finds} said={row.note} /> : null}
      <button
        type="button"
        className="btn btn-plain"
        disabled={busy}
        onClick={() => void act({ kind: 'round.tick', id: row.id, state: 'open' })}
      >
        Open again
      </button>
    </div>
  )
}

function OpenItem({ item: { row, task, job } }: { item: RoundItem }) {
  const { act, busy } = useHouse()
  const [open, setOpen] = useState<'found' | 'trade' | null>(null)
  const tick = (state: string, note?: string) =>
    act({ kind: 'round.tick', id: row.id, state, ...(note ? { note } : {}) })
  const toggle = (which: 'found' | 'trade', label: string, look: string) => (
    <button
      type="button"
      className={look}
      aria-expanded={open === which}
      onClick={() => setOpen(open === which ? null : which)}
    >
      {label}
    </button>
  )
  const may = !task.inside || job?.status === 'closed'
  return (
    <div className="no-print mid:w-72">
      <div className="grid grid-cols-2 gap-2">
        {may ? (
          <button
            type="button"
            className="btn btn-main min-h-12"
            disabled={busy}
            onClick={() => void tick('done')}
          >
            Done
          </button>
        ) : job ? (
          <Link href={`/jobs/${job.id}/make-dead`} className="btn btn-main inline-flex min-h-12">
            Go on in its job
          </Link>
        ) : (
          <OpenJob item={row.id} label="Make it dead: open a job" />
        )}
        {task.finds.length > 0 ? toggle('found', 'Something found', 'btn min-h-12') : null}
        <button
          type="button"
          className="btn btn-plain min-h-11"
          disabled={busy}
          onClick={() => void tick('left')}
        >
          Leave it
        </button>
        {may ? null : toggle('trade', 'A trade did it', 'btn btn-plain min-h-11')}
      </div>
      {open === 'found' ? <Found item={row.id} finds={task.finds} said="" /> : null}
      {open === 'trade' ? <ByTrade onKeep={(note) => void tick('done', note)} busy={busy} /> : null}
    </div>
  )
}

function ByTrade({ onKeep, busy }: { onKeep: (note: string) => void; busy: boolean }) {
  const [note, setNote] = useState('')
  return (
    <div className="mt-2">
      <TextField label="Who did it, and when" value={note} onType={setNote} />
      <button
        type="button"
        className="btn btn-main mt-2"
        disabled={busy || note.trim() === ''}
        onClick={() => onKeep(note)}
      >
        Keep it as done
      </button>
    </div>
  )
}

/** A job at the machine, with what was found in it, and the way there. */
function useRoundJob() {
  const router = useRouter()
  const [error, setError] = useState('')
  const [busy, setBusy] = useState(false)
  const open = async (body: object, to: string) => {
    setBusy(true)
    setError('')
    try {
      const told = { ...body, who: whoIsHere(), window: windowId() }
      const { job } = await asked<{ job: string }>('/api/house/round-job', 'POST', told)
      router.push(`/jobs/${job}/${to}`)
    } catch (problem) {
      setError(problem instanceof Error ? problem.message : 'No job was opened. Try again.')
      setBusy(false)
    }
  }
  return { open, error, busy }
}

function OpenJob({ item, label }: { item: string; label: string }) {
  const { open, error, busy } = useRoundJob()
  return (
    <>
      <button
        type="button"
        className="btn btn-main min-h-12"
        disabled={busy}
        onClick={() => void open({ item }, 'make-dead')}
      >
        {label}
      </button>
      {error ? (
        <p role="alert" className="col-span-2 border-stop border-l-4 pl-2">
          {error}
        </p>
      ) : null}
    </>
  )
}

interface FoundProps {
  item: string
  finds: RoundItem['task']['finds']
  /** What a guest wrote down already. */
  said: string
}

function Found({ item, finds, said }: FoundProps) {
  const { open, error, busy } = useRoundJob()
  const [chosen, setChosen] = useState('')
  const [note, setNote] = useState(said)
  const finding = finds.find(({ observation, value }) => `${observation} ${value}` === chosen)
  return (
    <div className="mt-2">
      <fieldset className="flex flex-wrap gap-1.5">
        <legend className="caption mb-1">What was found</legend>
        {finds.map(({ observation, value }) => (
          <button
            key={`${observation} ${value}`}
            type="button"
            className="chip"
            aria-pressed={chosen === `${observation} ${value}`}
            onClick={() => setChosen(chosen === `${observation} ${value}` ? '' : `${observation} ${value}`)}
          >
            {valueLabel(observation, value)}
          </button>
        ))}
      </fieldset>
      <TextField className="mt-2" label="In your words" value={note} onType={setNote} lines={2} />
      {error ? (
        <p role="alert" className="mt-1 border-stop border-l-4 pl-2">
          {error}
        </p>
      ) : null}
      <button
        type="button"
        className="btn btn-main mt-2"
        disabled={busy || (!finding && note.trim() === '')}
        onClick={() => void open({ item, note, ...(finding ?? {}) }, 'notice')}
      >
        Open a job with it
      </button>
    </div>
  )
}
