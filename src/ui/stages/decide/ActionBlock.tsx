'use client'

import { partsNeeded } from '@/core/job/parts/partsNeeded'
import { stepsOf } from '@/core/knowledge/actionSteps'
import { actionInfo } from '@/core/knowledge/actions'
import type { ActionId } from '@/core/knowledge/vocabulary'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'

export const skills = [
  '',
  'anybody',
  'a careful first-timer',
  'somebody used to a meter',
  'a trade or a practised repairer',
]

/** What the action asks, and what it does to the machine if done wrong. */
export function ActionBlock({ action }: { action: ActionId }) {
  const info = actionInfo(action)
  const { snapshot } = useJob()
  const { risk, steps } = stepsOf(action, snapshot.machine.motorKind)
  return (
    <Section
      part="then"
      title={`Then: ${info.label}`}
      aside={info.minutes ? `about ${info.minutes} min` : ''}
    >
      <p className="max-w-[70ch]">{steps}</p>
      <dl className="mt-2 grid gap-x-6 mid:grid-cols-2">
        <div className="flex justify-between gap-3 border-line border-b py-1.5">
          <dt>Who can do it</dt>
          <dd>{skills[info.skill]}</dd>
        </div>
        <div className="flex justify-between gap-3 border-line border-b py-1.5">
          <dt>Part</dt>
          <dd>{partsNeeded(snapshot, action).join(', ') || 'none'}</dd>
        </div>
      </dl>
      <p className="mt-2 max-w-[70ch] border-ink border-l-2 pl-3 text-[0.95rem]">
        <b>If done wrong:</b> {risk}
      </p>
    </Section>
  )
}
