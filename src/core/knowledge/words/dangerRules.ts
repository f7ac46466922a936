import type { ObservationId, StopRuleId } from '../vocabulary'

/** Ways of telling a danger, in any form, also where it is denied. */
export interface DangerRule {
  stop: StopRuleId
  ways: string
  /** The finding that says the same, by which a denial can be told. */
  finding?: [ObservationId, string]
  /** The words deny it themselves: "gas I do not smell". */
  denied?: true
  /** Only where nothing else is said: one word, typed by somebody in fear. */
  alone?: true
  /** These classes in the same clause say that it is none. */
  unless?: string[]
  /** Where all of these stand in its very words, something else may be meant: it is asked, as a denied one is. */
  askedWith?: string[]
}

export const dangerRules: DangerRule[] = [
  { stop: 'gas-smell', ways: `gas/propane/lpg`, finding: ['smell', 'gas'], alone: true },
  { stop: 'fire-or-smoke', ways: `fire/flames/burning\nit? is? burning`, alone: true },
  { stop: 'electric-shock', ways: `bitten/stung\ngot bitten/bit/stung`, alone: true },
  { stop: 'co-or-soot', ways: `headache/headaches/dizzy/monoxide`, alone: true },
  {
    stop: 'gas-smell',
    ways: `{gasword} i? we? do? does? {neg} {smellword}\n{gasword} .. {neg} .. {smellword}`,
    finding: ['smell', 'gas'],
    denied: true,
  },
  {
    stop: 'gas-smell',
    ways: `{smellword} ... {gasword}
      {gasword} .. {smellword}
      {gasword} .. leak/leaking/leaks/escaping/escapes/hissing/hiss
      leak/leaking/leaks .. {gasword}
      {gasword} in/round/around/all .. {placeair}
      {eggs}
      {smellword} ... egg/eggs
      {gasword} is coming out
      hiss/hissing/hisses .. {gasword}
      {gasalarm} .. {alarmsounds}`,
    finding: ['smell', 'gas'],
  },
  {
    stop: 'co-or-soot',
    ways: `{coalarm}`,
    finding: ['danger-signs', 'co-alarm'],
  },
  {
    stop: 'co-or-soot',
    ways: `{sootword}
      {flameword} .. {outwards}
      {outwards} .. {flameword}
      {burnsmoke}
      {smokeword} .. {inroomair}
      {fumesick}
      {flueapart}
      {sick} ... with/while/from/since .. {machinename}`,
    finding: ['danger-signs', 'soot-or-rollout'],
  },
  {
    stop: 'co-or-soot',
    ways: `{sick} , the? {machinename} had run
      {sick} ... {machinename} .. run .. night
      {sick} ... {when|each|every|time} .. {run|fan|burner|machinename|on}
      flue/chimney/exhaust ... {sick}
      {run|burner|machinename|fan} ... {sick}`,
  },
  {
    stop: 'fire-or-smoke',
    ways: `{onfire}
      {smokeword}
      {flameword} .. {outwards}
      {outwards} .. {flameword}
      {glowin}
      it burned
      {plasticruns}`,
    unless: ['cookair', 'nosmokeword'],
  },
  // A smoke alarm that sounds is smoke; one that hangs beside the fan is none.
  {
    stop: 'fire-or-smoke',
    ways: `{smokealarm} .. {alarmsounds}
      {alarmsounds} .. {smokealarm}
      {smokerang}`,
    unless: ['cookair', 'testbutton'],
  },
  { stop: 'arcing', ways: `{sparkword}\n{flashword}\n{arcword}`, unless: ['igniterword'] },
  {
    stop: 'electric-shock',
    ways: `{shockword}
      {bites} {me}
      {bites} .. {body}
      {livecase}
      {tester} .. {testershows} ... {metalcase}
      {smallkick} .. {when|if|while} .. {touchwet}
      {touchwet} ... {body} .. jumped/jerked/twitched/flew`,
    unless: ['pricetag'],
  },
  {
    stop: 'proof-failed',
    ways: `{offmains} ... {still} .. {alive}
      {offmains} .. yet/but/however ... {alive}
      {offmains} ... {keeps} .. {run}
      {offmains} ... {tester} .. {alive}
      {offmains} ... {fan|compressor} .. {still} .. {run}
      {offmains} and/but/yet .. {fan|it|thing} .. {runsnow}
      {still} .. {alive} ... {offmains}
      {tester} .. {still} .. {alive}
      {staysalive}
      {neg} {clue} what feeds .. it
      {neg} find .. {fromwhere}
      {failed} .. find .. {fromwhere}
      from where .. current
      {offmains} .... {fan|compressor} .... just kicked on
      {offmains} ... {neg} stop/quit
      {runsnow} ... {even} .. {offmains}
      {runsnow} .. {with} .. {offmains}`,
    unless: ['windturn'],
  },
  {
    stop: 'breaker-retrips',
    ways: `{reset} ... {trips} .. again/straight/at/immediately
      {neg} stay in/reset
      {breaker} ... {neg} stay on
      {retrip}
      {trips} straight back
      {keeps} tripping
      trips again`,
    unless: ['heldsince'],
  },
  {
    stop: 'water-on-electrics',
    ways: `{waterish} .. {onto} .. {electrics}
      {waterish} ... {onto} .. {electrics}
      {electrics} .. {wetword}
      {wetword} .. {electrics}
      {drips} .. {from} .. {electrics}
      {electrics} .. {drips}
      {waterish} .. got .. {in} .. {electrics}
      {waterish} .. {electrics} .. {from}
      {drips} {onto} .. {electrics}`,
    finding: ['danger-signs', 'water-on-electrics'],
    unless: ['oily', 'nowater', 'module', 'poured', 'drain', 'tube', 'waterline', 'plasticruns', 'wetplace'],
  },
  // What carries current and is wet itself: from where the water came does not excuse it.
  {
    stop: 'water-on-electrics',
    ways: `{waterish} .. poured/ran/runs/running/dripped/drips/dripping/leaked/leaks/leaking/pours/came/comes .. over/onto/into/on/through .. {liveparts}
      {liveparts} .. got/is/was/are/were/gets/been .. {wetword}
      {electrics} .. stood/stands/standing/sat .. {waterish}`,
    finding: ['danger-signs', 'water-on-electrics'],
    unless: ['oily', 'nowater', 'waterline', 'wetplace'],
  },
  {
    stop: 'burnt-supply',
    ways: `{supplyplace} ... {scorched}
      {scorched} .. {supplyplace}`,
    finding: ['danger-signs', 'burnt-supply'],
    unless: ['cookstove'],
    // "It tripped the breaker and smelt of burning": the breaker acted, and the smell has no place yet.
    askedWith: ['breakertrips', 'smellword'],
  },
  {
    stop: 'lost-neutral',
    ways: `half ... dim ... {other|another} ... bright
      {lights} ... {flare}
      {flare} .. {lights}
      one/1 leg ... {other|another|second}
      {bulbs} .. {keeps} .. {trips}`,
    unless: ['ceilinglamp'],
  },
  {
    stop: 'refrigerant',
    ways: `{oily} .. {coolpipe}
      {coolpipe} .. {oily}`,
    finding: ['danger-signs', 'oil-at-joint'],
  },
  {
    stop: 'refrigerant',
    ways: `      {coolant} .. {leak|leaks|escape|low|smell|out|gone|loss}
      {leak|leaks} .. {coolant}
      {coolant}
      {hiss}
      {nicked} .. {coolpipe}
      {coolpipe} .. {nicked}
      {mistout}
      stuck/stabbed/poked/drove/ran/pushed/jabbed/drilled .. through/into .. {coolpipe}
      {undo} .. {coolline}`,
    unless: ['steamword', 'gaspipe'],
  },
  { stop: 'sealed-high-voltage', ways: `{microwave}`, unless: ['samecircuit'] },
  {
    stop: 'aluminium-or-no-ground',
    ways: `{aluminium} .. {wirework}
      {wirework} .. {aluminium}
      {neg} {groundword}
      {groundword} .. missing/absent/cut/broken/off
      without .. {groundword}
      {neg} {groundword} .. {wirework}`,
    unless: ['bladeword', 'toground'],
  },
  { stop: 'asbestos-suspect', ways: `{asbestos}\n{greylump} .. {insulation}\n{insulation} .. {greylump}` },
  { stop: 'rented-or-warranty', ways: `{rented}`, unless: ['notrented'] },
  { stop: 'not-sure', ways: `{unsure}` },
]

/** Classes of words that only dangers use. */
export const dangerClasses: Record<string, string> = {
  retrip: `(breaker|rcd|rcbo|gfci|gfi|afci|trip switch|safety switch) (is |was |went )?(off|out) again, (breaker|rcd|rcbo|gfci|gfi|lever|switch) (falls|fell|drops|dropped|snaps|snapped|jumps|jumped) (back |right back |straight back )?(down|off|out|back), (breaker|fuse|switch) .* keeps (jumping|dropping|falling|popping|kicking|shutting|going) (out|off|down), (repeatedly|constantly|continually) (trips|tripping|tripped|blows), (trips|tripping|tripped) (repeatedly|constantly|continually|over and over), repeated tripping, fuse after fuse, (two|three|four|several) fuses in a row, another fuse (gone|blown|blew), no way to keep the (breaker|fuse), (can not|cannot) (get|keep) the (breaker|rcd|gfci) (to latch|to stay|on|in|up), (breaker|rcd|gfci|gfi) (will not|does not|wont|refuses to) (latch|hold|reset|stay)`,
  staysalive: `(will not|does not|would not|refuses to) go dead, still (110|115|118|119|120|121|208|220|230|240) (on|there|at|volts), (voltage|power|current|juice) (remains|is still there|stays) .* (off|pulled|out), back fed, backfed, fed from two places, (reads|shows|read|got) # (volts )?with (everything|all|the lot|all of it) (off|out)`,
  flueapart: `(flue|vent pipe|flue pipe|chimney|exhaust pipe|stove pipe) (has |is |was |has been )?(came|come|fallen|fell|hanging|hangs|disconnected|blocked|plugged|rusted) (apart|off|down|through|open|loose|solid)?, backdraft, backdrafts, back draft`,
  gasalarm: `gas (alarm|detector|sensor|sniffer), propane (alarm|detector|sensor), lp (alarm|detector), lpg (alarm|detector)`,
  gaspipe: `gas (pipe|line|cock|valve|fitting|union|hose|pipework), propane (line|hose|bottle|tank|fitting)`,
  smokerang: `(smoke|fire) (detector|detectors|alarm|alarms) (went|go|goes|has gone|had gone) off`,
  smokealarm: `smoke (detector|detectors|alarm|alarms|sensor)`,
  alarmsounds: `went, went off, goes off, going off, go off, gone off, set off, sets off, setting off, triggered, triggers, blares, blaring, screams, screaming, sounded, sounding, shrieks, wails, wailing, beeps, beeping, chirping, chirps`,
  testbutton: `when (i|we|you) (cook|fry|grill|burn), while cooking, toast, cooking, test button, battery, batteries, tested it, testing it`,
  plasticruns: `plastic (has |is |was |had )?(melted|melting|dripped|dripping|drips), (melted|molten) plastic (drips|dripped|dripping|came|ran|fell)`,
  metalcase: `housing, case, casing, cabinet, frame, grille, chassis, metal, shell`,
  smallkick: `kick, nip, sting, zing, tickle, nips, stings, tickles, zings`,
  touchwet: `touch, touching, touched, feet are wet, wet feet, wet hands, hands are wet, barefoot, bare feet, lean, leaning`,
  testershows: `lights, lights up, light up, lit, lit up, glow, glows, beep, beeps, blink, blinks`,
  wetplace: `wet (corner|room|area|basement|cellar|day|weather|season|outside|side), damp (cellar|basement|corner|room)`,
  liveparts: `control board, (furnace|fan|blower|main|heater|defrost|inverter) board, circuit board, board, wiring, wires, motor, switch, outlet, socket, plug, panel, breaker, transformer, capacitor, contactor, junction box, terminals, connections, electronics`,
  placeair: `air, house, room, kitchen, cupboard, van, camper, basement, cellar, heater, stove, garage, hallway, here`,
  coalarm: `co (alarm|detector|sensor|monitor|meter|warner), carbon monoxide, carbon monoxide (alarm|detector|bell|sensor), co poisoning, monoxide (alarm|detector)?, co (is|was) (beeping|going off), co went off, co level*`,
  sootword: `black (marks|streaks|stains|smudges|smears) (above|around|over|by|near|at|on) (the )?(draft hood|draught hood|flue|flue pipe|vent pipe|boiler|furnace|burner|water heater), black (stuff|powder|dust|film|deposit*|residue|smudge*|stain*) (all )?(around|over|above|by|near|round) (the )?(burner|flue|furnace|heater|stove|vent pipe|chimney|boiler|exhaust), soot, sooty, sooted, black marks (above|around|over) the (burner|flue), rollout of flame, flame rollout, flame roll out`,
  flameword: `flame, flames, fire`,
  outwards: `(lick*|roll*|shoot*|shot|leap*|jump*|spill*|come|comes|came|coming|burst*|dart*) (out|up|from|over|round|outside), rolling out, out of (the )?(front|door|burner|furnace|stove|box|opening|bottom|side), licking, licks, lick, outside the (burner|furnace|stove|box), leaping, roll out`,
  burnsmoke: `(room|house|kitchen|basement|cabin|van|hall) (fills|filled|filling|fill) (up )?with smoke, smoke (in|into|fills|filled|filling) the (room|house|kitchen|basement|living room|cabin|van), smoked out, smokes the room, room (is |was )?(full of|filled with) smoke, smoke spills, puffs of smoke from the (stove|burner|furnace)`,
  inroomair: `in the (room|house|kitchen|basement|living room|cabin|van|hall), room, into the room`,
  sick: `headache, headaches, dizzy, dizziness, drowsy, drowsiness, nausea, nauseous, sick, feel ill, feeling ill, sleepy, light headed, lightheaded, woozy, queasy, faint feeling, throwing up, vomit*, poorly when, migraine, splitting headache, woke with a headache`,
  fumesick: `exhaust fumes, flue gas in, fumes in the (room|house|van), fumes come back, fumes .* headache`,
  machinename: `heater, furnace, stove, boiler, heating`,
  onfire: `burst into flames, bursts into flames, bursting into flames, went up in flames, goes up in flames, (a |the )?flame (behind|inside|in|under|on) (the |my |our )?(range hood|hood|fan|motor|grille|box|switch|panel|wall|ceiling|plug|socket|vent fan|bathroom fan|capacitor|compressor|disconnect), on fire, caught (fire|alight), catch fire, catches fire, catching fire, in flames, ablaze, alight inside, (burst|went up) in(to)? flames, little fire, small fire, a fire in, fire in the (motor|fan|hood|box|wiring|panel|ceiling|housing|wall), flames (from|out of|in|inside|shooting|coming|on), flames inside, was burning, is burning, it is burning, started burning, started a fire, burned up, fire came, fire out of, put the fire out, saw flames, flaming, it burned, combusted, went up, set fire, set alight, real fire, flames (behind|inside|in|under|at|on|round|around) the (grille|motor|fan|hood|blower|box|switch|panel|wall|ceiling|cover|housing|plug|socket), fire (behind|inside|in|under|at) the (grille|motor|fan|hood|blower|box|switch|panel|wall|ceiling|cover|housing|plug|socket)`,
  smokeword: `haze, hazy, smoke, smoked, smokes, smoking, smoky, wisp of smoke, puff of smoke, smoulder*, smolder*, smokin, white smoke, black smoke, blue smoke, smell of smoke`,
  nosmokeword: `(toaster|oven|barbecue|bbq|grill|candle|chimney|bonfire) (once )?(smoked|smokes|smoking), haze on the (lens|glass|window|windows|mirror), smoking deal, smoking hot, smoke detector, smoke detectors, smoke alarm, smoke alarms, smoke grey, smoke gray, smoke colou*, smoked glass, smoke coloured, fan for the smoke, smoked salmon, smoked ham, bacon smoke, smoke break, no smoking, quit smoking, smoking hot deal, smoker, smokers, cigarette smoke, wood smoke smell outside, chain smok*, i smoke, we smoke, he smokes, smokes a pack, smoke outside, holy smoke, smoke test, the smoke hood, non smoking, smoke hood, smoking area, smoke damper, smoke shelf, in the fire brigade, smoking deal`,
  cookair: `smoke (from|of) (my |our |the )?(cooking|stove top|hob|bbq|barbecue|grill|neighbours|neighbors|neighbour|neighbor|campfire|bonfire|cigar|candle|candles), (moves|move|clears|clear|draws|draw|takes|take|sucks|suck|pulls|pull|removes|remove|shifts|shift|catches|extracts|extract|taking|clearing|pulling|drawing|sucking|moving|shifting|lets) .* (smoke|steam), smoke from (the )?(pan|pans|frying|cooking|steak|toast|bacon|grill|barbecue), cooking smoke, when i fry, when we fry, frying smoke, leaves the smoke, smoke of the (pan|steak|frying|cooking), cigarette, smoke hangs over the hob`,
  glowin: `glow through the (slots|grille|holes|vents), glowing (inside|red|orange|wire|wires|hot|embers), see the glow, embers, red glow, orange glow, something glowing, glowed, glow red, glows red, glow inside, glows inside, glow orange, glowing inside, glows (orange|red|white|bright), glowing (orange|red|white|bright), glowed (orange|red|white)`,
  sparkword: `spark, sparks, sparked, sparking, sprk, sprks, sparky flashes, showers of sparks`,
  flashword: `light show (behind|inside|under), (flash|flicker) (of (light|blue|lightning)|and (a )?(bang|crackle|pop)|inside|in the (box|motor|switch|fan|housing|panel|dark|junction box)), (blue|bluish|white|bright|electric|yellow|orange) (flash|flashes|flicker|flickers|light (jumps|jumping|dances|dancing)|lightning|bolt|arc), crackle and (a )?(flash|light|pop|glow), (crackle|crackles|crackling|crackled|fizz|fizzing|pop|bang) .* (flash|flashes|light|glow|blue|lightning), a flash in, (flash|flashes|flicker) .* (jump|jumps|jumping|wire|wires|terminal|terminals|contacts|switch|plug|outlet|socket), lightning in the (box|motor|fan), saw a flash, big flash, little lightning, crackling and (flashing|light|blue), light show in, lightning bolts (inside|in), lightning bolt in`,
  arcword: `arc, arcs, arced, arcing, arced over, arcking, arching between, arc over, flashover, flashed over, flash over, electrical arc`,
  igniterword: `flashes two, two flashes, four flashes, # flashes, flashes on the board, board flashes,bright spark, igniter, ignitor, ignition, spark plug, sparkling, sparkle, lighter, piezo, ark of, spark ignition, electrode, sparked joy, sparked (my|an|the|a) (interest|idea|argument|row|curiosity|thought|debate|memory), arc of a, its arc, half its arc, the arc, an arc of, over half its arc, welding, creative spark, spark of, no spark between`,
  shockword: `got (bit|bitten|nipped|zapped|poked|stung) (changing|touching|off|from|when|while|working|cleaning|reaching), (belt|kick|buzz|whack|wallop|clout|bang|jab|nip|poke|sting|snap|thump|bite|jolt|zap) (off|from) (of )?(it|the|its|my|that), a bit of a tingle, (electric|electrical|static) shock*, shock, shocks, shocked (me|her|him|us|my|the|them|his|someone|somebody|twice|again|when|by|off|from|myself|himself), got shocked, get shocked, gets shocked, was shocked (by|when|touching|off|from), been shocked, am shocked (by|when) , zap, zaps, zapped, zapping, tingl*, prickl*, jolt, jolts, jolted, electrocut*, electrified, shocking me, gave (me|her|him|us) a (belt|jolt|whack|wallop|tickle|buzz|kick|zap|fright|poke|thump|tingle), (a|got a|such a|right) (belt|kick|buzz|whack|wallop|clout|bang) (off|from|out) (of )?(it|the|its), belted me, belt off, buzz off the (case|casing|chain|grille|metal|cover), pins and needles, whole arm is numb, arm went numb, fingers went numb, hand went numb, numb arm, current (through|in|up) (me|my|his|her), felt (the|some|a) (current|electricity|juice), feel (the|a|some) (current|electricity|tingle|buzz), get a (buzz|tickle|belt|tingle) (off|from|when), stromschlag, stung me, stings, is live when i touch, threw me (off|across|back), (pinched|pricked|stung|nipped|zapped|bit|kicked|shocked|buzzed|tickled) (me|him|her|us|my son|my daughter|the kids) .* (when|lean|touch|wet|metal|cabinet|case|grab|held)`,
  bites: `bit, bites, bite, bitten, stung, zaps, buzzed, buzzes, fizzed, fizzes, belted, belts, kicked, whacked, thumped, got, nipped, nips, tickled, tickles, pricks, burned through, hit, jabbed, walloped, clobbered`,
  me: `me, you, anyone, everybody, her, him, us, my, his, the wife, my wife, my husband, the kid, the kids, the dog, the cat, them, our, someone, somebody, myself`,
  body: `fingers, finger, hand, arm, elbow, wrist, knuckles, skin, hands`,
  livecase: `(case|casing|frame|cover|grille|housing|metal|chain|body) is live, live casing, live case, live metal, (case|casing|frame|cover|grille|housing|chassis) (carries|has) (current|voltage|volts|power), live (chassis|housing|cover|frame)`,
  pricetag: `(jolts|jolted|jolt) (when|as|on|at) (it |the fan )?(start*|stop*|come*|run*|spin*), jolts to a, jolts into, price, prices, bill, cost, quote, shock absorber*, shock mount*, in for a shock, shocked to (see|learn|find|hear|read), shocked at, shocked that, was shocked how, am shocked how, shock horror, culture shock, (quite|such|bit of) a shock to, shocking (price|state|noise|quality|amount|how|condition|weather), in shock at, sticker shock, shock of (the|his|her) , what a shock to, shocker, euros, dollars, heart attack, shockingly, shock proof, shockproof, mosquito*, (tingle|tingles|tingling) with (excitement|joy|anticipation|delight), dog bit, cat bit, wasp stung, bee stung, bug bites, frost bite, gave me a kick out, kicked me out, hit me with, what a shock`,
  offmains: `(disconnected|unhooked|unclipped|pulled) the (battery|supply|mains|power), battery (is |was )?(off|disconnected|unhooked|out|unclipped), (breaker|breakers|main|mains|main switch|circuit|power|electricity|current|fuse|fuses|plug|disconnect|isolator|spur) (for .*)? (is|are|was|were|'s|has been|have been)? (switched|turned|shut|flipped|put|thrown|all|definitely|completely|already)? (off|out|pulled|dead|down|isolated), (breaker|fuse) for .* (is )?off, (turned|switched|flipped|flicked|put|shut|knocked|pulled|took|killed|with|have|threw|tripped|had) .* (breaker|breakers|main|mains|circuit|power|fuse|plug|disconnect|isolator|spur) (off|out)?, unplugged, unpluged, un plugged, not plugged in, not even plugged in, plug .* pulled, pulled the (plug|fuse|disconnect|block|isolator), killed the (circuit|power|breaker|mains|electricity|juice), mains isolated, isolated at the (breaker|panel|board), all off at the panel, off at the (panel|breaker|board|fuse box|mains|consumer unit|wall socket), everything off, all breakers off, main off, disconnect block is in my pocket, disconnect (block )?(is )?(in my (pocket|hand)|pulled|out), power (is )?cut, cut the (power|mains|electricity), breaker off, power off, plug out, breakers off, fuse out, no fuse in, with the fuse out, switched the electrics off, electrics off, put off all the breakers, de energised, deenergized`,
  still: `still, yet, keeps, anyway, nonetheless, nevertheless, regardless, all the same, even so, somehow`,
  alive: `run*, spin*, turn*, going, goes, turning, on, live, alive, shows, show, showing, reads, read, reading, lights, light, glows, shines, beeps, has (power|voltage|current|volts), hot, energised, energized, volts, v, # (volts|v), #, power there, works, working, humming, hums, hum, get, gets, moving, moves, blowing, blows, there, says`,
  tester: `tester, voltage tester, test lamp, neon, meter, multimeter, stick, pen, tester lamp, screwdriver`,
  runsnow: `still (runs|running|spins|spinning|turns|turning|goes|going|works|hums|humming|on|blowing), (keeps|kept) (on )?(running|turning|spinning|going|humming|blowing), runs anyway, (kicked|came|comes|kicks) on, starts (up )?(anyway|by itself|on its own), runs on regardless`,
  clue: `clue, idea, notion`,
  fromwhere: `where from, from where, whence, where it comes from, where it is coming from, what feeds it, the source, what is feeding, where that is from, where (that|this) comes from`,
  even: `even, although, though, while, despite`,
  windturn: `wind, windy, breeze, gust, coast*, coasts, rolls on, wheels on, thermostat, winds down, slowly stops, freewheels, capacitor, charge, stored, dc`,
  waterish: `water, rain, rainwater, leak, leaks, leaking, moisture, puddle, wet, roof leak, drip, drips, dripping, dripped, condensation, flood, flooded, hose, shower, spray, sprayed, splash, splashed, steam, melt water, meltwater, spilled, spilt`,
  onto: `down, on, onto, in, into, over, through, inside, down on, round, around, at, under, behind, all over, across, from, out of, to, reached, hit, near`,
  electrics: `control board, circuit board, board, electric*, wiring, wires, wire, socket, outlet, receptacle, plug, breaker, breaker panel, panel, fuse box, switch box, switch, junction box, motor, connections, terminals, terminal, pcb, green card, the card, electronics, light fitting, fan, ceiling fan, bathroom fan, hood, extractor, blower, light fixture, fixture, cable, cables, connector, capacitor, module, inducer, heater, furnace, air handler`,
  drips: `drip, drips, dripping, dripped, leak, leaks, leaking, leaked, pours, pouring, trickl*, seep*, plip plop`,
  wetword: `wet, soaked, soaking, drenched, under water, sodden, damp, dripping wet, full of water, got wet, waterlogged, submerged, soaking wet, dripping`,
  nowater: `no water, without water, dry`,
  waterline: `water tank, wet tea towel, wet towel, like a wet,water line, waterline, ice maker, water heater, hot water, water tank, water bill, water pump, waterproof, bucket, coil above, condensate, in the floor, water valve, washing machine, dishwasher, tray`,
  breakertrips: `(trips|tripped|tripping|trip|tript|threw|throws|popped|pops|blew|knocked out) (the |a |its |my |our )?(main )?(breaker|breakers|fuse|mains|supply), (breaker|breakers|fuse|mains|supply) (has |had |just |keeps |kept )?(tripped|trips|tripping|popped|pops|blew|went)`,
  supplyplace: `wall (by|around|near|behind|at|beside) the (switch|socket|outlet|plug|breaker|panel), wire nut, wire nuts, wire connector, wire connectors, power point, powerpoint, outlet, receptacle, socket, wall socket, panel, breaker panel, fuse box, breaker, breakers, isolator, disconnect, main, mains, supply, supply (wire|wires|cable|lead|cord), house wiring, plug, plug top, power (cord|cable|lead), cord, flex, wires in the wall, meter box, consumer unit, plug goes in, junction box, service panel, distribution board, wall plate, power point, ceiling box, feed wires, mains cable, mains lead, extension (lead|cord), wall box, breaker box, power plug`,
  scorched: `scorch*, melted, melt, melts, melting, burnt, burned, burns, brown, browned, charred, char, black, blackened, singed, discolou*, discolor*, blistered, bubbled, warped, fused, hot, smoking, smells burnt, heat marks, crispy, sooty, deformed, glowing, cooked, burn mark*, burning`,
  cookstove: `measured it hot, when i measured,hot day, plug in hot, brown wire, brown lead, black wire, black lead, red black, red / black, black cat, burner panel, on the black`,
  lights: `light, lights, bulb, bulbs, lamp, lamps`,
  bulbs: `bulb, bulbs, light bulbs`,
  flare: `flare*, flare up, bright*, brighter, extra bright, dim, dims, dimmer, dimming, sink, surge, surging, glow brighter, go bright, pulsing, brown out`,
  ceilinglamp: `light kit, dimmer switch, daylight, its lamp, light bright`,
  oily: `oil, oily, oiled, oil stain*, wet with oil, greasy, oil ring, oily ring`,
  coolpipe: `joint, joints, pipe, pipes, pipe nut, copper, copper (line|lines|pipe|joint|tube|tubes|tubing), flare nut, flare, fitting, fittings, union, unions, line set, lineset, refrigerant line*, coil tube, coil, evaporator coil, coil fins, tube, tubing, schrader, service valve, suction line, liquid line, capillary`,
  coolant: `freon, refrigerant*, r 22, r22, r410a, r 410a, r32, r290, r600a, coolant, ac gas, aircon gas, cooling gas, refrigeration gas`,
  hiss: `hiss, hisses, hissing, hissed`,
  nicked: `nicked, nick, punctured, puncture, pierced, pierce, holed, poked (a hole|through), stabbed, cut (into|through), stuck the screwdriver, through a coil tube, drilled (into|through), cracked, split, scratched through, bent and cracked, made a hole, went through, pinhole, gashed, kinked`,
  mistout: `white mist, mist shot out, cold mist, gas shot out, spray shot out, cloud of (gas|white|cold), vapour shot out, vapor shot out, fog shot out`,
  undo: `undo, unscrew, disconnect, cut, loosen, open, unbolt, remove, take off, crack, unhook, saw, crimp, braze`,
  coolline: `copper (line|lines|pipe|pipes|tube|tubes), refrigerant (line|lines|pipe|pipes), line set, two copper lines, cooling pipes, gas lines of the ac, ac lines, freon lines, coil`,
  steamword: `steam, kettle, iron, snake, cat, hissing steam, hissed at, radiator, sprinkler`,
  microwave: `microwave*, micro wave*, over the range microwave, magnetron, microwav, x ray, cathode ray`,
  samecircuit: `same (circuit|plug|outlet|socket|breaker) as the microwave, microwave next to, microwave on the same, beside the microwave, microwave dinner, microwave popcorn, microwaved, like a microwave, microwave is on another, microwave on another, microwave works, microwave is fine`,
  aluminium: `aluminium, aluminum, alumnium, alu, aluminuim, alumium, aluminimum`,
  wirework: `wiring, wires, wire, wired, branch circuits, circuits, cable, cables, conductors, in the box, house wiring, twisted`,
  groundword: `earth, ground, ground wire, earth wire, grounding, earthing, ground conductor, earth conductor, ground connection, earth connection, green wire, third prong, ground pin, earth pin, bare copper`,
  bladeword: `aluminum blade*, aluminium blade*, aluminum foil, aluminium foil, aluminum tape, aluminium tape, aluminum ladder, aluminium ladder, aluminum duct, aluminium duct, alu foil, aluminum housing, aluminium grille, aluminum grille`,
  toground: `to ground, to earth, to the frame, lead to, megohm, meg, ohm, ohms, reading, reads, leak, winding, continuity, clear, on earth, above ground, off the ground, ground floor, ground coffee`,
  asbestos: `asbestos, vermiculite, zonolite, asbestus, lagging from the`,
  greylump: `gray lump*, grey lump*, pebbly, fibrous, old fibrous, white fibrous, lumpy grey, old grey fluffy, grey fluffy, sparkly pebbles`,
  insulation: `insulation, wrap, lagging, fill, pipe wrap, loft insulation`,
  rented: `rent, rented, rental, rents, renting, landlord*, landlady, tenant*, lease, leased, leasing, warranty, guarantee*, letting agent*, housing association, under guarantee, we rent, let the flat, i rent, warrantee, warrenty`,
  notrented: `rent a tool, rented a ladder, rented (a|the) (ladder|tool|van|scaffold), rental car, out of warranty, warranty (ran out|expired|is over|over|is long gone|long over), no warranty, guarantee (ran out|expired|is over), no longer under (warranty|guarantee), past its warranty`,
  unsure: `(not|am not|am really not|not really|am not really|really not|not really|not quite|not so|not very|not too|not entirely|not at all) sure (what|if i|i (should|can|want|dare)|about any|about this|of (this|what|myself)|any more|how to), would rather not touch, rather not touch, no idea what i, no clue what i, scared (to|of (it|this|electric*)), afraid (to|of (it|this|the electric*)), frightened (of|to), do not (dare|trust myself), dare not, nervous (about|touching|to), not confident, out of my depth, over my head, do not want to do harm, do not know what i am doing, not comfortable, i am no electrician and, worried (about|to) (touch|touching|doing|opening|opening it), not qualified, do not feel safe, feels unsafe, should have it open, not sure of (it|this), terrified, terrifies me, scares me, too scared`,
}
