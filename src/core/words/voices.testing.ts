/** One sentence in another's voice: machine, what it says (a list is a choice), dangers, what it does not say. */
export interface Voice {
  text: string
  family?: string | null
  must?: Record<string, string | string[]>
  stops?: string[]
  /** `observation`, or `observation=value`. */
  not?: string[]
}

const say = (text: string, rest: Omit<Voice, 'text'>): Voice => ({ text, ...rest })

/**
 * Sentences written down before the reader was asked, in the voices of a plumber's widow, a student, a farmer, a night nurse, a
 * child, somebody who learned English late. A third is held back by its place: see `voices.test.ts`.
 */
export const voices: Voice[] = [
  say('Kitchen hood has given up trying, not so much as a cough when I press the button', {
    family: 'range-hood-fan',
    must: { 'fan-state': 'dead' },
  }),
  say('The wee fan above my bath sounds like a kettle coming to the boil', {
    family: 'bath-exhaust-fan',
    must: { sound: 'squeal' },
  }),
  say('furnace kicks on, flames look nice, but no air whatsoever comes out of the registers', {
    family: 'furnace-blower',
    must: { 'air-flow': 'none' },
    stops: [],
  }),
  say('attic fan ran all summer and now it just growls at me without moving', {
    family: 'attic-vent-fan',
    must: { 'fan-state': ['dead', 'hums'] },
  }),
  say('the ceiling fan in the nursery got so lazy I can read the label on the blade', {
    family: 'ceiling-fan',
    must: { 'fan-state': 'slow' },
  }),
  say(
    'Outdoor AC unit: the fan will not move unless my boy pokes it with a chopstick, then it runs all day',
    { family: 'outdoor-unit-fan', must: { 'nudge-start': 'starts-and-runs' } },
  ),
  say('dehumidifier cuts out after about five minutes, then comes back an hour later', {
    family: 'dehumidifier-fan',
    must: { 'fan-state': ['starts-then-stops', 'intermittent'] },
  }),
  say('pellet stove blower makes a noise like somebody shaking a tin of screws', {
    family: 'pellet-stove-exhaust-blower',
    must: { sound: 'rattle' },
  }),
  say('HRV blower hums but the wheel sits perfectly still', {
    family: 'hrv-fan',
    must: { 'fan-state': 'hums' },
  }),
  say('the wall unit in our bedroom blows lukewarm air although it is set to 18', {
    family: 'mini-split-indoor-fan',
    must: { 'temperature-effect': 'warm-air-from-cooling' },
  }),
  say('I touched the metal of the range hood and it gave me a nasty tickle', {
    family: 'range-hood-fan',
    stops: ['electric-shock'],
  }),
  say('got thrown across the kitchen when I grabbed the fan', { stops: ['electric-shock'] }),
  say('smoke is pouring out of the furnace blower compartment', {
    family: 'furnace-blower',
    stops: ['fire-or-smoke'],
  }),
  say('there are flames coming out of the bathroom ceiling fan help', { stops: ['fire-or-smoke'] }),
  say('I see little blue sparks behind the grille when it starts', { stops: ['arcing'] }),
  say('something stinks of gas in the camper near the heater', {
    family: 'rv-furnace-blower',
    must: { smell: 'gas' },
    stops: ['gas-smell'],
  }),
  say('my carbon monoxide detector keeps going off whenever the furnace runs', { stops: ['co-or-soot'] }),
  say('everybody gets dizzy in the evening when the stove is on', { stops: ['co-or-soot'] }),
  say('breaker is switched off and the attic fan is still spinning, how can that be', {
    family: 'attic-vent-fan',
    stops: ['proof-failed'],
  }),
  say('every time I flip the breaker back it snaps off again', {
    must: { breaker: 'trips-again-at-once' },
    stops: ['breaker-retrips'],
  }),
  say('rain came through the roof and the ceiling fan is soaking wet', {
    family: 'ceiling-fan',
    stops: ['water-on-electrics'],
  }),
  say('the outlet behind the freezer is brown and the plug has melted', { stops: ['burnt-supply'] }),
  say('when the AC starts half our lamps go very bright and the others go dim', { stops: ['lost-neutral'] }),
  say('I poked a hole into the copper pipe of the fridge with a knife', { stops: ['refrigerant'] }),
  say('wires in this house are aluminum, the box of the ceiling fan too', {
    stops: ['aluminium-or-no-ground'],
  }),
  say('pebbly grey insulation all over the attic, somebody said vermiculite', {
    stops: ['asbestos-suspect'],
  }),
  say('it is a rented flat and the extractor squeaks', {
    must: { sound: 'squeal' },
    stops: ['rented-or-warranty'],
  }),
  say('honestly I have no idea what I am doing in here', { stops: ['not-sure'] }),
  say('no sparks, no smoke, nothing hot, it simply stopped on Tuesday', { must: { 'fan-state': 'dead' } }),
  say('the inducer rattles like mad, gets louder every single day', {
    family: 'draft-inducer',
    must: { sound: 'rattle', onset: 'grew-louder-over-weeks' },
  }),
  say('since the painters were here the bathroom fan hardly draws', {
    family: 'bath-exhaust-fan',
    must: { onset: 'after-painting-or-building-work', 'air-flow': 'weak' },
  }),
  say('after Sunday’s lightning storm the whole house fan is dead as a doornail', {
    family: 'attic-vent-fan',
    must: { onset: 'after-a-storm-or-outage', 'fan-state': 'dead' },
  }),
  say('the cellar flooded in May and the dehumidifier fan has been stiff to turn since', {
    family: 'dehumidifier-fan',
    must: { onset: 'after-water', 'free-spin': 'stiff' },
  }),
  say('blower wheel of the furnace is caked in dust and dog hair', {
    family: 'furnace-blower',
    must: { fouling: 'dirty' },
  }),
  say('a bird has built its nest in the bathroom fan', {
    family: 'bath-exhaust-fan',
    must: { fouling: 'debris' },
  }),
  say('freezer fan is frozen into a lump of ice', {
    family: 'refrigerator-evaporator-fan',
    must: { fouling: 'iced' },
  }),
  say('the milk is warm and I cannot hear the fan in the freezer', {
    family: 'refrigerator-evaporator-fan',
    must: { 'temperature-effect': 'food-warming' },
  }),
  say('belt of the whole house fan has come off and lies on the joists', {
    family: 'attic-vent-fan',
    must: { belt: 'broken' },
  }),
  say('belt is fine, not cracked, tight enough', { must: { belt: 'sound' } }),
  say('the flap outside never opens when I switch the hood on', {
    family: 'range-hood-fan',
    must: { damper: 'stuck' },
  }),
  say('duct is clear all the way, I looked through it with a torch', { must: { 'vent-path': 'clear' } }),
  say('the condensate hose of the inducer is full of slime', {
    family: 'draft-inducer',
    must: { 'drain-and-tube': 'blocked' },
  }),
  say('capacitor looks swollen on top and leaks brown oil', {
    must: { 'capacitor-look': 'bulged-or-leaking' },
  }),
  say('capacitor measures 3.1 on a 5', { must: { 'capacitor-fan-reading': 'low' } }),
  say('there is no capacitor on this motor', { must: { 'capacitor-look': 'none-fitted' } }),
  say('I measure 121 volts at the motor plug and it does not move', {
    must: { 'motor-voltage': 'normal', 'fan-state': 'dead' },
  }),
  say('nothing at the outlet, 0 volts', { must: { 'supply-voltage': 'none' } }),
  say('contactor pulls in but there are only 90 volts on the load side', {
    must: { 'contactor-position': 'pulled-in', 'contactor-output': 'low' },
  }),
  say('24 volts at the coil and the contactor stays out', {
    must: { 'control-voltage': 'present', 'contactor-position': 'not-pulled-in' },
  }),
  say('winding reads open between both leads', { must: { winding: 'open' } }),
  say('windings add up, and nothing to the frame', { must: { winding: 'good', 'to-frame': 'clear' } }),
  say('when I turn the wheel by hand it feels like there is sand in the bearing', {
    must: { 'free-spin': 'rough' },
  }),
  say('blade spins freely with one finger', { must: { 'free-spin': 'free' } }),
  say('cannot turn the shaft by hand at all', { must: { 'free-spin': 'seized' } }),
  say('the wheel rubs against the housing', { must: { 'free-spin': 'rubs' } }),
  say('shaft wobbles when I turn it', { must: { 'free-spin': 'wobbles' } }),
  say('set screw is loose, the wheel slides on the shaft', { must: { hub: 'loose' } }),
  say('one of the blades has a crack', { must: { hub: 'cracked' } }),
  say('mounting bolts are loose', { must: { mounting: 'loose' } }),
  say('the motor is so hot I cannot touch it', { must: { 'case-heat': 'too-hot-to-touch' } }),
  say('motor housing stays cold', { must: { 'case-heat': 'cold' } }),
  say('it smells like burnt plastic', { must: { smell: 'burnt' } }),
  say('nothing smells', { must: { smell: 'none' } }),
  say('only the high speed works on my ceiling fan', {
    family: 'ceiling-fan',
    must: { speeds: 'only-high' },
  }),
  say('low and medium are gone, high is fine', { must: { speeds: ['only-high', 'some-missing'] } }),
  say('none of the three speeds do anything', { must: { speeds: 'none' } }),
  say('all three speeds work', { must: { speeds: 'all' } }),
  say('fan blows the air the wrong way', { must: { 'air-flow': 'wrong-way' } }),
  say('the blower never stops, even with the thermostat off', { must: { 'fan-state': 'wont-stop' } }),
  say('comes on now and again, as it likes', { must: { 'fan-state': 'intermittent' } }),
  say('it works fine again today', { must: { 'fan-state': 'runs-normally' } }),
  say('after switching off it keeps spinning for a minute or two', { must: { 'coast-down': 'coasts-long' } }),
  say('it stops the moment I switch it off, no coasting', { must: { 'coast-down': 'stops-quickly' } }),
  say('the compressor is running but the fan on top does not turn', {
    must: { companion: 'yes', 'fan-state': 'dead' },
  }),
  say('neither the light nor the fan works', { must: { companion: 'no' } }),
  say('the gfci trips when I plug the dehumidifier in', {
    family: 'dehumidifier-fan',
    must: { breaker: 'rcd-trips' },
  }),
  say('breaker tripped once, I reset it and it held', { must: { breaker: ['tripped-once', 'on'] } }),
  say('the breaker is on', { must: { breaker: 'on' } }),
  say('mould in the corners of the bathroom', { must: { 'temperature-effect': 'damp-or-mould' } }),
  say('the house is freezing, no heat since last night', { must: { 'temperature-effect': 'no-heat' } }),
  say('brushes are worn down to stubs', { must: { 'brush-length': 'worn-short' } }),
  say('a wire has come off its terminal and the connector is burnt', {
    must: { connections: 'loose-or-burnt' },
  }),
  say('the board blinks three times, that means pressure switch open', {
    must: { 'board-code': 'pressure-switch-open' },
  }),
  say('no light on the control board', { must: { 'board-code': 'no-light' } }),
  say('it died all of a sudden while I was cooking', { must: { onset: 'suddenly', 'fan-state': 'dead' } }),
  say('my gas furnace is 12 years old and its blower squeals', {
    family: 'furnace-blower',
    must: { sound: 'squeal' },
    stops: [],
  }),
  say('the price of a new motor shocked me', { stops: [] }),
  say('let us fire it up and see', { stops: [] }),
  say('there is a smoke detector right next to the fan', { stops: [] }),
  say('my husband sparked my interest in repairs', { stops: [] }),
  say('the fan is mounted over the fireplace', { stops: [] }),
  say('I burnt dinner because the hood is so loud', { must: { 'fan-state': 'runs-noisy' }, stops: [] }),
  say('we tripped over the extension lead', { stops: [], not: ['breaker'] }),
  say('water heater next to it is fine', { stops: [] }),
  say('the aluminium grille is dented', { stops: [] }),
  say('does a ceiling fan use a lot of electricity?', { family: 'ceiling-fan', must: {}, stops: [] }),
  say('thanks, will do', { family: null, must: {}, stops: [] }),
  say('help my hood is fizzing and flashing inside', { family: 'range-hood-fan', stops: ['arcing'] }),
  say('ouch, the pull chain bit me', { stops: ['electric-shock'] }),
  say('its burning!!!', { stops: ['fire-or-smoke'] }),
  say('egg smell by the boiler', { stops: ['gas-smell'] }),
  say('plug out and the thing keeps going', { stops: ['proof-failed'] }),
  say('fuse blows as soon as i put it in', { stops: ['breaker-retrips'] }),
  say('water drips out of the light of the bathroom fan', { stops: ['water-on-electrics'] }),
  say('socket is all black and smells burnt', { stops: ['burnt-supply'] }),
  say('soot on the wall above the furnace door', { stops: ['co-or-soot'] }),
  say('oil all round the fitting of the copper line', { stops: ['refrigerant'] }),
  say('the fan never gave me a shock', { stops: ['electric-shock'] }),
  say('there was no smell of gas', { stops: ['gas-smell'] }),
  // Second round: longer, with asides, in the voices of a retired teacher, a site foreman, a teenager, somebody from Bavaria.
  say(
    'Our bathroom extractor, a cheap thing the builders put in, has begun to chirrup like a budgie and I fear for my sanity',
    { family: 'bath-exhaust-fan', must: { sound: 'squeal' } },
  ),
  say(
    'right so the loo fan comes on with the light, whirs for maybe ten seconds, then packs up till next time',
    { family: 'bath-exhaust-fan', must: { 'fan-state': ['starts-then-stops', 'intermittent'] } },
  ),
  say('Shower fan spins alright but a sheet of toilet paper just slides off the grille', {
    family: 'bath-exhaust-fan',
    must: { 'air-flow': ['none', 'weak'] },
  }),
  say(
    'the cooker hood used to drown out the telly, now you would not know it was on, and the kitchen stays full of steam',
    { family: 'range-hood-fan', must: { 'air-flow': ['weak', 'none'] } },
  ),
  say('hood: button 1 dead, button 2 dead, button 3 like a hurricane', {
    family: 'range-hood-fan',
    must: { speeds: ['only-high', 'some-missing'] },
  }),
  say(
    'I took the filter out of the kitchen hood and it was so thick with grease you could have fried chips on it',
    { family: 'range-hood-fan', must: { 'vent-path': 'blocked' } },
  ),
  say(
    'ceiling fan wobbles so badly that the glass shade rattles, and one of the four mounting screws has fallen out',
    { family: 'ceiling-fan', must: { mounting: 'loose', sound: 'rattle' } },
  ),
  say('Ceiling fan has been turning the other way since my brother in law rewired the switch', {
    family: 'ceiling-fan',
    must: { 'wiring-changed': 'yes', direction: 'wrong' },
  }),
  say('my ceiling fans light is on but the blades wont budge unless i give them a spin', {
    family: 'ceiling-fan',
    must: { companion: 'yes', 'nudge-start': 'starts-and-runs' },
  }),
  say(
    'Whole house fan: louvers clatter open, motor hums for a few seconds, breaker goes. Reset it, same again',
    { family: 'attic-vent-fan', must: { damper: 'opens' }, stops: ['breaker-retrips'] },
  ),
  say(
    'the gable fan thermostat is set to 95 and it must be 120 in there, so it ought to be on, yet there is not a sound',
    { family: 'attic-vent-fan', must: { 'should-run-now': 'yes', 'fan-state': 'dead' } },
  ),
  say('Air handler blows fine on heat but on cool it will not come on', {
    family: 'furnace-blower',
    must: { speeds: 'some-missing' },
  }),
  say('furnace blower wheel half full of cat fluff, and it shakes the whole cabinet', {
    family: 'furnace-blower',
    must: { fouling: 'dirty', hub: 'out-of-balance' },
  }),
  say('With the motor cold as a fish I read 12 ohms, last night hot it read OL', {
    must: { 'cold-retest': 'now-good' },
  }),
  say('inducer never spins up, pressure switch stays open, board flashes 3', {
    family: 'draft-inducer',
    must: { 'fan-state': 'dead', 'safety-switches': 'one-open' },
  }),
  say('water sloshes in the inducer housing, the drain hose is plugged with goop', {
    family: 'draft-inducer',
    must: { 'drain-and-tube': 'blocked' },
  }),
  say('the AC outside: compressor hums, fan stands, capacitor has a belly like an old man', {
    family: 'outdoor-unit-fan',
    must: { companion: 'yes', 'fan-state': 'dead', 'capacitor-look': 'bulged-or-leaking' },
  }),
  say('condenser fan outside turns, but backwards, I can feel it blow down', {
    family: 'outdoor-unit-fan',
    must: { direction: 'wrong' },
  }),
  say('heat pump fan outside hit by hail, one blade bent, now it shudders', {
    family: 'outdoor-unit-fan',
    must: { hub: ['out-of-balance', 'cracked'] },
  }),
  say('indoor unit of our split drips on the floor and barely blows, filter is black', {
    family: 'mini-split-indoor-fan',
    must: { 'air-flow': 'weak', 'vent-path': 'blocked' },
  }),
  say('Split head on the wall screeches for ten seconds each morning, every week a little longer', {
    family: 'mini-split-indoor-fan',
    must: { sound: 'squeal' },
  }),
  say('ice cream is soup, fan at the back of the freezer buried in frost', {
    family: 'refrigerator-evaporator-fan',
    must: { 'temperature-effect': 'food-warming', fouling: 'iced' },
  }),
  say('the little fan in the freezer hits something, tak tak tak, since I put the turkey in', {
    family: 'refrigerator-evaporator-fan',
    must: { sound: ['clicking', 'rattle'] },
  }),
  say(
    'pulled the fridge out, condenser fan underneath is wrapped in dust bunnies and will not turn by hand',
    { family: 'refrigerator-condenser-fan', must: { fouling: 'dirty', 'free-spin': 'seized' } },
  ),
  say('RV furnace: blower runs, sail switch clicks, no flame, we are freezing', {
    family: 'rv-furnace-blower',
    must: { companion: 'no', 'temperature-effect': 'no-heat' },
  }),
  say('caravan heater fan goes slow when the fridge compressor is on, battery 11.2 volts', {
    family: 'rv-furnace-blower',
    must: { 'fan-state': 'slow', 'supply-voltage': 'low' },
  }),
  say('exhaust blower on my pellet stove is howling like a wolf and the bearings feel like gravel', {
    family: 'pellet-stove-exhaust-blower',
    must: { sound: ['roar', 'grinding'], 'free-spin': 'rough' },
  }),
  say('stove fan motor so hot the label has gone brown, and it reeks of hot varnish', {
    must: { 'case-heat': 'too-hot-to-touch', smell: 'burnt' },
  }),
  say('MVHR runs day and night as it should but nothing comes out of the bedroom valve', {
    family: 'hrv-fan',
    must: { 'air-flow': 'none' },
    not: ['fan-state'],
  }),
  say('HRV core and filters washed, ducts brushed, still a weak trickle at the vents', {
    family: 'hrv-fan',
    must: { 'air-flow': 'weak', 'vent-path': 'clear' },
  }),
  say('Dehumidifier: fan fine, compressor silent, bucket stays dry', {
    family: 'dehumidifier-fan',
    must: { companion: 'no' },
  }),
  say('The dehumidifier in the crypt has fallen silent; its lamp, however, still shines', {
    family: 'dehumidifier-fan',
    must: { 'fan-state': 'dead', companion: 'yes' },
  }),
  say('box fan just vibrates, does not rotate, until one flips a blade with a ruler', {
    family: 'other-fan',
    must: { 'nudge-start': 'starts-and-runs' },
  }),
  say('desk fan hums and smells hot, blade free as anything', {
    family: 'other-fan',
    must: { 'fan-state': 'hums', smell: 'burnt', 'free-spin': 'free' },
  }),
  say('Ventilator macht nichts, only brummt', { must: { 'fan-state': ['hums', 'dead'] } }),
  say('no es ruido, no es olor, simply it does not turn', { must: { 'fan-state': 'dead' } }),
  say('it is making noise like a helicopter since we have cleaned it', { must: { sound: 'roar' } }),
  say('measured the two leads against the frame, 35 megohm each', { must: { 'to-frame': 'clear' } }),
  say('0.6 megohm from the black lead to the metal case', { must: { 'to-frame': 'leaks' } }),
  say('herm side 24 on a 30, fan side 5.1 on a 5', {
    must: { 'capacitor-other-reading': 'low', 'capacitor-fan-reading': 'within' },
  }),
  say('label on the cap says 10 uF, my meter shows 3', { must: { 'capacitor-fan-reading': 'low' } }),
  say('the motor plate wants 5 uF but somebody fitted a 7.5', {
    must: { 'capacitor-label-match': 'differs' },
  }),
  say('contactor coil 15 ohms, 26 volts on it, plunger stays up', {
    must: { 'contactor-coil': 'good', 'control-voltage': 'present', 'contactor-position': 'not-pulled-in' },
  }),
  say('238 volts into the contactor and 237 out', {
    must: { 'supply-voltage': 'normal', 'contactor-output': 'normal' },
  }),
  say('three phases 4.2 4.2 and open', { must: { 'phase-resistances': 'open' } }),
  say('opened the motor module, one disc is burnt black', { must: { 'module-look': 'burnt-part' } }),
  say('the module was full of water marks', { must: { 'module-look': 'water-marks' } }),
  say('brushes 12 mm each, so plenty', { must: { 'brush-length': 'long' } }),
  say('limit switch tested closed, rollout closed', { must: { 'safety-switches': 'closed' } }),
  say('wall switch clicks but the meter shows no continuity', { must: { 'wall-switch': 'bad' } }),
  say('nobody has been near the wiring', { must: { 'wiring-changed': 'no' } }),
  say('house is as warm as ever, nobody noticed a thing', { must: { 'temperature-effect': 'no-change' } }),
  say('belt slips and squeals on a cold start', { must: { belt: 'slipping', sound: 'squeal' } }),
  say('direct drive, so no belt to go wrong', { must: { belt: 'not-fitted' } }),
  say('no damper on this one', { must: { damper: 'not-fitted' } }),
  say('fan wheel solid on its shaft, set screw tight', { must: { hub: 'tight' } }),
  say('all the mounts are tight, I tried each', { must: { mounting: 'tight' } }),
  say('blades are as clean as the day they were made', { must: { fouling: 'clean' } }),
  say('the plug of the motor has a brown pin', { must: { connections: 'loose-or-burnt' } }),
  say('every plug and splice looks good', { must: { connections: 'sound' } }),
  say('it trips the rcd the second it starts', { must: { breaker: 'rcd-trips' } }),
  say('with the fan disconnected the breaker holds', { must: { breaker: 'holds-with-load-off' } }),
  say('with the fan disconnected the breaker trips all the same', {
    must: { breaker: 'trips-with-load-off' },
    stops: ['breaker-retrips'],
  }),
  say('reverse switch is on summer, just as I want it', { must: { 'reversing-switch': 'as-wanted' } }),
  say('board says flame lost', { must: { 'board-code': 'flame-lost' } }),
  say('does it need oil? the manual says nothing', { must: {}, stops: [] }),
  say('we had the fire brigade in for the neighbours, nothing to do with us; our fan squeaks', {
    must: { sound: 'squeal' },
    stops: [],
  }),
  say('the electrician, a bright spark, says the fan is fine', { stops: [] }),
  say('bought a smoked ham and the hood cannot cope with the smell', { family: 'range-hood-fan', stops: [] }),
  say('touched the switch plate and it prickled my fingers', { stops: ['electric-shock'] }),
  say('my son says it pinched him when he leaned on the cabinet with wet hands', {
    stops: ['electric-shock'],
  }),
  say('there was a pop and a puff of smoke, then nothing', {
    must: { 'fan-state': 'dead' },
    stops: ['fire-or-smoke'],
  }),
  say('you can see it glow red inside through the grille', { stops: ['fire-or-smoke'] }),
  say('lightning bolts inside the switch when I flick it', { stops: ['arcing'] }),
  say('smell like rotten cabbage and eggs round the cooker', { stops: ['gas-smell'] }),
  say('the gas bottle is leaking i think, it hisses and stinks', { stops: ['gas-smell'] }),
  say('we all woke with a splitting headache, the heater had run all night', { stops: ['co-or-soot'] }),
  say('black dust above the burner door and yellow flames', { stops: ['co-or-soot'] }),
  say('pulled the disconnect and the fan out there is still going round under power', {
    stops: ['proof-failed'],
  }),
  say('tester still glows although every breaker is off', { stops: ['proof-failed'] }),
  say('bath overflowed upstairs and the water came out of the light and fan', {
    stops: ['water-on-electrics'],
  }),
  say('control board is wet from the leaking coil', { stops: ['water-on-electrics'] }),
  say('wires in the wall box are black and brittle', { stops: ['burnt-supply'] }),
  say('the three pin plug got so hot it has melted on one side', { stops: ['burnt-supply'] }),
  say('one leg to neutral reads 139, the other 101', { stops: ['lost-neutral'] }),
  say('chipping the ice off I went through the tube, gas came out', { stops: ['refrigerant'] }),
  say('no ground wire in the ceiling box', { stops: ['aluminium-or-no-ground'] }),
  // Third round: a seaside landlady, a bus driver, a schoolgirl, a pharmacist.
  say('The ventilation in our bathroom has become a shadow of itself, one can barely feel it', {
    must: { 'air-flow': 'weak' },
  }),
  say('Fan in loo goes for a wee bit then gives up, ten minutes later it has another bash', {
    must: { 'fan-state': ['starts-then-stops', 'intermittent'] },
  }),
  say('hood clanks like a bucket of bolts on high only', { must: { sound: 'rattle' } }),
  say('My cooker hood just sits there glowing its lights at me, no whirr', {
    must: { companion: 'yes', 'fan-state': 'dead' },
  }),
  say('the ceiling fan grumbles on start and then is quiet', { must: { sound: 'grinding' } }),
  say('ceiling fan blades whirl free when I tap them but with the chain pulled they do nothing', {
    must: { 'free-spin': 'free', 'fan-state': 'dead' },
  }),
  say('after the roofers left, the attic fan began to scrape its shroud', {
    must: { onset: 'after-painting-or-building-work', 'free-spin': 'rubs' },
  }),
  say('our furnace blower takes an age to wind up and never really gets there', {
    must: { 'fan-state': 'slow' },
  }),
  say('heater in the camper van: fan roars, vents stone cold', {
    must: { sound: 'roar', 'temperature-effect': 'no-heat' },
  }),
  say('the inducer is caked with rust flakes and turns as if full of sand', {
    must: { 'free-spin': 'rough' },
  }),
  say('AC fan dead, breaker had flipped, I reset it once, holds now, fan still dead', {
    must: { 'fan-state': 'dead', breaker: ['tripped-once', 'on'] },
  }),
  say('mini split is blowing fine but the room will not cool', {
    must: { 'air-flow': 'strong', 'temperature-effect': 'warm-air-from-cooling' },
  }),
  say('yogurts are warm, freezer full of snow, no fan noise', {
    must: { 'temperature-effect': 'food-warming', fouling: 'iced' },
  }),
  say('the bottom fan of the fridge has a sock wound round it', { must: { fouling: 'debris' } }),
  say('pellet stove fan whistles and the vent pipe is half full of ash', {
    must: { sound: 'squeal', 'vent-path': 'blocked' },
  }),
  say('HRV is louder by the week and now one wheel wobbles', {
    must: { onset: 'grew-louder-over-weeks', 'free-spin': 'wobbles' },
  }),
  say('dehumidifier stopped the night the power flickered', {
    must: { 'fan-state': 'dead', onset: 'after-a-storm-or-outage' },
  }),
  say('tower fan trips our gfci', { must: { breaker: 'rcd-trips' } }),
  say('I get 0 V at the motor, 120 at the wall', {
    must: { 'motor-voltage': 'none', 'supply-voltage': 'normal' },
  }),
  say('the run cap tested 7.2 of 7.5', { must: { 'capacitor-fan-reading': 'within' } }),
  say('cap has blown its top', { must: { 'capacitor-look': 'bulged-or-leaking' } }),
  say('windings: 11, 14 and 25 ohms', { must: { winding: 'good' } }),
  say('no continuity through the motor', { must: { winding: 'open' } }),
  say('shaft is locked solid', { must: { 'free-spin': 'seized' } }),
  say('it only hums till I shove it with a wooden spoon', { must: { 'nudge-start': 'starts-and-runs' } }),
  say('gave it a push with a stick, no difference', { must: { 'nudge-start': 'does-nothing' } }),
  say('motor case lukewarm at most', { must: { 'case-heat': 'warm' } }),
  say('there is a burning smell from the grille', { must: { smell: 'burnt' } }),
  say('thermostat off and still it blows', { must: { 'fan-state': 'wont-stop' } }),
  say('it used to run quietly; these days it screeches', { must: { sound: 'squeal' } }),
  say('the wheel came loose on its shaft', { must: { hub: 'loose' } }),
  say('motor hangs on one bolt', { must: { mounting: 'loose' } }),
  say('spade connector melted', { must: { connections: 'loose-or-burnt' } }),
  say('flap sticks', { must: { damper: 'stuck' } }),
  say('filter spotless', { must: { 'vent-path': 'clear' } }),
  say('Someone swapped two wires last month', { must: { 'wiring-changed': 'yes' } }),
  say('air comes in instead of going out', { must: { 'air-flow': 'wrong-way' } }),
  say('speeds two and three are dead', { must: { speeds: 'some-missing' } }),
  say('works on every speed', { must: { speeds: 'all' } }),
  say('I felt electricity in my hand when I touched the frame', { stops: ['electric-shock'] }),
  say('my hair stood on end, it tickled my arm', { stops: ['electric-shock'] }),
  say('grey smoke curls out of the vents', { stops: ['fire-or-smoke'] }),
  say('it went up in flames last night', { stops: ['fire-or-smoke'] }),
  say('crackling and blue light from the wall switch', { stops: ['arcing'] }),
  say('it stinks of propane', { stops: ['gas-smell'] }),
  say('the gas detector in the motorhome is beeping', { stops: ['co-or-soot'] }),
  say('kids feel sick whenever the stove burns', { stops: ['co-or-soot'] }),
  say('I pulled the fuse and it still turns', { stops: ['proof-failed'] }),
  say('fuse blows each time', { stops: ['breaker-retrips'] }),
  say('rain dripping onto the motor', { stops: ['water-on-electrics'] }),
  say('burnt smell and brown marks at the wall socket', { stops: ['burnt-supply'] }),
  say('lamps get brighter when the blower starts', { stops: ['lost-neutral'] }),
  say('refrigerant line is oily', { stops: ['refrigerant'] }),
  say('house has aluminum wires', { stops: ['aluminium-or-no-ground'] }),
  say('fibrous old pipe wrap near it', { stops: ['asbestos-suspect'] }),
  say('I am just a tenant', { stops: ['rented-or-warranty'] }),
  say('too nervous to go on', { stops: ['not-sure'] }),
  say('no sparks seen', { stops: ['arcing'] }),
  say('the fan beside the fireplace rattles', { must: { sound: 'rattle' }, stops: [] }),
  say('sparkling clean blades', { must: { fouling: 'clean' }, stops: [] }),
  say('what a shock, forty euros for a capacitor', { stops: [] }),
  say('I smoke outside so the hood is idle', { stops: [] }),
  say('is it normal that it is warm?', { stops: [] }),
  // Fourth round, of traps: another machine, what was, what is guessed, ruled out, asked, put right.
  say("My sister's bathroom fan squeals too, but mine only hums and will not turn", {
    must: { 'fan-state': ['hums', 'dead'] },
    not: ['sound=squeal'],
  }),
  say('We had the capacitor replaced last summer; now the outdoor fan creeps', {
    must: { 'fan-state': 'slow' },
    not: ['fan-state=dead'],
  }),
  say('Not the belt, not the bearings, not the breaker: the attic fan simply refuses', {
    must: { 'fan-state': 'dead' },
    not: ['belt', 'breaker'],
  }),
  say('Is the motor dead? no. Does it hum? no. It turns, only terribly slowly', {
    must: { 'fan-state': 'slow' },
    not: ['fan-state=dead', 'sound=hum'],
  }),
  say('the old fan rattled for years; the new one is silent and strong', {
    not: ['sound=rattle', 'fan-state=dead'],
  }),
  say('I thought the bearing was gone but it spins like a top by hand', {
    must: { 'free-spin': 'free' },
    not: ['free-spin=seized'],
  }),
  say('The light works, the heater works, the fan does not', {
    must: { companion: 'yes', 'fan-state': 'dead' },
    not: ['companion=no'],
  }),
  say('fan runs, light does not', { must: { companion: 'no' }, not: ['fan-state=dead'] }),
  say('compressor dead silent, fan happily whirring', {
    must: { companion: 'no' },
    not: ['fan-state=dead', 'sound=nothing'],
  }),
  say('It has never made a noise in ten years and still does not, but there is no draught any more', {
    must: { 'air-flow': 'none' },
    not: ['sound=squeal'],
  }),
  say('first it rattled, then it screeched, and since Friday nothing at all', {
    must: { 'fan-state': 'dead' },
  }),
  say(
    'the flap outside opens and shuts fine, duct is clean, and the pull is as good as ever; what bothers me is the whine',
    {
      must: { damper: 'opens', 'vent-path': 'clear', sound: 'squeal' },
      not: ['damper=stuck', 'air-flow=weak'],
    },
  ),
  say('cleaned the wheel this morning, before that it was thick with lint', { not: ['fouling=dirty'] }),
  say('ice was all over it on Monday, I thawed it with the door open, now it turns again', {
    not: ['fouling=iced', 'fan-state=dead'],
  }),
  say('my neighbour reckons a seized bearing but I can spin it with a finger', {
    must: { 'free-spin': 'free' },
    not: ['free-spin=seized'],
  }),
  say('the set screw was loose, I tightened it, still wobbles', { not: ['hub=loose'] }),
  say('breaker never tripped, fuse whole, GFCI fine', {
    must: { breaker: 'on' },
    not: ['breaker=tripped-once', 'breaker=rcd-trips'],
  }),
  say('does not smell of anything, is not hot, makes no sound: just stands', {
    must: { 'fan-state': 'dead', smell: 'none' },
    not: ['case-heat=too-hot-to-touch'],
  }),
  say('if it gets stuck I give it a tap on the housing and it goes', {
    must: { 'nudge-start': 'starts-and-runs' },
    not: ['free-spin=seized'],
  }),
  say('It should be blowing at full speed by now and it is not even moving', {
    must: { 'fan-state': 'dead', 'should-run-now': 'yes' },
  }),
  say('bathroom fan ok again after I pulled a leaf out of the flap', {
    not: ['fouling=debris', 'damper=stuck'],
  }),
  say('The breaker is labelled fan and is on, the switch is on, the fan is off', {
    must: { breaker: 'on' },
    not: ['breaker=off'],
  }),
  say('only the lowest of three speeds works on the hood', {
    must: { speeds: 'some-missing' },
    not: ['speeds=only-high'],
  }),
  say('high speed gone, low fine', { must: { speeds: 'some-missing' }, not: ['speeds=only-high'] }),
  say('fan turns clockwise, arrow says clockwise', {
    must: { direction: 'right' },
    not: ['direction=wrong'],
  }),
  say('wheel will not come off the shaft, it turns fine though', {
    not: ['fan-state=dead', 'free-spin=seized'],
  }),
  say('screws are rusted solid, I cannot get the cover off', {
    not: ['free-spin=seized', 'capacitor-look=rusty-terminals'],
  }),
  say('there is a dead mouse in the duct', { must: { 'vent-path': 'blocked' }, not: ['fan-state=dead'] }),
  say('motor warm as it always is', { must: { 'case-heat': 'warm' }, not: ['case-heat=too-hot-to-touch'] }),
  say('hood takes away the smell of fish quite well, only it is loud', {
    must: { 'fan-state': 'runs-noisy' },
    not: ['smell=burnt', 'temperature-effect'],
  }),
  say('the fan was dead this morning, then it came back on its own, now it is dead again', {
    must: { 'fan-state': ['intermittent', 'dead'] },
  }),
  say('water bottle leaked in the fridge, not near the fan', { not: ['onset=after-water', 'danger-signs'] }),
  say('the dehumidifier bucket is full of water so it stopped, as it should', {
    must: { 'should-run-now': 'normal-pause' },
    not: ['danger-signs'],
  }),
  say('it starts slow but gets up to full speed after a minute', { not: ['fan-state=dead'] }),
  say('replaced the light bulb in the hood, fan still hums without turning', {
    must: { 'fan-state': 'hums' },
    not: ['onset=after-a-repair'],
  }),
  say('plug is in, socket has power, 231 V', {
    must: { 'supply-voltage': 'normal' },
    not: ['supply-voltage=high'],
  }),
  say('240 volt motor, I read 238 at its terminals', { must: { 'motor-voltage': 'normal' } }),
  say('meter shows 0.00 on the capacitor, it says 4 uF', { must: { 'capacitor-fan-reading': 'open' } }),
  say('ohms: 22 between black and white, OL to the frame', {
    must: { 'to-frame': 'clear' },
    not: ['winding=open'],
  }),
  say('no reading between any two wires of the motor', { must: { winding: 'open' } }),
  say('the hub is cracked but still tight', { must: { hub: 'cracked' }, not: ['hub=tight'] }),
  say('the grille rattles when I touch it, the fan itself is quiet', {
    not: ['sound=rattle', 'fan-state=dead'],
  }),
  say('the thermostat clicks, the furnace lights, the blower never starts', {
    must: { companion: 'yes', 'fan-state': 'dead' },
    not: ['sound=clicking'],
  }),
  say('how do I find out whether the capacitor is dead?', {
    not: ['fan-state', 'capacitor-fan-reading', 'capacitor-look'],
  }),
  say('could a bad capacitor make it hum?', { not: ['fan-state', 'sound', 'capacitor-look'] }),
  say('what does it mean when a fan squeals', { not: ['sound'] }),
  say('I want to replace my range hood with a quieter one', { not: ['fan-state', 'sound', 'onset'] }),
  say('looking for a motor, 1/8 hp, 1550 rpm', { not: ['supply-voltage', 'motor-voltage'] }),
  say('it is 30 degrees in here and the AC blows warm', {
    must: { 'temperature-effect': 'warm-air-from-cooling' },
    not: ['supply-voltage'],
  }),
  say('moved into the house in March, the attic fan has not run since', { must: { 'fan-state': 'dead' } }),
  say('blower works on heat, on cool it is dead', { must: { speeds: 'some-missing' } }),
  say('windows run with water every morning', {
    must: { 'temperature-effect': 'damp-or-mould' },
    not: ['danger-signs'],
  }),
  // Fifth round: dangers in few words, in slang and in other tongues, and what only sounds like them.
  say('i leaned on the furnace door n it bit me', { stops: ['electric-shock'] }),
  say('wife got a shock from hood when she wiped it', { stops: ['electric-shock'] }),
  say('dad says theres electricity on the metal box', { stops: ['electric-shock'] }),
  say('grabbed the pull chain and my arm went numb', { stops: ['electric-shock'] }),
  say('little tingles when barefoot near the dehumidifier', { stops: ['electric-shock'] }),
  say('it shocks the dog', { stops: ['electric-shock'] }),
  say('me dio corriente al tocar la campana', { stops: ['electric-shock'] }),
  say('Ventilator hat mir eine gewischt', { stops: ['electric-shock'] }),
  say('smokes like a chimney when switched on', { stops: ['fire-or-smoke'] }),
  say('a bit of smoke, then it was fine', { stops: ['fire-or-smoke'] }),
  say('the plastic is burning!', { stops: ['fire-or-smoke'] }),
  say('flames behind the grille', { stops: ['fire-or-smoke'] }),
  say('something in the motor glows orange', { stops: ['fire-or-smoke'] }),
  say('hood caught fire, put it out with a blanket', { stops: ['fire-or-smoke'] }),
  say('sparx fly from the brushless motor plug', { stops: ['arcing'] }),
  say('zap zap blue flashes in the disconnect box', { stops: ['arcing'] }),
  say('the switch crackles and lights up inside', { stops: ['arcing'] }),
  say('electric arcs between the contacts, loud bang', { stops: ['arcing'] }),
  say('smells gassy in the basement', { stops: ['gas-smell'] }),
  say('is that gas i smell?', { stops: ['gas-smell'] }),
  say('strong odour of propane around caravan', { stops: ['gas-smell'] }),
  say('gas leek at the heater', { stops: ['gas-smell'] }),
  say('carbon monoxide thing is screaming', { stops: ['co-or-soot'] }),
  say('CO meter shows 80 ppm', { stops: ['co-or-soot'] }),
  say('my head aches whenever the boiler runs', { stops: ['co-or-soot'] }),
  say('black soot round the flue', { stops: ['co-or-soot'] }),
  say('flames lick out at the bottom', { stops: ['co-or-soot', 'fire-or-smoke'] }),
  say('switched the breaker off, fan is still going', { stops: ['proof-failed'] }),
  say('unplugged and still humming', { stops: ['proof-failed'] }),
  say('power is off at the panel but my tester beeps', { stops: ['proof-failed'] }),
  say('i turned every breaker off and there is still 120 on the wires', { stops: ['proof-failed'] }),
  say('breaker wont stay on', { stops: ['breaker-retrips'] }),
  say('trips again as soon as I push it in', { stops: ['breaker-retrips'] }),
  say('blows fuses one after another', { stops: ['breaker-retrips'] }),
  say('third fuse gone', { stops: ['breaker-retrips'] }),
  say('water is running out of the ceiling fan', { stops: ['water-on-electrics'] }),
  say('the control board got soaked', { stops: ['water-on-electrics'] }),
  say('puddle in the junction box', { stops: ['water-on-electrics'] }),
  say('outlet is melted and black', { stops: ['burnt-supply'] }),
  say('breaker is hot and smells burnt', { stops: ['burnt-supply'] }),
  say('cord got hot and brown at the plug', { stops: ['burnt-supply'] }),
  say('lights go bright then dim when fan starts', { stops: ['lost-neutral'] }),
  say('I drilled into a refrigerant line', { stops: ['refrigerant'] }),
  say('hissing from the coil of the AC', { stops: ['refrigerant'] }),
  say('it is the fan in a micro wave oven', { stops: ['sealed-high-voltage'] }),
  say('no earth in this house', { stops: ['aluminium-or-no-ground'] }),
  say('two prong outlets, no ground anywhere', { stops: ['aluminium-or-no-ground'] }),
  say('old asbestos wrap on the ducts', { stops: ['asbestos-suspect'] }),
  say('still under guarantee till may', { stops: ['rented-or-warranty'] }),
  say('im scared to touch it', { stops: ['not-sure'] }),
  say('gas furnace blower hums', { stops: [] }),
  say('smoke detector battery chirps', { stops: [] }),
  say('the fireplace is next to it', { stops: [] }),
  say('fire up the fan', { stops: [] }),
  say('sparkling new', { stops: [] }),
  say('shock absorbers of the mount are worn', { stops: [] }),
  say('the wind turns the fan when it is off', { stops: [] }),
  say('thermostat off and the fan runs on for a minute', { stops: [] }),
  say('breaker tripped once last year', { stops: [] }),
  say('water drains from the hose as it should', { stops: [] }),
  say('brown wire on L', { stops: [] }),
  say('black wire goes to C', { stops: [] }),
  say('copper pipe is cold', { stops: [] }),
  say('my aluminium ladder', { stops: [] }),
  say('I am sure it is the bearing', { stops: [] }),
  say('hot day today', { stops: [] }),
  say('light kit is dim', { stops: [] }),
  say('it burns a lot of electricity', { stops: [] }),
  say('ground floor bathroom fan', { stops: [] }),
  say('the microwave is on another circuit', { stops: [] }),
  // Sixth round: as most people type, in few words.
  say('my bath fan is really loud lately', {
    family: 'bath-exhaust-fan',
    must: { 'fan-state': 'runs-noisy' },
  }),
  say('bathroom vent fan not working, light works', {
    family: 'bath-exhaust-fan',
    must: { 'fan-state': 'dead', companion: 'yes' },
  }),
  say('range hood fan makes grinding noise', { family: 'range-hood-fan', must: { sound: 'grinding' } }),
  say('range hood only works on low', { family: 'range-hood-fan', must: { speeds: 'some-missing' } }),
  say('ceiling fan stopped spinning but hums', { family: 'ceiling-fan', must: { 'fan-state': 'hums' } }),
  say('ceiling fan runs slow on high', { family: 'ceiling-fan', must: { 'fan-state': 'slow' } }),
  say('ceiling fan wobbling', { family: 'ceiling-fan', must: {} }),
  say('attic fan runs but thermostat never turns it off', {
    family: 'attic-vent-fan',
    must: { 'fan-state': 'wont-stop' },
  }),
  say('furnace blower runs constantly', { family: 'furnace-blower', must: { 'fan-state': 'wont-stop' } }),
  say('furnace fan wont shut off', { family: 'furnace-blower', must: { 'fan-state': 'wont-stop' } }),
  say('blower motor hums then trips breaker', {
    family: 'furnace-blower',
    must: { breaker: ['tripped-once', 'trips-again-at-once'] },
  }),
  say('inducer motor loud', { family: 'draft-inducer', must: { 'fan-state': 'runs-noisy' } }),
  say('inducer fan starts and stops', {
    family: 'draft-inducer',
    must: { 'fan-state': ['intermittent', 'starts-then-stops'] },
  }),
  say('ac fan not spinning', { family: 'outdoor-unit-fan', must: { 'fan-state': 'dead' } }),
  say('outside ac unit fan not turning but compressor humming', {
    family: 'outdoor-unit-fan',
    must: { 'fan-state': 'dead', companion: 'yes' },
  }),
  say('condenser fan runs slow and hot', { family: 'outdoor-unit-fan', must: { 'fan-state': 'slow' } }),
  say('mini split fan noise clicking', { family: 'mini-split-indoor-fan', must: { sound: 'clicking' } }),
  say('mini split not blowing air', { family: 'mini-split-indoor-fan', must: { 'air-flow': 'none' } }),
  say('freezer fan making noise', {
    family: 'refrigerator-evaporator-fan',
    must: { 'fan-state': 'runs-noisy' },
  }),
  say('fridge not cooling, freezer fan not running', {
    family: 'refrigerator-evaporator-fan',
    must: { 'fan-state': 'dead', 'temperature-effect': 'food-warming' },
  }),
  say('condenser fan under the fridge is full of dust', {
    family: 'refrigerator-condenser-fan',
    must: { fouling: 'dirty' },
  }),
  say('rv furnace blower slow', { family: 'rv-furnace-blower', must: { 'fan-state': 'slow' } }),
  say('rv furnace fan runs but no heat', {
    family: 'rv-furnace-blower',
    must: { 'temperature-effect': 'no-heat' },
  }),
  say('pellet stove exhaust fan squealing', {
    family: 'pellet-stove-exhaust-blower',
    must: { sound: 'squeal' },
  }),
  say('hrv not moving air', { family: 'hrv-fan', must: { 'air-flow': 'none' } }),
  say('dehumidifier fan runs but no water', { family: 'dehumidifier-fan', must: {} }),
  say('dehumidifier not running', { family: 'dehumidifier-fan', must: { 'fan-state': 'dead' } }),
  say('box fan wont turn unless pushed', { family: 'other-fan', must: { 'nudge-start': 'starts-and-runs' } }),
  say('tower fan squeaks', { family: 'other-fan', must: { sound: 'squeal' } }),
  say('new capacitor but still slow', { must: { 'fan-state': 'slow' } }),
  say('motor gets hot and stops', { must: { 'fan-state': 'starts-then-stops' } }),
  say('blades hit the housing', { must: { 'free-spin': 'rubs' } }),
  say('the fan blade is cracked', { must: { hub: 'cracked' } }),
  say('belt keeps slipping off', { must: { belt: ['slipping', 'broken'] } }),
  say('smells like something burning when it runs', { must: { smell: 'burnt' } }),
  say('fan works sometimes', { must: { 'fan-state': 'intermittent' } }),
  say('doesnt start when hot', { must: {} }),
  say('capacitor bulging', { must: { 'capacitor-look': 'bulged-or-leaking' } }),
  say('vent flap stuck', { must: { damper: 'stuck' } }),
  say('duct clogged with lint', { must: { 'vent-path': 'blocked' } }),
  say('no power at the outlet', { must: { 'supply-voltage': 'none' } }),
  say('bearing seized', { must: { 'free-spin': 'seized' } }),
  say('shaft has play', { must: { 'free-spin': 'wobbles' } }),
  say('wheel is loose on shaft', { must: { hub: 'loose' } }),
  say('fan spins backwards', { must: { 'fan-state': 'runs-backwards' } }),
]
