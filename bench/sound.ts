import { type Heard, hear, type Suggested, type Suggestion, surenessOf } from '../src/core/sound/hear'
import { physicalRecording, physicalScene } from '../src/core/sound/hear/physical/scenes.testing'
import { drawScene, type Noise, record } from '../src/core/sound/hear/recordings.testing'
import { transform } from '../src/core/sound/hear/transform.testing'
import type { BearingSizes } from '../src/core/sound/hear/types'

const CASES = Number(process.env.CASES ?? 25)
/** Seeds on which nothing was set. */
const FIRST_SEED = Number(process.env.SEED ?? 5000)
/** Under this nobody is told anything: it is not clear. */
const TOLD = 0.5
const CALLED: Record<Noise, Suggested | null> = {
  none: 'none',
  hum: 'hum',
  squeal: 'squeal',
  'outer-race': 'grinding',
  'inner-race': 'grinding',
  ball: 'grinding',
  rough: 'grinding',
  rattle: 'rattle',
  clicking: 'clicking',
  roar: 'roar',
  silence: 'nothing',
  voice: null,
}
const TURNING: Noise[] = ['none', 'squeal', 'outer-race', 'inner-race', 'ball', 'rough', 'rattle', 'roar']

interface Recorded {
  samples: Float32Array
  rate: number
  lineHz: number
  rpm: number
  blades: number
  bearing: BearingSizes
}

/** Two made-up worlds: what is heard in the second was never set by it. */
const WORLDS: Record<string, (noise: Noise, seed: number) => Recorded> = {
  drawn: (noise, seed) => {
    const scene = drawScene(noise, seed)
    return { ...scene, samples: record(scene) }
  },
  physical: (noise, seed) => {
    const scene = physicalScene(noise, seed)
    return { ...scene, samples: physicalRecording(scene) }
  },
}

interface Counts {
  told: Map<string, { right: number; all: number }>
  confused: Map<string, number>
  speed: ReturnType<typeof none>
  uncounted: ReturnType<typeof none>
  seconds: number
  took: number
}

/** What recordings of made-up rooms, phones and machines are taken for; and how near the speed comes. */
export function benchSound(): void {
  const only = process.env.WORLD
  for (const [world, recorded] of Object.entries(WORLDS))
    if (!only || only === world) benchWorld(world, recorded)
}

function benchWorld(world: string, recorded: (noise: Noise, seed: number) => Recorded): void {
  const counts: Counts = {
    told: new Map(),
    confused: new Map(),
    speed: none(),
    uncounted: none(),
    seconds: 0,
    took: 0,
  }
  for (const noise of Object.keys(CALLED) as Noise[]) {
    const tally = { right: 0, wrong: new Map<string, number>(), untold: 0 }
    for (let i = 0; i < CASES; i++) {
      const [top] = heardOne(recorded(noise, FIRST_SEED + i), noise, i, counts)
      if (!top || top.confidence < TOLD) tally.untold++
      else if (top.value === CALLED[noise]) tally.right++
      else tally.wrong.set(top.value, (tally.wrong.get(top.value) ?? 0) + 1)
    }
    const wrong = [...tally.wrong].map(([value, n]) => `${value} ${n}`).join(', ')
    console.log(
      `sound, ${world}, ${noise}: ${CASES} recordings, right ${tally.right}, wrong ${CASES - tally.right - tally.untold}${wrong ? ` (${wrong})` : ''}, not told ${tally.untold}`,
    )
  }
  report(world, counts)
}

function heardOne(
  { samples, rate, ...scene }: Recorded,
  noise: Noise,
  i: number,
  counts: Counts,
): Suggestion[] {
  const started = performance.now()
  const heard = hear(
    { samples, rate },
    {
      lineHz: scene.lineHz,
      blades: scene.blades,
      plateRpm: [Math.round((scene.rpm * 1.03) / 25) * 25],
      bearing: scene.bearing,
    },
    transform,
  )
  counts.took += performance.now() - started
  counts.seconds += samples.length / rate
  const [top] = heard.suggests
  if (top) countTold(counts.told, top, CALLED[noise])
  const sure = top ? surenessOf(top) : null
  const called = `${CALLED[noise] ?? 'voice'} ${top && sure ? `${top.value} ${sure.sure}` : 'not-told'}`
  counts.confused.set(called, (counts.confused.get(called) ?? 0) + 1)
  if (!TURNING.includes(noise)) return heard.suggests
  speeds(counts.speed, heard, scene.rpm)
  // Nobody counts blades in the dark: a few of them without.
  if (i % 4 === 0)
    speeds(counts.uncounted, hear({ samples, rate }, { lineHz: scene.lineHz }, transform), scene.rpm)
  return heard.suggests
}

function report(world: string, { told, confused, speed, uncounted, seconds, took }: Counts): void {
  for (const [called, { right, all }] of [...told].sort())
    console.log(`sound, ${world}, told as ${called}: ${right} of ${all} were`)
  for (const [called, times] of [...confused].sort())
    console.log(`sound, ${world}, is and is told: ${called} ${times}`)
  for (const [name, of] of [
    ['speed', speed],
    ['speed without blades and plate', uncounted],
  ] as const) {
    const share = (n: number) => `${((100 * n) / of.all).toFixed(1)} %`
    console.log(
      `sound, ${world}, ${name}: ${of.all} recordings, within 2 % ${share(of.right)}, farther off ${share(of.wrong)}, not told ${share(of.untold)}, bounds hold ${share(of.held)}`,
    )
  }
  console.log(
    `sound, ${world}, time: ${((took / seconds / 1000) * 60).toFixed(2)} s for a minute of recording`,
  )
}

/** How often what is told is so: what a person may think of it. */
function countTold(
  told: Map<string, { right: number; all: number }>,
  suggestion: Suggestion,
  truth: Suggested | null,
): void {
  const sureness = surenessOf(suggestion)
  if (!sureness) return
  const key = `${suggestion.value}, ${sureness.sure}`
  const tally = told.get(key) ?? { right: 0, all: 0 }
  told.set(key, { right: tally.right + (suggestion.value === truth ? 1 : 0), all: tally.all + 1 })
}

const none = () => ({ right: 0, wrong: 0, untold: 0, held: 0, all: 0 })

function speeds(speed: ReturnType<typeof none>, { rpm }: Heard, truth: number): void {
  speed.all++
  if (!rpm) speed.untold++
  else if (Math.abs(rpm.value / truth - 1) < 0.02) speed.right++
  else speed.wrong++
  if (rpm && rpm.low <= truth && truth <= rpm.high) speed.held++
}
