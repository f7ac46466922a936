'use client'

import { useState } from 'react'
import type { ObservationId } from '@/core/knowledge/vocabulary'
import { whenReached } from '../kit/whenReached'

/** An answer typed instead of tapped: "only on high", "since the storm", "no idea". */
export function AnswerInWords({
  observation,
  onValue,
  onUnknown,
}: {
  observation: ObservationId
  onValue: (value: string) => void
  onUnknown: () => void
}) {
  const [open, setOpen] = useState(false)
  const [text, setText] = useState('')
  const [missed, setMissed] = useState(false)
  if (!open)
    return (
      <button
        type="button"
        className="caption min-h-11 underline decoration-dotted underline-offset-2 mid:min-h-[26px]"
        onClick={() => setOpen(true)}
      >
        say it in words
      </button>
    )
  const send = async () => {
    const { answerTo } = await whenReached(() => import('@/core/words/answer'))
    const answer = answerTo(observation, text)
    setMissed(answer.kind === 'none')
    if (answer.kind === 'none') return
    if (answer.kind === 'unknown') onUnknown()
    else onValue(answer.value)
    setText('')
    setOpen(false)
  }
  return (
    <div className="mt-1.5">
      <div className="flex gap-2">
        <input
          className="field field-tight max-w-sm"
          aria-label="The answer in your words"
          value={text}
          autoComplete="off"
          // biome-ignore lint/a11y/noAutofocus: the field was asked for by the tap that opened it
          autoFocus
          onChange={(event) => {
            setText(event.target.value)
            setMissed(false)
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter') void send()
          }}
        />
        <button type="button" className="btn" onClick={() => void send()}>
          That is it
        </button>
      </div>
      {missed ? (
        <p className="caption" role="status">
          That is not understood here. Tap the answer that comes nearest, or “cannot tell”.
        </p>
      ) : null}
    </div>
  )
}
