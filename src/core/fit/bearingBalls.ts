import type { JobSnapshot } from '../job/rows'
import type { BearingSizes } from '../sound/hear/types'
import { bearingOfJob } from './bearingOfJob'

/**
 * Balls of the commonest numbers as makers usually fill them: how many, their diameter and the circle of their centres in mm.
 * Inch balls (5/32, 3/16, 15/64, 17/64, 5/16) in the middle between the rings; the count may be one off from maker to maker, so
 * that a beat which agrees with none is still told by its order. Habit of the trade, no standard: ISO 15 fixes the rings alone.
 */
const BALLS: Record<string, [balls: number, ballMm: number, pitchMm: number]> = {
  '607': [7, 3.969, 13],
  '608': [7, 3.969, 15],
  '609': [7, 3.969, 16.5],
  '626': [7, 3.5, 12.5],
  '627': [7, 3.969, 14.5],
  '629': [7, 4.762, 17.5],
  '6000': [7, 4.762, 18],
  '6001': [8, 4.762, 20],
  '6002': [9, 4.762, 23.5],
  '6003': [10, 4.762, 26],
  '6200': [8, 4.762, 20],
  '6201': [7, 5.953, 22],
  '6202': [8, 5.953, 25],
  '6203': [8, 6.747, 28.5],
  '6204': [8, 7.938, 33.5],
  '6205': [9, 7.938, 39],
}

/**
 * Balls of the bearing that a job knows by its sizes; null where they name none, or one whose balls are not listed.
 *
 * @example bearingInJob(snapshot)?.balls // 7 of a 608, once 8, 22 and 7 mm are typed under Match
 */
export function bearingInJob(snapshot: JobSnapshot): BearingSizes | null {
  const [first] = bearingOfJob(snapshot)?.designations.filter(({ exact }) => exact) ?? []
  const found = first && Object.hasOwn(BALLS, first.code) ? BALLS[first.code] : undefined
  if (!found) return null
  const [balls, ballMm, pitchMm] = found
  return { balls, ballMm, pitchMm }
}
