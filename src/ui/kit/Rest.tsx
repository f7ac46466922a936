'use client'

import type { ReactNode } from 'react'
import type { StagePart } from '@/core/job/phone/stageFocus'
import { usePartClass } from './focus'

/** What belongs to a part of a stage without being one; a phone leaves it out until all of the stage is asked for. */
export function Rest({ part, children }: { part?: StagePart; children: ReactNode }) {
  return <div className={usePartClass(part)}>{children}</div>
}
