import type { LedgerRow } from '../job/rows'
import type { LedgerReading } from './ledger'

/** A line as it is stored, from what was understood. A number with a unit and a colour stay in the part's words. */
export const rowOfReading = (reading: LedgerReading): Partial<LedgerRow> => ({
  action: reading.action,
  part: reading.part,
  count: reading.count ?? null,
  fastener: reading.fastener ?? '',
  cup: reading.cup ?? '',
  terminal: reading.terminal ?? '',
  ...(reading.to ? { mark: `goes to ${reading.to}` } : {}),
  ...(reading.movesToNewPart ? { movesToNewPart: 1 as const } : {}),
  ...(reading.renew
    ? { renewMaterial: reading.renew.material, cureHours: reading.renew.cureHours ?? null }
    : {}),
  ...(reading.temporary ? { temporary: 1 as const } : {}),
  ...(reading.switch ? { switchKind: reading.switch } : {}),
})

/**
 * A reading as it will be stored, in a sentence: what the person sees before Enter keeps it.
 *
 * @example readingWords({ action: 'unscrew', part: 'panel', count: 4, fastener: '1/4 hex', cup: 'B' }) // 'unscrew: panel · 4 × 1/4 hex · cup B'
 */
export function readingWords(reading: LedgerReading): string {
  const count = reading.count !== undefined || reading.fastener
  return [
    `${reading.action.replaceAll('-', ' ')}: ${reading.part}`,
    count ? `${reading.count ?? 1} × ${reading.fastener ?? 'piece'}` : '',
    reading.colour ?? '',
    reading.terminal ? `from ${reading.terminal}` : '',
    reading.to ? `to ${reading.to}` : '',
    reading.amount ? `${reading.amount.value} ${reading.amount.unit}` : '',
    reading.cup ? `cup ${reading.cup}` : '',
    reading.movesToNewPart ? 'moves to the new part' : '',
    reading.renew
      ? `renew ${reading.renew.material}${reading.renew.cureHours ? `, ${reading.renew.cureHours} h cure` : ''}`
      : '',
    reading.temporary ? 'temporary' : '',
    reading.switch ? `${reading.switch} switch` : '',
  ]
    .filter(Boolean)
    .join(' · ')
}
