export { type CurrentVerdict, currentAgainstPlate } from './current'
export { type LegPlace, type LegReading, type LegsInput, type LegsResult, legWalk, pairsOfLegs } from './legs'

export type PointId = 'supply' | 'call' | 'contactor-drop' | 'output' | 'motor'

export interface WalkReading {
  point: PointId
  volts: number
}

export interface WalkPoint {
  point: PointId
  volts: number
  low: number
  high: number
  verdict: 'normal' | 'low' | 'none' | 'high' | 'borderline'
  text: string
}

export interface WalkResult {
  points: WalkPoint[]
  /** Where the voltage is lost: after the first, before the second. */
  lostBetween: [PointId, PointId] | null
  text: string
}

/** Line within ±10 % of the plate; under a tenth nothing worth the name. */
const LINE_SHARE = 0.1
/** 18 to 30 V counts as a 24 V call. */
const CALL = { low: 18, high: 30, gone: 5 }
/** Across a closed pole with the load running: below 0.5 V good, above 1 V burnt. */
const DROP = { good: 0.5, burnt: 1 }

/** The chain in the order in which power walks it; each point with voltage clears all before it. */
const CHAIN: PointId[] = ['supply', 'output', 'motor']

/**
 * Judge the readings along the chain from the supply to the motor, and where the voltage is lost.
 * @param plateVolts of the motor, or a range as printed: 208-230 is [208, 230]
 * @param lineVolts of the supply and behind the contacts, where they are not the motor's
 * @example voltageWalk([{ point: 'supply', volts: 241 }, { point: 'motor', volts: 0 }], [230]).points.map(({ verdict }) => verdict) // ['normal', 'none']
 */
export function voltageWalk(
  readings: WalkReading[],
  plateVolts: number[],
  lineVolts: number[] = plateVolts,
): WalkResult {
  const points = readings.map((reading) => judge(reading, reading.point === 'motor' ? plateVolts : lineVolts))
  const alive = (point: PointId) => points.find((each) => each.point === point)
  let lostBetween: [PointId, PointId] | null = null
  let last: PointId | null = null
  for (const point of CHAIN) {
    const found = alive(point)
    if (!found) continue
    if (found.verdict === 'none' || found.verdict === 'low') {
      if (last) lostBetween = [last, point]
      break
    }
    last = point
  }
  return { points, lostBetween, text: sentence(points, lostBetween) }
}

function judge({ point, volts }: WalkReading, rated: number[]): WalkPoint {
  const line = { low: Math.min(...rated) * (1 - LINE_SHARE), high: Math.max(...rated) * (1 + LINE_SHARE) }
  if (point === 'call') {
    const verdict =
      volts < CALL.gone ? 'none' : volts < CALL.low ? 'low' : volts > CALL.high ? 'high' : 'normal'
    return {
      point,
      volts,
      low: CALL.low,
      high: CALL.high,
      verdict,
      text: {
        none: 'No call arrives.',
        low: 'The call is weak: transformer or a long thin wire.',
        high: 'More than a 24 V call.',
        normal: 'The call is there.',
      }[verdict],
    }
  }
  if (point === 'contactor-drop') {
    const verdict = volts < DROP.good ? 'normal' : volts <= DROP.burnt ? 'borderline' : 'high'
    return {
      point,
      volts,
      low: 0,
      high: DROP.good,
      verdict,
      text: {
        normal: 'The pole passes its current.',
        borderline: 'The pole begins to burn.',
        high: 'The contacts are burnt.',
      }[verdict],
    }
  }
  const verdict =
    volts < Math.max(...rated) * LINE_SHARE
      ? 'none'
      : volts < line.low
        ? 'low'
        : volts > line.high
          ? 'high'
          : 'normal'
  return {
    point,
    volts,
    ...line,
    verdict,
    text: {
      none: 'No voltage arrives.',
      low: 'Too low.',
      high: 'Too high: stop, perhaps a lost neutral.',
      normal: 'Within 10 % of the plate.',
    }[verdict],
  }
}

const names: Record<PointId, string> = {
  supply: 'the supply',
  call: 'the call',
  'contactor-drop': 'the closed pole',
  output: 'the output',
  motor: 'the motor',
}

function sentence(points: WalkPoint[], lost: [PointId, PointId] | null): string {
  if (
    points.some((each) => each.verdict === 'high' && each.point !== 'contactor-drop' && each.point !== 'call')
  )
    return 'The voltage is too high. Main off; call the utility or an electrician.'
  if (lost) return `The voltage is lost between ${names[lost[0]]} and ${names[lost[1]]}.`
  const supply = points.find((each) => each.point === 'supply')
  if (supply?.verdict === 'none') return 'Nothing arrives at the supply: breaker, fuse, disconnect, plug.'
  if (supply?.verdict === 'low') return 'The supply itself is low.'
  if (points.find((each) => each.point === 'motor')?.verdict === 'normal')
    return 'The motor gets its voltage: the fault lies in the motor, its capacitor or its module.'
  return points.length === 0
    ? 'No reading yet.'
    : 'Every point read so far has its voltage; read the next one.'
}
