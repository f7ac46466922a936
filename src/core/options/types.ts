import type { OptionKind } from '../knowledge/options'
import type { CauseId, FamilyId, MotorKindId } from '../knowledge/vocabulary'

export interface OptionEdit {
  cost?: number
  hours?: number
  chancePercent?: number
  years?: number
}

export interface OptionsInput {
  family: FamilyId
  motorKind?: MotorKindId
  ageYears?: number
  /** What it may be; probabilities sum to one. */
  suspects: { cause: CauseId; probability: number }[]
  /** What an hour of one’s own is worth, in the same money; 0 when left out. */
  hourValue?: number
  /** Figures of the person’s own, by option. */
  edits?: Partial<Record<OptionKind, OptionEdit>>
}

export interface OptionFigures {
  kind: OptionKind
  label: string
  text: string
  cost: number
  hours: number
  skill: 1 | 2 | 3 | 4
  /** That it mends the machine, 0 to 1: that the fault is the one it mends, and that it is done well. */
  chance: number
  years: number
  /** Everything spent for a year of service: the expected, and between which one case in ten below and above. */
  costPerYear: { low: number; expected: number; high: number }
  /** Which figures are the person’s own. */
  edited: (keyof OptionEdit)[]
}

export interface OptionsResult {
  /** Least expected cost per year first. */
  options: OptionFigures[]
  notes: string[]
}
