import { describe, expect, it } from 'vitest'
import { judgeWinding, type WindingInput } from '.'

const leads = ['black', 'white', 'brown']
const three = (cr: number | null, cs: number | null, rs: number | null, more: Partial<WindingInput> = {}) =>
  judgeWinding({
    leads,
    pairs: [
      { a: 'black', b: 'white', ohm: cr },
      { a: 'black', b: 'brown', ohm: cs },
      { a: 'white', b: 'brown', ohm: rs },
    ],
    ...more,
  })
const frame = (ohm: number | null) => three(16, 23, 39, { toFrame: [{ lead: 'black', ohm }] })

describe('a reading to the frame', () => {
  it.each([
    [0, 'grounded'],
    [300_000, 'grounded'],
    [999_000, 'grounded'],
    [1_000_000, 'good'],
    [19_000_000, 'good'],
    [null, 'good'],
  ] as const)('of %s Ω is %s', (ohm, verdict) => {
    expect(frame(ohm).verdict).toBe(verdict)
  })

  it('is doubtful from a megohm to twenty, and no more beyond', () => {
    const doubts = (ohm: number | null) => frame(ohm).notes.some((note) => /doubtful/.test(note))
    expect([1_000_000, 5_000_000, 19_900_000].map(doubts)).toEqual([true, true, true])
    expect([20_000_000, 50_000_000, null].map(doubts)).toEqual([false, false, false])
  })

  it('outweighs what else is wrong, but for an open winding', () => {
    const both = (cs: number | null) => three(16, cs, 52, { toFrame: [{ lead: 'white', ohm: 1000 }] }).verdict
    expect(both(23)).toBe('grounded')
    expect(three(null, null, 39, { toFrame: [{ lead: 'white', ohm: 1000 }] }).verdict).toBe('open')
  })
})

describe('a motor that is hot', () => {
  it.each([
    [59.9, 'open'],
    [60, 'hot-retest'],
    [65, 'hot-retest'],
  ] as const)('of %s °C with its common cut off is %s', (windingCelsius, verdict) => {
    expect(three(null, null, 39, { windingCelsius }).verdict).toBe(verdict)
  })

  it('is open all the same where two of four leads are cut off: no protector does that', () => {
    const four = judgeWinding({
      leads: ['a', 'b', 'c', 'd'],
      pairs: [
        { a: 'a', b: 'b', ohm: 20 },
        { a: 'c', b: 'd', ohm: 30 },
        { a: 'a', b: 'c', ohm: null },
        { a: 'a', b: 'd', ohm: null },
        { a: 'b', b: 'c', ohm: null },
        { a: 'b', b: 'd', ohm: null },
      ],
      caseTooHot: true,
    })
    expect(four.verdict).toBe('open')
  })

  it('names the lead that is cut off', () => {
    const { faults } = three(null, null, 39, { caseTooHot: true })
    expect(faults[0]).toMatchObject({ kind: 'hot-retest', leads: ['black'] })
    expect(faults[0]?.text).toMatch(/^black open while the motor is hot/)
  })
})

describe('what cannot be a reading', () => {
  const refuses = (input: WindingInput) => {
    try {
      judgeWinding(input)
    } catch (error) {
      return error as { code: string; path: string }
    }
    return null
  }
  it.each([
    [{ leads: ['a'], pairs: [] }, 'too-few-leads', 'leads'],
    [{ leads: Array.from({ length: 11 }, (_, i) => `l${i}`), pairs: [] }, 'too-many-leads', 'leads'],
    [{ leads: ['a', 'a'], pairs: [] }, 'duplicate-lead', 'leads'],
    [{ leads: ['a', 'b'], pairs: [{ a: 'x', b: 'b', ohm: 1 }] }, 'unknown-lead', 'pairs[0].a'],
    [{ leads: ['a', 'b'], pairs: [{ a: 'a', b: 'x', ohm: 1 }] }, 'unknown-lead', 'pairs[0].b'],
    [{ leads: ['a', 'b'], pairs: [{ a: 'a', b: 'a', ohm: 1 }] }, 'same-lead', 'pairs[0]'],
    [{ leads: ['a', 'b'], pairs: [{ a: 'a', b: 'b', ohm: -1 }] }, 'negative-resistance', 'pairs[0].ohm'],
    [{ leads: ['a', 'b'], pairs: [], toFrame: [{ lead: 'x', ohm: 1 }] }, 'unknown-lead', 'toFrame[0].lead'],
    [{ leads: ['a', 'b'], pairs: [], joined: [['x', 'a']] }, 'unknown-lead', 'joined[0][0]'],
    [{ leads: ['a', 'b'], pairs: [], joined: [['a', 'x']] }, 'unknown-lead', 'joined[0][1]'],
  ] satisfies [WindingInput, string, string][])('%j is refused as %s at %s', (input, code, path) => {
    expect(refuses(input)).toMatchObject({ code, path })
  })

  it('two leads and ten are enough and not too many; nothing at all and zero are readings', () => {
    expect(refuses({ leads: ['a', 'b'], pairs: [{ a: 'a', b: 'b', ohm: 0 }] })).toBeNull()
    expect(refuses({ leads: Array.from({ length: 10 }, (_, i) => `l${i}`), pairs: [] })).toBeNull()
  })
})

describe('an electronic motor', () => {
  const phases = (a: number, b: number, c: number) => three(a, b, c, { motorKind: 'ecm' })
  it('has phases that agree within ten percent', () => {
    expect(phases(10, 10.4, 10.9).verdict).toBe('good')
    expect(phases(10, 10.4, 10.9).notes).toContain('The three phases agree within 10 %.')
    expect(phases(10, 10, 11).verdict).toBe('good')
    expect(phases(10, 10, 11.2).verdict).toBe('inconsistent')
    expect(phases(10, 10, 11.2).faults[0]?.text).toMatch(/differ by 12 %/)
    expect(phases(10, 10, 11.2).sumCheck).toBeNull()
  })
})

describe('what a reading is worth', () => {
  it('the last one of a pair counts, in either direction', () => {
    const again = judgeWinding({
      leads,
      pairs: [
        { a: 'black', b: 'white', ohm: 99 },
        { a: 'white', b: 'black', ohm: 16 },
        { a: 'black', b: 'brown', ohm: 23 },
        { a: 'white', b: 'brown', ohm: 39 },
      ],
    })
    expect(again.verdict).toBe('good')
  })

  it('the leads’ own ohms never make it less than nothing', () => {
    const short = three(0.1, 23, 23.1, { leadOffsetOhm: 0.4, motorKind: 'psc' })
    expect(short.verdict).toBe('shorted')
    expect(short.faults.find(({ kind }) => kind === 'shorted')?.text).toMatch(/read 0 Ω/)
  })

  it('two leads of one point are no short where a motor needs no more', () => {
    expect(judgeWinding({ leads: ['a', 'b'], pairs: [{ a: 'a', b: 'b', ohm: 0.05 }] }).verdict).toBe(
      'shorted',
    )
    const twin = judgeWinding({
      leads: ['a', 'b', 'c', 'd'],
      pairs: [
        { a: 'a', b: 'b', ohm: 0.1 },
        { a: 'a', b: 'c', ohm: 16 },
        { a: 'a', b: 'd', ohm: 23 },
        { a: 'b', b: 'c', ohm: 16 },
        { a: 'b', b: 'd', ohm: 23 },
        { a: 'c', b: 'd', ohm: 39 },
      ],
      motorKind: 'psc',
    })
    expect(twin.verdict).toBe('good')
    expect(twin.sameLeads).toEqual([['a', 'b']])
    expect(twin.notes[0]).toBe('b is the same point as a.')
  })
})
