'use client'

import type { LedgerRow } from '@/core/job'
import { openOf } from '@/core/job/ledger/ledgerFigures'
import { useJob } from '../../job/JobProvider'
import { usePhotos } from '../../photos/PhotoSender'

/** Ticks a line of the way in. A photo that waits on this device for its way to the file is a photo: the line says so. */
export function useTickLine(): (line: LedgerRow, on: boolean) => unknown {
  const { snapshot, act } = useJob()
  const { waits } = usePhotos()
  return (line, on) => {
    const open = openOf(snapshot, line)
    if (on && waits(line.id) && (open === 'photo-first' || open === 'turn-first'))
      act({ kind: 'ledger.edit', id: line.id, change: { without: 'its photo waits on a device to be sent' } })
    return act({ kind: 'ledger.tick', id: line.id, on })
  }
}
