import { type FactRule, fact } from './rule'

/** What it does, sounds, smells and feels like, and how it turns. */
export const runningFacts: FactRule[] = [
  // What the fan does.
  fact(
    'fan-state',
    'wont-stop',
    `will/would/does/can {neg} _ stop/quit
     will/would/does/can {neg} _ shut/turn/switch/knock/go/shuts it? off
     can {neg} .. shut .. up
     can {neg} .. turn/shut/switch it/the/them? .. off
     {neg} stops/rests
     {neg} turns/shuts/switches/goes it? off
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
    { unless: ['noisy', 'rattle', 'click', 'onoff', 'startstop', 'coasts', 'normalrun', 'staysoff'] },
  ),
  fact('fan-state', 'wont-stop', `{neg} turns/shuts/switches it off`, { of: 'any' }),
  fact('fan-state', 'dead', `{staysoff} {whatever}`, { of: 'any' }),
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
  fact('fan-state', 'intermittent', `{run} .. {ifwhen} i? {banged}\n{ifwhen} i? {banged} .. {run}`),
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
    { unless: ['by-hand', 'speedword', 'before', 'sampled', 'banged'] },
  ),
  fact(
    'fan-state',
    'slow',
    `{slow}
     {run} .. slow
     {slow} .. {run}`,
    // “On slow” is where the switch stands, and no word of how it turns.
    { unless: ['by-hand', 'speedword', 'slowspeed', 'flash', 'leak', 'mould'] },
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
     now nothing $
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
        'slowspeed',
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
    unless: ['safety', 'filter', 'duct', 'screwword', 'ifword', 'debris', 'cantoff'],
  }),
  fact('free-spin', 'seized', `{neg} .. {run|budge} .. {by-hand}\n{by-hand} .. {neg} .. {run|budge}`, {
    unless: ['damper', 'nudgeword'],
    of: 'any',
  }),
  // “Cannot turn it off” is no shaft that does not turn.
  fact('free-spin', 'seized', `{neg} {budge}`, { unless: ['damper', 'nudgeword', 'offword'], of: 'any' }),
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
    // “Runs on low” is where the switch stands.
    unless: ['past', 'runsonspeed'],
  }),
  // A push.
  fact(
    'nudge-start',
    'does-nothing',
    `{nudge} .... {nothingelse}
     {nudge} ... {neg} .. {run}
     {neg} .. {run|budge} {whenonly} i? {nudge}`,
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
     {slowspeed} .. {neg} .. {run|do}
     {slowspeed} .. {speedmiss|halted}
     {slowspeed} .. {hum}
     {neg} .. {slowspeed}
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
    // “The fan on top is dead” names a place, no speed.
    { unless: ['ontop'] },
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
]
