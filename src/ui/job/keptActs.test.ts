import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import fc from 'fast-check'
import { openDB } from 'idb'
import { beforeEach, describe, expect, it } from 'vitest'
import { samples } from '@/sampling.testing'
import type { Kept } from './kept'
import { openKeptActs } from './keptActs'

const NOW = 1_000_000
const row = (id: string, more: Partial<Kept> = {}): Kept => ({
  id,
  act: { kind: 'job.edit', field: 'symptom', value: id },
  done: { wall: NOW, page: 0, pageId: 'p' },
  jobId: 'j',
  windowId: 'mine',
  order: 0,
  ...more,
})

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
})

describe('the acts that wait, of all tabs in one place', () => {
  it('two tabs do not overwrite each other', async () => {
    const [one, two] = [await openKeptActs(), await openKeptActs()]
    await Promise.all([one.put([row('a', { windowId: 'w1' })]), two.put([row('b', { windowId: 'w2' })])])
    expect((await one.left('j', 'w1', NOW + 60_000)).map(({ id }) => id).sort()).toEqual(['a', 'b'])
    // Young acts of a window that has not said yet that it is there are left to it.
    expect((await one.left('j', 'w1', NOW + 1000)).map(({ id }) => id)).toEqual(['a'])
  })

  it('what a window that is there still holds is left to it; what a gone one left is taken over', async () => {
    const kept = await openKeptActs()
    await kept.put([row('theirs', { windowId: 'other' }), row('own')])
    await kept.present('other', NOW)
    expect((await kept.left('j', 'mine', NOW + 5000)).map(({ id }) => id)).toEqual(['own'])
    expect((await kept.left('j', 'mine', NOW + 60_000)).map(({ id }) => id).sort()).toEqual(['own', 'theirs'])
  })

  it('comes back in the order in which it was done, of this job only', async () => {
    const kept = await openKeptActs()
    const done = (wall: number) => ({ wall, page: 0, pageId: 'p' })
    await kept.put([
      row('third', { done: done(3), order: 0 }),
      row('second', { done: done(2), order: 2 }),
      row('first', { done: done(2), order: 1 }),
      row('elsewhere', { jobId: 'k' }),
    ])
    expect((await kept.left('j', 'mine', NOW)).map(({ id }) => id)).toEqual(['first', 'second', 'third'])
  })

  it('a queue of half a megabyte is kept whole', async () => {
    const kept = await openKeptActs()
    const rows = Array.from({ length: 300 }, (_, order) =>
      row(`a${order}`, { order, act: { kind: 'job.edit', field: 'symptom', value: 'x'.repeat(2000) } }),
    )
    await kept.put(rows)
    expect(await kept.left('j', 'mine', NOW)).toEqual(rows)
  })

  it('damaged content never keeps a page from opening', async () => {
    const kept = await openKeptActs()
    const raw = await openDB('rest-cog')
    await fc.assert(
      fc.asyncProperty(fc.dictionary(fc.string(), fc.jsonValue()), async (damage) => {
        await raw.put('acts', { ...damage, id: 'damaged', jobId: 'j' })
        await kept.put([row('sound')])
        const left = await kept.left('j', 'mine', NOW)
        expect(left.some(({ id }) => id === 'sound')).toBe(true)
      }),
      { numRuns: samples(40) },
    )
    raw.close()
  })
})
