'use client'

import { fieldText } from '@/core/job'
import { useJob } from '../../job/JobProvider'
import { TextField } from '../../kit/TextField'

/** A brush against a new one: the shorter of the two is measured, the new length stands on the part's sheet. */
export function BrushSizes({ locked }: { locked: boolean }) {
  const { snapshot, act, id } = useJob()
  const field = (name: string, label: string, placeholder: string) => (
    <TextField
      label={label}
      value={fieldText(snapshot, 'brush', name)}
      placeholder={placeholder}
      disabled={locked}
      onType={(typed) => act({ kind: 'field.set', id: id(), part: 'brush', field: name, typed })}
    />
  )
  return (
    <div className="mt-2 grid max-w-md grid-cols-2 gap-3">
      {field('length', 'Shorter brush, mm', '4')}
      {field('new', 'New brush, mm', '12')}
    </div>
  )
}
