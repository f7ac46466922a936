import { partsSeen } from '../../diagnose/partsSeen'
import { partsOf } from '../../knowledge/actionSteps'
import { capacitorKinds, isOf } from '../../knowledge/motorKinds'
import type { ActionId } from '../../knowledge/vocabulary'
import { findingsOf } from '../evidence/derive'
import type { JobSnapshot } from '../rows'

/**
 * The parts that an action asks for on this machine. Where the plate does not say the kind and somebody looked for a capacitor
 * and found none fitted, none is bought.
 */
export function partsNeeded(snapshot: JobSnapshot, action: ActionId): string[] {
  const parts = partsOf(action, snapshot.machine.motorKind)
  return hasNoCapacitor(snapshot) ? parts.filter((part) => part !== 'run capacitor') : parts
}

/** The motor has none: by its kind, or, where nobody knows that, because somebody looked and none is fitted. */
export function hasNoCapacitor(snapshot: JobSnapshot): boolean {
  const { motorKind } = snapshot.machine
  if (motorKind !== null) return !isOf(capacitorKinds, motorKind)
  const seen = partsSeen(findingsOf(snapshot)).filter(({ name }) => name === CAPACITOR)
  return seen.length > 0 && seen.every(({ there }) => !there)
}

const CAPACITOR = 'a capacitor of its own'
