import { describe, expect, it } from 'vitest'
import { speedOf } from './speed'

const of = { lineHz: 60, blades: 5, plateRpm: [1075] }
/** Tones that stand out alike, as a list of frequencies. */
const tones = (hz: number[], out = 24) => ({
  tones: hz.map((each) => ({ hz: each, db: -30, out })),
  toneStep: 0.6,
  envelope: [],
  envelopeStep: 0.3,
})

describe('a speed by the beat of the blades', () => {
  it('is told by the beat and its harmonics', () => {
    expect(speedOf(tones([88, 176, 264]), of)?.value).toBeCloseTo(1056, -1)
  })

  it('is told by no two tones that would be its fourth and fifth harmonic, with all before them missing', () => {
    expect(speedOf(tones([352, 440]), of)).toBeNull()
    // The same two beside the lower ones are its harmonics.
    expect(speedOf(tones([88, 176, 264, 352, 440]), of)?.value).toBeCloseTo(1056, -1)
  })

  it('is not told by what lies on the hum', () => {
    expect(speedOf(tones([120, 240, 360]), of)).toBeNull()
  })
})
