import fc from 'fast-check'
import { isCoreError } from '../errors'
import { actions } from '../knowledge/actions'
import { optionKinds } from '../knowledge/options'
import {
  causeIds,
  type FamilyId,
  familyIds,
  type MotorKindId,
  motorKindIds,
  observationIds,
  observationInfo,
  vocabulary,
} from '../knowledge/vocabulary'
import type { Act } from './actTypes'
import { jobOn, madeDead, NOW } from './job.testing'
import { motorPlateFields } from './oldPart'
import { pairsOf } from './place'
import { planAct } from './plan'
import type { JobSnapshot, LedgerRow } from './rows'
import { withChanges } from './snapshot'

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
  const rule = from(Object.keys(vocabulary.stopRules), pick) as never
  const line: Partial<LedgerRow> = {
    part: from(['cover', 'motor', 'wheel', 'lead'], pick),
    action: from(
      ['unscrew', 'unplug', 'lift-off', 'bypass', 'photo', 'disconnect'],
      row,
    ) as LedgerRow['action'],
    count: pick % 5,
    cup: from(['A', 'B', ''], pick),
  }
  const acts: Act[] = [
    {
      kind: 'machine.edit',
      field: from(['name', 'motorKind', 'installedYear', 'family', 'id'], pick),
      value: from([draw.typed, ...motorKindIds], row),
    },
    {
      kind: 'job.edit',
      field: from(['symptom', 'lesson', 'minutesSpent', 'cost'] as const, pick),
      value: draw.typed,
    },
    { kind: 'part.out', id: fresh, part: from(['motor', 'capacitor', 'module'] as const, pick) },
    { kind: 'part.back', id: rowId(job.outParts) },
    { kind: 'bench.answered' },
    {
      kind: 'job.phase',
      phase: from(['work', 'closing-up', 'live-test', 'in-service'] as const, pick),
      purpose: from(['reading', 'start'] as const, row),
    },
    {
      kind: 'job.close',
      result: from(['runs', 'runs-with-remarks', 'not-mended', 'handed-over'] as const, pick),
    },
    { kind: 'job.reopen' },
    {
      kind: 'finding.set',
      id: fresh,
      observation,
      value: row % 5 ? from(observationInfo(observation).values, row) : from([null, 'no such value'], pick),
    },
    {
      kind: 'declined.set',
      id: fresh,
      observation,
      on,
      why: from(['declined', 'not-possible', 'unknown'] as const, row),
    },
    {
      kind: 'belief.set',
      id: fresh,
      cause,
      stance: from(['set', 'struck', null] as const, row),
      reason: draw.reason,
    },
    { kind: 'stop.raise', id: fresh, rule, note: draw.reason },
    { kind: 'stop.override', rule, reason: draw.reason },
    { kind: 'stop.lift', rule, reason: draw.reason },
    { kind: 'point.open', id: rowId(job.points) },
    { kind: 'point.close', id: rowId(job.points) },
    { kind: 'point.held', id: rowId(job.points), held: draw.reason },
    { kind: 'point.add', id: fresh, point: from(Object.keys(vocabulary.isolationPoints), pick) as never },
    { kind: 'point.strike', id: rowId(job.points), reason: draw.reason },
    { kind: 'point.restore', id: rowId(job.points) },
    { kind: 'proof.start', id: fresh, feed: 1 + (pick % 3) },
    { kind: 'proof.switch', id: rowId(job.proofs), on },
    { kind: 'proof.failed', id: rowId(job.proofs), what: draw.reason },
    { kind: 'proof.tester', id: rowId(job.proofs), when: from(['before', 'after'] as const, pick), on },
    {
      kind: 'proof.read',
      id: fresh,
      proofId: rowId(job.proofs),
      pair: from([...pairsOf(job), 'no such pair'], pick),
      position: pick % 4,
      typed: draw.typed,
    },
    { kind: 'proof.void', reason: draw.reason },
    {
      kind: 'charge.edit',
      id: rowId(job.charges),
      field: from(['capacitanceTyped', 'voltsTyped', 'resistorTyped', 'label'] as const, pick),
      value: draw.typed,
    },
    { kind: 'charge.read', id: rowId(job.charges), typed: draw.typed },
    { kind: 'charge.add', id: fresh },
    { kind: 'charge.strike', id: rowId(job.charges), reason: draw.reason },
    { kind: 'charge.restore', id: rowId(job.charges) },
    { kind: 'wait.add', id: fresh, wait: from(['cool-down', 'electronics'] as const, pick) },
    { kind: 'wait.minutes', id: rowId(job.waits), minutes: 1 + (pick % 90) },
    { kind: 'wait.start', id: rowId(job.waits) },
    { kind: 'wait.strike', id: rowId(job.waits), reason: draw.reason },
    { kind: 'wait.restore', id: rowId(job.waits) },
    {
      kind: 'reading.set',
      id: fresh,
      reading: from(['capacitance', 'resistance', 'to-frame', 'supply'] as const, pick),
      part,
      a: from([...leads, 'C', 'supply'], row),
      b: from([...leads, 'FAN', 'frame', 'HERM', ''], row + 1),
      typed: draw.typed,
    },
    { kind: 'reading.strike', id: rowId(job.readings), reason: draw.reason },
    { kind: 'lead.add', id: fresh, part, name: from([draw.typed, 'black', 'brown', 'white', 'blue'], row) },
    { kind: 'lead.rename', id: rowId(job.leads), name: draw.typed },
    { kind: 'lead.remove', id: rowId(job.leads) },
    {
      kind: 'field.set',
      id: fresh,
      part: from(['motor-old', 'motor-new', 'capacitor-old', 'plan', 'options'], row),
      field: from([...motorPlateFields.map(({ field }) => field), 'label', 'feeds'], pick),
      typed: draw.typed,
    },
    {
      kind: 'decision.set',
      id: fresh,
      agreed: on,
      cause,
      action: from(Object.keys(actions), pick),
      option: from(['', ...optionKinds], row),
      reason: draw.reason,
      probability: pick / 200,
    },
    {
      kind: 'ledger.plant',
      ids: Array.from({ length: 60 }, (_, place) => `${fresh}-${place}`),
      template: from(['motor', 'capacitor', 'capacitor-dual'] as const, pick),
      ...(on ? { way: from(['', 'bearing', 'freezer-side', 'condensing', 'toString'], row) } : {}),
    },
    { kind: 'ledger.add', id: fresh, after: on ? null : rowId(job.ledger), line },
    { kind: 'ledger.edit', id: rowId(job.ledger), change: line },
    {
      kind: 'photo.add',
      id: fresh,
      lineId: on ? '' : rowId(job.ledger),
      hash: pick % 2 ? 'ab'.repeat(32) : draw.typed,
      caption: draw.reason,
      way: 'in',
    },
    {
      kind: 'sound.add',
      id: fresh,
      way: on ? 'before' : 'after',
      name: draw.reason,
      analysis: on ? HUM : '{}',
    },
    { kind: 'sound.remove', id: rowId(job.sounds) },
    { kind: 'photo.mark', id: rowId(job.photos), marks: on ? '[["arrow",0.1,0.2,0.3,0.4,"C"]]' : draw.typed },
    { kind: 'run.start', id: fresh },
    { kind: 'run.mark', id: rowId(job.runs), event: from(['inducer', 'blower', 'toString', ''], pick), on },
    { kind: 'run.end', id: rowId(job.runs) },
    { kind: 'run.remove', id: rowId(job.runs) },
    { kind: 'ledger.split', id: rowId(job.ledger), fresh, count: (pick % 3) + 1 },
    { kind: 'back.move', id: rowId(job.ledger), after: on ? (pick % 2 ? null : '') : rowId(job.ledger) },
    { kind: 'ledger.move', id: rowId(job.ledger), before: on ? null : rowId(job.ledger) },
    { kind: 'ledger.remove', id: rowId(job.ledger) },
    { kind: 'ledger.strike', id: rowId(job.ledger), reason: draw.reason },
    { kind: 'ledger.restore', id: rowId(job.ledger) },
    { kind: 'short.step', id: rowId(job.ledger), step: (1 + (pick % 4)) as 1, by: draw.reason },
    { kind: 'ledger.tick', id: rowId(job.ledger), on },
    { kind: 'ledger.back', id: rowId(job.ledger), on },
    {
      kind: 'landing.set',
      id: fresh,
      lead: from([...leads, 'green'], row),
      role: from(['', 'common', 'run', 'start', 'ground', 'tap'], pick),
      terminal: from(['', 'L1', 'T2', 'C', 'FAN', 'ground'], row),
      capped: on,
      position: pick % 6,
    },
    { kind: 'landing.take', ids: Array.from({ length: 20 }, (_, place) => `${fresh}-${place}`) },
    { kind: 'landing.done', id: rowId(job.landings), on },
    {
      kind: 'check.set',
      id: fresh,
      checkId: from(['hand-spin', 'covers-on', 'volts', 'leak-test', 'first-start'], pick),
      result: from(['pass', 'fail', 'skipped', null] as const, row),
      note: draw.reason,
      finding: pick % 3,
    },
  ]
  return acts[draw.kind % acts.length]!
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
