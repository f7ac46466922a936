import { familyLabel } from '../knowledge/vocabulary'
import type { MachineRow } from './rows'

/**
 * A machine as its people call it, or by its kind while it has no name.
 *
 * @example machineTitle({ name: '', family: 'ceiling-fan' }) // 'Ceiling fan'
 */
export const machineTitle = ({ name, family }: Pick<MachineRow, 'name' | 'family'>): string =>
  name || familyLabel(family)

/**
 * A machine with where it stands, as lists and headings name it.
 *
 * @example titleAndPlace({ name: '', family: 'ceiling-fan', place: 'porch' }) // 'Ceiling fan, porch'
 */
export const titleAndPlace = (machine: Pick<MachineRow, 'name' | 'family' | 'place'>): string =>
  [machineTitle(machine), machine.place].filter(Boolean).join(', ')
