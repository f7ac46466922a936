import type { FamilyId } from '../vocabulary'
import { coolingPriors } from './cooling'
import { heatingPriors } from './heating'
import { householdPriors } from './household'
import { otherPriors } from './other'
import type { CauseWeights } from './types'

export * from './kinds'

/**
 * How often a cause is behind a stopped or poor fan of the family. Causes not named do not occur in the family. Weights
 * are this project's judgement from the trade's accounts: capacitors lead wherever there is one, bearings and dirt where
 * there is none, electronics where the motor has a board.
 */
export const priors: Record<FamilyId, CauseWeights> = {
  ...householdPriors,
  ...heatingPriors,
  ...coolingPriors,
  ...otherPriors,
}
