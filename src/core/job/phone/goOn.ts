import { actionInfo } from '../../knowledge/actions'
import { isPartChosen } from '../fields'
import { stillOut } from '../proving/stillOut'
import type { JobSnapshot } from '../rows'

/** Where a stage that is done leads, in a sentence. */
export interface GoOn {
  text: string
  /** What the way there is called. */
  label: string
  stage: string
}

/**
 * Where to go from the stages of the hand, once nothing of them is left; null while something is.
 *
 * @param stage take-apart, match or refit; the stages before them are led on by the diagnosis
 * @example goOnFrom(snapshot, 'take-apart')?.stage // 'match' where a part is to be found
 */
export function goOnFrom(snapshot: JobSnapshot, stage: string): GoOn | null {
  const from = Object.hasOwn(ways, stage) ? ways[stage] : undefined
  return snapshot.job.status === 'closed' || !from ? null : from(snapshot)
}

const toRefit = { label: 'Wire and refit', stage: 'refit' }

const ways: Record<string, ((snapshot: JobSnapshot) => GoOn | null) | undefined> = {
  'take-apart': ({ ledger, decisions }) => {
    const lines = ledger.filter(({ struckAt }) => !struckAt)
    if (!lines.some(({ access }) => access === '') || lines.some(({ doneAt }) => !doneAt)) return null
    const decided = decisions[0]
    const needsPart = !decided || actionInfo(decided.action).parts.length > 0
    const text = 'Everything on the way in is done.'
    return needsPart
      ? { text: `${text} Next is the part that goes in.`, label: 'Match', stage: 'match' }
      : { text: `${text} What was decided needs no new part.`, ...toRefit }
  },
  match: (snapshot) =>
    isPartChosen(snapshot) ? { text: 'The part that goes in is chosen.', ...toRefit } : null,
  refit: (snapshot) => {
    const { ledger, leads, landings } = snapshot
    const open = landings.some(({ doneAt, capped }) => !doneAt && !capped)
    if (!ledger.some(({ struckAt, doneAt }) => !struckAt && doneAt) || stillOut(snapshot).length > 0)
      return null
    if (open || (leads.length > 0 && landings.length === 0)) return null
    return { text: 'Everything that came out is back.', label: 'Prove', stage: 'prove' }
  },
}
