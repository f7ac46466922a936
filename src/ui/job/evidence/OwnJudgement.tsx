'use client'

import { useState } from 'react'
import type { BeliefRow } from '@/core/job'
import type { CauseId } from '@/core/knowledge/vocabulary'
import { TextField } from '../../kit/TextField'
import { useJob } from '../JobProvider'

/** “I know better”: a suspect taken as given or struck, with the reason that the record keeps. */
export function OwnJudgement({ cause }: { cause: CauseId }) {
  const { snapshot, act, id } = useJob()
  const [asked, setAsked] = useState<BeliefRow['stance'] | null>(null)
  const [reason, setReason] = useState('')
  const belief = snapshot.beliefs.find((row) => row.cause === cause)
  const put = (stance: BeliefRow['stance'] | null) => {
    if (act({ kind: 'belief.set', id: id(), cause, stance, reason })) {
      setAsked(null)
      setReason('')
    }
  }
  if (belief)
    return (
      <p className="mt-2 border-line border-t pt-1.5">
        <b>Taken as given by you:</b> {belief.reason}{' '}
        <button type="button" className="min-h-9 text-teal underline" onClick={() => put(null)}>
          Leave it to the findings
        </button>
      </p>
    )
  return (
    <div className="mt-2 border-line border-t pt-1.5">
      <div className="flex flex-wrap items-center gap-2">
        <span>I know better:</span>
        <button
          type="button"
          className="chip"
          aria-pressed={asked === 'set'}
          onClick={() => setAsked(asked === 'set' ? null : 'set')}
        >
          it is this
        </button>
        <button
          type="button"
          className="chip"
          aria-pressed={asked === 'struck'}
          onClick={() => setAsked(asked === 'struck' ? null : 'struck')}
        >
          it is not
        </button>
      </div>
      {asked ? (
        <form
          className="mt-2 flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            put(asked)
          }}
        >
          <TextField
            className="min-w-0 flex-1"
            label="How do you know?"
            value={reason}
            placeholder={asked === 'set' ? 'I see it rub' : 'renewed last month'}
            onType={setReason}
          />
          <button type="submit" className="btn px-2.5" disabled={reason.trim().length < 3}>
            {asked === 'set' ? 'Set' : 'Strike'}
          </button>
        </form>
      ) : null}
    </div>
  )
}
