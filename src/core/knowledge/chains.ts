import type { FamilyId, ObservationId } from './vocabulary'

/** A chain that one supply walks: a later point cannot have what an earlier one has not, unless a second feed brings it. */
export type Chain = ObservationId[]

/** Voltages of the supply's own line, from the house inwards. */
const line: Chain = ['supply-voltage', 'contactor-output', 'motor-voltage']
const module: Chain = ['supply-voltage', 'module-supply']
/** A board fed by this supply drives the motor. */
const board: Chain = ['supply-voltage', 'board-drive']
/** The control transformer hangs on the same supply. */
const control: Chain = ['supply-voltage', 'control-voltage']

const everywhere: Chain[] = [line, module, board]

/**
 * The chains of each family. Control voltage stands in the supply's chain only where its transformer hangs on that supply:
 * outdoors the 24 V call comes from indoors. A battery heater's board is its own chain from the battery.
 */
export const chains: Record<FamilyId, Chain[]> = {
  'bath-exhaust-fan': everywhere,
  'range-hood-fan': everywhere,
  'ceiling-fan': everywhere,
  'attic-vent-fan': everywhere,
  'furnace-blower': [...everywhere, control],
  'draft-inducer': [...everywhere, control],
  'outdoor-unit-fan': everywhere,
  // The indoor unit may feed the outdoor one or be fed by it; its own board hangs on its own terminals.
  'mini-split-indoor-fan': everywhere,
  'refrigerator-evaporator-fan': everywhere,
  'refrigerator-condenser-fan': everywhere,
  'rv-furnace-blower': [...everywhere, control],
  'pellet-stove-exhaust-blower': [...everywhere, control],
  'hrv-fan': [...everywhere, control],
  'dehumidifier-fan': everywhere,
  'other-fan': everywhere,
}

/** Values that say there is voltage, and those that say there is none. */
export const saysVoltage = ['normal', 'low', 'high', 'present']
export const saysNone = 'none'
