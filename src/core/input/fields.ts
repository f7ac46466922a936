import 'reflect-metadata'
import { type ClassTransformOptions, plainToInstance, Transform, Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateBy,
  ValidateIf,
  ValidateNested,
} from 'class-validator'
import { type JsonSchema, registerField, schemaOf } from './schema'

/**
 * Field decorators for the input classes. Each joins the class-validator checks, the sentence that says what to do,
 * and the JSON Schema fragment, so that the three cannot drift apart.
 */

type Constructor = new () => object
type Decorate = (target: object, key: string) => void

interface Common {
  optional?: boolean
  nullable?: boolean
  about?: string
}

function field(common: Common, schema: JsonSchema, ...decorators: PropertyDecorator[]): Decorate {
  return (target, key) => {
    if (common.optional) IsOptional()(target, key)
    // Spreadsheets and databases write null for what is left out.
    if (common.optional && !common.nullable)
      Transform(({ value }) => (value === null ? undefined : value))(target, key)
    if (common.nullable) ValidateIf((_, value) => value !== null)(target, key)
    for (const decorate of decorators) decorate(target, key)
    const described = common.about ? { ...schema, description: common.about } : schema
    registerField(
      target,
      key,
      common.nullable ? { anyOf: [described, { type: 'null' }] } : described,
      !common.optional,
    )
  }
}

/** No quantity of this trade comes near it, in any unit; beyond it sums and squares run out of numbers. */
const BEYOND_MEASURE = 1e12
const tooLarge = '$property is beyond anything that is measured: check its unit'

interface NumberRange extends Common {
  min?: number
  max?: number
  /** The minimum itself is not allowed: a capacitance of 0 has no window. */
  above?: number
}

/** A finite number. Strings are refused: on the command line a number is a JSON number. */
export function Num(range: NumberRange = {}): Decorate {
  const parts: PropertyDecorator[] = [
    IsNumber({ allowNaN: false, allowInfinity: false }, { message: '$property must be a number' }),
  ]
  if (range.max === undefined) parts.push(Max(BEYOND_MEASURE, { message: tooLarge }))
  if (range.min === undefined) parts.push(Min(-BEYOND_MEASURE, { message: tooLarge }))
  if (range.min !== undefined)
    parts.push(Min(range.min, { message: `$property must be at least ${range.min}` }))
  if (range.max !== undefined)
    parts.push(Max(range.max, { message: `$property must be at most ${range.max}` }))
  if (range.above !== undefined) {
    const above = range.above
    parts.push(
      ValidateBy({
        name: 'above',
        validator: {
          validate: (value) => typeof value !== 'number' || value > above,
          defaultMessage: () => `$property must be more than ${above}`,
        },
      }),
    )
  }
  parts.push(
    ValidateBy({
      name: 'measurable',
      validator: {
        validate: (value) => typeof value !== 'number' || isMeasurable(value),
        defaultMessage: () => `$property must be 0 or at least ${UNDER_MEASURE} in magnitude`,
      },
    }),
  )
  const schema: JsonSchema = { type: 'number' }
  if (range.min !== undefined) schema.minimum = range.min
  if (range.max !== undefined) schema.maximum = range.max
  if (range.above !== undefined) schema.exclusiveMinimum = range.above
  return field(range, schema, ...parts)
}

/** Quotients of smaller numbers run over, and no quantity of a motor comes near. */
const UNDER_MEASURE = 1e-30
const isMeasurable = (value: number) => value === 0 || Math.abs(value) >= UNDER_MEASURE

/** A positive number, or a list of one to eight of them, as a plate prints `230` or `208/230`. */
export function PositiveOrList(common: Common = {}): Decorate {
  const positive = (value: unknown) =>
    typeof value === 'number' && value >= UNDER_MEASURE && value <= BEYOND_MEASURE
  return field(
    common,
    {
      anyOf: [
        { type: 'number', exclusiveMinimum: 0 },
        { type: 'array', items: { type: 'number', exclusiveMinimum: 0 }, minItems: 1, maxItems: 8 },
      ],
    },
    ValidateBy({
      name: 'positiveOrList',
      validator: {
        validate: (value) =>
          Array.isArray(value)
            ? value.length > 0 && value.length <= 8 && value.every(positive)
            : positive(value),
        defaultMessage: () => '$property must be a number of more than 0, or a list of one to eight of them',
      },
    }),
  )
}

export function Text(common: Common & { max?: number } = {}): Decorate {
  const max = common.max ?? 20_000
  return field(
    common,
    { type: 'string', maxLength: max },
    IsString({ message: '$property must be text in quotes' }),
    MaxLength(max, { message: `$property is longer than ${max} characters` }),
  )
}

/** A text, or a number that is meant as one: a seed, a number on a label. */
export function TextOrNumber(common: Common & { max?: number } = {}): Decorate {
  const max = common.max ?? 200
  return field(
    common,
    { anyOf: [{ type: 'string', maxLength: max }, { type: 'number' }] },
    Transform(({ value }) => (typeof value === 'number' && Number.isFinite(value) ? String(value) : value)),
    IsString({ message: '$property must be text in quotes or a number' }),
    MaxLength(max, { message: `$property must have at most ${max} characters` }),
  )
}

export function Flag(common: Common = {}): Decorate {
  return field(common, { type: 'boolean' }, IsBoolean({ message: '$property must be true or false' }))
}

export function OneOf(values: readonly (string | number)[], common: Common = {}): Decorate {
  return field(
    common,
    { enum: [...values] },
    IsIn([...values], { message: `$property must be one of: ${values.join(', ')}` }),
  )
}

interface ListSize extends Common {
  atLeast?: number
  atMost?: number
}

function listChecks(size: ListSize, atMost: number): PropertyDecorator[] {
  const parts: PropertyDecorator[] = [
    IsArray({ message: '$property must be a list' }),
    ArrayMaxSize(atMost, { message: `$property holds more than ${atMost} entries` }),
  ]
  if (size.atLeast) {
    parts.push(ArrayMinSize(size.atLeast, { message: `$property needs at least ${size.atLeast} entries` }))
  }
  return parts
}

function listSchema(items: JsonSchema, size: ListSize): JsonSchema {
  return { type: 'array', items, ...(size.atLeast ? { minItems: size.atLeast } : {}) }
}

/** A list of objects of one class. */
export function ListOf(type: () => Constructor, size: ListSize = {}): Decorate {
  return (target, key) => {
    Type(type)(target, key)
    field(
      size,
      { lazy: () => listSchema(schemaOf(type()), size) },
      ...listChecks(size, size.atMost ?? 100_000),
      eachAnObject(),
      ValidateNested({ each: true, message: '$property must hold objects in braces' }),
    )(target, key)
  }
}

/** Nested checks look through a list inside the list; here it is no object. */
const eachAnObject = () =>
  ValidateBy({
    name: 'map',
    validator: {
      validate: (value) => notAnObject(value) < 0,
      defaultMessage: (args) => `${notAnObject(args?.value)}|$property must hold objects in braces`,
    },
  })

const notAnObject = (list: unknown): number =>
  Array.isArray(list)
    ? list.findIndex((each) => typeof each !== 'object' || each === null || Array.isArray(each))
    : -1

/** A list of texts, or of numbers. */
export function PlainList(
  kind: 'string' | 'number',
  size: ListSize & { values?: readonly string[] } = {},
): Decorate {
  const each = {
    each: true,
    message: `each of $property must be a ${kind === 'string' ? 'text in quotes' : 'number'}`,
  }
  const check = size.values
    ? IsIn([...size.values], {
        each: true,
        message: `each of $property must be one of: ${size.values.join(', ')}`,
      })
    : kind === 'string'
      ? IsString(each)
      : ValidateBy(
          {
            name: 'measurable',
            validator: {
              validate: (value) =>
                typeof value === 'number' && Math.abs(value) <= BEYOND_MEASURE && isMeasurable(value),
            },
          },
          each,
        )
  const items: JsonSchema = size.values ? { enum: [...size.values] } : { type: kind }
  return field(size, listSchema(items, size), ...listChecks(size, size.atMost ?? 1000), check)
}

/** A list of pairs of texts. */
export function PairList(size: ListSize = {}): Decorate {
  return field(
    size,
    listSchema({ type: 'array', items: { type: 'string' }, minItems: 2, maxItems: 2 }, size),
    ...listChecks(size, size.atMost ?? 1000),
    ValidateBy({
      name: 'pairs',
      validator: {
        validate: (value) =>
          Array.isArray(value) &&
          value.every(
            (pair) =>
              Array.isArray(pair) && pair.length === 2 && pair.every((end) => typeof end === 'string'),
          ),
        defaultMessage: () => '$property must be a list of pairs of names',
      },
    }),
  )
}

/** An object of one class. */
export function Nested(type: () => Constructor, common: Common = {}): Decorate {
  return (target, key) => {
    Type(type)(target, key)
    field(
      common,
      { lazy: () => schemaOf(type()) },
      IsObject({ message: '$property must be an object in braces' }),
      ValidateNested(),
    )(target, key)
  }
}

/** A map of texts to plain values; `check` names what is wrong with one entry, or answers null. */
export function MapOf(
  valueSchema: JsonSchema,
  check: (key: string, value: unknown) => string | null,
  common: Common & { orNumber?: boolean } = {},
): Decorate {
  const map: JsonSchema = { type: 'object', additionalProperties: valueSchema }
  return field(
    common,
    common.orNumber ? { anyOf: [map, { type: 'number' }] } : map,
    ...(common.orNumber ? [] : [IsObject({ message: '$property must be an object in braces' })]),
    ValidateBy({
      name: 'map',
      validator: {
        validate: (value) => mapFault(value, check) === null,
        // The key goes before the sentence, so that the error's path can name it.
        defaultMessage: (args) => mapFault(args?.value, check) ?? '|$property is not readable',
      },
    }),
  )
}

function mapFault(value: unknown, check: (key: string, value: unknown) => string | null): string | null {
  if (typeof value !== 'object' || value === null) return null
  for (const [key, entry] of Object.entries(value)) {
    const fault = check(key, entry)
    if (fault) return `${key}|${fault}`
  }
  return null
}

/** A field that is a text or an object of one class, as a capacitor label is. */
export function TextOr(type: () => Constructor, common: Common = {}): Decorate {
  return (target, key) => {
    Transform(({ value, options }) =>
      typeof value === 'object' && value !== null ? build(type(), value, options) : value,
    )(target, key)
    field(
      common,
      { lazy: () => ({ anyOf: [{ type: 'string' }, schemaOf(type())] }) },
      ValidateBy({
        name: 'textOrObject',
        validator: {
          validate: (value) =>
            typeof value === 'string' ||
            (typeof value === 'object' && value !== null && !Array.isArray(value)),
          defaultMessage: () => '$property must be the label as text, or an object in braces',
        },
      }),
      // A text needs no more; anything else must be an object that holds what the class asks.
      ValidateIf((_, value) => typeof value !== 'string'),
      ValidateNested({ message: '$property must be the label as text, or an object in braces' }),
    )(target, key)
  }
}

function build(type: Constructor, value: object, options: ClassTransformOptions): object {
  return plainToInstance(type, value, options)
}
