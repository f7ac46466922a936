import type { CauseId, FamilyId, MotorKindId, ObservationId, ToolId } from './vocabulary'

/** P(value | cause) for the values worth naming; what is left over goes to the others in proportion to the leak. */
export type ValueShares = Record<string, number>
export type CauseLikelihoods = Partial<Record<ObservationId, ValueShares>>
export type LikelihoodTable = Partial<Record<CauseId, CauseLikelihoods>>

export type Risk = 'none' | 'dead' | 'live'

/** How an observation is made. */
export interface TestInfo {
  minutes: number
  risk: Risk
  /** Any one of these serves. */
  tools: ToolId[]
  /** What to do, in one or two sentences. */
  how: string
  /** Named hazard of a live test, in the place where it is done. */
  caution?: string
  families?: FamilyId[]
  notFamilies?: FamilyId[]
  kinds?: MotorKindId[]
  /** The test makes sense only once one of these findings is in. */
  after?: Partial<Record<ObservationId, string[]>>
  /** The fan is asked to run for it: with the power off it can only be answered from memory. */
  needsPower?: boolean
  /** Hands go into the machine: only while proven dead. */
  handsIn?: boolean
}
