'use client'

import { useState } from 'react'
import { kitOf, type PlaceOnRound, type PlannedTask } from '@/core/house/roundView'
import { seasonTask } from '@/core/knowledge/season'
import { significant } from '@/core/units'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { TextField } from '../kit/TextField'
import { useHouse } from './HouseWork'

const keyOf = ({ machineId, task }: PlannedTask): string => `${machineId} ${task}`

/** What is due, chosen already; whatever else a machine has can be added. */
export function RoundPlan({ places, name: usual }: { places: PlaceOnRound<PlannedTask>[]; name: string }) {
  const { act, busy } = useHouse()
  const all = places.flatMap(({ machines }) => machines.flatMap(({ items }) => items))
  const [chosen, setChosen] = useState(() => new Set(all.filter(({ due }) => due).map(keyOf)))
  const [name, setName] = useState(usual)
  const [whole, setWhole] = useState(false)
  const items = all.filter((item) => chosen.has(keyOf(item)))
  const begin = async () => {
    const wanted = items.map(({ machineId, task }) => ({ machineId, task }))
    // The walk begins at its first place, and not where the button stood.
    if (await act({ kind: 'round.begin', name, items: wanted })) window.scrollTo({ top: 0 })
  }
  const toggle = (item: PlannedTask) => {
    const next = new Set(chosen)
    if (!next.delete(keyOf(item))) next.add(keyOf(item))
    setChosen(next)
  }
  if (all.length === 0)
    return <p className="mt-4">There is no machine in use yet. Add one under Household first.</p>
  const kit = kitOf(items.map(({ task }) => seasonTask(task)))
  const minutes = items.reduce((sum, item) => sum + item.minutes, 0)
  return (
    <div className="mt-4" data-testid="round-plan">
      <p>
        {items.length === 0
          ? 'Nothing is chosen.'
          : `${items.length === 1 ? 'One thing' : `${items.length} things`}, about ${minutesText(minutes)}. Take along: ${kit.map((each) => say({ key: `kit.${each}` }, house)).join(', ')}.`}
      </p>
      <label className="no-print mt-2 flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-[var(--teal)]"
          checked={whole}
          onChange={(event) => setWhole(event.target.checked)}
        />
        Show also what is not due
      </label>
      {places.map((place) => (
        <Place key={place.place} place={place} whole={whole} chosen={chosen} onToggle={toggle} />
      ))}
      <div className="no-print mt-4 flex flex-wrap items-end gap-3">
        <TextField className="w-64" label="What this round is called" value={name} onType={setName} />
        <button
          type="button"
          className="btn btn-main"
          disabled={busy || items.length === 0}
          onClick={() => void begin()}
        >
          Begin the round
        </button>
        <a className="btn inline-flex" href="/api/house/calendar" download>
          As a calendar file
        </a>
        <button type="button" className="btn" onClick={() => window.print()}>
          Print
        </button>
      </div>
    </div>
  )
}

interface PlaceProps {
  place: PlaceOnRound<PlannedTask>
  /** Also what is not due. */
  whole: boolean
  chosen: ReadonlySet<string>
  onToggle: (item: PlannedTask) => void
}

/** The machines of a place with their tasks, each to be chosen; nothing where none is shown. */
function Place({ place: { place, machines }, whole, chosen, onToggle }: PlaceProps) {
  const shown = machines
    .map((machine) => ({ ...machine, items: machine.items.filter((item) => whole || item.due) }))
    .filter((machine) => machine.items.length > 0)
  if (shown.length === 0) return null
  return (
    <section aria-label={place || 'Place not noted'} className="pt-4">
      <h2 className="border-ink border-b text-lg">{place || 'Place not noted'}</h2>
      {shown.map(({ id, title, items }) => (
        <fieldset
          key={id}
          className="grid gap-x-6 border-line border-b py-2 mid:grid-cols-[14rem_minmax(0,1fr)]"
        >
          <legend className="sr-only">{title}</legend>
          <span className="pt-2 font-semibold">{title}</span>
          <span>
            {items.map((item) => (
              <label key={item.task} className="flex min-h-11 items-center gap-3">
                <input
                  type="checkbox"
                  className="size-5 shrink-0 accent-[var(--teal)]"
                  checked={chosen.has(keyOf(item))}
                  onChange={() => onToggle(item)}
                />
                <span className="flex-1">
                  {say({ key: `task.${item.task}` }, house)}
                  <span className="caption block">{aboutOf(item)}</span>
                </span>
              </label>
            ))}
          </span>
        </fieldset>
      ))}
    </section>
  )
}

/** @example minutesText(100) // '1.7 hours' */
export const minutesText = (minutes: number): string =>
  minutes < 90 ? `${minutes} minutes` : `${significant(minutes / 60, 2)} hours`

const aboutOf = ({ due, inside, minutes }: PlannedTask): string =>
  [
    due ? say({ key: `why.${due.why}` }, house) : 'not due',
    due?.lastAt ? `last ${due.lastAt}` : due ? 'never noted' : '',
    `${minutes} min`,
    inside ? 'inside the machine: dead first' : 'from outside',
  ]
    .filter(Boolean)
    .join(', ')
