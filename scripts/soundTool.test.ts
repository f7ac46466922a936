import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import type { Heard } from '../src/core/sound/hear'
import { drawScene, type Noise, record } from '../src/core/sound/hear/recordings.testing'
import { runTool } from '../src/core/tools'
import { soundTool } from './soundTool'
import { readWav } from './wav'

const folder = mkdtempSync(join(tmpdir(), 'rest-cog-sound-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))

/** A WAV file of some kind: PCM of 16 or 24 bits, or floats, of one channel or more. */
function wav(samples: Float32Array, rate: number, { bits = 16, float = false, channels = 1 } = {}): Buffer {
  const width = bits / 8
  const head = Buffer.alloc(44)
  head.write('RIFF', 0)
  head.writeUInt32LE(36 + samples.length * width * channels, 4)
  head.write('WAVEfmt ', 8)
  head.writeUInt32LE(16, 16)
  head.writeUInt16LE(float ? 3 : 1, 20)
  head.writeUInt16LE(channels, 22)
  head.writeUInt32LE(rate, 24)
  head.writeUInt32LE(rate * width * channels, 28)
  head.writeUInt16LE(width * channels, 32)
  head.writeUInt16LE(bits, 34)
  head.write('data', 36)
  head.writeUInt32LE(samples.length * width * channels, 40)
  const data = Buffer.alloc(samples.length * width * channels)
  samples.forEach((sample, i) => {
    for (let channel = 0; channel < channels; channel++) {
      const at = (i * channels + channel) * width
      if (float) data.writeFloatLE(sample, at)
      else data.writeIntLE(Math.round(sample * (2 ** (bits - 1) - 1)), at, width)
    }
  })
  return Buffer.concat([head, data])
}

const scene = (noise: Noise) =>
  drawScene(noise, 4, { rate: 16_000, seconds: 4, lineHz: 60, rpm: 1062, blades: 5, beside: [] })
const file = (noise: Noise): string => {
  const path = join(folder, `${noise}.wav`)
  writeFileSync(path, wav(record(scene(noise)), 16_000))
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
  writeFileSync(path, wav(new Float32Array(8000).fill(0.1), 16_000))
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
    const read = readWav(wav(samples, 22_050, kind))
    expect(read.rate).toBe(22_050)
    expect(read.samples).toHaveLength(400)
    samples.forEach((sample, i) => {
      expect(Math.abs((read.samples[i] ?? 9) - sample)).toBeLessThan(within)
    })
  })
  it('that is cut off ends where it ends; what is none is refused', () => {
    const whole = wav(samples, 16_000)
    expect(readWav(whole.subarray(0, 144)).samples).toHaveLength(50)
    for (const bad of [Buffer.alloc(0), Buffer.from('RIFFxxxxWAVE'), whole.subarray(0, 30)])
      expect(() => readWav(bad)).toThrow('no recording')
  })
})
