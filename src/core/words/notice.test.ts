import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isFamily, isObservation, isStopRule, observationInfo } from '../knowledge/vocabulary'
import { readNotice } from './notice'

const found = (text: string) => {
  const { family, observations } = readNotice({ text })
  return { family, ...observations }
}

describe('plain words', () => {
  it.each([
    ['it tripped the breaker last night and smelt like burning a bit', []],
    ['the main breaker popped, and there was a burnt smell', []],
    ['the breaker has tripped again and something smells of burning', ['breaker-retrips']],
    ['the breaker trips and the panel smells of burning', ['burnt-supply']],
    ['tripped the breaker and the plug smells burnt', ['burnt-supply']],
    ['the breaker tripped and is burnt', ['burnt-supply']],
    ['the plug smells like burning', ['burnt-supply']],
  ])(
    '“%s”: a smell without a place beside a breaker that tripped is asked, one with a place stops',
    (text, raised) => {
      const read = readNotice({ text })
      expect(read.raised).toEqual(raised)
      expect(read.stops).toContain('burnt-supply')
    },
  )

  it.each([
    ['the fan on top is dead', { family: null, 'fan-state': 'dead' }],
    ['the top speed is dead', { family: null, speeds: 'some-missing' }],
    ['new motor needed i think', { family: null }],
    ['nobody was at the wires', { family: null, 'wiring-changed': 'no' }],
    ['starts slow and gives up', { family: null, 'fan-state': 'starts-then-stops' }],
  ])('“%s”', (text, expected) => {
    expect(found(text)).toEqual(expected)
  })

  it('“nobody else” has touched it: the teller has, and of the wires nothing is told', () => {
    expect(found('since i changed the motor, nobody else touched it')).toEqual({
      family: null,
      onset: 'after-a-repair',
    })
    expect(found('nobody touched the wires')).toMatchObject({ 'wiring-changed': 'no' })
  })

  it('take no push at a reset button for one at the fan', () => {
    expect(found('the bath fan is dead until I push the reset button')).not.toHaveProperty('nudge-start')
  })

  it.each([
    ['bathroom fan hums', { family: 'bath-exhaust-fan', 'fan-state': 'hums', sound: 'hum' }],
    [
      'The ceiling fan got slower over the last few months',
      { family: 'ceiling-fan', 'fan-state': 'slow', onset: 'slower-over-months' },
    ],
    [
      'furnace inducer squeals, grew over weeks',
      {
        family: 'draft-inducer',
        sound: 'squeal',
        onset: 'grew-louder-over-weeks',
      },
    ],
    [
      'hums but does not spin, outside part of the AC, compressor runs',
      {
        family: 'outdoor-unit-fan',
        'fan-state': 'hums',
        sound: 'hum',
        companion: 'yes',
      },
    ],
    [
      'bath fan wont go unless i flick it w a stick',
      { family: 'bath-exhaust-fan', 'nudge-start': 'starts-and-runs' },
    ],
    ['I smell gas near the furnace', { family: 'furnace-blower', smell: 'gas' }],
    [
      'freezer fan stopped, lots of ice',
      { family: 'refrigerator-evaporator-fan', 'fan-state': 'dead', fouling: 'iced' },
    ],
    ['the thing in the shed', { family: null }],
  ])('"%s"', (text, expected) => {
    expect(found(text)).toMatchObject(expected)
  })
})

describe('what is told at once', () => {
  it('a fact and its denial are told apart, and what nothing used is kept', () => {
    const reading = readNotice({ text: 'hood fan hums, no burnt smell, the cat sits beside it' })
    expect(reading).toMatchObject({ family: 'range-hood-fan', observations: { sound: 'hum' } })
    expect(reading.observations.smell).toBeUndefined()
    expect(reading.denied).toContainEqual({ observation: 'smell', value: 'burnt' })
    expect(reading.rest).toContain('cat')
  })

  it('a danger that is denied is still named, so that it can be asked back', () => {
    const reading = readNotice({ text: 'inducer rattles, no gas smell' })
    expect(reading.stops).toContain('gas-smell')
    expect(reading.observations.smell).toBeUndefined()
  })

  it('a denial takes back the danger that it speaks of, and no other', () => {
    const wet = readNotice({ text: 'inducer stopped, no soot, but water on the control board' })
    expect(wet).toMatchObject({
      raised: ['water-on-electrics'],
      observations: { 'danger-signs': 'water-on-electrics' },
    })
    expect(wet.asked).not.toContain('water-on-electrics')
    expect(readNotice({ text: 'inducer rattles, no gas smell' })).toMatchObject({
      raised: [],
      asked: ['gas-smell'],
    })
  })

  it('a danger that is denied once and told once is told', () =>
    expect(readNotice({ text: 'no smell of gas yesterday; now there is a smell of gas' })).toMatchObject({
      raised: ['gas-smell'],
      asked: [],
      observations: { smell: 'gas' },
    }))

  it('one word alone is a danger where the same word among others is none', () => {
    expect(
      ['fire', 'gas', 'Burning!', 'bitten', 'headaches'].map((text) => readNotice({ text }).raised),
    ).toEqual([['fire-or-smoke'], ['gas-smell'], ['fire-or-smoke'], ['electric-shock'], ['co-or-soot']])
    expect(readNotice({ text: 'gas furnace, the blower hums' }).stops).toEqual([])
  })

  it('what makes a noise and does nothing is neither silent nor wholly dead: what it does is asked', () => {
    expect(readNotice({ text: 'the fan makes a noise but does nothing' }).observations).toEqual({})
    expect(readNotice({ text: 'the fan does nothing, makes no noise' }).observations).toEqual({
      'fan-state': 'dead',
      sound: 'nothing',
    })
    expect(readNotice({ text: 'it does not make a noise' }).observations).toEqual({ sound: 'nothing' })
  })

  it('what was before is not what is now', () =>
    expect(readNotice({ text: 'it used to squeal, now it only hums' }).observations).toMatchObject({
      'fan-state': 'hums',
    }))

  it('slips of the finger are mended, and common words are left alone', () => {
    expect(found('bathrom fan squels')).toMatchObject({ family: 'bath-exhaust-fan', sound: 'squeal' })
    expect(found('furnce blower hums')).toMatchObject({ family: 'furnace-blower' })
    expect(found('there is a spot on the wall')).toEqual({ family: null })
  })

  it('tells where in the sentence each fact was found', () =>
    expect(readNotice({ text: 'ceiling fan grinds' }).words.sound).toContain('grind'))
})

describe('whatever is typed', () => {
  it('is read without a fault, into values that there are, with words that stand in it', () => {
    const word = fc.constantFrom(
      ...'fan not no never gas smell shock smoke hums turns dead loose the is and , . ? 118 volts off breaker still water on board my mine was now constructor'.split(
        ' ',
      ),
    )
    const texts = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 300 }),
      fc.array(word, { maxLength: 40 }).map((words) => words.join(' ')),
    )
    fc.assert(
      fc.property(texts, (text) => {
        const { families, observations, stops, raised, asked, words } = readNotice({ text })
        expect(families.every(isFamily)).toBe(true)
        for (const [observation, value] of Object.entries(observations)) {
          expect(isObservation(observation)).toBe(true)
          if (isObservation(observation)) expect(observationInfo(observation).values).toContain(String(value))
        }
        expect(stops.every(isStopRule)).toBe(true)
        expect([...raised, ...asked].sort()).toEqual([...stops].sort())
        for (const told of Object.values(words)) expect(text).toContain(told)
      }),
    )
  })
})
