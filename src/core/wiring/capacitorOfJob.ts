import { type JobSnapshot, oncePerSnapshot } from '../job'
import { chosenCapacitor, keptCapacitors, partName } from '../job/parts/candidates'
import { oldCapacitor } from '../job/parts/oldPart'
import { catalogueCapacitors } from '../knowledge/catalogue/capacitors'
import { type CapacitorMatchInput, type CapSpec, matchCapacitors } from '../match'
import { type CapacitorList, capacitorLandings } from './capacitorLandings'

/**
 * The list of a job in which a capacitor was chosen: where each bundle of wires goes, with a name for each can. Null where none
 * is chosen, the old label is not read, or the part cannot make its sections. A further can is one that was put beside the old
 * one in this job; of the made-up catalogue only where the household has that on.
 */
export const capacitorListOf = oncePerSnapshot((snapshot): JobList | null => {
  const kept = keptCapacitors(snapshot)
  return (
    listFrom(snapshot, kept) ??
    (snapshot.household.demoParts === 1 ? listFrom(snapshot, [...kept, ...catalogueCapacitors]) : null)
  )
})

type JobList = CapacitorList & { names: string[] }

/** What is still to be found beside the chosen can before every wire has its place, in the words of the match; null where nothing is. */
export function missingBeside(snapshot: JobSnapshot): string | null {
  const old = oldCapacitor(snapshot)
  const chosen = chosenCapacitor(snapshot)
  if (!old || !chosen || capacitorListOf(snapshot)) return null
  const found = matchedIn(old, chosen, keptCapacitors(snapshot))
  return found?.rules.find(({ rule }) => rule === 'sections')?.text ?? null
}

const matchedIn = (old: CapacitorMatchInput['old'], chosen: CapSpec, pool: CapSpec[]) =>
  matchCapacitors({
    old,
    candidates: [...pool.filter(({ id }) => id !== chosen.id), chosen],
  }).results.find(({ id }) => id === chosen.id)

function listFrom(snapshot: JobSnapshot, pool: CapSpec[]): JobList | null {
  const old = oldCapacitor(snapshot)
  const chosen = chosenCapacitor(snapshot)
  if (!old || !chosen) return null
  const beside = matchedIn(old, chosen, pool)?.with ?? []
  const others = beside.flatMap((id) => pool.find((part) => part.id === id && id !== chosen.id) ?? [])
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
