import { describe, expect, it } from 'vitest'
import { familyWords } from '../knowledge/familyWords'
import { familyIds, observationInfo } from '../knowledge/vocabulary'
import { factRules } from '../knowledge/words/factRules'
import { readNotice } from './notice'

const found = (text: string) => {
  const { family, observations } = readNotice({ text })
  return { family, ...observations }
}

describe('how people call each fan', () => {
  const said: Record<string, string> = {
    'bath-exhaust-fan': 'the extractor over the shower squeals',
    'range-hood-fan': 'cooker hood only works on one of the speeds',
    'ceiling-fan': 'ceiling fan in the bedroom rattles',
    'attic-vent-fan': 'whole house fan will not start',
    'furnace-blower': 'furnace blower never stops',
    'draft-inducer': 'the inducer is loud since last week',
    'outdoor-unit-fan': 'heat pump fan runs backwards',
    'mini-split-indoor-fan': 'ductless unit gives little air',
    'refrigerator-evaporator-fan': 'fan in the freezer stopped, food is warm',
    'refrigerator-condenser-fan': 'fan behind the fridge grinds',
    'rv-furnace-blower': 'caravan heater blower turns slowly',
    'pellet-stove-exhaust-blower': 'pellet stove blower squeals, louder every week',
    'hrv-fan': 'heat recovery has gone quiet',
    'dehumidifier-fan': 'dehumidifier cuts out after ten minutes',
  }
  it.each(Object.entries(said))('%s: "%s"', (family, text) => {
    expect(found(text).family).toBe(family)
  })

  it.each([
    ['the outside fan of the aircon just hums', 'outdoor-unit-fan'],
    ['a/c in the yard', 'outdoor-unit-fan'],
    ['the condenser, its fan stands', 'outdoor-unit-fan'],
    ['heat pump outside will not blow', 'outdoor-unit-fan'],
    ['aircon on the wall inside drips and does not blow', 'mini-split-indoor-fan'],
    ['split unit in the bedroom', 'mini-split-indoor-fan'],
    ['furnace exhaust fan is loud', 'draft-inducer'],
    ['the flue fan of the boiler', 'draft-inducer'],
    ['pellet stove exhaust fan squeals', 'pellet-stove-exhaust-blower'],
    ['greenhouse exhaust fan', 'attic-vent-fan'],
    ['loft fan', 'attic-vent-fan'],
    ['extractor in the ensuite', 'bath-exhaust-fan'],
    ['the thing over the stove', 'range-hood-fan'],
    ['kitchen extractor', 'range-hood-fan'],
    ['fan on the living room ceiling', 'ceiling-fan'],
    ['fan at the back of the fridge', 'refrigerator-condenser-fan'],
    ['refrigerator, the fan next to the compressor', 'refrigerator-condenser-fan'],
    ['no fan noise inside the fridge', 'refrigerator-evaporator-fan'],
    ['camper heater', 'rv-furnace-blower'],
    ['my RV has no heat', 'rv-furnace-blower'],
    ['no air from the vents', 'furnace-blower'],
    ['the ERV whistles', 'hrv-fan'],
    ['fresh air unit is silent', 'hrv-fan'],
    ['pedestal fan', 'other-fan'],
    ['dust collector in the shop', 'other-fan'],
  ])('"%s" → %s', (text, family) => {
    expect(found(text).family).toBe(family)
  })

  it.each(['it served us well', 'my neighborhood', 'nervous about it', 'the back of the house'])(
    'hears whole words only: "%s" names no fan',
    (text) => {
      expect(found(text).family).toBeNull()
    },
  )

  it('is known for every family', () => {
    for (const family of familyIds) expect(familyWords[family].length, family).toBeGreaterThan(0)
  })
})

describe('what people say of it', () => {
  it.each([
    ['it starts and then dies', { 'fan-state': 'starts-then-stops' }],
    ['it cuts out', { 'fan-state': 'starts-then-stops' }],
    ['it won’t stop', { 'fan-state': 'wont-stop' }],
    ["it won't stop", { 'fan-state': 'wont-stop' }],
    ['blows the wrong way', { direction: 'wrong' }],
    ['works now and then', { 'fan-state': 'intermittent' }],
    ['gone sluggish', { 'fan-state': 'slow' }],
    ['smells of burning', { smell: 'burnt' }],
    ['a carbon monoxide alarm went off', { 'danger-signs': 'co-alarm' }],
    ['there is soot on it', { 'danger-signs': 'soot-or-rollout' }],
    ['dead after the storm', { 'fan-state': 'dead', onset: 'after-a-storm-or-outage' }],
    ['hums since I fitted a new motor', { 'fan-state': 'hums' }],
    ['slow after painting', { 'fan-state': 'slow', onset: 'after-painting-or-building-work' }],
    ['dead after a flood', { 'fan-state': 'dead', onset: 'after-water' }],
    ['trips the breaker', { breaker: 'tripped-once' }],
    ['the gfci goes', { breaker: 'rcd-trips' }],
    ['it goes when I push it', { 'nudge-start': 'starts-and-runs' }],
    ['starts with a push', { 'nudge-start': 'starts-and-runs' }],
    ['a wasp nest in it', { fouling: 'debris' }],
    ['full of frost', { fouling: 'iced' }],
    ['no heat in the house', { 'temperature-effect': 'no-heat' }],
  ])('"%s"', (text, expected) => {
    expect(found(text)).toMatchObject(expected)
  })

  it.each([
    ['it does not hum', 'sound'],
    ["it doesn't rattle", 'sound'],
    ['there is no burnt smell', 'smell'],
    ['not noisy', 'fan-state'],
    ['without any grinding', 'sound'],
    ['it never trips the breaker', 'breaker'],
  ])('what is denied is not heard: "%s"', (text, observation) => {
    expect(found(text)).not.toHaveProperty(observation)
  })

  it.each([
    ["won't start and hums", { 'fan-state': 'hums', sound: 'hum' }],
    ['no hum at first, then it hums', { sound: 'hum' }],
    ['dead since the thunderstorm', { 'fan-state': 'dead', onset: 'after-a-storm-or-outage' }],
    ['noisy since we put in a new motor', { 'fan-state': 'runs-noisy', onset: 'after-a-repair' }],
    ['slow since they plastered', { 'fan-state': 'slow', onset: 'after-painting-or-building-work' }],
    ['water got in', { onset: 'after-water' }],
    ['it conked out', { 'fan-state': 'dead' }],
    ['smells like something burning', { smell: 'burnt' }],
    ['starts if I give it a push', { 'nudge-start': 'starts-and-runs' }],
    ['barely pulls', { 'air-flow': 'weak' }],
    ['clicks and nothing else', { sound: 'clicking' }],
  ])('"%s"', (text, expected) => {
    expect(found(text)).toMatchObject(expected)
  })

  it('is a stop whenever gas and smell stand together, in any order', () => {
    for (const text of ['smell of gas', 'gas smell by the stove', 'I can smell the gas', 'gas leak'])
      expect(found(text), text).toMatchObject({ smell: 'gas' })
  })

  it('becomes only values that the vocabulary has', () => {
    for (const { observation, value, ways } of factRules)
      expect(observationInfo(observation).values, ways).toContain(value)
  })

  it('of nothing known is nothing', () => {
    for (const text of ['', 'the thing on the shelf'])
      expect(readNotice({ text })).toMatchObject({ family: null, families: [], observations: {}, stops: [] })
  })
})
