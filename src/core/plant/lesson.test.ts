import { describe, expect, it } from 'vitest'
import { type Lesson, lessonOf, lessons } from '../knowledge/plants/lessons'
import type { Act, Here } from './acts/types'
import { actsFor, dead, off } from './advisor/procedures'
import { wiringWalk } from './advisor/wiring'
import { type Drawn, drawMachine, hereOf } from './draw'
import { goalMet, planOfLesson } from './lesson'
import { play } from './play'
import { opened } from './rounds.testing'
import type { PlantState } from './state'

const at = (drawn: Drawn, acts: Act[]): { here: Here; state: PlantState } => {
  const { state } = play(drawn, acts)
  return { here: hereOf(drawn, state, acts.length), state }
}

/** How a careful repairer does what each lesson asks. */
function solved(lesson: Lesson, drawn: Drawn): Act[] {
  const { here } = at(drawn, [])
  const { build } = drawn.machine
  switch (lesson.goal.kind) {
    case 'proven':
    case 'discharged':
      return dead(here)
    case 'decided':
      return [{ act: 'decide', cause: lesson.faults?.[0] ?? 'none' }]
    case 'ghost': {
      const { red, black } = lesson.goal
      const covers = opened(build).filter(
        (act) => act.act !== 'cover' || drawn.start.covers[act.id] !== 'off',
      )
      return [
        ...covers,
        { act: 'point', id: 'breaker', to: 'on' },
        { act: 'meter', range: 'volts-ac', red, black },
        { act: 'meter', range: 'low-z', red, black },
      ]
    }
    case 'wound':
      return actsFor(here, 'winding') ?? []
    case 'wired':
      return wiringWalk(drawn).filter(({ act }) => act !== 'decide')
    case 'opened': {
      const acts = off(here)
      const order = build.covers.filter(({ id, fuel }) => id === 'burner-door' || fuel)
      return [
        ...acts,
        { act: 'wait', minutes: 1 },
        ...order.map(({ id }): Act => ({ act: 'cover', id, to: 'off' })),
      ]
    }
  }
}

describe.each(lessons.map((lesson) => [lesson.id, lesson] as const))('the lesson %s', (_, lesson) => {
  const drawn = drawMachine(planOfLesson(lesson))

  it('is not done before it begins, and is done by what it asks for', () => {
    expect(goalMet(lesson, drawn, [], [], drawn.start)).toBe(false)
    const acts = solved(lesson, drawn)
    const { state, answers } = play(drawn, acts)
    expect(answers.filter(({ hurt }) => hurt)).toEqual([])
    expect(goalMet(lesson, drawn, acts, answers, state)).toBe(true)
  })
})

it('there are ten at least, each with its name', () => {
  expect(lessons.length).toBeGreaterThanOrEqual(10)
  expect(new Set(lessons.map(({ id }) => id)).size).toBe(lessons.length)
  expect(lessonOf('prove-dead')?.goal.kind).toBe('proven')
})

it('the charge of the lesson on charges is there and hurts who does not let it down', () => {
  const lesson = lessonOf('charge-and-bleed')
  if (!lesson) throw new Error('no such lesson')
  const drawn = drawMachine(planOfLesson(lesson))
  const { state } = play(drawn, [...opened(drawn.machine.build).slice(0, 2), ...off(at(drawn, []).here)])
  expect(Math.abs(state.charge.FAN ?? 0)).toBeGreaterThan(50)
})
