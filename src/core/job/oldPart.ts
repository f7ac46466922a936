import { parseCapacitorLabel } from '../capacitor'
import type { CapSpec, MotorSpec } from '../match'
import { type ParseOptions, parseTyped, type Quantity, typedValue } from '../units'
import { fieldText, typedList } from './fields'
import type { JobSnapshot } from './rows'

export interface PlateField {
  field: string
  label: string
  placeholder: string
  /** A number of this quantity, a list of numbers, a choice, or free text. */
  kind: { quantity: Quantity } | { list: Quantity } | { choices: [string, string][] } | 'text'
}

/** The fields of an old motor plate and its sizes, in the order they are read. */
export const motorPlateFields: PlateField[] = [
  { field: 'partNumber', label: 'Part number', placeholder: 'MB-C-1112', kind: 'text' },
  { field: 'voltages', label: 'Volts', placeholder: '208-230', kind: { list: 'volts' } },
  { field: 'hz', label: 'Hz', placeholder: '60', kind: { list: 'hz' } },
  { field: 'hp', label: 'Power', placeholder: '1/6', kind: { quantity: 'hp' } },
  { field: 'rpm', label: 'Speeds, fastest first', placeholder: '1075', kind: { list: 'rpm' } },
  { field: 'amps', label: 'Full load amps', placeholder: '1.1', kind: { quantity: 'amps' } },
  { field: 'capacitorUf', label: 'Capacitor it asks for', placeholder: '5', kind: { quantity: 'uF' } },
  { field: 'capacitorVolts', label: 'at', placeholder: '370', kind: { quantity: 'volts' } },
  {
    field: 'rotation',
    label: 'Turns',
    placeholder: '',
    kind: {
      choices: [
        ['CW', 'clockwise'],
        ['CCW', 'counterclockwise'],
      ],
    },
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
  },
  { field: 'diameterMm', label: 'Body diameter', placeholder: '142', kind: { quantity: 'mm' } },
  { field: 'bodyLengthMm', label: 'Body length', placeholder: '110', kind: { quantity: 'mm' } },
  { field: 'shaftDiameterMm', label: 'Shaft diameter', placeholder: '12.7', kind: { quantity: 'mm' } },
  { field: 'shaftLengthMm', label: 'Shaft length', placeholder: '120', kind: { quantity: 'mm' } },
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
  },
  { field: 'boltCircleMm', label: 'Bolt circle', placeholder: '106', kind: { quantity: 'mm' } },
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
  },
  { field: 'leadLengthMm', label: 'Leads needed', placeholder: '600', kind: { quantity: 'mm' } },
  { field: 'controlAmps', label: 'Control may switch', placeholder: '5', kind: { quantity: 'amps' } },
]

/** What is wrong with a typed plate field, or null. */
export function plateFieldError(field: PlateField, typed: string, options?: ParseOptions): string | null {
  if (!typed.trim() || field.kind === 'text' || 'choices' in field.kind) return null
  if ('quantity' in field.kind) {
    const parsed = parseTyped(typed, field.kind.quantity, options)
    return parsed.kind === 'error' ? parsed.message : null
  }
  return typedList(typed, field.kind.list).length > 0
    ? null
    : `Type the numbers, for example ${field.placeholder}.`
}

/** The old motor as far as its plate and sizes are typed. */
export function oldMotor(snapshot: JobSnapshot): MotorSpec {
  const text = (field: string) => fieldText(snapshot, 'motor-old', field)
  const lengths: ParseOptions = { defaultUnit: snapshot.household.inches ? 'in' : 'mm' }
  const number = (field: string, quantity: Quantity) =>
    typedValue(text(field), quantity, quantity === 'mm' ? lengths : undefined)
  const some = <T>(key: string, value: T | null | undefined | '') =>
    value === null || value === undefined || value === '' ? {} : { [key]: value }
  const list = (field: string, quantity: Quantity) => {
    const values = typedList(text(field), quantity)
    return values.length > 0 ? values : null
  }
  const capacitorUf = number('capacitorUf', 'uF')
  const fitted = fittedCapacitor(snapshot)
  const shaft = {
    ...some('diameterMm', number('shaftDiameterMm', 'mm')),
    ...some('lengthMm', number('shaftLengthMm', 'mm')),
  }
  const mount = { ...some('type', text('mount')), ...some('boltCircleMm', number('boltCircleMm', 'mm')) }
  const rotation = { ...some('direction', text('rotation')), ...some('viewedFrom', text('viewedFrom')) }
  return {
    id: 'old',
    ...some('partNumber', text('partNumber')),
    ...some('motorKind', snapshot.machine.motorKind),
    ...some('voltages', list('voltages', 'volts')),
    ...some('hz', list('hz', 'hz')),
    phase: 1,
    ...some('hp', number('hp', 'hp')),
    ...some(
      'rpm',
      list('rpm', 'rpm')?.sort((one, two) => two - one),
    ),
    ...some('amps', number('amps', 'amps')),
    ...(capacitorUf !== null
      ? { capacitor: { uF: capacitorUf, ...some('volts', number('capacitorVolts', 'volts')) } }
      : fitted
        ? { capacitor: fitted }
        : {}),
    ...some('diameterMm', number('diameterMm', 'mm')),
    ...some('bodyLengthMm', number('bodyLengthMm', 'mm')),
    ...(Object.keys(shaft).length > 0 ? { shaft } : {}),
    ...(Object.keys(mount).length > 0 ? { mount } : {}),
    ...(Object.keys(rotation).length > 0 ? { rotation } : {}),
    ...some('enclosure', text('enclosure')),
    ...some('bearing', text('bearing')),
    ...some('leadLengthMm', number('leadLengthMm', 'mm')),
  } as MotorSpec
}

/** The fitted capacitor's fan section, from its label. */
function fittedCapacitor(snapshot: JobSnapshot): { uF: number; volts?: number } | null {
  const old = oldCapacitor(snapshot)
  const section = old?.sections.find((each) => each.section !== 'HERM')
  return section ? { uF: section.uF, ...(old!.volts ? { volts: old!.volts } : {}) } : null
}

/** The old capacitor as its label is typed, or null. */
export function oldCapacitor(
  snapshot: JobSnapshot,
): (Omit<CapSpec, 'id' | 'multi'> & { sections: NonNullable<CapSpec['sections']> }) | null {
  try {
    const label = parseCapacitorLabel(fieldText(snapshot, 'capacitor-old', 'label'))
    return {
      sections: label.sections,
      duty: label.duty,
      ...(label.volts === null ? {} : { volts: label.volts }),
      ...(label.tolerancePercent === null ? {} : { tolerancePercent: label.tolerancePercent }),
    }
  } catch {
    return null
  }
}
