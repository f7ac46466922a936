'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { useAsked } from '../data/useAsked'
import { askThing } from './thing'

interface BringBackProps {
  kind: 'job' | 'machine'
  id: string
  /** Offered beside: to let it go before its day is over. */
  forGood?: boolean
}

/** What was deleted is brought back, or let go for good. */
export function BringBack({ kind, id, forGood = false }: BringBackProps) {
  const router = useRouter()
  const [sure, setSure] = useState(false)
  const { busy, error, run } = useAsked()
  const ask = (method: 'PUT' | 'DELETE') =>
    run(async () => {
      await askThing(method, kind, id)
      router.refresh()
      return ''
    })
  return (
    <div className="flex flex-wrap items-center gap-2">
      <button type="button" className="btn" disabled={busy} onClick={() => ask('PUT')}>
        Bring it back
      </button>
      {forGood ? (
        <button
          type="button"
          className="btn btn-plain btn-stop"
          disabled={busy}
          onClick={() => (sure ? ask('DELETE') : setSure(true))}
        >
          {sure ? 'Yes, for good: nothing brings it back' : 'Delete for good now'}
        </button>
      ) : null}
      {error ? (
        <p className="w-full border-stop border-l-4 pl-2" role="alert">
          {error}
        </p>
      ) : null}
    </div>
  )
}
