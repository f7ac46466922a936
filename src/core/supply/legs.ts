/** Where the legs of a supply are read against ground: where it comes in, and behind the contacts. */
export type LegPlace = 'supply' | 'output'

export interface LegReading {
  at: LegPlace
  /** As `pairsOfLegs` names it: L1–ground, L2–L3. */
  pair: string
  volts: number
}

export interface LegsInput {
  /** Live conductors of the supply: L1 and L2, or three. */
  lives: string[]
  readings: LegReading[]
  /** Between the first two legs, at each place; null where it was not read. */
  between: Partial<Record<LegPlace, number | null>>
  plateVolts: number[]
}

/** `gone` no voltage; `odd` too little for a leg, as what comes back through the load or a long wire beside others. */
export type LegState = 'there' | 'odd' | 'gone'

export interface LegsResult {
  /** Each reading with its state, in the order in which they were given. */
  legs: (LegReading & { state: LegState })[]
  /** What the readings say of a place as a whole; null where nothing was read there, or all of it is as it should be. */
  places: Record<LegPlace, 'one-gone' | 'all-gone' | 'uneven' | null>
  /** Readings that cannot both be true. */
  conflict: LegPlace | null
  /** What was read between the first two legs, and the nominal volts there. */
  between: LegsInput['between']
  plateVolts: number[]
  lives: string[]
}

/** Under a tenth of the line there is nothing worth the name, as everywhere on the walk. */
export const GONE_SHARE = 0.1
/**
 * The least that a leg has to ground: half of the line where the neutral taps the middle, 0.58 of it on three phases in a star,
 * 0.5 and 0.87 in a delta with a tapped winding; less 20 % for a weak supply.
 */
const LEG_SHARE = 0.4
/** Between two legs the line itself stands, within 10 %. */
const LINE_SHARE = 0.9

/**
 * What is read besides the volts between the first two legs: the other pairs of three phases, and each leg against ground.
 *
 * @example pairsOfLegs(['L1', 'L2']) // ['L1–ground', 'L2–ground']
 */
export function pairsOfLegs(lives: string[]): string[] {
  if (lives.length < 2) return []
  const between = lives.flatMap((one, index) => lives.slice(index + 1).map((two) => `${one}–${two}`))
  return [...between.slice(1), ...lives.map((one) => `${one}–ground`)]
}

/**
 * Judge each leg of a supply of two or three live wires, before and behind the contacts. The reading between the legs is the
 * judge where both were taken: behind an open pole a leg still shows volts that come back through the motor.
 *
 * @example legWalk({ lives: ['L1', 'L2'], readings: [{ at: 'supply', pair: 'L2–ground', volts: 0.3 }], between: {}, plateVolts: [230] }).places.supply // 'one-gone'
 */
export function legWalk({ lives, readings, between, plateVolts }: LegsInput): LegsResult {
  const known = pairsOfLegs(lives)
  const legs = readings
    .filter(({ pair }) => known.includes(pair))
    .map((each) => ({ ...each, state: stateOf(each, Math.min(...plateVolts)) }))
  const places = { supply: placeOf(legs, 'supply'), output: placeOf(legs, 'output') }
  const whole = (at: LegPlace) => (between[at] ?? 0) >= Math.min(...plateVolts) * LINE_SHARE
  const conflict =
    (['supply', 'output'] as const).find((at) => whole(at) && firstPairIsCut(legs, at, lives)) ?? null
  return { legs, places, conflict, between, plateVolts, lives }
}

function stateOf({ pair, volts }: LegReading, line: number): LegState {
  if (volts < line * GONE_SHARE) return 'gone'
  return volts < line * (pair.endsWith('ground') ? LEG_SHARE : LINE_SHARE) ? 'odd' : 'there'
}

type Judged = LegsResult['legs']

function placeOf(legs: Judged, place: LegPlace): LegsResult['places'][LegPlace] {
  const own = legs.filter(({ at }) => at === place)
  const gone = own.filter(({ state }) => state === 'gone')
  if (own.length > 1 && gone.length === own.length) return 'all-gone'
  if (gone.length > 0) return 'one-gone'
  return own.some(({ state }) => state === 'odd') ? 'uneven' : null
}

/** One of the first two legs has nothing to ground: then there cannot be the whole line between them. */
const firstPairIsCut = (legs: Judged, place: LegPlace, lives: string[]): boolean =>
  legs.some(
    ({ at, pair, state }) =>
      at === place && state === 'gone' && lives.slice(0, 2).some((leg) => pair === `${leg}–ground`),
  )
