import { heldOut } from '../src/core/words/heldOut.testing'
import { readNotice } from '../src/core/words/notice'

type Sentence = (typeof heldOut)[number]

const isRight = ({ text, family, must, not = [] }: Sentence): boolean => {
  const reading = readNotice({ text })
  const facts: Record<string, unknown> = reading.observations
  return (
    reading.family === family &&
    Object.entries(must).every(([name, wanted]) => [wanted].flat().includes(facts[name] as string)) &&
    not.every((name) => facts[name] === undefined)
  )
}

/** What makes a sentence hard; one may belong to several. */
const classes: [name: string, test: (sentence: Sentence) => boolean][] = [
  ['no fact to find', ({ must }) => Object.keys(must).length === 0],
  ['one fact', ({ must }) => Object.keys(must).length === 1],
  ['two facts or more', ({ must }) => Object.keys(must).length > 1],
  ['no machine named', ({ family }) => family === null],
  ['something denied', ({ text }) => /\b(?:no|not|never|nothing|without|isn't|won't|doesn't)\b/i.test(text)],
  ['past and present', ({ text }) => /\b(?:used to|before|since|after|yesterday|now)\b/i.test(text)],
]

/** Sentences held back from the reader: wholly right by what makes them hard, and the time of a keystroke. */
export async function benchWords(): Promise<void> {
  const share = (some: Sentence[]) => `${some.filter(isRight).length} of ${some.length}`
  const families = heldOut.filter(({ text, family }) => readNotice({ text }).family === family)
  console.log(`sentences held back: ${share(heldOut)} wholly right, ${families.length} machines right`)
  for (const [name, test] of classes) console.log(`  ${name}: ${share(heldOut.filter(test))}`)
  const begun = performance.now()
  for (let round = 0; round < 10; round++) for (const { text } of heldOut) readNotice({ text })
  const each = (performance.now() - begun) / heldOut.length / 10
  console.log(`a keystroke: ${each.toFixed(2)} ms (goal: under 5)`)
}
