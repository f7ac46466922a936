import { put, type Steps } from './put'
import type { JobSnapshot, RowChange } from './rows'

/** What a voiding takes away, as changes without their entry in the record. */
export function voidedRows(snapshot: JobSnapshot, at: string, reason: string): RowChange[] {
  return [
    ...snapshot.proofs
      .filter((proof) => !proof.voidedAt)
      .map((proof) => put(snapshot, 'proofs', proof.id, { ...proof, voidedAt: at, voidReason: reason })),
    ...snapshot.charges
      .filter((charge) => charge.readAt || charge.volts !== null)
      .map((charge) =>
        put(snapshot, 'charges', charge.id, {
          ...charge,
          typed: '',
          volts: null,
          readAt: null,
          dischargedAt: null,
        }),
      ),
    ...snapshot.waits
      .filter((wait) => wait.startedAt)
      .map((wait) => put(snapshot, 'waits', wait.id, { ...wait, startedAt: null })),
    // Whether the motor is cold is asked again: it may have run.
    ...snapshot.fields
      .filter((row) => row.part === 'plan' && row.field === 'cold' && row.typed === 'cold')
      .map((row) => put(snapshot, 'fields', row.id, null)),
  ]
}

/** Power may have been on: proof, discharge and waits are all made anew, and the record says why. */
export function voidAll(snapshot: JobSnapshot, at: string, reason: string): Steps {
  const changes = voidedRows(snapshot, at, reason)
  return { changes, log: changes.length > 0 ? [{ kind: 'voided', detail: reason }] : [] }
}
