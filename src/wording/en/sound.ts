/** What a recording may be, as a question to whoever heard it, and what differs between two. */
export const sound: Record<string, string> = {
  'suggest.hum':
    'The mains’ hum holds most of what is heard, and nothing beats as a wheel that turns does: a motor that hums and stands?',
  'suggest.squeal': 'A narrow tone at {khz, number, ::.0} kHz that wavers: does it squeal?',
  'suggest.grinding':
    'The noise comes in blows {times, number, ::.0} times to a turn: a rough bearing, grinding?',
  'suggest.grinding-outer':
    'A beat of {times, number, ::.0} to one turn, where the balls meet the outer race: a worn ball bearing, grinding?',
  'suggest.grinding-inner':
    'A beat of {times, number, ::.0} to one turn, where the balls meet the inner race: a worn ball bearing, grinding?',
  'suggest.grinding-ball':
    'A beat of {times, number, ::.0} to one turn, a ball’s own spin: a worn ball bearing, grinding?',
  'suggest.grinding-turn': 'The noise swells once a turn: something rubs or grinds at one place?',
  'suggest.grinding-unknown':
    'The noise has a beat of its own, {hz, number, ::.0} times a second: does it grind?',
  'suggest.rattle': 'Blows that come and go, unevenly: is something loose, and rattles?',
  'suggest.clicking': 'Even blows, {rate, number, ::.0} a second: does it click?',
  'suggest.roar': 'Broad noise, loud against the tones: does it roar, as air that is held up does?',
  'suggest.nothing': 'Nothing but the phone’s own noise is heard: does it make no sound at all?',
  'suggest.none': 'The blades’ beat and a little air: it sounds as a fan that runs as it should.',
  'compare.same': 'As loud as before.',
  'compare.louder': '{db, number, ::.0} dB louder than before.',
  'compare.quieter': '{db, number, ::.0} dB quieter than before.',
  'compare.hum-gone': 'The hum at {hz, number} Hz stands out no more.',
  'compare.hum-new':
    'The hum at {hz, number} Hz is new: a motor hums that cannot turn, and a loose sheet hums along.',
  'compare.hum-out': 'The hum at {hz, number} Hz stands out now.',
  'compare.hum-stronger': 'The hum at {hz, number} Hz is {db, number, ::.0} dB stronger.',
  'compare.hum-weaker': 'The hum at {hz, number} Hz is {db, number, ::.0} dB weaker.',
  'compare.gone': 'Gone: {tones}.',
  'compare.new': 'New: {tones}.',
  'compare.new-high': 'New: {tones}. Listen for a dry bearing, a belt, or a wheel that touches.',
  'compare.beat-gone': 'Its noise beats no more {times, number, ::.0} times to a turn ({what}).',
  'compare.beat-gone-hz': 'Its noise beats no more {hz, number, ::.0} times a second ({what}).',
  'compare.beat-new': 'Its noise beats {times, number, ::.0} times to a turn, as it did not before ({what}).',
  'compare.beat-new-hz': 'Its noise beats {hz, number, ::.0} times a second, as it did not before ({what}).',
  'compare.speed': 'It turns about {rpm, number, ::group-off} times a minute.',
  'compare.speed-changed':
    'It turns about {rpm, number, ::group-off} times a minute; before, about {was, number, ::group-off}.',
  'beat.turn': 'once a turn, or a few times',
  'beat.blades': 'the blades',
  'beat.outer-race': 'outer race of the bearing',
  'beat.inner-race': 'inner race of the bearing',
  'beat.ball': 'a ball of the bearing',
  'beat.cage': 'cage of the bearing',
  'beat.knock': 'a knock',
  'beat.hum': 'the hum',
  'beat.other': 'a beat of its own',
  'sure.likely': 'Likely.',
  'sure.maybe': 'Maybe.',
  'sure.counted':
    'Of {of, number} made-up recordings that were taken for this, {right, plural, =0 {none was} one {# was} other {# were}}.',
  'sure.alone': 'A recording alone decides nothing.',
  'advice.too-loud': 'Too loud: hold it farther away.',
  'advice.too-quiet': 'Too quiet: hold it nearer to the fan.',
  'advice.too-short': 'Keep quiet, and hold it still for at least three seconds.',
  'advice.enough': 'Good. Three seconds are enough, ten tell the most.',
  'side.before': 'Before',
  'side.after': 'After',
  'side.said': '{side}: {name}, {seconds, number} s at {below, number, one} dB below full scale.',
  'side.speed': 'About {rpm, number, ::group-off} turns a minute by its beat.',
  'side.maybe': 'By its sound maybe: {what}. A recording alone decides nothing.',
  'chart.spectrum': 'Level of each band of the sound',
  'chart.beats': 'How often the noise swells and fades',
  'chart.hz': 'Hz',
  'chart.db': 'dB',
  'chart.times': 'times a second',
  'chart.strength': 'how far it swells',
  'chart.now': 'heard',
  'speed.as-plate':
    'As its plate says: {plate} rpm. A field of {poles, number} poles turns {synchronous, number, ::group-off} rpm.',
  'speed.slow':
    'Slower than its plate says ({plate} rpm), by more than load explains. On its fastest speed that is a sign.',
  'speed.too-fast':
    'Faster than its field turns ({synchronous, number, ::group-off} rpm): count the blades again, or read the plate again.',
  'speed.no-plate':
    'A field of {poles, number} poles turns {synchronous, number, ::group-off} rpm: the plate of such a motor names a speed 3 to 15 % under that.',
  'speed.no-field': 'No motor on these mains turns so fast by its field: one with brushes or a board may.',
  'mark.hum': 'hum',
  'mark.turn': 'once a turn',
  'mark.blades': 'blades',
}
