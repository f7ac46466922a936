import type { Term } from '@/core/knowledge/terms'
import { termsIn } from '@/core/terms/termsIn'

/** A term where a page shows it first. */
export interface TermOnPage {
  term: Term
  range: Range
}

/** What is pressed does its own thing, headings name places, and what is typed or drawn is no sentence. */
export const NOT_IN =
  'button, a, label, summary, h1, h2, dt, input, select, textarea, svg, script, style, [role="button"], [role="checkbox"], [data-words="off"]'

/**
 * Each term once, where it stands first on the page among what is shown; those that stand in buttons and labels alone come
 * without a range to mark.
 */
export function termsOnPage(root: HTMLElement): { marked: TermOnPage[]; all: Term[] } {
  const marked = new Map<string, TermOnPage>()
  const all = new Map<string, Term>()
  const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT)
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const within = node.parentElement
    const text = node.nodeValue ?? ''
    if (!within || text.length < 2 || within.closest('svg, script, style') || !within.checkVisibility())
      continue
    const found = termsIn(text)
    if (found.length === 0) continue
    const pressed = within.closest(NOT_IN) !== null
    for (const { term, from, to } of found) {
      all.set(term.id, term)
      if (pressed || marked.has(term.id)) continue
      const range = document.createRange()
      range.setStart(node, from)
      range.setEnd(node, to)
      marked.set(term.id, { term, range })
    }
  }
  return {
    marked: [...marked.values()],
    all: [...all.values()].sort((one, two) => one.name.localeCompare(two.name)),
  }
}

/** Which of the marked terms lies under a point of the screen. */
export const termAt = (marked: readonly TermOnPage[], x: number, y: number): TermOnPage | undefined =>
  marked.find(({ range }) =>
    [...range.getClientRects()].some(
      // A finger is wider than a letter.
      (rect) => x >= rect.left - 4 && x <= rect.right + 4 && y >= rect.top - 6 && y <= rect.bottom + 6,
    ),
  )
