import type { ObservationId } from '@/core/knowledge/vocabulary'

/** Where the number of an observation is typed, for those that have a place of their own on this page. */
const places: Partial<Record<ObservationId, string>> = {
  'capacitor-fan-reading': '#capacitor-old input:not(:disabled)',
  'capacitor-other-reading': '#capacitor-old input:not(:disabled)',
  winding: '#winding-old input:not(:disabled), #winding-old button:not(:disabled)',
  'cold-retest': '#winding-old input:not(:disabled)',
  'to-frame': '#winding-old input:not(:disabled), #winding-old button:not(:disabled)',
  'supply-voltage': '#supply input:not(:disabled)',
  'motor-voltage': '#supply input:not(:disabled)',
  'contactor-output': '#supply input:not(:disabled)',
  'control-voltage': '#supply input:not(:disabled)',
}

export const placeOf = (observation: ObservationId): string | undefined => places[observation]

export function focusOn(selector: string): void {
  const target = document.querySelector<HTMLElement>(selector)
  target?.scrollIntoView({ block: 'center', behavior: 'instant' })
  target?.focus()
}
