import {
  allowedSwitches,
  bypassVerbs,
  switchMeant,
  switchWords,
  whatItGuards,
} from '../knowledge/bypassWords'
import { bypassTold } from './bypassTold'
import type { RefitAction, RefitStep, SwitchKind } from './types'

interface Described {
  action: RefitAction | 'note'
  part: string
  terminal: string
  mark: string
  switchKind: SwitchKind | null
}

export type BypassVerdict =
  | { kind: 'none' }
  | { kind: 'allowed'; switchKind: SwitchKind }
  | { kind: 'unnamed' }
  /** A part that guards people beside an act that nobody knows. */
  | { kind: 'asks'; switchKind: SwitchKind }
  | { kind: 'forbidden'; switchKind: SwitchKind; text: string }

/**
 * Whether a line of the ledger holds or bridges a switch, by what it does and not by what it is called: its words are
 * read, and a forbidden name beside an allowed one is still forbidden.
 *
 * @example bypassOf({ action: 'bypass', part: 'limit switch', terminal: '', mark: '', switchKind: 'door' }).kind // 'forbidden'
 * @example bypassOf({ action: 'mark', part: 'tape the door switch', terminal: '', mark: '', switchKind: null }).kind // 'allowed'
 */
export function bypassOf(line: Described): BypassVerdict {
  const words = `${line.part} ${line.terminal} ${line.mark}`.toLowerCase().replace(/[_/]+/g, ' ')
  const declared = line.action === 'bypass'
  const told = bypassTold(words)
  if (told.kind === 'forbidden')
    return { kind: 'forbidden', switchKind: told.switchKind, text: refusalText(told.switchKind) }
  if (told.kind === 'asks' && line.action === 'note') return told
  if (!declared && told.kind === 'allowed') return told
  if (!declared && !bypassVerbs.test(words)) return { kind: 'none' }
  const named = switchWords.filter(([, pattern]) => pattern.test(words)).map(([kind]) => kind)
  // "Tape on the pressure tube" only sticks a label on; a switch, sensor or jumper has to be meant.
  if (!declared && named.length === 0) return { kind: 'none' }
  if (!declared && !switchMeant.test(words)) return { kind: 'none' }
  const all = line.switchKind && line.switchKind !== 'other' ? [...named, line.switchKind] : named
  const forbidden = all.find((kind) => !allowedSwitches.includes(kind))
  if (forbidden) return { kind: 'forbidden', switchKind: forbidden, text: refusalText(forbidden) }
  const [allowed] = all
  return allowed ? { kind: 'allowed', switchKind: allowed } : { kind: 'unnamed' }
}

/** Why a switch is never held or bridged, in a sentence. */
export const refusalText = (kind: SwitchKind): string =>
  `${nameOf(kind)} is never bridged or held: ${whatItGuards[kind] ?? 'it is there to keep people from harm'}. Find out why it is open.`

const nameOf = (kind: SwitchKind): string =>
  ({
    fuse: 'A fuse',
    breaker: 'A breaker',
    ground: 'A ground',
    thermal: 'A thermal protector',
    overload: 'An overload protector',
    'residual-current': 'A residual-current device',
    contactor: 'A contactor or relay',
    'refrigerant-pressure': 'A refrigerant pressure switch',
  })[kind as 'fuse'] ?? `A ${kind} switch`

/** Why a step of the way in is a bypass that is refused; null where it is none, or one that may be held. */
export function refusedBypass(step: RefitStep): string | null {
  const verdict = bypassOf({
    action: step.action,
    part: step.part,
    terminal: step.terminal ?? '',
    mark: step.mark ?? '',
    switchKind: step.switch ?? null,
  })
  if (verdict.kind === 'forbidden') return verdict.text
  return step.action === 'bypass' && step.switch === 'other'
    ? 'A switch that is neither the door switch nor a call is never bridged or held.'
    : null
}
