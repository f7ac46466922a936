import { type ObservationId, observationInfo } from '../knowledge/vocabulary'
import { answerContexts, noTo, yesTo } from '../knowledge/words/answers'
import { readNotice } from './notice'

/** What a few words say to one question. */
export type Answer = { kind: 'value'; value: string } | { kind: 'unknown' } | { kind: 'none' }

/** More words name what they speak of. */
const FEW = 4
const UNKNOWN =
  /^(?:i )?(?:am )?(?:not sure|no idea|do ?n[o']?t know|dunno|can(?:no|')?t (?:tell|say|see)|unknown|unsure|no clue|idk|\?+)\b/
const YES = /^(?:yes|yep|yeah|yup|ja|si|oui|it does|it is|they do|correct|right|sure)\b/
const NO = /^(?:no|nope|nah|nein|non|it does ?n[o']?t|it is ?n[o']?t|none|never|not)\b/

/**
 * A question's answer in a few words: "no", "only on high", "since the storm". What the words say of this question alone counts;
 * else they are read as if the thing that is asked about had been named.
 *
 * @example answerTo('speeds', 'only on high') // { kind: 'value', value: 'only-high' }
 * @example answerTo('companion', 'yes') // { kind: 'value', value: 'yes' }
 */
export function answerTo(observation: ObservationId, text: string): Answer {
  const said = text.trim().toLowerCase()
  if (said === '') return { kind: 'none' }
  const { values } = observationInfo(observation)
  if (values.includes(said)) return { kind: 'value', value: said }
  const own = values.find((value) => ['unsure', 'unknown', 'not-done'].includes(value))
  if (UNKNOWN.test(said)) return own ? { kind: 'value', value: own } : { kind: 'unknown' }
  const few = said.split(/\s+/).length <= FEW ? [`${answerContexts[observation] ?? ''} ${text}`] : []
  for (const sentence of [text, ...few]) {
    const value = readNotice({ text: sentence }).observations[observation]
    if (value !== undefined && values.includes(value)) return { kind: 'value', value }
  }
  const short = YES.test(said) ? yesTo[observation] : NO.test(said) ? noTo[observation] : undefined
  return short ? { kind: 'value', value: short } : { kind: 'none' }
}
