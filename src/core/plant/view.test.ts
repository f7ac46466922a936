import { describe, expect, it } from 'vitest'
import { plantBuilds } from '../knowledge/plants'
import type { Act, Here } from './acts/types'
import { dead } from './advisor/procedures'
import type { Drawn } from './draw'
import { evidenceOf } from './evidence'
import { layoutOf } from './layout'
import { play } from './play'
import { allOff, buildOf, machineOf, nameOf, opened } from './rounds.testing'
import { viewOf } from './view'

const outdoor = buildOf('outdoor-unit-fan')
const shown = (drawn: Drawn, acts: Act[]) => {
  const { state, answers } = play(drawn, acts)
  return viewOf(drawn, state, acts, answers, evidenceOf(drawn, answers))
}
const proof = (drawn: Drawn): Act[] => {
  const here: Here = { machine: drawn.machine, state: drawn.start, nth: 0 }
  return dead(here)
}

describe('the power line of a round', () => {
  it('is live while its points are on, off with one of them off, proved by the whole procedure alone', () => {
    const drawn = machineOf(outdoor)
    expect(shown(drawn, []).power).toBe('live')
    expect(shown(drawn, [{ act: 'point', id: 'disconnect', to: 'off' }]).power).toBe('off')
    expect(shown(drawn, [{ act: 'point', id: 'thermostat', to: 'off' }]).power).toBe('live')
    const acts = proof(drawn)
    expect(shown(drawn, acts).power).toBe('proven')
    // Without any one act of it that belongs to the proof, it is not.
    const needed = acts.filter(
      (act) => act.act === 'held' || (act.act === 'meter' && act.range !== 'volts-dc'),
    )
    for (const left of needed.filter((act) => act.act !== 'held' || act.id !== 'thermostat'))
      expect([
        left,
        shown(
          drawn,
          acts.filter((act) => act !== left),
        ).power,
      ]).toEqual([left, 'off'])
    expect(shown(drawn, [...acts, { act: 'point', id: 'breaker', to: 'on' }]).power).toBe('off')
  })

  it('shows a tripped breaker as off and tripped', () => {
    const view = shown(machineOf(outdoor, ['winding-grounded']), [{ act: 'run', seconds: 600 }])
    expect(view.points.find(({ id }) => id === 'breaker')).toMatchObject({ on: false, tripped: true })
  })
})

describe('what was read', () => {
  const drawn = machineOf(outdoor, ['capacitor-weak'])
  const off: Act[] = [
    ...allOff(outdoor),
    ...opened(outdoor),
    { act: 'wire', id: 'fan-brown', end: 'to', to: 'off' },
  ]

  it('stands in its window, the last reading of each section', () => {
    expect(shown(drawn, off).strips).toEqual([])
    const [strip] = shown(drawn, [
      ...off,
      { act: 'meter', range: 'microfarad', red: 'C', black: 'FAN' },
    ]).strips
    expect(strip).toMatchObject({
      id: 'FAN',
      nominal: 5,
      low: expect.closeTo(4.7, 9),
      high: expect.closeTo(5.3, 9),
    })
    expect(strip?.reading).toBeLessThan(4.7)
  })

  it('is a tree once every pair of the leads was read', () => {
    const sound = machineOf(outdoor)
    const free: Act[] = [
      ...off,
      { act: 'wire', id: 'fan-black', end: 'to', to: 'off' },
      { act: 'wire', id: 'fan-white', end: 'to', to: 'off' },
    ]
    const pairs: Act[] = [
      ['black', 'white'],
      ['black', 'brown'],
      ['white', 'brown'],
    ].map(([a, b]) => ({ act: 'meter', range: 'ohm', red: `lead-${a}`, black: `lead-${b}` }))
    expect(shown(sound, [...free, ...pairs.slice(0, 2)]).winding).toBeNull()
    expect(shown(sound, [...free, ...pairs]).winding).toMatchObject({
      verdict: 'good',
      roles: { 'lead-black': 'common' },
    })
  })

  it('behind a cover is out of reach until it is off', () => {
    expect(shown(drawn, []).reach).not.toContain('FAN')
    expect(shown(drawn, opened(outdoor)).reach).toContain('FAN')
  })
})

describe.each(plantBuilds.map((build) => [nameOf(build), build] as const))(
  'the drawing of %s',
  (_, build) => {
    it.each([false, true])(
      'has a place of its own for each terminal, inside its box (narrow: %s)',
      (narrow) => {
        const { boxes, dots, width, height } = layoutOf(build, narrow)
        expect(dots.map(({ id }) => id).sort()).toEqual(build.terminals.map(({ id }) => id).sort())
        expect(new Set(dots.map(({ x, y }) => `${x} ${y}`)).size).toBe(dots.length)
        for (const dot of dots) {
          const box = boxes.find(({ id }) => id === dot.box)
          expect(
            box && dot.x > box.x && dot.x < box.x + box.width && dot.y > box.y && dot.y < box.y + box.height,
          ).toBe(true)
        }
        for (const [i, one] of boxes.entries()) {
          expect(one.x >= 0 && one.x + one.width <= width && one.y + one.height <= height).toBe(true)
          for (const two of boxes.slice(i + 1))
            expect(
              one.x + one.width <= two.x ||
                two.x + two.width <= one.x ||
                one.y + one.height <= two.y ||
                two.y + two.height <= one.y,
            ).toBe(true)
        }
      },
    )
  },
)
