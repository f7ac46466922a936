'use client'

import type { CapacitorLabel, Discharge } from '@/core/capacitor'
import { type ChargeRow, fieldText } from '@/core/job'
import { chargeLabel } from '@/core/job/energy/chargePairs'
import { wiredCapacitorFamilies } from '@/core/knowledge/familyTraits'
import { formatSeconds, significant } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { FoldOnPhone } from '../../kit/FoldOnPhone'
import { NumberField } from '../../kit/NumberField'
import { TextField } from '../../kit/TextField'

interface ChargeLabelFieldsProps {
  charge: ChargeRow
  /** What label and lead say of the discharge; null while one of them is unknown. */
  result: Discharge | null
  /** How many pairs are emptied. */
  pairs: number
}

/** What the label says, and how long the lead stays on by it. */
export function ChargeLabelFields({ charge, result, pairs }: ChargeLabelFieldsProps) {
  const { snapshot, capacitor, act } = useJob()
  // What Measure knows of the label is used here until the person types otherwise.
  const label = capacitor.label
  const own = chargeLabel(charge)
  const largest = label ? Math.max(...label.sections.map((section) => section.uF)) : null
  const labelText = fieldText(snapshot, 'capacitor-old', 'label')
  return (
    <FoldOnPhone title="How long the lead stays on, from the label" open={charge.capacitanceTyped !== ''}>
      <div className="grid gap-3 mid:grid-cols-3">
        <TextField
          label="Capacitance on its label, µF"
          value={charge.capacitanceTyped}
          mono
          placeholder={largest ? significant(largest) : '35 or 45+5'}
          error={
            charge.capacitanceTyped.trim() && !own
              ? 'Type what is printed: one figure, 35, or two, 45+5. It counts as unread until then.'
              : null
          }
          hint={ownHint(own, charge.capacitanceTyped ? '' : labelText)}
          onType={(value) => act({ kind: 'charge.edit', id: charge.id, field: 'capacitanceTyped', value })}
        />
        <NumberField
          label="Volts on its label"
          typed={charge.voltsTyped}
          quantity="volts"
          placeholder={label?.volts ? String(label.volts) : '440'}
          onType={(value) => act({ kind: 'charge.edit', id: charge.id, field: 'voltsTyped', value })}
        />
        <NumberField
          label="Resistor lead (two 10 kΩ 5 W in series)"
          typed={charge.resistorTyped}
          quantity="ohm"
          onType={(value) => act({ kind: 'charge.edit', id: charge.id, field: 'resistorTyped', value })}
        />
      </div>
      {result ? (
        <p className="my-2 max-w-[75ch]" data-testid="discharge">
          It can hold <b className="num">{significant(result.peakVolts)} V</b> and{' '}
          <b className="num">{significant(result.energyJoules, 2)} J</b>. Hold the lead on for{' '}
          <b className="num">{formatSeconds(result.secondsToSafe)}</b> at least; the resistor takes{' '}
          <b className="num">{significant(result.peakWatts, 2)} W</b> in the first moment.{' '}
          {across(pairs, wiredCapacitorFamilies.includes(snapshot.machine.family))}
        </p>
      ) : (
        <p className="caption my-2">
          With µF and volts of the label this says how long the lead must stay on. If you cannot read it, take
          60 µF and 440 V for a run capacitor, 400 µF and 330 V for a start capacitor (black, round, plastic).
        </p>
      )}
      {result?.warnings.map(({ code, text }) => (
        <p key={code} role="status" className="my-2 max-w-[75ch] font-bold text-stop">
          {text}
        </p>
      ))}
    </FoldOnPhone>
  )
}

/** Where the lead goes, after how long it stays there. */
const across = (pairs: number, wired: boolean): string => {
  if (wired) return 'Between each two of its wires.'
  return pairs > 1 ? 'Each section to C, and HERM to FAN.' : 'Across both terminals.'
}

const ownHint = (own: CapacitorLabel | null, ofJob: string): string | null => {
  if (own && own.sections.length > 1)
    return `${own.sections.length} sections: ${own.sections.map(({ uF }) => significant(uF)).join(' and ')} µF`
  return ofJob ? `from “${ofJob}”` : null
}
