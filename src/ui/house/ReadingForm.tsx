'use client'

import { measuredKinds } from '@/core/house/rows'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { SelectField, TextField } from '../kit/TextField'
import { useHouse } from './HouseWork'
import { useFields } from './useFields'

const kindOptions = measuredKinds.map((value) => ({
  value,
  label: say({ key: `measured.${value}` }, house),
}))

const sections = [
  { value: 'single', label: 'one of two terminals' },
  { value: 'FAN', label: 'FAN (C to FAN)' },
  { value: 'HERM', label: 'HERM (C to HERM)' },
]

/** One figure, read on a day without a job. */
export function ReadingForm({ machineId, onDone }: { machineId: string; onDone: () => void }) {
  const { act, busy } = useHouse()
  const { fields, set } = useFields({ what: 'currentA', section: 'single', typed: '', at: '', note: '' })
  const isCapacitor = fields.what === 'capacitanceUf'
  const send = async () => {
    const { what, typed, at, note, section } = fields
    const reading = { what, typed, note, ...(at ? { at } : {}), ...(isCapacitor ? { section } : {}) }
    if (await act({ kind: 'readings.add', machineId, readings: [reading] })) onDone()
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        void send()
      }}
    >
      <div className="grid gap-x-4 gap-y-3 mid:grid-cols-3">
        <SelectField label="What was read" value={fields.what} options={kindOptions} onChoose={set('what')} />
        {isCapacitor ? (
          <SelectField
            label="Which section"
            value={fields.section}
            options={sections}
            onChoose={set('section')}
          />
        ) : null}
        <TextField label="The figure, with its unit" value={fields.typed} onType={set('typed')} mono />
        <TextField
          label="On (empty: today)"
          value={fields.at}
          onType={set('at')}
          placeholder="2026-05-31"
          mono
        />
        <TextField label="Note" value={fields.note} onType={set('note')} />
      </div>
      {isCapacitor ? (
        <p className="mt-2 border-stop border-l-4 pl-2">
          A capacitor is read only in a machine that was proved dead and emptied: that is done in a job. Type
          here what was read so.
        </p>
      ) : null}
      <button type="submit" className="btn btn-main mt-3" disabled={busy || fields.typed.trim() === ''}>
        Keep this reading
      </button>
    </form>
  )
}
