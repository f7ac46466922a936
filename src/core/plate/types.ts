import type { MotorKindId } from '../knowledge/vocabulary'

export type PlateKind = 'motor' | 'capacitor' | 'appliance'

export interface Raw {
  text: string
  start: number
  end: number
}

export interface Field<T> {
  value: T
  raw: Raw
  /** 0 … 1 */
  confidence: number
}

export interface PlateFields {
  manufacturer?: Field<string>
  modelNumber?: Field<string>
  partNumber?: Field<string>
  serialNumber?: Field<string>
  motorKind?: Field<MotorKindId>
  voltages?: Field<number[]>
  hz?: Field<number[]>
  phase?: Field<number>
  hp?: Field<number>
  watts?: Field<number>
  rpm?: Field<number[]>
  speeds?: Field<number>
  amps?: Field<number[]>
  capacitorUf?: Field<number>
  capacitorVolts?: Field<number>
  rotation?: Field<'CW' | 'CCW' | 'reversible'>
  rotationViewedFrom?: Field<'shaft-end' | 'lead-end'>
  frame?: Field<string>
  insulationClass?: Field<string>
  ambientCelsius?: Field<number>
  duty?: Field<'continuous' | 'intermittent' | 'run' | 'start'>
  enclosure?: Field<string>
  thermalProtection?: Field<'auto' | 'manual' | 'impedance' | 'none'>
  serviceFactor?: Field<number>
  bearing?: Field<'ball' | 'sleeve'>
  sections?: Field<{ section: 'HERM' | 'FAN' | 'single'; uF: number; minUf?: number; maxUf?: number }[]>
  tolerancePercent?: Field<{ minus: number; plus: number }>
  /** The highest for alternating voltage. */
  volts?: Field<number>
  dcVolts?: Field<number>
  temperatureCelsius?: Field<{ min?: number; max?: number }>
  shape?: Field<'round' | 'oval'>
  fuelType?: Field<'natural-gas' | 'propane' | 'oil' | 'pellets'>
}

export interface PlateResult {
  kind: PlateKind
  fields: PlateFields
  unread: string[]
  warnings: string[]
}
