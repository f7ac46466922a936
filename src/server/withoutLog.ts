import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

const FILE = 'without-log.json'

/** The data file came without its log: noted until somebody has seen it. */
export function noteWithoutLog(path: string, now = Date.now()): void {
  writeFileSync(join(path, FILE), JSON.stringify({ at: new Date(now).toISOString() }))
}

/** When it was found so; null where it was not, or somebody has seen it. */
export function withoutLogSince(path: string): string | null {
  const file = join(path, FILE)
  if (!existsSync(file)) return null
  try {
    const { at } = JSON.parse(readFileSync(file, 'utf8')) as { at?: unknown }
    return typeof at === 'string' ? at : new Date(0).toISOString()
  } catch {
    return new Date(0).toISOString()
  }
}

export const seenWithoutLog = (path: string): void => rmSync(join(path, FILE), { force: true })
