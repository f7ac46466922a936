import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Sequence, sequenceOf } from '../knowledge/sequences'
import { familyIds, observationInfo } from '../knowledge/vocabulary'
import { comparedRuns, eventSentence, judgeRun, nextEvent, notCome, type Seen } from '.'

const known = (family: 'furnace-blower' | 'refrigerator-evaporator-fan'): Sequence => {
  const sequence = sequenceOf(family)
  if (!sequence) throw new Error(`no sequence of ${family}`)
  return sequence
}
const furnace = known('furnace-blower')
const judged = (seen: Seen, now: number | null) =>
  Object.fromEntries(judgeRun(furnace, seen, now).map((each) => [each.event.id, each]))

describe('a furnace that is watched', () => {
  it('starts its inducer within five seconds of the call', () => {
    expect(judged({ inducer: 4 }, 5).inducer?.timing).toBe('in-time')
    expect(judged({ inducer: 9 }, 10).inducer).toMatchObject({ timing: 'late', off: 4 })
    expect(judged({}, 3).inducer?.timing).toBe('due')
    expect(judged({}, 12).inducer).toMatchObject({ timing: 'overdue', off: 7 })
  })

  it('counts each event from the one it follows, not from the call', () => {
    const late = judged({ inducer: 30, pressure: 40, igniter: 80, flame: 110, blower: 160 }, null)
    expect(late.inducer?.timing).toBe('late')
    expect([late.pressure, late.igniter, late.flame, late.blower].map((each) => each?.timing)).toEqual([
      'in-time',
      'in-time',
      'in-time',
      'in-time',
    ])
  })

  it('widens the window behind a click that nobody heard', () => {
    const { igniter, pressure } = judged({ inducer: 2, igniter: 70 }, 80)
    expect(pressure?.timing).toBe('shown')
    expect(igniter).toMatchObject({ window: [22, 77], timing: 'in-time' })
  })

  it('says of an event that nobody tapped that it came, where what followed cannot come without it', () => {
    for (const now of [200, null]) {
      const run = judged({ inducer: 2, flame: 75 }, now)
      expect(run.igniter?.timing).toBe('shown')
      expect(run.pressure?.timing).toBe('shown')
    }
    // A blower runs on without any flame, where a limit is open.
    expect(judged({ inducer: 2, igniter: 30, blower: 200 }, null).flame?.timing).toBe('missing')
  })

  it('names the first event that did not come, once the watch is over', () => {
    const name = (seen: Seen, now: number | null) => notCome(judgeRun(furnace, seen, now))?.event.id ?? null
    expect(name({ inducer: 2, igniter: 30 }, null)).toBe('flame')
    expect(name({ inducer: 2, igniter: 30 }, 500)).toBeNull()
    expect(name({ inducer: 2, flame: 70, blower: 130 }, null)).toBeNull()
  })

  it('misses, once the watch is over, what did not come, and not what the person never called for', () => {
    const run = judged({ inducer: 2, igniter: 30 }, null)
    expect(run.flame?.timing).toBe('missing')
    expect(run.blower?.timing).toBe('missing')
    expect(run['blower-off']?.timing).toBe('unheard')
  })

  it('asks for the flame after the igniter, whatever was not heard before', () => {
    expect(nextEvent(furnace.events, {})?.id).toBe('inducer')
    expect(nextEvent(furnace.events, { igniter: 40 })?.id).toBe('flame')
    expect(nextEvent(furnace.events, Object.fromEntries(furnace.events.map(({ id }) => [id, 1])))).toBeNull()
  })

  it('is compared with the run before, event by event', () => {
    expect(
      comparedRuns(furnace, { inducer: 2, blower: 160, end: 300 }, { inducer: 9, blower: 160, end: 200 }),
    ).toEqual([
      { id: 'inducer', later: -7 },
      { id: 'blower', later: 0 },
    ])
  })

  it('says in a sentence what it saw', () => {
    const [inducer] = judgeRun(furnace, { inducer: 9 }, 12)
    expect(inducer && eventSentence(inducer)).toBe('It came after 9 s, 4 s late.')
  })
})

describe('every sequence', () => {
  const all = familyIds.flatMap((family) => sequenceOf(family) ?? [])

  it('counts from events that stand before, and offers findings that the vocabulary has', () => {
    for (const { events } of all)
      for (const [index, { from, window, findings, means, own, shownBy }] of events.entries()) {
        const before = ['call', ...events.slice(0, index).map(({ id }) => id)]
        expect(before).toContain(from)
        expect(window[0]).toBeLessThanOrEqual(window[1])
        if (!own) expect(means).toMatch(/\.$/)
        for (const id of shownBy ?? []) expect(events.slice(index + 1).map((later) => later.id)).toContain(id)
        for (const { observation, value } of findings)
          expect(observationInfo(observation).values).toContain(value)
      }
  })

  it('judges an event in time exactly where it lies in its window', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.array(fc.double({ min: 0, max: 3000, noNaN: true })),
        (sequence, times) => {
          const seen: Seen = {}
          for (const [index, { id }] of sequence.events.entries()) {
            const at = times[index]
            if (at !== undefined) seen[id] = at
          }
          for (const { seen: at, window, timing, off } of judgeRun(sequence, seen, null)) {
            expect(off).toBeGreaterThanOrEqual(0)
            if (at !== null && window) expect(timing === 'in-time').toBe(at >= window[0] && at <= window[1])
          }
        },
      ),
    )
  })
})
