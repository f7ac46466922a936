import { readPlate } from '.'
import type { Field, PlateFields, PlateKind, PlateResult } from './types'

export interface Box {
  x0: number
  y0: number
  x1: number
  y1: number
}

/** A word as recognition delivers it, lines in order. */
export interface RecognisedWord {
  text: string
  line: number
  /** 0 … 1 */
  confidence: number
  box: Box
}

export interface ProposedField {
  key: keyof PlateFields
  field: Field<unknown>
  confidence: number
  /** The piece of the picture it came from. */
  box: Box | null
}

/** A wider gap than this many times the height of the words stands for two spaces: another field. */
const FIELD_GAP = 1.1
/** Words recognised worse than this are mostly screws and scratches. */
const NOISE = 0.25

/** Read a plate from recognised words; each field with its trust and where it stands in the picture. */
export function readPlateWords(
  words: RecognisedWord[],
  kind?: PlateKind,
): { result: PlateResult; proposed: ProposedField[]; text: string } {
  const spans: { start: number; end: number; word: RecognisedWord }[] = []
  let text = ''
  let before: RecognisedWord | null = null
  for (const word of words.filter((each) => each.confidence >= NOISE)) {
    if (before) {
      const height = Math.max(before.box.y1 - before.box.y0, 1)
      text +=
        word.line !== before.line ? '\n' : word.box.x0 - before.box.x1 > FIELD_GAP * height ? '   ' : ' '
    }
    spans.push({ start: text.length, end: text.length + word.text.length, word })
    text += word.text
    before = word
  }
  const result = readPlate({ text, ...(kind ? { kind } : {}) })
  const proposed = (Object.entries(result.fields) as [keyof PlateFields, Field<unknown>][]).map(
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
      }
    },
  )
  return { result, proposed, text }
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

/** What the recogniser delivers: blocks of paragraphs of lines of words, confidences 0 … 100. */
export type RecognisedBlocks = {
  paragraphs: { lines: { words: { text: string; confidence: number; bbox: Box }[] }[] }[]
}[]

/** The words of all blocks, lines numbered in order. */
export function wordsOfBlocks(blocks: RecognisedBlocks | null): RecognisedWord[] {
  const lines = (blocks ?? []).flatMap((block) => block.paragraphs.flatMap((paragraph) => paragraph.lines))
  return lines.flatMap(({ words }, line) =>
    words.map((word) => ({ text: word.text, line, confidence: word.confidence / 100, box: word.bbox })),
  )
}

/** Mean confidence by length: long words read well say more than specks. Nothing to read is no confidence. */
export function meanConfidence(words: RecognisedWord[]): number {
  const letters = words.reduce((sum, word) => sum + word.text.length, 0)
  if (letters < 6) return 0
  return words.reduce((sum, word) => sum + word.confidence * word.text.length, 0) / letters
}

/** Under this mean confidence the picture probably lies on its side or on its head. */
export const DOUBTFUL_CONFIDENCE = 0.62

/** Straight first, then on its side either way, then on its head: quarter turns clockwise. */
export const TURNS_TO_TRY = [0, 1, 3, 2] as const
