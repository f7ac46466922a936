import type { Complex } from '../../circuit/complex'

/** A factorised complex matrix, real and imaginary parts row by row; kept because one machine is asked a thousand times. */
export interface Factors {
  size: number
  re: Float64Array
  im: Float64Array
  order: Int32Array
}

/** LU with threshold pivoting, in place. Null where a pivot is 0: the net has a part that hangs on nothing. */
export function factorise(size: number, re: Float64Array, im: Float64Array): Factors | null {
  const order = Int32Array.from({ length: size }, (_, i) => i)
  for (let column = 0; column < size; column++) {
    const pivot = pivotOf(size, re, im, column)
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

/**
 * The row to divide by: the one in its place while it is no less than a tenth of the largest, so that what was put in order
 * to keep the matrix thin stays in order; else the largest. −1 where all are 0.
 */
function pivotOf(size: number, re: Float64Array, im: Float64Array, column: number): number {
  let found = -1
  let largest = 0
  let own = 0
  for (let row = column; row < size; row++) {
    const at = row * size + column
    const [r, i] = [re[at] ?? 0, im[at] ?? 0]
    const square = r * r + i * i
    if (row === column) own = square
    if (square > largest) [found, largest] = [row, square]
  }
  return own > 0 && own >= IN_PLACE_SQUARE * largest ? column : found
}

/** A tenth, squared. */
const IN_PLACE_SQUARE = 0.01

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
  const xr = new Float64Array(size)
  const xi = new Float64Array(size)
  for (let row = 0; row < size; row++) {
    const given = right[order[row] ?? 0]
    xr[row] = given?.re ?? 0
    xi[row] = given?.im ?? 0
  }
  const subtract = (row: number, from: number, to: number) => {
    let sr = xr[row] ?? 0
    let si = xi[row] ?? 0
    for (let k = from, at = row * size + from; k < to; k++, at++) {
      const mr = re[at] ?? 0
      const mi = im[at] ?? 0
      if (mr === 0 && mi === 0) continue
      const kr = xr[k] ?? 0
      const ki = xi[k] ?? 0
      sr -= mr * kr - mi * ki
      si -= mr * ki + mi * kr
    }
    xr[row] = sr
    xi[row] = si
  }
  for (let row = 0; row < size; row++) subtract(row, 0, row)
  for (let row = size - 1; row >= 0; row--) {
    subtract(row, row + 1, size)
    const at = row * size + row
    const [pr, pi] = [re[at] ?? 0, im[at] ?? 0]
    const norm = pr * pr + pi * pi
    const [vr, vi] = [xr[row] ?? 0, xi[row] ?? 0]
    xr[row] = (vr * pr + vi * pi) / norm
    xi[row] = (vi * pr - vr * pi) / norm
  }
  return Array.from(xr, (value, i) => ({ re: value, im: xi[i] ?? 0 }))
}
