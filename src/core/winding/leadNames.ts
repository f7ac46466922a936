import { coloursOf } from '../knowledge/insulation'

/** Two colours without a comma between them may be one striped wire. */
const A_LIST = 3

/**
 * Names of leads as somebody types them in a row: apart by commas, or by spaces alone where every word is a colour of its own.
 *
 * @example leadNames('black, white, brown/white') // ['black', 'white', 'brown/white']
 * @example leadNames('black white brown') // ['black', 'white', 'brown']
 * @example leadNames('brown white') // ['brown white']
 */
export function leadNames(typed: string): string[] {
  const parts = typed
    .split(/[,;\n]+/)
    .map((part) => part.trim())
    .filter(Boolean)
  const [only] = parts
  if (parts.length !== 1 || only === undefined) return parts
  const words = only.split(/\s+/)
  return words.length >= A_LIST && words.every((word) => coloursOf(word).base !== null) ? words : parts
}
