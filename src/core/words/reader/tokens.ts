import { shortForms, soundAlikes } from '../../knowledge/words/spelling'

/** A word, a number or a stop of a text, with the place where it was typed. */
export interface Token {
  /** As it is compared: small letters, slips mended, short forms written out. */
  text: string
  kind: 'word' | 'number' | 'comma' | 'stop'
  /** Only of a number: what it is worth. */
  value: number | null
  /** Letters of the text that it stands for: from, and up to but without. */
  from: number
  to: number
}

const shorts = new Map(Object.entries(shortForms))

/** A longer story holds no more facts about a fan. */
const LONGEST = 1500
/** Nobody types a word that is longer. */
const LONGEST_WORD = 40

const PIECE =
  /\b(?:gr8|b4|l8r|every1|some1|any1|no1|4ever|2day|2nite|2moro|w8)\b|\d+(?:[.,]\d+)?|\p{L}+(?:['’‘`´]\p{L}+)*|[.!?;,:()\n]|[—–]|(?<=\s)-(?=\s)|[/&+@%"]/giu

/** What is said of one thing ends here. */
const STOPS = new Set(['.', '!', '?', ';', '\n'])
const COMMAS = new Set([',', ':', '(', ')', '-', '–', '—'])

const numberWords = new Map(
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty'
    .split(' ')
    .map((word, value) => [word, value] as const),
)

/**
 * A text in tokens. Linear in its length; what is longer than a story is left out.
 *
 * @param mend a slip of the finger to the word that was meant
 * @example tokensOf("fan doesn't turn", (word) => word).map(({ text }) => text) // ['fan', 'does', 'not', 'turn']
 */
export function tokensOf(text: string, mend: (word: string) => string): Token[] {
  const tokens: Token[] = []
  for (const match of text.slice(0, LONGEST).matchAll(PIECE)) {
    const raw = match[0].toLowerCase().replace(/[’‘`´]/g, "'")
    if (raw.length > LONGEST_WORD) continue
    const at = { from: match.index, to: match.index + match[0].length }
    if (/^\d+(?:[.,]\d+)?$/.test(raw))
      tokens.push({ text: raw, kind: 'number', value: Number(raw.replace(',', '.')), ...at })
    else if (STOPS.has(raw)) tokens.push({ text: raw, kind: 'stop', value: null, ...at })
    else if (COMMAS.has(raw))
      tokens.push({ text: raw === '(' || raw === ')' ? raw : ',', kind: 'comma', value: null, ...at })
    else
      for (const word of written(raw, mend))
        tokens.push({ text: word, kind: 'word', value: numberWords.get(word) ?? null, ...at })
  }
  return asMeant(tokens)
}

/** By the first word that was heard. */
const heard = new Map<string, { words: string[]; meant: string[] }[]>()
for (const [words, meant] of soundAlikes) {
  const [first = ''] = words.split(' ')
  heard.set(first, [...(heard.get(first) ?? []), { words: words.split(' '), meant: meant.split(' ') }])
}

/** What dictation made of words of the trade, as it was meant. */
function asMeant(tokens: Token[]): Token[] {
  const out: Token[] = []
  for (let at = 0; at < tokens.length; at++) {
    const token = tokens[at]
    if (!token) break
    const found = heard
      .get(token.text)
      ?.find(({ words }) => words.every((word, offset) => tokens[at + offset]?.text === word))
    const last = found ? tokens[at + found.words.length - 1] : undefined
    if (!found || !last) out.push(token)
    else {
      for (const text of found.meant)
        out.push({ text, kind: 'word', value: null, from: token.from, to: last.to })
      at += found.words.length - 1
    }
  }
  return out
}

/** A word as it is written out: short forms in full, a possessive apart, slips mended. */
function written(raw: string, mend: (word: string) => string): string[] {
  const short = shorts.get(raw)
  if (short) return short.split(' ')
  const apostrophe = raw.indexOf("'")
  if (apostrophe < 0) return [mend(raw)]
  const [head, tail] = [raw.slice(0, apostrophe), raw.slice(apostrophe + 1)]
  if (tail === 't' && head.endsWith('n')) return [head.slice(0, -1), 'not']
  if (tail === 's') return [mend(head), "'s"]
  if (tail === 'in') return [`${head}ing`]
  return [mend(head), ...(['re', 've', 'll', 'd', 'm'].includes(tail) ? [] : [tail])]
}
