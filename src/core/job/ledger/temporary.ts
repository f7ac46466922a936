import type { LedgerRow } from '../rows'

/** Held, bridged or temporary: it is only ever undone. */
export const isTemporary = (line: LedgerRow): boolean => line.action === 'bypass' || line.temporary === 1
