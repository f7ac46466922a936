'use client'

import { Dialog } from 'radix-ui'
import { counted } from '@/core/units/counted'
import type { Deletion } from '@/server/deleting'

interface DeleteDialogProps {
  deletion: Deletion
  error: string
  busy: boolean
  onDelete: () => unknown
  onKeep: () => void
}

/** What goes along is told before it goes. */
export function DeleteDialog({ deletion, error, busy, onDelete, onKeep }: DeleteDialogProps) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onKeep()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-50 w-[min(30rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 border border-ink bg-surface p-5 shadow-lg"
        >
          <Dialog.Title className="text-lg">{`Delete this ${deletion.kind}: ${deletion.title}?`}</Dialog.Title>
          <p className="mt-2">{goesAlong(deletion)}</p>
          {deletion.apart > 0 ? (
            <p className="mt-2 border-copper border-l-4 pl-2">
              {`The machine lies apart: ${counted(deletion.apart, 'act')} of the way back ${deletion.apart === 1 ? 'is' : 'are'} open. Nobody will be reminded of them.`}
            </p>
          ) : null}
          {deletion.problem ? (
            <p className="mt-2 border-stop border-l-4 pl-2" role="alert">
              {deletion.problem}
            </p>
          ) : (
            <p className="mt-2">For a day it can be brought back, under Household, Data.</p>
          )}
          {error ? (
            <p className="mt-2 border-stop border-l-4 pl-2" role="alert">
              {error}
            </p>
          ) : null}
          <div className="mt-4 flex flex-wrap gap-2">
            <Dialog.Close className="btn">Keep it</Dialog.Close>
            {deletion.problem ? null : (
              <button type="button" className="btn btn-stop" disabled={busy} onClick={onDelete}>
                Delete it
              </button>
            )}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

function goesAlong({ kind, jobs, photos, readings, lines }: Deletion): string {
  const parts = [
    kind === 'machine' ? counted(jobs, 'job') : '',
    readings > 0 ? counted(readings, 'reading') : '',
    lines > 0 ? counted(lines, 'line') : '',
    photos > 0 ? counted(photos, 'photo') : '',
  ].filter(Boolean)
  return parts.length > 0
    ? `Along with it ${jobs + photos + readings + lines === 1 ? 'goes' : 'go'} ${parts.join(', ')}.`
    : 'Nothing was written in it yet.'
}
