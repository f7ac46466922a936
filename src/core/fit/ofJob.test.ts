import { describe, expect, it } from 'vitest'
import { act, jobOn, typed } from '../job/job.testing'
import { candidatePart } from '../job/parts/candidates'
import type { JobSnapshot } from '../job/rows'
import { fitOfJob, wheelOfJob } from './ofJob'
import { workOfJob } from './work'

/** A fan motor in the hand, with a longer shaft and longer studs than the old one, chosen. */
function withNewMotor(fit: Record<string, string> = {}): JobSnapshot {
  const job = typed(jobOn('outdoor-unit-fan', 'psc'), 'motor-old', {
    voltages: '230 V',
    hp: '1/6',
    rpm: '1075',
    shaftLengthMm: '102 mm',
    shaftDiameterMm: '12.7 mm',
    mount: 'stud',
    studLengthMm: '16 mm',
  })
  const beside = act(job, {
    kind: 'candidate.add',
    id: 'new',
    part: 'motor',
    source: 'typed',
    ref: '',
    name: 'counter',
  })
  const chosen = typed(beside, candidatePart('new'), {
    motorKind: 'psc',
    voltages: '208-230',
    hp: '1/6',
    rpm: '1075',
    shaftLengthMm: '150 mm',
    shaftDiameterMm: '12.7 mm',
    mount: 'stud',
    studLengthMm: '34 mm',
  })
  return typed(typed(chosen, 'choice', { motor: 'new' }), 'fit', fit)
}
const measured = { oldFaceToHub: '52 mm', hubGrip: '38 mm', newFlat: '60 mm', studsNeeded: '16 mm' }

describe('the new motor where the old one was', () => {
  it('asks for what it needs, and takes the rest from the part that was chosen', () => {
    const { missing, shaft, sizes } = fitOfJob(withNewMotor())
    expect(shaft).toBeNull()
    expect(missing).toEqual(['Old: motor face to hub', 'Hub takes of the shaft'])
    expect(sizes.find(({ field }) => field === 'newShaftLength')).toMatchObject({
      mm: 150,
      from: 'from its figures',
    })
  })

  it('says the mark, the cut, the flat that is short and the studs that are long', () => {
    const fit = fitOfJob(withNewMotor(measured))
    expect(fit.shaft).toMatchObject({ markMm: 52, gripMm: 38, fits: true, cutMm: 45 })
    // One sentence on the flat, never two that say different things.
    expect(fit.shaft?.text.split('. ').filter((each) => each.includes('flat'))).toHaveLength(1)
    expect(fit.shaft?.text).toMatch(/whole hub would sit beside the flat/)
    expect(fit.studsOverMm).toBe(18)
  })

  it('has one cut: the work list says what the fit says, not the bare difference of the lengths', () => {
    const cuts = (job: JobSnapshot) =>
      workOfJob(job)
        .filter(({ kind }) => kind === 'cut-shaft')
        .map(({ text }) => text)
    expect(cuts(withNewMotor())).toEqual([expect.stringContaining('48 mm')])
    expect(cuts(withNewMotor(measured))).toEqual([expect.stringContaining('45 mm')])
    expect(cuts(withNewMotor({ ...measured, standOut: '80 mm' }))).toEqual([])
  })

  it('counts the minutes of every work', () => {
    const work = workOfJob(withNewMotor(measured))
    expect(work.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['cut-shaft', 'trim-studs']))
    expect(work.every(({ minutes }) => minutes > 0)).toBe(true)
  })

  it('takes lengths as the household means them', () =>
    expect(
      fitOfJob(
        typed({ ...withNewMotor(), household: { ...withNewMotor().household, inches: 1 } }, 'fit', {
          hubGrip: '1 1/2',
        }),
      ).sizes.find(({ field }) => field === 'hubGrip')?.mm,
    ).toBeCloseTo(38.1))

  it('centres a wheel once its housing is measured', () => {
    expect(wheelOfJob(withNewMotor())).toBeNull()
    expect(
      wheelOfJob(withNewMotor({ housingInside: '120 mm', wheelWidth: '100 mm', gapBack: '4 mm' })),
    ).toMatchObject({ moveMm: 6 })
  })
})
