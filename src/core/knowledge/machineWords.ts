/**
 * What belongs to the machine and its supply, and so never lies on the bench with a part: conductors, terminals and boards
 * of the control. These words only ever close.
 */
export const machineSide =
  /\b(?:l[123]?|line|mains|supply|feed|hot|live|neutral|lugs?|contactor|disconnect|breaker|fuse|panel|board|relay|transformer|junction|thermostat|bus ?bars?|wire ?nuts?|terminal (?:strip|block|board)|service)\b/

/** What may carry fuel, on a machine that burns it: asked what it carries, and fuel until somebody says otherwise. */
export const mayCarryFuel =
  /\b(?:gas|lp|lpg|propane|butane|unions?|manifolds?|flex(?:ible)?[ -]?lines?|flares?|pipes?|pipework|hoses?|tubes?|tubing|nuts?|valves?|regulators?|orifices?|burners?|pilot)\b/

/** Conductors and what carries them: never a cover that comes off before the proof. */
export const conductor =
  /\b(?:terminals?|lugs?|wires?|wiring(?! box)|leads?|splices?|nuts?|bus|bars?|connectors?|plugs?|conductors?|board|contactor|relay|capacitor(?! cover)|live|l[123]|neutral)\b/
