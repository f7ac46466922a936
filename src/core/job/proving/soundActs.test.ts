import { describe, expect, it } from 'vitest'
import { type Heard, keptOf } from '../../sound/hear'
import type { Act } from '../acts/actTypes'
import { diagnoseInputOf } from '../evidence/derive'
import { act, bath, id, refused } from '../job.testing'
import type { RecordingFormat } from '../rows'
import { comparedSounds, heardOf } from './sounds'

const MOST_BANDS = 88
/** As much as a recording can tell: every tone, every beat, every suggestion, figures of many digits. */
const fullest: Heard = {
  seconds: 59.987654,
  levelDb: -26.123456,
  clipped: false,
  steady: false,
  rpm: { value: 1061.765432, low: 1057.123456, high: 1066.987654, from: 'envelope' },
  hum: { db: -45.678912, dominant: false },
  tones: Array.from({ length: 24 }, (_, i) => ({
    hz: 1234.56789 + i,
    db: -33.456789,
    what: 'squeal' as const,
    order: 12.3456789,
  })),
  envelope: Array.from({ length: 16 }, (_, i) => ({
    hz: 123.456789 + i,
    strength: 0.123456789,
    what: 'outer-race' as const,
  })),
  suggests: (['hum', 'squeal', 'grinding', 'rattle', 'clicking', 'roar', 'nothing', 'none'] as const).map(
    (value) => ({ value, confidence: 0.123456789 }),
  ),
}
const analysis = (heard?: Heard, more = '') =>
  JSON.stringify({
    seconds: 59.9,
    levelDb: -26.1,
    bands: Array.from({ length: MOST_BANDS }, () => -101.5),
    peaks: Array.from({ length: 10 }, () => ({ hz: 1234.5, db: -101.5 })),
    ...(heard ? { heard } : {}),
    more,
  })
const add = (text: string, kept?: RecordingFormat): Act => ({
  ...(kept ? { kept } : {}),
  kind: 'sound.add',
  id: id(),
  way: 'before',
  name: 'a.wav',
  analysis: text,
})

describe('a recording is kept with its job', () => {
  it('with all that it can tell, and read again the same', () => {
    const kept = keptOf(fullest)
    const job = act(bath(), add(analysis(kept)))
    expect(comparedSounds(job).before?.heard).toEqual(kept)
  })

  it('up to a length of its own; what a person types has another', () => {
    expect(refused(bath(), add(analysis(undefined, 'x'.repeat(6000))))).toBe('too-long')
    const lesson = (length: number): Act => ({ kind: 'job.edit', field: 'lesson', value: 'x'.repeat(length) })
    expect(refused(bath(), lesson(2001))).toBe('too-long')
    expect(act(bath(), lesson(2000)).job.lesson).toHaveLength(2000)
  })

  it('and is heard with the blades that were counted, whatever lengths the household counts in', () => {
    const blades: Act = { kind: 'field.set', id: id(), part: 'sound', field: 'blades', typed: '5' }
    for (const inches of [0, 1] as const) {
      const job = act(bath(), blades)
      expect(heardOf({ ...job, household: { ...job.household, inches } }).blades, `${inches}`).toBe(5)
    }
  })

  it('and says whether the recording itself is kept; mostly it is not', () => {
    const kept = (job: ReturnType<typeof bath>) => job.sounds.map((row) => row.kept)
    expect(kept(act(bath(), add(analysis())))).toEqual([null])
    expect(kept(act(bath(), add(analysis(), 'webm')))).toEqual(['webm'])
  })

  it('and is refused where it is no analysis', () => {
    expect(refused(bath(), add('{}'))).toBe('not-a-sound')
  })
})

describe('a sound that a recording told', () => {
  const note = (value: string | null, recorded?: 'likely' | 'maybe'): Act => ({
    kind: 'finding.set',
    id: id(),
    observation: 'sound',
    value,
    ...(recorded ? { recorded } : {}),
  })

  it('weighs as recordings were counted, until somebody says what they hear', () => {
    const told = act(bath(), note('grinding', 'maybe'))
    expect(diagnoseInputOf(told)).toMatchObject({ observations: { sound: 'grinding' }, recorded: 'maybe' })
    expect(diagnoseInputOf(act(told, note('grinding', 'likely'))).recorded).toBe('likely')
    expect(diagnoseInputOf(act(told, note('grinding'))).recorded).toBeUndefined()
    expect(diagnoseInputOf(act(told, note(null))).recorded).toBeUndefined()
  })

  it('is the only finding of which a recording tells anything', () => {
    const smell: Act = {
      kind: 'finding.set',
      id: id(),
      observation: 'smell',
      value: 'none',
      recorded: 'likely',
    }
    expect(act(bath(), smell).findings[0]?.recorded).toBeNull()
  })
})
