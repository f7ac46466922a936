import { useState } from 'react'
import { type FamilyId, familyLabel } from '@/core/knowledge/vocabulary'
import { learnNameAction } from '@/server/actions'
import { TextField } from '../kit/TextField'

interface LearnNameProps {
  proposed: string
  family: FamilyId
  machine: { id: string; title: string } | null
}

/** After a correction: what the household calls this machine is remembered, where the person wants it. */
export function LearnName({ proposed, family, machine }: LearnNameProps) {
  const [words, setWords] = useState(proposed)
  const [told, setTold] = useState<string | null>(null)
  const what = machine?.title ?? familyLabel(family)
  const learn = async () => {
    try {
      const error = await learnNameAction({ words, family, machineId: machine?.id ?? null })
      setTold(error?.message ?? `From now on “${words.trim()}” means: ${what}.`)
    } catch {
      setTold('The server cannot be reached. Nothing was remembered.')
    }
  }
  return (
    <div className="mt-2 flex flex-wrap items-end gap-2" data-testid="learn-name">
      <TextField className="w-52" label="Do you call it so?" value={words} onType={setWords} />
      <button
        type="button"
        className="btn min-h-11 text-sm"
        disabled={words.trim().length < 3}
        onClick={() => void learn()}
      >
        Remember this name
      </button>
      {told ? (
        <p role="status" className="basis-full text-sm">
          {told}
        </p>
      ) : null}
    </div>
  )
}
