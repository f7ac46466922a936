'use client'

import { useState } from 'react'
import { fieldText } from '@/core/job'
import { oldMotor } from '@/core/job/parts/oldPart'
import { likeThis } from '@/core/match/likeThis'
import { motorData } from '@/core/match/motorData'
import { useJob } from '../../job/JobProvider'
import { DataInput } from '../../pieces/DataInput'
import { type Dimension, letters, MotorDrawing } from '../../pieces/MotorDrawing'

const sizes = motorData.filter((field) => field.group === 'size')

/** The old motor drawn with its sizes: the one that is typed is marked on the drawing, and the drawing takes its shape. */
export function SizeSheet() {
  const { snapshot, act, id } = useJob()
  const [at, setAt] = useState<Dimension | null>(null)
  const inches = snapshot.household.inches === 1
  const motor = oldMotor(snapshot)
  const calipers = fieldText(snapshot, 'motor-old', 'measuredWith') === 'calipers'
  return (
    <div className="mt-4 grid gap-5 mid:grid-cols-[minmax(0,1fr)_minmax(0,1.05fr)]">
      <div>
        <MotorDrawing motor={motor} at={at} />
        <p className="caption">
          {calipers
            ? 'Calipers: good to 0.1 mm. A shaft that measures wrong is turned away.'
            : 'A ruler is good to half a millimetre: a shaft is better measured with calipers, to 0.1 mm, since 1/2 in and 12 mm look alike.'}
        </p>
      </div>
      <div className="grid grid-cols-2 content-start gap-x-3 gap-y-2">
        {sizes.map((size) => {
          const field = likeThis(size, snapshot.machine, snapshot.household)
          const letter = letters[field.field] ?? null
          return (
            // biome-ignore lint/a11y/noStaticElementInteractions: the field inside takes the focus; this marks its size on the drawing
            <div key={field.field} onFocus={() => setAt(letter)} onBlur={() => setAt(null)}>
              <DataInput
                field={letter ? { ...field, label: `${letter}  ${field.label}` } : field}
                inches={inches}
                typed={fieldText(snapshot, 'motor-old', field.field)}
                onType={(typed) =>
                  act({ kind: 'field.set', id: id(), part: 'motor-old', field: field.field, typed })
                }
              />
            </div>
          )
        })}
      </div>
    </div>
  )
}
