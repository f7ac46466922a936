import { readPlate } from '.'
import { likeliest, otherFields, withoutTwins } from './hesitation'
import type { Box, RecognisedWord, Span } from './recognised'
import type { Field, PlateFields, PlateKind, PlateResult } from './types'

export interface ProposedField {
  key: keyof PlateFields
  field: Field<unknown>
  confidence: number
  /** The piece of the picture it came from. */
  box: Box | null
  /** What else it may say, by other readings of its letters or by another photo; likeliest first. */
  others: Field<unknown>[]
}

/** A wider gap than this many times the height of the words stands for two blanks: another field. */
const FIELD_GAP = 1.1
/** Words recognised worse than this are mostly screws and scratches. */
const NOISE = 0.35

/**
 * Read a plate from recognised words; each field with its trust, where it stands in the picture, and what else it may say.
 * Where the recogniser hesitates between letters, the reading that makes more of the plate understood is taken.
 */
export function readPlateWords(
  words: RecognisedWord[],
  kind?: PlateKind,
): { result: PlateResult; proposed: ProposedField[]; text: string } {
  const { text, spans } = laidOut(words.filter((each) => each.confidence >= NOISE))
  const read = (source: string) => readPlate({ text: source, ...(kind ? { kind } : {}) })
  const chosen = likeliest(text, spans, read)
  const others = otherFields(chosen, spans, read)
  const { fields } = chosen.result
  const proposed = (Object.entries(fields) as [keyof PlateFields, Field<unknown>][]).map(
    ([key, field]): ProposedField => {
      const own = spans
        .filter(({ start, end }) => start < field.raw.end && end > field.raw.start)
        .map(({ word }) => word)
      const trust = own.length > 0 ? own.reduce((sum, word) => sum + word.confidence, 0) / own.length : 0.5
      return {
        key,
        field,
        confidence: field.confidence * (0.4 + 0.6 * trust),
        box: union(own.map((word) => word.box)),
        others: others.get(key) ?? [],
      }
    },
  )
  return { result: chosen.result, proposed, text: chosen.text }
}

/** The words as the text of a plate: lines, and wide gaps as two blanks or more. */
function laidOut(words: RecognisedWord[]): { text: string; spans: Span[] } {
  const letter = letterWidth(words)
  const left = Math.min(...words.map(({ box }) => box.x0))
  const spans: Span[] = []
  let [text, lineStart] = ['', 0]
  let before: RecognisedWord | null = null
  for (const word of words) {
    if (before && word.line !== before.line) {
      text += '\n'
      lineStart = text.length
      before = null
    }
    // Columns that stand above each other on the plate do so in the text, so that tables can be read.
    const column = Math.round((word.box.x0 - left) / letter)
    const height = before ? Math.max(before.box.y1 - before.box.y0, 1) : 0
    if (before)
      text +=
        word.box.x0 - before.box.x1 > FIELD_GAP * height
          ? ' '.repeat(Math.max(3, Math.min(40, column - (text.length - lineStart))))
          : ' '
    spans.push({ start: text.length, end: text.length + word.text.length, word })
    text += word.text
    before = word
  }
  return { text, spans }
}

function union(boxes: Box[]): Box | null {
  if (boxes.length === 0) return null
  return {
    x0: Math.min(...boxes.map((box) => box.x0)),
    y0: Math.min(...boxes.map((box) => box.y0)),
    x1: Math.max(...boxes.map((box) => box.x1)),
    y1: Math.max(...boxes.map((box) => box.y1)),
  }
}

/** A proposal and which of several photos it came from. */
export interface PhotoProposal extends ProposedField {
  photo: number
}

/**
 * Fields of several photos of one plate: the first that shows a field has it, a later one adds what those before it lacked.
 * Where a later one says something else, that is offered beside it.
 *
 * @example proposalsOf([[{ key: 'hz', others: [] }], [{ key: 'rpm', others: [] }]]).map(({ key, photo }) => [key, photo]) // [['hz', 0], ['rpm', 1]]
 */
export function proposalsOf(photos: ProposedField[][]): PhotoProposal[] {
  const all = new Map<keyof PlateFields, PhotoProposal>()
  for (const [photo, proposed] of photos.entries())
    for (const each of proposed) {
      const known = all.get(each.key)
      all.set(
        each.key,
        known
          ? { ...known, others: withoutTwins(known.field, [...known.others, each.field]) }
          : { ...each, photo },
      )
    }
  return [...all.values()]
}

/** The usual width of a letter. */
function letterWidth(words: RecognisedWord[]): number {
  const widths = words
    .map(({ box, text }) => (box.x1 - box.x0) / Math.max(1, text.length))
    .sort((a, b) => a - b)
  return Math.max(1, widths[Math.floor(widths.length / 2)] ?? 1)
}
