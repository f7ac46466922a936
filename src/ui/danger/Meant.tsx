'use client'

import { useState } from 'react'
import { meantInstead } from '@/core/knowledge/meantInstead'
import type { StopRuleId } from '@/core/knowledge/vocabulary'
import { TextField } from '../kit/TextField'

/** What was meant instead of a danger: one of what is often meant, or a sentence of one's own. */
export function Meant({ rule, onMeant }: { rule: StopRuleId; onMeant: (text: string) => void }) {
  const [own, setOwn] = useState('')
  return (
    <fieldset className="mt-2">
      <legend className="font-semibold">What was meant instead?</legend>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {meantInstead[rule].map((text) => (
          <button key={text} type="button" className="chip" onClick={() => onMeant(text)}>
            {text}
          </button>
        ))}
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <TextField
          className="min-w-0 flex-1 basis-60"
          label="Or in your own words"
          value={own}
          placeholder="the smell came from the paint"
          onType={setOwn}
        />
        <button
          type="button"
          className="btn"
          disabled={own.trim().length < 6}
          onClick={() => onMeant(own.trim())}
        >
          That was meant
        </button>
      </div>
    </fieldset>
  )
}
