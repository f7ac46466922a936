import { newMachine } from '../../job/acts/blank'
import { circuitName, isSameCircuit } from '../../job/energy/circuit'
import type { MachineRow } from '../../job/rows'
import { titleAndPlace } from '../../job/title'
import { isFamily, type MotorKindId } from '../../knowledge/vocabulary'
import { houseRefusal } from '../refusals'
import type { HouseRows, LifeRow, MachineBreakerRow } from '../rows'
import { change, dayOrNone, figureOrNone, known, latestDay, pastDay, planned } from './changes'
import type { MachineFields } from './inputs'
import type { HouseRoom } from './types'

/** Machines: brought in, described, moved, retired, and two that turn out to be one. */
export const machineActs: HouseRoom<
  'machine.add' | 'machine.change' | 'machine.retire' | 'machine.return' | 'machine.merge'
> = {
  'machine.add': (rows, act, { now, newId }) => {
    if (!isFamily(act.family)) throw houseRefusal('unknown-row')
    const at = new Date(now).toISOString()
    const bare = newMachine(newId(), 'home', act.family, {}, at)
    const machine = described(bare, act)
    refuseTwin(rows, machine)
    return planned(
      'machine.added',
      { title: titleAndPlace(machine) },
      change('machine', null, machine),
      besideOf(rows, machine, act, at),
    )
  },

  'machine.change': (rows, act, { now }) => {
    const before = machineOf(rows, act.id)
    const machine = described(before, act)
    if (restsOn(before, machine) && hasOpenJob(rows, act.id))
      throw houseRefusal('open-job/change', titleAndPlace(before))
    if (machine.family !== before.family && rows.jobs.some(({ machineId }) => machineId === act.id))
      throw houseRefusal('has-jobs')
    refuseTwin(rows, machine)
    return planned(
      'machine.changed',
      { title: titleAndPlace(machine) },
      change('machine', before, machine),
      besideOf(rows, machine, act, new Date(now).toISOString()),
    )
  },

  'machine.retire': (rows, act, { now }) => {
    const machine = machineOf(rows, act.id)
    const title = titleAndPlace(machine)
    if (hasOpenJob(rows, act.id)) throw houseRefusal('open-job/retire', title)
    const before = rows.lives.find(({ id }) => id === act.id) ?? null
    const retiredAt =
      pastDay(act.at, 'Out of use since', latestDay(now)) || new Date(now).toISOString().slice(0, 10)
    const after = { ...(before ?? newLife(act.id)), retiredAt, retiredWhy: (act.why ?? '').trim() }
    return planned('machine.retired', { title }, change('machine_life', before, after))
  },

  'machine.return': (rows, act) => {
    const machine = machineOf(rows, act.id)
    const before = known(rows.lives, act.id)
    const after = { ...before, retiredAt: null, retiredWhy: '' }
    return planned(
      'machine.returned',
      { title: titleAndPlace(machine) },
      change('machine_life', before, after),
    )
  },

  'machine.merge': (rows, act, { measuredOf }) => {
    const [from, into] = [machineOf(rows, act.id), machineOf(rows, act.into)]
    refuseUnlike(rows, from, into)
    const { measured, sounds } = measuredOf(from.id)
    const moved = { machineId: into.id }
    const of = <Row extends { machineId: string }>(list: Row[]) =>
      list.filter(({ machineId }) => machineId === from.id)
    const life = rows.lives.find(({ id }) => id === from.id) ?? null
    const onBreaker = rows.onBreaker.find(({ id }) => id === from.id) ?? null
    return planned(
      'machine.merged',
      { title: titleAndPlace(from), into: titleAndPlace(into) },
      change('machine', into, filledFrom(into, from)),
      ...[...of(rows.jobs), ...of(rows.buried)].map(({ id, machineId }) =>
        change('job', { id, machineId }, { id, ...moved }),
      ),
      ...of(rows.fitted).map((row) => change('fitted', row, { ...row, ...moved })),
      ...of(rows.items).map((row) => change('round_item', row, { ...row, ...moved })),
      ...of(rows.uses).map((row) => change('spare_use', row, { ...row, ...moved })),
      ...measured.map((row) => change('measured', row, { ...row, ...moved })),
      ...sounds.map((row) => change('normal_sound', row, { ...row, ...moved })),
      change('machine_life', life, null),
      change('machine_breaker', onBreaker, null),
      change('machine', from, null),
    )
  },
}

/** @throws CoreError `unknown-machine` */
export function machineOf(rows: Pick<HouseRows, 'machines'>, id: string): MachineRow {
  const machine = rows.machines.find((each) => each.id === id)
  if (!machine) throw houseRefusal('unknown-machine')
  return machine
}

export const hasOpenJob = ({ jobs }: HouseRows, id: string): boolean =>
  jobs.some(({ machineId, status }) => machineId === id && status === 'open')

const newLife = (id: string): LifeRow => ({ id, retiredAt: null, retiredWhy: '', dayWithout: null })

/** What the plan of an open job stands on: the breaker, the kind of machine and of its motor. */
const restsOn = (before: MachineRow, after: MachineRow): boolean =>
  before.circuit !== after.circuit || before.motorKind !== after.motorKind || before.family !== after.family

const HASH = /^[0-9a-f]{64}$/

/** A machine with what was said of it; what was not said stays. */
function described(before: MachineRow, fields: MachineFields): MachineRow {
  const text = (
    field: 'name' | 'place' | 'manufacturer' | 'modelNumber' | 'serialNumber' | 'installedYear' | 'note',
  ) => (fields[field] === undefined ? before[field] : fields[field].trim())
  return {
    ...before,
    name: text('name'),
    place: text('place'),
    manufacturer: text('manufacturer'),
    modelNumber: text('modelNumber'),
    serialNumber: text('serialNumber'),
    installedYear: text('installedYear'),
    note: text('note'),
    family: fields.family !== undefined && isFamily(fields.family) ? fields.family : before.family,
    // The input class takes ids of kinds alone, or nothing for “nobody knows”.
    motorKind:
      fields.motorKind === undefined ? before.motorKind : ((fields.motorKind || null) as MotorKindId | null),
    circuit: fields.circuit === undefined ? before.circuit : circuitName(fields.circuit),
    appliancePictureHash:
      fields.picture !== undefined && HASH.test(fields.picture)
        ? fields.picture
        : before.appliancePictureHash,
    nextLook:
      fields.nextLook === undefined
        ? before.nextLook
        : dayOrNone(fields.nextLook, 'Look at it again') || null,
  }
}

/** Rows beside the machine that the same form fills: how its breaker was found, and what a day without it costs. */
function besideOf(rows: HouseRows, machine: MachineRow, fields: MachineFields, at: string) {
  const { id, circuit } = machine
  const life = rows.lives.find((each) => each.id === id) ?? null
  const found = rows.onBreaker.find((each) => each.id === id) ?? null
  const how = fields.circuitFound as MachineBreakerRow['found'] | undefined
  const same = found !== null && isSameCircuit(found.circuit, circuit)
  // How the old breaker was found says nothing of the new one.
  const kept = same && (how === undefined || how === found.found) ? found : null
  const now = kept ?? (circuit === null || how === undefined ? null : { id, circuit, found: how, at })
  return [
    ...change('machine_breaker', found, now),
    ...(fields.dayWithout === undefined
      ? []
      : change('machine_life', life, {
          ...(life ?? newLife(id)),
          dayWithout: figureOrNone(fields.dayWithout, 'money'),
        })),
  ]
}

/** Two of one name, place and kind cannot be told apart in any list. */
function refuseTwin({ machines }: HouseRows, machine: MachineRow): void {
  const alike = ({ name, place, family }: MachineRow) => `${family}\n${name}\n${place}`.toLowerCase()
  if (machines.some((each) => each.id !== machine.id && alike(each) === alike(machine)))
    throw houseRefusal('same-machine', titleAndPlace(machine))
}

/** @throws CoreError where the two cannot be one machine, or somebody works at one of them */
function refuseUnlike(rows: HouseRows, from: MachineRow, into: MachineRow): void {
  if (from.id === into.id) throw houseRefusal('merge/itself')
  if (from.family !== into.family) throw houseRefusal('merge/kind')
  if (from.motorKind !== null && into.motorKind !== null && from.motorKind !== into.motorKind)
    throw houseRefusal('merge/motor')
  for (const machine of [from, into])
    if (hasOpenJob(rows, machine.id)) throw houseRefusal('open-job/merge', titleAndPlace(machine))
}

const keptWhere = [
  'name',
  'place',
  'manufacturer',
  'modelNumber',
  'serialNumber',
  'installedYear',
  'motorKind',
  'pictureHash',
  'platePictureHash',
  'capacitorPictureHash',
  'appliancePictureHash',
  'nextLook',
  'circuit',
] as const satisfies (keyof MachineRow)[]

/** What one lacks the other has; where both say something the one that stays is believed, and the other’s words go to the note. */
function filledFrom(into: MachineRow, from: MachineRow): MachineRow {
  const gaps = keptWhere.filter((field) => !into[field] && from[field])
  const told = [from.modelNumber, from.serialNumber].filter(
    (text) =>
      text !== '' &&
      text !== into.modelNumber &&
      text !== into.serialNumber &&
      !gaps.some((gap) => from[gap] === text),
  )
  return {
    ...into,
    ...Object.fromEntries(gaps.map((field) => [field, from[field]])),
    note: [into.note, from.note, ...told].filter(Boolean).join('\n'),
  }
}
