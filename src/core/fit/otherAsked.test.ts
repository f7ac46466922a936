import { describe, expect, it } from 'vitest'
import { act, id, jobOn, typed } from '../job/job.testing'
import { actions } from '../knowledge/actions'
import { otherPartIds, otherParts } from '../knowledge/otherParts'
import { parts } from '../record/fitted'
import { OTHER_KIND, otherAskedOf, otherFields, otherPartOf } from './otherAsked'
import { shopCardOf } from './shopCard'
import { wantedParts } from './shopPaper'

const decided = (action: string) =>
  act(jobOn('outdoor-unit-fan', 'psc'), {
    kind: 'decision.set',
    id: id(),
    agreed: true,
    cause: 'contactor-contacts-bad',
    action,
    option: '',
    reason: '',
    probability: 0.97,
  })

describe('a part that is neither motor, capacitor nor bearing', () => {
  it('is the one that the decision asks for, or the one that was chosen', () => {
    const job = decided('replace-contactor')
    expect(otherPartOf(job, 'replace-contactor')).toBe('contactor')
    expect(otherPartOf(job, 'replace-motor')).toBeNull()
    expect(
      otherPartOf(typed(job, OTHER_KIND.part, { [OTHER_KIND.field]: 'belt' }), 'replace-contactor'),
    ).toBe('belt')
  })

  it('has figures for every part that an action asks for, but for what comes by the metre', () => {
    const small = ['terminal', 'wire', 'set screw', 'bushing', 'filter', 'hose', 'sealant']
    const own = ['motor', 'run capacitor', 'bearing']
    const asked = [...new Set(Object.values(actions).flatMap(({ parts }) => parts))]
    expect(asked.filter((part) => !otherPartIds.some((known) => known === part)).sort()).toEqual(
      [...small, ...own].sort(),
    )
    for (const part of otherPartIds) expect(otherParts[part].fields.length).toBeGreaterThanOrEqual(2)
  })

  it('is asked for by what was read, and says where the rest is found', () => {
    const job = typed(decided('replace-contactor'), otherFields('contactor'), {
      coil: '24',
      poles: '1',
      amps: '30',
    })
    const { say, unknown } = otherAskedOf(job, 'contactor')
    expect(say).toBe(
      'Contactor. Coil for 24 V, the same: another burns or never pulls in. 1 pole, or more. 30 A inductive or more.',
    )
    expect(unknown.join(' ')).toContain('Volts of its contacts: on its side')
  })

  it('has a page for the counter of its own', () => {
    const job = typed(decided('replace-contactor'), otherFields('contactor'), { coil: '24' })
    expect(wantedParts(job)).toEqual(['other'])
    expect(shopCardOf(job, 'other')).toMatchObject({
      wanted: 'Contactor, in place of this one',
      plate: [{ label: 'Volts of its coil', value: '24' }],
      must: ['Coil for 24 V, the same: another burns or never pulls in.'],
    })
  })

  it('stands in the record: what the old one said, and what went in', () => {
    const job = typed(
      typed(decided('replace-contactor'), otherFields('contactor'), { coil: '24' }),
      'choice',
      { other: 'KC-30 by Ivenholm' },
    )
    const record = JSON.stringify(parts(job))
    expect(record).toContain('Contactor: KC-30 by Ivenholm.')
    expect(record).toContain('Old: volts of its coil')
  })
})
