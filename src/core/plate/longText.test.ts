import { afterEach, describe, expect, it, vi } from 'vitest'
import { readPlate } from '.'
import { Scan } from './scan'

afterEach(() => vi.restoreAllMocks())

const LINE = 'CAP 5 MFD\n370 V\nAC SER 22B RUN CAPACI\nTOR 5 MFD\n'

/** Each time a text is read it is asked once what of it was not. */
function readingsOf(text: string): number {
  const asked = vi.spyOn(Scan.prototype, 'unread')
  readPlate({ text })
  const { length } = asked.mock.calls
  asked.mockRestore()
  return length
}

describe('how often a text is read', () => {
  it('is once for each broken end of a label, and once alone for what is longer than any', () => {
    expect(readingsOf(LINE)).toBeGreaterThan(1)
    for (const times of [80, 160, 400]) expect(readingsOf(LINE.repeat(times))).toBe(1)
  })
})
