import { resolve } from 'node:path'
import type { HouseholdRow } from '@/core/job'
import { type Database, type DataFolder, dataFolder, openDatabase } from '@/data/database'
import { findHousehold, HOME, insertHousehold } from '@/data/household'

export interface Store {
  db: Database
  folder: DataFolder
}

const holder = globalThis as unknown as { restCogStore?: Promise<Store> }

/** The open data folder of this process: RESTCOG_DATA, else `data` beside the application. */
export function store(): Promise<Store> {
  holder.restCogStore ??= openStore(process.env.RESTCOG_DATA ?? resolve(process.cwd(), 'data'))
  return holder.restCogStore
}

export async function openStore(path: string): Promise<Store> {
  const folder = dataFolder(path)
  const db = await openDatabase(folder)
  if (!(await findHousehold(db))) await insertHousehold(db, newHousehold('My household'))
  return { db, folder }
}

/** A household with a common meter and North American mains; everything can be changed under Household. */
export function newHousehold(name: string): HouseholdRow {
  return {
    id: HOME,
    name,
    region: 'north-america',
    inches: 1,
    fahrenheit: 1,
    ohmAccuracyPercent: 1,
    ohmCounts: 3,
    ohmResolution: 0.1,
    leadOffsetOhm: 0.2,
    capAccuracyPercent: 2,
    capCounts: 5,
    capResolutionUf: 0.01,
    capMaxUf: null,
    school: 'label-limit',
    tools: 'hand meter meter-capacitance tester wooden-stick',
    catRated: 0,
    singleKeys: 1,
    theme: 'light',
  }
}
