import { type Term, terms } from '../knowledge/terms'

/** A term where it stands in a text: letters from, and up to but without. */
export interface TermAt {
  term: Term
  from: number
  to: number
}

const plain = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

const byWord = new Map<string, Term>()
const signsOf = ({ name, also, signs }: Term): readonly string[] => signs ?? [name, ...also]
for (const term of terms) for (const sign of signsOf(term)) byWord.set(sign.toLowerCase(), term)

/** Longer words first: a run capacitor is no capacitor beside a run. One pass over the text, whatever its length. */
const anyTerm = new RegExp(
  `(?<![\\p{L}\\p{N}])(${[...byWord.keys()]
    .sort((one, two) => two.length - one.length)
    .map(plain)
    .join('|')})(s?)(?![\\p{L}\\p{N}])`,
  'giu',
)

/** Short signs that are words as well are terms only as they are written: `DC`, `OL`, never “dc” within a name. */
const isWritten = (found: string, term: Term): boolean => found.length > 3 || signsOf(term).includes(found)

/**
 * The terms of a text in their order, none within another.
 *
 * @example termsIn('Empty the run capacitor').map(({ term }) => term.id) // ['capacitor']
 */
export function termsIn(text: string): TermAt[] {
  const found: TermAt[] = []
  for (const match of text.matchAll(anyTerm)) {
    const [whole = '', word = ''] = match
    const term = byWord.get(word.toLowerCase())
    if (term && isWritten(word, term)) found.push({ term, from: match.index, to: match.index + whole.length })
  }
  return found
}
