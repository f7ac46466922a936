import type { ObservationId } from '../knowledge/vocabulary'
import { judgedBy } from './within'

type Readings = Partial<Record<ObservationId, number | string>>

const NUM = '(\\d+(?:[.,]\\d+)?)'
const number = (text: string | undefined): number => Number((text ?? '').replace(',', '.'))

/**
 * Readings that people tell with their figures: volts by where they were taken, a capacitor beside its label, ohms.
 *
 * @example readingsIn('118 volts at its plug') // { 'motor-voltage': 'normal' }
 */
export function readingsIn(said: string): Readings {
  return { ...voltsIn(said), ...capacitorIn(said), ...ohmsIn(said) }
}

/** Where volts were taken, narrower places first. */
const PLACES: [ObservationId, RegExp][] = [
  ['contactor-output', new RegExp(`${NUM} ?(?:volts?|v)? (?:coming )?out\\b`)],
  [
    'control-voltage',
    new RegExp(`${NUM} ?(?:volts?|v)\\b[^.;]{0,24}\\bcoil\\b|\\bcoil\\b[^.;]{0,24}?${NUM} ?(?:volts?|v)\\b`),
  ],
  [
    'motor-voltage',
    new RegExp(
      `${NUM} ?(?:volts?|v)?\\b[^.;]{0,30}\\b(?:at its plug|at the (?:plug|motor)|reach(?:es)? the motor|motor wires|at the motor|getting to (?:its|the) (?:plug|motor))`,
    ),
  ],
  [
    'supply-voltage',
    new RegExp(
      `${NUM} ?(?:volts?|v)\\b[^.;]{0,30}\\b(?:socket|outlet|receptacle|coming in|at its box|going in|supply|mains)`,
    ),
  ],
]

function voltsIn(said: string): Readings {
  const found: Readings = {}
  for (const [observation, pattern] of PLACES) {
    const match = pattern.exec(said)
    const value = match?.[1] ?? match?.[2]
    if (value !== undefined) found[observation] = number(value)
  }
  if (
    /\bno voltage\b[^.;]{0,20}\b(?:there|socket|outlet)?/.test(said) &&
    found['supply-voltage'] === undefined
  )
    found['supply-voltage'] = 'none'
  // "Should be about 120" is what is wanted, and a tester that still shows volts is a danger and no supply.
  if (/\bstill shows?\b/.test(said)) delete found['supply-voltage']
  return Object.fromEntries(
    Object.entries(found).map(([observation, value]) => [
      observation,
      typeof value === 'number' ? voltsWord(observation as ObservationId, value) : value,
    ]),
  )
}

/** The word for volts where the nominal is told by their size. */
function voltsWord(observation: ObservationId, volts: number): string {
  if (observation === 'control-voltage') return volts >= 18 ? 'present' : volts >= 5 ? 'low' : 'none'
  const nominal = volts < 20 ? 12 : volts < 175 ? 120 : 240
  const share = volts / nominal
  if (volts < 5 || share < 0.1) return 'none'
  if (share < 0.9) return 'low'
  return share > 1.1 && observation === 'supply-voltage' ? 'high' : 'normal'
}

function capacitorIn(said: string): Readings {
  const found: Readings = {}
  const side = (name: string, observation: ObservationId) => {
    const match = new RegExp(
      `\\b${name}(?: side)?\\b[^.;,]{0,12}?${NUM} (?:on|of|against|instead of) (?:a )?${NUM}`,
    ).exec(said)
    if (match) found[observation] = judgedBy(number(match[2]), number(match[1]))
  }
  side('fan', 'capacitor-fan-reading')
  side('herm', 'capacitor-other-reading')
  if (found['capacitor-fan-reading'] !== undefined) return found
  const plain = new RegExp(`\\bcap(?:acitor)?\\b[^.;]{0,10}?\\b${NUM} (?:on|of) (?:a )?${NUM}`).exec(said)
  const label = new RegExp(
    `\\bcap(?:acitor)?\\b[^;]{0,30}?\\b${NUM} ?(?:mfd|uf|µf|on the can|microfarads?)?\\b[^;]{0,40}?\\b(?:shows?|reads?|measures?|meter says)\\b[^.;]{0,14}?${NUM}`,
  ).exec(said)
  const pair = plain ? [plain[2], plain[1]] : label ? [label[1], label[2]] : null
  if (pair) found['capacitor-fan-reading'] = judgedBy(number(pair[0]), number(pair[1]))
  return found
}

function ohmsIn(said: string): Readings {
  const found: Readings = {}
  const frame = new RegExp(
    `\\b(?:case|frame|ground|earth)\\b[^.;]{0,40}?${NUM} ?(k|kohm|k ohm|meg\\w*|m)?(?:ohms?)?\\b`,
  ).exec(said)
  if (frame && /\b(?:to (?:the )?(?:metal )?(?:case|frame|ground)|isn't clear)\b/.test(said)) {
    const scale = /^k/.test(frame[2] ?? '') ? 1e3 : /^m/.test(frame[2] ?? '') ? 1e6 : 1
    const ohm = number(frame[1]) * scale
    if (ohm > 100) found['to-frame'] = ohm >= 20e6 ? 'clear' : ohm >= 1e6 ? 'doubtful' : 'leaks'
  }
  return found
}
