import { parseCapacitorLabel } from '../../capacitor'
import { classIn } from '../../capacitor/safetyClass'
import { isCoreError } from '../../errors'
import { catalogueCapacitors } from '../../knowledge/catalogue/capacitors'
import { catalogueMotors } from '../../knowledge/catalogue/motors'
import type { CapSpec, MotorSpec } from '../../match'
import { motorSpecFrom, typedOver } from '../../match/motorData'
import { capacitorName, motorName } from '../../match/partWords'
import { sectionsOfLabel } from '../../match/sectionsOfLabel'
import { typedValue } from '../../units'
import { fieldText } from '../fields'
import type { CandidateRow, JobSnapshot } from '../rows'
import { candidatePart } from './candidateParts'
import { lengthsOf } from './oldPart'

export { candidatePart } from './candidateParts'

/** What a stored specification says; one that is damaged says nothing. */
function stored<T extends object>(row: CandidateRow): Partial<T> {
  try {
    const spec: unknown = JSON.parse(row.spec)
    return typeof spec === 'object' && spec !== null ? (spec as Partial<T>) : {}
  } catch {
    return {}
  }
}

/** A motor beside the old one, as it stood in its catalogue, with what the person typed over it. */
export function candidateMotor(snapshot: JobSnapshot, row: CandidateRow): MotorSpec {
  const typed = motorSpecFrom(
    row.id,
    (field) => fieldText(snapshot, candidatePart(row.id), field),
    lengthsOf(snapshot),
  )
  return { ...typedOver({ ...stored<MotorSpec>(row), id: row.id }, typed), id: row.id }
}

/** A capacitor beside the old one, likewise; null where its label says no capacitance yet. */
export function candidateCapacitor(snapshot: JobSnapshot, row: CandidateRow): CapSpec | null {
  const text = (field: string) => fieldText(snapshot, candidatePart(row.id), field)
  const kept = stored<CapSpec>(row)
  const size = {
    ...measured('diameterMm', text('diameterMm'), snapshot),
    ...measured('heightMm', text('heightMm'), snapshot),
    ...(text('shape') === 'round' || text('shape') === 'oval'
      ? { shape: text('shape') as CapSpec['shape'] }
      : {}),
  }
  const label = text('label').trim()
  if (label === '') return kept.sections || kept.multi ? ({ ...kept, ...size, id: row.id } as CapSpec) : null
  try {
    const read = parseCapacitorLabel(label)
    const { volts, duty, tolerancePercent } = read
    const printed = classIn(label)
    const { sections: _, multi: __, ...rest } = kept
    return {
      ...rest,
      ...size,
      id: row.id,
      ...sectionsOfLabel(read),
      duty,
      ...(volts === null ? {} : { volts }),
      ...(tolerancePercent === null ? {} : { tolerancePercent }),
      ...(printed ? { safetyClass: printed.printed } : {}),
    }
  } catch (error) {
    if (!isCoreError(error)) throw error
    return null
  }
}

function measured(key: string, typed: string, snapshot: JobSnapshot): object {
  const value = typedValue(typed, 'mm', lengthsOf(snapshot))
  return value === null ? {} : { [key]: value }
}

const chosenId = (snapshot: JobSnapshot, part: 'motor' | 'capacitor') => fieldText(snapshot, 'choice', part)

/** The candidate that was chosen, or a part of the shipped catalogue by its id; null where none is. */
export function chosenMotor(snapshot: JobSnapshot): MotorSpec | null {
  const id = chosenId(snapshot, 'motor')
  const row = snapshot.candidates.find((each) => each.id === id && each.part === 'motor')
  return row ? candidateMotor(snapshot, row) : (catalogueMotors.find((each) => each.id === id) ?? null)
}

/** The capacitor that was chosen, likewise. */
export function chosenCapacitor(snapshot: JobSnapshot): CapSpec | null {
  const id = chosenId(snapshot, 'capacitor')
  const row = snapshot.candidates.find((each) => each.id === id && each.part === 'capacitor')
  return row
    ? candidateCapacitor(snapshot, row)
    : (catalogueCapacitors.find((each) => each.id === id) ?? null)
}

/** Does the part come from the shipped catalogue of invented makers, itself or as a copy kept with the job? No shop has it. */
export function isMadeUp(snapshot: JobSnapshot, id: string): boolean {
  const ids = [id, snapshot.candidates.find((row) => row.id === id)?.ref]
  return [...catalogueMotors, ...catalogueCapacitors].some((each) => ids.includes(each.id))
}

/** How a part is called: its maker and number, the name that the person gave it, or the figures that are typed of it. */
export function partName(snapshot: JobSnapshot, spec: MotorSpec | CapSpec): string {
  const row = snapshot.candidates.find((each) => each.id === spec.id)
  return (
    [spec.manufacturer, spec.partNumber].filter(Boolean).join(' ') ||
    row?.name ||
    (isCapacitor(spec) ? capacitorName(spec) : motorName(spec)) ||
    'the part that was typed'
  )
}

const isCapacitor = (spec: MotorSpec | CapSpec): spec is CapSpec => 'sections' in spec || 'multi' in spec

/** The capacitors that were put beside the old one in this job, whole enough to be judged. */
export const keptCapacitors = (snapshot: JobSnapshot): CapSpec[] =>
  snapshot.candidates
    .filter(({ part }) => part === 'capacitor')
    .flatMap((row) => candidateCapacitor(snapshot, row) ?? [])
