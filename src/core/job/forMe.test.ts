import { describe, expect, it } from 'vitest'
import { familyIds } from '../knowledge/vocabulary'
import { decisionBy } from '../options/ofJob'
import { callCard } from './callCard'
import { energyOf } from './energy/energy'
import { isolationActs } from './energy/proofScript'
import { diagnosisOf } from './evidence/derive'
import { forMe } from './forMe'
import { act, bath, id, jobOn, line, madeDead, NOW, tick } from './job.testing'
import type { JobSnapshot } from './rows'
import { whereNow } from './whereNow'

const withTools = (job: JobSnapshot, tools: string): JobSnapshot => ({
  ...job,
  household: { ...job.household, tools },
})

describe('whether a job is for the one who reads it', () => {
  it('names what it may be, the likeliest first, and no more than three', () => {
    const { likely } = forMe(bath())
    expect(likely.length).toBeGreaterThan(0)
    expect(likely.length).toBeLessThanOrEqual(3)
    const shares = likely.map(({ share }) => share)
    expect(shares).toEqual([...shares].sort((one, other) => other - one))
  })

  it('has time, tools, dangers and money for every family', () => {
    for (const family of familyIds) {
      const { hours, needs, hurts, costs } = forMe(jobOn(family, null))
      expect(needs.length).toBeGreaterThan(2)
      expect(hurts.length).toBeGreaterThan(2)
      if (hours) expect(hours.least).toBeLessThanOrEqual(hours.most)
      if (costs) expect(costs.least).toBeLessThanOrEqual(costs.most)
    }
  })

  it('says the volts of the region, a stored charge, gas and heat where they are', () => {
    expect(forMe(jobOn('outdoor-unit-fan', 'psc')).hurts).toEqual(
      expect.arrayContaining(['240 V, until it is proved dead', 'a charge that stays after switching off']),
    )
    expect(forMe(jobOn('draft-inducer', 'psc')).hurts).toEqual(expect.arrayContaining(['gas', 'hot metal']))
    expect(forMe(jobOn('bath-exhaust-fan', 'shaded-pole')).hurts).not.toContain(
      'a charge that stays after switching off',
    )
  })

  it('speaks for somebody else where there is no meter, where a sign of danger stands, and at gas', () => {
    expect(forMe(withTools(bath(), 'hand meter')).handOver).not.toContain('no-meter')
    expect(forMe(withTools(bath(), 'hand wooden-stick')).handOver).toContain('no-meter')
    const shocked = act(bath(), { kind: 'stop.raise', id: id(), rule: 'electric-shock', note: '' })
    expect(forMe(shocked).handOver[0]).toBe('stop')
    expect(forMe(jobOn('furnace-blower', 'psc')).handOver).toContain('fuel')
    expect(forMe(bath()).handOver).not.toContain('fuel')
  })
})

describe('a way that needs no hands of one’s own', () => {
  it('decides that a trade comes, or keeps the cause and says that a new machine is bought', () => {
    expect(decisionBy(bath(), 'hired')).toMatchObject({ action: 'call-licensed-trade', option: 'hired' })
    const lead = diagnosisOf(bath()).suspects[0]
    expect(decisionBy(bath(), 'new-machine')).toMatchObject({
      cause: lead?.cause,
      option: 'new-machine',
      agreed: true,
      probability: lead?.probability,
    })
  })
})

describe('what comes next, and where it sits', () => {
  const at = (job: JobSnapshot) => whereNow(job, energyOf(job, NOW))

  it('is each point in turn, then the place where dead is proved', () => {
    const job = bath()
    const [first, second] = job.points
    expect(at(job)).toMatchObject({ part: first?.point, point: { id: first?.id } })
    const one = act(job, { kind: 'point.open', id: first?.id ?? '' })
    expect(at(one)).toMatchObject({ part: second?.point })
    expect(at(act(job, ...isolationActs(job)))).toMatchObject({ part: 'proof-place', point: null })
  })

  it('is the cover before it where one is on, and nothing that the drawing does not show', () => {
    const job = act(bath(), line('grille-line', { action: 'unclip', part: 'grille', access: 'before-proof' }))
    const isolated = act(job, ...isolationActs(job))
    expect(at(isolated)?.part).toBe('cover')
    expect(at(act(isolated, tick('grille-line')))?.part).toBe('proof-place')
  })

  it('is the next line of the way in once hands may go in', () => {
    const job = madeDead(act(bath(), line('plate-line', { action: 'unscrew', part: 'motor plate' })))
    expect(at(job)).toMatchObject({ part: 'motor', line: { part: 'motor plate' } })
    expect(at(act(job, tick('plate-line')))).toBeNull()
    const other = madeDead(act(bath(), line('own-line', { action: 'lift-off', part: 'my own shelf' })))
    expect(at(other)).toBeNull()
  })
})

describe('the card for whoever comes', () => {
  const found = act(bath(), { kind: 'finding.set', id: id(), observation: 'sound', value: 'hum' })

  it('has what was noticed and what is off, and says what was not proved', () => {
    const card = callCard(found, false)
    expect(card.found.flat().join(' ')).toMatch(/hum/)
    expect(card.power.at(-1)).toBe('It was not proved dead.')
    expect(card.power[0]).toMatch(/not switched off/)
    const [first] = found.points
    const off = act(
      found,
      { kind: 'point.open', id: first?.id ?? '' },
      { kind: 'point.held', id: first?.id ?? '', held: 'tape' },
    )
    expect(callCard(off, false).power[0]).toMatch(/off, tape$/)
  })

  it('tells a sign of danger with whom to call, and never that anything is safe', () => {
    const shocked = act(found, { kind: 'stop.raise', id: id(), rule: 'electric-shock', note: '' })
    const card = callCard(shocked, true)
    expect(card.stops).toHaveLength(1)
    expect(JSON.stringify(card)).not.toMatch(/\bsafe\b/i)
    expect(card.power.at(-1)).toBe('It was proved dead with a meter; prove it again.')
  })
})
