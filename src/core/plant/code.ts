import { CoreError } from '../errors'
import { plantBuilds } from '../knowledge/plants'
import { plantFaults } from '../knowledge/plants/faults'
import { familyLetters } from '../knowledge/plants/letters'
import { TASK_IDS, type TaskId, wireTask } from '../knowledge/plants/tasks'
import type { CauseId, FamilyId, MotorKindId } from '../knowledge/vocabulary'

/** `wire`: nothing is wrong, the motor's leads hang free, and what is asked for is landings and power. */
export const LEVELS = ['plain', 'story', 'worn', 'two', 'none', 'wire'] as const
export type Level = (typeof LEVELS)[number]

/** What a round is drawn from. Everything else of it follows. */
export interface RoundPlan {
  family: FamilyId
  motorKind: MotorKindId
  level: Level
  seed: string
  /** Named faults; left out they are drawn from the priors. */
  faults?: CauseId[]
  /** What was put in and is to be wired; left out at the level `wire` it is the machine's own motor. */
  task?: TaskId
}

/** Machines of another version are other machines: their code says so. */
export const CODE_VERSION = 1

const SEED = /^[a-z0-9]{1,24}$/

/**
 * The code of a round: version, family, kind, level, seed and, where they were named, the faults by their place in the table
 * of faults. `OU-37-…` is made of what a person can read over the telephone.
 *
 * @example codeOf({ family: 'outdoor-unit-fan', motorKind: 'psc', level: 'plain', seed: '37' }) // 'OU-37-psc-plain-v1'
 */
export function codeOf({ family, motorKind, level, seed, faults, task }: RoundPlan): string {
  const named = task
    ? `-t${TASK_IDS.indexOf(task)}`
    : faults
      ? `-f${faults.map((cause) => indexOf(cause)).join('.')}`
      : ''
  return `${familyLetters[family]}-${seed}-${motorKind.replaceAll('-', '_')}-${level}${named}-v${CODE_VERSION}`
}

const indexOf = (cause: CauseId): number => plantFaults.findIndex((fault) => fault.cause === cause)

/** @throws CoreError `bad-code`: not a code, one of another version, or one whose faults do not fit its machine */
export function planOfCode(code: string): RoundPlan {
  const bad = (message: string): never => {
    throw new CoreError('bad-code', message, 'round.code')
  }
  const parts = code.trim().split('-')
  const [letters = '', seed = '', kind = '', level = ''] = parts
  const version = /^v(\d+)$/.exec(parts.at(-1) ?? '')
  const family = (Object.keys(familyLetters) as FamilyId[]).find(
    (id) => familyLetters[id] === letters.toUpperCase(),
  )
  if (!family || !version || parts.length < 5 || parts.length > 6)
    return bad(
      `"${code.slice(0, 80)}" is no code of a practice round. One looks like OU-37-psc-plain-v${CODE_VERSION}.`,
    )
  if (Number(version[1]) !== CODE_VERSION)
    return bad(
      `This code is of version ${version[1]} of the machines; this program has version ${CODE_VERSION}, where the same code would be another machine. Draw a new round.`,
    )
  const motorKind = kind.replaceAll('_', '-')
  const build = plantBuilds.find((each) => each.family === family && each.kind === motorKind)
  if (!build)
    return bad(
      `There is no practice machine of this family with a motor of the kind "${motorKind.slice(0, 40)}".`,
    )
  if (!isLevel(level)) return bad(`"${level.slice(0, 40)}" is no level. Levels: ${LEVELS.join(', ')}.`)
  if (!SEED.test(seed)) return bad('The number of the round is one to 24 letters and digits.')
  const asked = parts.length === 6 ? /^t(\d+)$/.exec(parts[4] ?? '') : null
  if (asked) {
    const task = TASK_IDS[Number(asked[1])]
    const known = wireTask(task)
    if (!task || level !== 'wire' || known?.family !== family || known.kind !== build.kind)
      return bad('This code names something to be wired that its machine cannot have.')
    return { family, motorKind: build.kind, level, seed, task }
  }
  const named = parts.length === 6 ? /^f((?:\d+\.?)*)$/.exec(parts[4] ?? '') : undefined
  if (named === null) return bad('The faults in this code are not readable.')
  if (!named) return { family, motorKind: build.kind, level, seed }
  const faults = (named[1] ?? '')
    .split('.')
    .filter((each) => each !== '')
    .map((each) => plantFaults[Number(each)])
  const fitting = faults.filter((fault) => fault?.fits(build))
  if (fitting.length !== faults.length) return bad('This code names a fault that its machine cannot have.')
  return {
    family,
    motorKind: build.kind,
    level,
    seed,
    faults: faults.flatMap((fault) => (fault ? [fault.cause] : [])),
  }
}

export const isLevel = (level: string): level is Level => (LEVELS as readonly string[]).includes(level)
export const isSeed = (seed: string): boolean => SEED.test(seed)
