import type { JobSnapshot, ReadingKind } from '../job/rows'

/** Columns of the readings of a job, for a spreadsheet. */
export const READING_COLUMNS = [
  'at',
  'what',
  'part',
  'from',
  'to',
  'typed',
  'value',
  'unit',
  'live',
  'struck',
  'why struck',
]

const kinds: Record<ReadingKind, [what: string, unit: string]> = {
  capacitance: ['capacitance', 'µF'],
  resistance: ['resistance', 'Ω'],
  'to-frame': ['resistance to the frame', 'Ω'],
  supply: ['voltage', 'V'],
}

/**
 * Every reading of a job in the order in which it was taken: at parts, in proofs, of capacitors; struck ones with their reason.
 * An over-range reading has no value, and what was typed says so.
 *
 * @returns rows of `READING_COLUMNS`, times in UTC
 */
export function readingRows(
  snapshot: Pick<JobSnapshot, 'readings' | 'proofs' | 'proofReadings' | 'charges'>,
): string[][] {
  const own = snapshot.readings.map((row): string[] => {
    const [what, unit] = kinds[row.kind]
    return [
      row.at,
      what,
      row.part === 'old' ? 'as found' : 'new',
      row.pointA,
      row.pointB,
      row.typed,
      number(row.value),
      unit,
      row.live === 1 ? 'yes' : '',
      row.struckAt ? 'yes' : '',
      row.strikeReason,
    ]
  })
  const proofs = snapshot.proofReadings.map((row): string[] => {
    const proof = snapshot.proofs.find(({ id }) => id === row.proofId)
    const [from = '', to = ''] = row.pair.split('–')
    const void_ = row.replacedAt ? 'read again' : (proof?.voidReason ?? '')
    return [
      row.at,
      `proof of dead, ${row.current}`,
      '',
      from,
      to,
      row.typed,
      number(row.volts),
      'V',
      '',
      void_ ? 'yes' : '',
      void_,
    ]
  })
  const charges = snapshot.charges
    .filter(({ readAt, typed }) => readAt !== null && typed !== '')
    .map((row): string[] => [
      row.readAt ?? '',
      'charge of a capacitor',
      row.label,
      '',
      '',
      row.typed,
      number(row.volts),
      'V',
      '',
      row.struckAt ? 'yes' : '',
      row.strikeReason,
    ])
  return [...own, ...proofs, ...charges].sort(([one = ''], [other = '']) => one.localeCompare(other))
}

const number = (value: number | null) => (value === null ? '' : String(value))
