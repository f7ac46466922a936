import type { LikelihoodTable } from '../types'
import { deadMotor, stalled } from './shared'

export const motorFaults: LikelihoodTable = {
  'winding-open': {
    ...deadMotor,
    // Main winding open: silent. Start winding open: hums like a bad capacitor.
    'fan-state': { dead: 0.58, hums: 0.32, intermittent: 0.04 },
    sound: { nothing: 0.6, hum: 0.32 },
    'motor-voltage': { normal: 0.97 },
    'free-spin': { free: 0.9 },
    'nudge-start': { 'does-nothing': 0.72, 'starts-and-runs': 0.2 },
    winding: { open: 0.985 },
    // Of an electronic motor the three phases tell it, with the module off.
    'phase-resistances': { open: 0.985 },
    'cold-retest': { 'still-open': 0.995 },
    smell: { burnt: 0.25 },
    speeds: { none: 0.68, 'some-missing': 0.25 },
    companion: { yes: 0.85 },
    'case-heat': { cold: 0.66, warm: 0.26, 'too-hot-to-touch': 0.08 },
  },
  'winding-shorted': {
    ...stalled,
    'fan-state': {
      hums: 0.34,
      'starts-then-stops': 0.26,
      slow: 0.22,
      dead: 0.08,
      'runs-backwards': 0.02,
      intermittent: 0.05,
    },
    sound: { hum: 0.66, nothing: 0.2 },
    direction: { 'does-not-turn': 0.5, right: 0.45, wrong: 0.02 },
    'motor-voltage': { normal: 0.95 },
    // Shorted turns do not show in the sum; only a segment too low for the plate does.
    winding: { shorted: 0.62, good: 0.3, inconsistent: 0.05 },
    'phase-resistances': { unequal: 0.7, equal: 0.28 },
    smell: { burnt: 0.5 },
    'case-heat': { 'too-hot-to-touch': 0.74, warm: 0.22 },
    breaker: { on: 0.64, 'tripped-once': 0.15, 'trips-again-at-once': 0.12, 'holds-with-load-off': 0.06 },
    companion: { yes: 0.85 },
    'cold-retest': { 'now-good': 0.9 },
    speeds: { 'all-slow': 0.4, none: 0.35, 'some-missing': 0.15 },
  },
  'winding-grounded': {
    'fan-state': { dead: 0.45, hums: 0.16, 'starts-then-stops': 0.22, intermittent: 0.08 },
    'to-frame': { leaks: 0.93, doubtful: 0.05 },
    'phase-resistances': { equal: 0.7, unequal: 0.2, open: 0.06 },
    breaker: {
      'trips-again-at-once': 0.42,
      'holds-with-load-off': 0.14,
      'rcd-trips': 0.28,
      'tripped-once': 0.16,
    },
    winding: { good: 0.75, shorted: 0.1, open: 0.08 },
    smell: { burnt: 0.4 },
    onset: { suddenly: 0.5, 'after-water': 0.3 },
  },
  'thermal-protector-open': {
    ...deadMotor,
    'fan-state': { dead: 0.5, 'starts-then-stops': 0.32, intermittent: 0.16 },
    'case-heat': { 'too-hot-to-touch': 0.9, warm: 0.08 },
    winding: { open: 0.92 },
    'motor-voltage': { normal: 0.95 },
    // The protector alone is never the cause: once it has closed again, what overheated the motor is looked for.
    'cold-retest': { 'now-good': 0.3, 'still-open': 0.01 },
    companion: { yes: 0.85 },
  },
  'start-switch-stuck': {
    ...stalled,
    'fan-state': { hums: 0.56, 'starts-then-stops': 0.24, dead: 0.08, intermittent: 0.08 },
    sound: { hum: 0.6, clicking: 0.2, nothing: 0.12 },
    'nudge-start': { 'starts-and-runs': 0.75, 'starts-slowly': 0.18 },
    'capacitor-fan-reading': { within: 0.97 },
    'free-spin': { free: 0.94 },
    winding: { open: 0.45, good: 0.5 },
    'cold-retest': { 'still-open': 0.9 },
  },
  'ecm-module-failed': {
    ...deadMotor,
    // Its line is on all the time: what is heard of a call is the relay of the board, in every practice machine.
    sound: { nothing: 0.7, clicking: 0.2, hum: 0.07 },
    'fan-state': { dead: 0.74, intermittent: 0.14, 'starts-then-stops': 0.06 },
    'module-supply': { present: 0.96 },
    // The board asks and nothing turns.
    'board-drive': { present: 0.96 },
    'board-code': { 'blower-fault': 0.4, 'no-fault': 0.45 },
    // Most dead modules look sound.
    'module-look': { sound: 0.52, 'burnt-part': 0.26, 'water-marks': 0.21 },
    'phase-resistances': { equal: 0.97 },
    onset: { suddenly: 0.42, 'after-a-storm-or-outage': 0.38, 'after-water': 0.14 },
    smell: { burnt: 0.25 },
  },
  'ecm-inrush-part-burnt': {
    ...deadMotor,
    // Its line is on all the time: what is heard of a call is the relay of the board, in every practice machine.
    sound: { nothing: 0.7, clicking: 0.2, hum: 0.07 },
    'fan-state': { dead: 0.97 },
    'module-supply': { present: 0.97 },
    'board-drive': { present: 0.96 },
    'board-code': { 'blower-fault': 0.4, 'no-fault': 0.45 },
    'module-look': { 'burnt-part': 0.96 },
    'phase-resistances': { equal: 0.97 },
    onset: { suddenly: 0.55, 'after-a-storm-or-outage': 0.38 },
    smell: { burnt: 0.55 },
  },
  'dc-drive-missing': {
    ...deadMotor,
    'fan-state': { dead: 0.9, intermittent: 0.07 },
    // The rest of the machine has its supply.
    'supply-voltage': { normal: 0.97 },
    breaker: { on: 0.97 },
    companion: { yes: 0.8 },
    // A drive that gives its volts is none that is missing; what is left is one that drops out when it warms.
    'board-drive': { none: 0.985 },
    'motor-voltage': { none: 0.92 },
    onset: { suddenly: 0.55, 'after-a-storm-or-outage': 0.3 },
  },
  'bldc-motor-failed': {
    'fan-state': { dead: 0.5, intermittent: 0.14, 'starts-then-stops': 0.18, 'runs-noisy': 0.1 },
    sound: { nothing: 0.6, clicking: 0.15, rattle: 0.08 },
    'board-drive': { present: 0.96 },
    'board-code': { 'blower-fault': 0.5, 'no-fault': 0.35 },
    'motor-voltage': { normal: 0.95 },
    'phase-resistances': { unequal: 0.35, open: 0.25, equal: 0.4 },
    'free-spin': { free: 0.55, stiff: 0.28, rough: 0.1 },
    // Electronic speeds fail all together.
    speeds: { none: 0.68, all: 0.25 },
    direction: { 'does-not-turn': 0.75 },
  },
  'brushes-worn': {
    'fan-state': { dead: 0.36, intermittent: 0.34, slow: 0.22 },
    sound: { nothing: 0.5, clicking: 0.2, grinding: 0.12 },
    // Brushes that are long are not worn: the rest is a commutator that is dirty under good ones.
    'brush-length': { 'worn-short': 0.965 },
    'motor-voltage': { normal: 0.96 },
    // A nudge moves the brush to a bar that still makes contact.
    'nudge-start': { 'starts-and-runs': 0.6, 'does-nothing': 0.3 },
    winding: { open: 0.5, good: 0.45 },
    onset: { 'slower-over-months': 0.4, suddenly: 0.35 },
  },
}
