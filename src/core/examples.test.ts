import { describe, expect, it } from 'vitest'

const modules = import.meta.glob<Record<string, unknown>>([
  './**/*.ts',
  '!./**/*.test.ts',
  '!./**/*.testing.ts',
])
const sources = import.meta.glob<string>(['./**/*.ts', '!./**/*.test.ts', '!./**/*.testing.ts'], {
  query: '?raw',
  import: 'default',
  eager: true,
})

/** `@example expression // value`, over one line or several, as the doc comments give it. */
const EXAMPLE = /@example ([\s\S]*?) \/\/ (.*?)(?: \*\/)?\n/g

const examples = Object.entries(sources).flatMap(([path, text]) =>
  [...text.matchAll(EXAMPLE)].map(([, expression = '', value = '']) => ({
    path,
    expression: expression.replace(/\n\s*\*\s*/g, ''),
    value: value.trim(),
  })),
)

/** An example that leaves something out, or speaks of a job that it does not show, is read and not run. */
const runs = ({ expression }: { expression: string }) => !/…|\bsnapshot\b/.test(expression)

describe('the examples of the doc comments are true', () => {
  it('there are some', () => expect(examples.length).toBeGreaterThan(10))

  it.each(examples.filter(runs))('$path: $expression', async ({ path, expression, value }) => {
    const own = (await modules[path]?.()) ?? {}
    const evaluate = (text: string) =>
      new Function(...Object.keys(own), `return (${text})`)(...Object.values(own))
    expect(evaluate(expression)).toEqual(evaluate(value))
  })
})
