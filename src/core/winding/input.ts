import { Flag, ListOf, Nested, Num, OneOf, PairList, PlainList, Text } from '../input'
import { type MotorKindId, motorKindIds } from '../knowledge/vocabulary'

class PairInput {
  @Text({ max: 60 }) a!: string
  @Text({ max: 60 }) b!: string
  @Num({ nullable: true, min: 0, max: 1e9, about: 'Ω as the meter showed it; null: over-range' }) ohm!:
    | number
    | null
}

class FrameInput {
  @Text({ max: 60 }) lead!: string
  @Num({ nullable: true, min: 0, max: 1e12 }) ohm!: number | null
}

export class OhmMeterInput {
  @Num({ min: 0, max: 50 }) accuracyPercent!: number
  @Num({ min: 0, max: 1000 }) accuracyCounts!: number
  @Num({ above: 0, max: 1000 }) resolutionOhm!: number
}

class WindingPlateInput {
  @Num({ above: 0, max: 1000, about: 'V of the plate' }) volts!: number
  @Num({ above: 0, max: 200, about: 'A of the plate at its highest speed' }) amps!: number
}

export class WindingDto {
  @PlainList('string', { atLeast: 2, atMost: 10 }) leads!: string[]
  @ListOf(() => PairInput, { atMost: 200 }) pairs!: PairInput[]
  @ListOf(() => FrameInput, { optional: true, atMost: 20 }) toFrame?: FrameInput[]
  @Num({ optional: true, min: 0, max: 20 }) leadOffsetOhm?: number
  @Nested(() => OhmMeterInput, { optional: true }) meter?: OhmMeterInput
  @Num({ optional: true, min: -40, max: 300 }) windingCelsius?: number
  @Nested(() => WindingPlateInput, { optional: true }) plate?: WindingPlateInput
  @Flag({ optional: true }) caseTooHot?: boolean
  @OneOf(motorKindIds, { optional: true }) motorKind?: MotorKindId
  @PairList({ optional: true, atMost: 20 }) joined?: [string, string][]
}
