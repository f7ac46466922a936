import {
  impossibleFor,
  KEEP_WHATEVER_THE_KIND,
  kindWeights,
  priors,
  scarceFor,
  wearCauses,
  youngCauses,
} from '../knowledge/priors'
import { type CauseId, type FamilyId, type MotorKindId, vocabulary } from '../knowledge/vocabulary'
import { partsSeen } from './partsSeen'
import type { DiagnoseInput, Findings } from './types'

/** The likeliest kind of a family takes half of the weight where the kind is not known. */
const FIRST_KIND_SHARE = 0.5
/** A wear fault is taken as this much likelier per ten years, within bounds. */
const TYPICAL_YEARS = 10

/** A kind that does not have the part that was seen: the part may belong to something else, or was misnamed. */
const KIND_OF_ANOTHER = 0.01

/** A motor kind less likely than this is not looked for. */
const LEAST_SHARE = 0.05

export interface Prior {
  cause: CauseId
  probability: number
}

/** Prior probabilities of a family's causes, by motor kind (or what the findings say of it) and age in years. Sum 1. */
export function priorOf(
  family: FamilyId,
  motorKind?: MotorKindId,
  ageYears?: number,
  findings: Findings = {},
): Prior[] {
  const kinds = kindShares(family, motorKind, findings)
  const keep = KEEP_WHATEVER_THE_KIND[family] ?? []
  const own = kinds.flatMap(({ kind }) => Object.keys(kindWeights[kind]) as CauseId[])
  const causes = [...new Set([...(Object.keys(priors[family]) as CauseId[]), ...(motorKind ? own : [])])]
  const weighted = causes.map((cause) => {
    const named = priors[family][cause]
    // A motor kind unusual for the family brings its own parts along; where the kind is not known, each by its share.
    const weight = kinds.reduce((sum, { kind, share }) => {
      if (impossibleFor[kind].includes(cause) && !keep.includes(cause)) return sum
      const scarce = scarceFor[kind]?.[cause] ?? 1
      return sum + share * scarce * Math.max(named ?? 0, kindWeights[kind][cause] ?? 0)
    }, 0)
    return { cause, probability: weight * ageFactor(cause, ageYears) }
  })
  const possible = weighted.filter((entry) => entry.probability > 0)
  const sum = possible.reduce((total, entry) => total + entry.probability, 0)
  return possible.map((entry) => ({ ...entry, probability: entry.probability / sum }))
}

/** How likely each motor kind of a family is: the one on the plate, else the typical ones and what was seen of it. */
export function kindShares(
  family: FamilyId,
  motorKind?: MotorKindId,
  findings: Findings = {},
): { kind: MotorKindId; share: number }[] {
  if (motorKind) return [{ kind: motorKind, share: 1 }]
  const kinds = vocabulary.families[family].typicalMotorKinds as MotorKindId[]
  const rest = kinds.length > 1 ? (1 - FIRST_KIND_SHARE) / (kinds.length - 1) : 0
  const parts = partsSeen(findings)
  const shares = kinds.map((kind, index) => ({
    kind,
    share:
      (kinds.length === 1 ? 1 : index === 0 ? FIRST_KIND_SHARE : rest) *
      (parts.every((part) => part.kinds.includes(kind) === part.there) ? 1 : KIND_OF_ANOTHER),
  }))
  const sum = shares.reduce((total, { share }) => total + share, 0)
  return shares.map(({ kind, share }) => ({ kind, share: share / sum }))
}

/** Motor kinds still likely enough to look for their parts. */
export function possibleKinds(
  input: Pick<DiagnoseInput, 'family' | 'motorKind'>,
  findings: Findings,
): MotorKindId[] {
  return kindShares(input.family, input.motorKind, findings)
    .filter(({ share }) => share >= LEAST_SHARE)
    .map(({ kind }) => kind)
}

function ageFactor(cause: CauseId, ageYears: number | undefined): number {
  if (ageYears === undefined) return 1
  if (wearCauses.includes(cause)) return Math.min(2, Math.max(0.4, ageYears / TYPICAL_YEARS))
  if (youngCauses.includes(cause) && ageYears < 1) return 3
  return 1
}
