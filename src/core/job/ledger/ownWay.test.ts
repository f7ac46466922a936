import { describe, expect, it } from 'vitest'
import type { Act } from '../acts/actTypes'
import { act, asked, id, jobOn, madeDead, refused } from '../job.testing'
import type { JobSnapshot } from '../rows'
import { openOf } from './ledgerFigures'
import { KEPT_AS, type OwnWay, ownWayOf } from './ownWay'
import { refitOf, replacedPart } from './refitOf'

const planted = (way = 'condensing') =>
  act(madeDead(jobOn('furnace-blower', 'psc')), {
    kind: 'ledger.plant',
    ids: Array.from({ length: 80 }, id),
    template: 'motor',
    way,
  })
const ticked = (job: JobSnapshot) =>
  job.ledger.reduce((all, row) => act(all, ...asked(row), { kind: 'ledger.tick', id: row.id, on: true }), job)
const kept = (job: JobSnapshot, name = 'narrow cabinet') =>
  act(job, { kind: 'field.set', id: id(), ...KEPT_AS, typed: name })
const begin = ({ lines, replaced }: OwnWay): Act => ({
  kind: 'ledger.own',
  ids: Array.from({ length: lines.length + 1 }, id),
  replaced,
  lines: lines.map((line) => ({ line })),
})
const own = (job: JobSnapshot): OwnWay => {
  const way = ownWayOf(job)
  if (!way) throw new Error('nothing was kept')
  return way
}

describe('a way in that is kept for the next time', () => {
  const job = kept(ticked(planted()))

  it('is the lines that were ticked, in their order, without their ticks', () => {
    const way = own(job)
    expect(way.lines.map(({ part }) => part)).toEqual(job.ledger.map(({ part }) => part))
    const next = act(madeDead(jobOn('furnace-blower', 'psc')), begin(way))
    expect(next.ledger.map(({ part, cup, fastener }) => [part, cup, fastener])).toEqual(
      job.ledger.map(({ part, cup, fastener }) => [part, cup, fastener]),
    )
    expect(next.ledger.every(({ doneAt, donePeriod, figure }) => !doneAt && !donePeriod && !figure)).toBe(
      true,
    )
    expect(replacedPart(next)).toBe(replacedPart(job))
  })

  it('leads back as the one it was taken from', () => {
    const next = ticked(act(madeDead(jobOn('furnace-blower', 'psc')), begin(own(job))))
    const texts = (of: JobSnapshot) => refitOf(of).steps.map(({ action, part }) => `${action} ${part}`)
    expect(texts(next)).toEqual(texts(job))
  })

  it('says what was measured the last time, and asks for it anew', () => {
    const measured = job.ledger.find(({ figure }) => figure)
    const line = own(job).lines.find(({ part }) => part === measured?.part)
    expect(line?.caution).toMatch(/^Last time: 14 mm\.$/)
    const next = act(madeDead(jobOn('furnace-blower', 'psc')), begin(own(job)))
    const again = next.ledger.find(({ part }) => part === measured?.part)
    expect(again && openOf(next, again)).toBe('figure-first')
  })

  it('takes no bypass along, and nothing that was struck or not done', () => {
    const held = act(
      ticked(planted()),
      {
        kind: 'ledger.add',
        id: 'door',
        after: null,
        line: { part: 'door switch', action: 'bypass', switchKind: 'door' },
      },
      { kind: 'ledger.tick', id: 'door', on: true },
      { kind: 'ledger.add', id: 'open', after: null, line: { part: 'bracket', action: 'unscrew' } },
    )
    const parts = own(kept(held)).lines.map(({ part }) => part)
    expect(parts).not.toContain('door switch')
    expect(parts).not.toContain('bracket')
  })

  it('is nothing without a name, or without a line that was done', () => {
    expect(ownWayOf(ticked(planted()))).toBeNull()
    expect(ownWayOf(kept(planted()))).toBeNull()
    expect(ownWayOf(kept(ticked(planted()), '  '))).toBeNull()
  })

  it('is judged line by line where it comes in: what may not be typed may not come along', () => {
    const way = own(job)
    const [first] = way.lines
    if (!first) throw new Error('no line')
    const with_ = (line: object): Act => begin({ ...way, lines: [{ ...first, ...line }] })
    const fresh = madeDead(jobOn('furnace-blower', 'psc'))
    const plain = { action: 'unscrew', access: '', cover: null, frees: '', benchOf: '' }
    expect(refused(fresh, with_({ ...plain, part: 'limit switch', action: 'bypass' }))).toBe(
      'forbidden-bypass',
    )
    expect(refused(fresh, with_({ ...plain, part: 'live bus bar', access: 'before-proof' }))).toBe(
      'not-a-cover',
    )
    expect(refused(fresh, with_({ ...plain, part: 'x', action: 'photo', frees: 'motor' }))).toBe(
      'frees-nothing',
    )
    expect(refused(fresh, with_({ ...plain, part: 'door', action: 'bypass', switchKind: 'door' }))).toBe(
      'unknown-value',
    )
    expect(refused(fresh, with_({ ...plain, part: 'screw', doneAt: '2026-01-01T00:00:00.000Z' }))).toBeNull()
    const done = act(fresh, with_({ ...plain, part: 'screw', doneAt: '2026-01-01T00:00:00.000Z' }))
    expect(done.ledger[0]?.doneAt).toBeNull()
  })

  it('tells no cover twice, and is planted once', () => {
    const fresh = madeDead(jobOn('furnace-blower', 'psc'))
    const one = begin(own(job))
    const twice = act(fresh, one, one)
    expect(twice.ledger).toHaveLength(own(job).lines.length)
    const covers = (of: JobSnapshot) => of.ledger.filter(({ access }) => access).map(({ part }) => part)
    expect(covers(twice)).toEqual([...new Set(covers(twice))])
  })
})
