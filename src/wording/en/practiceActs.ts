import type { PlantWords } from '../../core/plant/says'

/** What an act on a practice machine answers. Typed by the keys of the core: none is missing, none is left over. */
export const practiceActs: Record<keyof PlantWords, string> = {
  'point.off': '{point}: off.',
  'point.on': '{point}: on.',
  'point.already': '{point} already stands so.',
  'point.none': 'This machine has no such point.',
  'point.trips': '{point}: on, and it trips again at once.',
  'held.done': '{point} is held: nobody turns it on.',
  'held.on': '{point} is not off. Turn it off first, then hold it.',
  'call.on': 'It is asked to run.',
  'call.off': 'It is not asked to run.',
  'call.speed': 'It is asked to run at this speed: {speed}.',
  'call.no-speed': 'This machine has no speed called {speed}.',
  'cover.off': '{cover}: off.',
  'cover.on': '{cover}: on again.',
  'cover.already': '{cover} already is so.',
  'cover.first': '{cover}: the {first} comes first.',
  'cover.none': 'This machine has no such cover.',
  'cover.wheel-turns':
    'You would have been hurt here: the wheel turns behind the {cover}. Turn the machine off and wait until the wheel stands.',
  'probe.covered': '{probe} is behind the {cover}. Take that off first.',
  'wire.off': '{wire} is off {at} and hangs free.',
  'wire.lands': '{wire} is on {at} now.',
  'wire.fixed': 'This end of the {wire} goes into the motor. It comes off nowhere.',
  'wire.free': '{wire} already hangs free there.',
  'wire.none': 'This machine has no such wire.',
  'wire.there': '{wire} already sits on {at}.',
  reading: '{display} between {red} and {black}.',
  'reading.induced':
    '{display} between {red} and {black}. On the range that loads the circuit most of it is gone: it is only picked up from a wire beside it.',
  'meter.destroyed':
    'The meter is gone: {volts, number, whole} V on a range that gives its own current. Read volts first.',
  'meter.nonsense':
    'The display wanders about {display}. Something in the circuit still has voltage: read volts first.',
  'meter.charged':
    'The meter is gone: the capacitor still held {volts, number, whole} V. Read volts and discharge before this range.',
  'meter.fuse':
    'A flash in the meter: its fuse is gone. {amps, number, whole} A went through the amps socket, which is a piece of wire.',
  'meter.no-fuse': 'Nothing: the fuse of the amps socket is gone.',
  'meter.same': '{display} with the probes on one point.',
  'meter.broken': 'This meter is broken. A new round has a new one.',
  'meter.wrong-jack': 'Nothing: the red lead is not in the amps socket.',
  'clamp.reads': '{display} in the {wire}.',
  'clamp.none': 'A clamp of this kind reads alternating current alone, in a wire that is there.',
  'tester.lights': 'The tester lights at {at}. That may be this wire, the one beside it, or your sleeve.',
  'tester.dark': 'The tester stays dark at {at}. That alone proves nothing.',
  'discharge.done':
    '{volts, number, whole} V, let down through the resistor in {seconds, number, whole} seconds.',
  'discharge.nothing': 'Nothing was there to let down.',
  'discharge.spark':
    'A bang and a mark on the terminals: {volts, number, whole} V through a piece of metal. A resistor lead does it without.',
  'discharge.slow':
    'Still {volts, number, one} V after fifteen seconds. Hold it longer, or take a smaller resistor.',
  'discharge.burnt':
    'The resistor smokes: {volts, number, whole} V of mains is on these points. Nothing here is dead.',
  'hurt.shock':
    'You would have been hurt here: {volts, number, whole} V between your hand and the cabinet. On until now: {point}.',
  'hurt.shock-open':
    'You would have been hurt here: {volts, number, whole} V between your hand and the cabinet, with everything turned off. One of the switches did not open it: the reading would have told.',
  'hurt.charge':
    'You would have been hurt here: the capacitor still held {volts, number, whole} V, {joules, number, two} J. Read it, let it down through a resistor, read it again.',
  'hurt.wheel': 'You would have been hurt here: a hand at a wheel that turns.',
  'hurt.wheel-starts':
    'You would have been hurt here: the line is on, and the wheel may start by itself at any call. Off and held comes first.',
  'hurt.arc':
    'You would have been hurt here: {volts, number, whole} V shorted at the probe. An arc burns hand and eyes.',
  'hurt.burst':
    'You would have been hurt here: {volts, number, whole} V on a range that gives its own current. A meter that is not rated for it bursts. Read volts first.',
  'hurt.gas':
    'You would have been hurt here: a joint of gas or flue opened with the cock open. Shut the cock first.',
  'hurt.burn':
    'You would have been hurt here: the case is at {celsius, number, whole} °C. It burns before the hand is away.',
  'against.unproven':
    'This was done by hand before the machine was proved dead: off and held, meter tried, each pair read, meter tried again.',
  'against.unread': 'This was done by hand with {volts, number, whole} V on a capacitor that was not read.',
  'against.screwdriver': 'A capacitor is let down through a resistor, never through metal.',
  over: 'This round is over.',
  look: 'You see: {what}.',
  'look.nothing': 'Nothing of the kind is to be seen here.',
  sound: 'You hear: {what}.',
  smell: 'You smell: {what}.',
  touch: 'The case of the motor: {what} ({celsius, number, whole} °C).',
  'touch.compressor': 'The compressor: {celsius, number, whole} °C.',
  turn: 'Turned by hand: {what}.',
  'turn.stop': 'Turned by hand: {what}. Let go: {coast}.',
  'push.runs': 'A push with the stick, and it runs.',
  'push.slow': 'A push with the stick, and it runs, slowly.',
  'push.nothing': 'A push with the stick does nothing: it stands again.',
  'push.unneeded': 'It turns already. A stick in it breaks the stick or the blade.',
  air: 'Air at the outlet: {what}.',
  wait: '{minutes, plural, one {One minute passes.} other {# minutes pass.}}',
  run: 'It is watched for {seconds, plural, one {# second} other {# seconds}}: {what}.',
  'run.stood': 'It is watched for {seconds, plural, one {# second} other {# seconds}}: nothing turns.',
  'replace.done': '{part}: new, or put right.',
  'replace.none': 'Nothing called {part} can be put in here.',
  'replace.cover': '{part}: the {cover} is still on.',
  odds: 'Your odds are noted.',
  'odds.bad': 'Odds are shares of 0 and more, and at least one of them is more than 0.',
  'decide.right': 'Yes: {cause}.',
  'decide.wrong': 'No. You said: {cause}. It was: {was}.',
  'decide.wired': 'Yes: it runs as it should.',
  'decide.unwired': 'Not yet. {first}',
  'wired.loose': 'Something hangs free: {wire}. A lead that is not used is capped or parked.',
  'wired.unpowered':
    'It has not been powered and seen to run. Landings are right once the machine has run on them.',
  'wired.burnt': 'The winding has burnt on the way.',
  'wired.still': '{motor} stands still{at}.',
  'wired.turn': '{motor} turns the wrong way.',
  'wired.fast': '{motor} turns too fast{at}: another lead belongs there.',
  'wired.slow': '{motor} turns too slowly{at}: another lead belongs there.',
  'wired.amps':
    '{motor} takes {amps, number, ::.00} A in its windings{at}, where {wanted, number, ::.00} A would be right: something is landed on the wrong place.',
}
