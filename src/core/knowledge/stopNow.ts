import type { StopRuleId } from './vocabulary'

/** What to do this minute, in order, before anything else: read on the stop page alone, so kept out of a job's first load. */
export const stopNow: Record<StopRuleId, string[]> = {
  'gas-smell': [
    'Touch no switch and no plug, also not to switch off.',
    'No flame, no cigarette.',
    'Everybody out, doors open behind you.',
    'Call from outside.',
  ],
  'co-or-soot': [
    'Everybody out into fresh air, now; leave doors open behind you. Touch no switch.',
    'Call the emergency number from outside.',
    'Headache, dizziness, sleepiness: say so, and see a doctor today even if it passes.',
    'Nobody goes back in, and nobody runs the appliance, until it has been tested.',
  ],
  'fire-or-smoke': [
    'Breaker off, only if you can reach it without passing the smoke.',
    'Everybody out. Close the door of the room behind you.',
    'Call the fire service.',
    'No water on it, ever. Leave the covers on: air feeds a fire.',
    'Over and cold: the breaker stays off, and the machine is read dead before anything else.',
  ],
  'electric-shock': [
    'Touch nobody who is still in contact with the machine. Breaker or main switch off first.',
    'Call the emergency number if the person is unconscious, hurt, or was held fast.',
    'See a doctor today even if all is well: the heart can follow hours later.',
    'Touch neither the machine nor metal joined to it. Breaker off, everybody told.',
    'Once it is proved dead, a reading to the frame finds the leaking part.',
  ],
  arcing: [
    'Hands and faces away. Breaker off at the panel, without touching the machine or its switch.',
    'It glows, smokes or smells burnt: everybody out, call the fire service. Never water.',
    'Over and cold: the breaker stays off, and the joints are looked at once it is proved dead.',
  ],
  refrigerant: [
    'Touch no plug and no switch in that room, also not to switch the machine off: the spark lights the gas.',
    'No flame. Open doors and windows, and everybody goes out.',
    'Nobody goes back in before the room has aired for an hour.',
    'Switch the power off only from another room.',
    'Do not tighten, solder or refill anything.',
  ],
  'proof-failed': [
    'Hands and tools away.',
    'Main switch off if you can reach it.',
    'Leave the covers as they are and keep people away.',
  ],
  'breaker-retrips': [
    'Leave the breaker off: it is not reset again.',
    'Leave the plug out, or the disconnect open.',
    'The load may be parted and read dead: frame, capacitor, windings.',
  ],
  'water-on-electrics': [
    'Do not touch the machine or stand in the water.',
    'Circuit off at the panel, dry hands, dry floor.',
  ],
  'burnt-supply': [
    'Switch the circuit off at the panel if you can do so without touching what is burnt, and leave it off.',
    'Keep the panel closed. If its cover is warm or it smells burnt, leave it alone and call at once.',
  ],
  'lost-neutral': [
    'Main switch off.',
    'Unplug what is electronic.',
    'Nothing back on before it has been found.',
  ],
  'sealed-high-voltage': ['Leave the cover on.', 'Pull the plug and leave the machine alone.'],
  'aluminium-or-no-ground': ['Switch the circuit off.', 'Put no new joint on these wires.'],
  'asbestos-suspect': ['Touch nothing more, sweep nothing.', 'Leave the room and close it.'],
  'rented-or-warranty': [
    'Read the lease or the warranty first.',
    'What is found so far stands in the record: show it.',
  ],
  'not-sure': ['Leave the power off.', 'Write down what you are not sure of.'],
}
