import { describe, expect, it } from 'vitest'
import { cannotBoth } from '../knowledge/cannotBoth'
import type { ObservationId } from '../knowledge/vocabulary'
import { diagnose } from '.'
import { run, share } from './run.testing'
import { movedBy } from './settle'

const psc = { motorKind: 'psc' } as const

describe('two findings that cannot both be true', () => {
  it.each(
    cannotBoth.flatMap(({ one, other, doubt }) =>
      one.values.flatMap((a) =>
        other.values.map((b) => [`${one.observation} ${a}`, `${other.observation} ${b}`, doubt] as const),
      ),
    ),
  )('%s beside %s: nothing is decided, and %s is asked first', (one, other, doubt) => {
    const observations = Object.fromEntries([one, other].map((each) => each.split(' '))) as Partial<
      Record<ObservationId, string>
    >
    const result = run('outdoor-unit-fan', observations, psc)
    expect(result.decided).toBeNull()
    expect(result.nextTests[0]?.observation).toBe(doubt)
    expect(result.conflicts.map(({ observation }) => observation)).toEqual(
      expect.arrayContaining(Object.keys(observations)),
    )
    // The weaker of the two moves no suspect.
    const { [doubt]: _, ...rest } = observations
    expect(result.suspects).toEqual(run('outdoor-unit-fan', rest, psc).suspects)
  })

  it('a good reading of a capacitor that was said not to be there', () => {
    const { conflicts } = run(
      'outdoor-unit-fan',
      { 'fan-state': 'hums', 'capacitor-look': 'none-fitted', 'capacitor-fan-reading': 'within' },
      psc,
    )
    expect(conflicts[0]?.text).toContain('both cannot be true')
  })
})

describe('what a finding did', () => {
  const told = {
    'fan-state': 'dead',
    companion: 'no',
    'supply-voltage': 'normal',
    'contactor-position': 'pulled-in',
    'contactor-output': 'none',
  } as const
  const input = { family: 'outdoor-unit-fan', ...psc, observations: told } as const
  const full = diagnose(input)

  it('is the share without it beside the share with it', () => {
    for (const { cause, probability } of full.suspects.slice(0, 6))
      for (const { observation, without, bits } of movedBy(input, cause)) {
        const { [observation as keyof typeof told]: _, ...rest } = told
        expect(without).toBeCloseTo(share(diagnose({ ...input, observations: rest }), cause), 9)
        expect(Math.sign(bits)).toBe(Math.sign(probability - without))
      }
  })

  it('stands before the stories for the readings that decided', () => {
    const [lead] = full.suspects
    expect(lead?.cause).toBe('contactor-contacts-bad')
    const moved = movedBy(input, 'contactor-contacts-bad')
    const readings = ['contactor-position', 'supply-voltage', 'contactor-output']
    expect(moved.slice(0, 3).map(({ observation }) => observation)).toEqual(readings)
    for (const { without } of moved.slice(0, 3)) expect(without).toBeLessThan(0.6)
  })

  it('is none of a finding that counts for nothing', () => {
    const doubted = {
      ...input,
      observations: { ...told, 'capacitor-look': 'none-fitted', 'capacitor-fan-reading': 'within' },
    } as const
    expect(movedBy(doubted, 'winding-open').map(({ observation }) => observation)).not.toContain(
      'capacitor-look',
    )
  })
})

describe('the action that leads', () => {
  it('names all that it mends, and their sum', () => {
    const { decided, leading } = run(
      'furnace-blower',
      { 'fan-state': 'dead', 'module-look': 'burnt-part' },
      { motorKind: 'ecm' },
    )
    expect(decided?.action).toBe('replace-module')
    expect(leading.action).toBe('replace-module')
    expect(leading.mends[0]?.cause).toBe('ecm-inrush-part-burnt')
    expect(leading.probability).toBeGreaterThan(0.9)
    expect(leading.mends.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(
      leading.probability,
      9,
    )
  })

  it('after one’s own repair with wires moved is the wiring, with the turn as the lesser act', () => {
    const { decided, notes } = run(
      'outdoor-unit-fan',
      { 'fan-state': 'runs-backwards', onset: 'after-a-repair', 'wiring-changed': 'yes' },
      psc,
    )
    expect(decided).toEqual({ cause: 'wired-wrong', action: 'correct-wiring' })
    expect(notes.join(' ')).toContain('set the rotation first')
  })
})
