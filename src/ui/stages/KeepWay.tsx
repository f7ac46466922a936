'use client'

import { fieldText } from '@/core/job'
import { KEPT_AS, keepableLines } from '@/core/job/ledger/ownWay'
import { useJob } from '../job/JobProvider'
import { TextField } from '../kit/TextField'

/** The way in under a name, for the next machine of the kind; it goes along in the archive of the job. */
export function KeepWay() {
  const { snapshot, act, id } = useJob()
  const lines = keepableLines(snapshot).length
  if (lines === 0) return null
  const name = fieldText(snapshot, KEPT_AS.part, KEPT_AS.field)
  return (
    <div className="mt-4 max-w-xl" data-testid="keep-way">
      <TextField
        label="Keep this way in for the next time, as"
        value={name}
        placeholder="the narrow cabinet, board in front"
        onType={(typed) => act({ kind: 'field.set', id: id(), ...KEPT_AS, typed })}
      />
      <p className="caption mt-1">
        {name.trim() === ''
          ? `Give the ${lines} ${lines === 1 ? 'line' : 'lines'} that you ticked a name: they are offered for every machine of this kind, and go along in the archive.`
          : `Kept: ${lines} ${lines === 1 ? 'line is' : 'lines are'} offered for every machine of this kind.`}
      </p>
    </div>
  )
}
