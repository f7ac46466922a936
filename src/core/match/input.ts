import { SectionInput, ToleranceInput } from '../capacitor/input'
import { Flag, ListOf, MapOf, Nested, Num, OneOf, PlainList, Text } from '../input'
import { type MotorKindId, motorKindIds } from '../knowledge/vocabulary'

const positions = ['shaft-up', 'shaft-down', 'horizontal'] as const
const some = { optional: true } as const

class RotationInput {
  @OneOf(['CW', 'CCW'], some) direction?: 'CW' | 'CCW'
  @OneOf(['shaft-end', 'lead-end'], some) viewedFrom?: 'shaft-end' | 'lead-end'
  @Flag(some) reversible?: boolean
}

class NeededCapacitorInput {
  @Num({ above: 0 }) uF!: number
  @Num({ ...some, above: 0 }) volts?: number
}

class ShaftInput {
  @Num({ ...some, above: 0 }) diameterMm?: number
  @Num({ ...some, min: 0 }) lengthMm?: number
  @Num({ ...some, min: 0, max: 8 }) flats?: number
  @Num({ ...some, min: 1, max: 2 }) ends?: number
  @Num({ ...some, min: 0 }) secondLengthMm?: number
}

class MountInput {
  @OneOf(['stud', 'belly-band', 'lug', 'base', 'bracket'], some) type?:
    | 'stud'
    | 'belly-band'
    | 'lug'
    | 'base'
    | 'bracket'
  @Num({ ...some, above: 0 }) boltCircleMm?: number
  @Num({ ...some, min: 0 }) studLengthMm?: number
}

class MotorBody {
  @Text({ ...some, max: 200 }) manufacturer?: string
  @Text({ ...some, max: 200 }) partNumber?: string
  @PlainList('string', some) replaces?: string[]
  @OneOf(motorKindIds, some) motorKind?: MotorKindId
  @PlainList('number', some) voltages?: number[]
  @PlainList('number', some) hz?: number[]
  @Num({ ...some, min: 1, max: 3 }) phase?: number
  @Num({ ...some, above: 0, max: 100 }) hp?: number
  @PlainList('number', some) rpm?: number[]
  @Num({ ...some, min: 1, max: 20 }) speeds?: number
  @Num({ ...some, min: 0 }) amps?: number
  @Nested(() => RotationInput, some) rotation?: RotationInput
  @Nested(() => NeededCapacitorInput, { ...some, nullable: true }) capacitor?: NeededCapacitorInput | null
  @Num({ ...some, above: 0 }) diameterMm?: number
  @Num({ ...some, above: 0 }) bodyLengthMm?: number
  @Nested(() => ShaftInput, some) shaft?: ShaftInput
  @Nested(() => MountInput, some) mount?: MountInput
  @OneOf(['open', 'air-over', 'enclosed'], some) enclosure?: 'open' | 'air-over' | 'enclosed'
  @OneOf(['ball', 'sleeve'], some) bearing?: 'ball' | 'sleeve'
  @PlainList('string', { ...some, values: positions }) positions?: (typeof positions)[number][]
  @Num({ ...some, min: -60, max: 300 }) ambientCelsius?: number
  @Text({ ...some, max: 4 }) insulationClass?: string
  @Num({ ...some, min: 0 }) leadLengthMm?: number
  @Text({ ...some, max: 200 }) connector?: string
  @Flag(some) unique?: boolean
  @Num({ ...some, min: 0 }) price?: number
  @Num({ ...some, above: 0 }) outputWatts?: number
  @Num({ ...some, above: 0 }) inputWatts?: number
}

export class OldMotorInput extends MotorBody {
  @Text({ ...some, max: 200 }) id!: string
}

export class MotorSpecInput extends MotorBody {
  @Text({ max: 200 }) id!: string
}

export class MatchMotorDto {
  @OneOf(['motor']) op!: 'motor'
  @Nested(() => OldMotorInput) old!: OldMotorInput
  @ListOf(() => MotorSpecInput, { atMost: 200_000 }) candidates!: MotorSpecInput[]
  @OneOf(positions, some) position?: (typeof positions)[number]
  @Flag(some) outdoors?: boolean
  @Num({ ...some, min: 0 }) controlAmps?: number
  @Num({ ...some, above: 0 }) supplyVolts?: number
  @Num({ ...some, min: 1, max: 20 }) speedsUsed?: number
  @Num({ ...some, min: 0 }) limit?: number
}

class TemperatureInput {
  @Num({ ...some, min: -100, max: 300 }) min?: number
  @Num({ ...some, min: -100, max: 300 }) max?: number
}

class MultiSectionInput {
  @Text({ max: 60 }) terminal!: string
  @Num({ above: 0 }) uF!: number
}

class CapacitorBody {
  @Num({ ...some, above: 0 }) volts?: number
  @OneOf(['run', 'start'], some) duty?: 'run' | 'start'
  @Nested(() => ToleranceInput, some) tolerancePercent?: ToleranceInput
  @Num({ ...some, above: 0 }) diameterMm?: number
  @Num({ ...some, above: 0 }) heightMm?: number
  @OneOf(['round', 'oval'], some) shape?: 'round' | 'oval'
  @MapOrNumber() tabs?: number | Record<string, number>
  @Nested(() => TemperatureInput, some) temperatureCelsius?: TemperatureInput
  @Text({ ...some, max: 40 }) safetyClass?: string
}

class OldCapacitorInput extends CapacitorBody {
  @ListOf(() => SectionInput, { atLeast: 1, atMost: 6 }) sections!: SectionInput[]
}

export class CapSpecInput extends CapacitorBody {
  @Text({ max: 200 }) id!: string
  @ListOf(() => SectionInput, { ...some, atMost: 6 }) sections?: SectionInput[]
  @ListOf(() => MultiSectionInput, { ...some, atMost: 12 }) multi?: MultiSectionInput[]
  @Text({ ...some, max: 200 }) manufacturer?: string
  @Text({ ...some, max: 200 }) partNumber?: string
  @Num({ ...some, min: 0 }) price?: number
}

export class MatchCapacitorDto {
  @OneOf(['capacitor']) op!: 'capacitor'
  @Nested(() => OldCapacitorInput) old!: OldCapacitorInput
  @Nested(() => NeededCapacitorInput, some) motorNeeds?: NeededCapacitorInput
  @ListOf(() => CapSpecInput, { atMost: 200_000 }) candidates!: CapSpecInput[]
  @Num({ ...some, min: 0 }) limit?: number
}

export class AskMotorDto {
  @OneOf(['ask']) op!: 'ask'
  @OneOf(['motor']) of!: 'motor'
  @Nested(() => OldMotorInput) old!: OldMotorInput
  @OneOf(positions, some) position?: (typeof positions)[number]
  @Flag(some) outdoors?: boolean
  @Num({ ...some, min: 0 }) controlAmps?: number
  @Num({ ...some, above: 0 }) supplyVolts?: number
  @Num({ ...some, min: 1, max: 20 }) speedsUsed?: number
}

export class AskCapacitorDto {
  @OneOf(['ask']) op!: 'ask'
  @OneOf(['capacitor']) of!: 'capacitor'
  @Nested(() => OldCapacitorInput) old!: OldCapacitorInput
  @Nested(() => NeededCapacitorInput, some) motorNeeds?: NeededCapacitorInput
}

/** Tabs in all, or per terminal. */
function MapOrNumber() {
  return MapOf(
    { type: 'number' },
    (key, value) => (typeof value === 'number' && value >= 0 ? null : `${key} must be a number of tabs`),
    { optional: true, orNumber: true },
  )
}
