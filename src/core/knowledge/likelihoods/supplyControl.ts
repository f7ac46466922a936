import type { LikelihoodTable } from '../types'
import { noPowerAtMotor } from './shared'

export const supplyAndControl: LikelihoodTable = {
  'no-supply': {
    ...noPowerAtMotor,
    'fan-state': { dead: 0.95, intermittent: 0.03 },
    // Whatever else hangs on the same feed stands still too.
    companion: { no: 0.9 },
    // A point that has its voltage clears all before it.
    'supply-voltage': { none: 0.985, low: 0.012 },
    // One that will not stay in has a short behind it: a cord at most, mostly the load.
    breaker: { off: 0.31, 'tripped-once': 0.37, on: 0.2, 'trips-again-at-once': 0.02, 'rcd-trips': 0.1 },
    // A separate control transformer can still pull the contactor in.
    'contactor-position': { 'not-pulled-in': 0.6 },
    'control-voltage': { none: 0.55 },
    'contactor-output': { none: 0.97 },
    'module-supply': { none: 0.96 },
    'board-drive': { none: 0.95 },
    'board-code': { 'no-light': 0.93 },
    onset: { suddenly: 0.62, 'after-a-storm-or-outage': 0.22, 'after-a-repair': 0.06 },
  },
  'low-supply': {
    'fan-state': { slow: 0.36, hums: 0.26, 'starts-then-stops': 0.2, intermittent: 0.1 },
    sound: { hum: 0.5, nothing: 0.25 },
    'supply-voltage': { low: 0.95 },
    'motor-voltage': { low: 0.92 },
    'contactor-output': { low: 0.9 },
    // A compressor asks more of a weak supply than a fan does.
    companion: { no: 0.45 },
    speeds: { 'all-slow': 0.65 },
    'case-heat': { 'too-hot-to-touch': 0.3, warm: 0.5 },
    'nudge-start': { 'starts-slowly': 0.5, 'does-nothing': 0.3 },
    // A protector opened by low voltage closes again when cold.
    'cold-retest': { 'now-good': 0.95 },
  },
  'supply-too-high': {
    // Iron driven into saturation hums loudly and heats; lamps of the house are bright or fail.
    'fan-state': { 'runs-noisy': 0.42, 'starts-then-stops': 0.22, dead: 0.15, 'runs-normally': 0.1 },
    sound: { hum: 0.75, nothing: 0.15 },
    'supply-voltage': { high: 0.97 },
    smell: { burnt: 0.35 },
    'case-heat': { 'too-hot-to-touch': 0.62, warm: 0.25 },
    onset: { suddenly: 0.5, 'after-a-storm-or-outage': 0.25, 'after-a-repair': 0.12 },
  },
  'no-control-call': {
    ...noPowerAtMotor,
    'fan-state': { dead: 0.88, intermittent: 0.09 },
    // The call is shared with the other load.
    companion: { no: 0.92 },
    'control-voltage': { none: 0.93, low: 0.04 },
    'contactor-position': { 'not-pulled-in': 0.985 },
    'contactor-output': { none: 0.97 },
    'board-drive': { none: 0.9 },
  },
  'control-power-dead': {
    ...noPowerAtMotor,
    'fan-state': { dead: 0.94, intermittent: 0.03 },
    companion: { no: 0.95 },
    'control-voltage': { none: 0.96, low: 0.03 },
    'contactor-position': { 'not-pulled-in': 0.97 },
    'contactor-output': { none: 0.97 },
    'board-drive': { none: 0.93 },
    'board-code': { 'no-light': 0.9 },
    onset: { suddenly: 0.6, 'after-a-storm-or-outage': 0.2, 'after-a-repair': 0.1 },
  },
  'safety-switch-open': {
    ...noPowerAtMotor,
    'fan-state': { dead: 0.68, 'starts-then-stops': 0.2, intermittent: 0.09 },
    companion: { no: 0.85 },
    'safety-switches': { 'one-open': 0.94 },
    'control-voltage': { none: 0.7 },
    'board-code': {
      'limit-open': 0.4,
      'pressure-switch-open': 0.32,
      'pressure-switch-stuck': 0.04,
      'no-fault': 0.18,
    },
    // What a switch holds off the board does not drive.
    'board-drive': { none: 0.9 },
    'contactor-position': { 'not-pulled-in': 0.85 },
  },
  'contactor-coil-open': {
    ...noPowerAtMotor,
    'fan-state': { dead: 0.94, intermittent: 0.04 },
    // Compressor and fan hang on the same contactor.
    companion: { no: 0.94 },
    'control-voltage': { present: 0.96 },
    'contactor-position': { 'not-pulled-in': 0.97 },
    'contactor-output': { none: 0.97 },
    'contactor-coil': { open: 0.88, shorted: 0.06 },
  },
  'contactor-contacts-bad': {
    'fan-state': { dead: 0.52, intermittent: 0.22, hums: 0.1, slow: 0.06, 'starts-then-stops': 0.06 },
    sound: { nothing: 0.45, clicking: 0.25, hum: 0.2 },
    companion: { no: 0.75 },
    'control-voltage': { present: 0.96 },
    'contactor-position': { 'pulled-in': 0.96 },
    'contactor-output': { none: 0.66, low: 0.28 },
    'motor-voltage': { none: 0.66, low: 0.28 },
    'case-heat': { cold: 0.7, warm: 0.25 },
    direction: { 'does-not-turn': 0.75 },
    connections: { 'loose-or-burnt': 0.3 },
  },
  'control-stuck-on': {
    'fan-state': { 'wont-stop': 0.96 },
    'contactor-position': { 'pulled-in': 0.9 },
    'control-voltage': { none: 0.75, present: 0.2 },
    'safety-switches': { 'stuck-closed': 0.3 },
    'board-code': { 'pressure-switch-stuck': 0.15, 'no-fault': 0.75 },
    direction: { right: 0.95 },
    'air-flow': { strong: 0.85 },
  },
  'control-board-relay': {
    ...noPowerAtMotor,
    'fan-state': { dead: 0.8, intermittent: 0.14 },
    sound: { nothing: 0.7, clicking: 0.25 },
    speeds: { none: 0.75, 'some-missing': 0.2 },
    // The board's other outputs usually still work.
    companion: { yes: 0.75 },
    // The call stands at its terminals and nothing goes out.
    'control-voltage': { present: 0.95 },
    'motor-voltage': { none: 0.945, low: 0.04 },
    // A command that stands at the motor's plug is one that the board gives.
    'board-drive': { none: 0.985 },
    'module-supply': { present: 0.4 },
    onset: { suddenly: 0.6, 'after-a-storm-or-outage': 0.22 },
  },
  'wall-switch-or-pull-chain': {
    ...noPowerAtMotor,
    'fan-state': { dead: 0.62, intermittent: 0.28, slow: 0.03 },
    'wall-switch': { bad: 0.95 },
    // Read where the wires of the house arrive: a switch on the wall leaves nothing there, a chain on the fan all of it.
    'supply-voltage': { none: 0.72, normal: 0.25 },
    // Where the switch is the call, there is none behind it.
    'control-voltage': { none: 0.6 },
    speeds: { none: 0.5, 'some-missing': 0.44 },
    'board-drive': { none: 0.8 },
    companion: { yes: 0.6 },
    'motor-voltage': { none: 0.88, low: 0.06 },
  },
}
