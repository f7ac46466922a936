import { isHum } from './hum'
import type { EnvelopeLine, Heard, HeardTone } from './types'

export interface HeardChange {
  /** After less before. */
  levelDb: number
  /** Tones that stood out before and are no more, Hz, the strongest first. */
  gone: number[]
  newTones: number[]
}

/** What differs between two recordings of one machine, as facts. */
export interface SoundChange extends HeardChange {
  /** Of these the tones that are neither hum nor the beat of turn or blades, which come and go with what covers them. */
  oddGone: number[]
  oddNew: number[]
  /** The hum as a tone, dB below full scale; null where it does not stand out. `holds`: it now holds most of what is heard. */
  hum: { hz: number; before: number | null; after: number | null; holds: boolean }
  /** Turns a minute; null where nothing told them. */
  rpm: { before: number | null; after: number | null }
  /** Beats of the noise that were there and are no more, with how often they came to a turn where that is known. */
  beatsGone: ToldBeat[]
  beatsNew: ToldBeat[]
}

export interface ToldBeat extends EnvelopeLine {
  /** Of the turn; null where no speed was heard. */
  order: number | null
}

/** Two recordings of one machine have their tones within this of each other: it never runs twice at quite the same speed. */
const SAME = 0.03
/** Tones fainter than the whole by more are heard by nobody. */
const FAINT_DB = 42
const MOST = 6
/** A beat that swings the noise by less says nothing. */
const LEAST_BEAT = 0.1
/** Slower than this the air of a room swells and fades by itself. Hz. */
const SLOWEST_BEAT = 4
/** A beat is gone where less than this share of it is left. */
const LEFT = 0.4

/** What differs between two recordings. The hum counts as one tone; what wanders with the speed is the same tone. */
export function changeOf(before: Heard, after: Heard, lineHz: number): SoundChange {
  const audible = ({ tones, levelDb }: Heard) => tones.filter(({ db }) => db > levelDb - FAINT_DB)
  const missing = (from: HeardTone[], there: HeardTone[]): HeardTone[] =>
    from.filter(({ hz }) => !there.some((other) => Math.abs(other.hz / hz - 1) < SAME)).slice(0, MOST)
  const [was, is] = [audible(before), audible(after)]
  const kept = (list: HeardTone[]) => list.filter(({ hz }, i) => !isHum(hz, lineHz) || i < MOST)
  const hz = 2 * lineHz
  const [gone, fresh] = [missing(kept(was), after.tones), missing(kept(is), before.tones)]
  return {
    levelDb: after.levelDb - before.levelDb,
    gone: gone.map(hzOf),
    newTones: fresh.map(hzOf),
    oddGone: gone.filter(isOdd).map(hzOf),
    oddNew: fresh.filter(isOdd).map(hzOf),
    hum: { hz, before: toneAt(before, hz), after: toneAt(after, hz), holds: after.hum.dominant },
    rpm: { before: before.rpm?.value ?? null, after: after.rpm?.value ?? null },
    beatsGone: beatsGone(before, after),
    beatsNew: beatsGone(after, before),
  }
}

const hzOf = ({ hz }: HeardTone): number => hz
const isOdd = ({ what }: HeardTone): boolean => what === 'squeal' || what === 'other'

/** Lines of a spectrum lie some hertz apart, and so may one tone in two recordings. */
const APART_HZ = 3

const toneAt = ({ tones }: Heard, hz: number): number | null =>
  tones.find((tone) => Math.abs(tone.hz - hz) < APART_HZ)?.db ?? null

/** What the blades and the mains beat is no fault, and one whose speed changed has its beat elsewhere: it goes by the turn. */
function beatsGone(from: Heard, there: Heard): ToldBeat[] {
  const orderOf = (heard: Heard, hz: number) => (heard.rpm ? hz / (heard.rpm.value / 60) : null)
  const known = there.envelope.map((line) => ({ ...line, order: orderOf(there, line.hz) }))
  return from.envelope
    .filter(({ what, strength }) => what !== 'blades' && what !== 'hum' && strength > LEAST_BEAT)
    .filter(({ hz }) => hz > SLOWEST_BEAT)
    .map((line) => ({ ...line, order: orderOf(from, line.hz) }))
    .filter(
      (line) =>
        !known.some((other) => {
          const [one, two] = line.order && other.order ? [line.order, other.order] : [line.hz, other.hz]
          return Math.abs(one / two - 1) < SAME && other.strength > LEFT * line.strength
        }),
    )
    .slice(0, MOST)
}
