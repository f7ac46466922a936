'use client'

import { SAFE_VOLTS } from '@/core/capacitor/physics'
import { type ChargeRow, isOut } from '@/core/job'
import {
  chargeLabel,
  chargeNow,
  chargePairs,
  chargeTyped,
  mayBeDual,
  withCharge,
} from '@/core/job/energy/chargePairs'
import { dischargeOf } from '@/core/job/energy/dischargeOf'
import { wiredCapacitorFamilies } from '@/core/knowledge/familyTraits'
import { formatSeconds, significant } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { ReadingField } from '../../kit/ReadingField'
import { ChargeLabelFields } from './ChargeLabelFields'
import { ChargeShown } from './ChargeShown'
import { ReadAtLeads } from './ReadAtLeads'
import { Strike } from './Strike'

/** What an emptied can reads: no example of a mains voltage stands beside it. */
const EMPTIED = { example: '0.3' }

/** One charge: how it is emptied and read, its reading, and what its label says of the time that takes. */
export function ChargeLine({ charge }: { charge: ChargeRow }) {
  const { snapshot, energy, capacitor, act } = useJob()
  const locked = !energy.coversBeforeDischarge && !isOut(snapshot, 'capacitor')
  const pairs = chargePairs(snapshot, charge)
  const values = chargeTyped(charge.typed, pairs)
  const { uF, volts, result } = dischargeOf(snapshot, charge, capacitor.label)
  const wired = wiredCapacitorFamilies.includes(snapshot.machine.family)
  const noneSeen = charge.terminals === 'none-seen'
  const shown = !locked && charge.dischargedAt === null && charge.holds !== 'bus'
  return (
    <div className="border-line border-b py-2">
      <div className="flex items-center justify-between gap-2">
        <p className="font-semibold">{charge.label}</p>
        {charge.planned ? null : (
          <Strike
            what={charge.label}
            example="added by mistake"
            onStrike={(reason) => act({ kind: 'charge.strike', id: charge.id, reason })}
          />
        )}
      </div>
      {shown && noneSeen ? <ReadAtLeads charge={charge} /> : null}
      {shown && !noneSeen ? (
        <ChargeShown
          charge={charge}
          pair={pairs[chargeNow(values)] ?? ''}
          uF={uF}
          volts={volts}
          hold={result ? formatSeconds(result.secondsToSafe) : null}
        />
      ) : null}
      <div className="grid items-start gap-3 mid:grid-cols-3">
        {pairs.map((pair, index) => (
          <ReadingField
            key={pair}
            label={
              noneSeen
                ? 'The highest DC volts between two motor wires'
                : `After discharging, DC volts ${pair ? `at ${pair}` : wired ? 'of its wires, the highest' : 'across it'}`
            }
            stored={values[index] ?? ''}
            quantity="volts"
            options={EMPTIED}
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
        <p className={`self-end pb-2 text-sm ${pairs.length > 1 ? 'mid:col-span-3' : 'mid:col-span-2'}`}>
          <WhatItReads charge={charge} locked={locked} begun={values.some(Boolean)} />
        </p>
      </div>
      <TwoTerminals charge={charge} />
      {/* Nothing to read a label on: no lead is held to it, so for no length of time. */}
      {noneSeen ? null : <ChargeLabelFields charge={charge} result={result} pairs={pairs.length} />}
    </div>
  )
}

/** What the readings say of it, or what stands before them. */
function WhatItReads({ charge, locked, begun }: { charge: ChargeRow; locked: boolean; begun: boolean }) {
  const { when, now } = useJob()
  if (locked) return 'Prove the supply dead before you touch it.'
  if (charge.dischargedAt) return <b>{`below ${SAFE_VOLTS} V, read ${when(charge.readAt, now)}`}</b>
  if (charge.volts !== null)
    return (
      <b className="text-stop">
        {`${significant(charge.volts)} V is still in it: hold the lead on again, then read again.`}
      </b>
    )
  if (charge.terminals === 'none-seen') return null
  if (begun) return 'One of its sections is not read yet, and counts as charged.'
  return (
    <span className="caption">
      A screwdriver across the terminals makes an arc, pits them and throws metal; never on electronics.
    </span>
  )
}

/** Where no label tells how many terminals it has, all that it may have are asked for until somebody has counted them. */
function TwoTerminals({ charge }: { charge: ChargeRow }) {
  const { snapshot, act } = useJob()
  if (!charge.planned || !mayBeDual(snapshot, charge)) return null
  return (
    <>
      {charge.terminals === null && chargeLabel(charge) === null ? (
        <p className="my-2 max-w-[75ch] text-sm">
          A can of this kind mostly has three terminals, C, HERM and FAN, and serves the compressor as well:
          one of them may be full while the other is empty. Read all three pairs.
        </p>
      ) : null}
      <label className="flex min-h-11 items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="size-5 shrink-0 accent-[var(--teal)]"
          checked={charge.terminals === 'two'}
          onChange={(event) =>
            act({ kind: 'charge.terminals', id: charge.id, terminals: event.target.checked ? 'two' : '' })
          }
        />
        It has two terminals and no more: one reading across them
      </label>
    </>
  )
}
