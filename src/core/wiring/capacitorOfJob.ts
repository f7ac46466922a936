import { type JobSnapshot, oncePerSnapshot } from '../job'
import { chosenCapacitor, partName } from '../job/candidates'
import { oldCapacitor } from '../job/oldPart'
import { type CapSpec, matchCapacitors } from '../match'
import { type CapacitorList, capacitorLandings } from './capacitorLandings'

/**
 * The list of a job in which a capacitor was chosen: where each bundle of wires goes, with a name for each can. Null where none
 * is chosen, the old label is not read, or the part cannot make its sections.
 */
export function capacitorListOf(snapshot: JobSnapshot, catalogue: CapSpec[]): JobList | null {
  const lists = known(snapshot)
  const list = lists.get(catalogue)
  if (list !== undefined) return list
  const made = listFrom(snapshot, catalogue)
  lists.set(catalogue, made)
  return made
}

type JobList = CapacitorList & { names: string[] }

/** A whole catalogue is matched for a second can: once for each snapshot, however often a page is drawn. */
const known = oncePerSnapshot(() => new Map<CapSpec[], JobList | null>())

function listFrom(snapshot: JobSnapshot, catalogue: CapSpec[]): JobList | null {
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
  return (
    list && {
      ...list,
      names: parts.map((part) => partName(snapshot, part)),
      warnings: [...list.warnings, ...besideIt(old.sections, chosen.duty ?? old.duty)],
    }
  )
}

/**
 * What hangs on such a capacitor besides its wires. 15 kΩ and 2 W are what the trade solders across a start capacitor: it empties
 * 200 µF in some ten seconds and stays cool.
 */
function besideIt(sections: { section: string }[], duty: 'run' | 'start' | undefined): string[] {
  if (duty === 'start')
    return [
      'It is a start capacitor: it stays behind the start switch or relay, which takes it out within a second or two. In continuous duty it bursts.',
      'The bleed resistor across its terminals moves over, or a new one of 15 kΩ and 2 W goes on: without it the capacitor holds its charge for days.',
      'Look at the contacts of the switch or relay before the new one goes on: welded ones burst it as they burst the old one.',
    ]
  return sections.some(({ section }) => section === 'HERM')
    ? [
        'Where a second can or a relay hangs on HERM and C to help the compressor start: it holds a charge of its own. Empty it, and move its wires over with theirs.',
      ]
    : []
}
