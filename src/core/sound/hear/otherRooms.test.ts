import { describe, expect, it } from 'vitest'
import { type Heard, hear } from '.'
import { hiss, made, RATE } from './made.testing'
import { physicalRecording, physicalScene } from './physical/scenes.testing'
import type { Noise } from './recordings.testing'
import { transform } from './transform.testing'

const top = ({ suggests }: Heard) => suggests[0]?.value ?? null

/** A recording of the world that was built from what makes the noise, four seconds of it at the rate of a small recorder. */
function heardOf(noise: Noise, seed: number): { heard: Heard; rpm: number } {
  const scene = { ...physicalScene(noise, seed), rate: RATE, length: 4 * RATE, beside: [] }
  const { lineHz, blades, bearing, rpm } = scene
  const plateRpm = [Math.round((rpm * 1.03) / 25) * 25]
  const samples = physicalRecording(scene)
  return { heard: hear({ samples, rate: RATE }, { lineHz, blades, plateRpm, bearing }, transform), rpm }
}

describe('in rooms and phones that were built otherwise', () => {
  it.each([
    ['hum', 'hum', 100],
    ['outer-race', 'grinding', 106],
    ['ball', 'grinding', 104],
    ['squeal', 'squeal', 103],
    ['rattle', 'rattle', 102],
    ['none', 'none', 101],
  ] as const)('%s is told as %s', (noise, value, seed) => {
    expect(top(heardOf(noise, seed).heard)).toBe(value)
  })
  it('the speed is told to two hundredths', () => {
    const { heard, rpm } = heardOf('none', 101)
    expect(Math.abs((heard.rpm?.value ?? 0) / rpm - 1)).toBeLessThan(0.02)
  })
})

describe('a motor that stands and hums', () => {
  // Iron with a bias hums at the mains' own frequency and its odd multiples as well.
  const noise = hiss(0.002)
  const parts = [60, 120, 180, 240, 300, 360].map((hz) => ({ hz, size: 0.2 / Math.sqrt(hz) }))
  const samples = made(
    4,
    (t) => parts.reduce((sum, { hz, size }) => sum + size * Math.sin(2 * Math.PI * hz * t), 0) + noise(),
  )
  const heard = hear({ samples, rate: RATE }, { lineHz: 60, blades: 3, plateRpm: [1200] }, transform)
  it('has no speed, whatever its blades would beat at the mains’ own multiples', () => {
    expect(heard.rpm).toBeNull()
  })
  it('is called hum', () => {
    expect(top(heard)).toBe('hum')
  })
})

describe('somebody who talks while nothing runs', () => {
  it('is nothing that runs, and the pitch of the voice is no speed', () => {
    for (const seed of [100, 101, 102]) {
      const { heard } = heardOf('voice', seed)
      expect(heard.suggests[0]?.confidence ?? 0, `${seed}`).toBeLessThan(0.5)
      if (!heard.suggests.some(({ confidence }) => confidence >= 0.25))
        expect(heard.rpm, `${seed}`).toBeNull()
    }
  })
})

/** A fan of 1,200 turns and five blades, with blows so many turns apart. */
function blowsEvery(turns: number, ring: { hz: number; dies: number }): Heard {
  const noise = hiss(0.004)
  const apart = turns / 20
  const samples = made(5, (t) => {
    const fan = 0.03 * Math.sin(2 * Math.PI * 100 * t) + 0.015 * Math.sin(2 * Math.PI * 200 * t)
    const since = t % apart
    return fan + noise() + 0.12 * Math.exp(-since / ring.dies) * Math.sin(2 * Math.PI * ring.hz * since)
  })
  return hear({ samples, rate: RATE }, { lineHz: 60, blades: 5, plateRpm: [1240] }, transform)
}

describe('blows at a part of the turn', () => {
  it('every second turn are something loose that flies, not a bearing', () => {
    expect(top(blowsEvery(2, { hz: 1800, dies: 0.01 }))).not.toBe('grinding')
  })
  it('three and a half to the turn, dying at once, are a bearing, and their ring is no squeal', () => {
    const heard = blowsEvery(1 / 3.57, { hz: 2600, dies: 0.002 })
    expect(top(heard)).toBe('grinding')
    expect(heard.suggests.find(({ value }) => value === 'squeal')?.confidence ?? 0).toBeLessThan(0.1)
  })
})
