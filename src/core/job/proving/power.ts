import { isFuelValve, isolationPlans } from '../../knowledge/isolation'
import { mayCarryFuel } from '../../knowledge/machineWords'
import {
  leakCheck,
  type ProveCheck,
  proveChecks,
  readingCheck,
  wiringCheck,
} from '../../knowledge/proofChecks'
import { within } from '../../units/capital'
import type { PowerPurpose } from '../acts/actTypes'
import { heldByCircuit, openWords } from '../energy/circuit'
import { MINUTE } from '../energy/energy'
import { standingPoints } from '../energy/place'
import { refitOf } from '../ledger/refitOf'
import { isTemporary } from '../ledger/temporary'
import type { JobSnapshot, LedgerRow } from '../rows'
import { titleAndPlace } from '../title'
import { standingAnswer } from './answered'
import { jobChecks } from './jobChecks'
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
    | 'beside'
    | 'circuit'
    | 'part-out'
    | 'unanswered'
    | 'not-come'
  text: string
}

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

const burnsFuel = ({ machine }: JobSnapshot): boolean =>
  isolationPlans[machine.family].points.some(({ point }) => isFuelValve(point))

/** What carries fuel: as somebody said, or what may and of which nobody has said yet. */
export const carriesFuel = (snapshot: JobSnapshot, line: LedgerRow): boolean =>
  line.carries === 'fuel' ||
  (line.carries === null && burnsFuel(snapshot) && mayCarryFuel.test(line.part.toLowerCase()))

/**
 * Fuel lines that were opened: shut again, and tested for leaks before anything else once gas is on. A line that was struck
 * afterwards was opened all the same, and so was one of which a line tells in words that nobody has made an act of.
 */
export const openedUnions = (snapshot: JobSnapshot): LedgerRow[] =>
  snapshot.ledger.filter(
    (line) => line.doneAt && line.access === '' && !isLook(line) && carriesFuel(snapshot, line),
  )

const isLook = ({ action }: LedgerRow): boolean => ['photo', 'mark', 'measure'].includes(action)

/** The checks of this machine; those of gas and wires only where fuel lines or wires were parted, or a part was changed. */
export function checksOf(snapshot: JobSnapshot): ProveCheck[] {
  const gas = openedUnions(snapshot).length > 0
  const own = proveChecks[snapshot.machine.family].filter((check) => !check.gas || gas)
  return [
    ...(isWired(snapshot) ? [wiringCheck] : []),
    ...(gas && !own.some((check) => check.gas) ? [leakCheck] : []),
    ...jobChecks(snapshot),
    ...own,
  ]
}

/** Leads were parted, landed, or hang on a part that came out or was out: a motor, a capacitor, a module. */
const isWired = (snapshot: JobSnapshot): boolean =>
  snapshot.landings.length > 0 ||
  snapshot.outParts.length > 0 ||
  snapshot.ledger.some(
    (line) =>
      line.doneAt && (line.frees !== '' || ['disconnect', 'cut-wire', 'unsolder'].includes(line.action)),
  )

/** The opening of the gas that stands: when its cock or cylinder last came on. A leak test belongs to it. */
export const gasOpening = (snapshot: JobSnapshot): string | null =>
  standingPoints(snapshot)
    .filter(({ point, openedAt }) => isFuelValve(point) && openedAt === null)
    .map(({ changedAt }) => changedAt ?? 'never shut')
    .sort()
    .at(-1) ?? null

export const gasIsOff = (snapshot: JobSnapshot): boolean =>
  standingPoints(snapshot).some(({ point, openedAt }) => isFuelValve(point) && openedAt !== null)

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
    ...besideProblems(snapshot),
    ...circuitProblems(snapshot),
    ...outProblems(snapshot),
    ...wayBackProblems(snapshot, purpose),
    ...landingProblems(snapshot),
    ...curesOf(snapshot)
      .filter(({ until }) => until > now)
      .map(
        ({ line, until }): PowerProblem => ({
          code: 'cure',
          text: `The cure of ${line.renewMaterial} (${line.part}) takes another ${hoursLeft(until - now)}.`,
        }),
      ),
    ...deadCheckProblems(snapshot, purpose),
    ...unionProblems(snapshot),
  ]
}

/** Another job at the same machine has hands in, or its way back is open: whoever works there says so, nobody else. */
const besideProblems = (snapshot: JobSnapshot): PowerProblem[] =>
  (snapshot.beside ?? [])
    .filter(({ handsIn, open }) => handsIn || open > 0)
    .slice(0, 1)
    .map(({ title, open }) => ({
      code: 'beside',
      text:
        open > 0
          ? `Another job at this machine (${title}) has ${open} ${open === 1 ? 'act' : 'acts'} of its way back open.`
          : `Another job at this machine (${title}) has hands in: whoever works there says first that hands are out.`,
    }))

/** Somebody works behind the same breaker, at another machine: power that comes here comes there as well. */
function circuitProblems(snapshot: JobSnapshot): PowerProblem[] {
  const other = isPowered(snapshot) ? undefined : heldByCircuit(snapshot)
  if (!other) return []
  const place = titleAndPlace(other.machine)
  const text =
    other.open > 0
      ? `${place} hangs on the same breaker, and ${openWords(other)}.`
      : `${place} hangs on the same breaker, and somebody has hands in there: whoever works there says first that hands are out.`
  return [{ code: 'circuit', text }]
}

/** A part that was out before the job began is out until somebody says that it went back. */
const outProblems = (snapshot: JobSnapshot): PowerProblem[] =>
  snapshot.outParts
    .filter(({ backAt }) => !backAt)
    .slice(0, 1)
    .map(({ part }) => ({
      code: 'part-out',
      text: `The ${part} was out before this job began: say that it is back in the machine first.`,
    }))

/** Every lead of the motor that was landed has its place: on a terminal or capped, and ticked. */
function landingProblems(snapshot: JobSnapshot): PowerProblem[] {
  if (snapshot.landings.length === 0) return []
  const part = snapshot.leads.some((lead) => lead.part === 'new') ? 'new' : 'old'
  const homeless = snapshot.leads.find(
    (lead) => lead.part === part && !snapshot.landings.some((row) => row.lead === lead.name),
  )
  const open = snapshot.landings.find((row) => !row.capped && row.terminal.trim() === '')
  const undone = snapshot.landings.find((row) => row.doneAt === null)
  const name = homeless?.name ?? open?.lead
  if (name) return [{ code: 'landing', text: `${name} has no place yet: land it on a terminal, or cap it.` }]
  return undone
    ? [{ code: 'landing', text: `${undone.lead} is not landed yet: land or cap it, and tick it.` }]
    : []
}

/** On for a test, or in service. */
export const isPowered = ({ job }: Pick<JobSnapshot, 'job'>): boolean =>
  job.phase === 'live-test' || job.phase === 'in-service'

/** A check of the machine as it runs. */
export const isWatched = ({ dead, gas }: ProveCheck): boolean => !dead && !gas

/** A look for later may be made a little before its time: the next morning is as good as a whole day. */
const EARLIEST_SHARE = 0.75

/** Whether the time of a look for later has not come: seconds after the start nobody has looked again the next day. */
export function isEarly(snapshot: JobSnapshot, check: ProveCheck, now: number): boolean {
  const due = snapshot.dues.find((row) => row.checkId === check.id)
  if (!due || !check.laterMinutes) return false
  return now < Date.parse(due.dueAt) - (1 - EARLIEST_SHARE) * check.laterMinutes * 60_000
}

/**
 * Whether the machine has had power for a test since the job began: what it does then is not told before. A job without any point
 * to part it cannot be powered from here.
 */
export const hasRun = (snapshot: JobSnapshot): boolean =>
  isPowered(snapshot) ||
  snapshot.log.some(
    ({ kind, label }) => kind === 'phase' && (label === 'live-test' || label === 'in-service'),
  ) ||
  standingPoints(snapshot).length === 0

export const bypassText = (line: LedgerRow): string =>
  line.action === 'bypass' && (line.switchKind === null || line.switchKind === 'other')
    ? `“${line.part || 'a switch'}” is held or bridged, and nobody said which switch it is: say what it holds, and undo it.`
    : `${line.part || 'A switch'} is still held, bridged or temporary: undo it and tick it.`

export const shortProblems = (snapshot: JobSnapshot): PowerProblem[] =>
  snapshot.ledger
    .filter((line) => line.shortStep > 0 && line.shortStep < 4)
    .map((line) => ({
      code: 'short-isolation',
      text: `The short isolation for “${line.part}” is not finished: go through its steps.`,
    }))

/** For one reading the cover of its place may stay off; everything else is back as for any power. */
function wayBackProblems(snapshot: JobSnapshot, purpose: PowerPurpose): PowerProblem[] {
  const out = new Set(
    stillOut(snapshot)
      .filter((line) => !(purpose === 'reading' && line.access !== '' && line.cover !== null))
      .map(({ id }) => id),
  )
  const open = refitOf(snapshot).steps.filter(({ from }) => out.has(from))
  const [first] = open
  if (!first) return []
  return [
    {
      code: 'way-back',
      text: `${open.length} ${open.length === 1 ? 'act of the way back is' : 'acts of the way back are'} open, first: ${first.text}`,
    },
  ]
}

/** Covers and wiring are looked at; another dead check may be left out, and then the record says so. */
const mustPass = ['covers-on', wiringCheck.id, readingCheck.id]

function deadCheckProblems(snapshot: JobSnapshot, purpose: PowerPurpose): PowerProblem[] {
  const checks = checksOf(snapshot).filter((check) => check.dead)
  // Under power they have been answered, all but the covers, which a reading may have left off.
  if (snapshot.job.phase === 'live-test' || snapshot.job.phase === 'in-service')
    return lastTest(snapshot) === 'reading'
      ? unansweredOf(
          snapshot,
          checks.filter(({ id }) => id === 'covers-on'),
        )
      : []
  // For one reading the cover may be off: then the probes hang, loose ends are capped and the wheel is clear.
  const asked =
    purpose === 'reading' ? [readingCheck, ...checks.filter(({ id }) => id !== 'covers-on')] : checks
  return unansweredOf(snapshot, asked)
}

/** What power was last switched on for. */
const lastTest = (snapshot: JobSnapshot): string =>
  snapshot.log.filter(({ kind, label }) => kind === 'phase' && label === 'live-test').at(-1)?.detail ?? ''

/** Those of the checks that were not answered in the present period as they have to be. */
function unansweredOf(snapshot: JobSnapshot, asked: ProveCheck[]): PowerProblem[] {
  return asked
    .filter((check) => {
      const row = standingAnswer(snapshot, check)
      if (!row) return true
      return !(row.result === 'pass' || (row.result === 'skipped' && !mustPass.includes(check.id)))
    })
    .map((check) => ({ code: 'dead-check', text: `Answer this first: ${within(check.act)}.` }))
}

function unionProblems(snapshot: JobSnapshot): PowerProblem[] {
  const unions = openedUnions(snapshot)
  if (unions.length === 0) return []
  // A note has no way back: its words may tell of a line that is open still.
  const untold = unions.find(({ action, struckAt }) => action === 'note' && !struckAt)
  if (untold)
    return [
      {
        code: 'union',
        text: `“${untold.part}” may tell of a gas line, and nobody has said what was done: choose its act under Take apart, or say there what it carries.`,
      },
    ]
  if (unions.some((line) => !line.backDoneAt))
    return [{ code: 'union', text: 'A gas union is open: shut it, or have it shut, before gas comes on.' }]
  const test = snapshot.checks.find((row) => row.checkId === 'leak-test')
  const opening = gasOpening(snapshot)
  if (test?.result === 'pass' && opening !== null && test.period === opening) return []
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
