import { covers, nutsOff, photo, wheelOff } from '../runs'
import type { Way } from './types'

export const screwedGrille: Way = {
  id: 'screwed-grille',
  name: 'Grille held by a screw, motor on a sprung plate',
  when: 'A screw shows in the middle of the grille, or its rim is screwed.',
  replaced: 'motor',
  takesOut: 'motor',
  kit: ['screwdriver', 'vacuum', 'dust mask', 'hex key for the wheel', 'gloves'],
  lines: [
    ...covers([
      { action: 'unscrew', part: 'grille', count: 1, fastener: 'screw, long', cup: 'A' },
      { action: 'lift-off', part: 'grille', asks: 'which way round' },
      { action: 'lift-off', part: 'cover of the wiring box' },
    ]),
    photo('housing with plug, flap and plate'),
    { action: 'unplug', part: 'motor plug' },
    {
      action: 'unclip',
      part: 'spring of the motor plate',
      mark: 'notch side first',
      caution: 'It jumps: a hand under the motor.',
    },
    { action: 'lift-off', part: 'motor plate with the motor', frees: 'motor' },
    ...wheelOff('wheel'),
    ...nutsOff(2, 'B'),
  ],
}
