/** The part of the transform library that is used: it ships no types of its own. */
declare module 'fft.js' {
  export default class FFT {
    constructor(size: number)
    createComplexArray(): number[]
    /** Fills the first half of `out` (pairs of real and imaginary parts). */
    realTransform(out: number[], samples: ArrayLike<number>): void
  }
}
