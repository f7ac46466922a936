import { clockIn } from '../units/clock'
import type { JobRecord } from './types'

/** What stands for a part that cannot be worked out. */
export const FAILED_PART = 'This part cannot be worked out from what is stored. Nothing of it is lost.'

/** @example missingPicture('wheel') // 'wheel: the picture is missing from the data folder.' */
export const missingPicture = (caption: string): string =>
  `${caption}: the picture is missing from the data folder.`

/** @example damagedPicture('wheel') // 'wheel: the file of the picture is damaged.' */
export const damagedPicture = (caption: string): string => `${caption}: the file of the picture is damaged.`

/**
 * A stored instant as a paper shows it: a day alone where it has no time.
 *
 * @param zone an IANA name
 * @example paperTime('2026-03-01T08:00:00Z', 'UTC') // '1 Mar 2026 08:00'
 */
export function paperTime(at: string, zone: string): string {
  const { day, clock } = clockIn(zone)
  return /T/.test(at) ? `${day(at)} ${clock(at)}` : day(at)
}

/** When a job was opened and closed, and with what result. */
export function openedSentence({ openedAt, closedAt, result }: JobRecord, zone: string): string {
  const state = closedAt ? `, closed ${paperTime(closedAt, zone)}` : ', still open'
  return `Opened ${paperTime(openedAt, zone)}${state}.${result ? ` ${result}.` : ''}`
}
