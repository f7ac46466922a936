import type { ReadingRow } from '@/core/job'
import { formatOhm, significant } from '@/core/units'

const units = { capacitance: 'µF', resistance: 'Ω', 'to-frame': 'Ω', supply: 'V' }

export function shownReading(row: ReadingRow): string {
  if (row.over) return 'over-range'
  if (row.value === null) return row.typed
  return row.kind === 'resistance' || row.kind === 'to-frame'
    ? formatOhm(row.value)
    : `${significant(row.value, 4)} ${units[row.kind]}`
}

/** Where the probes were: "white to black", "capacitor", "HERM". */
export const pointsOf = ({ pointA, pointB }: Pick<ReadingRow, 'pointA' | 'pointB'>) =>
  [pointA === 'single' ? 'capacitor' : pointA, pointB].filter(Boolean).join(' to ')
