import type { FoundHow } from '../house/found'
import type { CoverId } from '../knowledge/covers'
import type { RecordedSureness } from '../knowledge/recordingsCounted'
import type {
  CauseId,
  FamilyId,
  IsolationPointId,
  MotorKindId,
  ObservationId,
  StopRuleId,
} from '../knowledge/vocabulary'
import type { SpokenLine } from '../refit/spokenLine'
import type { Access, BenchPart, SwitchKind } from '../refit/types'

export type { Access, BenchPart } from '../refit/types'

/** The rows a job is made of, as they are stored. Flags are 0/1, times UTC in ISO 8601, absent values null. */
export type Flag = 0 | 1

export interface HouseholdRow {
  id: string
  name: string
  region: 'north-america' | 'europe'
  inches: Flag
  fahrenheit: Flag
  ohmAccuracyPercent: number
  ohmCounts: number
  ohmResolution: number
  leadOffsetOhm: number
  capAccuracyPercent: number
  capCounts: number
  capResolutionUf: number
  capMaxUf: number | null
  school: 'label-limit' | 'ten-percent'
  /** Tool ids at hand, separated by spaces. */
  tools: string
  /** Meter and leads rated CAT III 600 V: without it no live mains test. */
  catRated: Flag
  singleKeys: Flag
  theme: 'light' | 'dark' | 'sun'
  /** The made-up catalogue is offered among the parts. */
  demoParts: Flag
  /** The first questions were answered, or left: mains, meter, tests with the power on. */
  introduced: Flag
}

export interface MachineRow {
  id: string
  householdId: string
  name: string
  place: string
  family: FamilyId
  manufacturer: string
  modelNumber: string
  serialNumber: string
  installedYear: string
  motorKind: MotorKindId | null
  note: string
  pictureHash: string | null
  /** A photo of its plate, kept with what was read from it. */
  platePictureHash: string | null
  /** The label of its capacitor, and its own, likewise. */
  capacitorPictureHash: string | null
  appliancePictureHash: string | null
  nextLook: string | null
  /** The breaker that feeds it, as the household calls it; machines of one name share it. Null: nobody has said. */
  circuit: string | null
  createdAt: string
}

export interface JobRow {
  id: string
  machineId: string
  symptom: string
  status: 'open' | 'closed'
  /** Work on it, covers going on, on for a test, back in service. */
  phase: 'work' | 'closing-up' | 'live-test' | 'in-service'
  /**
   * The dead period: a name that changes with everything by which power may have come back. What needs the machine dead is
   * stored with it, and counts only where it is the present one. Null in jobs of older files, which begin anew.
   */
  period: string | null
  /** The open job whose points, proofs, charges, waits and record this one shares, on the same machine; null: its own. */
  energyJob: string | null
  /** Somebody of this job has hands in the machine: said by a tick, taken back by “hands out”. */
  handsIn: Flag | null
  /** An older file said that "the part" lies on the bench and not which: the page asks. */
  benchAsks: Flag
  /** Counts what was written: a window that holds a lower number is behind. */
  rev: number
  result: 'runs' | 'runs-with-remarks' | 'not-mended' | 'handed-over' | null
  lesson: string
  minutesSpent: string
  cost: string
  openedAt: string
  touchedAt: string
  closedAt: string | null
}

interface OfJob {
  id: string
  jobId: string
}

export interface FindingRow extends OfJob {
  observation: ObservationId
  value: string
  /** How surely a recording told it, where the person took it from one. */
  recorded: RecordedSureness | null
  at: string
}

/** Why a test is left out: the person will not, it cannot be done on this machine, or nobody can tell. */
export type LeftOut = 'declined' | 'not-possible' | 'unknown'

export interface DeclinedRow extends OfJob {
  observation: ObservationId
  why: LeftOut
  at: string
}

/** What the person knows better than the tables: a suspect taken as given, or struck. */
export interface BeliefRow extends OfJob {
  cause: CauseId
  stance: 'set' | 'struck'
  reason: string
  at: string
}

/** A stop rule raised by hand. A warning can be overridden with a reason; a hard one only lifted, with who put it right. */
export interface StopRow extends OfJob {
  rule: StopRuleId
  note: string
  at: string
  overriddenAt: string | null
  liftedAt: string | null
  reason: string
}

export interface PointRow extends OfJob {
  point: IsolationPointId
  label: string
  position: number
  /** How it is held open, as the person typed or tapped it; empty until somebody said so. */
  held: string
  /** What the plan proposes; never a record. */
  proposal: string
  /** The circuit it belongs to, where a housing has several; 0 where it serves all. */
  feed: number
  /** When it last opened, closed, came or went: a proof older than that does not count. */
  changedAt: string | null
  openedAt: string | null
  struckAt: string | null
  strikeReason: string
}

/** One proof of one feed. It is voided, never deleted. */
export interface ProofRow extends OfJob {
  feed: number
  by: string
  startedAt: string
  /** A switch before the proof place set ON for the readings, and off and held again after them. */
  switchOnAt: string | null
  switchOffAt: string | null
  testerBeforeAt: string | null
  testerAfterAt: string | null
  voidedAt: string | null
  voidReason: string
}

export interface ProofReadingRow extends OfJob {
  proofId: string
  pair: string
  position: number
  typed: string
  volts: number | null
  range: MeterRange
  current: 'ac' | 'dc'
  at: string
  /** The same pair was read again: this reading stays in the record and counts no more. */
  replacedAt: string | null
  /** What was meant, where the person said that it was mistyped; it stays in the record and says nothing of the pair. */
  mistyped: string | null
}

export type MeterRange = 'ordinary' | 'low-impedance'

/** A run or start capacitor, that of a compressor or its inverter, the bus of an opened module. */
export const chargeKinds = ['run', 'start', 'compressor', 'bus'] as const
export type ChargeKind = (typeof chargeKinds)[number]

export const chargeTerminals = ['two', 'none-seen'] as const
export type ChargeTerminals = (typeof chargeTerminals)[number]

export const carriesKinds = ['fuel', 'refrigerant', 'water-or-air', 'nothing'] as const
export type Carries = (typeof carriesKinds)[number]

export interface ChargeRow extends OfJob {
  label: string
  position: number
  /** As typed; the capacitor label of the job where left empty. */
  capacitanceTyped: string
  voltsTyped: string
  resistorTyped: string
  dischargedAt: string | null
  typed: string
  volts: number | null
  readAt: string | null
  /** Came with the plan, not added by hand: asked for only while the motor may have one. */
  planned: Flag
  /** Said where no label tells it: two terminals and no more, or nothing seen of it. Nothing said counts as the most it may have. */
  terminals: ChargeTerminals | null
  /** What holds the charge; null in older files: a run capacitor. */
  holds: ChargeKind | null
  struckAt: string | null
  strikeReason: string
}

export interface WaitRow extends OfJob {
  kind: 'cool-down' | 'electronics'
  label: string
  minutes: number
  why: string
  position: number
  startedAt: string | null
  planned: Flag
  struckAt: string | null
  strikeReason: string
}

/** A part that was out of the machine before this job began; what the ledger takes out is told by its lines. */
export interface PartOutRow extends OfJob {
  part: BenchPart
  at: string
  backAt: string | null
}

/** How an act of hands stands to the proof: covered as it was done, covered but told later, or done without one. */
export type Cover = '' | 'late' | 'none'

/** What happened to the energy of the job, for good. Rows are only ever added. */
export interface LogRow extends OfJob {
  position: number
  at: string
  kind: LogKind
  /** The point, proof, charge, wait or line it is about. */
  subject: string
  label: string
  detail: string
  who: string
  window: string
}

export const logKinds = [
  'opened',
  'closed',
  'held',
  'added',
  'struck',
  'restored',
  'planned',
  'proof-begun',
  'tester-before',
  'tester-after',
  'switch-on',
  'switch-off',
  'read',
  'proof-failed',
  'discharged',
  'still-charged',
  'wait-started',
  'voided',
  'phase',
  'bypass-set',
  'bypass-undone',
  'bypass-withdrawn',
  'short-isolation',
  'part-out',
  'part-back',
  'stop-raised',
  'stop-lifted',
  'stop-overridden',
  'taken-back',
  'done-again',
  'uncovered',
  'closed-job',
  'reopened-job',
] as const
export type LogKind = (typeof logKinds)[number]

/** A look that lies in the future: it is answered like its check, and may outlive the job. */
export interface DueRow extends OfJob {
  checkId: string
  dueAt: string
  at: string
}

export type ReadingKind = 'capacitance' | 'resistance' | 'to-frame' | 'supply'

export interface ReadingRow extends OfJob {
  kind: ReadingKind
  /** Before the repair, or of the new part. */
  part: 'old' | 'new'
  pointA: string
  pointB: string
  typed: string
  /** In µF, Ω or V; null where over-range or not readable. */
  value: number | null
  over: Flag
  live: Flag
  cover: Cover
  at: string
  struckAt: string | null
  strikeReason: string
}

export interface LeadRow extends OfJob {
  part: 'old' | 'new'
  name: string
  position: number
}

/** One typed field of a plate, a capacitor label, a size, a choice. */
export interface FieldRow extends OfJob {
  part: string
  field: string
  typed: string
  at: string
}

export interface DecisionRow extends OfJob {
  agreed: Flag
  cause: string
  action: string
  /** The option chosen among those side by side, or empty where none was. */
  option: string
  reason: string
  /** Probability at the moment of deciding, frozen for the record. */
  probability: number
  at: string
}

export interface LedgerRow extends OfJob, SpokenLine {
  position: number
  mark: string
  /** What was measured, as it was typed: “14 mm”, “9/16 in”. Null in older files, as the three after it. */
  figure: string | null
  /** The part whose place it tells. */
  ofPart: string | null
  /** The same measured on the way back, or what was said instead. */
  backFigure: string | null
  /** Why a line to measure has no figure, or a line to photograph no photo. */
  without: string | null
  /** What is noted before it comes off, as the template asks it; null where it asks nothing, or an older program wrote the line. */
  asks: string | null
  movesToNewPart: Flag
  renewMaterial: string
  cureHours: number | null
  switchKind: SwitchKind | null
  temporary: Flag
  extra: Flag
  /** A cover that may come off before the proof, or after it and before the discharge. */
  access: Access
  /** The part that this line takes out of the machine. */
  frees: BenchPart | ''
  /** Done on the bench, at this part, once it is out. */
  benchOf: BenchPart | ''
  handsOff: Flag
  caution: string
  /** Which cover of the list it is, on a line of access; null: none of the list. */
  cover: CoverId | null
  /** What flows in it, where it may be a fuel line: unanswered is fuel. */
  carries: Carries | null
  /** The dead period in which it was done, and in which it went back; null where none stood. */
  donePeriod: string | null
  backPeriod: string | null
  doneAt: string | null
  backDoneAt: string | null
  /** The person has put it behind this line of the way back, or first where empty; null: where it is worked out. */
  backAfter: string | null
  backMovedAt: string | null
  doneCover: Cover
  backCover: Cover
  struckAt: string | null
  strikeReason: string
  /** How far the short isolation has come that takes tape off a door switch. */
  shortStep: number
  shortBy: string
}

/** A photo of a line of the ledger, or of the machine as it was found where `lineId` is empty. */
export interface LinePhotoRow extends OfJob {
  lineId: string
  /** Of the stored picture. */
  hash: string
  caption: string
  /** Taken on the way in or on the way back. */
  way: 'in' | 'back'
  /** JSON of what was drawn on it; empty where nothing was. */
  marks: string
  at: string
}

/** A start that was watched against its sequence. */
export interface SequenceRunRow extends OfJob {
  startedAt: string
  endedAt: string | null
  /** JSON of the events seen: seconds after the call, by their ids. */
  seen: string
}

/** What was heard of the machine, before the repair or after it. */
/** What a browser records or a phone's recorder makes, by the first bytes of the file. */
export const recordingFormats = ['wav', 'webm', 'ogg', 'mp4', 'mp3'] as const
export type RecordingFormat = (typeof recordingFormats)[number]

export interface SoundRow extends OfJob {
  way: 'before' | 'after'
  /** Of the file, or where it was recorded. */
  name: string
  /** JSON of level, bands and tones. */
  analysis: string
  /** Format of the recording itself, where it is kept; mostly it is not. */
  kept: RecordingFormat | null
  at: string
}

export interface LandingRow extends OfJob {
  lead: string
  role: string
  /** Terminal, `ground`, or empty while open. */
  terminal: string
  capped: Flag
  position: number
  doneAt: string | null
  doneCover: Cover
  /** The dead period in which it was landed. */
  period: string | null
}

/** A part that may replace the old one: typed from its plate, or taken from the shelf or a catalogue with its figures as they were then. */
export interface CandidateRow extends OfJob {
  part: 'motor' | 'capacitor'
  source: 'typed' | 'shelf' | 'catalogue'
  /** Id of the part in the catalogue it came from; empty where it was typed. */
  ref: string
  name: string
  /** Its specification as JSON; what the person types over it stands among the fields of the job. */
  spec: string
  position: number
  at: string
}

export interface CheckRow extends OfJob {
  checkId: string
  result: 'pass' | 'fail' | 'skipped'
  /** The dead period in which it was answered; for a leak test the opening of the gas. */
  period: string | null
  note: string
  at: string
}

export interface EventRow extends OfJob {
  seq: number
  at: string
  /** The act's own id: sent twice it is stored once. */
  actId: string
  who: string
  window: string
  text: string
  mergeKey: string | null
  changes: string
  state: 'done' | 'undone' | 'dropped'
}

export interface JobTables {
  job: JobRow
  machine: MachineRow
  findings: FindingRow
  declined: DeclinedRow
  beliefs: BeliefRow
  stops: StopRow
  points: PointRow
  proofs: ProofRow
  proofReadings: ProofReadingRow
  charges: ChargeRow
  waits: WaitRow
  readings: ReadingRow
  leads: LeadRow
  fields: FieldRow
  decisions: DecisionRow
  ledger: LedgerRow
  landings: LandingRow
  checks: CheckRow
  outParts: PartOutRow
  dues: DueRow
  candidates: CandidateRow
  photos: LinePhotoRow
  runs: SequenceRunRow
  sounds: SoundRow
  log: LogRow
}

export type TableName = keyof JobTables
export type ListTable = Exclude<TableName, 'job' | 'machine'>

export const listTables: ListTable[] = [
  'findings',
  'declined',
  'beliefs',
  'stops',
  'points',
  'proofs',
  'proofReadings',
  'charges',
  'waits',
  'readings',
  'leads',
  'fields',
  'decisions',
  'ledger',
  'landings',
  'checks',
  'outParts',
  'dues',
  'candidates',
  'photos',
  'runs',
  'sounds',
  'log',
]

/** Everything of one job, as the browser and the server hold it. */
export type JobSnapshot = {
  household: HouseholdRow
  job: JobRow
  machine: MachineRow
  /** Other open jobs at the same machine, which share its points, proofs, charges and waits. */
  beside?: JobBeside[]
  /** Open jobs at other machines that hang on the same breaker. */
  onCircuit?: CircuitJob[]
  /** Other machines of the household of which the breaker is known. */
  circuits?: CircuitPlace[]
  /** What else hangs on the breaker of this machine, and how it is known that the machine does. */
  hanging?: { loads: string[]; found: FoundHow | null }
} & {
  [T in ListTable]: JobTables[T][]
}

/** What another job at the same machine means for power. */
export interface JobBeside {
  id: string
  title: string
  /** It was closed while this one was open: its stops stand all the same. */
  closed: boolean
  /** Somebody there has hands in. */
  handsIn: boolean
  /** Acts of its way back that are open. */
  open: number
  /** What was found and raised there: a stop concerns the machine, in whichever job it was said. */
  findings: FindingRow[]
  stops: StopRow[]
}

type NamedMachine = Pick<MachineRow, 'id' | 'name' | 'place' | 'family' | 'manufacturer' | 'modelNumber'>

/** What an open job at another machine of the same breaker means for power. */
export interface CircuitJob {
  id: string
  title: string
  machine: NamedMachine
  phase: JobRow['phase']
  /** Somebody there has hands in. */
  handsIn: boolean
  /** Acts of its way back that are open. */
  open: number
  points: PointRow[]
}

/** Another machine of the household, and the breaker that it hangs on. */
export interface CircuitPlace {
  circuit: string
  machine: NamedMachine
}

export type AnyRow = JobTables[TableName]

export interface RowChange {
  table: TableName
  id: string
  before: AnyRow | null
  after: AnyRow | null
}
