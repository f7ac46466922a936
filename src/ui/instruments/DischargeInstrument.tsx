'use client'

import { discharge } from '@/core/capacitor'
import { formatSeconds, significant } from '@/core/units'
import { Figure, figure, Result } from './parts'
import type { InstrumentProps } from './types'

/** What a capacitor can hold, and how a resistor empties it. */
export function DischargeInstrument({ address }: InstrumentProps) {
  const [uF, acVolts, ohm] = [
    figure(address, 'uf', 'uF'),
    figure(address, 'v', 'volts'),
    figure(address, 'r', 'ohm') ?? 20_000,
  ]
  const result = uF && acVolts ? discharge({ uF, acVolts, resistorOhm: ohm }) : null
  return (
    <>
      <div className="grid max-w-2xl grid-cols-3 gap-3">
        <Figure address={address} name="uf" label="Capacitance" quantity="uF" placeholder="35" />
        <Figure address={address} name="v" label="Label volts AC" quantity="volts" placeholder="440" />
        <Figure address={address} name="r" label="Resistor" quantity="ohm" placeholder="20k" />
      </div>
      {result ? (
        <div className="mt-4 max-w-2xl">
          <Result value={formatSeconds(result.secondsToSafe)}>to fall below 5 V</Result>
          <Result value={significant(result.peakVolts)} unit="V">
            at the most, √2 of the label
          </Result>
          <Result value={significant(result.peakWatts, 2)} unit="W">
            in the resistor at the first moment
          </Result>
          <Result value={significant(result.energyJoules, 2)} unit="J">
            stored
          </Result>
        </div>
      ) : null}
      {result?.warnings.map(({ code, text }) => (
        <p key={code} role="status" className="mt-3 max-w-[70ch] font-bold text-stop">
          {text}
        </p>
      ))}
      <p className="mt-4 max-w-[70ch] border-ink border-l-2 pl-3 text-[0.95rem]">
        Two 10 kΩ 5 W wirewound resistors in series on insulated clips. Each section of a dual to C, and HERM
        to FAN. Then read DC volts: the meter decides, not the clock. Modules and boards are waited for, never
        shorted.
      </p>
    </>
  )
}
