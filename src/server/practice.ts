import { randomInt } from 'node:crypto'
import { type Card, createEmptyCard, fsrs, type Grade, Rating, type State } from 'ts-fsrs'
import { CoreError } from '@/core/errors'
import { Flag, Text, validated } from '@/core/input'
import { newId } from '@/core/job'
import { lessonOf, lessons } from '@/core/knowledge/plants/lessons'
import { type CauseGroup, type CauseId, causeInfo, isCause } from '@/core/knowledge/vocabulary'
import {
  type Act,
  type Drawn,
  drawMachine,
  isDangerous,
  judged,
  type Played,
  planOfCode,
  play,
  type RoundPlan,
  step,
  tells,
} from '@/core/plant'
import { actsOf, PracticeDto, planOf } from '@/core/plant/input'
import { goalMet, planOfLesson } from '@/core/plant/lesson'
import { type Database, type Transaction, transact } from '@/data/database'
import {
  actsOfRound,
  deleteRound,
  findRound,
  insertAct,
  insertRound,
  keepCard,
  listCards,
  listRounds,
  updateRound,
} from '@/data/practice'
import type { PracticeCardRow, PracticeRoundRow } from '@/data/schema'
import { store } from './store'

export type { PracticeRoundRow } from '@/data/schema'

const some = { optional: true } as const

class NewRound {
  @Text({ ...some, max: 60 }) family?: string
  @Text({ ...some, max: 40 }) motorKind?: string
  @Text({ ...some, max: 20 }) level?: string
  @Text({ ...some, max: 200 }) code?: string
  @Text({ ...some, max: 60 }) lesson?: string
  @Text({ ...some, max: 20 }) task?: string
  @Text({ ...some, max: 60 }) cause?: string
  @Flag(some) help?: boolean
}

/** So many rounds stand in the list of what was played. */
const SHOWN = 60
const DUE_SHOWN = 8
/** A round of more acts is none: somebody forgot it open. */
const MOST_ACTS = 500

/** Begin a round: drawn, by a code, by a lesson, or for a cause that is due. @throws CoreError `bad-code`, `unknown-family` … */
export async function beginRound(body: Record<string, unknown>): Promise<PracticeRoundRow> {
  const row = roundFor(body)
  const { db } = await store()
  await transact(db, (trx) => insertRound(trx, row))
  return row
}

function roundFor(body: Record<string, unknown>): PracticeRoundRow {
  const asked = validated(NewRound, body)
  const plan = planFor(asked)
  // Drawn once, so that a plan that cannot be is refused before it stands in the list.
  const { code } = drawMachine(plan)
  return {
    id: newId(Date.now(), Math.random),
    code,
    lesson: asked.lesson ?? null,
    help: asked.help ? 1 : 0,
    startedAt: new Date().toISOString(),
    endedAt: null,
    outcome: null,
    minutes: 0,
    tests: 0,
    dangers: 0,
    oddsBits: null,
    given: null,
    causes: null,
  }
}

function planFor({ lesson, code, family, motorKind, level, cause, task }: NewRound): RoundPlan {
  if (lesson !== undefined) {
    const known = lessonOf(lesson)
    if (!known)
      throw new CoreError('invalid-input', 'There is no such lesson. Choose one from the list.', 'lesson')
    return planOfLesson(known)
  }
  if (code !== undefined) return planOfCode(code)
  const seed = String(randomInt(1, 1_000_000))
  return planOf({
    family: family ?? '',
    seed,
    ...(task === undefined ? {} : { task }),
    ...(motorKind === undefined ? {} : { motorKind }),
    ...(level === undefined ? {} : { level }),
    ...(cause === undefined ? {} : { faults: [cause] }),
  })
}

async function roundOr404(db: Database | Transaction, id: string): Promise<PracticeRoundRow> {
  const round = await findRound(db, id)
  if (!round)
    throw new CoreError(
      'unknown-round',
      'There is no such round of practice. It was deleted, or the address is cut off.',
    )
  return round
}

export interface OpenedRound {
  round: PracticeRoundRow
  acts: Act[]
}

export async function readRound(id: string): Promise<OpenedRound> {
  const { db } = await store()
  const round = await roundOr404(db, id)
  const rows = await actsOfRound(db, id)
  return { round, acts: rows.map(({ act }) => JSON.parse(act) as Act) }
}

/**
 * One act onto the end of a round. The place is told, so that the same act sent twice is stored once and a second window does
 * not write over the first.
 *
 * @throws CoreError `unknown-round`, `elsewhere` where another window has gone on
 */
export async function actRound(id: string, body: Record<string, unknown>): Promise<PracticeRoundRow> {
  const nth = body.nth
  if (typeof nth !== 'number' || !Number.isInteger(nth) || nth < 0 || nth >= MOST_ACTS)
    throw new CoreError(
      'invalid-input',
      'A round takes five hundred acts. Decide this one, or begin another.',
      'nth',
    )
  const { db } = await store()
  return transact(db, async (trx) => {
    const round = await roundOr404(trx, id)
    const stored = (await actsOfRound(trx, id)).map(({ act }) => JSON.parse(act) as Act)
    const [act] = actsOf(validated(PracticeDto, { round: {}, acts: [body.act] }).acts)
    if (!act) throw new CoreError('invalid-input', 'Name an act.', 'act')
    const text = JSON.stringify(act)
    if (nth < stored.length && JSON.stringify(stored[nth]) === text) return round
    if (nth !== stored.length)
      throw new CoreError(
        'elsewhere',
        'Another window has gone on with this round. Load the page again to see it as it stands.',
      )
    if (round.endedAt) throw new CoreError('elsewhere', 'This round is over. Begin another.')
    await insertAct(trx, { roundId: id, nth, act: text })
    return ended(trx, round, [...stored, act])
  })
}

/** Where the round is over by this act, how it ended: worked out here, from the acts that are stored. */
async function ended(trx: Transaction, round: PracticeRoundRow, acts: Act[]): Promise<PracticeRoundRow> {
  const { drawn, played } = playedSoFar(round, acts)
  const change = outcomeOf(round, drawn, acts, played)
  await updateRound(trx, round.id, change)
  if (change.endedAt && !round.endedAt) await cardsAfter(trx, drawn, { ...round, ...change })
  return { ...round, ...change }
}

interface Kept {
  drawn: Drawn
  played: Played
  last: string
}

/** Rounds that are being played, as they stood after their last act: an act more is one step and no replay. */
const standing = new Map<string, Kept>()
const KEPT = 12

function playedSoFar({ id, code }: PracticeRoundRow, acts: Act[]): Kept {
  const before = standing.get(id)
  const upTo = JSON.stringify(acts.slice(0, -1))
  const act = acts.at(-1)
  let kept: Kept
  if (before && act && before.last === upTo) {
    const done = step(before.drawn, before.played.state, act, acts.length - 1)
    const answers = [...before.played.answers, done.answer]
    kept = { drawn: before.drawn, played: { state: done.state, answers }, last: JSON.stringify(acts) }
  } else {
    const drawn = drawMachine(planOfCode(code))
    kept = { drawn, played: play(drawn, acts), last: JSON.stringify(acts) }
  }
  standing.delete(id)
  standing.set(id, kept)
  const [oldest] = standing.keys()
  if (standing.size > KEPT && oldest) standing.delete(oldest)
  return kept
}

function outcomeOf(
  round: PracticeRoundRow,
  drawn: Drawn,
  acts: Act[],
  { state, answers }: Played,
): Partial<PracticeRoundRow> & Pick<PracticeRoundRow, 'endedAt'> {
  const figures = {
    minutes: state.minutes,
    tests: answers.filter(tells).length,
    dangers: answers.filter(isDangerous).length,
  }
  const lesson = round.lesson ? lessonOf(round.lesson) : undefined
  const met = lesson ? goalMet(lesson, drawn, acts, answers, state) : false
  if (!state.over && !met) return { ...figures, endedAt: null }
  const end = {
    ...figures,
    endedAt: new Date().toISOString(),
    causes: drawn.faults.map(({ cause }) => cause).join(' '),
  }
  if (state.over && 'hurt' in state.over) return { ...end, outcome: 'hurt' }
  if (met && lesson?.goal.kind !== 'decided') return { ...end, outcome: 'right' }
  const { right, oddsBits } = judged(drawn, answers, state)
  const decided = state.over && 'decided' in state.over ? state.over.decided : ''
  const last = state.odds.at(-1)?.of
  const sum = Object.values(last ?? {}).reduce((total, share) => total + share, 0)
  return {
    ...end,
    outcome: right ? 'right' : 'wrong',
    oddsBits: oddsBits ?? null,
    given: last && sum > 0 ? (last[decided] ?? 0) / sum : null,
  }
}

const scheduler = fsrs({ enable_fuzz: false })

/** What was missed comes back soon, what was found without danger later: one card a cause. */
async function cardsAfter(trx: Transaction, drawn: Drawn, round: PracticeRoundRow): Promise<void> {
  const now = new Date(round.endedAt ?? round.startedAt)
  const known = new Map((await listCards(trx)).map((card) => [card.cause, card]))
  const grade: Grade =
    round.outcome === 'right' ? (round.dangers > 0 ? Rating.Hard : Rating.Good) : Rating.Again
  for (const { cause } of drawn.faults) {
    const { card } = scheduler.next(cardOf(known.get(cause), now), now, grade)
    await keepCard(trx, rowOf(cause, card, now))
  }
}

function cardOf(row: PracticeCardRow | undefined, now: Date): Card {
  const empty = createEmptyCard(now)
  if (!row) return empty
  return {
    ...empty,
    due: new Date(row.dueAt),
    stability: row.stability,
    difficulty: row.difficulty,
    reps: row.seen,
    lapses: row.lapses,
    state: row.state as State,
    last_review: new Date(row.lastAt),
  }
}

const rowOf = (cause: CauseId, card: Card, now: Date): PracticeCardRow => ({
  cause,
  dueAt: card.due.toISOString(),
  seen: card.reps,
  lapses: card.lapses,
  stability: card.stability,
  difficulty: card.difficulty,
  lastAt: now.toISOString(),
  state: card.state,
})

export async function removeRound(id: string): Promise<void> {
  const { db } = await store()
  await transact(db, async (trx) => {
    await roundOr404(trx, id)
    await deleteRound(trx, id)
  })
}

export interface PracticeBench {
  rounds: (PracticeRoundRow & { family: string })[]
  /** Lessons with how they ended best. */
  lessons: { id: string; family: string; minutes: number; done: boolean }[]
  /** Causes that come back now, the longest due first. */
  due: { cause: string; family: string | null }[]
  /** What was met and found, by what a hand has to be able to do for it; the most met first. */
  skills: { skill: Skill; rounds: number; right: number; withoutDanger: number }[]
  /** Of what was decided with odds: how sure, and how often right, by tenths that have any. */
  calibration: { from: number; to: number; stated: number; right: number; rounds: number }[]
}

export async function readPractice(): Promise<PracticeBench> {
  const { db } = await store()
  const [rounds, cards] = await Promise.all([listRounds(db, 2000), listCards(db)])
  const now = new Date().toISOString()
  const due = cards.filter(({ dueAt }) => dueAt <= now).slice(0, DUE_SHOWN)
  const families = familiesOf(
    rounds,
    due.map(({ cause }) => cause),
  )
  return {
    rounds: rounds.slice(0, SHOWN).map((round) => ({ ...round, family: planOfCode(round.code).family })),
    lessons: lessons.map(({ id, family, minutes }) => ({
      id,
      family,
      minutes,
      done: rounds.some(
        ({ lesson, outcome, dangers }) => lesson === id && outcome === 'right' && dangers === 0,
      ),
    })),
    due: due.map(({ cause }) => ({ cause, family: families.get(cause) ?? null })),
    skills: skillsOf(rounds),
    calibration: calibrationOf(rounds),
  }
}

/** Parts of a machine that causes belong to, and a machine with nothing wrong. */
export type Skill = CauseGroup | 'nothing-wrong'

/** Rounds that ended, by the groups of what was wrong with them; landings are wiring. */
function skillsOf(rounds: PracticeRoundRow[]): PracticeBench['skills'] {
  const found = new Map<Skill, PracticeBench['skills'][number]>()
  for (const { code, causes, outcome, dangers } of rounds) {
    if (causes === null) continue
    const named = planOfCode(code).level === 'wire' ? (['wiring'] as const) : skillsOfCauses(causes)
    for (const skill of new Set<Skill>(named)) {
      const before = found.get(skill) ?? { skill, rounds: 0, right: 0, withoutDanger: 0 }
      found.set(skill, {
        skill,
        rounds: before.rounds + 1,
        right: before.right + (outcome === 'right' ? 1 : 0),
        withoutDanger: before.withoutDanger + (dangers === 0 && outcome !== 'hurt' ? 1 : 0),
      })
    }
  }
  return [...found.values()].sort((one, two) => two.rounds - one.rounds)
}

const skillsOfCauses = (causes: string): Skill[] =>
  causes === ''
    ? ['nothing-wrong']
    : causes.split(' ').flatMap((cause) => (isCause(cause) ? [causeInfo(cause).group] : []))

/** The family in which each cause was met last: it comes back there. */
function familiesOf(rounds: PracticeRoundRow[], causes: string[]): Map<string, string> {
  const found = new Map<string, string>()
  const left = new Set(causes)
  for (const { code, causes: had } of rounds) {
    if (left.size === 0) break
    for (const cause of had?.split(' ') ?? [])
      if (left.delete(cause)) found.set(cause, planOfCode(code).family)
  }
  return found
}

function calibrationOf(rounds: PracticeRoundRow[]): PracticeBench['calibration'] {
  const stated = rounds.flatMap(({ given, outcome }) =>
    given !== null && outcome ? [{ given, right: outcome === 'right' }] : [],
  )
  return Array.from({ length: 5 }, (_, i) => ({ from: i / 5, to: (i + 1) / 5 })).flatMap(({ from, to }) => {
    const own = stated.filter(({ given }) => given >= from && (given < to || to === 1))
    if (own.length === 0) return []
    const mean = own.reduce((sum, { given }) => sum + given, 0) / own.length
    return [
      {
        from,
        to,
        stated: mean,
        right: own.filter(({ right }) => right).length / own.length,
        rounds: own.length,
      },
    ]
  })
}

/** A round as a file: its code and what was done, to be taken in elsewhere. */
export async function exportRound(id: string): Promise<string> {
  const { round, acts } = await readRound(id)
  return JSON.stringify(
    { kind: 'rest-cog-practice', version: 1, code: round.code, lesson: round.lesson, help: round.help, acts },
    null,
    2,
  )
}

/** Take a round in from a file: its machine drawn anew from its code, its acts played again. @throws CoreError `invalid-input`, `bad-code` */
export async function importRound(body: Record<string, unknown>): Promise<PracticeRoundRow> {
  if (body.kind !== 'rest-cog-practice' || typeof body.code !== 'string')
    throw new CoreError(
      'invalid-input',
      'This is no file of a practice round. Take one that was saved from a round’s page.',
    )
  const acts = actsOf(validated(PracticeDto, { round: {}, acts: body.acts }).acts)
  const round = roundFor({ code: body.code, ...(body.help === 1 ? { help: true } : {}) })
  const { db } = await store()
  return transact(db, async (trx) => {
    await insertRound(trx, round)
    let row = round
    for (const [nth, act] of acts.entries())
      await insertAct(trx, { roundId: round.id, nth, act: JSON.stringify(act) })
    if (acts.length > 0) row = await ended(trx, round, acts)
    return row
  })
}
