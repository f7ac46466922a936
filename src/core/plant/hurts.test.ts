import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples, seedOf } from '../../sampling.testing'
import { plantBuilds } from '../knowledge/plants'
import type { PlantBuild } from '../knowledge/plants/types'
import { isProven, pairsOf } from './acts/reach'
import type { Act, Here } from './acts/types'
import { dead } from './advisor/procedures'
import { fittingFaults, hereOf } from './draw'
import { step } from './play'
import { allOff, buildOf, machineOf, nameOf, opened, played } from './rounds.testing'
import { settle } from './settle'
import type { PlantState } from './state'

const outdoor = buildOf('outdoor-unit-fan')
const panel = opened(outdoor).slice(0, 2)

/** Rounds in which the start lead let go of the capacitor while it ran, and it kept more than the limit. */
const letGo = Array.from({ length: samples(40, 240) }, (_, i) =>
  machineOf(outdoor, ['wiring-loose-or-burnt'], `joint${i}`),
).flatMap((drawn) => {
  const { joint } = drawn.machine.traits
  if (!joint?.flickers || joint.wire !== 'fan-brown') return []
  const acts: Act[] = [...panel, { act: 'run', seconds: 60 }, ...allOff(outdoor)]
  const { state } = played(drawn, acts)
  return Math.abs(state.charge.FAN ?? 0) > 60 ? [{ drawn, acts }] : []
})

describe('a hand', () => {
  it('on a wire that is live is hurt, and the point that was on is named', () => {
    const { state, answer } = played(machineOf(outdoor), [
      ...panel,
      { act: 'wire', id: 'fan-black', end: 'to', to: 'off' },
    ])
    expect(state.over).toEqual({ hurt: 'shock' })
    expect(answer.hurt?.volts).toBeGreaterThan(100)
    expect(answer.text).toMatchObject({ key: 'hurt.shock', params: { point: { key: 'point.breaker' } } })
  })

  it('on the supply wires is hurt with the thermostat off alone', () => {
    const acts: Act[] = [
      { act: 'point', id: 'thermostat', to: 'off' },
      { act: 'held', id: 'thermostat' },
      ...panel,
      { act: 'wire', id: 'supply-1', end: 'to', to: 'off' },
    ]
    expect(played(machineOf(outdoor), acts).state.over).toEqual({ hurt: 'shock' })
  })

  it('at a capacitor whose wire let go while it ran meets what it held then, over the limit of household standards', () => {
    const hurt = letGo.map(({ drawn, acts }) =>
      played(drawn, [...acts, { act: 'wire', id: 'fan-brown', end: 'to', to: 'off' }]),
    )
    expect(hurt.length).toBeGreaterThan(0)
    for (const { answer, state } of hurt) {
      expect(state.over).toEqual({ hurt: 'charge' })
      expect(answer.hurt?.volts).toBeGreaterThan(50)
    }
  })

  it('at the same capacitor, let down and read, is not', () => {
    for (const { drawn, acts } of letGo) {
      const { state } = played(drawn, acts)
      const here = hereOf(drawn, state, 0)
      const { answers, state: end } = played(drawn, [
        ...acts,
        ...dead(here),
        { act: 'wire', id: 'fan-brown', end: 'to', to: 'off' },
      ])
      expect(end.over).toBeNull()
      expect(answers.flatMap(({ against }) => (against ? [against] : []))).toEqual([])
    }
  })

  it('at the plug of a motor that a board feeds meets what its bus still holds', () => {
    const ductless = buildOf('mini-split-indoor-fan')
    const acts: Act[] = [
      ...opened(ductless),
      { act: 'point', id: 'disconnect', to: 'off' },
      { act: 'wire', id: 'fan-red', end: 'to', to: 'off' },
    ]
    expect(played(machineOf(ductless, ['bldc-motor-failed']), acts).state.over).toEqual({ hurt: 'charge' })
    const waited: Act[] = [
      ...allOff(ductless),
      ...opened(ductless),
      { act: 'wait', minutes: 15 },
      { act: 'wire', id: 'fan-red', end: 'to', to: 'off' },
    ]
    expect(played(machineOf(ductless, ['bldc-motor-failed']), waited).state.over).toBeNull()
  })

  it('at a sound one finds nothing: its windings empty it at once', () => {
    for (let i = 0; i < 5; i++) {
      const { state } = played(machineOf(outdoor, [], `sound${i}`), [
        ...panel,
        ...allOff(outdoor),
        { act: 'wait', minutes: 1 },
      ])
      expect(Math.abs(state.charge.FAN ?? 0)).toBeLessThan(1)
      expect(Math.abs(state.charge.HERM ?? 0)).toBeLessThan(1)
    }
  })

  it('at a wheel that turns is hurt, and at one that may start by itself', () => {
    expect(played(machineOf(outdoor), [{ act: 'turn' }]).state.over).toEqual({ hurt: 'wheel' })
    const waiting = machineOf(outdoor, ['contactor-coil-open'])
    expect(played(waiting, [{ act: 'turn' }]).answer.text.key).toBe('hurt.wheel-starts')
    expect(played(waiting, [...allOff(outdoor), { act: 'turn' }]).state.over).toBeNull()
  })

  it('behind the cover of a wheel that turns is hurt', () => {
    const bath = buildOf('bath-exhaust-fan', 'shaded-pole')
    expect(played(machineOf(bath), [{ act: 'cover', id: 'grille', to: 'off' }]).state.over).toEqual({
      hurt: 'wheel',
    })
  })

  it('at a joint of gas with the cock open is hurt, and not with it shut', () => {
    const furnace = buildOf('furnace-blower', 'psc-multispeed')
    const open: Act[] = [...allOff(furnace).slice(0, 6), { act: 'cover', id: 'burner-door', to: 'off' }]
    expect(
      played(machineOf(furnace), [...open, { act: 'cover', id: 'gas-joint', to: 'off' }]).state.over,
    ).toEqual({ hurt: 'gas' })
    const shut: Act[] = [
      ...open,
      { act: 'point', id: 'gas-cock', to: 'off' },
      { act: 'cover', id: 'gas-joint', to: 'off' },
    ]
    expect(played(machineOf(furnace), shut).state.over).toBeNull()
  })
})

describe('what does not hurt and is told', () => {
  it('a wire off a dead machine that nobody proved', () => {
    const { state, answer } = played(machineOf(outdoor), [
      ...allOff(outdoor),
      ...panel,
      { act: 'wire', id: 'fan-black', end: 'to', to: 'off' },
    ])
    expect(state.over).toBeNull()
    expect(answer.against).toEqual({ key: 'against.unproven' })
  })

  it('a screwdriver across a charge, which it welds', () => {
    const told = letGo.map(
      ({ drawn, acts }) => played(drawn, [...acts, { act: 'discharge', a: 'C', b: 'FAN', ohm: 0.01 }]).answer,
    )
    expect(told.length).toBeGreaterThan(0)
    for (const { text, against } of told)
      expect([text.key, against?.key]).toEqual(['discharge.spark', 'against.screwdriver'])
  })

  it('a resistor lead on mains smokes', () => {
    const { answer } = played(machineOf(outdoor), [
      ...panel,
      { act: 'discharge', a: 'contactor-out-1', b: 'contactor-out-2', ohm: 20_000 },
    ])
    expect(answer).toMatchObject({ text: { key: 'discharge.burnt' }, broke: ['resistor'] })
  })
})

describe('a motor', () => {
  it('that stands with nothing in it to open burns: varnish is smelt, and its winding is open afterwards', () => {
    const attic = buildOf('attic-vent-fan')
    const { state, answer } = played(machineOf(attic, ['bearing-seized']), [
      { act: 'run', seconds: 900 },
      { act: 'smell' },
    ])
    expect(answer.sense).toEqual({ smell: 'burnt' })
    expect(state.motors.fan?.burnt).toBe(true)
    expect(state.traits.motors.fan?.mainOpen).toBe(true)
  })

  it('whose start winding sits across the line does not start: both windings pull in step', () => {
    const drawn = machineOf(outdoor)
    const here: Here = { machine: drawn.machine, state: drawn.start, nth: 0 }
    const { answer } = played(drawn, [
      ...dead(here),
      { act: 'wire', id: 'fan-brown', end: 'to', to: 'contactor-out-2' },
      ...outdoor.points.map(({ id }): Act => ({ act: 'point', id, to: 'on' })),
      { act: 'run', seconds: 30 },
    ])
    expect(answer.sense).toMatchObject({ 'fan-state': 'hums' })
  })

  it('for half the volts is driven beyond its iron and hot within minutes', () => {
    const drawn = machineOf(outdoor)
    const here: Here = { machine: drawn.machine, state: drawn.start, nth: 0 }
    const put = (volts: number) =>
      played(drawn, [
        ...dead(here),
        { act: 'replace', part: 'motor', with: { volts } },
        ...outdoor.points.map(({ id }): Act => ({ act: 'point', id, to: 'on' })),
        { act: 'run', seconds: 120 },
      ]).state.motors.fan?.windingCelsius ?? 0
    expect(put(120)).toBeGreaterThan(put(240) + 60)
  })

  it('that stands under its volts gets hot until its protector opens, and starts again when it has cooled', () => {
    const drawn = machineOf(outdoor, ['bearing-seized'])
    const hot = played(drawn, [{ act: 'run', seconds: 1500 }])
    expect(hot.state.motors.fan?.windingCelsius).toBeGreaterThan(80)
    const opened = Array.from(
      { length: 30 },
      (_, i) => played(drawn, [{ act: 'run', seconds: 60 * (i + 1) }]).state.motors.fan?.protectorOpen,
    )
    expect(opened).toContain(true)
    expect(opened).toContain(false)
  })
})

/** Something done before, in any order: points, calls, running, waiting. */
const clumsy = (build: PlantBuild) => {
  const points = build.points.map(({ id }) => id)
  return fc.array(
    fc.oneof(
      fc.record({
        act: fc.constant('point' as const),
        id: fc.constantFrom(...points),
        to: fc.constantFrom('off' as const, 'on' as const),
      }),
      fc.record({ act: fc.constant('call' as const), on: fc.boolean() }),
      fc.record({ act: fc.constant('run' as const), seconds: fc.integer({ min: 1, max: 90 }) }),
      fc.record({ act: fc.constant('wait' as const), minutes: fc.integer({ min: 1, max: 20 }) }),
      fc.constant({ act: 'push' as const }),
    ),
    { maxLength: 6 },
  )
}

describe.each(plantBuilds.map((build) => [nameOf(build), build] as const))('the proof of %s', (_, build) => {
  it('hurts nobody, from any state and with any fault, and leaves the machine dead', () => {
    const causes = fittingFaults(build).map(([fault]) => fault.cause)
    fc.assert(
      fc.property(
        fc.constantFrom(...causes),
        clumsy(build),
        fc.integer({ min: 0, max: 99 }),
        (cause, before, seed) => {
          const drawn = machineOf(build, [cause], `proof${seed}`)
          let state: PlantState = drawn.start
          before.forEach((act, nth) => {
            state = step(drawn, state, act, nth).state
          })
          fc.pre(state.over === null)
          // A wheel that still turns is waited for; that is what the procedure says.
          const acts: Act[] = [...allOff(build), { act: 'wait', minutes: 3 }]
          const run = (list: Act[]) =>
            list.forEach((act, i) => {
              const done = step(drawn, state, act, before.length + i)
              expect([act, done.answer.hurt]).toEqual([act, undefined])
              state = done.state
            })
          run(acts)
          run(dead(hereOf(drawn, state, 0)))
          expect(state.over).toBeNull()
          const here = hereOf(drawn, state, 0)
          expect(isProven(here)).toBe(true)
          const { solved } = settle(here.machine, state)
          for (const pair of pairsOf(drawn.machine)) {
            const [a, b] = pair
            const [va, vb] = [solved.volts(a), solved.volts(b)]
            expect(Math.hypot(va.re - vb.re, va.im - vb.im)).toBeLessThan(15)
          }
        },
      ),
      { seed: seedOf(11), numRuns: samples(12) },
    )
  })
})
