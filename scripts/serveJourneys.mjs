// A fresh demo household for the journeys on a port of its own, and a second one as a home network sees it.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { runTypeScript, serve } from './lib.mjs'

function household() {
  const folder = mkdtempSync(join(tmpdir(), 'rest-cog-journeys-'))
  process.on('exit', () => rmSync(folder, { recursive: true, force: true }))
  const status = runTypeScript('scripts/plant.ts', [], { env: { ...process.env, RESTCOG_DATA: folder } })
  if (status !== 0) process.exit(status)
  return folder
}

await serve({
  dataFolder: household(),
  port: 4192,
  quiet: true,
  env: {
    RESTCOG_LAN: '1',
    RESTCOG_HOSTS: 'rest-cog.home.arpa',
    RESTCOG_START_CODE: 'code-of-this-start',
  },
})
await serve({ dataFolder: household(), port: 4191, quiet: true })
