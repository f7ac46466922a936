/** A WAV file of some kind: PCM of 16 or 24 bits, or floats, of one channel or more. */
export function wavBytes(
  samples: Float32Array,
  rate: number,
  { bits = 16, float = false, channels = 1 } = {},
): Buffer {
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
