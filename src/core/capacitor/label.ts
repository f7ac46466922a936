import { CoreError } from '../errors'
import { decimalFractions } from '../units/fractions'
import type { CapacitorLabel, Section, SectionLabel } from './types'

const NUMBER = '\\d+(?:[.,]\\d+)?|[.,]\\d+'
const UNIT = '(?:[µμuU]\\s*[fF]?|[mM]\\s*[fF]\\s*[dD]?)(?![a-zA-Z0-9])'

/** "88-108 µF", "MFD 189-227": a start capacitor is marked with a range. */
const RANGE = new RegExp(`(${NUMBER})\\s*(?:-|–|to)\\s*(${NUMBER})\\s*${UNIT}`)
const RANGE_AFTER = new RegExp(
  `${UNIT}\\s*[:=]?\\s*(${NUMBER})\\s*(?:-|–|to)\\s*(${NUMBER})(?!\\s*(?:V|%|Hz))`,
)
/** "35+5 µF", "35/5 MFD", "35 µF + 5 µF", "35 µF + 5", "MFD 35/5". */
const NO_OTHER_UNIT = '(?!\\d|[.,]\\d|\\s*(?:V|%|Hz|°))'
const DUAL = new RegExp(`(${NUMBER})\\s*(?:${UNIT})?\\s*[+/&]\\s*(${NUMBER})\\s*${UNIT}`)
const DUAL_UNIT_ONCE = new RegExp(`(${NUMBER})\\s*${UNIT}\\s*[+/&]\\s*(${NUMBER})${NO_OTHER_UNIT}`)
const DUAL_AFTER = new RegExp(`${UNIT}\\s*[:=]?\\s*(${NUMBER})\\s*[+/&]\\s*(${NUMBER})${NO_OTHER_UNIT}`)
const SINGLE = new RegExp(`(${NUMBER})\\s*${UNIT}`)
const SINGLE_AFTER = new RegExp(`${UNIT}\\s*[:=]?\\s*(${NUMBER})${NO_OTHER_UNIT}`)
/** "2.5 µF (x2)", "2.5 (x2) µF". */
const REPEATED = new RegExp(`(${NUMBER})\\s*(?:${UNIT})?\\s*\\(?\\s*[x×]\\s*([2-6])\\s*\\)?`)
/** Three and more in a row, joined by signs: "4.5+5+6 µF". */
const CHAIN = new RegExp(`(?:${NUMBER})\\s*(?:${UNIT})?(?:\\s*[+/&]\\s*(?:${NUMBER})\\s*(?:${UNIT})?){2,}`)
/** Each with its own unit: "5uF 6uF 7uF". */
const EACH_WITH_UNIT = new RegExp(`(?:(?:${NUMBER})\\s*${UNIT}[\\s,;/+&]*){3,}`)
/** Each with its name: "red 4.5 blue 5 grey 6 µF". */
const NAMED_ROW = new RegExp(
  `(?:(?<![A-Za-z])(?!(?:uf|mfd|mf|vac|ac|hz|cap|run|start)\\b)[A-Za-z][A-Za-z-]*\\s*[:=]?\\s*(?:${NUMBER})\\s*(?:${UNIT})?[\\s,;/+&]*){3,}`,
  'i',
)
/** The F of "µF" is no name, and the volts after it are no capacitance. */
const NAMED = new RegExp(
  `(?<![A-Za-z0-9µμ]|[µμuUmM]\\s)(HERM|FAN|H|F)\\b\\s*[:=]?\\s*(${NUMBER})(?![\\d.,]|\\s*(?:V|%|Hz))(?:\\s*${UNIT})?|(${NUMBER})\\s*(?:${UNIT})?\\s*\\b(HERM|FAN)\\b`,
  'gi',
)

/** Everything that is printed on a capacitor, with its legends, fits in this many characters. */
const LONGEST = 400

/**
 * Read the text of a capacitor label: `35+5 µF ±6 % 440 V`, `88-108 MFD 330 VAC`, `7.5uF`.
 *
 * @returns sections in µF (the larger of two unmarked values is HERM), tolerance in percent or null where none is
 *   printed, the highest printed volts or null
 * @throws CoreError `unreadable-label` where no capacitance is found
 * @example parseCapacitorLabel('35+5 MFD 440 VAC').sections // [{ section: 'HERM', uF: 35 }, { section: 'FAN', uF: 5 }]
 */
export function parseCapacitorLabel(text: string, path = 'label'): CapacitorLabel {
  const words = text.trim().replace(/\s+/g, ' ')
  if (words.length > LONGEST)
    throw new CoreError(
      'unreadable-label',
      `This is longer than any label. Type its figures alone, for example 35+5 µF ±6 % 440 V.`,
      path,
    )
  // A climate code such as 25/85/21 and a pair of frequencies are never capacitances.
  const source = decimalFractions(words)
    .replace(/\b\d{2}\/\d{2,3}\/\d{2}\b/g, ' ')
    .replace(/\b\d{2}\s*\/\s*\d{2}\s*Hz\b/gi, ' ')
  const tolerance = parseTolerance(source)
  const sections = parseSections(withoutTolerance(source))
  if (sections.length === 0) {
    throw new CoreError(
      'unreadable-label',
      `No capacitance found in "${text.slice(0, 60)}". Type it with its unit, for example 35+5 µF ±6 % 440 V.`,
      path,
    )
  }
  const duty =
    sections.some((section) => section.minUf !== undefined) || /\bstart/i.test(source) ? 'start' : 'run'
  return { sections, tolerancePercent: tolerance, volts: parseVolts(source), duty }
}

function parseSections(source: string): SectionLabel[] {
  const named = new Map<Section, number>()
  for (const match of source.matchAll(NAMED)) {
    const name = (match[1] ?? match[4])!.toUpperCase()
    const value = toNumber((match[2] ?? match[3])!)
    if (value > 0) named.set(name.startsWith('H') ? 'HERM' : 'FAN', value)
  }
  if (named.size === 2)
    return (['HERM', 'FAN'] as const).map((section) => ({ section, uF: named.get(section)! }))

  const several = severalOf(source)
  if (several) return several
  const range = RANGE.exec(source) ?? RANGE_AFTER.exec(source)
  if (range) {
    const [low, high] = [toNumber(range[1]!), toNumber(range[2]!)].sort((a, b) => a - b) as [number, number]
    if (low > 0) return [{ section: 'single', uF: (low + high) / 2, minUf: low, maxUf: high }]
  }
  const dual = DUAL.exec(source) ?? DUAL_UNIT_ONCE.exec(source) ?? DUAL_AFTER.exec(source)
  if (dual) {
    const [small, large] = [toNumber(dual[1]!), toNumber(dual[2]!)].sort((a, b) => a - b) as [number, number]
    if (small > 0)
      return [
        { section: 'HERM', uF: large },
        { section: 'FAN', uF: small },
      ]
  }
  if (named.size === 1) return [...named].map(([section, uF]) => ({ section, uF }))
  const single = SINGLE.exec(source) ?? SINGLE_AFTER.exec(source)
  const value = single ? toNumber(single[1]!) : 0
  return value > 0 ? [{ section: 'single', uF: value }] : []
}

/** Three and more values, as a fan's speed capacitor has, or one that is printed as so many times: no value is dropped. */
function severalOf(source: string): SectionLabel[] | null {
  if (!new RegExp(UNIT).test(source)) return null
  const repeated = REPEATED.exec(source)
  if (repeated?.[1] && repeated[2])
    return sectionsOf(
      Array.from({ length: Number(repeated[2]) }, () => ({ name: '', uF: toNumber(repeated[1] ?? '') })),
    )
  const row = NAMED_ROW.exec(source)?.[0] ?? CHAIN.exec(source)?.[0] ?? EACH_WITH_UNIT.exec(source)?.[0]
  if (!row) return null
  const item = new RegExp(`(?:(?<![A-Za-z])([A-Za-z][A-Za-z-]*)\\s*[:=]?\\s*)?(${NUMBER})`, 'g')
  const values = [...row.replace(new RegExp(UNIT, 'g'), ' ').matchAll(item)].map(([, name, figure]) => ({
    name: name ?? '',
    uF: toNumber(figure ?? ''),
  }))
  return values.length >= 3 && values.every(({ uF }) => uF > 0) ? sectionsOf(values) : null
}

/** Named by what is printed beside each, else by their place; a name that stands twice is told apart by its place. */
function sectionsOf(values: { name: string; uF: number }[]): SectionLabel[] {
  const taken = new Set<string>()
  return values.map(({ name, uF }, index) => {
    const section = name && !taken.has(name.toLowerCase()) ? name : String(index + 1)
    taken.add(name.toLowerCase())
    return { section, uF }
  })
}

/** Figures of a tolerance are no capacitances: "+10 −5 %", "±6 %". */
const withoutTolerance = (source: string): string =>
  source
    .replace(/[±+−–-]\s*\d+(?:[.,]\d+)?\s*%?\s*[/,]?\s*[+−–-]\s*\d+(?:[.,]\d+)?\s*%/g, ' ')
    .replace(/(?:±|\+\s*\/?\s*[−–-])?\s*\d+(?:[.,]\d+)?\s*%/g, ' ')

/** Both magnitudes positive: "−0/+20 %" is minus 0, plus 20. */
function parseTolerance(source: string): { minus: number; plus: number } | null {
  const text = source.replace(/[−–]/g, '-')
  const asymmetric =
    /-\s*(\d+(?:[.,]\d+)?)\s*%?\s*[/,]?\s*\+\s*(\d+(?:[.,]\d+)?)\s*%/.exec(text) ??
    /(?<![\d.,])(0)\s*\/\s*\+\s*(\d+(?:[.,]\d+)?)\s*%/.exec(text)
  if (asymmetric) return { minus: toNumber(asymmetric[1]!), plus: toNumber(asymmetric[2]!) }
  const swapped = /\+\s*(\d+(?:[.,]\d+)?)\s*%?\s*[/,]?\s*-\s*(\d+(?:[.,]\d+)?)\s*%/.exec(text)
  if (swapped) return { plus: toNumber(swapped[1]!), minus: toNumber(swapped[2]!) }
  const symmetric = /(?:±|\+\s*\/?\s*-)?\s*(\d+(?:[.,]\d+)?)\s*%/.exec(text)
  if (!symmetric) return null
  const value = toNumber(symmetric[1]!)
  return { minus: value, plus: value }
}

function parseVolts(source: string): number | null {
  const found: number[] = []
  for (const match of source.matchAll(
    /(\d{2,4})(?:\s*[/-]\s*(\d{2,4}))?\s*(?:V(?:\.?\s*A\.?\s*C\.?|AC|~|olts?)?|VAC|WVAC)(?![a-z])/gi,
  )) {
    found.push(Number(match[1]))
    if (match[2]) found.push(Number(match[2]))
  }
  return found.length > 0 ? Math.max(...found) : null
}

const toNumber = (text: string) => Number(text.replace(',', '.'))
