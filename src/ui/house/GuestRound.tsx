'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { RoundItem, RoundUnderWay } from '@/core/house/roundView'
import type { StopRuleId } from '@/core/knowledge/vocabulary'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { StopAdvice } from '../danger/StopAdvice'
import { asked } from '../data/asked'
import { TextField } from '../kit/TextField'
import { LocalTime } from '../record/LocalTime'

interface GuestRoundProps {
  secret: string
  guest: string
  until: string
  walk: RoundUnderWay
  zone: string
}

/** A round as somebody who helps sees it: what is done from outside, with its how, ticked under the guest's name. */
export function GuestRound({ secret, guest, until, walk, zone }: GuestRoundProps) {
  return (
    <main id="work" className="mx-auto max-w-2xl px-4 pt-6 pb-16 [overflow-wrap:anywhere]">
      <h1 className="text-2xl">{walk.round.name}</h1>
      <p className="mt-1">
        {`For ${guest}. Only what is done from outside stands here: open no machine for it. This address opens until `}
        <LocalTime at={until} zone={zone} onlyDay />.
      </p>
      <p className="mt-2 border-stop border-l-4 pl-3">
        At a smell of gas touch no switch and leave the house; at smoke, fire or somebody hurt leave, and call
        the emergency number from outside.
      </p>
      {walk.places.map(({ place, machines }) => (
        <section key={place} aria-label={place || 'Place not noted'} className="pt-5">
          <h2 className="border-ink border-b text-lg">{place || 'Place not noted'}</h2>
          {machines.map(({ id, title, items }) => (
            <div key={id} className="border-line border-b py-2">
              <b className="font-semibold">{title}</b>
              <ul>
                {items.map((item) => (
                  <GuestItem key={item.row.id} item={item} secret={secret} />
                ))}
              </ul>
            </div>
          ))}
        </section>
      ))}
    </main>
  )
}

function GuestItem({ item: { row }, secret }: { item: RoundItem; secret: string }) {
  const router = useRouter()
  const [note, setNote] = useState(row.note)
  const [busy, setBusy] = useState(false)
  const [error, setError] = useState('')
  const [stops, setStops] = useState<StopRuleId[]>([])
  const text = say({ key: `task.${row.task}` }, house)
  const tick = async (state: string) => {
    setBusy(true)
    setError('')
    try {
      const told = await asked<{ stops: StopRuleId[] }>(`/api/guest/${secret}`, 'POST', {
        item: row.id,
        state,
        note,
      })
      setStops(told.stops)
      router.refresh()
    } catch (problem) {
      setError(problem instanceof Error ? problem.message : 'This was not kept. Try again.')
    }
    setBusy(false)
  }
  return (
    <li className="py-2" aria-label={text}>
      <p>
        <b className="font-semibold">{text}</b>
        {row.state === 'open'
          ? ''
          : `: ${say({ key: `state.${row.state}` }, house)}${row.who ? `, ${row.who}` : ''}`}
      </p>
      <p className="text-[0.95rem]">{say({ key: `how.${row.task}` }, house)}</p>
      <TextField className="mt-1" label="What you saw" value={note} onType={setNote} />
      {error ? (
        <p role="alert" className="mt-1 border-stop border-l-4 pl-2">
          {error}
        </p>
      ) : null}
      {stops.map((rule) => (
        <div key={rule} role="alert" className="mt-2 border-stop border-l-4 pl-3">
          <StopAdvice rule={rule} head="h3" />
        </div>
      ))}
      <p className="mt-2 grid grid-cols-2 gap-2">
        <button
          type="button"
          className="btn btn-main min-h-12"
          disabled={busy}
          onClick={() => void tick('done')}
        >
          Done
        </button>
        <button
          type="button"
          className="btn min-h-12"
          disabled={busy || note.trim() === ''}
          onClick={() => void tick('found')}
        >
          Something found
        </button>
      </p>
    </li>
  )
}
