import type { Span } from './classes'
import type { Token } from './tokens'

type Element =
  | { kind: 'class'; names: string[]; words: string[]; optional: boolean }
  | { kind: 'gap'; most: number; over: 'nothing' | 'commas' | 'stops' }
  | { kind: 'start' }
  | { kind: 'end' }

/** A way of saying something: classes and words in their order, with room between them. */
export interface Pattern {
  elements: Element[]
  /** Classes that must all stand somewhere: most patterns are passed over by them alone. */
  needs: string[][]
  /** Holds a denial of its own. */
  denies: boolean
}

const GAPS: Record<string, Element> = {
  _: { kind: 'gap', most: 1, over: 'nothing' },
  '..': { kind: 'gap', most: 5, over: 'nothing' },
  '...': { kind: 'gap', most: 11, over: 'commas' },
  '....': { kind: 'gap', most: 16, over: 'stops' },
}

/**
 * Patterns as they are written, one a line. `{class}` or `{one|other}` (a name that is no class is a word), plain words,
 * `word/other`, a trailing `?` for what may be left out; `_`, `..`, `...` for up to one, five or eleven words between (three dots reach over commas, four over sentences);
 * `^` and `$` for the ends of a clause; `a ~ b` for both orders.
 *
 * @param known the names of the classes
 * @example patternsOf('{drain} ~ {blocked}', new Set(['drain', 'blocked'])).length // 2
 */
export function patternsOf(written: string, known: Set<string>): Pattern[] {
  return written
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .flatMap((line) => {
      const [one = '', other] = line.split(' ~ ')
      return other === undefined ? [one] : [`${one} .. ${other}`, `${other} .. ${one}`]
    })
    .map((line) => {
      const elements = line.split(/\s+/).map((each) => elementOf(each, known))
      return {
        elements,
        needs: elements.flatMap((each) =>
          each.kind === 'class' && !each.optional && each.words.length === 0 ? [each.names] : [],
        ),
        denies: elements.some((each) => each.kind === 'class' && each.names.includes('neg')),
      }
    })
}

function elementOf(written: string, known: Set<string>): Element {
  const gap = GAPS[written]
  if (gap) return gap
  if (written === '^') return { kind: 'start' }
  if (written === '$') return { kind: 'end' }
  const optional = written.endsWith('?')
  const bare = optional ? written.slice(0, -1) : written
  const parts = bare.startsWith('{') ? bare.slice(1, -1).split('|') : []
  return {
    kind: 'class',
    names: parts.filter((name) => known.has(name)),
    words: bare.startsWith('{') ? parts.filter((name) => !known.has(name)) : bare.split('/'),
    optional,
  }
}

/** A text made ready for patterns. */
export interface Reading {
  tokens: Token[]
  spans: Span[]
  /** Spans by the token at which they begin. */
  at: Span[][]
  names: Set<string>
  /** Tokens at which each class begins, in order. */
  starts: Map<string, number[]>
  /** Tokens that belong to a denial: no gap reaches over them. */
  denying: boolean[]
  /** Tokens that name a thing which does not turn; what is said of the fan does not reach over them. */
  things: boolean[]
}

export function readingOf(tokens: Token[], spans: Span[], isThing: (name: string) => boolean): Reading {
  const at: Span[][] = tokens.map(() => [])
  const denying = tokens.map(() => false)
  const things = tokens.map(() => false)
  const starts = new Map<string, number[]>()
  for (const span of spans) {
    at[span.from]?.push(span)
    const begun = starts.get(span.name) ?? []
    if (begun.at(-1) !== span.from) starts.set(span.name, [...begun, span.from])
    if (span.name === 'neg') denying.fill(true, span.from, span.to)
  }
  tokens.forEach((_, index) => {
    const names = at[index] ?? []
    things[index] = names.some(({ name }) => isThing(name)) && !isPlace(tokens, index)
  })
  return { tokens, spans, at, names: new Set(spans.map(({ name }) => name)), starts, denying, things }
}

const PREPOSITIONS = new Set(
  'by near beside behind at of under underneath below in inside on over above with against from to next towards between around'.split(
    ' ',
  ),
)
const ARTICLES = new Set("the a an its it 's my our your his her their this that".split(' '))

/** A thing that only says where: "the fan by the compressor". */
export function isPlace(tokens: Token[], at: number): boolean {
  let before = at - 1
  while (before > 0 && ARTICLES.has(tokens[before]?.text ?? '')) before--
  return PREPOSITIONS.has(tokens[before]?.text ?? '')
}

export interface Match {
  from: number
  to: number
}

/** Every place where a pattern begins to hold, at its nearest end; each step is bounded, so all of it is linear in the text. */
export function matchesOf({ elements, needs }: Pattern, reading: Reading, ofFan = false): Match[] {
  if (!needs.every((names) => names.some((name) => reading.names.has(name)))) return []
  const found: Match[] = []
  for (const from of startsOf(elements[0], reading)) {
    const to = endOf(elements, 0, from, reading, ofFan)
    if (to > from) found.push({ from, to })
  }
  return found
}

/** Tokens at which a pattern can begin at all: where its first class stands, or anywhere. */
function startsOf(first: Element | undefined, { tokens, starts }: Reading): number[] {
  if (first?.kind !== 'class' || first.optional || first.words.length > 0)
    return tokens.map((_, index) => index)
  if (first.names.length === 1) return starts.get(first.names[0] ?? '') ?? []
  return [...new Set(first.names.flatMap((name) => starts.get(name) ?? []))].sort((one, two) => one - two)
}

/** Another thing begins. */
export const BUTS = new Set(['but', 'though', 'although', 'yet', 'while', 'whereas', 'however'])

const isBreak = (token: Token | undefined): boolean => !token || token.kind === 'stop'

/** Where the rest of a pattern ends, or -1. */
function endOf(elements: Element[], index: number, at: number, reading: Reading, ofFan: boolean): number {
  const element = elements[index]
  if (!element) return at
  const { tokens } = reading
  switch (element.kind) {
    case 'start': {
      const before = tokens[at - 1]
      return !before || before.kind === 'stop' || before.kind === 'comma'
        ? endOf(elements, index + 1, at, reading, ofFan)
        : -1
    }
    case 'end':
      return isBreak(tokens[at]) || tokens[at]?.kind === 'comma' ? at : -1
    case 'class': {
      for (const span of reading.at[at] ?? [])
        if (element.names.includes(span.name)) {
          const end = endOf(elements, index + 1, span.to, reading, ofFan)
          if (end >= 0) return end
        }
      const token = tokens[at]
      if (token && element.words.some((word) => isWord(word, token))) {
        const end = endOf(elements, index + 1, at + 1, reading, ofFan)
        if (end >= 0) return end
      }
      return element.optional ? endOf(elements, index + 1, at, reading, ofFan) : -1
    }
    case 'gap': {
      for (let skip = 0, place = at; skip <= element.most && place <= tokens.length; place++) {
        const end = endOf(elements, index + 1, place, reading, ofFan)
        if (end >= 0) return end
        const token = tokens[place]
        if (
          !token ||
          !passes(token, element.over) ||
          reading.denying[place] ||
          (ofFan && reading.things[place])
        )
          return -1
        if (token.kind === 'word' || token.kind === 'number') skip++
      }
      return -1
    }
  }
}

const isWord = (word: string, token: Token): boolean => {
  if (word === '#') return token.value !== null
  return word.endsWith('*') ? token.text.startsWith(word.slice(0, -1)) : token.text === word
}

/** Whether words between may lie on the other side of this token. */
function passes(token: Token, over: 'nothing' | 'commas' | 'stops'): boolean {
  if (token.kind === 'stop') return over === 'stops'
  if (token.kind === 'comma') return over !== 'nothing'
  return over === 'stops' || !BUTS.has(token.text)
}
