import type { ObservationId, StopRuleId } from '../../knowledge/vocabulary'
import { dangerRules } from '../../knowledge/words/dangerRules'
import { classNames } from '../../knowledge/words/lexicon'
import type { Piece } from './clauses'
import { isDenied } from './facts'
import { type Match, matchesOf, patternsOf, type Reading } from './pattern'

/** A danger that the words name. */
export interface Danger {
  stop: StopRuleId
  finding: [ObservationId, string] | null
  denied: boolean
  match: Match
}

const compiled = dangerRules.map((rule) => ({ rule, patterns: patternsOf(rule.ways, classNames) }))

/** Every danger, of any time, any machine, asked or told; a denied one is marked. */
export function dangersIn(reading: Reading, pieces: Piece[]): Danger[] {
  const found: Danger[] = []
  const doubted = new Set<Match>()
  for (const { rule, patterns } of compiled)
    for (const pattern of patterns)
      for (const match of matchesOf(pattern, reading)) {
        const touched = pieces.filter(({ from, to }) => from < match.to && to > match.from)
        const [piece] = touched
        if (!piece) continue
        if (rule.alone && !standsAlone(match, reading)) continue
        if (rule.unless?.some((name) => touched.some(({ names }) => names.has(name)))) continue
        found.push({
          stop: rule.stop,
          finding: rule.finding ?? null,
          denied:
            rule.denied === true ||
            (!pattern.denies && isDenied(match.from, piece, reading)) ||
            isTakenBack(match, piece, reading),
          match,
        })
        if (rule.askedWith?.every((name) => reachedBy(match, name, reading))) doubted.add(match)
      }
  // What lies within a denied telling is denied with it: "never gave me a shock".
  const denied = found.filter((each) => each.denied)
  return found.map((each) => ({
    ...each,
    denied:
      each.denied ||
      doubted.has(each.match) ||
      denied.some(
        ({ stop, match }) => stop === each.stop && match.from <= each.match.from && match.to >= each.match.to,
      ),
  }))
}

/** Nothing but these words and stops. */
const standsAlone = ({ from, to }: Match, { tokens }: Reading): boolean =>
  tokens.every(({ text }, place) => (place >= from && place < to) || !/[\p{L}\d]/u.test(text))

/** A class that stands in the very words of the match, reaches into them or follows at once: “a burnt smell”. */
const reachedBy = (match: Match, name: string, { spans }: Reading): boolean =>
  spans.some((span) => span.name === name && span.from <= match.to && span.to > match.from)

const BACK = new Set(['quiet', 'silent', 'fine', 'ok', 'off', 'clear', 'never'])
const CARRYING = new Set([
  'is',
  'was',
  'are',
  'stays',
  'stayed',
  'has',
  'have',
  'been',
  "'s",
  'i',
  'do',
  'did',
  'does',
  'we',
  'once',
  'alarm',
  'hasn',
])

/** "The alarm is quiet", "gas I do not smell": the denial comes after. */
function isTakenBack({ to }: Match, piece: Piece, { tokens, denying }: Reading): boolean {
  for (let place = to; place < piece.to && place < to + 5; place++) {
    if (denying[place] || BACK.has(tokens[place]?.text ?? '')) return true
    if (!CARRYING.has(tokens[place]?.text ?? '')) return false
  }
  return false
}
