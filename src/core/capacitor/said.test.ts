import { describe, expect, it } from 'vitest'
import { type CapacitorCheckInput, checkCapacitor, combineSections } from '.'

const DUAL = {
  sections: [
    { section: 'HERM' as const, uF: 40 },
    { section: 'FAN' as const, uF: 5 },
  ],
  tolerancePercent: { minus: 6, plus: 6 },
  volts: 440,
}
const SINGLE = {
  sections: [{ section: 'single' as const, uF: 10 }],
  tolerancePercent: { minus: 5, plus: 5 },
  volts: 370,
}
/** A meter without any error of its own: the limits are the limits. */
const EXACT = { accuracyPercent: 0, accuracyCounts: 0, resolutionUf: 0.01 }
const check = (input: Partial<CapacitorCheckInput>) =>
  checkCapacitor({ label: SINGLE, readings: [], meter: EXACT, ...input } as CapacitorCheckInput)
const thrown = (work: () => unknown): object => {
  try {
    work()
  } catch (error) {
    return { ...(error as object), message: (error as Error).message }
  }
  return {}
}

describe('what a check refuses', () => {
  it('is nothing to look at, with the place', () => {
    expect(thrown(() => check({}))).toMatchObject({
      code: 'no-reading',
      path: 'readings',
      message: 'Give at least one reading in µF, or what the capacitor looks like.',
    })
    // Rust on the terminals is a contact and no verdict: it still wants a reading.
    expect(thrown(() => check({ look: ['rusty-terminals'] }))).toMatchObject({ code: 'no-reading' })
    expect(check({ look: ['bulged'] }).verdict).toBe('failed-by-look')
  })

  it('is a section that the label does not have, and says which it has', () => {
    const readings = [
      { section: 'HERM', uF: 40 },
      { section: 'C', uF: 5 },
    ]
    expect(thrown(() => check({ label: DUAL, readings } as never))).toMatchObject({
      code: 'unknown-section',
      path: 'readings[1].section',
      message: 'This label has no C section; it has HERM and FAN.',
    })
    // A name counts in any case and with spaces round it; “single” is the one there is, and no section of two.
    expect(
      check({ label: DUAL, readings: [{ section: ' fan ', uF: 5 }] } as never).sections[0]?.section,
    ).toBe('FAN')
    expect(
      thrown(() => check({ label: DUAL, readings: [{ section: 'single', uF: 5 }] } as never)),
    ).toMatchObject({ code: 'unknown-section' })
    expect(thrown(() => check({ readings: [{ section: 'other', uF: 5 }] } as never))).toMatchObject({
      code: 'unknown-section',
    })
  })
})

describe('what a check says', () => {
  it('of each reading, by its verdict', () => {
    const reason = (uF: number | null, more: object = {}) =>
      check({ readings: [{ section: 'single', uF }], ...more }).reasons
    expect(reason(10)).toEqual(['The capacitor reads 10 ± 0 µF, inside its window of 9.5 to 10.5 µF.'])
    expect(reason(9)).toEqual(['The capacitor reads 9 ± 0 µF, below its window of 9.5 to 10.5 µF.'])
    expect(reason(11)).toEqual([
      'The capacitor reads 11 ± 0 µF, above its window of 9.5 to 10.5 µF: check that every wire is off it, then read again.',
    ])
    expect(reason(0.01)).toEqual(['The capacitor reads about zero: open.'])
    const coarse = { meter: { accuracyPercent: 5, accuracyCounts: 0, resolutionUf: 0.01 } }
    expect(reason(9.5, coarse)[0]).toContain('lies within the meter’s own uncertainty'.replace('’', "'"))
    expect(reason(null)).toEqual([
      'The capacitor shows over-range: read ohms across it, discharged: a short stays near zero, a sound one climbs.',
    ])
    expect(reason(null, { meter: { ...EXACT, maxUf: 9 } })).toEqual([
      "The capacitor: above this meter's range of 9 µF; read it with another meter.",
    ])
    expect(
      check({ readings: [{ section: 'single', uF: null }], meter: { ...EXACT, maxUf: 9 } }).verdict,
    ).toBe('borderline')
    // A meter that reaches past the window and shows over-range says that it is shorted.
    expect(
      check({ readings: [{ section: 'single', uF: null }], meter: { ...EXACT, maxUf: 10.5 } }).verdict,
    ).toBe('shorted')
    expect(
      check({
        label: DUAL,
        readings: [
          { section: 'HERM', uF: 40 },
          { section: 'FAN', uF: 5 },
        ],
      } as never).reasons[0],
    ).toMatch(/^HERM reads 40/)
  })

  it('of sections that were not read, where there is more than one', () => {
    expect(check({ label: DUAL, readings: [{ section: 'HERM', uF: 40 }] } as never).reasons).toContain(
      'FAN was not read.',
    )
    expect(
      check({
        label: DUAL,
        readings: [
          { section: 'HERM', uF: 40 },
          { section: 'FAN', uF: 5 },
        ],
      } as never).reasons.join(),
    ).not.toContain('was not read')
    expect(check({ look: ['bulged'] }).reasons.join()).not.toContain('was not read')
  })

  it('of its look: what failed, and rust that is a contact', () => {
    expect(
      check({ readings: [{ section: 'single', uF: 10 }], look: ['bulged', 'leaking'] }).reasons.at(-1),
    ).toBe('It is bulged and leaking: a capacitor that looks failed has failed, whatever the meter says.')
    expect(check({ readings: [{ section: 'single', uF: 10 }], look: ['rusty-terminals'] })).toMatchObject({
      verdict: 'good',
      reasons: [
        expect.any(String),
        'Rusty terminals make a bad contact: clean them and read again, or renew the capacitor.',
      ],
    })
  })

  it('of a label without a tolerance, as such capacitors are made', () => {
    const { tolerancePercent: _, ...bare } = SINGLE
    expect(check({ label: bare as never, readings: [{ section: 'single', uF: 10 }] }).reasons[0]).toBe(
      'No tolerance on the label: ±6 % is taken, as run capacitors are made.',
    )
    expect(
      check({ label: { ...bare, duty: 'start' } as never, readings: [{ section: 'single', uF: 10 }] })
        .reasons[0],
    ).toBe('No tolerance on the label: −0/+20 % is taken, as start capacitors are made.')
    expect(check({ readings: [{ section: 'single', uF: 10 }] }).reasons.join()).not.toContain('No tolerance')
  })

  it('the worst of all is the verdict, in its order of badness', () => {
    const of = (herm: number | null, fan: number | null) =>
      check({
        label: DUAL,
        readings: [
          { section: 'HERM', uF: herm },
          { section: 'FAN', uF: fan },
        ],
      } as never).verdict
    expect([of(40, 5), of(40, 6), of(30, 6), of(30, null), of(null, 0.01), of(0.01, 5)]).toEqual([
      'good',
      'high',
      'weak',
      'shorted',
      'open',
      'open',
    ])
  })

  it('a reading exactly on its limit is inside, whichever limit', () => {
    const of = (uF: number) => check({ readings: [{ section: 'single', uF }] }).verdict
    expect([of(9.5), of(10.5), of(9.4999), of(10.5001)]).toEqual(['good', 'good', 'weak', 'high'])
  })

  it('the ten-percent school takes the wider of both, and only where it is asked for', () => {
    const of = (uF: number, school?: 'ten-percent') =>
      check({ readings: [{ section: 'single', uF }], ...(school ? { school } : {}) }).verdict
    expect([of(9.2), of(9.2, 'ten-percent'), of(10.9), of(10.9, 'ten-percent')]).toEqual([
      'weak',
      'good',
      'high',
      'good',
    ])
  })
})

describe('sections shared among targets', () => {
  const section = (terminal: string, uF: number) => ({ terminal, uF })
  const target = (name: string, uF: number, tolerancePercent = 6) => ({ name, uF, tolerancePercent })

  it('takes one within all tolerances before one of a smaller worst error that is not', () => {
    // fan with 5.2 (4 % of 5, within 6) and pump with 9 (10 % of 10, within 12), or both a little off theirs.
    const { targets } = combineSections({
      sections: [section('a', 5.2), section('b', 9), section('c', 4.65), section('d', 9.3)],
      targets: [target('fan', 5, 6), target('pump', 10, 12)],
    })
    expect(targets.every(({ within }) => within)).toBe(true)
  })

  it('then the least worst error, then the least second worst', () => {
    const { targets } = combineSections({
      sections: [section('a', 5), section('b', 5.1), section('c', 10)],
      targets: [target('fan', 5, 20), target('pump', 10, 20)],
    })
    expect(targets.map(({ terminals }) => terminals)).toEqual([['a'], ['c']])
    // Of 12 and 8 for 10 both are a fifth off; the other target decides.
    const second = combineSections({
      sections: [section('a', 12), section('b', 8), section('c', 5)],
      targets: [target('x', 10, 50), target('y', 5, 50)],
    })
    expect(second.targets[1]?.terminals).toEqual(['c'])
  })

  it('then the fewest jumpers', () => {
    const { targets, jumpers, unused } = combineSections({
      sections: [section('a', 2.5), section('b', 2.5), section('c', 5)],
      targets: [target('fan', 5)],
    })
    expect([targets[0]?.terminals, jumpers, unused]).toEqual([['c'], [], ['a', 'b']])
  })

  it('jumpers a chain, and one jumper less than its sections', () => {
    const { jumpers, feasible } = combineSections({
      sections: [section('a', 2.5), section('b', 2.5), section('c', 5)],
      targets: [target('fan', 10)],
    })
    expect([jumpers, feasible]).toEqual([
      [
        ['a', 'b'],
        ['b', 'c'],
      ],
      true,
    ])
  })

  it('is not feasible where a target goes without, or none is asked for', () => {
    const few = combineSections({
      sections: [section('a', 5)],
      targets: [target('fan', 5), target('pump', 5)],
    })
    expect([few.feasible, few.targets.map(({ within, uF }) => [within, uF])]).toEqual([
      false,
      [
        [false, 0],
        [false, 0],
      ],
    ])
    expect(combineSections({ sections: [section('a', 5)], targets: [] }).feasible).toBe(false)
    // Nothing at all for a target that tolerates everything is still nothing.
    expect(
      combineSections({
        sections: [section('a', 5)],
        targets: [target('fan', 5, 100), target('pump', 5, 100)],
      }).feasible,
    ).toBe(false)
  })

  it('exactly on its tolerance is within', () => {
    expect(combineSections({ sections: [section('a', 5.3)], targets: [target('fan', 5, 6)] }).feasible).toBe(
      true,
    )
    expect(combineSections({ sections: [section('a', 5.31)], targets: [target('fan', 5, 6)] }).feasible).toBe(
      false,
    )
  })

  it('refuses two sections of one name, and more than can be tried', () => {
    expect(
      thrown(() =>
        combineSections({ sections: [section('a', 1), section('a', 2)], targets: [target('x', 1)] }),
      ),
    ).toMatchObject({ code: 'duplicate-terminal', path: 'sections' })
    const many = Array.from({ length: 12 }, (_, i) => section(`s${i}`, i + 1))
    expect(
      thrown(() =>
        combineSections({ sections: many, targets: [target('x', 1), target('y', 2), target('z', 3)] }),
      ),
    ).toMatchObject({ code: 'too-many-sections', path: 'sections' })
  })
})
