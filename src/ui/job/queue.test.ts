import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Act } from '@/core/job'
import { sameTyping } from '@/core/job/acts/plan'
import { samples } from '@/sampling.testing'
import { ageOf } from './clockAge'
import type { Kept, KeptActs } from './kept'
import { ActQueue, type Refused, type SaveState, type Waiting } from './queue'

const type = (typed: string, field = 'hp'): Act => ({
  kind: 'field.set',
  id: 'f',
  part: 'motor-old',
  field,
  typed,
})

interface Sent {
  id: string
  act: Act
  ageMs: number
}

let kept: Map<string, Kept>
let old: Map<string, string>
let sent: Sent[][]
let answers: ((acts: Sent[]) => Promise<{ status: number; body: object }>)[]

const stored = (acts: Sent[]) => ({
  status: 200,
  body: { answers: acts.map(({ id }) => ({ id, stored: true })), rev: 1, canUndo: true, canRedo: false },
})

beforeEach(() => {
  vi.useFakeTimers()
  kept = new Map()
  old = new Map()
  sent = []
  answers = []
  const storage = {
    getItem: (key: string) => old.get(key) ?? null,
    setItem: (key: string, value: string) => old.set(key, value),
    removeItem: (key: string) => old.delete(key),
  }
  // The keys of a storage are its own properties.
  vi.stubGlobal(
    'localStorage',
    new Proxy(storage, {
      ownKeys: () => [...old.keys()],
      getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
    }),
  )
  vi.stubGlobal('fetch', async (_: string, init: { body: string }) => {
    const { acts } = JSON.parse(init.body) as { acts: Sent[] }
    sent.push(acts)
    const { status, body } = await (answers.shift() ?? (async () => stored(acts)))(acts)
    return { status, json: async () => body }
  })
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

/** The browser's database as a map. */
const memory: KeptActs = {
  put: async (rows) => {
    for (const row of rows) kept.set(row.id, row)
  },
  remove: async (ids) => {
    for (const id of ids) kept.delete(id)
  },
  left: async (jobId) => [...kept.values()].filter((row) => row.jobId === jobId),
  isGone: async (windowId) => windowId !== 'there',
  present: async () => {},
}

function queueOf(
  jobId = 'j',
  windowId = 'w',
  store: KeptActs | null = memory,
  opening: Promise<KeptActs | null> = Promise.resolve(store),
) {
  const states: SaveState[] = []
  const refusals: Refused[] = []
  const others: string[] = []
  const queue = new ActQueue(
    jobId,
    windowId,
    {
      who: () => 'Ada',
      sameTyping,
      onState: (state) => states.push(state),
      onNoSession: () => {},
      onOther: (text) => others.push(text),
      onRefused: (refused) => refusals.push(...refused),
      onStored: () => undefined,
    },
    opening,
  )
  return { queue, states, refusals, others }
}

const acts = () => sent.map((batch) => batch.map(({ act }) => act))

const flush = () => vi.advanceTimersByTimeAsync(0)

describe('the queue of acts', () => {
  it('sends at once, says so, and keeps nothing once it is stored', async () => {
    const { queue, states } = queueOf()
    queue.push(type('1'))
    await flush()
    expect(acts()).toEqual([[type('1')]])
    expect(states).toEqual(['saving', 'saved'])
    expect(kept.size).toBe(0)
  })

  it('sends only the newest text of a field that is typed while another travels', async () => {
    const { queue } = queueOf()
    queue.push(type('1'))
    for (const text of ['1/', '1/4']) queue.push(type(text))
    queue.push(type('60', 'hz'))
    await flush()
    expect(acts()).toEqual([[type('1')], [type('1/4'), type('60', 'hz')]])
  })

  it('says what the field held before its first letter, and is told what another window had written', async () => {
    const { queue, others } = queueOf()
    answers.push(
      async (some) => stored(some),
      async (some) => ({
        status: 200,
        body: { answers: some.map(({ id }) => ({ id, stored: true, other: 'porch' })), rev: 2 },
      }),
    )
    queue.push(type('x', 'rpm'))
    queue.push(type('1'), 'before')
    queue.push(type('1/4'), '1')
    await flush()
    expect(sent[1]?.map((each) => (each as { was?: string }).was)).toEqual(['before'])
    expect(others).toEqual(['porch'])
  })

  it('does not swallow an emptied field: taking back is an act of its own', async () => {
    const { queue } = queueOf()
    queue.push(type('x', 'rpm'))
    queue.push(type('1'))
    queue.push(type(''))
    await flush()
    expect(acts()[1]).toEqual([type('1'), type('')])
  })

  it('keeps everything while the server is away, and sends it in order when it is back', async () => {
    const { queue, states } = queueOf()
    const away = async () => Promise.reject(new Error('away'))
    answers.push(away, away)
    queue.push(type('1'))
    await flush()
    expect(states.at(-1)).toBe('offline')
    queue.push(type('2', 'hz'))
    await flush()
    expect(kept.size).toBe(2)
    await vi.advanceTimersByTimeAsync(2500)
    expect(acts().at(-1)).toEqual([type('1'), type('2', 'hz')])
    expect(states.at(-1)).toBe('saved')
    expect(kept.size).toBe(0)
  })

  it('says how long ago each act was done, and sends it with the same id however often', async () => {
    const { queue } = queueOf()
    answers.push(async () => Promise.reject(new Error('away')))
    queue.push(type('1'))
    await vi.advanceTimersByTimeAsync(2500)
    expect(sent[0]![0]!.ageMs).toBe(0)
    expect(sent[1]![0]!.ageMs).toBeGreaterThanOrEqual(2000)
    expect(sent[1]![0]!.id).toBe(sent[0]![0]!.id)
  })

  it('puts aside the one act that was refused, and no other of its batch', async () => {
    const { queue, refusals } = queueOf()
    answers.push(
      async (some) => stored(some),
      async (some) => ({
        status: 200,
        body: {
          answers: some.map(({ id, act }) =>
            act.kind === 'field.set' && act.field === 'hz'
              ? { id, stored: false, error: { code: 'not-proven', message: 'Make dead first.' } }
              : { id, stored: true },
          ),
        },
      }),
    )
    queue.push(type('0'))
    queue.push(type('1', 'rpm'))
    queue.push(type('2', 'hz'))
    await flush()
    expect(refusals.map(({ act, reason }) => [act, reason.message])).toEqual([
      [type('2', 'hz'), 'Make dead first.'],
    ])
    // It stays over a reload, until the person drops it.
    expect([...kept.values()].map(({ reason }) => reason?.code)).toEqual(['not-proven'])
    queue.forget([...kept.keys()][0] ?? '')
    await flush()
    expect(kept.size).toBe(0)
  })

  it('takes a fault of the server for being away, and puts an act aside that fails three times alone', async () => {
    const { queue, states, refusals } = queueOf()
    const fault = async () => ({ status: 500, body: {} })
    answers.push(fault, fault, fault, fault)
    queue.push(type('1'))
    await flush()
    expect(states.at(-1)).toBe('offline')
    queue.push(type('2', 'hz'))
    await vi.advanceTimersByTimeAsync(9000)
    expect(refusals.map(({ act }) => act)).toEqual([type('1')])
    expect(acts().at(-1)).toEqual([type('2', 'hz')])
    expect(states.at(-1)).toBe('saved')
  })

  it('sends what a killed page left behind, with its own time, and forgives what it cannot read', async () => {
    const left: Waiting = {
      id: 'left',
      act: type('7'),
      done: { wall: Date.now() - 600_000, page: 5, pageId: 'gone' },
    }
    kept.set('left', { ...left, jobId: 'j', windowId: 'dead-window', order: 0 })
    kept.set('elsewhere', { ...left, id: 'elsewhere', jobId: 'other', windowId: 'w', order: 0 })
    const { queue } = queueOf()
    void queue.recover()
    await flush()
    queue.close()
    expect(sent).toEqual([[{ id: 'left', act: type('7'), ageMs: 600_000 }]])
    expect([...kept.keys()]).toEqual(['elsewhere'])
  })

  it('never brings back a text that was typed over, whenever the database wakes', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom('type', 'answer', 'tick', 'recover'), { minLength: 1, maxLength: 14 }),
        async (steps) => {
          kept = new Map()
          old = new Map()
          sent = []
          let wake: (store: KeptActs) => void = () => {}
          const sleepy = new Promise<KeptActs>((resolve) => {
            wake = resolve
          })
          const { queue } = queueOf('j', 'w', memory, sleepy)
          let text = ''
          for (const step of steps) {
            if (step === 'type') {
              text += 'x'
              queue.push(type(text))
            } else if (step === 'answer') wake(memory)
            else if (step === 'recover') void queue.recover()
            else await flush()
          }
          wake(memory)
          void queue.recover()
          await vi.advanceTimersByTimeAsync(100)
          queue.close()
          const texts = acts()
            .flat()
            .map((act) => (act.kind === 'field.set' ? act.typed.length : 0))
          expect(texts).toEqual([...texts].sort((one, two) => one - two))
          expect(texts.at(-1) ?? 0).toBe(text.length)
          expect(kept.size).toBe(0)
          expect(old.size).toBe(0)
        },
      ),
      { numRuns: samples(150) },
    )
  })

  it('sends what a page was not able to put into the database before what is typed on the next one', async () => {
    const left = { id: 'left', act: type('5'), done: { wall: Date.now() - 50, page: 5, pageId: 'gone' } }
    old.set('rest-cog/queue/j/w', JSON.stringify([left]))
    let wake: (store: KeptActs) => void = () => {}
    const opening = new Promise<KeptActs>((resolve) => {
      wake = resolve
    })
    const { queue } = queueOf('j', 'w', memory, opening)
    void queue.recover()
    queue.push(type('6'))
    await flush()
    expect(sent).toEqual([])
    wake(memory)
    await flush()
    queue.close()
    expect(acts()).toEqual([[type('5'), type('6')]])
    expect([old.size, kept.size]).toEqual([0, 0])
  })

  it('says that it is idle once it has looked, also where there was nothing to take over', async () => {
    const { queue, states } = queueOf()
    const looking = queue.recover()
    expect(queue.idle).toBe(false)
    await flush()
    expect(await looking).toBe(false)
    queue.close()
    expect([queue.idle, states.at(-1)]).toEqual([true, 'saved'])
  })

  it('leaves to a window that has only just begun what it wrote', async () => {
    const young = { id: 'young', act: type('5'), done: { wall: Date.now() - 50, page: 5, pageId: 'its' } }
    old.set('rest-cog/queue/j/newcomer', JSON.stringify([young]))
    const { queue } = queueOf('j', 'w')
    void queue.recover()
    await flush()
    queue.close()
    expect(sent).toEqual([])
    expect([...old.keys()]).toEqual(['rest-cog/queue/j/newcomer'])
  })

  it('shows again what was refused before a reload, and sends it to nobody', async () => {
    const reason = { code: 'not-proven', message: 'Make dead first.' }
    const done = { wall: Date.now() - 5000, page: 5, pageId: 'gone' }
    kept.set('r', { id: 'r', act: type('7'), done, reason, jobId: 'j', windowId: 'w', order: 0 })
    const { queue, refusals } = queueOf()
    void queue.recover()
    await flush()
    queue.close()
    expect(refusals.map((each) => each.reason.message)).toEqual(['Make dead first.'])
    expect(sent).toEqual([])
  })

  it('takes over what an earlier version kept in local storage, and forgives what it cannot read', async () => {
    const left = { id: 'left', act: type('7'), done: { wall: Date.now(), page: 5, pageId: 'gone' } }
    old.set('rest-cog/queue/j/w', JSON.stringify([left]))
    old.set('rest-cog/queue/j/broken', '{broken')
    old.set('rest-cog/queue/j/there', JSON.stringify([{ ...left, id: 'theirs' }]))
    old.set('rest-cog/queue/other/w', JSON.stringify([left]))
    const { queue } = queueOf()
    void queue.recover()
    await flush()
    queue.close()
    expect(acts()).toEqual([[type('7')]])
    // What a window that is there holds, and what belongs to another job, is left alone.
    expect([...old.keys()].sort()).toEqual(['rest-cog/queue/j/there', 'rest-cog/queue/other/w'])
  })

  it('keeps working where the browser has no database to give', async () => {
    const { queue, states } = queueOf('j', 'w', null)
    queue.push(type('1'))
    await flush()
    expect(states.at(-1)).toBe('saved')
  })
})

describe('the age of an act', () => {
  const at = (wall: number, page: number, pageId = 'p') => ({ wall, page, pageId })

  it('is the larger of the two clocks of one page: neither sleep nor a clock set back makes it young', () => {
    expect(ageOf(at(1000, 0), at(61_000, 60_000))).toBe(60_000)
    expect(ageOf(at(1000, 0), at(601_000, 1000))).toBe(600_000)
    expect(ageOf(at(500_000, 0), at(1000, 240_000))).toBe(240_000)
  })

  it('is below zero where the clock went back and the page is another', () => {
    expect(ageOf(at(500_000, 9), at(1000, 9, 'q'))).toBeLessThan(0)
  })
})
