// Install, build, plant the demo household into a folder of its own, serve it, say where.
import { existsSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { ensureBuilt, ensureInstalled, orSayWhy, portFrom, root, runTypeScript, serve } from './lib.mjs'
import { startServing } from './network.mjs'

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
await orSayWhy(async () => {
  const [first, ...more] = await startServing({
    serve,
    dataFolder: folder,
    port: portFrom(4180),
    args: process.argv.slice(2),
  })
  console.log(`Rest Cog, demo household: ${first}`)
  for (const line of more) console.log(line)
  console.log('Stop with Ctrl C. `npm run demo -- --fresh` plants it anew.')
})
