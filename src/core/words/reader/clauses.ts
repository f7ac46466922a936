import { BUTS, type Reading } from './pattern'

/** How a piece of a sentence is meant. */
export interface Piece {
  from: number
  to: number
  /** Classes that stand in it. */
  names: Set<string>
  /** It tells of another machine or another household. */
  another: boolean
  /** It tells of an earlier time. */
  past: boolean
  /** It is a guess about a cause, no observation. */
  guess: boolean
  /** It asks, or says what would be. */
  asks: boolean
}

const QUESTION_HEADS = new Set(
  'which where when how who why what can could should is are do does did has have any would will am'.split(
    ' ',
  ),
)
/** Without a question mark only these begin a question. */
const PLAIN_HEADS = new Set('which where how who why what can could should'.split(' '))

/** A text in pieces: between two stops, commas or a "but", what is said is said of one thing. */
export function piecesOf(reading: Reading): Piece[] {
  const { tokens } = reading
  const pieces: Piece[] = []
  let from = 0
  const close = (to: number) => {
    if (to > from) pieces.push(pieceOf(reading, from, to))
    from = to + 1
  }
  tokens.forEach((token, index) => {
    if (token.kind === 'stop' || token.kind === 'comma' || BUTS.has(token.text)) close(index)
    // “Used to hum now nothing”: what was ends where what is begins, comma or not.
    else if (token.text === 'now' && index > from && pieceOf(reading, from, index).past) {
      pieces.push(pieceOf(reading, from, index))
      from = index
    }
  })
  close(tokens.length)
  tellApart(pieces)
  carry(reading, pieces)
  lookBack(reading, pieces)
  return pieces
}

function pieceOf(reading: Reading, from: number, to: number): Piece {
  const names = new Set<string>()
  for (let at = from; at < to; at++) for (const span of reading.at[at] ?? []) names.add(span.name)
  return {
    from,
    to,
    names,
    another: names.has('another'),
    past: names.has('past') && !names.has('now') && !names.has('since'),
    guess: names.has('maybe'),
    asks: false,
  }
}

/** "My sister's squeals, mine only hums": somebody else's is another one where this one is called mine. */
function tellApart(pieces: Piece[]): void {
  const mine = pieces.findLastIndex(({ names }) => names.has('mine'))
  for (const piece of pieces.slice(0, Math.max(0, mine)))
    if (piece.names.has('possessed')) piece.another = true
}

/** What is said of another machine goes on to the end of its sentence, or until this one is named; a question is one as a whole. */
function carry({ tokens }: Reading, pieces: Piece[]): void {
  let another = false
  let last = -1
  for (const piece of pieces) {
    const between = tokens.slice(Math.max(0, last), piece.from)
    // What stands in brackets ends with them.
    const parted = between.some(({ kind, text }) => kind === 'stop' || text === ')')
    if (parted || piece.names.has('now') || piece.names.has('mine')) another = false
    if (piece.another) another = true
    piece.another = another
    last = piece.to
    piece.asks = isQuestion(piece, pieces, tokens)
  }
}

function isQuestion(piece: Piece, pieces: Piece[], tokens: Reading['tokens']): boolean {
  const end = tokens.findIndex(({ kind }, index) => index >= piece.to && kind === 'stop')
  let start = piece.from
  while (start > 0 && tokens[start - 1]?.kind !== 'stop') start--
  const head = tokens[start]?.text ?? ''
  if (end >= 0) return QUESTION_HEADS.has(head) && tokens[end]?.text === '?'
  // Without a question mark a text that is one question is still one: "where do I find the plate".
  return (
    PLAIN_HEADS.has(head) && tokens[start + 1]?.text !== 'not' && pieces.every(({ from }) => from >= start)
  )
}

/** "It was screaming; today it is normal": what a piece before a "now" tells in the past is over. */
function lookBack({ tokens }: Reading, pieces: Piece[]): void {
  const turn = pieces.findLastIndex(({ names }) => names.has('now') || names.has('allwell'))
  for (const piece of pieces.slice(0, Math.max(0, turn))) {
    const words = tokens.slice(piece.from, piece.to)
    if (
      words.some(
        ({ text }) =>
          ['was', 'were', 'had', 'went'].includes(text) || /^(?!need|speed|breed).{3,}ed$/.test(text),
      )
    )
      piece.past = piece.past || !piece.names.has('since')
  }
}
