import { ListOf, Nested, Num } from '../input'

class DriftReadingInput {
  @Num({ about: 'years since any fixed day' }) years!: number
  @Num({ min: 0 }) uF!: number
}

class DriftWindowInput {
  @Num({ min: 0 }) lowUf!: number
  @Num({ above: 0 }) highUf!: number
}

export class DriftDto {
  @ListOf(() => DriftReadingInput, { atLeast: 2, atMost: 1000 }) readings!: DriftReadingInput[]
  @Nested(() => DriftWindowInput) window!: DriftWindowInput
}
