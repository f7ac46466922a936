import { type Kysely, type Migration, Migrator, sql } from 'kysely'

type Db = Kysely<unknown>

const text = (...names: string[]) => names.map((name) => `"${name}" text not null default ''`)
const maybe = (type: string, ...names: string[]) => names.map((name) => `"${name}" ${type}`)
const flag = (...names: string[]) =>
  names.map((name) => `"${name}" integer not null default 0 check ("${name}" in (0, 1))`)
const ofJob = [`"id" text primary key`, `"jobId" text not null references "job" ("id") on delete cascade`]

async function table(db: Db, name: string, columns: string[]): Promise<void> {
  await sql.raw(`create table "${name}" (${columns.join(', ')})`).execute(db)
}

async function index(db: Db, name: string, columns: string[]): Promise<void> {
  await sql
    .raw(
      `create index "${name}_${columns.join('_')}" on "${name}" (${columns.map((column) => `"${column}"`).join(', ')})`,
    )
    .execute(db)
}

const first: Migration = {
  async up(db: Db) {
    await table(db, 'household', [
      `"id" text primary key`,
      ...text('name', 'region', 'school', 'tools', 'theme'),
      ...flag('inches', 'fahrenheit', 'catRated', 'singleKeys'),
      ...[
        'ohmAccuracyPercent',
        'ohmCounts',
        'ohmResolution',
        'leadOffsetOhm',
        'capAccuracyPercent',
        'capCounts',
        'capResolutionUf',
      ].map((name) => `"${name}" real not null`),
      ...maybe('real', 'capMaxUf'),
    ])
    await table(db, 'machine', [
      `"id" text primary key`,
      `"householdId" text not null references "household" ("id") on delete cascade`,
      ...text(
        'name',
        'place',
        'family',
        'manufacturer',
        'modelNumber',
        'serialNumber',
        'installedYear',
        'note',
        'createdAt',
      ),
      ...maybe('text', 'motorKind', 'pictureHash', 'nextLook'),
    ])
    await table(db, 'job', [
      `"id" text primary key`,
      `"machineId" text not null references "machine" ("id") on delete cascade`,
      ...text('symptom', 'status', 'phase', 'lesson', 'minutesSpent', 'cost', 'openedAt', 'touchedAt'),
      ...flag('bench'),
      ...maybe('text', 'result', 'closedAt'),
    ])
    await table(db, 'finding', [
      ...ofJob,
      ...text('observation', 'value', 'at'),
      `unique ("jobId", "observation")`,
    ])
    await table(db, 'declined', [...ofJob, ...text('observation', 'at'), `unique ("jobId", "observation")`])
    await table(db, 'isolation_point', [
      ...ofJob,
      ...text('point', 'label', 'held', 'strikeReason'),
      `"position" real not null`,
      ...maybe('text', 'openedAt', 'struckAt'),
    ])
    await table(db, 'proof', [
      ...ofJob,
      ...text('startedAt', 'voidReason'),
      ...maybe('text', 'testerBeforeAt', 'testerAfterAt', 'voidedAt'),
    ])
    await table(db, 'proof_reading', [
      ...ofJob,
      `"proofId" text not null references "proof" ("id") on delete cascade`,
      ...text('pair', 'typed', 'at'),
      `"position" real not null`,
      ...maybe('real', 'volts'),
    ])
    await table(db, 'charge', [
      ...ofJob,
      ...text('label', 'capacitanceTyped', 'voltsTyped', 'resistorTyped', 'typed', 'strikeReason'),
      `"position" real not null`,
      ...maybe('real', 'volts'),
      ...maybe('text', 'dischargedAt', 'readAt', 'struckAt'),
    ])
    await table(db, 'wait', [
      ...ofJob,
      ...text('kind', 'label', 'why', 'strikeReason'),
      `"minutes" real not null`,
      `"position" real not null`,
      ...maybe('text', 'startedAt', 'struckAt'),
    ])
    await table(db, 'reading', [
      ...ofJob,
      ...text('kind', 'part', 'pointA', 'pointB', 'typed', 'at', 'strikeReason'),
      ...flag('over', 'live'),
      ...maybe('real', 'value'),
      ...maybe('text', 'struckAt'),
    ])
    await table(db, 'lead', [...ofJob, ...text('part', 'name'), `"position" real not null`])
    await table(db, 'field', [
      ...ofJob,
      ...text('part', 'field', 'typed', 'at'),
      `unique ("jobId", "part", "field")`,
    ])
    await table(db, 'decision', [
      ...ofJob,
      ...flag('agreed'),
      ...text('cause', 'action', 'reason', 'at'),
      `"probability" real not null`,
    ])
    await table(db, 'ledger_line', [
      ...ofJob,
      `"position" real not null`,
      ...text('action', 'part', 'fastener', 'cup', 'terminal', 'mark', 'renewMaterial', 'caution'),
      ...flag('movesToNewPart', 'temporary', 'extra', 'bench', 'handsOff'),
      ...maybe('real', 'count', 'cureHours'),
      ...maybe('text', 'switchKind', 'doneAt', 'backDoneAt'),
    ])
    await table(db, 'landing', [
      ...ofJob,
      ...text('lead', 'role', 'terminal'),
      ...flag('capped'),
      `"position" real not null`,
      ...maybe('text', 'doneAt'),
      `unique ("jobId", "lead")`,
    ])
    await table(db, 'prove_check', [
      ...ofJob,
      ...text('checkId', 'result', 'note', 'at'),
      `unique ("jobId", "checkId")`,
    ])
    await table(db, 'event', [
      ...ofJob,
      `"seq" integer not null`,
      ...text('at', 'text', 'changes', 'state'),
      ...maybe('text', 'mergeKey'),
      `unique ("jobId", "seq")`,
    ])
    await table(db, 'photo', [
      `"hash" text primary key`,
      `"width" integer not null`,
      `"height" integer not null`,
      `"bytes" integer not null`,
      ...text('caption', 'at'),
    ])
    for (const name of [
      'finding',
      'declined',
      'isolation_point',
      'proof',
      'proof_reading',
      'charge',
      'wait',
      'reading',
      'lead',
      'field',
      'decision',
      'ledger_line',
      'landing',
      'prove_check',
    ]) {
      await index(db, name, ['jobId'])
    }
    await index(db, 'job', ['machineId'])
    await index(db, 'machine', ['householdId'])
  },
}

const platePicture: Migration = {
  async up(db: Db) {
    await sql.raw(`alter table "machine" add column "platePictureHash" text`).execute(db)
  },
}

const judgement: Migration = {
  async up(db: Db) {
    await sql.raw(`alter table "declined" add column "why" text not null default 'declined'`).execute(db)
    await sql.raw(`alter table "decision" add column "option" text not null default ''`).execute(db)
    await table(db, 'belief', [
      ...ofJob,
      ...text('cause', 'stance', 'reason', 'at'),
      `unique ("jobId", "cause")`,
    ])
    await table(db, 'stop', [
      ...ofJob,
      ...text('rule', 'note', 'at', 'reason'),
      ...maybe('text', 'overriddenAt', 'liftedAt'),
      `unique ("jobId", "rule")`,
    ])
    await index(db, 'belief', ['jobId'])
    await index(db, 'stop', ['jobId'])
  },
}

const add = (name: string, columns: string[]) =>
  columns.map((column) => `alter table "${name}" add column ${column}`)

/**
 * The record of safety: who did an act and in which window, proofs by feed, holds as people said them, parts on the bench,
 * looks to come, and a log that only grows. What stood proved in an older file was proved by other rules: it is void.
 */
const safety: Migration = {
  async up(db: Db) {
    const now = new Date().toISOString()
    const reason = 'the file was brought up to date, and dead is proved by stricter steps now'
    await table(db, 'part_out', [...ofJob, ...text('part', 'at'), ...maybe('text', 'backAt')])
    await table(db, 'due_look', [...ofJob, ...text('checkId', 'dueAt', 'at')])
    await table(db, 'safety_log', [
      ...ofJob,
      `"position" integer not null`,
      ...text('at', 'kind', 'subject', 'label', 'detail', 'who', 'window'),
      `unique ("jobId", "position")`,
    ])
    const statements = [
      ...add('event', text('actId', 'who', 'window')),
      ...add('job', [...flag('benchAsks'), `"rev" integer not null default 0`]),
      `update "job" set "benchAsks" = "bench" where "status" = 'open'`,
      `alter table "job" drop column "bench"`,
      ...add('isolation_point', [
        ...text('proposal'),
        `"feed" integer not null default 0`,
        ...maybe('text', 'changedAt'),
      ]),
      // What stands there was proposed, and nobody is known to have said it.
      `update "isolation_point" set "proposal" = "held", "held" = '', "changedAt" = "openedAt"`,
      ...add('proof', [
        `"feed" integer not null default 1`,
        ...text('by'),
        ...maybe('text', 'switchOnAt', 'switchOffAt'),
      ]),
      ...add('proof_reading', [
        `"range" text not null default 'ordinary'`,
        `"current" text not null default 'ac'`,
        ...maybe('text', 'replacedAt'),
      ]),
      `update "proof_reading" set "current" = 'dc' where "pair" like '%DC%'`,
      ...add('charge', [`"planned" integer not null default 1`]),
      ...add('wait', [`"planned" integer not null default 1`]),
      ...add('reading', text('cover')),
      ...add('landing', text('doneCover')),
      ...add('ledger_line', [
        ...text('access', 'frees', 'benchOf', 'doneCover', 'backCover', 'strikeReason', 'shortBy'),
        `"shortStep" integer not null default 0`,
        ...maybe('text', 'struckAt'),
      ]),
      `update "ledger_line" set "benchOf" = 'motor' where "bench" = 1`,
      `alter table "ledger_line" drop column "bench"`,
      `update "ledger_line" set "temporary" = 1, "switchKind" = coalesce("switchKind", 'other') where "action" = 'bypass'`,
      oldRecord(now, reason),
      `update "proof" set "voidedAt" = '${now}', "voidReason" = '${reason}' where "voidedAt" is null`,
      `update "charge" set "typed" = '', "volts" = null, "readAt" = null, "dischargedAt" = null`,
      `update "wait" set "startedAt" = null`,
      `create index "event_jobId_actId" on "event" ("jobId", "actId")`,
    ]
    for (const statement of statements) await sql.raw(statement).execute(db)
    for (const name of ['part_out', 'due_look', 'safety_log']) await index(db, name, ['jobId'])
  },
}

/** What the older rows tell of the past, as entries of the log in the order of their times. */
function oldRecord(now: string, reason: string): string {
  const parts = [
    `select "jobId", "openedAt" as "at", 'opened' as "kind", "id" as "subject", "label", '' as "detail" from "isolation_point" where "openedAt" is not null`,
    `select "jobId", "struckAt", 'struck', "id", "label", "strikeReason" from "isolation_point" where "struckAt" is not null`,
    `select "jobId", "readAt", case when "volts" < 5 then 'discharged' else 'still-charged' end, "id", "label", "typed" || ' V DC' from "charge" where "readAt" is not null`,
    `select "jobId", "startedAt", 'wait-started', "id", "label", "minutes" || ' min' from "wait" where "startedAt" is not null`,
    `select "jobId", "voidedAt", 'voided', '', '', "voidReason" from "proof" where "voidedAt" is not null`,
    `select "jobId", "doneAt", 'bypass-set', "id", "part", coalesce("switchKind", '') from "ledger_line" where "action" = 'bypass' and "doneAt" is not null`,
    `select "jobId", "backDoneAt", 'bypass-undone', "id", "part", coalesce("switchKind", '') from "ledger_line" where "action" = 'bypass' and "backDoneAt" is not null`,
    `select distinct "jobId", '${now}', 'voided', '', '', '${reason}' from "proof" where "voidedAt" is null`,
  ]
  return `insert into "safety_log" ("id", "jobId", "position", "at", "kind", "subject", "label", "detail")
    select "jobId" || '-l' || ("place" - 1), "jobId", "place" - 1, "at", "kind", "subject", "label", "detail" from (
      select *, row_number() over (partition by "jobId" order by "at") as "place" from (${parts.join(' union all ')})
    )`
}

/** What the bench shows of each job, so that a list of thousands is one query. */
const benchLine: Migration = {
  async up(db: Db) {
    await table(db, 'bench_line', [
      `"jobId" text primary key references "job" ("id") on delete cascade`,
      ...text('key', 'line'),
      `"at" integer not null`,
      ...flag('timed'),
    ])
    await index(db, 'job', ['status', 'touchedAt'])
  },
}

/** The person's own order of the way back. */
const ownWayBack: Migration = {
  async up(db: Db) {
    for (const statement of add('ledger_line', maybe('text', 'backAfter', 'backMovedAt')))
      await sql.raw(statement).execute(db)
  },
}

/** Parts beside the old one: typed from a plate in the hand, or kept as a catalogue had them. */
const candidates: Migration = {
  async up(db: Db) {
    await table(db, 'candidate', [
      ...ofJob,
      ...text('part', 'source', 'ref', 'name', 'spec', 'at'),
      `"position" real not null default 0`,
    ])
    await index(db, 'candidate', ['jobId'])
    await sql
      .raw(
        `alter table "household" add column "demoParts" integer not null default 1 check ("demoParts" in (0, 1))`,
      )
      .execute(db)
  },
}

/** Catalogues of one's own and what lies on the shelf, found by words. */
const catalogues: Migration = {
  async up(db: Db) {
    await table(db, 'catalogue', [
      `"id" text primary key`,
      ...text('name', 'kind', 'headers', 'mapping', 'lengths', 'at'),
      ...flag('shown', 'ready'),
      `"parts" integer not null default 0`,
    ])
    await table(db, 'part', [
      `"n" integer primary key`,
      `"id" text not null unique`,
      `"catalogueId" text not null references "catalogue" ("id") on delete cascade`,
      ...text('kind', 'words', 'spec', 'note'),
      `"count" integer not null default 0`,
    ])
    await index(db, 'part', ['catalogueId', 'kind'])
    for (const statement of [
      `create virtual table "part_words" using fts5("words", content='part', content_rowid='n', tokenize='unicode61')`,
      `create trigger "part_added" after insert on "part" begin
        insert into "part_words" ("rowid", "words") values (new."n", new."words"); end`,
      `create trigger "part_gone" after delete on "part" begin
        insert into "part_words" ("part_words", "rowid", "words") values ('delete', old."n", old."words"); end`,
      `create trigger "part_changed" after update of "words" on "part" begin
        insert into "part_words" ("part_words", "rowid", "words") values ('delete', old."n", old."words");
        insert into "part_words" ("rowid", "words") values (new."n", new."words"); end`,
    ])
      await sql.raw(statement).execute(db)
  },
}

/**
 * The figures that rule most parts out, beside each other in an index that is read alone. Columns of their own: SQLite does not
 * read a worked-out column from an index without the row.
 */
const partFigures: Migration = {
  async up(db: Db) {
    for (const statement of [
      ...['rpm', 'hp', 'shaftMm', 'bodyMm'].map((name) => `alter table "part" add column "${name}" real`),
      ...add('part', flag('declares')),
      `update "part" set
        "rpm" = json_extract("spec", '$.rpm[0]'),
        "hp" = json_extract("spec", '$.hp'),
        "shaftMm" = json_extract("spec", '$.shaft.diameterMm'),
        "bodyMm" = json_extract("spec", '$.diameterMm'),
        "declares" = json_extract("spec", '$.replaces') is not null
        where "kind" = 'motor'`,
      'create index "part_figures" on "part" ("kind", "catalogueId", "rpm", "hp", "shaftMm", "bodyMm")',
      'create index "part_declares" on "part" ("catalogueId") where "declares" = 1',
    ])
      await sql.raw(statement).execute(db)
  },
}

/** Photos of lines and of the machine as it was found. */
const linePhotos: Migration = {
  async up(db: Db) {
    await table(db, 'line_photo', [...ofJob, ...text('lineId', 'hash', 'caption', 'way', 'at')])
    await index(db, 'line_photo', ['jobId'])
  },
}

/** What the household calls its machines, learned by a correction. */
const ownNames: Migration = {
  async up(db: Db) {
    await table(db, 'own_name', [
      `"words" text primary key`,
      ...text('family', 'learnedAt'),
      `"machineId" text references "machine" ("id") on delete set null`,
    ])
  },
}

/** Acts whose step of undo is now another's, or that changed nothing: sent again they are known all the same. */
const knownActs: Migration = {
  async up(db: Db) {
    await table(db, 'known_act', [
      `"jobId" text not null references "job" ("id") on delete cascade`,
      ...text('actId'),
      `primary key ("jobId", "actId")`,
    ])
  },
}

/** Starts that were watched against their sequence. */
const sequenceRuns: Migration = {
  async up(db: Db) {
    await table(db, 'sequence_run', [...ofJob, ...text('startedAt', 'seen'), ...maybe('text', 'endedAt')])
    await index(db, 'sequence_run', ['jobId'])
  },
}

/** What was heard before and after. */
const sounds: Migration = {
  async up(db: Db) {
    await table(db, 'sound', [...ofJob, ...text('way', 'name', 'analysis', 'at')])
    await index(db, 'sound', ['jobId'])
  },
}

/** What is drawn on the photos of lines. */
const photoMarks: Migration = {
  async up(db: Db) {
    for (const statement of add('line_photo', text('marks'))) await sql.raw(statement).execute(db)
  },
}

/** Photos of the capacitor's label and of the machine's own, kept as the motor's plate is. */
const labelPictures: Migration = {
  async up(db: Db) {
    for (const column of ['capacitorPictureHash', 'appliancePictureHash'])
      await sql.raw(`alter table "machine" add column "${column}" text`).execute(db)
  },
}

/** What is measured on the way in, and again on the way back. */
const ledgerFigures: Migration = {
  async up(db: Db) {
    for (const statement of add('ledger_line', maybe('text', 'figure', 'ofPart', 'backFigure', 'without')))
      await sql.raw(statement).execute(db)
  },
}

/** What a line asks to be noted before its part comes off. */
const ledgerAsks: Migration = {
  async up(db: Db) {
    for (const statement of add('ledger_line', maybe('text', 'asks'))) await sql.raw(statement).execute(db)
  },
}

/** Which breaker feeds a machine, as the household calls it. */
const circuits: Migration = {
  async up(db: Db) {
    for (const statement of add('machine', maybe('text', 'circuit'))) await sql.raw(statement).execute(db)
  },
}

/** A household that is here already has made its settings; a new one is asked. */
const firstQuestions: Migration = {
  async up(db: Db) {
    await sql
      .raw(
        `alter table "household" add column "introduced" integer not null default 1 check ("introduced" in (0, 1))`,
      )
      .execute(db)
  },
}

/** How many terminals a capacitor has whose label nobody has read: until it is said, all that it may have are read. */
const chargeTerminals: Migration = {
  async up(db: Db) {
    await sql.raw(`alter table "charge" add column "terminals" text`).execute(db)
  },
}

/**
 * The energy of a machine instead of a job, and the dead period by its name. What stood in open jobs was proved by other
 * rules: their charges, proofs, waits and answers begin anew.
 */
const deadPeriods: Migration = {
  async up(db: Db) {
    const now = new Date().toISOString()
    const reason = 'the file was brought up to date, and what was done in an older dead period does not count'
    const open = `"jobId" in (select "id" from "job" where "status" = 'open')`
    const statements = [
      ...add('job', [...maybe('text', 'period', 'energyJob'), `"handsIn" integer`]),
      ...add('proof_reading', maybe('text', 'mistyped')),
      ...add('charge', maybe('text', 'holds')),
      ...add('ledger_line', maybe('text', 'cover', 'carries', 'donePeriod', 'backPeriod')),
      ...add('landing', maybe('text', 'period')),
      ...add('prove_check', maybe('text', 'period')),
      `insert into "safety_log" ("id", "jobId", "position", "at", "kind", "subject", "label", "detail", "who", "window")
        select "jobId" || '-dead', "jobId", 1 + coalesce((select max("position") from "safety_log" as "known" where "known"."jobId" = "proof"."jobId"), -1),
          '${now}', 'voided', '', '', '${reason}', '', ''
        from "proof" where "voidedAt" is null and ${open} group by "jobId"`,
      `update "proof" set "voidedAt" = '${now}', "voidReason" = '${reason}' where "voidedAt" is null and ${open}`,
      `update "charge" set "typed" = '', "volts" = null, "readAt" = null, "dischargedAt" = null where ${open}`,
      `update "wait" set "startedAt" = null where ${open}`,
      `update "job" set "period" = "openedAt"`,
      `create index "job_energyJob" on "job" ("energyJob")`,
    ]
    for (const statement of statements) await sql.raw(statement).execute(db)
  },
}

/** What was deleted and can still be brought back: it is out of sight, and goes for good a day later. */
const deleted: Migration = {
  async up(db: Db) {
    await sql
      .raw(
        `create table "deleted" ("kind" text not null, "id" text not null, "at" text not null, "who" text not null, primary key ("kind", "id"))`,
      )
      .execute(db)
  },
}

/** Rounds of practice, apart from the household: no job, no record, no archive names them. */
const practice: Migration = {
  async up(db: Db) {
    for (const statement of [
      `create table "practice_round" ("id" text primary key, "code" text not null, "lesson" text, "help" integer not null, "startedAt" text not null, "endedAt" text, "outcome" text, "minutes" real not null, "tests" integer not null, "dangers" integer not null, "oddsBits" real, "given" real, "causes" text)`,
      `create table "practice_act" ("roundId" text not null references "practice_round" ("id"), "nth" integer not null, "act" text not null, primary key ("roundId", "nth"))`,
      `create table "practice_card" ("cause" text primary key, "dueAt" text not null, "seen" integer not null, "lapses" integer not null, "stability" real not null, "difficulty" real not null, "lastAt" text not null, "state" integer not null)`,
      `create index "practice_round_started" on "practice_round" ("startedAt")`,
    ])
      await sql.raw(statement).execute(db)
  },
}

/** The household over the years, beside its jobs: what is fitted, figures of good days, breakers, rounds, spares, guests; what was done, to be undone. */
const overTheYears: Migration = {
  async up(db: Db) {
    const machine = (column: string) =>
      `"${column}" text not null references "machine" ("id") on delete cascade`
    for (const statement of [
      `create table "machine_life" (${machine('id')} primary key, "retiredAt" text, "retiredWhy" text not null, "dayWithout" real)`,
      `create table "fitted" ("id" text primary key, ${machine('machineId')}, "what" text not null, "name" text not null, "figures" text not null, "since" text not null, "boughtFrom" text not null, "warrantyUntil" text not null, "goneAt" text)`,
      `create table "measured" ("id" text primary key, ${machine('machineId')}, "what" text not null, "section" text not null, "value" real not null, "typed" text not null, "at" text not null, "normal" integer not null, "source" text not null, "note" text not null, "struckAt" text)`,
      `create table "normal_sound" ("id" text primary key, ${machine('machineId')}, "name" text not null, "analysis" text not null, "at" text not null)`,
      `create table "breaker" ("id" text primary key, "name" text not null, "amps" real, "note" text not null, "position" real not null)`,
      `create table "breaker_load" ("id" text primary key, "breakerId" text not null references "breaker" ("id") on delete cascade, "name" text not null, "found" text not null)`,
      `create table "machine_breaker" (${machine('id')} primary key, "circuit" text not null, "found" text not null, "at" text not null)`,
      `create table "season_round" ("id" text primary key, "name" text not null, "startedAt" text not null, "endedAt" text)`,
      `create table "round_item" ("id" text primary key, "roundId" text not null references "season_round" ("id") on delete cascade, ${machine('machineId')}, "task" text not null, "why" text not null, "state" text not null, "note" text not null, "doneAt" text, "who" text not null, "jobId" text references "job" ("id") on delete set null, "position" real not null)`,
      `create table "spare" ("id" text primary key, "place" text not null, "price" real, "boughtAt" text not null, "least" integer not null)`,
      `create table "spare_use" ("id" text primary key, "partId" text not null, ${machine('machineId')}, "jobId" text references "job" ("id") on delete set null, "at" text not null)`,
      `create table "guest" ("id" text primary key, "name" text not null, "may" text not null, "target" text not null, "secret" text not null, "until" text not null, "endedAt" text)`,
      `create table "house_event" ("seq" integer primary key autoincrement, "id" text not null unique, "at" text not null, "who" text not null, "said" text not null, "changes" text not null, "undone" integer not null)`,
      `create index "fitted_machine" on "fitted" ("machineId")`,
      `create index "measured_machine" on "measured" ("machineId", "what", "at")`,
      `create index "normal_sound_machine" on "normal_sound" ("machineId", "at")`,
      `create index "round_item_machine" on "round_item" ("machineId", "task")`,
      `create index "round_item_round" on "round_item" ("roundId")`,
    ])
      await sql.raw(statement).execute(db)
  },
}

/** A migration as a whole or not at all: a step that fails leaves the file as it was. */
const whole = (migration: Migration): Migration => ({
  async up(db: Db) {
    await sql.raw('begin immediate').execute(db)
    try {
      await migration.up(db)
      await sql.raw('commit').execute(db)
    } catch (error) {
      await sql.raw('rollback').execute(db)
      throw error
    }
  },
})

/** A sound that a recording told, and a recording that is kept itself: in the file, so that copies of the file have it too. */
const recordings: Migration = {
  async up(db: Db) {
    for (const statement of [
      `alter table "finding" add column "recorded" text`,
      `alter table "sound" add column "kept" text`,
      `create table "recording" ("id" text primary key, "jobId" text not null references "job" ("id") on delete cascade, "format" text not null, "bytes" blob not null, "at" text not null)`,
      `create index "recording_job" on "recording" ("jobId")`,
    ])
      await sql.raw(statement).execute(db)
  },
}

/** Applied in the order of their names at every start; never changed once shipped. */
const migrations: Record<string, Migration> = {
  '0001-first': whole(first),
  '0002-plate-picture': whole(platePicture),
  '0003-judgement': whole(judgement),
  '0004-safety': whole(safety),
  '0005-bench-line': whole(benchLine),
  '0006-own-way-back': whole(ownWayBack),
  '0007-candidates': whole(candidates),
  '0008-catalogues': whole(catalogues),
  '0009-line-photos': whole(linePhotos),
  '0010-own-names': whole(ownNames),
  '0011-known-acts': whole(knownActs),
  '0012-sequence-runs': whole(sequenceRuns),
  '0013-sounds': whole(sounds),
  '0014-photo-marks': whole(photoMarks),
  '0015-part-figures': whole(partFigures),
  '0016-labels': whole(labelPictures),
  '0017-dead-periods': whole(deadPeriods),
  '0018-charge-terminals': whole(chargeTerminals),
  '0019-ledger-figures': whole(ledgerFigures),
  '0020-ledger-asks': whole(ledgerAsks),
  '0021-circuits': whole(circuits),
  '0022-first-questions': whole(firstQuestions),
  '0023-deleted': whole(deleted),
  '0024-practice': whole(practice),
  '0025-over-the-years': whole(overTheYears),
  '0026-recordings': whole(recordings),
}

/**
 * @param upTo the name of the last one to apply; all where left out
 * @throws the error of the migration that failed; the file is left as it was before it
 */
export async function migrate(db: Kysely<never>, upTo?: string): Promise<void> {
  const migrator = new Migrator({ db, provider: { getMigrations: async () => migrations } })
  const { error } = upTo ? await migrator.migrateTo(upTo) : await migrator.migrateToLatest()
  if (error) throw error
}

/** Which migrations the file has, which it lacks, and one that this program does not know: a newer one wrote it. */
export async function pending(
  db: Kysely<never>,
): Promise<{ known: number; missing: string[]; newer: string | null }> {
  const tables = await sql<{ name: string }>`select name from sqlite_master where type = 'table'`.execute(db)
  if (!tables.rows.some(({ name }) => name === 'kysely_migration'))
    return { known: 0, missing: Object.keys(migrations), newer: null }
  const done = await sql<{ name: string }>`select name from kysely_migration order by name`.execute(db)
  const names = done.rows.map(({ name }) => name)
  return {
    known: names.length,
    missing: Object.keys(migrations).filter((name) => !names.includes(name)),
    newer: names.find((name) => !Object.hasOwn(migrations, name)) ?? null,
  }
}
