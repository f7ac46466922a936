// Install, build, plant the demo household into a folder of its own, serve it, say where.
import { existsSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { ensureBuilt, ensureInstalled, portFrom, root, runTypeScript, serve } from './lib.mjs'

const folder = process.env.RESTCOG_DATA ?? join(root, '.demo-data')
if (process.argv.includes('--fresh')) rmSync(folder, { recursive: true, force: true })
ensureInstalled()
ensureBuilt()
if (!existsSync(join(folder, 'rest-cog.db'))) {
  const status = runTypeScript('scripts/plant.ts', [], { env: { ...process.env, RESTCOG_DATA: folder } })
  if (status !== 0) {
    rmSync(folder, { recursive: true, force: true })
    process.exit(status)
  }
}
const { address } = await serve({ dataFolder: folder, port: portFrom(4180), quiet: true })
console.log(`Rest Cog, demo household: ${address}`)
console.log('Stop with Ctrl C. `npm run demo -- --fresh` plants it anew.')
