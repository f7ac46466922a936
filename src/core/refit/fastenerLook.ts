/** What a screw looks like in the hand. */
export interface FastenerLook {
  head: 'hex' | 'cross' | 'slot' | 'star' | 'square' | 'socket' | 'nut' | 'clip' | ''
  /** As printed on its driver, tidied: `1/4`, `t20`, `5 mm`; empty where not said. */
  size: string
  length: 'short' | 'long' | ''
}

export const headNames: Record<Exclude<FastenerLook['head'], ''>, string> = {
  hex: 'six sides outside',
  cross: 'a cross',
  slot: 'one slot',
  star: 'a star with six points',
  square: 'a square hole',
  socket: 'six sides inside, or a set screw',
  nut: 'a nut',
  clip: 'a clip or cap, no screw',
}

/** In the order in which they are looked for: a set screw is a socket though “hex” is said as well. */
const heads: [FastenerLook['head'], RegExp][] = [
  ['clip', /\bclips?\b|\bcaps?\b(?! screw)/],
  ['nut', /\bnuts?\b/],
  ['star', /\btorx\b|\bstar\b|\bt\d{1,2}\b/],
  ['square', /\bsquare\b|\brobertson\b/],
  ['cross', /\bphil+ips\b|\bpozi(?:driv)?\b|\bcross\b/],
  ['socket', /\ballen\b|\bhex key\b|\bset screws?\b|\bsocket\b|\blong key\b/],
  ['slot', /\bslot(?:ted)?\b|\bflat(?: ?head)?\b/],
  ['hex', /\bhex\b|\bbolts?\b/],
]

/**
 * What a fastener of the ledger looks like, as far as its words say it.
 *
 * @example lookOf('1/4 hex long') // { head: 'hex', size: '1/4', length: 'long' }
 */
export function lookOf(words: string): FastenerLook {
  const said = words.toLowerCase()
  return {
    head: heads.find(([, pattern]) => pattern.test(said))?.[0] ?? '',
    size: sizeOf(said),
    length: /\blong(?:er)?\b(?! key)/.test(said)
      ? 'long'
      : /\bshort(?:er)?\b|\bsmall\b/.test(said)
        ? 'short'
        : '',
  }
}

/** `1/4`, `t20`, `5 mm`; inch marks and spaces do not make another size. */
function sizeOf(said: string): string {
  const star = /\bt ?(\d{1,2})\b/.exec(said)
  if (star) return `t${star[1]}`
  const inch = /\b(\d{1,2} )?(\d{1,2}\/\d{1,2})\b/.exec(said)
  if (inch) return `${inch[1] ?? ''}${inch[2]}`
  const metric = /\bm?(\d{1,2}(?:[.,]\d)?) ?mm\b|\bm(\d{1,2}(?:[.,]\d)?)\b/.exec(said)
  return metric ? `${(metric[1] ?? metric[2] ?? '').replace(',', '.')} mm` : ''
}

/**
 * How well a fastener in the hand agrees with one of the ledger: null where a thing that both tell differs, else how many agree.
 *
 * @example agrees(lookOf('hex'), lookOf('1/4 hex long')) // 1
 */
export function agrees(seen: FastenerLook, known: FastenerLook): number | null {
  let agreeing = 0
  for (const key of ['head', 'size', 'length'] as const) {
    if (seen[key] === '' || known[key] === '') continue
    if (seen[key] !== known[key]) return null
    agreeing++
  }
  return agreeing
}
