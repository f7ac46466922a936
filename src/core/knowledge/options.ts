import type { ActionId, CauseId, FamilyId } from './vocabulary'

export const optionKinds = [
  'clean',
  'capacitor',
  'part-inside',
  'bearing',
  'module',
  'universal-motor',
  'original',
  'hired',
  'new-machine',
] as const
export type OptionKind = (typeof optionKinds)[number]

export interface OptionInfo {
  label: string
  /** One sentence: what it is, and what speaks against it. */
  text: string
  /** 1 anybody, 2 a careful first-timer, 3 used to a meter, 4 a trade or a practised repairer. */
  skill: 1 | 2 | 3 | 4
  /** Own hours, covers included. */
  hours: number
  /** Years it serves, where the machine lasts that long. */
  years: number
  /** How often it is done well by somebody of that skill, where the fault is the one it mends. */
  craft: number
  /** Relative spread of its price, one standard deviation. */
  priceSpread: number
}

/**
 * What can be done about a failed fan. Hours are those of a careful person at home, years and craft this project’s
 * judgement from what the trade tells: a cleaned wheel fouls again, a home-fitted bearing is sometimes loose on its shaft.
 */
export const optionInfo: Record<OptionKind, OptionInfo> = {
  clean: {
    label: 'Clean, clear or tighten',
    text: 'Costs nothing but an hour, and can be tried first. What fouled it comes back in time.',
    skill: 1,
    hours: 0.75,
    years: 4,
    craft: 0.95,
    priceSpread: 0,
  },
  capacitor: {
    label: 'Capacitor',
    text: 'Same µF, same or higher volts. Look at the fan again before buying a motor.',
    skill: 2,
    hours: 0.75,
    years: 9,
    craft: 0.97,
    priceSpread: 0.3,
  },
  'part-inside': {
    label: 'The part that failed',
    text: 'The switch, contactor, board, belt or joint itself, and nothing else.',
    skill: 3,
    hours: 1,
    years: 9,
    craft: 0.92,
    priceSpread: 0.35,
  },
  bearing: {
    label: 'Bearing',
    text: 'A few coins and a puller. A cheap one out of size spoils the motor.',
    skill: 4,
    hours: 2.5,
    years: 7,
    craft: 0.78,
    priceSpread: 0.4,
  },
  module: {
    label: 'Motor module',
    text: 'By part number only. The motor under it must measure sound.',
    skill: 3,
    hours: 1.25,
    years: 9,
    craft: 0.9,
    priceSpread: 0.3,
  },
  'universal-motor': {
    label: 'Universal motor',
    text: 'Cheaper, with adapting: shaft, studs, wiring by role. Comes with its own capacitor.',
    skill: 3,
    hours: 3,
    years: 11,
    craft: 0.92,
    priceSpread: 0.25,
  },
  original: {
    label: 'Original motor or assembly',
    text: 'Fits without adapting; dearer, and may take days.',
    skill: 3,
    hours: 2,
    years: 12,
    craft: 0.96,
    priceSpread: 0.25,
  },
  hired: {
    label: 'Hire somebody',
    text: 'A licensed trade, who also answers for it. Take the record along.',
    skill: 1,
    hours: 0.5,
    years: 12,
    craft: 0.97,
    priceSpread: 0.35,
  },
  'new-machine': {
    label: 'New machine',
    text: 'Where the rest is worn too. Large machines are fitted by a licensed trade.',
    skill: 2,
    hours: 2,
    years: 15,
    craft: 0.98,
    priceSpread: 0.3,
  },
}

export interface FamilyFigures {
  original: number
  /** Null where the part is unique to the machine. */
  universal: number | null
  /** Coming to the house and the first hour. */
  callOut: number
  newMachine: number
  /** Years such a machine serves. */
  machineYears: number
}

/** Starting figures in the money of the household, to be typed over. North American retail, rounded. */
export const familyFigures: Record<FamilyId, FamilyFigures> = {
  'bath-exhaust-fan': { original: 45, universal: 35, callOut: 130, newMachine: 95, machineYears: 15 },
  'range-hood-fan': { original: 110, universal: 70, callOut: 130, newMachine: 280, machineYears: 15 },
  'ceiling-fan': { original: 90, universal: null, callOut: 130, newMachine: 140, machineYears: 18 },
  'attic-vent-fan': { original: 110, universal: 80, callOut: 160, newMachine: 190, machineYears: 15 },
  'furnace-blower': { original: 320, universal: 170, callOut: 170, newMachine: 4500, machineYears: 20 },
  'draft-inducer': { original: 230, universal: null, callOut: 170, newMachine: 4500, machineYears: 20 },
  'outdoor-unit-fan': { original: 210, universal: 110, callOut: 170, newMachine: 4200, machineYears: 15 },
  'mini-split-indoor-fan': {
    original: 170,
    universal: null,
    callOut: 170,
    newMachine: 1900,
    machineYears: 13,
  },
  'refrigerator-evaporator-fan': {
    original: 45,
    universal: null,
    callOut: 140,
    newMachine: 1100,
    machineYears: 14,
  },
  'refrigerator-condenser-fan': {
    original: 40,
    universal: 28,
    callOut: 140,
    newMachine: 1100,
    machineYears: 14,
  },
  'rv-furnace-blower': { original: 130, universal: null, callOut: 150, newMachine: 950, machineYears: 15 },
  'pellet-stove-exhaust-blower': {
    original: 170,
    universal: null,
    callOut: 160,
    newMachine: 2800,
    machineYears: 15,
  },
  'hrv-fan': { original: 180, universal: null, callOut: 160, newMachine: 1500, machineYears: 18 },
  'dehumidifier-fan': { original: 70, universal: null, callOut: 90, newMachine: 260, machineYears: 9 },
  'other-fan': { original: 90, universal: 60, callOut: 130, newMachine: 300, machineYears: 15 },
}

/** What the part of an action costs, where it is not the motor. */
export const partPrice: Partial<Record<ActionId, number>> = {
  'restore-supply': 8,
  'correct-supply': 0,
  'fix-control': 35,
  'find-safety-trip': 20,
  'replace-contactor': 28,
  'replace-board': 190,
  'replace-switch': 18,
  'repair-wiring': 8,
  'correct-wiring': 0,
  'set-rotation': 0,
  'renew-brushes': 15,
  'repair-module': 5,
  'replace-wheel': 45,
  'reseal-or-replace': 25,
  'replace-belt': 14,
}
/** A run capacitor bought singly, and the pair of bearings of a small motor. */
export const CAPACITOR_PRICE = 18
export const BEARING_PRICE = 14
/** A module against the whole electronic motor. */
export const MODULE_SHARE = 0.6

/** The cheap repairs that are their own test. */
export const cleaningActions: ActionId[] = [
  'clean',
  'clear-blockage',
  'clear-vent',
  'clear-tube',
  'free-damper',
  'tighten-hub',
  'tighten-mount',
  're-centre-wheel',
]
export const motorActions: ActionId[] = [
  'replace-motor',
  'renew-bearing-or-motor',
  'renew-brushes',
  'replace-module',
  'repair-module',
]
export const bearingCauses: CauseId[] = ['bearing-worn', 'bearing-seized']
/** Outside the machine: a new one changes nothing. */
export const outsideActions: ActionId[] = ['restore-supply', 'correct-supply', 'fix-control', 'clear-vent']
