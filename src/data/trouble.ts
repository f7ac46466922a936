import { CoreError } from '@/core/errors'

/**
 * What stands in the way of the data folder, as one sentence with what to do: a full disk, a file that another program holds, that
 * may not be written, or that is damaged. Null for anything else.
 *
 * @example fileTrouble(Object.assign(new Error('x'), { code: 'ENOSPC' }))?.code // 'disk-full'
 */
export function fileTrouble(error: unknown): CoreError | null {
  const { code = '', message = '' } = (error ?? {}) as { code?: unknown; message?: unknown }
  const told = `${String(code)} ${String(message)}`
  const [trouble] = troubles.filter(({ signs }) => signs.test(told))
  return trouble ? new CoreError(trouble.code, trouble.says) : null
}

const troubles = [
  {
    signs: /ENOSPC|SQLITE_FULL|disk is full|no space left/i,
    code: 'disk-full',
    says: 'The disk of the data folder is full. Nothing stored is lost, and what was typed waits on this device; make room on the disk, then try again.',
  },
  {
    signs: /SQLITE_BUSY|SQLITE_LOCKED|database is locked/i,
    code: 'file-held',
    says: 'Another program holds the data file. Nothing typed is lost; close that program, then try again.',
  },
  {
    signs: /SQLITE_READONLY|EROFS|EACCES|EPERM|readonly database/i,
    code: 'file-read-only',
    says: 'The data folder cannot be written. Give this account the right to write it, then try again.',
  },
  {
    signs: /SQLITE_CORRUPT|SQLITE_NOTADB|malformed|not a database/i,
    code: 'file-damaged',
    says: 'The data file is damaged. Stop the application, lay a copy of the data folder aside, then restore a backup.',
  },
  {
    signs: /SQLITE_IOERR|EIO\b|disk I\/O/i,
    code: 'disk-failed',
    says: 'The disk of the data folder could not be read or written. Look whether it is connected and sound, then try again.',
  },
]
