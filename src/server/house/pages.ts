import { panelOf } from '@/core/house/panel'
import { loadHouse } from '@/data/house'
import { breakerNames, placesOf } from '../machine'
import { store } from '../store'

/** What the form of a machine chooses from. */
export async function readHouseForms(): Promise<{ breakers: string[]; places: string[] }> {
  const { db } = await store()
  const house = await loadHouse(db)
  return { breakers: breakerNames(house), places: placesOf(house) }
}

/** The panel of the house, and the machines that stand on none of its breakers. */
export async function readPanel() {
  const { db } = await store()
  return panelOf(await loadHouse(db))
}
