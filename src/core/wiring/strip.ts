import type { JobSnapshot } from '../job'
import { oncePerSnapshot } from '../job'
import { isGroundLead } from '../knowledge/groundLead'
import { controlTerminals, dualTerminals, singleTerminals } from '../knowledge/terminals'
import { landingPlanOf, type PlannedLanding } from './ofJob'

/** Where a lead may land, with what stands there in words. */
export interface StripTerminal {
  id: string
  note: string
}

export interface StripLead {
  name: string
  role: string
  /** The lead of the motor's own, or a wire to make between two terminals. */
  jumper: boolean
  /** Where it lands; empty while that is open. */
  terminal: string
  capped: boolean
  done: boolean
  landingId: string | null
  position: number
  suggestion: PlannedLanding | null
}

export interface Strip {
  part: 'old' | 'new'
  terminals: StripTerminal[]
  leads: StripLead[]
}

/** The two strips: what the machine offers, and the leads of the motor that is wired, with what is planned and what is landed. */
export const stripOf = oncePerSnapshot((snapshot: JobSnapshot): Strip => {
  const part = snapshot.leads.some((lead) => lead.part === 'new') ? 'new' : 'old'
  const own = snapshot.leads.filter((lead) => lead.part === part).map(({ name }) => name)
  const planned = landingPlanOf(snapshot)?.landings ?? []
  const names = [
    ...planned.map(({ lead }) => lead),
    ...own.filter((name) => !planned.some(({ lead }) => lead === name)),
  ]
  const leads = names.map((name, position): StripLead => {
    const landing = snapshot.landings.find(({ lead }) => lead === name)
    const suggestion = planned.find(({ lead }) => lead === name) ?? null
    return {
      name,
      role: suggestion?.role ?? landing?.role ?? (isGroundLead(name) ? 'ground' : ''),
      jumper: suggestion?.role === 'jumper',
      terminal: landing && !landing.capped ? landing.terminal : '',
      capped: landing?.capped === 1,
      done: landing?.doneAt != null,
      landingId: landing?.id ?? null,
      position,
      suggestion,
    }
  })
  return { part, terminals: terminalsShown(snapshot, leads), leads }
})

/** The terminals that this wiring has to do with, in the order in which they stand in the machine. */
function terminalsShown(snapshot: JobSnapshot, leads: StripLead[]): StripTerminal[] {
  const { load, speeds = [], parks = [] } = controlTerminals[snapshot.machine.family]
  const used = leads.flatMap(({ terminal, suggestion }) => [terminal, suggestion?.terminal ?? ''])
  const some = (terminals: readonly string[], note: string) =>
    terminals.some((terminal) => used.includes(terminal)) ? terminals.map((id) => ({ id, note })) : []
  return [
    ...load.map((id, index) => ({ id, note: index === 0 ? 'the switched line' : 'the other side' })),
    ...speeds.map((id) => ({ id, note: 'speed terminal of the board' })),
    ...parks.map((id) => ({ id, note: 'park, one lead alone' })),
    ...some(dualTerminals, 'capacitor'),
    ...some(singleTerminals, 'the fan’s own capacitor'),
    { id: 'ground', note: 'frame, bare metal' },
  ]
}

/** What each role means, in plain words, and how its lead is found by ohms. */
const roleWords: Record<string, RoleWords> = {
  common: {
    name: 'common',
    how: 'the joint of both windings: it reads less to either of the others than they read to each other',
  },
  run: { name: 'run', how: 'the far end of the winding with the lower ohms' },
  start: { name: 'start', how: 'the far end of the winding with the higher ohms; it goes to the capacitor' },
  tap: {
    name: 'slower speed',
    how: 'a point further along the run winding: more ohms to the common, fewer turns a minute',
  },
  line: { name: 'phase', how: 'one of three alike' },
  capacitor: { name: 'repeats another lead', how: 'it reads next to nothing to its twin' },
  'capacitor-return': { name: 'repeats another lead', how: 'it reads next to nothing to its twin' },
  'neutral-end': {
    name: 'neutral side',
    how: 'the end of the main winding that every speed shares; the capacitor’s return is its twin',
  },
  fastest: {
    name: 'fastest speed',
    how: 'the first lead along the winding from the neutral side: the fewest ohms to it',
  },
  ground: { name: 'ground', how: 'it reads next to nothing to the frame, and over-range to all others' },
  'reverse-a': { name: 'reversing pair', how: 'by the motor’s own diagram' },
  'reverse-b': { name: 'reversing pair', how: 'by the motor’s own diagram' },
  jumper: { name: 'a wire to make', how: 'it is none of the motor’s leads' },
}

export interface RoleWords {
  name: string
  /** How its lead is found. */
  how: string
}

/** A role as a person calls it. */
export const roleOf = (role: string): RoleWords =>
  roleWords[role] ?? { name: 'not known yet', how: 'read its ohms to every other lead' }
