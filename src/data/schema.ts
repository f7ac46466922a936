import type { EventRow, HouseholdRow, JobTables, MachineRow } from '@/core/job/rows'

/** Tables as they stand in the file; rows are the core's own, flags as 0/1. */
export interface Schema {
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
  landing: JobTables['landings']
  prove_check: JobTables['checks']
  part_out: JobTables['outParts']
  due_look: JobTables['dues']
  safety_log: JobTables['log']
  event: EventRow
  photo: PhotoRow
  bench_line: BenchLineRow
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

export interface PhotoRow {
  /** SHA-256 of the stored file. */
  hash: string
  width: number
  height: number
  bytes: number
  caption: string
  at: string
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
  landings: 'landing',
  checks: 'prove_check',
  outParts: 'part_out',
  dues: 'due_look',
  log: 'safety_log',
} as const satisfies Record<string, keyof Schema>
