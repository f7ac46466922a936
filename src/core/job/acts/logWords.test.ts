import { describe, expect, it } from 'vitest'
import { breakWords } from '../../knowledge/breakWords'
import { isValve } from '../../knowledge/isolation'
import { familyIds } from '../../knowledge/vocabulary'
import { energyOf } from '../energy/energy'
import { act, jobOn, NOW } from '../job.testing'
import { logSentence } from './logWords'

describe('what was done to a point', () => {
  it.each(familyIds)('is said in the words of that point, on %s', (family) => {
    const job = jobOn(family)
    for (const point of job.points) {
      const words = breakWords[point.point]
      const open = act(job, { kind: 'point.open', id: point.id })
      const last = open.log.at(-1)!
      expect(logSentence(last)).toMatch(new RegExp(` is ${words.open}\\.$`))
      const closed = act(open, { kind: 'point.close', id: point.id })
      const sentence = logSentence(closed.log.find(({ kind }) => kind === 'closed')!)
      expect(sentence).toMatch(new RegExp(` is ${words.closed} again\\.$`))
      expect(energyOf(closed, NOW).missing.join('\n')).toContain(`is not ${words.open} yet`)
      // The word of the break is the contrary of what a hand does at a cock.
      if (isValve(point.point)) expect(logSentence(last)).not.toMatch(/open/)
    }
  })

  it('is said so of entries that an older program wrote, without the word', () => {
    const row = { id: 'l', jobId: 'j', position: 0, at: '', subject: '', detail: '', who: '', window: '' }
    const old = (kind: 'opened' | 'closed', label: string) => logSentence({ ...row, kind, label })
    expect(old('opened', 'Gas cock')).toBe('Gas cock is shut.')
    expect(old('closed', 'Gas cock')).toBe('Gas cock is open again.')
    expect(old('opened', 'Plug out of its socket')).toBe('Plug is out.')
    expect(old('opened', 'the switch by the stairs')).toBe('the switch by the stairs is opened.')
  })
})
