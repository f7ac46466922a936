/**
 * What dangers are told with, each as the words that people have for it, in any form of theirs. None of it raises a stop by
 * itself: a classifier weighs which of them stand near each other (`words/guess`), and what it finds is asked.
 */
export const dangerConcepts = {
  jolt: `shock jolt zap tingle sting bite nip kick belt thump whack wallop clout smack slap prick prickle pinch buzz electrocute
    jab twinge tickle fizz stab knock punch thwack clobber wham blast fry strike poke needle strum vibrate current bitten stung struck shook`,
  person: `me him her us them man woman boy girl wife husband son daughter grandad grandma granny grandpa neighbour neighbor kid
    child mother father uncle aunt friend dad mum mom mam somebody someone everybody myself himself herself lad lass tenant guest
    plumber nurse bloke guy brother sister cousin partner nephew niece roommate toddler`,
  beast: `dog cat puppy kitten hen cow horse parrot hamster budgie rabbit spaniel`,
  body: `hand finger fingertip arm elbow knuckle wrist palm thumb shoulder skin foot toe leg knee teeth chest forearm hair ear nose lip
    hip`,
  touch: `touch grab lean hold brush wipe press grip stroke pat tap handle rest clean scrub reach pull feel felt clutch nudge held grabbed`,
  numb: `numb tingly tremble shake twitch jump yelp flinch jerk leap wince recoil scream throw thrown stuck spasm seize pins-and-needles
    shook shaken startle yelled whimper ache hurt sore`,
  metal: `metal metalwork steel aluminium aluminum tin iron chrome casing case housing bracket frame grille grill cover cabinet screw
    chain guard panel tap bodywork shell shroud flange enclosure chassis rim handle trim plate sheet-metal`,
  electric: `electricity electric electrical current voltage volt live charge mains juice stray potential`,
  tester: `tester meter multimeter probe detector pen screwdriver dmm voltmeter`,
  smoke: `smoke smoulder smolder haze hazy fume wisp plume smog billow puff smokey smoky cloud`,
  fire: `fire flame ablaze blaze ignite alight fireman firemen firefighter burn burning burnt lit inferno torch combust extinguisher`,
  char: `char scorch singe blacken melt molten deform toast crisp fry fried roast brown blister bubble warp crumble brittle burnt`,
  glow: `glow ember red-hot orange cherry`,
  spark: `spark flash lightning arc bolt streak flicker flare sparkler firework dazzle fizzle blink`,
  crackle: `crackle crackly sizzle sizzling fizz hiss snap pop bang buzz bzzt zzt spit spatter splutter crack`,
  light: `light bright blue white glare`,
  contact: `socket plug outlet switch terminal wire contactor fuse box connector nut receptacle lug relay joint splice cord cable
    disconnect isolator capacitor`,
  gas: `gas propane butane methane lpg lp mercaptan sulphur sulfur petrol`,
  smell: `smell smelt smelled stank stunk odor odour stink whiff reek pong stench sniff niff scent aroma nose`,
  rotten: `rotten egg cabbage skunk sewage onion garlic drain fart`,
  leak: `leak escape seep hiss whistle`,
  monoxide: `monoxide carbon co ppm`,
  alarm: `alarm detector siren beep chirp wail sound shriek trigger blare scream sensor`,
  soot: `soot sooty smut smudge black blacken streak sticky tar`,
  ill: `headache head dizzy dizziness nausea nauseous sick ill drowsy sleepy faint groggy vomit unconscious lightheaded limp queasy
    woozy unwell collapse pass-out confused throb pound migraine poorly giddy weak puke`,
  burner: `burner furnace boiler stove heater heating chimney flue hearth pellet inducer exhaust`,
  room: `room bedroom hallway kitchen house cabin indoor basement caravan motorhome rv camper home air everywhere floor`,
  water: `water rain flood puddle soak drench wet drip overflow snow splash hose damp pour leak burst trickle sodden drown melted
    condensation moisture`,
  wiring: `wiring wire electric electronic board panel motor socket connector junction circuit switch contact cable`,
  off: `off unplug disconnect pull flip throw isolate kill cut out`,
  goes: `spin run turn hum light alive power move glow work read rotate whirr`,
  breaker: `breaker fuse trip rcd gfci fusebox main mcb switchboard rccb afci`,
  again: `again immediately instantly straight once every each repeatedly constantly always still keep instant`,
  reset: `reset replace push re-set`,
  coolant: `refrigerant freon coolant r410a r22`,
  pipe: `pipe line tube tubing coil joint flare copper`,
  microwave: `microwave magnetron`,
  price: `price cost bill money expensive dollar euro quote news result how`,
  cooking: `cooking steak barbecue bbq candle dinner bacon pan wok incense cigarette bread`,
  igniter: `igniter ignitor pilot burner match kindling`,
  notelectric: `draft breeze wind noise rattle sound blade cold cool dust`,
} as const

export type DangerConcept = keyof typeof dangerConcepts
