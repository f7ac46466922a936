import { type DangerConcept, dangerConcepts } from '../../knowledge/words/dangerConcepts'
import type { Reading } from '../reader/pattern'

/** Concepts near each other are weighed together: so many words lie between them at most. */
const NEAR = 7
/** Words in a window, and how far the next begins behind it. */
const WIDE = 14
const STEP = 5

/** A word without the usual endings, so that “zapped”, “zaps” and “zapping” are one. */
export function stemOf(word: string): string {
  if (word.length < 4) return word
  const bare = word.replace(/(?:'s|s)$/, '').replace(/(?:ingly|ing|ed|ly|es|y)$/, '')
  const short = bare.length >= 3 ? bare : word
  return short.replace(/([bdgklmnprtz])\1$/, '$1').replace(/e$/, '')
}

const conceptsOf = new Map<string, DangerConcept[]>()
for (const [concept, words] of Object.entries(dangerConcepts) as [DangerConcept, string][])
  for (const word of words.split(/\s+/)) {
    const stem = stemOf(word)
    conceptsOf.set(stem, [...(conceptsOf.get(stem) ?? []), concept])
  }

/**
 * What the parts of a text are weighed by: its words, each with the one behind it, the concepts that they name, and which
 * concepts stand near each other in their order. A part is a window of so many words, so that what is told beside a danger does
 * not drown it. Linear in the words.
 */
export function windowsOf({ tokens }: Pick<Reading, 'tokens'>): Set<string>[] {
  const stems = tokens.map((token) => stemOf(token.text.toLowerCase()))
  const placed = stems.flatMap((stem, place) =>
    (conceptsOf.get(stem) ?? []).map((concept) => ({ concept, place })),
  )
  const windows: Set<string>[] = []
  for (let from = 0; from === 0 || from + STEP < stems.length; from += STEP) {
    const inside = placed.filter(({ place }) => place >= from && place < from + WIDE)
    const found = new Set<string>()
    stems.slice(from, from + WIDE).forEach((stem, place, all) => {
      found.add(`w:${stem}`)
      if (place > 0) found.add(`${all[place - 1]} ${stem}`)
    })
    for (const { concept } of inside) found.add(concept)
    for (const one of inside)
      for (const other of inside)
        if (other.place > one.place && other.place - one.place <= NEAR && other.concept !== one.concept)
          found.add(`${one.concept}>${other.concept}`)
    windows.push(found)
  }
  return windows
}
