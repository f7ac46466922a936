import { plantBuilds } from '../knowledge/plants'
import { coversInOrder } from '../knowledge/plants/parts'
import type { PlantBuild } from '../knowledge/plants/types'
import type { CauseId } from '../knowledge/vocabulary'
import type { Act, Answer } from './acts/types'
import { type Drawn, drawMachine } from './draw'
import { play } from './play'
import type { PlantState } from './state'

/** A machine of a build with these faults, or none. */
export const machineOf = (build: PlantBuild, faults: CauseId[] = [], seed = 'test'): Drawn =>
  drawMachine({ family: build.family, motorKind: build.kind, level: 'plain', seed, faults })

export const nameOf = (build: PlantBuild): string => `${build.family}, ${build.kind}`
export const buildOf = (family: string, kind?: string): PlantBuild => {
  const build = plantBuilds.find(
    (each) => each.family === family && (kind === undefined || each.kind === kind),
  )
  if (!build) throw new Error(`no build of ${family}`)
  return build
}

/** The last answer of these acts, and how the machine stands then. */
export function played(drawn: Drawn, acts: Act[]): { answer: Answer; answers: Answer[]; state: PlantState } {
  const { state, answers } = play(drawn, acts)
  const answer = answers.at(-1)
  if (!answer) throw new Error('no act')
  return { answer, answers, state }
}

/** Off and held at every point of the line. */
export const allOff = (build: PlantBuild): Act[] =>
  build.points.flatMap(({ id }): Act[] => [
    { act: 'point', id, to: 'off' },
    { act: 'held', id },
  ])

/** Every cover off, what lies before it first. */
export const opened = (build: PlantBuild): Act[] =>
  coversInOrder(
    build,
    build.covers.flatMap(({ id, fuel }) => (fuel ? [] : [id])),
  ).map((id): Act => ({ act: 'cover', id, to: 'off' }))
