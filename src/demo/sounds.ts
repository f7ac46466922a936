import { makeSound } from '@/core/sound'
import { analyseSound } from '@/core/sound/analyse'
import { type HeardOf, hear, keptOf } from '@/core/sound/hear'
import { powerSpectrum } from '@/workers/power'
import { transform } from '@/workers/transform'

const RATE = 44_100
const SECONDS = 4

/**
 * Recordings that were never made: a fan whose bearing grinds and squeals, and the same one once it runs as it should. Their names
 * say so.
 *
 * @param of the machine that is heard, so that they run at its speed
 */
export function madeUpSound(way: 'before' | 'after', of: HeardOf): { name: string; analysis: string } {
  const as = {
    seconds: SECONDS,
    lineHz: of.lineHz,
    ...(of.blades ? { blades: of.blades } : {}),
    ...(of.plateRpm?.[0] ? { rpm: 0.97 * of.plateRpm[0] } : {}),
  }
  const good = makeSound('none', RATE, as)
  const grinding = makeSound('grinding', RATE, as)
  const squeal = makeSound('squeal', RATE, as)
  const samples =
    way === 'after'
      ? good.map((each) => each * 0.35)
      : grinding.map((each, index) => each * 0.8 + (squeal[index] ?? 0) * 0.15)
  const analysis = analyseSound(samples, RATE, powerSpectrum)
  if (!analysis) throw new Error('The made-up sound is silent.')
  const heard = keptOf(hear({ samples, rate: RATE }, of, transform))
  return { name: `made up for the demo, ${way} the repair`, analysis: JSON.stringify({ ...analysis, heard }) }
}
