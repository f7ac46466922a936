import { CoreError } from '../errors'
import { isolationPlans, waitInfo } from '../knowledge/isolation'
import { vocabulary } from '../knowledge/vocabulary'
import { parseTyped } from '../units/parseTyped'
import type { Act, Planned } from './actTypes'
import { closingProblems } from './closing'
import { energyOf } from './energy'
import { newCharge } from './plant'
import { planned, put } from './put'
import type {
  ChargeRow,
  JobSnapshot,
  ListTable,
  PointRow,
  ProofReadingRow,
  ProofRow,
  RowChange,
  WaitRow,
} from './rows'
import { rowOf } from './snapshot'

/** Acts that open and close energy: isolation points, proof, charge, waits, the phase of the job. */
export function planSafety(snapshot: JobSnapshot, act: Act, now: number, at: string): Planned | null {
  const jobId = snapshot.job.id
  switch (act.kind) {
    case 'point.open': {
      const point = must<PointRow>(snapshot, 'points', act.id)
      if (snapshot.job.phase !== 'work')
        throw new CoreError('wrong-phase', 'Go back to work first: the power may be on for a test.')
      return planned(`${point.label}: open`, [put(snapshot, 'points', point.id, { ...point, openedAt: at })])
    }
    case 'point.close': {
      const point = must<PointRow>(snapshot, 'points', act.id)
      return planned(`${point.label}: closed again`, [
        put(snapshot, 'points', point.id, { ...point, openedAt: null }),
        ...voidAll(snapshot, at, `${point.label} was closed`),
      ])
    }
    case 'point.held': {
      const point = must<PointRow>(snapshot, 'points', act.id)
      return planned(
        `${point.label}: held`,
        [put(snapshot, 'points', point.id, { ...point, held: act.held })],
        `held/${point.id}`,
      )
    }
    case 'point.add': {
      const position = Math.max(-1, ...snapshot.points.map((point) => point.position)) + 1
      const row: PointRow = {
        id: act.id,
        jobId,
        point: act.point,
        label: vocabulary.isolationPoints[act.point],
        position,
        held: '',
        openedAt: null,
        struckAt: null,
        strikeReason: '',
      }
      return planned(`Added: ${row.label}`, [
        put(snapshot, 'points', act.id, row),
        ...voidAll(snapshot, at, `${row.label} was added`),
      ])
    }
    case 'point.strike': {
      const point = must<PointRow>(snapshot, 'points', act.id)
      needReason(act.reason)
      // A struck point may have been the one that matters: the proof is made anew.
      return planned(`Struck: ${point.label}`, [
        put(snapshot, 'points', point.id, { ...point, struckAt: at, strikeReason: act.reason }),
        ...voidProofs(snapshot, at, `${point.label} was struck`),
      ])
    }
    case 'point.restore': {
      const point = must<PointRow>(snapshot, 'points', act.id)
      return planned(`Back in the plan: ${point.label}`, [
        put(snapshot, 'points', point.id, { ...point, struckAt: null, strikeReason: '', openedAt: null }),
        ...voidAll(snapshot, at, `${point.label} came back`),
      ])
    }
    case 'proof.start':
      return planned('Proof begun', [
        ...voidProofs(snapshot, at, 'a new proof was begun'),
        put(snapshot, 'proofs', act.id, newProof(act.id, jobId, at)),
      ])
    case 'proof.tester': {
      const proof = must<ProofRow>(snapshot, 'proofs', act.id)
      if (act.when === 'after') requireReadable(snapshot, proof)
      const field = act.when === 'before' ? 'testerBeforeAt' : 'testerAfterAt'
      return planned(act.when === 'before' ? 'Tester tested before' : 'Tester tested after', [
        put(snapshot, 'proofs', proof.id, { ...proof, [field]: act.on ? at : null }),
      ])
    }
    case 'proof.read': {
      const proof = must<ProofRow>(snapshot, 'proofs', act.proofId)
      const known = snapshot.proofReadings.find((row) => row.proofId === proof.id && row.pair === act.pair)
      const typed = parseTyped(act.typed, 'volts')
      const row: ProofReadingRow = {
        id: known?.id ?? act.id,
        jobId,
        proofId: proof.id,
        pair: act.pair,
        position: act.position,
        typed: act.typed,
        volts: typed.kind === 'value' ? typed.value : null,
        at,
      }
      // A reading after the tester was tested again is a new proof's reading.
      const reopened = proof.testerAfterAt
        ? [put(snapshot, 'proofs', proof.id, { ...proof, testerAfterAt: null })]
        : []
      return planned(
        `Proof ${act.pair}: ${act.typed}`,
        [put(snapshot, 'proofReadings', row.id, row), ...reopened],
        `proof/${act.pair}`,
      )
    }
    case 'proof.void':
      return planned('Proof void', voidAll(snapshot, at, act.reason))
    case 'charge.add':
      return planned('Another capacitor to discharge', [
        put(snapshot, 'charges', act.id, newCharge(act.id, jobId, snapshot.charges.length)),
      ])
    case 'charge.edit': {
      const charge = must<ChargeRow>(snapshot, 'charges', act.id)
      return planned(
        `${charge.label}: ${act.field}`,
        [put(snapshot, 'charges', charge.id, { ...charge, [act.field]: act.value })],
        `charge/${charge.id}/${act.field}`,
      )
    }
    case 'charge.read': {
      const charge = must<ChargeRow>(snapshot, 'charges', act.id)
      if (act.typed.trim() !== '') requireProvenForDischarge(snapshot, now)
      const typed = parseTyped(act.typed, 'volts')
      const volts = typed.kind === 'value' ? typed.value : null
      const row = {
        ...charge,
        typed: act.typed,
        volts,
        readAt: act.typed.trim() ? at : null,
        dischargedAt: volts !== null && volts < 5 ? at : null,
      }
      return planned(
        `${charge.label}: ${act.typed || 'reading taken back'}`,
        [put(snapshot, 'charges', charge.id, row)],
        `charge/${charge.id}/read`,
      )
    }
    case 'charge.strike':
    case 'wait.strike': {
      needReason(act.reason)
      const table = act.kind === 'charge.strike' ? 'charges' : 'waits'
      const row = must<ChargeRow | WaitRow>(snapshot, table, act.id)
      return planned(`Struck: ${row.label}`, [
        put(snapshot, table, row.id, { ...row, struckAt: at, strikeReason: act.reason }),
      ])
    }
    case 'charge.restore':
    case 'wait.restore': {
      const table = act.kind === 'charge.restore' ? 'charges' : 'waits'
      const row = must<ChargeRow | WaitRow>(snapshot, table, act.id)
      return planned(`Back in the plan: ${row.label}`, [
        put(snapshot, table, row.id, { ...row, struckAt: null, strikeReason: '' }),
      ])
    }
    case 'wait.add': {
      const info = waitInfo[act.wait]
      const row: WaitRow = {
        id: act.id,
        jobId,
        kind: act.wait,
        ...info,
        position: Math.max(-1, ...snapshot.waits.map((wait) => wait.position)) + 1,
        startedAt: null,
        struckAt: null,
        strikeReason: '',
      }
      return planned(`Added: ${row.label}`, [put(snapshot, 'waits', row.id, row)])
    }
    case 'wait.minutes': {
      const wait = must<WaitRow>(snapshot, 'waits', act.id)
      return planned(
        `${wait.label}: ${act.minutes} min`,
        [put(snapshot, 'waits', wait.id, { ...wait, minutes: act.minutes })],
        `wait/${wait.id}/minutes`,
      )
    }
    case 'wait.start': {
      const wait = must<WaitRow>(snapshot, 'waits', act.id)
      return planned(`${wait.label}: wait begun`, [
        put(snapshot, 'waits', wait.id, { ...wait, startedAt: at }),
      ])
    }
    case 'job.phase':
      return planPhase(snapshot, act.phase, now, at)
    case 'job.close':
      return planClose(snapshot, act.result, at)
    default:
      return null
  }
}

const phaseText = {
  work: 'Back to work: power to be made off',
  'closing-up': 'Closing up',
  'live-test': 'On for a test',
  'in-service': 'Back in service',
}

/** Which phases follow which. Power comes back only on purpose, and entering a live test voids what was proved. */
const follows: Record<string, string[]> = {
  work: ['closing-up', 'live-test'],
  'closing-up': ['live-test', 'work'],
  'live-test': ['work', 'in-service'],
  'in-service': ['work'],
}

function planPhase(
  snapshot: JobSnapshot,
  phase: JobSnapshot['job']['phase'],
  now: number,
  at: string,
): Planned {
  const { job } = snapshot
  if (!follows[job.phase]!.includes(phase))
    throw new CoreError('wrong-phase', `The job cannot go from ${job.phase} to ${phase}.`)
  if (phase === 'live-test' || phase === 'in-service') {
    const problems = closingProblems(snapshot).filter((problem) => problem.beforePower)
    if (problems.length > 0) throw new CoreError('not-ready', `Before power returns: ${problems[0]!.text}`)
  }
  const changes: RowChange[] = [put(snapshot, 'job', job.id, { ...job, phase })]
  const poweredOrLeft =
    phase === 'live-test' || phase === 'in-service' || (phase === 'work' && job.phase !== 'closing-up')
  if (poweredOrLeft) {
    // The breaks are closed for the test: each is opened again, and proved again, afterwards.
    for (const point of snapshot.points)
      if (point.openedAt) changes.push(put(snapshot, 'points', point.id, { ...point, openedAt: null }))
    changes.push(...voidAll(snapshot, at, phaseText[phase]))
  }
  void now
  return planned(phaseText[phase], changes)
}

function planClose(
  snapshot: JobSnapshot,
  result: NonNullable<JobSnapshot['job']['result']>,
  at: string,
): Planned {
  const problems = closingProblems(snapshot).filter((problem) =>
    result === 'runs' || result === 'runs-with-remarks' ? true : problem.always,
  )
  if (problems.length > 0) throw new CoreError('not-ready', `Before the job closes: ${problems[0]!.text}`)
  const runs = result === 'runs' || result === 'runs-with-remarks'
  return planned('Job closed', [
    put(snapshot, 'job', snapshot.job.id, {
      ...snapshot.job,
      status: 'closed',
      result,
      closedAt: at,
      phase: runs ? 'in-service' : snapshot.job.phase,
    }),
  ])
}

function newProof(id: string, jobId: string, at: string): ProofRow {
  return {
    id,
    jobId,
    startedAt: at,
    testerBeforeAt: null,
    testerAfterAt: null,
    voidedAt: null,
    voidReason: '',
  }
}

function voidProofs(snapshot: JobSnapshot, at: string, reason: string): RowChange[] {
  return snapshot.proofs
    .filter((proof) => !proof.voidedAt)
    .map((proof) => put(snapshot, 'proofs', proof.id, { ...proof, voidedAt: at, voidReason: reason }))
}

/** Power may have been on: proof, discharge and waits are all made anew. */
export function voidAll(snapshot: JobSnapshot, at: string, reason: string): RowChange[] {
  return [
    ...voidProofs(snapshot, at, reason),
    ...snapshot.charges
      .filter((charge) => charge.readAt)
      .map((charge) =>
        put(snapshot, 'charges', charge.id, {
          ...charge,
          typed: '',
          volts: null,
          readAt: null,
          dischargedAt: null,
        }),
      ),
    ...snapshot.waits
      .filter((wait) => wait.startedAt)
      .map((wait) => put(snapshot, 'waits', wait.id, { ...wait, startedAt: null })),
  ]
}

function requireReadable(snapshot: JobSnapshot, proof: ProofRow): void {
  const energy = energyOf(snapshot, Date.parse(proof.startedAt))
  if (energy.openPoints < energy.allPoints)
    throw new CoreError(
      'not-isolated',
      'Open every isolation point first; a reading behind a closed one proves nothing.',
    )
}

/** Discharging is the one hands-in act before the rest: it needs the proof, not the charge itself. */
function requireProvenForDischarge(snapshot: JobSnapshot, now: number): void {
  if (snapshot.job.bench) return
  const energy = energyOf(snapshot, now)
  if (energy.state !== 'proven-dead')
    throw new CoreError('not-proven', 'Prove the supply dead before you touch the capacitor.')
}

function needReason(reason: string): void {
  if (reason.trim().length < 3)
    throw new CoreError('no-reason', 'Say in a few words why this machine does not have it.')
}

function must<T>(snapshot: JobSnapshot, table: ListTable, id: string): T {
  const row = rowOf(snapshot, table, id)
  if (!row) throw new CoreError('unknown-row', 'This line is no longer there. Reload the page.')
  return row as T
}

export const supplyOf = (snapshot: JobSnapshot) => isolationPlans[snapshot.machine.family].supply
