'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { LifeRow } from '@/core/house/rows'
import type { MachineRow } from '@/core/job/rows'
import { SelectField, TextField } from '../kit/TextField'
import { useHouse } from './HouseWork'
import { KnowItWell } from './KnowItWell'
import { MachineForm } from './MachineForm'

interface MachineActsProps {
  machine: MachineRow
  life: LifeRow | null
  circuitFound: string
  known: { breakers: string[]; places: string[]; alike: { id: string; title: string }[] }
  hasJobs: boolean
  lineHz: 50 | 60
  today: string
}

type Open = 'change' | 'well' | 'merge' | 'retire' | null

/** What can be done with a machine as a whole, each behind its button. */
export function MachineActs(of: MachineActsProps) {
  const { machine, life, known } = of
  const [open, setOpen] = useState<Open>(null)
  const { act, busy } = useHouse()
  const retired = life?.retiredAt ?? null
  const toggle = (which: Exclude<Open, null>, label: string) => (
    <button
      type="button"
      className="btn btn-plain"
      aria-expanded={open === which}
      onClick={() => setOpen(open === which ? null : which)}
    >
      {label}
    </button>
  )
  return (
    <div className="no-print">
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {retired ? (
          <button
            type="button"
            className="btn btn-main"
            disabled={busy}
            onClick={() => void act({ kind: 'machine.return', id: machine.id })}
          >
            It is in use again
          </button>
        ) : (
          <Link href={`/?machine=${machine.id}`} className="btn btn-main inline-flex">
            Something is wrong with it
          </Link>
        )}
        {toggle('well', 'Know it well')}
        {toggle('change', 'Change what is known')}
        <Link href={`/machines/${machine.id}/label`} className="btn btn-plain inline-flex">
          Print its label
        </Link>
        {known.alike.length > 0 ? toggle('merge', 'It is the same as another') : null}
        {retired ? null : toggle('retire', 'It is in use no more')}
      </div>
      {open === null ? null : <Opened open={open} close={() => setOpen(null)} {...of} />}
    </div>
  )
}

interface OpenedProps extends MachineActsProps {
  open: Exclude<Open, null>
  close: () => void
}

/** The form behind the button that was pressed. */
function Opened({ open, close, machine, life, circuitFound, known, hasJobs, lineHz, today }: OpenedProps) {
  return (
    <div className="mt-3 border-ink border-y py-4">
      {open === 'change' ? (
        <MachineForm
          machine={machine}
          circuitFound={circuitFound}
          dayWithout={life?.dayWithout == null ? '' : String(life.dayWithout)}
          breakers={known.breakers}
          places={known.places}
          hasJobs={hasJobs}
          onDone={close}
        />
      ) : open === 'well' ? (
        <KnowItWell machineId={machine.id} lineHz={lineHz} onDone={close} />
      ) : open === 'merge' ? (
        <Merge machine={machine} alike={known.alike} />
      ) : (
        <Retire id={machine.id} today={today} onDone={close} />
      )}
    </div>
  )
}

function Merge({ machine, alike }: { machine: MachineRow; alike: { id: string; title: string }[] }) {
  const { act, busy } = useHouse()
  const router = useRouter()
  const [into, setInto] = useState('')
  const send = async () => {
    if (await act({ kind: 'machine.merge', id: machine.id, into })) router.push(`/machines/${into}`)
  }
  return (
    <div>
      <p>
        All jobs, readings, parts and recordings of this machine go over to the other one, and this page is
        gone. What only one of the two says is kept; where both say something the other one is believed.
      </p>
      <SelectField
        className="mt-2 max-w-xl"
        label="The other one, which stays"
        value={into}
        empty="Choose"
        options={alike.map(({ id, title }) => ({ value: id, label: title }))}
        onChoose={setInto}
      />
      <button
        type="button"
        className="btn btn-main mt-3"
        disabled={busy || into === ''}
        onClick={() => void send()}
      >
        Make the two one
      </button>
    </div>
  )
}

function Retire({ id, today, onDone }: { id: string; today: string; onDone: () => void }) {
  const { act, busy } = useHouse()
  const [at, setAt] = useState(today)
  const [why, setWhy] = useState('')
  const send = async () => {
    if (await act({ kind: 'machine.retire', id, at, why })) onDone()
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        void send()
      }}
    >
      <p>Its page and its jobs stay. It is no more on any round, and no more offered for a new job.</p>
      <div className="mt-2 grid max-w-xl gap-x-4 gap-y-3 mid:grid-cols-2">
        <TextField label="Out of use since" value={at} onType={setAt} mono />
        <TextField label="Why" value={why} onType={setWhy} placeholder="sold, replaced, scrapped" />
      </div>
      <button type="submit" className="btn btn-main mt-3" disabled={busy}>
        It is in use no more
      </button>
    </form>
  )
}
