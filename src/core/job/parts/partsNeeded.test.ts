import { describe, expect, it } from 'vitest'
import { act, id, jobOn } from '../job.testing'
import { partsNeeded } from './partsNeeded'

describe('the parts that an action asks for on this machine', () => {
  const unknown = jobOn('bath-exhaust-fan')
  const saw = (value: string) =>
    act(unknown, { kind: 'finding.set', id: id(), observation: 'capacitor-look', value })

  it('has a capacitor with a motor whose kind nobody knows', () => {
    expect(partsNeeded(unknown, 'replace-motor')).toEqual(['motor', 'run capacitor'])
    expect(partsNeeded(saw('sound'), 'replace-motor')).toContain('run capacitor')
  })

  it('has none where somebody looked and none is fitted', () => {
    expect(partsNeeded(saw('none-fitted'), 'replace-motor')).toEqual(['motor'])
  })

  it('goes by the plate where that says the kind', () => {
    expect(partsNeeded(jobOn('bath-exhaust-fan', 'shaded-pole'), 'replace-motor')).toEqual(['motor'])
    const psc = act(jobOn('bath-exhaust-fan', 'psc'), {
      kind: 'finding.set',
      id: id(),
      observation: 'capacitor-look',
      value: 'none-fitted',
    })
    expect(partsNeeded(psc, 'replace-motor')).toContain('run capacitor')
  })
})
