import type { HouseholdRow, LedgerRow } from '../rows'

/** A number alone, or a sum of whole and fraction: its unit is the household's. */
const BARE = /^\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?$|^\d+\/\d+$/

/**
 * A measured line in words: its figure with its unit, and where it was taken.
 *
 * @example figureWords({ figure: '14', mark: 'from the face', part: 'impeller' }, { inches: 0 }) // '14 mm from the face'
 */
export function figureWords(
  { figure, mark, part }: Pick<LedgerRow, 'figure' | 'mark' | 'part'>,
  { inches }: Pick<HouseholdRow, 'inches'>,
): string {
  return [withUnit(figure ?? '', inches === 1), mark || `at ${part}`].filter(Boolean).join(' ')
}

/** @example withUnit('9/16', true) // '9/16 in' */
export const withUnit = (typed: string, inches: boolean): string =>
  BARE.test(typed.trim()) ? `${typed.trim()} ${inches ? 'in' : 'mm'}` : typed.trim()
