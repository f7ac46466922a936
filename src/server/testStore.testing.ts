import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll } from 'vitest'
import { newId } from '@/core/job'
import { store } from './store'

/** A data folder of its own for the tests of a file, gone when they end. */
export function ownDataFolder(): void {
  let path: string
  beforeAll(() => {
    path = mkdtempSync(join(tmpdir(), 'rest-cog-'))
    process.env.RESTCOG_DATA = path
  })
  afterAll(async () => {
    await (await store()).db.destroy()
    rmSync(path, { recursive: true })
  })
}

export const id = () => newId(Date.now(), Math.random)
