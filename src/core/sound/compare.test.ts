import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { makeSound } from '.'
import { analyseSound, SIZE, type SoundAnalysis, storedAnalysis } from './analyse'
import { markedLines, soundDifference, speedBySound } from './compare'
import { transform } from './hear/transform.testing'

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

const fan = { lineHz: 60, rpm: 1050, blades: 5 }

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
    expect(squeal.peaks[0]?.hz).toBeGreaterThan(2100)
    expect(squeal.peaks[0]?.hz).toBeLessThan(2500)
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

describe('the sound after against the sound before', () => {
  const air = makeSound('roar', RATE)

  it('says that a squeal is gone and how much quieter it is', () => {
    const squeals = heard(mixed(air, makeSound('squeal', RATE)))
    const [level, ...rest] = soundDifference(squeals, heard(air.map((each) => each / 2)), fan)
    expect(level).toMatch(/^It is \d+ dB quieter than before\.$/)
    expect(rest.join(' ')).toMatch(/The tone at 2\.\d kHz is gone\./)
  })

  it('names a tone that is new, and a hum that is new', () => {
    const words = soundDifference(heard(air), heard(mixed(air, tone(3100, 0.3), tone(120, 0.4))), fan).join(
      ' ',
    )
    expect(words).toMatch(/A tone at 3\.1 kHz is new/)
    expect(words).toMatch(/The hum at 120 Hz is new/)
  })

  it('calls the same sound the same', () => {
    expect(soundDifference(heard(air), heard(air), { lineHz: 50, rpm: null, blades: null })).toEqual([
      'It is as loud as before.',
    ])
  })

  it('reads the speed off the beat of the blades, and never off the hum', () => {
    expect(speedBySound(heard(mixed(air, tone(86, 0.3))), fan)).toBeGreaterThan(1020)
    expect(speedBySound(heard(mixed(air, tone(86, 0.3))), fan)).toBeLessThan(1045)
    expect(speedBySound(heard(tone(120)), { lineHz: 60, rpm: 1500, blades: 5 })).toBeNull()
    expect(speedBySound(heard(tone(86)), { lineHz: 60, rpm: null, blades: 5 })).toBeNull()
  })

  it('marks where hum, turn and blades lie', () => {
    expect(markedLines({ lineHz: 50, rpm: 900, blades: 4 })).toEqual([
      { hz: 100, name: 'hum' },
      { hz: 15, name: 'once a turn' },
      { hz: 60, name: 'blades' },
    ])
  })
})
