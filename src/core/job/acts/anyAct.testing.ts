import fc from 'fast-check'
import { isCoreError } from '../../errors'
import { actions } from '../../knowledge/actions'
import { optionKinds } from '../../knowledge/options'
import {
  causeIds,
  type FamilyId,
  familyIds,
  isolationPointIds,
  type MotorKindId,
  motorKindIds,
  observationIds,
  observationInfo,
  stopRuleIds,
} from '../../knowledge/vocabulary'
import { pairsOf } from '../energy/place'
import { jobOn, madeDead, NOW } from '../job.testing'
import { motorPlateFields } from '../parts/oldPart'
import type { JobSnapshot, LedgerRow } from '../rows'
import { withChanges } from '../snapshot'
import type { Act, ActOf } from './actTypes'
import { planAct } from './plan'

/** What people type into a field, and what they should not. */
const typed = fc.constantFrom(
  '',
  ' ',
  '0',
  '0.2',
  '4,7',
  '12.5',
  '31',
  '240',
  '-3',
  'OL',
  '4.7k',
  '1 1/2',
  '45/5 uF 370 V',
  'black',
  'x',
  '1e400',
  '∞',
)
const reason = fc.constantFrom('', 'no', 'the plate says so', 'ë'.repeat(30))

/** A hum as it is kept. */
const HUM = JSON.stringify({
  seconds: 2,
  levelDb: -20,
  bands: Array.from({ length: 88 }, () => -60),
  peaks: [{ hz: 120, db: -22 }],
})

/** Draws one act of any kind, on rows that the job has and on some that it has not. */
export interface Draw {
  kind: number
  row: number
  pick: number
  typed: string
  reason: string
  on: boolean
  fresh: string
}

export const anyDraw: fc.Arbitrary<Draw> = fc.record({
  kind: fc.nat(200),
  row: fc.nat(30),
  pick: fc.nat(200),
  typed,
  reason,
  on: fc.boolean(),
  fresh: fc.uuid(),
})

const from = <T>(list: readonly T[], place: number): T => list[place % list.length]!

export function actOf(job: JobSnapshot, draw: Draw): Act {
  const { row, pick, on, fresh } = draw
  const rowId = (rows: { id: string }[]) => (rows.length && row % 7 ? from(rows, row).id : 'gone')
  const observation = from(observationIds, pick)
  const cause = from(causeIds, pick)
  const part = from(['old', 'new'] as const, pick)
  const leads = job.leads.map(({ name }) => name)
  const rule = from(stopRuleIds, pick)
  const line: Partial<LedgerRow> = {
    part: from(['cover', 'motor', 'wheel', 'lead'], pick),
    action: from(
      ['unscrew', 'unplug', 'lift-off', 'bypass', 'photo', 'disconnect'],
      row,
    ) as LedgerRow['action'],
    count: pick % 5,
    cup: from(['A', 'B', ''], pick),
  }
  // One of each kind: an act that is added to the product is drawn here, or this does not compile.
  const acts: { [Kind in Act['kind']]: ActOf<Kind> } = {
    'machine.edit': {
      kind: 'machine.edit',
      field: from(['name', 'motorKind', 'installedYear', 'circuit', 'family', 'id'], pick),
      value: from([draw.typed, 'breaker 3', ...motorKindIds], row),
    },
    'job.edit': {
      kind: 'job.edit',
      field: from(['symptom', 'lesson', 'minutesSpent', 'cost'] as const, pick),
      value: draw.typed,
    },
    'part.out': { kind: 'part.out', id: fresh, part: from(['motor', 'capacitor', 'module'] as const, pick) },
    'part.back': { kind: 'part.back', id: rowId(job.outParts) },
    'bench.answered': { kind: 'bench.answered' },
    'job.phase': {
      kind: 'job.phase',
      phase: from(['work', 'closing-up', 'live-test', 'in-service'] as const, pick),
      purpose: from(['reading', 'start'] as const, row),
    },
    'job.close': {
      kind: 'job.close',
      result: from(['runs', 'runs-with-remarks', 'not-mended', 'handed-over'] as const, pick),
    },
    'hands.out': { kind: 'hands.out' },
    'proof.mistyped': { kind: 'proof.mistyped', id: rowId(job.proofReadings), showed: draw.typed },
    'job.reopen': { kind: 'job.reopen' },
    'finding.set': {
      kind: 'finding.set',
      id: fresh,
      observation,
      value: row % 5 ? from(observationInfo(observation).values, row) : from([null, 'no such value'], pick),
    },
    'declined.set': {
      kind: 'declined.set',
      id: fresh,
      observation,
      on,
      why: from(['declined', 'not-possible', 'unknown'] as const, row),
    },
    'belief.set': {
      kind: 'belief.set',
      id: fresh,
      cause,
      stance: from(['set', 'struck', null] as const, row),
      reason: draw.reason,
    },
    'stop.raise': { kind: 'stop.raise', id: fresh, rule, note: draw.reason },
    'stop.override': { kind: 'stop.override', rule, reason: draw.reason },
    'stop.lift': { kind: 'stop.lift', rule, how: on ? 'mended' : 'mistake', reason: draw.reason },
    'point.open': { kind: 'point.open', id: rowId(job.points) },
    'point.close': { kind: 'point.close', id: rowId(job.points) },
    'point.held': { kind: 'point.held', id: rowId(job.points), held: draw.reason },
    'point.add': {
      kind: 'point.add',
      id: fresh,
      point: from(isolationPointIds, pick),
    },
    'point.strike': { kind: 'point.strike', id: rowId(job.points), reason: draw.reason },
    'point.restore': { kind: 'point.restore', id: rowId(job.points) },
    'point.still': { kind: 'point.still', id: rowId(job.points) },
    'proof.start': { kind: 'proof.start', id: fresh, feed: 1 + (pick % 3) },
    'proof.switch': { kind: 'proof.switch', id: rowId(job.proofs), on },
    'proof.failed': { kind: 'proof.failed', id: rowId(job.proofs), what: draw.reason },
    'proof.tester': {
      kind: 'proof.tester',
      id: rowId(job.proofs),
      when: from(['before', 'after'] as const, pick),
      on,
    },
    'proof.read': {
      kind: 'proof.read',
      id: fresh,
      proofId: rowId(job.proofs),
      pair: from([...pairsOf(job), 'no such pair'], pick),
      position: pick % 4,
      typed: draw.typed,
    },
    'proof.void': { kind: 'proof.void', reason: draw.reason },
    'charge.edit': {
      kind: 'charge.edit',
      id: rowId(job.charges),
      field: from(['capacitanceTyped', 'voltsTyped', 'resistorTyped', 'label'] as const, pick),
      value: draw.typed,
    },
    'charge.terminals': {
      kind: 'charge.terminals',
      id: rowId(job.charges),
      terminals: from(['', 'two', 'none-seen'] as const, pick),
    },
    'charge.read': { kind: 'charge.read', id: rowId(job.charges), typed: draw.typed },
    'charge.add': { kind: 'charge.add', id: fresh },
    'charge.strike': { kind: 'charge.strike', id: rowId(job.charges), reason: draw.reason },
    'charge.restore': { kind: 'charge.restore', id: rowId(job.charges) },
    'wait.add': { kind: 'wait.add', id: fresh, wait: from(['cool-down', 'electronics'] as const, pick) },
    'wait.minutes': { kind: 'wait.minutes', id: rowId(job.waits), minutes: 1 + (pick % 90) },
    'wait.start': { kind: 'wait.start', id: rowId(job.waits) },
    'wait.strike': { kind: 'wait.strike', id: rowId(job.waits), reason: draw.reason },
    'wait.restore': { kind: 'wait.restore', id: rowId(job.waits) },
    'reading.set': {
      kind: 'reading.set',
      id: fresh,
      reading: from(['capacitance', 'resistance', 'to-frame', 'supply'] as const, pick),
      part,
      a: from([...leads, 'C', 'supply'], row),
      b: from([...leads, 'FAN', 'frame', 'HERM', ''], row + 1),
      typed: draw.typed,
    },
    'reading.strike': { kind: 'reading.strike', id: rowId(job.readings), reason: draw.reason },
    'lead.add': {
      kind: 'lead.add',
      id: fresh,
      part,
      name: from([draw.typed, 'black', 'brown', 'white', 'blue'], row),
    },
    'lead.rename': { kind: 'lead.rename', id: rowId(job.leads), name: draw.typed },
    'lead.remove': { kind: 'lead.remove', id: rowId(job.leads) },
    'field.set': {
      kind: 'field.set',
      id: fresh,
      part: from(['motor-old', 'motor-new', 'capacitor-old', 'plan', 'options'], row),
      field: from([...motorPlateFields.map(({ field }) => field), 'label', 'feeds'], pick),
      typed: draw.typed,
    },
    'decision.set': {
      kind: 'decision.set',
      id: fresh,
      agreed: on,
      cause,
      action: from(Object.keys(actions), pick),
      option: from(['', ...optionKinds], row),
      reason: draw.reason,
      probability: pick / 200,
    },
    'ledger.plant': {
      kind: 'ledger.plant',
      ids: Array.from({ length: 60 }, (_, place) => `${fresh}-${place}`),
      template: from(['motor', 'capacitor', 'capacitor-dual'] as const, pick),
      ...(on ? { way: from(['', 'bearing', 'freezer-side', 'condensing', 'toString'], row) } : {}),
      ...(pick % 3 === 0 ? { instead: true } : {}),
    },
    'ledger.own': {
      kind: 'ledger.own',
      ids: Array.from({ length: 6 }, (_, place) => `${fresh}-w${place}`),
      replaced: from(['motor', 'blower', ''], pick),
      lines: [{ line }, { line: { ...line, part: 'cover' } }],
      ...(pick % 3 === 0 ? { instead: true } : {}),
    },
    'ledger.add': { kind: 'ledger.add', id: fresh, after: on ? null : rowId(job.ledger), line },
    'ledger.edit': { kind: 'ledger.edit', id: rowId(job.ledger), change: line },
    'photo.add': {
      kind: 'photo.add',
      id: fresh,
      lineId: on ? '' : rowId(job.ledger),
      hash: pick % 2 ? 'ab'.repeat(32) : draw.typed,
      caption: draw.reason,
      way: 'in',
    },
    'sound.add': {
      kind: 'sound.add',
      id: fresh,
      way: on ? 'before' : 'after',
      name: draw.reason,
      analysis: on ? HUM : '{}',
    },
    'sound.remove': { kind: 'sound.remove', id: rowId(job.sounds) },
    'photo.mark': {
      kind: 'photo.mark',
      id: rowId(job.photos),
      marks: on ? '[["arrow",0.1,0.2,0.3,0.4,"C"]]' : draw.typed,
    },
    'run.start': { kind: 'run.start', id: fresh },
    'run.mark': {
      kind: 'run.mark',
      id: rowId(job.runs),
      event: from(['inducer', 'blower', 'toString', ''], pick),
      on,
    },
    'run.end': { kind: 'run.end', id: rowId(job.runs) },
    'run.remove': { kind: 'run.remove', id: rowId(job.runs) },
    'ledger.split': { kind: 'ledger.split', id: rowId(job.ledger), fresh, count: (pick % 3) + 1 },
    'back.move': {
      kind: 'back.move',
      id: rowId(job.ledger),
      after: on ? (pick % 2 ? null : '') : rowId(job.ledger),
    },
    'ledger.move': { kind: 'ledger.move', id: rowId(job.ledger), before: on ? null : rowId(job.ledger) },
    'ledger.remove': { kind: 'ledger.remove', id: rowId(job.ledger) },
    'ledger.strike': { kind: 'ledger.strike', id: rowId(job.ledger), reason: draw.reason },
    'ledger.restore': { kind: 'ledger.restore', id: rowId(job.ledger) },
    'short.step': { kind: 'short.step', id: rowId(job.ledger), step: (1 + (pick % 4)) as 1, by: draw.reason },
    'ledger.tick': { kind: 'ledger.tick', id: rowId(job.ledger), on },
    'ledger.back': { kind: 'ledger.back', id: rowId(job.ledger), on },
    'landing.set': {
      kind: 'landing.set',
      id: fresh,
      lead: from([...leads, 'green'], row),
      role: from(['', 'common', 'run', 'start', 'ground', 'tap'], pick),
      terminal: from(['', 'L1', 'T2', 'C', 'FAN', 'ground'], row),
      capped: on,
      position: pick % 6,
    },
    'landing.take': {
      kind: 'landing.take',
      ids: Array.from({ length: 20 }, (_, place) => `${fresh}-${place}`),
    },
    'landing.done': { kind: 'landing.done', id: rowId(job.landings), on },
    'check.set': {
      kind: 'check.set',
      id: fresh,
      checkId: from(['hand-spin', 'covers-on', 'volts', 'leak-test', 'first-start'], pick),
      result: from(['pass', 'fail', 'skipped', null] as const, row),
      note: draw.reason,
      finding: pick % 3,
    },
    'candidate.add': {
      kind: 'candidate.add',
      id: fresh,
      part: on ? 'motor' : 'capacitor',
      source: from(['typed', 'shelf', 'catalogue'] as const, row),
      ref: draw.reason,
      name: draw.typed,
      ...(on ? { motor: { id: fresh, hp: 1 / 6 } } : { capacitor: { id: fresh, volts: 440 } }),
    },
    'candidate.rename': { kind: 'candidate.rename', id: rowId(job.candidates), name: draw.typed },
    'candidate.remove': { kind: 'candidate.remove', id: rowId(job.candidates) },
    'photo.caption': { kind: 'photo.caption', id: rowId(job.photos), caption: draw.typed },
    'photo.remove': { kind: 'photo.remove', id: rowId(job.photos) },
  }
  return from(Object.values(acts), draw.kind)
}

export interface Start {
  family: FamilyId
  motorKind: MotorKindId | null
  dead: boolean
  bench: boolean
}

export const start: fc.Arbitrary<Start> = fc.record({
  family: fc.constantFrom<FamilyId>(...familyIds),
  motorKind: fc.constantFrom(...motorKindIds, null),
  dead: fc.boolean(),
  bench: fc.boolean(),
})

export const begin = ({ family, motorKind, dead, bench }: Start): JobSnapshot => {
  const job = dead ? madeDead(jobOn(family, motorKind)) : jobOn(family, motorKind)
  return bench
    ? withChanges(job, planAct(job, { kind: 'part.out', id: 'out', part: 'motor' }, NOW).changes)
    : job
}

/** The job after these draws; what is refused on the way changes nothing. */
export function jobAfter(from: Parameters<typeof begin>[0], draws: Draw[]): JobSnapshot {
  let job = begin(from)
  for (const draw of draws) {
    try {
      job = withChanges(job, planAct(job, actOf(job, draw), NOW).changes)
    } catch (error) {
      if (!isCoreError(error)) throw error
    }
  }
  return job
}
