import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { csvOf } from './csv'

const cell = (text: string): string => Papa.parse<string[]>(csvOf([[text]])).data[0]?.[0] ?? ''

describe('a file for a spreadsheet', () => {
  it.each([
    '=1+1',
    '+1+cmd',
    '@SUM(A1)',
    '-2+cmd|calc',
    '-A1',
    '\t=1+1',
    '\r=1+1',
    '\n=1+1',
    ' =1+1',
    '  -2+3',
  ])('holds %j as text', (text) => {
    expect(cell(text)).toBe(`'${text}`)
  })

  it.each(['-3', '-3.25', '-0,5', '-.5', '12', 'a = b', 'L–N', '4 hex 1/4'])('holds %j as it is', (text) => {
    expect(cell(text)).toBe(text)
  })
})
