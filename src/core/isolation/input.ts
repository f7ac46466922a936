import { Num, OneOf } from '../input'
import { type FamilyId, familyIds, type MotorKindId, motorKindIds } from '../knowledge/vocabulary'

export class IsolationDto {
  @OneOf(familyIds) family!: FamilyId
  @OneOf(motorKindIds, { optional: true }) motorKind?: MotorKindId
  @OneOf(['north-america', 'europe'], { optional: true }) region?: 'north-america' | 'europe'
  @Num({ optional: true, min: 1, max: 4, about: 'circuits that feed the housing' }) feeds?: number
}
