import type { HouseholdRow, MachineRow } from '../job/rows'
import { plateLike } from '../knowledge/plateLike'
import { significant } from '../units'
import type { DataField } from './motorData'

type OfMains = Pick<HouseholdRow, 'region'>
type OfKind = Pick<MachineRow, 'family'>

/** Of the speed at 60 Hz, as the iron slips a little less. */
const AT_50_HZ = 0.84

/**
 * Figures as they may stand on the plate of a machine of this kind, for the mains of the household: what an empty field shows.
 *
 * @example platesLike({ family: 'bath-exhaust-fan' }, { region: 'europe' }).voltages // '230'
 */
export function platesLike({ family }: OfKind, { region }: OfMains): Partial<Record<string, string>> {
  const { volts, hp, rpm, amps, ...sizes } = plateLike[family]
  // What runs on direct current, or on a voltage of its own, is the same everywhere.
  const own = volts !== undefined && !volts.includes('-')
  const abroad = region === 'europe' && !own
  return {
    voltages: own ? volts : abroad ? '230' : (volts ?? '120'),
    hz: abroad ? '50' : '60',
    hp,
    rpm: rpm.map((speed) => (abroad ? Math.round((speed * AT_50_HZ) / 10) * 10 : speed)).join('/'),
    amps: significant(abroad && volts === undefined ? amps / 2 : amps, 2),
    ...Object.fromEntries(Object.entries(sizes).map(([name, mm]) => [name, String(mm)])),
  }
}

/** A field that shows a figure of this kind of machine while it is empty. */
export const likeThis = (field: DataField, machine: OfKind, household: OfMains): DataField => ({
  ...field,
  placeholder: platesLike(machine, household)[field.field] ?? field.placeholder,
})
