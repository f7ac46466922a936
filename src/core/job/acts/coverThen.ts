import { stopRuleIds } from '../../knowledge/vocabulary'
import { chargePairs } from '../energy/chargePairs'
import { energyOf } from '../energy/energy'
import { gateProblem, type Reach } from '../energy/gate'
import type { JobRow, JobSnapshot, LogKind, LogRow } from '../rows'

const aboutStops: LogKind[] = ['stop-raised', 'stop-lifted', 'stop-overridden']

/**
 * The job as its energy stood at an earlier instant, told from the record of safety: what was open, proved, emptied and
 * begun by then, and not yet void.
 */
export function snapshotThen(snapshot: JobSnapshot, at: number): JobSnapshot {
  const until = new Date(at).toISOString()
  const past = snapshot.log.filter((row) => row.at <= until)
  const lastOf = (subject: string, kinds: LogKind[]): LogRow | undefined =>
    past.filter((row) => row.subject === subject && kinds.includes(row.kind)).at(-1)
  const voidedAfter = (row: LogRow) =>
    past.some(
      (other) =>
        other.position > row.position &&
        other.kind === 'voided' &&
        (other.subject === '' || other.subject === row.subject),
    )
  const stoodThen = stopRuleIds.filter(
    (rule) =>
      past.filter(({ label, kind }) => label === rule && aboutStops.includes(kind)).at(-1)?.kind ===
      'stop-raised',
  )
  const phase = past.filter((row) => row.kind === 'phase').at(-1)?.label ?? 'work'
  return {
    ...snapshot,
    job: { ...snapshot.job, phase: phase as JobRow['phase'], status: 'open' },
    points: snapshot.points
      .filter(
        (point) =>
          !snapshot.log.some((row) => row.subject === point.id && row.kind === 'added' && row.at > until),
      )
      .map((point) => {
        const turned = lastOf(point.id, ['opened', 'closed', 'restored', 'added'])
        const standing = lastOf(point.id, ['struck', 'restored', 'added'])
        const held = lastOf(point.id, ['held', 'closed', 'restored'])
        return {
          ...point,
          openedAt: turned?.kind === 'opened' ? turned.at : null,
          changedAt: turned?.at ?? null,
          struckAt: standing?.kind === 'struck' ? standing.at : null,
          held: held?.kind === 'held' ? held.detail : '',
        }
      }),
    proofs: snapshot.proofs
      .filter((proof) => proof.startedAt <= until)
      .map((proof) => ({
        ...proof,
        voidedAt: proof.voidedAt && proof.voidedAt <= until ? proof.voidedAt : null,
      })),
    proofReadings: snapshot.proofReadings
      .filter((reading) => reading.at <= until)
      .map((reading) => ({
        ...reading,
        replacedAt: reading.replacedAt && reading.replacedAt <= until ? reading.replacedAt : null,
      })),
    charges: snapshot.charges.map((charge) => {
      const read = lastOf(charge.id, ['discharged', 'still-charged'])
      const volts = read?.kind === 'discharged' && !voidedAfter(read) ? 0 : null
      // What was typed may be void since: the record says that each pair was below the limit.
      const typed =
        volts === null
          ? ''
          : chargePairs(snapshot, charge)
              .map(() => '0')
              .join(' / ')
      return { ...charge, typed, volts, readAt: volts === null ? null : (read?.at ?? null) }
    }),
    waits: snapshot.waits.map((wait) => {
      const begun = lastOf(wait.id, ['wait-started'])
      return { ...wait, startedAt: begun && !voidedAfter(begun) ? begun.at : null }
    }),
    // A sign is raised again, lifted, its finding taken away: the record alone knows what stood then.
    stops: stoodThen.map((rule) => ({
      id: `then-${rule}`,
      jobId: snapshot.job.id,
      rule,
      note: '',
      at: until,
      overriddenAt: null,
      liftedAt: null,
      reason: '',
    })),
    // What was found later did not bear on the gate then.
    findings: snapshot.findings.filter((finding) => finding.at <= until),
    readings: snapshot.readings.filter((reading) => reading.at <= until),
    outParts: snapshot.outParts.filter((row) => row.at <= until && (!row.backAt || row.backAt > until)),
  }
}

/** Whether hands were covered by a proof at an earlier instant; what came late counts for this, and for nothing since. */
export function coveredThen(snapshot: JobSnapshot, at: number, reach: Reach): boolean {
  const then = snapshotThen(snapshot, at)
  if (reach.kind !== 'inside') return gateProblem(then, at, reach) === null
  return energyOf(then, at, { countLate: true }).handsIn
}
