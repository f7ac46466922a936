import { CoreError } from '@/core/errors'

export const BACKUP_FORMAT = 'rest-cog-backup'
export const BACKUP_VERSION = 1

/** The first entry of a backup. */
export interface BackupHead {
  format: typeof BACKUP_FORMAT
  version: number
  madeAt: string
}

/** @throws CoreError `bad-backup`, `newer-backup` */
export function backupHead(bytes: Buffer): BackupHead {
  let json: unknown = null
  try {
    json = JSON.parse(bytes.toString('utf8'))
  } catch {}
  const { format, version, madeAt } = (json ?? {}) as Record<string, unknown>
  if (format !== BACKUP_FORMAT || typeof version !== 'number' || typeof madeAt !== 'string')
    throw badBackup('it does not begin as one')
  if (version > BACKUP_VERSION)
    throw new CoreError(
      'newer-backup',
      'This backup was made by a newer Rest Cog. Bring this one up to date, then restore it.',
    )
  return { format, version, madeAt }
}

export const badBackup = (what: string) =>
  new CoreError(
    'bad-backup',
    `This file is no backup of Rest Cog, or it is damaged: ${what}. Nothing was changed.`,
  )
