import { describe, expect, it } from 'vitest'
import { seedOf } from '../../sampling.testing'
import { readPlate } from '.'
import { type OtherPlate, otherPlates } from './otherPlates.testing'

const bare = (text: string) => text.toUpperCase().replace(/[^\p{L}\p{N}]/gu, '')
/** Names and numbers may keep the damage or have it mended, and a name may lose its last words. */
const fold = (text: string) =>
  bare(text)
    .replace(/O/g, '0')
    .replace(/[IL]/g, '1')
    .replace(/S/g, '5')
    .replace(/B/g, '8')
    .replace(/Z/g, '2')
    .replace(/G/g, '6')
    .replace(/D/g, '0')

function same(read: unknown, says: unknown, damaged: boolean): boolean {
  if (typeof read === 'number' && typeof says === 'number')
    return Math.abs(read - says) <= 0.005 * Math.abs(says)
  if (typeof read === 'string' && typeof says === 'string')
    return damaged ? fold(says).startsWith(fold(read)) : bare(says).startsWith(bare(read))
  if (Array.isArray(read) && Array.isArray(says))
    return read.length === says.length && says.every((each, i) => same(read[i], each, damaged))
  if (read && says && typeof read === 'object' && typeof says === 'object')
    return Object.entries(says).every(([key, value]) => same(Reflect.get(read, key), value, damaged))
  return false
}

interface Told {
  confidence: number
  right: boolean
}

/** What is read of plates: shares of the fields on them, and each answer with its confidence. */
function readAll(plates: OtherPlate[], damaged = false) {
  let [total, right, wrong] = [0, 0, 0]
  const told: Told[] = []
  for (const { text, says, open } of plates) {
    const { fields } = readPlate({ text: text.join('\n') })
    total += Object.keys(says).length
    for (const [key, { value, confidence }] of Object.entries(fields)) {
      if (open.includes(key) || (key === 'speeds' && value === 1)) continue
      const ok = key in says && same(value, says[key], damaged)
      told.push({ confidence, right: ok })
      if (ok) right++
      else wrong++
    }
  }
  return { right: right / total, wrong: wrong / total, told }
}

/** Figures that look like chance and are the same each time. */
function seeded(seed: number): () => number {
  let state = seed
  return () => {
    state = (state * 1103515245 + 12345) % 2147483648
    return state / 2147483648
  }
}

const lookAlikes: Record<string, string> = {
  O: '0',
  0: 'O',
  I: 'l',
  1: 'I',
  S: '5',
  5: 'S',
  B: '8',
  8: 'B',
  Z: '2',
  2: 'Z',
  G: '6',
  6: 'G',
}

/** Letters for their look-alikes, blanks and stops lost, a speck at the end of a line. */
function damaged(plates: OtherPlate[], strength: number): OtherPlate[] {
  const chance = seeded(seedOf(41))
  const hurt = (line: string) =>
    Array.from(line, (char) => {
      const at = chance()
      if (at < strength && lookAlikes[char]) return lookAlikes[char]
      return at < strength && (char === ' ' || char === '.') ? '' : char
    }).join('') + (chance() < strength ? ' ~' : '')
  return plates.map((plate) => ({ ...plate, text: plate.text.map(hurt) }))
}

/** Half of the lines are broken once, at some blank. */
function broken(plates: OtherPlate[]): OtherPlate[] {
  const chance = seeded(seedOf(5))
  return plates.map((plate) => ({
    ...plate,
    text: plate.text.flatMap((line) => {
      const blanks = [...line.matchAll(/ +/g)].filter(({ index }) => index > 0)
      const at = blanks[Math.floor(chance() * blanks.length)]
      return at && chance() < 0.5 ? [line.slice(0, at.index), line.slice(at.index + at[0].length)] : [line]
    }),
  }))
}

describe('plates in other voices', () => {
  const printed = readAll(otherPlates)
  const inPieces = readAll(broken(otherPlates))

  it('are read to 98 % as they are printed, with 1 % wrong', () => {
    const { right, wrong } = printed
    expect(right).toBeGreaterThanOrEqual(0.98)
    expect(wrong).toBeLessThan(0.01)
  })

  it('are read to 90 % with one letter of twelve misread or lost, with 3 % wrong', () => {
    const { right, wrong } = readAll(damaged(otherPlates, 0.08), true)
    expect(right).toBeGreaterThanOrEqual(0.9)
    expect(wrong).toBeLessThan(0.03)
  })

  it('are read to 95 % with half of their lines broken', () => {
    const { right, wrong } = inPieces
    expect(right).toBeGreaterThanOrEqual(0.95)
    expect(wrong).toBeLessThan(0.02)
  })

  it('have what is called sure right to 98 %, and what is called likely to 85 %', () => {
    const told = [...printed.told, ...inPieces.told, ...readAll(damaged(otherPlates, 0.05), true).told]
    const rightOf = (from: number, to: number) => {
      const these = told.filter(({ confidence }) => confidence >= from && confidence < to)
      return these.filter(({ right }) => right).length / these.length
    }
    expect(rightOf(0.85, 2)).toBeGreaterThanOrEqual(0.98)
    expect(rightOf(0.75, 0.85)).toBeGreaterThanOrEqual(0.85)
  })
})
