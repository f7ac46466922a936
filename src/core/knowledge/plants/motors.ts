import type { MotorData } from '../../motor'
import type { MotorKindId } from '../vocabulary'
import type { PlantMotor } from './types'

/**
 * A quarter-horse, six-pole, 240 V split-capacitor fan motor with 5 µF: 1,094 rpm and 1.26 A against its fan, 442 V on the
 * capacitor, 2.2 A locked. Impedances in Ω, worked out from such a plate with the equations of `measurements.md`; rotor and
 * magnetising reactance referred to the main winding.
 */
const PSC: MotorData = {
  main: { r: 26, x: 40 },
  aux: { r: 60, x: 70, turnsRatio: 1.35 },
  rotor: { r: 38, x: 38 },
  xm: 420,
}
export const TEMPLATE = { volts: 240, watts: 186, uF: 5, turnsRatio: 1.35 }

/** A shaded-pole motor of 120 V, 0.58 A and 7.5 W at the shaft, 1,450 rpm of 1,800: a fifth of what it takes comes out. */
const SHADED: MotorData = { main: { r: 50, x: 70 }, rotor: { r: 90, x: 50 }, xm: 220 }
const SHADED_AT = { volts: 120, watts: 7.5 }

/** Torque of the shading rings over |I|²·Rf: what turns it from rest, where one winding alone gives none. */
export const SHADING = 0.16

/** Impedances go with V²/P; the auxiliary's with the square of its turns as well. */
export function motorData(motor: PlantMotor): MotorData {
  if (driveOf(motor) === 'shading') {
    const scale = (motor.volts / SHADED_AT.volts) ** 2 * (SHADED_AT.watts / motor.watts)
    return scaled(SHADED, scale)
  }
  const scale = (motor.volts / TEMPLATE.volts) ** 2 * (TEMPLATE.watts / motor.watts)
  const turns = motor.turnsRatio / TEMPLATE.turnsRatio
  const data = scaled(PSC, scale)
  const aux = data.aux
  return aux
    ? { ...data, aux: { r: aux.r * turns ** 2, x: aux.x * turns ** 2, turnsRatio: motor.turnsRatio } }
    : data
}

const scaled = (data: MotorData, by: number): MotorData => ({
  main: { r: data.main.r * by, x: data.main.x * by },
  rotor: { r: data.rotor.r * by, x: data.rotor.x * by },
  xm: data.xm * by,
  ...(data.aux ? { aux: { ...data.aux, r: data.aux.r * by, x: data.aux.x * by } } : {}),
})

/** What turns a motor: the revolving field of two windings, of shading rings, a module of its own, a rail of a board, brushes. */
export type Drive = 'field' | 'shading' | 'module' | 'rail' | 'brushes'
const DRIVES: Record<MotorKindId, Drive> = {
  psc: 'field',
  'psc-multispeed': 'field',
  'split-phase': 'field',
  'capacitor-start': 'field',
  'shaded-pole': 'shading',
  ecm: 'module',
  bldc: 'rail',
  'brushed-dc': 'brushes',
}
export const driveOf = ({ kind }: { kind: MotorKindId }): Drive => DRIVES[kind]

/** Motors of the field, whose speed follows from their slip. */
export const isInduction = (kind: MotorKindId): boolean =>
  DRIVES[kind] === 'field' || DRIVES[kind] === 'shading'

/** With a start winding and its run capacitor. */
export const hasStart = (kind: MotorKindId): boolean => kind === 'psc' || kind === 'psc-multispeed'

/** Of its shaft power what a sound motor loses at its load: a split-capacitor one of this size is 62 % efficient. */
export const lossShare: Record<Drive, number> = {
  field: 0.6,
  shading: 4,
  module: 0.35,
  rail: 0.35,
  brushes: 0.4,
}

/** A motor with taps has to break loose at its slowest, where its windings have some three quarters of their volts and half the torque. */
const TAPPED_REST = 0.14

/** Torque that has to be overcome from rest, of the rated. */
export const restOf = (motor: PlantMotor): number =>
  motor.rest ?? (motor.tapShare === undefined ? restShare[driveOf(motor)] : TAPPED_REST)

/** Old grease, and the wind on a wheel; small wheels have less. */
const restShare: Record<Drive, number> = {
  field: 0.2,
  shading: 0.08,
  module: 0.2,
  rail: 0.2,
  brushes: 0.2,
}
