import { type FamilyWord, familyWords } from '../../knowledge/familyWords'
import { type FamilyId, familyIds } from '../../knowledge/vocabulary'

/** The heaviest word decides; where two weigh the same, the one with more beside it. */
export function familiesOf(said: string): FamilyId[] {
  return familyIds
    .map((family) => {
      const weights = familyWords[family].map((word) => weightIn(word, said)).sort((one, two) => two - one)
      const [heaviest = 0, ...others] = weights
      return { family, score: heaviest + others.reduce((sum, each) => sum + each, 0) / 100 }
    })
    .filter(({ score }) => score > 0)
    .sort((one, two) => two.score - one.score)
    .map(({ family }) => family)
}

const patterns = new Map<string, RegExp>()

function weightIn(word: FamilyWord, said: string): number {
  if (typeof word !== 'string') return word[0].test(said) ? word[1] : 0
  const known = patterns.get(word) ?? new RegExp(`\\b${word}s?\\b`)
  patterns.set(word, known)
  return known.test(said) ? word.length : 0
}
