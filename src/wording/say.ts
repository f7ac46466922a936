import { IntlMessageFormat } from 'intl-messageformat'
import type { Message, MessageParam } from '../core/message'

/** Sentences by their keys, in the notation of ICU messages. */
export type Catalogue = Readonly<Record<string, string>>

/** Numbers are said to a figure that a hand or an eye could tell apart. */
const NUMBERS = {
  whole: { maximumFractionDigits: 0 },
  one: { maximumFractionDigits: 1 },
  two: { maximumFractionDigits: 2 },
} satisfies Record<string, Intl.NumberFormatOptions>

const compiled = new WeakMap<Catalogue, Map<string, IntlMessageFormat>>()

/**
 * A message as a sentence of this catalogue. Messages within it are said first.
 *
 * @throws Error for a key that the catalogue does not have: a test finds it before a person does
 * @example say({ key: 'point.off', params: { point: { key: 'point.breaker' } } }, practice) // 'Breaker off.'
 */
export function say(message: Message, catalogue: Catalogue, locale = 'en'): string {
  const params = Object.entries(message.params ?? {}).map(([name, value]) => [
    name,
    said(value, catalogue, locale),
  ])
  return String(formatOf(message.key, catalogue, locale).format(Object.fromEntries(params)))
}

/** The same with a capital at its beginning, as a line of its own. */
export function sentence(message: Message, catalogue: Catalogue, locale = 'en'): string {
  const text = say(message, catalogue, locale)
  return text.charAt(0).toLocaleUpperCase(locale) + text.slice(1)
}

const said = (value: MessageParam, catalogue: Catalogue, locale: string): string | number =>
  typeof value === 'object' ? say(value, catalogue, locale) : value

function formatOf(key: string, catalogue: Catalogue, locale: string): IntlMessageFormat {
  const known = compiled.get(catalogue) ?? new Map<string, IntlMessageFormat>()
  compiled.set(catalogue, known)
  const before = known.get(key)
  if (before) return before
  const pattern = catalogue[key]
  if (pattern === undefined) throw new Error(`no sentence for ${key}`)
  const format = new IntlMessageFormat(pattern, locale, { number: NUMBERS })
  known.set(key, format)
  return format
}
