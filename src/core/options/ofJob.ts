import { ageOf, diagnosisOf, fieldText, type JobSnapshot, oncePerSnapshot } from '../job'
import { causeInfo } from '../knowledge/vocabulary'
import { typedValue } from '../units/parseTyped'
import {
  actionOfOption,
  causeOfOption,
  compareOptions,
  type OptionEdit,
  type OptionKind,
  type OptionsInput,
  type OptionsResult,
  optionKinds,
} from '.'

/** Where the figures of one option are kept among the fields of a job. */
export const optionPart = (kind: OptionKind): string => `option-${kind}`

const fields = {
  cost: 'money',
  hours: 'hours',
  chancePercent: 'percent',
  years: 'years',
} as const satisfies Record<keyof OptionEdit, string>

export const optionFields = Object.keys(fields) as (keyof OptionEdit)[]
export const quantityOfOption = fields

export function optionsInputOf(snapshot: JobSnapshot): OptionsInput {
  const age = ageOf(snapshot)
  const hourValue = typedValue(fieldText(snapshot, 'options', 'hourValue'), 'money')
  const edits: OptionsInput['edits'] = {}
  for (const kind of optionKinds) {
    const edit: OptionEdit = {}
    for (const field of optionFields) {
      const value = typedValue(fieldText(snapshot, optionPart(kind), field), fields[field])
      if (value !== null && !(field === 'chancePercent' && value > 100)) edit[field] = value
    }
    if (Object.keys(edit).length > 0) edits[kind] = edit
  }
  return {
    family: snapshot.machine.family,
    ...(snapshot.machine.motorKind ? { motorKind: snapshot.machine.motorKind } : {}),
    ...(age === null ? {} : { ageYears: age }),
    suspects: diagnosisOf(snapshot).suspects.map(({ cause, probability }) => ({ cause, probability })),
    ...(hourValue === null ? {} : { hourValue }),
    edits,
  }
}

/** Options of a job with the person's own figures where typed. */
export const optionsOf = oncePerSnapshot(
  (snapshot): OptionsResult => compareOptions(optionsInputOf(snapshot)),
)

/** What choosing an option decides: the cause that it mends, what is done, and whether that is what the findings point to. */
export function decisionBy(snapshot: JobSnapshot, kind: OptionKind) {
  const { suspects, decided } = diagnosisOf(snapshot)
  const cause = causeOfOption(kind, optionsInputOf(snapshot)) ?? suspects[0]?.cause
  if (!cause) return null
  const lead = decided?.action ?? (suspects[0] ? causeInfo(suspects[0].cause).action : '')
  return {
    cause,
    action: actionOfOption(kind, cause),
    option: kind,
    agreed: causeInfo(cause).action === lead,
    probability: suspects.find((suspect) => suspect.cause === cause)?.probability ?? 0,
  }
}
