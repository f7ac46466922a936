import { type Sequence, sequenceOf } from '../../knowledge/sequences'
import { comparedRuns, type JudgedEvent, judgeRun, type Seen } from '../../sequence'
import type { JobSnapshot, SequenceRunRow } from '../rows'

/** Somebody walks away from a watch; after this long it counts as over (a pellet stove burns out within the hour). */
const LONGEST_WATCH_MS = 90 * 60_000

/** What was seen of a run, in seconds after the call; a damaged text is nothing seen. */
export function runSeen(run: Pick<SequenceRunRow, 'seen'>): Seen {
  try {
    const seen: unknown = JSON.parse(run.seen)
    if (typeof seen !== 'object' || seen === null) return {}
    return Object.fromEntries(
      Object.entries(seen).filter((entry): entry is [string, number] => Number.isFinite(entry[1])),
    )
  } catch {
    return {}
  }
}

export interface JudgedRun {
  run: SequenceRunRow
  seen: Seen
  events: JudgedEvent[]
  running: boolean
  /** Against the run before, by event: whole seconds later. */
  later: ReadonlyMap<string, number>
}

/**
 * The watched starts of a job, oldest first, each judged and compared with the one before.
 *
 * @param now milliseconds since the epoch
 */
export function judgedRuns(
  { machine, runs }: Pick<JobSnapshot, 'machine' | 'runs'>,
  now: number,
): { sequence: Sequence; runs: JudgedRun[] } | null {
  const sequence = sequenceOf(machine.family)
  if (!sequence) return null
  const sorted = [...runs].sort((one, two) => (one.startedAt < two.startedAt ? -1 : 1))
  return {
    sequence,
    runs: sorted.map((run, index) => {
      const seen = runSeen(run)
      const age = now - Date.parse(run.startedAt)
      const running = run.endedAt === null && age < LONGEST_WATCH_MS
      const before = sorted[index - 1]
      const differences = before ? comparedRuns(sequence, seen, runSeen(before)) : []
      return {
        run,
        seen,
        events: judgeRun(sequence, seen, running ? age / 1000 : null),
        running,
        later: new Map(differences.map(({ id, later }) => [id, later])),
      }
    }),
  }
}
