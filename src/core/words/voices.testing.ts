/** One sentence in another's voice: machine, what it says (a list is a choice), dangers, what it does not say. */
export interface Voice {
  text: string
  family?: string | null
  must?: Record<string, string | string[]>
  stops?: string[]
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
  say('fan blows the air the wrong way', { must: { direction: 'wrong' } }),
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
]
