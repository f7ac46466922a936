'use client'

import type { FitSize } from '@/core/fit/ofJob'
import { lengthText } from '@/core/units/household'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'

/** One size that the fit asks for: typed, or counted as the part's own figures give it. */
export function FitField({ size }: { size: FitSize<string> }) {
  const { snapshot, act, id } = useJob()
  const inches = snapshot.household.inches === 1
  return (
    <NumberField
      label={size.label}
      typed={size.typed}
      quantity="mm"
      unit={inches ? 'in' : 'mm'}
      options={{ defaultUnit: inches ? 'in' : 'mm' }}
      placeholder={size.mm === null ? '' : lengthText(size.mm, inches, false)}
      hint={size.from || size.how}
      onType={(typed) => act({ kind: 'field.set', id: id(), part: 'fit', field: size.field, typed })}
    />
  )
}
