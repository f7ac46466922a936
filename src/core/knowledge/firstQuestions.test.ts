import { describe, expect, it } from 'vitest'
import { firstQuestions } from './firstQuestions'
import { toolIds } from './vocabulary'

describe('the first questions', () => {
  it('have each a “not sure”, and say what follows from every answer', () => {
    for (const { answers, ask } of firstQuestions) {
      expect(
        answers.map(({ value }) => value),
        ask,
      ).toContain('unsure')
      for (const { follows } of answers) expect(follows.length, ask).toBeGreaterThan(20)
    }
  })

  it('name tools that there are', () => {
    for (const { sets } of firstQuestions.flatMap(({ answers }) => answers))
      for (const tool of sets.tools?.split(' ') ?? []) expect(toolIds).toContain(tool)
  })

  it('never take more than was said: unsure of the meter is none that reads capacitors, unsure of power is off', () => {
    const unsure = firstQuestions.map(({ answers }) => answers.find(({ value }) => value === 'unsure')?.sets)
    expect(unsure).toEqual([{}, { tools: 'hand meter tester wooden-stick' }, { catRated: 0 }])
  })
})
