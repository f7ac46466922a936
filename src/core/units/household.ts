const MILLIMETRES = /(-?\d+(?:\.\d+)?) mm\b/g
const SIXTEENTH = 25.4 / 16
/** A length this near to a sixteenth of an inch is said as one. */
const NEAR_MM = 0.3

/**
 * Lengths of a sentence in the units of the household. A fraction where the length is one, else hundredths.
 *
 * @example inHouseholdUnits('Bush the shaft from 8 mm up to 12.7 mm.', true) // 'Bush the shaft from 5/16 in up to 1/2 in.'
 */
export const inHouseholdUnits = (text: string, inches: boolean): string =>
  inches ? text.replace(MILLIMETRES, (_, mm: string) => inchText(Number(mm))) : text

/**
 * A length in the units of the household, to a tenth of a millimetre or a fraction of an inch.
 *
 * @example lengthText(52.04, false) // '52 mm'
 */
export const lengthText = (mm: number, inches: boolean, unit = true): string => {
  const text = inches ? inchText(mm) : `${Math.round(mm * 10) / 10} mm`
  return unit ? text : text.replace(/ (?:mm|in)$/, '')
}

function inchText(mm: number): string {
  const sixteenths = Math.round(mm / SIXTEENTH)
  // From an inch on it is a tape that is read, and a tape shows sixteenths; a shaft or a bore is told by its hundredths.
  if (mm < 25.4 && (Math.abs(mm - sixteenths * SIXTEENTH) > NEAR_MM || sixteenths === 0))
    return `${Math.round((mm / 25.4) * 100) / 100} in`
  const whole = Math.floor(sixteenths / 16)
  let [top, bottom] = [sixteenths % 16, 16]
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2]
  return `${[whole > 0 ? whole : '', top > 0 ? `${top}/${bottom}` : ''].filter((part) => part !== '').join(' ')} in`
}
