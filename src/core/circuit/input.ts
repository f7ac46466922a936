import { Flag, ListOf, Nested, Num, OneOf, PlainList, Text } from '../input'
import { MotorDataInput } from '../motor/input'

const some = { optional: true } as const

class ElementInput {
  @Text({ max: 100 }) id!: string
  @OneOf(['source', 'resistor', 'inductor', 'capacitor', 'switch', 'motor']) kind!: 'source'
  @PlainList('string', { atLeast: 2, atMost: 4 }) nodes!: string[]
  @Num({ ...some, about: 'V rms, Ω, H or F, by kind' }) value?: number
  @Num(some) degrees?: number
  @Flag(some) closed?: boolean
  @Nested(() => MotorDataInput, some) motor?: MotorDataInput
  @Num({ ...some, min: -2, max: 2 }) slip?: number
}

export class CircuitDto {
  @Num({ above: 0, max: 10_000 }) hz!: number
  @Text({ max: 100 }) reference!: string
  @ListOf(() => ElementInput, { atLeast: 1, atMost: 500 }) elements!: ElementInput[]
}
