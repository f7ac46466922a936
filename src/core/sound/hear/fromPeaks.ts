import type { SoundAnalysis } from '../analyse'
import { isHum } from './hum'
import { speedOf } from './speed'
import type { Heard, HeardOf } from './types'

/** So far the lines lay apart in the spectrum that older recordings kept. Hz. */
const STEP_HZ = 5.4
/** The peaks that were kept stood out by at least this. dB. */
const OUT_DB = 12
/** A peak on the hum is told as one within this: lines lie too far apart for more. */
const HUM_HZ = 3

/**
 * What a recording tells of which no more was kept than its spectrum and its peaks: tones and speed, and nothing of its noise.
 * It suggests nothing.
 */
export function heardFromPeaks({ seconds, levelDb, peaks }: SoundAnalysis, of: HeardOf): Heard {
  const onHum = (hz: number) => isHum(hz, of.lineHz, HUM_HZ)
  const own = peaks.filter(({ hz }) => !onHum(hz))
  const hum = peaks.find(({ hz }) => onHum(hz))
  return {
    seconds,
    levelDb,
    clipped: false,
    steady: true,
    // Without a plate and its blades so few lines tell no speed.
    rpm:
      of.blades && of.plateRpm?.length
        ? speedOf(
            {
              tones: own.map(({ hz, db }) => ({ hz, db, out: OUT_DB })),
              toneStep: STEP_HZ,
              envelope: [],
              envelopeStep: 1,
            },
            of,
          )
        : null,
    hum: { db: hum?.db ?? levelDb, dominant: false },
    tones: peaks.map(({ hz, db }) => ({ hz, db, what: onHum(hz) ? 'hum' : 'other' })),
    envelope: [],
    suggests: [],
  }
}
