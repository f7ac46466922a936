import { isValve } from '../knowledge/isolation'
import { type ProveCheck, proveChecks, wiringCheck } from '../knowledge/proofChecks'
import type { PowerPurpose } from './actTypes'
import { MINUTE } from './energy'
import { standingPoints } from './place'
import { refitOf } from './refitOf'
import type { JobRow, JobSnapshot, LedgerRow } from './rows'
import { stillOut } from './stillOut'

export interface PowerProblem {
  code:
    | 'short-isolation'
    | 'bypass'
    | 'way-back'
    | 'landing'
    | 'dead-check'
    | 'cure'
    | 'union'
    | 'failed-check'
  text: string
}

/** Held, bridged or temporary: it is only ever undone. */
export const isTemporary = (line: LedgerRow): boolean => line.action === 'bypass' || line.temporary === 1

/** A line that is done and not undone, and must be: held switches, jumpers, whatever is temporary. */
export const standingTemporary = (snapshot: JobSnapshot): LedgerRow[] =>
  snapshot.ledger.filter(
    (line) => line.doneAt !== null && line.backDoneAt === null && !line.struckAt && isTemporary(line),
  )

/** A held door switch, and a call jumper between 24 V terminals, may stand while power is on for a start or a reading. */
const mayStand = (line: LedgerRow): boolean =>
  line.action === 'bypass' && (line.switchKind === 'door' || line.switchKind === 'call')

/** Renewals whose cure has begun: the clock starts when the line is ticked on the way back. */
export interface Cure {
  line: LedgerRow
  hours: number
  until: number
}

export const curesOf = (snapshot: JobSnapshot): Cure[] =>
  snapshot.ledger.flatMap((line) =>
    line.backDoneAt && !line.struckAt && line.renewMaterial && line.cureHours
      ? [
          {
            line,
            hours: line.cureHours,
            until: Date.parse(line.backDoneAt) + line.cureHours * 60 * MINUTE,
          },
        ]
      : [],
  )

/** Gas unions that were opened: shut again, and tested for leaks before anything else once gas is on. */
export const openedUnions = (snapshot: JobSnapshot): LedgerRow[] =>
  snapshot.ledger.filter((line) => line.doneAt && !line.struckAt && /\bunions?\b/i.test(line.part))

/** The checks of this machine; those of gas and wires only where gas lines or wires were parted. */
export function checksOf(snapshot: JobSnapshot): ProveCheck[] {
  const wired =
    snapshot.landings.length > 0 ||
    snapshot.ledger.some(
      (line) => line.doneAt && ['disconnect', 'cut-wire', 'unsolder'].includes(line.action),
    )
  const own = proveChecks[snapshot.machine.family].filter(
    (check) => !check.gas || openedUnions(snapshot).length > 0,
  )
  return wired ? [wiringCheck, ...own] : own
}

export const gasIsOff = (snapshot: JobSnapshot): boolean =>
  standingPoints(snapshot).some(
    ({ point, openedAt }) => isValve(point) && point !== 'water-valve' && openedAt !== null,
  )

/**
 * What holds power back, in the order in which it is done.
 * @param purpose one live reading, or the start of the mended machine
 * @param now milliseconds since the epoch: a cure that has not run out holds
 */
export function powerProblems(snapshot: JobSnapshot, now: number, purpose: PowerPurpose): PowerProblem[] {
  return [
    ...shortProblems(snapshot),
    ...standingTemporary(snapshot)
      .filter((line) => !mayStand(line))
      .map((line): PowerProblem => ({ code: 'bypass', text: bypassText(line) })),
    ...wayBackProblems(snapshot),
    ...snapshot.landings
      .filter((landing) => landing.doneAt === null)
      .slice(0, 1)
      .map(
        (landing): PowerProblem => ({
          code: 'landing',
          text: `${landing.lead} is not landed yet: land or cap it, and tick it.`,
        }),
      ),
    ...curesOf(snapshot)
      .filter(({ until }) => until > now)
      .map(
        ({ line, until }): PowerProblem => ({
          code: 'cure',
          text: `The cure of ${line.renewMaterial} (${line.part}) takes another ${hoursLeft(until - now)}.`,
        }),
      ),
    ...(purpose === 'start' ? deadCheckProblems(snapshot) : []),
    ...unionProblems(snapshot),
  ]
}

/** A check of the machine as it runs. */
export const isWatched = ({ dead, gas }: ProveCheck): boolean => !dead && !gas

/**
 * Whether the machine has had power for a test since the job began: what it does then is not told before. A job without any point
 * to part it cannot be powered from here.
 */
export const hasRun = (snapshot: JobSnapshot): boolean =>
  snapshot.job.phase === 'live-test' ||
  snapshot.job.phase === 'in-service' ||
  snapshot.log.some(
    ({ kind, label }) => kind === 'phase' && (label === 'live-test' || label === 'in-service'),
  ) ||
  standingPoints(snapshot).length === 0

/** What must be undone or done before the job closes with this result. */
export function closingProblems(
  snapshot: JobSnapshot,
  now: number,
  result: NonNullable<JobRow['result']>,
): PowerProblem[] {
  const standing = standingTemporary(snapshot).map(
    (line): PowerProblem => ({ code: 'bypass', text: bypassText(line) }),
  )
  if (result === 'not-mended' || result === 'handed-over') return [...shortProblems(snapshot), ...standing]
  const failed = snapshot.checks
    .filter((row) => row.result === 'fail')
    .map((row): PowerProblem => {
      const name = checksOf(snapshot).find((check) => check.id === row.checkId)?.act ?? row.checkId
      return {
        code: 'failed-check',
        text: `The check “${name}” failed: find out why, or close the job as not mended.`,
      }
    })
  const held = powerProblems(snapshot, now, 'start').filter(({ code }) => code !== 'bypass')
  return [...standing, ...held, ...failed]
}

const bypassText = (line: LedgerRow): string =>
  line.action === 'bypass' && (line.switchKind === null || line.switchKind === 'other')
    ? `“${line.part || 'a switch'}” is held or bridged, and nobody said which switch it is: say what it holds, and undo it.`
    : `${line.part || 'A switch'} is still held, bridged or temporary: undo it and tick it.`

const shortProblems = (snapshot: JobSnapshot): PowerProblem[] =>
  snapshot.ledger
    .filter((line) => line.shortStep > 0 && line.shortStep < 4)
    .map((line) => ({
      code: 'short-isolation',
      text: `The short isolation for “${line.part}” is not finished: go through its steps.`,
    }))

function wayBackProblems(snapshot: JobSnapshot): PowerProblem[] {
  const out = new Set(stillOut(snapshot).map(({ id }) => id))
  const open = refitOf(snapshot).steps.filter(({ from }) => out.has(from))
  const [first] = open
  if (!first) return []
  return [
    {
      code: 'way-back',
      text: `${open.length} ${open.length === 1 ? 'act' : 'acts'} of the way back are open, first: ${first.text}`,
    },
  ]
}

/** Covers and wiring are looked at; another dead check may be left out, and then the record says so. */
const mustPass = ['covers-on', wiringCheck.id]

function deadCheckProblems(snapshot: JobSnapshot): PowerProblem[] {
  return checksOf(snapshot)
    .filter((check) => check.dead)
    .filter((check) => {
      const result = snapshot.checks.find((row) => row.checkId === check.id)?.result
      return !(result === 'pass' || (result === 'skipped' && !mustPass.includes(check.id)))
    })
    .map((check) => ({ code: 'dead-check', text: `Answer this first: ${check.act.toLowerCase()}.` }))
}

function unionProblems(snapshot: JobSnapshot): PowerProblem[] {
  const unions = openedUnions(snapshot)
  if (unions.length === 0) return []
  if (unions.some((line) => !line.backDoneAt))
    return [{ code: 'union', text: 'A gas union is open: shut it, or have it shut, before gas comes on.' }]
  if (snapshot.checks.find((row) => row.checkId === 'leak-test')?.result === 'pass') return []
  return [
    {
      code: 'union',
      text: 'A gas union was opened: gas comes on first, and each union is tested with bubble solution, before power returns.',
    },
  ]
}

function hoursLeft(ms: number): string {
  const minutes = Math.ceil(ms / MINUTE)
  return minutes < 90 ? `${minutes} min` : `${Math.ceil(minutes / 60)} h`
}
