import { diagnose } from '../src/core/diagnose'
import {
  checklist,
  drawCase,
  type HiddenCase,
  type Outcome,
  offered,
  oneAnswerOff,
  type Policy,
  playCase,
  type Score,
  scoreOf,
  textbookCases,
  withoutLive,
} from '../src/core/diagnose/simulate.testing'
import { builds } from '../src/core/diagnose/world/machine.testing'
import { worldCase } from '../src/core/diagnose/world/seen.testing'
import { familyIds } from '../src/core/knowledge/vocabulary'
import { seeded } from '../src/core/random'

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
  textbook()
  noisy()
  world()
  speed(offered)
}

/** Every cause of every kind as it mostly looks: what the tables alone leave open or get wrong. */
function textbook(): void {
  const outcomes = textbookCases().map((hidden) => ({ hidden, ...playCase(hidden, offered) }))
  const within = outcomes.filter(({ decided, right, tests }) => decided && right && tests <= 8)
  const wrong = outcomes.filter(({ decided, right }) => decided && !right)
  console.log(
    `diagnosis, each cause as it mostly looks: ${outcomes.length} cases, right within 8 tests ${percent(within.length / outcomes.length)}, decided wrongly ${percent(wrong.length / outcomes.length)}, undecided or later ${percent(1 - (within.length + wrong.length) / outcomes.length)}`,
  )
  console.log(`diagnosis, decided wrongly most often: ${often(wrong.map(({ hidden }) => hidden.cause))}`)
  const open = outcomes.filter((each) => !within.includes(each) && !wrong.includes(each))
  console.log(`diagnosis, undecided or later most often: ${often(open.map(({ hidden }) => hidden.cause))}`)
}

/** Machines of the five commonest families whose faults come of their own physics, and a person who sometimes tells it wrong. */
function world(): void {
  const all = builds.flatMap((build) => {
    const random = seeded(4129)
    const own = Array.from({ length: 2 * PER_FAMILY }, () => playCase(worldCase(build, random), offered))
    sayWorld(build.family, own)
    return own
  })
  sayWorld('all five', all)
}

function sayWorld(name: string, outcomes: Outcome[]): void {
  const share = (of: (outcome: Outcome) => boolean) => percent(outcomes.filter(of).length / outcomes.length)
  const tests = outcomes.map((each) => each.tests).sort((one, two) => one - two)[outcomes.length >> 1]
  console.log(
    `diagnosis, small world of its own physics, ${name}: ${outcomes.length} machines, decided right ${share(({ decided, right }) => decided && right)}, wrong ${share(({ decided, right }) => decided && !right)}, undecided ${share(({ decided }) => !decided)}, ${tests} tests at the median`,
  )
}

/** 1,000 seeded repairs with one story told wrong or not known; and all of them with every live test declined. */
function noisy(): void {
  const random = seeded(77)
  const book = textbookCases()
  const runs = Array.from({ length: 1000 }, () => {
    const hidden = book[Math.floor(random() * book.length)] ?? book[0]
    const nth = Math.floor(random() * 4)
    return hidden ? [oneAnswerOff(hidden, nth, random)] : []
  }).flat()
  sayNoisy('one story wrong or not known', runs, offered)
  sayNoisy('each cause as it mostly looks, every live test declined', book, withoutLive)
}

function sayNoisy(name: string, runs: HiddenCase[], policy: Policy): void {
  const outcomes = runs.map((hidden) => ({ hidden, ...playCase(hidden, policy) }))
  const share = (of: (outcome: Outcome) => boolean) => percent(outcomes.filter(of).length / outcomes.length)
  console.log(
    `diagnosis, ${name}: ${outcomes.length} cases, right ${share(({ decided, right }) => decided && right)}, wrong ${share(({ decided, right }) => decided && !right)}, undecided ${share(({ decided }) => !decided)}`,
  )
  const wrong = outcomes.filter(({ decided, right }) => decided && !right)
  if (wrong.length > 0)
    console.log(`diagnosis, wrong there: ${often(wrong.map(({ hidden }) => hidden.cause))}`)
}

/** Names with how often each stands in the list, the most frequent first. */
function often(names: string[]): string {
  const counts = new Map<string, number>()
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1)
  return [...counts]
    .sort((one, two) => two[1] - one[1])
    .slice(0, 14)
    .map(([name, count]) => `${name} ${count}`)
    .join(', ')
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
