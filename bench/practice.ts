import { checklist } from '../src/core/diagnose/simulate.testing'
import { plantBuilds } from '../src/core/knowledge/plants'
import type { CauseId } from '../src/core/knowledge/vocabulary'
import { drawMachine, isDangerous } from '../src/core/plant'
import { mends, repair, runsNow, type Walk, walk } from '../src/core/plant/advisor/walk'
import type { Drawn } from '../src/core/plant/draw'
import { storyOf } from '../src/core/plant/story'

const percent = (share: number) => `${(share * 100).toFixed(1)} %`
const MACHINES = Number(process.env.CASES ?? 2000)

interface Played {
  drawn: Drawn
  walked: Walk
  dangerous: boolean
}

/** The advisor on machines that do not come from its own tables: each test made on the machine, its readings taken by the meter. */
export function benchPractice(): void {
  const perBuild = Math.ceil(MACHINES / plantBuilds.length)
  for (const level of ['plain', 'worn', 'story'] as const) {
    const all = plantBuilds.flatMap((build) => {
      const list = Array.from({ length: level === 'plain' ? perBuild : Math.ceil(perBuild / 4) }, (_, i) =>
        playOne(drawMachine({ family: build.family, motorKind: build.kind, level, seed: `b${i}` })),
      )
      if (level === 'plain') line(`${build.family}, ${build.kind}`, list)
      return list
    })
    line(`all, ${level}`, all)
    if (level === 'plain') worst(all)
  }
  seconds()
  beside(perBuild)
}

function playOne(drawn: Drawn): Played {
  const walked = walk(drawn, storyOf(drawn))
  return {
    drawn,
    walked,
    dangerous: walked.answers.some(isDangerous),
  }
}

function line(name: string, list: Played[]): void {
  const share = (of: (played: Played) => boolean) =>
    percent(list.filter(of).length / Math.max(1, list.length))
  const mean = (of: (played: Played) => number) =>
    (list.reduce((sum, each) => sum + of(each), 0) / Math.max(1, list.length)).toFixed(1)
  const tests = list.map(({ walked }) => walked.tests.length).sort((one, two) => one - two)
  console.log(
    `practice, ${name}: ${list.length} machines, right ${share(({ walked }) => walked.right)}, of these in 5 tests ${share(({ walked }) => walked.right && walked.tests.length <= 5)}, wrong ${share(({ walked }) => walked.decided !== null && !walked.right)}, undecided ${share(({ walked }) => walked.decided === null)}, ${tests[tests.length >> 1]} tests at the median, ${mean(({ walked }) => walked.acts.length)} acts, ${mean(({ walked }) => walked.state.minutes)} minutes, dangerous ${list.filter(({ dangerous }) => dangerous).length}`,
  )
}

function worst(list: Played[]): void {
  const by = new Map<CauseId, { all: number; missed: number }>()
  for (const { drawn, walked } of list)
    for (const { cause } of drawn.faults) {
      const entry = by.get(cause) ?? { all: 0, missed: 0 }
      by.set(cause, { all: entry.all + 1, missed: entry.missed + (walked.right ? 0 : 1) })
    }
  const ten = [...by]
    .filter(([, { missed }]) => missed > 0)
    .sort(([, one], [, two]) => two.missed / two.all - one.missed / one.all || two.missed - one.missed)
    .slice(0, 10)
  console.log(
    `practice, worst causes: ${ten.map(([cause, { all, missed }]) => `${cause} ${missed} of ${all}`).join(', ')}`,
  )
}

/** Two faults: the first that is decided is mended, the machine looked at again, and the advisor begins anew with what it sees. */
function seconds(): void {
  let pairs = 0
  let found = 0
  let first = 0
  for (const build of plantBuilds)
    for (let i = 0; i < Math.ceil(MACHINES / plantBuilds.length / 4); i++) {
      const drawn = drawMachine({ family: build.family, motorKind: build.kind, level: 'two', seed: `t${i}` })
      if (drawn.faults.length < 2) continue
      pairs++
      const one = walk(drawn, storyOf(drawn))
      if (!one.decided || !one.right) continue
      first++
      const left = drawn.faults.filter(({ cause }) => !mends(one.decided?.action, cause))
      if (left.length === 0) {
        found++
        continue
      }
      repair(drawn, one, one.decided.action)
      if (runsNow(drawn, one)) {
        // What does not show after the first is mended is looked for by nobody.
        found++
        continue
      }
      const again = { ...drawn, start: one.state, faults: left }
      if (walk(again, storyOf(again)).right) found++
    }
  console.log(
    `practice, two faults: ${pairs} machines, first right ${percent(first / pairs)}, of these the second found or out of sight ${percent(found / Math.max(1, first))}`,
  )
}

/** The same machines looked at in one fixed order for every fan, with the same rule of when it is decided. */
function beside(perBuild: number): void {
  const all = plantBuilds.flatMap((build) =>
    Array.from({ length: Math.ceil(perBuild / 4) }, (_, i) => {
      const drawn = drawMachine({
        family: build.family,
        motorKind: build.kind,
        level: 'plain',
        seed: `b${i}`,
      })
      return { drawn, walked: walk(drawn, storyOf(drawn), checklist), dangerous: false }
    }),
  )
  line('all, plain, by a fixed checklist', all)
}
