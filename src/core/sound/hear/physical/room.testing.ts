import { between } from '../../../plant/random'
import { lowPass } from './filters.testing'

type Chance = () => number

const SPEED_OF_SOUND = 343

/**
 * A box of a room after Allen and Berkley (1979): the machine and the phone somewhere in it, each wall a mirror up to the
 * third order, the rest a tail that dies away.
 */
export function inBox(dry: Float64Array, rate: number, chance: Chance): Float64Array {
  const size = [between(chance, 1.6, 6), between(chance, 1.8, 5), between(chance, 2.1, 3)]
  const inside = (length: number) => between(chance, 0.2, length - 0.2)
  const [source, phone] = [size.map(inside), size.map(inside)]
  const keeps = between(chance, 0.45, 0.85)
  const wet = new Float64Array(dry.length)
  const nearest = Math.hypot(...source.map((at, axis) => at - (phone[axis] ?? 0)))
  for (const { at, bounces } of mirrors(source, size)) {
    const far = Math.hypot(...at.map((place, axis) => place - (phone[axis] ?? 0)))
    const delay = Math.round(((far - nearest) / SPEED_OF_SOUND) * rate)
    const gain = (keeps ** bounces * Math.max(0.3, nearest)) / Math.max(0.3, far)
    for (let i = delay; i < wet.length; i++) wet[i] = (wet[i] ?? 0) + gain * (dry[i - delay] ?? 0)
  }
  tail(wet, rate, keeps, chance)
  return wet
}

function mirrors(source: number[], size: number[]): { at: number[]; bounces: number }[] {
  const alongAxis = (axis: number) =>
    [-1, 0, 1].flatMap((box) =>
      [false, true].map((turned) => ({
        at: 2 * box * (size[axis] ?? 0) + (turned ? -1 : 1) * (source[axis] ?? 0),
        bounces: Math.abs(2 * box - (turned ? 1 : 0)),
      })),
    )
  return alongAxis(0)
    .flatMap((x) => alongAxis(1).flatMap((y) => alongAxis(2).map((z) => [x, y, z])))
    .map((axes) => ({
      at: axes.map(({ at }) => at),
      bounces: axes.reduce((sum, { bounces }) => sum + bounces, 0),
    }))
    .filter(({ bounces }) => bounces <= 3)
}

/** Four delays that feed each other (after Jot, 1991), duller with each turn. */
function tail(wet: Float64Array, rate: number, keeps: number, chance: Chance): void {
  const lines = [0.0297, 0.0371, 0.0411, 0.0437].map((seconds) => ({
    held: new Float64Array(Math.max(2, Math.round(seconds * between(chance, 0.8, 1.6) * rate))),
    at: 0,
    out: 0,
    dull: lowPass(between(chance, 2500, 5000), rate),
  }))
  const feedback = 0.5 + 0.5 * keeps ** 2
  for (let i = 0; i < wet.length; i++) {
    let sum = 0
    for (const line of lines) {
      line.out = line.dull(line.held[line.at] ?? 0)
      sum += line.out
    }
    for (const line of lines) {
      line.held[line.at] = 0.4 * (wet[i] ?? 0) + feedback * 0.9 * (line.out - sum / 2)
      line.at = (line.at + 1) % line.held.length
    }
    wet[i] = (wet[i] ?? 0) + 0.35 * sum
  }
}
