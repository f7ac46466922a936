import type { FamilyPriors } from './types'

/** Ventilators, and whatever else turns. Weights of causes; each group with the judgement behind it. */
export const otherPriors = {
  'hrv-fan': {
    // Plugged in and forgotten.
    'no-supply': 6,
    'low-supply': 0.3,
    'supply-too-high': 0.4,
    // Wall control and board, some with a door switch.
    'control-board-relay': 8,
    'no-control-call': 8,
    'safety-switch-open': 4,
    'wall-switch-or-pull-chain': 2,
    'control-stuck-on': 0.5,
    // Plugs moved at filter changes.
    'wiring-loose-or-burnt': 3,
    'wired-wrong': 0.8,
    'rotation-reversed': 0.4,
    // Runs for years without a pause: its capacitor drifts.
    'capacitor-weak': 14,
    'capacitor-open': 5,
    'capacitor-shorted': 1,
    'wrong-capacitor': 0.6,
    // Electronic in the newer, plain windings in the older.
    'winding-open': 5,
    'bldc-motor-failed': 5,
    'ecm-module-failed': 4,
    'thermal-protector-open': 3,
    'dc-drive-missing': 3,
    'winding-shorted': 2,
    'ecm-inrush-part-burnt': 1,
    'winding-grounded': 1.1,
    // Dust through a torn filter, and bearings that never rest.
    'dirt-or-paint-fouling': 18,
    'bearing-worn': 17,
    'bearing-seized': 6,
    'wheel-loose': 2,
    'wheel-rubbing': 2,
    'mount-loose': 2,
    'ice-or-debris': 2,
    'wheel-damaged': 1,
    // Filters, frozen cores and flaps.
    'vent-blocked': 9,
    'damper-stuck': 5,
  },
  'other-fan': {
    // Plug, cord, breaker.
    'no-supply': 7,
    'low-supply': 0.6,
    'supply-too-high': 0.8,
    // Switches most; the rest as the machine has them.
    'wall-switch-or-pull-chain': 7,
    'no-control-call': 4,
    'control-board-relay': 4,
    'safety-switch-open': 2,
    'control-power-dead': 1,
    'contactor-contacts-bad': 1,
    'contactor-coil-open': 0.7,
    'control-stuck-on': 0.7,
    // As anywhere.
    'wiring-loose-or-burnt': 5,
    'wired-wrong': 1,
    'rotation-reversed': 1,
    // Where the motor has one, it leads.
    'capacitor-weak': 12,
    'capacitor-open': 4,
    'start-capacitor-failed': 1.5,
    'capacitor-shorted': 1,
    'wrong-capacitor': 0.7,
    'speed-capacitor-failed': 0.7,
    'capacitor-other-section-failed': 0.5,
    // All kinds, none of them known beforehand.
    'winding-open': 7,
    'thermal-protector-open': 4,
    'winding-shorted': 3,
    'bldc-motor-failed': 2.5,
    'ecm-module-failed': 2,
    'dc-drive-missing': 2,
    'brushes-worn': 2,
    'start-switch-stuck': 1.5,
    'winding-grounded': 1.8,
    'ecm-inrush-part-burnt': 0.7,
    // Bearings and dirt end most small fans.
    'bearing-worn': 14,
    'dirt-or-paint-fouling': 12,
    'bearing-seized': 9,
    'wheel-loose': 3,
    'wheel-rubbing': 3,
    'mount-loose': 3,
    'wheel-damaged': 2,
    'ice-or-debris': 2,
    'belt-worn': 2,
    // Where it has a duct.
    'vent-blocked': 3,
    'damper-stuck': 1.5,
    'pressure-tube-or-drain': 0.5,
    'seal-or-housing-leaking': 0.5,
    // A fan is often only the part that is heard.
    'other-machine-fault': 2,
  },
} satisfies FamilyPriors
