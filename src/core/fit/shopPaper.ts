import { fieldText } from '../job/fields'
import { labels } from '../job/ledger/labels'
import type { JobSnapshot } from '../job/rows'
import { machineTitle } from '../job/title'
import { list, pairs } from '../record/items'
import type { PaperDocument, RecordItem, RecordSection } from '../record/types'
import { otherPartOf } from './otherAsked'
import { type CardRow, type ShopPart, shopCardOf } from './shopCard'

/** The parts that are looked for: those chosen, and what was decided to replace. */
export function wantedParts(snapshot: JobSnapshot): ShopPart[] {
  const action = snapshot.decisions[0]?.action
  const byDecision: ShopPart =
    action === 'replace-capacitor' ? 'capacitor' : otherPartOf(snapshot, action) ? 'other' : 'motor'
  return (['motor', 'capacitor', 'other'] as const).filter(
    (part) => fieldText(snapshot, 'choice', part) !== '' || part === byDecision,
  )
}

/** The page for the counter as a document, a part after the other. */
export function shopPaper(snapshot: JobSnapshot): PaperDocument {
  const parts = wantedParts(snapshot)
  const cards = parts.map((part) => shopCardOf(snapshot, part))
  const { machine } = snapshot
  return {
    over: `For the counter · ${machineTitle(machine)}`,
    title: cards.map(({ wanted }) => wanted).join('; '),
    lines: [],
    sections: cards.flatMap((card, index): RecordSection[] => {
      const of = parts.length > 1 ? ` (${parts[index]})` : ''
      const part = parts[index]
      const hash = part && part !== 'other' ? machine[labels[part].column] : null
      return [
        section(`From the old one${of}`, rowsOf([...card.plate, ...card.sizes])),
        section(`Say this${of}`, card.say ? list([card.say]) : []),
        section(`Must match${of}`, list(card.must)),
        section(`Saves work${of}`, list(card.better)),
        section(`May differ${of}`, list(card.may)),
        section(`To buy besides${of}`, list(card.besides)),
        section(`What it may cost${of}`, list(card.price)),
        section(`What the seller offers${of}`, list(OFFERS)),
        section(`Not measured yet${of}`, list(card.notKnown)),
        section(
          `Its plate${of}`,
          hash ? [{ kind: 'photos', photos: [{ hash, caption: '', at: '', marks: '' }] }] : [],
        ),
      ].filter(({ items }) => items.length > 0)
    }),
    closing: 'The part’s own plate decides, not this page.',
  }
}

/** Lines to write on: a page for the counter is filled in there. */
const OFFERS = [
  'Number and maker: ______________________',
  'Its hp or µF, volts, rpm, shaft: ______________________',
  'Price, days, may it go back: ______________________',
]

const section = (title: string, items: RecordItem[]): RecordSection => ({ title, items })

const rowsOf = (rows: CardRow[]): RecordItem[] => pairs(rows.map(({ label, value }) => [label, value]))
