'use client'

import { useState } from 'react'
import { alsoOn, circuitName, knownCircuits } from '@/core/job/energy/circuit'
import { useJob } from '../../job/JobProvider'
import { TextField } from '../../kit/TextField'

/** The breaker of this machine, and what else goes off with it. */
export function CircuitLine() {
  const { snapshot } = useJob()
  const { circuit } = snapshot.machine
  if (circuit === null) return null
  const others = alsoOn(snapshot)
  return (
    <p className="mt-2 max-w-[72ch] text-[0.93rem]" data-testid="circuit">
      {`Its breaker: ${circuit}. `}
      {others.length > 0
        ? `It also feeds ${others.join(others.length > 2 ? '; ' : ' and ')}: what is switched here is switched there.`
        : 'Nothing else of this house is known to hang on it.'}
      {snapshot.hanging && snapshot.hanging.found !== 'switched'
        ? ' Nobody has tried yet whether it is this one: the meter tells.'
        : ''}
    </p>
  )
}

/** Machines that bear one name here share the breaker: none of them gets power while hands are in another. */
export function WhichBreaker() {
  const { snapshot, act } = useJob()
  const { circuit } = snapshot.machine
  const [typed, setTyped] = useState<string | null>(null)
  const shown = typed ?? circuit ?? ''
  const changed = circuitName(shown) !== circuit
  const keep = () => {
    if (changed) act({ kind: 'machine.edit', field: 'circuit', value: shown })
    setTyped(null)
  }
  return (
    <div className="max-w-md pt-3">
      <div className="flex items-end gap-2">
        <TextField
          className="flex-1"
          label="Which breaker feeds it, as your panel says"
          value={shown}
          placeholder="14, or kitchen left"
          list={knownCircuits(snapshot)}
          onType={setTyped}
        />
        <button type="button" className="btn" disabled={!changed} onClick={keep}>
          Keep
        </button>
      </div>
      <p className="caption mt-1">
        {changed && circuit !== null
          ? 'On another breaker nothing that was proved counts: it is proved anew.'
          : 'Machines with the same breaker know of each other: neither gets power while hands are in the other.'}
      </p>
    </div>
  )
}
