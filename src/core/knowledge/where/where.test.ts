import { describe, expect, it } from 'vitest'
import { isolationPlans } from '../isolation'
import { motorTemplates } from '../templates'
import { familyIds } from '../vocabulary'
import { moreWays } from '../ways'
import { scenePartOf, scenes } from '.'

/** Every part that the ways of a family name. */
const partsOfWays = (family: (typeof familyIds)[number]): string[] =>
  [motorTemplates[family], ...moreWays(family)].flatMap(({ lines }) => lines.map(({ part }) => part))

describe('the drawing of a machine opened', () => {
  it.each(familyIds)('shows every point that %s is switched off at', (family) => {
    const shown = scenes[family].parts.map(({ id }) => id)
    for (const { point } of isolationPlans[family].points) expect(shown).toContain(point)
  })

  it.each(familyIds)(
    'of %s shows its cover, its motor and its wheel, each once and told how to find',
    (family) => {
      const { parts } = scenes[family]
      const ids = parts.map(({ id }) => id)
      expect(new Set(ids).size).toBe(ids.length)
      expect(ids).toEqual(expect.arrayContaining(['cover', 'motor', 'wheel']))
      for (const { find } of parts) expect(find.length).toBeGreaterThan(20)
    },
  )

  it.each(familyIds)('of %s keeps its numbers within the sheet and apart from each other', (family) => {
    const { parts } = scenes[family]
    for (const { x, y } of parts) {
      expect(x).toBeGreaterThanOrEqual(13)
      expect(x).toBeLessThanOrEqual(640)
      expect(y).toBeGreaterThanOrEqual(13)
      expect(y).toBeLessThanOrEqual(427)
    }
    parts.forEach((one, place) => {
      for (const other of parts.slice(place + 1))
        expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThan(26)
    })
  })

  it.each(familyIds)('of %s names only parts that its ways have, each at one place', (family) => {
    const named = scenes[family].parts.flatMap(({ lines }) => lines ?? [])
    expect(new Set(named).size).toBe(named.length)
    const parts = partsOfWays(family)
    const unknown = named.filter((part) => !parts.includes(part))
    expect(unknown).toEqual([])
  })

  it.each(familyIds)('shows where the acts of the usual way in of %s are', (family) => {
    const hidden = motorTemplates[family].lines.filter(({ part }) => scenePartOf(family, part) === null)
    expect(hidden.map(({ part }) => part)).toEqual([])
  })

  it('finds a part by the name that the template gives it, and none that it does not show', () => {
    expect(scenePartOf('bath-exhaust-fan', 'grille')).toBe('cover')
    expect(scenePartOf('outdoor-unit-fan', 'blade set screws')).toBe('wheel')
    expect(scenePartOf('bath-exhaust-fan', 'blade set screws')).toBeNull()
  })
})
