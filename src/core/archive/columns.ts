import type { EventRow, HouseholdRow, JobTables } from '../job/rows'
import { carriesKinds, chargeKinds, chargeTerminals, logKinds, recordingFormats } from '../job/rows'
import { coverIds } from '../knowledge/covers'
import { recordedSurenesses } from '../knowledge/recordingsCounted'
import {
  causeIds,
  type FamilyId,
  familyIds,
  isolationPointIds,
  motorKindIds,
  observationIds,
  stopRuleIds,
} from '../knowledge/vocabulary'
import { accessKinds, benchParts, lineActions, switchKinds } from '../refit/types'

/**
 * What a column of a row holds: text, a number, 0 or 1, an instant, a day, the id of a row, the hash of a picture, a value as
 * JSON, or one of some words; `null` where it may be nothing.
 */
export interface Column {
  type: 'text' | 'number' | 'flag' | 'time' | 'day' | 'id' | 'hash' | 'json' | readonly string[]
  /** Bounds of a number, both allowed. */
  least?: number
  most?: number
  whole?: true
  /** An older program left the instant empty. */
  empty?: true
  null?: true
  /** It came after the first archives were written: where it is missing it is null. */
  later?: true
}

const text: Column = { type: 'text' }
const between = (least: number, most: number): Column => ({ type: 'number', least, most })
const whole = (least: number, most: number): Column => ({ ...between(least, most), whole: true })
/** Rows are put between others by halves, before the first by minus one. */
const position = between(-1e6, 1e6)
/** Ohms over the range of any meter, and everything smaller. */
const figure = between(-1e12, 1e12)
const count = whole(0, 1_000_000)
const time: Column = { type: 'time' }
const timeOrNone: Column = { type: 'time', empty: true }
const day: Column = { type: 'day' }
const id: Column = { type: 'id' }
const hash: Column = { type: 'hash' }
const json: Column = { type: 'json' }
const flag: Column = { type: 'flag' }
const words = (...choices: readonly string[]): Column => ({ type: choices })
const orNull = (column: Column): Column => ({ ...column, null: true })

const later = (column: Column): Column => ({ ...orNull(column), later: true })

const laterText = later(text)

const ofJob = { id, jobId: id }
const at = { at: time }
const struck = { struckAt: orNull(time), strikeReason: text }
const cover = words('', 'late', 'none')
const part = words('old', 'new')
const bench = words('', ...benchParts)

/** The rows of a job as an archive holds them; the compiler refuses a table or a column that is left out. */
export const archiveColumns: { [Table in keyof JobTables]: { [Name in keyof JobTables[Table]]: Column } } = {
  machine: {
    id,
    householdId: id,
    name: text,
    place: text,
    family: words(...familyIds),
    manufacturer: text,
    modelNumber: text,
    serialNumber: text,
    installedYear: text,
    motorKind: orNull(words(...motorKindIds)),
    note: text,
    pictureHash: orNull(hash),
    platePictureHash: orNull(hash),
    capacitorPictureHash: later(hash),
    appliancePictureHash: later(hash),
    nextLook: orNull(day),
    circuit: later(text),
    createdAt: timeOrNone,
  },
  job: {
    id,
    machineId: id,
    symptom: text,
    status: words('open', 'closed'),
    phase: words('work', 'closing-up', 'live-test', 'in-service'),
    period: laterText,
    energyJob: later(id),
    handsIn: later(flag),
    benchAsks: flag,
    rev: whole(0, 1e12),
    result: orNull(words('runs', 'runs-with-remarks', 'not-mended', 'handed-over')),
    lesson: text,
    minutesSpent: text,
    cost: text,
    openedAt: time,
    touchedAt: timeOrNone,
    closedAt: orNull(time),
  },
  findings: {
    ...ofJob,
    ...at,
    observation: words(...observationIds),
    value: text,
    recorded: later(words(...recordedSurenesses)),
  },
  declined: {
    ...ofJob,
    ...at,
    observation: words(...observationIds),
    why: words('declined', 'not-possible', 'unknown'),
  },
  beliefs: { ...ofJob, ...at, cause: words(...causeIds), stance: words('set', 'struck'), reason: text },
  stops: {
    ...ofJob,
    ...at,
    rule: words(...stopRuleIds),
    note: text,
    overriddenAt: orNull(time),
    liftedAt: orNull(time),
    reason: text,
  },
  points: {
    ...ofJob,
    ...struck,
    point: words(...isolationPointIds),
    label: text,
    position,
    held: text,
    proposal: text,
    feed: whole(0, 20),
    changedAt: orNull(time),
    openedAt: orNull(time),
  },
  proofs: {
    ...ofJob,
    feed: whole(0, 20),
    by: text,
    startedAt: time,
    switchOnAt: orNull(time),
    switchOffAt: orNull(time),
    testerBeforeAt: orNull(time),
    testerAfterAt: orNull(time),
    voidedAt: orNull(time),
    voidReason: text,
  },
  proofReadings: {
    ...ofJob,
    ...at,
    proofId: id,
    pair: text,
    position,
    typed: text,
    volts: orNull(figure),
    range: words('ordinary', 'low-impedance'),
    current: words('ac', 'dc'),
    replacedAt: orNull(time),
    mistyped: laterText,
  },
  charges: {
    ...ofJob,
    ...struck,
    label: text,
    position,
    capacitanceTyped: text,
    voltsTyped: text,
    resistorTyped: text,
    dischargedAt: orNull(time),
    typed: text,
    volts: orNull(figure),
    readAt: orNull(time),
    planned: flag,
    terminals: later(words(...chargeTerminals)),
    holds: later(words(...chargeKinds)),
  },
  waits: {
    ...ofJob,
    ...struck,
    kind: words('cool-down', 'electronics'),
    label: text,
    minutes: between(0, 10_000),
    why: text,
    position,
    startedAt: orNull(time),
    planned: flag,
  },
  readings: {
    ...ofJob,
    ...at,
    ...struck,
    kind: words('capacitance', 'resistance', 'to-frame', 'supply'),
    part,
    pointA: text,
    pointB: text,
    typed: text,
    value: orNull(figure),
    over: flag,
    live: flag,
    cover,
  },
  leads: { ...ofJob, part, name: text, position },
  fields: { ...ofJob, ...at, part: text, field: text, typed: text },
  decisions: {
    ...ofJob,
    ...at,
    agreed: flag,
    cause: words(...causeIds),
    action: text,
    option: text,
    reason: text,
    probability: between(0, 1),
  },
  ledger: {
    ...ofJob,
    ...struck,
    action: words(...lineActions),
    part: text,
    count: orNull(between(0, 10_000)),
    fastener: text,
    cup: text,
    terminal: text,
    position,
    mark: text,
    movesToNewPart: flag,
    renewMaterial: text,
    cureHours: orNull(between(0, 10_000)),
    switchKind: orNull(words(...switchKinds)),
    temporary: flag,
    extra: flag,
    access: words(...accessKinds),
    frees: bench,
    benchOf: bench,
    handsOff: flag,
    caution: text,
    cover: later(words(...coverIds)),
    carries: later(words(...carriesKinds)),
    figure: laterText,
    ofPart: laterText,
    backFigure: laterText,
    without: laterText,
    asks: laterText,
    donePeriod: laterText,
    backPeriod: laterText,
    doneAt: orNull(time),
    backDoneAt: orNull(time),
    backAfter: orNull(text),
    backMovedAt: orNull(time),
    doneCover: cover,
    backCover: cover,
    shortStep: count,
    shortBy: text,
  },
  landings: {
    ...ofJob,
    lead: text,
    role: text,
    terminal: text,
    capped: flag,
    position,
    doneAt: orNull(time),
    doneCover: cover,
    period: laterText,
  },
  checks: {
    ...ofJob,
    ...at,
    checkId: text,
    result: words('pass', 'fail', 'skipped'),
    note: text,
    period: laterText,
  },
  outParts: { ...ofJob, ...at, part: words(...benchParts), backAt: orNull(time) },
  dues: { ...ofJob, ...at, checkId: text, dueAt: time },
  candidates: {
    ...ofJob,
    ...at,
    part: words('motor', 'capacitor'),
    source: words('typed', 'shelf', 'catalogue'),
    ref: text,
    name: text,
    spec: text,
    position,
  },
  photos: { ...ofJob, ...at, lineId: text, hash, caption: text, way: words('in', 'back'), marks: text },
  sounds: {
    ...ofJob,
    ...at,
    way: words('before', 'after'),
    name: text,
    analysis: text,
    kept: later(words(...recordingFormats)),
  },
  runs: { ...ofJob, startedAt: time, endedAt: orNull(time), seen: text },
  log: {
    ...ofJob,
    ...at,
    position,
    kind: words(...logKinds),
    subject: text,
    label: text,
    detail: text,
    who: text,
    window: text,
  },
}

/** A list of parts as an archive holds it. */
export interface ArchivedList {
  id: string
  name: string
  kind: 'shelf' | 'import'
  headers: string
  mapping: string
  lengths: string
  at: string
  shown: 0 | 1
}

/** A part of such a list. */
export interface ArchivedPart {
  id: string
  catalogueId: string
  kind: 'motor' | 'capacitor'
  words: string
  spec: string
  note: string
  count: number
}

/** What the household calls a machine. */
export interface ArchivedName {
  words: string
  family: FamilyId
  machineId: string | null
  learnedAt: string
}

/** What an archive of a whole household holds beside its machines and jobs. */
export interface ArchiveExtras {
  household: Omit<HouseholdRow, 'id'>
  name: ArchivedName
  list: ArchivedList
  part: ArchivedPart
  event: EventRow
}

const percent = between(0, 100)

export const extraColumns: {
  [Table in keyof ArchiveExtras]: { [Name in keyof ArchiveExtras[Table]]: Column }
} = {
  household: {
    name: text,
    region: words('north-america', 'europe'),
    inches: flag,
    fahrenheit: flag,
    ohmAccuracyPercent: percent,
    ohmCounts: between(0, 1000),
    ohmResolution: between(0, 1000),
    leadOffsetOhm: between(0, 1000),
    capAccuracyPercent: percent,
    capCounts: between(0, 1000),
    capResolutionUf: between(0, 1000),
    capMaxUf: orNull(between(0, 1e6)),
    school: words('label-limit', 'ten-percent'),
    tools: text,
    catRated: flag,
    singleKeys: flag,
    theme: words('light', 'dark', 'sun'),
    demoParts: flag,
    introduced: flag,
  },
  name: { words: text, family: words(...familyIds), machineId: orNull(id), learnedAt: timeOrNone },
  list: {
    id,
    name: text,
    kind: words('shelf', 'import'),
    headers: json,
    mapping: json,
    lengths: text,
    at: timeOrNone,
    shown: flag,
  },
  part: {
    id,
    catalogueId: id,
    kind: words('motor', 'capacitor'),
    words: text,
    spec: json,
    note: text,
    count: between(0, 9999),
  },
  event: {
    ...ofJob,
    ...at,
    seq: whole(0, 1e9),
    actId: text,
    who: text,
    window: text,
    text,
    mergeKey: orNull(text),
    changes: json,
    state: words('done', 'undone', 'dropped'),
  },
}
