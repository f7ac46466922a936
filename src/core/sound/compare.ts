import { significant } from '../units'
import type { SoundAnalysis } from './analyse'

/** What is known of the machine that a sound may tell of. */
export interface SoundOf {
  /** 50 or 60. */
  lineHz: number
  /** Turns a minute of the plate, the fastest speed; null where not typed. */
  rpm: number | null
  /** Blades of the wheel; null where not counted. */
  blades: number | null
}

/** A line to mark in the spectrum. */
export interface MarkedLine {
  hz: number
  name: string
}

/** A hand's breadth nearer is worth a decibel or two: below this, levels are the same. */
const SAME_DB = 2
/** Speeds sag from the plate under load and on lower taps. */
const SLOWEST = 0.5
const FASTEST = 1.06

/**
 * The hum of the mains and the beat of the blades, where they lie for this machine.
 *
 * @example markedLines({ lineHz: 50, rpm: null, blades: null }) // [{ hz: 100, name: 'hum' }]
 */
export function markedLines({ lineHz, rpm, blades }: SoundOf): MarkedLine[] {
  return [
    { hz: 2 * lineHz, name: 'hum' },
    ...(rpm ? [{ hz: rpm / 60, name: 'once a turn' }] : []),
    ...(rpm && blades ? [{ hz: (rpm / 60) * blades, name: 'blades' }] : []),
  ]
}

/**
 * The speed by the beat of the blades: the strongest tone where their beat may lie that is none of the hum.
 *
 * @returns turns a minute; null where nothing beats there, or speed and blades are not known
 */
export function speedBySound(sound: SoundAnalysis, { lineHz, rpm, blades }: SoundOf): number | null {
  if (!rpm || !blades) return null
  const beat = (rpm / 60) * blades
  const found = sound.peaks.find(
    ({ hz }) => hz >= beat * SLOWEST && hz <= beat * FASTEST && !isHum(hz, lineHz),
  )
  return found ? Math.round((found.hz * 60) / blades) : null
}

const isHum = (hz: number, lineHz: number): boolean => {
  const nearest = Math.round(hz / (2 * lineHz)) * 2 * lineHz
  return nearest > 0 && Math.abs(hz - nearest) < 3
}

/**
 * What differs from before, in sentences.
 */
export function soundDifference(before: SoundAnalysis, after: SoundAnalysis, of: SoundOf): string[] {
  const change = after.levelDb - before.levelDb
  const level =
    Math.abs(change) < SAME_DB
      ? 'It is as loud as before.'
      : `It is ${significant(Math.abs(change), 2)} dB ${change > 0 ? 'louder' : 'quieter'} than before.`
  return [
    level,
    ...humSentence(before, after, of.lineHz),
    ...toneSentences(before, after, of),
    ...speedSentence(before, after, of),
  ]
}

function humSentence(before: SoundAnalysis, after: SoundAnalysis, lineHz: number): string[] {
  const [was, is] = [before, after].map(({ peaks }) => peaks.find(({ hz }) => Math.abs(hz - 2 * lineHz) < 3))
  const name = `The hum at ${2 * lineHz} Hz`
  if (was && !is) return [`${name} stands out no more.`]
  if (!was && is) return [`${name} is new: a motor hums that cannot turn, and a loose sheet hums along.`]
  if (!was || !is || Math.abs(is.db - was.db) < SAME_DB) return []
  return [
    `${name} is ${significant(Math.abs(is.db - was.db), 2)} dB ${is.db > was.db ? 'stronger' : 'weaker'}.`,
  ]
}

/** Tones over a kilohertz come from dry bearings, belts and relays, not from air or windings. */
const HIGH_HZ = 1000

function toneSentences(before: SoundAnalysis, after: SoundAnalysis, { lineHz }: SoundOf): string[] {
  const missing = (from: SoundAnalysis, there: SoundAnalysis) =>
    from.peaks.filter(
      ({ hz, db }) =>
        hz > HIGH_HZ &&
        !isHum(hz, lineHz) &&
        db > from.levelDb - 40 &&
        !there.peaks.some((other) => Math.abs(other.hz / hz - 1) < 0.06),
    )
  const [gone] = missing(before, after)
  const [fresh] = missing(after, before)
  const kilo = (hz: number) => `${significant(hz / 1000, 2)} kHz`
  return [
    ...(gone ? [`The tone at ${kilo(gone.hz)} is gone.`] : []),
    ...(fresh
      ? [`A tone at ${kilo(fresh.hz)} is new: listen for a dry bearing, a belt, or a wheel that touches.`]
      : []),
  ]
}

function speedSentence(before: SoundAnalysis, after: SoundAnalysis, of: SoundOf): string[] {
  const [was, is] = [speedBySound(before, of), speedBySound(after, of)]
  if (is === null) return []
  const now = `The blades beat for about ${is} turns a minute`
  return [was === null || Math.abs(was - is) < 15 ? `${now}.` : `${now}; before, for about ${was}.`]
}
