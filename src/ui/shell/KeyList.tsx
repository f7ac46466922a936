'use client'

import { Dialog } from 'radix-ui'

const keys: [string, string][] = [
  ['Ctrl K or /', 'find and act'],
  ['?', 'this list'],
  ['1 – 8', 'stage of the job'],
  ['N', 'next best test; on the bench, what has stopped; what would state something is only focused'],
  ['↑ ↓', 'through the results of a test'],
  ['R', 'new reading'],
  ['E', 'show or fold the evidence, from Take apart on'],
  ['T', 'tick the current line, or the next point on the way to dead'],
  ['P', 'photo of the current line'],
  ['Z, Shift Z', 'undo, redo'],
  ['G B, G H, G S, G I, G P', 'bench, household, shelf, instruments, practice'],
  ['Enter', 'in a number: go on to the next'],
  ['o', 'in a number: over-range'],
]

export function KeyList({ onClose }: { onClose: () => void }) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-20 left-1/2 z-50 w-[min(28rem,92vw)] -translate-x-1/2 border border-ink bg-surface p-5"
        >
          <Dialog.Title className="mb-3 font-bold text-lg">Keys</Dialog.Title>
          <dl>
            {keys.map(([key, what]) => (
              <div key={key} className="flex justify-between border-line border-b py-1.5">
                <dt className="num">{key}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <p className="caption mt-3">
            Letters act outside fields only. They can be switched off under Household.
          </p>
          <Dialog.Close className="btn mt-3">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
