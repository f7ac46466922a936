import { type Prior, priorOf } from './familyPrior'
import type { DiagnoseInput, Findings } from './types'

/** What the person sets stands this much above everything the tables say. */
const TAKEN_AS_GIVEN = 1000

/** The prior of the family with what the person knows better: a struck suspect is gone, a set one is all but certain. */
export function knownPrior(
  { family, motorKind, ageYears, known }: DiagnoseInput,
  findings: Findings,
): Prior[] {
  const prior = priorOf(family, motorKind, ageYears, findings)
  const left = prior.filter(({ cause }) => !known?.strike?.includes(cause))
  const kept = left.length > 0 ? left : prior
  const weighted = kept.map((entry) =>
    known?.set === entry.cause ? { ...entry, probability: TAKEN_AS_GIVEN } : entry,
  )
  const sum = weighted.reduce((total, entry) => total + entry.probability, 0)
  return weighted.map((entry) => ({ ...entry, probability: entry.probability / sum }))
}
