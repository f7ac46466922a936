import type { ObservationId } from './vocabulary'

/** What is asked first of a stopped fan, from the outside, with the question in plain words. */
export const askedFirst: [ObservationId, string][] = [
  ['should-run-now', 'Should it run now?'],
  ['fan-state', 'What does it do?'],
  ['sound', 'What do you hear?'],
  ['smell', 'What do you smell?'],
  ['danger-signs', 'Any sign of danger?'],
  ['onset', 'How did it come on?'],
  ['companion', 'What else runs?'],
]

/** What an answer has told already: a fan that hums is heard to hum. Its own question then comes with the others, not first. */
export const toldBy: { asked: ObservationId; by: ObservationId; value: string }[] = [
  { asked: 'sound', by: 'fan-state', value: 'hums' },
]

/** What may be told beside it, by those who can. */
export const askedMore: [ObservationId, string][] = [
  ['breaker', 'Breaker or fuse'],
  ['board-code', 'What does the board’s light say?'],
  ['speeds', 'Which speeds work?'],
  ['air-flow', 'Air at the grille'],
  ['direction', 'Which way does it turn?'],
  ['reversing-switch', 'How does its reversing switch stand?'],
  ['coast-down', 'After switching off'],
  ['wiring-changed', 'Wires or motor changed?'],
  ['temperature-effect', 'What does the house notice?'],
]

/** Looked at or felt with the power off, in the order people reach them. */
export const askedByHand: ObservationId[] = [
  'free-spin',
  'hub',
  'fouling',
  'mounting',
  'case-heat',
  'connections',
  'capacitor-look',
  'capacitor-label-match',
  'belt',
  'drain-and-tube',
  'seal',
  'safety-switches',
  'wall-switch',
  'contactor-coil',
  'module-look',
  'phase-resistances',
  'brush-length',
  'cold-retest',
]

/** Looked at from the outside, whatever the power. */
export const askedOutside: ObservationId[] = ['contactor-position', 'nudge-start', 'damper', 'vent-path']

/** Read under power, beside the voltages along the chain. */
export const askedLive: ObservationId[] = [
  'motor-voltage',
  'control-voltage',
  'contactor-output',
  'module-supply',
  'board-drive',
]

/** Told by a number that is typed where it is measured: capacitor, windings, supply. */
export const askedByNumber: ObservationId[] = [
  'capacitor-fan-reading',
  'capacitor-other-reading',
  'winding',
  'to-frame',
  'supply-voltage',
]
