import { describe, it } from 'vitest'
import { parseCapacitorLabel } from '../capacitor'
import { isCoreError } from '../errors'
import { readPlate } from '../plate'
import { parseTyped } from '../units'
import { readLine } from '../words/ledger'
import { readNotice } from '../words/notice'

/** Patterns that try every way through such a text never end: the test is stopped. How time grows stands in the bench. */
const CHARACTERS = 8000

const pieces = [
  '1',
  '1 ',
  '1/',
  '1-',
  '1.',
  '1,',
  'a ',
  'A',
  '/',
  '+',
  '±',
  ' ',
  '\n',
  '\t',
  '|',
  '5+',
  '5uF ',
  '%',
  '1 1/2 ',
  'M/N ',
  'not ',
  'ë',
  '\u0000',
]

const readers: Record<string, (text: string) => unknown> = {
  'the label of a capacitor': (text) => parseCapacitorLabel(text),
  'the plate of a motor': (text) => readPlate({ text, kind: 'motor' }),
  'the plate of a capacitor': (text) => readPlate({ text, kind: 'capacitor' }),
  'the plate of an appliance': (text) => readPlate({ text, kind: 'appliance' }),
  'a line of the ledger': (text) => readLine({ text }),
  'a typed number': (text) => parseTyped(text, 'ohm'),
  'what has stopped': (text) => readNotice({ text }),
}

describe('a text of one piece over and over', () => {
  for (const [name, read] of Object.entries(readers))
    it(`is read or refused: ${name}`, () => {
      for (const piece of pieces) {
        const text = piece.repeat(Math.ceil(CHARACTERS / piece.length))
        try {
          read(text)
        } catch (error) {
          if (!isCoreError(error)) throw error
        }
      }
    })
})
