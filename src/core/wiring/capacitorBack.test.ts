import { describe, expect, it } from 'vitest'
import { act, id, jobOn } from '../job/job.testing'
import { refitOf } from '../job/ledger/refitOf'
import { candidatePart } from '../job/parts/candidates'
import type { JobSnapshot } from '../job/rows'
import { withNewCapacitor } from './capacitorBack'
import { capacitorListOf } from './capacitorOfJob'

/** An outdoor unit whose dual capacitor came out, and the label of the one that goes in. */
function replacedBy(label: string): JobSnapshot {
  const old = act(
    jobOn('outdoor-unit-fan', 'psc'),
    { kind: 'field.set', id: id(), part: 'capacitor-old', field: 'label', typed: '35+5 uF 440 V' },
    { kind: 'ledger.plant', ids: Array.from({ length: 40 }, id), template: 'capacitor-dual' },
    { kind: 'candidate.add', id: 'new', part: 'capacitor', source: 'typed', ref: '', name: 'counter' },
    { kind: 'field.set', id: id(), part: candidatePart('new'), field: 'label', typed: label },
    { kind: 'field.set', id: id(), part: 'choice', field: 'capacitor', typed: 'new' },
  )
  return {
    ...old,
    ledger: old.ledger.map((line) => ({ ...line, doneAt: '2026-05-01T10:00:00.000Z' })),
  }
}
const connects = (job: JobSnapshot) =>
  withNewCapacitor(job, refitOf(job).steps).filter(({ action }) => action === 'connect')

describe('what hangs on a capacitor besides its wires', () => {
  const warnings = (job: JobSnapshot) => capacitorListOf(job)?.warnings.join(' ') ?? ''

  it('is a start help on HERM and C, which has a charge of its own', () => {
    expect(warnings(replacedBy('35+5 uF 440 V'))).toContain('holds a charge of its own')
  })

  it('is a bleed resistor and a switch on a start capacitor, and neither on a run capacitor', () => {
    const started = (label: string) =>
      act(
        jobOn('attic-vent-fan', 'capacitor-start'),
        { kind: 'field.set', id: id(), part: 'capacitor-old', field: 'label', typed: label },
        { kind: 'candidate.add', id: 'new', part: 'capacitor', source: 'typed', ref: '', name: 'counter' },
        { kind: 'field.set', id: id(), part: candidatePart('new'), field: 'label', typed: label },
        { kind: 'field.set', id: id(), part: 'choice', field: 'capacitor', typed: 'new' },
      )
    expect(warnings(started('MOTOR START 189-227 MFD 250 VAC'))).toMatch(/bursts\. The bleed resistor/)
    expect(warnings(started('5 uF 370 VAC'))).not.toContain('bleed')
  })
})

describe('the way back with another capacitor', () => {
  it('names no terminal that the new part does not have: two cans, and the bridge between them', () => {
    const beside = act(
      replacedBy('35 uF 440 V'),
      { kind: 'candidate.add', id: 'five', part: 'capacitor', source: 'typed', ref: '', name: 'Lesk five' },
      { kind: 'field.set', id: id(), part: candidatePart('five'), field: 'label', typed: '5 uF 440 V' },
    )
    const lines = connects(beside)
    expect(lines.map(({ text }) => text)).toEqual([
      expect.stringMatching(/^Connect common wires to can 1, .*terminal 1; on the old part it hung on C\.$/),
      expect.stringMatching(/^Connect fan wire to can 2, Lesk five, terminal 2; .* FAN\.$/),
      expect.stringMatching(/^Connect compressor wire to can 1, .*terminal 2; .* HERM\.$/),
    ])
    expect(lines[0]?.checks.join(' ')).toContain('the wire to can 2, Lesk five, terminal 1 is made')
  })

  it('says that a place is open while the other can is not there', () => {
    const lines = connects(replacedBy('35 uF 440 V'))
    expect(lines).toHaveLength(3)
    for (const { text } of lines) expect(text).toMatch(/where it goes now is open\..*5 µF for FAN/)
  })

  it('stays as it was where the new part is built as the old one', () => {
    const job = replacedBy('35+5 uF 440 V')
    expect(connects(job)).toEqual(refitOf(job).steps.filter(({ action }) => action === 'connect'))
  })

  it('stays as it was where no part is chosen', () => {
    const job = replacedBy('')
    expect(withNewCapacitor(job, refitOf(job).steps)).toEqual(refitOf(job).steps)
  })
})
