import { allowedSwitches, beside, figureUnits } from '../knowledge/bypassWords'
import { type Span, spansIn } from '../words/reader/classes'
import { type Token, tokensOf } from '../words/reader/tokens'
import { bypassLexicon, bypassMender, guards } from './bypassLexicon'
import type { SwitchKind } from './types'

/** What the words of a line do to a part that guards people. */
export type ToldBypass =
  | { kind: 'none' }
  | { kind: 'allowed'; switchKind: SwitchKind }
  | { kind: 'forbidden'; switchKind: SwitchKind }
  /** It is named beside an act that nobody knows: asked, and no line until it is answered. */
  | { kind: 'asks'; switchKind: SwitchKind }

/**
 * What a sentence does to a switch, limit, fuse or ground, in any wording: closed by default. Bridging and holding are forbidden,
 * but of a door switch or a call; taking off, putting back, looking and measuring are none; whatever else stands beside such a
 * part is asked.
 *
 * @example bypassTold('joined the two float leads').kind // 'forbidden'
 * @example bypassTold('took care of the thermal fuse').kind // 'asks'
 * @example bypassTold('limit switch reads 0.3 ohms').kind // 'none'
 */
export function bypassTold(text: string): ToldBypass {
  const tokens = tokensOf(plainLetters(text), bypassMender())
  const spans = spansIn(tokens, bypassLexicon())
  const told = new Set(spans.map(({ name }) => name))
  const named = guardsIn(spans, told)
  const [first] = named
  if (!first) return { kind: 'none' }
  const kind = worst(named)
  if (told.has('bridge-moved')) return { kind: 'forbidden', switchKind: kind }
  if (told.has('bridge-gone')) return { kind: 'none' }
  // A breaker that is held off is isolated.
  if (named.every((each) => each === 'breaker' || each === 'fuse') && told.has('held-off'))
    return { kind: 'none' }
  if (keepsFromSwitching(named, told, tokens))
    return allowedSwitches.includes(kind)
      ? { kind: 'allowed', switchKind: kind }
      : { kind: 'forbidden', switchKind: kind }
  if (kind === 'call') return { kind: 'none' }
  if (told.has('adjusts')) return { kind: 'asks', switchKind: kind }
  if (told.has('takes-off') || told.has('puts-back') || told.has('looks') || hasFigure(tokens))
    return { kind: 'none' }
  return saysMore(tokens, spans) ? { kind: 'asks', switchKind: kind } : { kind: 'none' }
}

/** Without the marks over letters that other tongues write. */
const plainLetters = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/(\p{L})-(\p{L})/gu, '$1 $2')
    .replace(/\p{M}/gu, '')
    .replace(/ß/g, 'ss')
    .replace(/\bw\//gi, 'with ')
    .replace(/[_/]+/g, ' ')
    .replace(/\b(r|rh|rc|g|w|w1|y|y1|o)\b/gi, 't$1')

/** The guards that are named; the hose of a pressure switch is no switch. */
function guardsIn(spans: Span[], told: Set<string>): SwitchKind[] {
  // A hose that is pinched shut holds its switch.
  const hoses = told.has('pinches') ? [] : spans.filter(({ name }) => name === 'hose')
  return guards.filter((guard) =>
    spans.some(
      (span) =>
        span.name === guard &&
        !hoses.some(({ from, to }) => from <= span.from && to > span.to) &&
        (guard !== 'ground' || told.has('breaks') || told.has('bridges')),
    ),
  )
}

/** A forbidden one beside an allowed one is the one that counts. */
const worst = (named: SwitchKind[]): SwitchKind =>
  named.find((kind) => !allowedSwitches.includes(kind)) ?? named[0] ?? 'other'

function keepsFromSwitching(named: SwitchKind[], told: Set<string>, tokens: Token[]): boolean {
  if (told.has('bridges')) return true
  if (named.includes('ground') && told.has('breaks')) return /\b(?:prong|pin)\b/.test(said(tokens))
  if (!told.has('holds')) return false
  // A label that is taped on says something and holds nothing.
  return !/\b(?:label|labels|sticker|note|tag|arrow|photo)\b/.test(said(tokens))
}

const said = (tokens: Token[]): string => tokens.map(({ text }) => text).join(' ')

const hasFigure = (tokens: Token[]): boolean =>
  tokens.some(({ kind }, index) => kind === 'number' && figureUnits.has(tokens[index + 1]?.text ?? ''))

/** Words beyond the part itself and what every line has: an act that nobody knows. */
const saysMore = (tokens: Token[], spans: Span[]): boolean =>
  tokens.some(
    ({ kind, text }, index) =>
      kind === 'word' &&
      !beside.has(text) &&
      text.length > 1 &&
      !spans.some(({ name, from, to }) => isGuard(name) && index >= from && index < to),
  )

const isGuard = (name: string): boolean => guards.some((guard) => guard === name)
