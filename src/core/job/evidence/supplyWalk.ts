import { contactorFamilies, lowVoltageCallFamilies } from '../../knowledge/familyTraits'
import { livesOf } from '../../knowledge/isolation'
import type { FamilyId, ObservationId } from '../../knowledge/vocabulary'
import {
  type LegPlace,
  type LegReading,
  type LegsResult,
  legWalk,
  type PointId,
  pairsOfLegs,
  voltageWalk,
  type WalkResult,
} from '../../supply'
import { proofPlaceOf } from '../energy/place'
import type { JobSnapshot } from '../rows'
import { activeReadings, type DerivedFinding, supplyVolts } from './readings'

const withContacts: PointId[] = ['supply', 'call', 'output', 'contactor-drop', 'motor']

/** Points of the voltage walk that the family has, from the supply to the motor. */
export function walkPoints(family: FamilyId): PointId[] {
  if (contactorFamilies.includes(family)) return withContacts
  return lowVoltageCallFamilies.includes(family) ? ['supply', 'call', 'motor'] : ['supply', 'motor']
}

/** What is read of each leg besides: pairs where the supply comes in and, with a contactor, behind its contacts. */
export function legPoints(snapshot: JobSnapshot): { at: LegPlace; pairs: string[] }[] {
  const pairs = pairsOfLegs(livesOf(proofPlaceOf(snapshot)))
  if (pairs.length === 0) return []
  const places: LegPlace[] = contactorFamilies.includes(snapshot.machine.family)
    ? ['supply', 'output']
    : ['supply']
  return places.map((at) => ({ at, pairs }))
}

/** Between two of three phases stands more than most fans are built for: theirs is one phase of it. Nominal volts of the region. */
const THREE_PHASE_LINE = { europe: [400], 'north-america': [208, 240] }

/** Live readings along the chain, judged. */
export function walkOf(snapshot: JobSnapshot): WalkResult {
  const readings = taken(snapshot).flatMap(({ pointA, pointB, volts }) => {
    const point = withContacts.find((each) => each === pointA)
    return point && pointB === '' ? [{ point, volts }] : []
  })
  return voltageWalk(readings, supplyVolts(snapshot), lineVolts(snapshot))
}

/** Live readings of each leg, judged. */
export function legsOfJob(snapshot: JobSnapshot): LegsResult {
  const own = taken(snapshot)
  const between = (at: LegPlace) => own.find((row) => row.pointA === at && row.pointB === '')?.volts ?? null
  return legWalk({
    lives: livesOf(proofPlaceOf(snapshot)),
    readings: own.flatMap(({ pointA, pointB, volts }): LegReading[] =>
      pointB !== '' && (pointA === 'supply' || pointA === 'output')
        ? [{ at: pointA, pair: pointB, volts }]
        : [],
    ),
    between: { supply: between('supply'), output: between('output') },
    plateVolts: lineVolts(snapshot),
  })
}

const taken = (snapshot: JobSnapshot) =>
  activeReadings(snapshot, 'supply', 'old').flatMap(({ pointA, pointB, value }) =>
    value === null ? [] : [{ pointA, pointB, volts: value }],
  )

/** What stands between two legs of the supply: the plate's volts, but of three phases those of the line. */
function lineVolts(snapshot: JobSnapshot): number[] {
  const plate = supplyVolts(snapshot)
  if (!proofPlaceOf(snapshot).threePhase) return plate
  const line = THREE_PHASE_LINE[snapshot.household.region]
  return Math.max(...plate) >= Math.min(...line) ? plate : line
}

const observations: Record<PointId, ObservationId> = {
  supply: 'supply-voltage',
  call: 'control-voltage',
  output: 'contactor-output',
  motor: 'motor-voltage',
  'contactor-drop': 'contactor-output',
}

/** What the live readings say. Of two that cannot both be true, neither is a finding. */
export function walkFindings(snapshot: JobSnapshot): DerivedFinding[] {
  if (taken(snapshot).length === 0) return []
  const legs = legsOfJob(snapshot)
  const cut = legFindings(snapshot, legs)
  const told = cut.map(({ observation }) => observation)
  const doubted = legs.conflict === null ? null : observations[legs.conflict]
  return [...pointFindings(snapshot).filter(({ observation }) => !told.includes(observation)), ...cut].filter(
    ({ observation }) => observation !== doubted,
  )
}

function pointFindings(snapshot: JobSnapshot): DerivedFinding[] {
  return walkOf(snapshot).points.flatMap(({ point, volts, verdict }): DerivedFinding[] => {
    const from = `${volts} V at the ${point === 'contactor-drop' ? 'closed pole' : point}`
    if (point === 'contactor-drop')
      return verdict === 'high' ? [{ observation: 'contactor-output', value: 'low', from }] : []
    if (point === 'call')
      return [
        {
          observation: 'control-voltage',
          value: verdict === 'normal' || verdict === 'high' ? 'present' : verdict,
          from,
        },
      ]
    const value = verdict === 'high' && point !== 'supply' ? 'normal' : verdict
    return value === 'borderline' ? [] : [{ observation: observations[point], value, from }]
  })
}

/**
 * A leg that is gone: of two legs nothing is left to run on, whatever comes back through the load; of three phases a motor still
 * has one pair, hums and overheats.
 */
function legFindings(snapshot: JobSnapshot, { legs, places }: LegsResult): DerivedFinding[] {
  const three = proofPlaceOf(snapshot).threePhase === true
  return (['supply', 'output'] as const).flatMap((at): DerivedFinding[] => {
    const gone = legs.filter((leg) => leg.at === at && leg.state === 'gone')
    if (places[at] !== 'one-gone' && places[at] !== 'all-gone') return []
    const value = places[at] === 'one-gone' && three ? 'low' : 'none'
    return [
      {
        observation: observations[at],
        value,
        from: gone.map(({ pair, volts }) => `${volts} V at ${pair}`).join(', '),
      },
    ]
  })
}
