import { isHum } from './hum'
import type { Heard, HeardTone } from './types'

export interface HeardChange {
  /** After less before. */
  levelDb: number
  /** Tones that stood out before and are no more, Hz, the strongest first. */
  gone: number[]
  newTones: number[]
}

/** Two recordings of one machine have their tones within this of each other: it never runs twice at quite the same speed. */
const SAME = 0.03
/** Tones fainter than the whole by more are heard by nobody. */
const FAINT_DB = 42
const MOST = 6

/** What differs between two recordings. The hum counts as one tone; what wanders with the speed is the same tone. */
export function compareHeard(before: Heard, after: Heard, lineHz: number): HeardChange {
  const audible = ({ tones, levelDb }: Heard) => tones.filter(({ db }) => db > levelDb - FAINT_DB)
  const missing = (from: HeardTone[], there: HeardTone[]) =>
    from
      .filter(({ hz }) => !there.some((other) => Math.abs(other.hz / hz - 1) < SAME))
      .map(({ hz }) => hz)
      .slice(0, MOST)
  const [was, is] = [audible(before), audible(after)]
  const kept = (list: HeardTone[]) => list.filter(({ hz }, i) => !isHum(hz, lineHz) || i < MOST)
  return {
    levelDb: after.levelDb - before.levelDb,
    gone: missing(kept(was), after.tones),
    newTones: missing(kept(is), before.tones),
  }
}
