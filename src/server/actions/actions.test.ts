import { describe, expect, it } from 'vitest'
import { ownDataFolder } from '../testStore.testing'
import { learnNameAction, openJobAction, saveHouseholdAction } from '.'

ownDataFolder()

/** An action is an address like any other: what comes may be anything. */
const anything: unknown[] = [
  null,
  undefined,
  4,
  'text',
  [],
  {},
  { findings: 4 },
  { stops: [null] },
  { findings: ['x'] },
]

describe('what comes to an action in a shape that is none', () => {
  it.each(anything)('opens no job: %j', async (form) => {
    const { error } = await openJobAction(form as never)
    expect(error.message).not.toBe('')
  })

  it.each([...anything, { words: 4 }, { words: 'x', family: 'submarine' }])(
    'teaches no name: %j',
    async (form) => {
      expect(await learnNameAction(form as never)).toMatchObject({ message: expect.stringMatching(/./) })
    },
  )

  it.each([4, 'text', { theme: 'plaid' }, { ohmCounts: 'many' }])('sets nothing: %j', async (form) => {
    expect(await saveHouseholdAction(form as never)).toMatchObject({ message: expect.stringMatching(/./) })
  })
})
