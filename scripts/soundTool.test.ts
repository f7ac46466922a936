import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import type { Heard } from '../src/core/sound/hear'
import { drawScene, type Noise, record } from '../src/core/sound/hear/recordings.testing'
import { runTool } from '../src/core/tools'
import { soundTool } from './soundTool'
import { readWav } from './wav'
import { wavBytes } from './wav.testing'

const folder = mkdtempSync(join(tmpdir(), 'rest-cog-sound-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))

const scene = (noise: Noise) =>
  drawScene(noise, 4, { rate: 16_000, seconds: 4, lineHz: 60, rpm: 1062, blades: 5, beside: [] })
const file = (noise: Noise): string => {
  const path = join(folder, `${noise}.wav`)
  writeFileSync(path, wavBytes(record(scene(noise)), 16_000))
  return path
}
const told = async (input: object) =>
  (await runTool(soundTool, { lineHz: 60, blades: 5, plateRpm: [1075], ...input })) as unknown as Heard & {
    suggests: { text: string }[]
    compare?: { levelDb: number; gone: number[]; newTones: number[]; text: string }
  }

describe('cog sound', () => {
  it('tells what a recording says, each suggestion as a question', async () => {
    const bearing = scene('outer-race').bearing
    const heard = await told({ file: file('outer-race'), bearing })
    expect(Object.keys(heard)).toEqual(
      expect.arrayContaining([
        'seconds',
        'levelDb',
        'clipped',
        'steady',
        'rpm',
        'hum',
        'tones',
        'envelope',
        'suggests',
      ]),
    )
    expect(heard.seconds).toBeCloseTo(4, 2)
    expect(Math.abs((heard.rpm?.value ?? 0) / 1062 - 1)).toBeLessThan(0.02)
    expect(heard.envelope.some(({ what }) => what === 'outer-race')).toBe(true)
    expect(heard.suggests[0]).toMatchObject({
      value: 'grinding',
      text: expect.stringMatching(/outer race.*\?$/),
    })
  })
  it('of a motor that hums and stands has no speed', async () => {
    const heard = await told({ file: file('hum') })
    expect(heard).toMatchObject({ rpm: null, hum: { dominant: true } })
    expect(heard.suggests[0]?.value).toBe('hum')
  })
  it('compares with a recording from before: after less before', async () => {
    const { compare } = await told({ file: file('none'), before: file('squeal') })
    expect(compare?.gone.some((hz) => hz > 1000)).toBe(true)
    expect(compare?.text).toMatch(/dB (louder|quieter) than before\.|As loud as before\./)
  })
  it.each([
    ['a file that is none', { file: 'nowhere.wav' }, 'no-sound'],
    ['text', { file: text() }, 'no-sound'],
    ['half a second', { file: short() }, 'too-short'],
    ['mains of 55 Hz', { file: 'x.wav', lineHz: 55 }, 'invalid-input'],
    ['an earlier file that is none', { file: file('none'), before: 'nowhere.wav' }, 'no-sound'],
  ])('says what to do with %s', async (_, input, code) => {
    await expect(told(input)).rejects.toMatchObject({ code })
  })
})

function text(): string {
  const path = join(folder, 'note.wav')
  writeFileSync(path, 'no sound at all')
  return path
}
function short(): string {
  const path = join(folder, 'short.wav')
  writeFileSync(path, wavBytes(new Float32Array(8000).fill(0.1), 16_000))
  return path
}

describe('a WAV file', () => {
  const samples = Float32Array.from({ length: 400 }, (_, i) => 0.5 * Math.sin(i / 7))
  it.each([
    ['16 bits', { bits: 16 }, 4e-5],
    ['24 bits', { bits: 24 }, 2e-7],
    ['floats', { bits: 32, float: true }, 1e-9],
    ['two channels', { bits: 16, channels: 2 }, 4e-5],
  ])('of %s is read to the last step', (_, kind, within) => {
    const read = readWav(wavBytes(samples, 22_050, kind))
    expect(read.rate).toBe(22_050)
    expect(read.samples).toHaveLength(400)
    samples.forEach((sample, i) => {
      expect(Math.abs((read.samples[i] ?? 9) - sample)).toBeLessThan(within)
    })
  })
  it('that is cut off ends where it ends; what is none is refused', () => {
    const whole = wavBytes(samples, 16_000)
    expect(readWav(whole.subarray(0, 144)).samples).toHaveLength(50)
    for (const bad of [Buffer.alloc(0), Buffer.from('RIFFxxxxWAVE'), whole.subarray(0, 30)])
      expect(() => readWav(bad)).toThrow('no recording')
  })
})
