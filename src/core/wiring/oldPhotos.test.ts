import { describe, expect, it } from 'vitest'
import { act, id, jobOn } from '../job/job.testing'
import type { JobSnapshot } from '../job/rows'
import { wiringPhotosOf } from './oldPhotos'

const photo = (job: JobSnapshot, lineId: string, hash: string, way: 'in' | 'back' = 'in'): JobSnapshot => ({
  ...job,
  photos: [
    ...job.photos,
    {
      id: id(),
      jobId: job.job.id,
      lineId,
      hash,
      caption: '',
      way,
      marks: '',
      at: '2026-03-01T10:00:00.000Z',
    },
  ],
})

describe('photos of the old wiring', () => {
  const off = act(jobOn('attic-vent-fan', 'psc'), {
    kind: 'ledger.add',
    id: 'leads',
    after: null,
    line: { action: 'disconnect', part: 'motor leads' },
  })
  const apart = act(off, {
    kind: 'ledger.add',
    id: 'cover',
    after: null,
    line: { action: 'unscrew', part: 'cover' },
  })

  it('are those of the lines that part wires, before those of the machine as found; the way back shows the new ones', () => {
    const found = photo(photo(apart, '', 'as found'), 'cover', 'of the cover')
    const job = photo(photo(found, 'leads', 'of the leads'), 'leads', 'as they go back', 'back')
    expect(wiringPhotosOf(job).map(({ photo: { hash }, about }) => [hash, about])).toEqual([
      ['of the leads', 'motor leads'],
      ['as found', 'the machine as it was found'],
    ])
  })

  it('are none where nothing was photographed', () => {
    expect(wiringPhotosOf(apart)).toEqual([])
  })
})
