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

describe('a speed where nobody counted the blades', () => {
  const uncounted = { lineHz: 60 }
  it('is told by no beat alone: four blades at one speed beat as five at another', () => {
    expect(speedOf(tones([48.2, 96.4, 144.6]), uncounted)).toBeNull()
    expect(speedOf(tones([48.2, 96.4, 144.6]), { ...uncounted, plateRpm: [1000] })).toBeNull()
  })

  it('is told where the turn itself is heard beside its beat, in a tone or in the noise', () => {
    expect(speedOf(tones([16.07, 48.2, 96.4, 144.6]), uncounted)?.value).toBeCloseTo(964, -1)
    const inNoise = { ...tones([88, 176, 264]), envelope: [{ hz: 17.6, db: -40, out: 20 }] }
    expect(speedOf(inNoise, uncounted)?.value).toBeCloseTo(1056, -1)
    expect(speedOf(inNoise, uncounted)?.from).toBe('turn')
  })

  it('is left open where two turns are heard that explain it as well', () => {
    const both = {
      ...tones([120.5, 241, 361.5]),
      envelope: [
        { hz: 24.1, db: -40, out: 20 },
        { hz: 30.125, db: -40, out: 20 },
      ],
    }
    expect(speedOf(both, { lineHz: 50 })).toBeNull()
  })

  it('is told by noise that swells once a turn only where a plate says about how fast that is', () => {
    const rubs = {
      tones: [],
      toneStep: 0.6,
      envelope: [17.6, 35.2, 52.8].map((hz) => ({ hz, db: -40, out: 22 })),
      envelopeStep: 0.3,
    }
    expect(speedOf(rubs, { lineHz: 60, plateRpm: [1075] })?.value).toBeCloseTo(1056, -1)
    expect(speedOf(rubs, uncounted)).toBeNull()
  })
})
