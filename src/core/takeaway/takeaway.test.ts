import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { act, id, jobOn, onBench } from '../job/job.testing'
import { calendarOf, dueEvents } from './calendar'
import { READING_COLUMNS, readingRows } from './readings'

const unfolded = (text: string) => text.replace(/\r\n /g, '')

describe('a calendar file', () => {
  it('has a line for the day of the next look, and none where nothing is due', () => {
    const job = act(jobOn('ceiling-fan'), { kind: 'machine.edit', field: 'nextLook', value: '2027-05-01' })
    const [event, ...more] = dueEvents(job)
    expect(more).toEqual([])
    expect(event).toMatchObject({ at: '2027-05-01', what: expect.stringContaining('look at it again') })
    expect(dueEvents(jobOn('ceiling-fan'))).toEqual([])
  })

  it.each(['a\rATTENDEE:x', 'a\nATTENDEE:x', 'a\r\nATTENDEE:x', 'a\u2028ATTENDEE:x'])(
    'ends no line where what was typed does: %j',
    (what) => {
      const text = calendarOf([{ id: 'a', at: '2027-05-01', what }], 0)
      expect(text.split(/[\r\n\u2028\u2029]+/).filter((line) => line.startsWith('ATTENDEE'))).toEqual([])
      expect(unfolded(text)).toContain('SUMMARY:a\\nATTENDEE:x')
    },
  )

  it('leaves out a look that was answered', () => {
    const job = jobOn('ceiling-fan')
    const due = {
      id: 'd1',
      jobId: job.job.id,
      checkId: 'tissue',
      dueAt: '2027-05-01T10:00:00.000Z',
      at: '2027-05-01T09:00:00.000Z',
    }
    const answered = {
      id: 'c1',
      jobId: job.job.id,
      checkId: 'tissue',
      result: 'pass' as const,
      note: '',
      period: null,
      at: due.at,
    }
    expect(dueEvents({ ...job, dues: [due] })).toHaveLength(1)
    expect(dueEvents({ ...job, dues: [due], checks: [answered] })).toEqual([])
  })

  it('writes any text so that it comes back whole, in lines of at most 75 bytes', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (what) => {
        const text = calendarOf([{ id: 'a', at: '2027-05-01T10:15:00.000Z', what }], 0)
        for (const line of text.split('\r\n'))
          expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75)
        const summary = /\r\nSUMMARY:(.*)\r\nBEGIN:VALARM/s.exec(unfolded(text))?.[1] ?? ''
        const read = summary.replace(/\\(n|[\\;,])/g, (_, sign: string) => (sign === 'n' ? '\n' : sign))
        expect(read).toBe(what.replace(/\r\n/g, '\n'))
        expect(unfolded(text)).toContain('DTSTART:20270501T101500Z')
      }),
    )
  })
})

describe('readings for a spreadsheet', () => {
  it('have all that was read, struck ones with their reason, over-range without a value', () => {
    const first = id()
    const job = act(
      onBench('ceiling-fan', 'psc'),
      { kind: 'lead.add', id: id(), part: 'old', name: 'black' },
      { kind: 'lead.add', id: id(), part: 'old', name: 'white' },
      {
        kind: 'reading.set',
        id: first,
        reading: 'resistance',
        part: 'old',
        a: 'black',
        b: 'white',
        typed: 'o',
      },
      { kind: 'reading.strike', id: first, reason: 'the probe had slipped' },
    )
    const rows = readingRows(job).map((row) =>
      Object.fromEntries(READING_COLUMNS.map((name, i) => [name, row[i]])),
    )
    expect(rows).toContainEqual(
      expect.objectContaining({
        what: 'resistance',
        part: 'as found',
        from: 'black',
        to: 'white',
        typed: 'o',
        value: '',
        unit: 'Ω',
        struck: 'yes',
        'why struck': 'the probe had slipped',
      }),
    )
    expect(rows.some(({ what }) => what === 'charge of a capacitor')).toBe(true)
    expect(rows.map(({ at }) => at)).toEqual(rows.map(({ at }) => at).sort())
  })
})
