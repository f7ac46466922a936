import { CoreError } from '../../errors'
import { validated } from '../../input'
import type { HousePlan, HouseRows } from '../rows'
import { circuitActs } from './circuitActs'
import * as inputs from './inputs'
import { machineActs } from './machineActs'
import { measuredActs } from './measuredActs'
import { roundActs } from './roundActs'
import { shelfActs } from './shelfActs'
import type { HouseActKind, HouseActs, HouseDoing, PlanOf } from './types'

export type { HouseActKind, HouseActs, HouseDoing } from './types'

const planners: { [Kind in HouseActKind]: PlanOf<Kind> } = {
  ...machineActs,
  ...measuredActs,
  ...circuitActs,
  ...roundActs,
  ...shelfActs,
}

const classes: { [Kind in HouseActKind]: new () => HouseActs[Kind] } = {
  'machine.add': inputs.MachineAdd,
  'machine.change': inputs.MachineChange,
  'machine.retire': inputs.MachineRetire,
  'machine.return': inputs.OneId,
  'machine.merge': inputs.MachineMerge,
  'fitted.put': inputs.FittedPut,
  'fitted.gone': inputs.FittedGone,
  'fitted.remove': inputs.OneId,
  'readings.add': inputs.ReadingsAdd,
  'reading.strike': inputs.ReadingStrike,
  'sound.keep': inputs.SoundKeep,
  'breaker.put': inputs.BreakerPut,
  'breaker.remove': inputs.OneId,
  'load.put': inputs.LoadPut,
  'load.remove': inputs.OneId,
  'round.begin': inputs.RoundBegin,
  'round.tick': inputs.RoundTick,
  'round.job': inputs.RoundJob,
  'round.end': inputs.OneId,
  'spare.put': inputs.SparePut,
  'spare.count': inputs.SpareCount,
  'spare.use': inputs.SpareUse,
  'guest.add': inputs.GuestAdd,
  'guest.end': inputs.OneId,
}

/** An act of a household, checked: what kind it is, which machine it names, and how it is planned. */
export interface ReadHouseAct {
  kind: HouseActKind
  /** The machine whose readings its plan needs; null where it needs none. */
  machineId: string | null
  /** Two machines that become one; null in every other act. */
  merges: { from: string; into: string } | null
  /** @throws CoreError where it is refused */
  plan: (rows: HouseRows, doing: HouseDoing) => HousePlan
}

const isKind = (kind: unknown): kind is HouseActKind =>
  typeof kind === 'string' && Object.hasOwn(planners, kind)

/**
 * Check an act that came over the wire.
 *
 * @throws CoreError `unknown-act`, `invalid-input`
 */
export function readHouseAct(plain: unknown): ReadHouseAct {
  const kind = (plain as { kind?: unknown } | null)?.kind
  if (!isKind(kind)) throw new CoreError('unknown-act', 'This act is not known. Reload the page.', 'kind')
  return readAs(kind, plain)
}

function readAs<Kind extends HouseActKind>(kind: Kind, plain: unknown): ReadHouseAct {
  const act = validated<HouseActs[Kind] & object>(classes[kind], plain)
  const merges = act instanceof inputs.MachineMerge ? { from: act.id, into: act.into } : null
  return {
    kind,
    merges,
    machineId: merges?.from ?? readingsOf(act),
    plan: (rows, doing) => planners[kind](rows, act, doing),
  }
}

const readingsOf = (act: object): string | null =>
  act instanceof inputs.ReadingsAdd || act instanceof inputs.ReadingStrike ? act.machineId : null
