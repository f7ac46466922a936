'use client'

import { bearingFields, bearingOfJob } from '@/core/fit/bearingOfJob'
import { fieldText } from '@/core/job'
import { lengthText } from '@/core/units/household'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'

/** The bearing of the motor in hand by its three sizes: its number to ask for, and how it would sit on the shaft. */
export function BearingMatch() {
  const { snapshot, act, id } = useJob()
  const inches = snapshot.household.inches === 1
  const found = bearingOfJob(snapshot)
  return (
    <Section
      part="always"
      title="The bearing by its sizes"
      aside="the number on its ring says more than any rule; measure where it cannot be read"
    >
      <div className="grid max-w-3xl grid-cols-2 gap-3 mid:grid-cols-4">
        {bearingFields.map(({ field, label, how }) => (
          <NumberField
            key={field}
            label={label}
            typed={fieldText(snapshot, 'fit', field)}
            quantity="mm"
            unit={inches ? 'in' : 'mm'}
            options={{ defaultUnit: inches ? 'in' : 'mm' }}
            hint={how}
            onType={(typed) => act({ kind: 'field.set', id: id(), part: 'fit', field, typed })}
          />
        ))}
      </div>
      {found ? (
        <div className="mt-4 max-w-3xl" data-testid="bearing-found">
          <p className="max-w-prose">{found.text}</p>
          <table className="mt-2 w-full">
            <thead>
              <tr className="caption text-left">
                <th>Number</th>
                <th>Bore</th>
                <th>Outside</th>
                <th>Width</th>
                <th>Against yours</th>
              </tr>
            </thead>
            <tbody>
              {found.designations.map((each) => (
                <tr key={each.code} className="border-line border-b">
                  <td className="num py-1.5 font-bold">{each.code}</td>
                  <td className="num">{lengthText(each.boreMm, false)}</td>
                  <td className="num">{lengthText(each.outerMm, false)}</td>
                  <td className="num">{lengthText(each.widthMm, false)}</td>
                  <td>{each.exact ? 'the same' : 'near, not the same'}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-3 max-w-prose">
            Take both bearings of the motor, of the same make and the seal that the old ones had: rubber where
            damp or dust comes near, metal where it is hot. Press on the ring that sits tight, never through
            the balls.
          </p>
        </div>
      ) : (
        <p className="mt-3">Type one size and the nearest numbers show; all three name one.</p>
      )}
    </Section>
  )
}
