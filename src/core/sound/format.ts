import type { RecordingFormat } from '../job/rows'

const startsWith = (bytes: Uint8Array, text: string, at = 0): boolean =>
  Array.from(text).every((letter, i) => bytes[at + i] === letter.charCodeAt(0))

/** Sync word of an MPEG frame, layer III or II; layer 0 is another format. */
const isMpegFrame = (bytes: Uint8Array): boolean =>
  bytes[0] === 0xff && ((bytes[1] ?? 0) & 0xe0) === 0xe0 && ((bytes[1] ?? 0) & 0x06) !== 0

/**
 * What a file is by its first bytes, whatever its name says; null where it is no recording that is kept.
 *
 * @example formatOf(new TextEncoder().encode('OggS and so on')) // 'ogg'
 */
export function formatOf(bytes: Uint8Array): RecordingFormat | null {
  if (startsWith(bytes, 'RIFF') && startsWith(bytes, 'WAVE', 8)) return 'wav'
  if (startsWith(bytes, 'OggS')) return 'ogg'
  if (startsWith(bytes, 'ftyp', 4)) return 'mp4'
  // Matroska's own mark (EBML), of which WebM is a kind.
  if ([0x1a, 0x45, 0xdf, 0xa3].every((byte, i) => bytes[i] === byte)) return 'webm'
  return startsWith(bytes, 'ID3') || isMpegFrame(bytes) ? 'mp3' : null
}
