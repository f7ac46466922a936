import {
  type CapacitorCheck,
  type CapacitorLabel,
  capacitorVerdicts,
  checkCapacitor,
  parseCapacitorLabel,
  type Section,
  type SectionCheck,
  type SectionLabel,
} from '../../capacitor'
import {
  capacitorVerdictToValue,
  type DiagnoseInput,
  type Diagnosis,
  diagnose,
  type Findings,
  mapObservations,
  type PlateFigures,
} from '../../diagnose'
import { isCoreError } from '../../errors'
import { isGroundLead } from '../../knowledge/groundLead'
import { isolationPlans } from '../../knowledge/isolation'
import { electronicKinds, isOf } from '../../knowledge/motorKinds'
import type { ObservationId, ToolId } from '../../knowledge/vocabulary'
import { typedValue } from '../../units/parseTyped'
import { judgeWinding, type OhmMeter, type WindingResult } from '../../winding'
import { fieldText, typedList } from '../fields'
import { oncePerSnapshot } from '../oncePerSnapshot'
import type { HouseholdRow, JobSnapshot, ReadingRow } from '../rows'
import { activeReadings, type DerivedFinding, type Part, supplyVolts } from './readings'
import { walkFindings } from './supplyWalk'

export const ohmMeterOf = (household: HouseholdRow): OhmMeter => ({
  accuracyPercent: household.ohmAccuracyPercent,
  accuracyCounts: household.ohmCounts,
  resolutionOhm: household.ohmResolution,
})

export const capacitanceMeterOf = (household: HouseholdRow) => ({
  accuracyPercent: household.capAccuracyPercent,
  accuracyCounts: household.capCounts,
  resolutionUf: household.capResolutionUf,
  ...(household.capMaxUf === null ? {} : { maxUf: household.capMaxUf }),
})

export interface CapacitorState {
  label: CapacitorLabel | null
  labelError: string | null
  check: CapacitorCheck | null
}

/** The capacitor of the job: its label as typed, its readings, the verdict. */
export const capacitorOf = (snapshot: JobSnapshot, part: Part): CapacitorState => capacitors[part](snapshot)

const capacitors = {
  old: oncePerSnapshot((snapshot) => checkedCapacitor(snapshot, 'old')),
  new: oncePerSnapshot((snapshot) => checkedCapacitor(snapshot, 'new')),
}

function checkedCapacitor(snapshot: JobSnapshot, part: Part): CapacitorState {
  const text = fieldText(snapshot, `capacitor-${part}`, 'label')
  if (!text.trim()) return { label: null, labelError: null, check: null }
  try {
    const label = parseCapacitorLabel(text)
    const readings = activeReadings(snapshot, 'capacitance', part)
      .filter((row) => row.over || row.value !== null)
      .filter((row) => label.sections.some((section) => section.section === row.pointA))
      .map((row) => ({ section: row.pointA as Section, uF: row.over ? null : row.value }))
    const look = part === 'old' ? lookOf(snapshot) : []
    if (readings.length === 0 && look.length === 0) return { label, labelError: null, check: null }
    const check = checkCapacitor({
      label,
      readings,
      look,
      meter: capacitanceMeterOf(snapshot.household),
      school: snapshot.household.school,
    })
    return { label, labelError: null, check }
  } catch (error) {
    if (!isCoreError(error)) throw error
    return error.code === 'no-reading'
      ? { label: null, labelError: null, check: null }
      : { label: null, labelError: error.message, check: null }
  }
}

function lookOf(snapshot: JobSnapshot): ('bulged' | 'burnt' | 'cracked' | 'rusty-terminals')[] {
  const value = snapshot.findings.find((finding) => finding.observation === 'capacitor-look')?.value
  if (value === 'bulged-or-leaking') return ['bulged']
  return value === 'burnt' || value === 'cracked' || value === 'rusty-terminals' ? [value] : []
}

/** The windings of the old or the new motor, from whatever pairs are read; null with fewer than two leads or no reading. */
export const windingOf = (snapshot: JobSnapshot, part: Part): WindingResult | null => windings[part](snapshot)

const windings = {
  old: oncePerSnapshot((snapshot) => judgedWinding(snapshot, 'old')),
  new: oncePerSnapshot((snapshot) => judgedWinding(snapshot, 'new')),
}

/** Leads that have windings between them: the ground lead is the frame itself and has no pairs. */
export const windingLeads = (snapshot: JobSnapshot, part: Part): string[] =>
  snapshot.leads.filter((lead) => lead.part === part && !isGroundLead(lead.name)).map((lead) => lead.name)

function judgedWinding(snapshot: JobSnapshot, part: Part): WindingResult | null {
  const leads = windingLeads(snapshot, part)
  if (leads.length < 2) return null
  const usable = (row: ReadingRow) => row.over === 1 || row.value !== null
  const pairs = activeReadings(snapshot, 'resistance', part)
    .filter(usable)
    .filter((row) => leads.includes(row.pointA) && leads.includes(row.pointB))
  const toFrame = activeReadings(snapshot, 'to-frame', part)
    .filter(usable)
    .filter((row) => leads.includes(row.pointA))
  if (pairs.length === 0 && toFrame.length === 0) return null
  const celsius = typedValue(fieldText(snapshot, `winding-${part}`, 'temperature'), 'celsius', {
    defaultUnit: snapshot.household.fahrenheit ? 'F' : 'C',
  })
  const hot =
    part === 'old' &&
    snapshot.findings.some(
      (finding) => finding.observation === 'case-heat' && finding.value === 'too-hot-to-touch',
    )
  return judgeWinding({
    leads,
    pairs: pairs.map((row) => ({ a: row.pointA, b: row.pointB, ohm: row.over ? null : row.value })),
    toFrame: toFrame.map((row) => ({ lead: row.pointA, ohm: row.over ? null : row.value })),
    leadOffsetOhm: snapshot.household.leadOffsetOhm,
    meter: ohmMeterOf(snapshot.household),
    ...(celsius === null ? {} : { windingCelsius: celsius }),
    caseTooHot: hot,
    ...(snapshot.machine.motorKind ? { motorKind: snapshot.machine.motorKind } : {}),
    ...windingPlate(snapshot, part),
  })
}

/** Volts and full-load amps of the plate that stands for these windings, where both were read. */
function windingPlate(snapshot: JobSnapshot, part: Part): { plate?: { volts: number; amps: number } } {
  const figures = (field: string, quantity: 'volts' | 'amps') =>
    typedList(fieldText(snapshot, `motor-${part}`, field), quantity).filter((each) => each > 0)
  const [volts, amps] = [figures('voltages', 'volts'), figures('amps', 'amps')]
  if (volts.length === 0 || amps.length === 0) return {}
  return { plate: { volts: Math.max(...volts), amps: Math.max(...amps) } }
}

/** A winding's fault in a few words: "windings open: brown". */
function windingWords(winding: WindingResult): string {
  const leads = winding.faults[0]?.leads ?? []
  const verdict = `windings ${winding.verdict}`
  return leads.length > 0 && leads.length < 4 ? `${verdict}: ${leads.join(', ')}` : verdict
}

/** Of a label's sections that speak for the fan, every one was read. */
const allRead = (sections: SectionLabel[], checks: SectionCheck[]): boolean =>
  sections
    .filter(({ section }) => section !== 'HERM' || sections.length === 1)
    .every(({ section }) => checks.some((check) => check.section === section))

/** The compressor's section is one observation; of several sections of the fan the worst one speaks. */
function worstOfEach(
  sections: SectionCheck[],
  several: boolean,
): { observation: ObservationId; check: SectionCheck }[] {
  const worst = new Map<ObservationId, SectionCheck>()
  for (const check of sections) {
    const observation =
      check.section === 'HERM' && several ? 'capacitor-other-reading' : 'capacitor-fan-reading'
    const known = worst.get(observation)
    if (!known || capacitorVerdicts.indexOf(check.verdict) > capacitorVerdicts.indexOf(known.verdict))
      worst.set(observation, check)
  }
  return [...worst].map(([observation, check]) => ({ observation, check }))
}

/** Findings that readings make: a measured capacitor, a mapped winding, a live voltage. */
export const derivedFindings = oncePerSnapshot((snapshot): DerivedFinding[] => {
  const found: DerivedFinding[] = []
  const { check, label } = capacitorOf(snapshot, 'old')
  for (const section of worstOfEach(check?.sections ?? [], (label?.sections.length ?? 1) > 1)) {
    const value = capacitorVerdictToValue[section.check.verdict]
    // One good section of three says nothing of the two that nobody read.
    const told =
      value !== 'within' ||
      section.observation !== 'capacitor-fan-reading' ||
      allRead(label?.sections ?? [], check?.sections ?? [])
    if (value && told)
      found.push({
        observation: section.observation,
        value,
        from: `${section.check.section === 'single' ? 'capacitor' : section.check.section} reads ${section.check.readingUf === null ? 'over-range' : `${section.check.readingUf} µF`}`,
      })
  }
  const winding = windingOf(snapshot, 'old')
  const phases = isOf(electronicKinds, snapshot.machine.motorKind)
  if (winding && phases) {
    // Of an electronic motor the ohms tell its three phases, and nothing of its module.
    const value = { good: 'equal', inconsistent: 'unequal', shorted: 'unequal', open: 'open' }[
      winding.verdict as string
    ]
    if (value && winding.missing.length === 0)
      found.push({ observation: 'phase-resistances', value, from: windingWords(winding) })
  } else if (winding) {
    const frame = activeReadings(snapshot, 'to-frame', 'old').filter((row) => row.over || row.value !== null)
    if (winding.verdict === 'hot-retest')
      found.push({ observation: 'winding', value: 'open', from: 'windings open while hot' })
    else if (['open', 'shorted', 'inconsistent'].includes(winding.verdict))
      found.push({
        observation: 'winding',
        value: winding.verdict,
        from: windingWords(winding),
      })
    else if (
      winding.verdict === 'good' ||
      (winding.verdict === 'grounded' && winding.missing.length === 0 && winding.tree.segments.length > 0)
    )
      found.push({ observation: 'winding', value: 'good', from: 'the resistances agree' })
    if (winding.faults.some((fault) => fault.kind === 'grounded'))
      found.push({ observation: 'to-frame', value: 'leaks', from: 'a lead reads to the frame' })
    else if (winding.doubtfulToFrame.length > 0)
      found.push({ observation: 'to-frame', value: 'doubtful', from: 'a lead reads to the frame' })
    else if (frame.length > 0)
      found.push({ observation: 'to-frame', value: 'clear', from: 'over-range to the frame' })
  }
  found.push(...brushFinding(snapshot), ...noneSeen(snapshot), ...walkFindings(snapshot))
  return found
})

/** Who looked for a capacitor to empty it, saw none and read the motor's own leads has said so once: it is not asked again. */
function noneSeen({ charges, findings }: JobSnapshot): DerivedFinding[] {
  const looked = charges.some(({ terminals, readAt }) => terminals === 'none-seen' && readAt !== null)
  return looked && !findings.some(({ observation }) => observation === 'capacitor-look')
    ? [{ observation: 'capacitor-look', value: 'none-fitted', from: 'none was seen to be emptied' }]
    : []
}

/** Brushes measured in millimetres against new ones. */
function brushFinding(snapshot: JobSnapshot): DerivedFinding[] {
  const [length, fresh] = ['length', 'new'].map((field) =>
    typedValue(fieldText(snapshot, 'brush', field), 'mm'),
  )
  if (length == null || fresh == null || fresh <= 0) return []
  const value = mapObservations({ 'brush-length': length }, { brushNewMm: fresh }).findings['brush-length']
  return value ? [{ observation: 'brush-length', value, from: `${length} mm of ${fresh} mm new` }] : []
}

/** What is known, said by the person or made by a reading; a reading wins over what was said before it. */
export const findingsOf = oncePerSnapshot((snapshot): Findings => {
  const findings: Findings = {}
  for (const finding of snapshot.findings) findings[finding.observation] = finding.value
  for (const finding of derivedFindings(snapshot)) findings[finding.observation] = finding.value
  return findings
})

export function diagnoseInputOf(snapshot: JobSnapshot): DiagnoseInput {
  const age = ageOf(snapshot)
  return {
    family: snapshot.machine.family,
    ...(snapshot.machine.motorKind ? { motorKind: snapshot.machine.motorKind } : {}),
    ...(age === null ? {} : { ageYears: age }),
    observations: findingsOf(snapshot),
    ...recordedOf(snapshot),
    tools: toolsOf(snapshot.household),
    declined: snapshot.declined.map((row) => row.observation),
    plate: plateFigures(snapshot),
    ...knownOf(snapshot),
  }
}

/** How surely a recording told the sound, where it stands as that told it. */
function recordedOf(snapshot: JobSnapshot): Pick<DiagnoseInput, 'recorded'> {
  const sound = snapshot.findings.find(({ observation }) => observation === 'sound')
  return sound?.recorded && findingsOf(snapshot).sound === sound.value ? { recorded: sound.recorded } : {}
}

/** What the person set or struck by hand. */
function knownOf(snapshot: JobSnapshot): Pick<DiagnoseInput, 'known'> {
  if (snapshot.beliefs.length === 0) return {}
  const set = snapshot.beliefs.find((belief) => belief.stance === 'set')?.cause
  const strike = snapshot.beliefs.filter((belief) => belief.stance === 'struck').map((belief) => belief.cause)
  return { known: { strike, ...(set ? { set } : {}) } }
}

export const toolsOf = (household: HouseholdRow): ToolId[] =>
  household.tools.split(' ').filter(Boolean) as ToolId[]

export function ageOf(snapshot: JobSnapshot): number | null {
  const year = Number(/\d{4}/.exec(snapshot.machine.installedYear)?.[0])
  if (!Number.isFinite(year) || year < 1900) return null
  return Math.max(0, Number(snapshot.job.openedAt.slice(0, 4)) - year)
}

function plateFigures(snapshot: JobSnapshot): PlateFigures {
  const fan = typedValue(fieldText(snapshot, 'motor-old', 'capacitorUf'), 'uF')
  return {
    volts: supplyVolts(snapshot),
    controlVolts: controlVoltsOf(snapshot),
    ...(fan === null ? {} : { fanUf: fan }),
  }
}

/** The call of a battery-fed heater is the battery’s own 12 V; everywhere else 24 V is the trade’s control voltage. */
const controlVoltsOf = (snapshot: JobSnapshot): number =>
  isolationPlans[snapshot.machine.family].supply === 'battery' ? 12 : 24

export const diagnosisOf = oncePerSnapshot((snapshot): Diagnosis => diagnose(diagnoseInputOf(snapshot)))
