import type { MachineRow } from '../job/rows'
import type { HouseRows } from './rows'

/** Ids of machines that are in use no more. */
export const retiredIds = ({ lives }: Pick<HouseRows, 'lives'>): string[] =>
  lives.filter(({ retiredAt }) => retiredAt !== null).map(({ id }) => id)

/** The machines of the household that are in use. */
export function machinesInUse(rows: Pick<HouseRows, 'machines' | 'lives'>): MachineRow[] {
  const retired = new Set(retiredIds(rows))
  return rows.machines.filter(({ id }) => !retired.has(id))
}
