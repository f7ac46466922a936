import { closeSync, existsSync, openSync, readSync, statSync } from 'node:fs'
import { CoreError } from '@/core/errors'

const MAGIC = 'SQLite format 3\0'

/** The user's own number in the header of a file (offset 60) while a program has it open; 0 once it was closed in order. */
export const IN_USE = 0x5c06

export interface FileState {
  withoutLog: boolean
}

/**
 * Look at the file before it is opened: what is no database of ours is named in one sentence with what to do, and nothing is
 * written to it. A file that does not exist yet is fine.
 *
 * @returns whether it was taken away from under a running program, without its log: what was written last is missing then
 * @throws CoreError `file-empty`, `file-foreign`, `file-truncated`, `file-read-only`
 */
export function inspectFile(path: string): FileState {
  if (!existsSync(path)) return { withoutLog: false }
  const { size } = statSync(path)
  if (size === 0)
    throw new CoreError(
      'file-empty',
      `The file ${path} holds nothing (0 bytes). Put a copy of your backup in its place, or move it away to begin anew.`,
    )
  const head = Buffer.alloc(100)
  const file = opened(path)
  const read = readSync(file, head, 0, 100, 0)
  closeSync(file)
  if (read < 100 || head.toString('latin1', 0, 16) !== MAGIC)
    throw new CoreError(
      'file-foreign',
      `The file ${path} is no database of Rest Cog. Move it away, or set RESTCOG_DATA to your own folder.`,
    )
  // Page size and count stand in the header (SQLite file format, offsets 16 and 28); a count may lag behind, never ahead.
  const page = head.readUInt16BE(16) === 1 ? 65_536 : head.readUInt16BE(16)
  // With a log beside it the file may be shorter than its header says: the log has the rest.
  const log = existsSync(`${path}-wal`) && statSync(`${path}-wal`).size > 0
  if (size < page * head.readUInt32BE(28) && !log)
    throw new CoreError(
      'file-truncated',
      `The file ${path} is cut off: ${size} bytes of ${page * head.readUInt32BE(28)}. Put a copy of your backup in its place.`,
    )
  return { withoutLog: head.readUInt32BE(60) === IN_USE && !existsSync(`${path}-wal`) }
}

function opened(path: string): number {
  try {
    return openSync(path, 'r+')
  } catch (error) {
    const { code } = error as { code?: string }
    throw new CoreError(
      'file-read-only',
      code === 'EACCES' || code === 'EROFS' || code === 'EPERM'
        ? `The file ${path} cannot be written. Give this account the right to write it, then start again.`
        : `The file ${path} cannot be opened (${code ?? 'unknown reason'}).`,
    )
  }
}
