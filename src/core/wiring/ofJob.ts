import {
  capacitorOf,
  fieldText,
  findingsOf,
  type JobSnapshot,
  nominalVolts,
  oncePerSnapshot,
  windingOf,
} from '../job'
import { isGroundLead } from '../knowledge/groundLead'
import { capacitorKinds, electronicKinds, isOf } from '../knowledge/motorKinds'
import { controlTerminals, dualTerminals, singleTerminals } from '../knowledge/terminals'
import { wrongTurnElsewhere } from '../knowledge/wrongTurn'
import { typedValue } from '../units/parseTyped'
import type { WindingResult } from '../winding'
import { type WiringCheck, wireMotor } from '.'
import { checkWiring } from './check'
import { reversalOf } from './reversal'
import type { Connection, WiringInput, WiringLead } from './types'

/** Terminals of a family's control, as they are offered where each lead lands. */
export function terminalsOf(snapshot: JobSnapshot): string[] {
  const { load, speeds = [], parks = [] } = controlTerminals[snapshot.machine.family]
  return [...speeds, ...parks, ...load, ...dualTerminals, ...singleTerminals, 'ground']
}

/** What a lead of a job is called that is none of the motor's: a jumper from a terminal. */
const JUMPER = 'jumper from '

interface JobMotor {
  part: 'old' | 'new'
  leads: WiringLead[]
  input: (capacitor: CapacitorKind) => WiringInput
}

type CapacitorKind = WiringInput['capacitor']['kind']

/** The motor that is wired, by its ohms; null where they do not tell the roles (an electronic motor, leads not read). */
function jobMotor(snapshot: JobSnapshot): JobMotor | null {
  const part = snapshot.leads.some((lead) => lead.part === 'new') ? 'new' : 'old'
  const winding = windingOf(snapshot, part)
  const names = snapshot.leads.filter((lead) => lead.part === part).map((lead) => lead.name)
  if (!winding || names.length < 2) return null
  const leads = names.map((name) => leadOf(name, winding)).filter((lead) => lead !== null)
  const roles = leads.map((lead) => lead.role)
  if (leads.length < names.length) return null
  if (roles.filter((role) => role === 'common').length !== 1 || !roles.includes('run')) return null
  const motor = {
    leads,
    ...windingsOf(leads, winding),
    ...plateOf(snapshot, part),
    ...speedWantedOf(snapshot, leads),
  }
  return { part, leads, input: (kind) => ({ ...controlOf(snapshot, kind), ...turnOf(snapshot), motor }) }
}

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
  const part = snapshot.leads.some((lead) => lead.part === 'new') ? 'new' : 'old'
  const leads = windingOf(snapshot, part)?.speedsFastestFirst ?? []
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
function speedWantedOf(snapshot: JobSnapshot, leads: WiringLead[]): { speedWanted?: string } {
  const used = speedQuestions(snapshot).find(({ field }) => field === 'speed-used')?.answer
  const fits = leads.some(({ id, role }) => id === used && (role === 'run' || role === 'tap'))
  return used && fits ? { speedWanted: used } : {}
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
function turnOf(snapshot: JobSnapshot): Pick<WiringInput, 'rotationNow' | 'rotationWanted'> {
  const said = (field: string) => turns.find((turn) => turn === fieldText(snapshot, 'turn', field))
  const [rotationNow, rotationWanted] = [said('now'), said('wanted')]
  return rotationNow && rotationWanted ? { rotationNow, rotationWanted } : {}
}

const turns = ['CW', 'CCW'] as const

/** How the turn of the job's motor is changed, and what a wrong turn can be besides. */
export interface TurnAdvice {
  /** Null while the present or the wanted turn is not said, or both are the same. */
  method: { kind: string; text: string } | null
  /** The way that is refused, with its reason. */
  refused: string[]
  elsewhere: string[]
}

/**
 * Reversing, asked from Match and from Prove: refused where the windings differ, with what else blows air the wrong way.
 * A motor whose windings were not read is answered as one of which nothing is known.
 */
export function turnAdviceOf(snapshot: JobSnapshot): TurnAdvice {
  const elsewhere = wrongTurnElsewhere(snapshot.machine.family, findingsOf(snapshot))
  const kind = snapshot.machine.motorKind
  if (isOf(electronicKinds, kind))
    return {
      method: null,
      refused: ['An electronic motor turns as its board or module tells it; no leads change it.'],
      elsewhere,
    }
  const motor = jobMotor(snapshot)
  const capacitor = capacitorKindOf(snapshot)
  const { reversal, warnings } = reversalOf(
    motor?.input(capacitor) ?? {
      ...controlOf(snapshot, capacitor),
      ...turnOf(snapshot),
      motor: { leads: [], ...(kind ? { kind } : {}) },
    },
  )
  return {
    method: reversal ? { kind: reversal.method, text: reversal.text } : null,
    refused: warnings.map(({ text }) => text),
    elsewhere,
  }
}

/** One line of the wiring to be made: a lead or a jumper, where it lands, and why. */
export interface PlannedLanding {
  lead: string
  role: string
  terminal: string
  capped: boolean
  why: string
}

/** Where each lead of the job's motor lands by the planner that `cog wiring` uses; null where the ohms do not tell. */
export const landingPlanOf = oncePerSnapshot(
  (snapshot): { landings: PlannedLanding[]; warnings: string[] } | null => {
    const motor = jobMotor(snapshot)
    if (!motor) return null
    const plan = wireMotor({ op: 'plan', ...motor.input(capacitorKindOf(snapshot)) })
    const roleOf = (lead: string) => motor.leads.find(({ id }) => id === lead)?.role ?? ''
    return {
      landings: [
        ...plan.connections.map(({ lead, to, why }) => ({
          lead,
          role: roleOf(lead),
          terminal: to,
          capped: false,
          why,
        })),
        ...plan.cappedLeads.map(({ lead, why }) => ({
          lead,
          role: roleOf(lead),
          terminal: '',
          capped: true,
          why,
        })),
        ...plan.alsoConnect.map(({ from, to, why }) => ({
          lead: `${JUMPER}${from}`,
          role: 'jumper',
          terminal: to,
          capped: false,
          why,
        })),
      ],
      warnings: plan.warnings.map(({ text }) => text),
    }
  },
)

/** The landings of a job as `checkWiring` takes them. */
export interface LandedWiring {
  input: WiringInput
  connections: Connection[]
  jumpers: { from: string; to: string }[]
}

/**
 * The landings of a job as a circuit, solved as they are made and with no wire assumed; null while leads are still open,
 * or where the ohms do not tell the roles.
 */
export const wiringCheckOf = oncePerSnapshot((snapshot): WiringCheck | null => {
  const landed = landedWiringOf(snapshot)
  return landed ? checkWiring(landed.input, landed.connections, landed.jumpers) : null
})

/** What is landed where, and what it is landed on; null while leads are still open. */
export const landedWiringOf = oncePerSnapshot((snapshot): LandedWiring | null => {
  const motor = jobMotor(snapshot)
  if (!motor) return null
  const landed = new Map(snapshot.landings.map((landing) => [landing.lead, landing]))
  const settled = (name: string) => landed.get(name)?.capped || landed.get(name)?.terminal
  if (!motor.leads.every(({ id }) => settled(id))) return null
  const connections = motor.leads.flatMap(({ id }) => {
    const terminal = landed.get(id)?.terminal
    return terminal ? [{ lead: id, to: terminal }] : []
  })
  const known = [...terminalsOf(snapshot), ...motor.leads.map(({ id }) => id)]
  if (connections.some(({ to }) => !known.includes(to))) return null
  const jumpers = snapshot.landings.flatMap(({ lead, terminal }) =>
    lead.startsWith(JUMPER) && terminal ? [{ from: lead.slice(JUMPER.length), to: terminal }] : [],
  )
  const used = connections.map(({ to }) => to)
  const planned = capacitorKindOf(snapshot)
  const kind: CapacitorKind =
    planned === 'none'
      ? 'none'
      : used.includes('FAN') || used.includes('C')
        ? 'dual'
        : used.some((to) => singleTerminals.includes(to))
          ? 'single'
          : planned
  const input = motor.input(kind)
  // Terminals that this capacitor has not are still places where a lead may sit.
  const places = [...dualTerminals, ...singleTerminals].filter(
    (each) => !input.capacitor.terminals.includes(each),
  )
  return { input: withPlaces(input, places), connections, jumpers }
})

/** Terminals that lead nowhere are parks to the circuit: a lead on one of them is alone. */
const withPlaces = (input: WiringInput, places: string[]): WiringInput => ({
  ...input,
  control: { ...input.control, parkTerminals: [...(input.control.parkTerminals ?? []), ...places] },
})

/** The capacitor of the job by its label and the motor's kind. */
function capacitorKindOf(snapshot: JobSnapshot): CapacitorKind {
  const { label } = capacitorOf(snapshot, 'old')
  const { motorKind } = snapshot.machine
  if (!label && motorKind !== null && !capacitorKinds.includes(motorKind)) return 'none'
  const contactor = controlTerminals[snapshot.machine.family].kind === 'contactor'
  return (label?.sections.length ?? (contactor ? 2 : 1)) > 1 ? 'dual' : 'single'
}

/** The load terminals on which C's wire may sit, where a compressor hangs on the same capacitor: asked, never assumed. */
export function cSideQuestion(snapshot: JobSnapshot): { terminals: string[]; answer: string } | null {
  const { label } = capacitorOf(snapshot, 'old')
  const herm = label?.sections.some(({ section }) => section === 'HERM')
  // No compressor hangs on the capacitor of a blower that a board feeds.
  if (
    !herm ||
    capacitorKindOf(snapshot) !== 'dual' ||
    controlTerminals[snapshot.machine.family].kind === 'board'
  )
    return null
  return {
    terminals: [...controlTerminals[snapshot.machine.family].load],
    answer: fieldText(snapshot, 'wiring', 'c-side'),
  }
}

function leadOf(name: string, winding: WindingResult): WiringLead | null {
  if (isGroundLead(name)) return { id: name, role: 'ground' }
  const role = winding.roles[name]
  if (role === undefined || role === 'line') return null
  if (role !== 'capacitor') return { id: name, role }
  const twin = winding.sameLeads.find((group) => group.includes(name))?.find((each) => each !== name)
  return { id: name, role: 'capacitor-return', ...(twin ? { twinOf: twin } : {}) }
}

/** Ohms between the joints of the leads, as the winding tree has them. */
function windingsOf(leads: WiringLead[], winding: WindingResult): Pick<WiringInput['motor'], 'windings'> {
  const id = (role: WiringLead['role']) => leads.find((lead) => lead.role === role)?.id
  const [common, run, start] = [id('common'), id('run'), id('start')]
  const runOhm = common && run ? pathOhm(winding, common, run) : null
  if (!runOhm || !run) return {}
  const taps = leads.flatMap((lead) => {
    const ohm = lead.role === 'tap' ? pathOhm(winding, run, lead.id) : null
    return ohm ? [{ lead: lead.id, ohm }] : []
  })
  const startOhm = (common && start ? pathOhm(winding, common, start) : null) ?? 2 * runOhm
  return { windings: { runOhm, startOhm, ...(taps.length > 0 ? { taps } : {}) } }
}

/** Along the tree from one lead to another, in Ω; null where the way is open or there is none. */
function pathOhm({ tree }: WindingResult, from: string, to: string): number | null {
  const nodeOf = (lead: string) => tree.nodes.find((node) => node.leads.includes(lead))?.id
  const [first, last] = [nodeOf(from), nodeOf(to)]
  if (first === undefined || last === undefined) return null
  const known = new Map([[first, 0]])
  const open = [first]
  for (let at = open.shift(); at !== undefined; at = open.shift())
    for (const segment of tree.segments) {
      const other = segment.from === at ? segment.to : segment.to === at ? segment.from : null
      if (other === null || segment.ohm === null || known.has(other)) continue
      known.set(other, known.get(at)! + segment.ohm)
      open.push(other)
    }
  return known.get(last) ?? null
}

/** Supply, control and capacitor of the family, with the terminals named as they are offered. */
function controlOf(
  snapshot: JobSnapshot,
  kind: CapacitorKind,
): Pick<WiringInput, 'supply' | 'control' | 'capacitor'> {
  const { volts, hz } = nominalVolts(snapshot.household, snapshot.machine)
  const { label } = capacitorOf(snapshot, 'old')
  const { kind: controlKind, load, speeds, parks } = controlTerminals[snapshot.machine.family]
  const fan = label?.sections.find((section) => section.section === 'FAN') ?? label?.sections[0]
  const herm = label?.sections.find((section) => section.section === 'HERM')
  const side = fieldText(snapshot, 'wiring', 'c-side')
  return {
    supply: { volts, hz: hz ?? 60, lines: controlKind === 'contactor' ? ['L1', 'L2'] : ['L', 'N'] },
    control: {
      kind: controlKind,
      loadTerminals: load,
      ...(speeds ? { speedTerminals: speedTerminalsOf(snapshot, speeds) } : {}),
      ...(parks ? { parkTerminals: parks } : {}),
    },
    capacitor: {
      kind,
      ...(fan ? { uF: fan.uF } : {}),
      ...(kind === 'dual' && herm && controlKind !== 'board' ? { hermUf: herm.uF } : {}),
      terminals: kind === 'dual' ? dualTerminals : kind === 'single' ? singleTerminals : [],
      ...(kind === 'dual' && load.includes(side) ? { commonTiedTo: side } : {}),
    },
  }
}

/** What the motor's own plate asks for, where it was typed. */
function plateOf(snapshot: JobSnapshot, part: 'old' | 'new'): Partial<WiringInput['motor']> {
  const kind = snapshot.machine.motorKind
  const needsUf = part === 'old' ? typedValue(fieldText(snapshot, 'motor-old', 'capacitorUf'), 'uF') : null
  return { ...(kind ? { kind } : {}), ...(needsUf ? { needsUf } : {}) }
}

/** What the solved circuit says against power: the landings as they are drawn would harm the motor or somebody. Null where it has nothing against it. */
export function wiringHolds(snapshot: JobSnapshot): string | null {
  if (snapshot.landings.length === 0) return null
  const check = wiringCheckOf(snapshot)
  const [problem] = check?.problems ?? []
  return problem ? `By the circuit, this wiring is wrong: ${problem.text}` : null
}
