import { decimalFractions } from '../units/fractions'

export const NUMBER = '\\d+(?:[.,]\\d+)?|[.,]\\d+'
export const UNIT = '(?:[µμuU]\\s*[fF]?|[mM]\\s*[fF]\\s*[dD]?)(?![a-zA-Z0-9])'

export const toNumber = (text: string) => Number(text.replace(',', '.'))

/** What stands on a label beside its capacitance, each taken out of the text so that no figure is read twice. */
export interface LabelText {
  /** The text with volts, sizes, classes and tolerances blanked out. */
  rest: string
  tolerancePercent: { minus: number; plus: number } | null
  /** The highest printed volts AC; null where none is printed. */
  volts: number | null
  dcVolts: number | null
  saysStart: boolean
}

/** Letters of tolerance as printed behind the unit (IEC 60062). */
const LETTERS: Record<string, number> = { J: 5, K: 10, M: 20 }
/** Unit words that run on into what is printed next to them: "108-130MFD125VAC60HZ", "6uFK". */
const GLUED_UNIT = /((?:[µμu]\s*f|mfd|mf)(?=\d|[jkm](?![a-z])))/gi
const GLUED_VOLTS = /(\d\s*v(?:\.?a\.?c\.?|dc|~)?)(?=\d)/gi
const SPELT_UNIT = /\bmicro\s*-?\s*farads?\b/gi
/** Sizes of the case: "47x18x34 mm"; a count "(x2)" has one figure behind its sign. */
const SIZES =
  /\d{2,3}(?:[.,]\d+)?\s*[x×*]\s*\d{2,3}(?:[.,]\d+)?(?:\s*[x×*]\s*\d{2,3}(?:[.,]\d+)?)?(?:\s*(?:mm|cm))?/gi
/** A class of safety with the volts it was tested at ("P2 3000V"), or the current it breaks ("P2 10000 AFC"): no figure of use. */
const SAFETY_CLASS = /\b[ps][0-3]\b[\s/]*(?:\d{3,5}\s*(?:v(?:ac|dc|~)?|afc)?)?|\b\d{4,5}\s*afc\b/gi
/** 25/85/21, and a pair of frequencies. */
const CLIMATE = /[-–]?\b\d{2}\/\d{2,3}\/\d{2}\b/g
const FREQUENCIES = /\b\d{2}\s*\/\s*\d{2}\s*Hz\b|\b\d{2}\s*Hz\b/gi
/** "-40/+70 °C". */
const TEMPERATURES =
  /(?<![\d.,]\s?)[-–−]\s*\d{2}\s*(?:\/|\.{2,3}|…|to)\s*\+?\s*\d{2,3}(?!\d|\s*%)(?:\s*°?\s*C\b)?/gi
const FIGURES_OF_VOLTS = '(\\d{2,4})(?:\\s*[/-]\\s*(\\d{2,4}))?'
const DC_VOLTS = new RegExp(`${FIGURES_OF_VOLTS}\\s*V\\s*(?:\\.?\\s*D\\.?\\s*C\\.?|=|⎓)(?![a-z])`, 'gi')
/** Where the unit of capacitance stands before its figures, what follows it is not volts: "MFD 270-324 VAC 110/125". */
const AC_VOLTS = new RegExp(
  `(?<!(?<!\\d\\s{0,2})${UNIT}\\s*[:=]?\\s*)(?<!\\d[.,/-]?)${FIGURES_OF_VOLTS}\\s*(?:V(?:\\.?\\s*A\\.?\\s*C\\.?|AC|~|olts?)?|WVAC)(?![a-z])`,
  'gi',
)
/** "MFD 270-324 VAC 110/125": each unit before its figures. */
const UNITS_FIRST = new RegExp(
  `((?<!\\d\\s{0,2})${UNIT}\\s*[:=]?\\s*(?:${NUMBER})(?:\\s*[-/+]\\s*(?:${NUMBER}))?)\\s*(?:WVAC|VAC|V~|VOLTS?|V)\\s*[:=]?\\s*${FIGURES_OF_VOLTS}(?!\\d|\\s*(?:V|${UNIT}|%))`,
  'gi',
)
/** "VAC 110/125": the unit stands before its figures, and behind no other. */
const AC_VOLTS_AFTER = new RegExp(
  `(?<!\\d\\s{0,2})\\b(?:WVAC|VAC|V~|VOLTS?|V)\\s*[:=]?\\s*${FIGURES_OF_VOLTS}(?![\\d.,]|\\s*(?:${UNIT}|%))`,
  'gi',
)

/**
 * Take a label apart as far as it is not its capacitance.
 *
 * @example labelText('4 µF 250 V~ 630 V DC').dcVolts // 630
 */
export function labelText(words: string): LabelText {
  let rest = decimalFractions(words)
    .replace(SPELT_UNIT, 'µF')
    .replace(GLUED_UNIT, '$1 ')
    .replace(GLUED_VOLTS, '$1 ')
    .replace(SIZES, ' ; ')
    .replace(SAFETY_CLASS, ' ; ')
    .replace(CLIMATE, ' ; ')
    .replace(FREQUENCIES, ' ; ')
    .replace(TEMPERATURES, ' ; ')
  const letter = new RegExp(`${UNIT}\\s*([JKM])(?![a-zA-Z0-9])`, 'i').exec(rest)?.[1]?.toUpperCase()
  const printed = toleranceIn(rest)
  const percent = letter === undefined ? undefined : LETTERS[letter]
  const byLetter = percent === undefined ? null : { minus: percent, plus: percent }
  rest = withoutTolerance(rest)
  const dc: number[] = []
  const ac: number[] = []
  const take = (into: number[]) => (_: string, one: string, two?: string) => {
    into.push(Number(one), ...(typeof two === 'string' ? [Number(two)] : []))
    return ' ; '
  }
  rest = rest
    .replace(UNITS_FIRST, (_, kept: string, one: string, two?: string) => `${kept}${take(ac)(_, one, two)}`)
    .replace(DC_VOLTS, take(dc))
    .replace(AC_VOLTS, take(ac))
    .replace(AC_VOLTS_AFTER, take(ac))
  return {
    rest,
    tolerancePercent: printed ?? byLetter,
    volts: highest(ac),
    dcVolts: highest(dc),
    saysStart: /\bstart/i.test(words),
  }
}

const highest = (values: number[]): number | null => (values.length > 0 ? Math.max(...values) : null)

/** Figures of a tolerance are no capacitances: "+10 −5 %", "±6 %". */
const withoutTolerance = (source: string): string =>
  source
    .replace(/[±+−–-]\s*\d+(?:[.,]\d+)?\s*%?\s*[/,]?\s*[+−–-]\s*\d+(?:[.,]\d+)?\s*%/g, ' ')
    .replace(/(?:±|\+\s*\/?\s*[−–-])?\s*\d+(?:[.,]\d+)?\s*%/g, ' ')

/** Both magnitudes positive: "−0/+20 %" is minus 0, plus 20. */
function toleranceIn(source: string): { minus: number; plus: number } | null {
  const text = source.replace(/[−–]/g, '-')
  const asymmetric =
    /-\s*(\d+(?:[.,]\d+)?)\s*%?\s*[/,]?\s*\+\s*(\d+(?:[.,]\d+)?)\s*%/.exec(text) ??
    /(?<![\d.,])(0)\s*\/\s*\+\s*(\d+(?:[.,]\d+)?)\s*%/.exec(text)
  if (asymmetric?.[1] && asymmetric[2])
    return { minus: toNumber(asymmetric[1]), plus: toNumber(asymmetric[2]) }
  const swapped = /\+\s*(\d+(?:[.,]\d+)?)\s*%?\s*[/,]?\s*-\s*(\d+(?:[.,]\d+)?)\s*%/.exec(text)
  if (swapped?.[1] && swapped[2]) return { minus: toNumber(swapped[2]), plus: toNumber(swapped[1]) }
  const symmetric = /(?:±|\+\s*\/?\s*-)?\s*(\d+(?:[.,]\d+)?)\s*%/.exec(text)?.[1]
  return symmetric === undefined ? null : { minus: toNumber(symmetric), plus: toNumber(symmetric) }
}
