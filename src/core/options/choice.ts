import type { OptionKind } from '../knowledge/options'
import { type CauseId, causeInfo } from '../knowledge/vocabulary'
import { mends, partAction } from './figures'
import type { OptionsInput } from './types'

/** The likeliest cause that an option mends; the likeliest of all where it mends whatever it is. */
export function causeOfOption(kind: OptionKind, input: OptionsInput): CauseId | null {
  const part = partAction(input)
  const best = [...input.suspects].sort((one, two) => two.probability - one.probability)
  const own =
    kind === 'hired' || kind === 'new-machine' ? best[0] : best.find(({ cause }) => mends(kind, cause, part))
  return own?.cause ?? null
}

/** What the choice does: the action of that cause, or calling the trade. */
export const actionOfOption = (kind: OptionKind, cause: CauseId): string =>
  kind === 'hired' ? 'call-licensed-trade' : causeInfo(cause).action
