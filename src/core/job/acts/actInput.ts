import { CoreError } from '../../errors'
import { Flag, ListOf, MapOf, Nested, Num, OneOf, PlainList, Text, validated } from '../../input'
import { CapSpecInput, MotorSpecInput } from '../../match/input'
import { actTable } from './actTable'
import type { Act } from './actTypes'
import type { Shape } from './shapes'

type Decorate = (target: object, key: string) => void

/** An input class from a table of its fields. */
function dto(fields: Record<string, Decorate>): new () => object {
  class ActInput {}
  for (const [key, decorate] of Object.entries(fields)) decorate(ActInput.prototype, key)
  return ActInput
}

const line = MapOf({}, (_, value) =>
  value === null ||
  (typeof value === 'string' && value.length <= 2000) ||
  (typeof value === 'number' && Number.isFinite(value))
    ? null
    : 'A line holds short texts and numbers only.',
)

const OwnLineInput = dto({ line })

/** The check of a field, with its sentence, out of its shape. */
function decoratorOf(shape: Shape): Decorate {
  const common = { optional: shape.optional === true, nullable: shape.nullable === true }
  switch (shape.type) {
    case 'text':
      return Text({ ...common, max: shape.most })
    case 'one-of':
      return OneOf(shape.values, common)
    case 'flag':
      return Flag(common)
    case 'number':
      return Num({ ...common, min: shape.least, ...(shape.most === undefined ? {} : { max: shape.most }) })
    case 'texts':
      return PlainList('string', { ...common, atMost: shape.most })
    case 'line':
      return line
    case 'own-lines':
      return ListOf(() => OwnLineInput, { atLeast: 1, atMost: 199 })
    case 'motor-spec':
      return Nested(() => MotorSpecInput, common)
    case 'capacitor-spec':
      return Nested(() => CapSpecInput, common)
  }
}

const classes = new Map<string, new () => object>(
  Object.entries(actTable).map(([kind, { input }]) => [
    kind,
    dto(Object.fromEntries(Object.entries<Shape>(input).map(([name, shape]) => [name, decoratorOf(shape)]))),
  ]),
)

/**
 * Check the shape of an act that came over the wire.
 * @throws CoreError `unknown-act`, `invalid-input`
 */
export function validatedAct(plain: unknown): Act {
  const kind = (plain as { kind?: unknown } | null)?.kind
  const type = typeof kind === 'string' ? classes.get(kind) : undefined
  if (!type) throw new CoreError('unknown-act', 'This act is not known. Reload the page.', 'kind')
  return { ...(validated(type, plain) as object), kind } as Act
}
