import { CoreError } from '../src/core/errors'
import type { Samples } from '../src/core/sound/hear'

const unreadable = (): never => {
  throw new CoreError(
    'no-sound',
    'This file is no recording that can be read here. Give a WAV file: PCM of 16 or 24 bits, or floating point.',
    'file',
  )
}

/** Codes of the format chunk (RIFF, “Multimedia Programming Interface and Data Specifications 1.0”; extensible: the real code leads its id). */
const PCM = 1
const FLOAT = 3
const EXTENSIBLE = 0xfffe

/**
 * A WAV file as samples, its channels mixed to one. A browser reads recordings by itself: this is for the command line alone.
 *
 * @throws CoreError `no-sound`
 */
export function readWav(bytes: Buffer): Samples {
  if (
    bytes.length < 12 ||
    bytes.toString('latin1', 0, 4) !== 'RIFF' ||
    bytes.toString('latin1', 8, 12) !== 'WAVE'
  )
    return unreadable()
  let format: { code: number; channels: number; rate: number; bits: number } | null = null
  for (let at = 12; at + 8 <= bytes.length; ) {
    const id = bytes.toString('latin1', at, at + 4)
    const size = bytes.readUInt32LE(at + 4)
    const from = at + 8
    if (id === 'fmt ' && from + 16 <= bytes.length) {
      const code = bytes.readUInt16LE(from)
      format = {
        code: code === EXTENSIBLE && from + 26 <= bytes.length ? bytes.readUInt16LE(from + 24) : code,
        channels: bytes.readUInt16LE(from + 2),
        rate: bytes.readUInt32LE(from + 4),
        bits: bytes.readUInt16LE(from + 14),
      }
    }
    // A recorder that was cut off has written no true length.
    if (id === 'data' && format)
      return mixed(bytes.subarray(from, Math.min(bytes.length, from + size || bytes.length)), format)
    at = from + size + (size % 2)
  }
  return unreadable()
}

function mixed(
  data: Buffer,
  { code, channels, rate, bits }: { code: number; channels: number; rate: number; bits: number },
): Samples {
  const width = bits / 8
  const known = code === PCM ? [8, 16, 24, 32].includes(bits) : code === FLOAT && [32, 64].includes(bits)
  if (!known || channels < 1 || channels > 8 || rate < 8000 || rate > 192_000) return unreadable()
  const read = (at: number): number => {
    if (code === FLOAT) return bits === 32 ? data.readFloatLE(at) : data.readDoubleLE(at)
    return bits === 8 ? (data.readUInt8(at) - 128) / 128 : data.readIntLE(at, width) / 2 ** (bits - 1)
  }
  const frames = Math.floor(data.length / (width * channels))
  const samples = Float32Array.from({ length: frames }, (_, frame) => {
    let sum = 0
    for (let channel = 0; channel < channels; channel++) sum += read((frame * channels + channel) * width)
    return sum / channels
  })
  return samples.every((sample) => Number.isFinite(sample)) ? { samples, rate } : unreadable()
}
