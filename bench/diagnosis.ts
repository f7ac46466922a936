import { diagnose } from '../src/core/diagnose'
import {
  checklist,
  drawCase,
  type HiddenCase,
  type Outcome,
  offered,
  type Policy,
  playCase,
  type Score,
  scoreOf,
  seeded,
} from '../src/core/diagnose/simulate.testing'
import { familyIds } from '../src/core/knowledge/vocabulary'

const percent = (share: number) => `${(share * 100).toFixed(1)} %`
const PER_FAMILY = Number(process.env.CASES ?? 100)

/**
 * Hidden faults drawn from the priors, a simulated repairer who answers through the likelihoods, and how the offered order
 * does against one fixed outside-in checklist on the same cases. It measures the reasoning, not whether the tables are true.
 */
export function benchDiagnosis(): void {
  const all: Record<'offered' | 'checklist', Outcome[]> = { offered: [], checklist: [] }
  for (const family of familyIds) {
    const random = seeded(1907 + familyIds.indexOf(family))
    const cases = Array.from({ length: PER_FAMILY }, () => drawCase(random, family))
    const own = cases.map((hidden) => playCase(hidden, offered))
    const peer = cases.map((hidden) => playCase(hidden, checklist))
    all.offered.push(...own)
    all.checklist.push(...peer)
    console.log(`diagnosis, ${family}: ${line(scoreOf(own))} | checklist: ${line(scoreOf(peer))}`)
  }
  const own = scoreOf(all.offered)
  const peer = scoreOf(all.checklist)
  console.log(`diagnosis, all ${own.cases} cases, offered order: ${line(own)}`)
  console.log(`diagnosis, all ${peer.cases} cases, checklist: ${line(peer)}`)
  console.log(
    `diagnosis: ${percent(1 - own.tests / peer.tests)} fewer tests and ${percent(1 - own.minutes / peer.minutes)} fewer minutes than the checklist`,
  )
  for (const [from, to] of [
    [0.9, 0.95],
    [0.95, 0.99],
    [0.99, 1.01],
  ] as const) {
    const band = all.offered.filter(
      ({ decided, onTrial, stated }) => decided && !onTrial && stated >= from && stated < to,
    )
    const { decidedRight, decidedStated } = scoreOf(band)
    console.log(
      `diagnosis, decisions at ${from} to ${Math.min(1, to)}: ${band.length}, said ${percent(decidedStated)}, right ${percent(decidedRight)}`,
    )
  }
  speed(offered)
}

const line = ({ right, decided, decidedRight, decidedStated, onTrial, tests, minutes }: Score) =>
  `right ${percent(right)}, decided ${percent(decided)} (right ${percent(decidedRight)}, said ${percent(decidedStated)}), mended on trial ${percent(onTrial)}, ${tests.toFixed(1)} tests, ${minutes.toFixed(0)} min`

function speed(policy: Policy): void {
  const random = seeded(3)
  let calls = 0
  const counted: Policy = (state, input) => {
    calls++
    return policy(state, input)
  }
  const cases: HiddenCase[] = Array.from({ length: 100 }, () => drawCase(random))
  diagnose({ family: 'other-fan', observations: {} })
  const started = performance.now()
  for (const hidden of cases) playCase(hidden, counted)
  console.log(
    `diagnosis: ${((performance.now() - started) / (calls + cases.length)).toFixed(2)} ms an answer`,
  )
}
