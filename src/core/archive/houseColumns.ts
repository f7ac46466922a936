import { foundHow } from '../house/found'
import { fittedKinds, type HouseTables, itemStates, measuredKinds } from '../house/rows'
import { seasonTaskIds } from '../knowledge/season'
import type { Column } from './columns'

/** Tables of the household over the years that go along in an archive of all of it, in the order in which they are brought in. Addresses of guests stay. */
export const archivedHouseTables = [
  'machine_life',
  'fitted',
  'measured',
  'normal_sound',
  'breaker',
  'breaker_load',
  'machine_breaker',
  'season_round',
  'round_item',
  'spare',
  'spare_use',
] as const satisfies (keyof HouseTables)[]
export type ArchivedHouseTable = (typeof archivedHouseTables)[number]

const text: Column = { type: 'text' }
const id: Column = { type: 'id' }
const time: Column = { type: 'time' }
const flag: Column = { type: 'flag' }
/** A day, or nothing where nobody noted one. */
const dayOrNone: Column = { type: 'day', empty: true }
const day: Column = { type: 'day', null: true }
const figure: Column = { type: 'number', least: -1e12, most: 1e12 }
const money: Column = { ...figure, null: true }
const position: Column = { type: 'number', least: -1e6, most: 1e6 }
const orNull = (column: Column): Column => ({ ...column, null: true })

export const houseColumns: {
  [Table in ArchivedHouseTable]: { [Name in keyof HouseTables[Table]]: Column }
} = {
  machine_life: { id, retiredAt: day, retiredWhy: text, dayWithout: money },
  fitted: {
    id,
    machineId: id,
    what: { type: fittedKinds },
    name: text,
    figures: text,
    since: dayOrNone,
    boughtFrom: text,
    warrantyUntil: dayOrNone,
    goneAt: day,
  },
  measured: {
    id,
    machineId: id,
    what: { type: measuredKinds },
    section: text,
    value: figure,
    typed: text,
    at: time,
    normal: flag,
    source: { type: ['typed', 'list'] },
    note: text,
    struckAt: orNull(time),
  },
  normal_sound: { id, machineId: id, name: text, analysis: { type: 'json' }, at: time },
  breaker: { id, name: text, amps: money, note: text, position },
  breaker_load: { id, breakerId: id, name: text, found: { type: foundHow } },
  machine_breaker: { id, circuit: text, found: { type: foundHow }, at: time },
  season_round: { id, name: text, startedAt: time, endedAt: orNull(time) },
  round_item: {
    id,
    roundId: id,
    machineId: id,
    task: { type: seasonTaskIds },
    why: { type: ['time', 'drift', 'left-open', 'chosen'] },
    state: { type: itemStates },
    note: text,
    doneAt: orNull(time),
    who: text,
    jobId: orNull(id),
    position,
  },
  spare: {
    id,
    place: text,
    price: money,
    boughtAt: dayOrNone,
    least: { type: 'number', least: 0, most: 999 },
  },
  spare_use: { id, partId: id, machineId: id, jobId: orNull(id), at: time },
}
