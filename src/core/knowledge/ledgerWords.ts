/**
 * Words by which people say what they take apart. Patterns are pieces of regular expressions over lower-case words with numbers
 * in figures; each concept stands once, so that another language needs another table and no other reader.
 */

export const colourWords: Record<string, string> = {
  black: 'black',
  blk: 'black',
  white: 'white',
  wht: 'white',
  red: 'red',
  blue: 'blue',
  blu: 'blue',
  brown: 'brown',
  brn: 'brown',
  yellow: 'yellow',
  yel: 'yellow',
  orange: 'orange',
  org: 'orange',
  purple: 'purple',
  violet: 'violet',
  green: 'green',
  grn: 'green',
  grey: 'grey',
  gray: 'gray',
  pink: 'pink',
  tan: 'tan',
  turquoise: 'turquoise',
}

/** What holds, by its head or its kind. */
export const fastenerNouns =
  'screws?|bolts?|nuts?|wing ?nuts?|self[ -]?tapp(?:ers?|ing)(?: screws?)?|tappers?|studs?|rivets?|hex(?:es)?(?: heads?)?|torx|phillips|philips|pozi(?:driv)?|cross ?heads?|slotted|allens?|fasteners?|thumb ?screws?|cap screws?|machine screws?|robertson|square drives?'

/** Drives and sizes beside them. */
export const driveWords =
  'torx ?\\d+|t ?\\d{1,2}|ph ?\\d|pz ?\\d|m ?\\d{1,2}(?:\\.\\d)?(?: ?x ?\\d+)?|phillips|philips|pozi(?:driv)?|cross ?head|slotted|flat ?head|flat ?blade|hex(?: head)?|torx|allen|robertson|square drive'

/** A joint that is sealed. */
export const sealNouns =
  'gaskets?|sealants?|silicone|putty|bead|foam(?: strip)?|foil tape|tape|cement|rope(?: seal)?|caulk|mastic|seals?|o-?rings?|weather ?strip'

/** Bands around wires. */
export const tieNouns = '(?:zip|cable|wire|plastic)[ -]?ties?|tie[ -]?wraps?|zippies|ties?|cable binders?'

export const hoseNouns =
  'hoses?|tubes?|tubing|vacuum lines?|drain lines?|pressure lines?|impulse lines?|pipes?'

export const plugNouns = 'plugs?|connectors?|harness(?:es)?|sockets?|molex|multi-?plugs?|spade plugs?'

/** Parts that lie on something and are lifted. */
export const liftNouns =
  'covers?|lids?|grilles?|panels?|doors?|belts?|wheels?|impellers?|blades?|caps?|shields?|shrouds?|grommets?|rings?|guards?|plates?|brackets?|motors?|insulation|baffles?|canopy|hoods?|fans?|bands?|sleeves?|bushings?|spacers?|washers?|assembly|assemblies'

export const slideNouns = 'drawers?|shelf|shelves|filters?|trays?'

/** What is loosened and stays on its part. */
export const loosenNouns =
  'set ?screws?|grub ?screws?|pinch bolts?|(?:hose |band |pipe )?clamps?|jubilee clips?|worm drive'

export const clipNouns = 'clips?|latch(?:es)?|tabs?|catch(?:es)?|springs?|retainers?|prongs?'

/** Verbs, in all the forms that people use. */
export const verbs = {
  unscrew:
    'unscrew(?:ed|ing|s)?|undo|undid|undone|spun|spin|unbolt(?:ed)?|unfasten(?:ed)?|took out|take out|taken out|backed out|wound out|zipped out|removed?|removing|take away|took away|got out|came out|out|off|drove out|unwound',
  loosen:
    'loosen(?:ed|s|ing)?|slacken(?:ed|s|ing)?|slacked|back(?:ed)? off|eas(?:e|ed) off|crack(?:ed)? loose|undo|undid|undone|turn(?:ed)? back|turns? back',
  unplug: 'unplug(?:ged|s|ging)?|un-?seat(?:ed)?',
  disconnect: 'disconnect(?:ed|s|ing)?|detach(?:ed)?|unhitch(?:ed)?',
  unclip:
    'unclip(?:ped|s)?|pop(?:ped|s)?|releas(?:e|ed|es)|unhook(?:ed|s)?|unlatch(?:ed)?|squeez(?:e|ed)|press(?:ed)? the (?:tab|latch|catch|clip)s?|freed?|unsnap(?:ped)?|unlock(?:ed)?',
  lift: 'lift(?:ed|s|ing)?|pris(?:e|ed)|pr(?:y|ied)|took off|take off|taken off|takes off|remov(?:e|ed|es)|roll(?:ed)? off|slip(?:ped)? off|set aside',
  slide:
    'sl(?:id|ide|ides|iding)|draw|drew|drawn|pull(?:ed)? (?:right |straight )?out|pull(?:ed)? (?:it|them) out',
  cut: 'cut(?:s|ting)?|snip(?:ped|s)?|nip(?:ped|s)?|chop(?:ped|s)?|clip(?:ped)? through|sever(?:ed)?|slic(?:e|ed)',
  unsolder: 'de-?solder(?:ed|s|ing)?|unsolder(?:ed|s|ing)?|melt(?:ed|s)? (?:off|loose|away)',
  breakSeal:
    'peel(?:ed|s|ing)?|scrap(?:e|ed|es|ing)|br(?:eak|oke|oken)|chip(?:ped)?|pull(?:ed)?|cut through|dug out|tore|torn|pick(?:ed)?',
  drain:
    'drain(?:ed|s|ing)|drain the|drain it|empt(?:y|ied|ies)|let the water out|let out the water|tip(?:ped)? out|bail(?:ed)? out|siphon(?:ed)?',
  mark: 'mark(?:ed|s|ing)?|scrib(?:e|ed)|scratch(?:ed)?|pencil(?:led|ed)?|label(?:led|ed)?|paint(?:ed)? (?:a |an )?(?:line|dot|arrow)|dr(?:ew|aw|awn) an? (?:arrow|line|dot)',
  measure: 'measur(?:e|ed|es|ing)|read(?:s|ing)?',
  photo:
    'photos?|photograph(?:ed|s)?|pictures?|pics?|snapshots?|snap(?:ped)? (?:a |an )?(?:photo|picture|pic|shot)',
  pull: 'pull(?:ed|s|ing)?|took|take|taken|tak(?:e|en) off|slip(?:ped|s)?|yank(?:ed)?|work(?:ed)? off|off|drag(?:ged)?|remov(?:e|ed)|disconnect(?:ed)?|came',
} as const

/** Care of a part: nothing comes off by it. What scrapes a seal away breaks it, and is told apart by the seal. */
export const careWords =
  'scrap(?:e|ed|ing)|wip(?:e|ed|ing)|thaw(?:ed|ing)?|defrost(?:ed|ing)?|(?:clean|brush|vacuum|wash|sand|polish|oil|dust)(?:ed|ing)|greas(?:ed|ing)|(?:clean|brush|vacuum|wash|oil|grease) (?:the|its|all|both|it|every)|(?:blew|blown|blowing) (?:out|off)'
export const sealWords = `${sealNouns}|beads|glue|adhesive|caulk\\w*|rtv`

/** What tells a remark from an act. */
export const remarkWords =
  'missing|been (?:in )?here|rust(?:y|ed)?|corroded|shorter|longer than|looser|rubbed|showing|found|looks?|seems?|smells?|somebody|someone|previous|earlier|was already|there (?:is|are|was|were)|tea break|lunch|back in|note to self|remember|careful|greasy|dirty|cracked|burnt|bent|worn'
