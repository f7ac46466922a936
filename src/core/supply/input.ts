import { ListOf, Nested, Num, OneOf, PlainList, Text } from '../input'

const points = ['supply', 'call', 'contactor-drop', 'output', 'motor'] as const

class WalkReadingInput {
  @OneOf(points) point!: (typeof points)[number]
  @Num({ min: 0, max: 100_000 }) volts!: number
}

export class WalkDto {
  @ListOf(() => WalkReadingInput, { atMost: 20 }) readings!: WalkReadingInput[]
  @PlainList('number', { atLeast: 1 }) plateVolts!: number[]
}

class LegReadingInput {
  @OneOf(['supply', 'output'] as const) at!: 'supply' | 'output'
  @Text({ max: 20 }) pair!: string
  @Num({ min: 0, max: 100_000 }) volts!: number
}

class BetweenInput {
  @Num({ optional: true, min: 0, max: 100_000 }) supply?: number
  @Num({ optional: true, min: 0, max: 100_000 }) output?: number
}

export class LegsDto {
  @PlainList('string', { atLeast: 2 }) lives!: string[]
  @ListOf(() => LegReadingInput, { atMost: 20 }) readings!: LegReadingInput[]
  @Nested(() => BetweenInput, { optional: true }) between?: BetweenInput
  @PlainList('number', { atLeast: 1 }) plateVolts!: number[]
}
