import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Act } from '@/core/job'
import { ActQueue, type Refusal, type SaveState } from './queue'

const type = (typed: string, field = 'hp'): Act => ({
  kind: 'field.set',
  id: 'f',
  part: 'motor-old',
  field,
  typed,
})

let kept: Map<string, string>
let sent: Act[][]
let answers: (() => Promise<{ status: number; body: object }>)[]

beforeEach(() => {
  vi.useFakeTimers()
  kept = new Map()
  sent = []
  answers = []
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  })
  vi.stubGlobal('fetch', async (_: string, init: { body: string }) => {
    sent.push((JSON.parse(init.body) as { acts: Act[] }).acts)
    const { status, body } = await (
      answers.shift() ?? (async () => ({ status: 200, body: { canUndo: true, canRedo: false } }))
    )()
    return { status, json: async () => body }
  })
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

function queueOf(jobId = 'j') {
  const states: SaveState[] = []
  const refusals: Refusal[] = []
  const queue = new ActQueue(jobId, {
    onState: (state) => states.push(state),
    onRefused: (refusal) => refusals.push(refusal),
    onStored: () => undefined,
  })
  return { queue, states, refusals }
}

const flush = () => vi.advanceTimersByTimeAsync(0)

describe('the queue of acts', () => {
  it('sends at once, says so, and keeps nothing once it is stored', async () => {
    const { queue, states } = queueOf()
    queue.push(type('1'))
    expect(kept.size).toBe(1)
    await flush()
    expect(sent).toEqual([[type('1')]])
    expect(states).toEqual(['saving', 'saved'])
    expect(kept.size).toBe(0)
  })

  it('sends only the newest text of a field that is typed while another travels', async () => {
    const { queue } = queueOf()
    queue.push(type('1'))
    for (const text of ['1/', '1/4']) queue.push(type(text))
    queue.push(type('60', 'hz'))
    await flush()
    expect(sent).toEqual([[type('1')], [type('1/4'), type('60', 'hz')]])
  })

  it('does not swallow an emptied field: taking back is an act of its own', async () => {
    const { queue } = queueOf()
    queue.push(type('x', 'rpm'))
    queue.push(type('1'))
    queue.push(type(''))
    await flush()
    expect(sent[1]).toEqual([type('1'), type('')])
  })

  it('keeps everything while the server is away, and sends it in order when it is back', async () => {
    const { queue, states } = queueOf()
    answers.push(async () => Promise.reject(new Error('away')))
    queue.push(type('1'))
    await flush()
    expect(states.at(-1)).toBe('offline')
    queue.push(type('2', 'hz'))
    expect(JSON.parse(kept.get('rest-cog/queue/j')!)).toHaveLength(2)
    await vi.advanceTimersByTimeAsync(2500)
    expect(sent).toEqual([[type('1')], [type('1'), type('2', 'hz')]])
    expect(states.at(-1)).toBe('saved')
    expect(kept.size).toBe(0)
  })

  it('takes a fault of the server for being away, and a refusal for an answer', async () => {
    const { queue, states, refusals } = queueOf()
    answers.push(async () => ({ status: 500, body: { error: { code: 'internal', message: 'try again' } } }))
    queue.push(type('1'))
    await flush()
    expect(states.at(-1)).toBe('offline')
    answers.push(async () => ({
      status: 409,
      body: { error: { code: 'not-proven', message: 'Make dead first.' } },
    }))
    await vi.advanceTimersByTimeAsync(2500)
    expect(refusals).toEqual([{ code: 'not-proven', message: 'Make dead first.' }])
    expect(kept.size).toBe(0)
  })

  it('hands what a killed page left behind to the next one, and forgives what it cannot read', () => {
    kept.set('rest-cog/queue/j', JSON.stringify([type('7')]))
    expect(queueOf().queue.recovered()).toEqual([type('7')])
    kept.set('rest-cog/queue/j', '{broken')
    expect(queueOf().queue.recovered()).toEqual([])
    expect(queueOf('other').queue.recovered()).toEqual([])
  })
})
