import type { FamilyId, IsolationPointId } from './vocabulary'

export interface PlannedPoint {
  point: IsolationPointId
  /** What to do, as a line beside the break. */
  act: string
  /** How it is held open. */
  held: string
}

/** Water at the machine; a battery or foreign supply beside the plug; whether the motor ran lately; a timer's second live wire. */
export type PlanQuestion = 'water' | 'other-supply' | 'cold' | 'legs' | 'switched-live'

export interface PlannedWait {
  kind: 'cool-down' | 'electronics'
  label: string
  minutes: number
  why: string
}

export interface IsolationPlan {
  points: PlannedPoint[]
  /** Plugged in: the plug out, in sight and tied back, is the proof of the mains side. */
  plugIn: boolean
  /** Mains, or a battery of 30 V or less, where below 1 V is dead and anything else is live. */
  supply: 'mains' | 'battery'
  provePlace: string
  waits: PlannedWait[]
  /** The charge that may be stored, where the motor kind does not say otherwise. */
  capacitor: 'likely' | 'possible' | 'none'
  /** A compressor stands beside the fan, with a capacitor or an inverter of its own. */
  compressor?: true
  /** A charge of the electronics, measured and never shorted. */
  electronics: boolean
  /** The switch that stands before the proof place: it is set ON for the readings, with the breaker off. */
  switchBefore: IsolationPointId | null
  /** A further conductor at the proof place that may carry voltage, such as the signal wire between two units. */
  alsoLive?: 'signal'
  /** What is asked once, because the plan depends on it. */
  asks: PlanQuestion[]
}

const wallSwitch: PlannedPoint = { point: 'wall-switch', act: 'Wall switch off', held: 'taped off' }
const breaker: PlannedPoint = { point: 'breaker', act: 'Breaker off', held: 'locked or taped, with a note' }
const plug: PlannedPoint = { point: 'plug', act: 'Plug out of its socket', held: 'tied back, in sight' }
const thermostat: PlannedPoint = {
  point: 'thermostat',
  act: 'Thermostat off',
  held: 'everybody in the house told',
}
const serviceSwitch: PlannedPoint = { point: 'service-switch', act: 'Service switch off', held: 'taped off' }
const gas: PlannedPoint = { point: 'gas-cock', act: 'Gas cock shut', held: 'handle across the pipe' }

const COOL: PlannedWait = {
  kind: 'cool-down',
  label: 'Motor cools',
  minutes: 30,
  why: 'A stalled motor burns the hand for half an hour or more.',
}
const ELECTRONICS: PlannedWait = {
  kind: 'electronics',
  label: 'Electronics run down',
  minutes: 10,
  why: 'Modules and boards hold a charge; longer if the label says so. Do not short them.',
}

/** A wait as it is added by hand to any machine. */
export const waitInfo: Record<PlannedWait['kind'], Omit<PlannedWait, 'kind'>> = {
  'cool-down': { label: COOL.label, minutes: COOL.minutes, why: COOL.why },
  electronics: { label: ELECTRONICS.label, minutes: ELECTRONICS.minutes, why: ELECTRONICS.why },
}

const household = (place: string, extra: Partial<IsolationPlan> = {}): IsolationPlan => ({
  points: [wallSwitch, breaker],
  plugIn: false,
  supply: 'mains',
  provePlace: place,
  waits: [],
  capacitor: 'possible',
  electronics: false,
  switchBefore: 'wall-switch',
  asks: ['switched-live'],
  ...extra,
})

const plugged = (place: string, extra: Partial<IsolationPlan> = {}): IsolationPlan => ({
  points: [plug],
  plugIn: true,
  supply: 'mains',
  provePlace: place,
  waits: [],
  capacitor: 'possible',
  electronics: false,
  switchBefore: null,
  asks: [],
  ...extra,
})

/** Typical points of each family; the person adds and strikes what their own machine has, with a reason. */
export const isolationPlans: Record<FamilyId, IsolationPlan> = {
  'bath-exhaust-fan': household(
    'in the housing, on the wires that come from the house, before the fan’s own plug',
  ),
  'range-hood-fan': household('in the wiring box of the hood', {
    points: [{ ...wallSwitch, act: 'Hood switches off' }, breaker],
    capacitor: 'likely',
  }),
  'ceiling-fan': household('in the canopy, before the fan’s own switch', {
    capacitor: 'likely',
  }),
  'attic-vent-fan': household('at the line side of the thermostat box of the fan', {
    points: [thermostat, wallSwitch, breaker],
  }),
  'furnace-blower': {
    points: [thermostat, serviceSwitch, breaker, gas],
    plugIn: false,
    supply: 'mains',
    provePlace: 'at the feed to the board, before the door switch',
    waits: [],
    capacitor: 'likely',
    electronics: true,
    switchBefore: 'service-switch',
    asks: ['other-supply', 'legs'],
  },
  'draft-inducer': {
    points: [thermostat, serviceSwitch, breaker, gas],
    plugIn: false,
    supply: 'mains',
    provePlace: 'at the feed to the board, before the door switch',
    waits: [COOL],
    capacitor: 'possible',
    electronics: false,
    switchBefore: 'service-switch',
    asks: ['other-supply', 'cold'],
  },
  'outdoor-unit-fan': {
    points: [
      thermostat,
      { point: 'disconnect', act: 'Disconnect pulled', held: 'block taken along or turned over' },
      { ...breaker, act: 'Breaker off' },
    ],
    plugIn: false,
    supply: 'mains',
    provePlace: 'at the line lugs of the contactor',
    compressor: true,
    waits: [],
    capacitor: 'likely',
    electronics: false,
    switchBefore: null,
    // Larger ones, and many in Europe, hang on three phases: a third leg that nobody reads stays live.
    asks: ['legs'],
  },
  'mini-split-indoor-fan': {
    points: [
      { ...thermostat, act: 'Remote off' },
      { point: 'disconnect', act: 'Disconnect of the outdoor unit off', held: 'locked or block taken along' },
      breaker,
    ],
    plugIn: false,
    supply: 'mains',
    provePlace: 'at the indoor terminals, signal wire included',
    alsoLive: 'signal',
    waits: [ELECTRONICS],
    capacitor: 'none',
    electronics: true,
    switchBefore: null,
    asks: [],
  },
  'refrigerator-evaporator-fan': plugged('at the fan plug', {
    points: [plug, { point: 'water-valve', act: 'Water valve shut', held: 'shut, with a note on it' }],
    capacitor: 'none',
    asks: ['water'],
  }),
  'refrigerator-condenser-fan': plugged('at the fan plug', {
    compressor: true,
    capacitor: 'none',
  }),
  'rv-furnace-blower': {
    points: [
      { point: 'shore-power', act: 'Shore power out', held: 'lead in sight, coiled up' },
      { point: 'battery', act: 'Solar or charger isolated, then battery off', held: 'terminal wrapped' },
      { point: 'cylinder-valve', act: 'Both gas cylinder valves shut', held: 'hand tight' },
    ],
    plugIn: false,
    supply: 'battery',
    provePlace: 'at the heater’s supply plug, plus to minus',
    waits: [COOL],
    capacitor: 'none',
    electronics: false,
    switchBefore: null,
    asks: ['cold'],
  },
  'pellet-stove-exhaust-blower': plugged('at the blower plug', {
    waits: [
      {
        ...COOL,
        label: 'Stove burns out and cools',
        minutes: 60,
        why: 'Embers and cast iron stay hot for an hour.',
      },
    ],
    asks: ['other-supply', 'cold'],
  }),
  'hrv-fan': plugged('at the terminal block', { capacitor: 'likely', asks: ['other-supply'] }),
  'dehumidifier-fan': plugged('at the fan plug', {
    compressor: true,
    capacitor: 'likely',
  }),
  'other-fan': household('at the feed to the motor, before its switch', {
    points: [{ point: 'service-switch', act: 'Its own switch off', held: 'taped off' }, breaker],
    switchBefore: null,
    asks: ['legs', 'switched-live'],
  }),
}

/** Conductors at the proof place that carry, or may carry, the supply. */
export const livesOf = ({
  twoHot,
  threePhase,
}: {
  twoHot: boolean
  threePhase?: boolean
}): ('L' | 'L1' | 'L2' | 'L3')[] => (threePhase ? ['L1', 'L2', 'L3'] : twoHot ? ['L1', 'L2'] : ['L'])

/** Pairs proved at a battery; read on DC and on AC. */
export const BATTERY_PAIRS = ['plus–minus, DC', 'plus–chassis, DC', 'plus–minus, AC'] as const

/** Pairs proved at a battery, a solar panel or the like beside the mains. */
export const OTHER_SUPPLY_PAIRS = ['other supply, DC', 'other supply, AC'] as const

/** Families fed by both hot legs (240 V in North America). */
export const twoHotFamilies: FamilyId[] = ['outdoor-unit-fan', 'mini-split-indoor-fan']

/** From the supply to the motor, whatever the order in which people go round the points. */
const ELECTRIC_ORDER: IsolationPointId[] = [
  'breaker',
  'fuse',
  'shore-power',
  'battery',
  'plug',
  'disconnect',
  'service-switch',
  'wall-switch',
  'thermostat',
]

/** Gas and water: not part of the electric line. */
export const isValve = (point: IsolationPointId): boolean =>
  ['gas-cock', 'cylinder-valve', 'water-valve'].includes(point)

/** Shuts off what burns: the cock of a gas line, the valve of a cylinder. */
export const isFuelValve = (point: IsolationPointId): boolean => isValve(point) && point !== 'water-valve'

/** Points as they lie on the line from the supply to the motor, valves left out. */
export function alongTheLine<T extends { point: IsolationPointId }>(points: T[]): T[] {
  return points
    .filter(({ point }) => !isValve(point))
    .sort((one, two) => ELECTRIC_ORDER.indexOf(one.point) - ELECTRIC_ORDER.indexOf(two.point))
}
