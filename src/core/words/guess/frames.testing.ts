import type { StopRuleId } from '../../knowledge/vocabulary'

/** What frames are filled with. */
export const pieces: Record<string, readonly string[]> = {
  it: 'it|the fan|the hood|the furnace|the dehumidifier|the heater|the ac|the extractor|the blower|the attic fan|the thing|the fridge|the pellet stove|the motor|the bathroom fan|my ceiling fan|the outdoor unit'.split(
    '|',
  ),
  who: 'me|my wife|my son|grandma|the neighbour|our plumber|him|her|dad|my kid|somebody|the tenant|my daughter|us'.split(
    '|',
  ),
  jolted:
    'zapped|shocked|stung|bit|nipped|kicked|belted|whacked|walloped|jolted|got|smacked|buzzed|pinched|jabbed|tingled|poked|hit|blasted|fried|clobbered|nailed|lit up|bites|zaps|shocks|stings|tickled|punched'.split(
      '|',
    ),
  ajolt:
    'shock|jolt|zap|tingle|sting|nip|kick|belt|whack|wallop|thump|prickle|buzz|jab|twinge|tickle|stab|pinch|thwack|electric bite|strike'.split(
      '|',
    ),
  body: 'hand|fingers|arm|elbow|knuckles|wrist|palm|thumb|shoulder|feet|fingertips|forearm|knee|nose|ear'.split(
    '|',
  ),
  touched:
    'touched|grabbed|leaned on|held|brushed|wiped|reached for|rested a hand on|cleaned|pulled|pressed|felt|bumped|gripped'.split(
      '|',
    ),
  metal:
    'metal|housing|casing|cabinet|cover|grille|bracket|screw|chain|frame|guard|trim|panel|rim|handle|steel|shell|chassis|rail'.split(
      '|',
    ),
  beast: 'dog|cat|hen|pony|puppy|cow'.split('|'),
  when: 'when it runs|when it is on|every time|this morning|last night|since yesterday|all the time|now and then|twice today|as soon as it starts|after the storm|'.split(
    '|',
  ),
  smoke:
    'smoke|haze|fumes|grey smoke|white smoke|a plume of smoke|wisps of smoke|black fumes|puffs of smoke|smog|a thin haze'.split(
      '|',
    ),
  burnt:
    'charred|scorched|singed|melted|blackened|burnt|toasted|cooked|fried|blistered|deformed|crispy|brown and bubbled'.split(
      '|',
    ),
  part: 'cover|plug|socket|motor|wire|terminal|housing|ceiling|plastic|outlet|cord|switch|wires|plate|connector|board'.split(
    '|',
  ),
  flash:
    'flash|spark|sparks|arc|streak of light|flashes|bolt|bright flash|blue flash|flicker of light|little lightning|flare'.split(
      '|',
    ),
  crackle: 'crackle|crackling|sizzle|snap|pop|bang|fizzing|buzzing|zzt|spitting|popping'.split('|'),
  contact:
    'socket|plug|outlet|switch|terminal|contactor|fuse box|wire nuts|box|relay|disconnect|junction box|connector|capacitor'.split(
      '|',
    ),
  gas: 'gas|propane|lpg|natural gas|methane|butane|lp'.split('|'),
  smells: 'smells|stinks|reeks|whiffs|pongs|smelled|smelt'.split('|'),
  asmell: 'smell|odor|odour|whiff|stink|stench|pong|reek|niff|scent'.split('|'),
  rotten:
    'rotten eggs|bad eggs|sulphur|sulfur|skunk|rotten cabbage|sewage|egg farts|garlic and gas|mercaptan'.split(
      '|',
    ),
  place:
    'in the basement|by the furnace|near the boiler|in the caravan|around the heater|in the kitchen|at the meter|under the stove|in the utility room|in the rv|next to it|in the cellar'.split(
      '|',
    ),
  ill: 'headache|dizzy|sick|nauseous|drowsy|sleepy|groggy|faint|queasy|light headed|ill|woozy|weak'.split(
    '|',
  ),
  burner:
    'furnace|boiler|pellet stove|heater|burner|heating|stove|rv furnace|flue|chimney|water heater'.split('|'),
  soot: 'soot|black streaks|black smudges|sooty marks|black powder|smut'.split('|'),
  water: 'water|rain|melted snow|a puddle|leak water|a flood|wet|condensate|the overflow|sewage'.split('|'),
  wetted:
    'dripping on|running into|leaking on|pouring over|splashed on|soaked|flooded|got into|drips through|rained on|ran down'.split(
      '|',
    ),
  wiring:
    'wires|wiring|board|motor|socket|panel|junction box|electronics|control board|switch|plug|connector|light fitting'.split(
      '|',
    ),
  parted:
    'breaker is off|breaker off|unplugged|plug is out|pulled the plug|flipped the breaker|switched off at the panel|fuse is out|disconnect is pulled|turned the breaker off|killed the power'.split(
      '|',
    ),
  alive:
    'still spins|keeps running|is still humming|still has power|meter still shows 120|light is still on|still turns|keeps going|tester still lights up|display stays lit|reads 118 volts|is still live'.split(
      '|',
    ),
  trips: 'trips|pops|kicks out|blows|goes|jumps out|cuts out|throws'.split('|'),
  breaker: 'breaker|fuse|gfci|rcd|main|circuit breaker'.split('|'),
  noise:
    'rattles|squeals|hums|grinds|howls|ticks|clicks|buzzes|whistles|roars|growls|knocks|is loud|screeches'.split(
      '|',
    ),
  slow: 'turns slowly|does not start|is dead|stops after a while|will not turn|runs slow|starts and stops|is stuck|has no power|spins backwards|blows weak'.split(
    '|',
  ),
  old: 'from 1998|twelve years old|brand new|new last year|second hand|ancient|in the loft|on the roof'.split(
    '|',
  ),
}

/** Ways of telling each danger. */
export const tellingFrames: Partial<Record<StopRuleId, readonly string[]>> = {
  'electric-shock': [
    '{it} {jolted} {who} {when}',
    '{it} {jolted} {who} (on|in|through) the {body}',
    '(i|we|she|he) got (a|a nasty|a little|quite a) {ajolt} (off|from) {it} {when}',
    'got a {ajolt} in my {body} when i {touched} the {metal}',
    '{who} got {jolted} by the {metal} of {it}',
    'my {body} (went|goes|is) (numb|tingly|all fuzzy|stiff|trembling) when i {touched} (the {metal}|{it})',
    'the {metal} (tingles|tickles|prickles|buzzes|bites|stings) (under my {body}|when wet|barefoot|when you touch it)',
    'i (felt|feel) (it|a current|electricity|the power|something) (go|run|shoot|going|running) (through|up|into) my {body}',
    'the {beast} (yelped|jumps|jumped back|flinched|was thrown back) when (it|his nose|her paw) {touched} the {metal}',
    '{who} (was thrown|flew|fell|jumped) off the ladder (from|by) the {metal}',
    '(there is|there are|you get|i feel) (voltage|volts|current|electricity|juice) on the {metal}',
    '(tester|my tester|the pen|the screwdriver tester|detector) (glows|lights up|glowed|beeps) (on|at|when i hold it to) the {metal}',
    'the {metal} is (live|electric|electrified|under voltage)',
    '(i|he|she) could not let go of the {metal}',
    'measured (60|90|110|118) volts (between|from) the {metal} (and|to) (ground|the tap|the pipe)',
    'my {body} (jumped|twitched|jerked|hurts) when i {touched} {it}',
    '(ouch|ow|damn) {it} {jolted} my {body}',
    '{it} gave {who} a {ajolt}',
    '(every time|whenever) i {touched} the {metal} (i get|there is) a (tiny|small|little|wee) {ajolt}',
  ],
  'fire-or-smoke': [
    '{smoke} (came|comes|is coming|billowed|pours|rose|curls) (out of|from) (the {part}|{it}) {when}',
    '{it} (smokes|is smoking|started to smoke|smoulders|caught fire|is on fire|went up in flames|burst into flames)',
    'there (is|was) (a fire|a small fire|flames|a flame|something glowing) (in|inside|behind) (the {part}|{it})',
    '(saw|i see|noticed) (flames|fire|{smoke}|an orange glow|embers) (in|inside|at|behind) the {part}',
    'the {part} (is|was|looks) {burnt}',
    'the {part} got so hot (it {burnt}|that it {burnt}|it smoked)',
    '{it} {burnt} the (wood|joist|ceiling|wall|carpet|insulation)',
    '(smoke alarm|smoke detector|fire alarm|our smoke alarms) (went off|goes off|screamed|sounded|is beeping) when (it|the fan) (started|starts|ran|runs)',
    '(we|i) (called|had to call|phoned) the (firemen|fire brigade|fire department|firefighters)',
    'put {it} out with (a blanket|an extinguisher|sand|water)',
    'the {part} melted and (dripped|ran|drips) down',
    '(a thin|a little|some) {smoke} (from|out of|above) the {part}',
  ],
  arcing: [
    '(there is|i saw|saw|i see|we saw) (a|a small|a bright|a big) {flash} (at|in|from|behind|inside) the {contact}',
    '{crackle} and (a|little|blue) {flash} (in|at|from) the {contact}',
    '(it|the {contact}) (sparks|is sparking|arcs|is arcing|throws sparks|flashes|spits sparks) {when}',
    'a (big|loud|sharp) {crackle} and a {flash} (and now it is dead|and then nothing|when i switched it on|)',
    '(light|white light|blue light) (jumps|jumped|shoots|flickers) (from|between|behind) the {contact}',
    'the {contact} goes {crackle} and i see (light|a glow|a {flash})',
    'the {contact} {crackle} (when i plug it in|under load|loudly)',
    '{flash} (when|every time) (i|you) (hit|flip|press|plug in) the {contact}',
  ],
  'gas-smell': [
    '{it} {smells} (of|like) {gas}',
    '(i|we|my wife) (can smell|smelled|smell|smelt) {gas} {place}',
    '(a|a faint|a strong|there is a) {asmell} of {gas} {place}',
    '{smells} (of|like) {rotten} {place}',
    'something like {rotten} {place}',
    'there is (a|that) {rotten} {asmell} {place}',
    '(gas|lp|propane) (alarm|detector|sniffer) (keeps going off|is beeping|went off|sounds) {place}',
    '(gas|propane) is (leaking|escaping|coming out|hissing) {place}',
    '{gas} leak {place}',
    '(hissing|whistling) (at|from) the gas (pipe|line|valve|hose)',
    'a {gas} {asmell} {when}',
    '{place} it {smells} (gassy|of gas|like gas)',
  ],
  'co-or-soot': [
    '(i|we|the kids|my wife) (get|gets|got|feel|felt|wake up|woke up) {ill} when the {burner} (runs|is on|has been on|ran)',
    '(co|carbon monoxide|monoxide) (alarm|detector|meter) (went off|is beeping|chirps|shows 55|reads 80 ppm|screamed)',
    '{soot} (on|around|above|over) the {burner}',
    '(flames|fire|flame) (roll|come|comes|lick|shoot|licks) out of the {burner}',
    'the {burner} (puffs|pushes|blows|leaks) (smoke|fumes|exhaust) (into|back into) the room',
    'exhaust (fumes|smoke|gases) (in|come into) the (room|house|cabin|bedroom)',
    '(yellow|lazy|orange) flame and {soot}',
    'my head (pounds|hurts|throbs|spins) (when|whenever) the {burner} is on',
    '(we all|everybody|the family) (was|were|felt) {ill} (in the morning|after a night) with the {burner}',
    'the (dog|cat|canary|baby) (is limp|passed out|fainted|fell over|is unconscious) (next to|by) the {burner}',
    'the {burner} smells of (exhaust|fumes) and i feel {ill}',
  ],
  'water-on-electrics': [
    '{water} (is|was|keeps|) {wetted} the {wiring}',
    'the {wiring} (is|are|got|was) (wet|soaked|flooded|full of water|under water|dripping wet|damp)',
    '(pipe burst|toilet overflowed|roof leaks|bath leaked|ceiling leaked|tank leaked) (over|onto|above|into) (the {wiring}|{it})',
    '{it} stood in (a foot of water|water|the flood|a puddle)',
    '(hosed|sprayed|splashed) {it} and now the {wiring} (are|is) wet',
    '{water} (comes|drips|runs) (out of|through|from) {it}',
    '(snow|rain|ice) (blew|got|comes) (in|into) and (melted|drips|landed) on the {wiring}',
  ],
  'proof-failed': [
    '{parted} (but|and|yet) it {alive}',
    '(the|i) {parted} but {it} {alive}',
    'with the (plug out|breaker off|fuse out|main off) {it} {alive}',
    '{it} {alive} although (the|it is) {parted}',
  ],
  'breaker-retrips': [
    'the {breaker} {trips} (again|right away|at once|immediately|straight away|the moment i reset it|every time i turn it on)',
    '(it|the fan|the motor) {trips} the {breaker} (every time|at once|again and again|whenever it starts|straight away)',
    '(reset|replaced|pushed) the {breaker} and it {trips} (again|at once|right back|immediately)',
    'the {breaker} will not (stay in|reset|hold|stay on)',
  ],
  refrigerant: [
    '(refrigerant|freon|coolant) (is leaking|leaked|leak|hisses out|escapes) (from|at|out of) (the line|the pipe|it|the coil)',
    '(we|i) (drilled|cut|nicked) (into|through) a (refrigerant|coolant|freon|copper) line',
    '(oil|oily spot|frost) and a hiss at the (copper|refrigerant|ac) (line|pipe|joint)',
  ],
}

/** What sounds like a danger and is none, or has nothing of it. */
export const harmlessFrames: readonly string[] = [
  '{it} {noise} {when}',
  '{it} {slow}',
  '{it} is {old} and {noise}',
  '{it} {noise} and {slow} {when}',
  '{it} (kicks in|bites|jolts|jumps|hits the cover|shakes) when it starts',
  '(i was|we were) (shocked|stunned|surprised|floored) (by|at) the (price|bill|cost|news)',
  'the (price|cost|bill) (shocked|stung|hit|knocked) (me|us)',
  '(i|we|my wife) {touched} the {metal} and it is (cold|warm|hot|sticky|dusty)',
  '{touched} the {metal} and it came off in my {body}',
  'my {body} (are|is) (dirty|cold|greasy|too big) (from|for) {it}',
  'cut my {body} on the {metal}',
  'the {beast} (hides|sleeps|barks) when {it} {noise}',
  '{it} pulls my (hair|sleeve|curtain)',
  '(smoke|smoke from cooking|candle smoke|bbq smoke|steam) (is not|does not get|hangs|stays|drifts) (pulled|sucked|in the kitchen|to the fan|under the hood)',
  '(the smoke alarm|smoke detectors|the co alarm|the fire extinguisher) (is new|hangs next to it|has a new battery|is quiet|is fine)',
  'the {burner} (lights|fires up|fires right up|starts|burns) (fine|and the fan {slow}|and the blower {noise}|well)',
  'the (pilot|flame|igniter) (is blue|is steady|glows and lights|sparks then lights|works)',
  'gas {burner} and the (blower|inducer|fan) {noise}',
  '(we have|there is) (gas|propane|natural gas) (heating|cooking|in the house|in the street)',
  'the gas (valve|man|company|bill|meter) (opens|came|checked it|is high|is outside)',
  '{it} smells (dusty|musty|of mould|like damp socks|of hot dust|a bit of oil|like fish|of grease)',
  'the {metal} is (yellow|dirty|greasy|rusty|bent|loose|full of fluff|dusty)',
  'black (dust|grease|dirt|fluff) on the (blades|filter|wheel|grille)',
  'a (red|green|blue|flashing) light (on|is on|blinks on) the (board|thermostat|control)',
  'the board (flashes|blinks) (three|four|two) times',
  'the light (dims|flickers|goes dim) when {it} starts',
  '(pops|cracks|ticks|bangs) when the (duct|sheet metal|housing) (cools|warms up)',
  '(water|condensate) (runs|drips) (down the mirror|into the pan|from the shower|in the drain as it should)',
  'the (drain|tray|pan|trap) is (dry|clean|full|empty)',
  'washed the (filter|grille|wheel) (and dried it|with water|and let it dry)',
  '(it rained|it snowed|there was a storm) (last week|and the fan was off|but all is dry)',
  'the breaker (is on|has not tripped|never trips|is fine|is number 14)',
  '(turned|switched) the breaker off and (it stopped|all is dead|nothing moves)',
  'breaker off, plug out, {it} stands still',
  'it tripped once (in june|years ago) and never since',
  'reset the (thermostat|clock|timer|board)',
  'the (outlet|socket|switch|plug) (works|is fine|is tight|has power)',
  'the wires are (neat|clean|long|short|red and black)',
  'the meter (shows|reads) (0|nothing|12 ohms|open|35 uf)',
  'the capacitor (reads|measures|is) (low|fine|swollen|4 uf)',
  '(ice|frost) on the (coil|evaporator) and {it} {slow}',
  'the ac cools (well|badly) and {it} {noise}',
  'the microwave (next to it|on the same circuit|above it) works',
  '(rattle|noise|hum|howl) gives me a headache',
  'i am sick of the (noise|rattle|hum)',
  'my head is full of it',
  '{it} hums (like a bee|in the night|when i switch it on)',
  '{it} turns when i push it with a (stick|finger|chopstick)',
  'the (shaft|bearing|wheel|blade) is (stiff|dry|loose|wobbly|gritty)',
  'since (painting|the move|yesterday|winter) {it} {slow}',
  '{it} runs on high only',
  'the (belt|wheel|blade|flap) (broke|slips|rubs|is stuck)',
  'pink (fibreglass|insulation) in the attic',
  '{it} is brown and {old}',
  'the motor is (hot|warm) after an hour and {it} {slow}',
  'a (hot|warm|dry) bearing and {it} {noise}',
]
