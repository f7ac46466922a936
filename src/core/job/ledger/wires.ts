import type { LedgerRow } from '../rows'

const PARTS: LedgerRow['action'][] = ['disconnect', 'unplug', 'cut-wire', 'unsolder']

/** Whether an act of the way in parts a wire from what it hung on. */
export const partsWire = ({ action, terminal }: Pick<LedgerRow, 'action' | 'terminal'>): boolean =>
  PARTS.includes(action) || terminal !== ''
