import type { Lesson } from '../knowledge/plants/lessons'
import { isProven, pairKey } from './acts/reach'
import type { Act, Answer } from './acts/types'
import type { RoundPlan } from './code'
import { type Drawn, hereOf } from './draw'
import type { PlantState } from './state'
import { isWired } from './wired'

export const planOfLesson = ({ family, motorKind, level, seed, faults, task }: Lesson): RoundPlan => ({
  family,
  motorKind,
  level,
  seed,
  ...(faults ? { faults } : {}),
  ...(task ? { task } : {}),
})

/** Is what the lesson asks for done? Nothing that hurts ends one well. */
export function goalMet(
  { goal }: Lesson,
  drawn: Drawn,
  acts: Act[],
  answers: Answer[],
  state: PlantState,
): boolean {
  if (state.over && 'hurt' in state.over) return false
  const here = hereOf(drawn, state, acts.length)
  const read = (range: string, red: string, black: string) =>
    acts.findIndex(
      (act) =>
        act.act === 'meter' && act.range === range && pairKey(act.red, act.black) === pairKey(red, black),
    )
  switch (goal.kind) {
    case 'proven':
      return isProven(here)
    case 'decided':
      return answers.some(({ text }) => text.key === 'decide.right')
    case 'ghost': {
      const [first, second] = [read('volts-ac', goal.red, goal.black), read('low-z', goal.red, goal.black)]
      return (
        (answers[first]?.reading?.value ?? 0) > 5 && second >= 0 && (answers[second]?.reading?.value ?? 9) < 1
      )
    }
    case 'discharged':
      return state.proof.discharged.includes(goal.capacitor) && isProven(here)
    case 'wound':
      return answers.some(({ sense }) => sense?.winding !== undefined)
    case 'wired':
      return isWired(drawn, state)
    case 'opened':
      return state.covers[goal.cover] === 'off'
  }
}
