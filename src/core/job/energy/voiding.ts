import { rowChange, type Steps } from '../acts/changes'
import type { JobSnapshot, RowChange } from '../rows'
import { unread } from './unread'

/** What a voiding takes away, as changes without their entry in the record. */
export function voidedRows(snapshot: JobSnapshot, at: string, reason: string): RowChange[] {
  return [
    ...snapshot.proofs
      .filter((proof) => !proof.voidedAt)
      .map((proof) =>
        rowChange(snapshot, 'proofs', proof.id, { ...proof, voidedAt: at, voidReason: reason }),
      ),
    ...snapshot.charges
      .filter((charge) => charge.readAt || charge.volts !== null)
      .map((charge) => rowChange(snapshot, 'charges', charge.id, unread(charge))),
    ...snapshot.waits
      .filter((wait) => wait.startedAt)
      .map((wait) => rowChange(snapshot, 'waits', wait.id, { ...wait, startedAt: null })),
    // Whether the motor is cold is asked again: it may have run.
    ...snapshot.fields
      .filter((row) => row.part === 'plan' && row.field === 'cold' && row.typed === 'cold')
      .map((row) => rowChange(snapshot, 'fields', row.id, null)),
  ]
}

/** Power may have been on: proof, discharge and waits are all made anew, and the record says why. */
export function voidAll(snapshot: JobSnapshot, at: string, reason: string): Steps {
  const changes = voidedRows(snapshot, at, reason)
  return { changes, log: changes.length > 0 ? [{ kind: 'voided', detail: reason }] : [], discards: true }
}

/**
 * A reading that says it is live: everything but the proof in which it was read is void. That one goes on, for the repeat
 * on a low-impedance range, or until what feeds it is found.
 */
export function voidAround(snapshot: JobSnapshot, proofId: string, at: string, reason: string): Steps {
  const changes = voidedRows(snapshot, at, reason).filter(({ id }) => id !== proofId)
  return { changes, log: changes.length > 0 ? [{ kind: 'voided', detail: reason }] : [], discards: true }
}
