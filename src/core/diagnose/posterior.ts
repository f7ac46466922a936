import type { ObservationId } from '../knowledge/vocabulary'
import type { Prior } from './familyPrior'
import { isInformative, likelihoodsOf, settledBy } from './likelihood'
import type { Because, Findings, Suspect } from './types'

export const entriesOf = (findings: Findings): [ObservationId, string][] =>
  (Object.entries(findings) as [ObservationId, string][]).filter(([observation, value]) =>
    isInformative(observation, value),
  )

/** Posterior over single causes, in the order of the prior. Sum 1. */
export function posteriorOf(prior: Prior[], findings: Findings): number[] {
  const rows = rowsOf(prior, findings)
  const weights = prior.map(({ probability }, index) =>
    rows.reduce((product, { own }) => product * own[index]!, probability),
  )
  const sum = weights.reduce((total, weight) => total + weight, 0)
  return weights.map((weight) => weight / sum)
}

/** Suspects, likeliest first, each with what spoke for and against it in bits. `posterior` stands in the order of `prior`. */
export function suspectsOf(prior: Prior[], posterior: number[], findings: Findings): Suspect[] {
  const rows = rowsOf(prior, findings)
  return prior
    .map(({ cause, probability }, index) => ({
      cause,
      probability: posterior[index]!,
      because: rows
        .map(({ own, total, ...finding }) => {
          // How likely it is under all other causes together, each by its weight.
          const others = (total - probability * own[index]!) / (1 - probability)
          return { ...finding, bits: probability < 1 ? Math.log2(own[index]! / others) : 0 }
        })
        .sort((one, two) => Math.abs(two.bits) - Math.abs(one.bits)),
    }))
    .sort((one, two) => two.probability - one.probability)
}

interface Row extends Pick<Because, 'observation' | 'value' | 'after'> {
  /** Likelihood under each cause of the prior. */
  own: number[]
  /** Likelihood under all of them, each by its weight. */
  total: number
}

function rowsOf(prior: Prior[], findings: Findings): Row[] {
  const causes = prior.map(({ cause }) => cause)
  return entriesOf(findings).map(([observation, value]) => {
    const own = likelihoodsOf(causes, observation, value, findings)
    const given = settledBy(observation, findings)
    return {
      observation,
      value,
      own,
      total: own.reduce((sum, each, index) => sum + each * prior[index]!.probability, 0),
      ...(given?.shares ? { after: given.finding } : {}),
    }
  })
}
