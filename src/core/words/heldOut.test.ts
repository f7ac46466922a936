import { describe, expect, it } from 'vitest'
import { heldOut } from './heldOut.testing'
import { readNotice } from './notice'

const isRight = ({ text, family, must, not = [] }: (typeof heldOut)[number]): boolean => {
  const reading = readNotice({ text })
  const facts: Record<string, unknown> = reading.observations
  return (
    reading.family === family &&
    Object.entries(must).every(([observation, wanted]) =>
      [wanted].flat().includes(facts[observation] as string),
    ) &&
    not.every((observation) => facts[observation] === undefined)
  )
}

describe('sentences that the reader had not seen', () => {
  it('are wholly right in most cases', () => {
    const wrong = heldOut.filter((each) => !isRight(each)).map(({ text }) => text)
    console.log(`held out: ${heldOut.length - wrong.length} of ${heldOut.length} right\n${wrong.join('\n')}`)
    expect(1 - wrong.length / heldOut.length).toBeGreaterThanOrEqual(0.88)
  })
})
