import { isSameCircuit } from '../job/energy/circuit'
import type { MachineRow } from '../job/rows'
import { titleAndPlace } from '../job/title'
import type { FoundHow } from './found'
import { machinesInUse } from './inUse'
import type { BreakerRow, HouseRows, LoadRow } from './rows'

/** One breaker of the panel with all that hangs on it. */
export interface PanelBreaker {
  /** Null where only a machine names it: nobody has put it on the panel yet. */
  row: BreakerRow | null
  name: string
  machines: { id: string; title: string; found: FoundHow | null }[]
  loads: LoadRow[]
  /** A thing on it of which nobody tried the breaker. */
  untried: boolean
}

/**
 * The panel breaker by breaker: those that were put on it, and those that a machine names; by number where a name begins with one.
 *
 * @returns machines of which nobody knows the breaker stand apart
 */
export function panelOf(rows: Pick<HouseRows, 'machines' | 'breakers' | 'loads' | 'onBreaker' | 'lives'>): {
  breakers: PanelBreaker[]
  unknown: { id: string; title: string }[]
} {
  const inUse = machinesInUse(rows)
  const named = inUse.flatMap(({ circuit }) => circuit ?? [])
  const extra = named.filter(
    (name, index) =>
      !rows.breakers.some((breaker) => isSameCircuit(breaker.name, name)) &&
      named.findIndex((each) => isSameCircuit(each, name)) === index,
  )
  const breakers = [
    ...rows.breakers.map((row) => ({ row, name: row.name })),
    ...extra.map((name) => ({ row: null, name })),
  ].map(({ row, name }): PanelBreaker => {
    const machines = inUse
      .filter(({ circuit }) => isSameCircuit(circuit, name))
      .map((machine) => onBreaker(machine, rows))
    const loads = rows.loads.filter(({ breakerId }) => breakerId === row?.id)
    return {
      row,
      name,
      machines,
      loads,
      untried: [...machines, ...loads].some(({ found }) => found !== 'switched'),
    }
  })
  return {
    breakers: breakers.sort((one, two) => one.name.localeCompare(two.name, undefined, { numeric: true })),
    unknown: inUse
      .filter(({ circuit }) => circuit === null)
      .map((machine) => ({ id: machine.id, title: titleAndPlace(machine) })),
  }
}

const onBreaker = (machine: MachineRow, rows: Pick<HouseRows, 'onBreaker'>) => ({
  id: machine.id,
  title: titleAndPlace(machine),
  found: foundOf(machine, rows),
})

/** How it was found that a machine hangs on the breaker that it names now; null where nobody said it of this one. */
export function foundOf(
  { id, circuit }: Pick<MachineRow, 'id' | 'circuit'>,
  { onBreaker }: Pick<HouseRows, 'onBreaker'>,
): FoundHow | null {
  const row = onBreaker.find((each) => each.id === id)
  return row && isSameCircuit(row.circuit, circuit) ? row.found : null
}
