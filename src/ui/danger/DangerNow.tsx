'use client'

import { useState } from 'react'
import { stopInfo } from '@/core/knowledge/stops'
import { isStopRule, type StopRuleId, vocabulary } from '@/core/knowledge/vocabulary'
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
  const perhaps = asking.filter((rule) => guessed.includes(rule))
  const denied = asking.filter((rule) => !guessed.includes(rule))
  return (
    <div role="alert" data-testid="danger-now">
      {standing.map((rule) => (
        <OneDanger key={rule} rule={rule} onMeant={(text) => onMeant(rule, text)} />
      ))}
      {denied.map((rule) => (
        <Asked
          key={rule}
          question={`You wrote that there is none of this: ${labelOf(rule).toLowerCase()}. Until you say so by a tap, the job stops for it.`}
          no="There is none of it"
          yes={{ [rule]: 'I am not sure: what do I do?' }}
          onNo={() => onMeant(rule, NONE)}
          onSo={onSo}
        />
      ))}
      {perhaps.length > 0 ? (
        <Asked
          question={`${perhaps.length === 1 ? `Do your words tell of this: ${perhaps.map(labelOf).join('').toLowerCase()}?` : 'Do your words tell of a danger?'} Until you say no by a tap, the job stops for it.`}
          no={perhaps.length === 1 ? 'No, there is none of it' : 'No, none of these'}
          yes={Object.fromEntries(
            perhaps.map((rule) => [
              rule,
              perhaps.length === 1
                ? 'Yes, or not sure: what do I do?'
                : `Yes, or not sure: ${labelOf(rule).toLowerCase()}`,
            ]),
          )}
          onNo={() => {
            for (const rule of perhaps) onMeant(rule, NONE)
          }}
          onSo={onSo}
        />
      ) : null}
    </div>
  )
}

const NONE = 'There is none of it'
const labelOf = (rule: StopRuleId): string => vocabulary.stopRules[rule].label

interface AskedProps {
  question: string
  no: string
  /** What is tapped where it is so, or may be. */
  yes: Partial<Record<StopRuleId, string>>
  onNo: () => void
  onSo: (rule: StopRuleId) => void
}

/** A danger that stands until it is answered. */
function Asked({ question, no, yes, onNo, onSo }: AskedProps) {
  return (
    <div className="mt-3 border-ink border-l-4 pl-3">
      <p>{question}</p>
      <div className="mt-1.5 flex flex-wrap gap-1.5">
        <button type="button" className="btn" onClick={onNo}>
          {no}
        </button>
        {Object.entries(yes).map(([rule, text]) => (
          <button
            key={rule}
            type="button"
            className="btn btn-stop"
            onClick={() => {
              if (isStopRule(rule)) onSo(rule)
            }}
          >
            {text}
          </button>
        ))}
      </div>
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
