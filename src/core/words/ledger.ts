import {
  careWords,
  clipNouns,
  colourWords,
  driveWords,
  fastenerNouns,
  hoseNouns,
  liftNouns,
  loosenNouns,
  plugNouns,
  remarkWords,
  sealNouns,
  sealWords,
  slideNouns,
  tieNouns,
  verbs,
} from '../knowledge/ledgerWords'
import { refusalText } from '../refit/bypass'
import { bypassTold } from '../refit/bypassTold'
import type { RefitAction, SwitchKind } from '../refit/types'
import { wordsIn } from './expand'
import { mender } from './mend'
import { inFigures, numberOf } from './numbers'
import { plainEnglish, workshopWords } from './plainEnglish'

export interface LedgerInput {
  text: string
  /** Terminals of the machine, so that "red off at R" is understood. */
  terminals?: string[]
  cups?: string[]
}

export interface LedgerReading {
  action: RefitAction | 'note'
  part: string
  count?: number
  fastener?: string
  cup?: string
  terminal?: string
  from?: string
  to?: string
  colour?: string
  mark?: string
  movesToNewPart?: boolean
  renew?: { material: string; cureHours?: number }
  temporary?: boolean
  switch?: SwitchKind
  amount?: { value: number; unit: string }
  refused?: { code: 'forbidden-bypass'; text: string }
  /** A part that guards people stands beside an act that nobody knows: no line until that is answered. */
  asks?: 'bypass'
}

const word = (pattern: string, flags = ''): RegExp => new RegExp(`\\b(?:${pattern})\\b`, flags)

const patterns = {
  seal: word(sealNouns),
  tie: word(tieNouns),
  hose: word(hoseNouns),
  plug: word(plugNouns),
  lift: word(liftNouns),
  slideNoun: word(slideNouns),
  loosenNoun: word(loosenNouns),
  clip: word(clipNouns),
  fastener: word(fastenerNouns),
  drive: word(driveWords),
  remark: word(remarkWords),
  colour: word(
    Object.keys(colourWords)
      .map((each) => `${each}s?`)
      .join('|'),
  ),
  wire: word('wires?|leads?|conductors?|spades?|strands?|legs?|cores?|cables?'),
  off: word('off|out|from|away|came|pulled|removed?|gone'),
} as const
const did = Object.fromEntries(
  Object.entries(verbs).map(([name, pattern]) => [name, word(pattern)]),
) as Record<keyof typeof verbs, RegExp>

/** Every word of the tables, for mending slips. */
const lexicon = [
  ...wordsIn(
    ...[clipNouns, driveWords, fastenerNouns, hoseNouns, liftNouns, loosenNouns, plugNouns],
    ...[sealNouns, slideNouns, tieNouns, remarkWords],
    ...Object.values(verbs),
  ),
  ...Object.keys(colourWords),
  ...workshopWords,
  ...[
    'temporary',
    'temporarily',
    'inducer',
    'housing',
    'terminal',
    'wire',
    'wires',
    'lead',
    'leads',
    'loom',
    'cable',
  ],
]

const mend = mender(lexicon, [...plainEnglish, ...workshopWords])

/**
 * One line of taking apart, as people speak with gloves on. What is not understood is a note that asks for its act; it is never
 * guessed to be an unscrewing. A forbidden bypass is refused in any wording.
 *
 * @example readLine({ text: '4 hex 1/4 long, cup B' }) // { action: 'unscrew', part: 'hex 1/4 long', count: 4, fastener: 'hex 1/4 long', cup: 'B' }
 */
export function readLine({ text, terminals = [] }: LedgerInput): LedgerReading {
  const said = inFigures(tidy(text, terminals))
  const bypass = bypassIn(text)
  if (bypass) return { ...bypass, part: text.trim(), ...flagsOf(said) }
  const cup = cupOf(said)
  const rest = said.replace(CUP, ' ').replace(/\s+/g, ' ').trim()
  const action = actionOf(rest, terminals)
  const terminal = terminalOf(text, rest, terminals, action)
  const colour = colourOf(rest)
  const amount = action === 'measure' ? amountOf(rest) : null
  const fastener = ['unscrew', 'loosen'].includes(action) ? fastenerOf(rest) : ''
  const count = ['measure', 'note', 'mark', 'photo', 'drain', 'loosen'].includes(action)
    ? null
    : countOf(rest)
  const toOther = action === 'disconnect' ? toOf(text, terminals, terminal) : ''
  const reading: LedgerReading = {
    action,
    part: partOf(text, action),
    ...(count === null ? {} : { count }),
    ...(fastener ? { fastener } : {}),
    ...(cup ? { cup } : {}),
    ...(terminal ? { terminal } : {}),
    ...(toOther && terminal ? { from: terminal, to: toOther } : {}),
    ...(colour ? { colour } : {}),
    ...(action === 'mark' ? { mark: partOf(text, action) } : {}),
    ...(amount ? { amount } : {}),
    ...renewOf(rest, action),
    ...flagsOf(rest),
  }
  return reading
}

/** Lower case, one kind of dash and quote, slips mended; what stands between words is kept. */
function tidy(text: string, terminals: string[]): string {
  const names = new Set(terminals.map((each) => each.toLowerCase()))
  return text
    .toLowerCase()
    .replace(/[‐‑–—−]/g, '-')
    .replace(/[’‘`´]/g, "'")
    .replace(/[“”″]/g, '"')
    .replace(/(\d+)\s*"/g, '$1 inch')
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/\p{L}+/gu, (each) => (names.has(each) ? each : mend(each)))
}

const CUP =
  /[,;]?\s*\b(?:(?:they're|they are|it's|all|went|go(?:es)?|are|is|and) ){0,6}(?:in(?:to|side)? )?(?:the )?(?:cup|tray|jar|pot|tin)\s+(?:no\.? |number )?([a-z]|\d{1,2})\b/

const cupOf = (said: string): string => CUP.exec(said)?.[1]?.toUpperCase() ?? ''

/** A switch that is kept from switching: which, and whether that is refused or asked about. */
function bypassIn(text: string): Pick<LedgerReading, 'action' | 'switch' | 'refused' | 'asks'> | null {
  const told = bypassTold(text)
  if (told.kind === 'none') return null
  if (told.kind === 'asks') return { action: 'note', switch: told.switchKind, asks: 'bypass' }
  if (told.kind === 'allowed') return { action: 'bypass', switch: told.switchKind }
  return {
    action: 'bypass',
    switch: told.switchKind,
    refused: { code: 'forbidden-bypass', text: refusalText(told.switchKind) },
  }
}

const UNIT =
  'mm|millimet(?:er|re)s?|cm|centimet(?:er|re)s?|in(?:ch(?:es)?)?|kil(?:o-?)?ohms?|kohms?|k ohms?|k|ohms?|ω|Ω|milli-?volts?|mv|volts?|v(?: ?[ad]c)?|micro-?farads?|µf|μf|uf|mfd|nano-?farads?|nf|amps?|a|watts?|w|rpm|degrees?(?: [cf])?|°[cf]'
const AMOUNT = new RegExp(`(?<![\\w/.,])(\\d+[ -]\\d+/\\d+|\\d+/\\d+|\\d+(?:[.,]\\d+)?) ?(${UNIT})(?![\\w])`)
const UNIT_IDS: [RegExp, string][] = [
  [/^m(?:m|illimet)/, 'mm'],
  [/^c(?:m|entimet)/, 'cm'],
  [/^in/, 'in'],
  [/^k/, 'kohm'],
  [/^(?:ohm|ω|Ω)/, 'ohm'],
  [/^m(?:v|illi-?v)/, 'mV'],
  [/^v/, 'V'],
  [/^(?:micro|µ|μ|uf|mfd)/, 'uF'],
  [/^n/, 'nF'],
  [/^a/, 'A'],
  [/^w/, 'W'],
  [/^rpm/, 'rpm'],
  [/^(?:degree|°)/, 'degree'],
]

function amountOf(said: string): { value: number; unit: string } | null {
  const match = AMOUNT.exec(said)
  const value = match?.[1] === undefined ? null : numberOf(match[1])
  const unit = UNIT_IDS.find(([pattern]) => pattern.test(match?.[2] ?? ''))?.[1]
  return value === null || !unit ? null : { value, unit }
}

/** A size of a fastener or tool is no measurement, and neither is a length that is left on a wire. */
function measuresSomething(said: string): boolean {
  const match = AMOUNT.exec(said)
  if (!match) return did.measure.test(said)
  const after = said.slice((match.index ?? 0) + match[0].length)
  if (
    new RegExp(
      `^ ?(?:${fastenerNouns}|nut ?driver|driver|key|spanner|wrench|socket|allen|hex|head|long|bit)`,
    ).test(after)
  )
    return false
  if (/\b(?:allen|key|spanner|wrench|driver|torx|drill)\b/.test(said)) return false
  return true
}

const acts: [RefitAction | 'note', (said: string, terminals: string[]) => boolean][] = [
  ['photo', (said) => did.photo.test(said)],
  ['unsolder', (said) => did.unsolder.test(said)],
  [
    'drain',
    (said) =>
      did.drain.test(said) && !/\bdrain (?:hose|pan|line|tube|elbow)\b/.test(said.replace(did.drain, '')),
  ],
  ['cut-tie', (said) => did.cut.test(said) && patterns.tie.test(said)],
  ['break-seal', (said) => patterns.seal.test(said) && breaksSeal(said)],
  ['cut-wire', (said) => did.cut.test(said) && (patterns.wire.test(said) || patterns.colour.test(said))],
  ['mark', (said) => marks(said)],
  ['loosen', (said) => loosens(said)],
  ['measure', (said) => measuresSomething(said) && !removes(said)],
  ['disconnect', (said, terminals) => disconnects(said, terminals)],
  [
    'unplug',
    (said) => did.unplug.test(said) || (patterns.plug.test(said) && apart(said) && !patterns.hose.test(said)),
  ],
  ['pull-hose', (said) => patterns.hose.test(said) && did.pull.test(said)],
  ['unclip', (said) => unclips(said)],
  ['slide-out', (said) => slides(said)],
  ['unscrew', (said) => unscrews(said)],
  ['lift-off', (said) => lifts(said)],
]

function actionOf(said: string, terminals: string[]): RefitAction | 'note' {
  if (isRemark(said) || isCare(said)) return 'note'
  // What is pried off is a cap or a cover, whatever its name holds: “the plug cap”.
  if (PRIED.test(said)) return /\boff\b/.test(said) ? 'lift-off' : 'unclip'
  if (WIRE_OFF.test(said)) return 'disconnect'
  return acts.find(([, fits]) => fits(said, terminals))?.[0] ?? 'note'
}

/** A wire that is off is no mark and no screw, whatever stands beside its terminal: “blue wire off the terminal marked 2”. */
const WIRE_OFF = /^(?:i |we |then |and |now |the ){0,6}(?:[\w-]+ ){0,2}(?:wires?|leads?) off\b/

const PLAIN_VERB = new RegExp(
  `\\b(?:${[verbs.loosen, verbs.unplug, verbs.disconnect, verbs.unclip, verbs.cut, verbs.unsolder, verbs.drain, 'unscrew\\w*|peel\\w*|scrap\\w*|lift\\w*|remov\\w*|took|pull\\w*|undid|undo|slid\\w*|mark\\w*|measur\\w*'].join('|')})\\b`,
)

const CARE = new RegExp(`^(?:i |we |then |and |now ){0,6}(?:${careWords})\\b`)
const SEAL = new RegExp(`\\b(?:${sealWords})\\b`)
const PRIED = /^(?:i |we |then |and |now ){0,6}(?:pr(?:y|ied|ying)|pris(?:e|ed|ing)|lever(?:ed|ing)?)\b/

/** A part is cleaned, scraped of its paint, thawed: it stays where it is. */
const isCare = (said: string): boolean => CARE.test(said) && !SEAL.test(said)

/** Somebody tells what is there; nothing is taken apart. */
const isRemark = (said: string): boolean =>
  patterns.remark.test(said) &&
  !PLAIN_VERB.test(said.replace(/\b(?:tea|coffee|lunch) break\b/g, '')) &&
  !AMOUNT.test(said) &&
  !/\bcup\b/.test(said)

/** Something is parted, with a verb or by being off or out. */
const apart = (said: string): boolean =>
  /\b(?:off|out|away|apart|pulled?|from|disconnected|undone|removed?|unhooked|loose)\b/.test(said) &&
  !/\bto the (?:front|back|left|right)\b/.test(said)

const removes = (said: string): boolean =>
  /\b(?:unscrew\w*|remov\w*|took|take|undid|undo|undone|loosen\w*|slacken\w*|unplug\w*|disconnect\w*|cut|snip\w*|peel\w*|scrap\w*|lift\w*|unclip\w*|pulled|spun|pop\w*)\b/.test(
    said,
  )

function breaksSeal(said: string): boolean {
  if (!did.breakSeal.test(said) && !/\b(?:off|away|out|loose|gone|came|remov\w*|cut)\b/.test(said))
    return false
  // "Foil tape" seals; tape that only holds wires, and a seal that is looked at, are something else.
  return !/\b(?:screw|bolt|nut)s?\b/.test(said) || did.breakSeal.test(said)
}

const marks = (said: string): boolean =>
  (did.mark.test(said) ||
    /\barrow|\bwitness|\bnotch(?:es)? (?:up|down|to)|\bscratch line|\bpencil|\bmarks?\b/.test(said)) &&
  !/\b(?:peel|scrap|unscrew|unplug|remov)\w*/.test(said)

function loosens(said: string): boolean {
  if (
    !patterns.loosenNoun.test(said) &&
    !/\bloosen\w*|\bslacken\w*|\bslacked|\bback(?:ed)? off|\beas(?:e|ed) off/.test(said)
  )
    return false
  if (
    /\b(?:out|removed?|cup|took|taken)\b/.test(said) &&
    !/\bloosen\w*|\bslacken\w*|\bundo\b|\bundid\b/.test(said)
  )
    return false
  return did.loosen.test(said) || /\bturns? (?:back|out)|\bturn\b|\bloose\b/.test(said)
}

function disconnects(said: string, terminals: string[]): boolean {
  const terminal = terminalIn(said, terminals) !== ''
  if (did.disconnect.test(said) && !patterns.hose.test(said) && !patterns.plug.test(said)) return true
  const wire = patterns.wire.test(said)
  const colour = patterns.colour.test(said)
  if (patterns.plug.test(said) || patterns.hose.test(said)) return false
  if (wire && /\b(?:loom|clips?|ties?)\b/.test(said)) return false
  if ((colour || wire) && terminal && apart(said)) return true
  if (did.disconnect.test(said)) return true
  return (
    (colour || /\b(?:earth|ground)\b/.test(said)) &&
    apart(said) &&
    (wire || colour) &&
    !patterns.fastener.test(said)
  )
}

const unclips = (said: string): boolean =>
  (did.unclip.test(said) || (patterns.clip.test(said) && apart(said))) &&
  !/\bhose clips?\b/.test(said) &&
  (!patterns.fastener.test(said) || /\bpop|\brelease|\bunclip/.test(said))

const slides = (said: string): boolean =>
  (did.slide.test(said) || (patterns.slideNoun.test(said) && apart(said) && !patterns.fastener.test(said))) &&
  !/\bslid(?:e|ing) (?:door|rule)/.test(said)

function unscrews(said: string): boolean {
  if (/\bunscrew\w*/.test(said)) return true
  const holder = patterns.fastener.test(said) || patterns.drive.test(said)
  if (!holder) return false
  // A count and what holds, with or without a verb: "four phillips screws".
  return did.unscrew.test(said) || /\b\d+\b/.test(said) || /\bcup\b/.test(said) || /\bscrews?\b/.test(said)
}

const lifts = (said: string): boolean => did.lift.test(said) || (patterns.lift.test(said) && apart(said))

/** The count of what is taken off; sizes, pins, turns and times are none. */
function countOf(said: string): number | null {
  const plain = said
    // The figure behind it is the name of the terminal.
    .replace(/\b(?:terminals?|posts?|tabs?)(?: (?:marked|number|no\.?|labell?ed))? [a-z]?\d{1,2}\b/g, ' ')
    .replace(/\b(?:torx|t|ph|pz|m|robertson)[ -]?\d+(?:\.\d+)?\b/g, ' ')
    .replace(/\b1[ -]\d+\/\d+|\d+\/\d+/g, ' ')
    .replace(
      new RegExp(
        `(?<![\\w/.,])\\d+(?:[.,]\\d+)? ?(?:${UNIT}|pins?|pole|way|turns?|h|hrs?|hours?|min(?:ute)?s?|years?|days?)\\b`,
        'g',
      ),
      ' ',
    )
  const figure = /(?<![\w/.,])(\d{1,3})(?: ?[x×])?(?![\w/]|[.,]\d| people\b| persons?\b)/.exec(plain)
  if (figure) return Number(figure[1])
  const times = /\b[x×] ?(\d{1,2})\b/.exec(plain)
  if (times) return Number(times[1])
  return /\bboth\b/.test(plain) ? 2 : null
}

/** Drive, size and length, as they were said. */
function fastenerOf(said: string): string {
  const found: { at: number; text: string }[] = []
  const take = (pattern: RegExp) => {
    for (const match of said.matchAll(pattern)) {
      const text = (match[1] ?? match[0]).trim()
      if (!found.some((each) => match.index >= each.at && match.index < each.at + each.text.length))
        found.push({ at: match.index + match[0].indexOf(text), text })
    }
  }
  take(word(driveWords, 'g'))
  // No screw is two inches thick: "6 1/4 hex" are six of a quarter inch.
  take(/(?<![\w/.,])(1[ -]\d+\/\d+|\d+\/\d+)(?! turn)(?: ?in(?:ch)?\b)?/g)
  take(/(?<![\w/.,])(\d+(?:[.,]\d+)? ?mm)\b/g)
  take(word(fastenerNouns, 'g'))
  take(/\b(long|short)\b(?! arm)/g)
  return found
    .sort((one, two) => one.at - two.at)
    .map(({ text }) => text)
    .filter((text, index, all) => all.indexOf(text) === index)
    .join(' ')
}

/** Every colour of the insulation in the order in which it is said: the base first, its stripe after. */
function colourOf(said: string): string {
  // “Old one was brown” is another wire, and “pink and white wires” are two.
  const [own = ''] = said.split(/[,;]\s*(?=(?:the )?(?:old|new|other)\b)|\b(?:old|other) one\b/)
  if (/\b\w+ and \w+ (?:wires|leads)\b/.test(own)) return ''
  const found = [
    ...own.matchAll(word(Object.keys(colourWords).join('|').replace(/\|/g, 's?|').concat('s?'), 'g')),
  ].map(([each]) => colourWords[each.replace(/s$/, '')] ?? colourWords[each] ?? each)
  return [...new Set(found)].slice(0, 2).join('-')
}

/** A terminal of the machine that the line names, in its own spelling. */
function terminalIn(said: string, terminals: string[]): string {
  const places = terminals.flatMap((terminal) => {
    const name = terminal.toLowerCase().replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
    const at =
      new RegExp(`(?:from|off(?: at| of)?|at|on|terminal)\\s+(?:the )?(${name})(?![\\w])`).exec(said) ??
      new RegExp(`^(${name})\\s*[:,-]`).exec(said) ??
      (terminal.length > 1 ? new RegExp(`(?<![\\w])(${name})(?![\\w])`).exec(said) : null)
    return at ? [{ terminal, at: at.index }] : []
  })
  return places.sort((one, two) => one.at - two.at)[0]?.terminal ?? ''
}

function terminalOf(text: string, said: string, terminals: string[], action: string): string {
  if (!['disconnect', 'unsolder', 'unplug', 'cut-wire'].includes(action)) return ''
  const known = terminalIn(said, terminals)
  if (known) return known
  // Without a list of them, a name in capitals after "from", "off" or "at" is one.
  return (
    /\b(?:from|off(?: at)?|at)\s+(?:the )?(?:terminal )?([A-Z][A-Z0-9]{0,5}\d?|terminal (?:(?:marked|number|no\.?|labell?ed) )?\w+)\b/.exec(
      text,
    )?.[1] ?? ''
  )
}

/** Where the wire is said to go, where both places are told. */
function toOf(text: string, terminals: string[], from: string): string {
  const match = /\b(?:to|onto|goes (?:to|on)|moved? to)\s+(?:the )?([A-Za-z][\w-]{0,8})\b/.exec(text)
  const named = terminals.find((terminal) => terminal.toLowerCase() === match?.[1]?.toLowerCase())
  return named && named !== from ? named : ''
}

const RENEWS =
  /\b(?:renew\w*|fresh|to be replaced|be replaced|replace (?:it|them|after|with)|needs? (?:a )?new|put (?:a |in )?new|will put new|new (?:one|bead|gasket|tape|tie|foam|cement|sealant|silicone|seal|rope|putty|o-?ring|\w+ has to cure))\b|\bnew\b(?=[^,.;]*\b(?:cure|cures|sets|after)\b)/
const HOURS = /\b(\d+(?:[.,]\d+)?) ?(?:h|hrs?|hours?)\b/
const DAYS = /\b(\d+) ?days?\b/

function renewOf(said: string, action: string): Pick<LedgerReading, 'renew'> {
  const cures = /\bcure\w*|\bsets?\b|\bdr(?:y|ies)\b|\bharden\w*/.test(said)
  if (!['break-seal', 'cut-tie', 'pull-hose', 'unclip'].includes(action)) return {}
  if (!RENEWS.test(said) && !cures) return {}
  const hours = cures ? (HOURS.exec(said)?.[1] ?? null) : null
  const days = cures ? (DAYS.exec(said)?.[1] ?? null) : null
  const material = materialOf(said, action)
  const cureHours = hours !== null ? numberOf(hours) : days !== null ? Number(days) * 24 : null
  return { renew: { material, ...(cureHours === null ? {} : { cureHours }) } }
}

/** What is renewed: named behind "new", else what was broken. */
function materialOf(said: string, action: string): string {
  const fresh = new RegExp(`\\b(?:new|fresh)\\s+((?:\\w+ )?(?:${sealNouns}|${tieNouns}))\\b`).exec(said)?.[1]
  if (fresh) return fresh
  const broken = word(
    `(?:rope |foil |foam |high temp |fire )?(?:${action === 'cut-tie' ? tieNouns : sealNouns})`,
  ).exec(said)?.[0]
  return (broken ?? 'what was taken off').replace(/^(?:old|the) /, '')
}

function flagsOf(said: string): Pick<LedgerReading, 'movesToNewPart' | 'temporary'> {
  const moves =
    /\b(?:go(?:es)?|move[sd]?|moving|transfer(?:s|red)?|transfers? over|carr(?:y|ies)|swap(?:s|ped)?|fit(?:s)?) (?:it |them )?(?:on(?:to)?|over|across|to)\b(?: to)?(?: the)?(?: new|$|,)/.test(
      said,
    ) ||
    /\b(?:reus\w*|re-us\w*|keep\w*|save|saved|needed|wanted) (?:it |them |this )?(?:on|for|to go on) (?:the )?(?:new|replacement)/.test(
      said,
    ) ||
    /\bmoves? over\b|\bto the new (?:one|motor|part|inducer|blower)\b|\bon the new (?:one|motor|part|inducer|blower)\b/.test(
      said,
    )
  const temporary =
    /\btemporar\w*|\bfor now\b|\bfor the moment\b|\bfor the time being\b|\bjust for (?:a|the)\b|\bfor 1 minute\b|\bwill undo\b|\bt(?:ie|ied) (?:\w+ ){0,4}back\b/.test(
      said,
    ) && !/\bswitch\b.*\btie back\b/.test(said)
  return { ...(moves ? { movesToNewPart: true } : {}), ...(temporary ? { temporary: true } : {}) }
}

/** What the line is about, in the person's own words, without the cup and the plain verb in front. */
function partOf(text: string, action: string): string {
  const cleaned = text
    .trim()
    .replace(/\s+/g, ' ')
    .replace(
      /[,;]?\s*\b(?:they're |they are |all |went |and ){0,6}(?:in(?:to)? )?(?:the )?cup\s+(?:no\.? |number )?\w{1,2}\b/i,
      '',
    )
    .replace(/[,;]?\s*\b(?:just )?temporar(?:y|ily)\b|\bfor now\b/gi, '')
    .trim()
  if (action === 'note' || action === 'measure' || action === 'mark' || action === 'bypass') return cleaned
  const verb = {
    'lift-off': 'lift',
    'slide-out': 'slide',
    'cut-tie': 'cut',
    'cut-wire': 'cut',
    'break-seal': 'breakSeal',
    'pull-hose': 'pull',
  }[action as 'lift-off'] as keyof typeof verbs | undefined
  const pattern = verbs[verb ?? (action as keyof typeof verbs)] ?? ''
  const bare = pattern
    ? cleaned.replace(
        new RegExp(
          `^(?:i |we |have |just ){0,6}(?:${pattern})(?: (?:off|out|away|back|right out))?(?: of)?(?: (?:the|a|an|all))? `,
          'i',
        ),
        '',
      )
    : cleaned
  const named = bare.replace(/^(?:the|a|an) /i, '').trim()
  // The count stands in its own field.
  return (action === 'unscrew' ? named.replace(/^\d+ (?:[x×] ?)?(?=\S)/, '') : named) || cleaned
}
