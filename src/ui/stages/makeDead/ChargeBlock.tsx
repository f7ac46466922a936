'use client'

import { type CapacitorLabel, discharge } from '@/core/capacitor'
import { SAFE_VOLTS } from '@/core/capacitor/physics'
import { type ChargeRow, capacitorMayBe, fieldText, isOut, neededCharges } from '@/core/job'
import {
  chargeLabel,
  chargePairs,
  chargeSections,
  chargeTyped,
  mayBeDual,
  withCharge,
} from '@/core/job/energy/chargePairs'
import { planKindMayBeElectronic } from '@/core/job/energy/place'
import { formatSeconds, significant, typedValue } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { ReadingField } from '../../kit/ReadingField'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { ChargeShown } from './ChargeShown'
import { Strike } from './Strike'

/** Stored charge: worked out from the label, emptied through a resistor, read below 5 V DC. */
export function ChargeBlock() {
  const { snapshot, act, id } = useJob()
  const charges = neededCharges(snapshot)
  if (charges.length === 0 && !capacitorMayBe(snapshot)) return null
  return (
    <Section
      part="charge"
      title="Discharge"
      aside={
        charges.length > 0
          ? 'with a resistor lead; where the can holds two, each is emptied and read by itself'
          : 'no capacitor is named'
      }
    >
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

function ChargeLine({ charge }: { charge: ChargeRow }) {
  const { snapshot, energy, capacitor, act, when, now } = useJob()
  // What Measure knows of the label is used here until the person types otherwise.
  const label = capacitor.label
  const own = chargeLabel(charge)
  const sections = chargeSections(snapshot, charge)
  const uF = sections.length > 0 ? Math.max(...sections.map((section) => section.uF)) : null
  const largest = label ? Math.max(...label.sections.map((section) => section.uF)) : null
  const volts = typedValue(charge.voltsTyped, 'volts') ?? own?.volts ?? label?.volts ?? null
  const ohm = typedValue(charge.resistorTyped, 'ohm')
  const result = uF && volts && ohm ? discharge({ uF, acVolts: volts, resistorOhm: ohm }) : null
  const out = isOut(snapshot, 'capacitor')
  const locked = !energy.coversBeforeDischarge && !out
  const pairs = chargePairs(snapshot, charge)
  const values = chargeTyped(charge.typed, pairs)
  const labelText = fieldText(snapshot, 'capacitor-old', 'label')
  return (
    <div className="border-line border-b py-2">
      <p className="font-semibold">{charge.label}</p>
      {locked || charge.dischargedAt || charge.holds === 'bus' || charge.terminals === 'none-seen' ? null : (
        <ChargeShown
          pair={pairs[Math.max(0, values.indexOf(''))] ?? ''}
          uF={uF}
          volts={volts}
          hold={result ? formatSeconds(result.secondsToSafe) : null}
        />
      )}
      <div className="grid gap-3 mid:grid-cols-[repeat(3,minmax(0,1fr))_92px]">
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
        <span className="self-end">
          {charge.planned ? null : (
            <Strike
              what={charge.label}
              onStrike={(reason) => act({ kind: 'charge.strike', id: charge.id, reason })}
            />
          )}
        </span>
      </div>
      {result ? (
        <p className="my-2 max-w-[75ch]" data-testid="discharge">
          It can hold <b className="num">{significant(result.peakVolts)} V</b> and{' '}
          <b className="num">{significant(result.energyJoules, 2)} J</b>. Hold the lead on for{' '}
          <b className="num">{formatSeconds(result.secondsToSafe)}</b> at least; the resistor takes{' '}
          <b className="num">{significant(result.peakWatts, 2)} W</b> in the first moment.{' '}
          {pairs.length > 1 ? 'Each section to C, and HERM to FAN.' : 'Across both terminals.'}
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
      {mayBeDual(snapshot, charge) && charge.terminals === null ? (
        <p className="my-2 max-w-[75ch] text-sm">
          A can of this kind mostly has three terminals, C, HERM and FAN, and serves the compressor as well:
          one of them may be full while the other is empty. Read all three pairs.
        </p>
      ) : null}
      <div className="grid items-start gap-3 mid:grid-cols-3">
        {pairs.map((pair, index) => (
          <ReadingField
            key={pair}
            label={`After discharging, DC volts ${pair ? `at ${pair}` : 'across it'}`}
            stored={values[index] ?? ''}
            quantity="volts"
            disabled={locked}
            testId={index === 0 ? 'charge-volts' : `charge-volts-${index + 1}`}
            onRead={(value) =>
              act({
                kind: 'charge.read',
                id: charge.id,
                typed: withCharge(charge.typed, pairs, index, value),
              })
            }
          />
        ))}
        <Terminals charge={charge} />
        <p className={`self-end pb-2 text-sm ${pairs.length > 1 ? 'mid:col-span-3' : 'mid:col-span-2'}`}>
          {locked ? (
            'Prove the supply dead before you touch it.'
          ) : charge.dischargedAt ? (
            <b>{`below ${SAFE_VOLTS} V, read ${when(charge.readAt, now)}`}</b>
          ) : charge.volts !== null ? (
            <b className="text-stop">{`${significant(charge.volts)} V is still in it: hold the lead on again, then read again.`}</b>
          ) : values.some(Boolean) ? (
            'One of its sections is not read yet, and counts as charged.'
          ) : (
            <span className="caption">
              A screwdriver across the terminals makes an arc, pits them and throws metal; never on
              electronics.
            </span>
          )}
        </p>
      </div>
    </div>
  )
}

const ownHint = (own: CapacitorLabel | null, ofJob: string): string | null => {
  if (own && own.sections.length > 1)
    return `${own.sections.length} sections: ${own.sections.map(({ uF }) => significant(uF)).join(' and ')} µF`
  return ofJob ? `from “${ofJob}”` : null
}

/** Where no label tells how many terminals it has, all that it may have are asked for until somebody has counted them. */
function Terminals({ charge }: { charge: ChargeRow }) {
  const { snapshot, act } = useJob()
  if (!charge.planned) return null
  const ways = [
    ...(mayBeDual(snapshot, charge)
      ? [['two', 'It has two terminals and no more: one reading across them'] as const]
      : []),
    ['none-seen', 'I see none: I read DC volts across the motor’s own leads instead'] as const,
  ]
  return (
    <div className="mid:col-span-3">
      {ways.map(([terminals, text]) => (
        <label key={terminals} className="flex min-h-11 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-5 shrink-0 accent-[var(--teal)]"
            checked={charge.terminals === terminals}
            onChange={(event) =>
              act({
                kind: 'charge.terminals',
                id: charge.id,
                terminals: event.target.checked ? terminals : '',
              })
            }
          />
          {text}
        </label>
      ))}
    </div>
  )
}
