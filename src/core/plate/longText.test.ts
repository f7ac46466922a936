import { describe, expect, it, vi } from 'vitest'
import { readPlate } from '.'
import type { Scan } from './scan'

const counted = vi.hoisted(() => ({ readings: 0, letters: 0 }))
vi.mock('./scan', async (original) => {
  const real = await original<{ Scan: typeof Scan }>()
  return {
    ...real,
    Scan: class extends real.Scan {
      constructor(text: string) {
        super(text)
        counted.readings++
        counted.letters += text.length
      }
    },
  }
})

const LINE = 'CAP 5 MFD\n370 V\nAC SER 22B RUN CAPACI\nTOR 5 MFD\n'
const readingsOf = (text: string) => {
  counted.readings = 0
  counted.letters = 0
  readPlate({ text })
  return { ...counted }
}

describe('how often a text is read', () => {
  it('is once for each broken end of a label, and once alone for what is longer than any', () => {
    expect(readingsOf(LINE).readings).toBeGreaterThan(1)
    for (const times of [80, 160, 400]) {
      const text = LINE.repeat(times)
      expect(readingsOf(text)).toEqual({ readings: 1, letters: text.length })
    }
  })
})
