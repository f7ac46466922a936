import { dischargeNeeded, pairsOfFeeds, waitsOf } from '../isolation'
import { isolationPlans, twoHotFamilies } from '../knowledge/isolation'
import type { Template } from '../knowledge/templates'
import { vocabulary } from '../knowledge/vocabulary'
import type { ChargeRow, FieldRow, HouseholdRow, LedgerRow, MachineRow, PointRow, WaitRow } from './rows'

/** The isolation plan of a machine as rows of a new job. `id` makes one id per call. */
export function plantedPlan(
  jobId: string,
  machine: MachineRow,
  id: () => string,
): { points: PointRow[]; waits: WaitRow[]; charges: ChargeRow[] } {
  const plan = isolationPlans[machine.family]
  const points = plan.points.map(
    (planned, index): PointRow => ({
      id: id(),
      jobId,
      point: planned.point,
      label: vocabulary.isolationPoints[planned.point],
      position: index,
      held: planned.held,
      openedAt: null,
      struckAt: null,
      strikeReason: '',
    }),
  )
  const waits = waitsOf(machine).map(
    (wait, index): WaitRow => ({
      id: id(),
      jobId,
      kind: wait.kind,
      label: wait.label,
      minutes: wait.minutes,
      why: wait.why,
      position: index,
      startedAt: null,
      struckAt: null,
      strikeReason: '',
    }),
  )
  return { points, waits, charges: hasCapacitor(machine) ? [newCharge(id(), jobId, 0)] : [] }
}

export const hasCapacitor = (machine: MachineRow): boolean => dischargeNeeded(machine)

export function newCharge(id: string, jobId: string, position: number): ChargeRow {
  return {
    id,
    jobId,
    label: 'Run capacitor',
    position,
    capacitanceTyped: '',
    voltsTyped: '',
    resistorTyped: '20k',
    dischargedAt: null,
    typed: '',
    volts: null,
    readAt: null,
    struckAt: null,
    strikeReason: '',
  }
}

/** Circuits that feed the housing, as the person counted them; one where they did not. */
export function feedsOf(fields: FieldRow[]): number {
  const typed = Number(fields.find((row) => row.part === 'plan' && row.field === 'feeds')?.typed)
  return Number.isInteger(typed) && typed >= 1 && typed <= 4 ? typed : 1
}

/** Conductor pairs of the proof, by region, family and feeds. */
export const pairsOf = ({
  household,
  machine,
  fields,
}: {
  household: HouseholdRow
  machine: MachineRow
  fields: FieldRow[]
}): string[] => pairsOfFeeds({ family: machine.family, region: household.region, feeds: feedsOf(fields) })

/** Nominal supply of the region: 240 V for what hangs on both legs, else 120 V, 230 V or 12 V. */
export function nominalVolts(
  household: HouseholdRow,
  machine: MachineRow,
): { volts: number; hz: number | null } {
  if (isolationPlans[machine.family].supply === 'battery') return { volts: 12, hz: null }
  if (household.region === 'europe') return { volts: 230, hz: 50 }
  return { volts: twoHotFamilies.includes(machine.family) ? 240 : 120, hz: 60 }
}

/** Ledger rows of a template, after the lines that are there already. */
export function plantedLedger(
  jobId: string,
  template: Template,
  from: number,
  id: () => string,
): LedgerRow[] {
  return template.lines.map(
    (line, index): LedgerRow => ({
      ...emptyLine(id(), jobId, from + index),
      action: line.action,
      part: line.part,
      count: line.count ?? null,
      fastener: line.fastener ?? '',
      cup: line.cup ?? '',
      terminal: line.terminal ?? '',
      mark: line.mark ?? '',
      movesToNewPart: line.movesToNewPart ? 1 : 0,
      renewMaterial: line.renew?.material ?? '',
      cureHours: line.renew?.cureHours ?? null,
      switchKind: line.switch ?? null,
      temporary: line.temporary ? 1 : 0,
      bench: line.bench ? 1 : 0,
      handsOff: line.handsOff ? 1 : 0,
      caution: line.caution ?? '',
    }),
  )
}

export function emptyLine(id: string, jobId: string, position: number): LedgerRow {
  return {
    id,
    jobId,
    position,
    action: 'unscrew',
    part: '',
    count: null,
    fastener: '',
    cup: '',
    terminal: '',
    mark: '',
    movesToNewPart: 0,
    renewMaterial: '',
    cureHours: null,
    switchKind: null,
    temporary: 0,
    extra: 0,
    bench: 0,
    handsOff: 0,
    caution: '',
    doneAt: null,
    backDoneAt: null,
  }
}
