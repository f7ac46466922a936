import { refrigerantFamilies, sealedFamilies } from './familyTraits'
import type { FamilyId, StopRuleId } from './vocabulary'

/** Each stop as a sign to look for: what a tap says. */
export const stopSigns: Record<StopRuleId, string> = {
  'gas-smell': 'I smell gas',
  'co-or-soot': 'A CO alarm sounded, or there is soot or flame outside the burner',
  'fire-or-smoke': 'It smokes, glows or burns, or it did',
  'electric-shock': 'It gave somebody a shock or a tingle',
  arcing: 'It sparks, or it crackles with light',
  refrigerant: 'A pipe is nicked, or there is oil at a joint',
  'proof-failed': 'It still reads over 30 V and I cannot find what feeds it',
  'breaker-retrips': 'The breaker tripped again at once',
  'water-on-electrics': 'Water stands on wires, a board or the motor',
  'burnt-supply': 'Supply wires or the panel are scorched',
  'lost-neutral': 'One leg reads high and the other low',
  'sealed-high-voltage': 'The fan sits in a microwave oven or other sealed high-voltage equipment',
  'aluminium-or-no-ground': 'The house wires are aluminium, or a ground is missing where the fan needs one',
  'asbestos-suspect': 'Grey lumpy fill or old fibrous wrap lies where I must go',
  'rented-or-warranty': 'It is rented or under warranty',
  'not-sure': 'I am not sure of the next step',
}

/**
 * What is asked before any work at a machine of this family. Every sign stands behind “Danger here” at any machine; here are those
 * that this one can show.
 *
 * @example signsBefore('ceiling-fan') // ['rented-or-warranty', 'not-sure']
 */
export const signsBefore = (family: FamilyId): StopRuleId[] => [
  'rented-or-warranty',
  ...(refrigerantFamilies.includes(family) ? (['refrigerant'] as const) : []),
  ...(sealedFamilies.includes(family) ? (['sealed-high-voltage'] as const) : []),
  'not-sure',
]

/**
 * What is looked for once it stands open, before hands go in.
 *
 * @example signsInside('hrv-fan').includes('sealed-high-voltage') // false
 */
export const signsInside = (family: FamilyId): StopRuleId[] => [
  'aluminium-or-no-ground',
  'burnt-supply',
  'water-on-electrics',
  'asbestos-suspect',
  ...(sealedFamilies.includes(family) ? (['sealed-high-voltage'] as const) : []),
  'not-sure',
]
