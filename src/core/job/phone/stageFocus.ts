import { askedFirst, toldBy } from '../../knowledge/asked'
import { isolationPlans } from '../../knowledge/isolation'
import type { ObservationId } from '../../knowledge/vocabulary'
import { partsOut } from '../energy/bench'
import type { Energy } from '../energy/energy'
import { isAnswered, unansweredPlan } from '../energy/place'
import { isPartChosen, noHandsOf } from '../fields'
import { stillOut } from '../proving/stillOut'
import type { JobSnapshot } from '../rows'

/** Parts of the stages that a phone shows by themselves. */
export type StagePart =
  | 'always'
  | 'notice'
  | 'points'
  | 'questions'
  | 'covers'
  | 'proof'
  | 'charge'
  | 'wait'
  | 'capacitor'
  | 'windings'
  | 'why'
  | 'then'
  | 'as-found'
  | 'plant'
  | 'way-in'
  | 'which'
  | 'old'
  | 'beside'
  | 'fit'
  | 'landings'
  | 'capacitor-wires'
  | 'way-back'
  | 'cure'
  | 'before-power'
  | 'valves'
  | 'power'
  | 'checks'
  | 'watch'
  | 'end'

/** What of a stage is next: its parts, and of their rows those that come now; no rows: all of them. */
export interface StageFocus {
  parts: StagePart[]
  rows: string[]
}

/** So many lines ahead are seen with the next one: what comes after it is known before the hand moves. */
const AHEAD = 3
const NONE = ['']
const nextOf = (ids: string[], many = AHEAD): string[] => (ids.length > 0 ? ids.slice(0, many) : NONE)

/**
 * The next thing of each stage, for a page that shows it alone. It hides nothing for good: all of the stage is one tap away, and
 * signs to stop at, what stands against an act and the power line are outside of it.
 *
 * @returns null where a page is no stage: it is shown whole
 * @param nextTest the observation that the diagnosis would read next
 * @example stageFocus(snapshot, energy, 'take-apart', null)?.rows // the next three lines that are not done
 */
export function stageFocus(
  snapshot: JobSnapshot,
  energy: Energy,
  stage: string,
  nextTest: ObservationId | null,
): StageFocus | null {
  const focus = Object.hasOwn(stages, stage) ? stages[stage] : undefined
  return focus ? focus(snapshot, energy, nextTest) : null
}

/** Whether two pages show the same next thing: letters typed into a field change nothing of it. */
export const sameFocus = (one: StageFocus | null, other: StageFocus | null): boolean =>
  one === other ||
  (one !== null && other !== null && alike(one.parts, other.parts) && alike(one.rows, other.rows))

const alike = (one: string[], other: string[]): boolean =>
  one.length === other.length && one.every((each, i) => each === other[i])

function lastRead({ readings }: JobSnapshot): 'capacitor' | 'windings' | null {
  const last = readings
    .filter(({ part, struckAt, kind }) => part === 'old' && !struckAt && kind !== 'supply')
    .sort((one, other) => one.at.localeCompare(other.at))
    .at(-1)
  if (!last) return null
  return last.kind === 'capacitance' ? 'capacitor' : 'windings'
}

type Focus = (snapshot: JobSnapshot, energy: Energy, nextTest: ObservationId | null) => StageFocus

const stages: Record<string, Focus | undefined> = {
  notice: ({ findings, declined }) => ({
    parts: ['notice'],
    rows: nextOf(
      askedFirst
        .map(([id]) => id)
        .filter((id) => ![...findings, ...declined].some(({ observation }) => observation === id))
        .filter(
          (id) =>
            !toldBy.some(
              (told) =>
                told.asked === id &&
                findings.some(({ observation, value }) => observation === told.by && value === told.value),
            ),
        ),
      2,
    ),
  }),
  'make-dead': (snapshot, energy) => {
    // What lies on the bench keeps its charge, whatever the machine does.
    const onBench: StagePart[] = energy.charged.length > 0 && partsOut(snapshot).length > 0 ? ['charge'] : []
    // Whether there is a valve to shut is asked before it is to be shut.
    const valve = snapshot.points.some(
      ({ point, struckAt, openedAt }) => point === 'water-valve' && !struckAt && !openedAt,
    )
    const { asks } = isolationPlans[snapshot.machine.family]
    if (valve && asks.includes('water') && !isAnswered(snapshot, 'water'))
      return { parts: [...onBench, 'questions'], rows: [] }
    const open = snapshot.points.filter((point) => !point.struckAt && (!point.openedAt || point.held === ''))
    if (open.length > 0) return { parts: [...onBench, 'points'], rows: nextOf(open.map(({ id }) => id)) }
    if (energy.state !== 'proven-dead') {
      if (unansweredPlan(snapshot).length > 0) return { parts: [...onBench, 'questions'], rows: [] }
      const covers = snapshot.ledger.filter(({ access, struckAt }) => access === 'before-proof' && !struckAt)
      if (covers.some(({ doneAt }) => doneAt === null)) return { parts: [...onBench, 'covers'], rows: [] }
      const offered = covers.length === 0 && energy.proofs.every(({ row }) => row === null)
      return { parts: [...onBench, ...(offered ? (['covers'] as const) : []), 'proof'], rows: [] }
    }
    return { parts: energy.chargedInside.length > 0 ? ['charge'] : ['wait'], rows: [] }
  },
  measure: (snapshot, energy, nextTest) => {
    const out = partsOut(snapshot)
    const last = lastRead(snapshot)
    const may = (part: 'motor' | 'capacitor') => energy.handsIn || out.includes(part)
    const wanted = (part: 'motor' | 'capacitor', test: string) =>
      may(part) && (out.includes(part) || nextTest?.startsWith(test) === true)
    return {
      parts: [
        // What was read last stays in sight: a reading lands where it was typed, with what it says.
        ...(wanted('capacitor', 'capacitor') || last === 'capacitor' ? (['capacitor'] as const) : []),
        ...(wanted('motor', 'winding') || last === 'windings' ? (['windings'] as const) : []),
      ],
      rows: [],
    }
  },
  decide: () => ({ parts: ['why', 'then'], rows: [] }),
  'take-apart': ({ ledger }) => {
    const lines = ledger.filter((line) => !line.struckAt)
    return lines.every((line) => line.access !== '')
      ? { parts: ['as-found', 'plant'], rows: [] }
      : { parts: ['way-in'], rows: nextOf(lines.filter((line) => !line.doneAt).map(({ id }) => id)) }
  },
  match: (snapshot) => {
    if (isPartChosen(snapshot)) return { parts: ['which', 'fit'], rows: [] }
    const told = snapshot.fields.filter(({ part }) => part === 'motor-old' || part === 'capacitor-old')
    if (told.length > 2) return { parts: ['which', 'beside'], rows: [] }
    // Who can read no more than this goes on with it: what to ask a seller for, and what to measure first, say what is still open.
    const anything = told.length > 0 || snapshot.machine.motorKind !== null
    return { parts: anything ? ['which', 'old', 'beside'] : ['which', 'old'], rows: [] }
  },
  refit: (snapshot) => {
    const { leads, landings } = snapshot
    const unlanded = leads.length > 0 && landings.some((landing) => !landing.doneAt && !landing.capped)
    if (leads.length > 0 && (landings.length === 0 || unlanded))
      return { parts: ['landings', 'capacitor-wires'], rows: [] }
    return { parts: stillOut(snapshot).length > 0 ? ['way-back'] : ['way-back', 'cure'], rows: [] }
  },
  prove: ({ job, points, checks, runs, decisions, ledger }, energy) => {
    if (job.status === 'closed') return { parts: ['end'], rows: [] }
    // Somebody else does it, or a new machine comes: what is left is to close, unless something was taken apart.
    if (noHandsOf({ decisions }) && ledger.every(({ doneAt }) => doneAt === null))
      return { parts: ['end'], rows: [] }
    // A start that runs is watched, and nothing beside it.
    if (runs.some(({ endedAt }) => endedAt === null)) return { parts: ['watch'], rows: [] }
    if (energy.state === 'live-test' || energy.state === 'in-service' || points.length === 0)
      return { parts: ['checks', 'watch', 'end'], rows: [] }
    const failed = checks.some(({ result }) => result === 'fail')
    return { parts: failed ? ['before-power', 'checks'] : ['before-power', 'valves', 'power'], rows: [] }
  },
}
