import type { CauseLikelihoods, LikelihoodTable } from '../types'
import { stalled } from './shared'

/** A fan whose capacitor fails is mechanically sound and gets its voltage. */
const soundButForCapacitor: CauseLikelihoods = {
  'free-spin': { free: 0.95, stiff: 0.03 },
  'coast-down': { 'coasts-long': 0.92 },
  'motor-voltage': { normal: 0.97 },
  // What the two loads share is fine when the compressor runs.
  companion: { yes: 0.88 },
  winding: { good: 0.95, open: 0.03 },
  'cold-retest': { 'now-good': 0.93 },
}

export const wiringAndCapacitor: LikelihoodTable = {
  'wiring-loose-or-burnt': {
    'fan-state': { dead: 0.52, intermittent: 0.32, hums: 0.06, slow: 0.04 },
    sound: { nothing: 0.68, clicking: 0.12, hum: 0.1 },
    connections: { 'loose-or-burnt': 0.92 },
    smell: { burnt: 0.28 },
    'motor-voltage': { none: 0.55, normal: 0.3, low: 0.12 },
    // Line or command at the plug of a module: what lies before that plug passes it.
    'module-supply': { none: 0.5 },
    'board-drive': { none: 0.45 },
    companion: { yes: 0.75 },
    direction: { 'does-not-turn': 0.75 },
    'case-heat': { cold: 0.8, warm: 0.18 },
    speeds: { none: 0.6, 'some-missing': 0.2 },
  },
  'wired-wrong': {
    'fan-state': { hums: 0.26, dead: 0.2, 'runs-backwards': 0.18, slow: 0.16, 'starts-then-stops': 0.12 },
    'wiring-changed': { yes: 0.97 },
    onset: { 'after-a-repair': 0.95 },
    direction: { wrong: 0.25, 'does-not-turn': 0.45 },
    breaker: { 'trips-again-at-once': 0.08, 'tripped-once': 0.06, 'trips-with-load-off': 0.03 },
    'case-heat': { 'too-hot-to-touch': 0.3, warm: 0.35 },
  },
  'rotation-reversed': {
    // A centrifugal wheel turned backwards still blows forward, weakly.
    'fan-state': { 'runs-backwards': 0.76, 'runs-little-air': 0.2 },
    direction: { wrong: 0.97 },
    'air-flow': { 'wrong-way': 0.62, weak: 0.33 },
    // A ceiling fan's own switch is the first to look at.
    'reversing-switch': { 'other-way': 0.6 },
    // A motor does not turn round by itself.
    'wiring-changed': { yes: 0.97 },
    onset: { 'after-a-repair': 0.95 },
    sound: { roar: 0.45, nothing: 0.2, hum: 0.15 },
    speeds: { all: 0.9 },
  },
  'capacitor-weak': {
    ...stalled,
    ...soundButForCapacitor,
    // Too little phase shift: it cannot start, or turns slowly and hot.
    'fan-state': {
      hums: 0.42,
      slow: 0.3,
      'starts-then-stops': 0.16,
      intermittent: 0.05,
      'runs-backwards': 0.025,
      dead: 0.02,
    },
    sound: { hum: 0.66, nothing: 0.22 },
    direction: { 'does-not-turn': 0.5, right: 0.45, wrong: 0.03 },
    'air-flow': { none: 0.45, weak: 0.5, 'wrong-way': 0.02 },
    'nudge-start': { 'starts-and-runs': 0.72, 'starts-slowly': 0.23 },
    'capacitor-fan-reading': { low: 0.968, open: 0.02 },
    'capacitor-look': {
      sound: 0.55,
      'bulged-or-leaking': 0.34,
      'rusty-terminals': 0.08,
      burnt: 0.01,
      cracked: 0.01,
    },
    speeds: { 'all-slow': 0.55, none: 0.3, 'only-high': 0.05 },
    onset: { 'slower-over-months': 0.4, suddenly: 0.42, 'after-a-storm-or-outage': 0.05 },
    winding: { good: 0.93, open: 0.05 },
  },
  'capacitor-open': {
    ...stalled,
    ...soundButForCapacitor,
    'fan-state': { hums: 0.8, 'starts-then-stops': 0.07, dead: 0.05, slow: 0.05 },
    'nudge-start': { 'starts-and-runs': 0.8, 'starts-slowly': 0.15 },
    'capacitor-fan-reading': { open: 0.93, low: 0.04 },
    'capacitor-look': {
      sound: 0.42,
      'bulged-or-leaking': 0.42,
      burnt: 0.07,
      'rusty-terminals': 0.05,
      cracked: 0.03,
    },
    speeds: { none: 0.75, 'all-slow': 0.15 },
    onset: { suddenly: 0.75, 'after-a-storm-or-outage': 0.1 },
  },
  'capacitor-shorted': {
    ...stalled,
    ...soundButForCapacitor,
    'fan-state': { hums: 0.52, dead: 0.16, 'starts-then-stops': 0.16, slow: 0.1 },
    'nudge-start': { 'does-nothing': 0.5, 'starts-slowly': 0.4 },
    'capacitor-fan-reading': { short: 0.95 },
    'capacitor-look': { 'bulged-or-leaking': 0.45, sound: 0.3, burnt: 0.15, cracked: 0.05 },
    breaker: { on: 0.54, 'tripped-once': 0.2, 'trips-again-at-once': 0.16, 'holds-with-load-off': 0.08 },
    onset: { suddenly: 0.85 },
  },
  'speed-capacitor-failed': {
    ...soundButForCapacitor,
    // High speed needs only the start section; the lower ones go through the failed one.
    'fan-state': { slow: 0.5, 'runs-normally': 0.2, dead: 0.12, intermittent: 0.05 },
    speeds: { 'only-high': 0.8, 'some-missing': 0.14 },
    'capacitor-fan-reading': { low: 0.5, open: 0.22, within: 0.22 },
    'capacitor-look': { sound: 0.55, 'bulged-or-leaking': 0.3, burnt: 0.08 },
    sound: { nothing: 0.45, hum: 0.4 },
  },
  'wrong-capacitor': {
    ...soundButForCapacitor,
    'fan-state': { slow: 0.32, hums: 0.24, 'starts-then-stops': 0.22, 'runs-noisy': 0.1 },
    sound: { hum: 0.65, nothing: 0.2 },
    'capacitor-label-match': { differs: 0.9 },
    'capacitor-fan-reading': { above: 0.32, within: 0.55, low: 0.1 },
    onset: { 'after-a-repair': 0.62, 'slower-over-months': 0.1 },
    'wiring-changed': { yes: 0.65 },
    'case-heat': { 'too-hot-to-touch': 0.48, warm: 0.42 },
    speeds: { 'all-slow': 0.4 },
  },
  'capacitor-other-section-failed': {
    'fan-state': { 'runs-normally': 0.86, intermittent: 0.04 },
    'capacitor-other-reading': { low: 0.56, open: 0.31, short: 0.12 },
    companion: { no: 0.93 },
    'capacitor-look': { sound: 0.45, 'bulged-or-leaking': 0.45 },
    direction: { right: 0.95 },
    'air-flow': { strong: 0.88 },
    sound: { hum: 0.4, clicking: 0.2, nothing: 0.3 },
  },
  'start-capacitor-failed': {
    ...stalled,
    'fan-state': { hums: 0.78, 'starts-then-stops': 0.08, dead: 0.06, intermittent: 0.05 },
    'nudge-start': { 'starts-and-runs': 0.85, 'starts-slowly': 0.1 },
    'free-spin': { free: 0.94 },
    'capacitor-fan-reading': { low: 0.41, open: 0.47, short: 0.1 },
    'capacitor-look': { sound: 0.35, 'bulged-or-leaking': 0.35, burnt: 0.15, cracked: 0.08 },
    winding: { good: 0.96 },
  },
}
