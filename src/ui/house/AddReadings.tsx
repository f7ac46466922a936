'use client'

import { Fold } from './Fold'
import { ListForm } from './ListForm'
import { ReadingForm } from './ReadingForm'

/** A reading of a day without a job, or a list of years. */
export function AddReadings({ machineId, fahrenheit }: { machineId: string; fahrenheit: boolean }) {
  return (
    <div className="flex flex-wrap gap-x-3">
      <Fold label="Type a reading">{(close) => <ReadingForm machineId={machineId} onDone={close} />}</Fold>
      <Fold label="Bring in a list (CSV)">
        {(close) => <ListForm machineId={machineId} fahrenheit={fahrenheit} onDone={close} />}
      </Fold>
    </div>
  )
}
