import { dB } from './level'
import type { Samples, Transform } from './types'

/** Powers of evenly spaced lines, a sine of full scale 0 dB. */
export interface Spectrum {
  lines: Float64Array
  /** Hz from line to line. */
  step: number
}

/** The pieces of a recording under a Hann window, half overlapping, one spectrum each. */
export function spectra({ samples, rate }: Samples, size: number, transform: Transform): Spectrum[] {
  const power = transform(size)
  const window = Float64Array.from({ length: size }, (_, i) => 0.5 - 0.5 * Math.cos((2 * Math.PI * i) / size))
  const piece = new Float64Array(size)
  const all: Spectrum[] = []
  for (let from = 0; from + size <= samples.length; from += size / 2) {
    for (let i = 0; i < size; i++) piece[i] = (samples[from + i] ?? 0) * (window[i] ?? 0)
    // The window takes half of a sine's height away, and half of its lines are mirrored.
    const lines = power(piece)
    for (let i = 0; i < lines.length; i++) lines[i] = ((lines[i] ?? 0) * 16) / (size * size)
    all.push({ lines, step: rate / size })
  }
  return all
}

/** The largest power of two of at most `most` samples of which the recording has several pieces. */
export function sizeFor(length: number, most: number): number {
  let size = 256
  while (size * 2 <= most && size * 2 <= length / 1.5) size *= 2
  return size
}

/** Line by line the mean over the pieces (after Welch): how much power there is. */
export const meanOf = (all: Spectrum[]): Spectrum =>
  combined(all, (values) => values.reduce((sum, each) => sum + each, 0) / values.length)

/** Line by line the middle value: what sounds all the time; a word, a knock or a tune beside it falls out. */
export const middleOf = (all: Spectrum[]): Spectrum =>
  combined(all, (values) => chosen(values, values.length >> 1))

/** The value that would stand at a place were they sorted (Hoare's selection): some ten thousand times a recording. */
function chosen(values: Float64Array, place: number): number {
  let [low, high] = [0, values.length - 1]
  while (low < high) {
    const pivot = values[(low + high) >> 1] ?? 0
    let [i, j] = [low, high]
    while (i <= j) {
      while ((values[i] ?? 0) < pivot) i++
      while ((values[j] ?? 0) > pivot) j--
      if (i > j) break
      const held = values[i] ?? 0
      values[i++] = values[j] ?? 0
      values[j--] = held
    }
    if (place <= j) high = j
    else if (place >= i) low = i
    else break
  }
  return values[place] ?? 0
}

function combined(all: Spectrum[], of: (values: Float64Array) => number): Spectrum {
  const [first] = all
  if (!first) return { lines: new Float64Array(0), step: 1 }
  const values = new Float64Array(all.length)
  const lines = first.lines.map((_, line) => {
    for (let i = 0; i < all.length; i++) values[i] = all[i]?.lines[line] ?? 0
    return of(values)
  })
  return { lines, step: first.step }
}

export interface Peak {
  hz: number
  /** Below full scale. */
  db: number
  /** Over the middle of a third of an octave around it. */
  out: number
}

/** Half of a third of an octave. */
const AROUND = 2 ** (1 / 6)
const LEAST_AROUND = 10

/** Lines that are higher than their neighbours and stand out of what lies around them, the strongest first. */
export function peaksOf({ lines, step }: Spectrum, fromHz: number, toHz: number, out: number): Peak[] {
  const found: (Peak & { line: number })[] = []
  const around = surroundings(lines)
  const last = Math.min(lines.length - 2, Math.floor(toHz / step))
  for (let line = Math.max(2, Math.ceil(fromHz / step)); line <= last; line++) {
    const here = lines[line] ?? 0
    if (here < (lines[line - 1] ?? 0) || here <= (lines[line + 1] ?? 0)) continue
    const over = dB(here) - dB(around(line))
    if (over >= out) found.push({ hz: topOf(lines, line) * step, db: dB(here), out: over, line })
  }
  found.sort((one, two) => two.db - one.db)
  const kept: typeof found = []
  // The skirt of a tone is no second one.
  for (const each of found) if (kept.every(({ line }) => Math.abs(line - each.line) > 3)) kept.push(each)
  return kept.map(({ hz, db, out: stands }) => ({ hz, db, out: stands }))
}

/** Places to an octave at which the surroundings are looked up; between two of them they hardly change. */
const PLACES = 24

/** The middle of the lines of a third of an octave around each line; a tone among so many does not move it. */
function surroundings(lines: Float64Array): (line: number) => number {
  const known: number[] = []
  return (line) => {
    const place =
      line < 4 * LEAST_AROUND
        ? line
        : 4 * LEAST_AROUND + Math.round(PLACES * Math.log2(line / (4 * LEAST_AROUND)))
    known[place] ??= middleAround(lines, line)
    return known[place] ?? 0
  }
}

function middleAround(lines: Float64Array, line: number): number {
  const from = Math.max(1, Math.min(line - LEAST_AROUND, Math.floor(line / AROUND)))
  const to = Math.min(lines.length - 1, Math.max(line + LEAST_AROUND, Math.ceil(line * AROUND)))
  const values = lines.slice(from, to + 1).sort()
  return values[values.length >> 1] ?? 0
}

/** The top of the parabola through a line and its neighbours, in lines. */
export function topOf(lines: Float64Array, line: number): number {
  const [low, top, high] = [line - 1, line, line + 1].map((i) => Math.log(Math.max(lines[i] ?? 0, 1e-20)))
  const bend = (low ?? 0) - 2 * (top ?? 0) + (high ?? 0)
  const shift = bend === 0 ? 0 : (0.5 * ((low ?? 0) - (high ?? 0))) / bend
  return line + Math.max(-0.5, Math.min(0.5, shift))
}

/** Power of a band. */
export function bandPower({ lines, step }: Spectrum, fromHz: number, toHz: number): number {
  let sum = 0
  for (
    let i = Math.max(1, Math.ceil(fromHz / step));
    i <= Math.min(lines.length - 1, Math.floor(toHz / step));
    i++
  )
    sum += lines[i] ?? 0
  // Of a sine the Hann window makes three lines, one and a half times its power together.
  return sum / 3
}
