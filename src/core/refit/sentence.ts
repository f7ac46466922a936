import { type RefitAction, refitActions } from './types'

export interface SpokenLine {
  action: RefitAction
  part: string
  count: number | null
  fastener: string
  cup: string
  terminal: string
}

/** Words that begin a line, longest first. */
const VERBS: [RegExp, RefitAction][] = [
  [/^(unscrew|undo|take out)\b/i, 'unscrew'],
  [/^(loosen|slacken)\b/i, 'loosen'],
  [/^unplug\b/i, 'unplug'],
  [/^(disconnect|wire)\b/i, 'disconnect'],
  [/^(pull( off)?)\b(?=.*\b(hose|tube)\b)/i, 'pull-hose'],
  [/^(unclip|clip)\b/i, 'unclip'],
  [/^(lift( off)?)\b/i, 'lift-off'],
  [/^(slide( out)?|draw out)\b/i, 'slide-out'],
  [/^cut tie(s)?\b/i, 'cut-tie'],
  [/^cut (the )?wire\b/i, 'cut-wire'],
  [/^unsolder\b/i, 'unsolder'],
  [/^break( the)? seal\b/i, 'break-seal'],
  [/^drain\b/i, 'drain'],
  [/^mark\b/i, 'mark'],
  [/^measure\b/i, 'measure'],
  [/^(photo|picture)( of)?\b/i, 'photo'],
]

const FASTENER = /\b(hex|screw|screws|nut|nuts|bolt|bolts|torx|phillips|philips|clip|clips)\b/i

/**
 * Read one short sentence as a ledger line: "4 hex 1/4 long, cup B" or "disconnect black wire from COOL".
 * What is not understood stays in the part's name.
 */
export function lineFromSentence(sentence: string): SpokenLine {
  let rest = sentence.trim().replace(/\s+/g, ' ')
  let cup = ''
  rest = rest.replace(/[,;]?\s*\b(?:in(?:to)? )?cup ([a-z0-9]{1,3})\b/i, (_, name: string) => {
    cup = name.toUpperCase()
    return ''
  })
  let terminal = ''
  rest = rest.replace(/\s+(?:from|at|off) (?:terminal )?([A-Z0-9][\w /-]*)$/, (_, name: string) => {
    terminal = name.trim()
    return ''
  })
  const verb = VERBS.find(([pattern]) => pattern.test(rest))
  let action: RefitAction = 'unscrew'
  if (verb) {
    action = verb[1]
    rest = rest.replace(verb[0], '').trim()
  } else {
    const plain = refitActions.find((each) => rest.toLowerCase().startsWith(each))
    if (plain) {
      action = plain
      rest = rest.slice(plain.length).trim()
    }
  }
  let count: number | null = null
  rest = rest.replace(/^(\d{1,3})\s*(?:x|×)?\s+(?=\D|\d+\/)/, (_, digits: string) => {
    count = Number(digits)
    return ''
  })
  rest = rest.replace(/[,;]\s*$/, '').trim()
  const [head, ...others] = rest.split(/\s*(?:,| of (?:the )?)\s*/)
  if ((action === 'unscrew' || action === 'loosen') && head && FASTENER.test(head)) {
    return { action, part: others.join(', ') || head, count, fastener: head, cup, terminal }
  }
  return { action, part: rest || sentence.trim(), count, fastener: '', cup, terminal }
}
