import { type FactRule, fact } from './rule'

/** What else runs, since when, and what feeds and switches it. */
export const aroundFacts: FactRule[] = [
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
     {neg} .. {drawnin}
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
]
