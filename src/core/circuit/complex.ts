/** A complex number; phasors are rms. */
export interface Complex {
  re: number
  im: number
}

export const complex = (re: number, im = 0): Complex => ({ re, im })
export const add = (a: Complex, b: Complex): Complex => ({ re: a.re + b.re, im: a.im + b.im })
export const sub = (a: Complex, b: Complex): Complex => ({ re: a.re - b.re, im: a.im - b.im })
export const mul = (a: Complex, b: Complex): Complex => ({
  re: a.re * b.re - a.im * b.im,
  im: a.re * b.im + a.im * b.re,
})
export const scale = (a: Complex, factor: number): Complex => ({ re: a.re * factor, im: a.im * factor })
export const conj = (a: Complex): Complex => ({ re: a.re, im: -a.im })
export const abs = (a: Complex): number => Math.hypot(a.re, a.im)
/** From its size and its phase in degrees. */
export const polar = (size: number, degrees: number): Complex => {
  const radians = (degrees * Math.PI) / 180
  return { re: size * Math.cos(radians), im: size * Math.sin(radians) }
}
/** Phase in radians. */
export const arg = (a: Complex): number => Math.atan2(a.im, a.re)

export function div(a: Complex, b: Complex): Complex {
  const size = b.re * b.re + b.im * b.im
  return { re: (a.re * b.re + a.im * b.im) / size, im: (a.im * b.re - a.re * b.im) / size }
}

export const parallel = (a: Complex, b: Complex): Complex => div(mul(a, b), add(a, b))

/**
 * A pivot below this share of its row is rounding, and the circuit has no answer of its own. Insulation of 1 GΩ beside a
 * joint of 10 mΩ is 1e-11 and has one: a wire that hangs free reads some volts on a meter.
 */
const SINGULAR = 1e-13

/** Solve A·x = b by Gaussian elimination with pivoting. Null where A is singular. */
export function solveComplex(matrix: Complex[][], right: Complex[]): Complex[] | null {
  const n = right.length
  const a = matrix.map((row, i) => [...row.map((entry) => ({ ...entry })), { ...right[i]! }])
  const sizes = matrix.map((row) => Math.max(...row.map(abs), 1e-300))
  for (let column = 0; column < n; column++) {
    let pivot = column
    for (let row = column + 1; row < n; row++) {
      if (abs(a[row]![column]!) / sizes[row]! > abs(a[pivot]![column]!) / sizes[pivot]!) pivot = row
    }
    if (abs(a[pivot]![column]!) < SINGULAR * sizes[pivot]!) return null
    if (pivot !== column) {
      ;[a[pivot], a[column]] = [a[column]!, a[pivot]!]
      ;[sizes[pivot], sizes[column]] = [sizes[column]!, sizes[pivot]!]
    }
    const top = a[column]!
    for (let row = column + 1; row < n; row++) {
      const factor = div(a[row]![column]!, top[column]!)
      if (factor.re === 0 && factor.im === 0) continue
      for (let k = column; k <= n; k++) a[row]![k] = sub(a[row]![k]!, mul(factor, top[k]!))
    }
  }
  const x = new Array<Complex>(n).fill(complex(0))
  for (let row = n - 1; row >= 0; row--) {
    let sum = a[row]![n]!
    for (let k = row + 1; k < n; k++) sum = sub(sum, mul(a[row]![k]!, x[k]!))
    x[row] = div(sum, a[row]![row]!)
  }
  return x
}
