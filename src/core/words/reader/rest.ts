import { familyWords } from '../../knowledge/familyWords'
import { turningThings } from '../../knowledge/words/things'
import type { Match, Reading } from './pattern'

const FILLERS = new Set(
  "the a an and or but it its is was are be in on at of to for with my our i we you he she they this that there here so just very really when then now as if by from up down out off over been has have had do does did no not get gets getting got go goes going any some only even still also quite too smell noise 's will can could would should".split(
    ' ',
  ),
)

const FAMILY_WORDS = new Set(
  Object.values(familyWords).flatMap((words) =>
    words.flatMap((word) => (typeof word === 'string' ? word.split(' ') : [])),
  ),
)

const TURNING = new Set<string>(turningThings)

/** Words that nothing used, as they were typed. */
export function restOf(text: string, { tokens, at }: Reading, used: Match[]): string[] {
  // Who names a wheel or its blades is understood, whatever is said of them.
  const taken = tokens.map((_, index) => (at[index] ?? []).some(({ name }) => TURNING.has(name)))
  for (const { from, to } of used) taken.fill(true, from, to)
  const rest: string[] = []
  let end = -1
  tokens.forEach((token, index) => {
    if (taken[index] || token.kind === 'stop' || token.kind === 'comma' || token.from < end) return
    if (FILLERS.has(token.text) || FAMILY_WORDS.has(token.text)) return
    rest.push(text.slice(token.from, token.to))
    end = token.to
  })
  return rest
}
