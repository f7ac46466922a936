import { describe, expect, it } from 'vitest'
import type { CoreError } from '../errors'
import {
  Flag,
  ListOf,
  MapOf,
  Nested,
  Num,
  OneOf,
  PairList,
  PlainList,
  schemaOf,
  Text,
  TextOr,
  validated,
} from '.'

class Inner {
  @Num({ above: 0, max: 10 }) uF!: number
  @Text({ max: 4, optional: true }) name?: string
}

class Outer {
  @Num({ min: 0, about: 'ohms' }) ohm!: number
  @Num({ nullable: true }) over!: number | null
  @Flag({ optional: true }) on?: boolean
  @OneOf(['CW', 'CCW'], { optional: true }) turn?: string
  @ListOf(() => Inner, { optional: true, atMost: 2 }) parts?: Inner[]
  @PlainList('string', { optional: true, values: ['a', 'b'] }) letters?: string[]
  @PairList({ optional: true }) joined?: [string, string][]
  @Nested(() => Inner, { optional: true }) inner?: Inner
  @TextOr(() => Inner, { optional: true }) label?: string | Inner
  @MapOf({ type: 'number' }, (key, value) => (typeof value === 'number' ? null : `${key} must be a number`), {
    optional: true,
  })
  map?: Record<string, number>
}

const base = { ohm: 1, over: null }
const faultOf = (input: unknown): { path?: string | undefined; message: string } => {
  try {
    validated(Outer, input)
  } catch (error) {
    const { code, path, message } = error as CoreError
    expect(code).toBe('invalid-input')
    return { path, message }
  }
  throw new Error('it was accepted')
}

describe('an input that is right', () => {
  it('is answered as its class, nested parts too', () => {
    const read = validated(Outer, {
      ...base,
      parts: [{ uF: 3 }],
      label: '5 µF',
      map: { a: 1 },
      joined: [['x', 'y']],
    })
    expect(read).toBeInstanceOf(Outer)
    expect(read.parts![0]).toBeInstanceOf(Inner)
    expect(read.over).toBeNull()
  })

  it('may write null for what is left out, and means it where null has a meaning', () => {
    const read = validated(Outer, {
      ...base,
      on: null,
      turn: null,
      parts: null,
      inner: null,
      label: null,
      map: null,
    })
    for (const key of ['on', 'turn', 'parts', 'inner', 'label', 'map'] as const)
      expect(read[key], key).toBeUndefined()
    expect(read.over).toBeNull()
  })

  it('may give a part as text or as an object', () => {
    expect(validated(Outer, { ...base, label: { uF: 5 } }).label).toBeInstanceOf(Inner)
  })
})

describe('an input that is wrong', () => {
  it.each([
    [{ over: null }, 'ohm', /ohm is missing/],
    [{ ...base, ohm: '4' }, 'ohm', /must be a number/],
    [{ ...base, ohm: -1 }, 'ohm', /at least 0/],
    [{ ...base, ohm: Number.NaN }, 'ohm', /must be a number/],
    [{ ...base, on: 'yes' }, 'on', /true or false/],
    [{ ...base, turn: 'left' }, 'turn', /one of: CW, CCW/],
    [{ ...base, over: 1e300 }, 'over', /beyond anything that is measured/],
    [{ ...base, over: -1e300 }, 'over', /beyond anything that is measured/],
    [{ ...base, parts: {} }, 'parts', /must be a list/],
    [{ ...base, parts: [{ uF: 1 }, []] }, 'parts[1]', /objects in braces/],
    [{ ...base, parts: [null] }, 'parts[0]', /objects in braces/],
    [{ ...base, parts: [4] }, 'parts[0]', /objects in braces/],
    [{ ...base, parts: [{ uF: 0 }] }, 'parts[0].uF', /more than 0/],
    [{ ...base, parts: [{ uF: 1 }, { uF: 11 }] }, 'parts[1].uF', /at most 10/],
    [{ ...base, parts: [{ uF: 1 }, { uF: 1 }, { uF: 1 }] }, 'parts', /2/],
    [{ ...base, inner: { uF: 1, name: 'longer' } }, 'inner.name', /longer than 4/],
    [{ ...base, label: { uF: -1 } }, 'label.uF', /more than 0/],
    [{ ...base, map: { a: 'x' } }, 'map.a', /must be a number/],
  ])('%j is refused at its place, with what it should be', (input, path, message) => {
    const fault = faultOf(input)
    expect(fault.path).toBe(path)
    expect(fault.message).toMatch(message)
  })

  it.each([
    ['a list', []],
    ['nothing', null],
    ['a text', 'x'],
    ['a number', 3],
  ])('%s is no object', (_, input) => {
    expect(faultOf(input).message).toMatch(/one JSON object/)
  })

  it('names a letter that is not on the list, and a pair that is none', () => {
    expect(faultOf({ ...base, letters: ['a', 'z'] }).path).toMatch(/^letters/)
    expect(faultOf({ ...base, joined: [['x']] }).path).toMatch(/^joined/)
  })
})

describe('the schema of an input', () => {
  it('says the same as the checks: kinds, limits, what may be left out', () => {
    const schema = schemaOf(Outer) as { required: string[]; properties: Record<string, object> }
    expect(schema.required).toEqual(['ohm', 'over'])
    expect(schema.properties.ohm).toEqual({ type: 'number', minimum: 0, description: 'ohms' })
    expect(schema.properties.over).toEqual({ anyOf: [{ type: 'number' }, { type: 'null' }] })
    expect(schema.properties.turn).toEqual({ enum: ['CW', 'CCW'] })
    expect(schema.properties.inner).toMatchObject({ type: 'object', required: ['uF'] })
  })
})
