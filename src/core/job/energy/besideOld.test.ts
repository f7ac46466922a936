import { describe, expect, it } from 'vitest'
import type { ReadingRow } from '../rows'
import { besideOld } from './besideOld'

let count = 0
const reading = (
  part: 'old' | 'new',
  pointA: string,
  pointB: string,
  value: number,
  more: Partial<ReadingRow> = {},
) =>
  ({
    id: `r${++count}`,
    jobId: 'j',
    kind: 'resistance',
    part,
    pointA,
    pointB,
    typed: String(value),
    value,
    over: 0,
    live: 0,
    at: `2026-11-01T10:${String(count).padStart(2, '0')}:00.000Z`,
    struckAt: null,
    strikeReason: '',
    ...more,
  }) as ReadingRow

describe('a new part beside the old', () => {
  it('is not shown before the new part has a reading', () => {
    expect(besideOld([reading('old', 'white', 'black', 12)])).toEqual([])
  })

  it('pairs the same points whichever way round the probes were held', () => {
    const [pair, ...rest] = besideOld([
      reading('old', 'white', 'black', 12),
      reading('new', 'black', 'white', 13),
    ])
    expect(rest).toEqual([])
    expect([pair?.old?.value, pair?.new?.value]).toEqual([12, 13])
  })

  it('takes the latest that counts: neither struck nor live', () => {
    const [pair] = besideOld([
      reading('new', 'white', 'black', 13),
      reading('new', 'white', 'black', 14),
      reading('new', 'white', 'black', 99, { struckAt: '2026-11-02', strikeReason: 'fingers on the probes' }),
      reading('new', 'white', 'black', 98, { live: 1 }),
    ])
    expect(pair?.new?.value).toBe(14)
    expect(pair?.old).toBeNull()
  })

  it('keeps a resistance and a reading to frame of the same lead apart', () => {
    const pairs = besideOld([
      reading('new', 'white', 'frame', 13),
      reading('new', 'white', 'frame', 14, { kind: 'to-frame' }),
    ])
    expect(pairs.map((pair) => pair.kind)).toEqual(['resistance', 'to-frame'])
  })
})
