import { describe, expect, it } from 'vitest'
import { wiringPhotosOf } from '../../wiring/oldPhotos'
import { act, id, jobOn, line } from '../job.testing'
import { seenBefore } from './seenBefore'

const photo = (lineId: string, way: 'in' | 'back' = 'in') =>
  ({
    kind: 'photo.add',
    id: id(),
    lineId,
    way,
    hash: 'a'.repeat(64),
    caption: '',
  }) as const

describe('how it stood before it came apart', () => {
  const job = act(
    jobOn('dehumidifier-fan', 'psc'),
    line('cover', { action: 'lift-off', part: 'rear cover' }),
    line('can', { action: 'photo', part: 'capacitor with every wire' }),
    line('wire', { action: 'disconnect', part: 'fan wire', terminal: 'FAN' }),
    line('strap', { action: 'loosen', part: 'strap' }),
    line('hub', { action: 'photo', part: 'hub' }),
    line('wheel', { action: 'slide-out', part: 'wheel' }),
  )
  const seen = (of: typeof job, at: string) => seenBefore(of, at)?.line.part ?? null

  it('is on the photo that the way in took ahead of it, the last one where there are two', () => {
    const taken = act(job, photo('can'), photo('hub'))
    expect(seen(taken, 'wire')).toBe('capacitor with every wire')
    expect(seen(taken, 'strap')).toBe('capacitor with every wire')
    expect(seen(taken, 'wheel')).toBe('hub')
    expect(seenBefore(taken, 'wire')?.photos).toHaveLength(1)
  })

  it('is on none that was taken after it, on the way back, or of itself', () => {
    const taken = act(job, photo('can'))
    expect(seen(taken, 'cover')).toBeNull()
    expect(seen(taken, 'can')).toBeNull()
    expect(seen(act(job, photo('can', 'back')), 'wire')).toBeNull()
    expect(seen(taken, 'of another job')).toBeNull()
  })

  it('is in the words that were given instead of a photo, and nowhere where nobody said anything', () => {
    const drawn = act(job, { kind: 'ledger.edit', id: 'can', change: { without: 'drawn on paper' } })
    expect(seenBefore(drawn, 'wire')).toMatchObject({ without: 'drawn on paper', photos: [] })
    expect(seen(job, 'wire')).toBeNull()
    // A photo that came after all says more than why there was none.
    expect(seenBefore(act(drawn, photo('can')), 'wire')).toMatchObject({ without: '' })
  })

  it('is beside the wiring of the new motor as well, where wires came off after it', () => {
    const taken = act(job, photo('can'), photo('hub'))
    expect(wiringPhotosOf(taken).map(({ about }) => about)).toEqual(['capacitor with every wire'])
  })
})
