'use client'

import { useState } from 'react'
import { type FittedRow, fittedKinds } from '@/core/house/rows'
import type { FittedPart } from '@/core/machine/story'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { SelectField, TextField } from '../kit/TextField'
import { clockIn } from '../kit/time'
import { useOwnZone } from '../kit/useOwnZone'
import { LocalTime } from '../record/LocalTime'
import { Fold } from './Fold'
import { useHouse } from './HouseWork'
import { useFields } from './useFields'

interface FittedListProps {
  machineId: string
  /** What somebody wrote down. */
  rows: FittedRow[]
  /** What its jobs say went in. */
  byJobs: FittedPart[]
  today: string
  zone: string
}

const nameOf = (what: string): string => say({ key: `fitted.${what}` }, house)

/** What is in a machine now: by what was written down, and by its jobs. */
export function FittedList({ machineId, rows, byJobs, today, zone }: FittedListProps) {
  const inside = rows.filter(({ goneAt }) => goneAt === null)
  const gone = rows.filter(({ goneAt }) => goneAt !== null)
  return (
    <>
      {inside.length + byJobs.length === 0 ? (
        <p>Nobody wrote down what is in it: it is what it was built with.</p>
      ) : null}
      <ul>
        {byJobs.map(({ what, name, since }) => (
          <li key={what} className="grid grid-cols-[7rem_minmax(0,1fr)] gap-x-3 border-line border-b py-2">
            <span className="text-soft">{nameOf(what)}</span>
            <span>
              <b className="font-semibold">{name}</b>
              <span className="caption block">
                by its job, since <LocalTime at={since} zone={zone} onlyDay />
              </span>
            </span>
          </li>
        ))}
        {inside.map((row) => (
          <Part key={row.id} row={row} today={today} zone={zone} />
        ))}
      </ul>
      {gone.length > 0 ? (
        <p className="caption mt-2">
          {`Taken out: ${gone.map(({ what, name, goneAt }) => `${nameOf(what).toLowerCase()} ${name} (${goneAt})`).join(', ')}.`}
        </p>
      ) : null}
      <Fold label="Note a part that is in it">
        {(close) => <PartForm machineId={machineId} row={null} onDone={close} />}
      </Fold>
    </>
  )
}

function Part({ row, today, zone }: { row: FittedRow; today: string; zone: string }) {
  const { day } = clockIn(useOwnZone(zone))
  // A day has no hour: its noon is that day in every zone but the outermost.
  const onDay = (text: string) => day(`${text}T12:00:00Z`)
  const { act, busy } = useHouse()
  const [editing, setEditing] = useState(false)
  return (
    <li className="border-line border-b py-2">
      <div className="grid grid-cols-[7rem_minmax(0,1fr)] gap-x-3">
        <span className="text-soft">{nameOf(row.what)}</span>
        <span>
          <b className="font-semibold">{row.name}</b>
          {row.figures ? <span className="num">{` ${row.figures}`}</span> : null}
          <span className="caption block">{toldOf(row, today, onDay)}</span>
        </span>
      </div>
      <p className="no-print flex flex-wrap gap-x-4 text-sm">
        <button
          type="button"
          className="min-h-11 text-teal underline mid:min-h-8"
          onClick={() => setEditing(!editing)}
        >
          {editing ? 'Close' : 'Change'}
        </button>
        <button
          type="button"
          className="min-h-11 text-teal underline mid:min-h-8"
          disabled={busy}
          onClick={() => void act({ kind: 'fitted.gone', id: row.id, at: today })}
        >
          It came out
        </button>
        <button
          type="button"
          className="min-h-11 text-soft underline mid:min-h-8"
          disabled={busy}
          onClick={() => void act({ kind: 'fitted.remove', id: row.id })}
        >
          Cross out
        </button>
      </p>
      {editing ? <PartForm machineId={row.machineId} row={row} onDone={() => setEditing(false)} /> : null}
    </li>
  )
}

function toldOf(
  { since, boughtFrom, warrantyUntil }: FittedRow,
  today: string,
  onDay: (text: string) => string,
): string {
  const warranty =
    warrantyUntil === ''
      ? ''
      : warrantyUntil >= today
        ? `under warranty until ${onDay(warrantyUntil)}`
        : `its warranty ended ${onDay(warrantyUntil)}`
  return (
    [since ? `since ${onDay(since)}` : '', boughtFrom ? `from ${boughtFrom}` : '', warranty]
      .filter(Boolean)
      .join(', ') || 'nobody noted since when'
  )
}

function PartForm({
  machineId,
  row,
  onDone,
}: {
  machineId: string
  row: FittedRow | null
  onDone: () => void
}) {
  const { act, busy } = useHouse()
  const { fields, set } = useFields({
    what: row?.what ?? 'capacitor',
    name: row?.name ?? '',
    figures: row?.figures ?? '',
    since: row?.since ?? '',
    boughtFrom: row?.boughtFrom ?? '',
    warrantyUntil: row?.warrantyUntil ?? '',
  })
  const send = async () => {
    const told = { kind: 'fitted.put', machineId, ...fields, ...(row ? { id: row.id } : {}) }
    if (await act(told)) onDone()
  }
  return (
    <form
      className="mt-2"
      onSubmit={(event) => {
        event.preventDefault()
        void send()
      }}
    >
      <div className="grid gap-x-4 gap-y-3 mid:grid-cols-2">
        <SelectField
          label="What"
          value={fields.what}
          options={fittedKinds.map((value) => ({ value, label: nameOf(value) }))}
          onChoose={set('what')}
        />
        <TextField label="Its name or number" value={fields.name} onType={set('name')} mono />
        <TextField
          label="Its figures, as printed"
          value={fields.figures}
          onType={set('figures')}
          placeholder="35+5 µF ±6 % 440 V"
          mono
        />
        <TextField
          label="In it since"
          value={fields.since}
          onType={set('since')}
          placeholder="2026-05-31"
          mono
        />
        <TextField label="Bought from" value={fields.boughtFrom} onType={set('boughtFrom')} />
        <TextField
          label="Under warranty until"
          value={fields.warrantyUntil}
          onType={set('warrantyUntil')}
          placeholder="2028-05-31"
          mono
        />
      </div>
      <button type="submit" className="btn btn-main mt-3" disabled={busy || fields.name.trim() === ''}>
        Keep this part
      </button>
    </form>
  )
}
