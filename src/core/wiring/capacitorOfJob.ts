import type { JobSnapshot } from '../job'
import { chosenCapacitor, partName } from '../job/candidates'
import { oldCapacitor } from '../job/oldPart'
import { type CapSpec, matchCapacitors } from '../match'
import { type CapacitorList, capacitorLandings } from './capacitorLandings'

/**
 * The list of a job in which a capacitor was chosen: where each bundle of wires goes, with a name for each can. Null where none is chosen, the old
 * label is not read, or the part cannot make its sections.
 */
export function capacitorListOf(
  snapshot: JobSnapshot,
  catalogue: CapSpec[],
): (CapacitorList & { names: string[] }) | null {
  const old = oldCapacitor(snapshot)
  const chosen = chosenCapacitor(snapshot)
  if (!old || !chosen) return null
  const beside =
    matchCapacitors({
      old,
      candidates: [...catalogue.filter(({ id }) => id !== chosen.id), chosen],
    }).results.find(({ id }) => id === chosen.id)?.with ?? []
  const others = beside.flatMap((id) => catalogue.find((part) => part.id === id && id !== chosen.id) ?? [])
  const parts = [chosen, ...others]
  const list = capacitorLandings(old.sections, parts)
  // As the person calls them: an id says nothing to anybody.
  return list && { ...list, names: parts.map((part) => partName(snapshot, part)) }
}
