import { describe, expect, it } from 'vitest'
import { misreadLine } from './misread'
import { readNotice } from './notice'

const text = 'bathroom fan squeals, smells of gas'
const reading = readNotice({ text })
const family = reading.family

describe('what a person put right', () => {
  it('becomes a line of what the sentence says and does not say', () => {
    expect(
      misreadLine({ text, reading, family: 'hrv-fan', right: { sound: 'rattle' }, meant: ['gas-smell'] }),
    ).toMatchObject({
      text,
      family: 'hrv-fan',
      must: { sound: 'rattle' },
      mustNot: ['sound=squeal'],
      stops: [],
    })
  })

  it('that is nothing of the kind is left out of what must be found', () => {
    const line = misreadLine({ text, reading, family, right: { sound: null }, meant: [] })
    expect(line?.must).not.toHaveProperty('sound')
    expect(line?.mustNot).toEqual(['sound=squeal'])
  })

  it('is no line where nothing was put right', () => {
    expect(misreadLine({ text, reading, family, right: {}, meant: [] })).toBeNull()
    expect(misreadLine({ text, reading, family, right: { sound: 'squeal' }, meant: [] })).toBeNull()
  })
})
