import { describe, expect, it } from 'vitest'
import { measureOf, turnOf, turns } from './measureKinds'
import { motorTemplates } from './templates'
import { familyIds } from './vocabulary'
import { moreWays } from './ways'

describe('what a line measures or marks', () => {
  it.each([
    ['wheel depth on the shaft', 'depth'],
    ['14 from the motor face', 'depth'],
    ['blade depth from the mounting plane', 'plane'],
    ['gap between wheel and housing, motor side', 'gap'],
    ['gap on the far side', 'gap-far'],
    ['hub to shaft tip', 'tip'],
    ['blade depth on the shaft', 'depth'],
    ['band to shaft end', 'band'],
    ['bracket to shaft end', 'band'],
    ['which way the room-air wheel turns', 'turn'],
    ['end bell against body, a line across their joint', 'joint'],
    ['depth of the vent pipe in its socket', 'pipe'],
    ['bearing depth on the shaft', 'bearing'],
    ['screw hole', null],
  ])('%s: %s', (part, kind) => expect(measureOf(part)?.kind ?? null).toBe(kind))

  it('is known, and drawn, for every line of every way that measures', () => {
    const lines = familyIds
      .flatMap((family) => [motorTemplates[family], ...moreWays(family)])
      .flatMap((way) => way.lines.filter(({ action }) => action === 'measure' || action === 'mark'))
    expect(lines.length).toBeGreaterThan(30)
    expect(lines.map(({ part }) => part).filter((part) => measureOf(part) === null)).toEqual([])
  })

  it('reads a turn back from its mark, and nothing else', () => {
    expect(turnOf(turns.clockwise)).toBe('clockwise')
    expect(turnOf(turns.counterclockwise)).toBe('counterclockwise')
    expect(turnOf('clockwise')).toBeNull()
  })
})
