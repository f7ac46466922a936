import type { Act } from '@/core/job'
import type { PlateFields, PlateKind } from '@/core/plate'
import type { ProposedField } from '@/core/plate/words'
import { formatHp, significant } from '@/core/units'
import { oldPartTarget, type PlateTarget } from './target'

/** How a field of a plate is called in a list of proposals. */
export const fieldNames: Partial<Record<keyof PlateFields, string>> = {
  manufacturer: 'Maker',
  modelNumber: 'Model',
  partNumber: 'Part number',
  serialNumber: 'Serial number',
  motorKind: 'Kind',
  voltages: 'Volts',
  hz: 'Hz',
  phase: 'Phase',
  hp: 'Power, hp',
  watts: 'Watts',
  rpm: 'Speeds, rpm',
  speeds: 'Number of speeds',
  amps: 'Amps',
  capacitorUf: 'Capacitor, µF',
  capacitorVolts: 'Capacitor, V',
  dcVolts: 'Direct voltage alone, V',
  rotation: 'Turns',
  rotationViewedFrom: 'seen from',
  frame: 'Frame',
  insulationClass: 'Insulation class',
  ambientCelsius: 'Ambient, °C',
  duty: 'Duty',
  enclosure: 'Enclosure',
  thermalProtection: 'Protector',
  serviceFactor: 'Service factor',
  bearing: 'Bearings',
  sections: 'Capacitance, µF',
  tolerancePercent: 'Tolerance, %',
  volts: 'Volts',
  temperatureCelsius: 'Temperature, °C',
  shape: 'Shape',
  fuelType: 'Fuel',
}

/** A field's value as text that can be corrected. */
export function valueText({ key, field }: Pick<ProposedField, 'key' | 'field'>): string {
  const { value } = field
  if (key === 'sections')
    return (value as { uF: number }[]).map((section) => significant(section.uF, 4)).join('+')
  if (key === 'tolerancePercent') {
    const { minus, plus } = value as { minus: number; plus: number }
    return minus === plus ? `±${plus}` : `-${minus}/+${plus}`
  }
  if (key === 'temperatureCelsius') {
    const { min, max } = value as { min?: number; max?: number }
    return [min, max].filter((each) => each !== undefined).join(' to ')
  }
  if (key === 'hp') return formatHp(value as number).replace(' hp', '')
  if (Array.isArray(value)) return value.join(key === 'voltages' ? '-' : '/')
  return typeof value === 'number' ? String(Math.round(value * 1e4) / 1e4) : String(value)
}

/** Plate fields the job keeps of the old motor, and under which name. */
const motorFields: Partial<Record<keyof PlateFields, string>> = {
  partNumber: 'partNumber',
  voltages: 'voltages',
  hz: 'hz',
  hp: 'hp',
  rpm: 'rpm',
  amps: 'amps',
  capacitorUf: 'capacitorUf',
  capacitorVolts: 'capacitorVolts',
  rotation: 'rotation',
  rotationViewedFrom: 'viewedFrom',
  bearing: 'bearing',
  enclosure: 'enclosure',
  speeds: 'speedsUsed',
  insulationClass: 'insulationClass',
  ambientCelsius: 'ambientCelsius',
}

const ENCLOSURES: [RegExp, string][] = [
  [/AO$/i, 'air-over'],
  [/^(TE|IP[4-6])/i, 'enclosed'],
  [/^(OPEN|ODP|DP|IP[0-2])/i, 'open'],
]

/** What a job keeps of an appliance's label. */
const applianceFields: ReadonlySet<keyof PlateFields> = new Set([
  'manufacturer',
  'modelNumber',
  'serialNumber',
] as const)

/** Whether a field that was read has a place and a name to be shown by. */
export const isKept = (kind: PlateKind, key: keyof PlateFields): boolean =>
  fieldNames[key] !== undefined && (kind !== 'appliance' || applianceFields.has(key))

/** Acts that put the taken values into the job. */
export function plateActs(
  kind: PlateKind,
  values: Map<keyof PlateFields, string>,
  id: () => string,
  target: PlateTarget = oldPartTarget(kind),
): Act[] {
  const set = (field: string, typed: string | undefined): Act[] =>
    typed ? [{ kind: 'field.set', id: id(), part: target.part, field, typed }] : []
  if (kind === 'capacitor')
    return [...set('label', labelOf(values)), ...(target.candidate ? set('shape', values.get('shape')) : [])]
  const named = [values.get('manufacturer'), values.get('modelNumber')].filter(Boolean).join(' ')
  const ofMachine = (field: string, value: string | undefined): Act[] =>
    value ? [{ kind: 'machine.edit', field, value }] : []
  if (kind === 'appliance')
    return [...ofMachine('modelNumber', named), ...ofMachine('serialNumber', values.get('serialNumber'))]
  const acts: Act[] = []
  for (const [key, field] of Object.entries(motorFields) as [keyof PlateFields, string][]) {
    let typed = values.get(key)
    if (!typed || (target.candidate && key === 'speeds')) continue
    if (key === 'enclosure') typed = ENCLOSURES.find(([pattern]) => pattern.test(typed ?? ''))?.[1]
    acts.push(...set(field, typed))
  }
  const [maker, model, motorKind] = [
    values.get('manufacturer'),
    values.get('modelNumber'),
    values.get('motorKind'),
  ]
  if (target.candidate)
    return [
      ...acts,
      ...set('manufacturer', maker),
      ...(values.get('partNumber') ? [] : set('partNumber', model)),
      ...set('motorKind', motorKind),
    ]
  return [
    ...acts,
    // What the machine's own label says of it stands before what its motor's plate says.
    ...(target.machineNamed ? [] : ofMachine('modelNumber', named)),
    ...ofMachine('motorKind', motorKind),
  ]
}

/** A capacitor's label as it would be typed. */
function labelOf(values: Map<keyof PlateFields, string>): string {
  const [uF, tolerance, volts] = [values.get('sections'), values.get('tolerancePercent'), values.get('volts')]
  const dcVolts = values.get('dcVolts')
  return [
    uF ? `${uF} µF` : '',
    tolerance ? `${tolerance} %` : '',
    volts ? `${volts} V` : '',
    dcVolts ? `${dcVolts} V DC` : '',
    values.get('duty') === 'start' ? 'start' : '',
  ]
    .filter(Boolean)
    .join(' ')
}
