import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

describe('the patterns of spoken lines', () => {
  it('repeat no choice of words without a bound: each place of a long line would try all the rest of it', () => {
    const folder = 'src/core/words'
    for (const name of readdirSync(folder).filter(
      (each) => each.endsWith('.ts') && !each.endsWith('.test.ts'),
    )) {
      const found = readFileSync(`${folder}/${name}`, 'utf8').match(/\|[^()|]+(\)[?]?)? \)[*+]/g)
      expect(found, name).toBeNull()
    }
  })
})
