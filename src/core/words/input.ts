import { OneOf, PlainList, Text } from '../input'
import { type FamilyId, familyIds } from '../knowledge/vocabulary'

const some = { optional: true } as const

export class LedgerDto {
  @Text({ max: 2000 }) text!: string
  @PlainList('string', { ...some, atMost: 60 }) terminals?: string[]
  @PlainList('string', { ...some, atMost: 60 }) cups?: string[]
}

export class NoticeDto {
  @Text({ max: 4000 }) text!: string
  @OneOf(familyIds, some) family?: FamilyId
}
