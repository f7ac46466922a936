import { CONTACTOR, LIVE, LOW_VOLTAGE_CALL, TURNS } from './shared'
import type { TestTable } from './types'

/** With the power on: few, named as such, each with its precautions. */
export const liveTests = {
  'nudge-start': [
    {
      minutes: 2,
      risk: 'live',
      tools: ['wooden-stick'],
      how: 'While it hums, push a blade in its running direction with a long dry wooden stick through the closed guard.',
      caution:
        'It may start at once. Never a hand, never metal, never with the guard off. The free-spin test with the power off tells nearly as much.',
      after: { 'fan-state': ['hums'] },
      notFamilies: [
        'mini-split-indoor-fan',
        'refrigerator-evaporator-fan',
        'draft-inducer',
        'furnace-blower',
        'pellet-stove-exhaust-blower',
      ],
    },
  ],
  'supply-voltage': [
    {
      minutes: 4,
      risk: 'live',
      tools: ['meter'],
      how: 'Read the volts where the supply enters the unit.',
      caution: LIVE,
    },
  ],
  'control-voltage': [
    {
      minutes: 4,
      risk: 'live',
      tools: ['meter'],
      how: 'With the call on, read the volts across the coil or the call terminals.',
      caution: `${LIVE} Mains stands beside the 24 V terminals.`,
      // In a refrigerator the call is read where the wire of its cold control reaches the board.
      families: [...LOW_VOLTAGE_CALL, 'refrigerator-evaporator-fan', 'refrigerator-condenser-fan'],
    },
    {
      minutes: 3,
      risk: 'none',
      tools: ['hand'],
      how: 'A fresh battery in the remote, then press each button: the lamp of the remote lights and the receiver beeps or clicks (present), or nothing does (none).',
      families: ['ceiling-fan', 'mini-split-indoor-fan'],
    },
    {
      minutes: 6,
      risk: 'dead',
      tools: ['meter'],
      how: 'Feed off and proved, humidistat at its driest or timer wound up, one wire off it, ohm range: near zero is a call that is present, over-range is none.',
      handsIn: true,
      families: ['dehumidifier-fan', 'bath-exhaust-fan'],
    },
  ],
  'contactor-output': [
    {
      minutes: 4,
      risk: 'live',
      tools: ['meter'],
      how: 'With the contactor in, read the volts between its two load terminals.',
      caution: LIVE,
      families: CONTACTOR,
      // What hums or turns is fed: the contactor is in.
      after: { 'contactor-position': ['pulled-in'], 'fan-state': ['hums', ...TURNS] },
    },
  ],
  'motor-voltage': [
    {
      minutes: 5,
      risk: 'live',
      tools: ['meter'],
      how: 'With the call on, read the volts at the motor leads or the output of the board.',
      caution: LIVE,
    },
  ],
  'module-supply': [
    {
      minutes: 6,
      risk: 'live',
      tools: ['meter'],
      how: 'Power off, prove, open the mains plug of the module, clip on, power on, read, power off.',
      caution: `${LIVE} Never plug or unplug the motor under power. Where its plug carries a jumper it selects 120 V: note it.`,
      kinds: ['ecm'],
    },
  ],
  'board-drive': [
    {
      minutes: 8,
      risk: 'live',
      tools: ['meter'],
      how: 'Read the motor supply and the command at the board as the sheet of the machine says.',
      caution: `${LIVE} The supply of a five-wire motor is several hundred volts DC and kills. Never plug or unplug it under power.`,
      kinds: ['bldc'],
    },
    {
      minutes: 6,
      risk: 'live',
      tools: ['meter'],
      how: 'With the call on, about 24 V at the small plug of the motor: from the wire of the called speed to its common.',
      caution: LIVE,
      kinds: ['ecm'],
    },
  ],
} satisfies TestTable
