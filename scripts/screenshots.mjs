// Pictures of the main views from the demo household, into docs/screenshots/. Needs Chromium, as `npm test` does.
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ensureBuilt, ensureInstalled, root, runTypeScript, serve } from './lib.mjs'

ensureInstalled()
ensureBuilt()
const folder = mkdtempSync(join(tmpdir(), 'rest-cog-pictures-'))
process.on('exit', () => rmSync(folder, { recursive: true, force: true }))
const planted = runTypeScript('scripts/plant.ts', [], { env: { ...process.env, RESTCOG_DATA: folder } })
if (planted !== 0) process.exit(planted)
const { child, address } = await serve({ dataFolder: folder, port: 4192, quiet: true })
mkdirSync(join(root, 'docs', 'screenshots'), { recursive: true })
const status = runTypeScript('scripts/screenshots.ts', [address, join(root, 'docs', 'screenshots')])
child.kill('SIGTERM')
process.exit(status)
