'use client'

import { useState } from 'react'
import { stopInfo } from '@/core/knowledge/stops'
import { type StopRuleId, vocabulary } from '@/core/knowledge/vocabulary'
import { Meant } from './Meant'
import { StopAdvice } from './StopAdvice'

interface DangerNowProps {
  /** In the order of life. */
  standing: StopRuleId[]
  /** Denied in the words, or only guessed from them: asked back. */
  asking: StopRuleId[]
  /** Those that are guessed. */
  guessed: StopRuleId[]
  onMeant: (rule: StopRuleId, text: string) => void
  onSo: (rule: StopRuleId) => void
}

/** The advice about a danger, at once, as it is typed; one tap says that it was not meant, or that it is so. */
export function DangerNow({ standing, asking, guessed, onMeant, onSo }: DangerNowProps) {
  return (
    <div role="alert" data-testid="danger-now">
      {standing.map((rule) => (
        <OneDanger key={rule} rule={rule} onMeant={(text) => onMeant(rule, text)} />
      ))}
      {asking.map((rule) => (
        <div key={rule} className="mt-3 border-ink border-l-4 pl-3">
          <p>
            {guessed.includes(rule)
              ? `Do your words tell of this: ${vocabulary.stopRules[rule].label.toLowerCase()}? Until you say no by a tap, the job stops for it.`
              : `You wrote that there is none of this: ${vocabulary.stopRules[rule].label.toLowerCase()}. Until you say so by a tap, the job stops for it.`}
          </p>
          <div className="mt-1.5 flex flex-wrap gap-1.5">
            <button type="button" className="btn" onClick={() => onMeant(rule, 'There is none of it')}>
              {guessed.includes(rule) ? 'No, there is none of it' : 'There is none of it'}
            </button>
            <button type="button" className="btn btn-stop" onClick={() => onSo(rule)}>
              {guessed.includes(rule) ? 'Yes, or not sure: what do I do?' : 'I am not sure: what do I do?'}
            </button>
          </div>
        </div>
      ))}
    </div>
  )
}

function OneDanger({ rule, onMeant }: { rule: StopRuleId; onMeant: (text: string) => void }) {
  const [asking, setAsking] = useState(false)
  const hard = vocabulary.stopRules[rule].level === 'hard'
  return (
    <section aria-label={vocabulary.stopRules[rule].label} className="mt-4 border-stop border-l-8 pl-4">
      {hard ? (
        <StopAdvice rule={rule} />
      ) : (
        <>
          <p className="font-bold text-stop">{vocabulary.stopRules[rule].label}</p>
          <p className="max-w-[65ch]">{stopInfo[rule].text}</p>
        </>
      )}
      {asking ? (
        <Meant rule={rule} onMeant={onMeant} />
      ) : (
        <button
          type="button"
          className="mt-2 inline-flex min-h-11 items-center text-teal underline"
          onClick={() => setAsking(true)}
        >
          Not that: something else was meant
        </button>
      )}
    </section>
  )
}
