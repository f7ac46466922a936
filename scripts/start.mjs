// Serve the person's own data folder: RESTCOG_DATA, else `data` beside this. `--lan`: on the home network too.
import { join } from 'node:path'
import { ensureBuilt, ensureInstalled, orSayWhy, portFrom, root, serve } from './lib.mjs'
import { startServing } from './network.mjs'

const folder = process.env.RESTCOG_DATA ?? join(root, 'data')
ensureInstalled()
ensureBuilt()
await orSayWhy(async () => {
  const [first, ...more] = await startServing({
    serve,
    dataFolder: folder,
    port: portFrom(4170),
    args: process.argv.slice(2),
  })
  console.log(`Rest Cog: ${first}`)
  for (const line of more) console.log(line)
  console.log(`Data folder: ${folder}. A copy of it is a backup.`)
})
