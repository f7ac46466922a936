import { plantDemo } from '../src/demo/plant'
import { store } from '../src/server/store'

const planted = await plantDemo()
const { db } = await store()
await db.destroy()
if (planted) process.stderr.write('Demo household Harrow Reach planted.\n')
