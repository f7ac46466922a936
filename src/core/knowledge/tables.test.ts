import { describe, expect, it } from 'vitest'
import { stepsOf } from './actionSteps'
import { actions } from './actions'
import { familyFigures, optionInfo, optionKinds, partPrice } from './options'
import { kindWeights, priors } from './priors'
import { probeOf } from './probes'
import { stopSigns } from './stopSigns'
import { stopInfo } from './stops'
import { tests } from './tests'
import {
  causeIds,
  familyIds,
  motorKindIds,
  type ObservationId,
  observationInfo,
  vocabulary,
} from './vocabulary'

describe('options', () => {
  it.each([...optionKinds])('%s has figures that hang together', (kind) => {
    const info = optionInfo[kind]
    expect(info.craft).toBeGreaterThan(0.5)
    expect(info.craft).toBeLessThanOrEqual(1)
    expect(info.years).toBeGreaterThan(0)
    expect(info.hours).toBeGreaterThan(0)
    expect(info.text.length).toBeGreaterThan(20)
  })

  it.each(familyIds)(
    '%s: a universal motor is no dearer than the original, a machine dearer than its motor',
    (family) => {
      const { original, universal, newMachine, machineYears } = familyFigures[family]
      if (universal !== null) expect(universal).toBeLessThanOrEqual(original)
      expect(newMachine).toBeGreaterThan(original)
      expect(machineYears).toBeGreaterThan(5)
    },
  )

  it('price only parts of actions that exist', () => {
    for (const action of Object.keys(partPrice)) expect(actions).toHaveProperty(action)
  })
})

describe('actions', () => {
  it('may be done as their own test only where anybody careful can, without a part that must be bought', () => {
    for (const [id, action] of Object.entries(actions))
      if (action.trial !== undefined) {
        expect(action.skill, id).toBeLessThanOrEqual(2)
        expect(action.minutes, id).toBeLessThanOrEqual(45)
      }
  })

  it('never bridge, bypass or hold in', () => {
    for (const id of Object.keys(actions)) {
      // Where such a word stands, its own sentence forbids it.
      const bold = stepsOf(id)
        .steps.split(/(?<=[.:;])\s+/)
        .filter((sentence) => /bridg|bypass|held in|hold in|jumper|short(?:ed)? out/i.test(sentence))
      for (const sentence of bold) expect(sentence, id).toMatch(/\bnever\b|\bnot\b|\bno\b/i)
    }
  })

  it('say what goes wrong', () => {
    for (const id of Object.keys(actions)) expect(stepsOf(id).risk.length, id).toBeGreaterThan(5)
  })
})

describe('where a meter goes', () => {
  it('is drawn for every reading that takes a number or a meter', () => {
    for (const id of Object.keys(tests) as ObservationId[]) {
      const metered = tests[id].some((test) => test.tools.some((tool) => tool.startsWith('meter')))
      const byMeter = metered && !tests[id].every((test) => test.tools.includes('hand'))
      if (byMeter) expect(probeOf(id, null), id).toBeDefined()
      if (observationInfo(id).measure && observationInfo(id).measure !== 'mm')
        expect(probeOf(id, null), id).toBeDefined()
    }
  })

  it('is on volts for a live test, and on ohms or µF for a dead one', () => {
    for (const id of Object.keys(tests) as ObservationId[])
      for (const kind of [null, ...motorKindIds]) {
        const probe = probeOf(id, kind)
        if (probe) expect(probe.range.startsWith('V'), id).toBe(tests[id][0]?.risk === 'live')
      }
  })

  it('names no lead that the motor does not have', () => {
    expect(probeOf('motor-voltage', 'psc')?.tips).toEqual(['run', 'common'])
    expect(probeOf('motor-voltage', 'ecm')).toMatchObject({ figure: 'plug', tips: ['L', 'N'] })
    expect(probeOf('motor-voltage', 'bldc')).toMatchObject({ range: 'V', tips: ['supply', 'ground'] })
    expect(probeOf('motor-voltage', 'shaded-pole')?.tips).toEqual(['lead', 'lead'])
  })
})

describe('tests', () => {
  it('that need power are looked at from outside, those with hands in need none', () => {
    for (const list of Object.values(tests))
      for (const test of list) {
        if (test.needsPower) expect(test.risk).toBe('none')
        if (test.handsIn) expect(test.needsPower).toBeUndefined()
      }
  })

  it('never ask for a hand or metal in a running fan, nor for a contactor pushed in', () => {
    for (const [id, list] of Object.entries(tests))
      for (const test of list) {
        const text = `${test.how} ${test.caution ?? ''}`
        if (id === 'nudge-start') expect(text).toMatch(/Never a hand, never metal/)
        if (id === 'contactor-position') expect(text).toMatch(/Do not push it/)
        // Under power nothing is touched, turned or pushed but what the one push with a stick says itself.
        if ((test.risk === 'live' || test.needsPower) && id !== 'nudge-start')
          for (const sentence of text.split(/(?<=[.:;])\s+/))
            if (/\b(?:push|turn (?:it|the (?:wheel|blade|fan))|by hand|finger|reach in)\b/i.test(sentence))
              expect(sentence, `${id}: ${sentence}`).toMatch(/\bnever\b|\bnot\b|\bno\b|\boff\b/i)
      }
  })
})

describe('priors', () => {
  it('name causes that exist, with weights above nothing', () => {
    for (const table of [...Object.values(priors), ...Object.values(kindWeights)])
      for (const [cause, weight] of Object.entries(table)) {
        expect(causeIds).toContain(cause)
        expect(weight, cause).toBeGreaterThan(0)
      }
  })

  it('let every family fail in its supply, its bearing and its winding or electronics', () => {
    for (const family of familyIds) {
      const names = Object.keys(priors[family])
      for (const cause of ['no-supply', 'bearing-worn', 'bearing-seized', 'winding-open'])
        expect(names, family).toContain(cause)
    }
  })
})

describe('stop rules', () => {
  it('all have a page, and a sign by which they can be raised', () => {
    for (const rule of Object.keys(vocabulary.stopRules) as (keyof typeof stopInfo)[]) {
      expect(stopSigns[rule], rule).toBeTruthy()
      expect(stopInfo[rule].text.endsWith('.')).toBe(true)
    }
  })
})
