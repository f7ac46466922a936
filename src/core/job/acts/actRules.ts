import type { Reach } from '../energy/gate'
import type { JobSnapshot } from '../rows'
import type { ActRule, Energetic } from './actModule'
import { moduleOf } from './actTable'
import type { Act } from './actTypes'

/** The rule of one act, with what this one says about energy. */
export function ruleOf(act: Act): Omit<ActRule, 'energy'> & { energy: Energetic } {
  const { rule } = moduleOf(act)
  const energy = typeof rule.energy === 'function' ? rule.energy(act) : rule.energy
  // Taking back a tick or a text asserts nothing.
  const takenBack = 'on' in act && !act.on && energy === 'asserts'
  return { ...rule, energy: takenBack ? 'reverts' : energy }
}

/** Where hands are at an act of work; null where it puts nobody's hands in. */
export const reachOf = (snapshot: JobSnapshot, act: Act): Reach | null =>
  moduleOf(act).rule.reach?.(snapshot, act) ?? null

/**
 * The field that an act writes, as a key; null for an act that is a step of its own.
 *
 * @example fieldKey({ kind: 'job.edit', field: 'owner', value: 'Ines' }) // 'job.edit/owner'
 */
export function fieldKey(act: Act): string | null {
  const names: readonly string[] | null = moduleOf(act).rule.field
  if (!names) return null
  const values = Object.entries(act).filter(([name]) => names.includes(name))
  return [act.kind, ...names.map((name) => keyPart(values.find(([key]) => key === name)?.[1]))].join('/')
}

/** Of a change of several columns their names count, not what is written into them. */
const keyPart = (value: unknown): string =>
  typeof value === 'object' && value !== null ? Object.keys(value).join() : String(value)

/** Whether two acts are letters of one text: the newer one says all that the older one said. An emptied field is a step. */
export function sameTyping(older: Act, newer: Act): boolean {
  const emptied = [older, newer].some((act) => 'typed' in act && act.typed === '')
  return moduleOf(newer).rule.letters && !emptied && fieldKey(older) === fieldKey(newer)
}
