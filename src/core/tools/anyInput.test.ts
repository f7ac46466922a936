import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { CoreError } from '../errors'
import { runTool, tools } from '.'

/** Where something stands in an example: the keys that lead there. */
type Path = (string | number)[]

function pathsOf(value: unknown, path: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [path]
  const inside = Object.entries(value).flatMap(([key, each]) =>
    pathsOf(each, [...path, Array.isArray(value) ? Number(key) : key]),
  )
  return path.length > 0 ? [path, ...inside] : inside
}

const GONE = Symbol('left out')
/** What a script, a spreadsheet or a tired person puts where something else belongs. */
const junk = fc.constantFrom<unknown>(
  GONE,
  null,
  '',
  'x',
  '5',
  0,
  -1,
  0.001,
  1e-9,
  1e-300,
  5e-324,
  -1e-300,
  7,
  400,
  1e9,
  1e308,
  Number.MAX_VALUE,
  true,
  [],
  [null],
  {},
  { a: 1 },
  'ü'.repeat(300),
)

function changed(example: unknown, path: Path, value: unknown): unknown {
  const copy = structuredClone(example) as Record<string | number, unknown>
  let at = copy
  for (const key of path.slice(0, -1)) {
    const inner = at[key]
    // An earlier change may have taken the way there.
    if (typeof inner !== 'object' || inner === null) return copy
    at = inner as Record<string | number, unknown>
  }
  const last = path.at(-1)!
  if (value === GONE) delete at[last]
  else at[last] = structuredClone(value)
  return copy
}

/** Every number of an answer, with where it stands. */
function numbersIn(value: unknown, path = ''): [string, number][] {
  if (typeof value === 'number') return [[path, value]]
  if (typeof value !== 'object' || value === null) return []
  return Object.entries(value).flatMap(([key, each]) => numbersIn(each, `${path}.${key}`))
}

describe('whatever is put into an example', () => {
  for (const tool of tools)
    for (const { op, example } of tool.inputs) {
      it(`${tool.name}${op ? ` ${op}` : ''} answers with numbers that are numbers, or refuses with a sentence and a place`, () => {
        const paths = pathsOf(example)
        const change = fc.tuple(fc.constantFrom(...paths), junk)
        fc.assert(
          fc.property(fc.array(change, { minLength: 1, maxLength: 3 }), (changes) => {
            const input = changes.reduce<unknown>((all, [path, value]) => changed(all, path, value), example)
            const before = structuredClone(input)
            try {
              const answer = runTool(tool, input)
              for (const [where, number] of numbersIn(answer)) expect(number, where).not.toBeNaN()
              expect(JSON.parse(JSON.stringify(answer))).toEqual(answer)
            } catch (error) {
              if (!(error instanceof CoreError)) throw error
              const { code, message, path } = error.toShape()
              expect(code).toMatch(/^[a-z][a-z-]+$/)
              expect(message.length).toBeGreaterThan(10)
              expect(typeof path).toBe('string')
            }
            expect(input, 'the input is left as it was').toEqual(before)
          }),
          { numRuns: samples(150) },
        )
      })
    }
})
