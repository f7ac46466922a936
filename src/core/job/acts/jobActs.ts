import { chargesOf, waitsOf } from '../../isolation'
import { readingCheck } from '../../knowledge/proofChecks'
import { type MotorKindId, motorKindIds } from '../../knowledge/vocabulary'
import { isDay } from '../../units/isDay'
import { landingPlanOf } from '../../wiring/ofJob'
import { circuitName } from '../energy/circuit'
import { handsMay } from '../energy/gate'
import { periodOf } from '../energy/period'
import { hasChargeOf } from '../energy/place'
import { voidAll } from '../energy/voiding'
import { labelColumns } from '../ledger/labels'
import { newCharge } from '../plant'
import { checksOf, curesOf, gasIsOff, gasOpening, hasRun, isEarly, isWatched } from '../proving/power'
import type { JobSnapshot, RowChange, WaitRow } from '../rows'
import { energyJobOf } from '../shared'
import { type ActsOf, rule, types, writes } from './actModule'
import type { ActOf } from './actTypes'
import { type Draft, planned, rowChange, withSteps } from './changes'
import { refusal } from './refusals'
import { flag, id, nullable, number, oneOf, optional, text, textOf, texts } from './shapes'

const editableMachineFields: string[] = [
  'name',
  'place',
  'manufacturer',
  'modelNumber',
  'serialNumber',
  'installedYear',
  'note',
  'motorKind',
  'nextLook',
  'circuit',
  ...labelColumns,
]

/** What belongs to the machine and to the job as a whole: their texts, the landings, the checks. */
export const jobActs: ActsOf<'machine.edit' | 'job.edit' | 'landing.set' | 'landing.take' | 'check.set'> = {
  'machine.edit': {
    input: { field: textOf(40), value: text },
    rule: types(
      rule((act) => (act.field === 'circuit' ? 'reverts' : 'plain'), 'any-stop', true),
      'field',
    ),
    plan: (snapshot, act, { at }) => machineEdit(snapshot, act, at),
  },
  'job.edit': {
    input: { field: oneOf(['symptom', 'lesson', 'minutesSpent', 'cost']), value: text },
    rule: types(rule('plain', 'any-stop', true), 'field'),
    plan: (snapshot, act) =>
      planned(`Job: ${act.field}`, [
        rowChange(snapshot, 'job', snapshot.job.id, { ...snapshot.job, [act.field]: act.value }),
      ]),
  },
  'landing.set': {
    input: {
      id,
      lead: textOf(60),
      role: textOf(60),
      terminal: textOf(60),
      capped: flag,
      position: number(0),
    },
    rule: writes(rule('plain'), 'lead'),
    plan: (snapshot, act) => {
      const known = snapshot.landings.find((row) => row.lead === act.lead)
      const id = known?.id ?? act.id
      const row = {
        id,
        jobId: snapshot.job.id,
        lead: act.lead,
        role: act.role,
        terminal: act.capped ? '' : act.terminal,
        capped: act.capped ? (1 as const) : (0 as const),
        position: act.position,
        doneAt: null,
        doneCover: '' as const,
        period: null,
      }
      return planned(`${act.lead} → ${act.capped ? 'capped' : act.terminal || 'open'}`, [
        rowChange(snapshot, 'landings', id, row),
      ])
    },
  },
  'landing.take': {
    input: { ids: texts(40) },
    rule: rule('plain'),
    plan: (snapshot, act) => takeLandings(snapshot, act.ids),
  },
  'check.set': {
    input: {
      id,
      checkId: textOf(60),
      result: nullable(oneOf(['pass', 'fail', 'skipped'])),
      note: text,
      finding: optional(number(0, 20)),
    },
    rule: writes(rule('plain', 'never', true), 'checkId', 'result'),
    plan: (snapshot, act, { at }) => checkSet(snapshot, act, at),
  },
}

/** One act for the whole proposal, and one step of undo. */
function takeLandings(snapshot: JobSnapshot, ids: string[]): Draft {
  const plan = landingPlanOf(snapshot)
  if (!plan || plan.landings.length === 0) throw refusal('no-roles')
  const open = plan.landings.filter(({ lead }) => !snapshot.landings.some((row) => row.lead === lead))
  if (ids.length < open.length) throw refusal('too-few-ids/landings')
  const from = snapshot.landings.length
  return planned(
    `Landings taken: ${open.length}`,
    open.map(({ lead, role, terminal, capped }, index) => {
      const id = ids[index] ?? ''
      return rowChange(snapshot, 'landings', id, {
        id,
        jobId: snapshot.job.id,
        lead,
        role,
        terminal,
        capped: capped ? 1 : 0,
        position: from + index,
        doneAt: null,
        doneCover: '',
        period: null,
      })
    }),
  )
}

function machineEdit(snapshot: JobSnapshot, act: ActOf<'machine.edit'>, at: string): Draft {
  const { machine } = snapshot
  if (!editableMachineFields.includes(act.field)) throw refusal('unknown-field/machine', act.field)
  if (act.field === 'motorKind' && act.value && !motorKindIds.includes(act.value as MotorKindId))
    throw refusal('unknown-value/motor-kind')
  if (act.field === 'nextLook' && act.value && !isDay(act.value)) throw refusal('not-a-date')
  if (act.field === 'circuit') return circuitEdit(snapshot, circuitName(act.value), at)
  const emptied: string[] = ['motorKind', 'nextLook', ...labelColumns]
  const value = emptied.includes(act.field) ? act.value || null : act.value
  const row = { ...machine, [act.field]: value }
  const draft = planned(`Machine: ${act.field}`, [
    rowChange(snapshot, 'machine', machine.id, row),
    ...(act.field === 'motorKind' ? storedByKind(snapshot, (act.value || null) as MotorKindId | null) : []),
  ])
  // A kind that becomes known only asks for more; one that turns out to be another changes what the plan rests on.
  const another =
    act.field === 'motorKind' && machine.motorKind !== null && machine.motorKind !== (act.value || null)
  return another ? withSteps(draft, voidAll(snapshot, at, 'the kind of the motor is another')) : draft
}

/** On another breaker nothing that was proved behind the first one says anything. */
function circuitEdit(snapshot: JobSnapshot, circuit: string | null, at: string): Draft {
  const { machine } = snapshot
  if (circuit === machine.circuit) return planned('On that breaker already', [])
  return withSteps(
    planned('Machine: circuit', [rowChange(snapshot, 'machine', machine.id, { ...machine, circuit })]),
    voidAll(snapshot, at, 'the machine was put on another breaker'),
  )
}

/** A kind of motor learned later may bring a capacitor or a module of which the plan did not know. */
function storedByKind(snapshot: JobSnapshot, motorKind: MotorKindId | null): RowChange[] {
  const known = { family: snapshot.machine.family, motorKind }
  const jobId = energyJobOf(snapshot.job)
  const changes: RowChange[] = []
  for (const holds of chargesOf(known)) {
    if (hasChargeOf(snapshot, holds)) continue
    const id = holds === 'run' ? `${jobId}-charge` : `${jobId}-charge-${holds}`
    const charge = newCharge(id, jobId, snapshot.charges.length + changes.length, holds)
    changes.push(rowChange(snapshot, 'charges', charge.id, charge))
  }
  for (const wait of waitsOf(known)) {
    if (snapshot.waits.some((row) => row.kind === wait.kind)) continue
    const row: WaitRow = {
      id: `${jobId}-wait-${wait.kind}`,
      jobId,
      ...wait,
      position: snapshot.waits.length + changes.length,
      startedAt: null,
      planned: 1,
      struckAt: null,
      strikeReason: '',
    }
    changes.push(rowChange(snapshot, 'waits', row.id, row))
  }
  return changes
}

/** A failed check enters its finding; bubbles at a union stop the job. */
function checkSet(snapshot: JobSnapshot, act: ActOf<'check.set'>, at: string): Draft {
  const { job } = snapshot
  const check = [readingCheck, ...checksOf(snapshot)].find((each) => each.id === act.checkId)
  if (!check) throw refusal('unknown-check')
  const known = snapshot.checks.find((row) => row.checkId === act.checkId)
  const id = known?.id ?? act.id
  if (act.result === null)
    return planned(`Check ${act.checkId}: taken back`, known ? [rowChange(snapshot, 'checks', id, null)] : [])
  const [cure] = curesOf(snapshot).filter(({ until }) => until > Date.parse(at))
  if (check.cured && act.result === 'pass' && cure) throw refusal('not-cured', cure.line.renewMaterial)
  if (check.gas && act.result !== 'fail' && gasIsOff(snapshot)) throw refusal('gas-off')
  if (act.result !== 'skipped' && isWatched(check) && !hasRun(snapshot)) throw refusal('not-run')
  if (act.result !== 'skipped' && check.hands && !handsMay(snapshot, Date.parse(at)))
    throw refusal('hands-live', check.act)
  if (act.result === 'pass' && isEarly(snapshot, check, Date.parse(at))) throw refusal('not-yet', check.act)
  const row = {
    id,
    jobId: job.id,
    checkId: act.checkId,
    result: act.result,
    note: act.note,
    period: check.gas ? gasOpening(snapshot) : periodOf(snapshot),
    at,
  }
  const draft = planned(`Check ${act.checkId}: ${act.result}`, [rowChange(snapshot, 'checks', id, row)])
  if (act.result !== 'fail') return draft
  if (check.gas) return leakFound(snapshot, draft, act.id, at)
  const fails = check.fails ?? []
  const entered = fails.length === 1 ? fails[0] : fails[act.finding ?? -1]
  if (!entered) return draft
  const finding = snapshot.findings.find((each) => each.observation === entered.observation)
  const findingId = finding?.id ?? `${act.id}-f`
  return {
    ...draft,
    changes: [
      ...draft.changes,
      rowChange(snapshot, 'findings', findingId, {
        id: findingId,
        jobId: job.id,
        observation: entered.observation,
        value: entered.value,
        recorded: null,
        at,
      }),
    ],
  }
}

function leakFound(snapshot: JobSnapshot, draft: Draft, id: string, at: string): Draft {
  const known = snapshot.stops.find((row) => row.rule === 'gas-smell')
  const row = {
    id: known?.id ?? `${id}-s`,
    jobId: snapshot.job.id,
    rule: 'gas-smell' as const,
    note: 'A bubble grew at a gas union: the cock is shut.',
    at,
    overriddenAt: null,
    liftedAt: null,
    reason: '',
  }
  return {
    ...draft,
    changes: [...draft.changes, rowChange(snapshot, 'stops', row.id, row)],
    log: [{ kind: 'stop-raised', label: 'gas-smell', detail: row.note }],
  }
}
