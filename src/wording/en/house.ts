/** What is said of the household over the years: what was done, what is looked at each season, and how things are called. */
export const house: Record<string, string> = {
  'machine.added': '{title} was added.',
  'machine.changed': '{title} was changed.',
  'machine.retired': '{title} is in use no more.',
  'machine.returned': '{title} is in use again.',
  'machine.merged': '{title} became one with {into}.',
  'fitted.added': '{name} is noted as fitted in {title}.',
  'fitted.changed': '{name}, fitted in {title}, was changed.',
  'fitted.gone': '{name} is noted as taken out.',
  'fitted.removed': '{name} was crossed out of what is fitted.',
  'readings.added':
    '{count, plural, =0 {No new reading: all of these are here already.} one {A reading of {title} was kept.} other {# readings of {title} were kept.}}',
  'readings.normal':
    '{count, plural, one {A figure of {title} on a good day was kept.} other {# figures of {title} on a good day were kept.}}',
  'reading.struck': 'The reading “{typed}” of {title} was struck.',
  'sound.kept': 'How {title} sounds on a good day was kept.',
  'breaker.added': 'Breaker {name} was added.',
  'breaker.changed': 'Breaker {name} was changed.',
  'breaker.removed': 'Breaker {name} was taken off the panel.',
  'load.added': '{name} hangs on breaker {breaker}.',
  'load.removed': '{name} was taken off its breaker.',
  'round.begun': '{name} began with {count, plural, one {one thing} other {# things}} to do.',
  'round.ticked-open': '{title}: open again.',
  'round.ticked-done': '{title}: done.',
  'round.ticked-found': '{title}: something was found.',
  'round.ticked-left': '{title}: left for another time.',
  'round.job': 'A job was opened for {title} with what was found.',
  'round.ended': '{name} has ended.',
  'spare.changed': 'The spare was changed.',
  'spare.counted':
    '{left, plural, =0 {None of it lies} one {One of it lies} other {# of it lie}} on the shelf.',
  'spare.used':
    'One was taken off the shelf for {title}; {left, plural, =0 {none is} one {one is} other {# are}} left.',
  'guest.added': 'An address was made for {name}.',
  'guest.ended': 'The address of {name} opens no more.',

  'task.listen': 'Let it run, and listen',
  'task.alarm-test': 'Press the test button of the carbon monoxide alarm near it',
  'task.flue-look': 'Look at the end of its exhaust pipe outside',
  'task.flap-look': 'Look at its flap and hood outside',
  'task.filter-wash': 'Wash or change its filter',
  'task.drain-look': 'Pour a cup of water into its drain',
  'task.wobble-look': 'Let it run on high, and look whether it wobbles',
  'task.capacitor-read': 'Read its capacitor',
  'task.wheel-clean': 'Clean its wheel',
  'task.fins-rinse': 'Rinse the fins, and look at the contactor',
  'task.dust-clear': 'Clear the dust below',
  'task.belt-look': 'Look at its belt',
  'task.brush-look': 'Measure its brushes',
  'task.trap-flush': 'Flush its condensate trap',
  'task.ash-clear': 'Clear ash out of the exhaust path',

  'how.listen':
    'Switch it on as always. It should start at once and run evenly. A squeal, grinding, rattling or a hum without turning is a finding.',
  'how.alarm-test':
    'Hold its button until it sounds. No sound: new batteries, or a new alarm where it is older than its own date says. Do not run the burner without one.',
  'how.flue-look':
    'From the ground, with a torch. A nest, leaves, ice or soot streaks on the wall are a finding: leave the burner off and call the trade.',
  'how.flap-look':
    'Somebody switches it on; the flap should open and close again. Lint, a nest or paint that holds it is a finding.',
  'how.filter-wash':
    'Switch it off at its control, take the filter out at its own door, wash it or put in a new one, arrow the way the air goes. Behind the filter nothing is touched.',
  'how.drain-look':
    'A cup of water has to leave at the end of its hose. Water that stands or comes back is a finding.',
  'how.wobble-look':
    'Stand aside. A blade tip that wanders or a rose that moves at the ceiling is a finding: leave it off until it was tightened.',
  'how.capacitor-read':
    'Inside the machine. It is made dead and its capacitor emptied in a job first; the reading goes there.',
  'how.wheel-clean':
    'Inside the machine, made dead in a job first. A brush and a vacuum; no water on the motor, no bent blade, no weight taken off.',
  'how.fins-rinse':
    'Inside, made dead in a job first: disconnect pulled, breaker off, capacitor emptied. Rinse from inside out with little pressure.',
  'how.dust-clear':
    'Unplugged, in a job. The cover at the rear below comes off; vacuum with a soft brush, the fan turned by hand.',
  'how.belt-look':
    'Inside, made dead in a job first. A crack, a shiny side or a thumb’s press of more than 20 mm of give is a finding.',
  'how.brush-look':
    'Inside, made dead and the gas shut in a job first. Brushes shorter than a third of new ones are a finding.',
  'how.trap-flush':
    'Inside, made dead and the gas shut in a job first. Water in, until it runs clear at the end.',
  'how.ash-clear':
    'A cold stove, unplugged, in a job. Ash keeps embers for a day: a metal bucket with a lid, outside.',

  'why.time': 'due by time',
  'why.drift': 'its capacitor may leave its window soon',
  'why.left-open': 'left open by a job',
  'why.chosen': 'chosen',

  'kit.ears': 'your ears',
  'kit.torch': 'a torch',
  'kit.soap': 'soap and a sink',
  'kit.filter': 'new filters of the right size',
  'kit.water': 'a cup or a can of water',
  'kit.meter': 'the meter, with µF',
  'kit.discharge-lead': 'the lead with its resistor',
  'kit.screwdriver': 'screwdrivers',
  'kit.brush': 'a soft brush',
  'kit.vacuum': 'a vacuum',
  'kit.belt': 'the number of the belt',

  'fitted.motor': 'Motor',
  'fitted.capacitor': 'Capacitor',
  'fitted.belt': 'Belt',
  'fitted.wheel': 'Wheel or blade',
  'fitted.bearings': 'Bearings',
  'fitted.filter': 'Filter',
  'fitted.switch': 'Switch',
  'fitted.contactor': 'Contactor',
  'fitted.board': 'Board',
  'fitted.other': 'Something else',

  'found.switched': 'found by switching it off',
  'found.panel-card': 'read from the card at the panel, not tried',
  'found.not-sure': 'not sure',

  'measured.capacitanceUf': 'Capacitor',
  'measured.currentA': 'Running current',
  'measured.supplyV': 'Supply voltage',
  'measured.speedRpm': 'Speed',
  'measured.airDifferenceC': 'Air in and out, apart',
  'measured.levelDb': 'Level of its recordings',

  'state.open': 'open',
  'state.done': 'done',
  'state.found': 'something found',
  'state.left': 'left for another time',
}
