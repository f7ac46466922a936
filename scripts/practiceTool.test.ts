import { describe, expect, it } from 'vitest'
import { findTool, runTool } from '../src/core/tools'
import { practiceTool } from './practiceTool'

interface Said {
  code: string
  machine: Record<string, unknown> & {
    probes: { id: string; says: string; behind: string | null }[]
    wires: object[]
  }
  answers: {
    ok: boolean
    minutes: number
    text: string
    reading?: { display: string; value: number | null }
  }[]
  state: {
    minutes: number
    points: Record<string, string>
    covers: Record<string, string>
    over: object | null
  }
  truth?: {
    nodes: Record<string, { volts: number; degrees: number }>
    circuit: object
    capacitors: Record<string, object>
    motor: Record<string, unknown>
  }
  review?: Record<string, unknown>
}
const practised = async (input: object) => (await runTool(practiceTool, input)) as unknown as Said
const outdoors = { family: 'outdoor-unit-fan', seed: 12, level: 'plain' }
const opened = [
  { act: 'cover', id: 'disconnect-box', to: 'off' },
  { act: 'cover', id: 'service-panel', to: 'off' },
]

describe('cog practice', () => {
  it('answers each act in its order, with the machine as a person can know it', async () => {
    const { machine, answers, state, truth, review } = await practised({
      round: outdoors,
      acts: [...opened, { act: 'meter', range: 'volts-ac', red: 'line-1', black: 'line-2' }],
    })
    expect(Object.keys(machine)).toEqual(
      expect.arrayContaining([
        'family',
        'motorKind',
        'plate',
        'capacitorLabel',
        'story',
        'covers',
        'points',
        'probes',
        'wires',
      ]),
    )
    expect(machine.probes).toContainEqual({
      id: 'line-1',
      says: expect.any(String),
      behind: 'disconnect-box',
    })
    expect(answers.map(({ ok, minutes }) => [ok, minutes])).toEqual([
      [true, 3],
      [true, 3],
      [true, 1],
    ])
    expect(answers[2]?.reading).toMatchObject({
      display: expect.stringMatching(/ V$/),
      value: expect.any(Number),
      unit: 'V',
      uncertainty: expect.any(Number),
    })
    expect(state).toMatchObject({
      minutes: 7,
      points: { breaker: 'on' },
      covers: { 'service-panel': 'off', 'top-grille': 'on' },
      over: null,
    })
    expect([truth, review]).toEqual([undefined, undefined])
  })

  it('is the same from its code, to the last digit, with the truth on demand', async () => {
    const acts = [
      ...opened,
      { act: 'run', seconds: 40 },
      { act: 'meter', range: 'volts-ac', red: 'C', black: 'FAN' },
    ]
    const one = await practised({ round: outdoors, acts, truth: true })
    const two = await practised({ round: { code: one.code }, acts, truth: true })
    expect(two).toEqual(one)
    expect(Object.keys(one.truth?.capacitors ?? {})).toEqual(['FAN', 'HERM'])
  })

  it('tells as truth what the circuit tool makes of the same circuit', async () => {
    const circuit = findTool('circuit')
    if (!circuit) throw new Error('no circuit tool')
    for (const family of [
      'outdoor-unit-fan',
      'furnace-blower',
      'rv-furnace-blower',
      'mini-split-indoor-fan',
    ]) {
      const { truth } = await practised({
        round: { family, seed: '7' },
        acts: [{ act: 'run', seconds: 30 }],
        truth: true,
      })
      const solved = (await runTool(circuit, truth?.circuit)) as {
        nodes: Record<string, { volts: number; degrees: number }>
      }
      for (const [probe, { volts }] of Object.entries(truth?.nodes ?? {})) {
        const there = solved.nodes[probe]
        if (there) expect([probe, volts]).toEqual([probe, there.volts])
      }
    }
  })

  it('looks back once it was decided', async () => {
    const { review, state } = await practised({
      round: { ...outdoors, faults: ['bearing-seized'] },
      acts: [{ act: 'listen' }, { act: 'decide', cause: 'bearing-seized' }],
    })
    expect(state.over).toEqual({ decided: 'bearing-seized' })
    expect(review).toMatchObject({
      right: true,
      causes: ['bearing-seized'],
      dangerous: [],
      bits: [expect.any(Number), 0],
      best: expect.any(Array),
    })
  })

  it.each([
    [{ round: { family: 'toaster', seed: '1' }, acts: [] }, 'unknown-family'],
    [{ round: { code: 'OU-1' }, acts: [] }, 'bad-code'],
    [{ round: outdoors, acts: [{ act: 'dance' }] }, 'unknown-act'],
    [{ round: outdoors, acts: [{ act: 'tester', at: 'nose' }] }, 'unknown-probe'],
    [{ round: outdoors, acts: [{ act: 'wire', id: 'fan-brown', end: 'to', to: 'nose' }] }, 'unknown-probe'],
    [{ round: outdoors, acts: [{ act: 'wait', minutes: -1 }] }, 'invalid-input'],
    [{ acts: [] }, 'invalid-input'],
  ])('refuses %j', async (input, code) => {
    await expect(practised(input)).rejects.toMatchObject({ code })
  })
})
