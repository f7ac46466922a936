import { activeStops, type diagnosisOf, type Energy, type JobSnapshot } from '@/core/job'
import { liveReading } from '@/core/job/energy/liveReading'
import { shortLabels } from '@/core/knowledge/valueLabels'
import { vocabulary } from '@/core/knowledge/vocabulary'
import { hasWayBack } from '@/core/refit/inverse'

/** The next act of a job, in a few words for the list. */
export function nextActOf(
  snapshot: JobSnapshot,
  diagnosis: ReturnType<typeof diagnosisOf>,
  energy: Energy,
): string {
  if (snapshot.job.status === 'closed') return 'Closed'
  const [stop] = activeStops(snapshot)
  if (stop) return `Stopped: ${vocabulary.stopRules[stop.rule].label.toLowerCase()}`
  if (energy.stop) return `Stopped: ${liveReading(energy.stop)}`
  const standing = snapshot.ledger.filter((line) => !line.struckAt)
  const ledgerOpen = standing.filter((line) => !line.doneAt).length
  const backOpen = snapshot.ledger.filter(
    (line) => line.doneAt && !line.backDoneAt && !line.struckAt && hasWayBack(line.action, line.extra === 1),
  ).length
  if (snapshot.checks.length > 0) return 'Prove: go on with the checks'
  if (snapshot.landings.some((landing) => landing.doneAt)) return `Refit: ${backOpen} acts to go`
  if (snapshot.fields.some((field) => field.part === 'choice')) return 'Wire and refit the new part'
  if (snapshot.ledger.length > 0)
    return ledgerOpen > 0 ? `Take apart: ${ledgerOpen} of ${standing.length} to go` : 'Match the new part'
  const [decision] = snapshot.decisions
  if (decision) return decision.action === 'call-licensed-trade' ? 'Call the trade' : 'Take it apart'
  if (diagnosis.decided) return 'Agree with the verdict'
  const test = diagnosis.nextTests[0]
  return test ? `Next: ${shortLabels[test.observation].toLowerCase()}` : 'Decide'
}
