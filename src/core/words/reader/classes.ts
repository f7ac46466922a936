import type { Token } from './tokens'

/** A run of tokens that stands for a class of words: from the first, up to but without the last. */
export interface Span {
  name: string
  from: number
  to: number
}

/** A word, a choice between runs of parts, or a few words of any sort. */
type Part =
  | { kind: 'word'; word: string; optional: boolean }
  | { kind: 'choice'; choices: Part[][]; optional: boolean }
  | { kind: 'any'; optional: true }

interface Phrase {
  name: string
  parts: Part[]
}

/** Phrases by their first word, or by the first three letters of one that may go on. */
export interface Lexicon {
  whole: Map<string, Phrase[]>
  begun: Map<string, Phrase[]>
  /** Classes whose phrases are one thing: what lies within them says nothing by itself. */
  solid: Set<string>
  /** All plain words, for mending. */
  words: Set<string>
}

const KEY = 3
/** Words of any sort that `.*` stands for at the most. */
const WIDE = 5

/**
 * Classes of words in a form that is searched quickly. A class is written as phrases with commas between them; `word*` may go
 * on, `word?` may be left out, `(one|other)` is a choice, `#` is a number, `.*` up to five words of any sort.
 *
 * @example [...lexiconOf({ seized: 'stuck fast, jam*, lock* (up|solid)' }).whole.keys()] // ['stuck']
 */
export function lexiconOf(classes: Record<string, string>, solid: string[] = []): Lexicon {
  const lexicon: Lexicon = {
    whole: new Map(),
    begun: new Map(),
    solid: new Set(solid),
    words: new Set(),
  }
  for (const [name, written] of Object.entries(classes)) {
    for (const phrase of written.split(/[,\n]/).map((each) => each.trim())) {
      if (phrase === '') continue
      const parts = partsOf(phrase)
      for (const first of firstWords(parts)) {
        const [into, key] = first.endsWith('*')
          ? [lexicon.begun, first.slice(0, KEY)]
          : [lexicon.whole, first]
        into.set(key, [...(into.get(key) ?? []), { name, parts }])
      }
      for (const word of wordsOf(parts)) lexicon.words.add(word.replace('*', ''))
    }
  }
  return lexicon
}

/** The parts of a phrase; choices may stand within choices. */
function partsOf(phrase: string): Part[] {
  const pieces = phrase.match(/[()|]\??|[^\s()|]+/g) ?? []
  let at = 0
  const run = (): Part[] => {
    const parts: Part[] = []
    while (at < pieces.length && pieces[at] !== '|' && !pieces[at]?.startsWith(')')) {
      const piece = pieces[at++] ?? ''
      if (piece.startsWith('(')) {
        const choices = [run()]
        while (pieces[at] === '|') {
          at++
          choices.push(run())
        }
        const optional = pieces[at++] === ')?'
        parts.push({ kind: 'choice', choices: choices.filter((each) => each.length > 0), optional })
      } else if (piece === '.*') parts.push({ kind: 'any', optional: true })
      else parts.push({ kind: 'word', word: piece.replace(/\?$/, ''), optional: piece.endsWith('?') })
    }
    return parts
  }
  return run()
}

/** The words that a phrase may begin with. */
function firstWords(parts: Part[]): string[] {
  const words: string[] = []
  for (const part of parts) {
    if (part.kind === 'word') words.push(part.word)
    if (part.kind === 'choice') words.push(...part.choices.flatMap(firstWords))
    if (!part.optional) break
  }
  return [...new Set(words)]
}

const wordsOf = (parts: Part[]): string[] =>
  parts.flatMap((part) =>
    part.kind === 'word' ? [part.word] : part.kind === 'choice' ? part.choices.flatMap(wordsOf) : [],
  )

const fits = (pattern: string, token: Token | undefined): boolean => {
  if (!token) return false
  if (pattern === '#') return token.value !== null
  return pattern.endsWith('*') ? token.text.startsWith(pattern.slice(0, -1)) : token.text === pattern
}

/** Every token at which a phrase from here may end. */
function endsOf(parts: Part[], index: number, at: number, tokens: Token[]): number[] {
  const part = parts[index]
  if (!part) return [at]
  const rest = (from: number) => endsOf(parts, index + 1, from, tokens)
  const ends = part.optional ? rest(at) : []
  if (part.kind === 'word') return fits(part.word, tokens[at]) ? [...ends, ...rest(at + 1)] : ends
  if (part.kind === 'choice')
    return [...ends, ...part.choices.flatMap((choice) => endsOf(choice, 0, at, tokens)).flatMap(rest)]
  for (let over = 1; over <= WIDE && tokens[at + over - 1] && tokens[at + over - 1]?.kind !== 'stop'; over++)
    ends.push(...rest(at + over))
  return ends
}

/** The farthest token at which a phrase from here ends, or -1. */
const farthest = (parts: Part[], at: number, tokens: Token[]): number =>
  endsOf(parts, 0, at, tokens).reduce((most, end) => Math.max(most, end), -1)

/**
 * All classes that stand in a text. A longer phrase of a solid class swallows what lies within it: a smoke detector is no smoke,
 * "dead slow" stands for nothing dead.
 */
export function spansIn(tokens: Token[], { whole, begun, solid }: Lexicon): Span[] {
  const found: Span[] = []
  tokens.forEach((token, from) => {
    const candidates = [...(whole.get(token.text) ?? []), ...(begun.get(token.text.slice(0, KEY)) ?? [])]
    if (token.value !== null) candidates.push(...(whole.get('#') ?? []))
    for (const { name, parts } of candidates) {
      const to = farthest(parts, from, tokens)
      if (to > from) found.push({ name, from, to })
    }
  })
  return withoutSwallowed(found, solid)
}

function withoutSwallowed(found: Span[], solid: Set<string>): Span[] {
  const kept: Span[] = []
  const seen = new Set<string>()
  let widest: Span | null = null
  for (const span of [...found].sort((one, two) => one.from - two.from || two.to - one.to)) {
    if (widest && span.to <= widest.to && span.to - span.from < widest.to - widest.from) continue
    const key = `${span.name} ${span.from} ${span.to}`
    if (seen.has(key)) continue
    seen.add(key)
    kept.push(span)
    if (solid.has(span.name) && (!widest || span.to > widest.to)) widest = span
  }
  return kept
}
