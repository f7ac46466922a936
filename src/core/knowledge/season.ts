import { compressorFamilies, outdoorFamilies, wheelFamilies } from './familyTraits'
import { capacitorKinds } from './motorKinds'
import type { FamilyId, MotorKindId, ObservationId } from './vocabulary'

export const seasonTaskIds = [
  'listen',
  'alarm-test',
  'flue-look',
  'flap-look',
  'filter-wash',
  'drain-look',
  'wobble-look',
  'capacitor-read',
  'wheel-clean',
  'fins-rinse',
  'dust-clear',
  'belt-look',
  'brush-look',
  'trap-flush',
  'ash-clear',
] as const
export type SeasonTaskId = (typeof seasonTaskIds)[number]

/** What a person may have to take along on the round. */
export type RoundKit =
  | 'ears'
  | 'torch'
  | 'soap'
  | 'filter'
  | 'water'
  | 'meter'
  | 'discharge-lead'
  | 'screwdriver'
  | 'brush'
  | 'vacuum'
  | 'belt'

export interface SeasonTask {
  id: SeasonTaskId
  families: readonly FamilyId[]
  /** Only with one of these motors; a motor of which nobody knows the kind is counted among them. */
  motors?: readonly MotorKindId[]
  everyMonths: number
  /** Done inside the machine: it is made dead in a job before. */
  inside: boolean
  minutes: number
  kit: readonly RoundKit[]
  /** What may be found, as a job begins with it. */
  finds: readonly { observation: ObservationId; value: string }[]
}

const all: readonly FamilyId[] = [
  'bath-exhaust-fan',
  'range-hood-fan',
  'ceiling-fan',
  'attic-vent-fan',
  'furnace-blower',
  'draft-inducer',
  'outdoor-unit-fan',
  'mini-split-indoor-fan',
  'refrigerator-evaporator-fan',
  'refrigerator-condenser-fan',
  'rv-furnace-blower',
  'pellet-stove-exhaust-blower',
  'hrv-fan',
  'dehumidifier-fan',
  'other-fan',
]

/** Machines that burn something, whose exhaust has to leave the house. */
const burning: readonly FamilyId[] = [
  'furnace-blower',
  'draft-inducer',
  'rv-furnace-blower',
  'pellet-stove-exhaust-blower',
]

const found = (observation: ObservationId, ...values: string[]) =>
  values.map((value) => ({ observation, value }))

/**
 * What is looked at each season. The intervals are habits of the trade, on the careful side: filters with each quarter, what burns
 * twice a year, all else once; a makers’ own book goes before them.
 */
export const seasonTasks: readonly SeasonTask[] = [
  {
    id: 'listen',
    families: all,
    everyMonths: 12,
    inside: false,
    minutes: 2,
    kit: ['ears'],
    finds: [
      ...found('sound', 'squeal', 'grinding', 'rattle', 'hum'),
      ...found('fan-state', 'dead', 'slow', 'starts-then-stops'),
    ],
  },
  {
    id: 'alarm-test',
    families: burning,
    // The makers of alarms ask for each month; a round of twice a year is the least.
    everyMonths: 6,
    inside: false,
    minutes: 1,
    kit: [],
    finds: [],
  },
  {
    id: 'flue-look',
    families: burning,
    everyMonths: 6,
    inside: false,
    minutes: 5,
    kit: ['torch'],
    finds: found('vent-path', 'blocked'),
  },
  {
    id: 'flap-look',
    families: ['bath-exhaust-fan', 'range-hood-fan', 'attic-vent-fan', 'hrv-fan'],
    everyMonths: 12,
    inside: false,
    minutes: 5,
    kit: ['torch'],
    finds: [...found('damper', 'stuck'), ...found('vent-path', 'blocked')],
  },
  {
    id: 'filter-wash',
    families: ['range-hood-fan', 'furnace-blower', 'mini-split-indoor-fan', 'hrv-fan', 'dehumidifier-fan'],
    everyMonths: 3,
    inside: false,
    minutes: 10,
    kit: ['soap', 'filter'],
    finds: found('vent-path', 'blocked'),
  },
  {
    id: 'drain-look',
    families: ['mini-split-indoor-fan', 'dehumidifier-fan', 'hrv-fan'],
    everyMonths: 12,
    inside: false,
    minutes: 5,
    kit: ['water', 'torch'],
    finds: found('drain-and-tube', 'blocked'),
  },
  {
    id: 'wobble-look',
    families: ['ceiling-fan'],
    everyMonths: 12,
    inside: false,
    minutes: 3,
    kit: [],
    finds: found('mounting', 'loose'),
  },
  {
    id: 'capacitor-read',
    families: all,
    motors: capacitorKinds,
    everyMonths: 12,
    inside: true,
    minutes: 15,
    kit: ['meter', 'discharge-lead', 'screwdriver'],
    finds: [
      ...found('capacitor-fan-reading', 'low', 'open'),
      ...found('capacitor-look', 'bulged-or-leaking', 'burnt'),
    ],
  },
  {
    id: 'wheel-clean',
    families: wheelFamilies,
    everyMonths: 12,
    inside: true,
    minutes: 25,
    kit: ['screwdriver', 'brush', 'vacuum'],
    finds: [
      ...found('fouling', 'dirty', 'painted-over', 'debris'),
      ...found('free-spin', 'stiff', 'rough', 'wobbles'),
    ],
  },
  {
    id: 'fins-rinse',
    families: outdoorFamilies,
    everyMonths: 12,
    inside: true,
    minutes: 25,
    kit: ['screwdriver', 'brush', 'water'],
    finds: [...found('fouling', 'dirty', 'debris'), ...found('connections', 'loose-or-burnt')],
  },
  {
    id: 'dust-clear',
    families: compressorFamilies.filter((family) => family === 'refrigerator-condenser-fan'),
    everyMonths: 12,
    inside: true,
    minutes: 15,
    kit: ['screwdriver', 'vacuum', 'brush'],
    finds: found('fouling', 'dirty', 'debris'),
  },
  {
    id: 'belt-look',
    families: ['attic-vent-fan', 'furnace-blower'],
    // Belts are driven by the old kinds; nothing else of these two families has one.
    motors: ['split-phase', 'capacitor-start'],
    everyMonths: 12,
    inside: true,
    minutes: 10,
    kit: ['screwdriver', 'belt', 'torch'],
    finds: found('belt', 'slipping', 'broken'),
  },
  {
    id: 'brush-look',
    families: ['rv-furnace-blower'],
    everyMonths: 24,
    inside: true,
    minutes: 30,
    kit: ['screwdriver', 'torch'],
    finds: found('brush-length', 'worn-short'),
  },
  {
    id: 'trap-flush',
    families: ['furnace-blower', 'draft-inducer'],
    everyMonths: 12,
    inside: true,
    minutes: 15,
    kit: ['screwdriver', 'water'],
    finds: found('drain-and-tube', 'blocked'),
  },
  {
    id: 'ash-clear',
    families: ['pellet-stove-exhaust-blower'],
    everyMonths: 12,
    inside: true,
    minutes: 40,
    kit: ['screwdriver', 'brush', 'vacuum'],
    finds: [...found('fouling', 'dirty'), ...found('vent-path', 'blocked')],
  },
]

export const isSeasonTask = (id: string): id is SeasonTaskId => seasonTasks.some((task) => task.id === id)

/** @throws Error for an id that is no task: only those that `isSeasonTask` knows are asked for */
export function seasonTask(id: SeasonTaskId): SeasonTask {
  const task = seasonTasks.find((each) => each.id === id)
  if (!task) throw new Error(`no task ${id}`)
  return task
}
