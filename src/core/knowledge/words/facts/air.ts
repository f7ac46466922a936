import { type FactRule, fact } from './rule'

/** Air and its ways, what the house notices, when it should run, the board’s light. */
export const airFacts: FactRule[] = [
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
    { unless: ['sootair', 'gasword', 'safety', 'contactor', 'plunger'] },
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
    { unless: ['slowmotor', 'contactor', 'plunger'] },
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
    // "Nobody else has touched it": then the teller has.
    { unless: ['nobodyelse'] },
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
    { unless: ['heateron', 'fridge'] },
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
    { unless: ['holdfine', 'eggs', 'gasword'] },
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
