import { typedValue } from './parseTyped'
import type { Quantity } from './quantities'

/**
 * Numbers of a list as printed: 208-230, 1075/950/825.
 *
 * @example typedList('1075/950', 'rpm') // [1075, 950]
 */
export function typedList(text: string, quantity: Quantity): number[] {
  return text.split(/[/,; ]+|(?<=\d)-(?=\d)/).flatMap((part) => typedValue(part, quantity) ?? [])
}
