import { chosenCapacitor, chosenMotor, isMadeUp, partName } from '../job/parts/candidates'
import type { JobSnapshot } from '../job/rows'
import { type OptionKind, optionInfo } from '../options'
import { optionsInputOf } from '../options/ofJob'
import { significant } from '../units'

/** The ways of mending that buy such a part; hiring and a new machine buy none of them. */
const waysOf: Record<'motor' | 'capacitor' | 'other', OptionKind[]> = {
  motor: ['original', 'universal-motor'],
  capacitor: ['capacitor'],
  other: ['part-inside', 'bearing', 'module'],
}

/**
 * What the part may cost, where the person said so: the price in their own list of the part that was chosen, and the cost they
 * typed for the ways that buy one. The product's own guesses are no estimate for a counter, so nothing else is told.
 */
export function estimateOf(snapshot: JobSnapshot, part: 'motor' | 'capacitor' | 'other'): string[] {
  const chosen =
    part === 'motor' ? chosenMotor(snapshot) : part === 'capacitor' ? chosenCapacitor(snapshot) : null
  const edits = optionsInputOf(snapshot).edits ?? {}
  return [
    ...(chosen?.price !== undefined && !isMadeUp(snapshot, chosen.id)
      ? [`${money(chosen.price)} for ${partName(snapshot, chosen)}, by the price list it came with.`]
      : []),
    ...waysOf[part].flatMap((way) => {
      const cost = edits[way]?.cost
      return cost === undefined
        ? []
        : [`About ${money(cost)}, as you put down for “${optionInfo[way].label}”.`]
    }),
  ]
}

const money = (sum: number) => (Number.isInteger(sum) ? String(sum) : significant(sum, 5))
