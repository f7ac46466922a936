import { badValuesOf, isGoodMachine } from '@/core/archive/values'
import type { FoundHow } from '@/core/house/found'
import { foundOf } from '@/core/house/panel'
import type { FittedRow, LifeRow, RoundItemRow, SpareRow } from '@/core/house/rows'
import { isId, type JobSnapshot } from '@/core/job'
import { isSameCircuit } from '@/core/job/energy/circuit'
import { capacitanceMeterOf } from '@/core/job/evidence/derive'
import type { HouseholdRow, MachineRow } from '@/core/job/rows'
import { titleAndPlace } from '@/core/job/title'
import {
  labelNow,
  newestNormal,
  type PastReading,
  readingsOfJobs,
  readingsOfRows,
} from '@/core/machine/pastReadings'
import { type Serving, servingOf, type WorthHaving, worthHaving } from '@/core/machine/spares'
import { type MachineStory, storyOf } from '@/core/machine/story'
import { type Trend, trendsOf } from '@/core/machine/trends'
import { dayIn } from '@/core/units/days'
import { aliveJobs, aliveMachines } from '@/data/alive'
import type { Database } from '@/data/database'
import { loadHouse, measuredAt } from '@/data/house'
import { findHousehold } from '@/data/household'
import { loadSnapshot } from '@/data/jobs'
import { type PartFound, readShelf } from './parts'
import { store } from './store'

export interface MachinePageRows {
  machine: MachineRow
  household: HouseholdRow
  story: MachineStory
  /** Jobs of which a stored value cannot be read: they are told by their number alone. */
  unread: number
  life: LifeRow | null
  /** What somebody wrote down as fitted, also what came out. */
  fitted: FittedRow[]
  trends: Trend[]
  /** Figures and recordings of good days, the newest of each kind. */
  normal: PastReading[]
  /** Its breaker, how it is known, and what else hangs on it; null where nobody said. */
  circuit: { found: FoundHow | null; also: string[] } | null
  /** Spares on the shelf that serve it. */
  spares: { part: PartFound; spare: SpareRow | null; serving: Serving }[]
  worth: WorthHaving[]
  /** What was done of it on rounds, the newest first. */
  rounds: RoundItemRow[]
  /** What a form needs: names of breakers and places, and other machines of its kind. */
  known: { breakers: string[]; places: string[]; alike: { id: string; title: string }[] }
}

/** A page tells of so many jobs; a machine with more than these has its last ones. */
const MOST_JOBS = 60

/** A machine with the story of its jobs; null where there is none, or a stored value of it cannot be read. */
export async function readMachine(id: string, zone?: string): Promise<MachinePageRows | null> {
  if (!isId(id)) return null
  const { db } = await store()
  const machine = await aliveMachines(db).selectAll().where('id', '=', id).executeTakeFirst()
  const household = await findHousehold(db)
  if (!machine || !household || !isGoodMachine(machine)) return null
  const { readable, unread } = await jobsOf(db, id)
  const house = await loadHouse(db)
  const { measured, sounds } = await measuredAt(db, id)
  const of = <Row extends { machineId: string }>(rows: Row[]) =>
    rows.filter(({ machineId }) => machineId === id)
  const fitted = of(house.fitted)
  const alone = readingsOfRows(measured, sounds)
  const today = dayIn(Date.now(), zone)
  const life = house.lives.find((row) => row.id === id) ?? null
  return {
    machine,
    household,
    story: storyOf(readable),
    unread,
    life,
    fitted,
    trends: trendsOf({
      readings: [...readingsOfJobs(readable), ...alone],
      fitted,
      label: labelNow(readable),
      meter: capacitanceMeterOf(household),
      now: Date.now(),
    }),
    normal: newestNormal(alone),
    circuit: circuitOf(machine, house),
    spares: await sparesFor(fitted, readable[0] ?? null, house.spares),
    worth: life?.retiredAt ? [] : worthHaving(machine, fitted, life, today),
    rounds: of(house.items)
      .filter(({ doneAt }) => doneAt !== null)
      .sort((one, two) => (two.doneAt ?? '').localeCompare(one.doneAt ?? '')),
    known: knownFor(machine, house),
  }
}

async function jobsOf(db: Database, id: string): Promise<{ readable: JobSnapshot[]; unread: number }> {
  const jobs = await aliveJobs(db)
    .select('id')
    .where('machineId', '=', id)
    .orderBy('openedAt', 'desc')
    .limit(MOST_JOBS)
    .execute()
  const stored = await Promise.all(jobs.map((job) => loadSnapshot(db, job.id).catch(() => null)))
  // Nothing is told of a job with a value that cannot be: it takes itself out of the story and not the page.
  const readable = stored.flatMap((snapshot) =>
    snapshot && badValuesOf(snapshot).length === 0 ? [snapshot] : [],
  )
  return { readable, unread: jobs.length - readable.length }
}

type House = Awaited<ReturnType<typeof loadHouse>>

function circuitOf(machine: MachineRow, house: House): MachinePageRows['circuit'] {
  if (machine.circuit === null) return null
  const breaker = house.breakers.find(({ name }) => isSameCircuit(name, machine.circuit))
  return {
    found: foundOf(machine, house),
    also: [
      ...house.machines
        .filter((other) => other.id !== machine.id && isSameCircuit(other.circuit, machine.circuit))
        .map(titleAndPlace),
      ...house.loads.filter(({ breakerId }) => breakerId === breaker?.id).map(({ name }) => name),
    ],
  }
}

async function sparesFor(
  fitted: FittedRow[],
  newest: JobSnapshot | null,
  spares: SpareRow[],
): Promise<MachinePageRows['spares']> {
  const shelf = await readShelf()
  const serving = servingOf(
    {
      capacitors: shelf.flatMap(({ capacitor }) => capacitor ?? []),
      motors: shelf.flatMap(({ motor }) => motor ?? []),
    },
    { fitted, newest },
  )
  return serving.flatMap((each) => {
    const part = shelf.find(({ id }) => id === each.partId)
    return part ? [{ part, spare: spares.find(({ id }) => id === part.id) ?? null, serving: each }] : []
  })
}

function knownFor(machine: MachineRow, house: House): MachinePageRows['known'] {
  const others = house.machines.filter(({ id }) => id !== machine.id)
  return {
    breakers: breakerNames(house),
    places: placesOf(house),
    alike: others
      .filter(({ family }) => family === machine.family)
      .map(({ id, name, place, modelNumber }) => ({
        id,
        title: [name || 'without a name', place, modelNumber].filter(Boolean).join(', '),
      })),
  }
}

/** Names of breakers that the panel has or a machine names, each once. */
export const breakerNames = ({ breakers, machines }: Pick<House, 'breakers' | 'machines'>): string[] => [
  ...new Set([...breakers.map(({ name }) => name), ...machines.flatMap(({ circuit }) => circuit ?? [])]),
]

export const placesOf = ({ machines }: Pick<House, 'machines'>): string[] => [
  ...new Set(machines.map(({ place }) => place).filter(Boolean)),
]
