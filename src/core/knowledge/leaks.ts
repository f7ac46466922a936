import type { ValueShares } from './types'
import type { ObservationId } from './vocabulary'

/**
 * What is seen when a cause has nothing to do with the observation: the leak. Also the shape in which a cause's
 * unnamed remainder is spread. Figures are this project's judgement of the trade's common cases.
 */
export const leaks: Record<ObservationId, ValueShares> = {
  'fan-state': {
    dead: 0.2,
    hums: 0.12,
    'starts-then-stops': 0.13,
    slow: 0.13,
    'runs-noisy': 0.12,
    'runs-little-air': 0.1,
    'runs-backwards': 0.02,
    intermittent: 0.12,
    'wont-stop': 0.01,
    'runs-normally': 0.05,
  },
  sound: { nothing: 0.35, hum: 0.2, squeal: 0.08, grinding: 0.07, rattle: 0.12, clicking: 0.1, roar: 0.08 },
  // Nearly every repairer smells nothing; gas is a stop and never a likelihood.
  smell: { none: 0.93, burnt: 0.069, gas: 0.001 },
  'case-heat': { cold: 0.5, warm: 0.4, 'too-hot-to-touch': 0.1 },
  'free-spin': {
    free: 0.86,
    stiff: 0.04,
    seized: 0.01,
    rough: 0.03,
    rubs: 0.02,
    wobbles: 0.02,
    'slips-on-shaft': 0.02,
  },
  'coast-down': { 'coasts-long': 0.75, 'stops-quickly': 0.25 },
  'nudge-start': { 'starts-and-runs': 0.12, 'starts-slowly': 0.15, 'does-nothing': 0.73 },
  speeds: { all: 0.5, none: 0.25, 'only-high': 0.03, 'all-slow': 0.12, 'some-missing': 0.1 },
  companion: { yes: 0.7, no: 0.3, 'not-fitted': 0.2 },
  onset: {
    suddenly: 0.5,
    'grew-louder-over-weeks': 0.13,
    'slower-over-months': 0.13,
    'after-a-repair': 0.07,
    'after-a-storm-or-outage': 0.08,
    'after-painting-or-building-work': 0.03,
    'after-water': 0.06,
  },
  breaker: {
    on: 0.9,
    'tripped-once': 0.05,
    'trips-again-at-once': 0.004,
    off: 0.02,
    'rcd-trips': 0.02,
    // Nobody parts the load of a breaker that has not tripped; what holds then points at the load.
    'holds-with-load-off': 0.003,
    'trips-with-load-off': 0.002,
  },
  // Two lugs side by side are hard to miss: the practice machines showed 0.015 to outweigh a reading of nothing by a click that was heard.
  'supply-voltage': { normal: 0.9706, low: 0.025, none: 0.004, high: 0.0004 },
  'control-voltage': { present: 0.92, low: 0.04, none: 0.04 },
  'contactor-position': { 'pulled-in': 0.88, 'not-pulled-in': 0.12, 'not-fitted': 0.1 },
  'contactor-output': { normal: 0.96, low: 0.03, none: 0.01 },
  'motor-voltage': { normal: 0.92, low: 0.04, none: 0.04 },
  // A continuity test with a wire off seldom misleads.
  'safety-switches': { closed: 0.979, 'one-open': 0.006, 'not-fitted': 0.1, 'stuck-closed': 0.015 },
  'wall-switch': { good: 0.994, bad: 0.006, 'not-fitted': 0.1 },
  // Old capacitors often look a little tired without being the fault.
  'capacitor-look': {
    sound: 0.903,
    // A domed top is the capacitor's own cut-out: it hardly ever domes and still works.
    'bulged-or-leaking': 0.012,
    burnt: 0.01,
    'rusty-terminals': 0.07,
    'none-fitted': 0.1,
    cracked: 0.005,
  },
  'capacitor-fan-reading': { within: 0.942, low: 0.04, open: 0.005, short: 0.004, above: 0.009 },
  'capacitor-other-reading': { within: 0.942, low: 0.04, open: 0.005, short: 0.004, above: 0.009 },
  // Of capacitors that are not at fault, few are of another figure than the plate's.
  'capacitor-label-match': { matches: 0.98, differs: 0.02, unknown: 0.1 },
  // A resistance read open or leaking by mistake is rare: a probe off its lead.
  winding: { good: 0.95, open: 0.006, shorted: 0.01, inconsistent: 0.034 },
  'to-frame': { clear: 0.968, leaks: 0.002, doubtful: 0.03 },
  'cold-retest': { 'still-open': 0.5, 'now-good': 0.5, 'not-done': 0.1 },
  'module-look': { sound: 0.96, 'burnt-part': 0.01, 'water-marks': 0.03, 'not-opened': 0.1 },
  'module-supply': { present: 0.94, none: 0.06 },
  // An open phase is read at the winding itself.
  'phase-resistances': { equal: 0.974, unequal: 0.022, open: 0.004 },
  'board-drive': { present: 0.92, none: 0.08 },
  'brush-length': { long: 0.985, 'worn-short': 0.015, 'not-fitted': 0.1 },
  hub: { tight: 0.955, loose: 0.025, cracked: 0.01, 'out-of-balance': 0.01 },
  fouling: { clean: 0.62, dirty: 0.32, 'painted-over': 0.02, iced: 0.02, debris: 0.02 },
  mounting: { tight: 0.95, loose: 0.05 },
  'air-flow': { strong: 0.45, weak: 0.3, none: 0.24, 'wrong-way': 0.01 },
  damper: { opens: 0.975, stuck: 0.025, 'not-fitted': 0.1 },
  'vent-path': { clear: 0.9, blocked: 0.1 },
  'drain-and-tube': { clear: 0.96, blocked: 0.04, 'not-fitted': 0.1 },
  // A brown or loose terminal that is not the fault is rare, and mended all the same.
  connections: { sound: 0.995, 'loose-or-burnt': 0.005 },
  'wiring-changed': { no: 0.92, yes: 0.08 },
  direction: { right: 0.55, wrong: 0.02, 'does-not-turn': 0.43 },
  'temperature-effect': {
    'warm-air-from-cooling': 0.2,
    'no-heat': 0.2,
    'food-warming': 0.2,
    'damp-or-mould': 0.2,
    'no-change': 0.2,
  },
  'should-run-now': { yes: 0.9, 'normal-pause': 0.1, unsure: 0.1 },
  'danger-signs': {
    none: 0.99,
    'co-alarm': 0.002,
    'soot-or-rollout': 0.002,
    'oil-at-joint': 0.002,
    'water-on-electrics': 0.002,
    'burnt-supply': 0.002,
  },
  'contactor-coil': { good: 0.985, open: 0.008, shorted: 0.007 },
  belt: { sound: 0.94, slipping: 0.04, broken: 0.02, 'not-fitted': 0.1 },
  // A board mostly has no code for what it cannot see; one from an earlier fault may still stand there.
  'board-code': {
    'no-fault': 0.72,
    'pressure-switch-open': 0.04,
    'pressure-switch-stuck': 0.015,
    'limit-open': 0.04,
    'flame-lost': 0.04,
    'blower-fault': 0.03,
    other: 0.085,
    'no-light': 0.03,
  },
  'reversing-switch': { 'as-wanted': 0.98, 'other-way': 0.02, 'none-fitted': 0.1 },
  // An old inducer is streaked with rust without leaking so much that it stops.
  seal: { tight: 0.951, 'draught-felt': 0.004, 'water-or-rust-marks': 0.035, 'hardened-or-torn': 0.01 },
}

/** Values that tell nothing: the person did not look, or does not know. */
export const uninformative: Partial<Record<ObservationId, string[]>> = {
  'cold-retest': ['not-done'],
  'module-look': ['not-opened'],
  'capacitor-label-match': ['unknown'],
  'should-run-now': ['unsure', 'normal-pause', 'yes'],
  'danger-signs': [
    'none',
    'co-alarm',
    'soot-or-rollout',
    'oil-at-joint',
    'water-on-electrics',
    'burnt-supply',
  ],
  companion: ['not-fitted'],
  'board-code': ['other'],
  'reversing-switch': ['none-fitted'],
}
