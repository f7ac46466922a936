'use client'

import type { ChargeRow } from '@/core/job'
import { useJob } from '../../job/JobProvider'

/** Nobody sees a capacitor: how the motor's own wires are read in its stead, and the way back to looking for it. */
export function ReadAtLeads({ charge }: { charge: ChargeRow }) {
  const { act } = useJob()
  return (
    <div className="my-3" data-testid="read-at-leads">
      <h3 className="font-bold text-[1.1rem] leading-snug">
        The meter on V=, one tip on each of two wires of the motor: under 5 V.
      </h3>
      <p className="mt-1 max-w-[68ch] leading-snug">
        Where the wires of the motor end: in its plug, or under their caps. Tips only, no fingers. Try each
        two of them, and write down the highest figure.
      </p>
      <button
        type="button"
        className="btn btn-plain mt-2"
        onClick={() => act({ kind: 'charge.terminals', id: charge.id, terminals: '' })}
      >
        I see one after all
      </button>
    </div>
  )
}
