'use client'

import { useState } from 'react'
import type { Suspect } from '@/core/diagnose'
import { type CauseId, causeInfo } from '@/core/knowledge/vocabulary'
import { SelectField, TextField } from '../../kit/TextField'

/** Another cause than the verdict's, with its reason. */
export function Disagree({
  suspects,
  onDecide,
}: {
  suspects: Suspect[]
  onDecide: (cause: CauseId, reason: string) => void
}) {
  const [cause, setCause] = useState('')
  const [reason, setReason] = useState('')
  return (
    <details className="mt-3">
      <summary className="flex min-h-11 items-center text-teal underline underline-offset-4">
        I know better
      </summary>
      <div className="grid gap-3 mid:grid-cols-2">
        <SelectField
          label="The cause is"
          value={cause}
          empty="choose"
          options={suspects.map((suspect) => ({
            value: suspect.cause,
            label: causeInfo(suspect.cause).label,
          }))}
          onChoose={setCause}
        />
        <TextField
          label="Because"
          value={reason}
          placeholder="the shaft is visibly bent"
          onType={setReason}
        />
      </div>
      <button
        type="button"
        className="btn mt-2"
        disabled={!cause}
        onClick={() => onDecide(cause as CauseId, reason)}
      >
        Decide for it
      </button>
    </details>
  )
}
