import type { ObservationId } from '../../knowledge/vocabulary'
import { type FactRule, factRules } from '../../knowledge/words/factRules'
import { classNames } from '../../knowledge/words/lexicon'
import { thingClasses, turningThings } from '../../knowledge/words/things'
import type { Piece } from './clauses'
import { isPlace, type Match, matchesOf, type Pattern, patternsOf, type Reading } from './pattern'

/** A fact as some words tell it. */
export interface Told {
  observation: ObservationId
  value: string
  denied: boolean
  past: boolean
  match: Match
  /** Place of its rule: the narrower ones stand first. */
  rank: number
}

const THINGS = new Set(Object.keys(thingClasses))

const compiled: { rule: FactRule; patterns: Pattern[] }[] = factRules.map((rule) => ({
  rule,
  patterns: patternsOf(rule.ways, classNames),
}))

/** Everything that the words tell, also what they deny, in no order yet. */
export function toldIn(reading: Reading, pieces: Piece[]): Told[] {
  const told: Told[] = []
  compiled.forEach(({ rule, patterns }, rank) => {
    for (const pattern of patterns)
      for (const match of matchesOf(pattern, reading, rule.of === 'fan')) {
        const piece = pieces.find(({ from, to }) => match.from >= from && match.from < to)
        if (!piece || piece.another || piece.asks || (piece.guess && GUESSED.has(rule.observation))) continue
        if (rule.unless?.some((name) => stands(name, match, piece, pieces))) continue
        if (rule.mended?.some((name) => reading.names.has(name))) continue
        if (rule.of === 'fan' && isOfAnother(match, piece, reading)) continue
        told.push({
          observation: rule.observation,
          value: rule.value,
          denied: !pattern.denies && isDenied(match.from, piece, reading),
          past: piece.past || (rule.observation === 'sound' && isOver(match, reading)),
          match,
          rank,
        })
      }
  })
  return told
}

/** Causes that people guess at; what they see and hear they do not guess. */
const GUESSED = new Set<ObservationId>([
  'free-spin',
  'hub',
  'board-code',
  'wall-switch',
  'winding',
  'capacitor-look',
  'vent-path',
  'supply-voltage',
  'fan-state',
  'mounting',
])

/** "The squeal is gone": it was. */
const isOver = ({ to }: Match, { at }: Reading): boolean =>
  [to, to + 1].some((place) => (at[place] ?? []).some(({ name }) => name === 'sounddone'))

/** Whether a class stands in the pieces that the match touches. */
function stands(name: string, match: Match, piece: Piece, pieces: Piece[]): boolean {
  return (
    piece.names.has(name) ||
    pieces.some((each) => each.from < match.to && each.to > match.from && each.names.has(name))
  )
}

/** The last thing that was named before is none that turns. */
function isOfAnother({ from }: Match, piece: Piece, { at, tokens }: Reading): boolean {
  for (let place = from; place >= piece.from; place--) {
    if (
      place < from &&
      tokens[place]?.text === 'and' &&
      ['it', 'she', 'he', 'now'].includes(tokens[place + 1]?.text ?? '')
    )
      return false
    const things = (at[place] ?? []).filter(
      ({ name, to }) => THINGS.has(name) && (place < from || to <= from + 9),
    )
    if (place === from) {
      if (things.some(({ name }) => turningThings.has(name))) return false
      continue
    }
    if (things.length > 0 && !isPlace(tokens, place))
      return !things.some(({ name }) => turningThings.has(name))
  }
  return false
}

const LIGHT = new Set(
  "a an any the is are was it 's really quite very much been of sign signs sort kind even more to be make makes making do does did am have has i or nor and that bit trace hint whatever single other old usual same smell sound noise swollen leaking burnt".split(
    ' ',
  ),
)

/** A denial stands before it, with nothing between that says anything. */
export function isDenied(from: number, piece: Piece, { at, tokens, denying }: Reading): boolean {
  for (let place = from - 1, steps = 0; place >= piece.from && steps < 5; place--, steps++) {
    if (denying[place]) return true
    const token = tokens[place]
    if (!token) return false
    if (!LIGHT.has(token.text) && !(tokens[place + 1]?.text === 'or' || tokens[place + 1]?.text === 'nor'))
      return false
    if ((at[place] ?? []).some(({ name }) => name === 'fine')) return false
  }
  return false
}
