import { costPerYear } from './costPerYear'
import { optionsFor } from './figures'
import type { OptionsInput, OptionsResult } from './types'

export { type OptionKind, optionInfo, optionKinds } from '../knowledge/options'
export { actionOfOption, causeOfOption } from './choice'
export { hiredPrice, licensedOnly } from './figures'
export type * from './types'

/**
 * What can be done, side by side: cost, hours, skill, chance, years of service and cost per year with its spread.
 * Money in whatever currency the figures are typed in. A failed attempt is followed by hiring somebody.
 */
export function compareOptions(input: OptionsInput): OptionsResult {
  const { options, notes } = optionsFor(input)
  const hired = options.find((option) => option.kind === 'hired')
  const fallback = hired?.cost ?? 0
  return {
    options: options
      .map((option) => ({
        ...option,
        costPerYear: costPerYear(option, fallback, input.hourValue ?? 0),
      }))
      .sort((one, two) => one.costPerYear.expected - two.costPerYear.expected),
    notes,
  }
}
