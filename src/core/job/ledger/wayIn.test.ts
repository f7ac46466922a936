import { describe, expect, it } from 'vitest'
import { familyIds } from '../../knowledge/vocabulary'
import { moreWays } from '../../knowledge/ways'
import type { Act } from '../acts/actTypes'
import { dischargeActs } from '../energy/dischargeScript'
import { energyOf } from '../energy/energy'
import { neededCharges, neededWaits, onlyPlug } from '../energy/place'
import { isolationActs, proofActs } from '../energy/proofScript'
import { act, actAt, asked, id, jobOn, NOW, refused } from '../job.testing'
import type { LedgerRow } from '../rows'
import { kitOf } from './kit'
import { refitOf, replacedPart } from './refitOf'

const tick = (line: LedgerRow): Act => ({ kind: 'ledger.tick', id: line.id, on: true })

describe('the way in of every family', () => {
  it.each(
    familyIds.flatMap((family) =>
      ['', ...moreWays(family).map((way) => way.id)].map((way) => [family, way] as const),
    ),
  )('%s %s is walked from its first screw to its proof, its discharge and its motor', (family, way) => {
    const fresh = act(jobOn(family), {
      kind: 'ledger.plant',
      ids: Array.from({ length: 60 }, id),
      template: 'motor',
      way,
    })
    const planted = act(fresh, ...fresh.ledger.flatMap(asked))
    const lines = planted.ledger.filter((line) => line.action !== 'photo')
    // Nothing comes off while a point is closed.
    for (const line of lines) expect(refused(planted, tick(line)), line.part).toBe('not-proven')

    const begun = NOW - 3 * 3_600_000
    let job = actAt(begun, planted, ...isolationActs(planted))
    job = actAt(begun, job, ...neededWaits(job).map((wait): Act => ({ kind: 'wait.start', id: wait.id })))
    const first = lines.filter((line) => line.access === 'before-proof')
    // A machine with fixed wires has a cover in front of the place where dead is proved.
    expect(first.length > 0).toBe(!onlyPlug(planted))
    for (const line of first) expect(refused(job, tick(line)), line.part).toBeNull()
    for (const line of lines.filter((each) => each.access !== 'before-proof'))
      expect(refused(job, tick(line)), line.part).toBe('not-proven')
    job = act(job, ...first.map(tick))

    job = act(job, ...proofActs(job, id))
    expect(energyOf(job, NOW).state).toBe('proven-dead')
    const covers = lines.filter((line) => line.access === 'before-discharge')
    for (const line of covers) expect(refused(job, tick(line)), line.part).toBeNull()
    job = act(job, ...covers.map(tick))
    const inside = lines.filter((line) => line.access === '' && line.benchOf === '')
    if (neededCharges(job).length > 0)
      for (const line of inside) expect(refused(job, tick(line)), line.part).toBe('not-proven')

    job = act(job, ...dischargeActs(job))
    for (const line of lines.filter((each) => !each.access)) {
      expect(refused(job, tick(line)), line.part).toBeNull()
      job = act(job, tick(line))
    }
    expect(job.ledger.some((line) => line.frees !== '' && line.doneAt)).toBe(true)
  })

  it.each(familyIds)(
    '%s comes to its capacitor by covers alone, and the capacitor is what lies on the bench then',
    (family) => {
      const planted = act(jobOn(family), {
        kind: 'ledger.plant',
        ids: Array.from({ length: 60 }, id),
        template: 'capacitor',
      })
      for (const line of planted.ledger.filter((each) => each.access !== ''))
        expect(['unscrew', 'unclip', 'lift-off', 'slide-out']).toContain(line.action)
      expect(planted.ledger.find((line) => line.frees === 'capacitor')?.part).toBe('capacitor')
    },
  )
})

describe('a way that is one build or one repair of its family', () => {
  const plant = (way: string): Act => ({
    kind: 'ledger.plant',
    ids: Array.from({ length: 60 }, id),
    template: 'motor',
    way,
  })

  it('tells the way back and the kit what is renewed, and the usual way takes that back', () => {
    const job = act(jobOn('draft-inducer'), plant('bearing'))
    expect(replacedPart(job)).toBe('bearing')
    expect(kitOf(job).map(({ name }) => name)).toContain('small puller')
    const usual = act(job, plant(''))
    expect(replacedPart(usual)).toBe('inducer assembly')
  })

  it('keeps to itself what it leaves: nothing of the usual way is stored', () => {
    expect(act(jobOn('draft-inducer'), plant('')).fields).toEqual([])
  })

  it('is refused where the family has none of that name', () => {
    expect(refused(jobOn('ceiling-fan'), plant('bearing'))).toBe('unknown-way')
    expect(refused(jobOn('draft-inducer'), plant('toString'))).toBe('unknown-way')
  })

  it('puts the rebuilt motor back with its own wheels, each seal before its part, and nothing left over', () => {
    const planted = act(jobOn('rv-furnace-blower'), plant('rebuild'))
    const done: typeof planted = {
      ...planted,
      ledger: planted.ledger.map((line) => ({ ...line, doneAt: '2026-05-01T10:00:00.000Z' })),
    }
    const back = refitOf(done)
    expect(back.problems).toEqual([])
    const at = (part: string) => back.steps.findIndex((step) => step.part === part)
    expect(at('brushes')).toBeLessThan(at('armature'))
    expect(at('armature')).toBeLessThan(at('combustion wheel'))
    expect(at('motor gasket')).toBeLessThan(at('blower housing'))
    expect(back.transfers).toEqual([])
    // A union seals metal on metal: it is made fast and tested, not smeared.
    expect(back.renew.map(({ part }) => part)).not.toContain('gas union')
    expect(back.steps.find(({ part }) => part === 'gas union')?.text).toMatch(/two wrenches/)
  })
})

describe('another way in than the one that was planted', () => {
  const plant = (way: string, instead: boolean): Act => ({
    kind: 'ledger.plant',
    ids: Array.from({ length: 60 }, id),
    template: 'motor',
    way,
    ...(instead ? { instead } : {}),
  })
  const parts = (job: { ledger: LedgerRow[] }) => job.ledger.map(({ action, part }) => `${action} ${part}`)

  it('comes in place of the lines that nobody has touched, and of no other', () => {
    const usual = act(jobOn('bath-exhaust-fan'), plant('', false))
    const own: Act = {
      kind: 'ledger.add',
      id: 'own',
      after: null,
      line: { part: 'spider nest', action: 'lift-off' },
    }
    const [line] = usual.ledger.filter(({ access, action }) => access === '' && action !== 'photo')
    if (!line) throw new Error('The template has no line inside.')
    const marked = act(usual, own, {
      kind: 'ledger.edit',
      id: line.id,
      change: { mark: 'two turns of tape on it' },
    })
    const photo = marked.ledger.find(({ action }) => action === 'photo')
    if (!photo) throw new Error('The template has no photo.')
    const said = act(marked, { kind: 'ledger.edit', id: photo.id, change: { without: 'the phone is flat' } })
    const other = act(marked, plant('screwed-grille', true))
    const stays = (job: { ledger: LedgerRow[] }) => job.ledger.some(({ id: same }) => same === photo.id)
    expect([stays(other), stays(act(said, plant('screwed-grille', true)))]).toEqual([false, true])
    expect(parts(other)).toContain('lift-off spider nest')
    expect(other.ledger.find(({ id: same }) => same === line.id)?.mark).toBe('two turns of tape on it')
    const fresh = act(jobOn('bath-exhaust-fan'), plant('screwed-grille', false))
    const inside = (job: { ledger: LedgerRow[] }) =>
      parts({ ledger: job.ledger.filter(({ access }) => access === '') })
    expect(inside(other).filter((each) => !inside(fresh).includes(each))).toEqual(['lift-off spider nest'])
    expect(inside(other)).toEqual(expect.arrayContaining(inside(fresh)))
  })

  it('planted beside it leaves both', () => {
    const both = act(jobOn('bath-exhaust-fan'), plant('', false), plant('screwed-grille', false))
    const one = act(jobOn('bath-exhaust-fan'), plant('', false))
    expect(both.ledger.length).toBeGreaterThan(one.ledger.length + 5)
  })
})
