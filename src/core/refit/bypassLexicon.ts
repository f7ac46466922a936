import { bypassActClasses, guardClasses } from '../knowledge/words/bypassClasses'
import { everyday, written } from '../knowledge/words/spelling'
import { mender } from '../words/mend'
import { plainEnglish, workshopWords } from '../words/plainEnglish'
import { type Lexicon, lexiconOf } from '../words/reader/classes'
import type { SwitchKind } from './types'

/** Parts that guard people, by the names of their classes; those that are never held come first. */
export const guards = Object.keys(guardClasses) as (keyof typeof guardClasses & SwitchKind)[]

let lexicon: Lexicon | null = null

/** Names of guards and of what is done to them. Made at the first line: a job page that shows none need not have it. */
export function bypassLexicon(): Lexicon {
  lexicon ??= lexiconOf({ ...guardClasses, ...bypassActClasses }, guards)
  return lexicon
}

let mend: ((word: string) => string) | null = null

/** Slips of these names, mended. */
export function bypassMender(): (word: string) => string {
  const { words } = bypassLexicon()
  mend ??= mender(
    [...words].filter((word) => word.length > 4 && /^[a-z]+$/.test(word)),
    [...words, ...everyday.split(' '), ...written.split(' '), ...plainEnglish, ...workshopWords],
    { forms: true, shortest: 5 },
  )
  return mend
}
