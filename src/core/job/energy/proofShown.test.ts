import { describe, expect, it } from 'vitest'
import { familyIds } from '../../knowledge/vocabulary'
import type { Act } from '../acts/actTypes'
import { act, id, jobOn, madeDead, NOW } from '../job.testing'
import type { JobSnapshot } from '../rows'
import { energyOf } from './energy'
import { pairsOf } from './place'
import { isolationActs, proofActs } from './proofScript'
import { proofWalk, shownPair } from './proofShown'
import { feedProof } from './proofs'

const bath = jobOn('bath-exhaust-fan', 'psc')
const european = (job: JobSnapshot): JobSnapshot => ({
  ...job,
  household: { ...job.household, region: 'europe' },
})
const told = (job: JobSnapshot, field: string, typed: string): JobSnapshot =>
  act(job, { kind: 'field.set', id: id(), part: 'plan', field, typed })
const shown = (job: JobSnapshot, pair: string, feed = 1) => {
  const found = shownPair(job, feed, pair)
  if (!found) throw new Error(`${pair} is no pair here`)
  return found
}

describe('how a pair is read', () => {
  it('is said with both probes on wires in the colours of the region', () => {
    expect(shown(bath, 'L–N').act).toBe('Red probe on the black wire, black probe on the white wire.')
    expect(shown(bath, 'N–ground').act).toBe(
      'Red probe on the white wire, black probe on the bare copper wire.',
    )
    expect(shown(european(bath), 'L–N').act).toBe(
      'Red probe on the brown wire, black probe on the blue wire.',
    )
  })

  it('draws every wire that stands there, the two that are touched with their probes', () => {
    const { wires } = shown(bath, 'L–ground')
    expect(wires.map(({ conductor, probe }) => [conductor, probe])).toEqual([
      ['L', 'red'],
      ['N', null],
      ['ground', 'black'],
    ])
    expect(shown(told(bath, 'switched-live', 'yes'), 'L–N').wires.map(({ conductor }) => conductor)).toEqual([
      'L',
      'N',
      'switched L',
      'ground',
    ])
  })

  it('never says of a colour that it is dead or live for certain', () => {
    for (const look of shown(bath, 'L–N').looks) expect(look).not.toMatch(/always|never|is dead|is safe/)
    expect(shown(bath, 'L–N').looks.join()).toContain('white may be live')
  })

  it('shows two circuits as theirs, and nothing else beside', () => {
    const two = told(bath, 'feeds', '2')
    const across = pairsOf(two, 2).find((pair) => pair.startsWith('L of feed 1')) ?? ''
    const { act: sentence, wires } = shown(two, across, 2)
    expect(sentence).toBe(
      'Red probe on the black wire of circuit 1, black probe on the black wire of circuit 2.',
    )
    expect(wires.map(({ label }) => label[1])).toEqual(['circuit 1', 'circuit 2'])
  })

  it('says in which position of a switch that shows none', () => {
    const pairs = pairsOf(told(bath, 'switch', 'unseen'))
    expect(pairs.map((pair) => shown(told(bath, 'switch', 'unseen'), pair).position)).toEqual([
      1, 1, 1, 2, 2, 2,
    ])
  })

  it('turns the meter to direct current for a battery and for a signal wire', () => {
    expect(shown(jobOn('rv-furnace-blower', 'brushed-dc'), 'plus–minus, DC').current).toBe('dc')
    expect(shown(jobOn('rv-furnace-blower', 'brushed-dc'), 'plus–minus, AC').current).toBe('ac')
    expect(shown(jobOn('mini-split-indoor-fan', 'bldc'), 'signal–L2, DC').current).toBe('dc')
  })

  it('is shown at the screws of a timer or a sensor where that is the place', () => {
    expect(shown(told(bath, 'switch', 'powered'), 'L–N').place.where).toContain('wall box')
  })

  it('is there for every pair of every family', () => {
    for (const family of familyIds)
      for (const job of [jobOn(family, null), european(jobOn(family, null))])
        for (const pair of pairsOf(job)) {
          const { wires } = shown(job, pair)
          expect(wires.filter(({ probe }) => probe === 'red')).toHaveLength(1)
          expect(wires.filter(({ probe }) => probe === 'black')).toHaveLength(1)
        }
  })
})

describe('what a figure means', () => {
  const bands = (job: JobSnapshot, pair: string) =>
    shown(job, pair).bands.map(({ from, below, above, verdict }) => [from, below, above, verdict])

  it('is told by the limits that judge it: mains, battery, another supply', () => {
    expect(bands(bath, 'L–N')).toEqual([
      [0, 5, false, 'dead'],
      [5, 30, false, 'not-proven'],
      [30, null, true, 'live'],
    ])
    expect(bands(jobOn('rv-furnace-blower', 'brushed-dc'), 'plus–minus, DC')).toEqual([
      [0, 1, false, 'dead'],
      [1, null, false, 'live'],
    ])
    expect(bands(told(bath, 'other-supply', 'yes'), 'other supply, DC')).toEqual([
      [0, 5, false, 'dead'],
      [5, null, false, 'live'],
    ])
  })
})

describe('the steps of a proof', () => {
  const walk = (job: JobSnapshot) => proofWalk(job, feedProof(job, 1))
  const isolated = act(bath, ...isolationActs(bath))

  it('go from the meter on a socket over the switch and every pair back to the socket', () => {
    expect(walk(isolated).steps.map((step) => (step.kind === 'pair' ? step.pair : step.kind))).toEqual([
      'tester-before',
      'switch-on',
      'L–N',
      'L–ground',
      'N–ground',
      'switch-off',
      'tester-after',
    ])
  })

  it('come one after another, and none is left at the end', () => {
    let job = isolated
    const seen: (number | null)[] = [walk(job).at]
    const acts: Act[] = proofActs(job, id)
    for (const each of acts) {
      job = act(job, each)
      seen.push(walk(job).at)
    }
    expect(seen).toEqual([0, 0, 1, 2, 3, 4, 5, 6, null])
    expect(energyOf(job, NOW).state).toBe('proven-dead')
    expect(walk(madeDead(bath)).at).toBeNull()
  })

  it('stay at the pair that is live', () => {
    const acts = proofActs(isolated, id, ['0.1', '118'])
    const live = act(isolated, ...acts.slice(0, 5))
    const { steps, at } = walk(live)
    expect(steps[at ?? -1]).toEqual({ kind: 'pair', pair: 'L–ground' })
  })

  it('leave the switch out where none stands before the place, or where it shows nothing', () => {
    expect(walk(told(isolated, 'switch', 'powered')).steps.some(({ kind }) => kind === 'switch-on')).toBe(
      false,
    )
  })
})
