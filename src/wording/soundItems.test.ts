import { describe, expect, it } from 'vitest'
import { act, id, jobOn, NOW } from '../core/job/job.testing'
import type { JobSnapshot } from '../core/job/rows'
import { recordOf } from '../core/record/ofJob'
import type { RecordItem } from '../core/record/types'
import type { Heard } from '../core/sound/hear'
import { sound } from './en/sound'
import { adviceWords, changeLines, sayingSure } from './sayHeard'
import { soundItems } from './soundItems'

const heard = (change: Partial<Heard> = {}): Heard => ({
  seconds: 4,
  levelDb: -26,
  clipped: false,
  steady: true,
  rpm: { value: 1061.7, low: 1057, high: 1066, from: 'blades' },
  hum: { db: -45, dominant: false },
  tones: [],
  envelope: [],
  suggests: [],
  ...change,
})

const recorded = (job: JobSnapshot, way: 'before' | 'after', told?: Heard): JobSnapshot =>
  act(job, {
    kind: 'sound.add',
    id: id(),
    way,
    name: `${way}.wav`,
    analysis: JSON.stringify({
      seconds: 4,
      levelDb: told?.levelDb ?? -26,
      bands: Array.from({ length: 88 }, () => -60),
      peaks: [],
      ...(told ? { heard: told } : {}),
    }),
  })

const items = (job: JobSnapshot): RecordItem[] =>
  recordOf(job, NOW).sections.flatMap(({ items: own }) =>
    own.flatMap((item) => (item.kind === 'sounds' ? soundItems(item) : [])),
  )
const said = (job: JobSnapshot) => JSON.stringify(items(job))
const charts = (job: JobSnapshot) => items(job).flatMap((item) => (item.kind === 'chart' ? [item.chart] : []))

describe('the recordings of a job in its record', () => {
  const bath = jobOn('bath-exhaust-fan')
  const grinding = (confidence: number) => heard({ suggests: [{ value: 'grinding', confidence }] })

  it('say their length and level, the speed by the beat, and what it may have been where that was likely', () => {
    const one = said(recorded(bath, 'before', grinding(0.8)))
    expect(one).toContain('Before: before.wav, 4 s at 26 dB below full scale.')
    expect(one).toContain('About 1062 turns a minute by its beat.')
    expect(one).toContain('By its sound maybe: grinding. A recording alone decides nothing.')
    expect(said(recorded(bath, 'before', grinding(0.4)))).not.toContain('By its sound')
    expect(said(recorded(bath, 'before'))).toContain('before.wav, 4 s at 26 dB below full scale.')
    expect(items(bath)).toEqual([])
  })

  it('are drawn over each other: the spectra, and the beats of the noise with the name of the race', () => {
    const rough = heard({
      envelope: [
        { hz: 54, strength: 0.5, what: 'outer-race' },
        { hz: 17.7, strength: 0.2, what: 'turn' },
        { hz: 33, strength: 0.01, what: 'ball' },
      ],
    })
    const both = recorded(recorded(bath, 'before', rough), 'after', heard())
    const [spectrum, beats] = charts(both)
    expect(spectrum?.series.map(({ name, points }) => [name, points.length])).toEqual([
      ['before', 88],
      ['after', 88],
    ])
    // Hum, and the turn lies under the lowest band.
    expect(spectrum?.marks).toEqual([{ x: 120, name: 'hum' }])
    expect(beats?.series[0]).toMatchObject({
      name: 'before',
      stems: true,
      points: [
        [54, 0.5],
        [17.7, 0.2],
      ],
    })
    expect(beats?.marks.map(({ name }) => name)).toEqual([
      'outer race of the bearing',
      'once a turn, or a few times',
    ])
    expect(said(both)).toContain('Its noise beats no more 3.1 times to a turn (outer race of the bearing).')
    // Without a beat there is nothing to draw of it.
    expect(charts(recorded(bath, 'before', heard()))).toHaveLength(1)
  })
})

describe('what differs between two recordings', () => {
  const none = { hz: 120, before: null, after: null, holds: false }
  const base = {
    levelDb: 0,
    gone: [],
    newTones: [],
    oddGone: [],
    oddNew: [],
    hum: none,
    rpm: { before: null, after: null },
    beatsGone: [],
    beatsNew: [],
  }
  const lines = (change: Partial<Parameters<typeof changeLines>[0]>) => changeLines({ ...base, ...change })

  it('is said in a sentence each', () => {
    expect(lines({})).toEqual(['As loud as before.'])
    expect(lines({ levelDb: -1.4 })).toEqual(['As loud as before.'])
    expect(lines({ levelDb: -6 })).toEqual(['6.0 dB quieter than before.'])
    expect(lines({ oddGone: [2310.4, 700] })[1]).toBe('Gone: 2310 Hz, 700 Hz.')
    expect(lines({ oddNew: [700] })[1]).toBe('New: 700 Hz.')
    expect(lines({ oddNew: [3100] })[1]).toMatch(/^New: 3100 Hz\. Listen for a dry bearing/)
    expect(lines({ rpm: { before: null, after: 1062 } })[1]).toBe('It turns about 1062 times a minute.')
    expect(lines({ rpm: { before: 1055, after: 1062 } })[1]).toBe('It turns about 1062 times a minute.')
    expect(lines({ rpm: { before: 900, after: 1062 } })[1]).toMatch(/before, about 900\.$/)
    expect(lines({ rpm: { before: 900, after: null } })).toHaveLength(1)
    expect(lines({ beatsNew: [{ hz: 12, strength: 1, what: 'other', order: null }] })[1]).toBe(
      'Its noise beats 12.0 times a second, as it did not before (a beat of its own).',
    )
  })

  it('says of the hum what there is to say, and of the beat of turn and blades nothing', () => {
    expect(lines({ hum: { ...none, before: -30 }, gone: [120.3, 88] })).toEqual([
      'As loud as before.',
      'The hum at 120 Hz stands out no more.',
    ])
    expect(lines({ hum: { ...none, after: -30 } })[1]).toBe('The hum at 120 Hz stands out now.')
    expect(lines({ hum: { ...none, after: -30, holds: true } })[1]).toMatch(
      /is new: a motor hums that cannot turn/,
    )
    expect(lines({ hum: { ...none, before: -40, after: -30 } })[1]).toBe(
      'The hum at 120 Hz is 10.0 dB stronger.',
    )
    expect(lines({ hum: { ...none, before: -30, after: -31 } })).toHaveLength(1)
  })

  it('and how sure a suggestion is goes by what was counted of such ones', () => {
    const sure = (value: 'squeal' | 'none' | 'nothing', confidence: number) =>
      sayingSure({ value, confidence })
    expect(sure('squeal', 0.6)).toBe(
      'Likely. Of 72 made-up recordings that were taken for this, 72 were. A recording alone decides nothing.',
    )
    expect(sure('none', 0.59)).toMatch(
      /^Maybe\. Of 12 made-up recordings that were taken for this, none was\./,
    )
    expect(sure('nothing', 0.3)).toMatch(/^Maybe\. Of 3 made-up/)
    expect(sure('squeal', 0.24)).toBe('')
  })

  it('and what is told while it records have a sentence each', () => {
    for (const advice of ['too-loud', 'too-quiet', 'too-short', 'enough'] as const)
      expect(adviceWords(advice)).toBe(sound[`advice.${advice}`])
  })
})
