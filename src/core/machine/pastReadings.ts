import type { MeasuredKind, MeasuredRow, NormalSoundRow } from '../house/rows'
import { speedOfJob } from '../job/evidence/speedOfJob'
import { fieldText } from '../job/fields'
import { judgedFigure } from '../job/proving/checkFigures'
import type { JobSnapshot } from '../job/rows'
import { proveChecks } from '../knowledge/proofChecks'
import { storedAnalysis } from '../sound/analyse'

/** What is drawn over the years: what can be typed, and how loud a recording was. */
export type TrendKind = MeasuredKind | 'levelDb'

/** One figure of a machine, of a job or of a day without one. */
export interface PastReading {
  what: TrendKind
  /** Terminal of a capacitor, or empty. */
  section: string
  value: number
  at: string
  jobId: string | null
  /** Of a part that went in with its job: what was read before it is its predecessor’s. */
  isNew: boolean
  /** Taken on a day on which the machine was well. */
  isNormal: boolean
  /** Of a row that can be struck by its id; null for one of a job, which is struck there. */
  rowId: string | null
  /** The label of the capacitor as it stood in its job; empty elsewhere. */
  label: string
}

const none = { section: '', isNew: false, isNormal: false, rowId: null, label: '' }

/**
 * Figures of a machine over all its jobs: capacitors, running current, speed, temperatures apart, level of recordings.
 *
 * @param jobs of one machine
 * @returns in the order in which they were taken
 */
export function readingsOfJobs(jobs: JobSnapshot[]): PastReading[] {
  return jobs
    .flatMap((snapshot) => [...capacitancesOf(snapshot), ...checksOf(snapshot), ...heardIn(snapshot)])
    .sort(byTime)
}

/** Figures that were taken without a job, in the same shape; struck ones are left out. */
export const readingsOfRows = (rows: MeasuredRow[], sounds: NormalSoundRow[]): PastReading[] =>
  [
    ...rows
      .filter(({ struckAt }) => struckAt === null)
      .map(({ id, what, section, value, at, normal }): PastReading => {
        return { ...none, what, section, value, at, jobId: null, isNormal: normal === 1, rowId: id }
      }),
    ...sounds.flatMap(({ analysis, at }): PastReading[] => {
      const sound = storedAnalysis(analysis)
      return sound
        ? [{ ...none, what: 'levelDb', value: sound.levelDb, at, jobId: null, isNormal: true }]
        : []
    }),
  ].sort(byTime)

/** Instants in UTC stand in the order of their texts. */
export const byTime = (one: { at: string }, two: { at: string }): number =>
  one.at < two.at ? -1 : one.at > two.at ? 1 : 0

function capacitancesOf({ job, readings, fields }: JobSnapshot): PastReading[] {
  const labelOf = (part: string) =>
    fields.find((row) => row.part === `capacitor-${part}` && row.field === 'label')?.typed ?? ''
  return readings.flatMap(({ kind, part, pointA, value, at, struckAt }) =>
    kind === 'capacitance' && struckAt === null && value !== null
      ? [
          {
            ...none,
            what: 'capacitanceUf',
            section: pointA,
            value,
            at,
            jobId: job.id,
            isNew: part === 'new',
            label: labelOf(part),
          },
        ]
      : [],
  )
}

/** The figures of the checks at the end, as of the machine that runs again. */
function checksOf(snapshot: JobSnapshot): PastReading[] {
  const { job, machine } = snapshot
  const at = job.closedAt ?? job.touchedAt
  const rpm = speedOfJob(snapshot)?.rpm
  const judged = proveChecks[machine.family].flatMap((check): PastReading[] => {
    const what = check.figure && kindOf[check.figure.quantity]
    const value = judgedFigure(snapshot, check)?.value ?? null
    const apart = check.figure?.inputs.length === 2
    if (!what || value === null || (what === 'airDifferenceC' && !apart)) return []
    return [{ ...none, what, value, at, jobId: job.id }]
  })
  return [
    ...judged,
    ...(rpm === undefined ? [] : [{ ...none, what: 'speedRpm' as const, value: rpm, at, jobId: job.id }]),
  ]
}

const kindOf = { amps: 'currentA', volts: 'supplyV', celsius: 'airDifferenceC' } as const

function heardIn({ job, sounds }: JobSnapshot): PastReading[] {
  return sounds.flatMap(({ way, analysis, at }): PastReading[] => {
    const sound = way === 'after' ? storedAnalysis(analysis) : null
    return sound ? [{ ...none, what: 'levelDb', value: sound.levelDb, at, jobId: job.id }] : []
  })
}

/** The label of the capacitor that a machine has by its jobs: that of the newest reading that has one. */
export const labelNow = (jobs: JobSnapshot[]): string =>
  [...jobs]
    .sort((one, two) => two.job.openedAt.localeCompare(one.job.openedAt))
    .flatMap((snapshot) => {
      const chosen = ['new', 'old'].map((part) => fieldText(snapshot, `capacitor-${part}`, 'label'))
      return chosen.filter(Boolean)
    })[0] ?? ''

/** Of each kind and section the newest figure of a good day. */
export function newestNormal(readings: PastReading[]): PastReading[] {
  const newest = new Map<string, PastReading>()
  for (const reading of readings)
    if (reading.isNormal) newest.set(`${reading.what}|${reading.section}`, reading)
  return [...newest.values()]
}
