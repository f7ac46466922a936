import { Nested, Num } from '../input'

const some = { optional: true } as const

export class ImpedanceInput {
  @Num({ min: 0 }) r!: number
  @Num({ min: 0 }) x!: number
}

export class AuxInput extends ImpedanceInput {
  @Num({ above: 0, max: 20 }) turnsRatio!: number
}

class FanInput {
  @Num({ min: 0 }) torqueAtNm!: number
  @Num({ above: 0 }) rpm!: number
}

/** Impedances alone, as a circuit element uses them. */
export class MotorDataInput {
  @Nested(() => ImpedanceInput) main!: ImpedanceInput
  @Nested(() => AuxInput, some) aux?: AuxInput
  @Nested(() => ImpedanceInput) rotor!: ImpedanceInput
  @Num({ above: 0 }) xm!: number
}

export class MotorDto extends MotorDataInput {
  @Num({ min: 2, max: 48 }) poles!: number
  @Num({ above: 0, max: 1000 }) volts!: number
  @Num({ above: 0, max: 1000 }) hz!: number
  @Num({ ...some, above: 0 }) capacitorUf?: number
  @Num({ ...some, min: 0 }) coreWatts?: number
  @Num({ ...some, min: 0 }) frictionWatts?: number
  @Num({ ...some, min: 0, max: 2 }) slip?: number
  @Nested(() => FanInput, some) fan?: FanInput
  @Num({ ...some, min: 0 }) stictionNm?: number
}
