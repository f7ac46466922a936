import { describe, expect, it } from 'vitest'
import type { Act } from '../acts/actTypes'
import { lastMoved } from '../acts/lastMoved'
import { energyOf } from '../energy/energy'
import { pairsOf } from '../energy/place'
import { act, actAt, answered, id, jobOn, madeDead, NOW, onBench, refused } from '../job.testing'
import { diagnosisOf } from './derive'
import { supplyVolts } from './readings'

describe('what the person knows better', () => {
  const job = act(jobOn('bath-exhaust-fan', 'psc'), {
    kind: 'finding.set',
    id: id(),
    observation: 'fan-state',
    value: 'hums',
  })
  it('wants a reason, and moves the verdict', () => {
    expect(
      refused(job, { kind: 'belief.set', id: id(), cause: 'bearing-seized', stance: 'set', reason: '' }),
    ).toBe('no-reason')
    const set = act(job, {
      kind: 'belief.set',
      id: id(),
      cause: 'wheel-rubbing',
      stance: 'set',
      reason: 'I see it touch',
    })
    expect(diagnosisOf(set).suspects[0]!.cause).toBe('wheel-rubbing')
    const struck = act(job, {
      kind: 'belief.set',
      id: id(),
      cause: 'bearing-seized',
      stance: 'struck',
      reason: 'it turns freely',
    })
    expect(diagnosisOf(struck).suspects.map((suspect) => suspect.cause)).not.toContain('bearing-seized')
  })

  it('takes one cause as given at a time, strikes many, and gives each back', () => {
    const two = act(
      job,
      { kind: 'belief.set', id: id(), cause: 'wheel-rubbing', stance: 'set', reason: 'I see it touch' },
      { kind: 'belief.set', id: id(), cause: 'capacitor-weak', stance: 'struck', reason: 'it is new' },
      { kind: 'belief.set', id: id(), cause: 'wheel-loose', stance: 'set', reason: 'it slips' },
    )
    expect(two.beliefs.map(({ cause, stance }) => [cause, stance])).toEqual([
      ['capacitor-weak', 'struck'],
      ['wheel-loose', 'set'],
    ])
    const back = act(two, { kind: 'belief.set', id: id(), cause: 'wheel-loose', stance: null, reason: '' })
    expect(back.beliefs.map(({ cause }) => cause)).toEqual(['capacitor-weak'])
  })
})

describe('a test left out', () => {
  it('is not offered, keeps why, and comes back when it is answered after all', () => {
    const job = act(jobOn('bath-exhaust-fan', 'psc'), {
      kind: 'declined.set',
      id: id(),
      observation: 'free-spin',
      on: true,
      why: 'not-possible',
    })
    expect(job.declined[0]).toMatchObject({ observation: 'free-spin', why: 'not-possible' })
    expect(diagnosisOf(job).nextTests.map((test) => test.observation)).not.toContain('free-spin')
    const answered = act(job, { kind: 'finding.set', id: id(), observation: 'free-spin', value: 'free' })
    expect(answered.declined).toEqual([])
  })
})

describe('a live test in the middle of the work', () => {
  it('voids proof, discharge and waits, and each is made again afterwards', () => {
    const dead = answered(madeDead(jobOn('outdoor-unit-fan', 'psc')))
    expect(energyOf(dead, NOW).state).toBe('proven-dead')
    expect(
      refused(dead, {
        kind: 'reading.set',
        id: id(),
        reading: 'supply',
        part: 'old',
        a: 'motor',
        b: '',
        typed: '240',
      }),
    ).toBe('not-live')
    const live = act(dead, { kind: 'job.phase', phase: 'live-test', purpose: 'reading' })
    expect(energyOf(live, NOW)).toMatchObject({ state: 'live-test', handsIn: false, provenAt: null })
    const read = act(live, {
      kind: 'reading.set',
      id: id(),
      reading: 'supply',
      part: 'old',
      a: 'motor',
      b: '',
      typed: '240',
    })
    const off = act(read, { kind: 'job.phase', phase: 'work' })
    const energy = energyOf(off, NOW)
    expect(energy.state).toBe('live')
    expect(energy.openPoints).toBe(0)
    expect(energy.handsIn).toBe(false)
    expect(off.charges.every((charge) => charge.readAt === null)).toBe(true)
  })
})

describe('several feeds', () => {
  it('are each proved: the first three pairs alone prove nothing any more', () => {
    const dead = madeDead(jobOn('bath-exhaust-fan', 'shaded-pole'))
    expect(energyOf(dead, NOW).state).toBe('proven-dead')
    const two = act(dead, { kind: 'field.set', id: id(), part: 'plan', field: 'feeds', typed: '2' })
    expect(pairsOf(two, 2)).toHaveLength(4)
    // The second circuit brings its own breaker, and everything that was proved is void.
    expect(two.points.at(-1)).toMatchObject({ label: 'Circuit breaker of circuit 2', openedAt: null })
    expect(energyOf(two, NOW).state).toBe('isolating')
    expect(energyOf(madeDead(two), NOW).state).toBe('proven-dead')
  })
})

describe('the life of a proof', () => {
  const minutes = (count: number) => NOW + count * 60_000
  it('is thirty minutes without an act, and four hours at most', () => {
    const dead = madeDead(jobOn('bath-exhaust-fan', 'psc'))
    expect(energyOf(dead, minutes(29)).state).toBe('proven-dead')
    expect(energyOf(dead, minutes(31)).expired).toBe(true)
    const names = Array.from({ length: 10 }, (_, index) => `lead ${index}`)
    let job = act(dead, ...names.map((name): Act => ({ kind: 'lead.add', id: id(), part: 'old', name })))
    for (let round = 1; round < 15; round++) {
      const at = minutes(20 * round)
      if (!energyOf(job, at).handsIn) {
        expect(20 * round).toBeGreaterThanOrEqual(240)
        return
      }
      const [a, b] = [names[round % 10]!, names[(round + (round < 10 ? 1 : 3)) % 10]!]
      job = actAt(at, job, {
        kind: 'reading.set',
        id: id(),
        reading: 'resistance',
        part: 'old',
        a,
        b,
        typed: '20',
      })
    }
    throw new Error('a proof must end after four hours')
  })
})

describe('the finding that moved a suspect last', () => {
  it('is the newest that moved it, not the heaviest, and none where nothing did', () => {
    let job = jobOn('bath-exhaust-fan', 'shaded-pole')
    expect(lastMoved(job, diagnosisOf(job).suspects[0]!)).toBeNull()
    job = actAt(NOW, job, { kind: 'finding.set', id: id(), observation: 'free-spin', value: 'seized' })
    job = actAt(NOW + 60_000, job, { kind: 'finding.set', id: id(), observation: 'fan-state', value: 'hums' })
    const seized = diagnosisOf(job).suspects[0]!
    expect(seized.because[0]!.observation).toBe('free-spin')
    expect(lastMoved(job, seized)!.observation).toBe('fan-state')
  })

  it('is a reading where a reading came last', () => {
    let job = onBench('bath-exhaust-fan', 'psc')
    job = actAt(
      NOW,
      job,
      { kind: 'finding.set', id: id(), observation: 'fan-state', value: 'hums' },
      { kind: 'field.set', id: id(), part: 'capacitor-old', field: 'label', typed: '4 µF ±5 % 250 V' },
    )
    job = actAt(NOW + 60_000, job, {
      kind: 'reading.set',
      id: id(),
      reading: 'capacitance',
      part: 'old',
      a: 'single',
      b: '',
      typed: '2.1',
    })
    expect(lastMoved(job, diagnosisOf(job).suspects[0]!)!.observation).toBe('capacitor-fan-reading')
  })
})

describe('volts of the supply', () => {
  const read = (kind: 'bldc' | 'psc', plate: string) =>
    act(jobOn('mini-split-indoor-fan', kind), {
      kind: 'field.set',
      id: id(),
      part: 'motor-old',
      field: 'voltages',
      typed: plate,
    })
  it('are those of the plate, but not of a motor that a board feeds: its 310 V would make every supply low', () => {
    expect(supplyVolts(read('bldc', '310'))).toEqual([240])
    expect(supplyVolts(read('psc', '208-230'))).toEqual([208, 230])
    expect(supplyVolts(read('psc', ''))).toEqual([240])
  })
})
