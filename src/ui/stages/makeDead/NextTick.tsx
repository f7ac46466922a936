'use client'

import { nextSafetyActs } from '@/core/job/energy/nextSafety'
import { useJob } from '../../job/JobProvider'
import { TickKey } from '../../kit/TickKey'

/** What the key T ticks next on the way to dead. Numbers are typed. */
export function NextTick() {
  const { snapshot, act, id } = useJob()
  const next = nextSafetyActs(snapshot, id)
  return next ? <TickKey onPress={() => next.every(act)} /> : null
}
