import { Nested, Num, PlainList, Text } from '../../input'

class BearingSizesInput {
  @Num({ min: 3, max: 60 }) balls!: number
  @Num({ above: 0, max: 200 }) ballMm!: number
  @Num({ above: 0, max: 1000, about: 'mm of the circle on which the balls run' }) pitchMm!: number
  @Num({ optional: true, min: 0, max: 60 }) contactDegrees?: number
}

export class SoundDto {
  @Text({ max: 1000 }) file!: string
  @Num({ min: 50, max: 60, about: '50 or 60' }) lineHz!: number
  @Num({ optional: true, min: 1, max: 200 }) blades?: number
  @PlainList('number', { optional: true, atMost: 8 }) plateRpm?: number[]
  @Nested(() => BearingSizesInput, { optional: true }) bearing?: BearingSizesInput
  @Text({ optional: true, max: 1000 }) before?: string
}
