'use client'

import { capacitorWords, motorWords } from '@/core/match/partWords'
import type { ToTakeOff } from '@/server/house/shelf'
import type { PartFound } from '@/server/parts'
import { useHouse } from '../house/HouseWork'

/** Spares that closed jobs have used, and that are still counted as lying here. */
export function TakeOff({ toTakeOff, parts }: { toTakeOff: ToTakeOff[]; parts: PartFound[] }) {
  const { act, busy } = useHouse()
  if (toTakeOff.length === 0) return null
  return (
    <ul className="mb-3 border-ink border-l-4 pl-3" data-testid="take-off">
      {toTakeOff.map((each) => (
        <li key={`${each.partId}${each.jobId}`} className="flex flex-wrap items-center gap-x-4 py-1">
          <span className="min-w-[min(14rem,100%)] flex-1">
            {`${nameOf(parts, each.partId)} went into ${each.title} in a job that is closed. It is still counted here.`}
          </span>
          <button
            type="button"
            className="btn btn-main"
            disabled={busy}
            onClick={() =>
              void act({
                kind: 'spare.use',
                partId: each.partId,
                machineId: each.machineId,
                jobId: each.jobId,
              })
            }
          >
            Take one off
          </button>
        </li>
      ))}
    </ul>
  )
}

function nameOf(parts: PartFound[], id: string): string {
  const part = parts.find((each) => each.id === id)
  const words = part?.motor ? motorWords(part.motor) : part?.capacitor ? capacitorWords(part.capacitor) : []
  return words.filter(Boolean).slice(0, 3).join(', ') || 'A spare'
}
