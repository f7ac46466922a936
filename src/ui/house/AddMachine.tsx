'use client'

import { useRouter } from 'next/navigation'
import { Fold } from './Fold'
import { MachineForm } from './MachineForm'

/** Bring a machine into the household before anything of it fails. */
export function AddMachine({ breakers, places }: { breakers: string[]; places: string[] }) {
  const router = useRouter()
  return (
    <Fold label="Add a machine">
      {(close) => (
        <MachineForm
          machine={null}
          circuitFound=""
          dayWithout=""
          breakers={breakers}
          places={places}
          hasJobs={false}
          onDone={(id) => {
            close()
            router.push(`/household?machine=${id}#${id}`)
          }}
        />
      )}
    </Fold>
  )
}
