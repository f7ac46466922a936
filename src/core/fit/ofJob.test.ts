import { describe, expect, it } from 'vitest'
import { act, id, jobOn, typed } from '../job/job.testing'
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

describe('what was measured on the way in is not asked again', () => {
  /** A wheel and what was measured of it before it came off, as the template names its lines. */
  const wayIn = (...lines: { part: string; figure: string; mark?: string }[]): JobSnapshot => {
    const job = withNewMotor({ hubGrip: '38 mm' })
    const [row] = act(job, {
      kind: 'ledger.plant',
      ids: Array.from({ length: 60 }, id),
      template: 'motor',
    }).ledger
    if (!row) throw new Error('no line')
    return {
      ...job,
      ledger: lines.map((line, index) => ({ ...row, id: `m${index}`, action: 'measure', mark: '', ...line })),
    }
  }
  const face = (job: JobSnapshot) => fitOfJob(job).sizes.find(({ field }) => field === 'oldFaceToHub')

  it('the depth of the wheel is the way from the motor’s face to its hub, and the mark is known', () => {
    const job = wayIn({ part: 'wheel depth on the shaft', figure: '52 mm' })
    expect(face(job)).toMatchObject({ mm: 52, typed: '', from: 'as measured on the way in' })
    expect(fitOfJob(job).shaft?.markMm).toBe(52)
  })

  it('what is typed in Match counts before it', () => {
    const job = typed(wayIn({ part: 'wheel depth on the shaft', figure: '52 mm' }), 'fit', {
      oldFaceToHub: '50 mm',
    })
    expect(face(job)).toMatchObject({ mm: 50, from: '' })
  })

  it.each([
    [
      'two wheels have two depths',
      [
        { part: 'combustion wheel depth on the shaft', figure: '20 mm' },
        { part: 'room-air wheel depth on the shaft', figure: '30 mm' },
      ],
    ],
    [
      'the person said from where to where',
      [{ part: 'wheel depth on the shaft', figure: '52 mm', mark: 'tip of the shaft to the hub' }],
    ],
    ['it is another size', [{ part: 'gap at the wheel', figure: '4 mm' }]],
    ['it is no length', [{ part: 'wheel depth on the shaft', figure: 'flush' }]],
  ])('but not where %s', (_, lines) => {
    expect(face(wayIn(...lines))).toMatchObject({ mm: null })
    expect(fitOfJob(wayIn(...lines)).missing).toContain('Old: motor face to hub')
  })

  it('the gap on the motor’s side tells how far the wheel is moved', () => {
    const job = typed(wayIn({ part: 'gap at the wheel', figure: '4 mm' }), 'fit', {
      housingInside: '120 mm',
      wheelWidth: '100 mm',
    })
    expect(wheelOfJob(job)?.moveMm).toBeCloseTo(6, 9)
    expect(wheelOfJob(typed(job, 'fit', { gapBack: '9 mm' }))?.moveMm).toBeCloseTo(1, 9)
  })
})
