import type { FamilyPriors } from './types'

/** Fans of compressors. Weights of causes; each group with the judgement behind it. */
export const coolingPriors = {
  'outdoor-unit-fan': {
    // Breakers, fuses of the disconnect, a mower through the cord.
    'no-supply': 6,
    'low-supply': 0.7,
    'supply-too-high': 0.8,
    // Pitted contactor contacts and insects on them; coils seldom; the call from indoors.
    'contactor-contacts-bad': 8,
    'no-control-call': 5,
    'contactor-coil-open': 3,
    'control-power-dead': 2,
    'control-stuck-on': 1.5,
    // Only heat pumps have a board between contactor and fan.
    'control-board-relay': 0.8,
    'safety-switch-open': 1,
    // Spade terminals burn at the contactor.
    'wiring-loose-or-burnt': 3,
    'wired-wrong': 1,
    'rotation-reversed': 0.8,
    // Sun and heat: the capacitor is the answer in every third case, and its other section is the compressor’s.
    'capacitor-weak': 30,
    'capacitor-open': 9,
    'capacitor-other-section-failed': 6,
    'capacitor-shorted': 2,
    'wrong-capacitor': 1,
    // Windings after a weak capacitor that nobody changed; modules in the newer ones.
    'winding-open': 6,
    'thermal-protector-open': 4,
    'winding-shorted': 3,
    'ecm-module-failed': 2,
    'winding-grounded': 2.7,
    'bldc-motor-failed': 1,
    'dc-drive-missing': 1,
    // Rain on the shaft, leaves, a hub on a rusty flat.
    'bearing-worn': 5,
    'bearing-seized': 5,
    'ice-or-debris': 2,
    'wheel-loose': 1.5,
    'wheel-damaged': 1.5,
    'wheel-rubbing': 1.5,
    'mount-loose': 1,
    'dirt-or-paint-fouling': 0.7,
    // The compressor or the charge, and the fan only stands beside it.
    'other-machine-fault': 3,
  },
  'mini-split-indoor-fan': {
    // Fed from the outdoor unit: one breaker for both.
    'no-supply': 6,
    'low-supply': 0.3,
    'supply-too-high': 0.8,
    // Remote or communication wire.
    'no-control-call': 5,
    // The fan plug, moved at every cleaning.
    'wiring-loose-or-burnt': 5,
    'wired-wrong': 0.5,
    // Older ones run on a small capacitor.
    'capacitor-weak': 4,
    'capacitor-open': 2,
    'capacitor-shorted': 0.5,
    'wrong-capacitor': 0.3,
    // Brushless motors and their drive lead.
    'bldc-motor-failed': 20,
    'dc-drive-missing': 16,
    'winding-open': 2,
    'winding-shorted': 1,
    'thermal-protector-open': 1,
    'winding-grounded': 0.9,
    // A wheel caked with dust and mould rubs and shakes.
    'dirt-or-paint-fouling': 22,
    'bearing-worn': 11,
    'wheel-rubbing': 5,
    'wheel-loose': 4,
    'wheel-damaged': 4,
    'bearing-seized': 3,
    'ice-or-debris': 3,
    'mount-loose': 2,
    // Filters.
    'vent-blocked': 7,
    // Refrigerant and boards of the outdoor unit.
    'other-machine-fault': 4,
  },
  'refrigerator-evaporator-fan': {
    // The light would be out too.
    'no-supply': 2,
    'low-supply': 0.2,
    'supply-too-high': 0.4,
    // Door switch, defrost control, board.
    'safety-switch-open': 7,
    'control-board-relay': 4,
    'no-control-call': 2,
    // Cold and damp corrode the plug.
    'wiring-loose-or-burnt': 5,
    // Small motors that run all day for years in the cold.
    'bldc-motor-failed': 14,
    'winding-open': 9,
    'dc-drive-missing': 6,
    'winding-shorted': 1.5,
    'winding-grounded': 0.9,
    'thermal-protector-open': 0.5,
    // Frost stops the wheel as often as the motor dies; the frost is a defrost fault.
    'ice-or-debris': 24,
    'bearing-worn': 15,
    'bearing-seized': 8,
    'wheel-rubbing': 4,
    'wheel-loose': 2,
    'mount-loose': 2,
    'dirt-or-paint-fouling': 2,
    'wheel-damaged': 1.5,
    // Ducts blocked by food.
    'vent-blocked': 3,
    // Defrost and compressor.
    'other-machine-fault': 5,
  },
  'refrigerator-condenser-fan': {
    // Rarely: the compressor shares it.
    'no-supply': 3,
    'low-supply': 0.2,
    'supply-too-high': 0.4,
    // Fed with the compressor by one relay or board.
    'no-control-call': 3,
    'control-board-relay': 3,
    // Mice and dust on the plug.
    'wiring-loose-or-burnt': 4,
    // Warm, dusty and low: windings and brushless electronics.
    'winding-open': 10,
    'bldc-motor-failed': 10,
    'dc-drive-missing': 5,
    'winding-shorted': 2,
    'thermal-protector-open': 1,
    'winding-grounded': 1.3,
    // Dust, hair and a dry bearing lead.
    'dirt-or-paint-fouling': 26,
    'bearing-worn': 16,
    'bearing-seized': 10,
    'ice-or-debris': 8,
    'wheel-rubbing': 4,
    'wheel-damaged': 3,
    'mount-loose': 3,
    'wheel-loose': 2,
    // The grille at the floor.
    'vent-blocked': 5,
    // The compressor itself.
    'other-machine-fault': 4,
  },
  'dehumidifier-fan': {
    // The cord, kicked and pulled.
    'no-supply': 5,
    'low-supply': 0.5,
    'supply-too-high': 0.4,
    // Humidistat, float switch of the bucket, board.
    'control-board-relay': 8,
    'safety-switch-open': 6,
    'no-control-call': 5,
    'wall-switch-or-pull-chain': 3,
    'control-stuck-on': 0.6,
    // Damp on the terminals.
    'wiring-loose-or-burnt': 3,
    'wired-wrong': 0.4,
    // One dual capacitor for fan and compressor.
    'capacitor-weak': 20,
    'capacitor-other-section-failed': 6,
    'capacitor-open': 5,
    'capacitor-shorted': 1.2,
    'wrong-capacitor': 0.7,
    // Tapped windings in damp air.
    'winding-open': 6,
    'thermal-protector-open': 4,
    'winding-shorted': 3,
    'winding-grounded': 1.8,
    // Dust on the wheel, dry bearings, ice on the coil.
    'dirt-or-paint-fouling': 14,
    'bearing-worn': 13,
    'bearing-seized': 6,
    'ice-or-debris': 4,
    'wheel-rubbing': 3,
    'mount-loose': 3,
    'wheel-loose': 2,
    'wheel-damaged': 1.5,
    // The filter.
    'vent-blocked': 4,
    // Compressor and refrigerant: small sealed circuits leak.
    'other-machine-fault': 6,
  },
} satisfies FamilyPriors
