import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples, seedOf } from '../../sampling.testing'
import { plantBuilds } from '../knowledge/plants'
import type { Act } from './acts/types'
import { codeOf, LEVELS, planOfCode, type RoundPlan } from './code'
import { sheetOf } from './describe'
import { drawMachine, fittingFaults } from './draw'
import { actsOf, planOf } from './input'
import { play } from './play'
import { reviewOf } from './review'
import { allOff, buildOf, machineOf, opened, played } from './rounds.testing'
import { storyOf } from './story'
import { truthOf } from './truth'

const outdoor = buildOf('outdoor-unit-fan')
const plans = fc
  .record({
    build: fc.constantFrom(...plantBuilds),
    level: fc.constantFrom(...LEVELS),
    seed: fc.stringMatching(/^[a-z0-9]{1,12}$/),
  })
  .chain(({ build, level, seed }) => {
    const causes = fittingFaults(build).map(([fault]) => fault.cause)
    const base: RoundPlan = { family: build.family, motorKind: build.kind, level, seed }
    return fc
      .option(fc.uniqueArray(fc.constantFrom(...causes), { maxLength: 2 }), { nil: undefined })
      .map((faults) => (faults ? { ...base, faults } : base))
  })

describe('a code', () => {
  it('is the round: read again it is the same plan', () => {
    fc.assert(
      fc.property(plans, (plan) => {
        expect(planOfCode(codeOf(plan))).toEqual(plan)
      }),
      { seed: 1 },
    )
  })

  it('gives the same machine to the last digit', () => {
    fc.assert(
      fc.property(plans, (plan) => {
        const [one, two] = [drawMachine(plan), drawMachine(planOfCode(codeOf(plan)))]
        expect(two).toEqual(one)
        const acts: Act[] = [{ act: 'look' }, { act: 'run', seconds: 20 }, { act: 'listen' }]
        expect(play(two, acts)).toEqual(play(one, acts))
        expect(truthOf(two, two.start)).toEqual(truthOf(one, one.start))
      }),
      { seed: seedOf(2), numRuns: samples(15) },
    )
  })

  it.each([
    ['', 'is no code'],
    ['OU', 'is no code'],
    ['XX-1-psc-plain-v1', 'is no code'],
    ['OU-1-psc-plain-v2', 'of version 2'],
    ['OU-1-psc-plain-v0', 'of version 0'],
    ['OU-1-ecm-plain-v1', 'no practice machine'],
    ['OU-1-psc-easy-v1', 'no level'],
    ['OU-1_2-psc-plain-v1', 'one to 24 letters'],
    ['OU-1-psc-plain-f999-v1', 'cannot have'],
    ['OU-1-psc-plain-fx-v1', 'not readable'],
  ])('%s says what is wrong with it', (code, words) => {
    expect(() => planOfCode(code)).toThrow(words)
  })
})

describe('what is asked for', () => {
  it('names a family, a kind and a level that there are', () => {
    expect(() => planOf({ family: 'toaster', seed: '1' })).toThrow('no practice machine')
    expect(() => planOf({ family: 'ceiling-fan', motorKind: 'ecm', seed: '1' })).toThrow(
      'can be practised with',
    )
    expect(() => planOf({ family: 'ceiling-fan', seed: '1', level: 'hard' })).toThrow('Levels')
    expect(() => planOf({ family: 'ceiling-fan', seed: 'a b' })).toThrow('letters and digits')
    expect(() => drawMachine(planOf({ family: 'ceiling-fan', seed: '1', faults: ['belt-worn'] }))).toThrow(
      'cannot have',
    )
  })

  it('has only acts that there are, each with its fields', () => {
    expect(() => actsOf([{ act: 'dance' }])).toThrow('no act')
    expect(() => actsOf([{ act: 'meter', range: 'ohm' }])).toThrow('needs')
    expect(() => actsOf([{ act: 'point', id: 'breaker', to: 'sideways' }])).toThrow('"on" or "off"')
    expect(() => actsOf([{ act: 'point', id: 'roof', to: 'on' }])).toThrow('no point')
    expect(() => play(machineOf(outdoor), [{ act: 'tester', at: 'nose' }])).toThrow('has no point')
  })
})

describe('a round', () => {
  it('takes the usual minutes of its acts, and time passes in it', () => {
    const { state } = played(machineOf(outdoor), [
      { act: 'wait', minutes: 10 },
      { act: 'look' },
      { act: 'run', seconds: 30 },
    ])
    expect(state.minutes).toBe(11.5)
    expect(state.seconds).toBeCloseTo(690, 3)
  })

  it('answers an act that cannot be with a sentence, and nothing is changed', () => {
    const impossible: Act[] = [
      { act: 'cover', id: 'top-grille', to: 'off' },
      { act: 'cover', id: 'roof', to: 'off' },
      { act: 'held', id: 'breaker' },
      { act: 'point', id: 'breaker', to: 'on' },
      { act: 'point', id: 'gas-cock', to: 'off' },
      { act: 'wire', id: 'fan-black', end: 'from', to: 'off' },
      { act: 'wire', id: 'nothing', end: 'to', to: 'off' },
      { act: 'call', on: true, speed: 'warp' },
      { act: 'look', at: 'capacitor' },
      { act: 'replace', part: 'capacitor' },
      { act: 'replace', part: 'roof' },
      { act: 'clamp', wire: 'none' },
      { act: 'odds', of: { 'capacitor-weak': 0 } },
    ]
    const drawn = machineOf(outdoor)
    for (const act of impossible) {
      const { state, answers } = play(drawn, [act])
      expect([act, answers[0]?.ok]).toEqual([act, false])
      expect(state).toEqual(drawn.start)
    }
  })

  it('is over once it was decided or somebody was hurt, and takes no further act', () => {
    const { state, answers } = play(machineOf(outdoor), [
      { act: 'turn' },
      { act: 'look' },
      { act: 'decide', cause: 'capacitor-weak' },
    ])
    expect(state.over).toEqual({ hurt: 'wheel' })
    expect(answers.slice(1).map(({ ok }) => ok)).toEqual([false, false])
  })

  it('of the level none has no fault, of two has none or two, else one that somebody would notice', () => {
    const count = (level: RoundPlan['level']) =>
      Array.from(
        { length: 30 },
        (_, i) =>
          drawMachine({ family: outdoor.family, motorKind: outdoor.kind, level, seed: `n${i}` }).faults
            .length,
      )
    expect(new Set(count('none'))).toEqual(new Set([0]))
    expect(new Set(count('plain'))).toEqual(new Set([1]))
    expect(new Set(count('two'))).toEqual(new Set([0, 2]))
  })

  it('tells the story that is so, and at the level of stories sometimes another beginning', () => {
    const stories = Array.from({ length: 40 }, (_, i) => {
      const drawn = drawMachine({
        family: outdoor.family,
        motorKind: outdoor.kind,
        level: 'story',
        seed: `s${i}`,
      })
      return { says: storyOf(drawn).says, onset: drawn.machine.traits.onset }
    })
    expect(stories.some(({ says, onset }) => says.onset !== undefined && says.onset !== onset)).toBe(true)
    const plain = machineOf(outdoor, ['capacitor-open'])
    expect(storyOf(plain).says['fan-state']).toBe('hums')
  })

  it('shows a moved wire as it sits and the label of what is fitted, and nothing of the fault', () => {
    const wrong = sheetOf(machineOf(outdoor, ['wrong-capacitor']))
    expect(wrong.capacitorLabel).not.toBe(outdoor.capacitorLabel)
    const crossed = sheetOf(machineOf(outdoor, ['wired-wrong']))
    expect(crossed.wires.find(({ id }) => id === 'fan-brown')?.to).toBe('contactor-out-2')
    expect(JSON.stringify(sheetOf(machineOf(outdoor, ['bearing-seized'])))).not.toContain('seized')
  })
})

describe('a repair', () => {
  const mend = (cause: Parameters<typeof machineOf>[1], part: string) => {
    const acts: Act[] = [
      ...allOff(outdoor),
      ...opened(outdoor),
      { act: 'replace', part },
      ...outdoor.points.map(({ id }): Act => ({ act: 'point', id, to: 'on' })),
      { act: 'run', seconds: 60 },
    ]
    return played(machineOf(outdoor, cause), acts).answer.sense?.['fan-state']
  }

  it('of what is wrong makes it run, of anything else does not', () => {
    expect(mend(['capacitor-open'], 'capacitor')).toBe('runs-normally')
    expect(mend(['capacitor-open'], 'contactor')).toBe('hums')
    expect(mend(['contactor-coil-open'], 'contactor')).toBe('runs-normally')
    expect(mend(['bearing-seized'], 'motor')).toBe('runs-normally')
  })

  it('with a capacitor of another figure runs by what it is', () => {
    const run = (uF: number) =>
      truthOf(
        machineOf(outdoor, ['capacitor-open']),
        played(machineOf(outdoor, ['capacitor-open']), [
          ...allOff(outdoor),
          ...opened(outdoor),
          { act: 'replace', part: 'capacitor', with: { uF } },
          ...outdoor.points.map(({ id }): Act => ({ act: 'point', id, to: 'on' })),
          { act: 'run', seconds: 60 },
        ]).state,
      ).capacitors.FAN?.uF
    expect(run(7.5)).toBeCloseTo(7.5)
  })

  it('of a machine wired wrongly is its wires on their terminals: it turns the right way again', () => {
    const drawn = machineOf(outdoor, ['wired-wrong'])
    const acts: Act[] = [
      ...allOff(outdoor),
      ...opened(outdoor),
      { act: 'wire', id: 'fan-white', end: 'to', to: 'contactor-out-2' },
      { act: 'wire', id: 'fan-brown', end: 'to', to: 'FAN' },
      ...outdoor.points.map(({ id }): Act => ({ act: 'point', id, to: 'on' })),
      { act: 'run', seconds: 60 },
    ]
    expect(played(drawn, [{ act: 'look' }]).answer.sense?.['fan-state']).toBe('runs-backwards')
    expect(played(drawn, acts).answer.sense?.['fan-state']).toBe('runs-normally')
  })
})

describe('looked back on', () => {
  const acts: Act[] = [
    ...allOff(outdoor),
    ...opened(outdoor),
    { act: 'wire', id: 'fan-brown', end: 'to', to: 'off' },
    { act: 'meter', range: 'microfarad', red: 'C', black: 'FAN' },
  ]
  const drawn = machineOf(outdoor, ['capacitor-open'])
  const review = (more: Act[]) => {
    const { state, answers } = play(drawn, [...acts, ...more])
    return reviewOf(drawn, answers, state)
  }

  it('says what was right, what told something, and what was dangerous', () => {
    const found = review([{ act: 'decide', cause: 'capacitor-open' }])
    expect(found).toMatchObject({ right: true, causes: ['capacitor-open'], tests: 1 })
    expect(found.dangerous).toEqual([acts.length - 2])
    expect(found.bits.at(-2)).toBeGreaterThan(0.5)
    expect(found.bits.slice(0, -2).every((bits) => bits === 0)).toBe(true)
    expect(found.bestRight).toBe(true)
  })

  it('scores the odds by their logarithm, the whole on the right cause the best', () => {
    const scored = (of: Record<string, number>) =>
      review([
        { act: 'odds', of },
        { act: 'decide', cause: 'capacitor-open' },
      ]).oddsBits
    expect(scored({ 'capacitor-open': 1 })).toBe(0)
    expect(scored({ 'capacitor-open': 1, 'winding-open': 1 })).toBe(-1)
    expect(scored({ 'winding-open': 1 })).toBeCloseTo(Math.log2(0.001))
    expect(scored({ 'capacitor-open': 60, 'bearing-seized': 20 })).toBeCloseTo(Math.log2(0.75))
  })

  it('names what was still open when it was decided too early', () => {
    const { state, answers } = play(drawn, [{ act: 'decide', cause: 'bearing-seized' }])
    const early = reviewOf(drawn, answers, state)
    expect(early.right).toBe(false)
    expect(early.open.length).toBeGreaterThan(1)
  })

  it('of a machine with nothing wrong is right with nothing', () => {
    const sound = machineOf(outdoor)
    const { state, answers } = play(sound, [{ act: 'decide', cause: 'none' }])
    expect(reviewOf(sound, answers, state).right).toBe(true)
  })
})
