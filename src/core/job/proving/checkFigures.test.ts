import { describe, expect, it } from 'vitest'
import { type ProveCheck, proveChecks } from '../../knowledge/proofChecks'
import type { FamilyId } from '../../knowledge/vocabulary'
import { planAct } from '../acts/plan'
import { jobOn, NOW } from '../job.testing'
import { withChanges } from '../snapshot'
import { judgedFigure } from './checkFigures'

const check = (family: FamilyId, id: string): ProveCheck => {
  const found = proveChecks[family].find((each) => each.id === id)
  if (!found) throw new Error(`${family} has no check ${id}`)
  return found
}

function figure(family: FamilyId, id: string, typed: Record<string, string>, household: object = {}) {
  let job = jobOn(family)
  job = { ...job, household: { ...job.household, ...household } }
  for (const [name, text] of Object.entries(typed)) {
    const [part = '', field = ''] = name.split('/')
    job = withChanges(
      job,
      planAct(job, { kind: 'field.set', id: name, part, field, typed: text }, NOW).changes,
    )
  }
  return judgedFigure(job, check(family, id))
}

describe('the running current', () => {
  const plate = { 'motor-old/amps': '4' }
  it('lies between half the plate and the plate', () => {
    expect(figure('furnace-blower', 'current', { ...plate, 'prove/current-amps': '3.1' })).toMatchObject({
      verdict: 'within',
      sentence: '3.1 A: within what is usual.',
    })
    expect(figure('furnace-blower', 'current', { ...plate, 'prove/current-amps': '4.6' })?.verdict).toBe(
      'above',
    )
    expect(figure('furnace-blower', 'current', { ...plate, 'prove/current-amps': '1,5' })?.verdict).toBe(
      'below',
    )
  })

  it('is told in the record without a plate as well', () => {
    expect(figure('furnace-blower', 'current', { 'prove/current-amps': '0,62' })).toMatchObject({
      said: '0.62 A',
      verdict: null,
    })
    expect(figure('furnace-blower', 'current', {})?.said).toBe('')
  })

  it('is judged by nothing while the plate is not typed', () => {
    expect(figure('furnace-blower', 'current', { 'prove/current-amps': '3' })).toMatchObject({
      verdict: null,
      sentence: 'The plate’s full load amps are not typed: put them in under Match.',
    })
  })
})

describe('a temperature difference', () => {
  it('is return less supply, in the household’s degrees, and needs both', () => {
    const both = { 'prove/split-return': '76', 'prove/split-supply': '58' }
    const american = { fahrenheit: 1 }
    expect(figure('outdoor-unit-fan', 'split', both, american)).toMatchObject({
      verdict: 'within',
      sentence: '18 °F apart: within what is usual.',
    })
    expect(
      figure('outdoor-unit-fan', 'split', { 'prove/split-return': '24 C' }, american)?.verdict,
    ).toBeNull()
    const small = { 'prove/split-return': '24', 'prove/split-supply': '20' }
    expect(figure('outdoor-unit-fan', 'split', small, { fahrenheit: 0 })?.verdict).toBe('below')
  })
})

it('a freezer at 5 °F is too warm', () => {
  const warm = figure('refrigerator-evaporator-fan', 'cold', { 'prove/cold-freezer': '5' }, { fahrenheit: 1 })
  expect(warm).toMatchObject({ verdict: 'above' })
  expect(warm?.sentence).toContain('5 °F: over what is usual.')
})

it('a check without figures has none', () => {
  expect(figure('bath-exhaust-fan', 'flap', {})).toBeNull()
})
