import { familyWords, wordRules } from '../knowledge/plainWords'
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
  const text = typed.replace(/[’‘]/g, "'")
  const source = ` ${text
    .toLowerCase()
    .replace(/[.,;:!?]/g, ' ')
    .replace(/\s+/g, ' ')} `
  const scored = familyIds
    .map((family) => ({
      family,
      score: Math.max(
        0,
        ...familyWords[family].filter((words) => source.includes(words)).map((words) => words.length),
      ),
    }))
    .filter(({ score }) => score > 0)
    .sort((one, two) => two.score - one.score)
  const findings = new Map<ObservationId, string>()
  for (const rule of wordRules) {
    if (!rule.pattern.test(text)) continue
    for (const [observation, value] of Object.entries(rule.findings) as [ObservationId, string][]) {
      if (!findings.has(observation)) findings.set(observation, value)
    }
  }
  return {
    family: scored[0]?.family ?? null,
    families: scored.map(({ family }) => family),
    findings: [...findings].map(([observation, value]) => ({ observation, value })),
  }
}
