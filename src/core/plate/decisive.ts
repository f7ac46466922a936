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

/** How far what was read can be trusted: of what is sure 98 % are right, of what is likely 85 %; the rest is a question. */
export type Sureness = 'sure' | 'likely' | 'question'

const SURE = 0.85
const LIKELY = 0.75

/** @example surenessOf(0.8) // 'likely' */
export const surenessOf = (confidence: number): Sureness =>
  confidence >= SURE ? 'sure' : confidence >= LIKELY ? 'likely' : 'question'

/** Whether a field read from a picture counts only once a person has looked at it: it decides, or it is a question. */
export const asksForLook = ({ key, confidence }: { key: keyof PlateFields; confidence: number }): boolean =>
  decisiveFields.has(key) || surenessOf(confidence) === 'question'
