import { circuitName, isSameCircuit } from '../../job/energy/circuit'
import { titleAndPlace } from '../../job/title'
import type { FoundHow } from '../found'
import { houseRefusal } from '../refusals'
import type { BreakerRow, HouseRows } from '../rows'
import { change, figureOrNone, known, nameOf, planned } from './changes'
import { hasOpenJob } from './machineActs'
import type { HouseRoom } from './types'

/** No breaker of a house is larger. */
const MOST_AMPS = 400

/** The panel: its breakers, and what hangs on each. */
export const circuitActs: HouseRoom<'breaker.put' | 'breaker.remove' | 'load.put' | 'load.remove'> = {
  'breaker.put': (rows, act, { newId }) => {
    const before = act.id ? known(rows.breakers, act.id) : null
    const name = circuitName(act.name) ?? nameOf('')
    if (rows.breakers.some((each) => each.id !== before?.id && isSameCircuit(each.name, name)))
      throw houseRefusal('same-breaker', name)
    const after: BreakerRow = {
      id: before?.id ?? newId(),
      name,
      amps:
        act.amps === undefined ? (before?.amps ?? null) : figureOrNone(act.amps, 'amps', { max: MOST_AMPS }),
      note: (act.note ?? before?.note ?? '').trim(),
      position: before?.position ?? 1 + Math.max(0, ...rows.breakers.map(({ position }) => position)),
    }
    return planned(
      before ? 'breaker.changed' : 'breaker.added',
      { name },
      change('breaker', before, after),
      renamed(rows, before, name),
    )
  },

  'breaker.remove': (rows, act) => {
    const before = known(rows.breakers, act.id)
    const [hanging] = machinesOn(rows, before.name)
    if (hanging) throw houseRefusal('hangs-on-it', titleAndPlace(hanging))
    return planned(
      'breaker.removed',
      { name: before.name },
      ...rows.loads
        .filter(({ breakerId }) => breakerId === act.id)
        .map((row) => change('breaker_load', row, null)),
      change('breaker', before, null),
    )
  },

  'load.put': (rows, act, { newId }) => {
    const breaker = known(rows.breakers, act.breakerId)
    const name = nameOf(act.name)
    const before =
      rows.loads.find(
        (row) => row.breakerId === breaker.id && row.name.toLowerCase() === name.toLowerCase(),
      ) ?? null
    // The input class takes these ways alone.
    const after = { id: before?.id ?? newId(), breakerId: breaker.id, name, found: act.found as FoundHow }
    return planned('load.added', { name, breaker: breaker.name }, change('breaker_load', before, after))
  },

  'load.remove': (rows, act) => {
    const before = known(rows.loads, act.id)
    return planned('load.removed', { name: before.name }, change('breaker_load', before, null))
  },
}

/** Machines of the household that hang on a breaker of this name. */
const machinesOn = ({ machines }: HouseRows, name: string) =>
  machines.filter(({ circuit }) => isSameCircuit(circuit, name))

/** Machines go along with their breaker’s new name; not those with a job, whose plan would be discarded by it. */
function renamed(rows: HouseRows, before: BreakerRow | null, name: string) {
  if (!before || before.name === name) return []
  return machinesOn(rows, before.name).flatMap((machine) => {
    if (hasOpenJob(rows, machine.id)) throw houseRefusal('open-job/breaker', titleAndPlace(machine))
    const found = rows.onBreaker.find(
      ({ id, circuit }) => id === machine.id && isSameCircuit(circuit, before.name),
    )
    return [
      ...change('machine', machine, { ...machine, circuit: name }),
      ...(found ? change('machine_breaker', found, { ...found, circuit: name }) : []),
    ]
  })
}
