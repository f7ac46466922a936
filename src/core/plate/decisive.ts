import type { PlateFields } from './types'

/** Fields that decide about wiring and discharge: read from a picture they count only once a person has looked at each. */
export const decisiveFields: ReadonlySet<keyof PlateFields> = new Set<keyof PlateFields>([
  'voltages',
  'hz',
  'capacitorUf',
  'capacitorVolts',
  'sections',
  'volts',
])
