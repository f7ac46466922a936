import { PlainList, Text } from '../input'

const some = { optional: true } as const

export class LedgerDto {
  @Text({ max: 2000 }) text!: string
  @PlainList('string', { ...some, atMost: 60 }) terminals?: string[]
  @PlainList('string', { ...some, atMost: 60 }) cups?: string[]
}
