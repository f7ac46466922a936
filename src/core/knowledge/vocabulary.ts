import raw from './vocabulary.json' with { type: 'json' }

export const vocabulary = raw

export type FamilyId = keyof typeof raw.families
export type MotorKindId = keyof typeof raw.motorKinds
export type CauseId = keyof typeof raw.causes
export type ObservationId = keyof typeof raw.observations
export type IsolationPointId = keyof typeof raw.isolationPoints
export type ToolId = keyof typeof raw.tools
export type EnergyState = keyof typeof raw.energyStates
export type StopRuleId = keyof typeof raw.stopRules
export type ActionId = (typeof raw.causes)[CauseId]['action']

const keys = <T extends object>(of: T) => Object.keys(of) as (keyof T & string)[]

export const familyIds = keys(raw.families) as FamilyId[]
export const motorKindIds = keys(raw.motorKinds) as MotorKindId[]
export const causeIds = keys(raw.causes) as CauseId[]
export const observationIds = keys(raw.observations) as ObservationId[]
export const stopRuleIds = keys(raw.stopRules) as StopRuleId[]
export const isolationPointIds = keys(raw.isolationPoints) as IsolationPointId[]
export const toolIds = keys(raw.tools) as ToolId[]

interface ObservationInfo {
  label: string
  values: string[]
  measure?: string
}

export const observationInfo = (id: ObservationId): ObservationInfo => raw.observations[id] as ObservationInfo
/** The part of a machine that a cause belongs to. */
export type CauseGroup = (typeof raw.causes)[CauseId]['group']
export const causeInfo = (id: CauseId) => raw.causes[id]
export const familyLabel = (id: FamilyId): string => raw.families[id].label
export const isFamily = (id: string): id is FamilyId => Object.hasOwn(raw.families, id)
export const isObservation = (id: string): id is ObservationId => Object.hasOwn(raw.observations, id)
export const isStopRule = (id: string): id is StopRuleId => Object.hasOwn(raw.stopRules, id)
export const isCause = (id: string): id is CauseId => Object.hasOwn(raw.causes, id)
