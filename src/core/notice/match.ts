import { type FamilyWord, familyWords } from '../knowledge/familyWords'
import { NEGATION, type WordRule, wordRules } from '../knowledge/plainWords'
import { type FamilyId, familyIds, type ObservationId } from '../knowledge/vocabulary'

export interface Noticed {
  /** Likeliest family, or null where no word tells. */
  family: FamilyId | null
  /** Every family some word of the text fits, likeliest first. */
  families: FamilyId[]
  findings: { observation: ObservationId; value: string }[]
}

/**
 * Read plain words: "bathroom fan hums", "outside part of the AC, fan stands, compressor runs".
 * Families by the longest phrase found; findings by word rules, each offered for correction.
 */
export function noticeFromWords(typed: string): Noticed {
  // Phones write a curved apostrophe.
  const text = typed.replace(/[’‘]/g, "'").replace(/\s+/g, ' ')
  const families = familiesOf(text.toLowerCase())
  const findings = new Map<ObservationId, string>()
  for (const rule of wordRules) {
    if (!isSaid(rule, text)) continue
    for (const [observation, value] of Object.entries(rule.findings) as [ObservationId, string][]) {
      if (!findings.has(observation)) findings.set(observation, value)
    }
  }
  return {
    family: families[0] ?? null,
    families,
    findings: [...findings].map(([observation, value]) => ({ observation, value })),
  }
}

/** The heaviest word decides; where two weigh the same, the one with more beside it. */
function familiesOf(text: string): FamilyId[] {
  return familyIds
    .map((family) => {
      const weights = familyWords[family].map((word) => weightIn(word, text)).sort((one, two) => two - one)
      const [heaviest = 0, ...others] = weights
      return { family, score: heaviest + others.reduce((sum, each) => sum + each, 0) / 100 }
    })
    .filter(({ score }) => score > 0)
    .sort((one, two) => two.score - one.score)
    .map(({ family }) => family)
}

function weightIn(word: FamilyWord, text: string): number {
  if (typeof word !== 'string') return word[0].test(text) ? word[1] : 0
  return new RegExp(`\\b${word}s?\\b`).test(text) ? word.length : 0
}

/** Said, and not denied in the same breath. */
function isSaid(rule: WordRule, text: string): boolean {
  if (rule.always) return rule.pattern.test(text)
  for (const match of text.matchAll(new RegExp(rule.pattern, 'gi')))
    if (!NEGATION.test(text.slice(0, match.index))) return true
  return false
}
