/** Samples as a WAV file (RIFF, 16 bits, mono). */
export function wav(name: string, samples: Float32Array, rate = 44_100) {
  const head = Buffer.alloc(44)
  head.write('RIFF', 0)
  head.writeUInt32LE(36 + samples.length * 2, 4)
  head.write('WAVEfmt ', 8)
  head.writeUInt32LE(16, 16)
  head.writeUInt16LE(1, 20)
  head.writeUInt16LE(1, 22)
  head.writeUInt32LE(rate, 24)
  head.writeUInt32LE(rate * 2, 28)
  head.writeUInt16LE(2, 32)
  head.writeUInt16LE(16, 34)
  head.write('data', 36)
  head.writeUInt32LE(samples.length * 2, 40)
  const data = Buffer.from(Int16Array.from(samples, (each) => Math.round(each * 32_000)).buffer)
  return { name, mimeType: 'audio/wav', buffer: Buffer.concat([head, data]) }
}
