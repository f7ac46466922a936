import { describe, expect, it } from 'vitest'
import { currentAgainstPlate } from '.'

describe('running current against the plate', () => {
  it.each([
    [1.1, 1, 'normal'],
    [1.11, 1, 'over'],
    [0.5, 1, 'normal'],
    [0.49, 1, 'low'],
    [0.9, 0.9, 'normal'],
  ])('%d A of %d A is %s', (amps, plate, verdict) => {
    expect(currentAgainstPlate(amps, plate).verdict).toBe(verdict)
  })

  it('says what to look for', () => {
    expect(currentAgainstPlate(3, 1).text).toMatch(/Overload/)
    expect(currentAgainstPlate(0.2, 1).text).toMatch(/slips|starved/)
  })
})
