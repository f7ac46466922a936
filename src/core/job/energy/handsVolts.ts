import { significant } from '../../units/format'

/** A plain number with or without its unit: nothing is worked out where it decides about hands. */
const PLAIN = /^[-−+]?(?:\d+(?:[.,]\d+)?|[.,]\d{1,2})\s*(mv|v|volts?)?\s*(?:ac|dc|~|⎓)?$/i
const OVER = /^(?:o\.?l\.?|0\.?l\.?|over|∞)$/i

/**
 * Volts that decide about hands, as a meter shows them. The sign does not matter, a decimal comma is one, and many a meter
 * shows no zero before it (no more than two figures then: “.118” may be 118); a fraction, two figures or a sum is refused.
 *
 * @returns volts without sign, null for over-range; null itself where it is no such figure
 * @example handsVolts('-0,2 V') // { volts: 0.2 }
 * @example handsVolts('0/120') // null
 */
export function handsVolts(typed: string): { volts: number | null } | null {
  const text = typed.trim()
  if (OVER.test(text)) return { volts: null }
  const found = PLAIN.exec(text)
  if (!found) return null
  const value = Math.abs(Number(text.replace(/[^\d.,]/g, '').replace(',', '.')))
  return { volts: found[1]?.toLowerCase() === 'mv' ? value / 1000 : value }
}

/**
 * What was typed, as a figure with its unit once.
 *
 * @example asVolts('1,2 v') // '1.2 V'
 * @example asVolts('OL') // 'over-range'
 */
export function asVolts(typed: string): string {
  const read = handsVolts(typed)
  if (!read) return `${typed.trim()} V`
  return read.volts === null ? 'over-range' : `${significant(read.volts)} V`
}
