import { describe, expect, it } from 'vitest'
import { motorMatchInputOf } from '@/core/job/parts/motorMatch'
import { catalogueMotors } from '@/core/knowledge/catalogue/motors'
import { type MotorSpec, quickMotors } from '@/core/match'
import { guessMapping, partOfLine } from '@/core/match/columns'
import { actOnJob, openJob, readJob } from './jobs'
import { type MatchProgress, matchStored } from './partMatch'
import {
  addParts,
  beginCatalogue,
  changeCatalogue,
  changePart,
  exportRows,
  readCatalogues,
  readShelf,
  removeCatalogue,
  removePart,
  searchParts,
  shelve,
} from './parts'
import { ownDataFolder } from './testStore.testing'

ownDataFolder()

const list = async (name: string, motors = catalogueMotors.slice(0, 5)) => {
  const row = await beginCatalogue({
    name,
    kind: 'motor',
    headers: ['Item'],
    mapping: ['partNumber'],
    lengths: 'mm',
  })
  await addParts(row.id, { parts: motors.map((motor) => ({ motor })) })
  await changeCatalogue(row.id, { ready: true })
  return row.id
}
const onShelf = async (): Promise<MotorSpec[]> =>
  (await readShelf()).flatMap(({ motor }) => (motor ? [motor] : []))
const found = async (text: string) => (await searchParts(text, 'motor')).map(({ motor }) => motor?.partNumber)

describe('a list of parts', () => {
  it('is offered only when all of it has come in, and only while it is ticked', async () => {
    const [first] = catalogueMotors
    const number = first!.partNumber!
    const { id } = await beginCatalogue({
      name: 'Counter',
      kind: 'motor',
      headers: [],
      mapping: [],
      lengths: 'mm',
    })
    await addParts(id, { parts: [{ motor: first }] })
    expect(await found(number)).toEqual([])
    await changeCatalogue(id, { ready: true })
    expect(await found(number)).toEqual([number])
    await changeCatalogue(id, { shown: false })
    expect(await found(number)).toEqual([])
    await changeCatalogue(id, { shown: true, name: 'Counter in town' })
    expect((await readCatalogues()).find((row) => row.id === id)).toMatchObject({
      name: 'Counter in town',
      parts: 1,
    })
    await removeCatalogue(id)
    expect(await found(number)).toEqual([])
    await expect(removeCatalogue(id)).rejects.toMatchObject({ code: 'unknown-catalogue' })
  })

  it('is found by the beginnings of its words, whatever signs are typed between', async () => {
    const id = await list('Words')
    const { partNumber, manufacturer } = catalogueMotors[2]!
    expect(await found(`${manufacturer!.slice(0, 4)} ${partNumber!.split('-').at(-1)}`)).toContain(partNumber)
    expect(await found('" OR * NEAR(')).toEqual([])
    await removeCatalogue(id)
  })

  it('refuses what is no part, and keeps nothing of that batch', async () => {
    const { id } = await beginCatalogue({
      name: 'Bad',
      kind: 'motor',
      headers: [],
      mapping: [],
      lengths: 'mm',
    })
    for (const parts of [
      [{}],
      [{ motor: { id: '', hp: -1 } }],
      [{ motor: { id: '' }, capacitor: { id: '' } }],
    ])
      await expect(addParts(id, { parts: [{ motor: catalogueMotors[0] }, ...parts] })).rejects.toMatchObject({
        code: 'invalid-input',
      })
    expect((await readCatalogues()).find((row) => row.id === id)?.parts).toBe(0)
  })

  it('that was written out is read again as the same parts', async () => {
    const id = await list('Out', catalogueMotors)
    const { rows } = await exportRows(id)
    const [captions, ...lines] = rows
    const mapping = guessMapping(captions!, 'motor')
    const again = lines.map((cells) => partOfLine(cells, mapping, 'motor', { lengths: 'mm' }))
    expect(again.filter((each) => 'error' in each)).toEqual([])
    expect(again.map((each) => ('part' in each ? each.part.partNumber : ''))).toEqual(
      catalogueMotors.map(({ partNumber }) => partNumber),
    )
    await removeCatalogue(id)
  })
})

describe('the shelf', () => {
  it('holds parts with their count', async () => {
    await shelve({ motor: catalogueMotors[0], count: 1, note: 'bought for the ventilator' })
    const [part] = await readShelf()
    expect(part).toMatchObject({ count: 1, note: 'bought for the ventilator', kind: 'motor' })
    await changePart(part!.id, { count: 3 })
    expect((await readShelf())[0]!.count).toBe(3)
    await expect(changePart('gone', { count: 3 })).rejects.toMatchObject({ code: 'unknown-part' })
    await removePart(part!.id)
    expect(await readShelf()).toEqual([])
  })
})

describe('the stored lists against an old motor', () => {
  const job = async () => {
    const jobId = await openJob({ symptom: '', family: 'outdoor-unit-fan', findings: [] })
    const field = (name: string, typed: string) => ({
      kind: 'field.set',
      id: `${jobId}${name}`.slice(-40),
      part: 'motor-old',
      field: name,
      typed,
    })
    await actOnJob(jobId, [field('hp', '1/6'), field('voltages', '208-230'), field('rpm', '1075')])
    return jobId
  }
  const last = async (jobId: string, signal = new AbortController().signal) => {
    let progress = null as MatchProgress | null
    for await (const each of matchStored(jobId, 'motor', signal)) progress = each
    return progress
  }

  it('are judged as the core judges them, best first, the shelf told apart', async () => {
    const id = await list('All', catalogueMotors)
    await shelve({ motor: catalogueMotors[0], count: 1 })
    const progress = await last(await job())
    expect(progress).toMatchObject({ done: catalogueMotors.length + 1, total: catalogueMotors.length + 1 })
    const scores = progress!.best.map(({ result }) => result.score)
    expect(scores).toEqual([...scores].sort((one, two) => two - one))
    expect(progress!.best.filter(({ own }) => own).length).toBeLessThanOrEqual(1)
    expect(progress!.serve + progress!.untold + progress!.cannot).toBe(progress!.total)
    await removeCatalogue(id)
  })

  it('are counted the same where the index leaves most of them unread, and why not is still told', async () => {
    const id = await list('Long', catalogueMotors)
    const jobId = await job()
    await actOnJob(
      jobId,
      Object.entries({ rpm: '3000', hp: '1/25', shaftDiameterMm: '8 mm' }).map(([field, typed]) => ({
        kind: 'field.set' as const,
        id: `long-${field}`,
        part: 'motor-old',
        field,
        typed,
      })),
    )
    const { snapshot } = await readJob(jobId)
    const all = quickMotors(motorMatchInputOf(snapshot, [...catalogueMotors, ...(await onShelf())]))
    const progress = await last(jobId)
    expect({ cannot: progress?.cannot, untold: progress?.untold, serve: progress?.serve }).toEqual({
      cannot: all.filter(({ verdict }) => verdict === 'no').length,
      untold: all.filter(({ verdict, open }) => verdict !== 'no' && open).length,
      serve: all.filter(({ verdict, open }) => verdict !== 'no' && !open).length,
    })
    expect(progress?.done).toBe(all.length)
    expect(progress?.best.some(({ result }) => result.verdict === 'no')).toBe(true)
    expect(new Set(progress?.best.map(({ spec }) => spec.id)).size).toBe(progress?.best.length)
    await removeCatalogue(id)
  })

  it('follow a chain of numbers through several lists', async () => {
    const jobId = await job()
    await actOnJob(jobId, [
      { kind: 'field.set', id: 'pn', part: 'motor-old', field: 'partNumber', typed: 'OLD-1' },
    ])
    const [one, two] = [
      await list('Chain one', [{ id: '', partNumber: 'MID-1', replaces: ['OLD-1'], motorKind: 'psc' }]),
      await list('Chain two', [{ id: '', partNumber: 'NEW-1', replaces: ['MID-1'], motorKind: 'psc' }]),
    ]
    const progress = await last(jobId)
    const declared = progress!.best.filter(({ result }) =>
      result.rules.some(({ rule, verdict }) => rule === 'part-number' && verdict === 'ok'),
    )
    expect(declared.map(({ spec }) => (spec as { partNumber?: string }).partNumber)).toEqual([
      'NEW-1',
      'MID-1',
    ])
    for (const id of [one, two]) await removeCatalogue(id)
  })

  it('stop where nobody waits any more', async () => {
    const abort = new AbortController()
    abort.abort()
    expect(await last(await job(), abort.signal)).toBeNull()
  })
})
