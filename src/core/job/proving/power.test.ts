import { describe, expect, it } from 'vitest'
import { leakCheck, readingCheck, wiringCheck } from '../../knowledge/proofChecks'
import { periodOf } from '../energy/period'
import { act, answered, bath, id, jobOn, line, madeDead, NOW, tick } from '../job.testing'
import type { JobSnapshot, LandingRow, LedgerRow } from '../rows'
import { standingAnswer } from './answered'
import {
  bypassText,
  carriesFuel,
  checksOf,
  curesOf,
  gasIsOff,
  gasOpening,
  hasRun,
  isEarly,
  isPowered,
  isWatched,
  openedUnions,
  powerProblems,
  shortProblems,
  standingTemporary,
} from './power'

const HOUR = 3_600_000
const AT = new Date(NOW).toISOString()

/** A line as it stands in the job, with what is said of it here. */
function lineIn(job: JobSnapshot, change: Partial<LedgerRow>): { job: JobSnapshot; row: LedgerRow } {
  const lineId = id()
  const added = act(job, line(lineId, { action: 'unscrew', part: 'plate' }))
  const ledger = added.ledger.map((row) => (row.id === lineId ? { ...row, ...change } : row))
  const row = ledger.find((each) => each.id === lineId)
  if (!row) throw new Error('the line is not there')
  return { job: { ...added, ledger }, row }
}
/** Only that line: nothing of the template beside it. */
const alone = (job: JobSnapshot, change: Partial<LedgerRow>): JobSnapshot => {
  const { job: with_, row } = lineIn(job, change)
  return { ...with_, ledger: [row] }
}
const codes = (job: JobSnapshot, now = NOW) => powerProblems(job, now, 'start').map(({ code }) => code)
const texts = (job: JobSnapshot, code: string) =>
  powerProblems(job, NOW, 'start').flatMap((problem) => (problem.code === code ? [problem.text] : []))
const bare = (job: JobSnapshot): JobSnapshot => ({
  ...job,
  ledger: [],
  landings: [],
  outParts: [],
  leads: [],
})

describe('what is temporary', () => {
  const held = { action: 'bypass', part: 'door switch', switchKind: 'door', doneAt: AT } as const

  it('stands from its tick to its tick on the way back, and not when it is struck', () => {
    expect(standingTemporary(alone(bath(), held))).toHaveLength(1)
    expect(standingTemporary(alone(bath(), { ...held, doneAt: null }))).toEqual([])
    expect(standingTemporary(alone(bath(), { ...held, backDoneAt: AT }))).toEqual([])
    expect(standingTemporary(alone(bath(), { ...held, struckAt: AT }))).toEqual([])
    expect(standingTemporary(alone(bath(), { action: 'unscrew', part: 'grille', doneAt: AT }))).toEqual([])
  })

  it('may stand under power where it holds a door switch or the call, and nothing else', () => {
    const of = (change: Partial<LedgerRow>) => codes(alone(bath(), { ...held, ...change })).includes('bypass')
    expect(of({ switchKind: 'door' })).toBe(false)
    expect(of({ switchKind: 'call' })).toBe(false)
    expect(of({ switchKind: 'limit' })).toBe(true)
    expect(of({ switchKind: null })).toBe(true)
    expect(of({ action: 'note', switchKind: 'door', temporary: 1 })).toBe(true)
  })

  it('says which it is, or that nobody said which', () => {
    const { row } = lineIn(bath(), held)
    expect(bypassText({ ...row, switchKind: 'limit' })).toBe(
      'door switch is still held, bridged or temporary: undo it and tick it.',
    )
    expect(bypassText({ ...row, switchKind: 'limit', part: '' })).toBe(
      'A switch is still held, bridged or temporary: undo it and tick it.',
    )
    for (const switchKind of [null, 'other'] as const)
      expect(bypassText({ ...row, switchKind })).toBe(
        '“door switch” is held or bridged, and nobody said which switch it is: say what it holds, and undo it.',
      )
    expect(bypassText({ ...row, switchKind: null, part: '' })).toContain('“a switch”')
    expect(bypassText({ ...row, action: 'note', switchKind: null })).toContain('is still held')
  })

  it('a short isolation that was begun is finished first', () => {
    expect(shortProblems(alone(bath(), { part: 'tape', shortStep: 0 }))).toEqual([])
    for (const shortStep of [1, 2, 3])
      expect(shortProblems(alone(bath(), { part: 'tape', shortStep }))).toEqual([
        {
          code: 'short-isolation',
          text: 'The short isolation for “tape” is not finished: go through its steps.',
        },
      ])
    expect(shortProblems(alone(bath(), { part: 'tape', shortStep: 4 }))).toEqual([])
  })
})

describe('gas', () => {
  const furnace = () => jobOn('draft-inducer', 'shaded-pole')
  const union = { action: 'loosen', part: 'gas union', access: '', doneAt: AT } as const

  it('is carried by what somebody said, or by what may and of which nobody has said', () => {
    const { job, row } = lineIn(furnace(), union)
    expect(carriesFuel(job, row)).toBe(true)
    expect(carriesFuel(job, { ...row, carries: 'fuel', part: 'hose' })).toBe(true)
    expect(carriesFuel(job, { ...row, carries: 'water-or-air' })).toBe(false)
    expect(carriesFuel(job, { ...row, part: 'wheel' })).toBe(false)
    expect(carriesFuel(bath(), row)).toBe(false)
  })

  it('was opened by a line that is done, is no cover and no look', () => {
    expect(openedUnions(alone(furnace(), union))).toHaveLength(1)
    expect(openedUnions(alone(furnace(), { ...union, doneAt: null }))).toEqual([])
    expect(openedUnions(alone(furnace(), { ...union, access: 'before-proof' }))).toEqual([])
    for (const action of ['photo', 'mark', 'measure'] as const)
      expect(openedUnions(alone(furnace(), { ...union, action }))).toEqual([])
    expect(openedUnions(alone(furnace(), { ...union, carries: 'water-or-air' }))).toEqual([])
    // Struck afterwards, it was opened all the same.
    expect(openedUnions(alone(furnace(), { ...union, struckAt: AT }))).toHaveLength(1)
  })

  it('was opened by words of which nobody has made an act, until that is done or it is said what it carries', () => {
    const told = { action: 'note', part: 'gas pipe union undone', access: '', doneAt: AT } as const
    const job = alone(furnace(), told)
    expect(openedUnions(job)).toHaveLength(1)
    expect(checksOf(job).some(({ id: check }) => check === leakCheck.id)).toBe(true)
    expect(texts(job, 'union')).toEqual([
      '“gas pipe union undone” may tell of a gas line, and nobody has said what was done: choose its act under Take apart, or say there what it carries.',
    ])
    expect(texts(alone(furnace(), { ...told, carries: 'nothing' }), 'union')).toEqual([])
    // Once its act is chosen it is a union like any other.
    expect(texts(alone(furnace(), { ...told, action: 'unscrew' }), 'union')).toEqual([
      'A gas union is open: shut it, or have it shut, before gas comes on.',
    ])
    // What was noted and not done is only noted; where nothing burns there is no gas.
    expect(texts(alone(furnace(), { ...told, doneAt: null }), 'union')).toEqual([])
    expect(texts(alone(bath(), told), 'union')).toEqual([])
  })

  it('asks for its leak test once, and for none where nothing was opened', () => {
    const ids = (job: JobSnapshot) => checksOf(job).map(({ id: check }) => check)
    expect(ids({ ...furnace(), ledger: [] })).not.toContain(leakCheck.id)
    expect(ids(alone(furnace(), union)).filter((check) => check === leakCheck.id)).toHaveLength(1)
    const oven = alone(bath(), { ...union, carries: 'fuel' })
    expect(ids(oven).filter((check) => check === leakCheck.id)).toHaveLength(1)
  })

  it('holds power back while a union is open, and until it was tested in the opening that stands', () => {
    const open = alone(furnace(), union)
    expect(texts(open, 'union')).toEqual([
      'A gas union is open: shut it, or have it shut, before gas comes on.',
    ])
    const one = alone(furnace(), union)
    const [first] = one.ledger
    if (!first) throw new Error('no line')
    const shut: JobSnapshot = { ...one, ledger: [{ ...first, backDoneAt: AT }] }
    const untested = [
      'A gas union was opened: gas comes on first, and each union is tested with bubble solution, before power returns.',
    ]
    expect(texts(shut, 'union')).toEqual(untested)
    // Two unions, one of them still open.
    expect(
      texts(
        {
          ...shut,
          ledger: [
            { ...first, backDoneAt: AT },
            { ...first, id: 'second' },
          ],
        },
        'union',
      )[0],
    ).toContain('is open')
    const cock = shut.points.map((point) =>
      point.point === 'gas-cock' ? { ...point, openedAt: null, changedAt: AT } : point,
    )
    const tested = (change: object): JobSnapshot => ({
      ...shut,
      points: cock,
      checks: [
        {
          id: 'c',
          jobId: 'j',
          checkId: 'leak-test',
          result: 'pass',
          period: AT,
          note: '',
          at: AT,
          ...change,
        },
      ],
    })
    expect(texts(tested({}), 'union')).toEqual([])
    expect(texts(tested({ result: 'fail' }), 'union')).toEqual(untested)
    expect(texts(tested({ period: '2026-03-01T00:00:00Z' }), 'union')).toEqual(untested)
    expect(texts(tested({ checkId: 'other' }), 'union')).toEqual(untested)
    const off = cock.map((point) => (point.point === 'gas-cock' ? { ...point, openedAt: AT } : point))
    expect(texts({ ...tested({ period: null }), points: off }, 'union')).toEqual(untested)
  })

  it('is off while a cock stands shut, and on since it last came on', () => {
    const job = furnace()
    const cock = (change: object): JobSnapshot => ({
      ...job,
      points: job.points.map((point) => (point.point === 'gas-cock' ? { ...point, ...change } : point)),
    })
    expect(gasIsOff(cock({ openedAt: AT }))).toBe(true)
    expect(gasOpening(cock({ openedAt: AT }))).toBeNull()
    expect(gasIsOff(cock({ openedAt: null, changedAt: AT }))).toBe(false)
    expect(gasOpening(cock({ openedAt: null, changedAt: AT }))).toBe(AT)
    expect(gasOpening(cock({ openedAt: null, changedAt: null }))).toBe('never shut')
    const caravan = jobOn('rv-furnace-blower')
    const [later, sooner] = ['2026-03-02T09:30:00Z', '2026-03-02T09:10:00Z']
    const valve = caravan.points.find(({ point }) => point === 'cylinder-valve')
    if (!valve) throw new Error('no valve')
    const both = {
      ...caravan,
      points: [
        { ...valve, changedAt: later, openedAt: null },
        { ...valve, id: 'two', changedAt: sooner, openedAt: null },
      ],
    }
    expect(gasOpening(both)).toBe(later)
  })
})

describe('what other people do', () => {
  it('at the same machine holds power back: hands in, or a way back that is open', () => {
    const beside = (change: object): JobSnapshot => ({
      ...bare(bath()),
      beside: [{ id: 'x', title: 'Loud fan', handsIn: false, open: 0, ...change } as never],
    })
    expect(texts(beside({}), 'beside')).toEqual([])
    expect(texts(beside({ handsIn: true }), 'beside')).toEqual([
      'Another job at this machine (Loud fan) has hands in: whoever works there says first that hands are out.',
    ])
    expect(texts(beside({ open: 1 }), 'beside')).toEqual([
      'Another job at this machine (Loud fan) has 1 act of its way back open.',
    ])
    expect(texts(beside({ open: 3, handsIn: true }), 'beside')).toEqual([
      'Another job at this machine (Loud fan) has 3 acts of its way back open.',
    ])
    const two = { ...beside({ open: 2 }) }
    expect(texts({ ...two, beside: [...(two.beside ?? []), ...(two.beside ?? [])] }, 'beside')).toHaveLength(
      1,
    )
    const { beside: _, ...none } = beside({})
    expect(texts(none as JobSnapshot, 'beside')).toEqual([])
  })
})

describe('parts and leads', () => {
  it('a part that was out before is out until somebody says that it went back', () => {
    const out = (backAt: string | null): JobSnapshot => ({
      ...bare(bath()),
      outParts: [{ id: 'o', jobId: 'j', part: 'motor', at: AT, backAt } as never],
    })
    expect(texts(out(null), 'part-out')).toEqual([
      'The motor was out before this job began: say that it is back in the machine first.',
    ])
    expect(texts(out(AT), 'part-out')).toEqual([])
    const both = { ...out(null), outParts: [...out(null).outParts, ...out(null).outParts] }
    expect(texts(both, 'part-out')).toHaveLength(1)
  })

  it('every lead has its place, and is ticked', () => {
    const landing = (change: object) =>
      ({
        id: id(),
        jobId: 'j',
        lead: 'black',
        role: '',
        terminal: 'L1',
        capped: 0,
        position: 0,
        doneAt: AT,
        doneCover: null,
        period: null,
        ...change,
      }) as never
    const lead = (change: object) =>
      ({ id: id(), jobId: 'j', name: 'black', part: 'old', ...change }) as never
    const job = (change: Partial<JobSnapshot>): JobSnapshot => ({ ...bare(bath()), ...change })
    expect(texts(job({ landings: [landing({})], leads: [lead({})] }), 'landing')).toEqual([])
    // Nothing was landed: the leads are as they were.
    expect(texts(job({ leads: [lead({})] }), 'landing')).toEqual([])
    expect(
      texts(job({ landings: [landing({})], leads: [lead({}), lead({ name: 'red' })] }), 'landing'),
    ).toEqual(['red has no place yet: land it on a terminal, or cap it.'])
    expect(texts(job({ landings: [landing({ terminal: '  ' })], leads: [lead({})] }), 'landing')).toEqual([
      'black has no place yet: land it on a terminal, or cap it.',
    ])
    expect(
      texts(job({ landings: [landing({ terminal: '', capped: 1 })], leads: [lead({})] }), 'landing'),
    ).toEqual([])
    expect(texts(job({ landings: [landing({ doneAt: null })], leads: [lead({})] }), 'landing')).toEqual([
      'black is not landed yet: land or cap it, and tick it.',
    ])
    // Of a new motor its own leads count, and not those of the old one.
    const fresh = [lead({ name: 'red' }), lead({ part: 'new' })]
    expect(texts(job({ landings: [landing({})], leads: fresh }), 'landing')).toEqual([])
    expect(texts(job({ landings: [landing({ lead: 'red' })], leads: fresh }), 'landing')).toEqual([
      'black has no place yet: land it on a terminal, or cap it.',
    ])
  })

  it('wires are looked at where a lead was parted, landed, or hangs on a part that was out', () => {
    const wired = (job: JobSnapshot) => checksOf(job).some(({ id: check }) => check === wiringCheck.id)
    expect(wired(bare(bath()))).toBe(false)
    expect(wired(alone(bath(), { action: 'unscrew', doneAt: AT }))).toBe(false)
    for (const action of ['disconnect', 'cut-wire', 'unsolder'] as const) {
      expect(wired(alone(bath(), { action, doneAt: AT }))).toBe(true)
      expect(wired(alone(bath(), { action, doneAt: null }))).toBe(false)
    }
    expect(wired(alone(bath(), { action: 'lift-off', frees: 'motor', doneAt: AT }))).toBe(true)
    expect(wired({ ...bare(bath()), landings: [{ lead: 'black' } as never] })).toBe(true)
    expect(wired({ ...bare(bath()), outParts: [{ part: 'motor', backAt: AT } as never] })).toBe(true)
  })
})

describe('a cure', () => {
  const cured = { renewMaterial: 'silicone', part: 'seal', cureHours: 2, backDoneAt: AT } as const
  it('begins with the tick on the way back, and holds until it has run out', () => {
    expect(curesOf(alone(bath(), cured))).toMatchObject([{ hours: 2, until: NOW + 2 * HOUR }])
    for (const change of [
      { backDoneAt: null },
      { struckAt: AT },
      { renewMaterial: '' },
      { cureHours: null },
      { cureHours: 0 },
    ])
      expect(curesOf(alone(bath(), { ...cured, ...change }))).toEqual([])
    const at = (now: number) =>
      powerProblems(alone(bath(), cured), now, 'start').find(({ code }) => code === 'cure')?.text
    expect(at(NOW)).toBe('The cure of silicone (seal) takes another 2 h.')
    expect(at(NOW + 31 * 60_000)).toBe('The cure of silicone (seal) takes another 89 min.')
    expect(at(NOW + 30 * 60_000)).toBe('The cure of silicone (seal) takes another 2 h.')
    expect(at(NOW + 2 * HOUR)).toBeUndefined()
  })
})

describe('the phase', () => {
  const phase = (name: string): JobSnapshot => ({ ...bath(), job: { ...bath().job, phase: name as never } })
  it('is powered on for a test and in service alone', () => {
    expect(['live-test', 'in-service', 'proven-dead', 'live'].map((name) => isPowered(phase(name)))).toEqual([
      true,
      true,
      false,
      false,
    ])
  })

  it('has run once it had power, by its log, or where it cannot be parted', () => {
    const log = (kind: string, label: string): JobSnapshot => ({
      ...bath(),
      log: [{ kind, label, at: AT, subject: '', detail: '' } as never],
    })
    expect(hasRun(bath())).toBe(false)
    expect(hasRun(phase('live-test'))).toBe(true)
    expect(hasRun(log('phase', 'live-test'))).toBe(true)
    expect(hasRun(log('phase', 'in-service'))).toBe(true)
    expect(hasRun(log('phase', 'closing-up'))).toBe(false)
    expect(hasRun(log('opened', 'live-test'))).toBe(false)
    expect(hasRun({ ...bath(), points: [] })).toBe(true)
  })

  it('asks the dead checks before power, and of a reading under power the covers alone', () => {
    const dead = madeDead(bath())
    expect(codes(dead)).toContain('dead-check')
    expect(codes(answered(dead))).not.toContain('dead-check')
    const skip = (checkId: string): JobSnapshot => {
      const done = answered(dead)
      return {
        ...done,
        checks: done.checks.map((row) =>
          row.checkId === checkId ? { ...row, result: 'skipped' as const } : row,
        ),
      }
    }
    expect(codes(skip('covers-on'))).toContain('dead-check')
    expect(powerProblems(skip(readingCheck.id), NOW, 'reading').map(({ code }) => code)).toContain(
      'dead-check',
    )
    const other = checksOf(dead).find(
      ({ dead: asked, id: check }) => asked && check !== 'covers-on' && check !== wiringCheck.id,
    )
    if (other) expect(codes(skip(other.id))).not.toContain('dead-check')
    const failed = answered(dead)
    const no = {
      ...failed,
      checks: failed.checks.map((row) =>
        row.checkId === 'covers-on' ? { ...row, result: 'fail' as const } : row,
      ),
    }
    expect(texts(no, 'dead-check')).toHaveLength(1)
    const test = (detail: string): JobSnapshot => ({
      ...dead,
      checks: [],
      job: { ...dead.job, phase: 'live-test' },
      log: [...dead.log, { kind: 'phase', label: 'live-test', detail, at: AT, subject: '' } as never],
    })
    expect(
      powerProblems(test('reading'), NOW, 'start').filter(({ code }) => code === 'dead-check'),
    ).toHaveLength(1)
    expect(powerProblems(test('start'), NOW, 'start').filter(({ code }) => code === 'dead-check')).toEqual([])
  })
})

describe('a look for later', () => {
  it('is early before three quarters of its time have gone', () => {
    const check = { id: 'next-day', laterMinutes: 1440 } as never
    const due = (minutes: number): JobSnapshot => ({
      ...bath(),
      dues: [
        {
          id: 'd',
          jobId: 'j',
          checkId: 'next-day',
          dueAt: new Date(NOW + minutes * 60_000).toISOString(),
          at: AT,
        },
      ],
    })
    expect(isEarly(due(361), check, NOW)).toBe(true)
    expect(isEarly(due(360), check, NOW)).toBe(false)
    expect(isEarly(due(1440), { id: 'other', laterMinutes: 1440 } as never, NOW)).toBe(false)
    expect(isEarly(due(1440), { id: 'next-day' } as never, NOW)).toBe(false)
    expect(isEarly({ ...bath(), dues: [] }, check, NOW)).toBe(false)
  })

  it('a check of the running machine is neither dead nor gas', () => {
    expect([{}, { dead: true }, { gas: true }].map((check) => isWatched(check as never))).toEqual([
      true,
      false,
      false,
    ])
  })
})

it('the way back is said with its first act and how many there are', () => {
  const { job, row } = lineIn(bath(), {})
  const done = act(madeDead({ ...job, ledger: [row] }), tick(row.id))
  expect(texts(done, 'way-back')[0]).toMatch(/^1 act of the way back is open, first: /)
})

describe('what was looked at before power', () => {
  const wired = () => {
    const { job, row } = lineIn(bath(), {
      action: 'disconnect',
      part: 'fan wire',
      terminal: 'FAN',
      doneAt: AT,
    })
    return { job: { ...job, ledger: [row], landings: [] }, row }
  }
  const later = (minutes: number) => new Date(NOW + minutes * 60_000).toISOString()
  const looked = (job: JobSnapshot, checkId: string, minutes: number): JobSnapshot => ({
    ...job,
    checks: [
      ...job.checks.filter((row) => row.checkId !== checkId),
      {
        id: checkId,
        jobId: job.job.id,
        checkId,
        result: 'pass',
        period: periodOf(job),
        note: '',
        at: later(minutes),
      },
    ],
  })
  const back = (job: JobSnapshot, minutes: number): JobSnapshot => ({
    ...job,
    ledger: job.ledger.map((row) => ({ ...row, backDoneAt: later(minutes) })),
  })
  const asks = (job: JobSnapshot, check: string) => standingAnswer(job, { id: check, dead: true }) === null

  it('counts no longer once a wire was put back after it, and counts again once it is looked at again', () => {
    const { job } = wired()
    const seen = looked(back(job, 1), wiringCheck.id, 2)
    expect(asks(seen, wiringCheck.id)).toBe(false)
    expect(asks(back(seen, 2), wiringCheck.id)).toBe(false)
    expect(asks(back(seen, 3), wiringCheck.id)).toBe(true)
    expect(texts(back(seen, 3), 'dead-check').join(' ')).toMatch(/each wire/)
    expect(asks(looked(back(seen, 3), wiringCheck.id, 4), wiringCheck.id)).toBe(false)
  })

  it('is the wires after a lead was landed, and the wheel and the covers after anything at all', () => {
    const { job } = lineIn(bath(), { action: 'lift-off', part: 'cover', doneAt: AT, backDoneAt: later(3) })
    for (const check of ['hand-spin', 'covers-on'])
      expect(asks(looked(job, check, 2), check), check).toBe(true)
    // A cover that went on moved no wire.
    expect(asks(looked(job, wiringCheck.id, 2), wiringCheck.id)).toBe(false)
    const landing: LandingRow = {
      id: 'l',
      jobId: job.job.id,
      lead: 'blue',
      role: 'main-start',
      terminal: 'L',
      capped: 0,
      position: 1,
      doneAt: later(3),
      doneCover: '',
      period: periodOf(job),
    }
    expect(asks(looked({ ...job, landings: [landing] }, wiringCheck.id, 2), wiringCheck.id)).toBe(true)
  })

  it('is later than what was put back in another dead period, though a clock that was set says otherwise', () => {
    const { job } = wired()
    const before = back(job, 60)
    const of = (backPeriod: string | null) => ({
      ...before,
      ledger: before.ledger.map((row) => ({ ...row, backPeriod })),
    })
    expect(asks(looked(of('an earlier one'), wiringCheck.id, 2), wiringCheck.id)).toBe(false)
    expect(asks(looked(of(periodOf(before)), wiringCheck.id, 2), wiringCheck.id)).toBe(true)
    expect(asks(looked(of(null), wiringCheck.id, 2), wiringCheck.id)).toBe(true)
  })

  it('is asked of no check that watches the machine run', () => {
    const { job } = wired()
    const seen = looked(back(job, 3), 'covers-on', 2)
    expect(standingAnswer(seen, { id: 'covers-on' })).not.toBeNull()
  })
})
