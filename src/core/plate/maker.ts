import type { Scan } from './scan'
import type { Token } from './tokens'
import type { Field } from './types'

/** What marks a firm, in the languages of the plates. */
const firms =
  /(?:^|[\s.,&/])(?:C[O0]|CORP|C0RP|CORPORATION|LTD|LIMITED|LTDA|GMBH|KG|AG|SARL|SAS|S\.?A\.?S|S\.?A|S\.?P\.?A|S\.?R\.?L|S\.?L|INC|[1IL]NC|MFG|MFRS|LLC|LLP|PLC|AS|A\/S|AB|OY|BV|B\.V|NV|N\.V|SE|OHG|E\.?K|CIE|GROUP|ELECTRIC|ELECTRICAL|ELECTR[1I|L]C|ELECTRONICS|ELETTRICA|ELECTRICA|MOTORS|MOTORENBAU|MOTOREN|ELEKTROMOTOREN|CAPACITORS|CONTROLS|INDUSTRIES|PRODUCTS|WORKS|WERKE|BROS|SONS|MANUFACTURING|CLIMATE|APPLIANCE|APPLIANCES|TECHNOLOGIES|LT[EÉ]E|ENR|COMPANY|DIVISION|SYSTEMS|COMPONENTS|S\.?N\.?C|PTY|APS|FILS|FRERES|HIJOS|FIGLI|SOHNE|TECHNIK|MBH|VENTILATOREN|MOTORENWERKE|KONDENSATOREN|HAUSGER[AÄ]TE|ELETTROMECCANICA|MOTORI|MOTORES|MOTEURS|ENTERPRISES|INTERNATIONAL)(?:[\s.,;]|$)/

/** A mark of a firm and nothing else. */
export const isFirm = (text: string): boolean => firms.test(` ${text.toUpperCase()} `)

interface Candidate {
  tokens: Token[]
  score: number
}

/** The maker: behind a label, marked as a firm, else the first or the last line where it holds a name. */
export function readMaker(scan: Scan): Field<string> | undefined {
  const labelled = behindLabel(scan)
  if (labelled) return named(scan, labelled, 0.94)
  const full = scan.lines.map((line, at) => ({ line, at })).filter(({ line }) => line.length > 0)
  const last = full.at(-1)?.at ?? 0
  const candidates = full.flatMap(({ line, at }): Candidate[] => {
    const tokens = nameIn(scan, line)
    if (tokens.length === 0) return []
    const firm = firms.test(` ${textOf(scan, tokens).toUpperCase()} `)
    const place = at === full[0]!.at ? 2 : at === last ? 1 : at === full[1]?.at ? 0.4 : -0.6
    // "SHAFT DOWN ONLY": what begins with a word of the trade is mostly a sentence.
    const trade = tokens[0]!.kind === 'word' ? 0.7 : 0
    const names = tokens.filter((token) => isName(token) && !isFirm(token.text)).length
    if (names === 0) return []
    const said = tokens.filter(({ kind }) => kind !== 'sign').length
    const whole = names === said && wholeLine(line, tokens)
    const score =
      place +
      (whole ? 0.4 : 0) +
      (firm ? 2 : 0) +
      (names === said ? 0.3 : 0) -
      (tokens.length > 6 ? 1.5 : 0) -
      trade
    // A line in the middle is a name where it holds nothing else: asked about, never sure.
    return score >= 1 || whole ? [{ tokens, score }] : []
  })
  const best = candidates.sort((a, b) => b.score - a.score)[0]
  return best ? named(scan, best.tokens, trustOf(best.score)) : undefined
}

const trustOf = (score: number) => (score >= 3 ? 0.93 : score >= 2 ? 0.88 : score >= 1 ? 0.78 : 0.7)

/** Nothing else stands on the line, or only what has been read, behind a wide gap. */
function wholeLine(line: Token[], tokens: Token[]): boolean {
  const next = line[line.indexOf(tokens.at(-1)!) + 1]
  // A caption ends a name as well: "VERSALINE PART# 22".
  return tokens[0] === line[0] && (!next || next.gap > 1 || next.meanings.caption !== undefined)
}

const textOf = (scan: Scan, tokens: Token[]) => scan.raw(tokens).text

/** A word that the trade does not know, of letters. */
const isName = ({ kind, text }: Token) =>
  kind === 'raw' && text.length >= 3 && (text.match(/\d/g)?.length ?? 0) <= Math.max(1, text.length / 3)

/** The run of words at a line's beginning that may be a name: it ends at a wide gap and at what has been read. */
function nameIn(scan: Scan, line: Token[]): Token[] {
  let from = 0
  // A bar right before a letter is the I of the name.
  while (line[from]?.kind === 'sign' && !(line[from]!.text === '|' && line[from + 1]?.gap === 0)) from++
  const tokens: Token[] = []
  for (let at = from; at < line.length; at++) {
    const token = line[at]!
    if (scan.isUsed(token) || (at > from && token.gap > 2)) break
    // "NORDIGUE INC. - MADE IN CANADA": behind the dash stands no name.
    if (token.kind === 'sign' && /[-–—|]/.test(token.text) && token.gap > 0 && line[at + 1]?.kind === 'word')
      break
    const { figures, caption, value } = token.meanings
    const holds =
      token.kind === 'word' && (caption !== undefined || figures.some(({ mark }) => mark !== 'letter'))
    if (token.kind === 'number' && /\d/.test(token.text) && token.text.length > 2) break
    if (holds && tokens.length > 0 && token.text.length > 3 && value === undefined) break
    tokens.push(token)
  }
  while (tokens.length > 0 && tokens.at(-1)!.kind === 'sign' && tokens.at(-1)!.text !== '.') tokens.pop()
  return tokens.some(isName) ? withoutTail(tokens) : []
}

/** "QUILLFEN MOTOR": what kind of thing it is, is no part of the name unless the firm's mark follows. */
function withoutTail(tokens: Token[]): Token[] {
  const lastName = tokens.findLastIndex((token) => token.kind === 'raw' || token.kind === 'number')
  const tail = tokens.slice(lastName + 1)
  const only = tail.filter(({ kind }) => kind === 'word')
  return only.length === 1 && /MOTOR$|CAPACITOR$|FAN$/.test(only[0]!.text)
    ? tokens.slice(0, lastName + 1)
    : tokens
}

function behindLabel(scan: Scan): Token[] | null {
  for (const line of scan.lines)
    for (let at = 0; at < line.length; at++) {
      if (line[at]!.kind !== 'word' || line[at]!.meanings.caption !== 'manufacturer') continue
      let from = at + 1
      while (line[from]?.kind === 'sign') from++
      const end = line.findIndex((token, i) => i > from && token.gap > 1)
      const tokens = line.slice(from, end < 0 ? undefined : end)
      if (tokens.some(isName)) {
        scan.use(line.slice(at, from))
        return tokens
      }
    }
  return null
}

/** "BLASIUS & REITER KG, OFFINGEN": behind the mark of the firm and a comma stands where it is. */
function withoutTown(text: string): string {
  const [name, ...rest] = text
    .replace(/\s*[-–—]\s*(?:MADE IN|FABRIQU|HECHO EN|HERGESTELLT).*$/i, '')
    .split(', ')
  const isTown =
    rest.length > 0 &&
    firms.test(` ${name!.toUpperCase()} `) &&
    !firms.test(` ${rest.join(' ').toUpperCase()} `)
  return isTown || rest.length === 0 ? name! : text
}

function named(scan: Scan, tokens: Token[], confidence: number): Field<string> {
  const raw = scan.raw(tokens)
  scan.use(tokens)
  const text = withoutTown(raw.text)
    .replace(/^[^\p{L}\p{N}|]+/u, '')
    .replace(/[\s.,;:_-]+$/, '')
  const apart = /^(?:\S ){3,}/.test(text)
  // Letters that stand apart are written together, words by their wider gaps.
  const value = apart
    ? text
        .split(/\s{2,}/)
        .map((word) => word.replaceAll(' ', ''))
        .join(' ')
    : text
  return {
    value,
    raw: {
      text,
      start: raw.start + raw.text.indexOf(text),
      end: raw.start + raw.text.indexOf(text) + text.length,
    },
    confidence,
  }
}
