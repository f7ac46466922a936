import type { ObservationId } from '../vocabulary'

/** What some ways of saying it mean. */
export interface FactRule {
  observation: ObservationId
  value: string
  /** One a line; see `patternsOf`. Classes stand in `glue`, `things` and `doings`. */
  ways: string
  /**
   * Of what it must be said: `fan` (nothing else is named before it in its clause) or anything. What turns, sounds and grows
   * hot is the fan unless another thing is named.
   */
  of: 'fan' | 'any'
  /** What it means where it is denied; no more than a denial where left out. */
  denied?: string
  /** These classes in the same clause say that it is about something else. */
  unless?: string[]
  /** These classes anywhere in the text say that it has been put right. */
  mended?: string[]
}

const TURNS = new Set<ObservationId>([
  'fan-state',
  'sound',
  'case-heat',
  'free-spin',
  'coast-down',
  'direction',
])

const fact = (
  observation: ObservationId,
  value: string,
  ways: string,
  more: Partial<Pick<FactRule, 'of' | 'denied' | 'unless' | 'mended'>> = {},
): FactRule => ({ observation, value, ways, of: TURNS.has(observation) ? 'fan' : 'any', ...more })

/** Within an observation the first that holds counts, so the narrower ones stand first. */
export const factRules: FactRule[] = [
  // What the fan does.
  fact(
    'fan-state',
    'wont-stop',
    `will/would/does/can {neg} _ stop/quit
     will/would/does/can {neg} _ shut/turn/switch/knock/go/shuts it? off
     can {neg} .. shut .. up
     can {neg} .. turn/shut/switch it/the/them? .. off
     {neg} stops/rests
     {neg} turns/shuts/switches/goes off
     {run|blows} _ {roundclock}
     {roundclock} {run}
     {run} .. {evenoff}
     {carries} on? .. {evenoff}
     {carries} on .. till/until .. pull/plug/breaker
     {carries} on {blows|run} .. {offword}
     {carries} going and going
     going since yesterday
     {run|blows} with its .. at off
     stays on
     {offpower} and/but still .. {blows|run}
     {offpower} .. still it {blows|run}
     {thermostat} off and still
     {evenoff} ... {still} {run|blows}`,
    { unless: ['noisy', 'rattle', 'click', 'onoff', 'startstop', 'coasts', 'normalrun'] },
  ),
  fact(
    'fan-state',
    'runs-backwards',
    `{backwards}
     {run|blows} _ {wrongway}
     {wrongway} {run}`,
    { unless: ['arrowask'] },
  ),
  fact(
    'fan-state',
    'starts-then-stops',
    `{startstop}
     {beginning} ... {shortwhile} ... {ending}
     {beginning} .. {shortwhile} .. {ending}
     {beginning} .. then .. {ending}
     {ending} .. after .. {shortwhile}
     {beginning} and then? {ending}
     {shortwhile} later .. {ending}`,
    { unless: ['neg'] },
  ),
  fact('fan-state', 'intermittent', `{onoff}`, { unless: ['metered'], mended: ['metered'] }),
  fact(
    'fan-state',
    'runs-normally',
    `{allwell}
     {run|fan} .. {normalrun}
     {normalrun} {run}
     {normalrun} again
     {run} {again} {now}
     {normalrun} {now}
     {run} like the day
     {run} .. {as} .. {wanted}
     {now} it? 's? .. {normalrun}`,
    { unless: ['by-hand', 'speedword', 'before', 'sampled'] },
  ),
  fact(
    'fan-state',
    'slow',
    `{slow}
     {run} .. slow
     {slow} .. {run}`,
    { unless: ['by-hand', 'speedword', 'flash', 'leak', 'mould'] },
  ),
  fact(
    'fan-state',
    'hums',
    `{hum} .. {neg} .. {run}
     {hum} ... {halted}
     {only} .. {hum}
     {hum} .. {only}
     {neg} .. {run} ... {hum}
     {halted} ... {hum}
     {hum}`,
    { unless: ['soundright', 'idiom', 'gurgle'] },
  ),
  fact(
    'fan-state',
    'dead',
    `{neg} _ {run}
     {halted}
     {neg} {by} itself
     {run} {neg} $
     {neg} {hum} {neg}
     {fan} {neg}
     {fan|wheel} stands $
     {fan|wheel} .. does {neg} $
     {fan} .. refuses $
     has gone {quiet}
     {fallen} {quiet}
     {neg} movement
     is still $
     ^ {fan} , {neg} $
     {ought} .... it is {neg} $
     ^ {neg} {run}
     {wanted} .. {run} .. is {neg}
     {run} {neg}? bar/except/save/but {a}`,
    {
      unless: [
        'by-hand',
        'speedname',
        'otherspeeds',
        'wrongway',
        'nudge',
        'wheelonly',
        'weakair',
        'normalpause',
      ],
    },
  ),
  fact('fan-state', 'runs-noisy', `{noisy}`, { unless: ['quiet', 'louderweeks'] }),
  fact(
    'fan-state',
    'runs-normally',
    `{fan} .. goes round nicely\n{fan} .. goes round fine\n{fan} .. {run} lovely`,
    { unless: ['by-hand', 'another'] },
  ),
  fact('fan-state', 'runs-little-air', `{run} .. {hardly} .. {air}`),
  // What is heard.
  fact('sound', 'squeal', `{squeal}`, { unless: ['alarmword'] }),
  fact('sound', 'grinding', `{grind}`, { unless: ['by-hand'] }),
  fact('sound', 'clicking', `{click}`, { unless: ['alarmword', 'pulltap', 'nudge', 'thermostat'] }),
  fact('sound', 'rattle', `{rattle}`, { unless: ['by-hand'] }),
  fact('sound', 'roar', `{roar}`),
  fact('sound', 'hum', `{hum}`, { unless: ['idiom', 'gurgle'] }),
  fact('sound', 'nothing', `{quiet}\n{neg} .. {soundword}`, { unless: ['alarmword'] }),
  // What is smelt.
  fact(
    'smell',
    'gas',
    `{smellword} .. {gasword}
     {gasword} .. {smellword}
     {gasword} leak/leaking/escape
     {gasword} in the air
     {smellword} {gasword}
     {eggs}`,
    { unless: ['exhaustgas'] },
  ),
  fact(
    'smell',
    'burnt',
    `{smellword} .. {burnsmell}
     {burnsmell} {smellword}
     {smellsburnt}
     {burnsmell} _ {smellword}
     {smellword} like .. {burnsmell}
     {smellword} .. {burnsmell} .. {burnsmell}`,
  ),
  fact(
    'smell',
    'none',
    `{neg} {smellword} .. {anysort}
     {neg} {anysort} {smellword}
     {nothing} {smellword}
     {neg} {smellword} {at} all
     {smellword} {neg}
     {neg} {smellword} to it
     {neg} {smellword} whatever
     {smellless}`,
    { unless: ['gasword', 'burnsmell'] },
  ),
  // How hot its case is.
  fact('case-heat', 'too-hot-to-touch', `{hot}`, { unless: ['oven', 'airword'], of: 'any' }),
  fact(
    'case-heat',
    'warm',
    `^ warm , {neg} hot
     {case} .. {warm}
     {warm} .. {case}
     {case} .. {warm} .. {neg} {hot}
     {keephand}`,
    { unless: ['airword'], of: 'any' },
  ),
  fact(
    'case-heat',
    'cold',
    `{case} .. {is}? .. {cold}
     {case} .. is freezing
     {hot}? {warm} .. it 's cold
     {neg} even warm
     {cold} .. {case}
     {stonecold}
     {case} .. {temperature} .. cold`,
    { unless: ['retest', 'airword', 'food', 'safety'], of: 'any' },
  ),
  // How it turns by hand.
  fact(
    'free-spin',
    'slips-on-shaft',
    `{shaft|fan} .. {run} ... {wheel} .. {stays}
     {shaft} .. {run} .... the {wheel} stays
     {wheel} .. {slips} .. {shaft}
     {slips} .. {on} .. {shaft}
     turn .. 1/one without the other
     {shaft} .. {run} .. inside .. {wheel}`,
    { of: 'any' },
  ),
  fact('free-spin', 'seized', `{seized}`, {
    unless: ['safety', 'filter', 'duct', 'screwword', 'ifword', 'debris'],
  }),
  fact(
    'free-spin',
    'seized',
    `{neg} .. {run|budge} .. {by-hand}\n{by-hand} .. {neg} .. {run|budge}\n{neg} {budge}`,
    {
      unless: ['damper', 'nudgeword'],
      of: 'any',
    },
  ),
  fact('free-spin', 'rubs', `{rubs}`, { of: 'any', unless: ['clean', 'paint', 'shockword', 'handword'] }),
  fact(
    'free-spin',
    'wobbles',
    `{wheel|shaft} .. {wobbles}
     {wobbles} .. {by-hand}
     {by-hand} ... {wobbles}
     {wobbles} .. {shaft|wheel}`,
    { of: 'any', unless: ['setscrew', 'mount'] },
  ),
  fact(
    'free-spin',
    'rough',
    `{by-hand} ... {rough}
     {rough} .. {by-hand}
     feel/feels/felt/feeling .. {rough}
     {rough} to spin/turn
     {shaft|bearing} .. {rough}
     {by-hand} ... {grind}`,
    { of: 'any' },
  ),
  fact(
    'free-spin',
    'stiff',
    `{by-hand} ... {stiff}
     {stiff} .. {by-hand}
     {shaft|wheel|fan} .. {stiff}
     {stiff} .. {shaft|wheel}
     {run} .. {stiff}
     {stiff} to turn/spin/move
     {stiffword}`,
    {
      of: 'any',
      unless: ['grit', 'air', 'screwword', 'breeze', 'damper', 'tightfit', 'howheavy', 'free', 'without-any'],
    },
  ),
  fact(
    'free-spin',
    'free',
    `{by-hand} ... {free}
     {free} .. {by-hand}
     {wheel|shaft|fan} .. {run} .. {free}
     {wheel|shaft|rotor} .. {is} {free}
     {by-hand} ... {fine}
     spins? free
     {run} .. with/by my? .. {finger}
     {can} .. {run|go} .. with .. {finger}
     {breath} .. {free}
     {wheel} .. {free}`,
    { of: 'any', unless: ['drain', 'tube', 'metered', 'stiffword'], mended: ['stiffword', 'heavyturn'] },
  ),
  // How it runs out.
  fact(
    'coast-down',
    'stops-quickly',
    `{stopsquick}
     {ifwhen} .. off .. stops .. {atonce}
     {ifwhen} .. off .. {atonce} .. stops`,
  ),
  fact('coast-down', 'coasts-long', `{coasts}\nturns/spins/rolls/runs/goes .. for {ages} after .. off`, {
    unless: ['past'],
  }),
  // A push.
  fact(
    'nudge-start',
    'does-nothing',
    `{nudge} .... {nothingelse}
     {nudge} ... {neg} .. {run}`,
    { unless: ['resetbutton'] },
  ),
  fact(
    'nudge-start',
    'starts-slowly',
    `{nudge} .... {run} ... {slow}
     {nudge} .... {slow}`,
  ),
  fact(
    'nudge-start',
    'starts-and-runs',
    `{nudge} .... {offitgoes}
     {nudge} ... {run}
     {run} .. {ifwhen} .. {nudge}
     {need} .. {nudge}
     {ifwhen} .. {nudge}
     {run} .. {nudge}
     {set} going .. {withstick}
     {run} .. {withstick}`,
    { unless: ['resetbutton', 'neverstart'] },
  ),
  // Which speeds.
  fact(
    'speeds',
    'all-slow',
    `{allspeeds} .. are .. {slow}
     {speedword} # # # .. {slow}
     # # # all {slow}
     all {slow}
     # {and} # .. {slow}
     {allspeeds} .. {slow}
     {slow} ... {allspeeds}
     {speedword} .. {same} .. {slow}`,
  ),
  fact(
    'speeds',
    'only-high',
    `{only} .. {highspeed}
     {highspeed} .. {only}
     {highspeed} .. {run} ... {otherspeeds} .. {neg|nothingelse|ignore}
     {highspeed} .. {run} and {nothingelse}
     {highspeed} .. {fine|brisk} ... {otherspeeds} .. {speedmiss|neg}
     on {highspeed} and {only}`,
  ),
  fact(
    'speeds',
    'none',
    `{neg} {1} {speedword} .. {run}
     {neg} of .. {speedword} .. {run|do|does}
     neither .. {speedword} .. {run|do|does}
     {neg} .. {anyspeed}
     {neg} {speedword} .. {run}
     {neg} .. of them {run}
     {neg} .. {run} .. {anyspeed}
     {anyspeed} .. {neg}
     {answered} .. {neg}
     all/every .. {speedword} .. {nothingelse|halted}`,
  ),
  fact(
    'speeds',
    'some-missing',
    `{speedname} .. {speedmiss}
     {speedname} .. {neg} .. {run}
     {speedname} .. {neg}
     {only} .. {lowspeed|speedname}
     {lowspeed} .. {speedmiss}
     {lowspeed} .. {neg} .. {run|do}
     {highspeed} .. {speedmiss}
     {speedname} .. is/are missing/dead/gone
     {neg} {speedname}
     # of .. # .. {speedword} .. {run}
     {only} # .. {speedword|run}
     {1} .. {speedword} .. {speedmiss}
     {speedname} .. {nothingelse}
     {speedname} {and} {speedname} .. {nothingelse|speedmiss}
     {speedname} .. {does} {neg}
     {lost} .. {speedname}
     on cool/cooling/heat/heating it? .. {neg} .. {run}
     on cool/cooling/heat/heating it? .. {halted}
     # {and} # .. {are} broken/dead/gone/kaput
     # .. its thing , # {and} #
     {speedname} 's right , .. {speedname} .. {halted|speedmiss|snapped}
     {middle} .. {halted}`,
  ),
  fact(
    'speeds',
    'all',
    `{allspeeds} .. {run|fine}
     {allspeeds} , yes
     fast alike
     {speedname} , {speedname} and {speedname} alike
     at {slow} , {lowspeed} and {highspeed} alike
     {run|fine} .. {allspeeds}
     {highspeed} ... {lowspeed} ... {speedname} .. as .. {wanted}
     {speedname} .. {speedname} .. and {speedname} alike
     {run} .. {every} .. {steps}`,
    { unless: ['slowreally', 'noisy', 'neg', 'click', 'highmissing'] },
  ),
  // What else runs.
  fact(
    'companion',
    'not-fitted',
    `{neg} {light|compressor|burner|heater} or/nor {light|compressor|burner|heater}
     {neg} {light|compressor|burner|companion} .. {builtin}
     {without} {light|compressor|burner|companion}
     {light|compressor|burner|companion} .. {neg} .. {fittedword}
     {has} {neg} {light|compressor|burner|companion}`,
  ),
  fact(
    'companion',
    'no',
    `{light|compressor|burner|companion} .. {neg}
     {light|compressor|burner|companion} .. {halted}
     {neg} .. {light|compressor|burner|companion}
     {light|compressor|burner|companion} .. {quiet}
     {light|compressor|burner|companion} .. {either} $
     {light|compressor|burner|companion} {neg} _ {run}
     {neither} .. {light|compressor|burner|companion}`,
    { unless: ['detectorword', 'gone', 'heatpump', 'fan'] },
  ),
  fact(
    'companion',
    'yes',
    `furnace lights/fires/burns
     {light|compressor|burner|companion} .. {runs}
     {light|compressor|burner|companion} {still} .. {runs}
     {light|compressor|burner|companion} ... {still} {runs}
     {runs} .. {light|compressor|burner|companion}
     {light|compressor|burner|companion} {goodrun}
     {see} .. {light|compressor|burner|companion}
     {light|compressor|burner|companion} .. {fine}
     {light|compressor|burner|companion} , yes
     {light|compressor|burner|companion} .. {hum}`,
    { unless: ['detectorword', 'inroom', 'onfire'] },
  ),
  // Since when, and after what.
  fact(
    'onset',
    'after-a-storm-or-outage',
    `{storm}
     {power} .. {out} .. {storm}
     power {cutword}
     {power} {went} out
     {power} came back
     {power} .. {failed}
     {surge}`,
    { unless: ['gale'] },
  ),
  fact(
    'onset',
    'after-painting-or-building-work',
    `{since} .. {builders}
     {builders} .. {since|left|been|had}
     {had} .. {builders}
     {builders} ... {now}
     {since} .. {paint} 
     {we|i|they} .. {paintverb}
     {paintverb} .. {since|now}
     {builders}`,
    { unless: ['longago', 'paintpen'] },
  ),
  fact(
    'onset',
    'after-water',
    `{flood}
     {water} got in
     {got} .. {soaked}
     {since|after} .. {leak|water|rain|flood|soaked}
     {stood} .. {in} .. {waterword}
     {water} .. {got} .. {in|into}
     {soaked}
     {leak} .. {since|then}
     {waterword} .. {in} .. {floor|motor|fan|casing} ... {now}
     {ceiling} {leak}`,
    { unless: ['longago', 'drain', 'poured', 'tube', 'plumber'] },
  ),
  fact(
    'onset',
    'after-a-repair',
    `{since|after} .. {newmotor|fit}
     {newmotor} ... {now|since}
     {put|fitted} .. {newmotor|new}
     {since} .. {serviced}
     {swapped} .. {last|yesterday|ago|days|weekend|monday|tuesday|friday}
     {newmotor} .. {days|ago}
     {days} ago .. {newmotor}
     {after} .. {therepair}
     {i|we} .. {newmotor}
     {had} .. {electrician} .. {since}
     {electrician} .. {had} .. {since}
     {newmotor}`,
    { unless: ['longago', 'neg', 'needsnew', 'filter', 'usualrepair', 'belt', 'conn'] },
  ),
  fact('onset', 'slower-over-months', `{slowermonths}`),
  fact('onset', 'grew-louder-over-weeks', `{louderweeks}`),
  fact('onset', 'suddenly', `{sudden}`),
  // The breaker.
  fact(
    'breaker',
    'rcd-trips',
    `{rcd} .. {trips}
     {trips} .. {rcd}`,
    { denied: '' },
  ),
  fact(
    'breaker',
    'holds-with-load-off',
    `{loadoff} ... {breaker}? ... {holds}
     {breaker} .. {holds} .. {loadoff}`,
  ),
  fact(
    'breaker',
    'trips-with-load-off',
    `{breaker} .. {trips} .. even with ... {lifted}
     {loadoff} ... {breaker|reset} ... {trips|neg}
     {breaker} {trips} even with .. {loadoff}
     {breaker} ... {trips} .. {even} .. {loadoff}
     {neg} hold .. {loadoff}
     {breaker} ... {trips} ... {loadoff}`,
  ),
  fact(
    'breaker',
    'trips-again-at-once',
    `{breaker} ... {trips} ... {again}
     {again} .. {breaker} .. {trips}
     {trips} .. {breaker} ... {again}
     {again} ... {trips} .. {breaker}
     {breaker} .. {neg} .. {holdword}
     {keeps} .. {trips} .. {breaker|power}
     {keeps} tripping
     {breaker} .. {keeps} {trips}
     {reset} ... {trips} 
     {trips} .. {again} ... {reset}
     {breaker} .. {trips} .. when/if .. {reset}
     {breaker} {trips} .. {again} .. pick a speed
     {third} {breaker} .. {trips|again}
     {third} {breaker} gone/blown/now/already
     {breaker} .. one after another/the
     {breaker} after {breaker}
     {newfuse} ... {trips}
     {breaker} ... {trips} ... {newfuse} ... {trips|gone}
     {breaker} .... {newfuse} .... {trips|gone|off} {again}
     {breaker} .... {newfuse} .... {trips} before
     {breaker} .... {trips} .... {reset} .... {again}
     {trips} {again} {everytime}
     ^ it? trips/trip/tripped/tripping {again|everytime}
     {breaker} .. {trips} .. {when} .. {run|fan|turn}
     {everytime} ... {breaker} .. {trips}
     {trips} .. {breaker} .. {when|as} ... {run|turn|switch}
     {breaker} {trips} .. {everytime}
     {when} .. {run|turn|switch|try} ... {breaker} .. {trips}`,
    { unless: ['heldsince'] },
  ),
  fact(
    'breaker',
    'tripped-once',
    `{breaker} .. {trips}
     {trips} .. {breaker}
     {trips} its breaker
     {breaker} .. {halfway}`,
    { unless: ['heldneg', 'offpower', 'on-now'] },
  ),
  fact(
    'breaker',
    'on',
    `{breaker} .. {ison}
     {breaker} .. {fine}
     put/reset/shoved/pushed it back on
     {breaker} {neg} {tripped}
     {neg} 's? tripped
     {breaker} {neg} good .. it 's on
     all {breaker} {up}`,
    { unless: ['offpower'] },
  ),
  fact(
    'breaker',
    'off',
    `{breaker} .. off
     turned/switched/flipped/put/took .. {breaker} .. off
     off at the breaker
     {isolated} .. {breaker}
     {off} .. {breaker}
     put off .. {breaker}`,
    { unless: ['hadbeen', 'leadsoff'] },
  ),
  // Volts told in words.
  fact('supply-voltage', 'none', `{neg} {voltage|power|current} .. {supply}\n{supply} .. {isdead}`),
  fact('supply-voltage', 'low', `{voltage} .. {sags}`),
  // Switches.
  fact(
    'wall-switch',
    'not-fitted',
    `{neg} {wallswitch}
     {wallswitch} .... has {neg} got one
     {without} {wallswitch}
     {has} {neg} {wallswitch}`,
  ),
  fact(
    'wall-switch',
    'bad',
    `{wallswitch} ... {neg} .. {continuity}
     {wallswitch} .... {neg} continuity
     {wallswitch} ... {openread}
     {wallswitch} .. {badword}
     {wallswitch} ... {neg} beep/make/close/click`,
    { unless: ['safety'] },
  ),
  fact(
    'wall-switch',
    'good',
    `{wallswitch} ... {closedread}
     {wallswitch} ... {fine}
     {wallswitch} ... {as} .. {wanted}
     {wallswitch} ... does as it should
     chain gives {continuity}
     {wallswitch|chain} .. gives {continuity}
     {meter} .. {wallswitch} ... {wanted}
     {neg} the {wallswitch} .. which i have {tested}
     checked .. {meter} .. good`,
    { unless: ['neg'] },
  ),
  // What sits between.
  fact(
    'contactor-position',
    'not-fitted',
    `{neg} {contactor}
     {contactor} .... it {has} {neg}
     {without} {contactor}`,
    { unless: ['pullsin'] },
  ),
  fact(
    'contactor-position',
    'not-pulled-in',
    `{contactor|plunger} ... {neg} .. {pullsin|run|go}
     {contactor|plunger} ... {neg} .. in
     {contactor|plunger} .. {staysout}
     {neg} .. {pullsin}
     {plunger} .. {neg}`,
    { unless: ['fanword'] },
  ),
  fact(
    'contactor-position',
    'pulled-in',
    `{contactor|plunger|coil} ... {pullsin}
     {contactor} .. is? 's? in
     {contactor} .. {closedin}`,
  ),
  fact(
    'safety-switches',
    'not-fitted',
    `{neg} {safety}\n{safety} .. {neg} .. {possess}\n{none} ... {neg} {safety}`,
    {
      unless: ['closeverb'],
    },
  ),
  fact(
    'safety-switches',
    'stuck-closed',
    `{safety} ... {closedread} ... {atrest}\n{safety} .... {closedread} .... {atrest}\n{safety} ... {stuckclosed}\n{stuckclosed} .. {safety}`,
    {
      unless: ['boardlight', 'flash'],
    },
  ),
  fact(
    'safety-switches',
    'one-open',
    `{safety} ... {openswitch}
     {openswitch} .. {safety}
     {safety} ... {neg} .. {closeverb}
     {safety} .... never closes`,
    { unless: ['boardlight', 'flash'] },
  ),
  fact('safety-switches', 'closed', `{safety} ... {closedread|fine|closed}\n{closedread} .. {safety}`, {
    unless: ['boardlight', 'neg', 'flash', 'shutstuck', 'atrest'],
  }),
  // The capacitor.
  fact(
    'capacitor-look',
    'none-fitted',
    `{neg} {cap}
     {cap} .. {has} none
     {cap} .. {neg} .. {exists}
     {without} {cap}
     {neg} .. {cap} .. {anywhere}
     {cap} it {has} none`,
    { unless: ['readword'] },
  ),
  fact('capacitor-look', 'cracked', `{cap} ... {cracked}\n{cracked} .. {cap}`, {
    unless: ['wheelword', 'seam'],
  }),
  fact(
    'capacitor-look',
    'bulged-or-leaking',
    `{cap} ... {swollen}
     {swollen} .. {cap}
     {cap} .. {seam}`,
    { unless: ['drain', 'coilleak'] },
  ),
  fact('capacitor-look', 'burnt', `{cap} .. {burnt}\n{burnt} .. {cap}`, { unless: ['label', 'smellword'] }),
  fact(
    'capacitor-look',
    'rusty-terminals',
    `{rusty} .. {terminals}\n{terminals} .. {rusty}\n{cap} .. {rusty}`,
    {
      unless: ['module'],
    },
  ),
  fact(
    'capacitor-look',
    'sound',
    `{cap} .. looks? .. {fine|asnew}
     {cap} ... {neg} {swollen}
     {eye} .. {fine}
     {cap} .. {asnew}`,
    { unless: ['readword', 'label', 'swollen'] },
  ),
  fact(
    'capacitor-fan-reading',
    'short',
    `{cap} ... is a .. {shortread}\n{fansection|cap} .. {shortread}\n{shortread} .. {cap}`,
    {
      unless: ['hermsection', 'winding'],
    },
  ),
  fact('capacitor-other-reading', 'short', `{hermsection} ... {shortread}`),
  fact('capacitor-other-reading', 'open', `{hermsection} .. {openread}`),
  fact('capacitor-fan-reading', 'open', `{fansection|cap} .. {openread}\n{cap} .. {reads} {nothing}`, {
    unless: ['hermsection', 'winding', 'coil', 'contactor', 'safety', 'wallswitch'],
  }),
  fact(
    'capacitor-label-match',
    'unknown',
    `{neg} .. read .. {label}
     {label} .. {unreadable}
     {neg} .. tell .. {wanted}
     {neg} telling .. {wants}
     {label} ... {neg} .. {readable}`,
  ),
  fact(
    'capacitor-label-match',
    'differs',
    `{wrong} {cap}
     {neg} what the {plate|fan} .. {wants}
     {cap} ... {neg} the same
     {neg} same`,
    {},
  ),
  fact(
    'capacitor-label-match',
    'matches',
    `{same} .. {as} .. {plate|fan|label}
     {is} what the .. {plate} .. {says}
     {as} the {fan|plate} {wants}
     {plate} .. {wants} .. {also|too|same}
     # uf on it and # uf on the {fan}
     {matches} .. {plate|fan}`,
  ),
  // Windings and frame.
  fact(
    'cold-retest',
    'not-done',
    `{neg} .. {tried|measured|let} .. {again|cool|cooled|since}
     have {neg} let it cool
     {neg} .. {retested}
     {yet} to {retested}`,
  ),
  fact(
    'cold-retest',
    'now-good',
    `{cold} .. # ohms .... {wasopen}
     {wasopen} .... {cooled} ... {good|#}
     {cooled} ... {goodwinding|plausible}
     {measured} again ... {plausible|goodwinding}
     {wasopen} .... {now} .. #
     {cooled} .. {now} .. #`,
  ),
  fact(
    'cold-retest',
    'still-open',
    `{cooled} ... {still} .. {openread}
     {still} .. {openread} .... {cooled}
     {winding} .. {still} .. {openread}`,
  ),
  fact(
    'winding',
    'open',
    `{winding} ... {openread}
     {openread} .. {winding}
     {across} .. {winding} ... {openread}
     {wire} to {wire} .. {openread}
     {neg} continuity through .. {fan|winding}
     {neg} reading between .. {conn|winding|wires}
     common to run/start/high/low/medium .. {openread}
     start/run to run/start/common .. {openread}
     was/measured open .. between
     {measured} open`,
    { unless: ['cap', 'coil', 'safety', 'frameword', 'wallswitch', 'past'] },
  ),
  fact('winding', 'inconsistent', `{neg} {adds}\n{winding} .. {jumps}\n{jumps} .. {everytime}`),
  fact('winding', 'shorted', `{winding} ... {shortread}\n{shortread} .. {winding}`, {
    unless: ['cap', 'coil'],
  }),
  fact(
    'winding',
    'good',
    `{winding} .. {adds}
     {winding} ... {fine}
     {goodwinding}
     {ohms} .. {seems} {right|fine}
     {adds}
     # {seems} {right} for
     # ohm .. same as .. {spare}`,
    { unless: ['neg', 'openread', 'shortread', 'module', 'jumps'] },
  ),
  fact(
    'to-frame',
    'leaks',
    `{winding|conn} .. {frame} .. {leaks|beeps}
     {leaks} .. to .. {frame}
     {frame} .. {neg} clear
     {neg} clear .. {frame}`,
    { unless: ['oilword'] },
  ),
  fact(
    'to-frame',
    'clear',
    `{frame} .. {openread|clear}
     {openread} to .. {frame}
     {nothing} .. to .. {frame}
     {winding} ... {frame} ... {openread|clear}
     {neg} .. {leaks} .. {frame}
     {neither} .. shows .. {frame|casing}
     to the {can|frame|case} .. nothing
     {neg} {leaks} .. {frame}
     clear to {frame}
     {nothing} from .. {winding} .. {frame}`,
    { unless: ['windy'] },
  ),
  fact('to-frame', 'doubtful', `{frame} ... {iffy}`),
  // Modules, plugs, brushes.
  fact(
    'module-look',
    'not-opened',
    `{module} ... {neg} .. {opened}
     {neg} .. {opened} .. {module}
     {neg} had .. {module} open
     {module} .. is still {closed}`,
  ),
  fact('module-look', 'water-marks', `{module} .... {tidemarks}\n{tidemarks} .... {module}\n{watermarks}`),
  fact(
    'module-look',
    'burnt-part',
    `{module} .... {part} .. {burnt}
     {module} .. {burnt}
     {part} .. {burnt}
     {burnt} .. {part}`,
    { unless: ['neg', 'cap', 'smellword', 'conn', 'tidemarks'] },
  ),
  fact(
    'module-look',
    'sound',
    `{module} .... {everything} ... {fine|asnew}
     {module} .. looks .. {fine|clean|asnew}
     {module} .... {nothing} {burnt}
     {opened} .. {module} .... {fine|asnew}
     {everything} in there .. {fine|asnew}
     {everypart} .. {fine|asnew}`,
    { unless: ['voltagefact', 'tidemarks'] },
  ),
  fact(
    'module-supply',
    'none',
    `{mains} .. {module} .. {neg}
     {mains} .. {module|conn} ... {neg} $
     {mains} .. {module} .. , {neg}
     {neg} .. {mains} .. {module}
     {module} .. {neg} {mains|voltage|power}`,
  ),
  fact('module-supply', 'present', `{mains} .. {reaches} .. {module}\n{module} .. {gets} .. {mains}`, {
    unless: ['neg'],
  }),
  fact('phase-resistances', 'equal', `{phases} ... {equal}\n{equal} .. {phases}`, { unless: ['neg'] }),
  fact('phase-resistances', 'open', `{phases} ... {openread}`),
  fact('phase-resistances', 'unequal', `{phases} ... {unequal}`),
  fact(
    'board-drive',
    'none',
    `{board} .. {gives} {neg}
     {neg} {drive} .. {board}
     {board} .. {neg} .. {drive}
     {gives} .. {neg} {drive}
     {neg} {drive}
     {board} .. {gives} .. {nothing}`,
  ),
  fact(
    'board-drive',
    'present',
    `{board} .. {gives} .. {drive}\n{drive} .. {present}\n{board} .. {gives} .. {voltage}`,
    {
      unless: ['neg'],
    },
  ),
  fact('brush-length', 'not-fitted', `{neg} {brush}\n{brushless}\n{without} {brush}`, { unless: ['worn'] }),
  fact('brush-length', 'worn-short', `{brush} ... {worn}\n{worn} .. {brush}`, { unless: ['windy', 'long'] }),
  fact('brush-length', 'long', `{brush} ... {long|fine}\n{neg} {worn} .. {brush}`, {
    unless: ['neg', 'worn'],
  }),
  fact(
    'connections',
    'loose-or-burnt',
    `{conn} ... {melted}
     {melted} .. {conn}
     {conn} .. {loose}
     {loose} .. {conn}
     {conn} .. {chewed}
     {chewed} .. {conn}
     {wiggle} .. {conn}
     {conn} .. {rusty|off|dangling}
     {bad} {connection}`,
    {
      unless: [
        'rusttabs',
        'cap',
        'supplyword',
        'insmell',
        'leadsoff',
        'pullout',
        'arrowask',
        'module',
        'notconn',
      ],
    },
  ),
  fact(
    'connections',
    'sound',
    `{conn} .. looks/look/are/is/all .. {fine|tight|asnew|clean}\n{conn} .. {asnew}`,
    {
      unless: ['neg', 'filter'],
    },
  ),
  // Hub, belt, mounting, dirt.
  fact('hub', 'out-of-balance', `{unbalanced}\n{wheel} .. {bent}\n{bent} .. {wheel}`, {
    unless: ['mount', 'person', 'tight', 'wholething'],
  }),
  fact('hub', 'cracked', `{wheel|hub} ... {cracked}\n{cracked} .. {wheel|hub}`, {
    unless: ['cap', 'belt', 'paint'],
  }),
  fact(
    'hub',
    'loose',
    `{setscrew|hub} ... {loose}
     {loose} .. {setscrew|hub}
     {wheel} .. {loose}
     {loose} {wheel}
     {loose} on .. {shaft}
     {wheel} .. {slips} .. {shaft}
     {shaft} .. {run} .. {wheel} .. {stays}`,
    { unless: ['neg', 'mount', 'maybe', 'rattlepart'], mended: ['tightenedit'] },
  ),
  fact(
    'hub',
    'tight',
    `{wheel|hub|setscrew} , {tight}\n{wheel|hub|setscrew} .. {tight}\n{tight} .. {wheel|hub|setscrew}\n{wheel} .. {snug} .. {shaft}`,
    {
      unless: ['neg', 'frozenin', 'stuckfast'],
    },
  ),
  fact(
    'belt',
    'not-fitted',
    `{neg} {belt}\n{belt} .... it? has none\n{belt} .... has {neg} got one\n{without} {belt}\n{directdrive}`,
    { unless: ['slips'] },
  ),
  fact('belt', 'broken', `{belt} ... {snapped}\n{snapped} .. {belt}`, {
    unless: ['neg', 'slips', 'tightbelt'],
  }),
  fact('belt', 'slipping', `{belt} .. {slips}\n{slips} .. {belt}`, { unless: ['snappedword', 'strongbelt'] }),
  fact('belt', 'sound', `{belt} ... {fine|tight|asnew|strongbelt}\n{belt} .. {neg} {slips|cracked}`, {
    unless: ['snappedword'],
  }),
  fact(
    'mounting',
    'loose',
    `hangs/hanging on/by one/1/two/a {mount}\n{mount} ... {loose}\n{loose} .. {mount}`,
    {
      unless: ['neg', 'setscrew', 'tightmount', 'board', 'played'],
    },
  ),
  fact(
    'mounting',
    'tight',
    `{mount} .. {tight|fine}\n{tight} .. {mount}\n{mount} ... {neg} .. {loose|play}\n{mount} .. {played} , {neg}\n{mount} .. {played} .. {neg}`,
    {
      unless: ['loosemount'],
    },
  ),
  fact(
    'fouling',
    'painted-over',
    `{paint} .. {full|over|on} .. {wheel|fan}
     {wheel|fan} .. {full} .. {paint}
     {paint} over .. {wheel|fan}
     {paintedover}
     {full} .. {paint}
     {paint} .. {stuckto} .. {wheel|fan}
     {stuckfast} .. {paint}`,
    { of: 'any', unless: ['filter', 'hallway'] },
  ),
  fact(
    'fouling',
    'iced',
    `{full|lots} .. {ice}
     {ice} .. {full|on|round|around|up|over}
     {wheel|fan} .. {frozenin}
     {fan|wheel} .. {ice}
     {iceup}
     {ice} off the {fan|wheel}
     {wall} of {ice}
     {lump} of {ice}`,
    {
      of: 'any',
      unless: ['icemaker', 'thawed', 'freezingroom', 'foodword', 'coilice'],
      mended: ['cleanedit'],
    },
  ),
  fact(
    'fouling',
    'debris',
    `{debris} .. {in|inside|into|round|around|on|between|against} .. {fan|wheel|it|there|shroud}
     {fan|wheel|it} .. {had|has|with|full|hold*} .. {debris}
     {debris} .. {built|nested|stuck|wadded|caught|wedged|jammed}
     {full} .. {debris}
     {a|old}? {mousenest}
     {built|nested}
     {debris} .. {stuck}`,
    {
      of: 'any',
      unless: ['removed', 'duct', 'tube', 'filter', 'chewed', 'supposed', 'ridof', 'past', 'dirtyword'],
      mended: ['removed'],
    },
  ),
  fact(
    'fouling',
    'dirty',
    `{full} .. {dirt}
     {dirt} .. {on|over|round|around|all|thick|packed|inside} .. {wheel|fan|it|roller}
     {wheel|fan|roller} .. {is} .. {dirt}
     {dirt} .. {full}
     {dirtyword}
     {wheel|fan} .. {with|in} .. {dirt}`,
    {
      of: 'any',
      unless: [
        'filter',
        'duct',
        'tube',
        'drain',
        'smellword',
        'allgone',
        'scrubbed',
        'frozen',
        'insulation',
        'blows',
      ],
      mended: ['cleanedit'],
    },
  ),
  fact('fouling', 'clean', `{wheel|fan} .. {clean}\n{clean} .. {wheel}\n{neg} {ice|dirt} .. {anywhere|it}`, {
    of: 'any',
    unless: ['neg', 'filter', 'duct'],
  }),
  // Air, flap, way, drain.
  fact(
    'air-flow',
    'wrong-way',
    `{blows|run|air} ... {insteadof}
     {suck} .. {insteadof} .. {blows}
     {air} .. {wrongway}
     {blows} .. {wrongway}
     {wrongway} {air}
     {when} it {wanted} {blows}
     {suckin}
     {outin}`,
    { unless: ['arrowask'] },
  ),
  fact(
    'air-flow',
    'none',
    `{neg} _ {air}
     {nothing} .. {comes} {out|through}
     {feel} {nothing} .. {grille}
     {neg} .. {breath} .. {air|grille}
     {air} .. {neg}
     {blows} {neg} $
     {nothing} .. at .. {grille}
     {neg} .. feel .. {air}
     {nothing} {comes} .. {grille}
     nothing coming out
     {neg} .. {comes} .. {grille}
     {air} .. {is}? {gone}
     {neg} {blows} 
     {papertest}
     {nothing} {stirs} .. {grille}
     {neg} at .. {grille}
     nothing gets {suck} through
     nothing gets pulled through
     {moves} {neg} air`,
    { unless: ['sootair', 'gasword', 'safety'] },
  ),
  fact(
    'air-flow',
    'weak',
    `{hardly} .. {air|blows|suck}
     {air|suck} .. {hardly|weakly}
     {blows|suck} {hardly|weakly}
     {hardly} .. {comes} .. {grille|out}
     {weakair}
     {hardly} at .. {grille}
     {neg} {enough} {air}
     {neg} .. {blows} .. {like|much}
     {grille} .. {hardly}
     {wontclear}`,
    { unless: ['slowmotor'] },
  ),
  fact(
    'air-flow',
    'strong',
    `{strong} .. {air|suck|breeze}
     {blows|air|suck} .. {strong}
     {blows} .. {gale}
     {gale} .. {grille|duct}
     {plentyair}`,
    { unless: ['neg', 'hardly', 'past', 'weakair'] },
  ),
  fact(
    'damper',
    'not-fitted',
    `{neg} {damper}\n{damper} .... it? has none\n{damper} .... has {neg} got one\n{without} {damper}`,
    { unless: ['openverb'] },
  ),
  fact(
    'damper',
    'stuck',
    `{damper} ... {neg} .. {openverb}
     {damper} .... {neg} {openverb}
     {damper} .. {stuckword}
     {stuckword} .. {damper}
     {damper} ... {gluedshut}
     {damper} ... {openverb} {neg}`,
  ),
  fact('damper', 'opens', `{damper} .. {openverb}\n{damper} ... {openverb} .. {wanted|fully|up|fine}`, {
    unless: ['neg', 'wantedopen'],
  }),
  fact(
    'drain-and-tube',
    'not-fitted',
    `{neg} {drain|tube}
     {has} {neg} {drain}
     {without} {drain}`,
    { unless: ['clear', 'blocked', 'water'] },
  ),
  fact(
    'drain-and-tube',
    'blocked',
    `{drain|tube} ... {blocked}\n{blocked} .. {drain|tube}\n{drain|tube} {full}`,
    {
      unless: ['drainok', 'neg', 'removed'],
    },
  ),
  fact(
    'drain-and-tube',
    'clear',
    `{drain|tube} ... {clear}
     {drainok}
     {drain|tube} ... {neg} {blocked}
     {neg} water .. {tube|drain}
     {clear} .. {drain|tube}`,
  ),
  fact(
    'vent-path',
    'blocked',
    `{debris} .. in/inside .. {duct}\n{duct|filter} ... {blocked}\n{duct|filter} ... so thick with {dirt}\n{filter} .. {is} {melted}\n{duct} .. {inches} of {dirt}\n{duct} .. {full} .. {dirt|debris}\n{duct} .. had .. {dirt|debris} in it\n{blocked} .. {duct|filter}\n{blockedduct}`,
    {
      unless: ['drain', 'tube', 'neg', 'clearduct'],
    },
  ),
  fact(
    'vent-path',
    'clear',
    `{duct|filter} .. {clear}
     {duct|filter} .. {neg} {blocked}
     {cleaned} .. {filter} .. {duct}
     {rodded} .. {duct}
     ruled out .. {duct|filter}`,
    { unless: ['neg', 'windingword', 'frame'] },
  ),
  fact(
    'wiring-changed',
    'no',
    `{nobody} .. {touched}
     {have|has} {neg} .. {touched} .. {wiring|wire|wires}
     {wiring} undisturbed/untouched
     altered nothing .. {wiring}
     {touched} nothing .. {wiring}
     {neg} .. {touched} any {wires|wiring}
     {neg} .. {touched} .. {wiring}
     {wiring} .. {neg} .. {touched}
     {neg} .. {touched} a {wire}`,
  ),
  fact(
    'wiring-changed',
    'yes',
    `{rewired}
     {touchedpast} .. {wiring}
     {electrician} .. {wiring}
     {wired} .. {backtofront}`,
    { unless: ['neg', 'loose'] },
  ),
  fact(
    'direction',
    'wrong',
    `{against} .. {arrow}
     {wrongway}
     {backwards}
     {backtofront}
     draws/pulls/blows/sucks up instead
     draws/pulls/blows/sucks down instead`,
    { unless: ['arrowask', 'neg', 'air'] },
  ),
  fact('direction', 'right', `{run|wheel} .. {rightway}\n{rightway}\nclockwise , arrow says clockwise`, {
    unless: ['neg'],
  }),
  // What the house notices.
  fact('temperature-effect', 'no-change', `{neg} {difference}\n{cool} like always\n{roomsame}`),
  fact(
    'temperature-effect',
    'warm-air-from-cooling',
    `warm/hot/lukewarm/tepid/hotish air
     {hotair}
     {set} .. cool .. {hotword}
     {coolair} .. {neg} .. cold
     {cooling} .. {neg} .. cool`,
    { unless: ['heateron'] },
  ),
  fact(
    'temperature-effect',
    'food-warming',
    `{food} ... {spoils}
     {spoils} .. {food}
     {neg} .. {keeping} .. {food}
     {food} at # degrees
     milk turns
     {fridge} .. {neg} .. {keepcold}
     {fridge} .. {getswarm}`,
    { unless: ['holdfine'] },
  ),
  fact('temperature-effect', 'damp-or-mould', `{mould}`),
  fact(
    'temperature-effect',
    'no-heat',
    `{neg} {heat}
     {without} {heat}
     {house} .. {freezing}
     {freezing} .. {house}
     {blows} .. cold .. air
     {blows} cold
     {grille} .. {stonecold}
     {wearing} coats
     {heater} .. {neg} .. {heat}
     {neg} .. {warmword} .. {anywhere|it|house}`,
    { unless: ['coolmode'] },
  ),
  fact('should-run-now', 'normal-pause', `{normalpause}\n{halted} , as it should\n{halted} as it should`),
  fact(
    'should-run-now',
    'unsure',
    `{neg} .. {tell|know|sure} .. {shouldrun}
     no clue/idea if .. meant/supposed
     {neg} sure if .. meant/supposed
     whether .. {shouldrun} ... {neg} {tell|know}
     {shouldrun} ... {neg} .. {tell|know}`,
  ),
  fact('should-run-now', 'yes', `{shouldbe} .. {run|on|blowing|moving}\n{shouldrun}\n{oughtto}`, {
    unless: ['neg', 'maybenot'],
  }),
  // Signs of danger that are findings too.
  fact('danger-signs', 'none', `{neg} .. {dangersign}\n{dangersign} .. {neg}`),
  // The board's light.
  fact(
    'board-code',
    'no-light',
    `{neg} {light|boardlight} .. {board}\n{board} .. {neg} {light|boardlight}\n{board} .. {dark}\n{boardlight} .. {neg}`,
    {
      unless: ['codename'],
    },
  ),
  fact('board-code', 'no-fault', `{flash|boardlight} ... {nofault}\n{nofault}`),
  fact('board-code', 'pressure-switch-open', `{flash|boardlight} .... pressure switch .. stuck open`),
  fact(
    'board-code',
    'pressure-switch-stuck',
    `{flash|boardlight} .... pressure switch .. {stuckclosed|stuckword}`,
  ),
  fact(
    'board-code',
    'pressure-switch-open',
    `{flash|boardlight} .... pressure switch .. open\npressure switch open`,
  ),
  fact('board-code', 'limit-open', `{flash|boardlight} .... limit _ switch? .. open\nlimit open`),
  fact('board-code', 'flame-lost', `{flash|boardlight} .... flame .. {lost}\nflame lost`),
  fact('board-code', 'blower-fault', `{flash|boardlight} .... blower .. {faultword}\nblower fault`),
  fact(
    'board-code',
    'other',
    `{flash|boardlight} .... {sensorword}\n{flash|boardlight} .... e? # .. {is} .. {sensorword}\n{displaycode}`,
  ),
  fact('contactor-coil', 'open', `{coil} ... {openread}`, { unless: ['cap'] }),
  fact('contactor-coil', 'shorted', `{coil} ... {shortread}`, { unless: ['cap'] }),
  fact('contactor-coil', 'good', `{coil} ... {fine}`, {
    unless: ['neg', 'openread', 'shortread', 'voltage'],
  }),
  fact(
    'reversing-switch',
    'none-fitted',
    `{neg} {reversing}\n{reversing} .. as this model has none\n{reversing} .. has none\n{reversing} .... {neg} {such}`,
  ),
  fact(
    'reversing-switch',
    'other-way',
    `{reversing} ... {otherset}\n{reversing} ... at winter/summer .. want summer/winter\n{reversing} .. over at winter/summer\n{reversing} .. over to winter/summer`,
  ),
  fact('reversing-switch', 'as-wanted', `{reversing} ... {wantedset}`),
]
