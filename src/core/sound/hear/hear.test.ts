import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  bearingTones,
  changeOf,
  type Heard,
  type HeardOf,
  hear,
  keptOf,
  type Suggested,
  storedHeard,
} from '.'
import { hiss, made, RATE } from './made.testing'
import { drawScene, type Noise, record, type Scene, trueTones } from './recordings.testing'
import { transform } from './transform.testing'

const sine = (hz: number, size: number) => (t: number) => size * Math.sin(2 * Math.PI * hz * t)
const heardIn = (samples: Float32Array, of: Partial<HeardOf> = {}, rate = RATE): Heard =>
  hear({ samples, rate }, { lineHz: 60, ...of }, transform)

describe('a recording', () => {
  it('has its level below full scale, and is steady where half seconds agree within 3 dB', () => {
    const even = heardIn(made(3, sine(400, 0.5)))
    expect(even.levelDb).toBeCloseTo(10 * Math.log10(0.125), 1)
    expect(even.steady).toBe(true)
    expect(heardIn(made(3, (t) => sine(400, t < 1.5 ? 0.5 : 0.3)(t))).steady).toBe(false)
  })
  it('is clipped where three samples in a row stand at full scale, more than five times a second', () => {
    const cut = (size: number) => made(2, (t) => Math.max(-1, Math.min(1, sine(200, size)(t))))
    expect(heardIn(cut(2)).clipped).toBe(true)
    expect(heardIn(cut(0.99)).clipped).toBe(false)
  })
  it('has its tones to one in a hundred or a hertz, and the hum of its own mains among them', () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 3000 }), fc.constantFrom(50, 60), (hz, lineHz) => {
        const noise = hiss(0.01)
        const { tones } = heardIn(
          made(3, (t) => sine(hz, 0.2)(t) + noise()),
          { lineHz },
        )
        expect(Math.abs((tones[0]?.hz ?? 0) - hz)).toBeLessThan(Math.max(1, hz / 100))
        expect(tones[0]?.what === 'hum').toBe(
          hz % (2 * lineHz) === 0 || Math.abs(((hz + lineHz) % (2 * lineHz)) - lineHz) < 1.3,
        )
      }),
      {
        numRuns: 25,
        seed: 5,
        examples: [
          [120, 60],
          [200, 50],
          [100, 60],
        ],
      },
    )
  })
  it('that hums tells how much of what lies under a kilohertz the hum holds', () => {
    const noise = hiss(0.02)
    const of = (size: number) =>
      heardIn(made(3, (t) => sine(120, size)(t) + sine(500, 0.1)(t) + noise())).hum.dominant
    expect([of(0.2), of(0.05)]).toEqual([true, false])
  })
})

describe('the speed', () => {
  const fan = (rpm: number, blades: number) => {
    const noise = hiss(0.05)
    const beat = (rpm / 60) * blades
    return made(4, (t) => sine(beat, 0.1)(t) + sine(2 * beat, 0.05)(t) + sine(3 * beat, 0.02)(t) + noise())
  }
  it('is that of the blades’ beat, between 40 and 106 % of the plate', () => {
    const { rpm } = heardIn(fan(1062, 5), { blades: 5, plateRpm: [1075] })
    expect(rpm).toMatchObject({ from: 'blades' })
    expect(Math.abs((rpm?.value ?? 0) / 1062 - 1)).toBeLessThan(0.005)
    expect(rpm?.low).toBeLessThan(1062)
    expect(rpm?.high).toBeGreaterThan(1062)
    expect(heardIn(fan(1062, 5), { blades: 5, plateRpm: [3450] }).rpm?.value ?? 0).not.toBeCloseTo(1062, -1)
  })
  it('is none where only the mains hum: their beat is no blade’s', () => {
    const noise = hiss(0.01)
    const hum = made(4, (t) => sine(120, 0.3)(t) + sine(240, 0.1)(t) + sine(360, 0.1)(t) + noise())
    expect(heardIn(hum, { blades: 4, plateRpm: [1800] }).rpm).toBeNull()
    expect(heardIn(made(4, hiss(0.1)), { blades: 4 }).rpm).toBeNull()
  })
})

describe('tones of a bearing', () => {
  it('are those of its balls on either race, their spin and the cage', () => {
    const sizes = { balls: 8, ballMm: 6.75, pitchMm: 28.5 }
    const own = bearingTones(sizes, 1750)
    const other = trueTones(sizes, 1750)
    expect(own['outer-race']).toBeCloseTo(other['outer-race'], 9)
    expect(own['inner-race']).toBeCloseTo(other['inner-race'], 9)
    // A mark on a ball meets both races in one spin.
    expect(2 * own.ball).toBeCloseTo(other.ball, 9)
    expect(own.cage).toBeCloseTo(other.cage, 9)
    // Inner and outer race together see every ball once a turn of the shaft.
    expect(own['outer-race'] + own['inner-race']).toBeCloseTo((8 * 1750) / 60, 9)
  })
  it.each(['outer-race', 'inner-race', 'ball'] as const)(
    'of a damaged %s are named in the envelope, the strongest of the races',
    (noise) => {
      const scene = quiet(noise, 3)
      const { envelope } = heardAt(scene)
      const races = envelope.filter(({ what }) => ['outer-race', 'inner-race', 'ball'].includes(what))
      expect(races[0]?.what).toBe(noise)
    },
  )
})

/** A scene with a small phone nearby and nothing beside it. */
const quiet = (noise: Noise, seed: number): Scene =>
  drawScene(noise, seed, { rate: RATE, seconds: 4, beside: [], rpm: 1062, lineHz: 60, blades: 5, echo: 0 })
const heardAt = (scene: Scene): Heard =>
  hear(
    { samples: record(scene), rate: scene.rate },
    {
      lineHz: scene.lineHz,
      blades: scene.blades,
      plateRpm: [Math.round((scene.rpm * 1.03) / 25) * 25],
      bearing: scene.bearing,
    },
    transform,
  )

/** What each noise is called; a voice alone is nothing of a machine. */
const CALLED: [Noise, Suggested][] = [
  ['none', 'none'],
  ['hum', 'hum'],
  ['squeal', 'squeal'],
  ['outer-race', 'grinding'],
  ['inner-race', 'grinding'],
  ['ball', 'grinding'],
  ['rough', 'grinding'],
  ['rattle', 'rattle'],
  ['clicking', 'clicking'],
  ['roar', 'roar'],
  ['silence', 'nothing'],
]

describe('what a recording suggests', () => {
  it.each(CALLED)('of %s is %s, in rooms and phones as they come', (noise, value) => {
    const told = Array.from({ length: 6 }, (_, i) =>
      heardAt(drawScene(noise, 101 + i, { rate: RATE, seconds: 4, beside: [] })),
    )
    for (const { suggests } of told)
      expect(suggests.reduce((sum, { confidence }) => sum + confidence, 0)).toBeLessThanOrEqual(1)
    expect(told.filter(({ suggests }) => suggests[0]?.value === value).length).toBeGreaterThanOrEqual(4)
  })
  it('of somebody who talks is nothing that is sure', () => {
    const told = Array.from({ length: 6 }, (_, i) =>
      heardAt(drawScene('voice', 101 + i, { rate: RATE, seconds: 4, beside: [] })),
    )
    expect(told.filter(({ suggests }) => (suggests[0]?.confidence ?? 0) > 0.5).length).toBeLessThanOrEqual(1)
  })
})

describe('a machine of which nothing is known, neither blades nor plate nor bearing', () => {
  const told = (noise: Noise, seed: number) => {
    const { samples, rate, lineHz } = { samples: record(drawScene(noise, seed)), ...drawScene(noise, seed) }
    return hear({ samples, rate }, { lineHz }, transform)
  }
  it('has its bearing heard by the sharp blows of the balls, and a good one is not taken for that', () => {
    const seeds = [11, 12, 13, 14, 15]
    expect(
      seeds.filter((seed) => told('outer-race', seed).suggests[0]?.value === 'grinding').length,
    ).toBeGreaterThanOrEqual(3)
    for (const seed of seeds) expect(told('none', seed).suggests[0]?.value, `${seed}`).not.toBe('grinding')
  })
  it('has its speed told rightly or not at all', () => {
    for (const seed of [21, 22, 23, 24]) {
      const { rpm } = told('none', seed)
      if (rpm) expect(Math.abs(rpm.value / drawScene('none', seed).rpm - 1), `${seed}`).toBeLessThan(0.02)
    }
  })
})

describe('two recordings of one machine', () => {
  const air = hiss(0.03)
  const before = heardIn(
    made(3, (t) => sine(90, 0.1)(t) + sine(2310, 0.08)(t) + air()),
    { blades: 5 },
  )
  const after = heardIn(
    made(3, (t) => sine(91, 0.05)(t) + sine(700, 0.05)(t) + air()),
    { blades: 5 },
  )
  it('differ by what is gone, what is new and how loud it is; what wanders with the speed is the same tone', () => {
    const { gone, newTones, levelDb } = changeOf(before, after, 60)
    expect(gone.map(Math.round)).toEqual([2310])
    expect(newTones.map(Math.round)).toEqual([700])
    expect(levelDb).toBeLessThan(0)
  })
  it('in what is none of the hum and of no beat: harmonics of the blades come and go with what covers them', () => {
    const louder = heardIn(
      made(
        3,
        (t) => sine(90, 0.1)(t) + sine(180, 0.06)(t) + sine(2310, 0.08)(t) + sine(120, 0.05)(t) + air(),
      ),
      { blades: 5, plateRpm: [1080] },
    )
    const was = heardIn(
      made(3, (t) => sine(90, 0.1)(t) + air()),
      { blades: 5, plateRpm: [1080] },
    )
    const { newTones, oddNew, hum } = changeOf(was, louder, 60)
    expect(newTones.map(Math.round)).toEqual(expect.arrayContaining([180, 2310]))
    expect(oddNew.map(Math.round)).toEqual([2310])
    expect(hum).toMatchObject({ before: null, holds: false })
  })
  it('but not in what swells and fades more slowly than any wheel turns', () => {
    const slow = { ...before, envelope: [{ hz: 1.3, strength: 0.5, what: 'other' as const }] }
    expect(changeOf(slow, after, 60).beatsGone).toEqual([])
    const quick = { ...before, envelope: [{ hz: 5, strength: 0.5, what: 'knock' as const }] }
    expect(changeOf(quick, after, 60).beatsGone).toHaveLength(1)
  })
  it('that are one and the same do not differ', () => {
    const same = changeOf(before, before, 60)
    expect(same).toMatchObject({ levelDb: 0, gone: [], newTones: [], beatsGone: [], beatsNew: [] })
    expect(same.rpm.before).toBe(same.rpm.after)
  })
  it('of a rough bearing and a new one differ by the beat of its race, at whatever speed it runs then', () => {
    const rough = heardAt(quiet('outer-race', 3))
    const [beat] = changeOf(rough, heardAt(quiet('none', 3)), 60).beatsGone
    expect(beat?.what).toBe('outer-race')
    expect(beat?.order).toBeCloseTo((beat?.hz ?? 0) / ((rough.rpm?.value ?? 0) / 60), 6)
    expect(changeOf(heardAt(quiet('none', 3)), rough, 60).beatsNew[0]?.what).toBe('outer-race')
    // Twice as fast it beats twice as often, and is the same beat.
    const faster = {
      ...rough,
      rpm: rough.rpm && { ...rough.rpm, value: 2 * rough.rpm.value },
      envelope: rough.envelope.map((line) => ({ ...line, hz: 2 * line.hz })),
    }
    expect(changeOf(rough, faster, 60).beatsGone).toEqual([])
    // A third of it is left: it is as good as gone.
    const faint = {
      ...rough,
      envelope: rough.envelope.map((line) => ({ ...line, strength: line.strength / 3 })),
    }
    expect(changeOf(rough, faint, 60).beatsGone[0]?.what).toBe('outer-race')
  })
})

describe('what is kept of a recording', () => {
  const kept = keptOf(heardAt(quiet('outer-race', 3)))
  it('comes back as it was, small enough for a row, with what speaks for its suggestion', () => {
    expect(storedHeard(JSON.stringify({ heard: kept }))).toEqual(kept)
    expect(JSON.stringify(kept).length).toBeLessThan(3000)
    expect(kept.suggests[0]?.value).toBe('grinding')
    expect(kept.envelope[0]?.what).toBe('outer-race')
  })
  it('is left out of what is no analysis', () => {
    expect(storedHeard('{')).toBeUndefined()
    expect(storedHeard('null')).toBeUndefined()
  })
  it.each([
    ['nothing', undefined],
    ['text', 'loud'],
    ['a speed of letters', { ...kept, rpm: { value: 'fast' } }],
    ['a suggestion that is none', { ...kept, suggests: [{ value: 'explodes', confidence: 1 }] }],
    ['a tone without a place', { ...kept, tones: [{ db: -20, what: 'hum' }] }],
    ['no level', { ...kept, levelDb: null }],
  ])('is left out where it is %s', (_, value) => {
    expect(storedHeard(JSON.stringify({ heard: value }))).toBeUndefined()
  })
})
