import { CoreError } from '../errors'
import { Flag, ListOf, MapOf, Nested, Num, OneOf, PlainList, Text, TextOrNumber } from '../input'
import { plantBuild, plantBuilds } from '../knowledge/plants'
import { TASK_IDS, wireTask } from '../knowledge/plants/tasks'
import { causeIds, familyIds, isolationPointIds } from '../knowledge/vocabulary'
import { LONGEST_MINUTES } from './acts/time'
import type { Act, ActName } from './acts/types'
import { RANGES } from './acts/types'
import { isLevel, isSeed, LEVELS, planOfCode, type RoundPlan } from './code'
import { ACT_NAMES } from './play'

const some = { optional: true } as const

class RoundInput {
  @Text({ ...some, max: 60 }) family?: string
  @Text({ ...some, max: 40 }) motorKind?: string
  @PlainList('string', { ...some, atMost: 3 }) faults?: string[]
  @TextOrNumber({ ...some, max: 24 }) seed?: string
  @Text({ ...some, max: 20 }) level?: string
  @Text({ ...some, max: 20 }) task?: string
  @Text({ ...some, max: 200 }) code?: string
}

class ReplaceInput {
  @Num({ ...some, above: 0, max: 1000 }) uF?: number
  @Num({ ...some, above: 0, max: 1000 }) volts?: number
}

class ActInput {
  @Text({ max: 40 }) act!: string
  @Text({ ...some, max: 60 }) id?: string
  @Text({ ...some, max: 60 }) to?: string
  @OneOf(['from', 'to'], some) end?: 'from' | 'to'
  @Flag(some) on?: boolean
  @Text({ ...some, max: 40 }) speed?: string
  @OneOf([...RANGES], some) range?: (typeof RANGES)[number]
  @OneOf(['v', 'a'], some) jack?: 'v' | 'a'
  @Text({ ...some, max: 60 }) red?: string
  @Text({ ...some, max: 60 }) black?: string
  @Text({ ...some, max: 60 }) wire?: string
  @Text({ ...some, max: 60 }) at?: string
  @Text({ ...some, max: 60 }) a?: string
  @Text({ ...some, max: 60 }) b?: string
  @Num({ ...some, min: 0, max: 1e7 }) ohm?: number
  @Num({ ...some, min: 0, max: LONGEST_MINUTES }) minutes?: number
  @Num({ ...some, min: 0, max: LONGEST_MINUTES * 60 }) seconds?: number
  @Text({ ...some, max: 60 }) part?: string
  @Nested(() => ReplaceInput, some) with?: ReplaceInput
  @MapOf(
    { type: 'number' },
    (_, value) =>
      typeof value === 'number' && Number.isFinite(value) ? null : '$property are shares, as numbers',
    some,
  )
  of?: Record<string, number>
  @Text({ ...some, max: 60 }) cause?: string
}

export class PracticeDto {
  @Nested(() => RoundInput) round!: RoundInput
  @ListOf(() => ActInput, { atMost: 500 }) acts!: ActInput[]
  @Flag(some) truth?: boolean
}

/** The round that is asked for. @throws CoreError `unknown-family`, `bad-code`, `invalid-input` */
export function planOf(round: RoundInput): RoundPlan {
  if (round.code !== undefined) return planOfCode(round.code)
  const seed = (round.seed ?? '').toLowerCase()
  if (!isSeed(seed))
    throw new CoreError('invalid-input', 'The seed is one to 24 letters and digits.', 'round.seed')
  if (round.task !== undefined) return planOfTask(round.task, seed)
  const family = familyIds.find((id) => id === round.family)
  const build = family && plantBuild(family)
  if (!family || !build)
    throw new CoreError(
      'unknown-family',
      `There is no practice machine of the family "${round.family ?? ''}". Families: ${[...new Set(plantBuilds.map((each) => each.family))].join(', ')}.`,
      'round.family',
    )
  const own =
    round.motorKind === undefined
      ? build
      : plantBuilds.find((each) => each.family === family && each.kind === round.motorKind)
  if (!own)
    throw new CoreError(
      'invalid-input',
      `This family can be practised with: ${plantBuilds
        .filter((each) => each.family === family)
        .map(({ kind }) => kind)
        .join(', ')}.`,
      'round.motorKind',
    )
  const level = round.level ?? 'plain'
  if (!isLevel(level)) throw new CoreError('invalid-input', `Levels: ${LEVELS.join(', ')}.`, 'round.level')
  const faults = round.faults?.map((cause, i) => {
    const known = causeIds.find((id) => id === cause)
    if (!known) throw new CoreError('invalid-input', `There is no cause "${cause}".`, `round.faults[${i}]`)
    return known
  })
  return { family, motorKind: own.kind, level, seed, ...(faults ? { faults } : {}) }
}

function planOfTask(id: string, seed: string): RoundPlan {
  const task = wireTask(id)
  if (!task) throw new CoreError('invalid-input', `To be wired: ${TASK_IDS.join(', ')}.`, 'round.task')
  return { family: task.family, motorKind: task.kind, level: 'wire', seed, task: task.id }
}

/** Fields that each act needs, in the order of the contract. */
const needs: Record<ActName, (keyof ActInput)[]> = {
  point: ['id', 'to'],
  held: ['id'],
  call: ['on'],
  cover: ['id', 'to'],
  wire: ['id', 'end', 'to'],
  meter: ['range', 'red', 'black'],
  clamp: ['wire'],
  tester: ['at'],
  discharge: ['a', 'b', 'ohm'],
  look: [],
  listen: [],
  smell: [],
  touch: [],
  turn: [],
  push: [],
  air: [],
  wait: ['minutes'],
  run: ['seconds'],
  replace: ['part'],
  odds: ['of'],
  decide: ['cause'],
}

/** Acts as they are played. @throws CoreError `unknown-act`, `invalid-input` with the place */
export function actsOf(acts: ActInput[]): Act[] {
  return acts.map((given, i) => {
    const name = ACT_NAMES.find((each) => each === given.act)
    if (!name)
      throw new CoreError(
        'unknown-act',
        `There is no act "${given.act}". Acts: ${ACT_NAMES.join(', ')}.`,
        `acts[${i}].act`,
      )
    for (const field of needs[name])
      if (given[field] === undefined)
        throw new CoreError(
          'invalid-input',
          `The act ${name} needs ${needs[name].join(', ')}.`,
          `acts[${i}].${field}`,
        )
    const switched = name === 'point' || name === 'cover'
    if (switched && given.to !== 'on' && given.to !== 'off')
      throw new CoreError('invalid-input', 'Say "on" or "off".', `acts[${i}].to`)
    if ((name === 'point' || name === 'held') && !isolationPointIds.some((id) => id === given.id))
      throw new CoreError('invalid-input', `There is no point "${given.id ?? ''}".`, `acts[${i}].id`)
    // Every field of the act was looked at just above.
    return Object.fromEntries(
      Object.entries(given).filter(([, value]) => value !== undefined),
    ) as unknown as Act
  })
}
