import { describe, expect, it } from 'vitest'
import type { Act, JobSnapshot } from '../job'
import { planAct } from '../job/acts/plan'
import { act, jobOn, line, madeDead, NOW, tick } from '../job/job.testing'
import { colourField, remarkField } from '../job/ledger/asFound'
import { candidatePart } from '../job/parts/candidates'
import { WENT_IN } from '../job/parts/wentIn'
import { withChanges } from '../job/snapshot'
import { recordOf } from './ofJob'
import type { JobRecord } from './types'

const doing = (job: JobSnapshot, ...acts: Act[]): JobSnapshot =>
  acts.reduce((now, act) => withChanges(now, planAct(now, act, NOW + 60_000).changes), job)

/** All words of a section, as one reads them. */
const words = (record: JobRecord, title: string): string =>
  JSON.stringify(record.sections.find((each) => each.title === title) ?? '')

describe('the record of a job', () => {
  it('has the machine and what was found, and says where nothing was', () => {
    const record = recordOf(jobOn('bath-exhaust-fan'), NOW)
    expect(record.sections.map(({ title }) => title)).toEqual([
      'Machine',
      'Found',
      'Safety record',
      'Verdict',
    ])
    expect(words(record, 'Found')).toContain('Nothing was noted.')
    expect(record.closing).toContain('It does not say that anything is safe.')
  })

  it('writes figures of the plate with their units, and choices in words', () => {
    const field = (name: string, typed: string): Act => ({
      kind: 'field.set',
      id: name,
      part: 'motor-old',
      field: name,
      typed,
    })
    const record = recordOf(
      doing(
        jobOn('bath-exhaust-fan'),
        field('capacitorVolts', '370'),
        field('rotation', 'CCW'),
        field('hp', '1/15 hp'),
      ),
      NOW,
    )
    expect(words(record, 'Machine')).toContain('["Volts of that capacitor","370 V"]')
    expect(words(record, 'Machine')).toContain('["Turns","counterclockwise"]')
    expect(words(record, 'Machine')).toContain('["Power","1/15 hp"]')
  })

  it('says of a line what marks it, what moves over, what is renewed, and whether it is back', () => {
    const line = { action: 'slide-out' as const, part: 'wheel', mark: 'hub down', movesToNewPart: 1 as const }
    const dead = madeDead(jobOn('bath-exhaust-fan'))
    const done = doing(
      dead,
      { kind: 'ledger.add', id: 'wheel-line', after: null, line },
      { kind: 'ledger.tick', id: 'wheel-line', on: true },
    )
    expect(words(recordOf(done, NOW), 'Way in and back')).toContain(
      'Slide out wheel, mark “hub down”, goes onto the new part, not back yet.',
    )
    const back = doing(done, { kind: 'ledger.back', id: 'wheel-line', on: true })
    expect(words(recordOf(back, NOW), 'Way in and back')).toContain('goes onto the new part, back.')
  })

  it('names each check by what was done, and what went in though it was chosen from no list', () => {
    const job = doing(
      madeDead(jobOn('bath-exhaust-fan', 'psc')),
      {
        kind: 'landing.set',
        id: 'l',
        lead: 'black',
        role: 'common',
        terminal: 'neutral',
        position: 0,
        capped: false,
      },
      { kind: 'check.set', id: 'c', checkId: 'wiring', result: 'pass', note: '' },
    )
    expect(words(recordOf(job, NOW), 'Proved')).toContain('tug at each wire')
    const decided: JobSnapshot = {
      ...job,
      job: { ...job.job, result: 'runs' },
      decisions: [
        {
          id: 'd',
          jobId: 'j',
          agreed: 1,
          cause: 'winding-open',
          action: 'replace-motor',
          option: '',
          reason: '',
          probability: 0.95,
          at: '',
        },
      ],
    }
    expect(words(recordOf(decided, NOW), 'Fitted and wired')).toContain('Nobody said which part went in.')
    const said = doing(decided, { kind: 'field.set', id: 'f', ...WENT_IN, typed: 'MB-12 from the shop.' })
    expect(words(recordOf(said, NOW), 'Fitted and wired')).toContain('Went in: MB-12 from the shop.')
    const chosen = doing(said, {
      kind: 'field.set',
      id: 'x',
      part: 'choice',
      field: 'motor',
      typed: 'shelf-1',
    })
    expect(words(recordOf(chosen, NOW), 'Fitted and wired')).not.toContain('Went in')
  })

  it('says where each wire of a capacitor went', () => {
    const job = doing(
      jobOn('outdoor-unit-fan', 'psc'),
      { kind: 'field.set', id: 'old', part: 'capacitor-old', field: 'label', typed: '45/5 µF 440 V' },
      {
        kind: 'candidate.add',
        id: 'new',
        part: 'capacitor',
        source: 'typed',
        ref: '',
        name: 'from the counter',
      },
      { kind: 'field.set', id: 'label', part: candidatePart('new'), field: 'label', typed: '45+5 µF 440 V' },
      { kind: 'field.set', id: 'choice', part: 'choice', field: 'capacitor', typed: 'new' },
    )
    const said = words(recordOf(job, NOW), 'Fitted and wired')
    expect(said).toContain('from the counter')
    for (const terminal of ['C', 'HERM', 'FAN'])
      expect(said).toContain(`"Wires of ${terminal}","terminal ${terminal}"`)
  })

  it('tells a line that is not there, with the reason, and a reading that was struck', () => {
    const job = doing(
      jobOn('bath-exhaust-fan'),
      { kind: 'ledger.add', id: 'seal-line', after: null, line: { part: 'seal' } },
      { kind: 'ledger.strike', id: 'seal-line', reason: 'this build has none' },
    )
    expect(words(recordOf(job, NOW), 'Way in and back')).toContain('Not there: seal (this build has none).')
  })

  it('has the machine as it was found, and each figure of the way in beside that of the way back', () => {
    const job = doing(
      jobOn('bath-exhaust-fan', 'psc'),
      { kind: 'field.set', id: 'remark', ...remarkField, typed: 'one cover screw missing' },
      { kind: 'field.set', id: 'wires', ...colourField('L'), typed: 'black' },
    )
    expect(words(recordOf(job, NOW), 'As it was found')).toMatch(/one cover screw missing.*On L.*black/s)
    const dead = act(
      madeDead(jobOn('bath-exhaust-fan', 'psc')),
      line('depth', { action: 'measure', part: 'wheel depth', figure: '14 mm', mark: 'hub to shaft end' }),
      line('wheel', { action: 'lift-off', part: 'wheel' }),
      tick('depth'),
      tick('wheel'),
      { kind: 'ledger.edit', id: 'depth', change: { backFigure: '20.4 mm' } },
    )
    expect(words(recordOf(dead, NOW), 'Way in and back')).toContain(
      '14 mm hub to shaft end; on the way back 20.4 mm (1/4 in more)',
    )
  })

  it('keeps a watched start with its times', () => {
    const start = doing(jobOn('furnace-blower'), { kind: 'run.start', id: 'run-one' })
    const seen = withChanges(
      start,
      planAct(start, { kind: 'run.mark', id: 'run-one', event: 'inducer', on: true }, NOW + 69_000).changes,
    )
    expect(words(recordOf(seen, NOW + 80_000), 'Watched')).toContain(
      'The inducer starts. It came after 9 s, 4 s late.',
    )
  })

  it('stands but for a part that cannot be worked out', () => {
    const job = jobOn('bath-exhaust-fan')
    const damaged = { ...job, machine: { ...job.machine, family: 'toString' as 'other-fan' } }
    const record = recordOf(damaged, NOW)
    expect(record.sections.some(({ failed }) => failed)).toBe(true)
    expect(record.sections.find(({ title }) => title === 'Found')?.failed).toBeUndefined()
  })
})
