import { leaks } from './leaks'
import type { ValueShares } from './types'
import { type CauseId, causeIds, type ObservationId } from './vocabulary'

/**
 * What one finding already says of another, so that the two are not counted twice. A fan that is said to be dead does not
 * turn and moves no air, whatever the cause: asking for it adds nothing, and hearing it proves nothing.
 */
export interface Given {
  /** The finding that speaks first, and the values of it that do. */
  finding: ObservationId
  values: string[]
  /** The observation it settles. */
  of: ObservationId
  /** What is then seen under any cause but `except`. */
  shares?: ValueShares
  /** Or: values that can no longer be; what each cause says of the others stands. */
  rulesOut?: string[]
  /** It speaks only of what is read after it: what stood there before is read anew. */
  after?: true
  /** Causes that keep their own word. */
  except?: CauseId[]
}

const STILL = ['dead', 'hums']
/** A breaker, fuse or RCD that passes nothing. */
export const NOT_IN = ['off', 'tripped-once', 'trips-again-at-once', 'rcd-trips']
const TURNS = ['slow', 'runs-noisy', 'runs-little-air', 'runs-backwards', 'wont-stop', 'runs-normally']

/** What trips a breaker, or is nothing but a breaker that tripped. */
const TRIPS: CauseId[] = [
  'no-supply',
  'winding-grounded',
  'winding-shorted',
  'capacitor-shorted',
  'wiring-loose-or-burnt',
]

/** A board without a supply: what else is told was told before, or of another light. */
const UNLIT: ValueShares = {
  'no-light': 0.945,
  'no-fault': 0.03,
  'pressure-switch-open': 0.005,
  'pressure-switch-stuck': 0.005,
  'limit-open': 0.005,
  'flame-lost': 0.005,
  'blower-fault': 0.005,
}

/**
 * Where several fit, the first in this list counts. The nearer measuring point comes before the farther one. Figures are
 * this project's judgement: what is left beside the settled value is misreading.
 */
export const givens: Given[] = [
  // Once the protector has closed again the windings show, whatever heated them.
  {
    finding: 'cold-retest',
    values: ['now-good'],
    of: 'winding',
    shares: { good: 0.96, open: 0.01, shorted: 0.02, inconsistent: 0.01 },
    except: ['winding-open', 'winding-shorted', 'winding-grounded', 'start-switch-stuck'],
    after: true,
  },
  // One that has tripped passes nothing: what trips it explains the dead supply behind it as well.
  {
    finding: 'breaker',
    values: NOT_IN,
    of: 'supply-voltage',
    shares: { none: 0.97, normal: 0.02, low: 0.005, high: 0.005 },
    except: causeIds.filter((cause) => !TRIPS.includes(cause)),
  },
  // Nothing comes out behind it either, wherever it is read.
  ...(['contactor-output', 'motor-voltage'] as const).map((of) => ({
    finding: 'breaker' as const,
    values: NOT_IN,
    of,
    shares: { none: 0.98, normal: 0.01, low: 0.01 },
  })),
  {
    finding: 'breaker',
    values: NOT_IN,
    of: 'module-supply',
    shares: { present: 0.015, none: 0.985 },
  },
  // What trips again at once has no time to warm up, and nothing behind it turns or sounds.
  {
    finding: 'breaker',
    values: ['trips-again-at-once'],
    of: 'case-heat',
    shares: { cold: 0.62, warm: 0.28, 'too-hot-to-touch': 0.1 },
  },
  {
    finding: 'breaker',
    values: ['trips-again-at-once'],
    of: 'fan-state',
    shares: { dead: 0.93, hums: 0.03, 'starts-then-stops': 0.03, intermittent: 0.01 },
  },
  {
    finding: 'breaker',
    values: ['trips-again-at-once'],
    of: 'sound',
    shares: { nothing: 0.8, clicking: 0.14, hum: 0.06 },
  },
  // Without a supply no light is lit.
  {
    finding: 'supply-voltage',
    values: ['none'],
    of: 'board-code',
    shares: UNLIT,
  },
  {
    finding: 'breaker',
    values: NOT_IN,
    of: 'board-code',
    shares: UNLIT,
  },
  // The coil has its call and the contactor is out: that is the coil, and hardly anything else.
  {
    finding: 'control-voltage',
    values: ['present'],
    of: 'contactor-position',
    shares: { 'pulled-in': 0.975, 'not-pulled-in': 0.025 },
    except: ['contactor-coil-open'],
  },
  // Without a call every contactor is out, but one that is stuck.
  {
    finding: 'control-voltage',
    values: ['none'],
    of: 'contactor-position',
    shares: { 'pulled-in': 0.02, 'not-pulled-in': 0.98 },
    except: ['control-stuck-on'],
  },
  // Without a call no board drives its motor and nothing comes out to it, whatever else is wrong.
  {
    finding: 'control-voltage',
    values: ['none'],
    of: 'board-drive',
    shares: { present: 0.03, none: 0.97 },
    except: ['control-stuck-on'],
  },
  // A contactor that is out passes nothing.
  {
    finding: 'contactor-position',
    values: ['not-pulled-in'],
    of: 'contactor-output',
    shares: { normal: 0.01, low: 0.01, none: 0.98 },
  },
  // Nothing goes out where nothing comes in.
  {
    finding: 'supply-voltage',
    values: ['none'],
    of: 'contactor-output',
    shares: { normal: 0.005, low: 0.01, none: 0.985 },
  },
  {
    finding: 'supply-voltage',
    values: ['low'],
    of: 'contactor-output',
    rulesOut: ['normal'],
  },
  // One that is in passes what comes in: only its contacts, its supply or a lost connection explain another output.
  {
    finding: 'contactor-position',
    values: ['pulled-in'],
    of: 'contactor-output',
    shares: { normal: 0.9755, low: 0.023, none: 0.0015 },
    except: ['contactor-contacts-bad', 'no-supply', 'low-supply', 'wiring-loose-or-burnt'],
  },
  // The motor hangs behind the contactor.
  {
    finding: 'contactor-output',
    values: ['none'],
    of: 'motor-voltage',
    shares: { normal: 0.01, low: 0.01, none: 0.98 },
  },
  {
    finding: 'contactor-output',
    values: ['low'],
    of: 'motor-voltage',
    shares: { normal: 0.03, low: 0.92, none: 0.05 },
    except: ['wiring-loose-or-burnt'],
  },
  // Right at the contactor and wrong at the motor: only the wire between them.
  {
    finding: 'contactor-output',
    values: ['normal'],
    of: 'motor-voltage',
    shares: { normal: 0.97, low: 0.015, none: 0.015 },
    // A heat pump's defrost board feeds its fan from the contactor.
    except: ['wiring-loose-or-burnt', 'wired-wrong', 'control-board-relay'],
  },
  {
    finding: 'supply-voltage',
    values: ['none'],
    of: 'motor-voltage',
    shares: { normal: 0.005, low: 0.01, none: 0.985 },
  },
  {
    finding: 'supply-voltage',
    values: ['none'],
    of: 'module-supply',
    shares: { present: 0.015, none: 0.985 },
  },
  // It hums or turns: voltage reaches it. How much is still open.
  ...(['supply-voltage', 'contactor-output', 'motor-voltage', 'module-supply'] as const).map((of) => ({
    finding: 'fan-state' as const,
    values: ['hums', ...TURNS],
    of,
    rulesOut: ['none'],
  })),
  {
    finding: 'fan-state',
    values: ['hums', ...TURNS.filter((value) => value !== 'wont-stop')],
    of: 'contactor-position',
    rulesOut: ['not-pulled-in'],
  },
  // What stands still does not turn and moves no air.
  {
    finding: 'fan-state',
    values: STILL,
    of: 'direction',
    shares: { 'does-not-turn': 0.985, right: 0.01, wrong: 0.005 },
  },
  {
    finding: 'fan-state',
    values: STILL,
    of: 'air-flow',
    shares: { none: 0.97, weak: 0.02, strong: 0.009, 'wrong-way': 0.001 },
  },
  // A dead fan was tried at its speeds; a switch, tap or section may still leave one of them.
  {
    finding: 'fan-state',
    values: STILL,
    of: 'speeds',
    shares: { none: 0.93, 'some-missing': 0.05, 'all-slow': 0.01, 'only-high': 0.005, all: 0.005 },
    except: ['wall-switch-or-pull-chain', 'winding-open', 'speed-capacitor-failed', 'control-board-relay'],
  },
  // Who says dead heard nothing much; who says it hums heard the hum.
  {
    finding: 'fan-state',
    values: ['hums'],
    of: 'sound',
    shares: {
      hum: 0.95,
      clicking: 0.02,
      nothing: 0.02,
      squeal: 0.003,
      grinding: 0.003,
      rattle: 0.002,
      roar: 0.002,
    },
  },
  {
    finding: 'fan-state',
    values: ['dead'],
    of: 'sound',
    rulesOut: ['squeal', 'grinding', 'rattle', 'roar'],
  },
  // Backwards, the wrong direction and air the wrong way are one finding, told once, twice or three times.
  {
    finding: 'fan-state',
    values: ['runs-backwards'],
    of: 'direction',
    shares: { wrong: 0.95, right: 0.04, 'does-not-turn': 0.01 },
  },
  // A centrifugal wheel that is turned backwards still blows forward, weakly.
  {
    finding: 'fan-state',
    values: ['runs-backwards'],
    of: 'air-flow',
    shares: { 'wrong-way': 0.6, weak: 0.34, none: 0.03, strong: 0.03 },
  },
  {
    finding: 'direction',
    values: ['wrong'],
    of: 'air-flow',
    shares: { 'wrong-way': 0.6, weak: 0.34, none: 0.03, strong: 0.03 },
  },
  // A ceiling fan whose own switch stands the other way was turned by nobody's repair.
  {
    finding: 'reversing-switch',
    values: ['other-way'],
    of: 'wiring-changed',
    shares: { no: 0.92, yes: 0.08 },
  },
  {
    finding: 'reversing-switch',
    values: ['other-way'],
    of: 'onset',
    // As it comes on where nothing speaks of it.
    shares: leaks.onset,
  },
  // What turns, turns one way or the other, and at some speed.
  { finding: 'fan-state', values: TURNS, of: 'direction', rulesOut: ['does-not-turn'] },
  { finding: 'fan-state', values: TURNS, of: 'speeds', rulesOut: ['none'] },
  { finding: 'fan-state', values: ['runs-noisy'], of: 'sound', rulesOut: ['nothing'] },
  {
    finding: 'fan-state',
    values: ['wont-stop'],
    of: 'direction',
    shares: { right: 0.98, wrong: 0.01, 'does-not-turn': 0.01 },
  },
  { finding: 'fan-state', values: ['wont-stop', 'runs-noisy'], of: 'air-flow', rulesOut: ['none'] },
  { finding: 'fan-state', values: ['runs-little-air'], of: 'air-flow', rulesOut: ['strong'] },
]
