'use client'

import { typedList } from '@/core/job'
import { livesOf } from '@/core/knowledge/isolation'
import {
  currentAgainstPlate,
  type LegPlace,
  legWalk,
  type PointId,
  pairsOfLegs,
  voltageWalk,
} from '@/core/supply'
import { significant } from '@/core/units'
import { SelectField, TextField } from '../kit/TextField'
import { Legs } from '../pieces/Legs'
import { VoltageLadder } from '../pieces/VoltageLadder'
import { Figure, figure, Result } from './parts'
import type { InstrumentProps } from './types'

const points: PointId[] = ['supply', 'call', 'output', 'contactor-drop', 'motor']

const places: LegPlace[] = ['supply', 'output']

/** The chain from the supply to the motor as a ladder, each rung with its reading. */
export function VoltageInstrument({ address }: InstrumentProps) {
  const plate = typedList(address.get('plate') || '120', 'volts')
  const readings = points.flatMap((point) => {
    const volts = figure(address, point, 'volts')
    return volts === null ? [] : [{ point, volts }]
  })
  const rated = plate.length > 0 ? plate : [120]
  const walk = voltageWalk(readings, rated)
  const [amps, fla] = [figure(address, 'amps', 'amps'), figure(address, 'fla', 'amps')]
  const current = amps && fla ? currentAgainstPlate(amps, fla) : null
  return (
    <>
      <TextField
        className="max-w-60"
        label="Volts on the plate"
        value={address.get('plate')}
        mono
        placeholder="208-230"
        onType={(text) => address.set('plate', text)}
      />
      <p className="my-3 max-w-[72ch] border-l-4 border-l-[var(--amber)] pl-2 text-sm">
        Live. Meter and leads rated CAT III 600 V, leads in the V jack, range on volts. Power off, clip on,
        power on, read, power off. You may decline.
      </p>
      <VoltageLadder
        points={points}
        walk={walk}
        typed={(point) => address.get(point)}
        disabled={false}
        onType={(point, typed) => address.set(point, typed)}
      />
      <SelectField
        className="mt-5 max-w-60"
        label="Live wires of the supply"
        value={address.get('legs')}
        empty="one, and neutral"
        options={[
          { value: 'two', label: 'two' },
          { value: 'three', label: 'three' },
        ]}
        onChoose={(legs) => address.set('legs', legs)}
      />
      <LegsOfAddress address={address} plateVolts={rated} />
      <h3 className="mt-6 mb-2">Running current against the plate</h3>
      <div className="grid max-w-md grid-cols-2 gap-3">
        <Figure address={address} name="amps" label="Clamp meter shows" quantity="amps" placeholder="1.3" />
        <Figure
          address={address}
          name="fla"
          label="Full load on the plate"
          quantity="amps"
          placeholder="1.1"
        />
      </div>
      {current ? <Result value={`${significant(current.share * 100, 3)} %`}>{current.text}</Result> : null}
    </>
  )
}

/** Each leg of a supply of two or three live wires; nothing where there is one. */
function LegsOfAddress({ address, plateVolts }: Pick<InstrumentProps, 'address'> & { plateVolts: number[] }) {
  const legs = address.get('legs')
  const lives = livesOf({ twoHot: legs === 'two', threePhase: legs === 'three' })
  const name = (at: LegPlace, pair: string) => `${at}-${pair}`
  const pairs = pairsOfLegs(lives)
  if (pairs.length === 0) return null
  return (
    <Legs
      points={places.map((at) => ({ at, pairs }))}
      found={legWalk({
        lives,
        readings: places.flatMap((at) =>
          pairs.flatMap((pair) => {
            const volts = figure(address, name(at, pair), 'volts')
            return volts === null ? [] : [{ at, pair, volts }]
          }),
        ),
        between: { supply: figure(address, 'supply', 'volts'), output: figure(address, 'output', 'volts') },
        plateVolts,
      })}
      typed={(at, pair) => address.get(name(at, pair))}
      disabled={false}
      onType={(at, pair, typed) => address.set(name(at, pair), typed)}
    />
  )
}
