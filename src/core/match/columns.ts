import { parseCapacitorLabel } from '../capacitor'
import { isCoreError } from '../errors'
import type { ParseOptions } from '../units'
import type { CapSpec } from './capacitor'
import { type DataField, dataFieldError, motorData, motorSpecFrom, tradeData } from './motorData'
import { sectionsOfLabel } from './sectionsOfLabel'
import type { MotorSpec } from './types'

export type PartKind = 'motor' | 'capacitor'

const capacitorData: DataField[] = [
  {
    field: 'partNumber',
    label: 'Part number',
    placeholder: '',
    kind: 'text',
    group: 'plate',
    columns: ['part number', 'part no', 'part', 'number', 'sku', 'article', 'item'],
  },
  {
    field: 'manufacturer',
    label: 'Maker',
    placeholder: '',
    kind: 'text',
    group: 'trade',
    columns: ['maker', 'manufacturer', 'brand', 'make'],
  },
  {
    field: 'capacitance',
    label: 'µF, all sections',
    placeholder: '35+5',
    kind: 'text',
    group: 'plate',
    columns: ['uf', 'µf', 'mfd', 'capacitance', 'rating'],
  },
  {
    field: 'volts',
    label: 'Volts',
    placeholder: '440',
    kind: { quantity: 'volts' },
    group: 'plate',
    columns: ['volts', 'voltage', 'vac', 'v'],
  },
  {
    field: 'duty',
    label: 'Run or start',
    placeholder: '',
    kind: {
      choices: [
        ['run', 'run'],
        ['start', 'start'],
      ],
    },
    group: 'plate',
    columns: ['duty', 'use', 'type'],
  },
  {
    field: 'diameterMm',
    label: 'Can across',
    placeholder: '50',
    kind: { quantity: 'mm' },
    group: 'size',
    columns: ['diameter', 'dia'],
  },
  {
    field: 'heightMm',
    label: 'Can height',
    placeholder: '70',
    kind: { quantity: 'mm' },
    group: 'size',
    columns: ['height', 'length'],
  },
  {
    field: 'shape',
    label: 'Shape',
    placeholder: '',
    kind: {
      choices: [
        ['round', 'round'],
        ['oval', 'oval'],
      ],
    },
    group: 'size',
    columns: ['shape', 'case'],
  },
  {
    field: 'price',
    label: 'Price',
    placeholder: '14',
    kind: { quantity: 'count' },
    group: 'trade',
    columns: ['price', 'cost', 'list price', 'preis', 'prix'],
  },
]

/** What is measured at a capacitor: its can. */
export const capacitorSizes: DataField[] = capacitorData.filter(({ group }) => group === 'size')

/** Everything that a column of a price list may hold. */
export const columnsOf = (kind: PartKind): DataField[] =>
  kind === 'motor' ? [...motorData, ...tradeData] : capacitorData

/** Field for each column of a list, or empty where none is meant. */
export type Mapping = string[]

/** A caption as it is compared: lower case, without its unit and its signs. */
const plain = (caption: string) =>
  caption
    .toLowerCase()
    .replace(/[([][^)\]]*[)\]]/g, ' ')
    .replace(/[^\p{L}\p{N}.]+/gu, ' ')
    .trim()

/**
 * Which field each column holds, by its caption: the same caption first, then one that begins with it. No field is given twice.
 *
 * @example guessMapping(['Item', 'HP', 'Voltage'], 'motor') // ['partNumber', 'hp', 'voltages']
 */
export function guessMapping(captions: string[], kind: PartKind): Mapping {
  const fields = columnsOf(kind)
  const mapping = captions.map(() => '')
  const given = new Set<string>()
  const take = (fits: (caption: string, known: string) => boolean) =>
    captions.forEach((caption, index) => {
      if (mapping[index] !== '' || plain(caption) === '') return
      const field = fields.find(
        (each) =>
          !given.has(each.field) &&
          [...each.columns, plain(each.label)].some((known) => fits(plain(caption), known)),
      )
      if (!field) return
      mapping[index] = field.field
      given.add(field.field)
    })
  take((caption, known) => caption === known)
  take((caption, known) => known.length > 2 && caption.startsWith(`${known} `))
  return mapping
}

/** How the lengths of a list are meant where a cell has no unit. */
export interface ListUnits {
  lengths: 'mm' | 'in'
}

export type ImportedPart =
  | { part: Omit<MotorSpec, 'id'> | Omit<CapSpec, 'id'> }
  /** Why the line was left out, with the column. */
  | { error: string; field: string }

/**
 * A line of a price list as a part. A cell that cannot be read rejects its line: a part with a wrong figure is worse than none.
 *
 * @param cells texts in the order of the columns
 * @example partOfLine(['MB-1', '1/6'], ['partNumber', 'hp'], 'motor', { lengths: 'mm' })
 */
export function partOfLine(
  cells: string[],
  mapping: Mapping,
  kind: PartKind,
  units: ListUnits,
): ImportedPart {
  const lengths: ParseOptions = { defaultUnit: units.lengths }
  const cellOf = (field: string) => {
    const index = mapping.indexOf(field)
    return index < 0 ? '' : choice(field, (cells[index] ?? '').trim(), kind)
  }
  for (const field of columnsOf(kind)) {
    const error = dataFieldError(field, cellOf(field.field), isLength(field) ? lengths : undefined)
    if (error) return { error, field: field.field }
  }
  if (cellOf('partNumber') === '') return { error: 'It has no part number.', field: 'partNumber' }
  return kind === 'motor' ? motorOf(cellOf, lengths) : capacitorOf(cellOf, lengths)
}

const isLength = (field: DataField) =>
  field.kind !== 'text' && 'quantity' in field.kind && field.kind.quantity === 'mm'

/** A choice as lists write it: its value or its label, in any case. */
function choice(field: string, cell: string, kind: PartKind): string {
  const data = columnsOf(kind).find((each) => each.field === field)
  if (!data || data.kind === 'text' || !('choices' in data.kind)) return cell
  const said = cell.toLowerCase().replace(/s$/, '')
  const found = data.kind.choices.find(
    ([value, label]) =>
      value.toLowerCase() === cell.toLowerCase() ||
      label.toLowerCase().replace(/^an? /, '').replace(/s$/, '') === said,
  )
  if (found) return found[0]
  return SHORT[said] ?? cell
}

/** What price lists print for choices. */
const SHORT: Record<string, string> = {
  rev: 'reversible',
  reversible: 'reversible',
  'cw/ccw': 'reversible',
  clockwise: 'CW',
  counterclockwise: 'CCW',
  y: 'yes',
  true: 'yes',
  '1': 'yes',
  no: '',
  n: '',
  false: '',
  '0': '',
}

function motorOf(cellOf: (field: string) => string, lengths: ParseOptions): ImportedPart {
  const { id: _, ...part } = motorSpecFrom('', cellOf, lengths)
  return { part }
}

function capacitorOf(cellOf: (field: string) => string, lengths: ParseOptions): ImportedPart {
  const spec = motorSpecFrom(
    '',
    (field) => (field === 'volts' || field === 'duty' ? '' : cellOf(field)),
    lengths,
  )
  try {
    const volts = cellOf('volts')
    const label = parseCapacitorLabel(
      [cellOf('capacitance').replace(/^[\d.,+/ -]+$/, '$& µF'), volts ? `${volts} V` : ''].join(' '),
    )
    const size = motorSpecFrom('', (field) => (field === 'bodyLengthMm' ? cellOf('heightMm') : ''), lengths)
    return {
      part: {
        partNumber: cellOf('partNumber'),
        ...(spec.manufacturer ? { manufacturer: spec.manufacturer } : {}),
        ...sectionsOfLabel(label),
        ...(label.volts === null ? {} : { volts: label.volts }),
        duty: cellOf('duty') === 'start' ? 'start' : label.duty,
        ...(label.tolerancePercent ? { tolerancePercent: label.tolerancePercent } : {}),
        ...(spec.diameterMm === undefined ? {} : { diameterMm: spec.diameterMm }),
        ...(size.bodyLengthMm === undefined ? {} : { heightMm: size.bodyLengthMm }),
        ...(cellOf('shape') ? { shape: cellOf('shape') as CapSpec['shape'] } : {}),
        ...(spec.price === undefined ? {} : { price: spec.price }),
      } as Omit<CapSpec, 'id'>,
    }
  } catch (error) {
    if (!isCoreError(error)) throw error
    return { error: error.message, field: 'capacitance' }
  }
}

/** Cells of a part for an export, in the order of `columnsOf`; read again they make the same part. */
export function lineOfPart(part: MotorSpec | CapSpec, kind: PartKind): string[] {
  return columnsOf(kind).map(({ field }) => cellText(field, part as never))
}

function cellText(field: string, part: MotorSpec & CapSpec): string {
  const joined = (values: number[] | undefined, by: string) => values?.join(by) ?? ''
  const special: Record<string, () => string> = {
    voltages: () => joined(part.voltages, '/'),
    hz: () => joined(part.hz, '/'),
    rpm: () => joined(part.rpm, '/'),
    capacitorUf: () => text(part.capacitor?.uF),
    capacitorVolts: () => text(part.capacitor?.volts),
    rotation: () => (part.rotation?.reversible ? 'reversible' : (part.rotation?.direction ?? '')),
    viewedFrom: () => part.rotation?.viewedFrom ?? '',
    shaftDiameterMm: () => text(part.shaft?.diameterMm),
    shaftLengthMm: () => text(part.shaft?.lengthMm),
    shaftFlats: () => text(part.shaft?.flats),
    secondLengthMm: () => text(part.shaft?.secondLengthMm ?? (part.shaft?.ends === 1 ? 0 : undefined)),
    mount: () => part.mount?.type ?? '',
    boltCircleMm: () => text(part.mount?.boltCircleMm),
    studLengthMm: () => text(part.mount?.studLengthMm),
    replaces: () => part.replaces?.join(', ') ?? '',
    unique: () => (part.unique ? 'yes' : ''),
    capacitance: () =>
      (
        part.sections?.map(({ uF, minUf, maxUf }) => (minUf !== undefined ? `${minUf}-${maxUf}` : `${uF}`)) ??
        part.multi?.map(({ uF }) => `${uF}`) ??
        []
      ).join('+'),
  }
  const own = special[field]
  return own ? own() : text((part as never as Record<string, number | string | undefined>)[field])
}

const text = (value: number | string | undefined) => (value === undefined ? '' : String(value))
