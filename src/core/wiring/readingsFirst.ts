import type { WindingVerdict } from '../winding'
import { windingLeads } from './motorShape'
import type { WiringInput, WiringLead, WiringResult } from './types'

/** Why no lead lands yet, with the pairs that are to be read again. */
export function readingsFirstText(
  verdict: WindingVerdict,
  readAgain: [string, string][],
  leads: string[],
): string {
  const every = leads.length > 0 ? `every pair of ${leads.join(', ')}` : 'every pair'
  const pairs = readAgain.map(([one, other]) => `${one} to ${other}`).join(', ') || every
  switch (verdict) {
    case 'grounded':
      return 'A winding leaks to the frame: this motor is not wired, and no lead lands.'
    case 'open':
      return `A winding or its lead is open: no lead lands. Read ${pairs} again, cold, with every wire off.`
    case 'hot-retest':
      return `It is open while hot: let it cool for an hour, then read ${pairs} again. No lead lands before that.`
    case 'shorted':
      return `Two leads read as one point where this motor needs a winding: no lead lands. Read ${pairs} again.`
    default:
      return `The readings do not tell the windings yet: read ${pairs} again, or strike what was misread. No lead lands before that.`
  }
}

/** A plan without landings: from readings that do not agree nothing is proposed. */
export const readingsFirst = (verdict: WindingVerdict, { motor }: WiringInput): WiringResult =>
  withoutLandings(
    readingsFirstText(
      verdict,
      motor.readAgain ?? [],
      windingLeads(motor).map(({ id }) => id),
    ),
  )

/** The same for a lead on a branch beside the row of speeds: one pair that was read too high looks like this. */
export const besideTheChain = (beside: WiringLead[], speeds: WiringLead[]): WiringResult => {
  const pairs = beside.flatMap((one) => speeds.map((other) => `${one.id} to ${other.id}`))
  const names = beside.map(({ id }) => id).join(' and ')
  return withoutLandings(
    `By these readings ${names} hangs beside the row of speeds, as no healthy motor is wound: read ${pairs.join(', ')} again, with every wire off. No lead lands before that, but as the plate draws it.`,
  )
}

const withoutLandings = (text: string): WiringResult => ({
  connections: [],
  cappedLeads: [],
  removed: [],
  alsoConnect: [],
  reversal: null,
  warnings: [{ code: 'readings-first', text }],
  check: {
    runVolts: null,
    startVolts: null,
    capacitorVolts: null,
    startAmps: null,
    direction: 'none',
    starts: false,
    ok: false,
    problems: [],
  },
})
