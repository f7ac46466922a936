import { describe, expect, it } from 'vitest'
import type { Act } from '../job/acts/actTypes'
import { act, bath, id } from '../job/job.testing'
import { heardOf } from '../job/proving/sounds'
import { bearingTones } from '../sound/hear'
import { bearingInJob } from './bearingBalls'

const sizes = (bore: string, outer: string, width: string) =>
  act(
    bath(),
    ...Object.entries({ bearingBore: bore, bearingOuter: outer, bearingWidth: width }).map(
      ([field, typed]): Act => ({ kind: 'field.set', id: id(), part: 'fit', field, typed: `${typed} mm` }),
    ),
  )

describe('the bearing that a job knows', () => {
  it('gives the ear its balls, so that a beat has the name of its race', () => {
    const job = sizes('17', '40', '12')
    expect(bearingInJob(job)).toEqual({ balls: 8, ballMm: 6.747, pitchMm: 28.5 })
    expect(heardOf(job).bearing?.balls).toBe(8)
    // A 6203 at 1750: outer race near 3.05, inner race near 4.95 to a turn, as tables of the trade have it.
    const tones = bearingTones({ balls: 8, ballMm: 6.747, pitchMm: 28.5 }, 1750)
    expect(tones['outer-race'] / (1750 / 60)).toBeCloseTo(3.05, 1)
    expect(tones['inner-race'] / (1750 / 60)).toBeCloseTo(4.95, 1)
  })

  it('gives nothing where its sizes name none, nearly one, or one whose balls nobody listed', () => {
    expect(bearingInJob(bath())).toBeNull()
    expect(bearingInJob(sizes('17', '41', '12'))).toBeNull()
    expect(bearingInJob(sizes('3', '9', '5'))).toBeNull()
    expect(heardOf(bath()).bearing).toBeUndefined()
  })
})
