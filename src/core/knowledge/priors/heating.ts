import type { FamilyPriors } from './types'

/** Blowers of burners and stoves. Weights of causes; each group with the judgement behind it. */
export const heatingPriors = {
  'furnace-blower': {
    // A tripped breaker or a service switch somebody turned off.
    'no-supply': 5,
    'low-supply': 0.5,
    'supply-too-high': 0.8,
    // Board relays, the low-voltage fuse, limits and doors: four places that can hold it off.
    'control-board-relay': 8,
    'no-control-call': 5,
    'control-power-dead': 5,
    'safety-switch-open': 5,
    'control-stuck-on': 2,
    // Plugs of modules burn; colours get mixed when a motor was changed.
    'wiring-loose-or-burnt': 4,
    'wired-wrong': 1,
    'rotation-reversed': 0.8,
    // The commonest single part of a tapped motor.
    'capacitor-weak': 16,
    'capacitor-open': 5,
    'start-capacitor-failed': 2,
    'capacitor-shorted': 1.5,
    'wrong-capacitor': 1,
    // Electronic modules die of surges and water; tapped windings of heat from blocked filters.
    'ecm-module-failed': 14,
    'ecm-inrush-part-burnt': 7,
    'winding-open': 5,
    'thermal-protector-open': 5,
    'winding-shorted': 3,
    'start-switch-stuck': 1.5,
    'winding-grounded': 2.2,
    // Bearings and a wheel full of lint.
    'bearing-worn': 8,
    'bearing-seized': 6,
    'dirt-or-paint-fouling': 5,
    'belt-worn': 4,
    'wheel-loose': 3,
    'wheel-rubbing': 2,
    'mount-loose': 2,
    'wheel-damaged': 1,
    'ice-or-debris': 0.4,
    // A filter nobody changed.
    'vent-blocked': 7,
    // The burner side holds the blower off.
    'other-machine-fault': 2,
  },
  'draft-inducer': {
    // It shares the furnace’s supply; rarely alone without.
    'no-supply': 3,
    'low-supply': 0.3,
    'supply-too-high': 0.4,
    // Boards and limits; the call comes first to the inducer, so it is blamed for both.
    'control-board-relay': 7,
    'safety-switch-open': 5,
    'no-control-call': 5,
    'control-power-dead': 3,
    'control-stuck-on': 0.7,
    // Heat hardens the plug.
    'wiring-loose-or-burnt': 4,
    'wired-wrong': 0.5,
    'rotation-reversed': 0.3,
    // Few have one, on the outside, in the warm.
    'capacitor-weak': 5,
    'capacitor-open': 2,
    'capacitor-shorted': 0.6,
    'wrong-capacitor': 0.4,
    // Hot, wet and always the first to start.
    'winding-open': 9,
    'ecm-module-failed': 5,
    'winding-shorted': 3,
    'thermal-protector-open': 3,
    'winding-grounded': 2.7,
    'ecm-inrush-part-burnt': 1,
    // Bearings and rust lead: it runs every time the burner does.
    'bearing-worn': 20,
    'bearing-seized': 13,
    'wheel-loose': 3,
    'wheel-damaged': 2,
    'wheel-rubbing': 2,
    'dirt-or-paint-fouling': 2,
    'mount-loose': 2,
    'ice-or-debris': 1,
    // Half of the calls are the tube, the drain or the vent and not the motor.
    'pressure-tube-or-drain': 14,
    'vent-blocked': 5,
    'seal-or-housing-leaking': 5,
    // Igniter, flame sensor, gas valve: not the fan.
    'other-machine-fault': 3,
  },
  'pellet-stove-exhaust-blower': {
    // Cord and socket behind the stove.
    'no-supply': 4,
    'low-supply': 0.2,
    'supply-too-high': 0.4,
    // Board, and the vacuum switch that the ash holds open.
    'control-board-relay': 6,
    'safety-switch-open': 5,
    'no-control-call': 3,
    // Heat on the plug.
    'wiring-loose-or-burnt': 3,
    'wired-wrong': 0.4,
    // Few have one.
    'capacitor-weak': 3,
    'capacitor-open': 1,
    'capacitor-shorted': 0.3,
    // Heat of the flue through the shaft.
    'winding-open': 8,
    'thermal-protector-open': 4,
    'winding-shorted': 2,
    'winding-grounded': 1.3,
    // Ash on the wheel and dry bearings: more than half.
    'dirt-or-paint-fouling': 26,
    'bearing-worn': 20,
    'bearing-seized': 10,
    'wheel-rubbing': 4,
    'wheel-loose': 3,
    'wheel-damaged': 2,
    'mount-loose': 2,
    // Vent, tube and gaskets.
    'vent-blocked': 9,
    'pressure-tube-or-drain': 5,
    'seal-or-housing-leaking': 4,
    // Igniter and auger.
    'other-machine-fault': 2,
  },
  'rv-furnace-blower': {
    // A tired battery or a thin wire: low volts lead by far.
    'low-supply': 20,
    'no-supply': 10,
    // Sail switch and limit, thermostat, board.
    'safety-switch-open': 8,
    'control-board-relay': 6,
    'no-control-call': 6,
    'wall-switch-or-pull-chain': 2,
    'control-stuck-on': 0.5,
    // Vibration on the road.
    'wiring-loose-or-burnt': 8,
    'wired-wrong': 1,
    'rotation-reversed': 1,
    // Brushes wear; windings seldom.
    'brushes-worn': 18,
    'winding-open': 4,
    'winding-shorted': 1.5,
    'winding-grounded': 0.9,
    // Wasps, mice and a dry bearing after the winter.
    'bearing-worn': 12,
    'bearing-seized': 8,
    'ice-or-debris': 7,
    'wheel-loose': 5,
    'wheel-rubbing': 5,
    'dirt-or-paint-fouling': 4,
    'wheel-damaged': 2,
    'mount-loose': 2,
    // A nest in the vent.
    'vent-blocked': 4,
    // Gas valve and igniter.
    'other-machine-fault': 3,
  },
} satisfies FamilyPriors
