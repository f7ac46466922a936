import { stopTriggers } from '../knowledge/stops'
import type { FamilyId, ObservationId, StopRuleId } from '../knowledge/vocabulary'
import { doubtedBy, guessedBy, likelyIn } from './guess/guess'
import { inFigures } from './numbers'
import { piecesOf } from './reader/clauses'
import { type Danger, dangersIn } from './reader/dangers'
import { type Told, toldIn } from './reader/facts'
import { familiesOf } from './reader/families'
import { figuresIn } from './reader/figures'
import type { Match, Reading } from './reader/pattern'
import { read } from './reader/read'
import { restOf } from './reader/rest'
import { settled } from './reader/settle'

export interface NoticeInput {
  text: string
  family?: FamilyId
}

export interface NoticeReading {
  family: FamilyId | null
  /** Likeliest first. */
  families: FamilyId[]
  observations: Partial<Record<ObservationId, string>>
  stops: StopRuleId[]
  /** Those of `stops` that are told and not denied: the job begins with them. */
  raised: StopRuleId[]
  /** Those of `stops` that are only denied, or that the words may tell: they are asked back. */
  asked: StopRuleId[]
  /** Those of `asked` that no known way of telling them names, or that the words hardly mean. */
  guessed: StopRuleId[]
  denied: { observation: ObservationId; value: string }[]
  /** Words that nothing used. */
  rest: string[]
  /** The words of the sentence that each fact came from, as they were typed. */
  words: Partial<Record<ObservationId, string>>
}

/**
 * Plain words, as people type them, to what they say: the machine, what is noticed, dangers, what is denied, what is left over.
 * Stages: tokens and their classes (`reader/read`), what each clause is about (`clauses`), ways of saying a fact (`facts`) and a
 * danger (`dangers`), readings with figures, and what they come to (`settle`).
 *
 * @example readNotice({ text: 'bathroom fan squeals, no burnt smell' }).observations // { sound: 'squeal' }
 */
export function readNotice({ text, family }: NoticeInput): NoticeReading {
  const reading = read(text)
  const pieces = piecesOf(reading)
  const all = toldIn(reading, pieces)
  const { facts, denied } = settled(all)
  if (tellsNoise(reading)) forgetSilence(facts)
  const named = dangersIn(reading, pieces)
  const likely = likelyIn(reading)
  const doubted = doubtedBy(likely, stopPart(named).raised)
  const dangers = named.filter(({ stop }) => !doubted.includes(stop))
  const result: NoticeReading = {
    ...familyPart(reading, family),
    observations: {},
    ...stopPart(dangers),
    guessed: [],
    denied: [],
    rest: [],
    words: {},
  }
  const told = [...facts.values()]
  for (const { observation, value, match } of told) {
    result.observations[observation] = value
    result.words[observation] = typed(text, reading, match)
  }
  for (const { observation, value, match } of figuresIn(reading, pieces)) {
    result.observations[observation] = value
    result.words[observation] = typed(text, reading, match)
  }
  addDangers(result, dangers, text, reading)
  addDenied(result, denied, dangers)
  addStopsOfFacts(result)
  addGuesses(result, [...new Set([...doubted, ...guessedBy(likely)])])
  result.rest = restOf(
    text,
    reading,
    // Words that told the same less exactly were understood as well.
    [...all, ...dangers].map(({ match }) => match),
  )
  return result
}

/** “Makes a noise but does nothing”: something is heard, whatever it is. */
const tellsNoise = ({ spans, denying }: Reading): boolean =>
  spans.some(
    ({ name, from }) =>
      name === 'noisethere' && ![from - 1, from - 2, from - 3].some((place) => denying[place]),
  )

/** What makes a noise is neither silent nor wholly dead: what it does is asked. */
function forgetSilence(facts: Map<ObservationId, { value: string }>): void {
  if (facts.get('sound')?.value === 'nothing') facts.delete('sound')
  if (facts.get('fan-state')?.value === 'dead') facts.delete('fan-state')
}

/** The tokens as one line, for what is still read by its letters: figures and names of machines. */
const said = ({ tokens }: Reading): string => inFigures(tokens.map((token) => token.text).join(' '))

function familyPart(reading: Reading, family: FamilyId | undefined) {
  const families = family ? [family] : familiesOf(said(reading))
  return { family: families[0] ?? null, families }
}

function stopPart(dangers: Danger[]) {
  const stops = [...new Set(dangers.map(({ stop }) => stop))]
  // A danger that is denied once and told once is told; one without a finding cannot be asked back in its place: it stands.
  const raised = stops.filter((stop) => dangers.some((each) => each.stop === stop && !each.denied))
  return { stops, raised, asked: stops.filter((stop) => !raised.includes(stop)) }
}

function addDangers(result: NoticeReading, dangers: Danger[], text: string, reading: Reading): void {
  for (const { finding, denied, match } of dangers) {
    if (!finding || denied || !result.raised.length) continue
    const [observation, value] = finding
    if (result.observations[observation] !== undefined && observation !== 'danger-signs') continue
    result.observations[observation] = value
    result.words[observation] = typed(text, reading, match)
  }
}

/** A fact that stops a job names its stop here as well: the advice comes before the job. */
function addStopsOfFacts(result: NoticeReading): void {
  for (const { rule, observation, values } of stopTriggers) {
    if (!values.includes(result.observations[observation] ?? '')) continue
    if (!result.stops.includes(rule)) result.stops.push(rule)
    if (!result.raised.includes(rule)) result.raised.push(rule)
    result.asked = result.asked.filter((stop) => stop !== rule)
  }
}

/** What the words may tell beside what they are known to tell, and what they hardly mean: a classifier's word is a question. */
function addGuesses(result: NoticeReading, guesses: StopRuleId[]): void {
  const { breaker } = result.observations
  result.guessed = guesses.filter(
    // How the breaker behaves is told as a whole: “tripped once, the new fuse holds” is no guess at more.
    (stop) => !result.stops.includes(stop) && !(stop === 'breaker-retrips' && breaker !== undefined),
  )
  result.stops = [...result.stops, ...result.guessed]
  result.asked = [...result.asked, ...result.guessed]
}

function addDenied(result: NoticeReading, told: Told[], dangers: Danger[]): void {
  const add = (observation: ObservationId, value: string) => {
    if (result.observations[observation] === value) return
    if (result.denied.some((each) => each.observation === observation && each.value === value)) return
    result.denied.push({ observation, value })
  }
  for (const { observation, value } of told) add(observation, value)
  for (const { finding, denied } of dangers) if (finding && denied) add(...finding)
}

/** The letters that a run of tokens was typed with. */
function typed(text: string, { tokens }: Reading, { from, to }: Match): string {
  return text.slice(tokens[from]?.from ?? 0, tokens[to - 1]?.to ?? 0)
}
