import { type HeardAs, makeSound } from '@/core/sound'
import { analyseSound } from '@/core/sound/analyse'
import { type HeardOf, hear, keptOf } from '@/core/sound/hear'
import { powerSpectrum } from '@/workers/power'
import { transform } from '@/workers/transform'

const RATE = 44_100
const SECONDS = 4

/** What is heard: a dry bearing whose ring sounds, air that is held up, or a fan that runs as it should. */
export type DemoSound = 'bearing' | 'choked' | 'good'

/**
 * A recording that was never made; its name says so.
 *
 * @param of the machine that is heard, so that it runs at its speed
 */
export function madeUpSound(what: DemoSound, of: HeardOf): { name: string; analysis: string } {
  const as = {
    seconds: SECONDS,
    lineHz: of.lineHz,
    ...(of.blades ? { blades: of.blades } : {}),
    ...(of.plateRpm?.[0] ? { rpm: 0.97 * of.plateRpm[0] } : {}),
    ...(of.bearing ? { bearing: of.bearing } : {}),
  }
  const samples = samplesOf(what, as)
  const analysis = analyseSound(samples, RATE, powerSpectrum)
  if (!analysis) throw new Error('The made-up sound is silent.')
  const heard = keptOf(hear({ samples, rate: RATE }, of, transform))
  return { name: 'made up for the demo', analysis: JSON.stringify({ ...analysis, heard }) }
}

function samplesOf(what: DemoSound, as: HeardAs): Float32Array {
  if (what === 'good') return makeSound('none', RATE, as).map((each) => each * 0.35)
  if (what === 'choked') return makeSound('roar', RATE, as).map((each) => each * 0.8)
  const squeal = makeSound('squeal', RATE, as)
  return makeSound('grinding', RATE, as).map((each, index) => each * 0.7 + (squeal[index] ?? 0) * 0.1)
}
