'use client'

import { formatOhm, significant } from '@/core/units'
import { resistanceAt, temperatureFromRise } from '@/core/winding'
import { SelectField } from '../kit/TextField'
import { Figure, figure, Result } from './parts'
import type { InstrumentProps } from './types'

/** Copper and aluminium against temperature: compare at 20 °C, and tell how hot a winding ran. */
export function TemperatureInstrument({ address }: InstrumentProps) {
  const metal = address.get('metal') === 'aluminium' ? 'aluminium' : 'copper'
  const [ohm, from, to] = [
    figure(address, 'ohm', 'ohm'),
    figure(address, 'from', 'celsius'),
    figure(address, 'to', 'celsius') ?? 20,
  ]
  const [cold, coldAt, hot] = [
    figure(address, 'cold', 'ohm'),
    figure(address, 'coldat', 'celsius'),
    figure(address, 'hot', 'ohm'),
  ]
  return (
    <>
      <SelectField
        className="max-w-48"
        label="Wire"
        value={metal}
        options={[
          { value: 'copper', label: 'copper' },
          { value: 'aluminium', label: 'aluminium' },
        ]}
        onChoose={(value) => address.set('metal', value)}
      />
      <h3 className="mt-4 mb-2">A resistance at another temperature</h3>
      <div className="grid max-w-2xl grid-cols-3 gap-3">
        <Figure address={address} name="ohm" label="Read" quantity="ohm" placeholder="18.2" />
        <Figure address={address} name="from" label="at" quantity="celsius" placeholder="35" />
        <Figure address={address} name="to" label="wanted at" quantity="celsius" placeholder="20" />
      </div>
      {ohm && from !== null ? (
        <Result value={formatOhm(resistanceAt(ohm, from, to, metal))}>{`at ${significant(to)} °C`}</Result>
      ) : null}
      <h3 className="mt-6 mb-2">How hot it ran</h3>
      <div className="grid max-w-2xl grid-cols-3 gap-3">
        <Figure address={address} name="cold" label="Cold" quantity="ohm" placeholder="18.2" />
        <Figure address={address} name="coldat" label="at" quantity="celsius" placeholder="20" />
        <Figure address={address} name="hot" label="Just stopped" quantity="ohm" placeholder="22.9" />
      </div>
      {cold && hot && coldAt !== null ? (
        <Result value={significant(temperatureFromRise(cold, coldAt, hot, metal))} unit="°C">
          {`the winding, on average; a rise of ${significant(temperatureFromRise(cold, coldAt, hot, metal) - coldAt)} K`}
        </Result>
      ) : null}
    </>
  )
}
