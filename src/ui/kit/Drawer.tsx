'use client'

import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

interface DrawerProps {
  title: string
  side: 'right' | 'bottom'
  onClose: () => void
  children: ReactNode
}

const sides = {
  right: 'inset-y-0 right-0 w-full max-w-md border-l bg-surface p-5',
  bottom: 'inset-x-0 bottom-0 max-h-[85vh] border-t bg-ground p-4',
}

/** A sheet over the page, closed by Escape; loaded when it is first opened. */
export function Drawer({ title, side, onClose, children }: DrawerProps) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/35" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed z-50 overflow-y-auto border-ink ${sides[side]}`}
        >
          <div className="mb-3 flex items-center justify-between">
            <Dialog.Title className="font-bold text-lg">{title}</Dialog.Title>
            <Dialog.Close className="btn">Close</Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
