import type { Complex } from '../../circuit/complex'

/** A factorised complex matrix, real and imaginary parts row by row; kept because one machine is asked a thousand times. */
export interface Factors {
  size: number
  re: Float64Array
  im: Float64Array
  order: Int32Array
}

/** LU with partial pivoting, in place. Null where a pivot is 0: the net has a part that hangs on nothing. */
export function factorise(size: number, re: Float64Array, im: Float64Array): Factors | null {
  const order = Int32Array.from({ length: size }, (_, i) => i)
  for (let column = 0; column < size; column++) {
    const pivot = largestBelow(size, re, im, column)
    if (pivot < 0) return null
    if (pivot !== column) swapRows(size, re, im, order, pivot, column)
    const top = column * size
    const [pr, pi] = [re[top + column] ?? 0, im[top + column] ?? 0]
    const norm = pr * pr + pi * pi
    for (let row = column + 1; row < size; row++) {
      const at = row * size
      const [ar, ai] = [re[at + column] ?? 0, im[at + column] ?? 0]
      if (ar === 0 && ai === 0) continue
      const fr = (ar * pr + ai * pi) / norm
      const fi = (ai * pr - ar * pi) / norm
      re[at + column] = fr
      im[at + column] = fi
      for (let k = column + 1; k < size; k++) {
        const tr = re[top + k] ?? 0
        const ti = im[top + k] ?? 0
        if (tr === 0 && ti === 0) continue
        re[at + k] = (re[at + k] ?? 0) - (fr * tr - fi * ti)
        im[at + k] = (im[at + k] ?? 0) - (fr * ti + fi * tr)
      }
    }
  }
  return { size, re, im, order }
}

function largestBelow(size: number, re: Float64Array, im: Float64Array, column: number): number {
  let found = -1
  let largest = 0
  for (let row = column; row < size; row++) {
    const at = row * size + column
    const value = Math.hypot(re[at] ?? 0, im[at] ?? 0)
    if (value > largest) [found, largest] = [row, value]
  }
  return found
}

function swapRows(
  size: number,
  re: Float64Array,
  im: Float64Array,
  order: Int32Array,
  one: number,
  two: number,
): void {
  for (const list of [re, im])
    for (let k = 0; k < size; k++) {
      const kept = list[one * size + k] ?? 0
      list[one * size + k] = list[two * size + k] ?? 0
      list[two * size + k] = kept
    }
  const kept = order[one] ?? 0
  order[one] = order[two] ?? 0
  order[two] = kept
}

/** Solve for one right side. */
export function solveWith({ size, re, im, order }: Factors, right: readonly Complex[]): Complex[] {
  const x: Complex[] = Array.from({ length: size }, (_, i) => ({ ...(right[order[i] ?? 0] ?? ZERO) }))
  for (let row = 0; row < size; row++) subtract(x, row, 0, row, re, im, size)
  for (let row = size - 1; row >= 0; row--) {
    subtract(x, row, row + 1, size, re, im, size)
    const at = row * size + row
    const [pr, pi] = [re[at] ?? 0, im[at] ?? 0]
    const norm = pr * pr + pi * pi
    const { re: vr, im: vi } = x[row] ?? ZERO
    x[row] = { re: (vr * pr + vi * pi) / norm, im: (vi * pr - vr * pi) / norm }
  }
  return x
}

const ZERO: Complex = { re: 0, im: 0 }

function subtract(
  x: Complex[],
  row: number,
  from: number,
  to: number,
  re: Float64Array,
  im: Float64Array,
  size: number,
): void {
  let sr = x[row]?.re ?? 0
  let si = x[row]?.im ?? 0
  for (let k = from; k < to; k++) {
    const mr = re[row * size + k] ?? 0
    const mi = im[row * size + k] ?? 0
    if (mr === 0 && mi === 0) continue
    const { re: xr, im: xi } = x[k] ?? ZERO
    sr -= mr * xr - mi * xi
    si -= mr * xi + mi * xr
  }
  x[row] = { re: sr, im: si }
}
