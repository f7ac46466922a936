import type { ConductorId } from '../isolation/pairs'

export type Region = 'north-america' | 'europe'

/** How a wire looks by the habit of a region, and what it mostly is. The reading tells, never the colour. */
export interface WireLook {
  /** Its insulation as it is drawn and named; `bare` copper has none. */
  colour: string
  /** As it is called in a sentence. */
  named: string
  /** What else it may look like, in older or other houses. */
  also: string
}

const ownLead: WireLook = {
  colour: 'orange',
  named: 'your long lead to a known earth',
  also: 'clipped to a metal water pipe or the ground of another circuit',
}
const battery = {
  plus: { colour: 'red', named: 'the plus wire', also: 'in many caravans black' },
  minus: { colour: 'black', named: 'the minus wire', also: 'in many caravans white or yellow' },
  chassis: { colour: 'bare', named: 'bare metal of the frame', also: 'a screw without paint' },
  'other plus': { colour: 'red', named: 'the plus wire of the other supply', also: 'or any other' },
  'other minus': { colour: 'black', named: 'the minus wire of the other supply', also: 'or any other' },
  signal: { colour: 'grey', named: 'the signal wire, terminal 3 or S', also: 'of any colour' },
  'earth lead': ownLead,
} satisfies Partial<Record<ConductorId, WireLook>>

/**
 * Usual insulation colours of fixed wiring: North America after its electrical code (ungrounded any colour but white, grey and
 * green, by habit black, then red, then blue; grounded white; grounding bare or green), Europe after its harmonised colours of
 * 2004 (brown, black, grey; blue; green-yellow), with what stood in houses before.
 */
export const wireColours: Record<Region, Record<ConductorId, WireLook>> = {
  'north-america': {
    ...battery,
    L: { colour: 'black', named: 'the black wire', also: 'or red; white may be live as well' },
    L1: { colour: 'black', named: 'the wire at L1', also: 'or red' },
    L2: { colour: 'red', named: 'the wire at L2', also: 'or white with black tape' },
    L3: { colour: 'blue', named: 'the wire at L3', also: 'or any but white and green' },
    'switched L': {
      colour: 'red',
      named: 'the second live wire',
      also: 'from the switch or timer',
    },
    N: { colour: 'white', named: 'the white wire', also: 'or grey; in some boxes white is live' },
    ground: { colour: 'bare', named: 'the bare copper wire', also: 'or green; else grounded metal' },
  },
  europe: {
    ...battery,
    L: { colour: 'brown', named: 'the brown wire', also: 'in older houses black or red' },
    L1: { colour: 'brown', named: 'the wire at L1', also: 'in older houses black or red' },
    L2: { colour: 'black', named: 'the wire at L2', also: 'in older houses yellow' },
    L3: { colour: 'grey', named: 'the wire at L3', also: 'in older houses blue' },
    'switched L': {
      colour: 'black',
      named: 'the second live wire',
      also: 'or grey, from the switch or timer',
    },
    N: { colour: 'blue', named: 'the blue wire', also: 'in older houses grey or black' },
    ground: { colour: 'green-yellow', named: 'the green and yellow wire', also: 'else grounded metal' },
  },
}
