/** Logistic regression by stochastic gradient descent, one for each class, with weights drawn towards zero. */

/** Weights of one class; `''` is its constant. */
export type Weights = Record<string, number>

export interface Sample {
  features: ReadonlySet<string>
  is: boolean
  /** How much it counts. */
  weight: number
}

interface Course {
  rounds: number
  /** How strongly weights are drawn to zero at each step. */
  shrink: number
  random: () => number
}

const sigmoid = (sum: number): number => 1 / (1 + Math.exp(-sum))

/** The sum of the weights of what is there, as a probability. */
export function probability(weights: Weights, features: ReadonlySet<string>): number {
  let sum = weights[''] ?? 0
  for (const feature of features) sum += weights[feature] ?? 0
  return sigmoid(sum)
}

/**
 * AdaGrad: each weight has a step of its own, smaller the more often it was moved (Duchi, Hazan, Singer 2011).
 *
 * @example learn([{ features: new Set(['wet']), is: true, weight: 1 }], { rounds: 3, shrink: 0, random })
 */
export function learn(samples: readonly Sample[], { rounds, shrink, random }: Course): Weights {
  const weights: Weights = {}
  const moved: Weights = {}
  for (let round = 0; round < rounds; round++)
    for (let step = 0; step < samples.length; step++) {
      const { features, is, weight } = samples[Math.floor(random() * samples.length)] as Sample
      const error = weight * ((is ? 1 : 0) - probability(weights, features))
      for (const feature of ['', ...features]) {
        const slope = error - shrink * (weights[feature] ?? 0)
        moved[feature] = (moved[feature] ?? 1e-6) + slope * slope
        weights[feature] = (weights[feature] ?? 0) + (0.3 * slope) / Math.sqrt(moved[feature])
      }
    }
  return weights
}
