/** Solve A·x = b for a small symmetric positive semidefinite A (normal equations). Null where A is singular. */
export function solveSymmetric(matrix: number[][], right: number[]): number[] | null {
  const n = right.length
  const a = matrix.map((row, i) => [...row, right[i]!])
  for (let column = 0; column < n; column++) {
    let pivot = column
    for (let row = column + 1; row < n; row++) {
      if (Math.abs(a[row]![column]!) > Math.abs(a[pivot]![column]!)) pivot = row
    }
    const scale = a[pivot]![column]!
    if (Math.abs(scale) < 1e-9) return null
    if (pivot !== column) [a[pivot], a[column]] = [a[column]!, a[pivot]!]
    const top = a[column]!
    for (let row = column + 1; row < n; row++) {
      const line = a[row]!
      const factor = line[column]! / scale
      if (factor === 0) continue
      for (let k = column; k <= n; k++) line[k] = line[k]! - factor * top[k]!
    }
  }
  const x = new Array<number>(n).fill(0)
  for (let row = n - 1; row >= 0; row--) {
    const line = a[row]!
    let sum = line[n]!
    for (let k = row + 1; k < n; k++) sum -= line[k]! * x[k]!
    x[row] = sum / line[row]!
  }
  return x
}
