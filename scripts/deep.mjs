// The long run: the same tests from a fresh seed with ten times the samples, and the journeys that `npm test` leaves out.
// `npm run deep -- 123` draws from a seed that failed before; `npm run deep -- 123 src/core/job` in some tests alone.
import { bin, ensureBuilt, ensureInstalled, run } from './lib.mjs'

ensureInstalled()
const [seed = String(Math.floor(Math.random() * 2 ** 31)), ...only] = process.argv.slice(2)
const env = { ...process.env, REST_COG_DEEP: seed }
console.log(`Seed ${seed}: npm run deep -- ${seed} draws the same again.`)
const unit = run(bin('vitest'), ['run', ...only], { env })
let journeys = 0
if (only.length === 0) {
  ensureBuilt()
  journeys = run(bin('playwright'), ['test'], { env })
}
if (unit || journeys) console.error(`Failed with seed ${seed}. What failed becomes a case of its test.`)
process.exit(unit || journeys ? 1 : 0)
