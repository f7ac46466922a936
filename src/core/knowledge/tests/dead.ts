import { CONTACTOR, PLAIN, WITH_CAPACITOR, WITH_WINDINGS } from './shared'
import type { TestTable } from './types'

/** Measured with the power off and proved. */
export const deadTests = {
  'safety-switches': [
    {
      minutes: 6,
      risk: 'dead',
      tools: ['meter'],
      how: 'One wire off each, ohm range. Limit, rollout, float and pressed door switches are closed at rest, and so are the refrigerant pressure switches of a cooling unit; the air pressure and sail switches of a heater are open at rest.',
      handsIn: true,
      families: [
        'furnace-blower',
        'draft-inducer',
        'outdoor-unit-fan',
        'refrigerator-evaporator-fan',
        'rv-furnace-blower',
        'pellet-stove-exhaust-blower',
        'hrv-fan',
        'dehumidifier-fan',
        'other-fan',
      ],
    },
  ],
  'wall-switch': [
    {
      minutes: 8,
      risk: 'dead',
      tools: ['meter'],
      how: 'Breaker off and proved, one wire off the switch: near zero on, over-range off.',
      handsIn: true,
      families: [...PLAIN, 'rv-furnace-blower', 'hrv-fan', 'dehumidifier-fan', 'other-fan'],
    },
  ],
  'contactor-coil': [
    {
      minutes: 4,
      risk: 'dead',
      tools: ['meter'],
      how: 'Call off, power off, one wire off the coil: 24 V coils read about 5 to 50 Ω.',
      handsIn: true,
      families: CONTACTOR,
    },
  ],
  'capacitor-fan-reading': [
    {
      minutes: 6,
      risk: 'dead',
      tools: ['meter-capacitance'],
      how: 'Discharge it, take every wire off the section, wait for the reading to settle.',
      handsIn: true,
      kinds: WITH_CAPACITOR,
    },
  ],
  'capacitor-other-reading': [
    {
      minutes: 2,
      risk: 'dead',
      tools: ['meter-capacitance'],
      how: 'The same between C and HERM, wires off.',
      handsIn: true,
      families: ['outdoor-unit-fan', 'dehumidifier-fan', 'other-fan'],
    },
  ],
  winding: [
    {
      minutes: 6,
      risk: 'dead',
      tools: ['meter'],
      how: 'Capacitor off, leads off their terminals, zero the probes, read every pair.',
      handsIn: true,
      kinds: WITH_WINDINGS,
    },
  ],
  'to-frame': [
    {
      minutes: 2,
      risk: 'dead',
      tools: ['meter'],
      how: 'Highest ohm range, each lead to bare metal of the motor frame.',
      handsIn: true,
    },
    {
      minutes: 4,
      risk: 'dead',
      tools: ['megger'],
      how: 'Insulation tester at 500 V, leads off everything; never through a module or board.',
      handsIn: true,
      kinds: ['shaded-pole', 'psc', 'psc-multispeed', 'split-phase', 'capacitor-start'],
    },
  ],
  'cold-retest': [
    {
      minutes: 60,
      risk: 'dead',
      tools: ['meter'],
      how: 'Leave the motor off for an hour until the case is cold, then read the open pair again.',
      handsIn: true,
      after: { winding: ['open'] },
    },
  ],
  'phase-resistances': [
    {
      minutes: 8,
      risk: 'dead',
      tools: ['meter'],
      how: 'Module off, ohm range between the three motor pins in turn: equal within 10 %, none to the frame.',
      handsIn: true,
      kinds: ['ecm', 'bldc'],
    },
  ],
} satisfies TestTable
