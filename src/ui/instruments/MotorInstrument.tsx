'use client'

import { type MotorInput, runMotor } from '@/core/motor'
import { significant, typedValue } from '@/core/units'
import { SelectField } from '../kit/TextField'
import { Chart } from '../pieces/Chart'
import { Figure } from './parts'
import type { InstrumentProps } from './types'

/** Motors of the project's own making, with figures that hang together; none is anybody's product. */
const models: Record<string, { label: string; motor: MotorInput }> = {
  outdoor: {
    label: 'Outdoor fan, 1/4 hp, six poles, 240 V',
    motor: {
      main: { r: 22, x: 30 },
      aux: { r: 48, x: 60, turnsRatio: 1.3 },
      rotor: { r: 26, x: 20 },
      xm: 300,
      poles: 6,
      volts: 240,
      hz: 60,
      capacitorUf: 5,
      fan: { torqueAtNm: 1.1, rpm: 1075 },
      stictionNm: 0.03,
      frictionWatts: 5,
    },
  },
  blower: {
    label: 'Blower, 1/3 hp, six poles, 120 V',
    motor: {
      main: { r: 4.2, x: 6.5 },
      aux: { r: 9, x: 13, turnsRatio: 1.35 },
      rotor: { r: 5, x: 4.5 },
      xm: 70,
      poles: 6,
      volts: 120,
      hz: 60,
      capacitorUf: 15,
      fan: { torqueAtNm: 1.6, rpm: 1075 },
      stictionNm: 0.06,
      frictionWatts: 8,
    },
  },
  bath: {
    label: 'Bathroom fan, 1/40 hp, four poles, 120 V',
    motor: {
      main: { r: 60, x: 70 },
      aux: { r: 80, x: 90, turnsRatio: 1.1 },
      rotor: { r: 75, x: 45 },
      xm: 520,
      poles: 4,
      volts: 120,
      hz: 60,
      capacitorUf: 4,
      fan: { torqueAtNm: 0.09, rpm: 1500 },
      stictionNm: 0.004,
      frictionWatts: 2,
    },
  },
}

/** Change the capacitor or the voltage and see what the motor does: torque, speed, currents, capacitor voltage. */
export function MotorInstrument({ address }: InstrumentProps) {
  const chosen = models[address.get('model')] ?? models.outdoor!
  const base = chosen.motor
  const uF = typedValue(address.get('cap'), 'uF') ?? base.capacitorUf!
  const volts = typedValue(address.get('volts'), 'volts') ?? base.volts
  const changed: MotorInput = {
    ...base,
    volts,
    ...(uF > 0 ? { capacitorUf: uF } : { capacitorUf: undefined as never }),
  }
  const [before, after] = [runMotor(base), runMotor(changed)]
  const same = uF === base.capacitorUf && volts === base.volts
  const load = (rpm: number) => base.fan!.torqueAtNm * (rpm / base.fan!.rpm) ** 2
  // Near standstill fixed losses over hardly any speed would look like a huge drag: the line goes from the starting torque.
  const points = (result: typeof before): [number, number][] => [
    [0, result.starting.torqueNm],
    ...result.curve
      .filter((point) => point.slip < 0.8)
      .map((point): [number, number] => [Math.round(point.rpm), point.torqueNm]),
  ]
  const rows: [string, string, string][] = [
    ['Starts', before.starting.starts ? 'yes' : 'no', after.starting.starts ? 'yes' : 'no'],
    [
      'Starting torque',
      `${significant(before.starting.torqueNm, 3)} N·m`,
      `${significant(after.starting.torqueNm, 3)} N·m`,
    ],
    ['Speed', run(before.running?.rpm, 'rpm', 4), run(after.running?.rpm, 'rpm', 4)],
    ['Line current', run(before.running?.amps, 'A'), run(after.running?.amps ?? after.starting.amps, 'A')],
    [
      'Across the capacitor',
      run(before.running?.capacitorVolts, 'V'),
      run(after.running?.capacitorVolts, 'V'),
    ],
    ['Takes in', run(before.running?.inputWatts, 'W'), run(after.running?.inputWatts, 'W')],
    ['Gives the fan', run(before.running?.shaftWatts, 'W'), run(after.running?.shaftWatts, 'W')],
  ]
  return (
    <>
      <div className="grid gap-3 mid:grid-cols-[2fr_1fr_1fr]">
        <SelectField
          label="Motor"
          value={address.get('model') || 'outdoor'}
          options={Object.entries(models).map(([value, model]) => ({ value, label: model.label }))}
          onChoose={(value) => address.set('model', value)}
        />
        <Figure
          address={address}
          name="cap"
          label="Capacitor"
          quantity="uF"
          placeholder={String(base.capacitorUf)}
        />
        <Figure
          address={address}
          name="volts"
          label="Voltage"
          quantity="volts"
          placeholder={String(base.volts)}
        />
      </div>
      <Chart
        label={`Torque against speed, as made and with ${significant(uF)} µF at ${significant(volts)} V, and the fan's load`}
        xName="rpm"
        yName="N·m"
        series={[
          { name: 'as made', points: points(before), dashed: true },
          ...(same ? [] : [{ name: 'changed', points: points(after), strong: true }]),
          {
            name: 'fan asks',
            points: before.curve.map((point) => [Math.round(point.rpm), load(point.rpm)] as [number, number]),
            thin: true,
          },
        ]}
      />
      <table className="mt-2 w-full max-w-2xl text-left">
        <thead className="caption">
          <tr>
            <th className="font-normal" scope="col">
              What happens
            </th>
            <th className="text-right font-normal" scope="col">
              as made
            </th>
            <th className="text-right font-normal" scope="col">
              changed
            </th>
          </tr>
        </thead>
        <tbody role="status">
          {rows.map(([name, one, two]) => (
            <tr key={name} className="rule-top">
              <td className="py-1.5">{name}</td>
              <td className="num py-1.5 text-right">{one}</td>
              <td className={`num py-1.5 text-right ${one === two ? 'text-soft' : 'font-bold text-copper'}`}>
                {two}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {!after.starting.starts ? (
        <p className="mt-3 font-bold">
          {volts > 0
            ? 'It stands and hums, and draws its standstill current until the protector opens.'
            : 'It stands, and nothing is heard: no voltage, no current.'}
        </p>
      ) : null}
      <p className="caption mt-3 max-w-[72ch]">
        Two windings in quadrature by the double revolving field; the motors are made up. It shows directions
        and proportions, not your motor’s figures.
      </p>
    </>
  )
}

const run = (value: number | undefined, unit: string, digits = 3) =>
  value === undefined ? 'does not run' : `${significant(value, digits)} ${unit}`
