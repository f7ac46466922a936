// All checks in order: types, lint, layers, unit, build, journeys. Plain Node, so that it runs on a fresh clone.
import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { bin, ensureBuilt, ensureInstalled, root, run } from './lib.mjs'

const results = join(root, 'test-results')
rmSync(results, { recursive: true, force: true })
mkdirSync(results, { recursive: true })

/** A part that is not done by then hangs. */
const HANGS_MS = 60 * 60_000

let passed = 0
let failed = 0
const times = []
let began = Date.now()
/** What took how long, said at the end: a slow part is seen on the day it becomes slow. */
const took = (part) => {
  times.push(`${part} ${Math.round((Date.now() - began) / 1000)} s`)
  began = Date.now()
}
const close = () => {
  console.log(times.join(', '))
  console.log(`${passed} passed, ${failed} failed`)
  process.exit(failed > 0 ? 1 : 0)
}

/** A check that is one pass or one fail. */
function check(name, command, args) {
  console.log(`\n— ${name}`)
  if (run(command, args) === 0) return true
  failed += 1
  return false
}

ensureInstalled()
took('packages')
check('lock file names no host', process.execPath, [
  '-e',
  "process.exit(require('fs').readFileSync('package-lock.json','utf8').includes('\"resolved\"') ? 1 : 0)",
])
// The compiler in native code checks in a fifth of the time; the one that packages call by its name stays beside it.
const compiler = join(root, 'node_modules', 'typescript-native', 'bin', 'tsc')
check('types', bin('next'), ['typegen']) &&
  check('types, strict', process.execPath, [compiler, '--noEmit', '--incremental', 'false'])
took('types')
check('lint', bin('biome'), ['check', '.'])
check('layers', bin('depcruise'), [
  'src',
  'scripts',
  '--config',
  '.dependency-cruiser.cjs',
  '--output-type',
  'err',
])
took('lint, layers')

console.log('\n— unit')
const unitFile = join(results, 'unit.json')
const unitStatus = run(
  bin('vitest'),
  ['run', '--reporter=dot', '--reporter=json', `--outputFile.json=${unitFile}`],
  // What hangs inside of one expression no test runner can end.
  { timeout: HANGS_MS },
)
count(unitFile, unitStatus, (report) => [report.numPassedTests, report.numFailedTests])
took('unit')

console.log('\n— build')
ensureBuilt()
took('build')

console.log('\n— journeys')
const chromium = findChromium()
if (!chromium) {
  console.error(
    'No Chromium was found. Install Debian’s (apt-get install chromium) or set CHROMIUM_PATH to one, then run npm test again.',
  )
  failed += 1
  close()
}
const journeyStatus = run(bin('playwright'), ['test'], {
  env: { ...process.env, CHROMIUM_PATH: chromium },
  timeout: HANGS_MS,
})
count(join(results, 'journeys.json'), journeyStatus, (report) => [
  report.stats.expected,
  report.stats.unexpected + report.stats.flaky,
])
took('journeys')
close()

function count(file, status, read) {
  if (!existsSync(file)) {
    failed += 1
    return
  }
  const [good, bad] = read(JSON.parse(readFileSync(file, 'utf8')))
  passed += good
  failed += bad > 0 ? bad : status === 0 ? 0 : 1
}

function findChromium() {
  const candidates = [
    process.env.CHROMIUM_PATH,
    // Debian's build without a window: the same engine, a quarter less work for the journeys.
    '/usr/bin/chromium-headless-shell',
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
    '/usr/bin/google-chrome',
  ]
  const known = candidates.find((path) => path && existsSync(path))
  if (known) return known
  const isRoot = typeof process.getuid === 'function' && process.getuid() === 0
  if (!isRoot || spawnSync('apt-get', ['--version']).status !== 0) return null
  console.log('Installing Debian’s Chromium …')
  const quiet = {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  }
  spawnSync('apt-get', ['update', '-qq'], quiet)
  for (const name of ['chromium-headless-shell', 'chromium']) {
    spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], quiet)
    if (existsSync(`/usr/bin/${name}`)) return `/usr/bin/${name}`
  }
  return null
}
