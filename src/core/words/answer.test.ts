import { describe, expect, it } from 'vitest'
import type { ObservationId } from '../knowledge/vocabulary'
import { observationIds, observationInfo } from '../knowledge/vocabulary'
import { answerTo } from './answer'

const value = (observation: ObservationId, text: string) => {
  const answer = answerTo(observation, text)
  return answer.kind === 'value' ? answer.value : answer.kind
}

describe('an answer in a few words', () => {
  it.each<[ObservationId, string, string]>([
    ['speeds', 'only on high', 'only-high'],
    ['speeds', 'all slow', 'all-slow'],
    ['onset', 'since the storm', 'after-a-storm-or-outage'],
    ['onset', 'all of a sudden', 'suddenly'],
    ['companion', 'no', 'no'],
    ['companion', 'yes, both', 'yes'],
    ['damper', 'stuck', 'stuck'],
    ['damper', 'it opens', 'opens'],
    ['vent-path', 'clogged', 'blocked'],
    ['belt', 'snapped', 'broken'],
    ['brush-length', '3 mm', 'worn-short'],
    ['capacitor-look', 'bulged', 'bulged-or-leaking'],
    ['case-heat', 'lukewarm', 'warm'],
    ['free-spin', 'like in honey', 'stiff'],
    ['wiring-changed', 'nobody touched it', 'no'],
    ['smell', 'burnt plastic', 'burnt'],
    ['should-run-now', "don't know", 'unsure'],
    ['sound', 'not sure', 'unknown'],
    ['breaker', 'it is on', 'on'],
    ['mounting', 'loose', 'loose'],
  ])('%s: “%s” is %s', (observation, text, wanted) => {
    expect(value(observation, text)).toBe(wanted)
  })

  it('that says nothing of the question is none', () => {
    expect(answerTo('belt', 'the weather is fine today')).toEqual({ kind: 'none' })
    expect(answerTo('belt', '  ')).toEqual({ kind: 'none' })
  })

  it('is a value that the question has, whatever is typed', () => {
    for (const observation of observationIds)
      for (const text of ['yes', 'no', 'loose', 'open', 'dead', '12', 'stuck']) {
        const answer = answerTo(observation, text)
        if (answer.kind === 'value') expect(observationInfo(observation).values).toContain(answer.value)
      }
  })
})
