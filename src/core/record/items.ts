import type { RecordItem } from './types'

/** A sentence of a record; nothing where there is none to say. */
export const text = (words: string, weight?: 'bold' | 'quiet'): RecordItem[] =>
  words ? [{ kind: 'text', text: words, ...(weight ? { weight } : {}) }] : []

export const list = (items: string[], numbered = false): RecordItem[] =>
  items.length > 0 ? [{ kind: 'list', numbered, items }] : []

export const pairs = (rows: [name: string, value: string][]): RecordItem[] =>
  rows.length > 0 ? [{ kind: 'pairs', rows }] : []

/** @param rows each with an ISO time in UTC */
export const times = (rows: { at: string; text: string }[]): RecordItem[] =>
  rows.length > 0 ? [{ kind: 'times', rows }] : []
