import type { RecordedSureness } from '../../knowledge/recordingsCounted'
import type { CauseId, IsolationPointId, ObservationId, StopRuleId } from '../../knowledge/vocabulary'
import type { CapSpec, MotorSpec } from '../../match'
import type {
  BeliefRow,
  BenchPart,
  CandidateRow,
  ChargeKind,
  ChargeTerminals,
  CheckRow,
  Cover,
  JobRow,
  LedgerRow,
  LeftOut,
  MeterRange,
  ReadingKind,
  RecordingFormat,
  WaitRow,
} from '../rows'

/** What lifts a hard stop: it was put right by somebody, or said by mistake and something else was meant. */
export const liftWays = ['mended', 'mistake'] as const
export type LiftWay = (typeof liftWays)[number]

/** Why a closed job is opened again. */
export const reopenReasons = ['failed-again', 'not-all-done', 'closed-by-mistake'] as const
export type ReopenReason = (typeof reopenReasons)[number]

/** Why power comes back: to read one value, or to watch the mended machine start. */
export type PowerPurpose = 'reading' | 'start'

/** Everything a person can do to a job. Ids of new rows come from the caller, so that browser and server agree. */
export type Act =
  | { kind: 'machine.edit'; field: string; value: string }
  | { kind: 'job.edit'; field: 'symptom' | 'lesson' | 'minutesSpent' | 'cost'; value: string }
  | { kind: 'part.out'; id: string; part: BenchPart }
  | { kind: 'part.back'; id: string }
  | { kind: 'bench.answered' }
  /** Whoever works in this job has hands and tools out of the machine: another job may ask for power then. */
  | { kind: 'hands.out' }
  | { kind: 'job.phase'; phase: JobRow['phase']; purpose?: PowerPurpose }
  | { kind: 'job.close'; result: NonNullable<JobRow['result']> }
  | { kind: 'job.reopen'; why?: ReopenReason }
  /** `how` and `reason`: what lifts the hard stop that stands on the finding, where it is taken away or changed. */
  | {
      kind: 'finding.set'
      id: string
      observation: ObservationId
      value: string | null
      recorded?: RecordedSureness
      how?: LiftWay
      reason?: string
    }
  | { kind: 'declined.set'; id: string; observation: ObservationId; on: boolean; why?: LeftOut }
  | { kind: 'belief.set'; id: string; cause: CauseId; stance: BeliefRow['stance'] | null; reason: string }
  | { kind: 'stop.raise'; id: string; rule: StopRuleId; note: string }
  | { kind: 'stop.override'; rule: StopRuleId; reason: string }
  | { kind: 'stop.lift'; rule: StopRuleId; how: LiftWay; reason: string }
  | { kind: 'point.open'; id: string }
  | { kind: 'point.close'; id: string }
  | { kind: 'point.still'; id: string }
  | { kind: 'point.held'; id: string; held: string }
  | { kind: 'point.add'; id: string; point: IsolationPointId }
  | { kind: 'point.strike'; id: string; reason: string }
  | { kind: 'point.restore'; id: string }
  | { kind: 'proof.start'; id: string; feed?: number }
  | { kind: 'proof.tester'; id: string; when: 'before' | 'after'; on: boolean }
  | { kind: 'proof.switch'; id: string; on: boolean }
  | {
      kind: 'proof.read'
      id: string
      proofId: string
      pair: string
      position: number
      typed: string
      range?: MeterRange
    }
  | { kind: 'proof.failed'; id: string; what: string }
  /** The reading was typed wrong: it showed something else, and the pair is read again. */
  | { kind: 'proof.mistyped'; id: string; showed: string }
  | { kind: 'proof.void'; reason: string }
  | {
      kind: 'charge.edit'
      id: string
      field: 'capacitanceTyped' | 'voltsTyped' | 'resistorTyped' | 'label'
      value: string
    }
  | { kind: 'charge.terminals'; id: string; terminals: ChargeTerminals | '' }
  | { kind: 'charge.read'; id: string; typed: string }
  | { kind: 'charge.add'; id: string; holds?: ChargeKind }
  | { kind: 'charge.strike'; id: string; reason: string }
  | { kind: 'charge.restore'; id: string }
  | { kind: 'wait.add'; id: string; wait: WaitRow['kind'] }
  | { kind: 'wait.minutes'; id: string; minutes: number }
  | { kind: 'wait.start'; id: string }
  | { kind: 'wait.strike'; id: string; reason: string }
  | { kind: 'wait.restore'; id: string }
  | {
      kind: 'reading.set'
      id: string
      reading: ReadingKind
      part: 'old' | 'new'
      a: string
      b: string
      typed: string
    }
  | { kind: 'reading.strike'; id: string; reason: string }
  | { kind: 'lead.add'; id: string; part: 'old' | 'new'; name: string }
  | { kind: 'lead.rename'; id: string; name: string }
  | { kind: 'lead.remove'; id: string }
  | { kind: 'field.set'; id: string; part: string; field: string; typed: string }
  | {
      kind: 'decision.set'
      id: string
      agreed: boolean
      cause: string
      action: string
      option?: string
      reason: string
      probability: number
    }
  | {
      kind: 'candidate.add'
      id: string
      part: 'motor' | 'capacitor'
      source: CandidateRow['source']
      ref: string
      name: string
      motor?: MotorSpec
      capacitor?: CapSpec
    }
  | { kind: 'photo.add'; id: string; lineId: string; hash: string; caption: string; way: 'in' | 'back' }
  | { kind: 'photo.caption'; id: string; caption: string }
  | { kind: 'photo.mark'; id: string; marks: string }
  | { kind: 'photo.remove'; id: string }
  | { kind: 'run.start'; id: string }
  | { kind: 'run.mark'; id: string; event: string; on: boolean }
  | { kind: 'run.end'; id: string }
  | { kind: 'run.remove'; id: string }
  | {
      kind: 'sound.add'
      id: string
      way: 'before' | 'after'
      name: string
      analysis: string
      kept?: RecordingFormat
    }
  | { kind: 'sound.remove'; id: string }
  | { kind: 'candidate.rename'; id: string; name: string }
  | { kind: 'candidate.remove'; id: string }
  /** `way`: one build of the family, or one repair of it, in place of its usual way to the motor. */
  | {
      kind: 'ledger.plant'
      ids: string[]
      template: 'motor' | 'capacitor' | 'capacitor-dual'
      way?: string
      /** In place of the lines of another template that nobody has touched. */
      instead?: boolean
    }
  /** A way that was kept at another job, as its lines stood there. */
  | {
      kind: 'ledger.own'
      ids: string[]
      replaced: string
      lines: { line: Partial<LedgerRow> }[]
      instead?: boolean
    }
  /** Behind a line, at the end (null), or right before the line that `before` names. */
  | { kind: 'ledger.add'; id: string; after: string | null; before?: string; line: Partial<LedgerRow> }
  /** So many pieces of a line become a line of their own behind it: two cups, two kinds of screw. */
  | { kind: 'ledger.split'; id: string; fresh: string; count: number }
  | { kind: 'ledger.edit'; id: string; change: Partial<LedgerRow> }
  | { kind: 'ledger.move'; id: string; before: string | null }
  /** A line of the way back behind another, first (empty), or where it is worked out (null). */
  | { kind: 'back.move'; id: string; after: string | null }
  | { kind: 'ledger.remove'; id: string }
  | { kind: 'ledger.strike'; id: string; reason: string }
  | { kind: 'ledger.restore'; id: string }
  | { kind: 'short.step'; id: string; step: 1 | 2 | 3 | 4; by: string }
  | { kind: 'ledger.tick'; id: string; on: boolean }
  | { kind: 'ledger.back'; id: string; on: boolean }
  | {
      kind: 'landing.set'
      id: string
      lead: string
      role: string
      terminal: string
      capped: boolean
      position: number
    }
  /** The whole proposal of the planner, for the leads that have no landing yet. */
  | { kind: 'landing.take'; ids: string[] }
  | { kind: 'landing.done'; id: string; on: boolean }
  | {
      kind: 'check.set'
      id: string
      checkId: string
      result: CheckRow['result'] | null
      note: string
      finding?: number
    }

/** Who does an act, in which window, and how it came. Left out in tests of what does not depend on it. */
export interface By {
  who: string
  window: string
  /** Told later than it was done: whether the gate stood open then. Such an act is never refused by the present gate. */
  cover?: Cover
}

export const nobody: By = { who: '', window: '' }

export interface Planned {
  /** What was done, for the activity list. */
  text: string
  changes: import('../rows').RowChange[]
  /** Acts with the same key that follow each other are one for undo: typing into one field. */
  mergeKey: string | null
}

/** One kind of act, with what it carries. */
export type ActOf<Kind extends Act['kind']> = Extract<Act, { kind: Kind }>
