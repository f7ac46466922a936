import { describe, expect, it } from 'vitest'
import { plantBuilds } from '../../knowledge/plants'
import { allOff, buildOf, machineOf, nameOf, opened, played } from '../rounds.testing'
import type { Act } from './types'

const bath = buildOf('bath-exhaust-fan', 'shaded-pole')
const outdoor = buildOf('outdoor-unit-fan')
const meter = (
  range: 'volts-ac' | 'volts-dc' | 'low-z' | 'ohm' | 'microfarad' | 'amps',
  red: string,
  black: string,
): Act => ({ act: 'meter', range, red, black })
const value = (drawn: ReturnType<typeof machineOf>, acts: Act[]) =>
  played(drawn, acts).answer.reading?.value ?? null

describe('volts', () => {
  it('between the lines are those of the plate', () => {
    const drawn = machineOf(outdoor)
    expect(
      value(drawn, [...opened(outdoor).slice(0, 2), meter('volts-ac', 'line-1', 'line-2')]),
    ).toBeGreaterThan(230)
    expect(
      value(drawn, [...opened(outdoor).slice(0, 2), meter('volts-ac', 'line-1', 'ground')]),
    ).toBeGreaterThan(114)
  })

  it('behind an open point are none', () => {
    expect(
      value(machineOf(outdoor), [...allOff(outdoor), ...opened(outdoor), meter('low-z', 'line-1', 'line-2')]),
    ).toBeLessThan(0.1)
  })

  it('of a wire that only floats beside a live one are seen by ten megohms, and fall away on the range that loads it', () => {
    const start: Act[] = [{ act: 'point', id: 'wall-switch', to: 'off' }, ...opened(bath)]
    const off: Act[] = [
      ...allOff(bath),
      ...opened(bath),
      { act: 'wire', id: 'fan-black', end: 'to', to: 'off' },
    ]
    const free: Act[] = [...off, { act: 'point', id: 'breaker', to: 'on' }]
    const drawn = machineOf(bath)
    expect(value(drawn, [...free, meter('volts-ac', 'line-1', 'ground')])).toBeGreaterThan(15)
    expect(value(drawn, [...free, meter('low-z', 'line-1', 'ground')])).toBeLessThan(0.5)
    expect(played(drawn, [...free, meter('volts-ac', 'line-1', 'ground')]).answer.text.key).toBe(
      'reading.induced',
    )
    // With the motor on it there is nothing left to float.
    expect(value(drawn, [...start, meter('volts-ac', 'line-1', 'ground')])).toBeLessThan(1)
  })

  it('behind a cover cannot be read, and the cover is named', () => {
    const { answer, state } = played(machineOf(outdoor), [meter('volts-ac', 'coil-1', 'coil-2')])
    expect(answer).toMatchObject({ ok: false, minutes: 0, text: { key: 'probe.covered' } })
    expect(state.minutes).toBe(0)
  })

  it('of a tester light at the wire of the light too, and at a wire that floats beside it', () => {
    const drawn = machineOf(bath)
    const free: Act[] = [
      ...allOff(bath),
      ...opened(bath),
      { act: 'wire', id: 'fan-black', end: 'to', to: 'off' },
      { act: 'point', id: 'breaker', to: 'on' },
    ]
    expect(played(drawn, [...free, { act: 'tester', at: 'light-1' }]).answer.text.key).toBe('tester.lights')
    expect(played(drawn, [...free, { act: 'tester', at: 'ground' }]).answer.text.key).toBe('tester.dark')
  })
})

describe('ohms', () => {
  const free = (build = outdoor): Act[] => [
    ...allOff(build),
    ...opened(build),
    { act: 'wire', id: 'fan-black', end: 'to', to: 'off' },
    { act: 'wire', id: 'fan-white', end: 'to', to: 'off' },
    { act: 'wire', id: 'fan-brown', end: 'to', to: 'off' },
  ]

  it('of three leads add up: start to run is run and start winding in a row', () => {
    const drawn = machineOf(outdoor)
    const read = (a: string, b: string) =>
      value(drawn, [...free(), meter('ohm', `lead-${a}`, `lead-${b}`)]) ?? 0
    const [run, start, both] = [read('black', 'white'), read('black', 'brown'), read('white', 'brown')]
    expect(run).toBeGreaterThan(15)
    expect(both).toBeCloseTo(run + start, 0)
  })

  it('of an open winding are over-range, to the case of a grounded one they are few', () => {
    const open = machineOf(outdoor, ['winding-open'])
    const pairs = [
      ['black', 'white'],
      ['black', 'brown'],
      ['white', 'brown'],
    ] as const
    const readings = pairs.map(([a, b]) => value(open, [...free(), meter('ohm', `lead-${a}`, `lead-${b}`)]))
    expect(readings).toContain(null)
    const grounded = machineOf(outdoor, ['winding-grounded'])
    expect(value(grounded, [...free(), meter('ohm', 'lead-white', 'fan-frame')])).toBeLessThan(20)
    expect(value(machineOf(outdoor), [...free(), meter('ohm', 'lead-white', 'fan-frame')])).toBeNull()
  })

  it('with the probes on one point are those of the leads', () => {
    expect(
      value(machineOf(outdoor), [...opened(outdoor).slice(0, 2), meter('ohm', 'ground', 'ground')]),
    ).toBeLessThan(0.5)
  })

  it('on mains break the meter or burst it; µF on a charge breaks it too', () => {
    const covers = opened(outdoor).slice(0, 2)
    expect(played(machineOf(outdoor), [...covers, meter('ohm', 'line-1', 'line-2')]).state.over).toEqual({
      hurt: 'arc',
    })
    const across = played(machineOf(outdoor), [...covers, meter('ohm', 'line-1', 'ground')])
    expect(across.answer.hurt ?? across.answer.broke).toBeTruthy()
  })
})

describe('µF', () => {
  const off: Act[] = [
    ...allOff(outdoor),
    ...opened(outdoor),
    { act: 'wire', id: 'fan-brown', end: 'to', to: 'off' },
  ]

  it('of a section with its wires off are its own, and a finding as a job would note it', () => {
    const { answer } = played(machineOf(outdoor), [...off, meter('microfarad', 'C', 'FAN')])
    expect(answer.reading?.value).toBeGreaterThan(4.8)
    expect(answer.reading?.value).toBeLessThan(5.2)
    expect(answer.sense).toEqual({ 'capacitor-fan-reading': 'within' })
  })

  it('follow the fault', () => {
    const told = (cause: 'capacitor-weak' | 'capacitor-open' | 'capacitor-shorted') =>
      played(machineOf(outdoor, [cause]), [...off, meter('microfarad', 'C', 'FAN')]).answer.sense?.[
        'capacitor-fan-reading'
      ]
    expect([told('capacitor-weak'), told('capacitor-open'), told('capacitor-shorted')]).toEqual([
      'low',
      'open',
      'short',
    ])
  })

  it('with its wires on read the windings along and say nothing of it', () => {
    const { answer } = played(machineOf(outdoor), [
      ...allOff(outdoor),
      ...opened(outdoor),
      meter('microfarad', 'C', 'FAN'),
    ])
    expect(answer.sense).toBeUndefined()
  })
})

describe('the amps socket', () => {
  it('across mains is an arc', () => {
    const { state, answer } = played(machineOf(outdoor), [
      ...opened(outdoor).slice(0, 2),
      meter('amps', 'line-1', 'line-2'),
    ])
    expect(state.over).toEqual({ hurt: 'arc' })
    expect(answer.broke).toContain('meter')
  })

  it('across 24 V blows its fuse and that of the transformer', () => {
    const { state, answer } = played(machineOf(outdoor), [
      ...opened(outdoor).slice(0, 2),
      meter('amps', 'coil-1', 'coil-2'),
      { act: 'run', seconds: 5 },
    ])
    expect(state.over).toBeNull()
    expect(answer.ok).toBe(true)
    expect(state.broke).toContain('meter-fuse')
    expect(state.traits.transformers['indoor-transformer']?.fuse).toBe(false)
    expect(state.closed).toEqual([])
  })

  it('with the lead in the wrong socket reads nothing', () => {
    const acts: Act[] = [
      ...opened(outdoor).slice(0, 2),
      { act: 'meter', range: 'amps', jack: 'v', red: 'line-1', black: 'line-2' },
    ]
    expect(played(machineOf(outdoor), acts).answer).toMatchObject({
      text: { key: 'meter.wrong-jack' },
      reading: { value: 0 },
    })
  })
})

it.each(plantBuilds.map((build) => [nameOf(build), build] as const))(
  'a clamp round a lead of %s agrees with the circuit',
  (_, build) => {
    const drawn = machineOf(build)
    const wire = build.wires.find(({ from, to }) => from === 'lead-black' && to !== 'ground')
    if (!wire || build.supply.hz === 0) return
    const { answer } = played(drawn, [
      ...allOff(build),
      ...opened(build),
      ...build.points.map(({ id }): Act => ({ act: 'point', id, to: 'on' })),
      { act: 'run', seconds: 30 },
      { act: 'clamp', wire: wire.id },
    ])
    const [amps = 0] = Array.isArray(build.plate.amps) ? build.plate.amps : []
    if (amps) expect(answer.reading?.value).toBeGreaterThan(0.2 * Number(amps))
    expect(answer.reading?.value ?? 0).toBeLessThan(12)
  },
)
