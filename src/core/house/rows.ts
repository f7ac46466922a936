import type { MachineRow } from '../job/rows'
import type { Message } from '../message'
import type { FoundHow } from './found'

/** Quantities that are kept of a machine over the years, apart from any job; each stands in the unit that its name says. */
export const measuredKinds = ['capacitanceUf', 'currentA', 'supplyV', 'speedRpm', 'airDifferenceC'] as const
export type MeasuredKind = (typeof measuredKinds)[number]

/** What is fitted in a machine, as its page lists it. */
export const fittedKinds = [
  'motor',
  'capacitor',
  'belt',
  'wheel',
  'bearings',
  'filter',
  'switch',
  'contactor',
  'board',
  'other',
] as const
export type FittedKind = (typeof fittedKinds)[number]

export const itemStates = ['open', 'done', 'found', 'left'] as const
export type ItemState = (typeof itemStates)[number]

/** What is known of a machine's life in the house beside its plate. */
export interface LifeRow {
  /** The machine. */
  id: string
  /** The day from which it is in use no more; its page and its jobs stay. Null while it is in use. */
  retiredAt: string | null
  retiredWhy: string
  /** What a day without it costs, in the household's own money; null where nobody said. */
  dayWithout: number | null
}

/** A part that is in a machine, or was, as somebody wrote it down. */
export interface FittedRow {
  id: string
  machineId: string
  what: FittedKind
  /** As it is called, with its number. */
  name: string
  /** Its figures, as printed: “35+5 µF ±6 %, 440 V”. */
  figures: string
  /** A day; empty where nobody knows. */
  since: string
  /** From whom it was bought. */
  boughtFrom: string
  /** The last day of its warranty; empty where there is none. */
  warrantyUntil: string
  /** The day on which it came out; null while it is in. */
  goneAt: string | null
}

/** A figure of a machine, taken without a job: on a good day, on the round of a season, or brought in from a list. */
export interface MeasuredRow {
  id: string
  machineId: string
  what: MeasuredKind
  /** Terminal of a capacitor (`HERM`, `FAN`, `single`), or a speed; empty where there is one. */
  section: string
  value: number
  /** As it was typed, with its unit. */
  typed: string
  at: string
  /** On a day on which the machine was well: later ones are held against it. */
  normal: 0 | 1
  source: 'typed' | 'list'
  note: string
  struckAt: string | null
}

/** How a machine sounds on a good day, recorded without a job. */
export interface NormalSoundRow {
  id: string
  machineId: string
  name: string
  /** JSON as that of a job's recording. */
  analysis: string
  at: string
}

/** A breaker of the panel. Machines hang on it by its name (`machine.circuit`). */
export interface BreakerRow {
  id: string
  name: string
  /** As printed on its handle; null where nobody read it. */
  amps: number | null
  note: string
  position: number
}

/** Something else that hangs on a breaker: a light, a socket. */
export interface LoadRow {
  id: string
  breakerId: string
  name: string
  found: FoundHow
}

/** How it was found that a machine hangs on its breaker. */
export interface MachineBreakerRow {
  /** The machine. */
  id: string
  /** The breaker that was found; it says nothing once the machine is put on another one. */
  circuit: string
  found: FoundHow
  at: string
}

/** A walk through the house with everything that is due. */
export interface RoundRow {
  id: string
  name: string
  startedAt: string
  endedAt: string | null
}

export interface RoundItemRow {
  id: string
  roundId: string
  machineId: string
  /** Id of what is done (`knowledge/season.ts`). */
  task: string
  /** Why it is due. */
  why: 'time' | 'drift' | 'left-open' | 'chosen'
  state: ItemState
  note: string
  doneAt: string | null
  /** Who ticked it. */
  who: string
  /** A job that was opened with what was found. */
  jobId: string | null
  position: number
}

/** What is known of a spare beside its figures. */
export interface SpareRow {
  /** The part on the shelf. */
  id: string
  place: string
  price: number | null
  /** A day; empty where nobody knows. */
  boughtAt: string
  /** Fewer than so many are told. */
  least: number
}

/** A spare that went into a machine. */
export interface SpareUseRow {
  id: string
  partId: string
  machineId: string
  jobId: string | null
  at: string
}

/** How many of a part lie on the shelf, as an act changes it. */
export interface PartCountRow {
  id: string
  count: number
}

/** Jobs of a machine, as a merge moves them. */
export interface JobOfMachineRow {
  id: string
  machineId: string
}

/** An address for somebody who is no member of the household: it shows one thing, until a day. */
export interface GuestRow {
  id: string
  /** Whom it was given to. */
  name: string
  /** Reads one record with its photos, or ticks one round. */
  may: 'read-record' | 'tick-round'
  target: string
  /** SHA-256 of the secret part of the address. */
  secret: string
  /** The last moment at which it opens. */
  until: string
  endedAt: string | null
}

/** Rows of the household beside those of its jobs, by table. */
export interface HouseTables {
  machine: MachineRow
  machine_life: LifeRow
  fitted: FittedRow
  measured: MeasuredRow
  normal_sound: NormalSoundRow
  breaker: BreakerRow
  breaker_load: LoadRow
  machine_breaker: MachineBreakerRow
  season_round: RoundRow
  round_item: RoundItemRow
  spare: SpareRow
  spare_use: SpareUseRow
  guest: GuestRow
  part: PartCountRow
  job: JobOfMachineRow
}
export type HouseTable = keyof HouseTables

/** One row before and after; null where it was not, or is no more. */
export type HouseChange = {
  [Table in HouseTable]: {
    table: Table
    id: string
    before: HouseTables[Table] | null
    after: HouseTables[Table] | null
  }
}[HouseTable]

/** What an act changes, and how it is told. */
export interface HousePlan {
  changes: HouseChange[]
  said: Message
}

/** What the acts of a household are planned from: all of it but the readings, of which an act names those it needs. */
export interface HouseRows {
  machines: MachineRow[]
  /** Of each machine, its jobs. */
  jobs: (JobOfMachineRow & { status: 'open' | 'closed' })[]
  /** Jobs that somebody deleted and that can still be brought back: they go along with their machine. */
  buried: JobOfMachineRow[]
  lives: LifeRow[]
  fitted: FittedRow[]
  breakers: BreakerRow[]
  loads: LoadRow[]
  onBreaker: MachineBreakerRow[]
  rounds: RoundRow[]
  items: RoundItemRow[]
  spares: SpareRow[]
  uses: SpareUseRow[]
  guests: GuestRow[]
  counts: PartCountRow[]
}
