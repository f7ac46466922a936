'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { HouseAnswer } from '@/server/house'
import type { readGuests } from '@/server/house/guests'
import { asked } from '../data/asked'
import { SelectField, TextField } from '../kit/TextField'
import { whoIsHere, windowId } from '../kit/who'
import { LocalTime } from '../record/LocalTime'
import { useHouse } from './HouseWork'
import { useFields } from './useFields'

type GuestsProps = Awaited<ReturnType<typeof readGuests>> & { zone: string; here: boolean }

/** Who was given an address, and a new one. */
export function Guests({ guests, jobs, round, zone, here }: GuestsProps) {
  const { act, busy } = useHouse()
  return (
    <>
      {here ? (
        <p className="mt-3 max-w-[72ch] border-stop border-l-4 pl-3">
          This page was opened at this computer’s own address. For an address that opens on another device,
          start Rest Cog for the home network, and make it from there.
        </p>
      ) : null}
      <NewGuest jobs={jobs} round={round} />
      <section aria-label="Given" className="pt-6">
        <h2 className="mb-2 border-ink border-b text-lg">Given</h2>
        {guests.length === 0 ? <p>Nobody was given an address yet.</p> : null}
        <ul data-testid="guests">
          {guests.map((guest) => (
            <li key={guest.id} className="flex flex-wrap items-center gap-x-4 border-line border-b py-2">
              <span className="min-w-[min(16rem,100%)] flex-1">
                <b className="font-semibold">{guest.name}</b>{' '}
                {guest.may === 'read-record' ? `reads ${guest.what}` : `ticks ${guest.what}`}
                <span className="caption block">
                  {guest.opens ? 'until ' : 'opens no more, was until '}
                  <LocalTime at={guest.until} zone={zone} onlyDay />
                </span>
              </span>
              {guest.opens ? (
                <button
                  type="button"
                  className="btn btn-plain btn-stop"
                  disabled={busy}
                  aria-label={`End the address of ${guest.name}`}
                  onClick={() => void act({ kind: 'guest.end', id: guest.id })}
                >
                  End it
                </button>
              ) : null}
            </li>
          ))}
        </ul>
      </section>
    </>
  )
}

function NewGuest({ jobs, round }: Pick<GuestsProps, 'jobs' | 'round'>) {
  const router = useRouter()
  const { fields, set } = useFields({ name: '', target: '', until: '' })
  const [made, setMade] = useState('')
  const [error, setError] = useState('')
  const [busy, setBusy] = useState(false)
  const send = async () => {
    setBusy(true)
    setError('')
    const may = fields.target === round?.id ? 'tick-round' : 'read-record'
    try {
      const body = { ...fields, may, who: whoIsHere(), window: windowId() }
      const { secret } = await asked<HouseAnswer & { secret: string }>('/api/house/guest', 'POST', body)
      setMade(`${window.location.origin}/guest/${secret}`)
      router.refresh()
    } catch (problem) {
      setError(problem instanceof Error ? problem.message : 'No address was made. Try again.')
    }
    setBusy(false)
  }
  return (
    <form
      className="mt-4"
      onSubmit={(event) => {
        event.preventDefault()
        void send()
      }}
    >
      <div className="grid gap-x-4 gap-y-3 mid:grid-cols-3">
        <TextField label="For whom" value={fields.name} onType={set('name')} />
        <SelectField
          label="What it opens"
          value={fields.target}
          empty="Choose"
          options={[
            ...(round ? [{ value: round.id, label: `To tick: ${round.name}` }] : []),
            ...jobs.map(({ id, title }) => ({ value: id, label: `To read: ${title}` })),
          ]}
          onChoose={set('target')}
        />
        <TextField label="Until" value={fields.until} onType={set('until')} placeholder="2026-12-31" mono />
      </div>
      {error ? (
        <p role="alert" className="mt-2 border-stop border-l-4 pl-2">
          {error}
        </p>
      ) : null}
      <button
        type="submit"
        className="btn btn-main mt-3"
        disabled={busy || fields.name.trim() === '' || fields.target === ''}
      >
        Make an address
      </button>
      {made ? (
        <div role="status" className="mt-3 border-ink border-l-4 pl-3">
          <p>It is shown this once. Send it to whom it is for; whoever has it can open it.</p>
          <p className="num [overflow-wrap:anywhere]" data-testid="guest-address">
            {made}
          </p>
        </div>
      ) : null}
    </form>
  )
}
