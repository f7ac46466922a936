import { describe, expect, it } from 'vitest'
import { act, bath, field } from '../job.testing'
import { speedOfJob } from './speedOfJob'

const running = (rpm: string, plate = '1075') =>
  speedOfJob(act(bath(), field('motor-old', 'rpm', plate), field('sound', 'rpm', rpm)))

describe('the speed at which a fan runs', () => {
  it('is held against its plate: load takes up to 15 %, less than that is a sign', () => {
    expect(running('1042')).toMatchObject({ verdict: 'as-plate', poles: 6, synchronous: 1200 })
    expect(running('914')?.verdict).toBe('as-plate')
    expect(running('913')?.verdict).toBe('slow')
  })

  it('is as its plate says on each speed that the plate names', () => {
    expect(running('830', '1075/825')).toMatchObject({ verdict: 'as-plate', plate: [1075, 825] })
    expect(running('700', '1075/825')?.verdict).toBe('slow')
  })

  it('cannot be faster than the field of its motor turns', () => {
    expect(running('1223')?.verdict).toBe('as-plate')
    expect(running('1225')?.verdict).toBe('too-fast')
  })

  it('names the field that turns next above it where no plate was read', () => {
    expect(running('1042', '')).toMatchObject({ verdict: 'no-plate', poles: 6, synchronous: 1200 })
    expect(running('9000', '')).toMatchObject({ verdict: 'no-plate', poles: null })
  })

  it('is none where nothing was typed, or no number', () => {
    expect(running('')).toBeNull()
    expect(running('fast')).toBeNull()
    expect(running('0')).toBeNull()
  })
})
