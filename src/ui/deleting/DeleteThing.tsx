'use client'

import dynamic from 'next/dynamic'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { Deletion } from '@/server/deleting'
import { useAsked } from '../data/useAsked'
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
  const { busy, error, run } = useAsked()
  const look = () =>
    run(async () => {
      setDeletion(await askThing<Deletion>('GET', kind, id))
      return ''
    })
  const remove = () =>
    run(async () => {
      await askThing('POST', kind, id)
      setDeletion(null)
      router.push(then)
      router.refresh()
      return ''
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
