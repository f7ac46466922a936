import { contactorFamilies } from './familyTraits'
import { NOT_IN } from './given'
import { type FamilyId, familyIds, type ObservationId } from './vocabulary'

/** What a fan that stands still, or a feed that is off, brings about by itself: beside it, it says nothing of the cause. */
export interface Effect {
  families: FamilyId[]
  /** What brings it about. */
  when: { observation: ObservationId; values: readonly string[] }
  of: ObservationId
  values: readonly string[]
  /** Done with: it is offered to be read anew. */
  again?: true
  /** So sure that it is not asked. */
  sure?: true
}

/** Nothing is fed: whatever switched it off. */
const fedOff: Effect['when'][] = [
  { observation: 'breaker', values: NOT_IN },
  { observation: 'supply-voltage', values: ['none'] },
]
/** Outdoors the call comes from a transformer indoors, on a supply of its own. */
const ownTransformer = familyIds.filter((family) => !contactorFamilies.includes(family))

const STILL = { observation: 'fan-state', values: ['dead', 'hums'] } as const

/** Burners that are let on by the air of this fan: its pressure or sail switch. */
const PROVES_ITS_AIR: FamilyId[] = ['draft-inducer', 'pellet-stove-exhaust-blower', 'rv-furnace-blower']

/** A pressure or limit switch that a still fan opens speaks neither for the switch nor against the board. */
export const effects: Effect[] = [
  // A winding that was open while hot and is good when cold was its protector: its ohms are still to be read, now that they show.
  {
    families: [...familyIds],
    when: { observation: 'cold-retest', values: ['now-good'] },
    of: 'winding',
    values: ['open'],
    again: true,
  },
  // What hangs on the same feed, and the call whose transformer hangs on it, stand still with it.
  ...fedOff.flatMap((when): Effect[] => [
    { families: [...familyIds], when, of: 'companion', values: ['no'], sure: true },
    { families: ownTransformer, when, of: 'control-voltage', values: ['none'], sure: true },
    { families: ownTransformer, when, of: 'contactor-position', values: ['not-pulled-in'], sure: true },
  ]),
  // No draught: the switch stays open, and the board will not light the burner.
  { families: PROVES_ITS_AIR, when: STILL, of: 'board-code', values: ['pressure-switch-open'] },
  { families: PROVES_ITS_AIR, when: STILL, of: 'companion', values: ['no'], sure: true },
  // No air over the hot exchanger: the limit opens within minutes.
  {
    families: ['furnace-blower', 'rv-furnace-blower'],
    when: STILL,
    of: 'board-code',
    values: ['limit-open'],
  },
]
