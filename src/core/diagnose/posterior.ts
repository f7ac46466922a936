import type { CauseId, ObservationId } from '../knowledge/vocabulary'
import { isInformative, likelihood, type Prior } from './model'
import type { Because, Findings, Suspect } from './types'

export const entriesOf = (findings: Findings): [ObservationId, string][] =>
  (Object.entries(findings) as [ObservationId, string][]).filter(([observation, value]) =>
    isInformative(observation, value),
  )

/** Posterior over single causes, in the order of the prior. Sum 1. */
export function posteriorOf(prior: Prior[], findings: Findings): number[] {
  const entries = entriesOf(findings)
  const weights = prior.map(({ cause, probability }) =>
    entries.reduce(
      (product, [observation, value]) => product * likelihood(cause, observation, value),
      probability,
    ),
  )
  const sum = weights.reduce((total, weight) => total + weight, 0)
  return weights.map((weight) => weight / sum)
}

/** Suspects, likeliest first, each with what spoke for and against it in bits. */
export function suspectsOf(prior: Prior[], findings: Findings): Suspect[] {
  const posterior = posteriorOf(prior, findings)
  const entries = entriesOf(findings)
  return prior
    .map(({ cause }, index) => ({
      cause,
      probability: posterior[index]!,
      because: becauseOf(prior, cause, entries),
    }))
    .sort((one, two) => two.probability - one.probability)
}

function becauseOf(prior: Prior[], cause: CauseId, entries: [ObservationId, string][]): Because[] {
  return entries
    .map(([observation, value]) => {
      const own = likelihood(cause, observation, value)
      let others = 0
      let weight = 0
      for (const entry of prior) {
        if (entry.cause === cause) continue
        others += entry.probability * likelihood(entry.cause, observation, value)
        weight += entry.probability
      }
      return { observation, value, bits: weight > 0 ? Math.log2(own / (others / weight)) : 0 }
    })
    .sort((one, two) => Math.abs(two.bits) - Math.abs(one.bits))
}
