import { describe, expect, it } from 'vitest'
import { readNotice } from './notice'
import { type Voice, voices } from './voices.testing'

const faults = ({ text, family, must = {}, stops, not = [] }: Voice): string[] => {
  const reading = readNotice({ text })
  const facts: Record<string, unknown> = reading.observations
  const said: string[] = reading.stops
  return [
    ...(family === undefined || reading.family === family ? [] : [`family ${reading.family}`]),
    ...Object.entries(must).flatMap(([observation, wanted]) =>
      [wanted].flat().includes(String(facts[observation])) ? [] : [`${observation} ${facts[observation]}`],
    ),
    ...(stops ?? []).flatMap((stop) => (said.includes(stop) ? [] : [`${stop} not heard`])),
    ...(stops?.length === 0 ? said.map((stop) => `${stop} invented`) : []),
    ...not.flatMap((said) => {
      const [observation = '', value] = said.split('=')
      const told = facts[observation]
      return told === undefined || (value !== undefined && told !== value) ? [] : [`${said} said`]
    }),
  ]
}

const dangers = voices.filter(({ stops }) => (stops ?? []).length > 0)
const lookalikes = voices.filter(({ stops }) => stops?.length === 0)

describe('sentences in other voices', () => {
  it('are wholly right in nine of ten, of those that were held back as of the others', () => {
    for (const held of [false, true]) {
      const some = voices.filter((_, index) => (index % 3 === 2) === held)
      const wrong = some.filter((voice) => faults(voice).length > 0)
      console.log(`${held ? 'held back' : 'seen'}: ${some.length - wrong.length} of ${some.length} right`)
      expect(1 - wrong.length / some.length).toBeGreaterThanOrEqual(0.9)
    }
  })

  it.each(dangers)('every danger is heard: $text', (voice) => {
    const said: string[] = readNotice({ text: voice.text }).stops
    for (const stop of voice.stops ?? []) expect(said).toContain(stop)
  })

  it.each(lookalikes)('what only sounds like one is none: $text', ({ text }) => {
    expect(readNotice({ text }).stops).toEqual([])
  })

  it('a danger that is only denied is asked and not raised', () => {
    for (const text of ['the fan never gave me a shock', 'there was no smell of gas', 'no sparks seen']) {
      const { raised, asked } = readNotice({ text })
      expect(raised, text).toEqual([])
      expect(asked.length, text).toBe(1)
    }
  })
})
