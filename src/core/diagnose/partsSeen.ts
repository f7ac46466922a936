import { brushedKinds, capacitorKinds, electronicKinds, moduleKinds } from '../knowledge/motorKinds'
import type { MotorKindId, ObservationId } from '../knowledge/vocabulary'
import type { Findings } from './types'

/** A part that only some motor kinds have, and whether this motor has it. */
export interface PartSeen {
  kinds: MotorKindId[]
  there: boolean
  /** What it is called in a sentence. */
  name: string
}

/** Observations that can only be made of a part; any other value than these means that it is there. */
const parts: { of: ObservationId; absent?: string; mute?: string; kinds: MotorKindId[]; name: string }[] = [
  { of: 'capacitor-look', absent: 'none-fitted', kinds: capacitorKinds, name: 'a capacitor of its own' },
  { of: 'capacitor-fan-reading', kinds: capacitorKinds, name: 'a capacitor of its own' },
  { of: 'module-look', mute: 'not-opened', kinds: moduleKinds, name: 'a module' },
  { of: 'module-supply', kinds: moduleKinds, name: 'a module' },
  { of: 'phase-resistances', kinds: electronicKinds, name: 'three equal phases' },
  { of: 'brush-length', absent: 'not-fitted', kinds: brushedKinds, name: 'brushes' },
]

/** What the findings say of the motor's kind, where its plate does not. */
export function partsSeen(findings: Findings): PartSeen[] {
  return parts.flatMap(({ of, absent, mute, kinds, name }) => {
    const value = findings[of]
    return value === undefined || value === mute ? [] : [{ kinds, there: value !== absent, name }]
  })
}
