import type { ProveCheck } from '../../knowledge/proofChecks'
import { notCome } from '../../sequence'
import { within } from '../../units/capital'
import type { JobRow, JobSnapshot } from '../rows'
import {
  bypassText,
  checksOf,
  isWatched,
  type PowerProblem,
  powerProblems,
  shortProblems,
  standingTemporary,
} from './power'
import { judgedRuns } from './runs'

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
  return [
    ...standing,
    ...held,
    ...failed,
    ...unwatched(snapshot),
    ...(result === 'runs' ? lacking(snapshot, now) : []),
  ]
}

/** Closing as “it runs” says what was seen of it: each check of the running machine is answered, or left out with a word. */
const unwatched = (snapshot: JobSnapshot): PowerProblem[] =>
  checksOf(snapshot)
    .filter((check) => isWatched(check) && !check.laterMinutes && !isAnswered(snapshot, check))
    .slice(0, 1)
    .map((check) => ({
      code: 'unanswered',
      text: `Say what you saw, or that you left it out: ${within(check.act)}.`,
    }))

/** A check of the running machine belongs to the run that was watched: work at the machine since then makes it old. */
function isAnswered(snapshot: JobSnapshot, check: ProveCheck): boolean {
  const row = snapshot.checks.find(({ checkId }) => checkId === check.id)
  if (!row) return false
  return !snapshot.log.some(({ kind, label, at }) => kind === 'phase' && label === 'work' && at > row.at)
}

/** A start that was watched and did not come to its end is no machine that runs. */
function lacking(snapshot: JobSnapshot, now: number): PowerProblem[] {
  const last = judgedRuns(snapshot, now)?.runs.at(-1)
  const lost = last && !last.running ? notCome(last.events) : null
  return lost
    ? [
        {
          code: 'not-come',
          text: `In the last start that was watched this did not come: “${lost.event.what}”. Watch another start; or take that watch away, where it came and nobody tapped it.`,
        },
      ]
    : []
}
