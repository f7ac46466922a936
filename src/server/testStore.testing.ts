import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll } from 'vitest'
import { newId } from '@/core/job'
import { dischargeActs } from '@/core/job/energy/dischargeScript'
import { neededWaits } from '@/core/job/energy/place'
import { isolationActs, proofActs } from '@/core/job/energy/proofScript'
import { actOnJob, readJob } from './jobs'
import { store } from './store'

/** A data folder of its own for the tests of a file, gone when they end. */
export function ownDataFolder(): void {
  let path: string
  beforeAll(() => {
    forgetServer()
    path = mkdtempSync(join(tmpdir(), 'rest-cog-'))
    process.env.RESTCOG_DATA = path
  })
  afterAll(async () => {
    await (await store()).db.destroy()
    forgetServer()
    rmSync(path, { recursive: true })
  })
}

/** What a server keeps while it runs lies on the global object; files of tests share it, and each begins as a server does. */
function forgetServer(): void {
  for (const key of Object.keys(globalThis))
    if (key.startsWith('restCog')) Reflect.deleteProperty(globalThis, key)
}

export const id = () => newId(Date.now(), Math.random)

/** Every point open and held, proved dead in its order, the capacitor read. */
export async function proveDead(jobId: string, now = Date.now()) {
  const { snapshot } = await readJob(jobId)
  await actOnJob(
    jobId,
    neededWaits(snapshot).map((wait) => ({ kind: 'wait.strike', id: wait.id, reason: 'no board in it' })),
    now,
  )
  await actOnJob(jobId, isolationActs(snapshot), now)
  await actOnJob(jobId, proofActs(snapshot, id, ['0.2', '0.2', '0.2']), now)
  await actOnJob(jobId, dischargeActs(snapshot, '0.4'), now)
}

/** The capacitor was out before the job began, and is empty. */
export async function capacitorOut(jobId: string) {
  const { snapshot } = await readJob(jobId)
  await actOnJob(jobId, [
    { kind: 'part.out', id: id(), part: 'capacitor' },
    ...dischargeActs(snapshot, '0.2'),
    ...neededWaits(snapshot).map((wait) => ({ kind: 'wait.strike', id: wait.id, reason: 'no board in it' })),
  ])
}
