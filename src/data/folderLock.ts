import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
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
  mkdirSync(folder, { recursive: true })
  const path = join(folder, 'server.lock')
  const own = JSON.stringify({ pid, start: startOf(pid) })
  for (let attempt = 0; attempt < 2; attempt++) {
    try {
      writeFileSync(path, own, { flag: 'wx' })
      process.once('exit', () => unlockFolder(folder, pid))
      return
    } catch (error) {
      if ((error as { code?: string }).code !== 'EEXIST') throw notWritable(folder, error)
    }
    const holder = readLock(path)
    if (holder && holder.pid === pid) return
    if (holder && isAlive(holder.pid, holder.start))
      throw new CoreError(
        'folder-in-use',
        `Another Rest Cog (process ${holder.pid}) serves the folder ${folder}. Use that one, or stop it first.`,
      )
    rmSync(path, { force: true })
  }
  throw new CoreError('folder-in-use', `Another Rest Cog has just taken the folder ${folder}.`)
}

export function unlockFolder(folder: string, pid = process.pid): void {
  const path = join(folder, 'server.lock')
  if (readLock(path)?.pid === pid) rmSync(path, { force: true })
}

function readLock(path: string): { pid: number; start: string } | null {
  try {
    const { pid, start } = JSON.parse(readFileSync(path, 'utf8')) as { pid?: unknown; start?: unknown }
    return typeof pid === 'number' ? { pid, start: typeof start === 'string' ? start : '' } : null
  } catch {
    return null
  }
}

const notWritable = (folder: string, error: unknown) =>
  new CoreError(
    'file-read-only',
    `The folder ${folder} cannot be written (${(error as { code?: string }).code ?? 'unknown reason'}). Give this account the right to write it, then start again.`,
  )
