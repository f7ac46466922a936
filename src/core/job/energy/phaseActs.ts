import { breakWords } from '../../knowledge/breakWords'
import { type ActsOf, rule } from '../acts/actModule'
import { type ActOf, type PowerPurpose, type ReopenReason, reopenReasons } from '../acts/actTypes'
import { type Draft, planned, rowChange, type Steps, withSteps } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow } from '../acts/rowById'
import { id, oneOf, optional, text } from '../acts/shapes'
import { closingProblems } from '../proving/closing'
import { checksOf, type PowerProblem, powerProblems, standingTemporary } from '../proving/power'
import { shortSteps } from '../proving/shortSteps'
import type { DueRow, JobRow, JobSnapshot, RowChange } from '../rows'
import { closingOrder } from './closingOrder'
import { voidAll } from './voiding'

type Phase = JobRow['phase']

const phaseText: Record<Phase, string> = {
  work: 'Back to work: power to be made off',
  'closing-up': 'Closing up',
  'live-test': 'On for a test',
  'in-service': 'Back in service',
}

/** Which phases follow which. Power comes back only on purpose, and entering a live test voids what was proved. */
const follows: Record<Phase, Phase[]> = {
  work: ['closing-up', 'live-test'],
  'closing-up': ['live-test', 'work'],
  'live-test': ['work', 'in-service'],
  'in-service': ['work'],
}

/** The phase of the job, its end and its beginning again, and the short isolation that takes tape off a door switch. */
export const phaseActs: ActsOf<'job.phase' | 'job.close' | 'job.reopen' | 'short.step'> = {
  'job.phase': {
    input: {
      phase: oneOf(['work', 'closing-up', 'live-test', 'in-service']),
      purpose: optional(oneOf(['reading', 'start'])),
    },
    rule: rule('reverts'),
    plan: (snapshot, act, { now, at }) => phaseChange(snapshot, act.phase, act.purpose ?? 'start', now, at),
  },
  'job.close': {
    input: { result: oneOf(['runs', 'runs-with-remarks', 'not-mended', 'handed-over']) },
    rule: rule('reverts'),
    plan: (snapshot, act, { now, at }) => closing(snapshot, act.result, now, at),
  },
  'job.reopen': {
    input: { why: optional(oneOf([...reopenReasons])) },
    rule: rule('reverts', 'any-stop', true),
    plan: (snapshot, act, { at }) => reopening(snapshot, act.why, at),
  },
  'short.step': {
    input: { id, step: oneOf([1, 2, 3, 4]), by: text },
    rule: rule('asserts'),
    plan: (snapshot, act, { at }) => shortStep(snapshot, act, at),
  },
}

function phaseChange(
  snapshot: JobSnapshot,
  phase: Phase,
  purpose: PowerPurpose,
  now: number,
  at: string,
): Draft {
  const { job } = snapshot
  if (job.phase === phase) return planned(phaseText[phase], [])
  if (!follows[job.phase].includes(phase)) throw refusal('wrong-phase', job.phase, phase)
  const problems = holdsPhase(snapshot, phase, purpose, now)
  if (problems[0]) throw refusal('not-ready/power', problems[0].text)
  const draft = planned(
    phaseText[phase],
    [rowChange(snapshot, 'job', job.id, { ...job, phase })],
    [{ kind: 'phase', label: phase, detail: phase === 'live-test' ? purpose : '' }],
  )
  const calm = phase === 'closing-up' || (phase === 'work' && job.phase === 'closing-up')
  if (calm) return draft
  return withSteps(
    draft,
    pointsClosed(snapshot, at),
    voidAll(snapshot, at, phaseText[phase].toLowerCase()),
    phase === 'live-test' && purpose === 'start' ? duesPlanted(snapshot, now, at) : nothing,
  )
}

const nothing: Steps = { changes: [], log: [] }

/** What holds this phase back; nothing holds power off. */
function holdsPhase(snapshot: JobSnapshot, phase: Phase, purpose: PowerPurpose, now: number): PowerProblem[] {
  switch (phase) {
    case 'work':
      return []
    case 'closing-up':
      return powerProblems(snapshot, now, 'reading').filter(({ code }) => code === 'way-back')
    case 'live-test':
      return powerProblems(snapshot, now, purpose)
    case 'in-service':
      return [
        ...standingTemporary(snapshot).map(
          (line): PowerProblem => ({
            code: 'bypass',
            text: `${line.part} is still held, bridged or temporary: undo it first.`,
          }),
        ),
        ...powerProblems(snapshot, now, 'start'),
      ]
  }
}

/** The breaks are closed for the test: each is opened again, and proved again, afterwards. The record keeps their times. */
export function pointsClosed(snapshot: JobSnapshot, at: string): Steps {
  const open = closingOrder(snapshot.points).filter((point) => point.openedAt)
  return {
    changes: open.map((point) =>
      rowChange(snapshot, 'points', point.id, { ...point, openedAt: null, held: '', changedAt: at }),
    ),
    log: open.map((point) => ({
      kind: 'closed',
      subject: point.id,
      label: point.label,
      detail: breakWords[point.point].closed,
    })),
  }
}

/** Looks that lie in the future, from this start on; one that was answered stays as it was. */
function duesPlanted(snapshot: JobSnapshot, now: number, at: string): Steps {
  const changes = checksOf(snapshot).flatMap((check): RowChange[] => {
    if (!check.laterMinutes || snapshot.checks.some((row) => row.checkId === check.id)) return []
    const id = `${snapshot.job.id}-due-${check.id}`
    const row: DueRow = {
      id,
      jobId: snapshot.job.id,
      checkId: check.id,
      dueAt: new Date(now + check.laterMinutes * 60_000).toISOString(),
      at,
    }
    return [rowChange(snapshot, 'dues', id, row)]
  })
  return { changes, log: [] }
}

function closing(
  snapshot: JobSnapshot,
  result: NonNullable<JobRow['result']>,
  now: number,
  at: string,
): Draft {
  const [problem] = closingProblems(snapshot, now, result)
  if (problem) throw refusal('not-ready/closing', problem.text)
  const runs = result === 'runs' || result === 'runs-with-remarks'
  const draft = planned(
    'Job closed',
    [
      rowChange(snapshot, 'job', snapshot.job.id, {
        ...snapshot.job,
        status: 'closed',
        result,
        closedAt: at,
        phase: runs ? 'in-service' : snapshot.job.phase,
      }),
    ],
    [{ kind: 'closed-job', detail: result }],
  )
  if (!runs || snapshot.job.phase === 'in-service') return draft
  return withSteps(
    draft,
    pointsClosed(snapshot, at),
    voidAll(snapshot, at, 'the machine went back into service'),
    snapshot.job.phase === 'live-test' ? nothing : duesPlanted(snapshot, now, at),
  )
}

/** Nobody knows what was switched since: everything is opened and proved anew. */
function reopening(snapshot: JobSnapshot, why: ReopenReason | undefined, at: string): Draft {
  return withSteps(
    planned(
      'Job reopened',
      [
        rowChange(snapshot, 'job', snapshot.job.id, {
          ...snapshot.job,
          status: 'open',
          closedAt: null,
          result: null,
          phase: 'work',
        }),
      ],
      [{ kind: 'reopened-job', detail: why ?? '' }],
    ),
    pointsClosed(snapshot, at),
    voidAll(snapshot, at, 'the job was reopened'),
  )
}

function shortStep(snapshot: JobSnapshot, act: ActOf<'short.step'>, at: string): Draft {
  const line = knownRow(snapshot, 'ledger', act.id)
  if (line.action !== 'bypass' || line.switchKind !== 'door' || !line.doneAt) throw refusal('not-a-door')
  if (snapshot.job.phase !== 'live-test') throw refusal('wrong-phase/short-isolation')
  if (act.step !== line.shortStep + 1)
    throw refusal('proof-order/short-isolation', shortSteps[line.shortStep] ?? 'nothing more')
  const by = act.by.trim() || line.shortBy
  if (by.length < 3) throw refusal('no-reason/switch')
  const row = {
    ...line,
    shortStep: act.step,
    shortBy: by,
    // The tape is off from the third step on.
    ...(act.step === 3 ? { backDoneAt: at, backCover: '' as const } : {}),
  }
  const log: Draft['log'] = [
    {
      kind: 'short-isolation',
      subject: line.id,
      label: line.part,
      detail: `${shortSteps[act.step - 1]} (${by})`,
    },
    ...(act.step === 3 ? [{ kind: 'bypass-undone' as const, subject: line.id, label: line.part }] : []),
  ]
  return planned(shortSteps[act.step - 1] ?? '', [rowChange(snapshot, 'ledger', line.id, row)], log)
}
