import { CoreError } from '../errors'
import { labelText, NUMBER, toNumber, UNIT } from './labelText'
import type { CapacitorLabel, Section, SectionLabel } from './types'

/** "88-108 µF", "MFD 189-227": a start capacitor is marked with a range. */
const RANGE = new RegExp(`(${NUMBER})\\s*(?:-|–|to)\\s*(${NUMBER})\\s*${UNIT}`)
const RANGE_AFTER = new RegExp(
  `${UNIT}\\s*[:=]?\\s*(${NUMBER})\\s*(?:-|–|to)\\s*(${NUMBER})(?!\\s*(?:V|%|Hz))`,
)
/** "35+5 µF", "35/5 MFD", "35 µF + 5 µF", "35 µF + 5", "MFD 35/5". */
const NO_OTHER_UNIT = '(?!\\d|[.,]\\d|\\s*(?:V|%|Hz|°))'
const DUAL = new RegExp(`(${NUMBER})\\s*(?:${UNIT})?\\s*(?:[+/&]|\\band\\b)\\s*(${NUMBER})\\s*${UNIT}`)
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
/** The F of "µF" is no name, and the volts after it are no capacitance. */
const NAMED = new RegExp(
  `(?<![A-Za-z0-9µμ]|[µμuUmM]\\s)(HERM|FAN|H|F)\\b\\s*[:=]?\\s*(${NUMBER})(?![\\d.,]|\\s*(?:V|%|Hz))(?:\\s*${UNIT})?|(${NUMBER})\\s*(?:${UNIT})?\\s*\\b(HERM|FAN)\\b`,
  'gi',
)

/** "45+7.5", "45/5" and nothing else: as people type the two figures of a dual. */
const BARE = /^(?:\d{1,2}(?:[.,]\d+)?)(?:\s*[+/]\s*\d{1,2}(?:[.,]\d+)?){1,4}$/

/** Everything that is printed on a capacitor, with its legends, fits in this many characters. */
const LONGEST = 400

/**
 * Read the text of a capacitor label: `35+5 µF ±6 % 440 V`, `88-108 MFD 330 VAC`, `7.5uF`.
 *
 * @returns sections in µF (the larger of two unmarked values is HERM), tolerance in percent or null where none is
 *   printed, the highest printed volts AC or null, a DC figure apart
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
  const { rest, tolerancePercent, volts, dcVolts, saysStart } = labelText(words)
  const sections = parseSections(rest)
  if (sections.length === 0) {
    throw new CoreError(
      'unreadable-label',
      `No capacitance found in "${text.slice(0, 60)}". Type it with its unit, for example 35+5 µF ±6 % 440 V.`,
      path,
    )
  }
  const duty = sections.some((section) => section.minUf !== undefined) || saysStart ? 'start' : 'run'
  return { sections, tolerancePercent, volts, ...(dcVolts === null ? {} : { dcVolts }), duty }
}

function parseSections(source: string): SectionLabel[] {
  // “35+5 440 V”: what is left beside volts and tolerance are sums of figures, and nothing else that they could be.
  const [figures = '', ...others] = source.split(';').flatMap((piece) => piece.trim() || [])
  if (others.length === 0 && BARE.test(figures)) return bare(figures)
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
    const [one, two] = [toNumber(dual[1]!), toNumber(dual[2]!)]
    if (one > 0 && two > 0) return dualOf(one, two)
  }
  if (named.size === 1) return [...named].map(([section, uF]) => ({ section, uF }))
  const single = SINGLE.exec(source) ?? SINGLE_AFTER.exec(source)
  const value = single ? toNumber(single[1]!) : 0
  return value > 0 ? [{ section: 'single', uF: value }] : []
}

/** Of two unmarked figures the larger is the compressor's. */
const dualOf = (one: number, two: number): SectionLabel[] => [
  { section: 'HERM', uF: Math.max(one, two) },
  { section: 'FAN', uF: Math.min(one, two) },
]

function bare(source: string): SectionLabel[] {
  const values = source.split(/[+/]/).map((figure) => ({ name: '', uF: toNumber(figure.trim()) }))
  if (values.some(({ uF }) => uF <= 0)) return []
  const [one, two, third] = values
  return one && two && !third ? dualOf(one.uF, two.uF) : sectionsOf(values)
}

/** Words beside a figure that are no name of a section. */
const NO_NAMES = new Set(
  'uf mfd mf vac ac dc v hz cap capacitor run start motor dual round oval type model no ser of and'.split(
    ' ',
  ),
)
const ROW_TOKEN = new RegExp(
  `(?<figure>(?<![A-Za-z\\d.,])(?:${NUMBER}))\\s*(?:${UNIT})?|(?<word>[A-Za-z][A-Za-z-]*\\d?)|;`,
  'g',
)

/**
 * Each value with the name that is printed beside it, before ("red 4.5 blue 5 grey 6 µF") or behind ("4 µF red 5 µF yellow"):
 * three of them, or fewer that are named as a maker numbers them ("C1: 4 µF C2: 5 µF").
 */
function namedRow(source: string): { name: string; uF: number }[] | null {
  const text = source.replace(new RegExp(UNIT, 'g'), (unit) => `${unit.trim()} `)
  const tokens = [...text.matchAll(ROW_TOKEN)].map(({ groups }) => ({
    name: groups?.word && !NO_NAMES.has(groups.word.toLowerCase()) ? groups.word : null,
    uF: groups?.figure === undefined ? null : toNumber(groups.figure),
  }))
  for (const nameAt of [0, 1] as const) {
    const row = longestRow(tokens, nameAt)
    const numbered = row.length > 0 && row.every(({ name }) => /^c\d$/i.test(name))
    if ((row.length >= 3 || numbered) && row.every(({ uF }) => uF > 0)) return row
  }
  return null
}

/** The longest unbroken row of pairs in which the name is the first (0) or the second (1). */
function longestRow(
  tokens: { name: string | null; uF: number | null }[],
  nameAt: 0 | 1,
): { name: string; uF: number }[] {
  let best: { name: string; uF: number }[] = []
  for (let from = 0; from < tokens.length; from++) {
    const row: { name: string; uF: number }[] = []
    for (let at = from; at + 1 < tokens.length; at += 2) {
      const name = tokens[at + nameAt]?.name
      const uF = tokens[at + 1 - nameAt]?.uF
      if (name == null || uF == null) break
      row.push({ name, uF })
    }
    if (row.length > best.length) best = row
  }
  return best
}

/** Three and more values, as a fan's speed capacitor has, or one that is printed as so many times: no value is dropped. */
function severalOf(source: string): SectionLabel[] | null {
  if (!new RegExp(UNIT).test(source)) return null
  const repeated = REPEATED.exec(source)
  if (repeated?.[1] && repeated[2])
    return sectionsOf(
      Array.from({ length: Number(repeated[2]) }, () => ({ name: '', uF: toNumber(repeated[1] ?? '') })),
    )
  const named = namedRow(source)
  if (named) return sectionsOf(named)
  const row = CHAIN.exec(source)?.[0] ?? EACH_WITH_UNIT.exec(source)?.[0]
  if (!row) return null
  const figures = row.replace(new RegExp(UNIT, 'g'), ' ').matchAll(new RegExp(NUMBER, 'g'))
  const values = [...figures].map(([figure]) => ({ name: '', uF: toNumber(figure) }))
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
