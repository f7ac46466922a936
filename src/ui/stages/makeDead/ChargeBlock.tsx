'use client'

import { type ChargeRow, capacitorMayBe, neededCharges } from '@/core/job'
import { planKindMayBeElectronic } from '@/core/job/energy/place'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { ChargeLine } from './ChargeLine'

/** Stored charge: worked out from the label, emptied through a resistor, read below 5 V DC. */
export function ChargeBlock() {
  const { snapshot, act, id } = useJob()
  const charges = neededCharges(snapshot)
  if (charges.length === 0 && !capacitorMayBe(snapshot)) return null
  return (
    <Section part="charge" title="Discharge" aside={asideOf(charges)}>
      {charges.map((charge) => (
        <ChargeLine key={charge.id} charge={charge} />
      ))}
      <button
        type="button"
        className="btn btn-plain -ml-2 text-sm"
        onClick={() => act({ kind: 'charge.add', id: id() })}
      >
        {charges.length > 0 ? 'Add another capacitor' : 'Add a capacitor'}
      </button>
      {planKindMayBeElectronic(snapshot) && !charges.some(({ holds }) => holds === 'bus') ? (
        <button
          type="button"
          className="btn btn-plain text-sm"
          onClick={() => act({ kind: 'charge.add', id: id(), holds: 'bus' })}
        >
          I open a module or board: add its bus, read at the solder joints
        </button>
      ) : null}
    </Section>
  )
}

function asideOf(charges: ChargeRow[]): string {
  if (charges.length === 0) return 'no capacitor is named'
  return charges.every(({ terminals }) => terminals === 'none-seen')
    ? 'no capacitor is seen: the motor’s own wires are read'
    : 'with a resistor lead; where the can holds two, each is emptied and read by itself'
}
