/** The part of JSON Schema (draft 2020-12) that the input classes need. `lazy` resolves nested classes late. */
export interface JsonSchema {
  type?: string
  description?: string
  enum?: (string | number)[]
  anyOf?: JsonSchema[]
  properties?: Record<string, JsonSchema>
  required?: string[]
  items?: JsonSchema
  additionalProperties?: JsonSchema | boolean
  minimum?: number
  maximum?: number
  exclusiveMinimum?: number
  maxLength?: number
  minItems?: number
  maxItems?: number
  lazy?: () => JsonSchema
  $schema?: string
  title?: string
  examples?: unknown[]
}

interface FieldEntry {
  schema: JsonSchema
  required: boolean
}

const fieldsOf = new WeakMap<object, Map<string, FieldEntry>>()

export function registerField(target: object, key: string, schema: JsonSchema, required: boolean): void {
  const fields = fieldsOf.get(target) ?? new Map<string, FieldEntry>()
  fields.set(key, { schema, required })
  fieldsOf.set(target, fields)
}

/** JSON Schema of an input class, with those of its parents. */
export function schemaOf(type: new () => object): JsonSchema {
  const properties: Record<string, JsonSchema> = {}
  const required: string[] = []
  for (
    let at: object | null = type.prototype as object;
    at && at !== Object.prototype;
    at = Object.getPrototypeOf(at)
  ) {
    for (const [key, entry] of fieldsOf.get(at) ?? []) {
      properties[key] ??= resolve(entry.schema)
      if (entry.required && !required.includes(key)) required.push(key)
    }
  }
  return { type: 'object', properties, ...(required.length ? { required } : {}) }
}

function resolve(schema: JsonSchema): JsonSchema {
  if (schema.lazy) {
    const { lazy, ...rest } = schema
    return { ...resolve(lazy()), ...rest }
  }
  if (schema.anyOf) return { ...schema, anyOf: schema.anyOf.map(resolve) }
  return schema
}
