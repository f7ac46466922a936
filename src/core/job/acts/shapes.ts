/**
 * The shapes of what acts carry, as plain data: pages load them with the acts, and the server alone makes input classes of
 * them (`actInput`).
 */
export type Shape = Bare & { optional?: true; nullable?: true }

type Bare =
  | { type: 'text'; most: number }
  | { type: 'one-of'; values: readonly (string | number)[] }
  | { type: 'flag' }
  | { type: 'number'; least: number; most?: number }
  | { type: 'texts'; most: number }
  | { type: 'line' | 'own-lines' | 'motor-spec' | 'capacitor-spec' }

export const textOf = (most: number): Shape => ({ type: 'text', most })
export const oneOf = (values: readonly (string | number)[]): Shape => ({ type: 'one-of', values })
export const number = (least: number, most?: number): Shape =>
  most === undefined ? { type: 'number', least } : { type: 'number', least, most }
/** So many texts at most, ids or names. */
export const texts = (most: number): Shape => ({ type: 'texts', most })
export const optional = (shape: Shape): Shape => ({ ...shape, optional: true })
export const nullable = (shape: Shape): Shape => ({ ...shape, nullable: true })

export const flag: Shape = { type: 'flag' }
export const id = textOf(40)
export const text = textOf(2000)
export const nullableId = nullable(id)
export const oldOrNew = oneOf(['old', 'new'])
/** Some columns of a line of the ledger. */
export const line: Shape = { type: 'line' }
export const ownLines: Shape = { type: 'own-lines' }
export const motorSpec: Shape = { type: 'motor-spec' }
export const capacitorSpec: Shape = { type: 'capacitor-spec' }
