import type { Span } from './recognised'
import { understood } from './reflow'
import type { Field, PlateFields, PlateResult } from './types'

interface Read {
  text: string
  result: PlateResult
}

type Reader = (text: string) => PlateResult

/** A plate is read anew for each other reading: so many are tried, the likeliest first. */
const MOST_CHOSEN = 12
const MOST_OFFERED = 24
const MOST_OTHERS = 3
/** What another reading must make better: more, the less likely it is. */
const LEAST_GAIN = 0.05
const EACH_DOUBT = 0.1

/** Other readings of the words, the likeliest first. */
function readingsOf(spans: Span[]): { span: Span; text: string; share: number }[] {
  return spans
    .flatMap((span) => (span.word.readings ?? []).map((reading) => ({ span, ...reading })))
    .filter(({ span, text }) => text.length === span.word.text.length)
    .sort((a, b) => b.share - a.share)
}

const put = (source: string, { start, end }: Span, text: string) =>
  source.slice(0, start) + text + source.slice(end)

/** The text in which each hesitating word is read as more of the plate is understood by it. */
export function likeliest(text: string, spans: Span[], read: Reader): Read {
  let best: Read = { text, result: read(text) }
  for (const { span, text: other, share } of readingsOf(spans).slice(0, MOST_CHOSEN)) {
    const tried = put(best.text, span, other)
    if (tried === best.text) continue
    const result = read(tried)
    const gain = understood(result) - understood(best.result)
    if (gain > LEAST_GAIN - EACH_DOUBT * Math.log(Math.max(share, 0.01))) best = { text: tried, result }
  }
  return best
}

/** What each field would say by other readings of its own words. */
export function otherFields(
  { text, result }: Read,
  spans: Span[],
  read: Reader,
): Map<keyof PlateFields, Field<unknown>[]> {
  const found = new Map<keyof PlateFields, Field<unknown>[]>()
  const fields = Object.entries(result.fields) as [keyof PlateFields, Field<unknown>][]
  const tries = readingsOf(spans)
    // The word as it was recognised first is a reading as well, where another was taken.
    .concat(spans.map((span) => ({ span, text: span.word.text, share: 1 })))
    .map((each) => ({ ...each, source: put(text, each.span, each.text) }))
    .filter(({ source }) => source !== text)
    .slice(0, MOST_OFFERED)
  for (const { span, source } of tries) {
    const own = fields.filter(([, { raw }]) => span.start < raw.end && span.end > raw.start)
    if (own.length === 0) continue
    const { fields: other } = read(source)
    for (const [key, field] of own) {
      const says = other[key]
      if (says) found.set(key, withoutTwins(field, [...(found.get(key) ?? []), says]))
    }
  }
  return found
}

/** Each other value once, and not the field's own. */
export function withoutTwins(field: Field<unknown>, others: Field<unknown>[]): Field<unknown>[] {
  const said = new Set([JSON.stringify(field.value)])
  return others
    .filter(({ value }) => {
      const text = JSON.stringify(value)
      if (said.has(text)) return false
      said.add(text)
      return true
    })
    .slice(0, MOST_OTHERS)
}
