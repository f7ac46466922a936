import { describe, expect, it } from 'vitest'
import { dangerLookalikes, dangerVoices } from './dangerVoices.testing'
import { readNotice } from './notice'

/** The last lot, for which the reader was not changed. */
const UNSEEN = 24
const share = (lot: typeof dangerVoices): number =>
  lot.filter(([stop, text]) => readNotice({ text }).stops.some((heard) => heard === stop)).length / lot.length

describe('dangers in the words of shaken people', () => {
  it('are heard: of those that the reader was mended for nearly all', () => {
    expect(share(dangerVoices.slice(0, -UNSEEN))).toBeGreaterThanOrEqual(0.94)
  })

  it('are heard to seven tenths where nobody looked at the words before', () => {
    expect(share(dangerVoices.slice(-UNSEEN))).toBeGreaterThanOrEqual(0.7)
  })

  it('are not heard in what only sounds like one', () => {
    const raised = dangerLookalikes.filter((text) => readNotice({ text }).raised.length > 0)
    expect(raised.length / dangerLookalikes.length).toBeLessThanOrEqual(0.12)
  })
})
