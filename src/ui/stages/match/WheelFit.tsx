'use client'

import { gapOnWayIn, wheelOfJob } from '@/core/fit/ofJob'
import { fieldText } from '@/core/job'
import { MEASURED_ON_THE_WAY_IN } from '@/core/job/ledger/wayInSizes'
import { wheelFamilies } from '@/core/knowledge/familyTraits'
import { lengthText } from '@/core/units/household'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'

const fields = [
  ['housingInside', 'Housing, inside'],
  ['wheelWidth', 'Wheel, width'],
  ['gapBack', 'Gap now, motor side'],
] as const

/** A wheel in its housing: equal gaps, told before the set screw is tightened. */
export function WheelFit() {
  const { snapshot, act, id } = useJob()
  const inches = snapshot.household.inches === 1
  if (!wheelFamilies.includes(snapshot.machine.family)) return null
  const wheel = wheelOfJob(snapshot)
  const gap = gapOnWayIn(snapshot)
  return (
    <div className="mt-5 max-w-2xl">
      <h3 className="font-bold">The wheel in its housing</h3>
      <div className="mt-1 grid grid-cols-3 gap-3">
        {fields.map(([field, label]) => (
          <NumberField
            key={field}
            label={label}
            typed={fieldText(snapshot, 'fit', field)}
            quantity="mm"
            unit={inches ? 'in' : 'mm'}
            options={{ defaultUnit: inches ? 'in' : 'mm' }}
            {...(field === 'gapBack' && gap !== null
              ? { placeholder: lengthText(gap, inches, false), hint: MEASURED_ON_THE_WAY_IN }
              : {})}
            onType={(typed) => act({ kind: 'field.set', id: id(), part: 'fit', field, typed })}
          />
        ))}
      </div>
      {wheel ? (
        <p className="mt-2" data-testid="wheel-move">
          {Math.abs(wheel.moveMm) < 0.5
            ? 'It sits in the middle. Turn it a full turn by hand before and after tightening.'
            : `Move it ${lengthText(Math.abs(wheel.moveMm), inches)} ${wheel.moveMm > 0 ? 'away from the motor' : 'towards the motor'}: both gaps are then ${lengthText((wheel.gapFrontMm + wheel.gapBackMm) / 2, inches)}.`}
        </p>
      ) : null}
    </div>
  )
}
