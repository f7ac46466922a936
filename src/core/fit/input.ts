import { Nested, Num, OneOf } from '../input'

const some = { optional: true } as const

class OldShaftInput {
  @Num({ min: -1000, max: 5000 }) mountToFaceMm!: number
  @Num({ min: -1000, max: 5000 }) faceToHubMm!: number
}

class NewShaftInput {
  @Num({ min: -1000, max: 5000 }) mountToFaceMm!: number
  @Num({ min: 0, max: 5000 }) shaftLengthMm!: number
  @Num({ ...some, min: 0, max: 5000 }) flatLengthMm?: number
}

export class FitShaftDto {
  @OneOf(['shaft']) op!: 'shaft'
  @Nested(() => OldShaftInput) old!: OldShaftInput
  @Nested(() => NewShaftInput) new!: NewShaftInput
  @Num({ above: 0, max: 1000 }) hubGripMm!: number
  @Num({ ...some, min: 0, max: 1000 }) shaftEndClearanceMm?: number
}

export class FitBearingDto {
  @OneOf(['bearing']) op!: 'bearing'
  @Num({ ...some, above: 0 }) boreMm?: number
  @Num({ ...some, above: 0 }) outerMm?: number
  @Num({ ...some, above: 0 }) widthMm?: number
  @Num({ ...some, above: 0 }) shaftMm?: number
  @Num({ ...some, above: 0 }) measuredBoreMm?: number
}

export class FitWheelDto {
  @OneOf(['wheel']) op!: 'wheel'
  @Num({ above: 0 }) housingInsideMm!: number
  @Num({ above: 0 }) wheelWidthMm!: number
  @Num({ min: -1000 }) hubOffsetMm!: number
}

export class SwapSpeedDto {
  @OneOf(['swap-speed']) op!: 'swap-speed'
  @Num({ above: 0 }) oldRpm!: number
  @Num({ above: 0 }) newRpm!: number
  @Num({ above: 0, about: 'of the old motor' }) hp!: number
}
