import { describe, expect, it } from 'vitest'
import type { Act } from '../acts/actTypes'
import { energyOf } from '../energy/energy'
import { neededCharges } from '../energy/place'
import { isolationActs, proofActs } from '../energy/proofScript'
import { act, id, jobOn, line, madeDead, NOW, tick } from '../job.testing'
import type { JobSnapshot } from '../rows'
import { stageFocus } from './stageFocus'

const focus = (job: JobSnapshot, stage: string, next: Parameters<typeof stageFocus>[3] = null) => {
  const found = stageFocus(job, energyOf(job, NOW), stage, next)
  if (!found) throw new Error(`${stage} is no stage`)
  return found
}
const found = (observation: string, value: string): Act => ({
  kind: 'finding.set',
  id: id(),
  observation: observation as 'sound',
  value,
})

describe('what a phone shows of a stage', () => {
  const job = jobOn('bath-exhaust-fan', 'psc')

  it('is the next two questions, which move on as they are answered or left out', () => {
    expect(focus(job, 'notice').rows).toEqual(['should-run-now', 'fan-state'])
    const answered = act(job, found('should-run-now', 'yes'), {
      kind: 'declined.set',
      id: id(),
      observation: 'fan-state',
      on: true,
      why: 'unknown',
    })
    expect(focus(answered, 'notice').rows).toEqual(['sound', 'smell'])
  })

  it('does not ask what is heard of a fan that was said to hum, and asks it of one that is noisy', () => {
    const told = (state: string) => act(job, found('should-run-now', 'yes'), found('fan-state', state))
    expect(focus(told('hums'), 'notice').rows).toEqual(['smell', 'danger-signs'])
    expect(focus(told('runs-noisy'), 'notice').rows).toEqual(['sound', 'smell'])
  })

  it('is the points until every one is open and held, then the covers and the proof', () => {
    expect(focus(job, 'make-dead').parts).toEqual(['points'])
    const [first] = isolationActs(job).filter(({ kind }) => kind === 'point.open')
    const opened = first ? act(job, first) : job
    // Open and not said to be held: it stays in sight.
    expect(focus(opened, 'make-dead').rows).toContain(
      opened.points.find((point) => point.openedAt && point.held === '')?.id,
    )
    const unanswered = act(job, ...isolationActs(job).filter(({ kind }) => kind !== 'field.set'))
    expect(focus(unanswered, 'make-dead').parts).toEqual(['questions'])
    expect(focus(act(job, ...isolationActs(job)), 'make-dead').parts).toEqual(['covers', 'proof'])
  })

  it('is the covers alone while one of them is on, and the proof alone once it has begun', () => {
    const isolated = act(job, ...isolationActs(job))
    const covered = act(
      isolated,
      line('grille', { action: 'unclip', part: 'grille', access: 'before-proof' }),
    )
    expect(focus(covered, 'make-dead').parts).toEqual(['covers'])
    expect(focus(act(covered, tick('grille')), 'make-dead').parts).toEqual(['proof'])
    const begun = act(isolated, ...proofActs(isolated, id).slice(0, 2))
    expect(focus(begun, 'make-dead').parts).toEqual(['proof'])
  })

  it('is the question whether water goes to it before the valve is to be shut', () => {
    const fridge = jobOn('refrigerator-evaporator-fan', 'bldc')
    expect(focus(fridge, 'make-dead').parts).toEqual(['questions'])
    const answer = (typed: string): Act => ({
      kind: 'field.set',
      id: id(),
      part: 'plan',
      field: 'water',
      typed,
    })
    for (const typed of ['no', 'yes']) {
      const told = act(fridge, answer(typed))
      expect(focus(told, 'make-dead').parts, typed).toEqual(['points'])
      const valve = told.points.find(({ point, struckAt }) => point === 'water-valve' && !struckAt)
      expect(valve !== undefined, typed).toBe(typed === 'yes')
    }
  })

  it('is the discharge until every pair reads empty: a figure that is too high moves nothing on', () => {
    const can = jobOn('outdoor-unit-fan', 'psc')
    const dead = act(can, ...isolationActs(can), ...proofActs(can, id))
    const charge = neededCharges(dead)[0]
    const read = (typed: string): Act => ({ kind: 'charge.read', id: charge?.id ?? '', typed })
    for (const typed of ['0.3 /  / ', '0.3 / 14 / ', '0.3 / 14 / 0.2'])
      expect(focus(act(dead, read(typed)), 'make-dead').parts, typed).toEqual(['charge'])
    expect(focus(act(dead, read('0.3 / 0.2 / 0.2')), 'make-dead').parts).toEqual(['wait'])
  })

  it('is closing the job where somebody else does it, unless something was taken apart', () => {
    const hired = (of: JobSnapshot) =>
      act(of, {
        kind: 'decision.set',
        id: id(),
        agreed: true,
        cause: 'bearing-seized',
        action: 'call-licensed-trade',
        option: 'hired',
        reason: '',
        probability: 0.5,
      })
    expect(focus(hired(job), 'prove').parts).toEqual(['end'])
    const apart = act(
      act(job, ...isolationActs(job)),
      line('grille', { action: 'unclip', part: 'grille', access: 'before-proof' }),
      tick('grille'),
    )
    expect(focus(hired(apart), 'prove').parts).not.toEqual(['end'])
  })

  it('is no reading of a machine that hands may not go into', () => {
    expect(focus(job, 'measure', 'capacitor-fan-reading').parts).toEqual([])
  })

  it('is what was read last, with what it says, also where no test of it is next', () => {
    const dead = madeDead(job)
    const uf = (a: string, typed: string): Act => ({
      kind: 'reading.set',
      id: id(),
      reading: 'capacitance',
      part: 'old',
      a,
      b: '',
      typed,
    })
    expect(focus(dead, 'measure').parts).toEqual([])
    const read = act(dead, uf('single', '3.1'))
    expect(focus(read, 'measure').parts).toEqual(['capacitor'])
    const both = act(
      read,
      ...['blue', 'white'].map((name): Act => ({ kind: 'lead.add', id: id(), part: 'old', name })),
      {
        kind: 'reading.set',
        id: id(),
        reading: 'resistance',
        part: 'old',
        a: 'blue',
        b: 'white',
        typed: '40',
      },
    )
    expect(focus(both, 'measure', 'free-spin').parts.at(-1)).toBe('windings')
  })

  it('is what lies on the bench, with its charge first, though the machine itself is not dead', () => {
    const out = act(
      jobOn('outdoor-unit-fan', 'psc'),
      { kind: 'part.out', id: id(), part: 'motor' },
      { kind: 'part.out', id: id(), part: 'capacitor' },
    )
    expect(focus(out, 'make-dead').parts).toEqual(['charge', 'points'])
    expect(focus(out, 'measure').parts).toEqual(['capacitor', 'windings'])
  })

  it('is the next three lines of the way in, and a template while there are none', () => {
    expect(focus(job, 'take-apart').parts).toContain('plant')
    const planted = act(job, {
      kind: 'ledger.plant',
      ids: Array.from({ length: 60 }, id),
      template: 'motor',
    })
    const lines = [...planted.ledger].sort((one, two) => one.position - two.position).map((row) => row.id)
    expect(focus(planted, 'take-apart').rows).toEqual(lines.slice(0, 3))
  })

  it('is the old part until something of it is told, then what could stand in for it', () => {
    expect(focus(job, 'match').parts).toContain('old')
    const told = act(
      job,
      ...['volts', 'hp', 'rpm'].map(
        (field): Act => ({ kind: 'field.set', id: id(), part: 'motor-old', field, typed: '1' }),
      ),
    )
    expect(focus(told, 'match').parts).toContain('beside')
    // A plate of which no more can be read is no dead end.
    const one: Act = { kind: 'field.set', id: id(), part: 'motor-old', field: 'volts', typed: '115' }
    expect(focus(act(job, one), 'match').parts).toEqual(['which', 'old', 'beside'])
    // Of a capacitor the label alone is enough.
    const label: Act = {
      kind: 'field.set',
      id: id(),
      part: 'capacitor-old',
      field: 'label',
      typed: '45+5 µF 440 V',
    }
    expect(focus(act(job, label), 'match').parts).toEqual(['which', 'old', 'beside'])
  })

  it('is what holds power back until it is on, and never the checks before', () => {
    expect(focus(job, 'prove').parts).toEqual(['before-power', 'valves', 'power'])
  })

  it('is all of a page that is no stage', () => {
    for (const stage of ['record', 'toString', ''])
      expect(stageFocus(job, energyOf(job, NOW), stage, null)).toBeNull()
  })
})
