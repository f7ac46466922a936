import { describe, expect, it } from 'vitest'
import { act, answered, id, jobOn, line, madeDead, NOW } from '../job.testing'
import type { JobSnapshot, PointRow, ProofReadingRow, ProofRow } from '../rows'
import { energyOf, MINUTE } from './energy'
import { allOpen, coversOn, feedProof, lastChange, spanOf, standingProof, stillLive } from './proofs'

const HOUR = 60 * MINUTE
const iso = (at: number) => new Date(at).toISOString()
const dead = madeDead(jobOn('bath-exhaust-fan', 'psc'))
const provenAt = Date.parse(energyOf(dead, NOW).provenAt ?? '')

/** The job with some columns of rows changed: states that no act leads to, held all the same. */
const points = (change: Partial<PointRow>, place = 0): JobSnapshot => ({
  ...dead,
  points: dead.points.map((row, at) => (at === place ? { ...row, ...change } : row)),
})
const proof = (change: Partial<ProofRow>): JobSnapshot => ({
  ...dead,
  proofs: dead.proofs.map((row) => ({ ...row, ...change })),
})
const readings = (change: (row: ProofReadingRow) => ProofReadingRow[]): JobSnapshot => ({
  ...dead,
  proofReadings: dead.proofReadings.flatMap(change),
})
const phase = (is: JobSnapshot['job']['phase']): JobSnapshot => ({ ...dead, job: { ...dead.job, phase: is } })

describe('the state of the energy', () => {
  it('is that of the phase while power may be on, or the covers go on', () => {
    for (const is of ['live-test', 'in-service', 'closing-up'] as const) {
      expect(energyOf(phase(is), NOW).state).toBe(is)
      expect(energyOf(phase(is), NOW).handsIn).toBe(false)
    }
  })

  it('is live with nothing off, isolating with some, isolated with all and no proof', () => {
    const fresh = jobOn('bath-exhaust-fan', 'psc')
    expect(energyOf(fresh, NOW).state).toBe('live')
    const [first] = fresh.points
    expect(energyOf(act(fresh, { kind: 'point.open', id: first?.id ?? '' }), NOW).state).toBe('isolating')
    expect(energyOf({ ...dead, proofs: [], proofReadings: [] }, NOW).state).toBe('isolated')
    expect(energyOf(dead, NOW).state).toBe('proven-dead')
  })

  it('is isolating while nobody said how a point is held; blanks say nothing', () => {
    for (const held of ['', '   ']) {
      const energy = energyOf(points({ held }), NOW)
      expect(energy.state).toBe('isolating')
      expect(energy.handsIn).toBe(false)
      expect(energy.coversBeforeProof).toBe(false)
      expect(energy.missing[0]).toMatch(/how it is held/)
    }
  })

  it('counts open points among those that stand', () => {
    expect(energyOf(points({ openedAt: null }), NOW)).toMatchObject({ openPoints: 1, allPoints: 2 })
    expect(energyOf(points({ struckAt: iso(NOW) }), NOW)).toMatchObject({ openPoints: 1, allPoints: 1 })
  })
})

describe('how long a proof lasts', () => {
  const holds = Date.parse(energyOf(dead, NOW).holdsUntil ?? '')

  it('is half an hour after the last act that it covers, to the moment', () => {
    expect(holds - provenAt).toBe(30 * MINUTE)
    expect(energyOf(dead, holds)).toMatchObject({ expired: false, handsIn: true })
    const over = energyOf(dead, holds + 1)
    expect(over).toMatchObject({ expired: true, handsIn: false, state: 'isolated' })
    expect(over.missing).toContain('the proof has run out: prove again')
  })

  it('is never more than four hours, whatever is done meanwhile', () => {
    const ticked = (at: number) => ({
      ...act(dead, line('nut', { part: 'motor nut' })),
      charges: dead.charges.map((row) => ({ ...row, readAt: iso(at) })),
    })
    expect(energyOf(ticked(provenAt + 20 * MINUTE), NOW).holdsUntil).toBe(iso(provenAt + 50 * MINUTE))
    let busy: JobSnapshot = dead
    for (let at = 20; at <= 300; at += 20) {
      const lineId = `l${at}`
      busy = {
        ...act(busy, line(lineId, { part: 'motor nut' })),
        ledger: [
          ...busy.ledger,
          ...act(busy, line(lineId, { part: 'motor nut' }))
            .ledger.slice(-1)
            .map((row) => ({
              ...row,
              doneAt: iso(provenAt + at * MINUTE),
              doneCover: '' as const,
            })),
        ],
      }
    }
    expect(energyOf(busy, NOW).holdsUntil).toBe(iso(provenAt + 4 * HOUR))
  })

  it('is not made longer by an act that was told late, but where that very act is judged', () => {
    const late: JobSnapshot = {
      ...dead,
      ledger: act(dead, line('nut', { part: 'motor nut' })).ledger.map((row) => ({
        ...row,
        doneAt: iso(provenAt + 20 * MINUTE),
        doneCover: 'late' as const,
      })),
    }
    expect(energyOf(late, NOW).holdsUntil).toBe(iso(provenAt + 30 * MINUTE))
    expect(energyOf(late, NOW, { countLate: true }).holdsUntil).toBe(iso(provenAt + 50 * MINUTE))
  })

  it('is over where it lies in the future by more than a minute: another clock made it', () => {
    expect(energyOf(dead, provenAt - MINUTE).expired).toBe(false)
    expect(energyOf(dead, provenAt - MINUTE - 1).expired).toBe(true)
  })

  it('is none where it took more than half an hour from the first check of the tester to the last', () => {
    // Said to be off before it, as it has to be.
    const begun = (minutes: number): JobSnapshot => ({
      ...proof({ testerBeforeAt: iso(provenAt - minutes * MINUTE), switchOnAt: iso(provenAt - MINUTE) }),
      points: dead.points.map((row) => ({
        ...row,
        openedAt: iso(provenAt - HOUR),
        changedAt: iso(provenAt - HOUR),
      })),
    })
    expect(energyOf(begun(30), NOW).provenAt).not.toBeNull()
    const slow = energyOf(begun(31), NOW)
    expect(slow.provenAt).toBeNull()
    expect(slow.missing).toContain(
      'the proof took longer than half an hour: begin it again with the tester, all circuits in one go',
    )
  })
})

describe('what keeps a proof alive', () => {
  const reading = {
    jobId: dead.job.id,
    id: 'ohm',
    kind: 'resistance' as const,
    part: 'old' as const,
    pointA: 'black',
    pointB: 'white',
    typed: '42',
    value: 42,
    over: 0 as const,
    live: 0 as const,
    cover: '' as const,
    at: iso(provenAt + 20 * MINUTE),
    struckAt: null,
    strikeReason: '',
  }
  const read = (...rows: Partial<typeof reading>[]): JobSnapshot => ({
    ...dead,
    readings: rows.map((row, at) => ({ ...reading, id: `r${at}`, ...row })) as JobSnapshot['readings'],
  })
  const until = (job: JobSnapshot) => (Date.parse(energyOf(job, NOW).holdsUntil ?? '') - provenAt) / MINUTE
  const at = (minutes: number) => ({ at: iso(provenAt + minutes * MINUTE) })

  it('is a reading that it covered, no live one, and none that was told late', () => {
    expect(until(read({}))).toBe(50)
    expect(until(read({ live: 1 as never }))).toBe(30)
    expect(until(read({ cover: 'late' as never }))).toBe(30)
    expect(until(read({ cover: 'bench' as never }))).toBe(30)
  })

  it('is one after the other, each within half an hour of the one before, in whatever order they are kept', () => {
    expect(until(read(at(50), at(25)))).toBe(80)
    expect(until(read(at(30), at(60)))).toBe(90)
    expect(until(read(at(31)))).toBe(30)
    expect(until(read(at(20), at(51)))).toBe(50)
    // What was read before the proof says nothing of it.
    expect(until(read(at(-5), at(0)))).toBe(30)
  })

  it('is counted from the proof of the last circuit, and never beyond four hours from that of the first', () => {
    const [own] = dead.proofs
    const second = {
      ...dead,
      fields: dead.fields.map((row) => (row.field === 'feeds' ? { ...row, typed: '2' } : row)),
      proofs: [
        ...dead.proofs,
        { ...own, id: 'p2', feed: 2, testerAfterAt: iso(provenAt + 10 * MINUTE) } as ProofRow,
      ],
      proofReadings: [
        ...dead.proofReadings,
        ...['L–N, feed 2', 'L–ground, feed 2', 'N–ground, feed 2', 'L of feed 1–L of feed 2'].map((pair) => ({
          ...(dead.proofReadings[0] as ProofReadingRow),
          id: pair,
          proofId: 'p2',
          pair,
        })),
      ],
    } as JobSnapshot
    expect(energyOf(second, NOW).provenAt).toBe(iso(provenAt + 10 * MINUTE))
    expect(until(second)).toBe(40)
    const busy = read(...Array.from({ length: 12 }, (_, i) => at(25 * (i + 1))))
    expect(until({ ...second, readings: busy.readings })).toBe(240)
  })
})

describe('what is still missing', () => {
  it('is one stop and one contradiction at a time, whatever else stands', () => {
    const stop = (job: JobSnapshot, rule: 'burnt-supply' | 'gas-smell') =>
      act(job, { kind: 'stop.raise', id: id(), rule, note: '' })
    const two = stop(stop(dead, 'burnt-supply'), 'gas-smell')
    expect(energyOf(two, NOW).missing.filter((text) => /^a stop stands/.test(text))).toHaveLength(1)
  })

  it('names a stop first, then a point, then the proof, then what is stored', () => {
    const stopped = act(dead, { kind: 'stop.raise', id: id(), rule: 'burnt-supply', note: '' })
    expect(energyOf(stopped, NOW).missing[0]).toMatch(/^a stop stands: .*scorched|^a stop stands: /)
    expect(energyOf(stopped, NOW).coversBeforeProof).toBe(false)
    const none = energyOf({ ...dead, proofs: [], proofReadings: [] }, NOW)
    expect(none.missing).toEqual(['prove it dead'])
    expect(none.coversBeforeProof).toBe(true)
    expect(none.coversBeforeDischarge).toBe(false)
    expect(energyOf(dead, NOW).missing).toEqual([])
    expect(energyOf(dead, NOW).coversBeforeDischarge).toBe(true)
  })

  it('names the circuit that is not proved where there are several', () => {
    const two: JobSnapshot = {
      ...dead,
      fields: dead.fields.map((row) => (row.field === 'feeds' ? { ...row, typed: '2' } : row)),
    }
    expect(energyOf(two, NOW).missing).toContain('prove circuit 2 dead')
    expect(energyOf(two, NOW).provenAt).toBeNull()
  })

  it('is a known earth where there is nothing to read against but the other wire', () => {
    const bare: JobSnapshot = {
      ...dead,
      fields: dead.fields.map((row) => (row.field === 'earth' ? { ...row, typed: 'none' } : row)),
    }
    expect(energyOf(bare, NOW).missing).toContain(
      'there is nothing to read against but the other wire: bring a known earth by a long lead',
    )
    expect(energyOf(bare, NOW).handsIn).toBe(false)
  })

  it('is a charge of five volts and more, and none below', () => {
    const charged = (volts: string): JobSnapshot => ({
      ...dead,
      charges: dead.charges.map((row) => ({ ...row, typed: volts, volts: Number(volts) })),
    })
    expect(energyOf(charged('4.9'), NOW).stored).toEqual([])
    const full = energyOf(charged('5'), NOW)
    expect(full.stored[0]).toMatch(/discharge it and read below 5 V DC/)
    expect(full.charged).toEqual(full.stored)
  })

  it('is a charge that was read before the last point was opened', () => {
    const early: JobSnapshot = {
      ...dead,
      charges: dead.charges.map((row) => ({ ...row, readAt: iso(lastChange(dead) - 1) })),
    }
    expect(energyOf(early, NOW).handsIn).toBe(false)
    // A part on the bench keeps what it was emptied of.
    expect(energyOf(early, NOW).charged).toEqual([])
  })

  it('is each wait that has not run out; the longest tells when all are over', () => {
    const blower = jobOn('furnace-blower', 'ecm')
    const [wait] = blower.waits
    const other = { ...wait, id: 'warm', label: 'Drive runs down', minutes: 40 }
    const job = {
      ...blower,
      waits: [...blower.waits, other].map((row) => ({ ...row, startedAt: iso(NOW) })) as typeof blower.waits,
    }
    const energy = energyOf(job, NOW + 5 * MINUTE)
    expect(energy.stored.filter((text) => /min to go/.test(text))).toHaveLength(job.waits.length)
    expect(energy.waitsUntil).toBe(iso(NOW + 40 * MINUTE))
    expect(energy.charged.length).toBeLessThan(energy.stored.length)
    expect(energyOf(job, NOW + 40 * MINUTE).waitsUntil).toBeNull()
  })
})

describe('the proof of a circuit', () => {
  it('is the newest that is not void', () => {
    const [row] = dead.proofs
    if (!row) throw new Error('nothing was proved')
    const older = { ...row, id: 'older', startedAt: iso(NOW - HOUR) }
    const newer = { ...row, id: 'newer', startedAt: iso(NOW + HOUR) }
    for (const proofs of [
      [older, row, newer],
      [newer, row, older],
    ])
      expect(standingProof({ ...dead, proofs })?.id).toBe('newer')
    expect(standingProof({ ...dead, proofs: [{ ...newer, voidedAt: iso(NOW) }, older] })?.id).toBe('older')
    expect(standingProof({ ...dead, proofs: [{ ...newer, feed: 2 }, older] })?.id).toBe('older')
  })

  it('goes step by step, none before the one before it', () => {
    const stepOf = (job: JobSnapshot) => feedProof(job, 1).step
    expect(stepOf({ ...dead, proofs: [] })).toBe('begin')
    expect(stepOf(proof({ testerBeforeAt: null }))).toBe('tester-before')
    expect(stepOf(proof({ switchOnAt: null }))).toBe('switch-on')
    expect(stepOf(readings(() => []))).toBe('read')
    expect(stepOf(proof({ switchOffAt: null }))).toBe('switch-off')
    // Off after the first pair, and the others read behind an open switch.
    const last = Math.max(...dead.proofReadings.map(({ at }) => Date.parse(at)))
    const early = readings((row) => [{ ...row, at: iso(last + (row.position === 0 ? 0 : 2000)) }])
    const offAt = { switchOffAt: iso(last + 1000), testerAfterAt: iso(last + 3000) }
    expect(stepOf({ ...early, proofs: dead.proofs.map((row) => ({ ...row, ...offAt })) })).toBe('switch-off')
    expect(stepOf(proof({ testerAfterAt: null }))).toBe('tester-after')
    expect(stepOf(dead)).toBe('done')
    expect(feedProof(proof({ testerAfterAt: null }), 1).provenAt).toBeNull()
  })

  it('takes no reading that was replaced or mistyped, or read before the switch was set on', () => {
    const open = (job: JobSnapshot) => feedProof(job, 1).open
    expect(open(dead)).toEqual([])
    const first = dead.proofReadings[0]?.pair
    const changed = (change: Partial<ProofReadingRow>) =>
      readings((row) => [row.pair === first ? { ...row, ...change } : row])
    expect(open(changed({ replacedAt: iso(NOW) }))).toEqual([first])
    expect(open(changed({ mistyped: '118' }))).toEqual([first])
    expect(open(changed({ at: iso(Date.parse(dead.proofs[0]?.switchOnAt ?? '') - 1) }))).toEqual([first])
    // Doubtful once, only a range that loads the circuit says that it is dead.
    const doubted = (range: ProofReadingRow['range']) =>
      readings((row) =>
        row.pair === first
          ? [
              { ...row, id: 'before', volts: 12, typed: '12', replacedAt: iso(NOW) },
              { ...row, range },
            ]
          : [row],
      )
    expect(open(doubted('ordinary'))).toEqual([first])
    expect(open(doubted('low-impedance'))).toEqual([])
    // Twelve volts on such a range are no less than twelve volts.
    expect(open(changed({ volts: 12, typed: '12', range: 'low-impedance' }))).toEqual([first])
  })

  it('counts no change of a cock as one of the supply', () => {
    const before = lastChange(dead)
    const [point] = dead.points
    if (!point) throw new Error('there is no point')
    const cock = {
      ...point,
      id: 'cock',
      point: 'gas-cock' as const,
      changedAt: iso(NOW + HOUR),
      openedAt: null,
    }
    expect(lastChange({ ...dead, points: [...dead.points, cock] })).toBe(before)
    expect(lastChange(points({ changedAt: iso(NOW + HOUR) }))).toBe(NOW + HOUR)
  })

  it('lasts from the first check of any circuit to the last of any', () => {
    const one = feedProof(dead, 1)
    expect(spanOf([])).toBe(0)
    expect(spanOf([{ ...one, provenAt: null }])).toBe(0)
    expect(spanOf([{ ...one, row: null }])).toBe(0)
    const at = (begun: number, ended: number) => ({
      ...one,
      row: one.row ? { ...one.row, testerBeforeAt: iso(begun) } : null,
      provenAt: ended,
    })
    expect(spanOf([at(NOW, NOW + 5), at(NOW - 10, NOW + 2)])).toBe(15)
  })
})

describe('a reading that says it is live', () => {
  const first = dead.proofReadings[0]
  if (!first) throw new Error('nothing was read')
  /** 118 V were read, then what `later` says, on the same pair and a minute later where it does not say otherwise. */
  const read = (later: Partial<ProofReadingRow>, job: JobSnapshot = dead): JobSnapshot => ({
    ...job,
    proofReadings: [
      ...job.proofReadings.filter(({ pair }) => pair !== first.pair),
      { ...first, id: 'live', volts: 118, typed: '118', replacedAt: iso(NOW + MINUTE) },
      { ...first, id: 'again', at: iso(NOW + MINUTE), range: 'low-impedance', ...later },
    ],
  })

  it('is over by a repeat on a range that loads the circuit, and by nothing less', () => {
    expect(stillLive(read({}))).toBeNull()
    for (const later of [
      { range: 'ordinary' },
      { volts: 12, typed: '12' },
      { mistyped: '0.2' },
      { pair: dead.proofReadings[1]?.pair ?? '' },
      { at: iso(NOW - MINUTE) },
    ] as Partial<ProofReadingRow>[])
      expect(stillLive(read(later))?.id, JSON.stringify(later)).toBe('live')
  })

  it('is not induced on DC, nor in a machine on a battery', () => {
    const direct = read({})
    expect(
      stillLive({
        ...direct,
        proofReadings: direct.proofReadings.map((row) => ({ ...row, current: 'dc' as const })),
      })?.id,
    ).toBe('live')
    const caravan = { ...dead, machine: { ...dead.machine, family: 'rv-furnace-blower' as const } }
    expect(stillLive(read({}, caravan))?.id).toBe('live')
  })

  it('is over once another point was opened, and not by a cock', () => {
    const live = read({ range: 'ordinary' })
    const opened = (change: Partial<PointRow>): JobSnapshot => ({
      ...live,
      points: live.points.map((row, at) => (at === 0 ? { ...row, ...change } : row)),
    })
    expect(stillLive(opened({ openedAt: iso(NOW + HOUR) }))).toBeNull()
    expect(stillLive(opened({ openedAt: iso(NOW + HOUR), point: 'water-valve' }))?.id).toBe('live')
    expect(energyOf(live, NOW).stop).toMatchObject({ pair: first.pair, volts: 118 })
    expect(energyOf(live, NOW)).toMatchObject({ state: 'live', coversBeforeProof: false })
  })
})

describe('covers before the proof', () => {
  it('are on while their line is neither ticked nor struck', () => {
    const cover = act(dead, line('grille', { part: 'grille', access: 'before-proof', cover: 'grille' }))
    expect(coversOn(cover).map(({ part }) => part)).toEqual(['grille'])
    expect(energyOf(cover, NOW).missing).toContain(
      'tick it off first, the proof place lies behind it: grille',
    )
    const row = (change: object): JobSnapshot => ({
      ...cover,
      ledger: cover.ledger.map((each) => ({ ...each, ...change })),
    })
    expect(coversOn(row({ doneAt: iso(NOW) }))).toEqual([])
    expect(coversOn(row({ struckAt: iso(NOW) }))).toEqual([])
    expect(coversOn(row({ cover: null }))).toEqual([])
    expect(coversOn(row({ access: 'before-discharge' }))).toEqual([])
  })

  it('do not matter to a machine that is checked and on for a test', () => {
    expect(answered(dead).checks.length).toBeGreaterThan(0)
    expect(allOpen(dead)).toBe(true)
    expect(allOpen(points({ openedAt: null }))).toBe(false)
  })
})
