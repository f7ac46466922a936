import { existsSync, readFileSync } from 'node:fs'
import sharp from 'sharp'
import { type MachineRow, newMachine } from '@/core/job'
import type { ObservationId } from '@/core/knowledge/vocabulary'
import { transact } from '@/data/database'
import { findHousehold, HOME, updateHousehold } from '@/data/household'
import { insertMachine } from '@/data/jobs'
import { actOnJob, openJob, readJob } from '@/server/jobs'
import { keepPhoto } from '@/server/photos'
import { store } from '@/server/store'
import { plantHouse } from './house'
import { jobs } from './jobs'
import { machines } from './machines'
import { machinePicture } from './pictures'
import { beforeNow, demoId } from './script'

const DAY = 24 * 3_600_000

/** A photographed plate of the machine, where the demo has one. */
async function keptPlate(key: string): Promise<string | null> {
  const file = new URL(`plates/${key}.jpg`, import.meta.url)
  return existsSync(file) ? keepPhoto(readFileSync(file), `plate of ${key}`) : null
}

/** Plant the demo household into the open data folder. False where it stands there already. */
export async function plantDemo(now = Date.now()): Promise<boolean> {
  const { db } = await store()
  if ((await findHousehold(db))?.name === 'Harrow Reach') return false
  const rows = new Map<string, MachineRow>()
  for (const [index, machine] of machines.entries()) {
    const at = new Date(now - 800 * DAY).toISOString()
    const row = newMachine(
      `hr-${machine.key}`,
      HOME,
      machine.family,
      { name: machine.name, place: machine.place, motorKind: machine.motorKind },
      at,
    )
    // A drawing is no photo: it is kept as the picture that it makes.
    const drawn = await sharp(machinePicture(machine.family, index + 3))
      .png()
      .toBuffer()
    const picture = await keepPhoto(drawn, machine.name)
    const full: MachineRow = {
      ...row,
      modelNumber: machine.modelNumber,
      installedYear: machine.installedYear,
      circuit: machine.circuit ?? null,
      pictureHash: picture,
      platePictureHash: await keptPlate(machine.key),
      nextLook:
        machine.lookInDays === undefined
          ? null
          : new Date(now + machine.lookInDays * DAY).toISOString().slice(0, 10),
    }
    await transact(db, (trx) => insertMachine(trx, full))
    rows.set(machine.key, full)
  }
  for (const job of jobs) {
    const opened = beforeNow(job.openedMinutesAgo, now)
    const jobId = await openJob(
      {
        symptom: job.symptom,
        machineId: rows.get(job.machine)!.id,
        findings: job.findings.map(([observation, value]) => ({
          observation: observation as ObservationId,
          value,
        })),
      },
      opened,
    )
    const machine = machines.find((each) => each.key === job.machine)!
    for (const { minutesAgo, acts } of job.steps) {
      const at = beforeNow(minutesAgo, now)
      const { snapshot } = await readJob(jobId)
      await actOnJob(jobId, acts({ snapshot, id: demoId(at), machine }), at)
    }
  }
  await plantHouse(now)
  // The name is written last: a planting cut short is not taken for a whole one.
  await transact(db, (trx) =>
    updateHousehold(trx, { name: 'Harrow Reach', catRated: 1, demoParts: 1, introduced: 1 }),
  )
  return true
}
