import { ListOf, Nested, Num, OneOf, PlainList, Text, TextOr } from '../input'
import { capacitorLooks } from './types'

export class ToleranceInput {
  @Num({ min: 0, max: 100 }) minus!: number
  @Num({ min: 0, max: 200 }) plus!: number
}

export class SectionInput {
  @Text({ max: 40, about: 'HERM, FAN, single, or the name of one of several' }) section!: string
  @Num({ above: 0, max: 10_000 }) uF!: number
  @Num({ optional: true, above: 0 }) minUf?: number
  @Num({ optional: true, above: 0 }) maxUf?: number
}

export class LabelInput {
  @ListOf(() => SectionInput, { atLeast: 1, atMost: 6 }) sections!: SectionInput[]
  @Nested(() => ToleranceInput, { optional: true }) tolerancePercent?: ToleranceInput
  @Num({ optional: true, above: 0, max: 2000 }) volts?: number
  @Num({ optional: true, above: 0, max: 5000, about: 'a figure for direct voltage alone' }) dcVolts?: number
  @OneOf(['run', 'start'], { optional: true }) duty?: 'run' | 'start'
}

class CapacitanceReadingInput {
  @Text({ max: 40, about: 'HERM, FAN, single, or the name of one of several' }) section!: string
  @Num({ nullable: true, min: 0, max: 100_000, about: 'µF; null: over-range or would not settle' }) uF!:
    | number
    | null
}

class CapacitanceMeterInput {
  @Num({ min: 0, max: 50 }) accuracyPercent!: number
  @Num({ min: 0, max: 1000 }) accuracyCounts!: number
  @Num({ above: 0, max: 100 }) resolutionUf!: number
  @Num({ optional: true, above: 0 }) maxUf?: number
}

export class CapacitorCheckDto {
  @OneOf(['check']) op!: 'check'
  @TextOr(() => LabelInput) label!: string | LabelInput
  @ListOf(() => CapacitanceReadingInput, { atMost: 50 }) readings!: CapacitanceReadingInput[]
  @Nested(() => CapacitanceMeterInput, { optional: true }) meter?: CapacitanceMeterInput
  @PlainList('string', { optional: true, values: capacitorLooks }) look?: (typeof capacitorLooks)[number][]
  @OneOf(['label-limit', 'ten-percent'], { optional: true }) school?: 'label-limit' | 'ten-percent'
}

export class CapacitorLoadDto {
  @OneOf(['load']) op!: 'load'
  @Num({ min: 0, about: 'rms current in the capacitor lead' }) amps!: number
  @Num({ above: 0, about: 'rms volts across the capacitor' }) volts!: number
  @Num({ above: 0 }) hz!: number
}

export class CapacitorDischargeDto {
  @OneOf(['discharge']) op!: 'discharge'
  @Num({ above: 0 }) uF!: number
  @Num({ above: 0, about: 'label volts AC' }) acVolts!: number
  @Num({ above: 0 }) resistorOhm!: number
  @Num({ optional: true, above: 0 }) safeVolts?: number
}

class CombineSectionInput {
  @Text({ max: 100 }) terminal!: string
  @Num({ above: 0 }) uF!: number
}

class CombineTargetInput {
  @Text({ max: 100 }) name!: string
  @Num({ above: 0 }) uF!: number
  @Num({ min: 0 }) tolerancePercent!: number
}

export class CapacitorCombineDto {
  @OneOf(['combine']) op!: 'combine'
  @ListOf(() => CombineSectionInput, { atLeast: 1 }) sections!: CombineSectionInput[]
  @ListOf(() => CombineTargetInput, { atLeast: 1 }) targets!: CombineTargetInput[]
}
