import { describe, expect, it } from 'vitest'
import { evenLight, type Grey, preparePlate, quarterTurn, resize, rotate, skewOf, toGrey } from '.'

const blank = (width: number, height: number, value: number): Grey => ({
  width,
  height,
  data: new Uint8ClampedArray(width * height).fill(value),
})

/** Rows of dark dashes on a light ground, as print looks from afar. */
function print(width = 400, height = 240, ground = 220, ink = 30): Grey {
  const picture = blank(width, height, ground)
  for (let row = 30; row < height - 30; row += 30) {
    for (let y = row; y < row + 10; y++) {
      for (let x = 40; x < width - 40; x++) if (x % 14 < 9) picture.data[y * width + x] = ink
    }
  }
  return picture
}

const mean = (values: number[]) => values.reduce((sum, value) => sum + value, 0) / values.length

describe('a photo made readable', () => {
  it('weighs colours as the eye does', () => {
    const rgba = new Uint8ClampedArray([255, 0, 0, 255, 0, 255, 0, 255, 0, 0, 255, 255, 255, 255, 255, 255])
    expect([...toGrey(rgba, 4, 1).data]).toEqual([76, 150, 29, 255])
  })

  it('turns by quarters, four of them being none', () => {
    const picture = print(50, 30)
    picture.data[3] = 7
    let turned = quarterTurn(picture)
    expect([turned.width, turned.height]).toEqual([30, 50])
    expect(turned.data[3 * 30 + 29]).toBe(7)
    for (let i = 0; i < 3; i++) turned = quarterTurn(turned)
    expect(turned).toEqual(picture)
  })

  it('shrinks by the mean and grows smoothly', () => {
    const halves = { width: 4, height: 2, data: new Uint8ClampedArray([0, 100, 0, 100, 0, 100, 0, 100]) }
    expect([...resize(halves, 0.5).data]).toEqual([50, 50])
    expect(resize(blank(10, 10, 77), 3).data.every((value) => value === 77)).toBe(true)
  })

  it('takes shadow and glare out, print dark and ground light on both sides', () => {
    const picture = print()
    for (let y = 0; y < picture.height; y++)
      for (let x = 0; x < picture.width; x++)
        picture.data[y * picture.width + x]! *= 0.35 + (0.65 * x) / picture.width
    const even = evenLight(picture)
    const at = (x: number, y: number) => even.data[y * even.width + x]!
    expect(mean([at(44, 33), at(58, 35)])).toBeLessThan(90)
    expect(mean([at(340, 33), at(352, 35)])).toBeLessThan(90)
    expect(mean([at(20, 120), at(380, 120)])).toBeGreaterThan(190)
  })

  it('turns light print on a dark plate over', () => {
    const even = evenLight(print(400, 240, 40, 230))
    expect(even.data[33 * 400 + 44]).toBeLessThan(90)
    expect(even.data[120 * 400 + 20]).toBeGreaterThan(190)
  })

  it.each([-5, -2.5, 0, 1.5, 4.5])('finds that lines were turned by %d degrees', (degrees) => {
    expect(skewOf(rotate(print(), degrees))).toBeCloseTo(degrees, 0)
  })

  it('straightens what it prepares', () => {
    const { picture, turnedDegrees } = preparePlate(rotate(print(), 4))
    expect(turnedDegrees).toBeCloseTo(-4, 0)
    expect(Math.abs(skewOf(picture))).toBeLessThan(0.6)
  })

  it('leaves an empty picture alone', () => {
    expect(skewOf(blank(200, 100, 255))).toBe(0)
    expect(() => preparePlate(blank(20, 10, 128))).not.toThrow()
  })
})
