import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { makeSound } from '.'
import { analyseSound, SIZE, type SoundAnalysis, storedAnalysis } from './analyse'
import { changeOf, heardFromPeaks } from './hear'
import { transform } from './hear/transform.testing'
import { markedLines } from './marks'

const RATE = 44_100
const power = transform(SIZE)

const heard = (samples: Float32Array): SoundAnalysis => {
  const found = analyseSound(samples, RATE, power)
  if (!found) throw new Error('nothing was heard')
  return found
}

const tone = (hz: number, height = 0.5, seconds = 2) =>
  Float32Array.from({ length: RATE * seconds }, (_, i) => height * Math.sin((2 * Math.PI * hz * i) / RATE))

const mixed = (...sounds: Float32Array[]) =>
  Float32Array.from({ length: Math.min(...sounds.map(({ length }) => length)) }, (_, i) =>
    sounds.reduce((sum, sound) => sum + (sound[i] ?? 0), 0),
  )

describe('what is heard in a recording', () => {
  it('is a tone to a few hertz and half a decibel, wherever it lies', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 60, max: 6000, noNaN: true }),
        fc.double({ min: 0.05, max: 0.9, noNaN: true }),
        (hz, height) => {
          const { levelDb, peaks } = heard(tone(hz, height))
          expect(levelDb).toBeCloseTo(20 * Math.log10(height / Math.SQRT2), 0)
          expect(Math.abs((peaks[0]?.hz ?? 0) - hz)).toBeLessThan(2)
        },
      ),
      { numRuns: samples(10) },
    )
  })

  it('is the hum of a stalled motor and the squeal of a dry sleeve, and no tone in the noise of air', () => {
    const hum = heard(makeSound('hum', RATE))
    expect(hum.peaks[0]?.hz).toBeCloseTo(120, 0)
    const squeal = heard(makeSound('squeal', RATE))
    const [high] = squeal.peaks.filter(({ hz }) => hz > 1000)
    expect(high?.hz).toBeGreaterThan(2100)
    expect(high?.hz).toBeLessThan(2500)
    expect(heard(makeSound('roar', RATE)).peaks.filter(({ hz }) => hz > 1000)).toEqual([])
  })

  it('is nothing in silence and in less than a fifth of a second', () => {
    expect(analyseSound(new Float32Array(RATE), RATE, power)).toBeNull()
    expect(analyseSound(tone(100, 0.5, 0.1), RATE, power)).toBeNull()
  })

  it('is kept as text and read again the same; damaged text is nothing', () => {
    const hum = heard(makeSound('hum', RATE))
    expect(storedAnalysis(JSON.stringify(hum))).toEqual(hum)
    for (const text of ['', '{}', 'null', '{"bands":[1],"peaks":[]}']) expect(storedAnalysis(text)).toBeNull()
  })
})

describe('the sound after against the sound before, of which no more was kept than its peaks', () => {
  const air = makeSound('roar', RATE)
  const of = { lineHz: 60, plateRpm: [1050], blades: 5 }
  const told = (samples: Float32Array) => heardFromPeaks(heard(samples), of)
  const change = (before: Float32Array, after: Float32Array) => changeOf(told(before), told(after), 60)

  it('tells that a squeal is gone and how much quieter it is', () => {
    const { levelDb, gone, newTones } = change(
      mixed(air, makeSound('squeal', RATE)),
      air.map((each) => each / 2),
    )
    expect(levelDb).toBeLessThan(-6)
    expect(gone.some((hz) => hz > 2100 && hz < 2500)).toBe(true)
    expect(newTones.filter((hz) => hz > 1000)).toEqual([])
  })

  it('tells a tone that is new, and a hum that is new or stands out no more', () => {
    const loud = mixed(air, tone(3100, 0.3), tone(120, 0.4))
    const { newTones, hum } = change(air, loud)
    expect(newTones.map(Math.round)).toContain(3100)
    expect(hum).toMatchObject({ hz: 120, before: null })
    expect(hum.after).toBeLessThan(0)
    expect(change(loud, air).hum).toMatchObject({ after: null })
  })

  it('is the same for the same sound', () => {
    expect(change(air, air)).toMatchObject({
      levelDb: 0,
      gone: [],
      newTones: [],
      beatsGone: [],
      beatsNew: [],
    })
  })

  it('reads the speed off the beat of the blades, and never off the hum', () => {
    const beat = mixed(air, tone(86, 0.3), tone(172, 0.2))
    expect(told(beat).rpm?.value).toBeGreaterThan(1020)
    expect(told(beat).rpm?.value).toBeLessThan(1045)
    expect(heardFromPeaks(heard(tone(120)), { lineHz: 60, plateRpm: [1500], blades: 5 }).rpm).toBeNull()
    // Without blades or a plate so few lines tell nothing.
    expect(heardFromPeaks(heard(beat), { lineHz: 60, blades: 5 }).rpm).toBeNull()
    expect(heardFromPeaks(heard(beat), { lineHz: 60, plateRpm: [1050] }).rpm).toBeNull()
  })

  it('marks where hum, turn and blades lie, by the speed that was heard before that of the plate', () => {
    expect(markedLines({ lineHz: 50, plateRpm: [900], blades: 4 }, null)).toEqual([
      { hz: 100, what: 'hum' },
      { hz: 15, what: 'turn' },
      { hz: 60, what: 'blades' },
    ])
    const silent = told(air)
    const turning = { ...silent, rpm: { value: 1200, low: 1190, high: 1210, from: 'turn' as const } }
    expect(markedLines(of, turning)[1]).toEqual({ hz: 20, what: 'turn' })
    expect(markedLines({ lineHz: 60 }, silent)).toEqual([{ hz: 120, what: 'hum' }])
  })
})
