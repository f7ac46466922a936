import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { capacitorDrift } from '../drift'
import { polesOf, rpmFromBeat, synchronousRpm } from '../speed'
import { currentAgainstPlate, voltageWalk } from '.'

describe('the voltage walk', () => {
  it('finds where the voltage is lost', () => {
    expect(
      voltageWalk(
        [
          { point: 'supply', volts: 241 },
          { point: 'output', volts: 3 },
        ],
        [208, 230],
      ).lostBetween,
    ).toEqual(['supply', 'output'])
    expect(
      voltageWalk(
        [
          { point: 'supply', volts: 241 },
          { point: 'output', volts: 240 },
          { point: 'motor', volts: 0 },
        ],
        [230],
      ).lostBetween,
    ).toEqual(['output', 'motor'])
    expect(voltageWalk([{ point: 'supply', volts: 0.4 }], [120])).toMatchObject({
      lostBetween: null,
      text: expect.stringMatching(/breaker/),
    })
  })

  it('takes 187 to 253 V as normal on a 208–230 V plate', () => {
    const verdict = (volts: number) =>
      voltageWalk([{ point: 'supply', volts }], [208, 230]).points[0]!.verdict
    expect([186, 188, 252, 254].map(verdict)).toEqual(['low', 'normal', 'normal', 'high'])
  })

  it('judges a call and a closed pole by their own limits', () => {
    const [call, drop] = voltageWalk(
      [
        { point: 'call', volts: 26 },
        { point: 'contactor-drop', volts: 1.6 },
      ],
      [230],
    ).points
    expect(call!.verdict).toBe('normal')
    expect(drop!.text).toMatch(/burnt/)
  })
})

describe('speed and poles', () => {
  it('tells poles from the plate', () => {
    expect([1075, 825, 1550, 3450].map((rpm) => polesOf(rpm, 60)!.poles)).toEqual([6, 8, 4, 2])
    expect(polesOf(1390, 50)!.poles).toBe(4)
    expect(polesOf(4000, 60)).toBeNull()
  })

  it('always answers a speed under its synchronous one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 310, max: 3590 }), (rpm) => {
        const found = polesOf(rpm, 60)!
        expect(found.synchronousRpm).toBe(synchronousRpm(60, found.poles))
        expect(found.synchronousRpm).toBeGreaterThan(rpm)
        expect(found.slip).toBeGreaterThan(0)
      }),
    )
  })

  it('reads a beat, with missed turns and a bouncing finger', () => {
    const even = Array.from({ length: 12 }, (_, i) => i * 400)
    expect(rpmFromBeat(even)!.rpm).toBeCloseTo(150)
    expect(rpmFromBeat(even.filter((_, i) => i !== 5))!.rpm).toBeCloseTo(150)
    expect(rpmFromBeat([...even.slice(0, 4), even[3]! + 20, ...even.slice(4)])!.rpm).toBeCloseTo(150, 0)
    expect(rpmFromBeat([0, 400])).toBeNull()
  })
})

describe('drift of a capacitor', () => {
  const window = { lowUf: 4.7, highUf: 5.3 }
  it('tells when it leaves its window, with an interval', () => {
    const drift = capacitorDrift(
      [
        { years: 0, uF: 5.1 },
        { years: 1, uF: 5.02 },
        { years: 2, uF: 4.9 },
        { years: 3, uF: 4.82 },
      ],
      window,
    )!
    expect(drift.perYearUf).toBeCloseTo(-0.096, 2)
    expect(drift.leavesAtYears).toBeCloseTo(4.2, 0)
    expect(drift.earliestYears!).toBeLessThan(drift.leavesAtYears!)
    expect(drift.latestYears!).toBeGreaterThan(drift.leavesAtYears!)
  })
  it('gives back an exact line and its date', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.5, noNaN: true }), (rate) => {
        const drift = capacitorDrift(
          [0, 1, 2].map((years) => ({ years, uF: 5.2 - rate * years })),
          window,
        )!
        expect(drift.leavesAtYears).toBeCloseTo(0.5 / rate, 6)
      }),
    )
  })
  it('needs two times', () => {
    expect(capacitorDrift([{ years: 1, uF: 5 }], window)).toBeNull()
    expect(
      capacitorDrift(
        [
          { years: 1, uF: 5 },
          { years: 1, uF: 5.1 },
        ],
        window,
      ),
    ).toBeNull()
  })
})

describe('running current against the plate', () => {
  it.each([
    [1.1, 'normal'],
    [1.25, 'over'],
    [0.4, 'low'],
  ])('%d A of 1.1 A', (amps, verdict) => {
    expect(currentAgainstPlate(amps, 1.1).verdict).toBe(verdict)
  })
})
