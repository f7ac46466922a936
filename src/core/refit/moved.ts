import type { BackStep, RefitResult, RefitStep } from './types'

/** A line of the way back that the person has put behind another, or first (`after` empty). */
export interface BackMove {
  from: string
  after: string
}

/**
 * The way back with the person's own order: each move in the order in which it was made. A move behind a line that is gone is
 * left out, and the line stands where it was worked out.
 *
 * @example movedBack([{ from: 'b' }, { from: 'a' }], [{ from: 'b', after: 'a' }]).map((step) => step.from) // ['a', 'b']
 */
export function movedBack<T extends Pick<BackStep, 'from'>>(steps: T[], moves: BackMove[]): T[] {
  const order = [...steps]
  for (const { from, after } of moves) {
    const at = order.findIndex((step) => step.from === from)
    const target = after === '' ? -1 : order.findIndex((step) => step.from === after)
    if (at < 0 || from === after || (after !== '' && target < 0)) continue
    const [step] = order.splice(at, 1)
    if (step) order.splice(after === '' ? 0 : order.findIndex((each) => each.from === after) + 1, 0, step)
  }
  return order
}

const SEATED = ['set-on', 'slide-in']
const CLOSES = [...SEATED, 'clip']
const HOLDS = ['screw', 'tighten', 'clip', 'plug', 'push-hose']
/** What closes the machine: what lies behind it has to be back before. */
const COVER = /\b(?:cover|panel|grille|door|lid|shroud|guard|top|back|hood)\b/i

const same = (one: string, other: string) => one.trim().toLowerCase() === other.trim().toLowerCase()

/**
 * What an order of the way back breaks: a seal that comes after the part that lies on it, a screw before its own part is on, a
 * cover that closes over what is not back yet, and whatever `after` says. Each as a sentence, at the line that stands wrong.
 *
 * @param order ids in the order of the way back  @param steps acts in the order of the way in
 * @param seals index of a seal's line to the index of the line of the part that lies on it
 * @param newPart id of the line that sets the new part in; null where nothing is replaced
 * @returns `cannot`: no hands can do it so; else it is unusual, and may be meant
 */
export function brokenOrder(
  order: BackStep[],
  steps: RefitStep[],
  seals: Map<number, number>,
  newPart: string | null,
): { from: string; text: string; cannot: boolean }[] {
  const place = new Map(order.map((step, index) => [step.from, index]))
  const back = new Map(order.map((step) => [step.from, step]))
  const later = (one: string, other: string) => {
    const [a, b] = [place.get(one), place.get(other)]
    return a !== undefined && b !== undefined && a > b
  }
  const found: { from: string; text: string; cannot: boolean }[] = []
  const say = (from: string, text: string, cannot = false) => found.push({ from, text, cannot })
  for (const { from, action, part } of order)
    if (newPart !== null && action === 'transfer' && later(newPart, from))
      say(from, `“${part}” sits on the new part, which is not in its place yet: put that in before.`, true)
  for (const [seal, seat] of seals) {
    const [own, on] = [steps[seal], steps[seat]]
    if (own && on && later(own.id, on.id))
      say(own.id, `The seal “${own.part}” comes after “${on.part}”, which lies on it: put it before.`, true)
  }
  steps.forEach((step, index) => {
    for (const before of step.after ?? [])
      if (later(step.id, before))
        say(
          step.id,
          `“${step.part}” goes back before “${steps.find(({ id }) => id === before)?.part ?? before}”.`,
        )
    const shutOut: RefitStep[] = []
    for (const inner of steps.slice(index + 1)) {
      const [outerBack, innerBack] = [back.get(step.id), back.get(inner.id)]
      if (!outerBack || !innerBack || !later(inner.id, step.id)) continue
      if (
        HOLDS.includes(outerBack.action) &&
        SEATED.includes(innerBack.action) &&
        same(step.part, inner.part)
      )
        say(step.id, `“${inner.part}” is fastened before it is on: put its fasteners after it.`, true)
      else if (CLOSES.includes(outerBack.action) && COVER.test(step.part)) shutOut.push(inner)
    }
    const [first] = shutOut
    if (first) say(first.id, closesOver(step.part, [...new Set(shutOut.map(({ part }) => part))]))
  })
  return found
}

/** As many are named as one takes in at a glance. */
const NAMED = 3

function closesOver(cover: string, parts: string[]): string {
  const named = parts
    .slice(-NAMED)
    .reverse()
    .map((part) => `“${part}”`)
  const more = parts.length - named.length
  return parts.length === 1
    ? `“${cover}” closes before ${named[0]} is back behind it: put ${named[0]} before.`
    : `“${cover}” closes before ${named.join(', ')}${more > 0 ? ` and ${more} more` : ''} are back behind it: put them before.`
}

/** The way back in the person's own order, with what that order breaks. */
export function withMoves(
  result: RefitResult,
  steps: RefitStep[],
  moves: BackMove[],
  seals: Map<number, number>,
  newPart: string | null,
): RefitResult {
  if (moves.length === 0) return result
  const order = movedBack(result.steps, moves)
  const told = new Set(brokenOrder(result.steps, steps, seals, newPart).map(({ text }) => text))
  return {
    ...result,
    steps: order,
    problems: [
      ...result.problems,
      // What the ledger itself has that way was no choice of the person's.
      ...brokenOrder(order, steps, seals, newPart)
        .filter(({ text }) => !told.has(text))
        .map(({ text, from, cannot }) => ({
          code: 'order' as const,
          text,
          from,
          ...(cannot ? { cannot } : {}),
        })),
    ],
  }
}
