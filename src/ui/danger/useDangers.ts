import { useState } from 'react'
import { inOrderOfLife, triggersOf } from '@/core/knowledge/stops'
import type { ObservationId, StopRuleId } from '@/core/knowledge/vocabulary'
import type { NoticeReading } from '@/core/words/notice'

/** What the person says about a danger that the words name: it is so, there is none of it, or something else was meant. */
type Answer = { so: true } | { so: false; meant: string }

/** A danger as the job is opened with it; one that was meant otherwise is raised and lifted, so that the record has both. */
export interface ToldStop {
  rule: StopRuleId
  note: string
  meant?: string
}

/**
 * Dangers in what is typed or tapped before there is a job. What is told stands at once; what is denied is asked, and stands
 * until it is answered.
 *
 * @param tapped a sign that was tapped on any page
 */
export function useDangers(tapped: StopRuleId | null) {
  const [answers, setAnswers] = useState<Partial<Record<StopRuleId, Answer>>>({})
  const answer = (rule: StopRuleId, said: Answer) => setAnswers((before) => ({ ...before, [rule]: said }))
  const of = (noticed: NoticeReading | null) => {
    const told = inOrderOfLife([...(noticed?.raised ?? []), ...(tapped ? [tapped] : [])])
    const asked = inOrderOfLife(noticed?.asked ?? []).filter((rule) => !told.includes(rule))
    const meant = (rule: StopRuleId) => {
      const said = answers[rule]
      return said && !said.so ? said.meant : null
    }
    const standing = [...told, ...asked.filter((rule) => answers[rule]?.so)].filter(
      (rule) => meant(rule) === null,
    )
    return {
      standing: inOrderOfLife(standing),
      asking: asked.filter((rule) => !answers[rule]),
      guessed: noticed?.guessed ?? [],
      /** A finding that says a danger which was not meant is none. */
      isMeant: (observation: ObservationId, value: string) =>
        triggersOf(observation, value).every(({ rule }) => meant(rule) === null),
      /** Dangers that were none. */
      meantNone: [...told, ...asked].filter((rule) => meant(rule) !== null),
      forJob: (): ToldStop[] =>
        [...told, ...asked].map((rule) => {
          const note = told.includes(rule)
            ? 'in the words that opened the job'
            : noticed?.guessed.includes(rule)
              ? 'perhaps told in the words that opened the job, and asked'
              : 'denied in the words that opened the job'
          const instead = meant(rule)
          return instead === null ? { rule, note } : { rule, note, meant: instead }
        }),
    }
  }
  return { of, answer }
}
