import { ListOf, Num, OneOf, PlainList } from '../input'

const points = ['supply', 'call', 'contactor-drop', 'output', 'motor'] as const

class WalkReadingInput {
  @OneOf(points) point!: (typeof points)[number]
  @Num({ min: 0, max: 100_000 }) volts!: number
}

export class WalkDto {
  @ListOf(() => WalkReadingInput, { atMost: 20 }) readings!: WalkReadingInput[]
  @PlainList('number', { atLeast: 1 }) plateVolts!: number[]
}
