/**
 * How much the random tests draw, and from which seed. `npm test` draws the same every time, on every machine; `npm run
 * deep` sets REST_COG_DEEP to a fresh seed and draws ten times as much. A seed that fails there is printed and becomes a
 * case here.
 */
const fresh = process.env.REST_COG_DEEP

/** Whether this is the long run with a fresh seed. */
export const deep = fresh !== undefined && fresh !== ''

/** So many samples in `npm test`; ten times as many in the long run, or as many as are named for it. */
export const samples = (usual: number, long = usual * 10): number => (deep ? long : usual)

/** The seed of one test: its own in `npm test`, moved by the seed of the run in the long one. */
export const seedOf = (own: number): number => (deep ? (own + Number(fresh)) >>> 0 : own)
