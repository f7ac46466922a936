import { describe, expect, it } from 'vitest'
import { foundHow } from '../core/house/found'
import { fittedKinds, itemStates, measuredKinds } from '../core/house/rows'
import { seasonTasks } from '../core/knowledge/season'
import { house } from './en/house'
import { say } from './say'

describe('what is said of the house', () => {
  it('has a name for everything that is listed', () => {
    const keys = [
      ...fittedKinds.map((kind) => `fitted.${kind}`),
      ...measuredKinds.map((kind) => `measured.${kind}`),
      ...foundHow.map((how) => `found.${how}`),
      ...itemStates.flatMap((state) => [`state.${state}`, `round.ticked-${state}`]),
      ...seasonTasks.flatMap(({ id, kit }) => [
        `task.${id}`,
        `how.${id}`,
        ...kit.map((each) => `kit.${each}`),
      ]),
    ]
    for (const key of keys) expect(house[key], key).toMatch(/./)
  })

  it('tells of what is done inside that it is made dead first, or unplugged', () => {
    for (const { id, inside } of seasonTasks)
      if (inside) expect(house[`how.${id}`], id).toMatch(/dead|unplugged/i)
  })

  it('counts as people do', () => {
    const kept = (count: number) => say({ key: 'readings.added', params: { count, title: 'Hood' } }, house)
    expect([0, 1, 2].map(kept)).toEqual([
      'No new reading: all of these are here already.',
      'A reading of Hood was kept.',
      '2 readings of Hood were kept.',
    ])
    const left = (count: number) => say({ key: 'spare.used', params: { left: count, title: 'Hood' } }, house)
    expect([0, 1, 2].map(left).map((text) => text.split('; ')[1])).toEqual([
      'none is left.',
      'one is left.',
      '2 are left.',
    ])
  })
})
