import type { FamilyPriors } from './types'

/** Fans in the rooms and under the roof. Weights of causes; each group with the judgement behind it. */
export const householdPriors = {
  'bath-exhaust-fan': {
    // A breaker or a loose plug in the housing; low or high supply would show in the lamp first.
    'no-supply': 6,
    'low-supply': 0.3,
    'supply-too-high': 0.4,
    // Wall switches wear; timers and humidistats are fewer, and few of these fans have a board.
    'wall-switch-or-pull-chain': 6,
    'no-control-call': 2,
    'control-stuck-on': 0.5,
    // The plug inside the housing works loose; wires are moved only when the fan is changed.
    'wiring-loose-or-burnt': 4,
    'wired-wrong': 1,
    'rotation-reversed': 1,
    // Only the quiet kinds carry a run capacitor, small and warm.
    'capacitor-weak': 6,
    'capacitor-open': 3,
    'capacitor-shorted': 1,
    'wrong-capacitor': 0.5,
    // Shaded-pole windings burn open when the bearing drags; electronic ones are new and fewer.
    'winding-open': 7,
    'thermal-protector-open': 3,
    'bldc-motor-failed': 3,
    'winding-shorted': 2,
    'dc-drive-missing': 2,
    'winding-grounded': 1.8,
    // Damp, lint and sleeve bearings: most end dry or dirty.
    'bearing-worn': 22,
    'dirt-or-paint-fouling': 18,
    'bearing-seized': 16,
    'wheel-loose': 4,
    'wheel-rubbing': 4,
    'mount-loose': 4,
    'wheel-damaged': 2,
    'ice-or-debris': 1,
    // The flap sticks and the outside hood clogs, and the mirror stays fogged.
    'vent-blocked': 6,
    'damper-stuck': 5,
  },
  'range-hood-fan': {
    // A hood shares its circuit and is seldom without supply.
    'no-supply': 5,
    'low-supply': 0.3,
    'supply-too-high': 0.4,
    // Keys pressed with greasy fingers, and a small board behind them.
    'wall-switch-or-pull-chain': 14,
    'control-board-relay': 8,
    'control-stuck-on': 0.7,
    // Heat and grease loosen the plugs.
    'wiring-loose-or-burnt': 4,
    'wired-wrong': 1,
    'rotation-reversed': 0.7,
    // Most have a run capacitor, warmed by the cooking.
    'capacitor-weak': 10,
    'capacitor-open': 4,
    'capacitor-shorted': 1,
    'wrong-capacitor': 0.7,
    // Windings die of blocked slots; protectors open over a hot hob.
    'winding-open': 6,
    'thermal-protector-open': 4,
    'winding-shorted': 2,
    'bldc-motor-failed': 2,
    'dc-drive-missing': 2,
    'winding-grounded': 1.8,
    // Grease holds the wheel and creeps into the bearing.
    'dirt-or-paint-fouling': 24,
    'bearing-worn': 12,
    'bearing-seized': 8,
    'wheel-loose': 3,
    'wheel-rubbing': 3,
    'mount-loose': 3,
    'wheel-damaged': 1,
    // Filters full of grease and a flap glued shut.
    'vent-blocked': 8,
    'damper-stuck': 5,
  },
  'ceiling-fan': {
    // Breaker or switch off is looked for first.
    'no-supply': 6,
    'low-supply': 0.4,
    'supply-too-high': 0.4,
    // Pull chains and wall controls wear out; receivers of remotes fail, batteries more often.
    'wall-switch-or-pull-chain': 14,
    'control-board-relay': 5,
    'no-control-call': 3,
    'control-stuck-on': 0.4,
    // Splices in the canopy, and wrong ones after a light was changed.
    'wiring-loose-or-burnt': 5,
    'wired-wrong': 2,
    'rotation-reversed': 2,
    // A block of several sections does the speeds: it leads, and the fan slows for months before.
    'capacitor-weak': 24,
    'speed-capacitor-failed': 12,
    'capacitor-open': 9,
    'capacitor-shorted': 2,
    'wrong-capacitor': 2,
    // A large slow motor seldom burns.
    'winding-open': 3,
    'bldc-motor-failed': 2,
    'dc-drive-missing': 2,
    'winding-shorted': 1,
    'thermal-protector-open': 0.7,
    'winding-grounded': 0.7,
    // Wobble, loose blades and mounts are what is heard; it turns slowly for years and hardly ever seizes.
    'mount-loose': 8,
    'wheel-damaged': 5,
    'bearing-worn': 5,
    'wheel-loose': 3,
    'bearing-seized': 2,
    'dirt-or-paint-fouling': 2,
    'wheel-rubbing': 1,
  },
  'attic-vent-fan': {
    // Breakers trip when it stalls in the heat.
    'no-supply': 7,
    'low-supply': 0.4,
    'supply-too-high': 0.4,
    // Its own thermostat is the weakest control of the house.
    'no-control-call': 12,
    'wall-switch-or-pull-chain': 3,
    'control-stuck-on': 1,
    // Years of heat make brittle joints.
    'wiring-loose-or-burnt': 5,
    'wired-wrong': 1,
    'rotation-reversed': 1,
    // Where it has one, it cooks.
    'capacitor-weak': 9,
    'capacitor-open': 4,
    'start-capacitor-failed': 2,
    'capacitor-shorted': 1,
    'wrong-capacitor': 0.6,
    // Stalled in hot air: protectors and windings; belt fans have a start switch too.
    'winding-open': 8,
    'thermal-protector-open': 8,
    'start-switch-stuck': 4,
    'winding-shorted': 3,
    'winding-grounded': 1.8,
    // Dry sleeve bearings, belts, wasps and leaves.
    'bearing-worn': 16,
    'bearing-seized': 14,
    'belt-worn': 9,
    'dirt-or-paint-fouling': 7,
    'ice-or-debris': 4,
    'mount-loose': 4,
    'wheel-loose': 3,
    'wheel-rubbing': 3,
    'wheel-damaged': 2,
    // Shutters stick with paint and dust.
    'damper-stuck': 5,
    'vent-blocked': 3,
  },
} satisfies FamilyPriors
