import { describe, expect, it } from 'vitest'
import type { StopRuleId } from '../../knowledge/vocabulary'
import { act, bath, id, jobOn, line, madeDead, NOW, refused } from '../job.testing'
import type { JobSnapshot, LedgerRow } from '../rows'
import { dischargeActs } from './dischargeScript'
import { energyOf } from './energy'
import { gateProblem, handsMay, inside, reachOfLine, reachOfPart, reachOfTest } from './gate'
import { isolationActs, proofActs } from './proofScript'

const lineOf = (job: JobSnapshot, lineId: string) => job.ledger.find((row) => row.id === lineId) as LedgerRow
const motorOut = () =>
  act(
    madeDead(bath()),
    line('out', { part: 'motor', action: 'lift-off', frees: 'motor' }),
    line('inside-it', { part: 'wheel', action: 'lift-off', benchOf: 'motor' }),
    { kind: 'ledger.tick', id: 'out', on: true },
  )

describe('what a line of the way in reaches for', () => {
  it('is nothing where it only takes a picture, whatever else the line says', () => {
    const job = act(bath(), line('a', { action: 'photo' }))
    const picture: LedgerRow = { ...lineOf(job, 'a'), access: 'before-proof', cover: 'grille' }
    expect(reachOfLine(job, picture)).toEqual({ kind: 'free' })
  })

  it('is a cover where the line is marked as the one that bares a step, and the inside where half of that stands', () => {
    const job = act(bath(), line('a', { part: 'grille', action: 'unclip' }))
    const reach = (more: Partial<LedgerRow>) => reachOfLine(job, { ...lineOf(job, 'a'), ...more })
    expect(reach({ access: 'before-proof', cover: 'grille' })).toEqual({
      kind: 'cover',
      access: 'before-proof',
    })
    expect(reach({ access: 'before-discharge', cover: 'housing' })).toEqual({
      kind: 'cover',
      access: 'before-discharge',
    })
    expect(reach({ access: '', cover: 'grille' })).toEqual({ kind: 'inside' })
    expect(reach({ access: 'before-proof', cover: null })).toEqual({ kind: 'inside' })
  })

  it('is the bench once the part lies there, and the inside before', () => {
    const job = motorOut()
    expect(reachOfLine(job, lineOf(job, 'inside-it'))).toEqual({ kind: 'bench', part: 'motor' })
    const back = act(job, { kind: 'ledger.back', id: 'out', on: true })
    expect(reachOfLine(back, lineOf(back, 'inside-it'))).toEqual(inside)
  })

  it('is read off the part for a test, and is the inside for a test of no part', () => {
    const job = motorOut()
    expect(reachOfPart(job, 'motor')).toEqual({ kind: 'bench', part: 'motor' })
    expect(reachOfPart(job, 'capacitor')).toEqual(inside)
    expect(reachOfTest(job, 'winding')).toEqual({ kind: 'bench', part: 'motor' })
    expect(reachOfTest(bath(), 'winding')).toEqual(inside)
    expect(reachOfTest(job, 'breaker')).toEqual(inside)
  })
})

describe('the gate', () => {
  it('says first what is missing, and that the power may be on where the job is about power', () => {
    const job = bath()
    expect(gateProblem(job, NOW, inside)).toBe(energyOf(job, NOW).missing[0])
    const powered = { ...madeDead(job), job: { ...madeDead(job).job, phase: 'live-test' as const } }
    expect(gateProblem(powered, NOW, inside)).toBe('the power may be on')
    expect(gateProblem(powered, NOW, { kind: 'cover', access: 'before-proof' })).toBe('the power may be on')
    expect(gateProblem(powered, NOW, { kind: 'free' })).toBeNull()
    const running = { ...powered, job: { ...powered.job, phase: 'in-service' as const } }
    expect(gateProblem(running, NOW, inside)).toBe('the power may be on')
    expect(gateProblem(madeDead(job), NOW, inside)).toBeNull()
  })

  it('at the bench asks a motor for all it stores and a capacitor only for its own charge', () => {
    const job = motorOut()
    const open = { ...job, proofs: [], proofReadings: [] }
    const motor = { kind: 'bench', part: 'motor' } as const
    const capacitor = { kind: 'bench', part: 'capacitor' } as const
    const { stored, charged } = energyOf(open, NOW)
    expect(gateProblem(open, NOW, motor)).toBe(stored[0] ?? null)
    expect(gateProblem(open, NOW, capacitor)).toBe(charged[0] ?? null)
    const stove = jobOn('pellet-stove-exhaust-blower', 'psc')
    const opened = act(stove, ...isolationActs(stove))
    const read = act(opened, ...proofActs(opened, id), ...dischargeActs(opened))
    const warm = energyOf(read, NOW)
    expect(warm.stored.length).toBeGreaterThan(warm.charged.length)
    expect(gateProblem(read, NOW, motor)).toBe(warm.stored[0])
    expect(gateProblem(read, NOW, capacitor)).toBe(warm.charged[0] ?? null)
  })

  it('at the bench opens for no stop but one of a live reading, which concerns no bench', () => {
    const job = motorOut()
    const bench = { kind: 'bench', part: 'motor' } as const
    const stopped = (rule: StopRuleId) => act(job, { kind: 'stop.raise', id: id(), rule, note: '' })
    expect(gateProblem(job, NOW, bench)).toBeNull()
    expect(gateProblem(stopped('gas-smell'), NOW, bench)).not.toBeNull()
    const live = stopped('breaker-retrips')
    const again = act(live, ...isolationActs(live), ...proofActs(live, id), ...dischargeActs(live))
    expect(gateProblem(again, NOW, bench)).toBeNull()
  })

  it('lets hands go to a wheel of a machine proved dead, or to a motor on the bench, and to no other', () => {
    expect(handsMay(bath(), NOW)).toBe(false)
    expect(handsMay(madeDead(bath()), NOW)).toBe(true)
    const out = motorOut()
    expect(handsMay({ ...out, proofs: [], proofReadings: [] }, NOW)).toBe(true)
    const capacitorOut = act(bath(), { kind: 'part.out', id: id(), part: 'capacitor' })
    expect(handsMay(capacitorOut, NOW)).toBe(false)
  })

  it('refuses a line that reaches in where a cover may come off', () => {
    const job = act(bath(), line('in', { part: 'motor', action: 'unscrew' }))
    expect(refused(job, { kind: 'ledger.tick', id: 'in', on: true })).not.toBeNull()
    expect(proofActs(job, id).length).toBeGreaterThan(0)
  })
})
