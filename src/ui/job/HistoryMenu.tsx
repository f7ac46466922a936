'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { atHand } from '../kit/whenReached'
import { useJob } from './JobProvider'

const Activity = dynamic(
  atHand(() => import('./Activity').then((module) => module.Activity)),
  { ssr: false },
)

/** Undo, redo, and the list of everything done to the job. */
export function HistoryMenu() {
  const { canUndo, canRedo, history } = useJob()
  const [open, setOpen] = useState(false)
  return (
    <div className="flex items-center">
      <button
        type="button"
        className="btn btn-plain min-h-9 text-sm"
        disabled={!canUndo}
        onClick={() => history('undo')}
      >
        Undo
      </button>
      <button
        type="button"
        className="btn btn-plain min-h-9 text-sm"
        disabled={!canRedo}
        onClick={() => history('redo')}
      >
        Redo
      </button>
      <button
        type="button"
        aria-haspopup="dialog"
        className="btn btn-plain hidden min-h-9 text-sm mid:inline-flex"
        onClick={() => setOpen(true)}
      >
        Activity
      </button>
      {open ? <Activity onClose={() => setOpen(false)} /> : null}
    </div>
  )
}
