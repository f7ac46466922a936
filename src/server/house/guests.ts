import { randomBytes } from 'node:crypto'
import { CoreError } from '@/core/errors'
import { roundUnderWay } from '@/core/house/roundView'
import type { GuestRow } from '@/core/house/rows'
import { OneOf, Text, validated } from '@/core/input'
import type { By } from '@/core/job'
import { titleAndPlace } from '@/core/job/title'
import { isSeasonTask, seasonTask } from '@/core/knowledge/season'
import { inOrderOfLife } from '@/core/knowledge/stops'
import type { StopRuleId } from '@/core/knowledge/vocabulary'
import { recordOf } from '@/core/record/ofJob'
import { readNotice } from '@/core/words/notice'
import { loadHouse } from '@/data/house'
import { readJob } from '../jobs'
import { recordHtml } from '../recordHtml'
import { sha256 } from '../sha256'
import { store } from '../store'
import { actOnHouse, type HouseAnswer } from '.'

const hashOf = (secret: string): string => sha256(Buffer.from(secret))

/** Make an address for somebody: its secret part is told once, and only its hash is kept. */
export async function inviteGuest(
  plain: Record<string, unknown>,
  by: By,
): Promise<HouseAnswer & { secret: string }> {
  const secret = randomBytes(16).toString('hex')
  const answer = await actOnHouse({ ...plain, kind: 'guest.add', secret: hashOf(secret) }, by)
  return { ...answer, secret }
}

const unknown = () =>
  new CoreError(
    'unknown-guest',
    'This address opens nothing, or its day is over. Ask whoever sent it for a new one.',
  )

/** @throws CoreError `unknown-guest` for a secret that is none, whose day is over, or that was ended */
export async function guestBy(secret: string, now = Date.now()): Promise<GuestRow> {
  const { db } = await store()
  const row = await db.selectFrom('guest').selectAll().where('secret', '=', hashOf(secret)).executeTakeFirst()
  if (!row || row.endedAt !== null || Date.parse(row.until) < now) throw unknown()
  return row
}

/** The record that a guest may read, as one page with its photos in it. */
export async function guestRecord(secret: string, zone: string): Promise<string> {
  const guest = await guestBy(secret)
  if (guest.may !== 'read-record') throw unknown()
  const { snapshot } = await readJob(guest.target)
  return recordHtml(recordOf(snapshot, Date.now()), zone)
}

/** The round that a guest may tick; what is done inside a machine is not on it. */
export async function guestRound(secret: string) {
  const guest = await guestBy(secret)
  const { db } = await store()
  const rows = await loadHouse(db)
  const round = rows.rounds.find(({ id, endedAt }) => id === guest.target && endedAt === null)
  if (guest.may !== 'tick-round' || !round) throw unknown()
  const outside = rows.items.filter(({ task }) => isSeasonTask(task) && !seasonTask(task).inside)
  return { guest: guest.name, until: guest.until, walk: roundUnderWay({ ...rows, items: outside }, round) }
}

class GuestTick {
  @Text({ max: 40 }) item!: string
  @OneOf(['open', 'done', 'found', 'left']) state!: string
  @Text({ max: 1000, optional: true }) note?: string
}

/**
 * Tick a thing of that round under the guest’s name.
 *
 * @returns dangers that the words of the note tell, or may tell, in the order of life: the guest is told what to do this minute
 * @throws CoreError `unknown-guest`, `unknown-row`
 */
export async function guestTick(secret: string, plain: unknown): Promise<{ stops: StopRuleId[] }> {
  const { item, state, note } = validated(GuestTick, plain)
  const { guest, walk } = await guestRound(secret)
  const items = walk.places.flatMap(({ machines }) => machines.flatMap((machine) => machine.items))
  if (!items.some(({ row }) => row.id === item))
    throw new CoreError('unknown-row', 'This is no longer there. Load the page again.')
  await actOnHouse(
    { kind: 'round.tick', id: item, state, ...(note ? { note } : {}) },
    { who: guest, window: '' },
  )
  const told = readNotice({ text: note ?? '' })
  return { stops: inOrderOfLife([...told.raised, ...told.asked]) }
}

/** Guests with what each may, and what there is to be given. */
export async function readGuests(now = Date.now()) {
  const { db } = await store()
  const rows = await loadHouse(db)
  const machineOf = new Map(rows.machines.map((machine) => [machine.id, titleAndPlace(machine)]))
  const symptoms = await db
    .selectFrom('job')
    .select(['id', 'symptom', 'openedAt'])
    .orderBy('openedAt', 'desc')
    .execute()
  const jobs = symptoms.flatMap(({ id, symptom, openedAt }) => {
    const machineId = rows.jobs.find((job) => job.id === id)?.machineId
    const title = machineId === undefined ? undefined : machineOf.get(machineId)
    return title === undefined ? [] : [{ id, title: `${title}: ${symptom || 'a job'}`, at: openedAt }]
  })
  const round = rows.rounds.find(({ endedAt }) => endedAt === null) ?? null
  return {
    guests: rows.guests.map(({ secret: _, ...guest }) => ({
      ...guest,
      what:
        jobs.find(({ id }) => id === guest.target)?.title ??
        rows.rounds.find(({ id }) => id === guest.target)?.name ??
        'no longer there',
      opens: guest.endedAt === null && Date.parse(guest.until) >= now,
    })),
    jobs: jobs.slice(0, MOST_JOBS),
    round: round ? { id: round.id, name: round.name } : null,
  }
}

/** More than a person chooses from. */
const MOST_JOBS = 200
