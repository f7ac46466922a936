import { ListOf, Num, OneOf, Text } from '../../input'
import { familyIds, motorKindIds } from '../../knowledge/vocabulary'
import { foundHow } from '../found'
import { fittedKinds, itemStates, measuredKinds } from '../rows'

const some = { optional: true } as const
const id = () => Text({ max: 40 })
const short = (more: { optional?: boolean } = {}) => Text({ max: 200, ...more })
const day = (more: { optional?: boolean } = {}) => Text({ max: 10, ...more })
const note = () => Text({ max: 2000, ...some })

/** What can be said of a machine; a field that is left out stays as it is. */
export class MachineFields {
  @short(some) name?: string
  @short(some) place?: string
  @OneOf(familyIds, some) family?: string
  /** Empty: nobody knows. */
  @OneOf(['', ...motorKindIds], some) motorKind?: string
  @short(some) manufacturer?: string
  @short(some) modelNumber?: string
  @short(some) serialNumber?: string
  @short(some) installedYear?: string
  @short(some) circuit?: string
  @OneOf(foundHow, some) circuitFound?: string
  @note() note?: string
  @day(some) nextLook?: string
  /** A kept photo of its own label, by its hash. */
  @Text({ ...some, max: 64 }) picture?: string
  /** As typed, in the household's own money. */
  @Text({ ...some, max: 40 }) dayWithout?: string
}

export class MachineAdd extends MachineFields {
  @OneOf(familyIds) declare family: string
}
export class MachineChange extends MachineFields {
  @id() id!: string
}
export class MachineRetire {
  @id() id!: string
  @day() at!: string
  @short(some) why?: string
}
export class OneId {
  @id() id!: string
}
export class MachineMerge {
  @id() id!: string
  @id() into!: string
}

export class FittedPut {
  /** Left out, the part is new. */
  @Text({ ...some, max: 40 }) id?: string
  @id() machineId!: string
  @OneOf(fittedKinds) what!: string
  @short() name!: string
  @short(some) figures?: string
  @day(some) since?: string
  @short(some) boughtFrom?: string
  @day(some) warrantyUntil?: string
}
export class FittedGone {
  @id() id!: string
  @day() at!: string
}

export class MeasuredInput {
  @OneOf(measuredKinds) what!: string
  @Text({ ...some, max: 20 }) section?: string
  /** As it was read, with or without its unit. */
  @Text({ max: 40 }) typed!: string
  /** A day, or an instant in UTC; now where it is left out. */
  @Text({ ...some, max: 30 }) at?: string
  @Text({ ...some, max: 300 }) note?: string
}
export class ReadingsAdd {
  @id() machineId!: string
  @ListOf(() => MeasuredInput, { atLeast: 1, atMost: 2000 }) readings!: MeasuredInput[]
  @OneOf(['typed', 'list'], some) source?: 'typed' | 'list'
  @OneOf([0, 1], some) normal?: 0 | 1
}
export class ReadingStrike {
  @id() id!: string
  @id() machineId!: string
}
export class SoundKeep {
  @id() machineId!: string
  @short() name!: string
  @Text({ max: 6000 }) analysis!: string
}

export class BreakerPut {
  @Text({ ...some, max: 40 }) id?: string
  @Text({ max: 100 }) name!: string
  /** As printed on the handle. */
  @Text({ ...some, max: 20 }) amps?: string
  @note() note?: string
}
export class LoadPut {
  @id() breakerId!: string
  @short() name!: string
  @OneOf(foundHow) found!: string
}

export class ChosenItem {
  @id() machineId!: string
  @Text({ max: 60 }) task!: string
}
export class RoundBegin {
  @short() name!: string
  @ListOf(() => ChosenItem, { atMost: 500 }) items!: ChosenItem[]
}
export class RoundTick {
  @id() id!: string
  @OneOf(itemStates) state!: 'open' | 'done' | 'found' | 'left'
  @note() note?: string
}
export class RoundJob {
  @id() id!: string
  @id() jobId!: string
}

export class SparePut {
  @id() id!: string
  @short(some) place?: string
  @Text({ ...some, max: 40 }) price?: string
  @day(some) boughtAt?: string
  @Num({ ...some, min: 0, max: 999 }) least?: number
}
export class SpareCount {
  @id() id!: string
  @Num({ min: 0, max: 9999 }) count!: number
}
export class SpareUse {
  @id() partId!: string
  @id() machineId!: string
  @Text({ ...some, max: 40 }) jobId?: string
}

export class GuestAdd {
  @short() name!: string
  @OneOf(['read-record', 'tick-round']) may!: 'read-record' | 'tick-round'
  @id() target!: string
  @day() until!: string
  /** SHA-256 of the secret part of the address, which is shown once and not kept. */
  @Text({ max: 64 }) secret!: string
}
