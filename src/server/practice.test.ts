import { describe, expect, it } from 'vitest'
import type { Act } from '@/core/plant'
import { transact } from '@/data/database'
import { listCards } from '@/data/practice'
import {
  actRound,
  beginRound,
  exportRound,
  importRound,
  readPractice,
  readRound,
  removeRound,
} from './practice'
import { store } from './store'
import { ownDataFolder } from './testStore.testing'

ownDataFolder()

const acted = async (id: string, acts: Act[]) => {
  let row = (await readRound(id)).round
  for (const [nth, act] of acts.entries()) row = await actRound(id, { nth, act })
  return row
}
const weak = { family: 'hrv-fan', cause: 'capacitor-open' }

describe('a round', () => {
  it('is drawn anew each time, or by its code', async () => {
    const [one, two] = [
      await beginRound({ family: 'ceiling-fan' }),
      await beginRound({ family: 'ceiling-fan' }),
    ]
    expect(one.code).not.toBe(two.code)
    expect((await beginRound({ code: one.code })).code).toBe(one.code)
  })

  it('refuses what cannot be, and stores nothing of it', async () => {
    const before = (await readPractice()).rounds.length
    for (const body of [
      { family: 'toaster' },
      { code: 'OU' },
      { lesson: 'none' },
      { family: 'ceiling-fan', cause: 'belt-worn' },
      {},
    ])
      await expect(beginRound(body)).rejects.toThrow()
    expect((await readPractice()).rounds.length).toBe(before)
  })

  it('takes each act once, at its place', async () => {
    const { id } = await beginRound(weak)
    const look: Act = { act: 'look' }
    await actRound(id, { nth: 0, act: look })
    await actRound(id, { nth: 0, act: look })
    expect((await readRound(id)).acts).toEqual([look])
    await expect(actRound(id, { nth: 0, act: { act: 'smell' } })).rejects.toThrow('Another window')
    await expect(actRound(id, { nth: 3, act: look })).rejects.toThrow('Another window')
    await expect(actRound(id, { nth: 1, act: { act: 'dance' } })).rejects.toThrow('no act')
    await expect(actRound(id, { nth: 'one', act: look })).rejects.toThrow('five hundred')
    expect((await readRound(id)).acts).toEqual([look])
  })

  it('knows how it ended from its acts alone: found, another cause, a danger', async () => {
    const found = await acted((await beginRound(weak)).id, [
      { act: 'look' },
      { act: 'odds', of: { 'capacitor-open': 3, 'bearing-worn': 1 } },
      { act: 'decide', cause: 'capacitor-open' },
    ])
    expect(found).toMatchObject({ outcome: 'right', dangers: 0, tests: 1, given: 0.75 })
    expect(found.oddsBits).toBeCloseTo(Math.log2(0.75))
    const wrong = await acted((await beginRound(weak)).id, [{ act: 'decide', cause: 'bearing-worn' }])
    expect(wrong).toMatchObject({ outcome: 'wrong', given: null, oddsBits: null })
    const hurt = await acted((await beginRound(weak)).id, [{ act: 'turn' }])
    expect(hurt).toMatchObject({ outcome: 'hurt', dangers: 1 })
    expect(hurt.endedAt).not.toBeNull()
    await expect(actRound(hurt.id, { nth: 1, act: { act: 'look' } })).rejects.toThrow('over')
  })

  it('of a lesson ends when what it asks for is done', async () => {
    const { id } = await beginRound({ lesson: 'turn-and-air' })
    expect((await readPractice()).lessons.find((lesson) => lesson.id === 'turn-and-air')?.done).toBe(false)
    const row = await acted(id, [
      { act: 'air' },
      { act: 'look', at: 'damper' },
      { act: 'decide', cause: 'damper-stuck' },
    ])
    expect(row.outcome).toBe('right')
    expect((await readPractice()).lessons.find((lesson) => lesson.id === 'turn-and-air')?.done).toBe(true)
  })

  it('is gone with its acts when it is deleted', async () => {
    const { id } = await beginRound(weak)
    await actRound(id, { nth: 0, act: { act: 'look' } })
    await removeRound(id)
    await expect(readRound(id)).rejects.toThrow('no such round')
    await expect(removeRound(id)).rejects.toThrow('no such round')
  })

  it('goes elsewhere as a file, and is there what it was', async () => {
    const { id } = await beginRound(weak)
    await acted(id, [{ act: 'look' }, { act: 'decide', cause: 'capacitor-open' }])
    const taken = await importRound(JSON.parse(await exportRound(id)) as Record<string, unknown>)
    expect(taken.id).not.toBe(id)
    const rounds = (await readPractice()).rounds.length
    expect(taken).toMatchObject({ outcome: 'right', tests: 1 })
    expect((await readRound(taken.id)).acts).toEqual((await readRound(id)).acts)
    for (const file of [
      {},
      { kind: 'rest-cog-practice' },
      { kind: 'rest-cog-practice', code: 'x', acts: [] },
      { kind: 'rest-cog-practice', code: taken.code, acts: [{ act: 'dance' }] },
      { kind: 'rest-cog-practice', code: taken.code, acts: [{ act: 'tester', at: 'of another machine' }] },
    ])
      await expect(importRound(file)).rejects.toThrow()
    expect((await readPractice()).rounds).toHaveLength(rounds)
  })
})

describe('what comes back', () => {
  it('is what was missed, before what was found', async () => {
    await acted((await beginRound({ family: 'hrv-fan', cause: 'bearing-seized' })).id, [
      { act: 'decide', cause: 'bearing-seized' },
    ])
    await acted((await beginRound({ family: 'hrv-fan', cause: 'vent-blocked' })).id, [
      { act: 'decide', cause: 'wheel-loose' },
    ])
    const { db } = await store()
    const cards = await listCards(db)
    const dueAt = (cause: string) => cards.find((card) => card.cause === cause)?.dueAt ?? ''
    expect(dueAt('vent-blocked') < dueAt('bearing-seized')).toBe(true)
  })

  it('is offered once its time has come, in the family where it was met', async () => {
    const { db } = await store()
    await transact(db, async (trx) => {
      await trx
        .updateTable('practice_card')
        .set({ dueAt: '2020-01-01T00:00:00.000Z' })
        .where('cause', '=', 'vent-blocked')
        .execute()
    })
    expect((await readPractice()).due).toContainEqual({ cause: 'vent-blocked', family: 'hrv-fan' })
    const round = await beginRound({ family: 'hrv-fan', cause: 'vent-blocked' })
    await acted(round.id, [{ act: 'decide', cause: 'vent-blocked' }])
    expect((await readPractice()).due.map(({ cause }) => cause)).not.toContain('vent-blocked')
  })
})

it('what was met is told by the part of the machine it belongs to, with what was found and what went without a danger', async () => {
  const skillOf = async (skill: string) =>
    (await readPractice()).skills.find((each) => each.skill === skill) ?? {
      rounds: 0,
      right: 0,
      withoutDanger: 0,
    }
  const before = await skillOf('capacitor')
  const open = await beginRound(weak)
  expect(await skillOf('capacitor')).toEqual(before)
  expect((await readRound(open.id)).round.causes).toBeNull()
  await acted(open.id, [{ act: 'decide', cause: 'capacitor-open' }])
  const missed = await beginRound(weak)
  await acted(missed.id, [{ act: 'decide', cause: 'bearing-seized' }])
  expect((await readRound(missed.id)).round.causes).toBe('capacitor-open')
  expect(await skillOf('capacitor')).toMatchObject({
    rounds: before.rounds + 2,
    right: before.right + 1,
    withoutDanger: before.withoutDanger + 2,
  })
})

it('what was put in and is to be wired counts as wiring', async () => {
  const { id, code } = await beginRound({ task: 'turn-plug' })
  expect(code).toMatch(/^OU-\w+-psc-wire-t2-v1$/)
  const row = await acted(id, [{ act: 'decide', cause: 'none' }])
  expect(row.outcome).toBe('wrong')
  expect((await readPractice()).skills.find(({ skill }) => skill === 'wiring')).toMatchObject({
    rounds: 1,
    right: 0,
  })
})

it('how sure somebody was is set beside how often it was so', async () => {
  const { calibration } = await readPractice()
  const band = calibration.find(({ from, to }) => from <= 0.75 && 0.75 < to)
  expect(band).toMatchObject({ right: 1 })
  expect(band?.stated).toBeCloseTo(0.75)
})
