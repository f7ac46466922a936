import { titleAndPlace } from '../../job/title'
import { isSeasonTask, seasonTask } from '../../knowledge/season'
import { houseRefusal } from '../refusals'
import type { HouseRows, RoundItemRow } from '../rows'
import { change, known, nameOf, planned } from './changes'
import { machineOf } from './machineActs'
import type { HouseRoom } from './types'

/** A walk through the house with what is due, ticked by thumb. */
export const roundActs: HouseRoom<'round.begin' | 'round.tick' | 'round.job' | 'round.end'> = {
  'round.begin': (rows, act, { now, newId, due }) => {
    if (rows.rounds.some(({ endedAt }) => endedAt === null)) throw houseRefusal('round-open')
    const chosen = act.items.filter(({ task }) => isSeasonTask(task))
    if (chosen.length === 0) throw houseRefusal('round-empty')
    const round = {
      id: newId(),
      name: nameOf(act.name),
      startedAt: new Date(now).toISOString(),
      endedAt: null,
    }
    const items = chosen.map(({ machineId, task }, position): RoundItemRow => {
      machineOf(rows, machineId)
      const why = due.find((each) => each.machineId === machineId && each.task === task)?.why ?? 'chosen'
      return {
        id: newId(),
        roundId: round.id,
        machineId,
        task,
        why,
        state: 'open',
        note: '',
        doneAt: null,
        who: '',
        jobId: null,
        position,
      }
    })
    return planned(
      'round.begun',
      { name: round.name, count: items.length },
      change('season_round', null, round),
      ...items.map((item) => change('round_item', null, item)),
    )
  },

  'round.tick': (rows, act, { now, by }) => {
    const before = openItem(rows, act.id)
    const note = (act.note ?? before.note).trim()
    // Nobody is led inside a machine by a tick: it is made dead in a job, or somebody of a trade is named.
    const isInside = isSeasonTask(before.task) && seasonTask(before.task).inside
    if (isInside && act.state === 'done' && !hasClosedJob(rows, before) && note === '')
      throw houseRefusal('inside-first')
    const done = act.state === 'done' || act.state === 'found'
    const after: RoundItemRow = {
      ...before,
      state: act.state,
      note,
      doneAt: done ? new Date(now).toISOString() : null,
      who: act.state === 'open' ? '' : by.who,
    }
    const title = titleAndPlace(machineOf(rows, before.machineId))
    return planned(
      `round.ticked-${act.state}`,
      { task: before.task, title },
      change('round_item', before, after),
    )
  },

  'round.job': (rows, act) => {
    const before = openItem(rows, act.id)
    const job = known(rows.jobs, act.jobId)
    if (job.machineId !== before.machineId) throw houseRefusal('unknown-row')
    const title = titleAndPlace(machineOf(rows, before.machineId))
    return planned('round.job', { title }, change('round_item', before, { ...before, jobId: job.id }))
  },

  'round.end': (rows, act, { now }) => {
    const before = known(rows.rounds, act.id)
    if (before.endedAt !== null) throw houseRefusal('round-over')
    const after = { ...before, endedAt: new Date(now).toISOString() }
    return planned('round.ended', { name: before.name }, change('season_round', before, after))
  },
}

/** An item of a round that is under way. @throws CoreError `unknown-row`, `round-over` */
function openItem(rows: HouseRows, id: string): RoundItemRow {
  const item = known(rows.items, id)
  if (known(rows.rounds, item.roundId).endedAt !== null) throw houseRefusal('round-over')
  return item
}

const hasClosedJob = ({ jobs }: HouseRows, { jobId }: RoundItemRow): boolean =>
  jobs.some(({ id, status }) => id === jobId && status === 'closed')
