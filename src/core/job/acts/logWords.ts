import { pointName, wordsOfLabel } from '../../knowledge/breakWords'
import { isStopRule, vocabulary } from '../../knowledge/vocabulary'
import type { LogKind, LogRow } from '../rows'

type Words = (row: LogRow) => string

const withDetail = (row: LogRow): string => (row.detail ? ` (${row.detail})` : '')
const ruleLabel = (row: LogRow): string =>
  isStopRule(row.label) ? vocabulary.stopRules[row.label].label : row.label
const phases: Record<string, string> = {
  work: 'Power is to be made off again',
  'closing-up': 'Closing up begins',
  'live-test': 'Power comes on for a test',
  'in-service': 'The machine goes back into service',
}

const words: Record<LogKind, Words> = {
  opened: (row) => `${pointName(row.label)} is ${row.detail || (wordsOfLabel(row.label)?.open ?? 'opened')}`,
  closed: (row) =>
    `${pointName(row.label)} is ${row.detail || (wordsOfLabel(row.label)?.closed ?? 'closed')} again`,
  held: (row) =>
    row.detail
      ? `${pointName(row.label)} is held: ${row.detail}`
      : `Nobody says how ${pointName(row.label)} is held`,
  added: (row) => `${row.label} is added to the plan`,
  struck: (row) => `${row.label} is struck${withDetail(row)}`,
  restored: (row) => `${row.label} comes back into the plan`,
  planned: (row) => `Said before the proof: ${row.label}, ${row.detail}`,
  'proof-begun': (row) => `A proof of ${row.label} begins`,
  'tester-before': (row) => `The tester shows a known live source, ${row.label}`,
  'tester-after': (row) =>
    row.detail
      ? 'The plug is seen: out, in sight and tied back'
      : `The tester shows a known live source again, ${row.label}`,
  'switch-on': (row) => `${row.label} is set on for the readings`,
  'switch-off': (row) => `${row.label} is off and held again`,
  read: (row) => `Read ${row.label}: ${row.detail}`,
  'proof-failed': (row) => `The proof failed: ${row.detail}`,
  discharged: (row) => `${row.label} is discharged and reads ${row.detail}`,
  'still-charged': (row) => `${row.label} still reads ${row.detail}`,
  'wait-started': (row) => `${row.label}: a wait begins${withDetail(row)}`,
  voided: (row) =>
    row.label
      ? `${row.label} counts no more: ${row.detail}`
      : `What was proved, discharged and waited for is void: ${row.detail}`,
  phase: (row) => `${phases[row.label] ?? row.label}${withDetail(row)}`,
  'bypass-set': (row) => `${row.label} is held, bridged or temporary${withDetail(row)}`,
  'bypass-undone': (row) => `${row.label} is undone`,
  'bypass-withdrawn': (row) => `${row.label}: that it was held or bridged is taken back`,
  'short-isolation': (row) => `Short isolation for ${row.label}: ${row.detail}`,
  'part-out': (row) => `The ${row.label} is out of the machine${withDetail(row)}`,
  'part-back': (row) => `The ${row.label} is back in the machine`,
  'stop-raised': (row) => `Stop: ${ruleLabel(row)}${withDetail(row)}`,
  'stop-lifted': (row) => `The stop is lifted: ${ruleLabel(row)}${withDetail(row)}`,
  'stop-overridden': (row) => `Work goes on in spite of: ${ruleLabel(row)}${withDetail(row)}`,
  'taken-back': (row) => `Taken back: ${row.detail}`,
  'done-again': (row) => `Done again: ${row.detail}`,
  uncovered: (row) => `${row.label}: ${row.detail}`,
  'closed-job': (row) => `The job is closed: ${row.detail.replaceAll('-', ' ')}`,
  'reopened-job': (row) =>
    `The job is opened again${row.detail ? `: ${row.detail.replaceAll('-', ' ')}` : ''}`,
}

/**
 * One entry of the safety record as a sentence.
 * @example logSentence({ kind: 'opened', label: 'Circuit breaker', … }) // 'Circuit breaker is off.'
 */
export const logSentence = (row: LogRow): string =>
  `${words[row.kind]?.(row) ?? `${row.label} ${row.detail}`}${row.who ? `, by ${row.who}` : ''}.`
