import type { Generated } from 'kysely'
import type { HouseTables } from '@/core/house/rows'
import type { EventRow, HouseholdRow, JobTables, MachineRow, RecordingFormat } from '@/core/job/rows'
import type { FamilyId } from '@/core/knowledge/vocabulary'

/** Tables of the household over the years that hold whole rows of the core. */
type HouseRowTables = Omit<HouseTables, 'machine' | 'job' | 'part'>

/** Tables as they stand in the file; rows are the core's own, flags as 0/1. */
export interface Schema extends HouseRowTables {
  household: HouseholdRow
  machine: MachineRow
  job: JobTables['job']
  finding: JobTables['findings']
  declined: JobTables['declined']
  belief: JobTables['beliefs']
  stop: JobTables['stops']
  isolation_point: JobTables['points']
  proof: JobTables['proofs']
  proof_reading: JobTables['proofReadings']
  charge: JobTables['charges']
  wait: JobTables['waits']
  reading: JobTables['readings']
  lead: JobTables['leads']
  field: JobTables['fields']
  decision: JobTables['decisions']
  ledger_line: JobTables['ledger']
  candidate: JobTables['candidates']
  line_photo: JobTables['photos']
  sequence_run: JobTables['runs']
  sound: JobTables['sounds']
  landing: JobTables['landings']
  prove_check: JobTables['checks']
  practice_round: PracticeRoundRow
  practice_act: PracticeActRow
  practice_card: PracticeCardRow
  part_out: JobTables['outParts']
  due_look: JobTables['dues']
  safety_log: JobTables['log']
  event: EventRow
  known_act: KnownActRow
  house_event: HouseEventRow
  photo: PhotoRow
  recording: RecordingRow
  bench_line: BenchLineRow
  own_name: OwnNameRow
  deleted: DeletedRow
  catalogue: CatalogueRow
  part: PartRow & PartFigures
}

/** Something that was done to the household, with what it changed, so that it can be undone. */
export interface HouseEventRow {
  seq: Generated<number>
  id: string
  at: string
  who: string
  /** The message as JSON: its key and what is put into it. */
  said: string
  /** Rows before and after, as JSON. */
  changes: string
  undone: 0 | 1
}

/** An act that was stored and has no event of its own. */
export interface KnownActRow {
  jobId: string
  actId: string
}

/** A job or a machine that somebody deleted: out of sight, brought back within a day, or gone for good. */
export interface DeletedRow {
  kind: 'job' | 'machine'
  id: string
  at: string
  who: string
}

/** What the household calls a machine or a kind of machine. */
export interface OwnNameRow {
  /** In small letters. */
  words: string
  family: FamilyId
  machineId: string | null
  learnedAt: string
}

/** What the bench shows of a job, as it was worked out from `key`; it may be dropped at any time. */
export interface BenchLineRow {
  jobId: string
  key: string
  /** When, in ms since 1970. */
  at: number
  /** It changes with the clock too. */
  timed: 0 | 1
  line: string
}

/** A list of parts: one imported, or what lies on the person's own shelf. */
export interface CatalogueRow {
  id: string
  name: string
  kind: 'shelf' | 'import'
  /** Captions of its columns and the field that each holds, as JSON lists: the next list with these captions is read alike. */
  headers: string
  mapping: string
  /** How its lengths are meant. */
  lengths: string
  at: string
  /** Offered in matching and in the search. */
  shown: 0 | 1
  /** All of it has come in; one that is not ready was broken off and is not offered. */
  ready: 0 | 1
  parts: number
}

export interface PartRow {
  n: Generated<number>
  id: string
  catalogueId: string
  kind: 'motor' | 'capacitor'
  /** What it is found by. */
  words: string
  /** Its specification as JSON. */
  spec: string
  note: string
  /** How many lie on the shelf. */
  count: number
}

/** Figures of a motor beside its specification, so that most of a long list is left out unread. */
export interface PartFigures {
  rpm: number | null
  hp: number | null
  shaftMm: number | null
  bodyMm: number | null
  /** It says which numbers it replaces. */
  declares: 0 | 1
}

export interface PhotoRow {
  /** SHA-256 of the stored file. */
  hash: string
  width: number
  height: number
  bytes: number
  caption: string
  at: string
}

/** A recording itself, where somebody asked to keep it; under the id of its sound. */
export interface RecordingRow {
  id: string
  jobId: string
  format: RecordingFormat
  bytes: Uint8Array
  at: string
}

export interface PracticeRoundRow {
  id: string
  code: string
  /** The lesson that it belongs to. */
  lesson: string | null
  /** With the advisor beside it, or blind. */
  help: 0 | 1
  startedAt: string
  endedAt: string | null
  outcome: 'right' | 'wrong' | 'hurt' | null
  minutes: number
  tests: number
  dangers: number
  /** log2 of what the true cause was given at last; null where no odds were stated. */
  oddsBits: number | null
  /** The share that was given to what was decided, for the calibration. */
  given: number | null
  /** What was wrong with it, ids with a blank between; null while it is open, so that nothing tells. */
  causes: string | null
}

export interface PracticeActRow {
  roundId: string
  nth: number
  /** The act as the core takes it, as JSON. */
  act: string
}

/** When a cause comes back, by the repetition library; one row a cause. */
export interface PracticeCardRow {
  cause: string
  dueAt: string
  seen: number
  lapses: number
  stability: number
  difficulty: number
  lastAt: string
  state: number
}

/** Table of the file for each list of a job. */
export const tableOf = {
  job: 'job',
  machine: 'machine',
  findings: 'finding',
  declined: 'declined',
  beliefs: 'belief',
  stops: 'stop',
  points: 'isolation_point',
  proofs: 'proof',
  proofReadings: 'proof_reading',
  charges: 'charge',
  waits: 'wait',
  readings: 'reading',
  leads: 'lead',
  fields: 'field',
  decisions: 'decision',
  ledger: 'ledger_line',
  candidates: 'candidate',
  photos: 'line_photo',
  runs: 'sequence_run',
  sounds: 'sound',
  landings: 'landing',
  checks: 'prove_check',
  outParts: 'part_out',
  dues: 'due_look',
  log: 'safety_log',
} as const satisfies Record<string, keyof Schema>
