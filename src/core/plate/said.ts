import { severalSpeeds } from '../knowledge/motorKinds'
import { kindOfPlateWord } from '../knowledge/plateKinds'
import type { CaptionField, ValueWord } from '../knowledge/plateLexicon'
import { figureOf } from './groups'
import type { Scan } from './scan'
import type { Token } from './tokens'
import type { PlateFields } from './types'

/** A word of a value with its place. */
interface Found {
  value: ValueWord
  line: Token[]
  at: number
}

/** All words that are values, in order. */
export function valuesIn(scan: Scan): Found[] {
  return scan.lines.flatMap((line) =>
    line.flatMap((token, at) =>
      token.kind === 'word' && token.meanings.value && !scan.isUsed(token)
        ? [{ value: token.meanings.value, line, at }]
        : [],
    ),
  )
}

const captionAt = (line: Token[], at: number, field: CaptionField) => line[at]?.meanings.caption === field

/** What a motor's plate says in words: turn, class, duty, protection, bearing, enclosure, kind. */
export function readSaid(scan: Scan, fields: PlateFields): void {
  const found = valuesIn(scan)
  readTurn(scan, found, fields)
  readEnclosure(scan, found, fields)
  readProtection(scan, found, fields)
  readDuty(scan, found, fields)
  const bearing = found.find(({ value }) => value === 'ball' || value === 'sleeve')
  if (bearing)
    fields.bearing = scan.field(
      bearing.value === 'ball' ? 'ball' : 'sleeve',
      withCaption(bearing, 'bearing'),
      0.95,
    )
  readKind(scan, found, fields)
}

/** The word with its caption, where that stands right before it. */
function withCaption({ line, at }: Found, field: CaptionField): Token[] {
  let from = at
  while (
    from > 0 &&
    (captionAt(line, from - 1, field) ||
      (line[from - 1]!.kind === 'sign' && captionAt(line, from - 2, field)))
  )
    from--
  return line.slice(from, at + 1)
}

const turns: Partial<Record<ValueWord, ['CW' | 'CCW', 'shaft-end' | 'lead-end' | null]>> = {
  cw: ['CW', null],
  ccw: ['CCW', null],
  cwse: ['CW', 'shaft-end'],
  ccwse: ['CCW', 'shaft-end'],
  cwle: ['CW', 'lead-end'],
  ccwle: ['CCW', 'lead-end'],
}

function readTurn(scan: Scan, found: Found[], fields: PlateFields): void {
  const both = found.find(({ value, line, at }) => {
    if (value === 'reversible') return !isRevision(line, at)
    return value === 'both-ways' || value === 'to-reverse'
  })
  const turn = found.find(({ value }) => turns[value]) ?? misreadTurn(scan)
  if (turn) {
    const [direction, end] = turns[turn.value]!
    const seen = end ? null : seenFrom(turn.line, turn.at)
    const to = seen?.at ?? turn.at
    const tokens = [...withCaption(turn, 'rotation').slice(0, -1), ...turn.line.slice(turn.at, to + 1)]
    const other = found.some(({ value }) => turns[value] && turns[value]![0] !== direction)
    fields.rotation = scan.field(both || other ? ('reversible' as const) : direction, tokens, 0.95)
    const from = end ?? seen?.end
    if (from) fields.rotationViewedFrom = { value: from, raw: scan.raw(tokens), confidence: 0.93 }
  } else if (both) fields.rotation = scan.field('reversible' as const, withCaption(both, 'rotation'), 0.94)
  if (fields.rotation && !fields.rotationViewedFrom) {
    const apart = found.find(
      ({ value, line, at }) => (value === 'shaft-end' || value === 'lead-end') && line[at]!.text.length > 3,
    )
    if (apart)
      fields.rotationViewedFrom = scan.field(
        apart.value === 'shaft-end' ? 'shaft-end' : 'lead-end',
        [apart.line[apart.at]!],
        0.85,
      )
  }
}

/** "GW ROTATION": two letters, one of them misread, beside the caption that only a turn stands at. */
function misreadTurn(scan: Scan): Found | undefined {
  for (const line of scan.lines)
    for (const [at, { kind, text }] of line.entries()) {
      const turn = /^[CG]{1,2}W$/.test(text) ? (text.length === 2 ? 'cw' : 'ccw') : null
      const beside = [at - 2, at - 1, at + 1].some((near) => captionAt(line, near, 'rotation'))
      if (kind === 'raw' && turn && beside) return { value: turn, line, at }
    }
  return undefined
}

/** "REV. B", "REV 3": the state of a drawing. */
const isRevision = (line: Token[], at: number) => {
  const next = line[at + 1]
  return (
    line[at]!.text === 'REV' &&
    next !== undefined &&
    next.gap <= 1 &&
    next.kind !== 'sign' &&
    next.text.length <= 2
  )
}

/** From which end a turn is seen: the words right behind it. */
function seenFrom(line: Token[], at: number): { end: 'shaft-end' | 'lead-end'; at: number } | null {
  let opposite = false
  for (let i = at + 1; i < line.length && i <= at + 9; i++) {
    const { value, plain } = line[i]!.meanings
    if (value === 'opposite') opposite = true
    else if (value === 'shaft-end' || value === 'lead-end')
      return { end: (value === 'shaft-end') !== opposite ? 'shaft-end' : 'lead-end', at: i }
    else if (value === 'shaft' || value === 'lead') {
      const closes = line[i + 1]?.meanings.value === 'end' ? i + 1 : i
      return { end: (value === 'shaft') !== opposite ? 'shaft-end' : 'lead-end', at: closes }
    } else if (line[i]!.kind === 'word' && !plain && value === undefined) return null
  }
  return null
}

/** Insulation classes by the heat that they bear, °C (IEC 60085). */
const heatClasses: Record<string, string> = { 105: 'A', 120: 'E', 130: 'B', 155: 'F', 180: 'H', 200: 'N' }

/** "CL. 155", with no letter behind it: the class of this heat. */
function classOfHeat(line: Token[], at: number): string | null {
  const letter = heatClasses[figureOf(line[at]!) ?? '']
  const named = line.slice(at + 1, at + 4).some(({ text, gap }) => gap <= 1 && /^[ABEFHN]$/.test(text))
  return letter && !named ? letter : null
}

const lastOf = (line: Token[], field: CaptionField) =>
  line.findLastIndex(({ meanings }) => meanings.caption === field)

/** The letter of the insulation class beside its caption; an 8 is a B. Before any figure: "CL F  50 HZ" is no F of 50. */
export function readClass(scan: Scan, fields: PlateFields): void {
  const letterOf = (token: Token | undefined): string | null => {
    if (!token || scan.isUsed(token)) return null
    const text = token.text === '8' ? 'B' : token.text
    return /^[ABEFHN]$/.test(text) ? text : null
  }
  for (const line of scan.lines)
    for (let at = 0; at < line.length; at++) {
      if (!captionAt(line, at, 'insulationClass') || line[at]!.kind !== 'word') continue
      for (let next = at + 1; next <= at + 4 && next < line.length && line[next]!.gap <= 3; next++) {
        const letter = letterOf(line[next])
        if (letter) {
          fields.insulationClass ??= scan.field(
            letter,
            line.slice(at, next + 1),
            line[next]!.text === letter ? 0.95 : 0.75,
          )
          break
        }
        const byHeat = classOfHeat(line, next)
        if (byHeat && !fields.insulationClass)
          fields.insulationClass = scan.field(byHeat, line.slice(at, next + 1), 0.86)
        const token = line[next]!
        const goesOn =
          token.kind === 'sign' ||
          figureOf(token) !== null ||
          captionAt(line, next, 'insulationClass') ||
          token.text === 'IEC'
        if (!goesOn) break
      }
      // "CLASSE" with no letter behind it was printed as "CLASS E".
      if (!fields.insulationClass && line[at]!.text === 'CLASSE' && at === lastOf(line, 'insulationClass'))
        fields.insulationClass = scan.field('E', [line[at]!], 0.7)
      const before = at > 0 && line[at]!.gap <= 1 ? letterOf(line[at - 1]) : null
      if (before && !fields.insulationClass)
        fields.insulationClass = scan.field(before, line.slice(at - 1, at + 1), 0.88)
    }
}

function readEnclosure(scan: Scan, found: Found[], fields: PlateFields): void {
  const word = found.find(({ value }) => value === 'enclosure')
  const code = ipCode(scan)
  if (word) fields.enclosure = scan.field(word.line[word.at]!.text, withCaption(word, 'enclosure'), 0.95)
  else if (code) fields.enclosure = scan.field(code.text, code.tokens, 0.95)
  else readEnclosureLetters(scan, fields)
}

/** "ENCL DP", "ENCL. OPEN": what stands behind the caption, as printed. */
function readEnclosureLetters(scan: Scan, fields: PlateFields): void {
  for (const line of scan.lines)
    line.forEach((token, at) => {
      if (!captionAt(line, at, 'enclosure') || token.kind !== 'word' || fields.enclosure) return
      const next = line[at + 1]?.kind === 'sign' ? line[at + 2] : line[at + 1]
      const before = token.gap <= 1 ? line[at - 1] : undefined
      if (next?.kind === 'raw' && /^[A-Z]{2,5}$/.test(next.text))
        fields.enclosure = scan.field(next.text, [token, next], 0.88)
      // "OPEN ENCLOSURE"
      else if (before && /^(?:OPEN|CLOSED|ENCLOSED)$/.test(before.text))
        fields.enclosure = scan.field(before.text, [before, token], 0.86)
    })
}

/** IP44, IP 55, IP-20, with look-alikes for its letters and figures. */
function ipCode(scan: Scan): { text: string; tokens: Token[] } | null {
  const match = /(?<![\p{L}\p{N}])[Il1|]P[\s-]{0,2}([0-9XOIlSB]{2})(?![\p{L}\p{N}])/u.exec(scan.source)
  if (!match) return null
  const digits = match[1]!.replace(/[OIlSB]/g, (char) => ({ O: '0', I: '1', l: '1', S: '5', B: '8' })[char]!)
  const end = match.index + match[0].length
  return {
    text: `IP${digits}`,
    tokens: scan.between(match.index, end),
  }
}

function readProtection(scan: Scan, found: Found[], fields: PlateFields): void {
  const impedance = found.find(({ value }) => value === 'impedance')
  if (impedance) {
    fields.thermalProtection = scan.field('impedance' as const, [impedance.line[impedance.at]!], 0.95)
    return
  }
  const thermal = found.find(
    ({ value, line, at }) =>
      value === 'thermally-protected' ||
      (value === 'thermal' && near(line, at, ['protected', 'automatic', 'manual'], 3)),
  )
  const reset = found.find(
    ({ value, line, at }) =>
      value === 'manual' &&
      (/RE?S|REAR|RIAR|NON/.test(line[at]!.text) || near(line, at, ['thermal', 'thermally-protected'], 5)),
  )
  const auto =
    found.find(({ value, line, at }) => value === 'automatic' && near(line, at, ['protected'], 2)) ??
    found.find(({ value, line, at }) => value === 'automatic' && /RESET|REAR|RIAR|SELF/.test(line[at]!.text))
  const at = thermal ?? reset ?? auto
  if (!at) return
  const not = thermal && near(thermal.line, thermal.at, ['not'], 2, 'before')
  const value = not ? ('none' as const) : reset ? ('manual' as const) : ('auto' as const)
  const tokens = [at.line[at.at]!, ...(not ? [not] : [])].sort((a, b) => a.start - b.start)
  fields.thermalProtection = scan.field(value, tokens, 0.95)
}

/** One of these words within so many tokens. */
function near(
  line: Token[],
  at: number,
  values: ValueWord[],
  within: number,
  side: 'before' | 'both' = 'both',
): Token | null {
  const from = Math.max(0, at - within)
  const to = side === 'before' ? at : Math.min(line.length, at + within + 1)
  return (
    line.slice(from, to).find((token) => token.meanings.value && values.includes(token.meanings.value)) ??
    null
  )
}

function readDuty(scan: Scan, found: Found[], fields: PlateFields): void {
  const word = found.find(({ value, line, at }) => {
    if (value === 's1') return scan.raw([line[at]!]).text.toUpperCase() === 'S1'
    return value === 'continuous' || value === 'intermittent'
  })
  const minutes = found.find(({ value, line, at }) => {
    const count = at > 0 ? Number(figureOf(line[at - 1]!) ?? Number.NaN) : Number.NaN
    // "WAIT 5 MINUTES" is a sentence.
    return (
      value === 'minutes' &&
      count >= 5 &&
      count <= 120 &&
      !(line[at - 2]?.kind === 'raw' && line[at - 2]!.text.length > 1)
    )
  })
  if (word)
    fields.duty = scan.field(
      word.value === 'intermittent' ? ('intermittent' as const) : ('continuous' as const),
      withCaption(word, 'duty'),
      0.95,
    )
  else if (minutes)
    fields.duty = scan.field(
      'intermittent' as const,
      minutes.line.slice(minutes.at - 1, minutes.at + 1),
      0.88,
    )
}

function readKind(scan: Scan, found: Found[], fields: PlateFields): void {
  for (const each of found) {
    const kind = kindOfPlateWord[each.value]
    if (!kind) continue
    const several = (fields.speeds?.value ?? 1) > 1
    fields.motorKind = scan.field(several ? severalSpeeds(kind) : kind, [each.line[each.at]!], 0.95)
    return
  }
}
