import { chargesOf, waitsOf } from '../isolation'
import { isolationPlans, twoHotFamilies } from '../knowledge/isolation'
import type { Template } from '../knowledge/templates'
import { vocabulary } from '../knowledge/vocabulary'
import { chargeLabels } from './energy/chargeLabels'
import type { ChargeKind, ChargeRow, HouseholdRow, LedgerRow, MachineRow, PointRow, WaitRow } from './rows'

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
      held: '',
      proposal: planned.held,
      feed: 0,
      openedAt: null,
      changedAt: null,
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
      planned: 1,
      struckAt: null,
      strikeReason: '',
    }),
  )
  const charges = chargesOf(machine).map((holds, index) => newCharge(id(), jobId, index, holds))
  return { points, waits, charges }
}

export function newCharge(id: string, jobId: string, position: number, holds: ChargeKind = 'run'): ChargeRow {
  return {
    id,
    jobId,
    label: chargeLabels[holds],
    position,
    capacitanceTyped: '',
    voltsTyped: '',
    resistorTyped: '20k',
    dischargedAt: null,
    typed: '',
    volts: null,
    readAt: null,
    planned: 1,
    terminals: null,
    holds,
    struckAt: null,
    strikeReason: '',
  }
}

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
      ofPart: line.of ?? null,
      asks: line.asks ?? null,
      movesToNewPart: line.movesToNewPart ? 1 : 0,
      renewMaterial: line.renew?.material ?? '',
      cureHours: line.renew?.cureHours ?? null,
      switchKind: line.switch ?? null,
      temporary: line.temporary ? 1 : 0,
      access: line.access ?? '',
      frees: line.frees ?? '',
      benchOf: line.bench ? template.takesOut : '',
      handsOff: line.handsOff ? 1 : 0,
      caution: line.caution ?? '',
      cover: line.access ? 'planned' : null,
      // What a template names as gas carries fuel; its other hoses and tubes carry water, air or flue gas.
      carries: /\bgas\b/.test(line.part) ? 'fuel' : 'water-or-air',
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
    figure: null,
    ofPart: null,
    backFigure: null,
    without: null,
    asks: null,
    movesToNewPart: 0,
    renewMaterial: '',
    cureHours: null,
    switchKind: null,
    temporary: 0,
    extra: 0,
    access: '',
    frees: '',
    benchOf: '',
    handsOff: 0,
    caution: '',
    cover: null,
    carries: null,
    donePeriod: null,
    backPeriod: null,
    doneAt: null,
    backDoneAt: null,
    backAfter: null,
    backMovedAt: null,
    doneCover: '',
    backCover: '',
    struckAt: null,
    strikeReason: '',
    shortStep: 0,
    shortBy: '',
  }
}
