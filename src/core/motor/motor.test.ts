import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type MotorInput, runMotor } from '.'

/** The published example: ¼ hp, 110 V, 60 Hz, 4 poles, main winding only. */
const textbook: MotorInput = {
  main: { r: 2.02, x: 2.79 },
  rotor: { r: 4.12, x: 2.12 },
  xm: 66.8,
  poles: 4,
  volts: 110,
  hz: 60,
  coreWatts: 24,
  frictionWatts: 13,
  slip: 0.05,
}
const fanMotor: MotorInput = {
  main: { r: 22, x: 30 },
  aux: { r: 45, x: 60, turnsRatio: 1.3 },
  rotor: { r: 30, x: 20 },
  xm: 300,
  poles: 6,
  volts: 240,
  hz: 60,
  capacitorUf: 5,
  fan: { torqueAtNm: 0.6, rpm: 1075 },
  stictionNm: 0.02,
  frictionWatts: 4,
}

describe('the published check', () => {
  const { at, synchronousRpm } = runMotor(textbook)
  it('comes out to one percent', () => {
    expect(synchronousRpm).toBe(1800)
    expect(at!.amps).toBeCloseTo(3.605, 2)
    expect(Math.abs(at!.powerFactor / 0.62 - 1)).toBeLessThan(0.01)
    expect(Math.abs(at!.shaftWatts / 147 - 1)).toBeLessThan(0.01)
    expect(Math.abs(at!.torqueNm / 0.82 - 1)).toBeLessThan(0.01)
    expect(Math.abs(at!.efficiency / 0.6 - 1)).toBeLessThan(0.01)
  })

  it('does not start on one winding', () => {
    const { starting, running } = runMotor(textbook)
    expect(starting.torqueNm).toBeCloseTo(0, 9)
    expect(starting.starts).toBe(false)
    expect(running).toBeNull()
  })
})

describe('a split-capacitor fan motor', () => {
  it('starts, and runs below synchronous speed where torque and load balance', () => {
    const { starting, running, synchronousRpm } = runMotor(fanMotor)
    expect(starting.starts).toBe(true)
    expect(running!.rpm).toBeGreaterThan(0.6 * synchronousRpm)
    expect(running!.rpm).toBeLessThan(synchronousRpm)
    const load = 0.6 * (running!.rpm / 1075) ** 2
    expect(running!.shaftWatts / (running!.rpm * (Math.PI / 30))).toBeCloseTo(load, 3)
  })

  it('has less starting torque with a weaker capacitor', () => {
    const torque = (capacitorUf: number) => runMotor({ ...fanMotor, capacitorUf }).starting.torqueNm
    expect(torque(2)).toBeLessThan(torque(3.5))
    expect(torque(3.5)).toBeLessThan(torque(5))
  })

  it('puts more than the line across its capacitor', () => {
    expect(runMotor(fanMotor).running!.capacitorVolts).toBeGreaterThan(240)
  })

  it('answers a curve of at least forty slips from rest to near synchronous', () => {
    const { curve } = runMotor(fanMotor)
    expect(curve.length).toBeGreaterThanOrEqual(40)
    expect(curve[0]!.slip).toBe(1)
    expect(curve.at(-1)!.slip).toBeLessThan(0.01)
  })

  it('takes in what it gives and loses, at any slip', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        fc.double({ min: 1, max: 15, noNaN: true }),
        (slip, capacitorUf) => {
          const { at } = runMotor({ ...fanMotor, slip, capacitorUf, frictionWatts: 0 })
          // Copper of both windings and the rotor is lost between input and shaft: never more out than in.
          expect(at!.shaftWatts).toBeLessThanOrEqual(at!.inputWatts + 1e-9)
          const copper = at!.mainAmps ** 2 * 22 + at!.auxAmps ** 2 * 45
          expect(at!.inputWatts).toBeGreaterThanOrEqual(copper - 1e-9)
        },
      ),
    )
  })
})
