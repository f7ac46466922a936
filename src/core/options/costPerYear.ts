import { type OptionKind, optionInfo } from '../knowledge/options'

/** Shape of the Weibull spread of service lives: wear-out with much scatter, as motors and bearings show it. */
const LIFE_SHAPE = 2.2
/** Γ(1 + 1/2.2): the mean of a Weibull life of scale one. */
const MEAN_OF_SHAPE = 0.8856
const DRAWS = 400
/** A repair that serves for weeks is none: shorter lives count as this many years. */
const SHORTEST_YEARS = 0.25

/**
 * Cost of a year of service. The expected one is expected cost over expected years (the renewal-reward theorem: what is
 * paid in the long run); low and high leave one case in ten on either side. Drawn with a fixed seed, so that the same
 * figures always give the same answer.
 * @param fallback what is paid when it does not help and somebody is hired
 */
export function costPerYear(
  option: { kind: OptionKind; cost: number; hours: number; chance: number; years: number },
  fallback: number,
  hourValue: number,
): { low: number; expected: number; high: number } {
  const own = option.hours * hourValue
  const again = option.kind === 'hired' ? option.cost : fallback
  const expected = (option.cost + own + (1 - option.chance) * again) / Math.max(SHORTEST_YEARS, option.years)
  const random = seeded(17)
  const { priceSpread } = optionInfo[option.kind]
  const drawn = Array.from({ length: DRAWS }, () => {
    const price = option.cost * Math.exp(priceSpread * gauss(random) - priceSpread ** 2 / 2)
    const scale = option.years / MEAN_OF_SHAPE
    const years = Math.max(SHORTEST_YEARS, scale * (-Math.log(1 - random())) ** (1 / LIFE_SHAPE))
    return (price + own + (random() < option.chance ? 0 : again)) / years
  }).sort((one, two) => one - two)
  const low = drawn[Math.floor(DRAWS * 0.1)]!
  const high = drawn[Math.floor(DRAWS * 0.9)]!
  return { low: Math.min(low, expected), expected, high: Math.max(high, expected) }
}

function gauss(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
}

/** A small linear congruential generator (Numerical Recipes), enough for a spread. */
function seeded(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 4294967296
  }
}
