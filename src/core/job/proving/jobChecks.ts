import { workOfJob } from '../../fit/work'
import type { ProveCheck } from '../../knowledge/proofChecks'
import type { WorkKind } from '../../match/types'
import { capital } from '../../units/capital'
import { inHouseholdUnits } from '../../units/household'
import { figureWords } from '../ledger/figureWords'
import { changedFigures } from '../ledger/ledgerFigures'
import type { JobSnapshot } from '../rows'

/** Bought at the counter: it has to be in as well, and nothing else asks for that. */
const bought: WorkKind[] = ['buy-capacitor']

/**
 * What this one job asks before power, besides the checks of its family: the work of fitting that the chosen parts ask for, each
 * by itself, and every figure that does not stand as it stood.
 */
export const jobChecks = (snapshot: JobSnapshot): ProveCheck[] => [
  ...workChecks(snapshot),
  ...changedFigures(snapshot).map(
    ({ line, change }): ProveCheck => ({
      id: `figure-${line.id}`,
      act: `${capital(line.part)}: ${change} than on the way in`,
      expect: `it was ${figureWords(line, snapshot.household)}, and is so on purpose now`,
      otherwise: 'Move it to where it was, measure it again, then answer this.',
      dead: true,
    }),
  ),
]

function workChecks(snapshot: JobSnapshot): ProveCheck[] {
  const inches = snapshot.household.inches === 1
  const seen = new Map<string, number>()
  return workOfJob(snapshot).map(({ kind, text }): ProveCheck => {
    const times = (seen.get(kind) ?? 0) + 1
    seen.set(kind, times)
    return {
      id: `work-${kind}${times > 1 ? `-${times}` : ''}`,
      act: `Fitting the part: ${inHouseholdUnits(text, inches).replace(/\.$/, '')}`,
      expect: bought.includes(kind)
        ? 'it is in its strap and wired, or the one that is there suits after all'
        : 'it is done, or this part did not need it after all',
      otherwise: 'Do it before power comes on: made dead, or on the bench.',
      dead: true,
    }
  })
}
