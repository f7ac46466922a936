import type { CauseId, FamilyId } from '../vocabulary'

/** How often a cause is behind a stopped or poor fan, as weights (they need not sum to anything). */
export type CauseWeights = Partial<Record<CauseId, number>>
export type FamilyPriors = Partial<Record<FamilyId, CauseWeights>>
