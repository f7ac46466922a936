import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { compareJobs, type JobStamp } from './compare'
import { backupName, isBackupDue, noPlan, tooMany } from './plan'

const NOW = Date.parse('2026-11-30T22:00:00Z')
const HOUR = 3_600_000
const ago = (hours: number) => new Date(NOW - hours * HOUR).toISOString()

describe('a backup by the calendar', () => {
  const daily = { ...noPlan, folder: '/b', every: 'day' as const }

  it('is due at once where none was made, and never without a folder or a plan', () => {
    expect(isBackupDue(daily, NOW)).toBe(true)
    expect(isBackupDue({ ...daily, folder: '' }, NOW)).toBe(false)
    expect(isBackupDue({ ...daily, every: 'never' }, NOW)).toBe(false)
  })

  it.each([
    ['day', 22, false],
    ['day', 23, true],
    ['day', 40, true],
    ['week', 6 * 24, false],
    ['week', 7 * 24 - 1, true],
  ] as const)('every %s: %d hours after the last it is due: %s', (every, hours, due) => {
    expect(isBackupDue({ ...daily, every, lastAt: ago(hours) }, NOW)).toBe(due)
  })

  it('is due where the last lies in the future or is none', () => {
    expect(isBackupDue({ ...daily, lastAt: ago(-5) }, NOW)).toBe(true)
    expect(isBackupDue({ ...daily, lastAt: 'yesterday' }, NOW)).toBe(true)
  })
})

describe('the backups that are kept', () => {
  const names = [3, 1, 2].map((day) => backupName(Date.parse(`2026-11-0${day}T10:00:00Z`)))

  it('are the newest, and at least one', () => {
    expect(tooMany(names, 2)).toEqual(['rest-cog-2026-11-01-1000.zip'])
    for (const keep of [1, 0, -4, 0.2]) expect(tooMany(names, keep)).toHaveLength(2)
    expect(tooMany(names, 9)).toEqual([])
  })

  it('never a file that is not named as a backup', () => {
    fc.assert(
      fc.property(fc.array(fc.string()), fc.integer({ min: 0, max: 3 }), (others, keep) => {
        const strange = others.filter((name) => !/^rest-cog-\d/.test(name))
        expect(tooMany([...strange, ...names], keep).filter((name) => strange.includes(name))).toEqual([])
      }),
    )
    expect(tooMany(['rest-cog-2026-11-01-1000.zip.new', 'rest-cog.db', 'rest-cog-holiday.zip'], 1)).toEqual(
      [],
    )
  })
})

describe('a backup held against what is here', () => {
  const job = (id: string, rev: number, touchedAt: string): JobStamp => ({ id, rev, touchedAt })

  it('tells what comes, what goes, and what goes back', () => {
    expect(
      compareJobs(
        [job('both', 3, 'b'), job('only there', 1, 'a'), job('older', 2, 'a'), job('newer', 9, 'c')],
        [job('both', 3, 'b'), job('only here', 1, 'a'), job('older', 5, 'b'), job('newer', 4, 'b')],
      ),
    ).toEqual({
      comes: ['only there'],
      goes: ['only here'],
      goesBack: ['older'],
      goesOn: ['newer'],
      same: ['both'],
    })
  })

  it('names every job once, whatever they are', () => {
    const jobs = fc.uniqueArray(
      fc.record({ id: fc.constantFrom(...'abcdefgh'), rev: fc.nat(3), touchedAt: fc.constantFrom('a', 'b') }),
      { selector: ({ id }) => id },
    )
    fc.assert(
      fc.property(jobs, jobs, (backup, here) => {
        const all = Object.values(compareJobs(backup, here)).flat().sort()
        expect(all).toEqual([...new Set([...backup, ...here].map(({ id }) => id))].sort())
      }),
    )
  })
})
