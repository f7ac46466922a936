import { type FamilyWord, familyWords } from '../knowledge/familyWords'
import { DENIAL, dangerWords, type NoticeRule, noticeRules, PAST, PRESENT } from '../knowledge/noticeWords'
import { type FamilyId, familyIds, type ObservationId, type StopRuleId } from '../knowledge/vocabulary'
import { wordsIn } from './expand'
import { mender } from './mend'
import { inFigures } from './numbers'
import { plainEnglish, workshopWords } from './plainEnglish'
import { readingsIn } from './readings'

export interface NoticeInput {
  text: string
  family?: FamilyId
}

export interface NoticeReading {
  family: FamilyId | null
  /** Likeliest first. */
  families: FamilyId[]
  observations: Partial<Record<ObservationId, string | number>>
  stops: StopRuleId[]
  /** Those of `stops` that are told and not denied: the job begins with them. */
  raised: StopRuleId[]
  /** Those of `stops` that are only denied: they are asked back. */
  asked: StopRuleId[]
  denied: { observation: ObservationId; value: string }[]
  /** Words that nothing used. */
  rest: string[]
  /** The words of the sentence that each fact came from. */
  words: Partial<Record<ObservationId, string>>
}

/** Words of the rules and of the families, for mending slips. */
const sources = [
  ...noticeRules.map(({ pattern }) => pattern.source),
  ...dangerWords.map(({ pattern }) => pattern.source),
  ...Object.values(familyWords).flatMap((words) =>
    words.map((word) => (typeof word === 'string' ? word : word[0].source)),
  ),
]
const lexicon = [
  ...wordsIn(...sources).filter((word) => word.length > 3),
  ...'bathroom ceiling kitchen extractor exhaust inducer furnace blower condenser contactor capacitor dehumidifier refrigerator freezer greenhouse pedestal ventilator recovery pellet stove outdoor indoor split conditioner heater motorhome caravan thunderstorm overnight compressor brushes instead again motor housing plastic'.split(
    ' ',
  ),
]

const mend = mender(lexicon, [...plainEnglish, ...workshopWords], { forms: true, shortest: 5 })

/** Short forms without their apostrophe, as phones and hasty people write them. */
const SHORT: Record<string, string> = {
  doesnt: "doesn't",
  dont: "don't",
  wont: "won't",
  isnt: "isn't",
  cant: "can't",
  couldnt: "couldn't",
  didnt: "didn't",
  wasnt: "wasn't",
  arent: "aren't",
  hasnt: "hasn't",
  theres: "there's",
  thats: "that's",
  shoud: 'should',
  thru: 'through',
  swich: 'switch',
  condensor: 'condenser',
  motr: 'motor',
  frige: 'fridge',
}

/** A story that is longer holds no more facts about a fan. */
const LONGEST = 1500

function tidy(text: string): string {
  return inFigures(
    text
      .slice(0, LONGEST)
      // Nobody writes such a word; patterns would walk it again and again.
      .replace(/\S{50,}/g, ' ')
      .toLowerCase()
      .replace(/[’‘`´]/g, "'")
      .replace(/[‐‑–—−]/g, '-')
      .replace(/\s+/g, ' ')
      .trim()
      .replace(/\p{L}[\p{L}']*/gu, (word) => SHORT[word] ?? (word.includes("'") ? word : mend(word))),
  )
}

/** Clauses: what stands between two stops is said of one thing. */
const clausesOf = (said: string): string[] =>
  said
    .split(/[;!?]|\.(?!\d)|,(?!\d)|\bbut\b|\bthough\b|\btho\b|: /)
    .map((clause) => clause.trim())
    .filter(Boolean)

/**
 * Plain words, as people type them, to what they say: the machine, what is noticed, dangers, what is denied, what is left over.
 *
 * @example readNotice({ text: 'bathroom fan squeals, no burnt smell' }).observations // { sound: 'squeal' }
 */
export function readNotice({ text, family }: NoticeInput): NoticeReading {
  const said = tidy(text)
  const families = family ? [family] : familiesOf(said)
  const asks = isQuestion(said)
  const found = asks ? emptyFound() : factsIn(said)
  const danger = dangersIn(said)
  for (const { observation, value, denied } of danger.findings) {
    if (denied) deny(found, observation, value)
    else if (!asks || observation === 'smell') found.observations[observation] ??= value
  }
  found.denied = found.denied.filter(({ observation, value }) => found.observations[observation] !== value)
  return {
    family: families[0] ?? null,
    families,
    observations: found.observations,
    stops: danger.stops,
    raised: danger.raised,
    asked: danger.stops.filter((stop) => !danger.raised.includes(stop)),
    denied: found.denied,
    rest: restOf(text, said, [...Object.values(found.words), ...found.deniedWords, ...danger.words]),
    words: found.words,
  }
}

interface Found {
  observations: Partial<Record<ObservationId, string | number>>
  denied: { observation: ObservationId; value: string }[]
  words: Partial<Record<ObservationId, string>>
  /** The words of what was denied: they were understood too. */
  deniedWords: string[]
}

const emptyFound = (): Found => ({ observations: {}, denied: [], words: {}, deniedWords: [] })

function deny(found: Found, observation: ObservationId, value: string): void {
  if (!found.denied.some((each) => each.observation === observation && each.value === value))
    found.denied.push({ observation, value })
}

/** Somebody asks what to buy or where to look: nothing is told of a machine. */
const isQuestion = (said: string): boolean =>
  /^(?:which|where|how (?:do|can|heavy|much)|can (?:a|an|i|you)|what (?:size|kind)|hi\b|thanks|want to|i ordered|my neighbour|is it ok)/.test(
    said,
  ) || /\b(?:toast|big fan of what)\b/.test(said)

/** "No hum at first, then it hums": what is said anywhere is said; only where all of it is denied, it is denied. */
function tellingOf(
  pattern: RegExp,
  said: string,
  isDenied: (match: RegExpExecArray) => boolean,
): { match: RegExpExecArray; denied: boolean } | null {
  const matches = [...said.matchAll(new RegExp(pattern.source, 'g'))]
  const match = matches.find((each) => !isDenied(each)) ?? matches[0]
  return match ? { match, denied: isDenied(match) } : null
}

interface Told {
  rule: NoticeRule
  denied: boolean
  past: boolean
  text: string
}

function factsIn(said: string): Found {
  const found = emptyFound()
  const clauses = clausesOf(said)
  // Some things are told over a comma: "poked it with a spoon, it creeps round".
  const pieces = [
    ...clauses,
    ...clauses.slice(1).map((clause, index) => `${clauses[index]} , ${clause}`),
    said,
  ]
  const told: Told[] = []
  pieces.forEach((piece, index) => {
    const whole = index >= clauses.length
    for (const rule of noticeRules) {
      if (told.some((each) => each.rule === rule && !each.denied)) continue
      if (whole && !acrossClauses.has(rule.observation)) continue
      if (rule.unless?.test(piece)) continue
      const telling = tellingOf(rule.pattern, piece, ({ index }) => DENIAL.test(piece.slice(0, index)))
      if (!telling) continue
      const { match, denied } = telling
      told.push({
        rule,
        denied,
        past: isPast(piece, match.index, clauses, whole ? -1 : index),
        text: match[0],
      })
    }
  })
  const place = new Map(noticeRules.map((rule, index) => [rule, index]))
  told.sort((one, two) => (place.get(one.rule) ?? 0) - (place.get(two.rule) ?? 0))
  for (const { rule, denied, past, text } of [
    ...told.filter((each) => !each.past),
    ...told.filter((each) => each.past),
  ]) {
    if (denied) {
      deny(found, rule.observation, rule.value)
      found.deniedWords.push(text)
      continue
    }
    if (
      past &&
      (rule.observation === 'fan-state' || (rule.observation === 'sound' && presentTold(told, rule)))
    )
      continue
    if (found.observations[rule.observation] === undefined) {
      found.observations[rule.observation] = rule.value
      found.words[rule.observation] = text
    }
  }
  for (const [observation, value] of Object.entries(readingsIn(said)) as [ObservationId, number | string][])
    found.observations[observation] = value
  settle(found, said)
  return found
}

const presentTold = (told: Told[], rule: NoticeRule): boolean =>
  told.some(
    (each) =>
      !each.past &&
      !each.denied &&
      ['sound', 'fan-state'].includes(each.rule.observation) &&
      each.rule !== rule,
  )

/** Facts that people tell over several clauses. */
const acrossClauses = new Set<ObservationId>([
  'nudge-start',
  'cold-retest',
  'breaker',
  'companion',
  'wall-switch',
  'air-flow',
  'onset',
  'fouling',
  'capacitor-label-match',
  'speeds',
  'module-look',
  'brush-length',
])

/** What is told of an earlier time, where another clause tells of now. */
function isPast(piece: string, at: number, clauses: string[], index: number): boolean {
  const around = piece.slice(Math.max(0, at - 40))
  if (!PAST.test(around) && !PAST.test(piece)) return false
  if (PRESENT.test(piece) && !PAST.test(piece.slice(0, at + 1))) return false
  return (
    index < 0 ||
    clauses.some((clause, other) => other !== index && (PRESENT.test(clause) || other > index)) ||
    PAST.test(piece)
  )
}

/** What two facts together mean, and what one rules out of the other. */
function settle(found: Found, said: string): void {
  const { observations } = found
  // A hum of a fan that runs is a noise; one of a fan that stands is its state.
  if (
    observations['fan-state'] === 'dead' &&
    observations.sound === 'hum' &&
    /\bhum|\bbuzz|\bdrone/.test(said) &&
    !found.denied.some(({ value }) => value === 'hum')
  )
    observations['fan-state'] = 'hums'
  if (observations['fan-state'] === 'hums' && !observations.sound) observations.sound = 'hum'
  const still = /\b(?:not|n't|never) (?:turn|spin|move|start)\w*|n't (?:turn|spin|move|start)\w*/.exec(said)
  if (still && found.words['fan-state'] && ['hums', 'dead'].includes(String(observations['fan-state'])))
    found.words['fan-state'] = joined(found.words['fan-state'], still[0])
  if (observations['nudge-start'] && observations['fan-state'] === 'dead') delete observations['fan-state']
  if (
    observations['free-spin'] === 'free' &&
    /\bspins? free|\bby hand|\bfinger/.test(said) === false &&
    observations.hub === 'loose'
  )
    delete observations['free-spin']
  if (observations.breaker === 'off' && /\bput it back on\b/.test(said)) observations.breaker = 'on'
}

const joined = (one: string, other: string): string =>
  one.includes(other) || other.includes(one) ? one : `${one} … ${other}`

interface DangerFound {
  stops: StopRuleId[]
  raised: StopRuleId[]
  findings: { observation: ObservationId; value: string; denied: boolean }[]
  words: string[]
}

/** Danger words name their stop even where they are denied; a denial takes back the danger that it speaks of, and no other. */
function dangersIn(said: string): DangerFound {
  const [stops, raised] = [new Set<StopRuleId>(), new Set<StopRuleId>()]
  const findings: DangerFound['findings'] = []
  const words: string[] = []
  for (const { stop, pattern, finding, unless } of dangerWords) {
    if (unless?.test(said)) continue
    const telling = tellingOf(pattern, said, (match) => isDangerDenied(said, match))
    if (!telling) continue
    stops.add(stop)
    words.push(telling.match[0])
    // A danger without a finding cannot be asked back in its place: it stands.
    if (!telling.denied || !finding) raised.add(stop)
    if (finding) findings.push({ observation: finding[0], value: finding[1], denied: telling.denied })
  }
  return { stops: [...stops], raised: [...raised], findings, words }
}

function isDangerDenied(said: string, match: RegExpExecArray): boolean {
  const clause = said.slice(0, match.index).split(/[.;]/).at(-1) ?? ''
  const end = match.index + match[0].length
  return (
    DENIAL.test(clause) ||
    /\bno\b/.test(match[0]) ||
    /^\W*(?:is |was |stays? )?(?:quiet|silent|fine|ok)\b/.test(said.slice(end, end + 14))
  )
}

/** The heaviest word decides; where two weigh the same, the one with more beside it. */
function familiesOf(said: string): FamilyId[] {
  return familyIds
    .map((family) => {
      const weights = familyWords[family].map((word) => weightIn(word, said)).sort((one, two) => two - one)
      const [heaviest = 0, ...others] = weights
      return { family, score: heaviest + others.reduce((sum, each) => sum + each, 0) / 100 }
    })
    .filter(({ score }) => score > 0)
    .sort((one, two) => two.score - one.score)
    .map(({ family }) => family)
}

function weightIn(word: FamilyWord, said: string): number {
  if (typeof word !== 'string') return word[0].test(said) ? word[1] : 0
  return new RegExp(`\\b${word}s?\\b`).test(said) ? word.length : 0
}

const FILLERS = new Set(
  "the a an and or but it its is was are be in on at of to for with my our i we you he she they this that there here so just very really when then now as if by from up down out off over been has have had do does did not no get gets getting got go goes going any some is isn't doesn't don't didn't won't wasn't but only even still also quite too there's that's smell noise".split(
    ' ',
  ),
)

const FAMILY_WORDS = new Set(
  Object.values(familyWords).flatMap((words) =>
    words.flatMap((word) => (typeof word === 'string' ? word.split(' ') : [])),
  ),
)

/** Words that nothing used, as they were typed. */
function restOf(text: string, said: string, used: string[]): string[] {
  const taken = new Set(used.flatMap((each) => each.split(/[^\p{L}\p{N}]+/u)))
  const typed = text.split(/[^\p{L}\p{N}']+/u).filter(Boolean)
  const mended = said.split(/[^\p{L}\p{N}']+/u)
  return typed.filter((word, index) => {
    const known = mended[index] ?? word.toLowerCase()
    return (
      !FILLERS.has(word.toLowerCase()) &&
      !FILLERS.has(known) &&
      !taken.has(known) &&
      !taken.has(word.toLowerCase()) &&
      !FAMILY_WORDS.has(known)
    )
  })
}
