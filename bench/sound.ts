import { type Heard, hear, type Suggested, type Suggestion, surenessOf } from '../src/core/sound/hear'
import { drawScene, type Noise, record } from '../src/core/sound/hear/recordings.testing'
import { transform } from '../src/core/sound/hear/transform.testing'

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

/** What recordings of made-up rooms, phones and machines are taken for; and how near the speed comes. */
export function benchSound(): void {
  const told = new Map<string, { right: number; all: number }>()
  const speed = none()
  const uncounted = none()
  let [seconds, took] = [0, 0]
  for (const noise of Object.keys(CALLED) as Noise[]) {
    const tally = { right: 0, wrong: new Map<string, number>(), untold: 0 }
    for (let i = 0; i < CASES; i++) {
      const scene = drawScene(noise, FIRST_SEED + i)
      const samples = record(scene)
      const started = performance.now()
      const heard = hear(
        { samples, rate: scene.rate },
        {
          lineHz: scene.lineHz,
          blades: scene.blades,
          plateRpm: [Math.round((scene.rpm * 1.03) / 25) * 25],
          bearing: scene.bearing,
        },
        transform,
      )
      took += performance.now() - started
      seconds += scene.seconds
      const [top] = heard.suggests
      if (top) countTold(told, top, CALLED[noise])
      if (!top || top.confidence < TOLD) tally.untold++
      else if (top.value === CALLED[noise]) tally.right++
      else tally.wrong.set(top.value, (tally.wrong.get(top.value) ?? 0) + 1)
      if (TURNING.includes(noise)) speeds(speed, heard, scene.rpm)
      // Nobody counts blades in the dark: a few of them without.
      if (TURNING.includes(noise) && i % 4 === 0)
        speeds(uncounted, hear({ samples, rate: scene.rate }, { lineHz: scene.lineHz }, transform), scene.rpm)
    }
    const wrong = [...tally.wrong].map(([value, n]) => `${value} ${n}`).join(', ')
    console.log(
      `sound, ${noise}: ${CASES} recordings, right ${tally.right}, wrong ${CASES - tally.right - tally.untold}${wrong ? ` (${wrong})` : ''}, not told ${tally.untold}`,
    )
  }
  for (const [called, { right, all }] of [...told].sort())
    console.log(`sound, told as ${called}: ${right} of ${all} were`)
  for (const [name, of] of [
    ['speed', speed],
    ['speed without blades and plate', uncounted],
  ] as const) {
    const share = (n: number) => `${((100 * n) / of.all).toFixed(1)} %`
    console.log(
      `sound, ${name}: ${of.all} recordings, within 2 % ${share(of.right)}, farther off ${share(of.wrong)}, not told ${share(of.untold)}, bounds hold ${share(of.held)}`,
    )
  }
  console.log(
    `sound, time: ${((((1000 * took) / seconds / 1000) * 60) / 1000).toFixed(2)} s for a minute of recording`,
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
