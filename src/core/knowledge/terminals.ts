import type { FamilyId } from './vocabulary'

/** What a family's control offers to the leads of its motor, with the names that stand on it. */
export interface ControlTerminals {
  kind: 'contactor' | 'board' | 'switch'
  /** The first carries the switched line, the second the other side. */
  load: [string, string]
  speeds?: string[]
  parks?: string[]
}

const contactor: ControlTerminals = { kind: 'contactor', load: ['contactor load 1', 'contactor load 2'] }
const switched: ControlTerminals = { kind: 'switch', load: ['line', 'neutral'] }
const tappedBoard: ControlTerminals = {
  kind: 'board',
  load: ['line', 'neutral'],
  speeds: ['COOL', 'HEAT'],
  parks: ['PARK'],
}

/** How the motor of each family is fed. A ceiling fan's and a hood's speeds are chosen by their own switch. */
export const controlTerminals: Record<FamilyId, ControlTerminals> = {
  'bath-exhaust-fan': switched,
  'range-hood-fan': switched,
  'ceiling-fan': switched,
  'attic-vent-fan': switched,
  'furnace-blower': tappedBoard,
  'draft-inducer': switched,
  'outdoor-unit-fan': contactor,
  'mini-split-indoor-fan': switched,
  'refrigerator-evaporator-fan': switched,
  'refrigerator-condenser-fan': switched,
  'rv-furnace-blower': switched,
  'pellet-stove-exhaust-blower': switched,
  'hrv-fan': switched,
  'dehumidifier-fan': switched,
  'other-fan': switched,
}

/** Terminals of a capacitor that a compressor may share, and of one that is the fan's own. */
export const dualTerminals: [string, string, string] = ['C', 'FAN', 'HERM']
export const singleTerminals: [string, string] = ['capacitor 1', 'capacitor 2']
