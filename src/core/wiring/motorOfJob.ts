import {
  capacitorOf,
  fieldText,
  type JobSnapshot,
  nominalVolts,
  oncePerSnapshot,
  windingLeads,
  windingOf,
} from '../job'
import { chosenCapacitor, chosenMotor } from '../job/parts/candidates'
import { oldMotor } from '../job/parts/oldPart'
import { isGroundLead } from '../knowledge/groundLead'
import { capacitorKinds } from '../knowledge/motorKinds'
import { controlTerminals, dualTerminals, singleTerminals } from '../knowledge/terminals'
import { typedValue } from '../units/parseTyped'
import type { WindingResult } from '../winding'
import { readingsFirstText } from './readingsFirst'
import { shapeOf } from './shape'
import type { WiringInput, WiringLead } from './types'

export type CapacitorKind = WiringInput['capacitor']['kind']

export interface JobMotor {
  /** Every lead of the motor, with the role that the tree tells. */
  leads: WiringLead[]
  /** What a lead is called: its role, or what it does where the taps lie beyond the joint. */
  called: (lead: string) => string
  input: (capacitor: CapacitorKind) => WiringInput
}

/** The motor that is wired: the new one as soon as one of its leads is named. */
export const wiredPart = (snapshot: JobSnapshot): 'old' | 'new' =>
  snapshot.leads.some((lead) => lead.part === 'new') ? 'new' : 'old'

/**
 * The motor that is wired, by its measured tree; null where the readings do not agree or do not tell every lead (an electronic
 * motor, leads not read).
 */
export const jobMotor = oncePerSnapshot((snapshot): JobMotor | null => {
  const motor = measuredMotor(snapshot)
  if (!motor) return null
  const { neutral, speeds, starts, returns, spares, capacitorOnNeutral } = shapeOf(bare(snapshot, motor))
  const told = [...neutral, ...speeds, ...starts, ...returns, ...spares]
  const leads = motor.leads.map((lead) => told.find(({ id }) => id === lead.id) ?? lead)
  const wanted = speedWantedOf(snapshot, speeds)
  return {
    leads,
    called: (id) => {
      if (capacitorOnNeutral && neutral.some((lead) => lead.id === id)) return 'neutral-end'
      if (capacitorOnNeutral && speeds[0]?.id === id) return 'fastest'
      return leads.find((lead) => lead.id === id)?.role ?? ''
    },
    input: (kind) => ({
      ...controlOf(snapshot, kind),
      ...turnOf(snapshot),
      motor: { ...motor, ...wanted },
    }),
  }
})

/** Why no lead can land yet; null where the readings agree, or where there is none. */
export function readingsFirstOf(snapshot: JobSnapshot): string | null {
  const part = wiredPart(snapshot)
  const winding = windingOf(snapshot, part)
  return winding && winding.verdict !== 'good'
    ? readingsFirstText(winding.verdict, readAgainOf(winding), windingLeads(snapshot, part))
    : null
}

/** Leads and tree as they were read, and what the plate asks for. */
const measuredMotor = oncePerSnapshot((snapshot): WiringInput['motor'] | null => {
  const part = wiredPart(snapshot)
  const winding = windingOf(snapshot, part)
  const names = snapshot.leads.filter((lead) => lead.part === part).map((lead) => lead.name)
  if (winding?.verdict !== 'good' || names.length < 2) return null
  const leads = names.flatMap((name) => leadOf(name, winding) ?? [])
  if (leads.length < names.length || !leads.some(({ role }) => role === 'common')) return null
  return { leads, tree: winding.tree, verdict: winding.verdict, ...plateOf(snapshot, part) }
})

/** The motor alone on its supply: enough to tell its shape. */
const bare = (snapshot: JobSnapshot, motor: WiringInput['motor']): WiringInput => {
  const { load, kind } = controlTerminals[snapshot.machine.family]
  return {
    supply: supplyOf(snapshot),
    control: { kind, loadTerminals: load },
    capacitor: { kind: 'none', terminals: [] },
    motor,
  }
}

const supplyOf = (snapshot: JobSnapshot): WiringInput['supply'] => {
  const { volts, hz } = nominalVolts(snapshot.household, snapshot.machine)
  const isContactor = controlTerminals[snapshot.machine.family].kind === 'contactor'
  return { volts, hz: hz ?? 60, lines: isContactor ? ['L1', 'L2'] : ['L', 'N'] }
}

/** The leads of the speeds, the fastest first, as the measured tree has them. */
function speedNames(snapshot: JobSnapshot): string[] {
  const motor = measuredMotor(snapshot)
  return motor
    ? shapeOf(bare(snapshot, motor)).speeds.map(({ id }) => id)
    : (windingOf(snapshot, wiredPart(snapshot))?.speedsFastestFirst ?? [])
}

/** The pairs that would settle what the readings leave open. */
const readAgainOf = ({ faults, missing }: WindingResult): [string, string][] => [
  ...faults.flatMap(({ kind, leads }): [string, string][] => {
    const [one, other] = leads
    return ['inconsistent', 'shorted'].includes(kind) && leads.length === 2 && one && other
      ? [[one, other]]
      : []
  }),
  ...missing,
]

/** One speed lead to choose, for a terminal of the board or for a motor whose control has none. */
export interface SpeedQuestion {
  field: string
  label: string
  leads: string[]
  answer: string
}

/**
 * Which speeds were in use: asked, since the ohms tell the order of the speeds and not which of them the machine uses. None
 * where the motor has one speed or its leads are not read.
 */
export function speedQuestions(snapshot: JobSnapshot): SpeedQuestion[] {
  const leads = speedNames(snapshot)
  if (leads.length < 2) return []
  const { kind, speeds = [] } = controlTerminals[snapshot.machine.family]
  const ask = (field: string, label: string): SpeedQuestion => ({
    field,
    label,
    leads,
    answer: leads.find((lead) => lead === fieldText(snapshot, 'wiring', field)) ?? '',
  })
  return kind === 'board'
    ? speeds.map((terminal) => ask(`speed-${terminal}`, `Which speed was on ${terminal}`))
    : [ask('speed-used', 'Which speed is used')]
}

/** The speed that is used, where the control has one terminal for all of them. */
function speedWantedOf(snapshot: JobSnapshot, speeds: WiringLead[]): { speedWanted?: string } {
  const used = speedQuestions(snapshot).find(({ field }) => field === 'speed-used')?.answer
  return speeds.some(({ id }) => id === used) ? { speedWanted: used } : {}
}

/** The speed terminals of a board, each with the lead that was on it, where it was said; no lead twice. */
function speedTerminalsOf(snapshot: JobSnapshot, terminals: string[]): { terminal: string; lead?: string }[] {
  const questions = speedQuestions(snapshot)
  const taken = new Set<string>()
  return terminals.map((terminal) => {
    const lead = questions.find(({ field }) => field === `speed-${terminal}`)?.answer ?? ''
    if (!lead || taken.has(lead)) return { terminal }
    taken.add(lead)
    return { terminal, lead }
  })
}

/** Present and wanted turn, seen from the shaft end, where the person said both. */
export function turnOf(snapshot: JobSnapshot): Pick<WiringInput, 'rotationNow' | 'rotationWanted'> {
  const said = (field: string) => turns.find((turn) => turn === fieldText(snapshot, 'turn', field))
  const [rotationNow, rotationWanted] = [said('now'), said('wanted')]
  return rotationNow && rotationWanted ? { rotationNow, rotationWanted } : {}
}

const turns = ['CW', 'CCW'] as const

/** The capacitor of the job by its label and the motor's kind. */
export function capacitorKindOf(snapshot: JobSnapshot): CapacitorKind {
  const { label } = capacitorOf(snapshot, 'old')
  const { motorKind } = snapshot.machine
  if (!label && motorKind !== null && !capacitorKinds.includes(motorKind)) return 'none'
  const contactor = controlTerminals[snapshot.machine.family].kind === 'contactor'
  return (label?.sections.length ?? (contactor ? 2 : 1)) > 1 ? 'dual' : 'single'
}

function leadOf(name: string, winding: WindingResult): WiringLead | null {
  if (isGroundLead(name)) return { id: name, role: 'ground' }
  const role = winding.roles[name]
  if (role === undefined || role === 'line') return null
  if (role !== 'capacitor') return { id: name, role }
  const twin = winding.sameLeads.find((group) => group.includes(name))?.find((each) => each !== name)
  return { id: name, role: 'capacitor-return', ...(twin ? { twinOf: twin } : {}) }
}

/** Supply, control and capacitor of the family, with the terminals named as they are offered. */
export function controlOf(
  snapshot: JobSnapshot,
  kind: CapacitorKind,
): Pick<WiringInput, 'supply' | 'control' | 'capacitor'> {
  const { label } = capacitorOf(snapshot, 'old')
  const { kind: controlKind, load, speeds, parks } = controlTerminals[snapshot.machine.family]
  const uF = fanUf(snapshot)
  const herm = label?.sections.find((section) => section.section === 'HERM')
  const side = fieldText(snapshot, 'wiring', 'c-side')
  return {
    supply: supplyOf(snapshot),
    control: {
      kind: controlKind,
      loadTerminals: load,
      ...(speeds ? { speedTerminals: speedTerminalsOf(snapshot, speeds) } : {}),
      ...(parks ? { parkTerminals: parks } : {}),
    },
    capacitor: {
      kind,
      ...(uF === undefined ? {} : { uF }),
      ...(kind === 'dual' && herm && controlKind !== 'board' ? { hermUf: herm.uF } : {}),
      terminals: kind === 'dual' ? dualTerminals : kind === 'single' ? singleTerminals : [],
      ...(kind === 'dual' && load.includes(side) ? { commonTiedTo: side } : {}),
    },
  }
}

/** What the motor's own plate asks for: the new one's as it was chosen, the old one's as it was typed. */
function plateOf(snapshot: JobSnapshot, part: 'old' | 'new'): Partial<WiringInput['motor']> {
  const kind = snapshot.machine.motorKind
  const spec = part === 'new' ? chosenMotor(snapshot) : oldMotor(snapshot)
  const typedUf = part === 'old' ? typedValue(fieldText(snapshot, 'motor-old', 'capacitorUf'), 'uF') : null
  const needsUf = part === 'new' ? spec?.capacitor?.uF : typedUf
  const volts = nearest(spec?.voltages ?? [], nominalVolts(snapshot.household, snapshot.machine).volts)
  return {
    ...(kind ? { kind } : {}),
    ...(needsUf ? { needsUf } : {}),
    ...(volts === null ? {} : { volts }),
  }
}

/** Of the voltages that a plate names the one that is meant for this supply. */
const nearest = (voltages: number[], supply: number): number | null =>
  [...voltages].sort((one, two) => Math.abs(one - supply) - Math.abs(two - supply))[0] ?? null

/** µF at the fan's leads: of the new capacitor as soon as one was chosen or its label typed. */
function fanUf(snapshot: JobSnapshot): number | undefined {
  const old = capacitorOf(snapshot, 'old').label?.sections
  const fresh = capacitorOf(snapshot, 'new').label?.sections ?? chosenCapacitor(snapshot)?.sections
  const fanOf = (sections: typeof old) =>
    sections?.find(({ section }) => section === 'FAN') ?? (sections?.length === 1 ? sections[0] : undefined)
  // A single can beside a dual may be the compressor's.
  const isOwn = fresh?.some(({ section }) => section === 'FAN') || (old?.length ?? 1) === 1
  return ((isOwn ? fanOf(fresh) : undefined) ?? fanOf(old) ?? old?.[0])?.uF
}
