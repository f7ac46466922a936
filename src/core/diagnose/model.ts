import { leaks, uninformative } from '../knowledge/leaks'
import { likelihoods } from '../knowledge/likelihoods'
import {
  impossibleFor,
  KEEP_WHATEVER_THE_KIND,
  kindWeights,
  priors,
  wearCauses,
  youngCauses,
} from '../knowledge/priors'
import {
  type CauseId,
  type FamilyId,
  type MotorKindId,
  type ObservationId,
  observationInfo,
  vocabulary,
} from '../knowledge/vocabulary'

/** The likeliest kind of a family takes half of the weight where the kind is not known. */
const FIRST_KIND_SHARE = 0.5
/** A wear fault is taken as this much likelier per ten years, within bounds. */
const TYPICAL_YEARS = 10

export interface Prior {
  cause: CauseId
  probability: number
}

/** Prior probabilities of a family's causes, by motor kind and age in years. Sum 1. */
export function priorOf(family: FamilyId, motorKind?: MotorKindId, ageYears?: number): Prior[] {
  const kinds = kindShares(family, motorKind)
  const keep = KEEP_WHATEVER_THE_KIND[family] ?? []
  const own = kinds.flatMap(({ kind }) => Object.keys(kindWeights[kind]) as CauseId[])
  const causes = [...new Set([...(Object.keys(priors[family]) as CauseId[]), ...(motorKind ? own : [])])]
  const weighted = causes.map((cause) => {
    const named = priors[family][cause]
    // A motor kind unusual for the family brings its own parts along; where the kind is not known, each by its share.
    const weight = kinds.reduce((sum, { kind, share }) => {
      if (impossibleFor[kind].includes(cause) && !keep.includes(cause)) return sum
      return sum + share * Math.max(named ?? 0, kindWeights[kind][cause] ?? 0)
    }, 0)
    return { cause, probability: weight * ageFactor(cause, ageYears) }
  })
  const possible = weighted.filter((entry) => entry.probability > 0)
  const sum = possible.reduce((total, entry) => total + entry.probability, 0)
  return possible.map((entry) => ({ ...entry, probability: entry.probability / sum }))
}

export function kindShares(
  family: FamilyId,
  motorKind?: MotorKindId,
): { kind: MotorKindId; share: number }[] {
  if (motorKind) return [{ kind: motorKind, share: 1 }]
  const kinds = vocabulary.families[family].typicalMotorKinds as MotorKindId[]
  const rest = kinds.length > 1 ? (1 - FIRST_KIND_SHARE) / (kinds.length - 1) : 0
  return kinds.map((kind, index) => ({
    kind,
    share: kinds.length === 1 ? 1 : index === 0 ? FIRST_KIND_SHARE : rest,
  }))
}

function ageFactor(cause: CauseId, ageYears: number | undefined): number {
  if (ageYears === undefined) return 1
  if (wearCauses.includes(cause)) return Math.min(2, Math.max(0.4, ageYears / TYPICAL_YEARS))
  if (youngCauses.includes(cause) && ageYears < 1) return 3
  return 1
}

/** Observations of a part, and the causes that need that part: "not fitted" strikes just those. */
const partCauses: Partial<Record<ObservationId, CauseId[]>> = {
  'contactor-position': ['contactor-coil-open', 'contactor-contacts-bad'],
  'safety-switches': ['safety-switch-open'],
  'wall-switch': ['wall-switch-or-pull-chain'],
  'capacitor-look': [
    'capacitor-weak',
    'capacitor-open',
    'capacitor-shorted',
    'speed-capacitor-failed',
    'wrong-capacitor',
    'capacitor-other-section-failed',
    'start-capacitor-failed',
  ],
  'brush-length': ['brushes-worn'],
  damper: ['damper-stuck'],
  'drain-and-tube': ['pressure-tube-or-drain'],
  belt: ['belt-worn'],
}
const NOT_FITTED = ['not-fitted', 'none-fitted']

export function isInformative(observation: ObservationId, value: string): boolean {
  return !(uninformative[observation] ?? []).includes(value)
}

/** Values of an observation that carry information, in the vocabulary's order. */
export function tellingValues(observation: ObservationId): string[] {
  return observationInfo(observation).values.filter(
    (value) => isInformative(observation, value) && !NOT_FITTED.includes(value),
  )
}

type ByValue = Record<string, number>
const cache: Partial<Record<CauseId, Partial<Record<ObservationId, ByValue>>>> = {}

/** P(value | cause). What a cause does not name is left to the leak. Never quite nothing: people misread. */
export function likelihood(cause: CauseId, observation: ObservationId, value: string): number {
  const known = cache[cause]?.[observation]?.[value]
  if (known !== undefined) return known
  const computed = compute(cause, observation, value)
  cache[cause] ??= {}
  cache[cause][observation] ??= {}
  cache[cause][observation][value] = computed
  return computed
}

const LEAST = 0.002

function compute(cause: CauseId, observation: ObservationId, value: string): number {
  if (!isInformative(observation, value)) return 1
  if (NOT_FITTED.includes(value)) return partCauses[observation]?.includes(cause) ? 0.01 : 1
  const leak = leaks[observation]
  const values = tellingValues(observation)
  const named = likelihoods[cause]?.[observation]
  const leakSum = values.reduce((sum, each) => sum + (leak[each] ?? 0), 0)
  if (!named) return Math.max(LEAST, (leak[value] ?? 0) / leakSum)
  if (named[value] !== undefined) return named[value]
  const left = 1 - Object.values(named).reduce((sum, share) => sum + share, 0)
  const unnamed = values.filter((each) => named[each] === undefined)
  const unnamedLeak = unnamed.reduce((sum, each) => sum + (leak[each] ?? 0), 0)
  return Math.max(LEAST, unnamedLeak > 0 ? (Math.max(0, left) * (leak[value] ?? 0)) / unnamedLeak : 0)
}

/** Does the cause say anything of its own about the observation? */
export const speaksOf = (cause: CauseId, observation: ObservationId): boolean =>
  likelihoods[cause]?.[observation] !== undefined
