/** How often a backup is laid into a folder of the person's choice by itself, and how many of them are kept there. */
export interface BackupPlan {
  /** An absolute path; empty while none was chosen. */
  folder: string
  every: 'never' | 'day' | 'week'
  keep: number
  /** When the last one was laid there, ISO 8601; null before the first. */
  lastAt: string | null
  /** Why the last try failed; empty where it did not. */
  lastError: string
}

export const noPlan: BackupPlan = { folder: '', every: 'never', keep: 8, lastAt: null, lastError: '' }

const everyMs = { never: Number.POSITIVE_INFINITY, day: 24 * 3_600_000, week: 7 * 24 * 3_600_000 }

/** An hour early counts: who is asked hourly would else slip by an hour each time. */
const EARLY_MS = 3_600_000

/**
 * Whether a backup is due.
 *
 * @param now milliseconds since the epoch
 * @example isBackupDue({ ...noPlan, folder: '/b', every: 'day' }, 0) // true
 */
export function isBackupDue({ folder, every, lastAt }: BackupPlan, now: number): boolean {
  if (folder === '' || every === 'never') return false
  const last = lastAt === null ? Number.NaN : Date.parse(lastAt)
  // A clock that was set back: what lies in the future was made by no clock of ours.
  return Number.isNaN(last) || last > now || now - last >= everyMs[every] - EARLY_MS
}

const NAME = /^rest-cog-(\d{4}-\d{2}-\d{2}-\d{4}(?:-\d+)?)\.zip$/

/** @example backupName(Date.parse('2026-11-30T22:41:00Z')) // 'rest-cog-2026-11-30-2241.zip' */
export const backupName = (now: number, again = 0): string => {
  const at = new Date(now).toISOString()
  return `rest-cog-${at.slice(0, 10)}-${at.slice(11, 16).replace(':', '')}${again > 0 ? `-${again}` : ''}.zip`
}

/**
 * Of the files of a folder those backups that are too many, the oldest. Whatever is not named as a backup of ours stays.
 *
 * @example tooMany(['rest-cog-2026-01-01-0000.zip', 'rest-cog-2026-01-02-0000.zip', 'letters.zip'], 1) // ['rest-cog-2026-01-01-0000.zip']
 */
export const tooMany = (names: string[], keep: number): string[] =>
  names
    .filter((name) => NAME.test(name))
    .sort()
    .reverse()
    .slice(Math.max(1, Math.trunc(keep)))
