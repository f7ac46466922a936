/** The part of the transform library that is used: it ships no types of its own. */
declare module 'fft.js' {
  export default class FFT {
    constructor(size: number)
    createComplexArray(): number[]
    /** Fills the first half of `out` (pairs of real and imaginary parts). */
    realTransform(out: number[], samples: ArrayLike<number>): void
    /** Fills the second half, which mirrors the first. */
    completeSpectrum(lines: number[]): void
    inverseTransform(out: number[], lines: number[]): void
  }
}
