import {
  activeReadings,
  capacitorOf,
  diagnosisOf,
  fieldText,
  findingsOf,
  type JobSnapshot,
  legsOfJob,
  proofPlaceText,
  windingOf,
} from '../job'
import { logSentence } from '../job/acts/logWords'
import { asVolts } from '../job/energy/handsVolts'
import { speedOfJob } from '../job/evidence/speedOfJob'
import { asFoundOf } from '../job/ledger/asFound'
import { motorPlateFields } from '../job/parts/oldPart'
import { actionInfo } from '../knowledge/actions'
import { shortLabels, valueLabel } from '../knowledge/valueLabels'
import { type CauseId, causeInfo, familyLabel, observationIds, vocabulary } from '../knowledge/vocabulary'
import { writtenOut } from '../match/motorData'
import { type OptionKind, optionInfo } from '../options'
import { legsText } from '../supply/legWords'
import { formatOhm, formatPercent } from '../units'
import { windingVerdictWords } from '../winding'
import { roleOf } from '../wiring/strip'
import { list, pairs, text, times } from './items'
import type { RecordItem } from './types'

/** Labels of the form that lean on the field before them. */
const alone: Record<string, string> = {
  capacitorVolts: 'Volts of that capacitor',
  viewedFrom: 'Turn seen from',
}

export function machine(snapshot: JobSnapshot): RecordItem[] {
  const { machine: of } = snapshot
  const known = (name: string, value: string): [string, string][] => (value ? [[name, value]] : [])
  return [
    ...pairs([
      ['Kind', familyLabel(of.family)],
      ...known('Maker and model', of.modelNumber),
      ...known('Serial number', of.serialNumber),
      ...known('Motor', of.motorKind ? (vocabulary.motorKinds[of.motorKind].split(' (')[0] ?? '') : ''),
      ...known('Fitted', of.installedYear),
      ...known('Breaker', of.circuit ?? ''),
      ...motorPlateFields.flatMap((field) =>
        known(
          alone[field.field] ?? field.label,
          writtenOut(
            field,
            fieldText(snapshot, 'motor-old', field.field),
            snapshot.household.inches ? 'in' : 'mm',
          ),
        ),
      ),
    ]),
    ...text(of.note),
  ]
}

/** What was noticed and read, named and in words, in the order of the vocabulary. */
export function noticed(snapshot: JobSnapshot): [string, string][] {
  const found = findingsOf(snapshot)
  return observationIds.flatMap((observation): [string, string][] => {
    const value = found[observation]
    return value ? [[shortLabels[observation], valueLabel(observation, value)]] : []
  })
}

export function findings(snapshot: JobSnapshot): RecordItem[] {
  const rows = noticed(snapshot)
  return rows.length > 0 ? pairs(rows) : text('Nothing was noted.')
}

const leftOutWords = { declined: 'Declined', 'not-possible': 'Not possible here', unknown: 'Could not tell' }

/** Everything that happened to the energy of the job, in its order, for good. */
export function safety(snapshot: JobSnapshot): RecordItem[] {
  const { log, declined } = snapshot
  return [
    ...text(`Dead is proved ${proofPlaceText(snapshot)}.`),
    ...(log.length > 0
      ? times(log.map((row) => ({ at: row.at, text: logSentence(row) })))
      : text('Nothing was isolated.')),
    ...list(
      declined.map(
        ({ why, observation }) => `${leftOutWords[why]}: ${shortLabels[observation].toLowerCase()}.`,
      ),
    ),
  ]
}

export function measured(snapshot: JobSnapshot): RecordItem[] {
  const supply = snapshot.readings.filter((row) => row.kind === 'supply' && !row.struckAt)
  const struck = snapshot.readings.filter((row) => row.struckAt)
  return [
    ...partMeasured(snapshot, 'old'),
    ...partMeasured(snapshot, 'new'),
    ...runningSpeed(snapshot),
    ...list(supply.map((row) => `${livePoint(row)}: ${asVolts(row.typed)}, live.`)),
    ...(supply.some(({ pointB }) => pointB !== '') ? text(legsText(legsOfJob(snapshot)) ?? '') : []),
    ...list(
      struck.map(
        (row) =>
          `Struck: ${[row.pointA, row.pointB].filter(Boolean).join('–')} ${row.typed} (${row.strikeReason}).`,
      ),
    ),
  ]
}

function runningSpeed(snapshot: JobSnapshot): RecordItem[] {
  const speed = speedOfJob(snapshot)
  if (!speed) return []
  const plate = speed.plate.length > 0 ? `; plate ${speed.plate.map(Math.round).join(', ')} rpm` : ''
  return pairs([['Speed', `${Math.round(speed.rpm)} rpm${plate}`]])
}

/** Earlier repairs and damage in the words of the person, and which wires sat where before anything was moved. */
export function asFound(snapshot: JobSnapshot): RecordItem[] {
  const { remarks, wires } = asFoundOf(snapshot)
  return [
    ...text(remarks),
    ...pairs(wires.map(({ terminal, colours }): [string, string] => [`On ${terminal}`, colours.join(', ')])),
  ]
}

const livePoints: Record<string, string> = {
  supply: 'Supply',
  call: 'Call',
  output: 'Behind the contacts',
  'contactor-drop': 'Across the closed pole',
  motor: 'At the motor',
}

/** Where a live reading was taken, with its leg where it is one of several. */
const livePoint = ({ pointA, pointB }: { pointA: string; pointB: string }): string =>
  [livePoints[pointA] ?? pointA, pointB].filter(Boolean).join(', ')

function partMeasured(snapshot: JobSnapshot, part: 'old' | 'new'): RecordItem[] {
  const { check } = capacitorOf(snapshot, part)
  const winding = windingOf(snapshot, part)
  const frame = activeReadings(snapshot, 'to-frame', part)
  if (!check && !winding && frame.length === 0) return []
  const pairsRead = activeReadings(snapshot, 'resistance', part).map(
    (row) =>
      `${row.pointA}–${row.pointB} ${row.over ? 'OL' : row.value === null ? row.typed : formatOhm(row.value)}`,
  )
  const roles = Object.entries(winding?.roles ?? {}).map(
    ([lead, role]) => `${lead}: ${roleOf(role).name.toLowerCase()}`,
  )
  return [
    ...(part === 'new' ? text('The new part, before it went in', 'bold') : []),
    ...(check
      ? [
          ...text(
            `Capacitor “${fieldText(snapshot, `capacitor-${part}`, 'label')}”: ${check.verdict.replaceAll('-', ' ')}.`,
          ),
          ...list(check.reasons),
        ]
      : []),
    ...(winding
      ? text(
          [
            windingVerdictWords[winding.verdict],
            `${pairsRead.join(', ')}.`,
            ...roles.map((role) => `${role}.`),
          ].join(' '),
        )
      : []),
    ...(frame.length > 0
      ? text(`To the frame: ${frame.map((row) => `${row.pointA} ${row.typed}`).join(', ')}.`)
      : []),
  ]
}

export function verdict(snapshot: JobSnapshot): RecordItem[] {
  const decision = snapshot.decisions[0]
  const suspects = diagnosisOf(snapshot)
    .suspects.slice(0, 4)
    .map(({ cause, probability }) => `${causeInfo(cause).label.split(' (')[0]} ${formatPercent(probability)}`)
  return [
    ...(decision
      ? [
          ...text(`${causeInfo(decision.cause as CauseId).label}.`, 'bold'),
          ...text(
            `${decision.agreed ? 'Agreed' : 'Decided by the repairer'} at ${formatPercent(decision.probability)}, then: ${actionInfo(decision.action).label}${
              decision.option
                ? `; chosen: ${optionInfo[decision.option as OptionKind].label.toLowerCase()}`
                : ''
            }${decision.reason ? `. “${decision.reason}”` : '.'}`,
          ),
        ]
      : text('Nothing was decided.')),
    ...snapshot.beliefs.flatMap(({ stance, cause, reason }) =>
      text(
        `${stance === 'set' ? 'Taken as given' : 'Struck'} by the repairer: ${causeInfo(cause).label.toLowerCase()} (“${reason}”).`,
      ),
    ),
    ...text(`Suspects: ${suspects.join('; ')}.`, 'quiet'),
  ]
}
