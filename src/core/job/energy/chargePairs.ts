import { type CapacitorLabel, parseCapacitorLabel, type Section, type SectionLabel } from '../../capacitor'
import { SAFE_VOLTS } from '../../capacitor/physics'
import { isCoreError } from '../../errors'
import { dualCapacitorFamilies, wiredCapacitorFamilies } from '../../knowledge/familyTraits'
import { capacitorOf } from '../evidence/derive'
import type { ChargeRow, JobSnapshot } from '../rows'
import { asVolts, handsVolts } from './handsVolts'

/** Between the readings of one capacitor, as they are stored. */
const BETWEEN = ' / '

/** A label as it was typed where it is emptied: “45/5”, “45 + 5 µF 440 V”, “35”; null where nothing or nothing readable stands. */
export function chargeLabel({ capacitanceTyped }: ChargeRow): CapacitorLabel | null {
  const text = capacitanceTyped.trim()
  for (const each of text ? [text, `${text} µF`] : [])
    try {
      return parseCapacitorLabel(each)
    } catch (error) {
      if (!isCoreError(error)) throw error
    }
  return null
}

/** What is known of its sections: of two labels the one that names more, since no section is taken for empty. */
export function chargeSections(snapshot: JobSnapshot, charge: ChargeRow): SectionLabel[] {
  const own = chargeLabel(charge)?.sections ?? []
  const ofJob = holdsRun(charge) ? (capacitorOf(snapshot, 'old').label?.sections ?? []) : []
  return own.length >= ofJob.length ? own : ofJob
}

/** A fan that mostly shares its capacitor with a compressor, and nobody has read a label or counted the terminals. */
export const mayBeDual = (snapshot: JobSnapshot, charge: ChargeRow): boolean =>
  dualCapacitorFamilies.includes(snapshot.machine.family) &&
  holdsRun(charge) &&
  charge.planned === 1 &&
  chargeSections(snapshot, charge).length === 0

/** A run capacitor; older files say nothing of others. */
export const holdsRun = ({ holds }: ChargeRow): boolean => (holds ?? 'run') === 'run'

const DUAL: Section[] = ['HERM', 'FAN']

/**
 * The pairs of terminals that are emptied and read: of a capacitor of several sections each section to the common one, and of a
 * dual HERM to FAN besides. One pair without a name where it has one section; where nothing tells it, all that it may have.
 */
export function chargePairs(snapshot: JobSnapshot, charge: ChargeRow): string[] {
  // A box with wires prints no names on them: each two are read in turn, and the highest figure stands for all.
  if (wiredCapacitorFamilies.includes(snapshot.machine.family) && holdsRun(charge)) return ['']
  const named = chargeSections(snapshot, charge).map(({ section }) => section)
  const sections = mayBeDual(snapshot, charge) && charge.terminals === null ? DUAL : named
  if (sections.length < 2) return ['']
  const toCommon = sections.map((section) => `C–${section}`)
  return sections.length === 2 ? [...toCommon, sections.join('–')] : toCommon
}

/** What was typed for each pair; one value alone is the highest of all, and stands for none of them. */
export function chargeTyped(typed: string, pairs: string[]): string[] {
  const parts = typed.split('/').map((part) => part.trim())
  if (pairs.length === 1) return [typed.trim()]
  return pairs.map((_, index) => (parts.length > 1 ? (parts[index] ?? '') : ''))
}

/**
 * Which of the pairs is emptied and read now: one that was read too high before one that nobody has read.
 *
 * @returns its place; the first one where all of them are below 5 V
 * @example chargeNow(['1.2', '14', '']) // 1
 */
export function chargeNow(values: string[]): number {
  const full = values.findIndex((value) => {
    const read = value === '' ? null : handsVolts(value)
    return read !== null && (read.volts ?? Number.MAX_SAFE_INTEGER) >= SAFE_VOLTS
  })
  return full >= 0 ? full : Math.max(0, values.indexOf(''))
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

/**
 * What the stored readings come to against the pairs as they are named now. Three pairs that were read before the label named
 * one section cover that section; one reading before it named two covers none.
 */
export function storedVolts(snapshot: JobSnapshot, charge: ChargeRow): number | null {
  if (charge.volts === null) return null
  const pairs = chargePairs(snapshot, charge)
  const read = charge.typed.split(BETWEEN).map((part) => part.trim())
  return chargeVolts(charge.typed, pairs.length === 1 ? read : pairs)?.volts ?? null
}

/** The readings in words for the record: "C–HERM 0.3 V, C–FAN 0.2 V". */
export function chargeWords(snapshot: JobSnapshot, charge: ChargeRow, typed: string): string {
  const pairs = chargePairs(snapshot, charge)
  const values = chargeTyped(typed, pairs)
  if (pairs.length === 1 || values.every((value) => value === '')) return `${asVolts(typed)} DC`
  return `${pairs.map((pair, index) => `${pair} ${values[index] ? asVolts(values[index]) : 'unread'}`).join(', ')} DC`
}
