import { heldOut } from '../src/core/words/heldOut.testing'
import { readNotice } from '../src/core/words/notice'

/** Sentences held back from the reader: wholly right, by whether they name a family, and the time of a keystroke. */
export async function benchWords(): Promise<void> {
  const right = heldOut.filter(({ text, family, must, not = [] }) => {
    const reading = readNotice({ text })
    const facts: Record<string, unknown> = reading.observations
    return (
      reading.family === family &&
      Object.entries(must).every(([name, wanted]) => [wanted].flat().includes(facts[name] as string)) &&
      not.every((name) => facts[name] === undefined)
    )
  })
  const families = heldOut.filter(({ text, family }) => readNotice({ text }).family === family)
  const begun = performance.now()
  for (let round = 0; round < 10; round++) for (const { text } of heldOut) readNotice({ text })
  const each = (performance.now() - begun) / heldOut.length / 10
  console.log(
    `sentences held back: ${right.length} of ${heldOut.length} wholly right, ${families.length} families right`,
  )
  console.log(`a keystroke: ${each.toFixed(2)} ms (goal: under 5)`)
}
