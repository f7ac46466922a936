'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { HouseholdRow } from '@/core/job'
import { vocabulary } from '@/core/knowledge/vocabulary'
import { parseTyped, type Quantity } from '@/core/units'
import { saveHouseholdAction } from '@/server/actions'
import { SelectField, TextField } from '../kit/TextField'

/** Settings of the household: region, units, meter, tools at hand, look. Saved as they are changed. */
export function Settings({ household }: { household: HouseholdRow }) {
  const [row, setRow] = useState(household)
  const [error, setError] = useState<string | null>(null)
  const router = useRouter()
  const save = async (change: Partial<HouseholdRow>) => {
    setRow({ ...row, ...change })
    const problem = await saveHouseholdAction(change as Record<string, unknown>).catch(() => {
      setRow(row)
      return { message: 'The server cannot be reached, so this was not saved. Try again when it can.' }
    })
    setError(problem?.message ?? null)
    if (!problem && 'theme' in change) document.documentElement.dataset.theme = change.theme
    if (!problem) router.refresh()
  }
  return (
    <div className="grid gap-x-10 gap-y-6 mid:grid-cols-2">
      {error ? (
        <p className="text-stop mid:col-span-2" role="alert">
          {error}
        </p>
      ) : null}
      <House row={row} save={save} asked={household.introduced === 0} />
      <Meter row={row} save={save} />
      <Tools row={row} save={save} />
    </div>
  )
}

interface Part {
  row: HouseholdRow
  save: (change: Partial<HouseholdRow>) => Promise<void>
}

interface FlagProps extends Part {
  name: 'inches' | 'fahrenheit' | 'catRated' | 'singleKeys'
  label: string
}

function Flag({ row, name, label, save }: FlagProps) {
  return (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        className="size-5 accent-[var(--teal)]"
        checked={row[name] === 1}
        onChange={(event) => void save({ [name]: event.target.checked ? 1 : 0 })}
      />
      {label}
    </label>
  )
}

function House({ row, save, asked }: Part & { asked: boolean }) {
  return (
    <section aria-label="House">
      <h3 className="mb-2">House</h3>
      <div className="space-y-3">
        <TextField label="Name" value={row.name} onType={(name) => void save({ name })} />
        <SelectField
          label="Mains"
          value={row.region}
          options={[
            { value: 'north-america', label: '120 / 240 V, 60 Hz' },
            { value: 'europe', label: '230 V, 50 Hz' },
          ]}
          onChoose={(region) => void save({ region: region as HouseholdRow['region'] })}
        />
        <Flag row={row} name="inches" label="Lengths in inches where no unit is typed" save={save} />
        <Flag row={row} name="fahrenheit" label="Temperatures in °F where no unit is typed" save={save} />
        <SelectField
          label="Look"
          value={row.theme}
          options={[
            { value: 'light', label: 'paper' },
            { value: 'dark', label: 'dark, for basements' },
            { value: 'sun', label: 'high contrast, for sunlight' },
          ]}
          onChoose={(theme) => void save({ theme: theme as HouseholdRow['theme'] })}
        />
        <Flag row={row} name="singleKeys" label="Single-letter keys" save={save} />
        {/* Said when it is stored: whoever goes to the bench at once must find them there. */}
        {asked ? (
          <p className="caption">The three first questions stand on the bench.</p>
        ) : (
          <button type="button" className="btn btn-plain -ml-2" onClick={() => void save({ introduced: 0 })}>
            Ask the three first questions again
          </button>
        )}
      </div>
    </section>
  )
}

function Meter({ row, save }: Part) {
  return (
    <section aria-label="Meter" id="meter">
      <h3 className="mb-2">Meter</h3>
      <div className="grid grid-cols-2 gap-3">
        <Figure
          label="Ohm accuracy, %"
          value={row.ohmAccuracyPercent}
          quantity="percent"
          onSave={(value) => void save({ ohmAccuracyPercent: value ?? 1 })}
        />
        <Figure
          label="and counts"
          value={row.ohmCounts}
          quantity="count"
          onSave={(value) => void save({ ohmCounts: value ?? 3 })}
        />
        <Figure
          label="Ohm resolution, Ω"
          value={row.ohmResolution}
          quantity="ohm"
          onSave={(value) => void save({ ohmResolution: value ?? 0.1 })}
        />
        <Figure
          label="Leads read, zeroed off, Ω"
          value={row.leadOffsetOhm}
          quantity="ohm"
          onSave={(value) => void save({ leadOffsetOhm: value ?? 0 })}
        />
        <Figure
          label="Capacitance accuracy, %"
          value={row.capAccuracyPercent}
          quantity="percent"
          onSave={(value) => void save({ capAccuracyPercent: value ?? 2 })}
        />
        <Figure
          label="and counts of 0.01 µF"
          value={row.capCounts}
          quantity="count"
          onSave={(value) => void save({ capCounts: value ?? 5 })}
        />
        <Figure
          label="Capacitance range ends at, µF"
          value={row.capMaxUf}
          quantity="uF"
          optional
          onSave={(value) => void save({ capMaxUf: value })}
        />
      </div>
      <div className="mt-3">
        <Flag row={row} name="catRated" label="Meter and leads are marked CAT III 600 V" save={save} />
        <SelectField
          label="A run capacitor is bad"
          value={row.school}
          options={[
            { value: 'label-limit', label: 'outside its printed tolerance' },
            { value: 'ten-percent', label: 'only beyond 10 %, or its tolerance if wider' },
          ]}
          onChoose={(school) => void save({ school: school as HouseholdRow['school'] })}
        />
      </div>
    </section>
  )
}

function Tools({ row, save }: Part) {
  const tools = row.tools.split(' ').filter(Boolean)
  return (
    <section aria-label="Tools at hand" className="mid:col-span-2">
      <h3 className="mb-1">Tools at hand</h3>
      <p className="caption mb-2">Tests are offered only for what you have.</p>
      <div className="flex flex-wrap gap-1.5">
        {Object.entries(vocabulary.tools).map(([id, label]) => (
          <button
            key={id}
            type="button"
            className="chip"
            aria-pressed={tools.includes(id)}
            onClick={() =>
              void save({
                tools: (tools.includes(id) ? tools.filter((each) => each !== id) : [...tools, id]).join(' '),
              })
            }
          >
            {label}
          </button>
        ))}
      </div>
    </section>
  )
}

/** A number of the meter's sheet: kept as typed, saved once it can be read. */
function Figure({
  label,
  value,
  quantity,
  optional,
  onSave,
}: {
  label: string
  value: number | null
  quantity: Quantity
  optional?: boolean
  onSave: (value: number | null) => void
}) {
  const [typed, setTyped] = useState(value === null ? '' : String(value))
  const parsed = parseTyped(typed, quantity)
  const error =
    parsed.kind === 'error' ? parsed.message : parsed.kind === 'empty' && !optional ? 'Type a number.' : null
  return (
    <TextField
      label={label}
      value={typed}
      mono
      error={error}
      onType={(text) => {
        setTyped(text)
        const next = parseTyped(text, quantity)
        if (next.kind === 'value') onSave(next.value)
        else if (next.kind === 'empty' && optional) onSave(null)
      }}
    />
  )
}
