import { makeSound } from '@/core/sound'
import { analyseSound } from '@/core/sound/analyse'
import { powerSpectrum } from '@/workers/power'

const RATE = 44_100
const SECONDS = 3

/** Recordings that were never made: the air of a fan, with and without the grinding of a dirty wheel. Their names say so. */
export function madeUpSound(way: 'before' | 'after'): { name: string; analysis: string } {
  const air = makeSound('roar', RATE, SECONDS)
  const grinding = makeSound('grinding', RATE, SECONDS)
  const squeal = makeSound('squeal', RATE, SECONDS)
  const samples =
    way === 'after'
      ? air.map((each) => each * 0.5)
      : air.map((each, index) => each * 0.4 + (grinding[index] ?? 0) * 0.5 + (squeal[index] ?? 0) * 0.15)
  const analysis = analyseSound(samples, RATE, powerSpectrum)
  if (!analysis) throw new Error('The made-up sound is silent.')
  return { name: `made up for the demo, ${way} cleaning`, analysis: JSON.stringify(analysis) }
}
