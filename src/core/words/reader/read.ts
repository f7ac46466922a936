import { dangerConcepts } from '../../knowledge/words/dangerConcepts'
import { classes, solidClasses } from '../../knowledge/words/lexicon'
import { everyday, shortForms, written } from '../../knowledge/words/spelling'
import { thingClasses, turningThings } from '../../knowledge/words/things'
import { mender } from '../mend'
import { plainEnglish, workshopWords } from '../plainEnglish'
import { lexiconOf, spansIn } from './classes'
import { type Reading, readingOf } from './pattern'
import { tokensOf } from './tokens'

const lexicon = lexiconOf(classes, solidClasses)

const mend = mender(
  [...lexicon.words].filter((word) => /^[a-z]+$/.test(word)),
  [
    ...everyday.split(' '),
    ...written.split(' '),
    ...Object.values(shortForms).flatMap((each) => each.split(' ')),
    ...Object.values(dangerConcepts).flatMap((words) => words.split(/\s+/)),
    ...plainEnglish,
    ...workshopWords,
  ],
  { forms: true, shortest: 5 },
)

const isStill = (name: string): boolean => Object.hasOwn(thingClasses, name) && !turningThings.has(name)

/** A text with its words mended and its classes found. */
export function read(text: string): Reading {
  const tokens = tokensOf(text, mend)
  return readingOf(tokens, spansIn(tokens, lexicon), isStill)
}
