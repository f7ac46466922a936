'use client'

import { useRouter } from 'next/navigation'
import { useJob } from '../../../job/JobProvider'

/** The act of a card whose test wants hands in the machine, while they are to stay out. */
export function MakeDeadFirst() {
  const { snapshot } = useJob()
  const router = useRouter()
  return (
    <button
      type="button"
      data-key="n"
      className="btn btn-main"
      onClick={() => router.push(`/jobs/${snapshot.job.id}/make-dead`)}
    >
      Make dead first <kbd className="num text-sm">N</kbd>
    </button>
  )
}
