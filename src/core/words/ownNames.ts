import { type FamilyId, isFamily } from '../knowledge/vocabulary'
import type { NoticeReading } from './notice'

/** What a household calls a machine, in its own words. */
export interface OwnName {
  /** In small letters, one blank between words. */
  words: string
  family: FamilyId
  machineId: string | null
}

const LONGEST = 40
const MOST_WORDS = 4

/** Words that open or close a name and are no part of it. */
const around =
  'the a an my our your his her this that it its is was has had in on at of by to for from with and or but so when if i we you they he she me us no not just still now then old new again'.split(
    ' ',
  )

/** A name or a sentence as names are compared: small letters, one blank between words. */
export const plainName = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[’‘`´]/g, "'")
    .replace(/[^\p{L}\p{N}' -]/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()

/**
 * The household's own name for a machine in a sentence: the longest that stands in it as whole words.
 *
 * @example ownNameIn('the Chimney blower rattles', [{ words: 'chimney blower', family: 'draft-inducer', machineId: null }])?.family // 'draft-inducer'
 */
export function ownNameIn(text: string, names: OwnName[]): OwnName | null {
  const said = ` ${plainName(text)} `
  return (
    [...names]
      .sort((one, other) => other.words.length - one.words.length)
      .find(({ words }) => said.includes(` ${words} `)) ?? null
  )
}

/**
 * The words of a sentence that may be the machine's own name: the first run that no finding used, without what stands around a
 * name. Empty where nothing is left.
 *
 * @example nameToLearn('my chimney blower rattles', { words: { sound: 'rattles' } }) // 'chimney blower'
 */
export function nameToLearn(text: string, { words }: Pick<NoticeReading, 'words'>): string {
  let said = plainName(text)
  for (const used of Object.values(words))
    for (const piece of plainName(used ?? '').split(' … ')) if (piece) said = said.replace(piece, ' | ')
  const runs = said
    .split('|')
    .map((run) => trimmed(run.split(' ').filter(Boolean)))
    .filter((run) => run.length > 0)
  return (runs[0] ?? []).slice(0, MOST_WORDS).join(' ').slice(0, LONGEST)
}

function trimmed(run: string[]): string[] {
  const from = run.findIndex((word) => !around.includes(word))
  if (from < 0) return []
  const rest = run.slice(from)
  const end = rest.findIndex((word) => around.includes(word))
  return end < 0 ? rest : rest.slice(0, end)
}

/** A name as it is kept, or the sentence that says why it cannot be. */
export function ownNameProblem(words: string, family: string): string | null {
  const kept = plainName(words)
  if (kept.length < 3) return 'Give the name at least three letters, as you would say it.'
  if (kept.length > LONGEST) return `Give a name of at most ${LONGEST} letters.`
  if (!isFamily(family)) return 'Choose first what kind of fan is called so.'
  return null
}
