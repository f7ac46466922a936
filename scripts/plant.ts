import { plantDemo } from '../src/demo/plant'
import { store } from '../src/server/store'

/** `plant.ts [minutes]`: the household as it was planted so many minutes ago. */
const minutes = Number(process.argv[2] ?? 0)
const planted = await plantDemo(Date.now() - minutes * 60_000)
const { db } = await store()
await db.destroy()
if (planted) process.stderr.write('Demo household Harrow Reach planted.\n')
