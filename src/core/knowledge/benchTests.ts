import type { BenchPart } from '../refit/types'
import type { ObservationId } from './vocabulary'

/** Tests that are made at a part, wherever it lies; all others look at the machine. */
export const benchTests: Partial<Record<ObservationId, BenchPart>> = {
  'free-spin': 'motor',
  winding: 'motor',
  'to-frame': 'motor',
  'cold-retest': 'motor',
  'phase-resistances': 'motor',
  'brush-length': 'motor',
  'case-heat': 'motor',
  'capacitor-look': 'capacitor',
  'capacitor-fan-reading': 'capacitor',
  'capacitor-other-reading': 'capacitor',
  'capacitor-label-match': 'capacitor',
  'module-look': 'module',
}
