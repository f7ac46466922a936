import { tests } from '../knowledge/tests'
import type { TestInfo } from '../knowledge/types'
import { type ActionId, type CauseId, type ObservationId, observationIds } from '../knowledge/vocabulary'
import { witnesses } from '../knowledge/witnesses'
import { type Prior, possibleKinds } from './familyPrior'
import { expectedShares, tellingValues } from './likelihood'
import { actionOf } from './mends'
import type { DiagnoseInput, Findings, NextTest, TestRead } from './types'

/** A minute's cost is one; a dead test costs a little care, a live one its danger. Set by `weights`. */
const RISK_COST = { none: 0, dead: 1, live: 8 }
/** Minutes to read what a test asks, turn to it and note the answer: a string of small questions is no shortcut. */
const TURNING_TO_IT = 5
/** Below this a test is not worth getting up for. */
const LEAST_BITS = 0.002

/**
 * Tests not yet made, most information for its cost first. `posterior` stands in the order of `prior`.
 * `needed` are those a decision waits for: they come first, in their order, however little they tell.
 */
export function rankTests(
  input: DiagnoseInput,
  prior: Prior[],
  posterior: number[],
  findings: Findings,
  needed: ObservationId[] = [],
): NextTest[] {
  const perMinute = input.weights?.perMinute ?? 1
  const riskFactor = input.weights?.riskFactor ?? 1
  const found: NextTest[] = []
  const shares = byAction(prior, posterior)
  const standing = atTheThing(shares)
  for (const observation of observationIds) {
    if (findings[observation] !== undefined || input.declined?.includes(observation)) continue
    const usable = usableTest(observation, input, findings)
    if (!usable) continue
    const { reads, bits, telling } = expectation(observation, prior, posterior, shares, findings)
    if (bits < LEAST_BITS && !needed.includes(observation)) continue
    const { info, index } = usable
    const cost = (info.minutes + TURNING_TO_IT) * perMinute + RISK_COST[info.risk] * riskFactor
    found.push({
      test: tests[observation].length > 1 ? `${observation}-${index + 1}` : observation,
      observation,
      expectedBits: bits,
      minutes: info.minutes,
      risk: info.risk,
      score: (telling / cost) * (1 + (standing.get(observation) ?? 0)),
      reads,
      ...(info.needsPower ? { needsPower: true as const } : {}),
    })
  }
  const best = Math.max(0, ...found.map((test) => test.score))
  for (const test of found) {
    const place = needed.indexOf(test.observation)
    if (place < 0) continue
    test.needed = true
    test.score = best * (1 + (needed.length - place) / 100) + Number.EPSILON
  }
  return found.sort((one, two) => two.score - one.score)
}

/**
 * What may still be looked at while a stop stands: nothing, but for a breaker that trips again. There the fault is sought
 * on the machine cut off from it, never by switching on once more.
 */
export function whileStopped(ranked: NextTest[], stops: { scope?: 'live' }[]): NextTest[] {
  if (stops.length === 0) return ranked
  if (stops.some(({ scope }) => scope !== 'live')) return []
  return ranked.filter(({ risk, needsPower }) => risk !== 'live' && !needsPower)
}

/** Minutes to take a machine from proved dead to power and back: clip on, power on, and every point and proof anew. */
const TO_POWER_AND_BACK = 12

/** Less than this share of a bit changes no mind: what is left of the tests then is not worth a cover. */
const TELLS_BITS = 0.05

/** Tests that are worth making: those that tell something, and the one that a decision waits for. */
export const worthMaking = ({ expectedBits, needed }: NextTest): boolean =>
  needed === true || expectedBits >= TELLS_BITS

/** The same tests as they rank while the machine is proved dead: what needs power costs the way there and back as well. */
export function rankedWhileDead(ranked: NextTest[]): NextTest[] {
  const worth = (test: NextTest) =>
    test.needed || (test.risk !== 'live' && !test.needsPower)
      ? test.score
      : (test.score * test.minutes) / (test.minutes + TO_POWER_AND_BACK)
  return [...ranked].sort((one, two) => worth(two) - worth(one))
}

/** The first way of making the observation that fits the family, the motor, the tools and what is known so far. */
export function usableTest(
  observation: ObservationId,
  input: DiagnoseInput,
  findings: Findings,
): { info: TestInfo; index: number } | null {
  for (const [index, info] of tests[observation].entries()) {
    if (info.families && !info.families.includes(input.family)) continue
    if (info.notFamilies?.includes(input.family)) continue
    if (info.kinds && !possibleKinds(input, findings).some((kind) => info.kinds!.includes(kind))) continue
    if (input.tools && !info.tools.some((tool) => input.tools!.includes(tool) || tool === 'hand')) continue
    if (
      info.after &&
      !Object.entries(info.after).some(([before, values]) =>
        values.includes(findings[before as ObservationId] ?? ''),
      )
    )
      continue
    return { info, index }
  }
  return null
}

/** Expected information in bits, of the causes and of the actions they ask for, and what each reading would mean. */
function expectation(
  observation: ObservationId,
  prior: Prior[],
  posterior: number[],
  now: ByAction,
  findings: Findings,
): { reads: TestRead[]; bits: number; telling: number } {
  let bits = 0
  let telling = 0
  const reads: TestRead[] = []
  const causes = prior.map(({ cause }) => cause)
  const shares = expectedShares(causes, observation, findings).map(sumToOne)
  for (const [place, value] of tellingValues(observation).entries()) {
    const joint = shares.map((own, index) => posterior[index]! * own[place]!)
    const probability = joint.reduce((sum, each) => sum + each, 0)
    if (probability <= 0) continue
    joint.forEach((each, index) => {
      if (each > 0) bits += each * Math.log2(each / (probability * posterior[index]!))
    })
    summedByAction(now.placeOf, now.actions.length, joint).forEach((each, action) => {
      if (each > 0) telling += each * Math.log2(each / (probability * now.shares[action]!))
    })
    reads.push({ value, probability, points: pointsTo(causes, posterior, joint, probability) })
  }
  const total = reads.reduce((sum, read) => sum + read.probability, 0)
  return {
    bits: Math.max(0, bits),
    telling: Math.max(0, telling),
    reads: reads.map((read) => ({ ...read, probability: read.probability / total })),
  }
}

/** Shares of causes as shares of the actions that mend them: telling two causes of one action apart mends nothing. */
interface ByAction {
  actions: ActionId[]
  /** For each cause of the prior, the place of its action among `actions`. */
  placeOf: number[]
  /** How likely each action is, in the order of `actions`. */
  shares: number[]
}

function byAction(prior: Prior[], posterior: number[]): ByAction {
  const own = prior.map(({ cause }) => actionOf(cause))
  const actions = [...new Set(own)]
  const placeOf = own.map((action) => actions.indexOf(action))
  return { actions, placeOf, shares: summedByAction(placeOf, actions.length, posterior) }
}

/** A plain loop over numbers: it runs once for each value of each test. */
function summedByAction(placeOf: number[], actions: number, shares: number[]): number[] {
  const sums = new Array<number>(actions).fill(0)
  placeOf.forEach((place, index) => {
    sums[place]! += shares[index]!
  })
  return sums
}

/** How likely each action is whose very thing an observation looks at: the share of the likeliest of them. */
function atTheThing({ actions, shares }: ByAction): Map<ObservationId, number> {
  const standing = new Map<ObservationId, number>()
  for (const [place, action] of actions.entries())
    for (const { observation } of witnesses[action] ?? [])
      standing.set(observation, Math.max(shares[place]!, standing.get(observation) ?? 0))
  return standing
}

/** Causes that a value raises, the likeliest after it first. */
function pointsTo(causes: CauseId[], posterior: number[], joint: number[], probability: number): CauseId[] {
  const raised: { cause: CauseId; after: number }[] = []
  joint.forEach((each, index) => {
    const after = each / probability
    if (after > 0.08 && after > 1.1 * posterior[index]!) raised.push({ cause: causes[index]!, after })
  })
  return raised
    .sort((one, two) => two.after - one.after)
    .slice(0, 3)
    .map(({ cause }) => cause)
}

const sumToOne = (shares: number[]): number[] => {
  const sum = shares.reduce((total, share) => total + share, 0)
  return shares.map((share) => share / sum)
}
