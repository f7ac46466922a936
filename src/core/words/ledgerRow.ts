import type { LedgerRow } from '../job/rows'
import type { LedgerReading } from './ledger'

/** The number with its unit among the words of a measured part, and the verb before it. */
const AMOUNT = /\d[\d\s./,]*\s*(?:mm|cm|millimet(?:re|er)s?|centimet(?:re|er)s?|in(?:ch(?:es)?)?|")(?![a-z])/i
const VERB = /^(?:measured?|measures)\b\s*/i

/** What was measured, apart from its figure: “wheel depth 9/16 in” is the wheel depth. */
function measuredPart(part: string): string {
  const words = part.replace(VERB, '').replace(AMOUNT, ' ').replace(/\s+/g, ' ').trim()
  return words || part
}

/** As it was said, “9/16 in”, where that can be found in the words. */
const figureOf = (part: string, { value, unit }: { value: number; unit: string }): string =>
  AMOUNT.exec(part)?.[0].replace(/\s+/g, ' ').trim() ?? `${value} ${unit}`

/** A line as it is stored, from what was understood. A colour stays in the part's words, the figure of a measure gets its own place. */
export const rowOfReading = (reading: LedgerReading): Partial<LedgerRow> => ({
  action: reading.action,
  part: reading.action === 'measure' ? measuredPart(reading.part) : reading.part,
  ...(reading.action === 'measure' && reading.amount
    ? { figure: figureOf(reading.part, reading.amount) }
    : {}),
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
