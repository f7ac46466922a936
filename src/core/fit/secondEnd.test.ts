import { describe, expect, it } from 'vitest'
import { act, jobOn, typed } from '../job/job.testing'
import { candidatePart } from '../job/parts/candidates'
import type { JobSnapshot } from '../job/rows'
import { bearingOfJob } from './bearingOfJob'
import { secondEndOfJob } from './secondEnd'
import { workOfJob } from './work'

/** A household that measures in millimetres. */
const metric = (job: JobSnapshot): JobSnapshot => ({ ...job, household: { ...job.household, inches: 0 } })

/** A caravan heater's motor with two wheels, and one bought for it whose body is shorter and whose second shaft is longer. */
function caravan(old: Record<string, string> = {}, fresh: Record<string, string> = {}): JobSnapshot {
  const job = typed(metric(jobOn('rv-furnace-blower', 'brushed-dc')), 'motor-old', {
    voltages: '12',
    rpm: '3000',
    bodyLengthMm: '90 mm',
    shaftLengthMm: '40 mm',
    secondLengthMm: '45 mm',
    rotation: 'CW',
    viewedFrom: 'shaft-end',
    ...old,
  })
  const beside = act(job, {
    kind: 'candidate.add',
    id: 'new',
    part: 'motor',
    source: 'typed',
    ref: '',
    name: 'spare',
  })
  const chosen = typed(beside, candidatePart('new'), {
    motorKind: 'brushed-dc',
    voltages: '12',
    rpm: '3000',
    bodyLengthMm: '82 mm',
    shaftLengthMm: '40 mm',
    secondLengthMm: '70 mm',
    rotation: 'CW',
    viewedFrom: 'shaft-end',
    ...fresh,
  })
  return typed(chosen, 'choice', { motor: 'new' })
}
const measured = { secondBackToHub: '12 mm', secondHubGrip: '20 mm' }

describe('a motor with a wheel on each end', () => {
  it('is asked about where the family has two wheels or the second shaft is typed, and nowhere else', () => {
    expect(secondEndOfJob(jobOn('rv-furnace-blower'))).not.toBeNull()
    expect(secondEndOfJob(jobOn('ceiling-fan'))).toBeNull()
    expect(
      secondEndOfJob(typed(jobOn('ceiling-fan'), 'motor-old', { secondLengthMm: '30 mm' })),
    ).not.toBeNull()
    expect(
      secondEndOfJob(typed(jobOn('rv-furnace-blower'), 'motor-old', { secondLengthMm: '0 mm' })),
    ).toBeNull()
  })

  it('tells both turns, each from its own end, with the wheels by their names', () => {
    const job = typed(caravan(), 'fit', { firstWheel: 'combustion wheel', secondWheel: 'room-air wheel' })
    expect(secondEndOfJob(job)?.turns).toBe(
      'Seen from its own end, the combustion wheel turns clockwise and the room-air wheel counterclockwise.',
    )
    expect(secondEndOfJob(job)?.ends.map(({ oldTurn }) => oldTurn)).toEqual(['CW', 'CCW'])
  })

  it('takes a turn that was read from the other end as the same shaft', () => {
    const second = secondEndOfJob(caravan({ viewedFrom: 'lead-end' }))
    expect(second?.ends.map(({ oldTurn, newTurn }) => [oldTurn, newTurn])).toEqual([
      ['CCW', 'CW'],
      ['CW', 'CCW'],
    ])
    expect(second?.reversed).toBe(true)
    expect(second?.turns).toContain('both wheels would run backwards')
  })

  it('asks for the turn while nobody has noted it', () => {
    expect(secondEndOfJob(caravan({ rotation: '' }))?.turns).toContain('Note which way the old shaft turns')
  })

  it('keeps the second wheel at its old depth behind a shorter body, and cuts what stands out', () => {
    expect(secondEndOfJob(caravan())?.missing).toEqual([
      'Old: motor’s back to second hub',
      'Second hub takes of the shaft',
    ])
    // 8 mm shorter: the hub sits 8 mm further from the new back. 20 + 20 + 15 of the 70 mm are wanted.
    const second = secondEndOfJob(typed(caravan(), 'fit', measured))
    expect(second?.shaft).toMatchObject({ markMm: 20, gripMm: 20, fits: true, cutMm: 15 })
    expect(second?.shaft?.text).toContain("from the motor's back")
  })
})

describe('the work of a motor with two ends', () => {
  const cuts = (job: JobSnapshot) =>
    workOfJob(job).flatMap(({ kind, text }) => (kind === 'cut-shaft' ? [text] : []))

  it('takes the second end from the bare lengths first, and from the fit as soon as it is measured', () => {
    expect(cuts(caravan())).toEqual(['Cut 25 mm off the second shaft end and deburr it.'])
    expect(cuts(typed(caravan(), 'fit', measured))).toEqual([
      'Cut 15 mm off the second shaft end and deburr it.',
    ])
  })

  it('adds what a look at both motors tells, with its minutes and the figures of its drawing', () => {
    const job = typed(caravan(), 'fit', { plate: 'other-way', arms: 'move-over', holes: 'meet' })
    expect(workOfJob(job).map(({ kind, minutes }) => [kind, minutes])).toEqual([
      ['cut-shaft', 20],
      ['turn-plate', 10],
      ['transfer-parts', 15],
    ])
    const measuredJob = typed(job, 'fit', measured)
    expect(workOfJob(measuredJob)[0]?.figures).toEqual({ amount: '15 mm' })
  })

  it('takes no answer that was never offered', () => {
    expect(workOfJob(typed(caravan(), 'fit', { plate: 'toString' })).map(({ kind }) => kind)).toEqual([
      'cut-shaft',
    ])
  })
})

describe('the bearing of a job', () => {
  const job = metric(jobOn('draft-inducer'))

  it('is named by its three sizes, in the household’s units', () => {
    expect(bearingOfJob(job)).toBeNull()
    const found = bearingOfJob(
      typed(job, 'fit', { bearingBore: '8', bearingOuter: '22 mm', bearingWidth: '7' }),
    )
    expect(found?.designations.map(({ code, exact }) => [code, exact])).toEqual([['608', true]])
  })

  it('says how it would sit on the shaft', () => {
    const loose = bearingOfJob(typed(job, 'fit', { bearingBore: '8 mm', bearingShaft: '7.93 mm' }))
    expect(loose?.fit).toBe('loose')
    expect(loose?.text).toContain('another bearing, or a retaining compound')
  })
})
