import { SAFE_VOLTS } from '../capacitor/physics'
import { capacitorOf } from './derive'
import { handsVolts } from './handsVolts'
import type { ChargeRow, JobSnapshot } from './rows'

/** Between the readings of one capacitor, as they are stored. */
const BETWEEN = ' / '

/**
 * The pairs of terminals that are emptied and read: of a capacitor of several sections each section to the common one, and of a
 * dual HERM to FAN besides. One pair without a name where it has one section, or where its own label was typed here.
 */
export function chargePairs(snapshot: JobSnapshot, charge: ChargeRow): string[] {
  const sections = capacitorOf(snapshot, 'old').label?.sections.map(({ section }) => section) ?? []
  if (sections.length < 2 || charge.capacitanceTyped.trim() !== '') return ['']
  const toCommon = sections.map((section) => `C–${section}`)
  return sections.length === 2 ? [...toCommon, sections.join('–')] : toCommon
}

/** What was typed for each pair; one value alone is the highest of all, and stands for none of them. */
export function chargeTyped(typed: string, pairs: string[]): string[] {
  const parts = typed.split('/').map((part) => part.trim())
  if (pairs.length === 1) return [typed.trim()]
  return pairs.map((_, index) => (parts.length > 1 ? (parts[index] ?? '') : ''))
}

/** The stored text with one pair's reading changed; nothing where none is read any more. */
export function withCharge(typed: string, pairs: string[], index: number, value: string): string {
  if (pairs.length === 1) return value
  const parts = chargeTyped(typed, pairs)
  parts[index] = value.trim()
  return parts.every((part) => part === '') ? '' : parts.join(BETWEEN)
}

/**
 * What the readings of one capacitor come to: `volts` the highest in magnitude; null while a section is unread and none of the
 * others is too high, since an unread section is no empty one.
 *
 * @returns null where something typed is no number
 */
export function chargeVolts(typed: string, pairs: string[] = ['']): { volts: number | null } | null {
  const parts = typed.split(BETWEEN.trim()).map((part) => part.trim())
  // One pair has one figure: “0/120” is none.
  if (pairs.length === 1 && parts.length > 1) return null
  const values: number[] = []
  for (const part of parts.filter((each) => each !== '')) {
    const read = handsVolts(part)
    if (!read) return null
    // Over-range on direct current is far from empty.
    values.push(read.volts ?? Number.MAX_SAFE_INTEGER)
  }
  if (values.length === 0) return null
  const highest = Math.max(...values)
  const complete = values.length >= pairs.length
  return { volts: complete || highest >= SAFE_VOLTS ? highest : null }
}

/** The readings in words for the record: "C–HERM 0.3 V, C–FAN 0.2 V". */
export function chargeWords(snapshot: JobSnapshot, charge: ChargeRow, typed: string): string {
  const pairs = chargePairs(snapshot, charge)
  const values = chargeTyped(typed, pairs)
  if (pairs.length === 1 || values.every((value) => value === '')) return `${typed.trim()} V DC`
  return `${pairs.map((pair, index) => `${pair} ${values[index] || 'unread'} V`).join(', ')} DC`
}
