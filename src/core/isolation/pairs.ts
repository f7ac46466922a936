import { BATTERY_PAIRS, livesOf, OTHER_SUPPLY_PAIRS } from '../knowledge/isolation'

/** What the person sees at the place where dead is proved. */
export interface ProofPlace {
  supply: 'mains' | 'battery'
  /** Both legs of 240 V. */
  twoHot: boolean
  /** Three phases. */
  threePhase?: boolean
  /** Further conductors that may carry voltage, as a signal wire does. */
  alsoLive?: 'signal'[]
  /** A battery, a solar panel or the like beside the mains, with a pair of its own. */
  otherSupply?: boolean
  /** A switched live beside the lasting one, as a timer fan has. */
  switchedLive: boolean
  /** What the lives are read against besides each other; `none` where nothing that is surely earth is there. */
  earth: 'ground' | 'earth-lead' | 'none'
  /** Two where a switch before the place does not show which way is ON: every pair is read in each position. */
  positions: 1 | 2
}

/** What a probe can be laid on at the proof place. */
export type ConductorId =
  | 'L'
  | 'L1'
  | 'L2'
  | 'L3'
  | 'N'
  | 'switched L'
  | 'signal'
  | 'ground'
  | 'earth lead'
  | 'plus'
  | 'minus'
  | 'chassis'
  | 'other plus'
  | 'other minus'

/** One conductor, and the circuit that it belongs to. */
export interface Tip {
  conductor: ConductorId
  feed: number
}

/** A pair as it is read: where the two probes go, on which range, with the switch before it in which position. */
export interface ProofPair {
  /** Its name, under which readings are kept. */
  id: string
  one: Tip
  two: Tip
  current: 'ac' | 'dc'
  position: 1 | 2 | null
}

/**
 * Pairs to be read at one feed: every conductor against every other and against earth, the lives of two feeds against
 * each other, and all of it in each position of a switch whose ON cannot be seen.
 *
 * @param feed counted from 1
 */
export function proofPairs(place: ProofPlace, feed: number): ProofPair[] {
  const named = (text: string): string => (feed === 1 ? text : `${text}, feed ${feed}`)
  const pairs: ProofPair[] = [
    ...(place.supply === 'battery' ? batteryPairs : mainsPairs(place)),
    ...(place.otherSupply && feed === 1 ? otherPairs : []),
  ].map(({ id, one, two, current }) => ({
    id: named(id),
    one: { conductor: one, feed },
    two: { conductor: two, feed },
    current,
    position: null,
  }))
  const all = [...pairs, ...acrossFeeds(place, feed)]
  if (place.positions === 1) return all
  return ([1, 2] as const).flatMap((position) =>
    all.map((pair) => ({ ...pair, id: `${pair.id}, switch position ${position}`, position })),
  )
}

/**
 * The names of the pairs of one feed.
 *
 * @example pairsOfFeed({ supply: 'mains', twoHot: false, switchedLive: false, earth: 'ground', positions: 1 }, 1)
 * // ['L–N', 'L–ground', 'N–ground']
 */
export const pairsOfFeed = (place: ProofPlace, feed: number): string[] =>
  proofPairs(place, feed).map(({ id }) => id)

interface Between {
  id: string
  one: ConductorId
  two: ConductorId
  current: 'ac' | 'dc'
}

const between = (one: ConductorId, two: ConductorId): Between => ({
  id: `${one}–${two}`,
  one,
  two,
  current: 'ac',
})

/** A signal wire may carry direct current, of which the AC range shows nothing. */
const onDc = (one: ConductorId, two: ConductorId): Between => ({
  ...between(one, two),
  id: `${one}–${two}, DC`,
  current: 'dc',
})

const batteryPairs: Between[] = [
  { id: BATTERY_PAIRS[0], one: 'plus', two: 'minus', current: 'dc' },
  { id: BATTERY_PAIRS[1], one: 'plus', two: 'chassis', current: 'dc' },
  { id: BATTERY_PAIRS[2], one: 'plus', two: 'minus', current: 'ac' },
]

const otherPairs: Between[] = [
  { id: OTHER_SUPPLY_PAIRS[0], one: 'other plus', two: 'other minus', current: 'dc' },
  { id: OTHER_SUPPLY_PAIRS[1], one: 'other plus', two: 'other minus', current: 'ac' },
]

function mainsPairs(place: ProofPlace): Between[] {
  const { switchedLive, earth, alsoLive = [] } = place
  const lives = livesOf(place)
  const conductors: ConductorId[] = [
    ...lives,
    ...(lives.length > 1 ? [] : ['N' as const]),
    ...alsoLive,
    ...(switchedLive ? ['switched L' as const] : []),
  ]
  const each = conductors.flatMap((one, index) => conductors.slice(index + 1).map((two) => between(one, two)))
  const signals = alsoLive.map((one) => onDc(one, lives.length > 1 ? 'L2' : 'N'))
  if (earth === 'none') return [...each, ...signals]
  const reference = earth === 'ground' ? 'ground' : 'earth lead'
  return [...each, ...conductors.map((one) => between(one, reference)), ...signals]
}

function acrossFeeds(place: ProofPlace, feed: number): ProofPair[] {
  const lives: ConductorId[] = place.supply === 'battery' ? ['plus'] : livesOf(place)
  return Array.from({ length: feed - 1 }, (_, index) => index + 1).flatMap((other) =>
    lives.flatMap((one) =>
      lives.map((two) => ({
        id: `${one} of feed ${other}–${two} of feed ${feed}`,
        one: { conductor: one, feed: other },
        two: { conductor: two, feed },
        current: 'ac' as const,
        position: null,
      })),
    ),
  )
}

/** Whether a pair is read on direct current. */
export const readsDc = (pair: string): boolean => /\bDC\b/.test(pair)
