import { describe, expect, it } from 'vitest'
import { formatOf } from './format'

const bytes = (...parts: (string | number[])[]) =>
  Uint8Array.from(
    parts.flatMap((part) => (typeof part === 'string' ? [...Buffer.from(part, 'latin1')] : part)),
  )

describe('a file is what its first bytes say', () => {
  it.each([
    ['wav', bytes('RIFF', [1, 2, 3, 4], 'WAVEfmt ')],
    ['ogg', bytes('OggS', [0, 2])],
    ['mp4', bytes([0, 0, 0, 24], 'ftypM4A ')],
    ['webm', bytes([0x1a, 0x45, 0xdf, 0xa3, 1])],
    ['mp3', bytes('ID3', [4, 0])],
    ['mp3', bytes([0xff, 0xfb, 0x90])],
  ] as const)('%s', (format, file) => expect(formatOf(file)).toBe(format))

  it.each([
    ['a picture', bytes([0x89], 'PNG')],
    ['a page with a script', bytes('<script>')],
    ['a RIFF file that holds pictures', bytes('RIFF', [1, 2, 3, 4], 'WEBPVP8 ')],
    ['a frame of another layer', bytes([0xff, 0xf1, 0x50])],
    ['half a mark', bytes([0x1a, 0x45])],
    ['nothing', bytes()],
  ])('%s is no recording', (_, file) => expect(formatOf(file)).toBeNull())
})
