import type { Because, Suspect } from '../../diagnose'
import type { ObservationId } from '../../knowledge/vocabulary'
import { derivedFindings } from '../evidence/derive'
import { oncePerSnapshot } from '../oncePerSnapshot'
import type { JobSnapshot, ReadingRow } from '../rows'

/** Less than this moves no bar that anybody sees. */
const LEAST_BITS = 0.3

const kindOf: Partial<Record<ObservationId, ReadingRow['kind']>> = {
  'capacitor-fan-reading': 'capacitance',
  'capacitor-other-reading': 'capacitance',
  winding: 'resistance',
  'phase-resistances': 'resistance',
  'to-frame': 'to-frame',
}

/** When each finding landed: its own time, or that of the newest reading behind it. */
const landedAt = oncePerSnapshot((snapshot): Map<ObservationId, string> => {
  const at = new Map(snapshot.findings.map((finding) => [finding.observation, finding.at]))
  for (const { observation } of derivedFindings(snapshot)) {
    const kind = kindOf[observation] ?? 'supply'
    const times = snapshot.readings.filter((row) => row.kind === kind && !row.struckAt).map((row) => row.at)
    at.set(observation, times.sort().at(-1) ?? snapshot.job.touchedAt)
  }
  return at
})

/** The finding that spoke for a suspect last, among those that moved it at all; null where none did. */
export function lastMoved(snapshot: JobSnapshot, suspect: Suspect): Because | null {
  const at = landedAt(snapshot)
  const moved = suspect.because.filter(({ bits }) => bits >= LEAST_BITS)
  return moved.reduce<Because | null>(
    (last, each) =>
      last === null || (at.get(each.observation) ?? '') > (at.get(last.observation) ?? '') ? each : last,
    null,
  )
}
