import { describe, expect, it } from 'vitest'
import { turns } from '../../knowledge/measureKinds'
import { readLine } from '../../words/ledger'
import { rowOfReading } from '../../words/ledgerRow'
import type { Act } from '../acts/actTypes'
import { act, back, bath, id, line, madeDead, refused, tick } from '../job.testing'
import type { JobSnapshot, LedgerRow } from '../rows'
import { figureWords } from './figureWords'
import { changedFigures, figureChange, figuresAt } from './ledgerFigures'
import { refitOf } from './refitOf'

const edit = (lineId: string, change: Partial<LedgerRow>): Act => ({
  kind: 'ledger.edit',
  id: lineId,
  change,
})

/** A wheel measured on its shaft, loosened and lifted off. */
const way = (): JobSnapshot =>
  act(
    madeDead(bath()),
    line('depth', { action: 'measure', part: 'wheel depth', mark: 'from the hub to the shaft end' }),
    line('screw', { action: 'loosen', part: 'set screw of the wheel' }),
    line('wheel', { action: 'lift-off', part: 'wheel' }),
  )

describe('a line to measure', () => {
  const bare = act(way(), edit('depth', { mark: '' }))

  it('is ticked with its figure, or with a word why there is none', () => {
    expect(refused(bare, tick('depth'))).toBe('figure-first')
    expect(refused(act(bare, edit('depth', { without: 'no' })), tick('depth'))).toBe('figure-first')
    expect(refused(act(bare, edit('depth', { without: 'out of reach' })), tick('depth'))).toBeNull()
    expect(refused(act(bare, edit('depth', { figure: '14' })), tick('depth'))).toBeNull()
    // What was written beside it in words is a figure too: older files have it there.
    expect(refused(way(), tick('depth'))).toBeNull()
  })

  it('comes back where its part is set on, in the very words that were typed', () => {
    const done = act(way(), edit('depth', { figure: '9/16 in' }), tick('depth'), tick('screw'), tick('wheel'))
    const step = refitOf(done).steps.find(({ from }) => from === 'wheel')
    expect(step?.checks).toContain('9/16 in from the hub to the shaft end, as it was')
    expect(figuresAt(done, 'wheel').map(({ id: own }) => own)).toEqual(['depth'])
    expect(figuresAt(done, 'screw')).toEqual([])
  })

  it('goes to the part that it was said to be of', () => {
    const done = act(
      way(),
      edit('depth', { figure: '14', ofPart: 'set screw of the wheel' }),
      tick('depth'),
      tick('screw'),
      tick('wheel'),
    )
    expect(figuresAt(done, 'screw').map(({ id: own }) => own)).toEqual(['depth'])
  })

  it('is measured again before its part is back, or said not to be', () => {
    const done = act(way(), edit('depth', { figure: '14 mm' }), tick('depth'), tick('screw'), tick('wheel'))
    expect(refused(done, back('screw'))).toBeNull()
    expect(refused(done, back('wheel'))).toBe('figure-again')
    expect(refused(act(done, edit('depth', { backFigure: 'as it was' })), back('wheel'))).toBeNull()
    const moved = act(done, edit('depth', { backFigure: '11 mm' }))
    expect(refused(moved, back('wheel'))).toBeNull()
    expect(changedFigures(moved).map(({ change }) => change)).toEqual(['1/8 in less'])
    expect(changedFigures(act(done, edit('depth', { backFigure: '15 mm' })))).toEqual([])
  })

  it('without a figure is asked for nowhere: its words alone are a check', () => {
    const done = act(way(), tick('depth'), tick('screw'), tick('wheel'))
    expect(figuresAt(done, 'wheel')).toEqual([])
    expect(refused(done, back('wheel'))).toBeNull()
  })

  it('takes its unit from the household where none was typed', () => {
    const row = { figure: '14', mark: '', part: 'impeller' }
    expect(figureWords(row, { inches: 0 })).toBe('14 mm at impeller')
    expect(figureWords({ ...row, figure: '1 9/16' }, { inches: 1 })).toBe('1 9/16 in at impeller')
    expect(figureWords({ ...row, figure: '2 cm' }, { inches: 1 })).toBe('2 cm at impeller')
    expect(figureChange('1/2', '3/4', true)).toBe('1/4 in more')
    expect(figureChange('14 mm', 'as it was', false)).toBeNull()
  })

  it('spoken, keeps its figure apart from what was measured', () => {
    const spoken = (text: string) => rowOfReading(readLine({ text }))
    expect(spoken('measure impeller 14 mm from the face')).toMatchObject({
      action: 'measure',
      part: 'impeller from the face',
      figure: '14 mm',
    })
    expect(spoken('wheel depth 9/16 in')).toMatchObject({ part: 'wheel depth', figure: '9/16 in' })
  })
})

describe('a line to photograph', () => {
  const photo = act(madeDead(bath()), line('look', { action: 'photo', part: 'the plug' }))

  it('is ticked with its photo, or with a word why there is none', () => {
    expect(refused(photo, tick('look'))).toBe('photo-first')
    expect(refused(act(photo, edit('look', { without: 'too dark in there' })), tick('look'))).toBeNull()
    const taken: Act = {
      kind: 'photo.add',
      id: id(),
      lineId: 'look',
      hash: 'a'.repeat(64),
      caption: '',
      way: 'in',
    }
    expect(refused(act(photo, taken), tick('look'))).toBeNull()
  })
})

describe('what a line asked to be noted', () => {
  const fan = (more: object = {}) =>
    act(
      madeDead(bath()),
      {
        kind: 'ledger.add',
        id: 'fan',
        after: null,
        line: { action: 'slide-out', part: 'cooling fan', ...more },
      },
      { kind: 'ledger.tick', id: 'fan', on: true },
    )
  const asking = (job: JobSnapshot): JobSnapshot => ({
    ...job,
    ledger: job.ledger.map((line) =>
      line.id === 'fan' ? { ...line, asks: 'which side faces the motor' } : line,
    ),
  })
  const said = (job: JobSnapshot) => refitOf(job).steps.find(({ from }) => from === 'fan')?.text

  it('stands on the way back as it was noted; else the photo is named, or that nobody did', () => {
    expect(said(asking(fan({ mark: 'ribs out' })))).toBe('Slide cooling fan in: ribs out.')
    expect(said(asking(fan()))).toBe('Slide cooling fan in: nobody noted which side faces the motor.')
    const seen = act(asking(fan()), {
      kind: 'photo.add',
      id: 'p',
      lineId: 'fan',
      hash: 'ab'.repeat(32),
      caption: '',
      way: 'in',
    })
    expect(said(seen)).toBe('Slide cooling fan in: look at the photo, which side faces the motor.')
  })
})

describe('a line that marks how a wheel turns', () => {
  const wheel = act(madeDead(bath()), line('turn', { action: 'mark', part: 'which way the wheel turns' }))

  it('is ticked once that is said, in whatever words, photographed, or said to be out of sight', () => {
    expect(refused(wheel, tick('turn'))).toBe('turn-first')
    expect(refused(act(wheel, edit('turn', { mark: '  ' })), tick('turn'))).toBe('turn-first')
    for (const change of [
      { mark: turns.clockwise },
      { mark: 'towards the door' },
      { without: 'it cannot be seen' },
    ])
      expect(refused(act(wheel, edit('turn', change)), tick('turn'))).toBeNull()
    const taken: Act = {
      kind: 'photo.add',
      id: id(),
      lineId: 'turn',
      hash: 'a'.repeat(64),
      caption: '',
      way: 'in',
    }
    expect(refused(act(wheel, taken), tick('turn'))).toBeNull()
  })

  it('and only such a line: another mark is made by hand', () => {
    const joint = act(madeDead(bath()), line('joint', { action: 'mark', part: 'across the joint' }))
    expect(refused(joint, tick('joint'))).toBeNull()
  })
})
