import { ListOf, MapOf, Num, OneOf } from '../input'
import { optionKinds } from '../knowledge/options'
import {
  type CauseId,
  causeIds,
  type FamilyId,
  familyIds,
  type MotorKindId,
  motorKindIds,
} from '../knowledge/vocabulary'
import type { OptionEdit } from './types'

class SuspectInput {
  @OneOf(causeIds) cause!: CauseId
  @Num({ min: 0, max: 1 }) probability!: number
}

const fields = ['cost', 'hours', 'chancePercent', 'years']

function editFault(key: string, value: unknown): string | null {
  if (!(optionKinds as readonly string[]).includes(key))
    return `"${key}" is not one of: ${optionKinds.join(', ')}`
  if (typeof value !== 'object' || value === null) return `${key} holds figures: ${fields.join(', ')}`
  for (const [field, figure] of Object.entries(value)) {
    if (!fields.includes(field)) return `${key}.${field} is not one of: ${fields.join(', ')}`
    if (typeof figure !== 'number' || !Number.isFinite(figure) || figure < 0)
      return `${key}.${field} must be a number of 0 or more`
    if (field === 'chancePercent' && figure > 100) return `${key}.chancePercent must be 100 at most`
  }
  return null
}

export class OptionsDto {
  @OneOf(familyIds) family!: FamilyId
  @OneOf(motorKindIds, { optional: true }) motorKind?: MotorKindId
  @Num({ optional: true, min: 0, max: 150 }) ageYears?: number
  @ListOf(() => SuspectInput, { atLeast: 1, atMost: 60 }) suspects!: SuspectInput[]
  @Num({ optional: true, min: 0 }) hourValue?: number
  @MapOf({ type: 'object' }, editFault, { optional: true, about: 'option → figures of your own' })
  edits?: Record<string, OptionEdit>
}
