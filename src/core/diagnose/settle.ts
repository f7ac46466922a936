import { type CauseId, type ObservationId, observationIds } from '../knowledge/vocabulary'
import { countingFindings } from './contradictions'
import { expectedShares, tellingValues } from './likelihood'
import { usableTest } from './nextTests'
import { mapObservations } from './numbers'
import { entriesOf, posteriorOf } from './posterior'
import { knownPrior } from './prior'
import type { DiagnoseInput, Findings } from './types'

/** A result of a test not yet made, and what the suspect would have after it. */
export interface Settler {
  observation: ObservationId
  value: string
  /** How likely this result is. */
  probability: number
  /** The suspect's probability after it. */
  after: number
}

const SHOWN = 3
/** A result that hardly ever comes proves nothing worth naming. */
const LEAST_LIKELY = 0.01
const RAISES = 1.25
const LOWERS = 0.5

/** What would prove a suspect, and what would strike it: results of tests that can be made, the strongest first. */
export function whatSettles(input: DiagnoseInput, cause: CauseId): { proves: Settler[]; strikes: Settler[] } {
  const { findings: told } = mapObservations(input.observations, input.plate)
  // The same that the list of suspects rests on.
  const { findings } = countingFindings(input.family, told)
  const prior = knownPrior(input, findings)
  const posterior = posteriorOf(prior, findings)
  const own = prior.findIndex((entry) => entry.cause === cause)
  if (own < 0) return { proves: [], strikes: [] }
  const now = posterior[own]!
  const results: Settler[] = []
  for (const observation of observationIds) {
    if (told[observation] !== undefined || input.declined?.includes(observation)) continue
    if (!usableTest(observation, input, findings)) continue
    const shares = expectedShares(
      prior.map((entry) => entry.cause),
      observation,
      findings,
    )
    for (const [place, value] of tellingValues(observation).entries()) {
      const joint = shares.map((each, index) => posterior[index]! * each[place]!)
      const probability = joint.reduce((sum, each) => sum + each, 0)
      if (probability >= LEAST_LIKELY)
        results.push({ observation, value, probability, after: joint[own]! / probability })
    }
  }
  return {
    proves: strongest(
      results.filter(({ after }) => after > now * RAISES && after > 0.05),
      (one, two) => two.after - one.after,
    ),
    strikes: strongest(
      results.filter(({ after }) => after < now * LOWERS),
      (one, two) => one.after - two.after || two.probability - one.probability,
    ),
  }
}

/** The strongest result of each test, a few of them. */
function strongest(results: Settler[], order: (one: Settler, two: Settler) => number): Settler[] {
  const seen = new Set<ObservationId>()
  return results
    .sort(order)
    .filter(({ observation }) => {
      if (seen.has(observation)) return false
      seen.add(observation)
      return true
    })
    .slice(0, SHOWN)
}

/** What one finding did to a suspect beside all the others, not what it might have done alone. */
export interface Moved {
  observation: ObservationId
  value: string
  /** The suspect's probability without this finding. */
  without: number
  /** log2 of how many times its odds grew by it; negative speaks against. */
  bits: number
}

/** What each finding did to a suspect, the strongest first. */
export function movedBy(input: DiagnoseInput, cause: CauseId): Moved[] {
  const { findings: told } = mapObservations(input.observations, input.plate)
  const { findings } = countingFindings(input.family, told)
  const shareOf = (known: Findings): number => {
    const prior = knownPrior(input, known)
    return posteriorOf(prior, known)[prior.findIndex((entry) => entry.cause === cause)] ?? 0
  }
  const now = shareOf(findings)
  return entriesOf(findings)
    .map(([observation, value]) => {
      const { [observation]: _, ...rest } = findings
      const without = shareOf(rest)
      return { observation, value, without, bits: logOdds(now) - logOdds(without) }
    })
    .sort((one, two) => Math.abs(two.bits) - Math.abs(one.bits))
}

/**
 * The share without a finding and with it, as it is said.
 *
 * @example shareMoved('21 %', '91 %') // '21 % → 91 %'
 */
export const shareMoved = (without: string, now: string): string =>
  without === now ? `${now} either way` : `${without} → ${now}`

/** In bits; certainty either way is cut where no screen shows it any more. */
const logOdds = (probability: number): number => {
  const kept = Math.min(1 - 1e-9, Math.max(1e-9, probability))
  return Math.log2(kept / (1 - kept))
}

/**
 * How much a finding weighs, in words. One bit makes a suspect twice as likely against the others, or half.
 * `said`: what it is called that told the same before.
 */
export function weightInWords(bits: number, said?: string): string {
  const size = Math.abs(bits)
  const side = bits >= 0 ? 'for' : 'against'
  if (size < 0.3) return said ? `“${said}” has told the same already` : 'says little'
  if (size < 1) return `a little ${side}`
  if (size < 2.5) return `clearly ${side}`
  return `strongly ${side}`
}
