import { CoreError } from '../errors'
import { vocabulary } from '../knowledge/vocabulary'
import type { Act, Planned } from './actTypes'
import { voidAll } from './planSafety'
import { planned, put } from './put'
import type { JobSnapshot, StopRow } from './rows'
import { levelOf } from './stops'

/** Stop rules raised, overridden and lifted by hand. Each keeps its reason for the record. */
export function planStops(snapshot: JobSnapshot, act: Act, at: string): Planned | null {
  if (act.kind !== 'stop.raise' && act.kind !== 'stop.override' && act.kind !== 'stop.lift') return null
  const known = snapshot.stops.find((row) => row.rule === act.rule)
  const { label } = vocabulary.stopRules[act.rule]
  if (act.kind === 'stop.raise') {
    const row: StopRow = {
      id: known?.id ?? act.id,
      jobId: snapshot.job.id,
      rule: act.rule,
      note: act.note.trim(),
      at,
      overriddenAt: null,
      liftedAt: null,
      reason: '',
    }
    // What was proved before the sign was seen is proved anew after it.
    const voided = levelOf(act.rule) === 'hard' ? voidAll(snapshot, at, label) : []
    return planned(`Stop: ${label}`, [put(snapshot, 'stops', row.id, row), ...voided])
  }
  if (!known) throw new CoreError('unknown-row', 'This stop is no longer there. Reload the page.')
  const reason = act.reason.trim()
  if (act.kind === 'stop.override') {
    if (levelOf(act.rule) === 'hard')
      throw new CoreError(
        'hard-stop',
        'This stop cannot be overridden. Call whom it names, or hand the job over.',
      )
    if (reason.length < 3)
      throw new CoreError('no-reason', 'Say why the work may go on: the record keeps it.')
    return planned(`Went on in spite of: ${label}`, [
      put(snapshot, 'stops', known.id, { ...known, overriddenAt: at, reason }),
    ])
  }
  if (reason.length < 3)
    throw new CoreError('no-reason', 'Say who put it right, or that it was entered by mistake.')
  return planned(`Stop lifted: ${label}`, [
    put(snapshot, 'stops', known.id, { ...known, liftedAt: at, reason }),
  ])
}
