import { describe, expect, it } from 'vitest'
import { samples, seedOf } from '../../../sampling.testing'
import { seeded } from '../../random'
import { walk } from './walks.testing'

describe('two windows at one job', () => {
  it('never let hands in where the trace of what was done does not justify it: undo, outage, age and duplicates included', () => {
    const results = Array.from({ length: samples(30, 1000) }, (_, seed) =>
      walk(200, seeded(seedOf(seed + 1))),
    )
    const opened = results.reduce((sum, { opened }) => sum + opened, 0)
    expect(results.flatMap(({ unjustified }) => unjustified)).toEqual([])
    // The walks come to states in which hands may go in, or they would prove nothing.
    expect(opened).toBeGreaterThan(150)
  })
})
