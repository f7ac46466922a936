import { capacitorOf, fieldText, type JobSnapshot, nominalVolts, oncePerSnapshot, windingOf } from '../job'
import { capacitorKinds } from '../knowledge/priors'
import { typedValue } from '../units/parseTyped'
import type { WindingResult } from '../winding'
import { type WiringCheck, wireMotor } from '.'
import type { WiringInput, WiringLead } from './types'

/** Terminals of a family's control, as they are offered where each lead lands. */
export function terminalsOf(snapshot: JobSnapshot): string[] {
  switch (snapshot.machine.family) {
    case 'outdoor-unit-fan':
      return ['contactor load 1', 'contactor load 2', 'C', 'FAN', 'HERM', 'own capacitor', 'ground']
    case 'furnace-blower':
      return ['COOL', 'HEAT', 'PARK', 'neutral', 'capacitor 1', 'capacitor 2', 'ground']
    default:
      return ['line', 'neutral', 'C', 'FAN', 'capacitor 1', 'capacitor 2', 'ground']
  }
}

/**
 * The landings of a job as a circuit, solved; null while leads are still open, or where the ohms do not tell the roles
 * (an electronic motor, a capacitor of the fan's own beside the dual).
 */
export const wiringCheckOf = oncePerSnapshot((snapshot): WiringCheck | null => {
  const part = snapshot.leads.some((lead) => lead.part === 'new') ? 'new' : 'old'
  const winding = windingOf(snapshot, part)
  const names = snapshot.leads.filter((lead) => lead.part === part).map((lead) => lead.name)
  const landed = new Map(snapshot.landings.map((landing) => [landing.lead, landing]))
  const settled = names.every((name) => landed.get(name)?.capped || landed.get(name)?.terminal)
  if (!winding || !settled || names.length < 2) return null
  const leads = names.map((name) => leadOf(name, winding))
  if (leads.some((lead) => lead === null)) return null
  const roles = leads.map((lead) => lead!.role)
  if (roles.filter((role) => role === 'common').length !== 1 || !roles.includes('run')) return null
  const connections = names.flatMap((name) => {
    const terminal = landed.get(name)!.terminal
    return terminal ? [{ lead: name, to: terminal }] : []
  })
  if (connections.some(({ to }) => to === 'own capacitor')) return null
  const motor = { leads: leads as WiringLead[], ...windingsOf(leads as WiringLead[], winding) }
  const input = {
    ...controlOf(
      snapshot,
      connections.map(({ to }) => to),
    ),
    motor: { ...motor, ...plateOf(snapshot, part) },
  }
  return wireMotor({ op: 'check', ...input, connections }).check
})

function leadOf(name: string, winding: WindingResult): WiringLead | null {
  if (/ground|earth|^green/i.test(name)) return { id: name, role: 'ground' }
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
  used: string[],
): Pick<WiringInput, 'supply' | 'control' | 'capacitor'> {
  const { volts, hz } = nominalVolts(snapshot.household, snapshot.machine)
  const { label } = capacitorOf(snapshot, 'old')
  const supply = { volts, hz: hz ?? 60 }
  const { family, motorKind } = snapshot.machine
  const none = !label && motorKind !== null && !capacitorKinds.includes(motorKind)
  const fan = label?.sections.find((section) => section.section === 'FAN') ?? label?.sections[0]
  const herm = label?.sections.find((section) => section.section === 'HERM')
  const uF = fan ? { uF: fan.uF } : {}
  const dual = {
    kind: 'dual' as const,
    ...uF,
    ...(herm ? { hermUf: herm.uF } : {}),
    terminals: ['C', 'FAN', 'HERM'],
  }
  const single = {
    kind: 'single' as const,
    ...uF,
    terminals: ['capacitor 2', 'capacitor 1'],
    // Where no lead feeds its near side, the line does.
    ...(used.includes('capacitor 2') ? {} : { commonTiedTo: 'line' }),
  }
  if (family === 'outdoor-unit-fan')
    return {
      supply: { ...supply, lines: ['L1', 'L2'] },
      control: { kind: 'contactor', loadTerminals: ['contactor load 1', 'contactor load 2'] },
      capacitor: none
        ? { kind: 'none', terminals: ['C', 'FAN', 'HERM'] }
        : { ...dual, commonTiedTo: 'contactor load 2' },
    }
  const plain = { ...supply, lines: ['L', 'N'] as [string, string] }
  const capacitor = none
    ? { kind: 'none' as const, terminals: ['C', 'FAN', 'capacitor 1', 'capacitor 2'] }
    : used.includes('FAN') || used.includes('C')
      ? { ...dual, commonTiedTo: 'line' }
      : single
  return family === 'furnace-blower'
    ? {
        supply: plain,
        control: {
          kind: 'board',
          loadTerminals: ['line', 'neutral'],
          speedTerminals: [{ terminal: 'COOL' }, { terminal: 'HEAT' }],
          parkTerminals: ['PARK'],
        },
        capacitor,
      }
    : { supply: plain, control: { kind: 'switch', loadTerminals: ['line', 'neutral'] }, capacitor }
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
