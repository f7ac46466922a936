import type { Act, ActOf } from './actTypes'

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

/** What names the field that an act writes: acts on one field that follow each other are one step of undo. */
interface ActRow<Kind extends Act['kind']> extends ActRule {
  /** Null where each act is a step of its own. */
  field: readonly Exclude<keyof ActOf<Kind>, 'kind'>[] | null
  /** It is typed letter by letter: only the newest text has to travel. */
  letters: boolean
}

const rule = (
  energy: Energetic,
  during: 'never' | 'live-stop' | 'any-stop' = 'never',
  afterClosing = false,
): ActRule & { field: null; letters: false } => ({
  energy,
  duringStop: during === 'any-stop',
  duringLiveStop: during !== 'never',
  afterClosing,
  field: null,
  letters: false,
})

/** An act that writes the field which these of its values name. */
const writes = <const Names extends readonly string[]>(own: ActRule, ...field: Names) => ({
  ...own,
  field,
  letters: false,
})

/** The same, typed letter by letter. */
const types = <const Names extends readonly string[]>(own: ActRule, ...field: Names) => ({
  ...own,
  field,
  letters: true,
})

/** One row for each act; the compiler refuses an act without one. */
const actRules: { [Kind in Act['kind']]: ActRow<Kind> } = {
  'machine.edit': types(rule('plain', 'any-stop', true), 'field'),
  'job.edit': types(rule('plain', 'any-stop', true), 'field'),
  'job.phase': rule('reverts'),
  'job.close': rule('reverts'),
  'job.reopen': rule('reverts', 'any-stop', true),
  'part.out': rule('asserts', 'live-stop'),
  'part.back': rule('reverts', 'any-stop'),
  'bench.answered': rule('plain', 'any-stop'),
  'hands.out': rule('plain', 'any-stop'),
  'finding.set': rule('plain', 'any-stop'),
  'declined.set': rule('plain', 'any-stop'),
  'belief.set': rule('plain'),
  'stop.raise': rule('reverts', 'any-stop'),
  'stop.override': rule('plain', 'any-stop'),
  'stop.lift': rule('plain', 'any-stop'),
  'point.open': rule('asserts', 'any-stop'),
  'point.close': rule('reverts', 'any-stop'),
  'point.still': rule('asserts', 'any-stop'),
  'point.held': types(rule('asserts', 'any-stop'), 'id'),
  'point.add': rule('reverts', 'any-stop'),
  'point.strike': rule('asserts', 'live-stop'),
  'point.restore': rule('reverts', 'any-stop'),
  'proof.start': rule('asserts', 'live-stop'),
  'proof.tester': rule('asserts', 'live-stop'),
  'proof.switch': rule('asserts', 'live-stop'),
  'proof.read': rule('asserts', 'live-stop'),
  'proof.failed': rule('reverts', 'any-stop'),
  'proof.mistyped': rule('asserts', 'live-stop'),
  'proof.void': rule('reverts', 'any-stop'),
  'charge.edit': writes(rule('plain', 'any-stop'), 'id', 'field'),
  'charge.terminals': rule('plain', 'any-stop'),
  'charge.read': rule('asserts', 'live-stop'),
  'charge.add': rule('plain', 'any-stop'),
  'charge.strike': rule('asserts', 'live-stop'),
  'charge.restore': rule('plain', 'any-stop'),
  'wait.add': rule('plain', 'any-stop'),
  'wait.minutes': writes(rule('asserts', 'live-stop'), 'id'),
  'wait.start': rule('asserts', 'live-stop'),
  'wait.strike': rule('asserts', 'live-stop'),
  'wait.restore': rule('plain', 'any-stop'),
  'reading.set': types(rule('hands', 'live-stop'), 'reading', 'part', 'a', 'b'),
  'reading.strike': rule('plain', 'live-stop'),
  'lead.add': rule('plain', 'live-stop'),
  'lead.rename': writes(rule('plain', 'live-stop'), 'id'),
  'lead.remove': rule('plain', 'live-stop'),
  'field.set': types(rule('plain', 'any-stop'), 'part', 'field'),
  'decision.set': writes(rule('plain')),
  'candidate.add': rule('plain', 'any-stop'),
  'photo.add': rule('plain', 'any-stop'),
  'photo.caption': writes(rule('plain', 'any-stop'), 'id'),
  'photo.mark': rule('plain', 'any-stop'),
  'photo.remove': rule('plain', 'any-stop'),
  'run.start': rule('plain'),
  'run.mark': rule('plain', 'any-stop'),
  'run.end': rule('plain', 'any-stop', true),
  'run.remove': rule('plain', 'any-stop'),
  'sound.add': rule('plain', 'any-stop'),
  'sound.remove': rule('plain', 'any-stop'),
  'candidate.rename': writes(rule('plain', 'any-stop'), 'id'),
  'candidate.remove': rule('plain', 'any-stop'),
  'ledger.plant': rule('plain', 'live-stop'),
  'ledger.own': rule('plain', 'live-stop'),
  'ledger.add': rule('plain', 'live-stop'),
  'ledger.split': rule('plain', 'live-stop'),
  'ledger.edit': writes(rule('plain', 'live-stop'), 'id', 'change'),
  'ledger.move': rule('plain', 'live-stop'),
  'back.move': rule('plain', 'live-stop'),
  'ledger.remove': rule('plain', 'live-stop'),
  'ledger.strike': rule('plain', 'live-stop'),
  'ledger.restore': rule('plain', 'live-stop'),
  'ledger.tick': rule('hands', 'live-stop'),
  'ledger.back': rule('hands', 'live-stop'),
  'short.step': rule('asserts'),
  'landing.set': writes(rule('plain'), 'lead'),
  'landing.take': rule('plain'),
  'landing.done': rule('hands'),
  'check.set': writes(rule('plain', 'never', true), 'checkId', 'result'),
}

/** The rule of one act: what a field of the plan says about the proof place is as much an assertion as a reading. */
export function ruleOf(act: Act): ActRule {
  const own = actRules[act.kind]
  if (act.kind === 'field.set' && act.part === 'plan') return { ...own, energy: 'asserts' }
  if (act.kind === 'machine.edit' && act.field === 'circuit') return { ...own, energy: 'reverts' }
  // Taking back a tick or a text asserts nothing.
  if ('on' in act && !act.on && own.energy === 'asserts') return { ...own, energy: 'reverts' }
  if (act.kind === 'charge.read' && act.typed.trim() === '') return { ...own, energy: 'reverts' }
  return own
}

/**
 * The field that an act writes, as a key; null for an act that is a step of its own.
 *
 * @example fieldKey({ kind: 'job.edit', field: 'owner', value: 'Ines' }) // 'job.edit/owner'
 */
export function fieldKey(act: Act): string | null {
  const names: readonly string[] | null = actRules[act.kind].field
  if (!names) return null
  const values = Object.entries(act).filter(([name]) => names.includes(name))
  return [act.kind, ...names.map((name) => keyPart(values.find(([key]) => key === name)?.[1]))].join('/')
}

/** Of a change of several columns their names count, not what is written into them. */
const keyPart = (value: unknown): string =>
  typeof value === 'object' && value !== null ? Object.keys(value).join() : String(value)

/** Whether two acts are letters of one text: the newer one says all that the older one said. An emptied field is a step. */
export function sameTyping(older: Act, newer: Act): boolean {
  const emptied = [older, newer].some((act) => 'typed' in act && act.typed === '')
  return actRules[newer.kind].letters && !emptied && fieldKey(older) === fieldKey(newer)
}
