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
  'compare.gone': 'Gone: {tones}.',
  'compare.new': 'New: {tones}.',
}
