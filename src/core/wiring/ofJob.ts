import { capacitorOf, fieldText, findingsOf, type JobSnapshot, oncePerSnapshot, windingOf } from '../job'
import { electronicKinds, isOf } from '../knowledge/motorKinds'
import { controlTerminals, dualTerminals, singleTerminals } from '../knowledge/terminals'
import { wrongTurnElsewhere } from '../knowledge/wrongTurn'
import type { WindingVerdict } from '../winding'
import { type WiringCheck, wireMotor } from '.'
import { checkWiring } from './check'
import {
  type CapacitorKind,
  capacitorKindOf,
  controlOf,
  jobMotor,
  readingsFirstOf,
  turnOf,
  wiredPart,
} from './motorOfJob'
import { reversalOf } from './reversal'
import type { Connection, WiringInput } from './types'

export { readingsFirstOf, type SpeedQuestion, speedQuestions } from './motorOfJob'

/** Terminals of a family's control, as they are offered where each lead lands. */
export function terminalsOf(snapshot: JobSnapshot): string[] {
  const { load, speeds = [], parks = [] } = controlTerminals[snapshot.machine.family]
  return [...speeds, ...parks, ...load, ...dualTerminals, ...singleTerminals, 'ground']
}

/** What a lead of a job is called that is none of the motor's: a jumper from a terminal. */
const JUMPER = 'jumper from '

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

/**
 * Where each lead of the job's motor lands by the planner that `cog wiring` uses; none with the reason where its readings do not
 * agree; null where there are none to go by.
 */
export const landingPlanOf = oncePerSnapshot(
  (snapshot): { landings: PlannedLanding[]; warnings: string[] } | null => {
    const first = readingsFirstOf(snapshot)
    if (first !== null) return { landings: [], warnings: [first] }
    const motor = jobMotor(snapshot)
    if (!motor) return null
    const plan = wireMotor({ op: 'plan', ...motor.input(capacitorKindOf(snapshot)) })
    return {
      landings: [
        ...plan.connections.map(({ lead, to, why }) => ({
          lead,
          role: motor.called(lead),
          terminal: to,
          capped: false,
          why,
        })),
        ...plan.cappedLeads.map(({ lead, why }) => ({
          lead,
          role: motor.called(lead),
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
      : dualTerminals.some((terminal) => used.includes(terminal))
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

/**
 * What has to be seen before the circuit can be judged, where nothing else is wrong with it; null where nothing is open. A
 * proposal whose one gap is a question is not called wrong.
 */
export function seeFirst(snapshot: JobSnapshot): string | null {
  const side = cSideQuestion(snapshot)
  const check = wiringCheckOf(snapshot)
  if (!check || check.ok || !side || side.terminals.includes(side.answer)) return null
  // What the circuit lacks without C's wire is current in the start winding, and nothing else.
  return check.problems.every(({ code }) => code === 'start-winding-dead')
    ? 'Say first on which terminal the wire of C sits: until then a part of the circuit is open, and nobody can judge it.'
    : null
}

/** Readings by which a motor gets no power, however its leads were landed: it is unsound, or nobody knows what it is. */
const heldVerdicts: WindingVerdict[] = ['grounded', 'shorted', 'open', 'inconsistent']

/** What the solved circuit says against power: the landings as they are drawn would harm the motor or somebody. Null where it has nothing against it. */
export function wiringHolds(snapshot: JobSnapshot): string | null {
  if (snapshot.landings.length === 0) return null
  const first = readingsFirstOf(snapshot)
  if (
    first !== null &&
    heldVerdicts.some((each) => each === windingOf(snapshot, wiredPart(snapshot))?.verdict)
  )
    return first
  const open = seeFirst(snapshot)
  if (open) return open
  const [problem] = wiringCheckOf(snapshot)?.problems ?? []
  return problem ? `By the circuit, this wiring is wrong: ${problem.text}` : null
}
