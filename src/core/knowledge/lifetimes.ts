import type { FittedKind } from '../house/rows'

/** How long a part lasts: characteristic life in years (63 % have failed by then) and shape of a Weibull curve. */
export interface Lifetime {
  years: number
  shape: number
}

/**
 * Of parts that fail of age. Figures of the trade’s habit, not of a study: run capacitors are made for 30,000 to 60,000 hours and
 * last ten to twenty seasons outdoors; belts five; bearings and motors of household fans twenty; contactors ten to fifteen. A shape
 * of about 2 says that a part wears: an old one fails sooner than a young one.
 */
export const lifetimes: Partial<Record<FittedKind, Lifetime>> = {
  capacitor: { years: 15, shape: 2.2 },
  belt: { years: 5, shape: 2.5 },
  bearings: { years: 18, shape: 2.2 },
  motor: { years: 22, shape: 2.2 },
  contactor: { years: 15, shape: 2 },
}

/** Days until a part that is not on the shelf is in the machine: ordered, delivered, an evening found. */
export const DAYS_TO_COME = 3
