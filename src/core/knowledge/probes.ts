import { isOf, moduleKinds, singleWindingKinds } from './motorKinds'
import type { MotorKindId, ObservationId } from './vocabulary'

/** The part a reading is taken on, as it is drawn. */
export type ProbeFigure = 'capacitor' | 'motor' | 'frame' | 'strip' | 'coil' | 'switch' | 'plug'

export interface Probe {
  figure: ProbeFigure
  /** What the meter is turned to. */
  range: 'µF' | 'Ω' | 'V~' | 'V'
  /** Where the two tips go, as the drawing names them. */
  tips: [string, string]
  /** What is off, on or taken away first. */
  first: string
}

/** Where the tips of the meter go for each reading. */
const probes: Partial<Record<ObservationId, Probe>> = {
  'capacitor-fan-reading': {
    figure: 'capacitor',
    range: 'µF',
    tips: ['C', 'FAN'],
    first: 'discharged, its wires off',
  },
  'capacitor-other-reading': {
    figure: 'capacitor',
    range: 'µF',
    tips: ['C', 'HERM'],
    first: 'discharged, its wires off',
  },
  winding: { figure: 'motor', range: 'Ω', tips: ['lead', 'lead'], first: 'leads off, capacitor off' },
  'cold-retest': { figure: 'motor', range: 'Ω', tips: ['lead', 'lead'], first: 'an hour off, leads off' },
  'phase-resistances': { figure: 'motor', range: 'Ω', tips: ['phase', 'phase'], first: 'module off' },
  'to-frame': { figure: 'frame', range: 'Ω', tips: ['lead', 'bare frame'], first: 'leads off everything' },
  'supply-voltage': {
    figure: 'strip',
    range: 'V~',
    tips: ['L', 'N or L2'],
    first: 'where the supply enters',
  },
  'motor-voltage': { figure: 'strip', range: 'V~', tips: ['run', 'common'], first: 'at the motor, called' },
  'contactor-output': { figure: 'strip', range: 'V~', tips: ['T1', 'T2'], first: 'contactor pulled in' },
  'control-voltage': { figure: 'coil', range: 'V~', tips: ['call', 'common'], first: 'with the call on' },
  'contactor-coil': { figure: 'coil', range: 'Ω', tips: ['coil', 'coil'], first: 'one wire off the coil' },
  'wall-switch': { figure: 'switch', range: 'Ω', tips: ['in', 'out'], first: 'one wire off the switch' },
  'safety-switches': { figure: 'switch', range: 'Ω', tips: ['in', 'out'], first: 'one wire off each' },
  'module-supply': { figure: 'plug', range: 'V~', tips: ['L', 'N'], first: 'plug opened while dead' },
  'board-drive': { figure: 'plug', range: 'V', tips: ['supply', 'ground'], first: 'clipped on while dead' },
}

/** Where they go on a motor that has no run and common lead. */
const atMotor = (kind: MotorKindId | null): Probe | undefined => {
  if (isOf(moduleKinds, kind))
    return { figure: 'plug', range: 'V~', tips: ['L', 'N'], first: 'its mains plug opened while dead' }
  if (kind === 'bldc')
    return { figure: 'plug', range: 'V', tips: ['supply', 'ground'], first: 'clipped on while dead' }
  if (isOf(singleWindingKinds, kind))
    return {
      figure: 'strip',
      range: kind === 'brushed-dc' ? 'V' : 'V~',
      tips: ['lead', 'lead'],
      first: 'at the motor, called',
    }
  return probes['motor-voltage']
}

/**
 * Where the tips go for this reading on a motor of this kind; undefined where nothing is read with a meter.
 *
 * @example probeOf('motor-voltage', 'ecm').figure // 'plug'
 */
export const probeOf = (observation: ObservationId, kind: MotorKindId | null): Probe | undefined =>
  observation === 'motor-voltage' ? atMotor(kind) : probes[observation]
