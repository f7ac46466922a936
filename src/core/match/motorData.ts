import { vocabulary } from '../knowledge/vocabulary'
import { type ParseOptions, parseTyped, type Quantity, quantities, typedValue } from '../units'
import { typedList } from '../units/lists'
import type { MotorSpec } from './types'

export interface DataField {
  field: string
  label: string
  placeholder: string
  /** A number of this quantity, a list of numbers, a choice, or free text. */
  kind: { quantity: Quantity } | { list: Quantity } | { choices: [string, string][] } | 'text'
  /** Where it is read: on the plate, on the part with a ruler, at the counter. */
  group: 'plate' | 'size' | 'trade'
  /** One of the few that decide most: asked first of a part in the hand. */
  quick?: true
  /** Captions of a column that holds it, in lower case, as price lists print them. */
  columns: string[]
}

/**
 * What was typed into a field, as it reads alone: a number with its unit, a choice in words.
 *
 * @param length the unit of a length that was typed without one
 * @example writtenOut({ kind: { quantity: 'volts' } }, '370') // '370 V'
 * @example writtenOut({ kind: { list: 'volts' } }, '115/60/1') // '115/60/1'
 */
export function writtenOut(
  { kind }: Pick<DataField, 'kind'>,
  typed: string,
  length: 'in' | 'mm' = 'mm',
): string {
  if (kind === 'text') return typed
  if ('choices' in kind) return kind.choices.find(([value]) => value === typed)?.[1] ?? typed
  const quantity = 'list' in kind ? kind.list : kind.quantity
  const unit = quantity === 'mm' ? length : quantities[quantity].symbol
  // “115/60/1” has its frequency and phase in the same run: that is no list of volts.
  if (typedList(typed, quantity).length < (typed.match(/\d+(?:[.,]\d+)?/g)?.length ?? 0) && 'list' in kind)
    return typed
  return /[\d½¼¾⅓⅛]$/.test(typed.trim()) && unit ? `${typed.trim()} ${unit}` : typed
}

const number = (quantity: Quantity) => ({ quantity })
const list = (quantity: Quantity) => ({ list: quantity })
const yes: [string, string][] = [['yes', 'yes']]

/**
 * What is known of a motor, field by field: the one definition from which the forms of the old motor and of a candidate, the
 * reading of a catalogue's columns and the specification that is matched are made.
 */
export const motorData: DataField[] = [
  {
    field: 'partNumber',
    label: 'Part number',
    placeholder: 'MB-C-1112',
    kind: 'text',
    group: 'plate',
    columns: [
      'part number',
      'part no',
      'part',
      'number',
      'sku',
      'article',
      'item',
      'catalog no',
      'catalogue no',
    ],
  },
  {
    field: 'voltages',
    label: 'Volts',
    placeholder: '208-230',
    kind: list('volts'),
    group: 'plate',
    quick: true,
    columns: ['volts', 'voltage', 'v', 'spannung', 'tension'],
  },
  {
    field: 'hz',
    label: 'Hz',
    placeholder: '60',
    kind: list('hz'),
    group: 'plate',
    columns: ['hz', 'frequency', 'cycles'],
  },
  {
    field: 'hp',
    label: 'Power',
    placeholder: '1/6',
    kind: number('hp'),
    group: 'plate',
    quick: true,
    columns: ['hp', 'power', 'horsepower', 'h.p.'],
  },
  {
    field: 'rpm',
    label: 'Speeds, fastest first',
    placeholder: '1075',
    kind: list('rpm'),
    group: 'plate',
    quick: true,
    columns: ['rpm', 'speed', 'speeds', 'rpm 1', 'min-1', 'drehzahl'],
  },
  {
    field: 'amps',
    label: 'Full load amps',
    placeholder: '1.1',
    kind: list('amps'),
    group: 'plate',
    columns: ['amps', 'fla', 'current', 'amperes', 'a'],
  },
  {
    field: 'capacitorUf',
    label: 'Capacitor it asks for',
    placeholder: '5',
    kind: number('uF'),
    group: 'plate',
    columns: ['uf', 'µf', 'mfd', 'capacitor', 'cap uf', 'capacitor uf'],
  },
  {
    field: 'capacitorVolts',
    label: 'at',
    placeholder: '370',
    kind: number('volts'),
    group: 'plate',
    columns: ['capacitor volts', 'cap volts', 'vac cap', 'capacitor v'],
  },
  {
    field: 'rotation',
    label: 'Turns',
    placeholder: '',
    kind: {
      choices: [
        ['CW', 'clockwise'],
        ['CCW', 'counterclockwise'],
        ['reversible', 'either way, as it is wired'],
      ],
    },
    group: 'plate',
    quick: true,
    columns: ['rotation', 'turns', 'direction', 'rot'],
  },
  {
    field: 'viewedFrom',
    label: 'seen from',
    placeholder: '',
    kind: {
      choices: [
        ['shaft-end', 'the shaft end'],
        ['lead-end', 'the lead end'],
      ],
    },
    group: 'plate',
    columns: ['viewed from', 'seen from', 'rotation viewed from'],
  },
  {
    field: 'diameterMm',
    label: 'Body diameter',
    placeholder: '142',
    kind: number('mm'),
    group: 'size',
    columns: ['diameter', 'body diameter', 'dia', 'frame diameter'],
  },
  {
    field: 'bodyLengthMm',
    label: 'Body length',
    placeholder: '110',
    kind: number('mm'),
    group: 'size',
    columns: ['body length', 'length', 'motor length'],
  },
  {
    field: 'shaftDiameterMm',
    label: 'Shaft diameter',
    placeholder: '12.7',
    kind: number('mm'),
    group: 'size',
    quick: true,
    columns: ['shaft diameter', 'shaft dia', 'shaft'],
  },
  {
    field: 'shaftLengthMm',
    label: 'Shaft length',
    placeholder: '120',
    kind: number('mm'),
    group: 'size',
    columns: ['shaft length', 'shaft l'],
  },
  {
    field: 'shaftFlats',
    label: 'Flats on the shaft',
    placeholder: '1',
    kind: number('count'),
    group: 'size',
    columns: ['flats', 'shaft flats'],
  },
  {
    field: 'secondLengthMm',
    label: 'Second shaft end',
    placeholder: '40',
    kind: number('mm'),
    group: 'size',
    columns: ['second shaft', 'second end', 'rear shaft', 'second shaft length'],
  },
  {
    field: 'mount',
    label: 'Held by',
    placeholder: '',
    kind: {
      choices: [
        ['stud', 'studs'],
        ['belly-band', 'a band'],
        ['lug', 'lugs'],
        ['base', 'a base'],
        ['bracket', 'a bracket'],
      ],
    },
    group: 'size',
    quick: true,
    columns: ['mount', 'mounting', 'held by'],
  },
  {
    field: 'boltCircleMm',
    label: 'Bolt circle',
    placeholder: '106',
    kind: number('mm'),
    group: 'size',
    columns: ['bolt circle', 'stud circle', 'bolt pattern'],
  },
  {
    field: 'studLengthMm',
    label: 'Stud length',
    placeholder: '32',
    kind: number('mm'),
    group: 'size',
    columns: ['stud length', 'studs'],
  },
  {
    field: 'enclosure',
    label: 'Body',
    placeholder: '',
    kind: {
      choices: [
        ['open', 'open'],
        ['air-over', 'air-over'],
        ['enclosed', 'enclosed'],
      ],
    },
    group: 'plate',
    columns: ['enclosure', 'body'],
  },
  {
    field: 'bearing',
    label: 'Bearings',
    placeholder: '',
    kind: {
      choices: [
        ['ball', 'ball'],
        ['sleeve', 'sleeve'],
      ],
    },
    group: 'plate',
    columns: ['bearing', 'bearings'],
  },
  {
    field: 'insulationClass',
    label: 'Insulation class',
    placeholder: 'B',
    kind: 'text',
    group: 'plate',
    columns: ['insulation class', 'insulation', 'ins cl', 'class'],
  },
  {
    field: 'ambientCelsius',
    label: 'Ambient up to',
    placeholder: '40',
    kind: number('celsius'),
    group: 'plate',
    columns: ['ambient', 'ambient c', 'max ambient'],
  },
  {
    field: 'leadLengthMm',
    label: 'Lead length',
    placeholder: '600',
    kind: number('mm'),
    group: 'size',
    columns: ['lead length', 'leads'],
  },
  {
    field: 'connector',
    label: 'Plug',
    placeholder: 'two-pin',
    kind: 'text',
    group: 'size',
    columns: ['plug', 'connector'],
  },
]

/** What a seller's part has beside what an old one shows. */
export const tradeData: DataField[] = [
  {
    field: 'manufacturer',
    label: 'Maker',
    placeholder: 'Quillfen',
    kind: 'text',
    group: 'trade',
    columns: ['maker', 'manufacturer', 'brand', 'make'],
  },
  {
    field: 'motorKind',
    label: 'Kind',
    placeholder: '',
    kind: { choices: Object.entries(vocabulary.motorKinds) },
    group: 'trade',
    columns: ['kind', 'type', 'motor kind', 'motor type'],
  },
  {
    field: 'replaces',
    label: 'Declared to replace',
    placeholder: 'numbers, by commas',
    kind: 'text',
    group: 'trade',
    columns: ['replaces', 'supersedes', 'replaces numbers'],
  },
  {
    field: 'unique',
    label: 'Made for one machine only',
    placeholder: '',
    kind: { choices: yes },
    group: 'trade',
    columns: ['unique', 'oem only'],
  },
  {
    field: 'price',
    label: 'Price',
    placeholder: '84',
    kind: number('count'),
    group: 'trade',
    columns: ['price', 'cost', 'list price', 'preis', 'prix'],
  },
]

/** What is wrong with a typed field, or null. */
export function dataFieldError(field: DataField, typed: string, options?: ParseOptions): string | null {
  if (!typed.trim() || field.kind === 'text') return null
  if ('choices' in field.kind)
    return field.kind.choices.some(([value]) => value === typed)
      ? null
      : `Choose one of: ${field.kind.choices.map(([, label]) => label).join(', ')}.`
  if (field.field === 'price')
    return Number.isFinite(money(typed)) ? null : 'Type a price, for example 84.50.'
  if ('quantity' in field.kind) {
    const parsed = parseTyped(typed, field.kind.quantity, options)
    return parsed.kind === 'error' ? parsed.message : null
  }
  return typedList(typed, field.kind.list).length > 0
    ? null
    : `Type the numbers, for example ${field.placeholder}.`
}

/** A sum of money, whatever sign of a currency stands beside it. */
const money = (typed: string): number => Number(typed.replace(/[^\d.,-]/g, '').replace(',', '.'))

/**
 * The specification of a motor from what is typed field by field; what is empty or no number is left out.
 *
 * @param text the typed text of a field  @param lengths how a length without a unit is meant
 * @example motorSpecFrom('a', (field) => (field === 'hp' ? '1/6' : ''), {}).hp // 0.16666666666666666
 */
export function motorSpecFrom(id: string, text: (field: string) => string, lengths: ParseOptions): MotorSpec {
  const number = (field: string, quantity: Quantity) =>
    typedValue(text(field), quantity, quantity === 'mm' ? lengths : undefined)
  const numbers = (field: string, quantity: Quantity) => {
    const values = typedList(text(field), quantity).filter((value) => value > 0)
    return values.length > 0 ? values : null
  }
  const words = (field: string) => text(field).trim()
  const rpm = numbers('rpm', 'rpm')
  const second = number('secondLengthMm', 'mm')
  const turn = words('rotation')
  const capacitorUf = number('capacitorUf', 'uF')
  const price = words('price') === '' ? null : money(words('price'))
  const motorKind = words('motorKind')
  const replaces = words('replaces')
    .split(/[,;/ ]+/)
    .filter(Boolean)
  return {
    id,
    phase: 1,
    ...some('manufacturer', words('manufacturer')),
    ...some('partNumber', words('partNumber')),
    ...some('replaces', replaces.length > 0 ? replaces : null),
    ...(motorKind in vocabulary.motorKinds ? { motorKind: motorKind as MotorSpec['motorKind'] } : {}),
    ...some('voltages', numbers('voltages', 'volts')),
    ...some('hz', numbers('hz', 'hz')),
    ...some('hp', number('hp', 'hp')),
    ...some(
      'rpm',
      rpm?.sort((one, two) => two - one),
    ),
    ...(rpm && rpm.length > 1 && !ofTwoFrequencies(rpm, numbers('hz', 'hz')) ? { speeds: rpm.length } : {}),
    ...some('amps', fullLoadAmps(text('amps'), numbers('voltages', 'volts'))),
    ...some(
      'capacitor',
      capacitorUf !== null && capacitorUf > 0
        ? { uF: capacitorUf, ...some('volts', number('capacitorVolts', 'volts')) }
        : null,
    ),
    ...some('diameterMm', number('diameterMm', 'mm')),
    ...some('bodyLengthMm', number('bodyLengthMm', 'mm')),
    ...group('shaft', {
      ...some('diameterMm', number('shaftDiameterMm', 'mm')),
      ...some('lengthMm', number('shaftLengthMm', 'mm')),
      ...some('flats', number('shaftFlats', 'count')),
      ...(second === null ? {} : second > 0 ? { ends: 2, secondLengthMm: second } : { ends: 1 }),
    }),
    ...group('mount', {
      ...some('type', words('mount')),
      ...some('boltCircleMm', number('boltCircleMm', 'mm')),
      ...some('studLengthMm', number('studLengthMm', 'mm')),
    }),
    ...group('rotation', {
      ...(turn === 'reversible' ? { reversible: true } : some('direction', turn)),
      ...some('viewedFrom', words('viewedFrom')),
    }),
    ...some('enclosure', words('enclosure')),
    ...some('bearing', words('bearing')),
    ...some('insulationClass', words('insulationClass').toUpperCase().slice(0, 1)),
    ...some('ambientCelsius', number('ambientCelsius', 'celsius')),
    ...some('leadLengthMm', number('leadLengthMm', 'mm')),
    ...some('connector', words('connector')),
    ...(words('unique') === 'yes' ? { unique: true } : {}),
    ...(price !== null && Number.isFinite(price) && price >= 0 ? { price } : {}),
  } as MotorSpec
}

/** One speed turns a sixth faster at 60 Hz than at 50: two figures beside two frequencies are no two speeds. */
const ofTwoFrequencies = (rpm: number[], hz: number[] | null): boolean =>
  rpm.length === 2 && hz?.length === 2 && rpm[0]! / rpm[1]! > 1.05 && rpm[0]! / rpm[1]! < 1.25

/** A supply that differs more than this from another is another connection of the windings: 115/230. */
const OTHER_CONNECTION = 1.4

/**
 * The current at full load of several on a plate: the largest of the speeds or frequencies. Where each of two voltages has its
 * own, nobody knows which holds here: null.
 */
function fullLoadAmps(typed: string, voltages: number[] | null): number | null {
  const amps = typed
    .split(/[/;&]|(?<=\d)-(?=\d)|(?<=\d)\s+(?=\d)/)
    .flatMap((part) => typedValue(part, 'amps') ?? [])
    .filter((value) => value > 0)
  if (amps.length === 0) return null
  const each = amps.length > 1 && amps.length === voltages?.length
  if (each && Math.max(...voltages) / Math.min(...voltages) > OTHER_CONNECTION) return null
  return Math.max(...amps)
}

/** A field with its value, or nothing where there is none. */
const some = (key: string, value: unknown): object =>
  value === null || value === undefined || value === '' ? {} : { [key]: value }

const group = (key: string, parts: object): object => (Object.keys(parts).length > 0 ? { [key]: parts } : {})

/** A specification with what was typed over it. */
export const typedOver = (spec: MotorSpec, typed: MotorSpec): MotorSpec => ({
  ...spec,
  ...typed,
  ...both('shaft', spec, typed),
  ...both('mount', spec, typed),
  ...both('rotation', spec, typed),
})

const both = (key: 'shaft' | 'mount' | 'rotation', spec: MotorSpec, typed: MotorSpec): object =>
  spec[key] || typed[key] ? { [key]: { ...spec[key], ...typed[key] } } : {}
