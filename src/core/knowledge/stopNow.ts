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
    'Everybody into fresh air.',
    'Turn the appliance off only if it is on your way.',
    'Headache or dizziness: say so to the emergency service.',
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
