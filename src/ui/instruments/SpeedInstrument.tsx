'use client'

import { useState } from 'react'
import { swapSpeed } from '@/core/fit'
import { polesOf, rpmFromBeat } from '@/core/speed'
import { formatHp, significant } from '@/core/units'
import { Figure, figure, Result } from './parts'
import type { InstrumentProps } from './types'

/** Poles from a plate, speed from a beat, and what another speed asks. */
export function SpeedInstrument({ address }: InstrumentProps) {
  const [rpm, hz] = [figure(address, 'rpm', 'rpm'), figure(address, 'hz', 'hz') ?? 60]
  const poles = rpm ? polesOf(rpm, hz) : null
  const [oldRpm, newRpm, hp] = [
    figure(address, 'old', 'rpm'),
    figure(address, 'new', 'rpm'),
    figure(address, 'hp', 'hp'),
  ]
  const [high, low] = [figure(address, 'high', 'rpm'), figure(address, 'low', 'rpm')]
  const swap = oldRpm && newRpm && hp ? swapSpeed({ oldRpm, newRpm, hp }) : null
  return (
    <>
      <h3 className="mb-2">Poles from the plate</h3>
      <div className="grid max-w-md grid-cols-2 gap-3">
        <Figure
          address={address}
          name="rpm"
          label="Top speed on the plate"
          quantity="rpm"
          placeholder="1075"
        />
        <Figure address={address} name="hz" label="Frequency" quantity="hz" placeholder="60" />
      </div>
      {rpm ? (
        poles ? (
          <Result
            value={`${poles.poles}`}
            unit="poles"
          >{`synchronous ${poles.synchronousRpm} rpm, ${significant(poles.slip * 100, 2)} % slip${poles.usual ? '' : ', unusual for a loaded motor'}`}</Result>
        ) : (
          <p className="mt-2">Faster than any motor on this line: an electronic or a brushed one.</p>
        )
      ) : null}
      <Beat />
      <h3 className="mt-6 mb-2">The named speeds of one fan</h3>
      <div className="grid max-w-2xl grid-cols-3 gap-3">
        <Figure address={address} name="high" label="High" quantity="rpm" placeholder="210" />
        <Figure address={address} name="medium" label="Medium" quantity="rpm" placeholder="150" />
        <Figure address={address} name="low" label="Low" quantity="rpm" placeholder="90" />
      </div>
      {high && low ? (
        <Result value={`× ${significant(high / low, 3)}`}>
          {speedsVerdict(high, figure(address, 'medium', 'rpm'), low)}
        </Result>
      ) : null}
      <h3 className="mt-6 mb-2">Another speed in the same fan</h3>
      <div className="grid max-w-2xl grid-cols-3 gap-3">
        <Figure address={address} name="old" label="Old speed" quantity="rpm" placeholder="825" />
        <Figure address={address} name="new" label="New speed" quantity="rpm" placeholder="1075" />
        <Figure address={address} name="hp" label="Old power" quantity="hp" placeholder="1/4" />
      </div>
      {swap ? (
        <>
          <Result
            value={`× ${significant(swap.powerRatio, 3)}`}
          >{`power: it would need ${formatHp(swap.neededHp)}`}</Result>
          <Result
            value={`× ${significant(swap.flowRatio, 3)}`}
          >{`air, and × ${significant(swap.pressureRatio, 3)} pressure`}</Result>
          <p className="mt-2 font-bold">
            {swap.ok
              ? 'The same speed class.'
              : swap.flowRatio > 1
                ? 'Too fast: the motor overloads.'
                : 'Too slow: the air starves.'}
          </p>
        </>
      ) : null}
    </>
  )
}

/** High should be 1.5 to 3 times low, and medium between the two. */
function speedsVerdict(high: number, medium: number | null, low: number): string {
  if (medium !== null && (medium >= high || medium <= low))
    return 'medium is not between high and low: a speed section, a tap or the switch'
  if (high / low < 1.5) return 'high is hardly faster than low: the start section, or a speed section'
  if (high / low > 3) return 'low is too slow: a speed section'
  return 'high against low, as it should be'
}

/** Tap each time a marked blade passes: by key or thumb. */
function Beat() {
  const [times, setTimes] = useState<number[]>([])
  const beat = rpmFromBeat(times)
  return (
    <>
      <h3 className="mt-6 mb-2">By its beat</h3>
      <div className="flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-main min-h-16 min-w-[min(13rem,100%)] text-lg"
          onPointerDown={(event) => setTimes([...times, event.timeStamp])}
          onKeyDown={(event) =>
            (event.key === ' ' || event.key === 'Enter') &&
            !event.repeat &&
            setTimes([...times, event.timeStamp])
          }
        >
          Tap at the marked blade
        </button>
        <button type="button" className="btn" disabled={times.length === 0} onClick={() => setTimes([])}>
          Begin again
        </button>
      </div>
      {beat ? (
        <Result value={significant(beat.rpm, 3)} unit="rpm">
          {`± ${significant(beat.spreadRpm, 2)}, from ${beat.count} taps`}
        </Result>
      ) : (
        <p className="caption mt-2">
          {times.length === 0
            ? 'For slow fans. Mark one blade with tape, power off.'
            : `${times.length} taps; three or more give a speed.`}
        </p>
      )}
    </>
  )
}
