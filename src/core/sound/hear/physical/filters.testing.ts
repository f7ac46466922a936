/** A filter of two poles and two zeros (R. Bristow-Johnson's cookbook of audio filters, public). */
export type Filter = (value: number) => number

function biquad(b: [number, number, number], a: [number, number, number]): Filter {
  const [b0, b1, b2] = [b[0] / a[0], b[1] / a[0], b[2] / a[0]]
  const [a1, a2] = [a[1] / a[0], a[2] / a[0]]
  let x1 = 0
  let x2 = 0
  let y1 = 0
  let y2 = 0
  return (x) => {
    const y = b0 * x + b1 * x1 + b2 * x2 - a1 * y1 - a2 * y2
    x2 = x1
    x1 = x
    y2 = y1
    y1 = y
    return y
  }
}

const angles = (hz: number, q: number, rate: number) => {
  const turn = (2 * Math.PI * Math.min(hz, 0.48 * rate)) / rate
  return { cos: Math.cos(turn), alpha: Math.sin(turn) / (2 * q) }
}

/** A thing that rings at its own frequency: peak gain 1. */
export function ringsAt(hz: number, q: number, rate: number): Filter {
  const { cos, alpha } = angles(hz, q, rate)
  return biquad([alpha, 0, -alpha], [1 + alpha, -2 * cos, 1 - alpha])
}

export function highPass(hz: number, rate: number, q = Math.SQRT1_2): Filter {
  const { cos, alpha } = angles(hz, q, rate)
  return biquad([(1 + cos) / 2, -(1 + cos), (1 + cos) / 2], [1 + alpha, -2 * cos, 1 - alpha])
}

export function lowPass(hz: number, rate: number, q = Math.SQRT1_2): Filter {
  const { cos, alpha } = angles(hz, q, rate)
  return biquad([(1 - cos) / 2, 1 - cos, (1 - cos) / 2], [1 + alpha, -2 * cos, 1 - alpha])
}

/** Several things that ring at once. */
export function together(filters: [Filter, number][]): Filter {
  return (value) => {
    let sum = 0
    for (const [filter, size] of filters) sum += size * filter(value)
    return sum
  }
}

/** Noise that falls by 3 dB an octave (P. Kellet's economy filter, public), of white noise of size 1. */
export function pink(white: () => number): () => number {
  let [one, two, three] = [0, 0, 0]
  return () => {
    const value = white()
    one = 0.99765 * one + value * 0.099046
    two = 0.963 * two + value * 0.2965164
    three = 0.57 * three + value * 1.0526913
    return (one + two + three + value * 0.1848) / 3
  }
}

export const rms = (samples: Float64Array): number =>
  Math.sqrt(samples.reduce((sum, each) => sum + each * each, 0) / Math.max(1, samples.length)) + 1e-12
