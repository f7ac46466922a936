import { Flag, ListOf, Nested, Num, OneOf, PairList, PlainList, Text } from '../input'
import { type MotorKindId, motorKindIds } from '../knowledge/vocabulary'
import { type WindingVerdict, windingVerdicts } from '../winding'
import type { WiringRole } from './types'

const some = { optional: true } as const
const id = { max: 60 } as const

class SupplyInput {
  @Num({ above: 0, max: 1000 }) volts!: number
  @Num({ above: 0, max: 1000 }) hz!: number
  @PlainList('string', { atLeast: 2, atMost: 2 }) lines!: [string, string]
}

class SpeedTerminalInput {
  @Text(id) terminal!: string
  @Text({ ...some, ...id }) lead?: string
}

class ControlInput {
  @OneOf(['contactor', 'board', 'switch']) kind!: 'contactor'
  @Num({ ...some, min: 1, max: 4 }) poles?: number
  @PlainList('string', { atLeast: 2, atMost: 2 }) loadTerminals!: [string, string]
  @ListOf(() => SpeedTerminalInput, { ...some, atMost: 10 }) speedTerminals?: SpeedTerminalInput[]
  @PlainList('string', { ...some, atMost: 10 }) parkTerminals?: string[]
}

class CapacitorInput {
  @OneOf(['dual', 'single', 'none', 'internal']) kind!: 'dual'
  @Num({ ...some, above: 0, max: 1000 }) uF?: number
  @Num({ ...some, above: 0, max: 1000 }) hermUf?: number
  @PlainList('string', { ...some, atMost: 3 }) terminals!: string[]
  @Text({ ...some, ...id }) commonTiedTo?: string
}

class OldLandingInput {
  @Text(id) lead!: string
  @Text(id) terminal!: string
}

class LeadInput {
  @Text(id) id!: string
  @OneOf(['common', 'run', 'start', 'capacitor-return', 'tap', 'reverse-a', 'reverse-b', 'ground'])
  role!: WiringRole
  @Text({ ...some, ...id }) twinOf?: string
  @Num({ ...some, above: 0, max: 100_000 }) rpm?: number
}

class TapInput {
  @Text(id) lead!: string
  @Num({ above: 0, max: 1e6, about: 'Ω from the run lead on' }) ohm!: number
}

class WindingsInput {
  @Num({ above: 0, max: 1e6 }) runOhm!: number
  @Num({ above: 0, max: 1e6 }) startOhm!: number
  @Num({ ...some, min: 0, max: 1e6 }) runX?: number
  @Num({ ...some, min: 0, max: 1e6 }) startX?: number
  @ListOf(() => TapInput, { ...some, atMost: 8 }) taps?: TapInput[]
}

class TreeNodeInput {
  @Text(id) id!: string
  @PlainList('string', { ...some, atMost: 10 }) leads!: string[]
  @Flag(some) hidden!: boolean
}

class TreeSegmentInput {
  @Text(id) from!: string
  @Text(id) to!: string
  @Num({ nullable: true, min: 0, max: 1e6, about: 'Ω; null: open' }) ohm!: number | null
}

class TreeInput {
  @ListOf(() => TreeNodeInput, { atLeast: 2, atMost: 20 }) nodes!: TreeNodeInput[]
  @ListOf(() => TreeSegmentInput, { atLeast: 1, atMost: 20 }) segments!: TreeSegmentInput[]
}

class MotorWiringInput {
  @ListOf(() => LeadInput, { atLeast: 2, atMost: 14 }) leads!: LeadInput[]
  @Nested(() => WindingsInput, some) windings?: WindingsInput
  @OneOf(motorKindIds, some) kind?: MotorKindId
  @Num({ ...some, above: 0, max: 1000 }) volts?: number
  @Num({ ...some, above: 0, max: 1000 }) needsUf?: number
  @Text({ ...some, ...id }) speedWanted?: string
  @Nested(() => TreeInput, {
    ...some,
    about: 'as `winding` answers it; circuit and roles come from it alone',
  })
  tree?: TreeInput
  @OneOf(windingVerdicts, some) verdict?: WindingVerdict
  @PairList({ ...some, atMost: 45 }) readAgain?: [string, string][]
  @Flag({ ...some, about: 'the plate lands the reversing leads on terminals' }) plateDiagram?: boolean
}

class ConnectionInput {
  @Text(id) lead!: string
  @Text(id) to!: string
}

export class WiringDto {
  @OneOf(['plan', 'check']) op!: 'plan' | 'check'
  @Nested(() => SupplyInput) supply!: SupplyInput
  @Nested(() => ControlInput) control!: ControlInput
  @Nested(() => CapacitorInput) capacitor!: CapacitorInput
  @ListOf(() => OldLandingInput, { ...some, atMost: 14 }) oldLandings?: OldLandingInput[]
  @Nested(() => MotorWiringInput) motor!: MotorWiringInput
  @Flag({ ...some, about: 'the plate lands the reversing leads on terminals' }) plateDiagram?: boolean
  @OneOf(['CW', 'CCW'], some) rotationWanted?: 'CW' | 'CCW'
  @OneOf(['CW', 'CCW'], some) rotationNow?: 'CW' | 'CCW'
  @ListOf(() => ConnectionInput, { ...some, atMost: 20 }) connections?: ConnectionInput[]
}
