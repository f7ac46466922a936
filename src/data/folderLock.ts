import { mkdirSync, readFileSync, realpathSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { CoreError } from '@/core/errors'

/** When this process began, as the system counts it: a process id alone is given again. Empty where the system does not say. */
function startOf(pid: number): string {
  try {
    // The 22nd field, behind the name in brackets (proc(5), starttime).
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8')
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? ''
  } catch {
    return ''
  }
}

function isAlive(pid: number, start: string): boolean {
  try {
    process.kill(pid, 0)
  } catch (error) {
    if ((error as { code?: string }).code !== 'EPERM') return false
  }
  return start === '' || startOf(pid) === '' || startOf(pid) === start
}

/**
 * One server for each folder. The lock names the process and when it began; that of a process that is gone counts for
 * nothing.
 *
 * @throws CoreError `folder-in-use`
 */
export function lockFolder(folder: string, pid = process.pid): void {
  try {
    mkdirSync(folder, { recursive: true })
  } catch (error) {
    throw notWritable(folder, error)
  }
  const path = join(folder, 'server.lock')
  const place = realpathSync(folder)
  const own = JSON.stringify({ pid, start: startOf(pid), folder: place })
  for (let attempt = 0; attempt < 2; attempt++) {
    try {
      writeFileSync(path, own, { flag: 'wx' })
      unlockAtEnd(folder, pid)
      return
    } catch (error) {
      if ((error as { code?: string }).code !== 'EEXIST') throw notWritable(folder, error)
    }
    const holder = readLock(path)
    if (holder && holder.pid === pid && holder.folder === place) return
    // A lock that came along with a copy of a folder is that folder's, not this one's.
    const copied = holder?.folder !== undefined && holder.folder !== place
    if (holder && !copied && isAlive(holder.pid, holder.start))
      throw new CoreError(
        'folder-in-use',
        `Another Rest Cog (process ${holder.pid}) serves the folder ${folder}. Use that one, or stop it first.`,
      )
    rmSync(path, { force: true })
  }
  throw new CoreError('folder-in-use', `Another Rest Cog has just taken the folder ${folder}.`)
}

/** Folders that this process has taken, each with the process it was taken for. */
const taken = new Map<string, number>()

/** However many folders one process opens in its life, it listens to its end once. */
function unlockAtEnd(folder: string, pid: number): void {
  if (taken.size === 0)
    process.once('exit', () => {
      for (const [each, own] of taken) unlockFolder(each, own)
    })
  taken.set(folder, pid)
}

export function unlockFolder(folder: string, pid = process.pid): void {
  const path = join(folder, 'server.lock')
  if (readLock(path)?.pid === pid) rmSync(path, { force: true })
}

function readLock(path: string): { pid: number; start: string; folder: string | undefined } | null {
  try {
    const { pid, start, folder } = JSON.parse(readFileSync(path, 'utf8')) as Record<string, unknown>
    if (typeof pid !== 'number') return null
    return {
      pid,
      start: typeof start === 'string' ? start : '',
      folder: typeof folder === 'string' ? folder : undefined,
    }
  } catch {
    return null
  }
}

function notWritable(folder: string, error: unknown): CoreError {
  const { code = 'unknown reason' } = error as { code?: string }
  return new CoreError(
    code === 'ENOSPC' ? 'disk-full' : 'file-read-only',
    code === 'ENOSPC'
      ? `The disk of the folder ${folder} is full. Make room on it, then start again.`
      : `The folder ${folder} cannot be written (${code}). Give this account the right to write it, then start again.`,
  )
}
