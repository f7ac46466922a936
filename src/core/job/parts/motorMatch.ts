import { outdoorFamilies } from '../../knowledge/familyTraits'
import { boardFedKinds, isOf } from '../../knowledge/motorKinds'
import { vocabulary } from '../../knowledge/vocabulary'
import {
  type CapacitorMatchInput,
  type CapSpec,
  type ChainLink,
  chainFrom,
  type MotorMatchInput,
  type MotorSpec,
  type Position,
} from '../../match'
import { typedValue } from '../../units/parseTyped'
import { windingOf } from '../evidence/derive'
import { fieldText } from '../fields'
import { nominalVolts } from '../plant'
import type { JobSnapshot, MachineRow } from '../rows'
import { lengthsOf, oldCapacitor, oldMotor } from './oldPart'
import { hasNoCapacitor } from './partsNeeded'

const positions: Position[] = ['shaft-up', 'shaft-down', 'horizontal']

/**
 * All that the job knows of the motor that is looked for: its plate and sizes, the household's supply where the plate is not
 * read, the weather where the family stands in it, and the speeds that its leads show.
 */
export function motorMatchInputOf(snapshot: JobSnapshot, candidates: MotorSpec[]): MotorMatchInput {
  const text = (field: string) => fieldText(snapshot, 'motor-old', field)
  const position = positions.find((each) => each === text('position'))
  const outdoors = text('outdoors')
    ? text('outdoors') === 'yes'
    : outdoorFamilies.includes(snapshot.machine.family)
  const speedsUsed = typedValue(text('speedsUsed'), 'count')
  const controlAmps = typedValue(text('controlAmps'), 'amps')
  const plate = oldMotor(snapshot)
  const speeds = plate.speeds ?? speedsOfLeads(snapshot)
  const { motorKind } = snapshot.machine
  const onBoard = isOf(boardFedKinds, motorKind)
  const supply = onBoard ? null : nominalVolts(snapshot.household, snapshot.machine)
  const direct = isDirectCurrent(snapshot)
  const noCapacitor = direct || hasNoCapacitor(snapshot)
  return {
    old: {
      // Where the kind runs without one, or on a battery, none is missing of the old one.
      ...(noCapacitor ? { capacitor: null } : {}),
      ...plate,
      ...(speeds === undefined ? {} : { speeds }),
      ...(plate.hz === undefined && supply?.hz ? { hz: [supply.hz] } : {}),
    },
    candidates,
    recorded: recordedLinks(snapshot),
    ...(direct ? { directCurrent: true } : {}),
    ...(plate.voltages === undefined && supply
      ? { supplyVolts: supply.volts, boardMayFeed: mayBeFedByBoard(snapshot.machine) }
      : {}),
    ...(position ? { position } : {}),
    outdoors,
    ...(controlAmps === null ? {} : { controlAmps }),
    ...(speedsUsed === null ? {} : { speedsUsed }),
    measuredWith: text('measuredWith') === 'calipers' ? 'calipers' : 'ruler',
  }
}

/** Fed by a battery: its plate has no frequency and no capacitor. */
export const isDirectCurrent = ({ household, machine }: JobSnapshot): boolean =>
  nominalVolts(household, machine).hz === null
/** What a plate says of a motor on alternating current alone. */
export const alternatingOnly = ['hz', 'capacitorUf', 'capacitorVolts']

/** Nobody knows the volts of a motor of no known kind where the family has some on a board: 12 V are as likely as the mains. */
const mayBeFedByBoard = ({ motorKind, family }: MachineRow): boolean =>
  !motorKind && vocabulary.families[family].typicalMotorKinds.some((kind) => isOf(boardFedKinds, kind))

/** As many steps as somebody at a counter may name: no part of a household was renumbered more often. */
export const MOST_LINKS = 6

/** Where a step of the chain is kept among the fields of a job; the first one as it always was. */
export const linkField = (index: number, field: 'from' | 'number' | 'by'): string =>
  index === 0 ? field : `${field}-${index + 1}`

/** What somebody at a counter said: each step by its place, from the number that it names, else from the one before it. */
export function recordedLinks(snapshot: JobSnapshot): ChainLink[] {
  const text = (part: string, field: string) => fieldText(snapshot, part, field).trim()
  let last = text('motor-old', 'partNumber')
  const links: ChainLink[] = []
  for (let index = 0; index < MOST_LINKS; index++) {
    const to = text('chain', linkField(index, 'number'))
    const from = text('chain', linkField(index, 'from')) || last
    if (!from || !to) continue
    links.push({ from, to, by: text('chain', linkField(index, 'by')) || 'you' })
    last = to
  }
  return links
}

/** All that is declared of numbers that replace the old one: by the person, and by the parts of the shelf and the lists. */
export const chainOf = (snapshot: JobSnapshot, declared: ChainLink[]): ChainLink[] =>
  chainFrom(fieldText(snapshot, 'motor-old', 'partNumber').trim(), [...recordedLinks(snapshot), ...declared])

/** What the job knows of the capacitor that is looked for: its label, and what the motor's plate asks for; null without a label. */
export function capacitorMatchInputOf(
  snapshot: JobSnapshot,
  candidates: CapSpec[],
): CapacitorMatchInput | null {
  const old = oldCapacitor(snapshot)
  if (!old) return null
  const uF = typedValue(fieldText(snapshot, 'motor-old', 'capacitorUf'), 'uF')
  const volts = typedValue(fieldText(snapshot, 'motor-old', 'capacitorVolts'), 'volts')
  return {
    old: { ...old, ...canOf(snapshot) },
    candidates,
    ...(uF === null ? {} : { motorNeeds: { uF, ...(volts === null ? {} : { volts }) } }),
  }
}

/** The old can's size and shape, where somebody measured it. */
function canOf(snapshot: JobSnapshot): Partial<CapacitorMatchInput['old']> {
  const text = (field: string) => fieldText(snapshot, 'capacitor-old', field)
  const [across, height] = [text('diameterMm'), text('heightMm')].map((typed) =>
    typedValue(typed, 'mm', lengthsOf(snapshot)),
  )
  const shape = text('shape')
  return {
    ...(across == null ? {} : { diameterMm: across }),
    ...(height == null ? {} : { heightMm: height }),
    ...(shape === 'round' || shape === 'oval' ? { shape } : {}),
  }
}

/** Speeds that a mapped motor shows, where the map stands. */
function speedsOfLeads(snapshot: JobSnapshot): number | undefined {
  const winding = windingOf(snapshot, 'old')
  const speeds = winding?.verdict === 'good' ? winding.speedsFastestFirst.length : 0
  return speeds > 0 ? speeds : undefined
}
