/** Numbers as people say them: "four", "half a dozen", "one and a quarter", "2 3/8", "12,5". */

const UNITS: Record<string, number> = {
  zero: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
}
const PARTS: Record<string, number> = {
  half: 2,
  third: 3,
  thirds: 3,
  quarter: 4,
  quarters: 4,
  eighth: 8,
  eighths: 8,
  sixteenth: 16,
  sixteenths: 16,
}

const unit = Object.keys(UNITS).join('|')
const part = Object.keys(PARTS).join('|')

/** Words of numbers and fractions as a piece of a pattern. */
export const NUMBER_WORDS = `(?:${unit})`

/**
 * Numbers in words as figures, fractions in words as fractions: the text keeps its order and its other words.
 *
 * @example inFigures('five sixteenths hex, three long ones') // '5/16 hex, 3 long ones'
 */
export function inFigures(text: string): string {
  return (
    text
      .replace(/\bhalf a dozen\b/g, '6')
      .replace(/\ba? ?(?:couple|pair)(?: of)?\b/g, '2')
      .replace(/\b(?:a|one) dozen(?: of)?\b|\bdozen\b/g, '12')
      .replace(
        new RegExp(`\\b(${unit}) and an? (${part})\\b`, 'g'),
        (_, one: string, two: string) => `${UNITS[one]} 1/${PARTS[two]}`,
      )
      .replace(
        new RegExp(`\\b(${unit})[ -](${part})\\b`, 'g'),
        // "Five sixteenths" is a size, "six quarter inch" are six of them.
        (_, one: string, two: string) =>
          one === 'one' || two.endsWith('s') ? `${UNITS[one]}/${PARTS[two]}` : `${UNITS[one]} ${two}`,
      )
      .replace(/\bhalf an inch\b|\bhalf[ -]inch\b/g, '1/2 inch')
      .replace(
        /\b(?:a )?(quarter|eighth|sixteenth)(?: of an)?[ -]inch\b/g,
        (_, of: string) => `1/${PARTS[of]} inch`,
      )
      .replace(
        /\b(twenty|thirty|forty|fifty|sixty)[ -](one|two|three|four|five|six|seven|eight|nine)\b/g,
        (_, tens: string, ones: string) => String((UNITS[tens] ?? 0) + (UNITS[ones] ?? 0)),
      )
      // "The one", "new one", "striped one" are no counts.
      .replace(/(?<!\b(?:the|new|old|fresh|this|that|which|striped|longer|shorter|long|short) )\bone\b/g, '1')
      .replace(new RegExp(`\\b(${unit})\\b`, 'g'), (each) => (each === 'one' ? each : String(UNITS[each])))
  )
}

/**
 * A printed number: 12,5 and 12.5, 2 3/8, 3/8; null where it is none.
 *
 * @example numberOf('2 3/8') // 2.375
 */
export function numberOf(text: string): number | null {
  const mixed = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(text.trim())
  if (mixed)
    return Number(mixed[3]) === 0 ? null : Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3])
  const plain = Number(text.trim().replace(',', '.'))
  return text.trim() !== '' && Number.isFinite(plain) ? plain : null
}
