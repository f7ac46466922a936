import type { MotorKindId } from '../knowledge/vocabulary'
import type { Reader } from './reader'
import type { Field, PlateFields } from './types'

/** Keeps a field that was not read before. */
export type Put = <K extends keyof PlateFields>(key: K, field: PlateFields[K] | undefined) => void

const kinds: [RegExp, MotorKindId][] = [
  [/(?<![A-Z])P\.?S\.?C\.?(?![A-Z])|PERMANENT\s?SPLIT(?:\s?CAPACITOR)?/, 'psc'],
  [/SHADED?\s?-?\s?POLE/, 'shaded-pole'],
  [/SPLIT\s?-?\s?PHASE/, 'split-phase'],
  [/CAP(?:ACITOR|\.)?\s?-?\s?START/, 'capacitor-start'],
  [/(?<![A-Z])E\.?C\.?M\.?(?![A-Z])|ELECTRONICALLY\s?COMMUTATED/, 'ecm'],
  [/BRUSHLESS(?:\s?DC)?|(?<![A-Z])BLDC(?![A-Z])/, 'bldc'],
  [/BRUSHED(?:\s?DC)?|PERMANENT\s?MAGNET\s?DC|(?<![A-Z])PMDC(?![A-Z])/, 'brushed-dc'],
]

/** The first place that says it, with its value. */
const wordOf =
  (reader: Reader) =>
  <T>(pattern: RegExp, value: (match: RegExpExecArray) => T, confidence = 0.94): Field<T> | undefined => {
    const match = reader.first(pattern)
    return match
      ? reader.field(value(match), match.index, match.index + match[0].length, confidence)
      : undefined
  }

/** Codes whose figures are no quantities: S1, IP55. Read before any number is. */
export function readCodes(reader: Reader, put: Put): void {
  const word = wordOf(reader)
  put(
    'duty',
    word(/(?:DUTY\s{0,2}[:.]?\s{0,2})?(?<![A-Z0-9])S1(?:\s?DUTY)?(?![A-Z0-9])/, () => 'continuous' as const),
  )
  put(
    'enclosure',
    word(
      /(?:ENCL?(?:OSURE|\.)?\s{0,2}[:.]?\s{0,2})?(?<![A-Z])(TEAO|TENV|TEFC|TEBC|ODP|OPAO|DPAO|OAO|OPEN|IP\s?[0-9OI]{2})(?![A-Z0-9])/,
      (match) =>
        match[1]!
          .replace(/\s/g, '')
          .replace(
            /^(IP)(.*)$/,
            (_, ip: string, rest: string) => ip + rest.replace(/O/g, '0').replace(/I/g, '1'),
          ),
    ),
  )
}

/** What is said in words: kind, turn, class, duty, protection, bearing, frame. */
export function readWords(reader: Reader, put: Put): void {
  const word = wordOf(reader)
  for (const [pattern, kind] of kinds)
    put(
      'motorKind',
      word(pattern, () => kind),
    )
  put(
    'thermalProtection',
    word(
      /(?:NOT|NO|W\/O|WITHOUT)\s?(?:THERMAL(?:LY)?)\s?(?:PROT(?:ECTED|ECTION|\.)?)/,
      () => 'none' as const,
    ),
  )
  put(
    'thermalProtection',
    word(/Z\.?\s?P\.?(?![A-Z])|IMP(?:EDANCE|\.)?\s?PROT(?:ECTED|\.)?/, () => 'impedance' as const),
  )
  put(
    'thermalProtection',
    word(
      /(?:MANUAL|MAN\.?)\s?(?:RESET|THERM(?:AL|\.)?|PROT(?:ECTOR|\.)?)(?:\s?PROT(?:ECTED|\.)?)?/,
      () => 'manual' as const,
    ),
  )
  put(
    'thermalProtection',
    word(
      /(?:AUTO(?:MATIC|\.)?\s?(?:RESET\s?)?)?THERM(?:AL(?:LY)?|\.)?\s?PROT(?:ECTED|ECTION|ECTOR|\.)?(?:\s?AUTO(?:MATIC)?)?|AUTO(?:MATIC)?\s?(?:RESET|PROT(?:ECTED|\.)?)|THERMAL PROTECTION\s?:?\s?AUTO/,
      () => 'auto' as const,
    ),
  )
  const both = reader.first(
    /(?<![A-Z])CW\s?\/\s?CCW(?![A-Z])|REV(?:ERSIBLE|\.)?(?![A-Z])|INTERCHANGE[^\n]{0,60}TO\s?REVERSE/,
  )
  if (both)
    put('rotation', reader.field('reversible' as const, both.index, both.index + both[0].length, 0.93))
  const turn = reader.first(
    /(?:(?<![A-Z])ROT(?:ATION|\.)?\s{0,2}[:.]?\s{0,2})?(?<![A-Z])(C\.?C\.?W|C\.?W)\.?\s?-?\s?(?:(S\.?E|L\.?E)(?![A-Z])|(?:\s?(?:FACING|VIEWED\s?FROM|FROM|AT)?\s?(SHAFT|LEAD)\s?(?:END)?))?(?![A-Z])/,
  )
  if (turn) {
    const end = turn[2] ?? turn[3]
    put('rotation', {
      value: turn[1]!.replaceAll('.', '') === 'CW' ? 'CW' : 'CCW',
      raw: reader.raw(turn.index, turn.index + turn[0].length),
      confidence: 0.94,
    })
    if (end)
      put('rotationViewedFrom', {
        value: end.startsWith('S') ? 'shaft-end' : 'lead-end',
        raw: reader.raw(turn.index, turn.index + turn[0].length),
        confidence: 0.92,
      })
    reader.use(turn.index, turn.index + turn[0].length)
  }
  put(
    'rotationViewedFrom',
    word(
      /(?:FACING|VIEWED\s?FROM|FROM|OPP(?:OSITE|\.)?)?\s?(SHAFT|LEAD)\s?END|(?<![A-Z])([SL])\.?E\.?(?![A-Z])/,
      (match) => ((match[1] ?? match[2])!.startsWith('S') ? 'shaft-end' : 'lead-end'),
      0.85,
    ),
  )
  put(
    'insulationClass',
    word(
      /(?:INS(?:UL(?:ATION)?|\.)?\s?(?:SYS(?:TEM|\.)?\s?)?(?:CL(?:ASS|\.)?)?|(?:TH\.?\s?|ISO\.?\s?|THERM\.?\s?)?CL(?:ASS|\.)?)\s{0,2}[:.]?\s{0,2}([ABEFH8])(?![A-Z0-9])|(?<![A-Z])([ABEFH])[ \t]?(?:INS(?:UL)?\.?|CLASS)(?![A-Z])/,
      (match) => {
        const letter = (match[1] ?? match[2])!
        return letter === '8' ? 'B' : letter
      },
    ),
  )
  put(
    'duty',
    word(
      /DUTY\s{0,2}[:.]?\s{0,2}(CONT(?:INUOUS|\.)?|S1|INT(?:ERMITTENT|\.)?|\d{1,2}\s?MIN\.?)|(?<![A-Z])(CONT(?:INUOUS|\.)?|S1|INTERMITTENT|INT\.?|\d{2}\s?MIN\.?)\s?(?:DUTY)?(?![A-Z0-9])/,
      (match) =>
        /^(?:CONT|S1)/.test((match[1] ?? match[2])!) ? ('continuous' as const) : ('intermittent' as const),
    ),
  )
  put(
    'bearing',
    word(/(BALL|SLEEVE)\s?(?:BRGS?\.?|BEARINGS?)?|BRGS?\.?\s{0,2}[:.]?\s{0,2}(BALL|SLEEVE)/, (match) =>
      (match[1] ?? match[2]) === 'BALL' ? ('ball' as const) : ('sleeve' as const),
    ),
  )
  put(
    'frame',
    word(
      /(?<![A-Z])FR(?:AME|\.)?\s{0,2}[:.]?\s{0,2}([0-9]{2,3}[A-Z]{0,2})(?![A-Z0-9])/,
      (match) => match[1]!,
    ),
  )
}
