import { type FactRule, fact } from './rule'

/** Capacitor, windings, modules, plugs and brushes. */
export const electricalFacts: FactRule[] = [
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
]
