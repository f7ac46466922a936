import { titleAndPlace } from '../../job/title'
import { houseRefusal } from '../refusals'
import type { GuestRow, SpareRow } from '../rows'
import { change, dayOrNone, figureOrNone, known, latestDay, nameOf, pastDay, planned } from './changes'
import { machineOf } from './machineActs'
import type { HouseRoom } from './types'

/** Spares with their places and prices, and their use; addresses for guests. */
export const shelfActs: HouseRoom<'spare.put' | 'spare.count' | 'spare.use' | 'guest.add' | 'guest.end'> = {
  'spare.put': (rows, act, { now }) => {
    known(rows.counts, act.id)
    const before = rows.spares.find(({ id }) => id === act.id) ?? null
    const after: SpareRow = {
      id: act.id,
      place: (act.place ?? before?.place ?? '').trim(),
      price: act.price === undefined ? (before?.price ?? null) : figureOrNone(act.price, 'money'),
      boughtAt: pastDay(act.boughtAt ?? before?.boughtAt, 'Bought', latestDay(now)),
      least: Math.round(act.least ?? before?.least ?? 0),
    }
    return planned('spare.changed', {}, change('spare', before, after))
  },

  'spare.count': (rows, act) => {
    const { id, count } = known(rows.counts, act.id)
    const left = Math.round(act.count)
    return planned('spare.counted', { left }, change('part', { id, count }, { id, count: left }))
  },

  'spare.use': (rows, act, { now, newId }) => {
    const machine = machineOf(rows, act.machineId)
    const { id, count } = known(rows.counts, act.partId)
    const jobId = act.jobId || null
    // Taken off twice for one job, it is taken off once.
    if (jobId && rows.uses.some((use) => use.partId === id && use.jobId === jobId))
      return planned('spare.used', { title: titleAndPlace(machine), left: count })
    if (count < 1) throw houseRefusal('none-left')
    if (jobId && known(rows.jobs, jobId).machineId !== machine.id) throw houseRefusal('unknown-row')
    const use = { id: newId(), partId: id, machineId: machine.id, jobId, at: new Date(now).toISOString() }
    return planned(
      'spare.used',
      { title: titleAndPlace(machine), left: count - 1 },
      change('part', { id, count }, { id, count: count - 1 }),
      change('spare_use', null, use),
    )
  },

  'guest.add': (rows, act, { now, newId }) => {
    const until = dayOrNone(act.until, 'Opens until')
    if (until === '' || until < new Date(now).toISOString().slice(0, 10)) throw houseRefusal('until-past')
    known<{ id: string }>(act.may === 'read-record' ? rows.jobs : rows.rounds, act.target)
    const guest: GuestRow = {
      id: newId(),
      name: nameOf(act.name),
      may: act.may,
      target: act.target,
      secret: act.secret,
      // Through the whole of that day, wherever the guest is.
      until: new Date(Date.parse(`${until}T23:59:59Z`) + 12 * 3_600_000).toISOString(),
      endedAt: null,
    }
    return planned('guest.added', { name: guest.name }, change('guest', null, guest))
  },

  'guest.end': (rows, act, { now }) => {
    const before = known(rows.guests, act.id)
    const after = { ...before, endedAt: before.endedAt ?? new Date(now).toISOString() }
    return planned('guest.ended', { name: before.name }, change('guest', before, after))
  },
}
