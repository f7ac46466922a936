/** How somebody knows that a thing hangs on a breaker. */
export const foundHow = ['switched', 'panel-card', 'not-sure'] as const
export type FoundHow = (typeof foundHow)[number]
