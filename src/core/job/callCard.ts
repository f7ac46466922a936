import { shortCauses } from '../knowledge/shortCauses'
import { stopInfo } from '../knowledge/stops'
import { familyLabel, vocabulary } from '../knowledge/vocabulary'
import { noticed } from '../record/found'
import { formatPercent } from '../units'
import { activeStops } from './energy/stops'
import { derivedFindings, diagnosisOf } from './evidence/derive'
import type { JobSnapshot } from './rows'
import { titleAndPlace } from './title'

/** What somebody who comes to do it has to know, on one card. */
export interface CallCard {
  title: string
  /** What it is: kind, numbers, supply. */
  machine: [string, string][]
  /** In the person's own words. */
  said: string
  /** Signs that stopped the job. */
  stops: string[]
  found: [string, string][]
  read: string[]
  /** What it may be, the likeliest first. */
  maybe: string[]
  /** What is off, how it is held, and what is not proved. */
  power: string[]
  ask: string
}

const LEAST_SHARE = 0.1

/** A card to show or to read out to somebody who is called: what is known, what was done, what was not. */
export function callCard(snapshot: JobSnapshot, proven: boolean): CallCard {
  const { machine, job, points } = snapshot
  const { suspects } = diagnosisOf(snapshot)
  const known = (name: string, value: string): [string, string][] => (value ? [[name, value]] : [])
  return {
    title: titleAndPlace(machine),
    machine: [
      ['Kind', familyLabel(machine.family)],
      ...known('Maker and model', machine.modelNumber),
      ...known('Serial number', machine.serialNumber),
      ...known('Breaker', machine.circuit ?? ''),
    ],
    said: job.symptom,
    stops: activeStops(snapshot).map(
      ({ rule }) => `${vocabulary.stopRules[rule].label}. ${stopInfo[rule].call}`,
    ),
    found: noticed(snapshot),
    read: derivedFindings(snapshot).map(({ from }) => from),
    maybe: suspects
      .filter(({ probability }) => probability >= LEAST_SHARE)
      .map(({ cause, probability }) => `${shortCauses[cause]}, ${formatPercent(probability)}`),
    power: [
      ...points
        .filter(({ struckAt }) => !struckAt)
        .map(({ label, openedAt, held }) =>
          openedAt ? `${label}: off${held ? `, ${held}` : ', not held'}` : `${label}: not switched off`,
        ),
      proven ? 'It was proved dead with a meter; prove it again.' : 'It was not proved dead.',
    ],
    ask: 'Please find the fault, mend it or say what it costs, and say what was wrong.',
  }
}
