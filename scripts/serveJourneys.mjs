// A fresh demo household for the journeys, served on a port of its own.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { runTypeScript, serve } from './lib.mjs'

const folder = mkdtempSync(join(tmpdir(), 'rest-cog-journeys-'))
process.on('exit', () => rmSync(folder, { recursive: true, force: true }))
const status = runTypeScript('scripts/plant.ts', [], { env: { ...process.env, RESTCOG_DATA: folder } })
if (status !== 0) process.exit(status)
await serve({ dataFolder: folder, port: 4191, quiet: true })
