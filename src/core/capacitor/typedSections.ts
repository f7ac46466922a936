import { CoreError } from '../errors'
import { typedValue } from '../units'

/**
 * Capacitances typed in a row, "2.5, 5, 10" or "45/7.5", each in µF at its own place.
 *
 * @throws CoreError `unknown-section` that names what was not understood: a section that is left out would move the letters of
 *   all that follow
 * @example typedSections('45/7.5 µF') // [45, 7.5]
 */
export function typedSections(text: string, path: string): number[] {
  const joined = text.trim().replace(/(\d)\s+(?=[µμu]\s*f|mfd|mf)/gi, '$1')
  // Beside other signs a comma between two figures is a decimal one; alone it parts them.
  const separator = /[;+/\s]/.test(joined) ? /[;+/\s]+|,(?!\d)/ : /,/
  const parts = joined.split(separator).filter((part) => part.trim() !== '')
  return parts.map((part, index) => {
    const uF = typedValue(part, 'uF')
    if (uF !== null && uF > 0) return uF
    throw new CoreError(
      'unknown-section',
      `"${part}" is no capacitance. Type each section in µF, for example 2.5, 5, 10.`,
      `${path}[${index}]`,
    )
  })
}
