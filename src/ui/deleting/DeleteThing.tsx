'use client'

import dynamic from 'next/dynamic'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { Deletion } from '@/server/deleting'
import { atHand } from '../kit/whenReached'
import { askThing } from './thing'

const DeleteDialog = dynamic(
  atHand(() => import('./DeleteDialog').then((module) => module.DeleteDialog)),
  { ssr: false },
)

interface DeleteThingProps {
  kind: 'job' | 'machine'
  id: string
  /** Where to go once it is gone. */
  then: string
}

/** Delete a job or a machine: what goes along is told before, and for a day it can be brought back. */
export function DeleteThing({ kind, id, then }: DeleteThingProps) {
  const router = useRouter()
  const [deletion, setDeletion] = useState<Deletion | null>(null)
  const [error, setError] = useState('')
  const [busy, setBusy] = useState(false)
  const tried = async (work: () => Promise<void>) => {
    setBusy(true)
    setError('')
    try {
      await work()
    } catch (failure) {
      setError(failure instanceof Error ? failure.message : 'Nothing was changed.')
    }
    setBusy(false)
  }
  const look = () => tried(async () => setDeletion(await askThing<Deletion>('GET', kind, id)))
  const remove = () =>
    tried(async () => {
      await askThing('POST', kind, id)
      setDeletion(null)
      router.push(then)
      router.refresh()
    })
  return (
    <>
      <button
        type="button"
        className="inline-flex min-h-11 items-center text-soft text-sm underline underline-offset-4"
        disabled={busy}
        onClick={look}
      >
        {`Delete this ${kind}`}
      </button>
      {error && !deletion ? (
        <p className="mt-2 border-stop border-l-4 pl-2" role="alert">
          {error}
        </p>
      ) : null}
      {deletion ? (
        <DeleteDialog
          deletion={deletion}
          error={error}
          busy={busy}
          onDelete={remove}
          onKeep={() => setDeletion(null)}
        />
      ) : null}
    </>
  )
}
