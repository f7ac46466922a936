'use client'

import { useTransition } from 'react'
import { familyLabel } from '@/core/knowledge/vocabulary'
import type { OwnName } from '@/core/words/ownNames'
import { forgetNameAction } from '@/server/actions'
import { notify } from '../kit/notify'

/** What this household calls its machines; a name that means something else now is forgotten. */
export function OwnNames({ names, titles }: { names: OwnName[]; titles: Record<string, string> }) {
  const [busy, begin] = useTransition()
  const forget = (words: string) =>
    begin(async () => {
      try {
        await forgetNameAction(words)
      } catch {
        notify('The server cannot be reached. Nothing was forgotten.')
      }
    })
  return (
    <ul className="border-ink border-t" data-testid="own-names">
      {names.map(({ words, family, machineId }) => (
        <li
          key={words}
          className="flex flex-wrap items-center justify-between gap-x-4 border-line border-b py-1"
        >
          <span>
            <b>{words}</b> means {(machineId && titles[machineId]) || familyLabel(family)}
          </span>
          <button type="button" className="btn btn-plain" disabled={busy} onClick={() => forget(words)}>
            {`Forget “${words}”`}
          </button>
        </li>
      ))}
    </ul>
  )
}
