import type { HouseTable } from '@/core/house/rows'
import type { SeasonTaskId } from '@/core/knowledge/season'
import { actOnHouse } from '@/server/house'
import { readShelf, shelve } from '@/server/parts'

const DAY = 86_400_000

/** Day so many days before now, as acts take it. */
const dayBefore = (now: number, days: number): string => new Date(now - days * DAY).toISOString().slice(0, 10)

/** Readings of Harrow Reach without a job: days ago, figure as it was typed. All of them hang together with the plates. */
const readings: {
  machine: string
  what: string
  section?: string
  normal?: 1
  taken: [days: number, typed: string][]
}[] = [
  {
    machine: 'outdoor',
    what: 'capacitanceUf',
    section: 'FAN',
    taken: [
      [1090, '5.06 µF'],
      [720, '5.02 µF'],
      [365, '4.97 µF'],
    ],
  },
  {
    machine: 'outdoor',
    what: 'capacitanceUf',
    section: 'HERM',
    taken: [
      [1090, '34.6 µF'],
      [720, '34.4 µF'],
      [365, '34.3 µF'],
    ],
  },
  {
    machine: 'outdoor',
    what: 'airDifferenceC',
    taken: [
      [1060, '19 °F'],
      [700, '18.5 °F'],
    ],
  },
  { machine: 'outdoor', what: 'airDifferenceC', normal: 1, taken: [[340, '18.4 °F']] },
  {
    machine: 'hrv',
    what: 'speedRpm',
    taken: [
      [1000, '1,460'],
      [640, '1,452'],
    ],
  },
  { machine: 'hrv', what: 'speedRpm', normal: 1, taken: [[290, '1,448']] },
  {
    machine: 'bath',
    what: 'currentA',
    taken: [
      [738, '0.31'],
      [520, '0.33'],
    ],
  },
  { machine: 'bath', what: 'currentA', normal: 1, taken: [[190, '0.30']] },
]

/** The panel in the boathouse: name, amps, what else went dark. */
const panel: [name: string, amps: string, loads: [string, 'switched' | 'panel-card'][]][] = [
  ['3, kitchens', '20', [['sockets by both sinks', 'switched']]],
  [
    '9, loft and bath',
    '15',
    [
      ['landing light', 'switched'],
      ['bathroom mirror light', 'panel-card'],
    ],
  ],
  ['14', '30', []],
  ['18, workshop', '20', [['bench sockets', 'switched']]],
]

/** Rounds that were walked: days ago, what was done where, and what came of it. */
const rounds: { name: string; days: number; done: [machine: string, task: SeasonTaskId, note: string][] }[] =
  [
    {
      name: 'First round',
      days: 930,
      done: [
        ['stove', 'alarm-test', ''],
        ['stove', 'flue-look', 'swept'],
        ['bath', 'flap-look', 'lint taken off'],
        ['hood', 'filter-wash', ''],
        ['hrv', 'filter-wash', 'new filters'],
      ],
    },
    {
      name: 'Autumn round',
      days: 410,
      done: [
        ['stove', 'alarm-test', 'new batteries'],
        ['stove', 'flue-look', ''],
        ['bath', 'flap-look', ''],
        ['hood', 'filter-wash', ''],
        ['hrv', 'filter-wash', ''],
        ['hrv', 'drain-look', ''],
        ['outdoor', 'listen', ''],
      ],
    },
    {
      name: 'Summer round',
      days: 130,
      done: [
        ['stove', 'alarm-test', ''],
        ['hood', 'filter-wash', 'new grease filter ordered'],
        ['hrv', 'filter-wash', ''],
        ['dehumidifier', 'drain-look', ''],
        ['bath', 'listen', ''],
      ],
    },
  ]

const who = { who: 'Mara', window: '' }
const idOf = (machine: string): string => `hr-${machine}`

/** Three years of the house beside its jobs: fitted parts, readings, the panel, rounds, spares. */
export async function plantHouse(now: number): Promise<void> {
  const at = (days: number) => now - days * DAY
  await fitted(now)
  for (const { machine, what, section, normal, taken } of readings)
    for (const [days, typed] of taken)
      await actOnHouse(
        {
          kind: 'readings.add',
          machineId: idOf(machine),
          ...(normal ? { normal } : {}),
          readings: [{ what, typed, at: dayBefore(now, days), ...(section ? { section } : {}) }],
        },
        who,
        at(days),
      )
  for (const [name, amps, loads] of panel) {
    const { made } = await actOnHouse({ kind: 'breaker.put', name, amps }, who, at(1100))
    const breakerId = madeIn(made, 'breaker')
    for (const [load, found] of loads)
      await actOnHouse({ kind: 'load.put', breakerId, name: load, found }, who, at(1100))
  }
  await actOnHouse({ kind: 'machine.change', id: idOf('bath'), circuitFound: 'switched' }, who, at(1099))
  for (const { name, days, done } of rounds) await walked(name, at(days), done)
  await spares(now)
}

const madeIn = (made: { table: string; id: string }[], table: HouseTable): string =>
  made.find((row) => row.table === table)?.id ?? ''

async function fitted(now: number): Promise<void> {
  const parts = [
    {
      machineId: idOf('outdoor'),
      what: 'capacitor',
      name: 'Marrowby DC-355',
      figures: '35+5 µF ±6 % 440 V',
      since: dayBefore(now, 1095),
      boughtFrom: 'Lakeside Electric',
      warrantyUntil: dayBefore(now, -365),
    },
    {
      machineId: idOf('outdoor'),
      what: 'contactor',
      name: '24 V coil, 2 poles, 30 A',
      since: dayBefore(now, 2900),
    },
    { machineId: idOf('hood'), what: 'filter', name: 'grease filter 10 x 12 in', since: dayBefore(now, 120) },
    { machineId: idOf('hrv'), what: 'filter', name: 'two washable filters', since: dayBefore(now, 930) },
  ]
  for (const part of parts) await actOnHouse({ kind: 'fitted.put', ...part }, who, now)
}

async function walked(name: string, at: number, done: (typeof rounds)[number]['done']): Promise<void> {
  const items = done.map(([machine, task]) => ({ machineId: idOf(machine), task }))
  const { made } = await actOnHouse({ kind: 'round.begin', name, items }, who, at)
  const rows = made.filter(({ table }) => table === 'round_item')
  for (const [index, [, , note]] of done.entries()) {
    const id = rows[index]?.id ?? ''
    await actOnHouse({ kind: 'round.tick', id, state: 'done', note }, who, at + (index + 1) * 6 * 60_000)
  }
  await actOnHouse({ kind: 'round.end', id: madeIn(made, 'season_round') }, who, at + 90 * 60_000)
}

/** Two capacitors in a drawer. */
async function spares(now: number): Promise<void> {
  const capacitor = (uF: number) => ({
    capacitor: {
      id: '',
      sections: [{ section: 'single', uF }],
      volts: 440,
      duty: 'run',
      tolerancePercent: { minus: 6, plus: 6 },
    },
    note: '',
  })
  await shelve({ ...capacitor(5), count: 2 })
  await shelve({ ...capacitor(7.5), count: 1 })
  for (const [index, part] of (await readShelf()).entries())
    await actOnHouse(
      {
        kind: 'spare.put',
        id: part.id,
        place: `drawer ${index + 2}`,
        price: '11',
        boughtAt: dayBefore(now, 400),
        least: index === 0 ? 1 : 2,
      },
      who,
      now - 400 * DAY,
    )
}
