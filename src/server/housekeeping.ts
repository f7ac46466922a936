import { backUpIfDue } from './backup/plan'
import { removeOrphans } from './orphans'
import { purgeDeleted } from './purge'
import { store } from './store'

const HOUR_MS = 3_600_000
const FIRST_MS = 60_000

/**
 * What is done by the clock: what was deleted a day ago goes for good, pictures that nobody names go, a backup that is due is laid
 * into its folder. Nobody waits for it; what fails is tried again an hour later.
 */
async function keepHouse(): Promise<void> {
  const opened = await store()
  await purgeDeleted(opened.db).catch(() => {})
  await removeOrphans(opened).catch(() => {})
  await backUpIfDue().catch(() => {})
}

/** Begun once for each process. */
export function startHousekeeping(): void {
  const holder = globalThis as unknown as { restCogHousekeeping?: boolean }
  if (holder.restCogHousekeeping) return
  holder.restCogHousekeeping = true
  const keep = () => void keepHouse().catch(() => {})
  setTimeout(keep, FIRST_MS).unref()
  setInterval(keep, HOUR_MS).unref()
}
