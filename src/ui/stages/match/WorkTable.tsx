'use client'

import { workOfJob } from '@/core/fit/work'
import { fieldText } from '@/core/job'
import { inHouseholdUnits } from '@/core/units/household'
import { useJob } from '../../job/JobProvider'
import { WorkSketch } from '../../pieces/WorkSketch'

/** Everything that the chosen parts ask for, each drawn, with its minutes. */
export function WorkTable() {
  const { snapshot } = useJob()
  const work = workOfJob(snapshot)
  const inches = snapshot.household.inches === 1
  const minutes = work.reduce((sum, each) => sum + each.minutes, 0)
  return (
    <div className="mt-5 max-w-2xl" data-testid="work-list">
      <h3 className="font-bold">
        {work.length === 0 ? 'No work on the part itself' : `Work, ${minutes} min`}
      </h3>
      <ul>
        {work.map((each) => (
          <li
            key={each.text}
            className="flex flex-wrap items-center gap-x-4 border-line border-b py-1.5 sm:flex-nowrap"
          >
            <WorkSketch kind={each.kind} figures={each.figures} />
            <span className="min-w-0 grow basis-40">{inHouseholdUnits(each.text, inches)}</span>
            <span className="num shrink-0">{`${each.minutes} min`}</span>
          </li>
        ))}
      </ul>
      {fieldText(snapshot, 'choice', 'capacitor') ? null : (
        <p className="caption mt-1">Choose the capacitor as well where this list asks for one.</p>
      )}
    </div>
  )
}
