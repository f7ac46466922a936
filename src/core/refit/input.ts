import { Flag, ListOf, Nested, Num, OneOf, PlainList, Text } from '../input'
import {
  type LineAction,
  lineActions,
  type SealPlace,
  type SwitchKind,
  sealPlaces,
  switchKinds,
} from './types'

const some = { optional: true } as const

class RenewInput {
  @Text({ max: 200 }) material!: string
  @Num({ ...some, min: 0, max: 1000 }) cureHours?: number
}

class AmountInput {
  @Num({ min: -1e6, max: 1e6 }) value!: number
  @Text({ max: 40 }) unit!: string
}

class WorkInput {
  @Text({ max: 60 }) kind!: string
  @Text({ max: 500 }) text!: string
  @Text({ ...some, max: 500 }) part?: string
}

class RefitStepInput {
  @Text({ max: 200 }) id!: string
  @OneOf(lineActions) action!: LineAction
  @Text({ max: 500 }) part!: string
  @Num({ ...some, min: 0, max: 1000 }) count?: number
  @Text({ ...some, max: 200 }) fastener?: string
  @Text({ ...some, max: 100 }) cup?: string
  @Text({ ...some, max: 200 }) terminal?: string
  @Text({ ...some, max: 500 }) mark?: string
  @Flag(some) movesToNewPart?: boolean
  @Nested(() => RenewInput, some) renew?: RenewInput
  @OneOf(sealPlaces, some) sealAt?: SealPlace
  @Text({ ...some, max: 200 }) seals?: string
  @PlainList('string', some) after?: string[]
  @Flag(some) temporary?: boolean
  @Flag(some) extra?: boolean
  @OneOf(switchKinds, some) switch?: SwitchKind
  @Nested(() => AmountInput, some) amount?: AmountInput
  @Text({ ...some, max: 500, about: 'the part whose place a measure or mark tells' }) of?: string
}

class BackMoveInput {
  @Text({ max: 200 }) from!: string
  @Text({ max: 200, about: 'the line it goes behind; empty: first' }) after!: string
}

export class RefitDto {
  @ListOf(() => RefitStepInput, { atMost: 2000 }) steps!: RefitStepInput[]
  @Text({ ...some, max: 500 }) replaced?: string
  @ListOf(() => WorkInput, { ...some, atMost: 100 }) work?: WorkInput[]
  @ListOf(() => BackMoveInput, { ...some, atMost: 2000 }) moves?: BackMoveInput[]
}
