import type { ObservationId } from '@/core/knowledge/vocabulary'

/** Where the number of an observation is typed, for those that have a place of their own on this page. */
const places: Partial<Record<ObservationId, string>> = {
  'capacitor-fan-reading': '#capacitor-old input[data-number]:not(:disabled)',
  'capacitor-other-reading': '#capacitor-old input[data-number]:not(:disabled)',
  winding: '#winding-old input[data-number]:not(:disabled), #winding-old button:not(:disabled)',
  'cold-retest': '#winding-old input[data-number]:not(:disabled)',
  'to-frame': '#winding-old input[data-number]:not(:disabled), #winding-old button:not(:disabled)',
  'supply-voltage': '#supply input[data-number]:not(:disabled)',
  'motor-voltage': '#supply input[data-number]:not(:disabled)',
  'contactor-output': '#supply input[data-number]:not(:disabled)',
  'control-voltage': '#supply input[data-number]:not(:disabled)',
}

export const placeOf = (observation: ObservationId): string | undefined => places[observation]

export function focusOn(selector: string): void {
  const target = document.querySelector<HTMLElement>(selector)
  target?.scrollIntoView({ block: 'center', behavior: 'instant' })
  target?.focus()
}
