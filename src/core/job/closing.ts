import { refitOf } from './ledger'
import type { JobSnapshot } from './rows'

export interface ClosingProblem {
  text: string
  /** Also holds power back, not only the closing. */
  beforePower: boolean
  /** Holds whatever the result is. */
  always: boolean
}

/** What must be undone or done before power returns and before the job closes. */
export function closingProblems(snapshot: JobSnapshot): ClosingProblem[] {
  const problems: ClosingProblem[] = []
  const done = snapshot.ledger.filter((line) => line.doneAt)
  for (const line of done) {
    const temporary = line.action === 'bypass' || line.temporary === 1
    if (temporary && !line.backDoneAt) {
      const door = line.action === 'bypass' && line.switchKind === 'door'
      problems.push({
        text: `${line.part} is still held or bypassed: undo it and tick it.`,
        beforePower: !door,
        always: true,
      })
    }
  }
  const open = refitOf(snapshot).steps.filter((step) =>
    done.some((line) => line.id === step.from && !line.backDoneAt),
  )
  if (open.length > 0)
    problems.push({
      text: `${open.length} ${open.length === 1 ? 'act' : 'acts'} of the way back are open, first: ${open[0]!.text}`,
      beforePower: true,
      always: false,
    })
  for (const row of snapshot.checks)
    if (row.result === 'fail')
      problems.push({
        text: `the check "${row.checkId}" failed: find why, or close the job as not mended.`,
        beforePower: false,
        always: false,
      })
  return problems
}
