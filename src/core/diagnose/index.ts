import { stopTriggers } from '../knowledge/stops'
import { tests } from '../knowledge/tests'
import { shortLabels, valueLabel } from '../knowledge/valueLabels'
import { type ObservationId, observationInfo } from '../knowledge/vocabulary'
import { countingFindings, pushAgainstNothing } from './contradictions'
import { decide } from './decide'
import { leadingMend } from './mends'
import { rankTests, whileStopped } from './nextTests'
import { mapObservations } from './numbers'
import { findConflicts } from './pairs'
import { posteriorOf, suspectsOf } from './posterior'
import { knownPrior } from './prior'
import { missingTool } from './remarks'
import { rankTrials } from './trials'
import {
  BY_RECORDING,
  type DiagnoseInput,
  type Diagnosis,
  type Findings,
  type Leading,
  type Suspect,
} from './types'

export { type Contradiction, contradictionsIn } from './contradictions'
export { decidedWords, reasonedSuspect, sharedMends } from './decidedWords'
export { priorOf } from './familyPrior'
export { likelihood, tellingValues } from './likelihood'
export { DECIDED } from './mends'
export { rankedWhileDead, usableTest, worthMaking } from './nextTests'
export { capacitorVerdictToValue, mapObservations } from './numbers'
export type * from './types'

/**
 * Find the fault: posterior over the family's causes from what was observed, the next tests by expected information
 * against minutes, risk and tools, and a decision where one is justified.
 *
 * Decision-theoretic troubleshooting after Heckerman, Breese and Rommelse (1995), single fault first; pairs of faults only
 * where none alone explains the findings. Stops answer before and regardless of probabilities.
 *
 * @throws CoreError `unknown-value`, `not-a-measure`
 * @example diagnose({ family: 'outdoor-unit-fan', motorKind: 'psc', observations: { 'fan-state': 'hums', 'free-spin': 'free', 'capacitor-fan-reading': 'open' } }).decided?.action // 'replace-capacitor'
 */
export function diagnose(input: DiagnoseInput): Diagnosis {
  const { findings: mapped, unmapped } = mapObservations(input.observations, input.plate)
  const told: Findings = input.recorded ? { ...mapped, [BY_RECORDING]: input.recorded } : mapped
  const triggers = stopTriggers.filter((trigger) => trigger.values.includes(told[trigger.observation] ?? ''))
  const stop = triggers.map(({ rule, text, call }) => ({ rule, text: `${text} ${call}` }))
  const { findings, contradicted, doubts, effects, foregone } = countingFindings(input.family, told)
  const prior = knownPrior(input, findings)
  const posterior = posteriorOf(prior, findings)
  const suspects = suspectsOf(prior, posterior, findings)
  const { conflicts: unexplained, pair } = findConflicts(prior, posterior, findings)
  const conflicts = [
    ...contradicted.flatMap(({ earlier, later, text }) => [
      { observation: earlier, value: told[earlier] ?? '', text },
      { observation: later, value: told[later] ?? '', text },
    ]),
    ...doubts.flatMap(({ one, other, text }) =>
      [one, other].map(({ observation }) => ({ observation, value: told[observation] ?? '', text })),
    ),
    ...pushAgainstNothing(told),
    ...unexplained,
  ]
  const again = [
    ...contradicted.flatMap(({ earlier, later }) => [earlier, later]),
    ...doubts.map(({ doubt }) => doubt),
  ]
  const judged = decide(input, suspects, findings, { stop, pair })
  // Nothing is decided beside readings that cannot both be true; they are read again before anything else.
  const { decided, notes, needed } =
    again.length > 0 ? { decided: null, notes: judged.notes, needed: [...new Set(again)] } : judged
  for (const observation of effects)
    notes.push(
      `“${shortLabels[observation]}: ${valueLabel(observation, told[observation] ?? '')}” comes of it by itself, whatever the fault: it says nothing of the cause.`,
    )
  const ranked = rankTests(
    input,
    prior,
    posterior,
    asked(findings, [...foregone, ...unmapped.map((each) => each.observation)]),
    needed,
  )
  const nextTests = whileStopped(ranked, triggers)
  const unmade =
    stop.length === 0 &&
    needed.find(
      (observation) =>
        findings[observation] === undefined && !nextTests.some((test) => test.observation === observation),
    )
  if (unmade && !input.declined?.includes(unmade))
    notes.push(
      missingTool(
        tests[unmade].flatMap((test) => test.tools),
        observationInfo(unmade).label,
      ),
    )
  return {
    suspects,
    nextTests,
    trials: decided || stop.length > 0 ? [] : rankTrials(suspects),
    decided,
    leading: leadingOf(suspects),
    stop,
    conflicts,
    unmapped,
    pair,
    notes,
  }
}

function leadingOf(suspects: Suspect[]): Leading {
  const { action, sum, mends } = leadingMend(suspects)
  return { action, probability: sum, mends }
}

/** A number that could not be used was still read, and an effect was told or is known: none of them is offered as if nothing had been done. */
const asked = (findings: Findings, besides: ObservationId[]): Findings => ({
  ...Object.fromEntries(besides.map((observation) => [observation, 'known'])),
  ...findings,
})
