import { typedValue } from './parseTyped'
import type { Quantity } from './quantities'

/**
 * Numbers of a list as printed: 208-230, 1075/950/825. Beside volts many a plate has frequency and phase in the same run, and
 * they are typed along: no second voltage.
 *
 * @example typedList('1075/950', 'rpm') // [1075, 950]
 * @example typedList('208-230/60/1', 'volts') // [208, 230]
 */
export function typedList(text: string, quantity: Quantity): number[] {
  const own =
    quantity === 'volts' ? text.replace(FREQUENCY, ' ').replace(PHASE, ' ').replace(RUN, '$1') : text
  return own.split(/[/,; ]+|(?<=\d)-(?=\d)/).flatMap((part) => typedValue(part, quantity) ?? [])
}

const FREQUENCY = /~?\s*\b(?:50|60)(?:\s*\/\s*60)?\s*(?:hz|cycles?|cps|~)(?![a-z])/gi
const PHASE = /\b(?:1|3|one|three|single)[ -]?(?:ph|phase|ø|φ)(?![a-z])\.?/gi
/** Volts, then frequency and phase in either order, with the same sign between them. */
const RUN =
  /^\s*(\d{3}(?:\s*[-/]\s*\d{3})?)\s*v?\s*([/-])\s*(?:(?:50|60)\s*\2\s*[13]|[13]\s*\2\s*(?:50|60))\s*$/i
