import { CoreError } from '../errors'
import { type MotorKindId, motorKindIds } from '../knowledge/vocabulary'
import type { Act, Planned } from './actTypes'
import { planEvidence } from './planEvidence'
import { planLedger } from './planLedger'
import { planMeasure } from './planMeasure'
import { planSafety } from './planSafety'
import { planStops } from './planStops'
import { planned, put } from './put'
import type { JobSnapshot } from './rows'
import { activeStops } from './stops'

/** Text that a person types is kept up to this length. */
const LONGEST = 2000

/**
 * What an act changes. The browser calls this for what it shows at once, the server again for what it stores.
 *
 * @param now milliseconds since the epoch
 * @throws CoreError where the act is refused: `closed`, `not-proven`, `forbidden-bypass`, `unknown-row`, …
 */
export function planAct(snapshot: JobSnapshot, act: Act, now: number): Planned {
  if (snapshot.job.status === 'closed' && act.kind !== 'job.reopen' && !isAfterword(act)) {
    throw new CoreError('closed', 'This job is closed. Reopen it to change it.')
  }
  for (const value of Object.values(act)) {
    if (typeof value === 'string' && value.length > LONGEST)
      throw new CoreError('too-long', `Shorten this to ${LONGEST} characters.`)
  }
  refuseWhileStopped(snapshot, act)
  const at = new Date(now).toISOString()
  return (
    planStops(snapshot, act, at) ??
    planSafety(snapshot, act, now, at) ??
    planEvidence(snapshot, act, at) ??
    planMeasure(snapshot, act, now, at) ??
    planLedger(snapshot, act, now, at) ??
    planJob(snapshot, act, at)
  )
}

/** What stays possible while a stop stands: saying it was a mistake, opening points, writing down, handing over. */
const duringStop: Act['kind'][] = [
  'finding.set',
  'declined.set',
  'machine.edit',
  'job.edit',
  'job.reopen',
  'point.open',
  'point.close',
  'point.held',
  'point.add',
  'proof.void',
  'field.set',
  'stop.raise',
  'stop.override',
  'stop.lift',
]

/** While a stop stands no work goes on: a hard one until its sign is gone, a warning until it is overridden with a reason. */
function refuseWhileStopped(snapshot: JobSnapshot, act: Act): void {
  if (duringStop.includes(act.kind)) return
  if (act.kind === 'job.close' && (act.result === 'handed-over' || act.result === 'not-mended')) return
  // Power off again is always possible.
  if (act.kind === 'job.phase' && act.phase === 'work') return
  const [stop] = activeStops(snapshot)
  if (stop) throw new CoreError('stopped', `${stop.text} ${stop.call}`)
}

const isAfterword = (act: Act) =>
  act.kind === 'job.edit' ||
  act.kind === 'check.set' ||
  (act.kind === 'machine.edit' && act.field !== 'family')

const editableMachineFields = [
  'name',
  'place',
  'manufacturer',
  'modelNumber',
  'serialNumber',
  'installedYear',
  'note',
  'motorKind',
  'nextLook',
  'platePictureHash',
]

function planJob(snapshot: JobSnapshot, act: Act, at: string): Planned {
  const { job, machine } = snapshot
  switch (act.kind) {
    case 'machine.edit': {
      if (!editableMachineFields.includes(act.field))
        throw new CoreError('unknown-field', `A machine has no field ${act.field}.`)
      if (act.field === 'motorKind' && act.value && !motorKindIds.includes(act.value as MotorKindId))
        throw new CoreError('unknown-value', 'There is no such kind of motor. Take one that is offered.')
      if (act.field === 'nextLook' && act.value && Number.isNaN(Date.parse(act.value)))
        throw new CoreError('not-a-date', 'Give the next look as a date: year, month, day.')
      const value = ['motorKind', 'nextLook', 'platePictureHash'].includes(act.field)
        ? act.value || null
        : act.value
      return planned(
        `Machine: ${act.field}`,
        [put(snapshot, 'machine', machine.id, { ...machine, [act.field]: value })],
        `machine/${act.field}`,
      )
    }
    case 'job.edit':
      return planned(
        `Job: ${act.field}`,
        [put(snapshot, 'job', job.id, { ...job, [act.field]: act.value })],
        `job/${act.field}`,
      )
    case 'job.bench':
      return planned(act.on ? 'The part lies on the bench' : 'The part is in the machine', [
        put(snapshot, 'job', job.id, { ...job, bench: act.on ? 1 : 0 }),
      ])
    case 'job.reopen':
      return planned('Job reopened', [
        put(snapshot, 'job', job.id, { ...job, status: 'open', closedAt: null, result: null, phase: 'work' }),
        ...snapshot.proofs
          .filter((p) => !p.voidedAt)
          .map((p) => put(snapshot, 'proofs', p.id, { ...p, voidedAt: at, voidReason: 'job reopened' })),
      ])
    case 'landing.set': {
      const known = snapshot.landings.find((row) => row.lead === act.lead)
      const id = known?.id ?? act.id
      const row = {
        id,
        jobId: job.id,
        lead: act.lead,
        role: act.role,
        terminal: act.capped ? '' : act.terminal,
        capped: act.capped ? (1 as const) : (0 as const),
        position: act.position,
        doneAt: null,
      }
      return planned(
        `${act.lead} → ${act.capped ? 'capped' : act.terminal || 'open'}`,
        [put(snapshot, 'landings', id, row)],
        `landing/${act.lead}`,
      )
    }
    case 'check.set': {
      const known = snapshot.checks.find((row) => row.checkId === act.checkId)
      const id = known?.id ?? act.id
      if (act.result === null)
        return planned(`Check ${act.checkId}: taken back`, known ? [put(snapshot, 'checks', id, null)] : [])
      return planned(
        `Check ${act.checkId}: ${act.result}`,
        [
          put(snapshot, 'checks', id, {
            id,
            jobId: job.id,
            checkId: act.checkId,
            result: act.result,
            note: act.note,
            at,
          }),
        ],
        `check/${act.checkId}`,
      )
    }
    default:
      throw new CoreError('unknown-act', `There is no act ${(act as { kind: string }).kind}.`)
  }
}
