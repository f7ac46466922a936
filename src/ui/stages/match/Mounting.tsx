'use client'

import { mountingAsks } from '@/core/fit/mounting'
import { fieldText } from '@/core/job'
import { useJob } from '../../job/JobProvider'
import { SelectField } from '../../kit/TextField'

/** How the new motor is held, seen with both side by side: what no list of figures tells. */
export function Mounting() {
  const { snapshot, act, id } = useJob()
  return (
    <div className="mt-5">
      <h3 className="font-bold">Both motors side by side</h3>
      <div className="mt-1 grid gap-3 mid:grid-cols-3">
        {mountingAsks.map(({ field, label, choices }) => (
          <SelectField
            key={field}
            label={label}
            value={fieldText(snapshot, 'fit', field)}
            empty="not looked at yet"
            options={[...choices]}
            onChoose={(typed) => act({ kind: 'field.set', id: id(), part: 'fit', field, typed })}
          />
        ))}
      </div>
    </div>
  )
}
