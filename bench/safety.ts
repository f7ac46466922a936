import { walk } from '../src/core/job/energy/walks.testing'
import { seeded } from '../src/core/random'

const WALKS = 1000
const ACTS = 300

/**
 * Four windows at three jobs, two of them at one machine and one at another machine of its breaker: a clock that is set, outages,
 * duplicates, late and refused acts, passing time, undo and redo. Every state in which the
 * core lets hands in is held against a checker that knows only what was done (`core/job/trace.testing.ts`).
 */
export function benchSafety(): void {
  const results = Array.from({ length: WALKS }, (_, seed) => walk(ACTS, seeded(9000 + seed)))
  const sum = (of: (result: (typeof results)[number]) => number) =>
    results.reduce((total, result) => total + of(result), 0)
  console.log('\nSafety: hands let in against what was done')
  console.log(
    `  walks                 ${WALKS} of ${ACTS} steps by four windows at three jobs, two of one machine and one behind its breaker`,
  )
  console.log(`  acts stored           ${sum(({ acts }) => acts)}`)
  console.log(`  acts refused          ${sum(({ refused }) => refused)}`)
  console.log(`  states with hands in  ${sum(({ opened }) => opened)}`)
  const codes = [...new Set(results.flatMap(({ by }) => Object.keys(by)))]
  for (const code of codes.sort((one, two) => sum(({ by }) => by[two] ?? 0) - sum(({ by }) => by[one] ?? 0)))
    console.log(`    refused by ${code.padEnd(18)} ${sum(({ by }) => by[code] ?? 0)}`)
  const unjustified = results.flatMap((result) => result.unjustified)
  console.log(`  of them unjustified   ${unjustified.length}${unjustified[0] ? `: ${unjustified[0]}` : ''}`)
}
