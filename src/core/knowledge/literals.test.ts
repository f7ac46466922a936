import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { askedByHand, askedByNumber, askedFirst, askedLive, askedMore, askedOutside } from './asked'
import { familyIds, motorKindIds, observationIds } from './vocabulary'

/** Files that may name a family or a motor kind, each with its reason. */
const allowed: Record<string, string> = {
  'src/ui/pieces/FamilySection.tsx': 'one drawing for each family; the compiler asks for all of them',
  'src/core/tools/index.ts': 'examples of the tools’ input',
  'src/core/tools/ownTools.ts': 'examples of the tools’ input',
}

const sources = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) return sources(path)
    return /\.tsx?$/.test(path) && !/\.(test|testing)\.tsx?$/.test(path) ? [path] : []
  })

const outside = sources('src').filter(
  (path) => !path.startsWith('src/core/knowledge/') && !path.startsWith('src/demo/') && !(path in allowed),
)
const ids = new RegExp(`['"\`](${[...familyIds, ...motorKindIds].join('|')})['"\`]`)

/** Doc comments show examples with real ids; what runs may not. */
const withoutComments = (text: string) => text.replace(/\/\*[\s\S]*?\*\//g, '').replace(/\/\/.*$/gm, '')

describe('what is known of families and motor kinds stands in the knowledge', () => {
  it('no other file names one of them', () => {
    const named = outside.flatMap((path) =>
      withoutComments(readFileSync(path, 'utf8'))
        .split('\n')
        .filter((line) => ids.test(line))
        .map((line) => `${path}: ${line.trim()}`),
    )
    expect(named).toEqual([])
  })

  it('the files that are allowed to do so still do', () => {
    for (const path of Object.keys(allowed)) expect(readFileSync(path, 'utf8')).toMatch(ids)
  })
})

describe('what is asked', () => {
  const asked = [
    ...askedFirst.map(([id]) => id),
    ...askedMore.map(([id]) => id),
    ...askedByHand,
    ...askedOutside,
    ...askedLive,
    ...askedByNumber,
  ]

  it('every observation has one place where it is asked', () => {
    expect([...asked].sort()).toEqual([...observationIds].sort())
  })
})
