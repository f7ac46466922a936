import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { type Networks, readPicture, type Tensor } from '.'
import { boxesOf, type TextMap } from './boxes'
import { linesOfPieces, wordsOfPieces } from './layout'
import { alphabetOf, type Letter, lettersOf } from './letters'
import { cropped, fromRgba, type Picture, type Quad, resized, straightened, turned } from './picture'

const quad = (x: number, y: number, width: number, height: number, angle = 0): Quad => {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  const corner = (u: number, v: number) => ({ x: x + u * cos - v * sin, y: y + u * sin + v * cos })
  return [corner(0, 0), corner(width, 0), corner(width, height), corner(0, height)]
}

/** A map whose cells inside a turned rectangle are likely text. */
function mapOf(
  width: number,
  height: number,
  shapes: { x: number; y: number; w: number; h: number; angle: number }[],
): TextMap {
  const data = new Float32Array(width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      for (const { x: cx, y: cy, w, h, angle } of shapes) {
        const [dx, dy] = [x + 0.5 - cx, y + 0.5 - cy]
        const u = dx * Math.cos(angle) + dy * Math.sin(angle)
        const v = -dx * Math.sin(angle) + dy * Math.cos(angle)
        if (Math.abs(u) <= w / 2 && Math.abs(v) <= h / 2) data[y * width + x] = 0.9
      }
  return { width, height, data }
}

const striped = (width: number, height: number): Picture => ({
  width,
  height,
  data: Uint8Array.from({ length: width * height * 3 }, (_, i) => (Math.floor(i / 3) % 251) + (i % 3)),
})

describe('pieces of text in a map', () => {
  it('are found one for each patch, larger than the patch on all sides', () => {
    const boxes = boxesOf(
      mapOf(200, 100, [
        { x: 60, y: 30, w: 80, h: 8, angle: 0 },
        { x: 140, y: 70, w: 60, h: 8, angle: 0 },
      ]),
    )
    expect(boxes).toHaveLength(2)
    const xs = boxes.map(({ quad: [a, b] }) => b.x - a.x).sort((a, b) => b - a)
    expect(xs[0]).toBeGreaterThan(82)
    expect(xs[1]).toBeGreaterThan(62)
  })

  it('lie at the angle of the patch, and hold all of it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.6, max: 0.6, noNaN: true }),
        fc.integer({ min: 60, max: 110 }),
        (angle, w) => {
          const [box, ...more] = boxesOf(mapOf(180, 140, [{ x: 90, y: 70, w, h: 9, angle }]))
          expect(more).toEqual([])
          const [a, b] = box!.quad
          expect(Math.abs(Math.atan2(b.y - a.y, b.x - a.x) - angle)).toBeLessThan(0.09)
          expect(Math.hypot(b.x - a.x, b.y - a.y)).toBeGreaterThan(w)
        },
      ),
      { numRuns: samples(40) },
    )
  })

  it('are none where nothing is likely, and specks are none', () => {
    expect(boxesOf(mapOf(50, 50, []))).toEqual([])
    expect(boxesOf(mapOf(50, 50, [{ x: 20, y: 20, w: 2, h: 2, angle: 0 }]))).toEqual([])
  })
})

describe('letters of a piece', () => {
  const alphabet = alphabetOf(['中', 'A', '1'])
  const steps = (classes: number[]) => {
    const data = new Float32Array(classes.length * 5).fill(0.01)
    classes.forEach((each, step) => {
      data[step * 5 + each] = 0.9
    })
    return lettersOf({ steps: classes.length, classes: 5, data }, alphabet)
  }

  it('are the likeliest of each step, repeats drawn together unless a gap is between', () => {
    expect(steps([2, 2, 0, 2, 3, 4]).map(({ char }) => char)).toEqual(['A', 'A', '1', ' '])
  })

  it('never are what no plate carries', () => {
    expect(steps([1, 1, 0]).map(({ char }) => char)).toEqual([])
    expect(alphabet.map(({ char }) => char)).toEqual(['A', '1', ' '])
  })

  it('stand where their step stands', () => {
    expect(steps([0, 0, 2, 0]).map(({ at }) => at)).toEqual([2.5 / 4])
  })
})

describe('pieces in lines', () => {
  const order = (pieces: { quad: Quad; name: string }[]) =>
    linesOfPieces(pieces).map((line) => line.map(({ name }) => name).join(' '))

  it('go from the top, each from the left', () => {
    const pieces = [
      { quad: quad(300, 12, 80, 20), name: 'b' },
      { quad: quad(10, 50, 90, 20), name: 'c' },
      { quad: quad(10, 10, 80, 20), name: 'a' },
    ]
    expect(order(pieces)).toEqual(['a b', 'c'])
  })

  it('stay one line on a plate that leans or bends', () => {
    const lean = Math.PI / 18
    const at = (u: number, v: number) => ({
      x: 50 + u * Math.cos(lean) - v * Math.sin(lean),
      y: 50 + u * Math.sin(lean) + v * Math.cos(lean),
    })
    const piece = (u: number, v: number, name: string) => ({
      quad: quad(at(u, v).x, at(u, v).y, 90, 22, lean),
      name,
    })
    expect(order([piece(0, 0, 'a'), piece(300, 0, 'b'), piece(0, 44, 'c'), piece(300, 44, 'd')])).toEqual([
      'a b',
      'c d',
    ])
    const bent = [0, 6, 8, 6, 0].map((sink, i) => ({
      quad: quad(i * 110, 100 + sink, 90, 24),
      name: String(i),
    }))
    expect(order(bent)).toEqual(['0 1 2 3 4'])
  })

  it('give words with their own place inside the piece', () => {
    const letters: Letter[] = Array.from('AB 12', (char, i) => ({
      char,
      confidence: 0.9,
      at: (i + 0.5) / 5,
      others: [],
    }))
    const words = wordsOfPieces([{ quad: quad(100, 10, 100, 20), letters }])
    expect(words.map(({ text, line }) => [text, line])).toEqual([
      ['AB', 0],
      ['12', 0],
    ])
    expect(words[0]!.box.x0).toBeCloseTo(100)
    expect(words[0]!.box.x1).toBeCloseTo(140)
    expect(words[1]!.box.x0).toBeCloseTo(160)
  })
})

describe('pictures', () => {
  it('are themselves again after four quarter turns, and two halves', () => {
    const picture = striped(7, 4)
    expect(turned(picture, 4)).toEqual(picture)
    expect(turned(turned(picture, 1), 3)).toEqual(picture)
    expect(turned(picture, 1)).toMatchObject({ width: 4, height: 7 })
  })

  it('are cut to what lies inside them', () => {
    const cut = cropped(striped(10, 10), -3, 2, 4, 99)
    expect([cut.width, cut.height]).toEqual([4, 8])
    expect(cut.data[0]).toBe(striped(10, 10).data[3 * 20])
  })

  it('keep an even colour at any size and straightened from any corner', () => {
    const even: Picture = { width: 30, height: 20, data: new Uint8Array(30 * 20 * 3).fill(120) }
    expect(new Set(resized(even, 11, 50).data)).toEqual(new Set([120]))
    expect(new Set(straightened(even, quad(5, 5, 12, 6, 0.3), 48).data)).toEqual(new Set([120]))
  })

  it('come out of a canvas without their transparency', () => {
    expect(fromRgba(Uint8ClampedArray.of(1, 2, 3, 255, 4, 5, 6, 0), 2, 1).data).toEqual(
      Uint8Array.of(1, 2, 3, 4, 5, 6),
    )
  })
})

describe('a whole picture', () => {
  /** Networks that find one line of text where it was drawn, and read "A1" in it when it stands upright. */
  const drawn = (on: {
    line: [number, number, number, number]
    certain: (input: Tensor) => number
  }): Networks => ({
    keys: ['A', '1'],
    find: async ({ dims }) => {
      const [, , height, width] = dims as [number, number, number, number]
      const [x, y, w, h] = on.line
      return {
        dims,
        data: mapOf(width, height, [{ x: x * width, y: y * height, w: w * width, h: h * height, angle: 0 }])
          .data,
      }
    },
    read: async (input) => {
      const certainty = on.certain(input)
      const data = new Float32Array(6 * 4)
      for (const [step, each] of [1, 0, 2, 0, 0, 0].entries()) data[step * 4 + each] = certainty
      return { dims: [1, 6, 4], data }
    },
  })
  const photo = striped(640, 320)

  it('gives its words in the order of its lines', async () => {
    const { words, turnedDegrees } = await readPicture(
      photo,
      drawn({ line: [0.5, 0.5, 0.9, 0.2], certain: () => 0.95 }),
    )
    expect(words.map(({ text }) => text)).toEqual(['A1'])
    expect(turnedDegrees).toBe(0)
  })

  it('is turned round where its longest lines read better on their heads', async () => {
    let looks = 0
    const { turnedDegrees } = await readPicture(
      photo,
      drawn({ line: [0.5, 0.5, 0.9, 0.2], certain: () => (looks++ === 0 ? 0.4 : 0.9) }),
    )
    expect(turnedDegrees).toBe(180)
  })

  it('is cut to the plate where that is a small part of it, and words stand in the cut', async () => {
    const { picture, words } = await readPicture(
      photo,
      drawn({ line: [0.25, 0.3, 0.3, 0.06], certain: () => 0.95 }),
    )
    expect(picture.width).toBeLessThan(400)
    expect(words[0]!.box.x1).toBeLessThanOrEqual(picture.width)
  })

  it('ends where the person has cancelled', async () => {
    const check = () => {
      throw new Error('cancelled')
    }
    await expect(
      readPicture(photo, drawn({ line: [0.5, 0.5, 0.9, 0.2], certain: () => 1 }), { check }),
    ).rejects.toThrow('cancelled')
  })

  it('without print has no words', async () => {
    const empty: Networks = {
      keys: [],
      find: async ({ dims }) => ({ dims, data: new Float32Array((dims[2] ?? 0) * (dims[3] ?? 0)) }),
      read: async () => ({ dims: [1, 0, 0], data: new Float32Array() }),
    }
    expect((await readPicture(photo, empty)).words).toEqual([])
  })
})
