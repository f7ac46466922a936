'use client'

import { useState } from 'react'
import { type Act, newId } from '@/core/job'
import { type ParseOptions, type Quantity, typedValue } from '@/core/units'
import { NumberField } from '../kit/NumberField'
import { notify } from '../kit/notify'
import { SelectField } from '../kit/TextField'
import { whoIsHere, windowId } from '../kit/who'
import type { OpenJob } from './types'
import type { Address } from './useAddress'

interface FigureProps {
  address: Address
  name: string
  label: string
  quantity: Quantity
  placeholder?: string
  options?: ParseOptions
  unit?: string
}

/** A number of an instrument, kept in the address under its name. */
export function Figure({ address, name, label, quantity, placeholder, options, unit }: FigureProps) {
  return (
    <NumberField
      label={label}
      typed={address.get(name)}
      quantity={quantity}
      onType={(typed) => address.set(name, typed)}
      {...(placeholder ? { placeholder } : {})}
      {...(options ? { options } : {})}
      {...(unit ? { unit } : {})}
    />
  )
}

export const figure = (address: Address, name: string, quantity: Quantity, options?: ParseOptions) =>
  typedValue(address.get(name), quantity, options)

/** A result in large figures, with what it is. */
export function Result({
  value,
  unit,
  children,
}: {
  value: string
  unit?: string
  children: React.ReactNode
}) {
  return (
    <p className="border-line border-b py-2" role="status">
      <span className="num font-bold text-2xl">{value}</span>
      {unit ? <span className="num ml-1.5">{unit}</span> : null}{' '}
      <span className="caption ml-2">{children}</span>
    </p>
  )
}

/** Put what was worked out into an open job; the job's own rules decide whether it is taken. */
export function IntoJob({ jobs, acts }: { jobs: OpenJob[]; acts: (id: () => string) => Act[] }) {
  const [job, setJob] = useState('')
  if (jobs.length === 0) return null
  const put = async () => {
    const id = () => newId(Date.now(), Math.random)
    const response = await fetch(`/api/jobs/${job}/acts`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        acts: acts(id).map((act) => ({ id: id(), act, ageMs: 0 })),
        who: whoIsHere(),
        window: windowId(),
      }),
    })
    const answer = (await response.json()) as {
      error?: { message: string }
      answers?: { error?: { message: string } }[]
    }
    const refused = answer.error ?? answer.answers?.find(({ error }) => error)?.error
    notify(refused?.message ?? `Put into ${jobs.find((each) => each.id === job)?.title ?? 'the job'}.`)
  }
  return (
    <div className="mt-6 flex max-w-xl items-end gap-2 border-line border-t pt-4">
      <SelectField
        className="flex-1"
        label="Put into a job"
        value={job}
        empty="choose"
        options={jobs.map((each) => ({ value: each.id, label: each.title }))}
        onChoose={setJob}
      />
      <button type="button" className="btn" disabled={!job} onClick={() => void put()}>
        Put in
      </button>
    </div>
  )
}
