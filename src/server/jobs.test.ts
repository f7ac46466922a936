import { describe, expect, it } from 'vitest'
import { diagnosisOf, energyOf, findingsOf } from '@/core/job'
import { isolationActs, proofActs } from '@/core/job/energy/proofScript'
import { checksOf, isWatched } from '@/core/job/proving/power'
import { optionsOf } from '@/core/options/ofJob'
import { actOnJob, openJob, readEvents, readJob, readRev, stepHistory, storeActs } from './jobs'
import { id, ownDataFolder, proveDead } from './testStore.testing'

ownDataFolder()

const start = () =>
  openJob({
    symptom: 'hums',
    family: 'bath-exhaust-fan',
    findings: [{ observation: 'fan-state', value: 'hums' }],
  })

const energy = async (jobId: string) => energyOf((await readJob(jobId)).snapshot, Date.now())

/** Checks answered as they should be. */
const passed = (jobId: string, ...checks: string[]) =>
  actOnJob(
    jobId,
    checks.map((checkId) => ({ kind: 'check.set', id: id(), checkId, result: 'pass', note: '' })),
  )

describe('a job', () => {
  it('opens with the plan of its family and what was noticed', async () => {
    const { snapshot } = await readJob(await start())
    expect(snapshot.points.map((point) => point.point)).toEqual(['wall-switch', 'breaker'])
    expect(snapshot.charges).toHaveLength(1)
    expect(findingsOf(snapshot)['fan-state']).toBe('hums')
  })

  it('keeps each act with an event, and takes it back and does it again', async () => {
    const jobId = await start()
    await actOnJob(jobId, [{ kind: 'finding.set', id: id(), observation: 'free-spin', value: 'free' }])
    expect(findingsOf((await readJob(jobId)).snapshot)['free-spin']).toBe('free')
    const undone = await stepHistory(jobId, 'undo')
    expect(findingsOf(undone.snapshot)['free-spin']).toBeUndefined()
    expect(undone).toMatchObject({ canUndo: false, canRedo: true })
    expect(findingsOf((await stepHistory(jobId, 'redo')).snapshot)['free-spin']).toBe('free')
    expect((await readEvents(jobId)).map((event) => event.state)).toEqual(['done'])
  })

  it('takes typing into one field as one act', async () => {
    const jobId = await start()
    for (const typed of ['5', '5 µ', '5 µF'])
      await actOnJob(jobId, [{ kind: 'field.set', id: id(), part: 'capacitor-old', field: 'label', typed }])
    expect(await readEvents(jobId)).toHaveLength(1)
    expect((await stepHistory(jobId, 'undo')).snapshot.fields).toEqual([])
  })

  it('stores each act of a request by itself, and answers for each', async () => {
    const jobId = await start()
    const { snapshot } = await readJob(jobId)
    const [first] = snapshot.points
    const { answers } = await storeActs(jobId, [
      { id: 'act-one', act: { kind: 'point.open', id: first!.id }, ageMs: 20 },
      { id: 'act-two', act: { kind: 'point.open', id: 'gone' }, ageMs: 10 },
      { id: 'act-three', act: { kind: 'job.edit', field: 'cost', value: '9' }, ageMs: 0 },
    ])
    expect(answers).toMatchObject([
      { id: 'act-one', stored: true },
      { id: 'act-two', stored: false, error: { code: 'unknown-row' } },
      { id: 'act-three', stored: true },
    ])
    const after = (await readJob(jobId)).snapshot
    expect(after.points[0]!.openedAt).not.toBeNull()
    expect(after.job.cost).toBe('9')
  })

  it('stores an act once, however often it is sent', async () => {
    const jobId = await start()
    await proveDead(jobId)
    const ids = Array.from({ length: 40 }, id)
    const plant = { id: 'plant-once', act: { kind: 'ledger.plant', ids, template: 'motor' }, ageMs: 0 }
    await storeActs(jobId, [plant])
    const { snapshot } = await readJob(jobId)
    await actOnJob(jobId, [{ kind: 'ledger.tick', id: snapshot.ledger[0]!.id, on: true }])
    const again = await storeActs(jobId, [plant])
    expect(again.answers).toEqual([{ id: 'plant-once', stored: true }])
    expect((await readJob(jobId)).snapshot.ledger[0]!.doneAt).not.toBeNull()
  })

  it('knows an act again whose step of undo became a newer one’s: a late copy never puts the older text back', async () => {
    const jobId = await start()
    const typed = (actId: string, value: string) => ({
      id: actId,
      act: { kind: 'job.edit', field: 'cost', value },
      ageMs: 0,
    })
    const by = { who: 'Ines', window: 'window-one' }
    const first = typed('letter-one', '1')
    await storeActs(jobId, [first], by)
    await storeActs(jobId, [typed('letter-two', '12')], by)
    await storeActs(jobId, [first], by)
    expect((await readJob(jobId)).snapshot.job.cost).toBe('12')
  })

  it('knows an act again that changed nothing when it came first', async () => {
    const jobId = await start()
    const point = (await readJob(jobId)).snapshot.points[0]!.id
    const open = { id: 'open-again', act: { kind: 'point.open', id: point }, ageMs: 0 }
    await actOnJob(jobId, [{ kind: 'point.open', id: point }])
    await storeActs(jobId, [open])
    await actOnJob(jobId, [{ kind: 'point.close', id: point }])
    await storeActs(jobId, [open])
    expect((await readJob(jobId)).snapshot.points[0]!.openedAt).toBeNull()
  })

  it('counts what was written, so that a window knows that it is behind', async () => {
    const jobId = await start()
    const before = await readRev(jobId)
    await actOnJob(jobId, [{ kind: 'job.edit', field: 'cost', value: '1' }])
    expect(await readRev(jobId)).toBe(before + 1)
    await stepHistory(jobId, 'undo')
    expect(await readRev(jobId)).toBe(before + 2)
  })

  it('refuses shapes it does not know, with a path', async () => {
    const jobId = await start()
    await expect(
      actOnJob(jobId, [{ kind: 'finding.set', id: id(), observation: 'colour', value: 'x' }]),
    ).rejects.toMatchObject({ code: 'invalid-input', path: 'observation' })
    await expect(actOnJob(jobId, [{ kind: 'drop.tables' }])).rejects.toMatchObject({ code: 'unknown-act' })
    await expect(actOnJob('nope', [])).rejects.toMatchObject({ code: 'unknown-job' })
  })
})

describe('hands-in work', () => {
  it('is refused until every point is open, it is proved dead and the capacitor is read', async () => {
    const jobId = await start()
    const reading = {
      kind: 'reading.set',
      id: id(),
      reading: 'capacitance',
      part: 'old',
      a: 'single',
      b: '',
      typed: '3.1',
    }
    await expect(actOnJob(jobId, [reading])).rejects.toMatchObject({ code: 'not-proven' })
    await proveDead(jobId)
    expect(await energy(jobId)).toMatchObject({ state: 'proven-dead', handsIn: true })
    await actOnJob(jobId, [reading])
    expect((await readJob(jobId)).snapshot.readings[0]).toMatchObject({ value: 3.1, typed: '3.1' })
  })

  it('is open at a part that was out before, and at nothing else', async () => {
    const jobId = await start()
    const { snapshot } = await readJob(jobId)
    await actOnJob(jobId, [
      { kind: 'part.out', id: id(), part: 'capacitor' },
      { kind: 'charge.read', id: snapshot.charges[0]!.id, typed: '0.2' },
      { kind: 'reading.set', id: id(), reading: 'capacitance', part: 'old', a: 'single', b: '', typed: 'OL' },
    ])
    expect((await readJob(jobId)).snapshot.readings[0]).toMatchObject({ value: null, over: 1 })
    await expect(
      actOnJob(jobId, [
        {
          kind: 'reading.set',
          id: id(),
          reading: 'to-frame',
          part: 'old',
          a: 'black',
          b: 'frame',
          typed: 'OL',
        },
      ]),
    ).rejects.toMatchObject({ code: 'not-proven' })
  })

  it('stops at a proof reading over 30 V, and the proof is begun anew', async () => {
    const jobId = await start()
    const { snapshot } = await readJob(jobId)
    await actOnJob(jobId, isolationActs(snapshot))
    const begun = proofActs(snapshot, id, ['119'])
    await actOnJob(jobId, begun.slice(0, 4))
    expect(await energy(jobId)).toMatchObject({
      state: 'live',
      handsIn: false,
      stop: { pair: 'L–N', volts: 119 },
    })
    const again = proofActs(snapshot, id, ['0.1', '0.1', '0.1'])
    await expect(actOnJob(jobId, again)).rejects.toMatchObject({ code: 'still-live' })
    // What fed it is found and opened; then dead is proved anew.
    const point = id()
    await actOnJob(jobId, [
      { kind: 'point.add', id: point, point: 'fuse' },
      { kind: 'point.open', id: point },
      { kind: 'point.held', id: point, held: 'in the pocket' },
    ])
    await actOnJob(jobId, again)
    expect(await energy(jobId)).toMatchObject({ state: 'proven-dead', stop: null })
    const readings = (await readJob(jobId)).snapshot.proofReadings
    expect(readings.map((row) => row.typed)).toContain('119')
  })

  it('voids proof and discharge when a point is closed, and undoing that does not bring the proof back', async () => {
    const jobId = await start()
    await proveDead(jobId)
    const { snapshot } = await readJob(jobId)
    await actOnJob(jobId, [{ kind: 'point.close', id: snapshot.points[1]!.id }])
    expect(await energy(jobId)).toMatchObject({ state: 'isolating', handsIn: false })
    await stepHistory(jobId, 'undo')
    expect(await energy(jobId)).toMatchObject({ state: 'isolating', handsIn: false, provenAt: null })
  })

  it('asks for everything again after a live test', async () => {
    const jobId = await start()
    await proveDead(jobId)
    const power = { kind: 'job.phase', phase: 'live-test', purpose: 'reading' }
    await expect(actOnJob(jobId, [power])).rejects.toMatchObject({ code: 'not-ready' })
    await passed(jobId, 'reading-clear', 'hand-spin')
    await actOnJob(jobId, [power])
    expect((await energy(jobId)).state).toBe('live-test')
    await actOnJob(jobId, [{ kind: 'job.phase', phase: 'work' }])
    expect(await energy(jobId)).toMatchObject({ state: 'live', openPoints: 0, handsIn: false })
  })

  it('lets a proof lapse after half an hour without an act', async () => {
    const jobId = await start()
    await proveDead(jobId)
    const { snapshot } = await readJob(jobId)
    expect(energyOf(snapshot, Date.now() + 29 * 60_000).handsIn).toBe(true)
    expect(energyOf(snapshot, Date.now() + 31 * 60_000)).toMatchObject({
      handsIn: false,
      expired: true,
      state: 'isolated',
    })
  })
})

describe('a hard stop', () => {
  it('lets nothing go on but isolating, writing down and handing over', async () => {
    const jobId = await start()
    await actOnJob(jobId, [{ kind: 'finding.set', id: id(), observation: 'smell', value: 'gas' }])
    await expect(
      actOnJob(jobId, [{ kind: 'lead.add', id: id(), part: 'old', name: 'black' }]),
    ).rejects.toMatchObject({
      code: 'stopped',
    })
    await expect(actOnJob(jobId, [{ kind: 'job.close', result: 'runs' }])).rejects.toMatchObject({
      code: 'stopped',
    })
    const { snapshot } = await readJob(jobId)
    // With gas in the air no switch is touched, the breaker's included.
    await expect(actOnJob(jobId, [{ kind: 'point.open', id: snapshot.points[0]!.id }])).rejects.toMatchObject(
      { code: 'gas-stop' },
    )
    await actOnJob(jobId, [{ kind: 'job.close', result: 'handed-over' }])
    expect((await readJob(jobId)).snapshot.job.status).toBe('closed')
  })
})

describe('the ledger', () => {
  it('refuses to bypass any switch but a door switch, and holds the job open while one is held', async () => {
    const jobId = await start()
    const line = (switchKind: string) => ({
      kind: 'ledger.add',
      id: id(),
      after: null,
      line: { action: 'bypass', part: `${switchKind} switch`, switchKind },
    })
    await expect(actOnJob(jobId, [line('pressure')])).rejects.toMatchObject({ code: 'forbidden-bypass' })
    await proveDead(jobId)
    const door = line('door')
    await actOnJob(jobId, [door, { kind: 'ledger.tick', id: door.id, on: true }])
    await expect(actOnJob(jobId, [{ kind: 'job.close', result: 'runs' }])).rejects.toMatchObject({
      code: 'not-ready',
    })
    await actOnJob(jobId, [{ kind: 'ledger.back', id: door.id, on: true }])
    await passed(jobId, 'hand-spin', 'covers-on')
    // Nobody has seen it run yet.
    await expect(actOnJob(jobId, [{ kind: 'job.close', result: 'runs' }])).rejects.toMatchObject({
      code: 'not-ready',
    })
    await actOnJob(jobId, [{ kind: 'job.phase', phase: 'live-test', purpose: 'start' }])
    const { snapshot } = await readJob(jobId)
    const watched = checksOf(snapshot).filter((check) => isWatched(check) && !check.laterMinutes)
    await passed(jobId, ...watched.map((check) => check.id))
    await actOnJob(jobId, [{ kind: 'job.close', result: 'runs' }])
    expect((await readJob(jobId)).snapshot.job).toMatchObject({ status: 'closed', phase: 'in-service' })
  })
})

describe('a stop raised by hand', () => {
  it('is stored, refuses work, and is kept in the events with its end', async () => {
    const jobId = await start()
    await actOnJob(jobId, [{ kind: 'stop.raise', id: id(), rule: 'asbestos-suspect', note: 'grey fill' }])
    await expect(
      actOnJob(jobId, [{ kind: 'lead.add', id: id(), part: 'old', name: 'black' }]),
    ).rejects.toMatchObject({
      code: 'stopped',
    })
    await expect(
      actOnJob(jobId, [{ kind: 'stop.override', rule: 'asbestos-suspect', reason: 'it will be fine' }]),
    ).rejects.toMatchObject({ code: 'hard-stop' })
    await actOnJob(jobId, [
      { kind: 'stop.lift', rule: 'asbestos-suspect', how: 'mistake', reason: 'laboratory: mineral wool' },
    ])
    await actOnJob(jobId, [{ kind: 'lead.add', id: id(), part: 'old', name: 'black' }])
    const { snapshot } = await readJob(jobId)
    expect(snapshot.stops[0]).toMatchObject({
      note: 'grey fill',
      reason: 'said by mistake, meant: laboratory: mineral wool',
    })
    expect((await readEvents(jobId)).map((event) => event.text)).toEqual(
      expect.arrayContaining([expect.stringMatching(/^Stop: /), expect.stringMatching(/^Stop lifted: /)]),
    )
  })

  it('voids the proof, and lifting it does not bring the proof back', async () => {
    const jobId = await start()
    await proveDead(jobId)
    expect((await energy(jobId)).handsIn).toBe(true)
    await actOnJob(jobId, [{ kind: 'stop.raise', id: id(), rule: 'burnt-supply', note: '' }])
    expect((await energy(jobId)).handsIn).toBe(false)
    await expect(stepHistory(jobId, 'undo')).rejects.toMatchObject({ code: 'undo-stop' })
    await actOnJob(jobId, [
      { kind: 'stop.lift', rule: 'burnt-supply', how: 'mended', reason: 'an electrician renewed it' },
    ])
    expect((await energy(jobId)).handsIn).toBe(false)
  })

  it('is refused under a name that no rule has', async () => {
    await expect(
      actOnJob(await start(), [{ kind: 'stop.raise', id: id(), rule: 'bad-mood', note: '' }]),
    ).rejects.toMatchObject({ code: 'invalid-input' })
  })
})

describe('what the person knows better', () => {
  it('is stored with its reason, moves the verdict, and is taken back by undo', async () => {
    const jobId = await start()
    const top = async () => diagnosisOf((await readJob(jobId)).snapshot).suspects[0]!.cause
    const before = await top()
    await actOnJob(jobId, [
      { kind: 'belief.set', id: id(), cause: 'wheel-rubbing', stance: 'set', reason: 'I see it' },
    ])
    expect(await top()).toBe('wheel-rubbing')
    await stepHistory(jobId, 'undo')
    expect(await top()).toBe(before)
  })
})

describe('a choice among options', () => {
  it('keeps the figures that were typed, the option and its reason', async () => {
    const jobId = await start()
    await actOnJob(jobId, [
      { kind: 'field.set', id: id(), part: 'option-original', field: 'cost', typed: '45' },
      {
        kind: 'decision.set',
        id: id(),
        agreed: true,
        cause: 'bearing-seized',
        action: 'replace-motor',
        option: 'original',
        reason: 'there is one on the shelf',
        probability: 0.7,
      },
    ])
    const { snapshot } = await readJob(jobId)
    expect(snapshot.decisions[0]).toMatchObject({ option: 'original', reason: 'there is one on the shelf' })
    expect(optionsOf(snapshot).options.find((option) => option.kind === 'original')!.cost).toBe(45)
  })
})

describe('two windows at one job', () => {
  const one = { who: 'Ada', window: 'w1' }
  const two = { who: 'Ben', window: 'w2' }
  const say = (observation: string, value: string) => ({
    id: id(),
    act: { kind: 'finding.set', id: id(), observation, value },
    ageMs: 0,
  })

  it('undo takes back the last act of this window, and leaves the other’s', async () => {
    const jobId = await openJob({ symptom: 'hums', family: 'ceiling-fan' })
    await storeActs(jobId, [say('sound', 'hum')], one)
    await storeActs(jobId, [say('smell', 'burnt')], two)
    const { text, snapshot } = await stepHistory(jobId, 'undo', Date.now(), one)
    expect(text).toMatch(/hum/)
    expect(snapshot.findings.map(({ observation }) => observation)).toEqual(['smell'])
    await expect(stepHistory(jobId, 'undo', Date.now(), one)).rejects.toMatchObject({
      code: 'nothing-to-undo',
    })
  })

  it('what the other has changed since stays, and who did it is said', async () => {
    const jobId = await openJob({ symptom: 'hums', family: 'ceiling-fan' })
    const name = (value: string) => ({
      id: id(),
      act: { kind: 'machine.edit', field: 'place', value },
      ageMs: 0,
    })
    await storeActs(jobId, [name('porch')], one)
    await storeActs(jobId, [name('long room')], two)
    await expect(stepHistory(jobId, 'undo', Date.now(), one)).rejects.toMatchObject({
      code: 'changed-since',
      message: expect.stringContaining('Ben'),
    })
    expect((await readJob(jobId)).snapshot.machine.place).toBe('long room')
  })

  it('the later writer of one field is told of the other’s text, and stands', async () => {
    const jobId = await openJob({ symptom: 'hums', family: 'ceiling-fan' })
    const place = (value: string, was: string) => ({
      id: id(),
      act: { kind: 'machine.edit', field: 'place', value },
      ageMs: 0,
      was,
    })
    const first = await storeActs(jobId, [place('porch', '')], one)
    const second = await storeActs(jobId, [place('long room', '')], two)
    const third = await storeActs(jobId, [place('long room, north', 'long room')], two)
    expect([first, second, third].map(({ answers }) => (answers[0] as { other?: string }).other)).toEqual([
      undefined,
      'porch',
      undefined,
    ])
    expect((await readJob(jobId)).snapshot.machine.place).toBe('long room, north')
  })

  it('another field of the same row is no hindrance', async () => {
    const jobId = await openJob({ symptom: 'hums', family: 'ceiling-fan' })
    const edit = (field: string, value: string) => ({
      id: id(),
      act: { kind: 'machine.edit', field, value },
      ageMs: 0,
    })
    await storeActs(jobId, [edit('place', 'porch')], one)
    await storeActs(jobId, [edit('name', 'Old fan')], two)
    const { snapshot } = await stepHistory(jobId, 'undo', Date.now(), one)
    expect(snapshot.machine).toMatchObject({ place: '', name: 'Old fan' })
  })
})

describe('an act that says it is older than anything', () => {
  it.each([9e15, -9e15, Number.MAX_VALUE])(
    '%d is refused alone: what came with it is stored',
    async (ageMs) => {
      const jobId = await openJob({ symptom: '', family: 'hrv-fan', findings: [] })
      const { answers } = await storeActs(jobId, [
        { id: id(), act: { kind: 'job.edit', field: 'cost', value: '7' }, ageMs },
        {
          id: id(),
          act: { kind: 'job.edit', field: 'lesson', value: 'x' },
          ageMs: 0,
        },
      ])
      expect(answers.map(({ stored }) => stored)).toEqual([false, true])
      expect((await readJob(jobId)).snapshot.job.lesson).toBe('x')
    },
  )
})

describe('an act that would store what cannot be read again', () => {
  it('is refused, and the job stays in reach', async () => {
    const jobId = await openJob({ symptom: '', family: 'hrv-fan', findings: [] })
    await expect(
      actOnJob(jobId, [{ kind: 'machine.edit', field: 'nextLook', value: '2027-02-30' }]),
    ).rejects.toMatchObject({ code: expect.stringMatching(/./) })
    expect((await readJob(jobId)).snapshot.machine.nextLook).toBeNull()
  })
})
