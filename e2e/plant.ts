import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/**
 * Longer ago than a proof lasts: a journey that needs a machine proved dead proves it, and none hangs on how long the
 * journeys before it took.
 */
const MINUTES_AGO = '45'

/** Plant the demo household once; every worker takes a copy. */
export default function plant(): () => void {
  const folder = mkdtempSync(join(tmpdir(), 'rest-cog-planted-'))
  process.env.REST_COG_PLANTED = folder
  const { status } = spawnSync(process.execPath, ['--import', 'tsx', 'scripts/plant.ts', MINUTES_AGO], {
    stdio: 'inherit',
    env: { ...process.env, RESTCOG_DATA: folder },
  })
  if (status !== 0) throw new Error('The demo household could not be planted.')
  return () => rmSync(folder, { recursive: true, force: true })
}
