import type { FamilyId } from './vocabulary'

/** A switch that breaks the wrong wire, and a second circuit that nobody thinks of. */
const CEILING_NOTE =
  'A fan that is switched off can still be live: its switch may cut the wrong wire, or its light hangs on a second breaker. Count the circuits, and prove each.'

/** What is kept in mind at the points of each family: read where they are opened, so kept out of a job's first load. */
export const isolationNotes: Record<FamilyId, string[]> = {
  'bath-exhaust-fan': [CEILING_NOTE],
  'range-hood-fan': [CEILING_NOTE],
  'ceiling-fan': [
    CEILING_NOTE,
    'Weight overhead: a stable ladder, and a second person to take the fan down.',
  ],
  'attic-vent-fan': [
    CEILING_NOTE,
    'Dust mask, and watch where you tread. Grey lumpy or fibrous insulation may hold asbestos: do not disturb it.',
  ],
  'furnace-blower': [
    'The gas cock is shut when combustion parts, a gas line or the flue are touched. Electric heat has two or more breakers: all off, each feed proved.',
    'A condensing unit holds water in its hoses and trap.',
  ],
  'draft-inducer': [
    'The inducer moves flue gas: gas shut, and every joint made good again.',
    'A condensing unit holds water in its hoses and trap.',
  ],
  'outdoor-unit-fan': [
    'One of its two supply wires may stay live while it stands still. Disconnect and breaker make it dead; where the supply enters the disconnect it stays live until the breaker is off.',
    'The thin 24 V wires come from indoors and stay live when the disconnect is out. Switch the indoor breaker off before you touch them.',
    'If the wind turns the fan, block its blade with a dry stick through the guard first.',
  ],
  'mini-split-indoor-fan': [
    'Some indoor units have a supply of their own and feed the outdoor one.',
    'The fan plug carries high DC. Never plug or unplug it under power.',
  ],
  'refrigerator-evaporator-fan': [
    'Read the label: R600a, R290 or R32 is flammable. No flame, heat gun or sharp tool comes near the coil. Thaw ice by the open door or warm water and never chip it. If a tube is nicked, touch no plug and no switch in the room, open doors and windows, and go out.',
  ],
  'refrigerator-condenser-fan': [
    'Read the label: R600a, R290 or R32 is flammable. If a tube is nicked, touch no plug and no switch in the room, open doors and windows, and go out.',
  ],
  'rv-furnace-blower': ['A battery circuit has no harmless induced band: anything of 1 V or more is live.'],
  'pellet-stove-exhaust-blower': ['Let the fire burn out first, then pull the plug.'],
  'hrv-fan': [],
  'dehumidifier-fan': [
    'Read the label: R290 or R32 is flammable. If a tube is nicked, touch no plug and no switch in the room, open doors and windows, and go out.',
  ],
  'other-fan': ['Add or strike points until the list is that of your machine.'],
}
