import { describe, expect, it } from 'vitest'
import { catalogueCapacitors } from './capacitors'
import { catalogueMotors } from './motors'

describe('the shipped catalogue', () => {
  it('holds at least sixty motors and forty capacitors under different numbers', () => {
    expect(catalogueMotors.length).toBeGreaterThanOrEqual(60)
    expect(catalogueCapacitors.length).toBeGreaterThanOrEqual(40)
    for (const list of [catalogueMotors, catalogueCapacitors])
      expect(new Set(list.map((part) => part.id)).size).toBe(list.length)
  })

  it('has amps that the power can take at the voltage, and speeds from fast to slow under synchronous', () => {
    for (const motor of catalogueMotors) {
      const input = motor.amps! * motor.voltages!.at(-1)!
      expect(input, motor.id).toBeGreaterThan(motor.hp! * 745.7)
      expect(
        [...motor.rpm!].sort((a, b) => b - a),
        motor.id,
      ).toEqual(motor.rpm)
      if (motor.hz!.includes(60)) expect(motor.rpm![0], motor.id).toBeLessThan(3600)
    }
  })

  it('gives split-capacitor motors a capacitor and shaded poles none', () => {
    for (const motor of catalogueMotors) {
      if (motor.motorKind === 'psc' || motor.motorKind === 'psc-multispeed')
        expect(motor.capacitor?.uF, motor.id).toBeGreaterThan(0)
      if (motor.motorKind === 'shaded-pole') expect(motor.capacitor, motor.id).toBeNull()
    }
  })
})
