import type { JobSnapshot } from '../job/rows'
import { titleAndPlace } from '../job/title'
import { proveChecks } from '../knowledge/proofChecks'

/** A look that is due: at a time, or on a day. */
export interface DueEvent {
  id: string
  /** ISO time in UTC, or a day as `2027-05-01`. */
  at: string
  what: string
}

/** The looks of a job that nobody has answered yet, and the next look at its machine. */
export function dueEvents({
  job,
  machine,
  dues,
  checks,
}: Pick<JobSnapshot, 'job' | 'machine' | 'dues' | 'checks'>): DueEvent[] {
  const title = titleAndPlace(machine)
  const looks = dues
    .filter(({ checkId }) => !checks.some((check) => check.checkId === checkId))
    .map(({ checkId, dueAt }): DueEvent => {
      const check = proveChecks[machine.family].find(({ id }) => id === checkId)
      return { id: `${job.id}-${checkId}`, at: dueAt, what: `${title}: ${check?.act ?? checkId}` }
    })
  return machine.nextLook
    ? [...looks, { id: `${machine.id}-next-look`, at: machine.nextLook, what: `${title}: look at it again` }]
    : looks
}

/**
 * Events as a calendar takes them (RFC 5545): a time has an alarm at its beginning, a day one in the morning.
 *
 * @param now when the file is made, ms since 1970
 * @example calendarOf([{ id: 'a', at: '2027-05-01', what: 'Look' }], 0).includes('DTSTART;VALUE=DATE:20270501') // true
 */
export function calendarOf(events: DueEvent[], now: number): string {
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Rest Cog//Looks that are due//EN',
    ...events.flatMap((event) => eventOf(event, now)),
    'END:VCALENDAR',
  ]
  return `${lines.flatMap(folded).join('\r\n')}\r\n`
}

function eventOf({ id, at, what }: DueEvent, now: number): string[] {
  const isDay = /^\d{4}-\d{2}-\d{2}$/.test(at)
  return [
    'BEGIN:VEVENT',
    `UID:${id}@rest-cog`,
    `DTSTAMP:${stamp(new Date(now).toISOString())}`,
    ...(isDay
      ? [`DTSTART;VALUE=DATE:${at.replaceAll('-', '')}`]
      : [`DTSTART:${stamp(at)}`, 'DURATION:PT15M']),
    `SUMMARY:${escaped(what)}`,
    'BEGIN:VALARM',
    'ACTION:DISPLAY',
    `DESCRIPTION:${escaped(what)}`,
    // A day begins at midnight: its alarm comes at eight.
    `TRIGGER:${isDay ? 'PT8H' : 'PT0M'}`,
    'END:VALARM',
    'END:VEVENT',
  ]
}

const stamp = (iso: string): string => `${iso.slice(0, 19).replace(/[-:]/g, '')}Z`

const escaped = (text: string): string =>
  text.replace(/[\\;,]/g, (sign) => `\\${sign}`).replace(/\r\n|[\r\n\u2028\u2029]/g, '\\n')

const MOST_BYTES = 74

/** No line is longer than 75 bytes; what is goes on behind a blank. */
function folded(line: string): string[] {
  const out: string[] = []
  let piece = ''
  let bytes = 0
  for (const char of line) {
    const size = new TextEncoder().encode(char).length
    if (bytes + size > MOST_BYTES) {
      out.push(piece)
      piece = ' '
      bytes = 1
    }
    piece += char
    bytes += size
  }
  return [...out, piece]
}
