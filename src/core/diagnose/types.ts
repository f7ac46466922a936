import type { RecordedSureness } from '../knowledge/recordingsCounted'
import type { Risk } from '../knowledge/types'
import type {
  ActionId,
  CauseId,
  FamilyId,
  MotorKindId,
  ObservationId,
  StopRuleId,
  ToolId,
} from '../knowledge/vocabulary'

export interface PlateFigures {
  /** One figure, or all that the plate prints. */
  volts?: number | number[]
  hz?: number
  controlVolts?: number
  fanUf?: number
  otherUf?: number
  tolerancePercent?: { minus: number; plus: number }
  brushNewMm?: number
}

/** Key of how surely a recording told the finding `sound`; not there where the person heard it. */
export const BY_RECORDING = Symbol('by recording')

export type Findings = Partial<Record<ObservationId, string>> & { [BY_RECORDING]?: RecordedSureness }

export interface DiagnoseInput {
  family: FamilyId
  motorKind?: MotorKindId
  ageYears?: number
  /** Observation → vocabulary value, or a number (null: over-range) where the observation has a measure. */
  observations: Partial<Record<ObservationId, string | number | null>>
  /** `sound` was told by a recording, so surely: then it weighs as recordings were counted, not as what was heard. */
  recorded?: RecordedSureness
  tools?: ToolId[]
  declined?: ObservationId[]
  weights?: { perMinute?: number; riskFactor?: number }
  plate?: PlateFigures
  /** Causes the person knows better about: probability set aside (`strike`) or taken as given (`set`). */
  known?: { strike?: CauseId[]; set?: CauseId }
}

export interface Because {
  observation: ObservationId
  value: string
  /** log2 of how much likelier the value is under this cause than under all others together; negative speaks against. */
  bits: number
  /** A finding that already said it: only what goes beyond that is counted here, mostly nothing. */
  after?: ObservationId
}

export interface Suspect {
  cause: CauseId
  probability: number
  because: Because[]
}

export interface TestRead {
  value: string
  probability: number
  /** Causes that this value would raise the most. */
  points: CauseId[]
}

export interface NextTest {
  test: string
  observation: ObservationId
  expectedBits: number
  minutes: number
  risk: Risk
  score: number
  reads: TestRead[]
  /** The fan is asked to run for it. */
  needsPower?: true
  /** A decision waits for this one alone. */
  needed?: true
}

/** A repair cheap enough to be its own test: cleaned, tightened, cleared, and looked at again. */
export interface Trial {
  action: ActionId
  /** The likeliest cause with that action. */
  cause: CauseId
  /** How likely it is all that is wrong. */
  probability: number
  minutes: number
  /** On the scale of the tests: bits over cost. Larger than the first test's: do it before. */
  score: number
}

/** The action that leads, decided or not, with all that it would mend. */
export interface Leading {
  action: ActionId
  /** Of everything that the action mends. */
  probability: number
  /** All that it mends, the likeliest first. */
  mends: { cause: CauseId; probability: number }[]
}

export interface Diagnosis {
  suspects: Suspect[]
  nextTests: NextTest[]
  /** Repairs to try, where looking further costs more than doing them. Best first. */
  trials: Trial[]
  decided: { cause: CauseId; action: ActionId } | null
  leading: Leading
  stop: { rule: StopRuleId; text: string }[]
  conflicts: { observation: ObservationId; value: string; text: string }[]
  unmapped: { observation: ObservationId; needs: string }[]
  /** Two faults at once, where no single one explains the findings. */
  pair: { causes: [CauseId, CauseId]; probability: number } | null
  /** Sentences about what holds the decision back, and what to keep in mind. */
  notes: string[]
}
