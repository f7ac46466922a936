import { actionInfo, alsoMendedBy } from '../knowledge/actions'
import { type ActionId, type CauseId, causeInfo } from '../knowledge/vocabulary'
import type { Suspect } from './types'

/** One cause, or one action that mends several, above this is decided. */
export const DECIDED = 0.9

/** An action with all that it would mend. */
export interface Mend {
  action: ActionId
  /** The likeliest cause that this action is meant for. */
  cause: CauseId
  /** Probability of everything it mends, 0 to 1. */
  sum: number
  /** Cheaper actions of causes that it mends as well and that are needed for its sum to be enough. */
  standsFor: ActionId[]
  /** Everything that it mends, with its probability. */
  mends: { cause: CauseId; probability: number }[]
}

export const actionOf = (cause: CauseId): ActionId => causeInfo(cause).action as ActionId

/**
 * The action that leads: one whose own causes are above the limit; else the cheapest that also mends others and is above it
 * with them; else the likeliest by its own causes.
 *
 * @example leadingMend([{ cause: 'ecm-module-failed', probability: 0.5, because: [] }, { cause: 'ecm-inrush-part-burnt', probability: 0.45, because: [] }]).action // 'replace-module'
 */
export function leadingMend(suspects: Suspect[]): Mend {
  const own = mendsOf(suspects)
  const likeliest = own.reduce((top, entry) => (entry.sum > top.sum ? entry : top))
  if (likeliest.sum > DECIDED) return likeliest
  const wider = own
    .map((mend) => widened(mend, suspects))
    .filter(({ sum }) => sum > DECIDED)
    .sort((one, two) => actionInfo(one.action).minutes - actionInfo(two.action).minutes)
  return wider[0] ?? likeliest
}

/** Each action with its own causes alone. `suspects` stand likeliest first. */
export function mendsOf(suspects: Suspect[]): Mend[] {
  const own = new Map<ActionId, Mend>()
  for (const { cause, probability } of suspects) {
    const action = actionOf(cause)
    const known = own.get(action)
    own.set(action, {
      action,
      cause: known?.cause ?? cause,
      sum: (known?.sum ?? 0) + probability,
      standsFor: [],
      mends: [...(known?.mends ?? []), { cause, probability }],
    })
  }
  return [...own.values()]
}

function widened(mend: Mend, suspects: Suspect[]): Mend {
  const also = suspects.flatMap(({ cause, probability }) =>
    (alsoMendedBy[cause] ?? [])
      .filter(({ action }) => action === mend.action)
      .map(({ dearer }) => ({ cause, probability, dearer })),
  )
  return {
    ...mend,
    sum: also.reduce((sum, { probability }) => sum + probability, mend.sum),
    mends: [...mend.mends, ...also.map(({ cause, probability }) => ({ cause, probability }))].sort(
      (one, two) => two.probability - one.probability,
    ),
    standsFor: [...new Set(also.filter(({ dearer }) => dearer).map(({ cause }) => actionOf(cause)))],
  }
}
