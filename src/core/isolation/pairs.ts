import { BATTERY_PAIRS, livesOf, OTHER_SUPPLY_PAIRS } from '../knowledge/isolation'

/** What the person sees at the place where dead is proved. */
export interface ProofPlace {
  supply: 'mains' | 'battery'
  /** Both legs of 240 V. */
  twoHot: boolean
  /** Three phases. */
  threePhase?: boolean
  /** Further conductors that may carry voltage, as a signal wire does. */
  alsoLive?: string[]
  /** A battery, a solar panel or the like beside the mains, with a pair of its own. */
  otherSupply?: boolean
  /** A switched live beside the lasting one, as a timer fan has. */
  switchedLive: boolean
  /** What the lives are read against besides each other; `none` where nothing that is surely earth is there. */
  earth: 'ground' | 'earth-lead' | 'none'
  /** Two where a switch before the place does not show which way is ON: every pair is read in each position. */
  positions: 1 | 2
}

/**
 * Pairs to be read at one feed: every conductor against every other and against earth, the lives of two feeds against
 * each other, and all of it in each position of a switch whose ON cannot be seen.
 *
 * @param feed counted from 1
 * @example pairsOfFeed({ supply: 'mains', twoHot: false, switchedLive: false, earth: 'ground', positions: 1 }, 1)
 * // ['L–N', 'L–ground', 'N–ground']
 */
export function pairsOfFeed(place: ProofPlace, feed: number): string[] {
  const pairs = [
    ...(place.supply === 'battery' ? BATTERY_PAIRS : mainsPairs(place)),
    ...(place.otherSupply && feed === 1 ? OTHER_SUPPLY_PAIRS : []),
  ]
  const named = pairs.map((pair) => (feed === 1 ? pair : `${pair}, feed ${feed}`))
  const all = [...named, ...acrossFeeds(place, feed)]
  if (place.positions === 1) return all
  return [1, 2].flatMap((position) => all.map((pair) => `${pair}, switch position ${position}`))
}

function mainsPairs(place: ProofPlace): string[] {
  const { switchedLive, earth, alsoLive = [] } = place
  const lives = livesOf(place)
  const conductors = [
    ...lives,
    ...(switchedLive ? ['switched L'] : []),
    ...(lives.length > 1 ? [] : ['N']),
    ...alsoLive,
  ].sort((one, two) => Number(one === 'switched L') - Number(two === 'switched L'))
  const between = conductors.flatMap((one, index) =>
    conductors.slice(index + 1).map((two) => `${one}–${two}`),
  )
  // A signal wire may carry direct current, of which the AC range shows nothing.
  const signals = alsoLive.map((one) => `${one}–${lives.length > 1 ? 'L2' : 'N'}, DC`)
  if (earth === 'none') return [...between, ...signals]
  const reference = earth === 'ground' ? 'ground' : 'earth lead'
  return [...between, ...conductors.map((one) => `${one}–${reference}`), ...signals]
}

function acrossFeeds(place: ProofPlace, feed: number): string[] {
  const lives = place.supply === 'battery' ? ['plus'] : livesOf(place)
  return Array.from({ length: feed - 1 }, (_, index) => index + 1).flatMap((other) =>
    lives.flatMap((one) => lives.map((two) => `${one} of feed ${other}–${two} of feed ${feed}`)),
  )
}

/** Whether a pair is read on direct current. */
export const readsDc = (pair: string): boolean => /\bDC\b/.test(pair)
