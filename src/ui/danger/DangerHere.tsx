'use client'

import Link from 'next/link'
import { useState } from 'react'
import { stopSigns } from '@/core/knowledge/stopSigns'
import { stopOrder } from '@/core/knowledge/stops'
import type { StopRuleId } from '@/core/knowledge/vocabulary'
import { Drawer } from '../kit/Drawer'
import { tellDanger } from '../kit/danger'
import { StopAdvice } from './StopAdvice'

/** Signs of danger, in the order of life; a tap shows what to do at once, and stops the job that is open. */
export function DangerHere({ onClose }: { onClose: () => void }) {
  const [rule, setRule] = useState<StopRuleId | null>(null)
  const [stopped, setStopped] = useState(false)
  const choose = (chosen: StopRuleId) => {
    setRule(chosen)
    setStopped(tellDanger(chosen))
  }
  return (
    <Drawer title={rule ? 'What to do now' : 'Something is dangerous here'} side="right" onClose={onClose}>
      {rule === null ? (
        <ul data-testid="danger-signs">
          {stopOrder.map((each) => (
            <li key={each} className="border-line border-b">
              <button
                type="button"
                className="flex min-h-12 w-full items-center py-1.5 text-left leading-snug"
                onClick={() => choose(each)}
              >
                {stopSigns[each]}
              </button>
            </li>
          ))}
        </ul>
      ) : (
        <div role="alert" className="border-stop border-l-8 pl-4" data-testid="danger-advice">
          <StopAdvice rule={rule} head="h3" />
          <p className="mt-4">
            {stopped
              ? 'The job is stopped with it; how it ends stands on its page.'
              : 'Once nobody is in danger, a job keeps it for whoever comes.'}
          </p>
          <div className="mt-2 flex flex-wrap gap-2">
            {stopped ? null : (
              <Link className="btn" href={`/?danger=${rule}`} prefetch={false} onClick={onClose}>
                Begin a job with it
              </Link>
            )}
            <button type="button" className="btn" onClick={() => setRule(null)}>
              Another sign
            </button>
          </div>
        </div>
      )}
    </Drawer>
  )
}
