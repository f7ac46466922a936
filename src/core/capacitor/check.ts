import { CoreError } from '../errors'
import { formatUf, significant } from '../units/format'
import { parseCapacitorLabel } from './label'
import {
  type CapacitanceMeter,
  type CapacitorCheck,
  type CapacitorLabel,
  type CapacitorLook,
  type CapacitorVerdict,
  capacitorVerdicts,
  type Section,
  type SectionCheck,
  type SectionLabel,
} from './types'

/** A household meter with a capacitance range: 2 % and 5 counts of 0.01 µF. */
export const defaultCapacitanceMeter: CapacitanceMeter = {
  accuracyPercent: 2,
  accuracyCounts: 5,
  resolutionUf: 0.01,
}
/** Run capacitors without a printed tolerance are made to ±6 %, the usual class of the trade. */
export const UNMARKED_RUN_PERCENT = { minus: 6, plus: 6 }
/** Start capacitors without a printed range are made −0/+20 %. */
const UNMARKED_START_PERCENT = { minus: 0, plus: 20 }
/** At or below this a meter shows only its own leads. */
const OPEN_UF = 0.02
const FAILED_LOOKS: readonly CapacitorLook[] = ['bulged', 'leaking', 'burnt', 'cracked']

export interface CapacitorCheckInput {
  label: string | (Partial<CapacitorLabel> & { sections: SectionLabel[] })
  readings: { section: Section; uF: number | null }[]
  meter?: CapacitanceMeter
  look?: CapacitorLook[]
  school?: 'label-limit' | 'ten-percent'
}

/**
 * Judge a capacitor against its label, with the meter's own uncertainty.
 *
 * @param input readings in µF, `null` where the meter showed over-range or would not settle
 * @returns one entry per reading and the worst verdict of all; `weak` and `high` only where the whole interval
 *   reading ± uncertainty lies beyond the limit
 * @throws CoreError `unreadable-label`, `unknown-section`, `no-reading`
 * @example checkCapacitor({ label: '5 µF ±6 % 370 V', readings: [{ section: 'single', uF: 4.1 }] }).verdict // 'weak'
 */
export function checkCapacitor(input: CapacitorCheckInput): CapacitorCheck {
  const label = typeof input.label === 'string' ? parseCapacitorLabel(input.label) : input.label
  const meter = input.meter ?? defaultCapacitanceMeter
  const reasons: string[] = []
  const failedLooks = (input.look ?? []).filter((look) => FAILED_LOOKS.includes(look))
  if (input.readings.length === 0 && failedLooks.length === 0) {
    throw new CoreError(
      'no-reading',
      'Give at least one reading in µF, or what the capacitor looks like.',
      'readings',
    )
  }
  const tolerance = toleranceOf(label)
  if (tolerance === UNMARKED_START_PERCENT)
    reasons.push('No tolerance on the label: −0/+20 % is taken, as start capacitors are made.')
  if (tolerance === UNMARKED_RUN_PERCENT)
    reasons.push('No tolerance on the label: ±6 % is taken, as run capacitors are made.')
  const wide = input.school === 'ten-percent'
  if (wide) reasons.push('Judged by the ten-percent school: each limit is the wider of the label and 10 %.')

  const sections = input.readings.map((reading, index): SectionCheck => {
    const marked = sectionNamed(label.sections, reading.section)
    if (!marked) {
      const names = label.sections.map((section) => section.section).join(' and ')
      throw new CoreError(
        'unknown-section',
        `This label has no ${reading.section} section; it has ${names}.`,
        `readings[${index}].section`,
      )
    }
    return checkSection(marked, reading.uF, windowOf(marked, tolerance, wide), meter, reasons)
  })
  const read = new Set(input.readings.map(({ section }) => sectionNamed(label.sections, section)))
  for (const unread of label.sections.filter((section) => !read.has(section))) {
    if (label.sections.length > 1) reasons.push(`${unread.section} was not read.`)
  }
  let verdict = worstOf(sections.map((section) => section.verdict))
  if (failedLooks.length > 0) {
    verdict = 'failed-by-look'
    reasons.push(
      `It is ${failedLooks.join(' and ')}: a capacitor that looks failed has failed, whatever the meter says.`,
    )
  }
  if (input.look?.includes('rusty-terminals')) {
    reasons.push('Rusty terminals make a bad contact: clean them and read again, or renew the capacitor.')
  }
  return { sections, verdict, reasons }
}

/** The section that is called so: by its name in any case, or by its place where the label names them otherwise. */
function sectionNamed(sections: SectionLabel[], name: string): SectionLabel | undefined {
  const called = (each: SectionLabel) => each.section.toLowerCase() === name.trim().toLowerCase()
  const byPlace = sections.length === 1 && name === 'single' ? 0 : sections.length > 2 ? Number(name) - 1 : -1
  return sections.find(called) ?? sections[byPlace]
}

/** The printed tolerance in percent; without one, none beside printed ranges, else what such capacitors are made to. */
export function toleranceOf(label: Partial<CapacitorLabel>): { minus: number; plus: number } {
  if (label.tolerancePercent) return label.tolerancePercent
  if (label.sections?.every((section) => section.minUf !== undefined)) return { minus: 0, plus: 0 }
  return label.duty === 'start' ? UNMARKED_START_PERCENT : UNMARKED_RUN_PERCENT
}

/** Window of a section in µF: label × (1 ± tolerance), or the printed range. */
export function windowOf(
  section: SectionLabel,
  tolerance: { minus: number; plus: number },
  wide = false,
): { low: number; high: number } {
  const low = section.minUf ?? section.uF * (1 - tolerance.minus / 100)
  const high = section.maxUf ?? section.uF * (1 + tolerance.plus / 100)
  if (!wide) return { low, high }
  return { low: Math.min(low, section.uF * 0.9), high: Math.max(high, section.uF * 1.1) }
}

function checkSection(
  marked: SectionLabel,
  readingUf: number | null,
  window: { low: number; high: number },
  meter: CapacitanceMeter,
  reasons: string[],
): SectionCheck {
  const { low, high } = window
  const base = { section: marked.section, nominalUf: marked.uF, lowUf: low, highUf: high, readingUf }
  const name = marked.section === 'single' ? 'The capacitor' : marked.section
  if (readingUf === null) {
    const aboveRange = meter.maxUf !== undefined && meter.maxUf < high
    reasons.push(
      aboveRange
        ? `${name}: above this meter's range of ${formatUf(meter.maxUf!)}; read it with another meter.`
        : `${name} shows over-range: read ohms across it, discharged: a short stays near zero, a sound one climbs.`,
    )
    return {
      ...base,
      deviationPercent: null,
      uncertaintyUf: null,
      verdict: aboveRange ? 'borderline' : 'shorted',
    }
  }
  const uncertainty = capacitanceUncertainty(readingUf, meter)
  const deviation = (readingUf / marked.uF - 1) * 100
  const verdict = verdictOf(readingUf, uncertainty, low, high)
  reasons.push(sentence(name, readingUf, uncertainty, low, high, verdict))
  return { ...base, deviationPercent: deviation, uncertaintyUf: uncertainty, verdict }
}

/** The meter's own uncertainty in µF: percent of the reading and counts of the last digit. */
export function capacitanceUncertainty(uF: number, meter: CapacitanceMeter): number {
  return (uF * meter.accuracyPercent) / 100 + meter.accuracyCounts * meter.resolutionUf
}

function verdictOf(reading: number, uncertainty: number, low: number, high: number): CapacitorVerdict {
  if (reading <= OPEN_UF) return 'open'
  // Floating point must not make a reading exactly on its limit fall to one side.
  const slack = 1e-9 * high
  if (reading + uncertainty < low - slack) return 'weak'
  if (reading - uncertainty > high + slack) return 'high'
  if (reading - uncertainty >= low - slack && reading + uncertainty <= high + slack) return 'good'
  return 'borderline'
}

function sentence(
  name: string,
  reading: number,
  uncertainty: number,
  low: number,
  high: number,
  verdict: CapacitorVerdict,
): string {
  const window = `${significant(low)} to ${significant(high)} µF`
  const shown = `${significant(reading, 4)} ± ${significant(uncertainty, 2)} µF`
  switch (verdict) {
    case 'good':
      return `${name} reads ${shown}, inside its window of ${window}.`
    case 'weak':
      return `${name} reads ${shown}, below its window of ${window}.`
    case 'high':
      return `${name} reads ${shown}, above its window of ${window}: check that every wire is off it, then read again.`
    case 'open':
      return `${name} reads about zero: open.`
    default:
      return `${name} reads ${shown}; a limit of its window of ${window} lies within the meter's own uncertainty. Another meter settles it.`
  }
}

function worstOf(verdicts: CapacitorVerdict[]): CapacitorVerdict {
  return verdicts.reduce<CapacitorVerdict>(
    (worst, verdict) =>
      capacitorVerdicts.indexOf(verdict) > capacitorVerdicts.indexOf(worst) ? verdict : worst,
    'good',
  )
}
