import { describe, expect, it } from 'vitest'
import { refusal } from './refusals'

describe('a refusal', () => {
  it('has the code that callers compare, the sentence, and what the sentence was made of', () => {
    expect(refusal('done/frees', 'wheel').toShape()).toEqual({
      code: 'done',
      message: 'This line took the wheel out: it keeps its place while that is so.',
      path: '',
      worded: { key: 'done/frees', params: ['wheel'] },
    })
  })

  it('words a count of one for itself', () => {
    expect(refusal('not-splittable', 1).message).toBe('Of 1 piece nothing can be split off.')
  })
})
