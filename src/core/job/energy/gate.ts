import { benchTests } from '../../knowledge/benchTests'
import type { ObservationId } from '../../knowledge/vocabulary'
import type { BenchPart } from '../../refit/types'
import type { JobSnapshot, LedgerRow } from '../rows'
import { isOut, onBench } from './bench'
import { energyOf } from './energy'
import { activeStops } from './stops'

/** What an act reaches for, and with it what has to stand before. */
export type Reach =
  | { kind: 'free' }
  | { kind: 'inside' }
  | { kind: 'cover'; access: 'before-proof' | 'before-discharge' }
  | { kind: 'bench'; part: BenchPart }

export const inside: Reach = { kind: 'inside' }

/** Looking and photographing need no isolation; all else is judged by where it is done. */
export function reachOfLine(snapshot: JobSnapshot, line: LedgerRow): Reach {
  if (line.action === 'photo') return { kind: 'free' }
  if (line.access !== '' && line.cover !== null) return { kind: 'cover', access: line.access }
  if (line.benchOf !== '' && onBench(snapshot, line)) return { kind: 'bench', part: line.benchOf }
  return inside
}

/** A reading of a part that is out is taken at the bench; of one in the machine, inside it. */
export const reachOfPart = (snapshot: JobSnapshot, part: BenchPart): Reach =>
  isOut(snapshot, part) ? { kind: 'bench', part } : inside

/**
 * What is missing before an act may be done, or null where it may. The bench lifts the mains alone: what the part stores
 * has gone with it.
 */
export function gateProblem(snapshot: JobSnapshot, now: number, reach: Reach): string | null {
  if (reach.kind === 'free') return null
  const energy = energyOf(snapshot, now)
  const [stop] = activeStops(snapshot).filter((each) => each.scope !== 'live')
  if (reach.kind === 'bench') {
    if (stop) return stop.text
    return (reach.part === 'capacitor' ? energy.charged : energy.stored)[0] ?? null
  }
  const first =
    snapshot.job.phase === 'work' ? (energy.missing[0] ?? 'it is not proved dead') : 'the power may be on'
  if (reach.kind === 'cover') {
    const may = reach.access === 'before-proof' ? energy.coversBeforeProof : energy.coversBeforeDischarge
    return may ? null : first
  }
  return energy.handsIn ? null : first
}

/** Hands may go to a wheel or a wire: proved dead, discharged and waited, or the motor lies on the bench. */
export const handsMay = (snapshot: JobSnapshot, now: number): boolean =>
  energyOf(snapshot, now).handsIn || isOut(snapshot, 'motor')

/** Where a test that needs hands is made: at the part it reads, or inside the machine. */
export function reachOfTest(snapshot: JobSnapshot, observation: ObservationId): Reach {
  const part = benchTests[observation]
  return part ? reachOfPart(snapshot, part) : inside
}
