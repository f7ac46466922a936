import { CoreError } from '../../errors'
import { Flag, ListOf, MapOf, Nested, Num, OneOf, PlainList, Text, validated } from '../../input'
import { actions } from '../../knowledge/actions'
import { optionKinds } from '../../knowledge/options'
import { causeIds, observationIds, vocabulary } from '../../knowledge/vocabulary'
import { CapSpecInput, MotorSpecInput } from '../../match/input'
import { benchParts } from '../../refit/types'
import { chargeKinds, chargeTerminals } from '../rows'
import { type Act, liftWays } from './actTypes'

type Decorate = (target: object, key: string) => void

/** An input class from a table of its fields. */
function dto(fields: Record<string, Decorate>): new () => object {
  class ActInput {}
  for (const [key, decorate] of Object.entries(fields)) decorate(ActInput.prototype, key)
  return ActInput
}

const id = Text({ max: 40 })
const text = Text({ max: 2000 })
const optionalText = Text({ max: 2000, optional: true })
const nullableText = Text({ max: 40, nullable: true })
const observation = OneOf(observationIds)
const stopRule = OneOf(Object.keys(vocabulary.stopRules))
const part = OneOf(['old', 'new'])
const line = MapOf({}, (_, value) =>
  value === null ||
  (typeof value === 'string' && value.length <= 2000) ||
  (typeof value === 'number' && Number.isFinite(value))
    ? null
    : 'A line holds short texts and numbers only.',
)

const OwnLineInput = dto({ line })

const classes: Record<Act['kind'], new () => object> = {
  'machine.edit': dto({ field: Text({ max: 40 }), value: text }),
  'job.edit': dto({ field: OneOf(['symptom', 'lesson', 'minutesSpent', 'cost']), value: text }),
  'part.out': dto({ id, part: OneOf(benchParts) }),
  'part.back': dto({ id }),
  'bench.answered': dto({}),
  'hands.out': dto({}),
  'job.phase': dto({
    phase: OneOf(['work', 'closing-up', 'live-test', 'in-service']),
    purpose: OneOf(['reading', 'start'], { optional: true }),
  }),
  'job.close': dto({ result: OneOf(['runs', 'runs-with-remarks', 'not-mended', 'handed-over']) }),
  'job.reopen': dto({}),
  'finding.set': dto({
    id,
    observation,
    value: nullableText,
    how: OneOf(liftWays, { optional: true }),
    reason: optionalText,
  }),
  'declined.set': dto({
    id,
    observation,
    on: Flag(),
    why: OneOf(['declined', 'not-possible', 'unknown'], { optional: true }),
  }),
  'belief.set': dto({ id, cause: OneOf(causeIds), stance: nullableText, reason: text }),
  'stop.raise': dto({ id, rule: stopRule, note: text }),
  'stop.override': dto({ rule: stopRule, reason: text }),
  'stop.lift': dto({ rule: stopRule, how: OneOf(liftWays), reason: text }),
  'point.open': dto({ id }),
  'point.close': dto({ id }),
  'point.still': dto({ id }),
  'point.held': dto({ id, held: text }),
  'point.add': dto({ id, point: OneOf(Object.keys(vocabulary.isolationPoints)) }),
  'point.strike': dto({ id, reason: text }),
  'point.restore': dto({ id }),
  'proof.start': dto({ id, feed: Num({ optional: true, min: 1, max: 4 }) }),
  'proof.tester': dto({ id, when: OneOf(['before', 'after']), on: Flag() }),
  'proof.read': dto({
    id,
    proofId: id,
    pair: Text({ max: 60 }),
    position: Num({ min: 0 }),
    typed: text,
    range: OneOf(['ordinary', 'low-impedance'], { optional: true }),
  }),
  'proof.switch': dto({ id, on: Flag() }),
  'proof.failed': dto({ id, what: text }),
  'proof.mistyped': dto({ id, showed: text }),
  'proof.void': dto({ reason: text }),
  'charge.edit': dto({
    id,
    field: OneOf(['capacitanceTyped', 'voltsTyped', 'resistorTyped', 'label']),
    value: text,
  }),
  'charge.terminals': dto({ id, terminals: OneOf(['', ...chargeTerminals] as const) }),
  'charge.read': dto({ id, typed: text }),
  'charge.add': dto({ id, holds: OneOf(chargeKinds, { optional: true }) }),
  'charge.strike': dto({ id, reason: text }),
  'charge.restore': dto({ id }),
  'wait.add': dto({ id, wait: OneOf(['cool-down', 'electronics']) }),
  'wait.minutes': dto({ id, minutes: Num({ min: 1, max: 600 }) }),
  'wait.start': dto({ id }),
  'wait.strike': dto({ id, reason: text }),
  'wait.restore': dto({ id }),
  'reading.set': dto({
    id,
    reading: OneOf(['capacitance', 'resistance', 'to-frame', 'supply']),
    part,
    a: Text({ max: 60 }),
    b: Text({ max: 60 }),
    typed: text,
  }),
  'reading.strike': dto({ id, reason: text }),
  'lead.add': dto({ id, part, name: text }),
  'lead.rename': dto({ id, name: text }),
  'lead.remove': dto({ id }),
  'field.set': dto({ id, part: Text({ max: 40 }), field: Text({ max: 60 }), typed: text }),
  'decision.set': dto({
    id,
    agreed: Flag(),
    cause: OneOf(causeIds),
    action: OneOf(Object.keys(actions)),
    option: OneOf(['', ...optionKinds], { optional: true }),
    reason: text,
    probability: Num({ min: 0, max: 1 }),
  }),
  'candidate.add': dto({
    id,
    part: OneOf(['motor', 'capacitor']),
    source: OneOf(['typed', 'shelf', 'catalogue']),
    ref: Text({ max: 200 }),
    name: Text({ max: 200 }),
    motor: Nested(() => MotorSpecInput, { optional: true }),
    capacitor: Nested(() => CapSpecInput, { optional: true }),
  }),
  'photo.add': dto({
    id,
    lineId: id,
    hash: Text({ max: 64 }),
    caption: Text({ max: 500 }),
    way: OneOf(['in', 'back']),
  }),
  'photo.caption': dto({ id, caption: Text({ max: 500 }) }),
  'photo.mark': dto({ id, marks: Text({ max: 2000 }) }),
  'photo.remove': dto({ id }),
  'run.start': dto({ id }),
  'run.mark': dto({ id, event: Text({ max: 40 }), on: Flag() }),
  'run.end': dto({ id }),
  'run.remove': dto({ id }),
  'sound.add': dto({
    id,
    way: OneOf(['before', 'after']),
    name: Text({ max: 200 }),
    analysis: Text({ max: 2000 }),
  }),
  'sound.remove': dto({ id }),
  'candidate.rename': dto({ id, name: Text({ max: 200 }) }),
  'candidate.remove': dto({ id }),
  'ledger.plant': dto({
    ids: PlainList('string', { atMost: 200 }),
    template: OneOf(['motor', 'capacitor', 'capacitor-dual']),
    way: Text({ max: 40, optional: true }),
    instead: Flag({ optional: true }),
  }),
  'ledger.own': dto({
    ids: PlainList('string', { atMost: 200 }),
    replaced: Text({ max: 200 }),
    lines: ListOf(() => OwnLineInput, { atLeast: 1, atMost: 199 }),
    instead: Flag({ optional: true }),
  }),
  'ledger.add': dto({ id, after: nullableText, before: Text({ max: 40, optional: true }), line }),
  'ledger.split': dto({ id, fresh: id, count: Num({ min: 1, max: 10_000 }) }),
  'ledger.edit': dto({ id, change: line }),
  'ledger.move': dto({ id, before: nullableText }),
  'back.move': dto({ id, after: nullableText }),
  'ledger.remove': dto({ id }),
  'ledger.strike': dto({ id, reason: text }),
  'ledger.restore': dto({ id }),
  'short.step': dto({ id, step: OneOf([1, 2, 3, 4]), by: text }),
  'ledger.tick': dto({ id, on: Flag() }),
  'ledger.back': dto({ id, on: Flag() }),
  'landing.set': dto({
    id,
    lead: Text({ max: 60 }),
    role: Text({ max: 60 }),
    terminal: Text({ max: 60 }),
    capped: Flag(),
    position: Num({ min: 0 }),
  }),
  'landing.take': dto({ ids: PlainList('string', { atMost: 40 }) }),
  'landing.done': dto({ id, on: Flag() }),
  'check.set': dto({
    id,
    checkId: Text({ max: 60 }),
    result: OneOf(['pass', 'fail', 'skipped'], { nullable: true }),
    note: text,
    finding: Num({ optional: true, min: 0, max: 20 }),
  }),
}

/**
 * Check the shape of an act that came over the wire.
 * @throws CoreError `unknown-act`, `invalid-input`
 */
export function validatedAct(plain: unknown): Act {
  const kind = (plain as { kind?: unknown } | null)?.kind
  const type =
    typeof kind === 'string' && Object.hasOwn(classes, kind) ? classes[kind as Act['kind']] : undefined
  if (!type) throw new CoreError('unknown-act', 'This act is not known. Reload the page.', 'kind')
  return { ...(validated(type, plain) as object), kind } as Act
}
