import type { Act } from './actTypes'

/**
 * What an act says about energy.
 * - `asserts`: something is off, dead, empty or over. It counts only when it is told at once.
 * - `reverts`: power may be back, or something stands no more. It is believed whenever it is told, and from then on.
 * - `hands`: work inside the machine, judged by the gate as it stood when it was done.
 * - `plain`: nothing.
 */
export type Energetic = 'asserts' | 'reverts' | 'hands' | 'plain'

export interface ActRule {
  energy: Energetic
  /** Stays possible while a hard stop stands: saying it was a mistake, opening points, writing down. */
  duringStop: boolean
  /** Also possible while only what needs power has to stop: parting the load and reading it dead. */
  duringLiveStop: boolean
  /** Still written on a closed job. */
  afterClosing: boolean
}

const rule = (
  energy: Energetic,
  during: 'never' | 'live-stop' | 'any-stop' = 'never',
  afterClosing = false,
): ActRule => ({
  energy,
  duringStop: during === 'any-stop',
  duringLiveStop: during !== 'never',
  afterClosing,
})

/** One row for each act; the compiler refuses an act without one. */
export const actRules: Record<Act['kind'], ActRule> = {
  'machine.edit': rule('plain', 'any-stop', true),
  'job.edit': rule('plain', 'any-stop', true),
  'job.phase': rule('reverts'),
  'job.close': rule('reverts'),
  'job.reopen': rule('reverts', 'any-stop', true),
  'part.out': rule('asserts', 'live-stop'),
  'part.back': rule('reverts', 'any-stop'),
  'bench.answered': rule('plain', 'any-stop'),
  'finding.set': rule('plain', 'any-stop'),
  'declined.set': rule('plain', 'any-stop'),
  'belief.set': rule('plain'),
  'stop.raise': rule('reverts', 'any-stop'),
  'stop.override': rule('plain', 'any-stop'),
  'stop.lift': rule('plain', 'any-stop'),
  'point.open': rule('asserts', 'any-stop'),
  'point.close': rule('reverts', 'any-stop'),
  'point.held': rule('asserts', 'any-stop'),
  'point.add': rule('reverts', 'any-stop'),
  'point.strike': rule('asserts', 'live-stop'),
  'point.restore': rule('reverts', 'any-stop'),
  'proof.start': rule('asserts', 'live-stop'),
  'proof.tester': rule('asserts', 'live-stop'),
  'proof.switch': rule('asserts', 'live-stop'),
  'proof.read': rule('asserts', 'live-stop'),
  'proof.failed': rule('reverts', 'any-stop'),
  'proof.void': rule('reverts', 'any-stop'),
  'charge.edit': rule('plain', 'any-stop'),
  'charge.read': rule('asserts', 'live-stop'),
  'charge.add': rule('plain', 'any-stop'),
  'charge.strike': rule('asserts', 'live-stop'),
  'charge.restore': rule('plain', 'any-stop'),
  'wait.add': rule('plain', 'any-stop'),
  'wait.minutes': rule('asserts', 'live-stop'),
  'wait.start': rule('asserts', 'live-stop'),
  'wait.strike': rule('asserts', 'live-stop'),
  'wait.restore': rule('plain', 'any-stop'),
  'reading.set': rule('hands', 'live-stop'),
  'reading.strike': rule('plain', 'live-stop'),
  'lead.add': rule('plain', 'live-stop'),
  'lead.rename': rule('plain', 'live-stop'),
  'lead.remove': rule('plain', 'live-stop'),
  'field.set': rule('plain', 'any-stop'),
  'decision.set': rule('plain'),
  'candidate.add': rule('plain', 'any-stop'),
  'photo.add': rule('plain', 'any-stop'),
  'photo.caption': rule('plain', 'any-stop'),
  'photo.remove': rule('plain', 'any-stop'),
  'candidate.rename': rule('plain', 'any-stop'),
  'candidate.remove': rule('plain', 'any-stop'),
  'ledger.plant': rule('plain', 'live-stop'),
  'ledger.add': rule('plain', 'live-stop'),
  'ledger.split': rule('plain', 'live-stop'),
  'ledger.edit': rule('plain', 'live-stop'),
  'ledger.move': rule('plain', 'live-stop'),
  'back.move': rule('plain', 'live-stop'),
  'ledger.remove': rule('plain', 'live-stop'),
  'ledger.strike': rule('plain', 'live-stop'),
  'ledger.restore': rule('plain', 'live-stop'),
  'ledger.tick': rule('hands', 'live-stop'),
  'ledger.back': rule('hands', 'live-stop'),
  'short.step': rule('asserts'),
  'landing.set': rule('plain'),
  'landing.take': rule('plain'),
  'landing.done': rule('hands'),
  'check.set': rule('plain', 'never', true),
}

/** The rule of one act: what a field of the plan says about the proof place is as much an assertion as a reading. */
export function ruleOf(act: Act): ActRule {
  const own = actRules[act.kind]
  if (act.kind === 'field.set' && act.part === 'plan') return { ...own, energy: 'asserts' }
  // Taking back a tick or a text asserts nothing.
  if ('on' in act && !act.on && own.energy === 'asserts') return { ...own, energy: 'reverts' }
  if (act.kind === 'charge.read' && act.typed.trim() === '') return { ...own, energy: 'reverts' }
  return own
}
