import type { CauseLikelihoods } from '../types'

/** The motor gets no power: it makes no sound, does not turn, moves no air. */
export const noPowerAtMotor: CauseLikelihoods = {
  sound: { nothing: 0.88, clicking: 0.08 },
  direction: { 'does-not-turn': 0.96 },
  'air-flow': { none: 0.95 },
  speeds: { none: 0.95 },
  'nudge-start': { 'does-nothing': 0.95 },
  'case-heat': { cold: 0.93, warm: 0.06 },
  'motor-voltage': { none: 0.95, low: 0.03 },
}

/** Power reaches the motor and nothing moves. */
export const deadMotor: CauseLikelihoods = {
  sound: { nothing: 0.82, clicking: 0.05, hum: 0.1 },
  direction: { 'does-not-turn': 0.94 },
  'air-flow': { none: 0.93 },
  speeds: { none: 0.85 },
}

/** The motor pulls against standstill: it hums and heats. */
export const stalled: CauseLikelihoods = {
  sound: { hum: 0.78, nothing: 0.1, clicking: 0.06 },
  direction: { 'does-not-turn': 0.88 },
  'air-flow': { none: 0.85, weak: 0.1 },
  'case-heat': { 'too-hot-to-touch': 0.5, warm: 0.35 },
}

/** The fan turns at its speed; what is wrong is heard. */
export const turnsNormally: CauseLikelihoods = {
  direction: { right: 0.94 },
  speeds: { all: 0.93 },
  'air-flow': { strong: 0.8, weak: 0.17 },
}
