import type { ObservationId } from '@/core/knowledge/vocabulary'

const capacitor = ['#capacitor-old input[data-number]:not(:disabled)', '#capacitor-old input.field']
/** Before a pair can be read its leads have names. */
const windings = ['#winding-old input[data-number]:not(:disabled)', '#winding-old input:not(:disabled)']
const supply = ['#supply input[data-number]:not(:disabled)']

/** Where the number of an observation is typed, for those that have a place of their own on this page: the first one there is. */
const places: Partial<Record<ObservationId, string[]>> = {
  'capacitor-fan-reading': capacitor,
  'capacitor-other-reading': capacitor,
  winding: windings,
  'cold-retest': windings,
  'to-frame': windings,
  'supply-voltage': supply,
  'motor-voltage': supply,
  'contactor-output': supply,
  'control-voltage': supply,
}

export const placeOf = (observation: ObservationId): string[] | undefined => places[observation]

/** The keyboard goes to the first place that is seen: what a narrow page leaves out takes no number. */
export function focusOn(selectors: string[]): void {
  for (const selector of selectors)
    for (const target of document.querySelectorAll<HTMLElement>(selector))
      if (target.checkVisibility()) {
        target.scrollIntoView({ block: 'center', behavior: 'instant' })
        target.focus()
        return
      }
}
