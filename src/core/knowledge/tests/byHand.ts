import { WITH_CAPACITOR } from './shared'
import type { TestTable } from './types'

/** Seen and felt with the power off and proved. */
export const handTests = {
  'case-heat': [
    {
      minutes: 1,
      risk: 'dead',
      tools: ['hand', 'thermometer'],
      how: 'With the power off, bring the back of a hand near the motor case, then touch it briefly.',
      handsIn: true,
    },
  ],
  'free-spin': [
    {
      minutes: 3,
      risk: 'dead',
      tools: ['hand'],
      how: 'Turn the wheel one full turn by hand, power off. Feel for drag, grinding, rubbing, and a hub that slips.',
      handsIn: true,
    },
  ],
  hub: [
    {
      minutes: 3,
      risk: 'dead',
      tools: ['hand'],
      how: 'Hold the shaft, try to turn the wheel on it; look for cracks and a missing weight.',
      handsIn: true,
    },
  ],
  fouling: [
    {
      minutes: 3,
      risk: 'dead',
      tools: ['hand'],
      how: 'Look at the wheel and the motor slots with a lamp: lint, grease, paint, ice, a leaf, a nest.',
      handsIn: true,
    },
  ],
  mounting: [
    {
      minutes: 2,
      risk: 'dead',
      tools: ['hand'],
      how: 'Push the motor, its bracket and the covers: nothing should give.',
      handsIn: true,
    },
  ],
  belt: [
    {
      minutes: 2,
      risk: 'dead',
      tools: ['hand'],
      how: 'Look at the belt and press it midway between the pulleys: about a finger of slack.',
      handsIn: true,
      families: ['attic-vent-fan', 'furnace-blower', 'other-fan'],
    },
  ],
  'drain-and-tube': [
    {
      minutes: 6,
      risk: 'dead',
      tools: ['hand'],
      how: 'Take the pressure tube and drain hose off their ports and look through; water or rust in them blocks the switch.',
      handsIn: true,
      families: ['draft-inducer', 'furnace-blower', 'pellet-stove-exhaust-blower', 'rv-furnace-blower'],
    },
  ],
  seal: [
    {
      minutes: 4,
      risk: 'dead',
      tools: ['hand'],
      how: 'Look around gasket, housing and flue joint of the inducer with a lamp: rust streaks, water marks, a gasket that is hard, torn or missing. Soot stops the work.',
      handsIn: true,
      families: ['draft-inducer', 'pellet-stove-exhaust-blower', 'other-fan'],
    },
  ],
  connections: [
    {
      minutes: 4,
      risk: 'dead',
      tools: ['hand'],
      how: 'Look at every plug, splice and terminal: brown, melted, loose, green.',
      handsIn: true,
    },
  ],
  'capacitor-look': [
    {
      minutes: 3,
      risk: 'dead',
      tools: ['hand'],
      how: 'Look at the top of the capacitor: flat or domed? Oil, burns, cracks, rust? If there is none, tap “none fitted”.',
      handsIn: true,
      kinds: WITH_CAPACITOR,
    },
  ],
  'capacitor-label-match': [
    {
      minutes: 2,
      risk: 'dead',
      tools: ['hand'],
      how: 'Compare the µF on the capacitor with the µF that the motor plate asks for.',
      handsIn: true,
      kinds: WITH_CAPACITOR,
    },
  ],
  'module-look': [
    {
      minutes: 15,
      risk: 'dead',
      tools: ['hand'],
      how: 'Power off, wait for the time on the label (10 minutes at least), take the module off its two long bolts. Opened, its bus is read first, at the solder joints, below 5 V DC: add it under Discharge. Then look for burnt parts and water marks.',
      handsIn: true,
      kinds: ['ecm'],
    },
  ],
  'brush-length': [
    {
      minutes: 8,
      risk: 'dead',
      tools: ['hand'],
      how: 'Take the brushes out and compare them with their wear mark; renew below a third of new.',
      handsIn: true,
      kinds: ['brushed-dc'],
    },
  ],
} satisfies TestTable
