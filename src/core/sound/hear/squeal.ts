import { dB } from './level'
import { type Spectrum, spectra, topOf } from './spectrum'
import type { Samples, Transform } from './types'

export interface Squeal {
  hz: number
  /** Share of the recording in which the narrow tone stands out. */
  share: number
  /** Spread of its frequency over its mean. */
  wavers: number
  /** Of what stands out around it, the share that lies within some hundredths of it: of a tone nearly all, of a ring that dies less. */
  narrow: number
}

const FROM_HZ = 1000
const TO_HZ = 5000
const OUT_DB = 15
/** What belongs to the tone itself. */
const CLOSE = 0.02
/** From one piece to the next a tone that wavers moves by less. */
const STEP = 0.06

/** A narrow tone of 1 to 5 kHz, followed from piece to piece (some 45 ms). */
export function squealOf(recording: Samples, transform: Transform): Squeal | null {
  let size = 256
  while (size * 2 <= recording.rate * 0.06) size *= 2
  const all = spectra(recording, size, transform)
  const seen = all.map(standing)
  const heard = seen.flatMap((each) => (each === null ? [] : [each]))
  if (heard.length < 4) return null
  const middle = middleOf(heard.map(({ hz }) => hz))
  const own = heard.filter(({ hz }) => Math.abs(hz / middle - 1) < 2 * STEP)
  if (own.length < 4) return null
  const mean = own.reduce((sum, { hz }) => sum + hz, 0) / own.length
  const spread = Math.sqrt(own.reduce((sum, { hz }) => sum + (hz - mean) ** 2, 0) / own.length) / mean
  return {
    hz: mean,
    share: own.length / all.length,
    wavers: spread,
    narrow: middleOf(own.map(({ narrow }) => narrow)),
  }
}

const middleOf = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1] ?? 0

interface Standing {
  hz: number
  narrow: number
}

function standing({ lines, step }: Spectrum): Standing | null {
  const [from, to] = [Math.ceil(FROM_HZ / step), Math.min(lines.length - 2, Math.floor(TO_HZ / step))]
  let top = from
  for (let i = from; i <= to; i++) if ((lines[i] ?? 0) > (lines[top] ?? 0)) top = i
  // At the edge of the band it is the skirt of something below it.
  if (top === from) return null
  const around: number[] = []
  const reach = Math.max(8, Math.round(0.15 * top))
  for (let i = Math.max(1, top - reach); i <= Math.min(lines.length - 1, top + reach); i++)
    if (Math.abs(i - top) > 3) around.push(lines[i] ?? 0)
  around.sort((a, b) => a - b)
  const floor = around[around.length >> 1] ?? 0
  if (dB(lines[top] ?? 0) - dB(floor) < OUT_DB) return null
  const over = (half: number) => {
    let sum = 0
    for (let i = Math.max(1, top - half); i <= Math.min(lines.length - 1, top + half); i++)
      sum += Math.max(0, (lines[i] ?? 0) - floor)
    return sum
  }
  return { hz: topOf(lines, top) * step, narrow: over(Math.max(3, Math.round(CLOSE * top))) / over(reach) }
}
