import type { CauseId, FamilyId, MotorKindId } from './vocabulary'

/**
 * How often a cause is behind a stopped or poor fan of the family, as weights (they need not sum to anything). Causes not
 * named do not occur in the family. Weights are this project's judgement from the trade's accounts: capacitors lead
 * wherever there is one, bearings and dirt where there is none, electronics where the motor has a board.
 */
export const priors: Record<FamilyId, Partial<Record<CauseId, number>>> = {
  'bath-exhaust-fan': {
    // Damp, lint and sleeve bearings: most end dry or dirty.
    'bearing-worn': 22, 'bearing-seized': 16, 'dirt-or-paint-fouling': 18, 'capacitor-weak': 6, 'capacitor-open': 3,
    'capacitor-shorted': 1, 'winding-open': 7, 'winding-shorted': 2, 'winding-grounded': 1, 'thermal-protector-open': 3,
    'wall-switch-or-pull-chain': 6, 'no-supply': 6, 'wiring-loose-or-burnt': 4, 'wheel-loose': 4, 'wheel-rubbing': 4,
    'wheel-damaged': 2, 'mount-loose': 4, 'damper-stuck': 5, 'vent-blocked': 6, 'ice-or-debris': 1, 'wired-wrong': 1,
    'rotation-reversed': 1, 'wrong-capacitor': 0.5, 'bldc-motor-failed': 3, 'dc-drive-missing': 2, 'no-control-call': 2,
    'low-supply': 0.3, 'supply-too-high': 0.1, 'control-stuck-on': 0.5,
  },
  'range-hood-fan': {
    'dirt-or-paint-fouling': 24, 'bearing-worn': 12, 'bearing-seized': 8, 'capacitor-weak': 10, 'capacitor-open': 4,
    'capacitor-shorted': 1, 'wall-switch-or-pull-chain': 14, 'control-board-relay': 8, 'winding-open': 6, 'winding-shorted': 2,
    'winding-grounded': 1, 'thermal-protector-open': 4, 'no-supply': 5, 'wiring-loose-or-burnt': 4, 'wheel-loose': 3,
    'wheel-rubbing': 3, 'wheel-damaged': 1, 'mount-loose': 3, 'damper-stuck': 5, 'vent-blocked': 8, 'wired-wrong': 1,
    'rotation-reversed': 0.7, 'wrong-capacitor': 0.7, 'bldc-motor-failed': 2, 'dc-drive-missing': 2, 'low-supply': 0.3,
    'supply-too-high': 0.1, 'control-stuck-on': 0.7,
  },
  'ceiling-fan': {
    // Turns slowly for years and hardly ever seizes: capacitor and switches lead.
    'capacitor-weak': 24, 'capacitor-open': 9, 'capacitor-shorted': 2, 'speed-capacitor-failed': 12, 'wall-switch-or-pull-chain': 14,
    'no-supply': 6, 'wiring-loose-or-burnt': 5, 'control-board-relay': 5, 'no-control-call': 3, 'mount-loose': 8, 'wheel-damaged': 5,
    'bearing-worn': 5, 'bearing-seized': 2, 'winding-open': 3, 'winding-shorted': 1, 'winding-grounded': 0.4, 'wired-wrong': 2,
    'rotation-reversed': 2, 'wrong-capacitor': 2, 'wheel-loose': 3, 'wheel-rubbing': 1, 'dirt-or-paint-fouling': 2,
    'thermal-protector-open': 0.7, 'bldc-motor-failed': 2, 'dc-drive-missing': 2, 'low-supply': 0.4, 'supply-too-high': 0.1,
    'control-stuck-on': 0.4,
  },
  'attic-vent-fan': {
    'bearing-worn': 16, 'bearing-seized': 14, 'winding-open': 8, 'winding-shorted': 3, 'winding-grounded': 1, 'thermal-protector-open': 8,
    'no-control-call': 12, 'capacitor-weak': 9, 'capacitor-open': 4, 'capacitor-shorted': 1, 'no-supply': 7, 'wiring-loose-or-burnt': 5,
    'belt-worn': 9, 'start-switch-stuck': 4, 'start-capacitor-failed': 2, 'dirt-or-paint-fouling': 7, 'ice-or-debris': 4,
    'wheel-loose': 3, 'wheel-rubbing': 3, 'wheel-damaged': 2, 'mount-loose': 4, 'damper-stuck': 5, 'vent-blocked': 3, 'wired-wrong': 1,
    'rotation-reversed': 1, 'wrong-capacitor': 0.6, 'wall-switch-or-pull-chain': 3, 'low-supply': 0.4, 'supply-too-high': 0.1,
    'control-stuck-on': 1,
  },
  'furnace-blower': {
    'capacitor-weak': 16, 'capacitor-open': 5, 'capacitor-shorted': 1.5, 'bearing-worn': 8, 'bearing-seized': 6, 'winding-open': 5,
    'winding-shorted': 3, 'winding-grounded': 1.2, 'thermal-protector-open': 5, 'ecm-module-failed': 14, 'ecm-inrush-part-burnt': 7,
    'control-board-relay': 8, 'no-control-call': 5, 'control-power-dead': 5, 'safety-switch-open': 5, 'no-supply': 5,
    'wiring-loose-or-burnt': 4, 'dirt-or-paint-fouling': 5, 'vent-blocked': 7, 'wheel-loose': 3, 'wheel-rubbing': 2, 'wheel-damaged': 1,
    'mount-loose': 2, 'belt-worn': 4, 'start-switch-stuck': 1.5, 'start-capacitor-failed': 2, 'wired-wrong': 1, 'rotation-reversed': 0.8,
    'wrong-capacitor': 1, 'control-stuck-on': 2, 'low-supply': 0.5, 'supply-too-high': 0.2, 'other-machine-fault': 2, 'ice-or-debris': 0.4,
  },
  'draft-inducer': {
    // Hot, wet and always the first to start: bearings and rust lead; half the calls are the tube or the drain.
    'bearing-worn': 20, 'bearing-seized': 13, 'winding-open': 9, 'winding-shorted': 3, 'winding-grounded': 1.5, 'thermal-protector-open': 3,
    'pressure-tube-or-drain': 14, 'vent-blocked': 5, 'safety-switch-open': 5, 'control-board-relay': 7, 'no-control-call': 5,
    'control-power-dead': 3, 'no-supply': 3, 'seal-or-housing-leaking': 5, 'capacitor-weak': 5, 'capacitor-open': 2, 'capacitor-shorted': 0.6,
    'ecm-module-failed': 5, 'ecm-inrush-part-burnt': 1, 'wiring-loose-or-burnt': 4, 'wheel-loose': 3, 'wheel-damaged': 2, 'wheel-rubbing': 2,
    'dirt-or-paint-fouling': 2, 'ice-or-debris': 1, 'mount-loose': 2, 'wired-wrong': 0.5, 'rotation-reversed': 0.3, 'wrong-capacitor': 0.4,
    'low-supply': 0.3, 'supply-too-high': 0.1, 'control-stuck-on': 0.7, 'other-machine-fault': 3,
  },
  'outdoor-unit-fan': {
    'capacitor-weak': 30, 'capacitor-open': 9, 'capacitor-shorted': 2, 'capacitor-other-section-failed': 6, 'contactor-contacts-bad': 8,
    'contactor-coil-open': 3, 'control-stuck-on': 1.5, 'no-control-call': 5, 'control-power-dead': 2, 'no-supply': 6, 'low-supply': 0.7,
    'supply-too-high': 0.2, 'winding-open': 6, 'winding-shorted': 3, 'winding-grounded': 1.5, 'thermal-protector-open': 4,
    'bearing-worn': 5, 'bearing-seized': 5, 'wiring-loose-or-burnt': 3, 'wired-wrong': 1, 'rotation-reversed': 0.8, 'wrong-capacitor': 1,
    'ice-or-debris': 2, 'wheel-loose': 1.5, 'wheel-damaged': 1.5, 'wheel-rubbing': 1.5, 'mount-loose': 1, 'dirt-or-paint-fouling': 0.7,
    'safety-switch-open': 1, 'control-board-relay': 1.5, 'ecm-module-failed': 2, 'bldc-motor-failed': 1, 'dc-drive-missing': 1,
    'other-machine-fault': 3,
  },
  'mini-split-indoor-fan': {
    'dirt-or-paint-fouling': 22, 'bldc-motor-failed': 20, 'dc-drive-missing': 16, 'bearing-worn': 11, 'bearing-seized': 3, 'no-supply': 6,
    'no-control-call': 5, 'wiring-loose-or-burnt': 5, 'wheel-loose': 4, 'wheel-rubbing': 5, 'wheel-damaged': 4, 'ice-or-debris': 3,
    'vent-blocked': 7, 'capacitor-weak': 4, 'capacitor-open': 2, 'capacitor-shorted': 0.5, 'winding-open': 2, 'winding-shorted': 1,
    'winding-grounded': 0.5, 'thermal-protector-open': 1, 'mount-loose': 2, 'low-supply': 0.3, 'supply-too-high': 0.2, 'other-machine-fault': 4,
    'wrong-capacitor': 0.3, 'wired-wrong': 0.5,
  },
  'refrigerator-evaporator-fan': {
    // Frost stops the wheel as often as the motor dies; the frost is a defrost fault.
    'ice-or-debris': 24, 'bldc-motor-failed': 14, 'winding-open': 9, 'winding-shorted': 1.5, 'bearing-worn': 15, 'bearing-seized': 8,
    'safety-switch-open': 7, 'dc-drive-missing': 6, 'control-board-relay': 4, 'wiring-loose-or-burnt': 5, 'wheel-rubbing': 4, 'wheel-loose': 2,
    'wheel-damaged': 1.5, 'mount-loose': 2, 'no-supply': 2, 'dirt-or-paint-fouling': 2, 'other-machine-fault': 5, 'winding-grounded': 0.5,
    'no-control-call': 2, 'vent-blocked': 3, 'low-supply': 0.2, 'supply-too-high': 0.1, 'thermal-protector-open': 0.5,
  },
  'refrigerator-condenser-fan': {
    'dirt-or-paint-fouling': 26, 'bearing-worn': 16, 'bearing-seized': 10, 'winding-open': 10, 'bldc-motor-failed': 10, 'dc-drive-missing': 5,
    'ice-or-debris': 8, 'wiring-loose-or-burnt': 4, 'wheel-rubbing': 4, 'wheel-damaged': 3, 'wheel-loose': 2, 'mount-loose': 3, 'no-supply': 3,
    'no-control-call': 3, 'control-board-relay': 3, 'winding-shorted': 2, 'winding-grounded': 0.7, 'other-machine-fault': 4,
    'vent-blocked': 5, 'low-supply': 0.2, 'supply-too-high': 0.1, 'thermal-protector-open': 1,
  },
  'rv-furnace-blower': {
    'low-supply': 20, 'no-supply': 10, 'brushes-worn': 18, 'bearing-worn': 12, 'bearing-seized': 8, 'safety-switch-open': 8,
    'control-board-relay': 6, 'no-control-call': 6, 'wiring-loose-or-burnt': 8, 'ice-or-debris': 7, 'wheel-loose': 5, 'wheel-rubbing': 5,
    'wheel-damaged': 2, 'winding-open': 4, 'winding-shorted': 1.5, 'winding-grounded': 0.5, 'dirt-or-paint-fouling': 4, 'vent-blocked': 4,
    'mount-loose': 2, 'wired-wrong': 1, 'rotation-reversed': 1, 'wall-switch-or-pull-chain': 2, 'other-machine-fault': 3, 'control-stuck-on': 0.5,
  },
  'pellet-stove-exhaust-blower': {
    'dirt-or-paint-fouling': 26, 'bearing-worn': 20, 'bearing-seized': 10, 'winding-open': 8, 'vent-blocked': 9, 'control-board-relay': 6,
    'safety-switch-open': 5, 'pressure-tube-or-drain': 5, 'seal-or-housing-leaking': 4, 'wheel-rubbing': 4, 'wheel-loose': 3, 'wheel-damaged': 2,
    'mount-loose': 2, 'no-supply': 4, 'no-control-call': 3, 'wiring-loose-or-burnt': 3, 'thermal-protector-open': 4, 'winding-shorted': 2,
    'winding-grounded': 0.7, 'capacitor-weak': 3, 'capacitor-open': 1, 'capacitor-shorted': 0.3, 'low-supply': 0.2, 'supply-too-high': 0.1,
    'wired-wrong': 0.4, 'other-machine-fault': 2,
  },
  'hrv-fan': {
    'dirt-or-paint-fouling': 18, 'bearing-worn': 17, 'bearing-seized': 6, 'capacitor-weak': 14, 'capacitor-open': 5, 'capacitor-shorted': 1,
    'control-board-relay': 8, 'no-control-call': 8, 'safety-switch-open': 4, 'no-supply': 6, 'vent-blocked': 9, 'damper-stuck': 5,
    'winding-open': 5, 'winding-shorted': 2, 'winding-grounded': 0.6, 'thermal-protector-open': 3, 'bldc-motor-failed': 5, 'dc-drive-missing': 3,
    'ecm-module-failed': 4, 'ecm-inrush-part-burnt': 1, 'wiring-loose-or-burnt': 3, 'wheel-loose': 2, 'wheel-rubbing': 2, 'wheel-damaged': 1,
    'mount-loose': 2, 'wall-switch-or-pull-chain': 2, 'ice-or-debris': 2, 'low-supply': 0.3, 'supply-too-high': 0.1, 'wrong-capacitor': 0.6,
    'wired-wrong': 0.8, 'rotation-reversed': 0.4, 'control-stuck-on': 0.5,
  },
  'dehumidifier-fan': {
    'capacitor-weak': 20, 'capacitor-open': 5, 'capacitor-shorted': 1.2, 'capacitor-other-section-failed': 6, 'dirt-or-paint-fouling': 14,
    'bearing-worn': 13, 'bearing-seized': 6, 'winding-open': 6, 'winding-shorted': 3, 'winding-grounded': 1, 'thermal-protector-open': 4,
    'control-board-relay': 8, 'no-control-call': 5, 'safety-switch-open': 6, 'no-supply': 5, 'ice-or-debris': 4, 'wheel-loose': 2,
    'wheel-rubbing': 3, 'wheel-damaged': 1.5, 'mount-loose': 3, 'wiring-loose-or-burnt': 3, 'wall-switch-or-pull-chain': 3, 'vent-blocked': 4,
    'other-machine-fault': 6, 'low-supply': 0.5, 'supply-too-high': 0.1, 'wrong-capacitor': 0.7, 'wired-wrong': 0.4, 'control-stuck-on': 0.6,
  },
  'other-fan': {
    'bearing-worn': 14, 'bearing-seized': 9, 'dirt-or-paint-fouling': 12, 'capacitor-weak': 12, 'capacitor-open': 4, 'capacitor-shorted': 1,
    'winding-open': 7, 'winding-shorted': 3, 'winding-grounded': 1, 'thermal-protector-open': 4, 'wall-switch-or-pull-chain': 7, 'no-supply': 7,
    'no-control-call': 4, 'control-board-relay': 4, 'control-power-dead': 1, 'safety-switch-open': 2, 'contactor-coil-open': 0.7,
    'contactor-contacts-bad': 1, 'wiring-loose-or-burnt': 5, 'wheel-loose': 3, 'wheel-rubbing': 3, 'wheel-damaged': 2, 'ice-or-debris': 2,
    'mount-loose': 3, 'damper-stuck': 1.5, 'vent-blocked': 3, 'belt-worn': 2, 'start-switch-stuck': 1.5, 'start-capacitor-failed': 1.5,
    'ecm-module-failed': 2, 'ecm-inrush-part-burnt': 0.7, 'bldc-motor-failed': 2.5, 'dc-drive-missing': 2, 'brushes-worn': 2, 'wired-wrong': 1,
    'rotation-reversed': 1, 'wrong-capacitor': 0.7, 'speed-capacitor-failed': 0.7, 'low-supply': 0.6, 'supply-too-high': 0.2,
    'control-stuck-on': 0.7, 'other-machine-fault': 2, 'pressure-tube-or-drain': 0.5, 'seal-or-housing-leaking': 0.5, 'capacitor-other-section-failed': 0.5,
  },
}

const RUN_CAPACITOR: CauseId[] = ['capacitor-weak', 'capacitor-open', 'capacitor-shorted', 'wrong-capacitor', 'speed-capacitor-failed', 'capacitor-other-section-failed']
const MODULE: CauseId[] = ['ecm-module-failed', 'ecm-inrush-part-burnt']
const BRUSHLESS: CauseId[] = ['bldc-motor-failed', 'dc-drive-missing']
const START_SWITCH: CauseId[] = ['start-switch-stuck', 'start-capacitor-failed']
const WINDINGS: CauseId[] = ['winding-open', 'winding-shorted', 'winding-grounded', 'thermal-protector-open']

/** Causes that a motor kind cannot have: it has no such part. */
export const impossibleFor: Record<MotorKindId, CauseId[]> = {
  'shaded-pole': [...RUN_CAPACITOR, ...MODULE, ...BRUSHLESS, ...START_SWITCH, 'brushes-worn', 'belt-worn'],
  psc: [...MODULE, ...BRUSHLESS, ...START_SWITCH, 'brushes-worn', 'belt-worn'],
  'psc-multispeed': [...MODULE, ...BRUSHLESS, ...START_SWITCH, 'brushes-worn', 'belt-worn'],
  ecm: [...RUN_CAPACITOR, ...BRUSHLESS, ...START_SWITCH, 'brushes-worn', 'belt-worn', 'thermal-protector-open', 'rotation-reversed'],
  bldc: [...RUN_CAPACITOR, ...MODULE, ...START_SWITCH, ...WINDINGS, 'brushes-worn', 'belt-worn', 'rotation-reversed'],
  'brushed-dc': [...RUN_CAPACITOR, ...MODULE, ...BRUSHLESS, ...START_SWITCH, 'belt-worn'],
  'split-phase': [...RUN_CAPACITOR, ...MODULE, ...BRUSHLESS, 'start-capacitor-failed', 'brushes-worn'],
  'capacitor-start': [...RUN_CAPACITOR, ...MODULE, ...BRUSHLESS, 'brushes-worn'],
}

/** A compressor's capacitor section stays possible in a family that has one, whatever drives the fan. */
export const KEEP_WHATEVER_THE_KIND: Partial<Record<FamilyId, CauseId[]>> = {
  'outdoor-unit-fan': ['capacitor-other-section-failed'],
  'dehumidifier-fan': ['capacitor-other-section-failed'],
}

/** Causes that come with years, and those of a machine that was just worked on. */
export const wearCauses: CauseId[] = ['bearing-worn', 'bearing-seized', 'capacitor-weak', 'capacitor-open', 'contactor-contacts-bad', 'brushes-worn', 'belt-worn', 'dirt-or-paint-fouling', 'winding-shorted', 'seal-or-housing-leaking']
export const youngCauses: CauseId[] = ['wired-wrong', 'rotation-reversed', 'wiring-loose-or-burnt', 'mount-loose']

/** Families with a control chain of 24 V and a contactor. */
export const contactorFamilies: FamilyId[] = ['outdoor-unit-fan', 'other-fan']
export const capacitorKinds: MotorKindId[] = ['psc', 'psc-multispeed', 'capacitor-start']
