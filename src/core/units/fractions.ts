const FRACTIONS: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}
const FRACTION = /(\d?)\s*([½⅓⅔¼¾⅛⅜⅝⅞])/g

/**
 * Fractions of one character as a keyboard writes them.
 *
 * @example plainFractions('1½ in') // '1 1/2 in'
 */
export const plainFractions = (text: string): string =>
  text.replace(FRACTION, (_, whole: string, sign: string) => `${whole ? `${whole} ` : ''}${FRACTIONS[sign]}`)

/**
 * The same as decimals, for labels whose numbers are never written with a line.
 *
 * @example decimalFractions('7½ µF') // '7.5 µF'
 */
export const decimalFractions = (text: string): string =>
  text.replace(FRACTION, (_, whole: string, sign: string) => {
    const [top, bottom] = (FRACTIONS[sign] ?? '0/1').split('/').map(Number)
    return String(Number(whole || 0) + (top ?? 0) / (bottom ?? 1))
  })

/**
 * The same with the place of each character kept, for readers that quote where they read: `1½` becomes `1-1/2` and every new
 * character stands where the sign stood.
 */
export function spreadFractions(text: string, places: number[]): { work: string; places: number[] } {
  let work = ''
  const own: number[] = []
  for (let i = 0; i < text.length; i++) {
    const written = FRACTIONS[text[i] ?? '']
    const piece = written ? `${/\d$/.test(work) ? '-' : ''}${written}` : (text[i] ?? '')
    work += piece
    for (let each = 0; each < piece.length; each++) own.push(places[i] ?? -1)
  }
  return { work, places: own }
}
