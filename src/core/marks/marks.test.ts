import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Mark, MOST_MARKS, markKinds, marksOf, marksSvg, marksText, markWords, moved } from '.'

const share = fc.integer({ min: 0, max: 1000 }).map((each) => each / 1000)
const mark: fc.Arbitrary<Mark> = fc.record({
  kind: fc.constantFrom(...markKinds),
  x: share,
  y: share,
  toX: share,
  toY: share,
  text: fc.string({ maxLength: 40 }),
})

describe('the marks of a photo', () => {
  it('are kept as text and read again the same', () => {
    fc.assert(
      fc.property(fc.array(mark, { maxLength: MOST_MARKS }), (marks) => {
        expect(marksOf(marksText(marks))).toEqual(marks)
      }),
    )
  })

  it('fit into what one act may carry', () => {
    const longest: Mark = { kind: 'circle', x: 0.123, y: 0.456, toX: 0.789, toY: 0.987, text: 'x'.repeat(40) }
    expect(marksText(Array.from({ length: MOST_MARKS }, () => longest)).length).toBeLessThan(2000)
  })

  it('are none where the text is damaged, and never one that lies beside the photo', () => {
    for (const text of ['', '{}', '[1]', '[["arrow",0,0,2,0,""]]', '[["toString",0,0,0,0,""]]'])
      expect(marksOf(text)).toEqual([])
  })

  it('stay on the photo as a whole when they are moved, and keep their shape', () => {
    fc.assert(
      fc.property(
        mark,
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.double({ min: -2, max: 2, noNaN: true }),
        (one, byX, byY) => {
          const two = moved(one, byX, byY)
          for (const each of [two.x, two.y, two.toX, two.toY]) {
            expect(each).toBeGreaterThanOrEqual(-1e-9)
            expect(each).toBeLessThanOrEqual(1 + 1e-9)
          }
          expect(two.toX - two.x).toBeCloseTo(one.toX - one.x, 9)
          expect(two.toY - two.y).toBeCloseTo(one.toY - one.y, 9)
        },
      ),
    )
  })

  it('are told in words', () => {
    const at = { x: 0, y: 0, toX: 0, toY: 0 }
    expect(markWords({ kind: 'wire', ...at, text: 'brown-white' })).toBe('wire: brown-white')
    expect(markWords({ kind: 'arrow', ...at, text: '' })).toBe('an arrow')
  })

  it('never become markup of their own in the picture', () => {
    const svg = marksSvg(
      [{ kind: 'words', x: 0.5, y: 0.5, toX: 0.5, toY: 0.5, text: '</text><script>' }],
      100,
      50,
    )
    expect(svg).not.toContain('<script')
    expect(svg).toContain('&#60;script&#62;')
  })
})

describe('a wire on a photo', () => {
  const wire = (text: string) =>
    marksSvg([{ kind: 'wire', x: 0.5, y: 0.5, toX: 0.5, toY: 0.5, text }], 100, 100)

  it('is drawn in the colour of its insulation, with its stripe and its name', () => {
    const drawn = wire('brown-white')
    expect(drawn).toContain('fill="#6b3f22"')
    expect(drawn).toContain('stroke="#ffffff"')
    expect(drawn).toContain('>brown-white<')
  })

  it('is a ring alone where its name tells no colour, whatever it is called', () => {
    for (const name of ['lead 3', 'constructor', 'toString'])
      expect(wire(name)).not.toMatch(/fill="#(?!b3541e|ffffff)/)
  })
})
