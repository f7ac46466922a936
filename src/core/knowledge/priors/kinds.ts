import type { CauseId, FamilyId, MotorKindId } from '../vocabulary'
import type { CauseWeights } from './types'

const RUN_CAPACITOR: CauseId[] = [
  'capacitor-weak',
  'capacitor-open',
  'capacitor-shorted',
  'wrong-capacitor',
  'speed-capacitor-failed',
  'capacitor-other-section-failed',
]
const MODULE: CauseId[] = ['ecm-module-failed', 'ecm-inrush-part-burnt']
const BRUSHLESS: CauseId[] = ['bldc-motor-failed', 'dc-drive-missing']
const START_SWITCH: CauseId[] = ['start-switch-stuck', 'start-capacitor-failed']
const WINDINGS: CauseId[] = ['winding-open', 'winding-shorted', 'winding-grounded', 'thermal-protector-open']

/** Causes that a motor kind cannot have: it has no such part. */
export const impossibleFor: Record<MotorKindId, CauseId[]> = {
  'shaded-pole': [...RUN_CAPACITOR, ...MODULE, ...BRUSHLESS, ...START_SWITCH, 'brushes-worn', 'belt-worn'],
  psc: [...MODULE, ...BRUSHLESS, ...START_SWITCH, 'brushes-worn', 'belt-worn'],
  'psc-multispeed': [...MODULE, ...BRUSHLESS, ...START_SWITCH, 'brushes-worn', 'belt-worn'],
  ecm: [
    ...RUN_CAPACITOR,
    ...BRUSHLESS,
    ...START_SWITCH,
    'brushes-worn',
    'belt-worn',
    'thermal-protector-open',
    'rotation-reversed',
  ],
  bldc: [
    ...RUN_CAPACITOR,
    ...MODULE,
    ...START_SWITCH,
    ...WINDINGS,
    'brushes-worn',
    'belt-worn',
    'rotation-reversed',
  ],
  'brushed-dc': [...RUN_CAPACITOR, ...MODULE, ...BRUSHLESS, ...START_SWITCH, 'belt-worn'],
  'split-phase': [...RUN_CAPACITOR, ...MODULE, ...BRUSHLESS, 'start-capacitor-failed', 'brushes-worn'],
  'capacitor-start': [...RUN_CAPACITOR, ...MODULE, ...BRUSHLESS, 'brushes-worn'],
}

/**
 * Causes that a motor kind hardly ever has, as a share of their weight in the family. A single winding has two ends that may be
 * exchanged without any change: only its taps and its feed can be wired wrongly, and neither turns it round.
 */
export const scarceFor: Partial<Record<MotorKindId, CauseWeights>> = {
  'shaded-pole': { 'wired-wrong': 0.15 },
}

/** A compressor's capacitor section stays possible in a family that has one, whatever drives the fan. */
export const KEEP_WHATEVER_THE_KIND: Partial<Record<FamilyId, CauseId[]>> = {
  'outdoor-unit-fan': ['capacitor-other-section-failed'],
  'dehumidifier-fan': ['capacitor-other-section-failed'],
}

/** Causes that come with years, and those of a machine that was just worked on. */
export const wearCauses: CauseId[] = [
  'bearing-worn',
  'bearing-seized',
  'capacitor-weak',
  'capacitor-open',
  'contactor-contacts-bad',
  'brushes-worn',
  'belt-worn',
  'dirt-or-paint-fouling',
  'winding-shorted',
  'seal-or-housing-leaking',
]
export const youngCauses: CauseId[] = [
  'wired-wrong',
  'rotation-reversed',
  'wiring-loose-or-burnt',
  'mount-loose',
]

/**
 * What a motor kind brings along, as the least weight of a cause in a machine known to have it, where a family's weights
 * sum to about a hundred and fifty. Families in which a kind is rare would otherwise hide its own parts.
 */
export const kindWeights: Record<MotorKindId, CauseWeights> = {
  // No part of its own: it dies of its bearing and its winding, which the families name.
  'shaded-pole': {},
  // A run capacitor wears out before the motor does.
  psc: { 'capacitor-weak': 8, 'capacitor-open': 3, 'capacitor-shorted': 0.7 },
  'psc-multispeed': { 'capacitor-weak': 8, 'capacitor-open': 3, 'capacitor-shorted': 0.7 },
  // Surges, water and warmth take the module; the motor under it is mostly sound.
  ecm: { 'ecm-module-failed': 34, 'ecm-inrush-part-burnt': 11 },
  // Motor with its electronics inside, or the board that drives it.
  bldc: { 'bldc-motor-failed': 20, 'dc-drive-missing': 10 },
  // Brushes are made to wear.
  'brushed-dc': { 'brushes-worn': 16 },
  // A switch that works at every start, in dust.
  'split-phase': { 'start-switch-stuck': 14 },
  'capacitor-start': { 'start-switch-stuck': 9, 'start-capacitor-failed': 14 },
}
