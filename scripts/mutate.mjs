// Whether the tests hold the rules that guard people and money: each rule is changed a little, and a test must fail.
// `npm run mutate` tries every room, `npm run mutate -- bench voiding` some. Survivors stand in docs/mutants.md.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { bin, ensureInstalled, root, run } from './lib.mjs'

const job = (...names) => names.map((name) => `src/core/job/${name}.ts`)
const tests = (...names) => names.map((name) => `src/core/${name}.test.ts`)

/** The rules of a machine's energy hang together: a change of one is noticed by the tests of any. */
const energyTests = tests(
  'job/energy/deadPeriod',
  'job/energy/seen',
  'job/energy/stops',
  'job/energy/stopRows',
  'job/energy/pointRows',
  'job/energy/chargePairs',
  'job/energy/limits',
  'job/energy/gate',
  'job/energy/voiding',
  'job/energy/daysLater',
  'job/energy/energyStates',
  'job/energy/bench',
  'job/acts/receive',
  'job/acts/coverThen',
  'job/acts/snapshotThen',
)

/** Each room: what is changed, and which tests must notice. */
const rooms = {
  energy: { mutate: job('energy/energy'), tests: energyTests },
  gate: { mutate: job('energy/gate'), tests: energyTests },
  proofs: { mutate: job('energy/proofs'), tests: energyTests },
  place: { mutate: job('energy/place'), tests: energyTests },
  circuit: { mutate: job('energy/circuit'), tests: tests('job/energy/circuit') },
  power: { mutate: job('proving/power'), tests: [...energyTests, ...tests('job/proving/power')] },
  bench: { mutate: job('energy/bench'), tests: energyTests },
  voiding: { mutate: job('energy/voiding', 'energy/period'), tests: energyTests },
  receive: { mutate: job('acts/receive', 'acts/coverThen'), tests: energyTests },
  undo: { mutate: job('acts/undo'), tests: energyTests },
  stops: { mutate: job('energy/stops', 'energy/stopActs'), tests: energyTests },
  points: { mutate: job('energy/pointActs'), tests: energyTests },
  proof: { mutate: job('energy/proofStepActs', 'energy/handsVolts'), tests: energyTests },
  stored: { mutate: job('energy/storedActs', 'energy/chargePairs'), tests: energyTests },
  bypass: {
    mutate: ['src/core/refit/bypass.ts', 'src/core/refit/bypassTold.ts'],
    tests: tests('refit/*', 'words/ledger'),
  },
  capacitor: {
    mutate: ['src/core/capacitor/check.ts', 'src/core/capacitor/combine.ts', 'src/core/capacitor/physics.ts'],
    tests: tests('capacitor/*'),
  },
  winding: { mutate: ['src/core/winding/judge.ts'], tests: tests('winding/*') },
  match: {
    mutate: [
      'src/core/match/rules/electrical.ts',
      'src/core/match/rules/mechanical.ts',
      'src/core/match/rules/outcome.ts',
      'src/core/match/capacitor.ts',
    ],
    tests: tests('match/match', 'match/limits', 'match/anyMotor', 'match/capacitorSheet', 'match/rules/*'),
  },
  wiring: { mutate: ['src/core/wiring/check.ts'], tests: tests('wiring/*') },
  decide: {
    mutate: ['src/core/diagnose/decide.ts'],
    tests: tests('diagnose/decide', 'diagnose/rulesOfThumb'),
  },
}

ensureInstalled()
const wanted = process.argv.slice(2)
const unknown = wanted.filter((name) => !(name in rooms))
if (unknown.length > 0) {
  console.error(`There is no room ${unknown.join(', ')}. Rooms: ${Object.keys(rooms).join(', ')}.`)
  process.exit(2)
}
const folder = join(root, '.cache', 'mutate')
mkdirSync(folder, { recursive: true })
const scores = []
for (const [name, room] of Object.entries(rooms)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue
  const report = join(folder, `${name}.json`)
  const config = join(folder, `${name}.config.json`)
  writeFileSync(
    config,
    JSON.stringify({
      mutate: room.mutate,
      testRunner: 'vitest',
      vitest: { configFile: 'vitest.rooms.config.ts', related: false },
      coverageAnalysis: 'perTest',
      plugins: ['@stryker-mutator/vitest-runner', './scripts/mutateSentences.mjs'],
      ignorers: ['sentences'],
      reporters: ['json'],
      jsonReporter: { fileName: report },
      tempDirName: '.cache/mutate/work',
      // What the sandbox need not copy; the documents stay, since tests read them.
      ignorePatterns: [
        '.next',
        '.next-*',
        '.demo-data',
        'data',
        'public',
        'test-results',
        'e2e',
        'docs/screenshots',
      ],
      concurrency: 2,
      timeoutMS: 60_000,
      thresholds: { high: 95, low: 90, break: null },
      allowConsoleColors: false,
    }),
  )
  const status = run(bin('stryker'), ['run', config], {
    env: { ...process.env, REST_COG_ROOM_TESTS: room.tests.join(',') },
  })
  if (status !== 0) process.exit(status)
  scores.push({ name, ...read(report) })
}
for (const { name, killed, all, survivors } of scores) {
  console.log(`\n${name}: ${killed} of ${all} killed, ${Math.round((100 * killed) / Math.max(1, all))} %`)
  for (const line of survivors) console.log(`  ${line}`)
}

/** How many changes were noticed, and what those were that were not. */
function read(file) {
  const { files } = JSON.parse(readFileSync(file, 'utf8'))
  const mutants = Object.entries(files).flatMap(([path, { source, mutants: found }]) =>
    found.map((mutant) => ({ ...mutant, path, source: source.split('\n') })),
  )
  const counted = mutants.filter(
    ({ status }) => !['Ignored', 'CompileError', 'RuntimeError'].includes(status),
  )
  const alive = counted.filter(({ status }) => status === 'Survived' || status === 'NoCoverage')
  return {
    all: counted.length,
    killed: counted.length - alive.length,
    survivors: alive.map(({ path, location, mutatorName, replacement, source }) => {
      const { start, end } = location
      const line = source[start.line - 1] ?? ''
      const was = start.line === end.line ? line.slice(start.column - 1, end.column - 1) : line.trim()
      return `${path}:${start.line} ${mutatorName}: ${was.trim().slice(0, 70)} → ${(replacement ?? '').replace(/\s+/g, ' ').slice(0, 60)}`
    }),
  }
}
