import type { Act } from '../acts/actTypes'
import type { AnyRow, CircuitJob, JobSnapshot, PointRow, RowChange } from '../rows'
import { titleAndPlace } from '../title'

/**
 * Machines that a person has put on one breaker share it: what one of them is given, the other gets too. The breaker is that
 * of the first circuit; a second circuit of a housing is its own.
 */
const isBreaker = ({ point, feed }: PointRow): boolean =>
  (point === 'breaker' || point === 'fuse') && feed <= 1

const isShared = (row: PointRow): boolean => isBreaker(row) && !row.struckAt

/** What parts a machine whatever its breaker does. */
const partsAlone = ['plug', 'disconnect', 'shore-power']

const isOpen = ({ openedAt }: PointRow): boolean => openedAt !== null

const isParted = ({ points }: CircuitJob): boolean =>
  points.some(
    (row) => partsAlone.includes(row.point) && !row.struckAt && isOpen(row) && row.held.trim() !== '',
  )

/**
 * The job at another machine of the same breaker that holds power back: somebody has hands in there, or its way back is open,
 * and nothing but the breaker parts it.
 */
export const heldByCircuit = (snapshot: JobSnapshot): CircuitJob | undefined =>
  (snapshot.onCircuit ?? []).find(
    (other) =>
      (other.handsIn || other.open > 0) &&
      !isParted(other) &&
      [...snapshot.points, ...other.points].some((row) => isShared(row) && isOpen(row)),
  )

/** What is open of the way back of another job: “2 acts of its way back are open”. */
export const openWords = ({ open }: Pick<CircuitJob, 'open'>): string =>
  `${open} ${open === 1 ? 'act of its way back is' : 'acts of its way back are'} open`

/** A machine of the same breaker that is on for a test: the breaker cannot be off then, or it is another one. */
export const runsOnCircuit = (snapshot: JobSnapshot): CircuitJob | undefined =>
  (snapshot.onCircuit ?? []).find(({ phase }) => phase === 'live-test')

/** Whether the changes of an act say that the breaker of the circuit is on again; one that was struck from the plan, too. */
export const breakerClosed = (changes: RowChange[]): boolean =>
  changes.some(
    ({ table, before, after }) =>
      table === 'points' && isPoint(before) && isBreaker(before) && isOpen(before) && !stillOpen(after),
  )

const isPoint = (row: AnyRow | null): row is PointRow => row !== null && 'openedAt' in row && 'point' in row

const stillOpen = (row: AnyRow | null): boolean => isPoint(row) && isOpen(row)

/**
 * What the job at another machine of the breaker is told when it is on again here: its own break is on, with all that follows,
 * and its record says where that was said.
 */
export function closedWith(other: JobSnapshot, here: Pick<JobSnapshot, 'machine'>): Act[] {
  const open = other.points.filter((row) => isShared(row) && isOpen(row))
  const reason = `the breaker was said to be on at another machine, ${titleAndPlace(here.machine)}`
  return open.flatMap(({ id }): Act[] => [
    { kind: 'proof.void', reason },
    { kind: 'point.close', id },
  ])
}

/** How the household calls a breaker: without spaces at its ends; nothing where only spaces were typed. */
export const circuitName = (typed: string): string | null => typed.trim().replace(/\s+/g, ' ') || null

/** Whether two names mean one breaker. */
export const isSameCircuit = (one: string | null, other: string | null): boolean =>
  one !== null && one.toLowerCase() === other?.toLowerCase()

/** What else hangs on the breaker of this machine, as people call it: other machines first, then lights and sockets. */
export const alsoOn = ({
  machine,
  circuits,
  hanging,
}: Pick<JobSnapshot, 'machine' | 'circuits' | 'hanging'>): string[] => [
  ...(circuits ?? [])
    .filter(({ circuit }) => isSameCircuit(circuit, machine.circuit))
    .map((other) => titleAndPlace(other.machine)),
  ...(hanging?.loads ?? []),
]

/** How the household calls the breakers of its other machines, each once. */
export const knownCircuits = ({ circuits }: Pick<JobSnapshot, 'circuits'>): string[] => [
  ...new Set((circuits ?? []).map(({ circuit }) => circuit)),
]
