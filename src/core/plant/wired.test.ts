import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples, seedOf } from '../../sampling.testing'
import { plantBuilds } from '../knowledge/plants'
import { TASK_IDS, type TaskId, wireTask, wireTasks } from '../knowledge/plants/tasks'
import type { Act } from './acts/types'
import { wiringWalk } from './advisor/wiring'
import { planOfCode } from './code'
import { type Drawn, drawMachine } from './draw'
import { planOf } from './input'
import { play } from './play'
import { isWired, notWired } from './wired'

const machineOf = (task: TaskId) => drawMachine(planOf({ task, seed: '3' }))

/** The careful walk with some leads landed elsewhere; `to` of a wire by its id. */
function landedOn(drawn: Drawn, places: Record<string, string>): Act[] {
  const turned = wiringWalk(drawn).map((act): Act => {
    const place = act.act === 'wire' && act.end === 'to' && act.to !== 'off' ? places[act.id] : undefined
    return act.act === 'wire' && place ? { ...act, to: place } : act
  })
  return turned.filter((act) => act.act !== 'decide')
}

/** What is told first of these landings; null where they are right. */
function told(task: TaskId, places: Record<string, string>): string | null {
  const drawn = machineOf(task)
  const { state } = play(drawn, landedOn(drawn, places))
  return notWired(drawn, state)[0]?.key ?? null
}

describe.each(TASK_IDS)('what is to be wired: %s', (task) => {
  const drawn = machineOf(task)

  it('is not right as it is met, and right by the careful walk, in which nothing is against the procedure', () => {
    expect(isWired(drawn, drawn.start)).toBe(false)
    const acts = wiringWalk(drawn)
    const { state, answers } = play(drawn, acts.slice(0, -1))
    expect(answers.filter(({ ok, hurt, against }) => !ok || hurt || against)).toEqual([])
    expect(isWired(drawn, state)).toBe(true)
    expect(play(drawn, acts).answers.at(-1)?.text).toEqual({ key: 'decide.wired' })
  })

  it('comes back from its code as the same machine', () => {
    expect(planOfCode(drawn.code)).toEqual(drawn.plan)
    expect(drawMachine(planOfCode(drawn.code))).toEqual(drawn)
  })
})

it('of every machine its own motor can be wired, by a walk in which nothing is against the procedure', () => {
  for (const { family, kind } of plantBuilds) {
    const drawn = drawMachine({ family, motorKind: kind, level: 'wire', seed: '3' })
    const { answers } = play(drawn, wiringWalk(drawn))
    const amiss = answers.filter(({ ok, hurt, against }) => !ok || hurt || against).map(({ text }) => text)
    expect([family, kind, amiss, answers.at(-1)?.text]).toEqual([family, kind, [], { key: 'decide.wired' }])
  }
})

it('is a round of its own machine alone', () => {
  expect(() => planOfCode('FB-3-psc_multispeed-wire-t0-v1')).toThrow('cannot have')
  expect(() => planOfCode('OU-3-psc-plain-t0-v1')).toThrow('cannot have')
  expect(() => planOfCode('OU-3-psc-wire-t99-v1')).toThrow('cannot have')
  expect(() => planOf({ task: 'solder', seed: '3' })).toThrow('other-leads')
  expect(wireTasks.map(({ id }) => id)).toEqual([...TASK_IDS])
  expect(wireTask('solder')).toBeUndefined()
})

it('a motor that was not powered is not wired, and one that turns the other way is told by its turn', () => {
  const drawn = machineOf('turn-plug')
  expect(notWired(drawn, drawn.start)[0]?.key).toBe('wired.unpowered')
  const on = drawn.machine.build.points.map(({ id }): Act => ({ act: 'point', id, to: 'on' }))
  const { state, answers } = play(drawn, [
    ...on,
    { act: 'run', seconds: 30 },
    { act: 'decide', cause: 'none' },
  ])
  expect(state.motors.fan?.omega).toBeLessThan(-50)
  expect(answers.at(-1)?.text).toMatchObject({
    key: 'decide.unwired',
    params: { first: { key: 'wired.turn' } },
  })
})

describe('leads of another maker', () => {
  it('by the colours of the old motor only hum: its black one was the common', () => {
    expect(told('other-leads', { 'fan-black': 'contactor-out-1', 'fan-purple': 'contactor-out-2' })).toBe(
      'wired.unpowered',
    )
  })
  it('are right wherever the circuit is the same: what comes back from the run winding may sit on the capacitor', () => {
    expect(told('other-leads', { 'fan-brown-white': 'C' })).toBeNull()
    expect(told('other-leads', { 'fan-brown-white': 'contactor-out-2', 'fan-black': 'C' })).toBeNull()
  })
  it('are right where run and return share a node with C, the common is on the other line and start on FAN, and nowhere else', () => {
    const places = ['contactor-out-1', 'contactor-out-2', 'FAN', 'C', 'park-1'] as const
    const place = fc.constantFrom(...places)
    const lineTwo = ['contactor-out-2', 'C']
    fc.assert(
      fc.property(place, place, fc.constantFrom('FAN', 'FAN', 'C'), place, (purple, black, brown, back) => {
        const right =
          purple === 'contactor-out-1' &&
          brown === 'FAN' &&
          (lineTwo.includes(black) ? [...lineTwo, 'park-1'] : lineTwo).includes(back)
        // Run and return are one wire in the motor: either of them may be the one that is fed, the other one parked or beside it.
        const fed = lineTwo.includes(black) || black === 'park-1'
        // Two parked leads under one cap are joined there: run and return are the same anyhow.
        const found = told('other-leads', {
          'fan-purple': purple,
          'fan-black': black,
          'fan-brown': brown,
          'fan-brown-white': back,
        })
        expect(found === null).toBe(right && fed)
      }),
      { numRuns: samples(8, 250), seed: seedOf(31), examples: [['contactor-out-1', 'park-1', 'FAN', 'C']] },
    )
  })
})

describe('two capacitors of one section for a dual one', () => {
  it.each([
    ['the fan on the large one', { 'fan-brown': 'large-2', 'comp-start': 'small-2' }],
    ['both starts on the common posts', { 'fan-brown': 'small-1' }],
    ['the feed on the side of a start', { 'feed-c': 'small-2' }],
  ])('%s', (_, places) => {
    expect(told('two-singles', places)).not.toBeNull()
  })
  it('are fed at either of the posts that the jumper joins', () => {
    expect(told('two-singles', { 'feed-c': 'large-1' })).toBeNull()
  })
})

describe('four speeds on three terminals', () => {
  it.each([
    [
      'the second fastest for the second slowest',
      { 'fan-yellow': 'board-medium', 'fan-blue': 'park-1' },
      'wired.fast',
    ],
    ['fastest and slowest exchanged', { 'fan-black': 'board-low', 'fan-red': 'board-high' }, 'wired.slow'],
    ['a start lead that is parked', { 'fan-brown': 'park-2' }, 'wired.unpowered'],
  ])('%s', (_, places, first) => {
    expect(told('four-speeds', places)).toBe(first)
  })
  it('two taps on one terminal join the turns between them', () => {
    expect(told('four-speeds', { 'fan-yellow': 'board-medium' })).not.toBeNull()
  })
})
